import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField, MaybeLengthField } from "../../../components/Field";
import { useSpeech, type Words } from "../../../speech/useSpeech";
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
  const [fresh, setFresh] = useState(false);
  const replace = (index: number, part: Partial<Partition>) =>
    change({ partitions: walls.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <fieldset>
      <legend className="ruled w-full">{say("page-walls-that-meet-it-from-the-inside")}</legend>
      {walls.map((wall, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a crossing wall has no name but its place
        <div key={index} className="mt-2 grid gap-2 border-base-300 border-l-4 pl-3 sm:grid-cols-2">
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
          <button
            type="button"
            className="btn btn-ghost tap justify-self-start sm:col-span-2 font-normal"
            onClick={() => void change({ partitions: walls.filter((_, place) => place !== index) })}
          >
            {say("page-take-it-away")}
          </button>
        </div>
      ))}
      {fresh ? (
        <div className="mt-2 grid gap-2 bg-base-200 p-3 sm:grid-cols-2">
          <MaybeLengthField
            label={say("page-center-of-the-new-wall")}
            hint={say("page-it-is-kept-when-its-place-is")}
            length={undefined}
            save={async (at) => {
              if (at === null) return say("page-write-its-place");
              const refusal = await change({
                partitions: [...walls, { at, depth: "four" }],
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
            {say("page-leave-it")}
          </button>
        </div>
      ) : (
        <button type="button" className="btn tap mt-2 font-normal" onClick={() => setFresh(true)}>
          {say("page-a-wall-meets-it")}
        </button>
      )}
    </fieldset>
  );
}
