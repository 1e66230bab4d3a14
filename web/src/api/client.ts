import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type Command = Schemas["Command"];
// What is answered is whole and in numbers; what is sent may leave some of it out, and may be as it was typed (`Schemas["Design"]`).
export type Design = Schemas["AnsweredDesign"];
export type JobView = Schemas["JobView"];
export type Edited = Schemas["Edited"];
export type WallView = Schemas["WallView"];
export type OpeningView = Schemas["OpeningView"];
export type Ticket = Schemas["Ticket"];
export type LookedAt = Schemas["LookedAt"];
export type Wall = Schemas["AnsweredWall"];
export type Carries = Schemas["AnsweredCarries"];
export type Settings = Schemas["AnsweredSettings"];
export type Problem = Schemas["Problem"];
export type Verdict = Schemas["Verdict"];

export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => globalThis.fetch(request),
});

// The server takes JSON by name only, also where nothing is sent: that no other site's form can.
api.use({
  onRequest: ({ request }) => {
    if (request.method === "POST") request.headers.set("content-type", "application/json");
    return request;
  },
});

/** A problem that the server answered, or that there was no answer. */
export class ApiProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

const NO_ANSWER: Problem = {
  type: "sturvek:no-answer",
  status: 0,
  title: "No answer",
  detail: "The server does not answer.",
  said: { id: "page-server-does-not-answer" },
};

interface Answer<T> {
  data?: T;
  error?: unknown;
}

/** The data of an answer, or its problem thrown. */
export async function answered<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await request;
  } catch {
    throw new ApiProblem(NO_ANSWER);
  }
  if (answer.error !== undefined) {
    const problem = answer.error as Partial<Problem>;
    throw new ApiProblem(problem.said !== undefined ? (problem as Problem) : NO_ANSWER);
  }
  return answer.data as T;
}
