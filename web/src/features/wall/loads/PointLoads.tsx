import type { Schemas, Wall } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { LengthField, NumberField, TextField } from "../../../components/Field";
import { nanometers } from "../../../lib/length";

interface Props {
  readonly wall: Wall;
  readonly wallId: string;
  readonly editing: JobEditing;
}

/** Loads that stand at one place and that no framing here brings: a girder, a hip, a post from above. */
export function PointLoads({ wall, wallId, editing }: Props) {
  const replace = (load: Schemas["PointLoad"], part: Partial<Schemas["PointLoad"]>) =>
    editing.run({ do: "change_point_load", load: { ...load, ...part } }).then((problem) => problem?.detail);
  return (
    <section>
      <h3 className="ruled">Point loads on this wall</h3>
      {wall.point_loads.map((load) => (
        <div key={load.id} className="mt-2 grid grid-cols-2 gap-3 border-base-300 border-b pb-3">
          <TextField
            label="What brings it"
            numeric={false}
            value={load.name}
            save={(name) => replace(load, { name })}
          />
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
