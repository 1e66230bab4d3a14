import { type FormEvent, useId, useState } from "react";
import { useSpeech } from "../../speech/useSpeech";

/** The longest reason, and the longest step that is added. */
const LONGEST = 300;

interface Props {
  readonly label: string;
  readonly put: (text: string) => void;
  readonly leave: () => void;
}

/** Something that has to be written before it counts. */
export function Written({ label, put, leave }: Props) {
  const { say } = useSpeech();
  const of = useId();
  const [text, setText] = useState("");
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim()) put(text.trim());
  };
  return (
    <form className="no-print flex flex-wrap items-end gap-3" onSubmit={send}>
      <label htmlFor={of} className="grid min-w-64 flex-1 text-lg">
        {label}
        <input
          id={of}
          className="input tap w-full text-lg"
          maxLength={LONGEST}
          value={text}
          // biome-ignore lint/a11y/noAutofocus: it was just asked for
          autoFocus
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-neutral tap text-lg" disabled={!text.trim()}>
        {say("page-order-write")}
      </button>
      <button type="button" className="btn btn-ghost tap font-normal text-lg" onClick={leave}>
        {say("page-order-leave")}
      </button>
    </form>
  );
}
