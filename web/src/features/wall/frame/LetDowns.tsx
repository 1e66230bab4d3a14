import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { ChoiceRow, LengthField, MaybeLengthField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { EditedList } from "./EditedList";

type Options = Schemas["AnsweredFramingOptions"];
type LetDown = Options["let_downs"][number];
type Sent = Schemas["LetDown"];

interface Props {
  readonly options: Options;
  /** How high the wall is over its plates. */
  readonly wallHeight: number;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** Stretches over which the top plates are let down, under a duct or a beam. */
export function LetDowns({ options, wallHeight, change }: Props) {
  const { say } = useSpeech();
  const all: readonly LetDown[] = options.let_downs;
  const replace = (index: number, part: Partial<Sent>) =>
    change({ let_downs: all.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <EditedList
      legend={say("page-where-the-plates-are-let-down")}
      all={all}
      keep={(left) => void change({ let_downs: left })}
      more={say("page-let-the-plates-down")}
      fields={(each, index) => (
        <>
          <LengthField
            label={say("page-begins-at")}
            length={each.from}
            input="let-down-from"
            save={(from) => replace(index, { from })}
          />
          <LengthField
            label={say("page-ends-at")}
            length={each.to}
            input="let-down-to"
            save={(to) => replace(index, { to })}
          />
          <Height each={each} change={(height) => replace(index, { height })} />
          <ChoiceRow
            label={say("page-over-its-studs")}
            value={each.plates === 1 ? "one" : "two"}
            options={[
              { value: "two", label: say("page-two-plates") },
              { value: "one", label: say("page-one-flat-plate") },
            ]}
            choose={(plates) => void replace(index, { plates: plates === "one" ? 1 : 2 })}
          />
        </>
      )}
      fresh={(done) => (
        <Fresh
          keep={async (from, to) => {
            const height = { by: "over_plates", over: wallHeight - USUAL_STEP } as const;
            const refusal = await change({ let_downs: [...all, { from, to, height, plates: 2 }] });
            if (refusal === undefined) done();
            return refusal;
          }}
        />
      )}
    />
  );
}

interface FreshProps {
  readonly keep: (from: string, to: string) => Promise<Words | undefined>;
}

/** Both ends of another stretch; it is kept with the second. */
function Fresh({ keep }: FreshProps) {
  const { say } = useSpeech();
  const [from, setFrom] = useState<string>();
  return (
    <>
      <MaybeLengthField
        label={say("page-begins-at")}
        length={undefined}
        save={async (written) => {
          setFrom(written ?? undefined);
          return undefined;
        }}
      />
      <MaybeLengthField
        label={say("page-ends-at")}
        hint={say("page-it-is-kept-when-its-end-is-written")}
        length={undefined}
        save={async (to) =>
          to === null || from === undefined ? say("page-write-both-ends") : keep(from, to)
        }
      />
    </>
  );
}

/** How much a duct usually takes. */
const USUAL_STEP = 12 * NM_PER_INCH;
/** What is left over plates under what was measured. */
const CLEARANCE = NM_PER_INCH / 2;

interface HeightProps {
  readonly each: LetDown;
  readonly change: (height: Sent["height"]) => Promise<Words | undefined>;
}

/** Given over the plates, or measured under what hangs there. */
function Height({ each, change }: HeightProps) {
  const { say } = useSpeech();
  const { height } = each;
  return (
    <>
      <ChoiceRow
        label={say("page-its-height-is")}
        value={height.by}
        options={[
          { value: "over_plates", label: say("page-given") },
          { value: "under", label: say("page-measured") },
        ]}
        choose={(by) => {
          if (by === height.by) return;
          void change(
            height.by === "under"
              ? { by: "over_plates", over: height.measured - height.clearance }
              : { by: "under", measured: height.over + CLEARANCE, clearance: CLEARANCE },
          );
        }}
      />
      {height.by === "over_plates" ? (
        <LengthField
          label={say("page-over-its-plates")}
          style="inches"
          length={height.over}
          input="let-down-height"
          save={(over) => change({ by: "over_plates", over })}
        />
      ) : (
        <span className="grid grid-cols-2 gap-2">
          <LengthField
            label={say("page-underside")}
            style="inches"
            length={height.measured}
            input="let-down-measured"
            save={(measured) => change({ ...height, measured })}
          />
          <LengthField
            label={say("page-left-over-it")}
            style="inches"
            length={height.clearance}
            input="let-down-clearance"
            save={(clearance) => change({ ...height, clearance })}
          />
        </span>
      )}
    </>
  );
}
