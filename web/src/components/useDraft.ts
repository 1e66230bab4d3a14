import { useEffect, useRef, useState } from "react";
import type { Words } from "../speech/useSpeech";

export interface Draft {
  readonly text: string;
  readonly setText: (text: string) => void;
  /** Whether it is not yet what is kept. */
  readonly isTyped: boolean;
  readonly problem: Words | undefined;
  readonly commit: () => void;
  readonly revert: () => void;
}

/** After an edit is accepted, the text stands this long for the kept value to arrive written its own way. */
const SETTLE_MS = 200;

/**
 * Text being typed beside the value it stands for. What was typed stays until it is accepted, even if the value changes
 * meanwhile; a refusal is shown beside it. `save` answers what is wrong, or nothing.
 */
export function useDraft(value: string, save: (text: string) => Promise<Words | undefined>): Draft {
  const [text, setText] = useState(value);
  const [problem, setProblem] = useState<Words>();
  const latest = useRef(value);
  const typing = useRef(false);
  const settling = useRef<ReturnType<typeof setTimeout>>(undefined);
  // What settles after the field is gone has no text to set.
  const gone = useRef(false);
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
      clearTimeout(settling.current);
    };
  }, []);

  useEffect(() => {
    latest.current = value;
    if (!typing.current) {
      setText(value);
      setProblem(undefined);
    }
  }, [value]);

  const rest = () => {
    typing.current = false;
    setText(latest.current);
    setProblem(undefined);
  };

  return {
    text,
    isTyped: text !== value,
    problem,
    setText: (next) => {
      typing.current = true;
      setText(next);
    },
    commit: () => {
      if (!typing.current) return;
      if (text.trim() === latest.current.trim()) return rest();
      void save(text).then((refusal) => {
        if (gone.current) return;
        setProblem(refusal);
        if (refusal !== undefined) return;
        typing.current = false;
        settling.current = setTimeout(() => {
          if (!typing.current) setText(latest.current);
        }, SETTLE_MS);
      });
    },
    revert: rest,
  };
}
