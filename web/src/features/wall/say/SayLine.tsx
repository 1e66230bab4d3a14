import { type RefObject, useCallback, useId } from "react";
import { answered, api, type Schemas } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { useSaidLine } from "../../../components/useSaidLine";
import { useSpeech } from "../../../speech/useSpeech";
import { wanted } from "./wanted";

interface Props {
  readonly job: string;
  readonly wall: string;
  /** Where it is written, for a key that leads there. */
  readonly entry?: RefObject<HTMLInputElement | null>;
  readonly editing: JobEditing;
  /** Called when what was said is kept. */
  readonly kept?: () => void;
}

const HINT = { id: "page-size-kind-place-5-0x4-0-window" };
const HINT_IN_MILLIMETERS = { id: "page-size-kind-place-1510x1210-window-centered-4800x2100" };

/** One line that understands how openings are called out, and says back what it understood before Enter. */
export function SayLine({ job, wall, entry, editing, kept }: Props) {
  const { say } = useSpeech();
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

  const line = useSaidLine(read, (reading) => wanted(reading, wall), editing, kept);
  const { text, reading, refusal, wrong } = line;
  const takes = refusal === undefined ? reading?.takes : undefined;
  return (
    <form
      className="no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void line.keep();
      }}
    >
      <label htmlFor={id} className="sr-only">
        {say("page-say-an-opening")}
      </label>
      <div className="flex items-stretch border-base-content/70 border-b-2">
        <div className="relative min-w-0 flex-1">
          <input
            id={id}
            ref={entry}
            className="tap w-full bg-transparent px-1 font-mono text-lg outline-none placeholder:text-secondary/80"
            placeholder={
              inMillimeters ? say("page-say-it-910x2110-door-2300") : say("page-say-it-3068-door-7-6")
            }
            value={text}
            autoComplete="off"
            spellCheck={false}
            enterKeyHint="done"
            aria-describedby={`${id}-reading`}
            aria-invalid={wrong !== undefined}
            onChange={(event) => line.write(event.target.value)}
          />
          {reading?.at && refusal === undefined && <NotUnderstood text={text} at={reading.at} />}
        </div>
        <button type="submit" className="btn btn-primary tap" disabled={text.trim() === ""}>
          {say("page-add")}
        </button>
      </div>
      {/* What is read back may take more than a line: it lies over what follows, so that nothing is moved by typing. */}
      <div className="relative min-h-5">
        <p
          id={`${id}-reading`}
          role="status"
          className={`inset-x-0 top-0 z-10 text-sm leading-5 ${text ? "absolute bg-base-200 pb-1" : "truncate"} ${wrong ? "text-error" : "text-secondary"}`}
        >
          {say(wrong ?? reading?.understood ?? (inMillimeters ? HINT_IN_MILLIMETERS : HINT))}
          {takes && <span className="text-base-content"> {say(takes)}</span>}
        </p>
      </div>
    </form>
  );
}

interface NotUnderstoodProps {
  readonly text: string;
  readonly at: Schemas["SaidAt"];
}

/** A wavy line under the word that was not understood, where it stands in the entry line. */
function NotUnderstood({ text, at }: NotUnderstoodProps) {
  const letters = [...text];
  return (
    <span
      aria-hidden="true"
      data-testid="not-understood"
      className="pointer-events-none absolute inset-0 flex items-center overflow-hidden whitespace-pre px-1 font-mono text-lg text-transparent"
    >
      {letters.slice(0, at.from).join("")}
      <span className="underline decoration-[3px] decoration-error decoration-wavy underline-offset-4">
        {letters.slice(at.from, at.to).join("") || "\u00a0"}
      </span>
    </span>
  );
}
