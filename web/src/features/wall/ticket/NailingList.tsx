import type { Schemas } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";

/** Which nails join what, each with where that comes from. */
export function NailingList({ nailing }: { readonly nailing: readonly Schemas["NailingView"][] }) {
  const { say } = useSpeech();
  return (
    <ul className="mt-1 grid gap-1 text-sm">
      {nailing.map((line) => (
        <li key={line.joint.id} className="break-inside-avoid border-base-300 border-b pb-1 leading-snug">
          <span className="block first-letter:uppercase">{say(line.joint)}</span>
          <b>{say(line.nails)}</b> <span className="text-secondary text-xs">{say(line.source)}</span>
        </li>
      ))}
    </ul>
  );
}
