import { type LengthStyle, lengthParts, type Nanometers, tenths } from "../lib/length";
import { useSpeech } from "../speech/useSpeech";

interface Props {
  readonly value: Nanometers;
  readonly style?: LengthStyle;
  readonly x: number;
  readonly y: number;
  readonly anchor?: "start" | "middle" | "end";
  readonly size?: number;
  readonly className?: string;
  readonly before?: string;
}

/** A length in a drawing, its fraction raised and lowered about a slash. */
export function SvgLength({
  value,
  style = "inches",
  x,
  y,
  anchor = "start",
  size = 13,
  className = "",
  before = "",
}: Props) {
  const { units } = useSpeech();
  if (units === "millimeters") {
    return (
      <text x={x} y={y} textAnchor={anchor} fontSize={size} className={`num ${className}`} fontWeight={600}>
        {before}
        {tenths(value)}
      </text>
    );
  }
  const { negative, feet, inches, numerator, denominator } = lengthParts(value, style);
  const showInches = style === "feet" || inches > 0 || numerator === 0;
  const whole = `${before}${negative ? "−" : ""}${style === "feet" ? `${feet}′-` : ""}${showInches ? inches : ""}`;
  const small = size * 0.68;
  const lift = size * 0.28;
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize={size} className={`num ${className}`} fontWeight={600}>
      {whole}
      {numerator > 0 && (
        <>
          <tspan dx={size * 0.12} dy={-lift} fontSize={small}>
            {numerator}
          </tspan>
          <tspan dy={lift} fontSize={size * 0.9}>
            ⁄
          </tspan>
          <tspan fontSize={small}>{denominator}</tspan>
        </>
      )}
      <tspan>″</tspan>
    </text>
  );
}
