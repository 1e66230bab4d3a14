import { useState } from "react";
import type { Schemas, Wall } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { LengthField, NumberField, TextField } from "../../../components/Field";
import { asTyped } from "../../../lib/length";
import { asComputed, unitText } from "../../../speech/figures";
import { useSpeech, type Words } from "../../../speech/useSpeech";

interface Props {
  readonly wall: Wall;
  readonly wallId: string;
  readonly editing: JobEditing;
}

/** Loads that stand at one place and that no framing here brings: a girder, a hip, a post from above. */
export function PointLoads({ wall, wallId, editing }: Props) {
  const { say } = useSpeech();
  const replace = (load: Schemas["PointLoad"], part: Partial<Schemas["PointLoad"]>) =>
    editing.run({ do: "change_point_load", load: { ...load, ...part } }).then((problem) => problem?.said);
  return (
    <section>
      <h3 className="ruled">{say("page-point-loads-on-this-wall")}</h3>
      {wall.point_loads.map((load) => (
        <div key={load.id} className="mt-2 grid grid-cols-2 gap-3 border-base-300 border-b pb-3">
          <TextField
            label={say("page-what-brings-it")}
            numeric={false}
            value={load.name}
            input="point-load-name"
            save={(name) => replace(load, { name })}
          />
          <LengthField
            label={say("page-at-4", { name: load.name })}
            length={load.at}
            save={(at) => replace(load, { at })}
          />
          <NumberField
            label={say("page-dead")}
            quantity="pounds"
            number={load.dead}
            input="point-load-dead"
            save={(dead) => replace(load, { dead })}
          />
          <NumberField
            label={say("page-snow")}
            quantity="pounds"
            number={load.snow}
            input="point-load-snow"
            save={(snow) => replace(load, { snow })}
          />
          <NumberField
            label={say("page-roof-live")}
            quantity="pounds"
            number={load.roof_live}
            input="point-load-roof-live"
            save={(roof_live) => replace(load, { roof_live })}
          />
          <NumberField
            label={say("page-floor-live")}
            quantity="pounds"
            number={load.floor_live}
            input="point-load-floor-live"
            save={(floor_live) => replace(load, { floor_live })}
          />
          <button
            type="button"
            className="btn btn-ghost tap self-end font-normal"
            onClick={() => load.id && void editing.run({ do: "remove_point_load", load: load.id })}
          >
            {say("page-take-it-away")}
          </button>
        </div>
      ))}
      <FreshLoad wallId={wallId} editing={editing} />
    </section>
  );
}

const PARTS = [
  { field: "dead", label: { id: "page-dead" } },
  { field: "snow", label: { id: "page-snow" } },
  { field: "roof_live", label: { id: "page-roof-live" } },
  { field: "floor_live", label: { id: "page-floor-live" } },
] as const;

const EMPTY = { name: "", at: "", dead: "", snow: "", roof_live: "", floor_live: "" };

/** A load that is being described: nothing of it is kept until its place and pounds are typed. */
function FreshLoad({ wallId, editing }: { readonly wallId: string; readonly editing: JobEditing }) {
  const { say } = useSpeech();
  const speech = useSpeech();
  const [text, setText] = useState<typeof EMPTY>();
  const [problem, setProblem] = useState<Words>();
  if (!text) {
    return (
      <button type="button" className="btn tap mt-2" onClick={() => setText(EMPTY)}>
        {say("page-add-a-point-load")}
      </button>
    );
  }
  const close = () => {
    setText(undefined);
    setProblem(undefined);
  };
  const add = async () => {
    const [dead, snow, roof_live, floor_live] = PARTS.map(({ field }) =>
      asComputed(speech.units, text[field] || "0", "pounds"),
    ) as [number, number, number, number];
    const pounds = [dead, snow, roof_live, floor_live];
    if (text.at.trim() === "") return setProblem(say("page-write-its-place-on-the-wall"));
    if (pounds.some(Number.isNaN) || pounds.every((each) => each === 0)) {
      return setProblem(say("page-write-its-pounds-in-at-least-one"));
    }
    const load = {
      name: text.name.trim() || say("page-point-load"),
      at: asTyped(text.at, speech.units),
      dead,
      snow,
      roof_live,
      floor_live,
    };
    const refusal = await editing.run({ do: "add_point_load", wall: wallId, load });
    if (refusal) setProblem(refusal.said);
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
      aria-label={say("page-a-new-point-load")}
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      {input("name", say("page-what-brings-it"), "")}
      {input("at", say("page-its-place-on-the-wall"), "")}
      {PARTS.map(({ field, label }) => input(field, say(label), unitText(speech.units, "pounds")))}
      {problem && (
        <p role="alert" className="col-span-2 text-error text-sm">
          {speech.words(problem)}
        </p>
      )}
      <button type="submit" className="btn btn-primary tap">
        {say("page-stand-it-on-the-wall")}
      </button>
      <button type="button" className="btn btn-ghost tap font-normal" onClick={close}>
        {say("page-leave-it")}
      </button>
    </form>
  );
}
