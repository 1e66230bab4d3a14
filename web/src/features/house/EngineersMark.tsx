import { useId, useState } from "react";
import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import type { Station } from "./stations";

interface Props {
  readonly station: Station;
  /** The storeys, from the bottom. */
  readonly levels: readonly { readonly id?: string | null }[];
  readonly make: (commands: Schemas["Command"][]) => void;
}

/** A break that an engineer answers for: who, and why; it stays to be seen. */
export function EngineersMark({ station, levels, make }: Props) {
  const { say } = useSpeech();
  const [who, setWho] = useState("");
  const [reason, setReason] = useState("");
  const level = levels[station.storey ?? 0]?.id;
  const at = station.near;
  if (!level || !at) return null;
  const said = who.trim() !== "" && reason.trim() !== "";
  return (
    <form
      className="no-print grid gap-2 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!said) return;
        make([{ do: "add_part", part: { part: "mark", level, name: who, reason, x: at.x, y: at.y } }]);
      }}
    >
      <Asked label={say("page-who-answers-for-the-break")} text={who} change={setWho} />
      <Asked label={say("page-why-it-is-right")} text={reason} change={setReason} />
      <button type="submit" className="btn tap justify-self-start font-normal" disabled={!said}>
        {say("page-the-engineers")}
      </button>
    </form>
  );
}

interface AskedProps {
  readonly label: string;
  readonly text: string;
  readonly change: (text: string) => void;
}

function Asked({ label, text, change }: AskedProps) {
  const id = useId();
  return (
    <label htmlFor={id} className="grid text-sm">
      {label}
      <input
        id={id}
        className="input tap w-full"
        value={text}
        maxLength={80}
        onChange={(event) => change(event.target.value)}
      />
    </label>
  );
}
