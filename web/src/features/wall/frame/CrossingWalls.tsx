import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField, MaybeLengthField } from "../../../components/Field";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { EditedList } from "./EditedList";
import { studChoices } from "./studs";

type Options = Schemas["AnsweredFramingOptions"];
type Partition = Schemas["Partition"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** Walls that meet this one from the inside: where, how deep, and what they are nailed to. */
export function CrossingWalls({ options, change }: Props) {
  const { say } = useSpeech();
  const walls = options.partitions ?? [];
  const replace = (index: number, part: Partial<Partition>) =>
    change({ partitions: walls.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <EditedList
      legend={say("page-walls-that-meet-it-from-the-inside")}
      all={walls}
      keep={(left) => void change({ partitions: left })}
      more={say("page-a-wall-meets-it")}
      fields={(wall, index) => (
        <>
          <LengthField
            label={say("page-center-of-wall", { index: index + 1 })}
            length={wall.at}
            save={(at) => replace(index, { at })}
          />
          <ChoiceList
            label={say("page-its-studs")}
            value={wall.depth as "four" | "six" | "eight"}
            options={studChoices(options.sawn)}
            choose={(depth) => void replace(index, { depth })}
          />
          <ChoiceList
            label={say("page-it-is-nailed-to")}
            value={wall.backing ?? "channel"}
            options={[
              { value: "channel", label: say("page-a-channel-of-three-studs") },
              { value: "ladder_blocks", label: say("page-ladder-blocks") },
            ]}
            choose={(backing) => void replace(index, { backing })}
          />
          <ChoiceList
            label={say("page-its-top-plate")}
            value={wall.laps_in ? "laps" : "butts"}
            options={[
              { value: "butts", label: say("page-ends-at-this-wall") },
              { value: "laps", label: say("page-laps-into-this-walls") },
            ]}
            choose={(value) => void replace(index, { laps_in: value === "laps" })}
          />
        </>
      )}
      fresh={(done) => (
        <>
          <MaybeLengthField
            label={say("page-center-of-the-new-wall")}
            hint={say("page-it-is-kept-when-its-place-is")}
            length={undefined}
            save={async (at) => {
              if (at === null) return say("page-write-its-place");
              const refusal = await change({
                partitions: [...walls, { at, depth: "four" }],
              });
              if (refusal === undefined) done();
              return refusal;
            }}
          />
        </>
      )}
    />
  );
}
