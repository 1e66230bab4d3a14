import type { Schemas } from "../../../api/client";

type Frame = Schemas["AnsweredWallFrame"];
type Depth = Schemas["Depth"];

const INCH_BOARDS: Record<Depth, string> = {
  four: "2x4",
  six: "2x6",
  eight: "2x8",
  ten: "2x10",
  twelve: "2x12",
};
const METRIC_BOARDS: Record<Depth, string> = {
  four: "90x45",
  six: "140x45",
  eight: "190x45",
  ten: "240x45",
  twelve: "290x45",
};

const DEPTHS = ["four", "six", "eight", "ten", "twelve"] as const;

function names(sawn: Schemas["Sawn"] | undefined) {
  return sawn === "millimeters" ? METRIC_BOARDS : INCH_BOARDS;
}

/** The sizes of studs there are, sawn to inches or to millimeters. */
export function studChoices(sawn: Schemas["Sawn"] | undefined) {
  return (["four", "six", "eight"] as const).map((value) => ({ value, label: names(sawn)[value] }));
}

/** The sizes of boards there are. */
export function boardChoices(sawn: Schemas["Sawn"] | undefined) {
  return DEPTHS.map((value) => ({ value, label: names(sawn)[value] }));
}

/** `2x4`, `90x45`. */
export function studName(frame: Frame): string {
  return names(frame.framing?.sawn)[frame.stud_depth];
}
