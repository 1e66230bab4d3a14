import type { Command, Schemas, Wall } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { LengthField, TextField } from "../../../components/Field";
import { Form } from "../../../components/Form";
import { SideSheet } from "../../../components/SideSheet";
import { useSpeech } from "../../../speech/useSpeech";
import type { Say } from "../../../speech/voice";
import { FramingFields } from "./FramingFields";
import { LUMBER_FORM, SAWN_FORM, STUD_FORM } from "./forms";
import { HeightFields } from "./HeightFields";

interface Props {
  readonly wall: Wall;
  readonly wallId: string;
  /** Its place among the job's walls, and the last place. */
  readonly place: number;
  readonly last: number;
  readonly editing: JobEditing;
  readonly close: () => void;
  readonly remove: () => void;
}

type Frame = Wall["frame"];
type Part = Partial<Schemas["WallFrame"]>;

/** The same wall without identities, so that the copy gets its own. */
function copyOf(wall: Wall, say: Say): Wall {
  const anew = <T extends { id?: string | null }>(each: T): T => ({ ...each, id: null });
  return {
    ...anew(wall),
    frame: { ...wall.frame, name: say("page-copy-2", { name: wall.frame.name }).slice(0, 80) },
    openings: wall.openings.map(anew),
    point_loads: wall.point_loads.map(anew),
  };
}

/** The wall itself: how long, how high, what studs. */
export function FrameSheet({ wall, wallId, place, last, editing, close, remove }: Props) {
  const { say } = useSpeech();
  const { frame } = wall;
  const run = (command: Command) => editing.run(command).then((problem) => problem?.said);
  const changeFrom = (make: (frame: Frame) => Part) =>
    editing
      .run((now) => {
        const before = now.walls.find((each) => each.id === wallId)?.frame;
        return before && { do: "change_wall", wall: wallId, frame: { ...before, ...make(before) } };
      })
      .then((problem) => problem?.said);
  const change = (part: Part) => changeFrom(() => part);
  const changeFraming = (part: Partial<Schemas["FramingOptions"]>) =>
    changeFrom((now) => ({ framing: { ...now.framing, ...part } }));
  return (
    <SideSheet title={frame.name} close={close}>
      <div className="grid gap-4">
        <TextField
          label={say("page-name")}
          value={frame.name}
          input="wall-name"
          numeric={false}
          save={(name) => change({ name })}
        />
        <LengthField
          label={say("page-length")}
          length={frame.length}
          input="wall-length"
          save={(length) => change({ length })}
        />
        <HeightFields frame={frame} change={change} giveBy={(height_by) => changeFraming({ height_by })} />
        <div className="grid grid-cols-2 gap-3">
          <Form<Frame["framing"], Schemas["FramingOptions"]>
            value={frame.framing}
            fields={SAWN_FORM}
            change={changeFraming}
          />
          <Form<Frame, Schemas["WallFrame"]> value={frame} fields={STUD_FORM} change={change} />
        </div>
        <div className="grid grid-cols-2 gap-3">
          <Form<Frame, Schemas["WallFrame"]> value={frame} fields={LUMBER_FORM} change={change} />
        </div>
        <FramingFields
          options={frame.framing}
          length={frame.length}
          height={frame.height}
          change={changeFraming}
        />
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn tap font-normal"
            onClick={() => void run({ do: "add_wall", wall: copyOf(wall, say) })}
          >
            {say("page-copy-this-wall")}
          </button>
          <button
            type="button"
            className="btn tap font-normal"
            onClick={() => void run({ do: "mirror_wall", wall: wallId })}
          >
            {say("page-turn-it-end-for-end")}
          </button>
          <button
            type="button"
            className="btn tap font-normal"
            disabled={place === 0}
            onClick={() => void run({ do: "move_wall", wall: wallId, to: place - 1 })}
          >
            {say("page-one-place-to-the-left-in-the")}
          </button>
          <button
            type="button"
            className="btn tap font-normal"
            disabled={place === last}
            onClick={() => void run({ do: "move_wall", wall: wallId, to: place + 1 })}
          >
            {say("page-one-place-to-the-right")}
          </button>
        </div>
        <button type="button" className="btn tap" onClick={remove}>
          {say("page-take-this-wall-out-of-the-job")}
        </button>
      </div>
    </SideSheet>
  );
}
