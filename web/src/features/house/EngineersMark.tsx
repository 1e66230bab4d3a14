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
  const [whoId, reasonId] = [useId(), useId()];
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
      <label htmlFor={whoId} className="grid text-sm">
        {say("page-who-answers-for-the-break")}
        <input
          id={whoId}
          className="input tap w-full"
          value={who}
          maxLength={80}
          onChange={(event) => setWho(event.target.value)}
        />
      </label>
      <label htmlFor={reasonId} className="grid text-sm">
        {say("page-why-it-is-right")}
        <input
          id={reasonId}
          className="input tap w-full"
          value={reason}
          maxLength={80}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <button type="submit" className="btn tap justify-self-start font-normal" disabled={!said}>
        {say("page-the-engineers")}
      </button>
    </form>
  );
}
