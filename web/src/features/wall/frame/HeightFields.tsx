import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";

type Frame = Schemas["AnsweredWallFrame"];
type HeightBy = Schemas["HeightBy"];
type Given = Frame["framing"]["height_by"];

interface Props {
  readonly frame: Frame;
  readonly change: (part: Partial<Schemas["WallFrame"]>) => Promise<Words | undefined>;
  readonly giveBy: (height: HeightBy) => Promise<Words | undefined>;
}

const WAYS = [
  { value: "over_plates", label: { id: "page-over-all-plates" } },
  { value: "studs", label: { id: "page-by-its-studs-precut-or-whole" } },
  { value: "room", label: { id: "page-a-room-measured-at-both-ends" } },
  { value: "rake", label: { id: "page-a-rake-lean-to-or-gable" } },
] as const;

const PRECUTS = [92.625, 104.625, 116.625] as const;

/** How high the wall is, in the way it is known. */
export function HeightFields({ frame, change, giveBy }: Props) {
  const { say } = useSpeech();
  const by = frame.framing.height_by;
  const now = frame.height;
  const start = (way: HeightBy["by"]): HeightBy => {
    switch (way) {
      case "over_plates":
        return { by: way };
      case "studs":
        return { by: way, length: PRECUTS[0] * NM_PER_INCH };
      case "room":
        return {
          by: way,
          left: now + NM_PER_INCH,
          right: now + NM_PER_INCH,
          clearance: NM_PER_INCH,
        };
      case "rake":
        return { by: way, left: now, right: now + 12 * NM_PER_INCH, peak: null };
    }
  };
  return (
    <div className="grid gap-3">
      <ChoiceList
        label={say("page-the-height-is-known")}
        value={by.by}
        options={WAYS}
        choose={(way) => void giveBy(start(way))}
      />
      {by.by === "over_plates" && (
        <LengthField
          label={say("page-height-over-all-plates")}
          style="inches"
          input="wall-height"
          hint={say("page-97-1-8-with-92-5-8", {
            first: { length: 97.125 * NM_PER_INCH },
            first_stud: { length: 92.625 * NM_PER_INCH },
            second: { length: 109.125 * NM_PER_INCH },
            second_stud: { length: 104.625 * NM_PER_INCH },
          })}
          length={now}
          save={(height) => change({ height })}
        />
      )}
      {by.by === "studs" && <StudLength length={by.length} giveBy={giveBy} />}
      {by.by === "room" && (
        <div className="grid grid-cols-3 gap-3">
          <LengthField
            label={say("page-at-the-left-end")}
            style="inches"
            length={by.left}
            input="room-left"
            save={(left) => giveBy({ ...by, left })}
          />
          <LengthField
            label={say("page-at-the-right-end")}
            style="inches"
            length={by.right}
            input="room-right"
            save={(right) => giveBy({ ...by, right })}
          />
          <LengthField
            label={say("page-left-over-it")}
            style="inches"
            hint={say("page-to-tip-it-up")}
            length={by.clearance}
            input="clearance"
            save={(clearance) => giveBy({ ...by, clearance })}
          />
        </div>
      )}
      {by.by === "rake" && <RakeFields rake={by} wallLength={frame.length} giveBy={giveBy} />}
    </div>
  );
}

interface StudProps {
  readonly length: number;
  readonly giveBy: Props["giveBy"];
}

function StudLength({ length, giveBy }: StudProps) {
  const { say } = useSpeech();
  return (
    <div className="grid grid-cols-2 gap-3">
      <LengthField
        label={say("page-studs-cut-to")}
        style="inches"
        hint={say("page-precut", {
          first: { length: PRECUTS[0] * NM_PER_INCH },
          second: { length: PRECUTS[1] * NM_PER_INCH },
          third: { length: PRECUTS[2] * NM_PER_INCH },
        })}
        length={length}
        input="stud-length"
        save={(length) => giveBy({ by: "studs", length })}
      />
      <div className="flex items-start gap-1 pt-5">
        {PRECUTS.map((precut, index) => (
          <button
            key={precut}
            type="button"
            className="btn tap flex-1 px-1 font-normal"
            aria-pressed={length === precut * NM_PER_INCH}
            onClick={() => void giveBy({ by: "studs", length: precut * NM_PER_INCH })}
          >
            {say("page-ft", { index: 8 + index })}
          </button>
        ))}
      </div>
    </div>
  );
}

interface RakeProps {
  readonly rake: Extract<Given, { by: "rake" }>;
  readonly wallLength: number;
  readonly giveBy: Props["giveBy"];
}

function RakeFields({ rake, wallLength, giveBy }: RakeProps) {
  const { say } = useSpeech();
  const { peak } = rake;
  const highest = Math.max(rake.left, rake.right);
  return (
    <div className="grid grid-cols-2 gap-3">
      <LengthField
        label={say("page-over-the-plates-at-the-left-end")}
        style="inches"
        length={rake.left}
        input="rake-left"
        save={(left) => giveBy({ ...rake, left })}
      />
      <LengthField
        label={say("page-over-the-plates-at-the-right-end")}
        style="inches"
        length={rake.right}
        input="rake-right"
        save={(right) => giveBy({ ...rake, right })}
      />
      {peak && (
        <>
          <LengthField
            label={say("page-peak-from-the-left-end")}
            length={peak.at}
            save={(at) => giveBy({ ...rake, peak: { ...peak, at } })}
          />
          <LengthField
            label={say("page-peak-over-the-plates")}
            style="inches"
            length={peak.height}
            input="peak-height"
            save={(height) => giveBy({ ...rake, peak: { ...peak, height } })}
          />
        </>
      )}
      <button
        type="button"
        className="btn tap col-span-2 font-normal"
        onClick={() =>
          void giveBy({
            ...rake,
            peak: peak
              ? null
              : { at: Math.round(wallLength / 2), height: highest + Math.round(wallLength / 4) },
          })
        }
      >
        {peak ? say("page-no-peak-a-lean-to") : say("page-it-has-a-peak-a-gable")}
      </button>
    </div>
  );
}
