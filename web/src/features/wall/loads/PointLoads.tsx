import { useState } from "react";
import type { Schemas, Wall } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { LengthField, NumberField, TextField } from "../../../components/Field";
import { asTyped, nanometers } from "../../../lib/length";
import { useSpeech } from "../../../speech/useSpeech";

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
      <FreshLoad wallId={wallId} editing={editing} />
    </section>
  );
}

const PARTS = [
  { field: "dead", label: "Dead" },
  { field: "snow", label: "Snow" },
  { field: "roof_live", label: "Roof live" },
  { field: "floor_live", label: "Floor live" },
] as const;

const EMPTY = { name: "", at: "", dead: "", snow: "", roof_live: "", floor_live: "" };

/** A load that is being described: nothing of it is kept until its place and pounds are typed. */
function FreshLoad({ wallId, editing }: { readonly wallId: string; readonly editing: JobEditing }) {
  const speech = useSpeech();
  const [text, setText] = useState<typeof EMPTY>();
  const [problem, setProblem] = useState<string>();
  if (!text) {
    return (
      <button type="button" className="btn tap mt-2" onClick={() => setText(EMPTY)}>
        Add a point load
      </button>
    );
  }
  const close = () => {
    setText(undefined);
    setProblem(undefined);
  };
  const add = async () => {
    const [dead, snow, roof_live, floor_live] = PARTS.map(({ field }) => Number(text[field] || "0")) as [
      number,
      number,
      number,
      number,
    ];
    const pounds = [dead, snow, roof_live, floor_live];
    if (text.at.trim() === "") return setProblem("Write its place on the wall.");
    if (pounds.some(Number.isNaN) || pounds.every((each) => each === 0)) {
      return setProblem("Write its pounds, in at least one of the kinds.");
    }
    const load = {
      name: text.name.trim() || "point load",
      at: asTyped(text.at, speech.units),
      dead,
      snow,
      roof_live,
      floor_live,
    };
    const refusal = await editing.run({ do: "add_point_load", wall: wallId, load });
    if (refusal) setProblem(refusal.detail);
    else close();
  };
  const input = (field: keyof typeof EMPTY, label: string, unit: string) => (
    <label key={field} className="min-w-0">
      <span className="block text-secondary text-sm">
        {label}
        {unit && `, ${unit}`}
      </span>
      <input
        className="input tap num w-full"
        value={text[field]}
        autoComplete="off"
        onChange={(event) => setText({ ...text, [field]: event.target.value })}
      />
    </label>
  );
  return (
    <form
      className="mt-2 grid grid-cols-2 gap-3 bg-base-200 p-3"
      aria-label="A new point load"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      {input("name", "What brings it", "")}
      {input("at", "Its place on the wall", "")}
      {PARTS.map(({ field, label }) => input(field, label, "lb"))}
      {problem && (
        <p role="alert" className="col-span-2 text-error text-sm">
          {problem}
        </p>
      )}
      <button type="submit" className="btn btn-primary tap">
        Stand it on the wall
      </button>
      <button type="button" className="btn btn-ghost tap font-normal" onClick={close}>
        Leave it
      </button>
    </form>
  );
}
