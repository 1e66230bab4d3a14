import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { cutOf, lastOf, nextOf, nextSetting, settingKey, tickOf, withTicks } from "./ticks";

const words = { id: "verbatim", args: { text: { text: "stud" } } };
const piece = (name: string, cut = false) => ({ piece: name, what: words, goes: words, cut });

function setting(length: number, pieces: ReturnType<typeof piece>[]): Schemas["SawSetting"] {
  return { section: words, wood: "2x4 SPF Stud", treated: false, length, bevel: null, top_up: false, pieces };
}

const view = (settings: Schemas["SawSetting"][]): Schemas["SawView"] => ({
  held_back: [],
  settings,
  wanted: settings.reduce((sum, { pieces }) => sum + pieces.length, 0),
  cut: 0,
  changed: [],
});

describe("what was ticked off", () => {
  it("stands over what the server knows until it has arrived", () => {
    const stud = setting(90, [piece("a"), piece("b", true)]);
    const tick = tickOf(stud, piece("a"), 0, false);
    const back = tickOf(stud, piece("b", true), 1, true);
    const shown = withTicks(view([stud]), [tick, back]);
    expect(shown.settings[0]?.pieces.map(({ cut }) => cut)).toEqual([true, false]);
    expect(shown.cut).toBe(1);
    // The later of two of one piece counts.
    expect(withTicks(view([stud]), [tick, { ...tick, sequence: 2, taken_back: true }]).cut).toBe(1);
  });

  it("counts the next piece and takes the last one back", () => {
    const some = setting(90, [piece("a", true), piece("b", true), piece("c")]);
    expect(nextOf(some)?.piece).toBe("c");
    expect(lastOf(some)?.piece).toBe("b");
    expect(cutOf(some.pieces)).toBe(2);
    expect(nextOf(setting(90, [piece("a", true)]))).toBeUndefined();
    expect(lastOf(setting(90, [piece("a")]))).toBeUndefined();
  });

  it("goes on to a setting that is not done, round the end, and stays where all is done", () => {
    const done = setting(90, [piece("a", true)]);
    const open = setting(80, [piece("b")]);
    expect(nextSetting([open, done, done], 1)).toBe(0);
    expect(nextSetting([done, done, open], 0)).toBe(2);
    expect(nextSetting([done, done], 1)).toBe(1);
    expect(nextSetting([], 0)).toBe(0);
  });

  it("knows a setting again by what it is cut from and to", () => {
    expect(settingKey(setting(90, []))).toBe(settingKey(setting(90, [piece("a")])));
    expect(settingKey(setting(90, []))).not.toBe(settingKey(setting(91, [])));
    expect(settingKey({ ...setting(90, []), bevel: { drop: 1, over: 2 } })).not.toBe(
      settingKey(setting(90, [])),
    );
  });
});
