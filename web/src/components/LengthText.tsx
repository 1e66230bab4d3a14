import { type LengthStyle, lengthParts, lengthText, type Nanometers, tenths } from "../lib/length";
import { useSpeech } from "../speech/useSpeech";

interface Props {
  readonly value: Nanometers;
  readonly style?: LengthStyle;
  readonly className?: string;
}

/** A length with a true stacked fraction, or in millimeters. Readers hear the plain text. */
export function LengthText({ value, style = "feet", className = "" }: Props) {
  const { units } = useSpeech();
  if (units === "millimeters") {
    return (
      <span className={`whitespace-nowrap ${className}`}>
        {tenths(value)}
        <span className="text-[0.7em]"> mm</span>
      </span>
    );
  }
  const { negative, feet, inches, numerator, denominator } = lengthParts(value, style);
  const showInches = style === "feet" || inches > 0 || numerator === 0;
  return (
    <span className={`whitespace-nowrap ${className}`}>
      <span className="sr-only">{lengthText(value, style)}</span>
      <span aria-hidden="true" className="inline-flex items-center">
        {negative && "−"}
        {style === "feet" && <>{feet}′-</>}
        {showInches && inches}
        {numerator > 0 && (
          <span className="ml-[0.12em] inline-flex flex-col items-center text-[0.58em] leading-[1.02]">
            <span>{numerator}</span>
            <span className="w-full border-current border-t-[1.5px] text-center">{denominator}</span>
          </span>
        )}
        <span>″</span>
      </span>
    </span>
  );
}
