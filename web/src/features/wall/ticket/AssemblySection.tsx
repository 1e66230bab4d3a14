import type { Ticket } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";
import { NailingList } from "./NailingList";

/** In which order the pieces go together, and with which nails. */
export function AssemblySection({ ticket }: { readonly ticket: Ticket }) {
  const { say } = useSpeech();
  return (
    <section aria-label={say("page-order-of-assembly")}>
      <ol className="mt-1 grid list-decimal gap-1 pl-6 leading-snug">
        {ticket.assembly.map((step) => (
          <li key={step.id}>{say(step)}</li>
        ))}
      </ol>
      <details className="mt-2">
        <summary className="tap flex cursor-pointer items-center font-bold text-sm">
          {say("page-nailing")}
        </summary>
        <NailingList nailing={ticket.nailing} />
      </details>
    </section>
  );
}
