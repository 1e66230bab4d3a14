import { useEffect, useId, useState } from "react";
import { answered, api, type Problem, type Schemas } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  /** Whether nothing is said of a house yet. */
  readonly empty: boolean;
  readonly editing: JobEditing;
}

const READ_AFTER_MS = 150;

/** One line that understands how a house is described, and says back what it understood before Enter. */
export function HouseLine({ job, empty, editing }: Props) {
  const { say, units } = useSpeech();
  const [text, setText] = useState("");
  const [reading, setReading] = useState<Schemas["SayHouseView"]>();
  const [refusal, setRefusal] = useState<Problem>();
  const id = useId();
  const inMillimeters = units === "millimeters";

  const read = (words: string) =>
    answered(
      api.POST("/api/jobs/{job}/say-house", {
        params: { path: { job } },
        body: { text: words, in_millimeters: inMillimeters },
      }),
    );

  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read depends on the words and the units alone
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
  }, [text, inMillimeters]);

  async function add() {
    const understood = await read(text).catch(() => undefined);
    setReading(understood);
    if (!understood || understood.commands.length === 0) return;
    const problem = await editing.run({ do: "together", commands: understood.commands });
    setRefusal(problem);
    if (problem !== undefined) return;
    setText("");
    setReading(undefined);
  }

  const wrong = refusal?.said ?? reading?.problem ?? undefined;
  const hint = say(empty ? "page-say-house-hint" : "page-say-house-more");
  return (
    <form
      className="no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
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
        className={`min-h-10 text-sm leading-5 ${wrong ? "text-error" : "text-secondary"}`}
      >
        {wrong ? say(wrong) : reading?.understood ? say(reading.understood) : hint}
      </p>
    </form>
  );
}
