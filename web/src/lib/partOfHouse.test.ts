import { describe, expect, it } from "vitest";
import { partOf } from "./partOfHouse";

describe("a part of the house", () => {
  it("is of a wall before it is of a storey", () => {
    const of = (text: string) => partOf(new URLSearchParams(text));
    expect(of("wall=a&level=b")).toEqual({ wall: "a" });
    expect(of("level=b")).toEqual({ level: "b" });
    expect(of("")).toEqual({});
  });
});
