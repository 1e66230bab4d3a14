import { useId } from "react";
import { asTyped, type LengthStyle, type Nanometers } from "../lib/length";
import { typedNumber } from "../lib/typedNumber";
import { metricOf, type QuantityUnit, significant, unitText } from "../speech/figures";
import { useSpeech, type Words } from "../speech/useSpeech";
import { type InputName, useAllowed } from "./allowed";
import { useDraft } from "./useDraft";

interface TextProps {
  readonly label: Words;
  readonly value: string;
  /** Answers what is wrong with the text, or nothing. */
  readonly save: (text: string) => Promise<Words | undefined>;
  readonly unit?: string;
  readonly hint?: Words;
  /** What it is held against: what that may be is shown while it is typed. */
  readonly input?: InputName;
  readonly numeric?: boolean;
  /** Keeps the label for those who listen, where the eye has a heading already. */
  readonly labelHidden?: boolean;
}

/** A field that keeps what is typed, commits on Enter or when left, and shows what is wrong under it. */
export function TextField(props: TextProps) {
  const { label, value, save, unit, hint, input, numeric = true, labelHidden = false } = props;
  const allowed = useAllowed(input);
  const draft = useDraft(value, save);
  const { words } = useSpeech();
  const id = useId();
  const notes = [draft.problem ? "problem" : hint && "hint", allowed && "allowed"].filter(Boolean);
  const described = notes.map((note) => `${id}-${note}`).join(" ") || undefined;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={labelHidden ? "sr-only" : "block text-secondary text-sm"}>
        {words(label)}
      </label>
      <div className="group relative flex items-center gap-1.5">
        <input
          id={id}
          className={`input tap w-full ${numeric ? "num" : ""} ${draft.problem ? "input-error" : ""}`}
          value={draft.text}
          data-draft={draft.isTyped || undefined}
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
        {allowed && (
          <span
            id={`${id}-allowed`}
            className="num pointer-events-none absolute right-0 bottom-[calc(100%+4px)] z-10 hidden whitespace-nowrap bg-base-100 pl-2 text-xs leading-4 group-focus-within:block"
          >
            {words(allowed)}
          </span>
        )}
      </div>
      {draft.problem && (
        <p id={`${id}-problem`} role="alert" className="mt-1 text-error text-sm">
          {words(draft.problem)}
        </p>
      )}
      {!draft.problem && hint && (
        <p id={`${id}-hint`} className="mt-0.5 text-secondary text-xs">
          {words(hint)}
        </p>
      )}
    </div>
  );
}

interface LengthProps extends Omit<TextProps, "value"> {
  /** As the server answers it, or as it was typed into something that is not kept yet. */
  readonly length: Nanometers | string;
  readonly style?: LengthStyle;
}

/** A length as it is written on site; the server reads it. */
export function LengthField({ length, style = "feet", save, ...rest }: LengthProps) {
  const speech = useSpeech();
  return (
    <TextField
      {...rest}
      value={typeof length === "string" ? length : speech.exact(length, style)}
      save={(text) => save(asTyped(text, speech.units))}
    />
  );
}

interface MaybeLengthProps extends Omit<TextProps, "value" | "save"> {
  readonly length: Nanometers | string | null | undefined;
  readonly style?: LengthStyle;
  readonly save: (text: string | null) => Promise<Words | undefined>;
}

/** A length that may be left empty. */
export function MaybeLengthField({ length, style = "feet", save, ...rest }: MaybeLengthProps) {
  const speech = useSpeech();
  return (
    <TextField
      {...rest}
      value={typeof length === "number" ? speech.exact(length, style) : (length ?? "")}
      save={(text) => save(text.trim() === "" ? null : asTyped(text, speech.units))}
    />
  );
}

interface LengthsProps extends Omit<TextProps, "value" | "save"> {
  readonly lengths: readonly (Nanometers | string)[];
  readonly style?: LengthStyle;
  readonly save: (texts: string[]) => Promise<Words | undefined>;
}

/** Several lengths in one field, a comma between each and the next. */
export function LengthsField({ lengths, style = "feet", save, ...rest }: LengthsProps) {
  const speech = useSpeech();
  const written = lengths.map((length) =>
    typeof length === "number" ? speech.exact(length, style) : length,
  );
  const read = (text: string) =>
    text
      .split(/[,;]/)
      .map((each) => each.trim())
      .filter(Boolean)
      .map((each) => asTyped(each, speech.units));
  return <TextField {...rest} value={written.join(", ")} save={(text) => save(read(text))} />;
}

interface NumberProps extends Omit<TextProps, "value" | "save"> {
  readonly number: number;
  /** The unit it is kept in; who measures in millimeters reads and types it in theirs. */
  readonly quantity?: QuantityUnit;
  readonly save: (value: number) => Promise<Words | undefined>;
}

/** A plain number, or a quantity in the user's unit. */
export function NumberField(props: NumberProps) {
  return <MaybeNumberField {...props} />;
}

interface MaybeNumberProps extends Omit<NumberProps, "number"> {
  readonly number: number | null | undefined;
}

/** A number that nobody may have said yet: the field is then empty, and stays so until one is typed. */
export function MaybeNumberField({ number, quantity, save, ...rest }: MaybeNumberProps) {
  const { units } = useSpeech();
  const times = quantity && units === "millimeters" ? (metricOf(quantity)?.[0] ?? 1) : 1;
  const written = (value: number) => (times === 1 ? String(value) : significant(value * times, 6));
  const unit = quantity && unitText(units, quantity);
  return (
    <TextField
      unit={unit}
      {...rest}
      value={number == null ? "" : written(number)}
      save={readNumber(unit, rest.input === PITCH, (value) => save(value / times))}
    />
  );
}

/** The input that is said as a pitch: `6/12`. */
const PITCH = "rise-in-twelve";

/** Reads a number before it is saved. */
function readNumber(
  unit: string | undefined,
  isPitch: boolean,
  save: (value: number) => Promise<Words | undefined>,
) {
  return async (text: string): Promise<Words | undefined> => {
    const value = typedNumber(text, unit, isPitch);
    return value === undefined ? { id: "page-is-not-a-number", args: { text: { text } } } : save(value);
  };
}

interface ChoiceProps<T extends string> {
  readonly label: Words;
  /** Nothing where nobody chose yet. */
  readonly value: T | undefined;
  readonly options: readonly { readonly value: T; readonly label: Words }[];
  readonly choose: (value: T) => void;
}

/** One of a few, as a row of buttons. */
export function ChoiceRow<T extends string>({ label, value, options, choose }: ChoiceProps<T>) {
  const { words } = useSpeech();
  return (
    <fieldset className="min-w-0">
      <legend className="text-secondary text-sm">{words(label)}</legend>
      <div className="join flex">
        {options.map((option) => (
          <button
            key={option.value}
            type="button"
            aria-pressed={option.value === value}
            className={`btn join-item tap flex-1 px-2 font-normal ${option.value === value ? "btn-neutral" : "bg-base-100"}`}
            onClick={() => choose(option.value)}
          >
            {words(option.label)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

/** One of several, as a list that drops down. */
export function ChoiceList<T extends string>(props: ChoiceProps<T>) {
  const { label, value, options, choose } = props;
  const { words } = useSpeech();
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-secondary text-sm">
        {words(label)}
      </label>
      <select
        id={id}
        className="select tap w-full text-ellipsis"
        value={value ?? ""}
        onChange={(event) => choose(event.target.value as T)}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {words(option.label)}
          </option>
        ))}
      </select>
    </div>
  );
}
