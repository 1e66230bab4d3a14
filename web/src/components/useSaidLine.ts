import { useEffect, useRef, useState } from "react";
import type { Problem, Schemas } from "../api/client";
import type { Edit, JobEditing } from "../api/useJobEditing";

/** What a line of words was read as. */
interface Read {
  readonly problem?: Schemas["Phrase"] | null | undefined;
}

interface SaidLine<R extends Read> {
  readonly text: string;
  readonly write: (text: string) => void;
  /** What the words were read as last; nothing where there are none. */
  readonly reading: R | undefined;
  /** Why the edit was refused. */
  readonly refusal: Problem | undefined;
  /** What is wrong with the words, or with what they would do. */
  readonly wrong: Schemas["Phrase"] | undefined;
  /** Keeps what was said; the line is empty then. */
  readonly keep: () => Promise<void>;
}

const READ_AFTER_MS = 90;

/**
 * A line of words that is read back while it is written, and kept as an edit. Words that were not kept stay; an edit that met another one
 * and was dropped gives its words back. `read` has to stay the same from one drawing to the next as long as it reads the same.
 */
export function useSaidLine<R extends Read>(
  read: (words: string) => Promise<R>,
  edit: (reading: R) => Edit | undefined,
  editing: JobEditing,
  kept?: () => void,
): SaidLine<R> {
  const [text, setText] = useState("");
  const [reading, setReading] = useState<R>();
  const [refusal, setRefusal] = useState<Problem>();

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

  const sent = useRef("");
  const { dropped } = editing;
  useEffect(() => {
    if (dropped) setText((now) => now || sent.current);
  }, [dropped]);

  async function keep() {
    const understood = await read(text).catch(() => undefined);
    setReading(understood);
    const wanted = understood && edit(understood);
    if (!wanted) return;
    const problem = await editing.run(wanted);
    setRefusal(problem);
    if (problem !== undefined) return;
    sent.current = text;
    setText("");
    setReading(undefined);
    kept?.();
  }

  return {
    text,
    write: (words) => {
      setText(words);
      setRefusal(undefined);
    },
    reading,
    refusal,
    wrong: refusal?.said ?? reading?.problem ?? undefined,
    keep,
  };
}
