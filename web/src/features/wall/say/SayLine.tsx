import { type RefObject, useCallback, useEffect, useId, useState } from "react";
import { answered, api, type Problem, type Schemas } from "../../../api/client";
import type { Edit, JobEditing } from "../../../api/useJobEditing";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly wall: string;
  /** Where it is written, for a key that leads there. */
  readonly entry?: RefObject<HTMLInputElement | null>;
  readonly editing: JobEditing;
  /** Called when what was said is kept. */
  readonly kept?: () => void;
}

const READ_AFTER_MS = 90;
const HINT = { id: "page-size-kind-place-5-0x4-0-window" };
const HINT_IN_MILLIMETERS = { id: "page-size-kind-place-1510x1210-window-centered-4800x2100" };

/** The edit that was said: an opening more, or the wall that long. */
function wanted(said: Schemas["SayView"], wall: string): Edit | undefined {
  const { design, wall_length: length } = said;
  if (design) return { do: "add_opening", wall, opening: { design } };
  if (length == null) return undefined;
  return (now) => {
    const frame = now.walls.find((each) => each.id === wall)?.frame;
    return frame && { do: "change_wall", wall, frame: { ...frame, length } };
  };
}

/** One line that understands how openings are called out, and says back what it understood before Enter. */
export function SayLine({ job, wall, entry, editing, kept }: Props) {
  const { say } = useSpeech();
  const [text, setText] = useState("");
  const [reading, setReading] = useState<Schemas["SayView"]>();
  const [refusal, setRefusal] = useState<Problem>();
  const inMillimeters = useSpeech().units === "millimeters";
  const id = useId();

  const read = useCallback(
    (words: string) =>
      answered(
        api.POST("/api/jobs/{job}/walls/{wall}/say", {
          params: { path: { job, wall } },
          body: { text: words, in_millimeters: inMillimeters },
        }),
      ),
    [job, wall, inMillimeters],
  );

  useEffect(() => {
    if (text.trim() === "") {
      setReading(undefined);
      return;
    }
    let current = true;
    const timer = setTimeout(() => {
      read(text)
        .then((answer) => current && setReading(answer))
        .catch(() => undefined);
    }, READ_AFTER_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [read, text]);

  async function add() {
    const understood = await read(text).catch(() => undefined);
    setReading(understood);
    const edit = understood && wanted(understood, wall);
    if (!edit) return;
    const problem = await editing.run(edit);
    setRefusal(problem);
    if (problem !== undefined) return;
    setText("");
    kept?.();
  }

  const wrong = refusal?.said ?? reading?.problem ?? undefined;
  return (
    <form
      className="no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <label htmlFor={id} className="sr-only">
        {say("page-say-an-opening")}
      </label>
      <div className="flex items-stretch border-base-content/70 border-b-2">
        <input
          id={id}
          ref={entry}
          className="tap min-w-0 flex-1 bg-transparent px-1 font-mono text-lg outline-none placeholder:text-secondary/80"
          placeholder={
            inMillimeters ? say("page-say-it-910x2110-door-2300") : say("page-say-it-3068-door-7-6")
          }
          value={text}
          autoComplete="off"
          spellCheck={false}
          enterKeyHint="done"
          aria-describedby={`${id}-reading`}
          onChange={(event) => {
            setText(event.target.value);
            setRefusal(undefined);
          }}
        />
        <button type="submit" className="btn btn-primary tap" disabled={text.trim() === ""}>
          {say("page-add")}
        </button>
      </div>
      <p
        id={`${id}-reading`}
        role="status"
        className={`min-h-5 text-sm leading-5 ${wrong || reading?.understood ? "" : "truncate"} ${wrong ? "text-error" : "text-secondary"}`}
      >
        {say(wrong ?? reading?.understood ?? (inMillimeters ? HINT_IN_MILLIMETERS : HINT))}
      </p>
    </form>
  );
}
