import type { Say } from "../speech/voice";
import { ApiProblem } from "./client";

/** What went wrong, in the user's language; what the program did not foresee, as it is. */
export function problemText(say: Say, error: Error): string {
  return error instanceof ApiProblem ? say(error.problem.said) : error.message;
}
