import type { Carries, Command, Schemas, Wall, WallView } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { ChoiceList, ChoiceRow, LengthField, NumberField } from "../../../components/Field";
import { SideSheet } from "../../../components/SideSheet";
import { lengthText, NM_PER_FOOT, nanometers } from "../../../lib/length";
import { SectionDrawing } from "./SectionDrawing";

interface Props {
  readonly wall: Wall;
  readonly view: WallView;
  readonly settings: Schemas["Settings"];
  readonly editing: JobEditing;
  readonly close: () => void;
}

/** What a fresh roof, floor or wall above starts with, to be typed over. */
const USUAL_ROOF: Schemas["Roof"] = {
  framing: "trusses",
  building_width: 24 * NM_PER_FOOT,
  overhang: 2 * NM_PER_FOOT,
  rise_in_twelve: 6,
  roof_dead: 10,
  ceiling_dead: 5,
  attic_live: 0,
};
const USUAL_FLOOR: Schemas["Floor"] = {
  span_one_side: 12 * NM_PER_FOOT,
  span_other_side: 0,
  floor_dead: 12,
  floor_live: 40,
};
const USUAL_WALL_ABOVE: Schemas["WallAbove"] = { wall_above_height: 8 * NM_PER_FOOT, wall_above_dead: 12 };

const FRAMINGS = [
  { value: "trusses", label: "Trusses, wall to wall" },
  { value: "rafters_with_clear_ceiling_joists", label: "Rafters, ceiling joists wall to wall" },
  { value: "rafters_with_lapped_ceiling_joists", label: "Rafters, ceiling joists lap on a middle wall" },
  { value: "middle_wall_under_lapped_ceiling_joists", label: "This is the middle wall they lap on" },
] as const;

/** What comes down on this wall, from framing that is described, with a section of the house. */
export function LoadsSheet({ wall, view, settings, editing, close }: Props) {
  const { carries } = wall;
  const wallId = view.id;
  const run = (command: Command) => editing.run(command).then((problem) => problem?.detail);
  const change = (part: Partial<Carries>) =>
    run({ do: "change_carries", wall: wallId, carries: { ...carries, ...part } });
  const changeSettings = (part: Partial<Schemas["Settings"]>) =>
    run({ do: "change_settings", settings: { ...settings, ...part } });
  return (
    <SideSheet title={`What ${wall.frame.name} carries`} close={close}>
      <div className="grid gap-5">
        <ChoiceRow
          label="Does anything land on it?"
          value={carries.bearing ? "bearing" : "nothing"}
          options={[
            { value: "bearing", label: "It bears" },
            { value: "nothing", label: "A partition" },
          ]}
          choose={(value) => void change({ bearing: value === "bearing" })}
        />
        {carries.bearing && (
          <>
            <SectionDrawing carries={carries} view={view} />
            <LoadTable view={view} />
            <Part
              title="Roof"
              present={carries.roof != null}
              add={() => void change({ roof: USUAL_ROOF })}
              remove={() => void change({ roof: null })}
            >
              {carries.roof && <RoofFields roof={carries.roof} change={(roof) => change({ roof })} />}
            </Part>
            <Part
              title="Floor above"
              present={carries.floor != null}
              add={() => void change({ floor: USUAL_FLOOR })}
              remove={() => void change({ floor: null })}
            >
              {carries.floor && <FloorFields floor={carries.floor} change={(floor) => change({ floor })} />}
            </Part>
            <Part
              title="Wall above"
              present={carries.wall_above != null}
              add={() => void change({ wall_above: USUAL_WALL_ABOVE })}
              remove={() => void change({ wall_above: null })}
            >
              {carries.wall_above && (
                <WallAboveFields above={carries.wall_above} change={(wall_above) => change({ wall_above })} />
              )}
            </Part>
          </>
        )}
        <section>
          <h3 className="ruled">Snow and roof, for the whole job</h3>
          <div className="mt-2 grid grid-cols-2 gap-3">
            <ChoiceList
              label="The snow figure is"
              value={settings.snow_basis}
              options={[
                { value: "ground", label: "ground snow" },
                { value: "roof", label: "roof snow" },
              ]}
              choose={(snow_basis) => void changeSettings({ snow_basis })}
            />
            <NumberField
              label="Snow"
              unit="psf"
              number={settings.snow}
              save={(snow) => changeSettings({ snow })}
            />
            <NumberField
              label="Roof live"
              unit="psf"
              number={settings.roof_live}
              save={(roof_live) => changeSettings({ roof_live })}
            />
          </div>
        </section>
        <PointLoads wall={wall} wallId={wallId} editing={editing} />
      </div>
    </SideSheet>
  );
}

interface PartProps {
  readonly title: string;
  readonly present: boolean;
  readonly add: () => void;
  readonly remove: () => void;
  readonly children: React.ReactNode;
}

function Part({ title, present, add, remove, children }: PartProps) {
  return (
    <section>
      <h3 className="ruled">{title}</h3>
      {present ? (
        <>
          <div className="mt-2 grid grid-cols-2 gap-3">{children}</div>
          <button type="button" className="btn btn-ghost tap mt-1 font-normal" onClick={remove}>
            No {title.toLowerCase()}
          </button>
        </>
      ) : (
        <button type="button" className="btn tap mt-2" onClick={add}>
          Add a {title.toLowerCase()}
        </button>
      )}
    </section>
  );
}

type Save<T> = (value: T) => Promise<string | undefined>;

function RoofFields({ roof, change }: { roof: Schemas["Roof"]; change: Save<Schemas["Roof"]> }) {
  return (
    <>
      <div className="col-span-2">
        <ChoiceList
          label="How it reaches this wall"
          value={roof.framing}
          options={FRAMINGS}
          choose={(framing) => void change({ ...roof, framing })}
        />
      </div>
      <LengthField
        label="Building width"
        length={nanometers(roof.building_width)}
        save={(building_width) => change({ ...roof, building_width })}
      />
      <LengthField
        label="Overhang"
        length={nanometers(roof.overhang)}
        save={(overhang) => change({ ...roof, overhang })}
      />
      <NumberField
        label="Rise in 12"
        number={roof.rise_in_twelve}
        save={(rise_in_twelve) => change({ ...roof, rise_in_twelve })}
      />
      <NumberField
        label="Roof dead"
        unit="psf"
        number={roof.roof_dead}
        save={(roof_dead) => change({ ...roof, roof_dead })}
      />
      <NumberField
        label="Ceiling dead"
        unit="psf"
        number={roof.ceiling_dead}
        save={(ceiling_dead) => change({ ...roof, ceiling_dead })}
      />
      <NumberField
        label="Attic live"
        unit="psf"
        hint="20 with storage, 10 without"
        number={roof.attic_live}
        save={(attic_live) => change({ ...roof, attic_live })}
      />
    </>
  );
}

function FloorFields({ floor, change }: { floor: Schemas["Floor"]; change: Save<Schemas["Floor"]> }) {
  return (
    <>
      <LengthField
        label="Joist span, one side"
        length={nanometers(floor.span_one_side)}
        save={(span_one_side) => change({ ...floor, span_one_side })}
      />
      <LengthField
        label="Other side"
        hint="0 for an outside wall"
        length={nanometers(floor.span_other_side)}
        save={(span_other_side) => change({ ...floor, span_other_side })}
      />
      <NumberField
        label="Floor dead"
        unit="psf"
        number={floor.floor_dead}
        save={(floor_dead) => change({ ...floor, floor_dead })}
      />
      <NumberField
        label="Floor live"
        unit="psf"
        hint="40 living, 30 sleeping"
        number={floor.floor_live}
        save={(floor_live) => change({ ...floor, floor_live })}
      />
    </>
  );
}

function WallAboveFields({
  above,
  change,
}: {
  above: Schemas["WallAbove"];
  change: Save<Schemas["WallAbove"]>;
}) {
  return (
    <>
      <LengthField
        label="Its height"
        length={nanometers(above.wall_above_height)}
        save={(wall_above_height) => change({ ...above, wall_above_height })}
      />
      <NumberField
        label="Its weight"
        unit="psf"
        number={above.wall_above_dead}
        save={(wall_above_dead) => change({ ...above, wall_above_dead })}
      />
    </>
  );
}

function LoadTable({ view }: { readonly view: WallView }) {
  return (
    <table className="w-full text-sm">
      <thead>
        <tr className="text-left text-secondary text-xs">
          <th className="font-normal">from</th>
          <th className="text-right font-normal">psf</th>
          <th className="text-right font-normal">over</th>
          <th className="text-right font-normal">lb/ft</th>
        </tr>
      </thead>
      <tbody>
        {view.loads.map((line) => (
          <tr key={line.source + line.kind} className="border-base-300 border-b">
            <td className="py-0.5">
              {line.source} ({line.kind.replace("_", " ")})
            </td>
            <td className="text-right num">{line.psf.toFixed(1)}</td>
            <td className="text-right num">{lengthText(line.tributary)}</td>
            <td className="text-right font-bold num">{Math.round(line.plf)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface PointLoadsProps {
  readonly wall: Wall;
  readonly wallId: string;
  readonly editing: JobEditing;
}

function PointLoads({ wall, wallId, editing }: PointLoadsProps) {
  const replace = (load: Schemas["PointLoad"], part: Partial<Schemas["PointLoad"]>) =>
    editing.run({ do: "change_point_load", load: { ...load, ...part } }).then((problem) => problem?.detail);
  return (
    <section>
      <h3 className="ruled">Point loads on this wall</h3>
      {wall.point_loads.map((load) => (
        <div key={load.id} className="mt-2 grid grid-cols-2 gap-3 border-base-300 border-b pb-3">
          <LengthField
            label={`${load.name}, at`}
            length={nanometers(load.at)}
            save={(at) => replace(load, { at })}
          />
          <NumberField label="Dead" unit="lb" number={load.dead} save={(dead) => replace(load, { dead })} />
          <NumberField label="Snow" unit="lb" number={load.snow} save={(snow) => replace(load, { snow })} />
          <NumberField
            label="Roof live"
            unit="lb"
            number={load.roof_live}
            save={(roof_live) => replace(load, { roof_live })}
          />
          <NumberField
            label="Floor live"
            unit="lb"
            number={load.floor_live}
            save={(floor_live) => replace(load, { floor_live })}
          />
          <button
            type="button"
            className="btn btn-ghost tap self-end font-normal"
            onClick={() => load.id && void editing.run({ do: "remove_point_load", load: load.id })}
          >
            Take it away
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn tap mt-2"
        onClick={() =>
          void editing.run({
            do: "add_point_load",
            wall: wallId,
            load: {
              name: "point load",
              at: Math.round(nanometers(wall.frame.length) / 2),
              dead: 500,
              floor_live: 0,
              roof_live: 0,
              snow: 800,
            },
          })
        }
      >
        Add a point load
      </button>
    </section>
  );
}
