import type { Units } from "../../../lib/length";
import type { DrawingKeys } from "./commands";

/** The keys of an opening that has the focus, as the drawing takes them. */
export function drawingKeys(units: Units): readonly DrawingKeys[] {
  const arrows = [{ key: "ArrowLeft" }, { key: "ArrowRight" }];
  const metric = units === "millimeters";
  return [
    {
      label: metric ? { id: "page-move-by-a-millimeter" } : { id: "page-move-by-a-sixteenth" },
      keys: arrows,
    },
    {
      label: metric ? { id: "page-move-by-ten-millimeters" } : { id: "page-move-by-an-inch" },
      keys: arrows.map((each) => ({ ...each, shift: true })),
    },
    { label: { id: "page-look-at-its-ticket" }, keys: [{ key: "Enter" }] },
    { label: { id: "page-leave-it-as-it-was" }, keys: [{ key: "Escape" }] },
    { label: { id: "page-take-it-out" }, keys: [{ key: "Delete" }] },
  ];
}
