import type { LengthStyle } from "../lib/length";
import type { QuantityUnit } from "../speech/figures";
import { useSpeech, type Words } from "../speech/useSpeech";
import type { Phrase } from "../speech/voice";
import type { InputName } from "./allowed";
import { ChoiceList, ChoiceRow, LengthField, LengthsField, MaybeLengthField, NumberField } from "./Field";

/** Something to choose, and what it is called. */
export interface Choice {
  readonly value: string;
  readonly label: Words;
}

/** What may depend on the rest of the thing. */
type Of<T, What> = What | ((value: T) => What);

interface Described<T> {
  /** Where in the thing its value stands. */
  readonly at: keyof T & string;
  readonly label: Of<T, Phrase>;
  readonly hint?: Of<T, Phrase | undefined>;
  /** What it is held against by the server, which says what it may be. */
  readonly input?: InputName;
  /** Whether it is asked at all; always where nothing is said. */
  readonly when?: (value: T) => boolean;
  /** Whether it takes both columns, of a form that stands in two. */
  readonly wide?: boolean;
}

/** One field of a form, described. */
export type FormField<T> = Described<T> &
  (
    | { readonly as: "length" | "maybe_length"; readonly style?: LengthStyle }
    | { readonly as: "number"; readonly quantity?: QuantityUnit; readonly whole?: boolean }
    | { readonly as: "lengths"; readonly style?: LengthStyle }
    | {
        /** As a list that drops down, or as a row of buttons. */
        readonly as: "choice" | "row";
        readonly options: Of<T, readonly Choice[]>;
        readonly otherwise: string;
        /** The one that stands for nothing said. */
        readonly nothing?: string;
      }
    | { readonly as: "yes_or_no"; readonly options?: readonly [no: Choice, yes: Choice] }
  );

export const NO_OR_YES = [
  { value: "no", label: { id: "page-no" } },
  { value: "yes", label: { id: "page-yes" } },
] as const satisfies readonly [Choice, Choice];

interface Props<T, Sent> {
  readonly value: T;
  readonly fields: readonly FormField<T>[];
  /** Changes a part of it: lengths are sent as they are typed. */
  readonly change: (part: Partial<Sent>) => Promise<Words | undefined>;
}

/** A form from its description. */
export function Form<T extends object, Sent extends object = T>({ value, fields, change }: Props<T, Sent>) {
  return fields
    .filter((field) => field.when?.(value) ?? true)
    .map((field) => (
      <div key={field.at} className={field.wide ? "col-span-2" : "min-w-0"}>
        <OneField value={value} field={field} change={change} />
      </div>
    ));
}

function OneField<T extends object, Sent extends object>({
  value,
  field,
  change,
}: Omit<Props<T, Sent>, "fields"> & { readonly field: FormField<T> }) {
  const { say } = useSpeech();
  const now: unknown = value[field.at];
  const save = (next: unknown) => change({ [field.at]: next } as Partial<Sent>);
  const hint = given(field.hint, value);
  const shown = {
    label: say(given(field.label, value)),
    ...(hint && { hint: say(hint) }),
    ...(field.input && { input: field.input }),
  };
  switch (field.as) {
    case "length":
      return <LengthField {...shown} style={field.style} length={lengthOf(now) ?? ""} save={save} />;
    case "maybe_length":
      return <MaybeLengthField {...shown} style={field.style} length={lengthOf(now)} save={save} />;
    case "number":
      return (
        <NumberField
          {...shown}
          quantity={field.quantity}
          number={typeof now === "number" ? now : 0}
          save={(typed) => save(field.whole ? Math.round(typed) : typed)}
        />
      );
    case "lengths":
      return <LengthsField {...shown} style={field.style} lengths={lengthsOf(now)} save={save} />;
    case "choice":
    case "row": {
      const Choose = field.as === "row" ? ChoiceRow : ChoiceList;
      return (
        <Choose
          label={shown.label}
          value={typeof now === "string" ? now : field.otherwise}
          options={given(field.options, value)}
          choose={(next) => void save(next === field.nothing ? null : next)}
        />
      );
    }
    case "yes_or_no":
      return (
        <ChoiceList
          label={shown.label}
          value={now === true ? "yes" : "no"}
          options={field.options ?? NO_OR_YES}
          choose={(next) => void save(next === "yes")}
        />
      );
  }
}

const lengthOf = (now: unknown) => (typeof now === "number" || typeof now === "string" ? now : undefined);

const lengthsOf = (now: unknown) =>
  Array.isArray(now) ? now.filter((each) => typeof each === "number" || typeof each === "string") : [];

function given<T, What>(what: Of<T, What>, value: T): What {
  return typeof what === "function" ? (what as (value: T) => What)(value) : what;
}
