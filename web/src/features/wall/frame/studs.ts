import type { Schemas } from "../../../api/client";

type Frame = Schemas["AnsweredWallFrame"];
type Depth = Schemas["Depth"];

const INCH_STUDS: Partial<Record<Depth, string>> = { four: "2x4", six: "2x6", eight: "2x8" };
const METRIC_STUDS: Partial<Record<Depth, string>> = { four: "90x45", six: "140x45", eight: "190x45" };

function names(sawn: Schemas["Sawn"] | undefined) {
  return sawn === "millimeters" ? METRIC_STUDS : INCH_STUDS;
}

/** The sizes of studs there are, sawn to inches or to millimeters. */
export function studChoices(sawn: Schemas["Sawn"] | undefined) {
  return (["four", "six", "eight"] as const).map((value) => ({ value, label: names(sawn)[value] ?? value }));
}

/** `2x4`, `90x45`. */
export function studName(frame: Frame): string {
  return names(frame.framing?.sawn)[frame.stud_depth] ?? frame.stud_depth;
}
