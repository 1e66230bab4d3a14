import type { Schemas } from "../../../api/client";
import { ChoiceList, ChoiceRow, LengthsField } from "../../../components/Field";
import { CrossingWalls } from "./CrossingWalls";
import { PlateFields } from "./PlateFields";
import { studChoices } from "./studs";

type Options = Schemas["FramingOptions"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Options>) => Promise<string | undefined>;
}

const ENDS = [
  { value: "plain", label: "A single stud" },
  { value: "three_stud_corner", label: "Corner of three studs" },
  { value: "two_stud_corner", label: "Corner of two, with a backer" },
] as const;

/** Layout, corners, heads, blocking, crossing walls, plates and bolts. */
export function FramingFields({ options, change }: Props) {
  return (
    <>
      <ChoiceRow
        label="It is"
        value={options.face ?? "outside"}
        options={[
          { value: "outside", label: "An outside wall" },
          { value: "inside", label: "An inside wall" },
        ]}
        choose={(face) => void change({ face })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <ChoiceRow
          label="Layout pulled from"
          value={options.layout_from ?? "left"}
          options={[
            { value: "left", label: "Left end" },
            { value: "right", label: "Right end" },
          ]}
          choose={(layout_from) => void change({ layout_from })}
        />
        <ChoiceList
          label="hooked on"
          value={(options.layout_from_face_of ?? "own") as "own" | "four" | "six" | "eight"}
          options={[
            { value: "own", label: "This wall's end" },
            ...studChoices(options.sawn).map(({ value, label }) => ({
              value,
              label: `Far face of the ${label} wall there`,
            })),
          ]}
          choose={(value) => void change({ layout_from_face_of: value === "own" ? null : value })}
        />
        <ChoiceList
          label="Left end"
          value={options.left_end ?? "plain"}
          options={ENDS}
          choose={(left_end) => void change({ left_end })}
        />
        <ChoiceList
          label="Right end"
          value={options.right_end ?? "plain"}
          options={ENDS}
          choose={(right_end) => void change({ right_end })}
        />
        <ChoiceList
          label="Heads of the openings"
          value={options.heads ?? "aligned"}
          options={[
            { value: "aligned", label: "Line up" },
            { value: "on_purpose", label: "Differ on purpose" },
          ]}
          choose={(heads) => void change({ heads })}
        />
        <LengthsField
          label="Rows of blocking at"
          style="inches"
          hint="heights, a comma between; empty for none"
          lengths={options.blocking ?? []}
          save={(blocking) => change({ blocking })}
        />
      </div>
      <CrossingWalls options={options} change={change} />
      <PlateFields options={options} change={change} />
    </>
  );
}
