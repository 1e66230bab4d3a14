import { useId } from "react";
import { type LengthStyle, lengthText, type Nanometers } from "../lib/length";
import { useDraft } from "./useDraft";

interface TextProps {
  readonly label: string;
  readonly value: string;
  /** Answers what is wrong with the text, or nothing. */
  readonly save: (text: string) => Promise<string | undefined>;
  readonly unit?: string;
  readonly hint?: string;
  readonly numeric?: boolean;
  /** Keeps the label for those who listen, where the eye has a heading already. */
  readonly labelHidden?: boolean;
}

/** A field that keeps what is typed, commits on Enter or when left, and shows what is wrong under it. */
export function TextField(props: TextProps) {
  const { label, value, save, unit, hint, numeric = true, labelHidden = false } = props;
  const draft = useDraft(value, save);
  const id = useId();
  const described = draft.problem ? `${id}-problem` : hint ? `${id}-hint` : undefined;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={labelHidden ? "sr-only" : "block text-secondary text-sm"}>
        {label}
      </label>
      <div className="flex items-center gap-1.5">
        <input
          id={id}
          className={`input tap w-full ${numeric ? "num" : ""} ${draft.problem ? "input-error" : ""}`}
          value={draft.text}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={draft.problem !== undefined}
          aria-describedby={described}
          onChange={(event) => draft.setText(event.target.value)}
          onBlur={draft.commit}
          onKeyDown={(event) => {
            if (event.key === "Enter") draft.commit();
            if (event.key === "Escape") draft.revert();
          }}
        />
        {unit && <span className="shrink-0 text-secondary text-sm">{unit}</span>}
      </div>
      {draft.problem && (
        <p id={`${id}-problem`} role="alert" className="mt-1 text-error text-sm">
          {draft.problem}
        </p>
      )}
      {!draft.problem && hint && (
        <p id={`${id}-hint`} className="mt-0.5 text-secondary text-xs">
          {hint}
        </p>
      )}
    </div>
  );
}

interface LengthProps extends Omit<TextProps, "value"> {
  readonly length: Nanometers;
  readonly style?: LengthStyle;
}

/** A length as it is written on site; the server reads it. */
export function LengthField({ length, style = "feet", ...rest }: LengthProps) {
  return <TextField {...rest} value={lengthText(length, style)} />;
}

interface NumberProps extends Omit<TextProps, "value" | "save"> {
  readonly number: number;
  readonly save: (value: number) => Promise<string | undefined>;
}

/** A plain number. */
export function NumberField({ number, save, ...rest }: NumberProps) {
  const read = async (text: string) => {
    const value = Number(text.trim().replace(",", "."));
    return text.trim() === "" || Number.isNaN(value) ? `"${text}" is not a number.` : save(value);
  };
  return <TextField {...rest} value={String(number)} save={read} />;
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly choose: (value: T) => void;
}

/** One of a few, as a row of buttons. */
export function ChoiceRow<T extends string>({ label, value, options, choose }: ChoiceProps<T>) {
  return (
    <fieldset className="min-w-0">
      <legend className="text-secondary text-sm">{label}</legend>
      <div className="join flex">
        {options.map((option) => (
          <button
            key={option.value}
            type="button"
            aria-pressed={option.value === value}
            className={`btn join-item tap flex-1 px-2 font-normal ${option.value === value ? "btn-neutral" : "bg-base-100"}`}
            onClick={() => choose(option.value)}
          >
            {option.label}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

/** One of several, as a list that drops down. */
export function ChoiceList<T extends string>({ label, value, options, choose }: ChoiceProps<T>) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-secondary text-sm">
        {label}
      </label>
      <select
        id={id}
        className="select tap w-full"
        value={value}
        onChange={(event) => choose(event.target.value as T)}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  );
}
