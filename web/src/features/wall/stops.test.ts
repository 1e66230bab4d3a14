import { expect, test } from "vitest";
import { placesToGo, studsSaved } from "./stops";

const stop = (
  center: number,
  reason: "equal_gaps" | "left_king_on_layout" | "right_king_on_layout",
  saved = 0,
) => ({
  center,
  reason,
  studs_saved: saved,
});

test("of the places on the layout the one that saves most is offered, then the nearest", () => {
  const stops = [
    stop(10, "left_king_on_layout"),
    stop(40, "right_king_on_layout", 1),
    stop(60, "left_king_on_layout", 1),
    stop(55, "equal_gaps"),
  ];
  expect(placesToGo(stops, 50).map((place) => place.center)).toEqual([40, 55]);
});

test("where it stands already is no place to go", () => {
  expect(placesToGo([stop(50, "equal_gaps")], 50)).toEqual([]);
});

test("studs saved are counted", () => {
  expect(studsSaved(stop(0, "equal_gaps", 1))).toMatchObject({ id: "page-studs-saved" });
  expect(studsSaved(stop(0, "equal_gaps", -2))).toMatchObject({
    id: "page-studs-more",
    args: { count: { count: 2 } },
  });
  expect(studsSaved(stop(0, "equal_gaps"))).toBeUndefined();
});
