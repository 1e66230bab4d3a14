import { useEffect, useRef, useState } from "react";

export interface Draft {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly problem: string | undefined;
  readonly commit: () => void;
  readonly revert: () => void;
}

/**
 * Text being typed beside the value it stands for. What was typed stays until it is accepted; a refusal is shown beside
 * it. `save` answers what is wrong, or nothing.
 */
export function useDraft(value: string, save: (text: string) => Promise<string | undefined>): Draft {
  const [text, setText] = useState(value);
  const [problem, setProblem] = useState<string>();
  const shown = useRef(value);

  useEffect(() => {
    if (shown.current !== value) {
      shown.current = value;
      setText(value);
      setProblem(undefined);
    }
  }, [value]);

  return {
    text,
    setText,
    problem,
    commit: () => {
      if (text.trim() === value.trim()) {
        setProblem(undefined);
        return;
      }
      void save(text).then((refusal) => {
        setProblem(refusal);
        // Accepted but written another way, such as 7-6 for 7'-6": show it as it is kept.
        if (refusal === undefined) setText((now) => (now === text ? shown.current : now));
      });
    },
    revert: () => {
      setText(value);
      setProblem(undefined);
    },
  };
}
