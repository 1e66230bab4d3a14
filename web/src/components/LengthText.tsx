import type { LengthStyle, Nanometers } from "../lib/length";
import { useSpeech } from "../speech/useSpeech";

interface Props {
  readonly value: Nanometers;
  readonly style?: LengthStyle;
  readonly className?: string;
}

/** A length, written as in every sentence, field and drawing. */
export function LengthText({ value, style = "feet", className = "" }: Props) {
  const { length } = useSpeech();
  return <span className={`whitespace-nowrap ${className}`}>{length(value, style)}</span>;
}
