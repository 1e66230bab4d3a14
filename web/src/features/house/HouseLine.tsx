import { useCallback, useId } from "react";
import { answered, api } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { useSaidLine } from "../../components/useSaidLine";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  /** Whether nothing is said of a house yet. */
  readonly empty: boolean;
  readonly editing: JobEditing;
}

/** One line that understands how a house is described, and says back what it understood before Enter. */
export function HouseLine({ job, empty, editing }: Props) {
  const { say, units } = useSpeech();
  const id = useId();
  const inMillimeters = units === "millimeters";

  const read = useCallback(
    (words: string) =>
      answered(
        api.POST("/api/jobs/{job}/say-house", {
          params: { path: { job } },
          body: { text: words, in_millimeters: inMillimeters },
        }),
      ),
    [job, inMillimeters],
  );
  const line = useSaidLine(
    read,
    ({ commands }) => (commands.length > 0 ? { do: "together", commands } : undefined),
    editing,
  );
  const { text, reading, wrong } = line;
  const hint = say(empty ? "page-say-house-hint" : "page-say-house-more");
  return (
    <form
      className="no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void line.keep();
      }}
    >
      <label htmlFor={id} className="sr-only">
        {say("page-say-a-house")}
      </label>
      <div className="flex items-stretch border-base-content/70 border-b-2">
        <input
          id={id}
          className="tap min-w-0 flex-1 bg-transparent px-1 font-mono text-lg outline-none placeholder:text-secondary/80"
          placeholder={say(empty ? "page-say-it-house" : "page-say-it-porch")}
          value={text}
          autoComplete="off"
          spellCheck={false}
          enterKeyHint="done"
          aria-describedby={`${id}-reading`}
          aria-invalid={wrong !== undefined}
          onChange={(event) => line.write(event.target.value)}
        />
        <button type="submit" className="btn btn-primary tap" disabled={text.trim() === ""}>
          {say("page-add")}
        </button>
      </div>
      <p
        id={`${id}-reading`}
        role="status"
        className={`min-h-10 text-sm leading-5 ${wrong ? "text-error" : "text-secondary"}`}
      >
        {wrong ? say(wrong) : reading?.understood ? say(reading.understood) : hint}
      </p>
    </form>
  );
}
