import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField, MaybeLengthField } from "../../../components/Field";
import { nanometers } from "../../../lib/length";
import { studChoices } from "./studs";

type Options = Schemas["FramingOptions"];
type Partition = Schemas["Partition"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Options>) => Promise<string | undefined>;
}

/** Walls that meet this one from the inside: where, how deep, and what they are nailed to. */
export function CrossingWalls({ options, change }: Props) {
  const walls = options.partitions ?? [];
  const [fresh, setFresh] = useState(false);
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
      {fresh ? (
        <div className="mt-2 grid gap-2 bg-base-200 p-3 sm:grid-cols-2">
          <MaybeLengthField
            label="Center of the new wall"
            hint="it is kept when its place is typed"
            length={undefined}
            save={async (partition_at) => {
              if (partition_at === null) return "Write its place.";
              const refusal = await change({
                partitions: [...walls, { partition_at, partition_depth: "four" }],
              });
              if (refusal === undefined) setFresh(false);
              return refusal;
            }}
          />
          <button
            type="button"
            className="btn btn-ghost tap self-end font-normal"
            onClick={() => setFresh(false)}
          >
            Leave it
          </button>
        </div>
      ) : (
        <button type="button" className="btn tap mt-2 font-normal" onClick={() => setFresh(true)}>
          A wall meets it
        </button>
      )}
    </fieldset>
  );
}
