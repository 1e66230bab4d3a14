import { expect, test } from "vitest";
import { ApiProblem, type Problem } from "./client";
import { retried } from "./retried";

const problem = (status: number) =>
  new ApiProblem({ status, type: "", title: "", detail: "", said: { id: "page-nothing" } } as Problem);
const noPause = async () => {};

test("where no answer came the same key is sent again, until one comes", async () => {
  const keys: string[] = [];
  const send = async (key: string) => {
    keys.push(key);
    if (keys.length < 3) throw problem(keys.length === 1 ? 0 : 503);
    return "kept";
  };
  expect(await retried(send, noPause)).toBe("kept");
  expect(keys).toHaveLength(3);
  expect(new Set(keys).size).toBe(1);
  expect(keys[0]).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
});

test("a refusal is an answer, and nobody asks for ever", async () => {
  let sent = 0;
  const refused = async () => {
    sent += 1;
    throw problem(422);
  };
  await expect(retried(refused, noPause)).rejects.toThrow();
  expect(sent).toBe(1);
  sent = 0;
  const away = async () => {
    sent += 1;
    throw problem(0);
  };
  await expect(retried(away, noPause)).rejects.toThrow();
  expect(sent).toBe(4);
});
