import { QueryClient } from "@tanstack/react-query";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { keys } from "./queries";
import { hear } from "./useChanges";

let client: QueryClient;

beforeEach(() => {
  vi.useFakeTimers();
  client = new QueryClient();
  client.setQueryData(keys.job("j"), { version: 4 });
});

afterEach(() => {
  vi.useRealTimers();
  document.body.innerHTML = "";
});

const isStale = () => client.getQueryState(keys.job("j"))?.isInvalidated;

test("a newer version is read again, an own one that was answered meanwhile is not", () => {
  hear(client, { job: "j", version: 5 });
  client.setQueryData(keys.job("j"), { version: 5 });
  vi.advanceTimersByTime(1000);
  expect(isStale()).toBe(false);
  hear(client, { job: "j", version: 6 });
  vi.advanceTimersByTime(1000);
  expect(isStale()).toBe(true);
});

test("a job that is being read when it changes is held against the change once it is there", async () => {
  let answer: (view: { version: number }) => void = () => undefined;
  const reading = client.fetchQuery({
    queryKey: keys.job("k"),
    queryFn: () => new Promise<{ version: number }>((resolve) => (answer = resolve)),
  });
  hear(client, { job: "k", version: 8 });
  await vi.advanceTimersByTimeAsync(1000);
  answer({ version: 7 });
  await reading;
  await vi.advanceTimersByTimeAsync(1000);
  expect(client.getQueryState(keys.job("k"))?.isInvalidated).toBe(true);
});

test("other jobs, and older versions, change nothing", () => {
  hear(client, { job: "other", version: 9 });
  hear(client, { job: "j", version: 3 });
  vi.advanceTimersByTime(1000);
  expect(isStale()).toBe(false);
});

test("where some were missed everything is read again", () => {
  hear(client, "again");
  expect(isStale()).toBe(true);
});

test("a field that is typed in keeps its version until it is done", () => {
  document.body.innerHTML = "<input data-draft>";
  hear(client, { job: "j", version: 5 });
  vi.advanceTimersByTime(2000);
  expect(isStale()).toBe(false);
  document.body.innerHTML = "";
  vi.advanceTimersByTime(1000);
  expect(isStale()).toBe(true);
});
