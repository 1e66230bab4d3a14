import { useMemo, useState } from "react";
import { ApiProblem, answered, api, type Command, type Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import type { Phrase } from "../../speech/voice";

/** Openings that are chosen besides the one that is looked at, and what is done to all of them. */
export interface Together {
  readonly also: ReadonlySet<string>;
  readonly toggle: (opening: string) => void;
  readonly clear: () => void;
  readonly run: (aim: Schemas["TogetherAim"]) => void;
  /** Why it could not be done. */
  readonly problem: Phrase | undefined;
}

interface Doing {
  readonly job: string;
  readonly wall: string;
  /** The opening that is looked at: it leads. */
  readonly lead: string | undefined;
  readonly tryOut: (command: Command) => void;
}

const NONE: ReadonlySet<string> = new Set();

export function useTogether({ job, wall, lead, tryOut }: Doing): Together {
  const { units } = useSpeech();
  const [chosen, setChosen] = useState(NONE);
  const [problem, setProblem] = useState<Phrase>();
  const also = useMemo(() => new Set([...chosen].filter((opening) => opening !== lead)), [chosen, lead]);
  const change = (openings: ReadonlySet<string>) => {
    setProblem(undefined);
    setChosen(openings);
  };
  return {
    also,
    problem,
    clear: () => change(NONE),
    toggle: (opening) => {
      if (opening === lead) return;
      const after = new Set(also);
      if (!after.delete(opening)) after.add(opening);
      change(after);
    },
    run: (aim) => {
      const openings = [lead, ...also].filter((opening) => opening !== undefined);
      void answered(
        api.POST("/api/jobs/{job}/walls/{wall}/together", {
          params: { path: { job, wall } },
          body: { openings, aim, in_millimeters: units === "millimeters" },
        }),
      )
        .then((answer) => {
          setProblem(answer.problem ?? undefined);
          if (answer.command) tryOut(answer.command);
        })
        .catch((error: unknown) => {
          if (!(error instanceof ApiProblem)) throw error;
          setProblem(error.problem.said);
        });
    },
  };
}
