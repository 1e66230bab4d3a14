import type { Schemas } from "../api/client";
import type { Say } from "../speech/voice";

/** Where a rule comes from, as it stands beside what follows from it. */
export function clauseText(say: Say, clause: Schemas["ClauseView"]): string {
  const { text, kind } = clause;
  if (text == null) return say(CLAUSE_WORDS[kind]);
  return kind === "from_memory" ? say("clause-from-memory", { clause: text }) : text;
}

const CLAUSE_WORDS: Readonly<Record<Schemas["ClauseKind"], string>> = {
  from_memory: "clause-recalled",
  read: "clause-read",
  statics: "clause-statics",
  practice: "clause-practice",
  user: "clause-user",
};
