import { beforeEach, describe, expect, it, vi } from "vitest";
import { addWaiting, arrived, deviceOf, keepSeen, lastSeen, nextSequence, waitingOf } from "./kept";
import type { Tick } from "./ticks";

const tick = (sequence: number): Tick => ({
  sequence,
  piece: `piece ${sequence}`,
  wood: "2x4 SPF Stud",
  treated: false,
  length: 1,
});

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
    addWaiting("a", tick(1));
    addWaiting("a", tick(2));
    addWaiting("b", tick(3));
    arrived("a", new Set([1]));
    expect(waitingOf("a").map(({ sequence }) => sequence)).toEqual([2]);
    expect(waitingOf("b").map(({ sequence }) => sequence)).toEqual([3]);
  });

  it("reads nothing out of what is no JSON", () => {
    localStorage.setItem("sturvek.saw.waiting", "{");
    expect(waitingOf("a")).toEqual([]);
  });

  it("shows what was seen last of the same part only", () => {
    const view = { held_back: [], settings: [], wanted: 4, cut: 1, changed: [] };
    keepSeen("job wall", view);
    expect(lastSeen("job wall")).toEqual(view);
    expect(lastSeen("job other")).toBeUndefined();
  });
});
