import { type ReactNode, useState } from "react";
import { useSpeech } from "../../../speech/useSpeech";

interface Props<T> {
  readonly legend: string;
  readonly all: readonly T[];
  /** The fields of one of them. */
  readonly fields: (each: T, index: number) => ReactNode;
  /** Keeps those that are left. */
  readonly keep: (left: T[]) => void;
  /** What begins another one. */
  readonly more: string;
  /** The fields of another one, until it is done. */
  readonly fresh: (done: () => void) => ReactNode;
}

/** Things of a wall that go by their place in a list: each can be changed and taken away, and another one begun. */
export function EditedList<T>({ legend, all, fields, keep, more, fresh }: Props<T>) {
  const { say } = useSpeech();
  const [begun, setBegun] = useState(false);
  return (
    <fieldset>
      <legend className="ruled w-full">{legend}</legend>
      {all.map((each, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: they go by their place
        <div key={index} className="mt-2 grid gap-2 border-base-300 border-l-4 pl-3 sm:grid-cols-2">
          {fields(each, index)}
          <button
            type="button"
            className="btn btn-ghost tap justify-self-start font-normal"
            onClick={() => keep(all.filter((_, place) => place !== index))}
          >
            {say("page-take-it-away")}
          </button>
        </div>
      ))}
      {begun ? (
        <div className="mt-2 grid gap-2 bg-base-200 p-3 sm:grid-cols-2">
          {fresh(() => setBegun(false))}
          <button
            type="button"
            className="btn btn-ghost tap self-end justify-self-start font-normal"
            onClick={() => setBegun(false)}
          >
            {say("page-leave-it")}
          </button>
        </div>
      ) : (
        <button type="button" className="btn tap mt-2 font-normal" onClick={() => setBegun(true)}>
          {more}
        </button>
      )}
    </fieldset>
  );
}
