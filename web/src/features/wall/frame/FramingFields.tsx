import type { Schemas } from "../../../api/client";
import { ChoiceList, ChoiceRow, LengthsField } from "../../../components/Field";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { CrossingWalls } from "./CrossingWalls";
import { PlateFields } from "./PlateFields";
import { studChoices } from "./studs";

type Options = Schemas["AnsweredFramingOptions"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

const ENDS = [
  { value: "plain", label: { id: "page-a-single-stud" } },
  { value: "three_stud_corner", label: { id: "page-corner-of-three-studs" } },
  { value: "two_stud_corner", label: { id: "page-corner-of-two-with-a-backer" } },
] as const;

/** Layout, corners, heads, blocking, crossing walls, plates and bolts. */
export function FramingFields({ options, change }: Props) {
  const { say } = useSpeech();
  return (
    <>
      <ChoiceRow
        label={say("page-it-is")}
        value={options.face ?? "outside"}
        options={[
          { value: "outside", label: say("page-an-outside-wall") },
          { value: "inside", label: say("page-an-inside-wall") },
        ]}
        choose={(face) => void change({ face })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <ChoiceRow
          label={say("page-layout-pulled-from")}
          value={options.layout_from ?? "left"}
          options={[
            { value: "left", label: say("page-left-end") },
            { value: "right", label: say("page-right-end") },
          ]}
          choose={(layout_from) => void change({ layout_from })}
        />
        <ChoiceList
          label={say("page-hooked-on")}
          value={(options.layout_from_face_of ?? "own") as "own" | "four" | "six" | "eight"}
          options={[
            { value: "own", label: say("page-this-walls-end") },
            ...studChoices(options.sawn).map(({ value, label }) => ({
              value,
              label: say("page-far-face-of-the-wall-there", { label }),
            })),
          ]}
          choose={(value) => void change({ layout_from_face_of: value === "own" ? null : value })}
        />
        <ChoiceList
          label={say("page-left-end")}
          value={options.left_end ?? "plain"}
          options={ENDS}
          choose={(left_end) => void change({ left_end })}
        />
        <ChoiceList
          label={say("page-right-end")}
          value={options.right_end ?? "plain"}
          options={ENDS}
          choose={(right_end) => void change({ right_end })}
        />
        <ChoiceList
          label={say("page-heads-of-the-openings")}
          value={options.heads ?? "aligned"}
          options={[
            { value: "aligned", label: say("page-line-up") },
            { value: "on_purpose", label: say("page-differ-on-purpose") },
          ]}
          choose={(heads) => void change({ heads })}
        />
        <LengthsField
          label={say("page-rows-of-blocking-at")}
          style="inches"
          hint={say("page-heights-a-comma-between-empty-for-none")}
          lengths={options.blocking ?? []}
          save={(blocking) => change({ blocking })}
        />
      </div>
      <CrossingWalls options={options} change={change} />
      <PlateFields options={options} change={change} />
    </>
  );
}
