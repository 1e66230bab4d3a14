import type { LengthStyle, Nanometers } from "../lib/length";
import { tenths } from "../lib/length";
import { type Speech, useSpeech } from "../speech/useSpeech";

interface Props {
  readonly value: Nanometers;
  readonly style?: LengthStyle;
  readonly x: number;
  readonly y: number;
  readonly anchor?: "start" | "middle" | "end";
  readonly size?: number;
  readonly className?: string;
  readonly before?: string;
  /** Whether it reads from the bottom up. */
  readonly turned?: boolean;
}

/** A length as it stands in a drawing: millimeters go without saying there, as on a plan. */
export function drawnLength(speech: Speech, value: Nanometers, style: LengthStyle = "inches"): string {
  return speech.units === "millimeters" ? tenths(value) : speech.length(value, style);
}

/** A length in a drawing. */
export function SvgLength({
  value,
  style = "inches",
  x,
  y,
  anchor = "start",
  size = 16,
  className = "",
  before = "",
  turned = false,
}: Props) {
  const speech = useSpeech();
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight={650}
      className={`num ${className}`}
      transform={turned ? `rotate(-90 ${x} ${y})` : undefined}
    >
      {before}
      {drawnLength(speech, value, style)}
    </text>
  );
}
