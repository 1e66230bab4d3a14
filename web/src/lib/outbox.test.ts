import { beforeEach, describe, expect, it, vi } from "vitest";
import { deviceOf, keepName, lastSeenOf, nameOf, nextSequence, outboxOf } from "./outbox";

const tick = (sequence: number) => ({ sequence, piece: `piece ${sequence}` });
const outbox = outboxOf<ReturnType<typeof tick>>("test.waiting");
const { lastSeen, keepSeen } = lastSeenOf<{ readonly cut: number }>("test.last");

describe("what the device keeps by itself", () => {
  beforeEach(() => localStorage.clear());

  it("is one device and counts on", () => {
    expect(deviceOf()).toBe(deviceOf());
    const numbers = Array.from({ length: 50 }, nextSequence);
    expect(new Set(numbers).size).toBe(50);
    expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
    // A clock that was set back does not make it count again.
    vi.useFakeTimers({ now: 0 });
    expect(nextSequence()).toBeGreaterThan(numbers[49] ?? 0);
    vi.useRealTimers();
  });

  it("keeps what waits by job until it has arrived", () => {
    outbox.add("a", tick(1));
    outbox.add("a", tick(2));
    outbox.add("b", tick(3));
    outbox.arrived("a", new Set([1]));
    expect(outbox.waiting("a").map(({ sequence }) => sequence)).toEqual([2]);
    expect(outbox.waiting("b").map(({ sequence }) => sequence)).toEqual([3]);
  });

  it("reads nothing out of what is no JSON", () => {
    localStorage.setItem("test.waiting", "{");
    expect(outbox.waiting("a")).toEqual([]);
  });

  it("shows what was seen last of the same part only", () => {
    const view = { cut: 1 };
    keepSeen("job wall", view);
    expect(lastSeen("job wall")).toEqual(view);
    expect(lastSeen("job other")).toBeUndefined();
  });

  it("knows who spoke last", () => {
    expect(nameOf()).toBe("");
    keepName("Ansel");
    expect(nameOf()).toBe("Ansel");
  });
});
