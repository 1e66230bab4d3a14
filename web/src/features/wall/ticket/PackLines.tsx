import { useState } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { useSpeech } from "../../../speech/useSpeech";
import type { SheetPlace } from "../working/WorkingSheet";
import { DecideForm } from "./DecideForm";

type End = "left" | "right";
const ENDS = ["left", "right"] as const;

interface Props {
  readonly ticket: Ticket;
  readonly editing: JobEditing;
  readonly showWorking: (part: SheetPlace) => void;
}

/** How many jacks and kings at each end: said once where both are alike. A count opens where it came from. */
export function PackLines({ ticket, editing, showWorking }: Props) {
  const { say } = useSpeech();
  const ends: readonly End[] = differ(ticket) ? ENDS : ["left"];
  const [deciding, setDeciding] = useState<readonly End[]>([]);
  const toggle = (which: readonly End[]) =>
    setDeciding((before) =>
      which.some((end) => before.includes(end))
        ? before.filter((end) => !which.includes(end))
        : [...before, ...which],
    );
  return (
    <div data-answer="packs">
      {ends.length > 1 && (
        <p className="pt-1 font-bold text-sm">{say("page-left-and-right-are-not-alike")}</p>
      )}
      {ends.map((end) => (
        <PackLine
          key={end}
          ticket={ticket}
          end={end}
          both={ends.length === 1}
          deciding={deciding}
          toggle={toggle}
          editing={editing}
          showWorking={ticket.header ? showWorking : undefined}
        />
      ))}
    </div>
  );
}

const packAt = (ticket: Ticket, end: End) => (end === "left" ? ticket.left_pack : ticket.right_pack);

function differ({ left_pack, right_pack }: Ticket): boolean {
  const said = (pack: Schemas["PackView"]) =>
    JSON.stringify([pack.jacks, pack.kings, pack.jacks_decided, pack.kings_decided]);
  return said(left_pack) !== said(right_pack);
}

interface LineProps {
  readonly ticket: Ticket;
  readonly end: End;
  /** Whether the other end is alike. */
  readonly both: boolean;
  /** The ends at which another number is being decided. */
  readonly deciding: readonly End[];
  readonly toggle: (ends: readonly End[]) => void;
  readonly editing: JobEditing;
  readonly showWorking: ((part: SheetPlace) => void) | undefined;
}

function PackLine({ ticket, end, both, deciding, toggle, editing, showWorking }: LineProps) {
  const { say, alsoCalled } = useSpeech();
  const ends = both ? ENDS : [end];
  const open = ends.some((each) => deciding.includes(each));
  const pack = packAt(ticket, end);
  const numbered = pack.jacks != null && pack.kings != null;
  const counts = numbered
    ? [
        say("count-of-jacks", { count: pack.jacks ?? 0 }),
        say("count-of-kings", { count: pack.kings ?? 0 }),
      ].join(", ")
    : say("page-no-number-yet");
  const decided = [
    pack.jacks_decided && say("page-jacks-decided", { reason: pack.jacks_decided }),
    pack.kings_decided && say("page-kings-decided", { reason: pack.kings_decided }),
  ].filter(Boolean);
  return (
    <div className="border-base-300 border-b">
      <div className="flex items-center gap-2">
        <button
          type="button"
          className="tap flex min-w-0 flex-1 items-center gap-3 text-left enabled:hover:bg-base-200"
          title={[alsoCalled("jack"), alsoCalled("king")].filter(Boolean).join(". ")}
          disabled={!showWorking}
          onClick={() => showWorking?.({ title: "title-jacks", about: `"${end}"` })}
        >
          <span className="w-16 shrink-0 text-secondary text-sm leading-tight">
            {both ? say("page-each-end") : say("page-end", { end })}
          </span>
          <span className="font-bold text-lg leading-tight">{counts}</span>
        </button>
        <button
          type="button"
          className="btn btn-ghost tap no-print px-3 font-normal"
          aria-expanded={open}
          onClick={() => toggle(ends)}
        >
          {say("page-decide")}
        </button>
      </div>
      {decided.map((words) => (
        <p key={words} className="pb-1 text-primary text-sm">
          {words}
        </p>
      ))}
      {ends
        .filter((each) => deciding.includes(each))
        .map((each) => (
          <div key={each} className="mb-2 grid gap-3 bg-base-200 p-3">
            {both && <p className="font-bold text-sm">{say("page-end", { end: each })}</p>}
            {(["jack", "king"] as const).map((role) => (
              <DecideForm
                key={role}
                role={role}
                end={each}
                opening={ticket.id}
                pack={packAt(ticket, each)}
                editing={editing}
              />
            ))}
          </div>
        ))}
    </div>
  );
}
