import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField } from "../../../components/Field";
import { nanometers } from "../../../lib/length";
import { studChoices } from "./studs";

type Options = Schemas["FramingOptions"];
type Partition = Schemas["Partition"];

interface Props {
  readonly options: Options;
  readonly wallLength: number;
  readonly change: (part: Partial<Options>) => Promise<string | undefined>;
}

/** Walls that meet this one from the inside: where, how deep, and what they are nailed to. */
export function CrossingWalls({ options, wallLength, change }: Props) {
  const walls = options.partitions ?? [];
  const replace = (index: number, part: Partial<Partition>) =>
    change({ partitions: walls.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <fieldset>
      <legend className="ruled w-full">Walls that meet it from the inside</legend>
      {walls.map((wall, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a crossing wall has no name but its place
        <div key={index} className="mt-2 grid gap-2 border-base-300 border-l-4 pl-3 sm:grid-cols-2">
          <LengthField
            label={`Center of wall ${index + 1}`}
            length={nanometers(wall.partition_at)}
            save={(partition_at) => replace(index, { partition_at })}
          />
          <ChoiceList
            label="Its studs"
            value={wall.partition_depth as "four" | "six" | "eight"}
            options={studChoices(options.sawn)}
            choose={(partition_depth) => void replace(index, { partition_depth })}
          />
          <ChoiceList
            label="It is nailed to"
            value={wall.backing ?? "channel"}
            options={[
              { value: "channel", label: "A channel of three studs" },
              { value: "ladder_blocks", label: "Ladder blocks" },
            ]}
            choose={(backing) => void replace(index, { backing })}
          />
          <ChoiceList
            label="Its top plate"
            value={wall.laps_in ? "laps" : "butts"}
            options={[
              { value: "butts", label: "Ends at this wall" },
              { value: "laps", label: "Laps into this wall's" },
            ]}
            choose={(value) => void replace(index, { laps_in: value === "laps" })}
          />
          <button
            type="button"
            className="btn btn-ghost tap justify-self-start sm:col-span-2 font-normal"
            onClick={() => void change({ partitions: walls.filter((_, place) => place !== index) })}
          >
            Take it away
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn tap mt-2 font-normal"
        onClick={() =>
          void change({
            partitions: [...walls, { partition_at: Math.round(wallLength / 2), partition_depth: "four" }],
          })
        }
      >
        A wall meets it
      </button>
    </fieldset>
  );
}
