import type { Schemas } from "../../../api/client";
import { ChoiceList, ChoiceRow, LengthField } from "../../../components/Field";
import { NM_PER_FOOT, nanometers } from "../../../lib/length";

type Options = Schemas["FramingOptions"];

interface Props {
  readonly options: Options;
  readonly wallLength: number;
  readonly change: (part: Partial<Options>) => Promise<string | undefined>;
}

const ENDS = [
  { value: "plain", label: "A single stud" },
  { value: "three_stud_corner", label: "Corner of three studs" },
  { value: "two_stud_corner", label: "Corner of two, with a backer" },
] as const;

/** Layout, corners, crossing walls, plates and bolts. */
export function FramingFields({ options, wallLength, change }: Props) {
  const bolts = options.bolts;
  return (
    <>
      <ChoiceRow
        label="Layout pulled from"
        value={options.layout_from ?? "left"}
        options={[
          { value: "left", label: "The left end" },
          { value: "right", label: "The right end" },
        ]}
        choose={(layout_from) => void change({ layout_from })}
      />
      <div className="grid grid-cols-2 gap-3">
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
        <LengthField
          label="Plates cut from"
          length={nanometers(options.plate_stock ?? 0)}
          save={(plate_stock) => change({ plate_stock })}
        />
        <LengthField
          label="Top plate breaks apart by"
          hint="2' by the code, 4' by practice"
          length={nanometers(options.breaks_apart ?? 0)}
          save={(breaks_apart) => change({ breaks_apart })}
        />
      </div>
      <ChoiceRow
        label="It stands on"
        value={bolts == null ? "wood" : "concrete"}
        options={[
          { value: "wood", label: "A wood floor" },
          { value: "concrete", label: "Concrete, bolted" },
        ]}
        choose={(value) => void change({ bolts: value === "concrete" ? 6 * NM_PER_FOOT : null })}
      />
      {bolts != null && (
        <LengthField
          label="Bolts at most apart"
          length={nanometers(bolts)}
          save={(next) => change({ bolts: next })}
        />
      )}
      <CrossingWalls options={options} wallLength={wallLength} change={change} />
    </>
  );
}

function CrossingWalls({ options, wallLength, change }: Props) {
  const walls = options.partitions ?? [];
  return (
    <fieldset>
      <legend className="text-secondary text-sm">Walls that meet it from the inside</legend>
      {walls.map((wall, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a crossing wall has no name but its place
        <div key={index} className="mt-1 flex items-end gap-2">
          <LengthField
            label={`Center of wall ${index + 1}`}
            length={nanometers(wall.partition_at)}
            save={(partition_at) =>
              change({
                partitions: walls.map((each, place) => (place === index ? { ...each, partition_at } : each)),
              })
            }
          />
          <button
            type="button"
            className="btn btn-ghost tap font-normal"
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
