import type { Ticket } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";

/** What must stand below each pack: the load does not end at the sole plate. */
export function BelowSection({ ticket }: { readonly ticket: Ticket }) {
  const { say } = useSpeech();
  if (ticket.below.length === 0) return null;
  return (
    <section aria-label={say("page-what-must-stand-below")}>
      <h3 className="ruled">{say("page-what-must-stand-below")}</h3>
      <ul className="mt-1 grid gap-1 text-sm leading-snug">
        {ticket.below.map((line) => (
          <li key={say(line)}>{say(line)}</li>
        ))}
      </ul>
    </section>
  );
}
