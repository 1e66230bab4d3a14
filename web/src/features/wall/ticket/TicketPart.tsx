import type { ReactNode } from "react";
import type { Parts } from "./useParts";

interface Props {
  readonly name: string;
  readonly title: string;
  /** What it says at a glance while it is closed. */
  readonly glance?: ReactNode;
  readonly parts: Parts;
  readonly children: () => ReactNode;
}

/** A part of the ticket below the answer: closed until it is asked for, and not made before. */
export function TicketPart({ name, title, glance, parts, children }: Props) {
  const open = parts.isOpen(name);
  return (
    <section className="border-base-300 border-t" data-part={name}>
      <h3>
        <button
          type="button"
          aria-expanded={open}
          className="tap flex w-full items-center gap-2 text-left hover:bg-base-200"
          onClick={() => parts.toggle(name)}
        >
          <svg
            viewBox="0 0 12 12"
            className={`size-3 shrink-0 ${open ? "rotate-90" : ""}`}
            aria-hidden="true"
          >
            <path d="M3 1l6 5-6 5z" fill="currentColor" />
          </svg>
          <span className="font-bold first-letter:uppercase">{title}</span>
          {glance && <span className="ml-auto text-right text-secondary text-sm">{glance}</span>}
        </button>
      </h3>
      {open && <div className="pb-4">{children()}</div>}
    </section>
  );
}
