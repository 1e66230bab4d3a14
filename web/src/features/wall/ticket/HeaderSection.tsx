import type { ReactNode } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import { designNow, type JobEditing } from "../../../api/useJobEditing";
import { LengthText } from "../../../components/LengthText";
import { WorkBar } from "../../../components/WorkBar";
import { percent, pounds } from "../../../lib/work";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  readonly editing: JobEditing;
  readonly showWorking: (part: string) => void;
  /** What else there is to say about the header in place. */
  readonly children?: ReactNode;
}

/** Which header, how hard it works and at what. */
export function HeaderSection({ ticket, editing, showWorking, children }: Props) {
  const { say } = useSpeech();
  const header = ticket.header;
  if (!header) return null;
  const confirmNailing = (nailing_confirmed: boolean) =>
    void editing.run((now) => {
      const design = designNow(now, ticket.id);
      if (!design?.options) return undefined;
      const options = { ...design.options, nailing_confirmed };
      return { do: "change_opening", opening: ticket.id, design: { ...design, options } };
    });
  return (
    <section>
      <h3 className="ruled">{say("Header")}</h3>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-2">
        <span className="font-bold text-lg">{header.name}</span>
        <span>
          cut <LengthText value={header.length} style="inches" className="num font-bold text-lg" />
        </span>
        {header.way_up && <span className="border border-current px-1 font-bold">{header.way_up}</span>}
        <span className="text-secondary text-sm">{pounds(header.weight_lb)}</span>
      </p>
      <p className="text-secondary text-xs">Design values: {header.values_source}</p>
      {header.spare_depth > 0 && (
        <p className="text-sm">
          With <LengthText value={header.spare_depth} style="inches" className="num" /> of foam beside it
          about <b className="num">R-{Math.round(header.r_value)}</b>.
        </p>
      )}
      <ul className="mt-1">
        {header.checks.filter(isWorkOrFails).map((check) => (
          <li key={check.kind}>
            <button
              type="button"
              className="tap w-full text-left hover:bg-base-200"
              title={`${check.demand} of ${check.capacity}. ${check.clause}`}
              onClick={() => showWorking(check.name)}
            >
              <span className="flex justify-between text-sm">
                <span className="underline decoration-dotted underline-offset-2">{check.name}</span>
                <span className="num text-secondary text-xs">
                  {check.demand} of {check.capacity} {check.combination && `(${check.combination})`}
                </span>
              </span>
              <WorkBar
                ratio={check.ratio}
                label={`${check.name} works at ${Math.round(check.ratio * 100)} percent`}
              />
            </button>
          </li>
        ))}
      </ul>
      {header.hung && <HungHeader hung={header.hung} confirm={confirmNailing} />}
      {children}
    </section>
  );
}

/** That it fits is only worth a line where it does not. */
function isWorkOrFails(check: Schemas["CheckView"]) {
  return check.ratio > 1 || (check.kind !== "width" && check.kind !== "depth");
}

interface HungProps {
  readonly hung: Schemas["HungView"];
  readonly confirm: (confirmed: boolean) => void;
}

/** A header that hangs below the plates: its bending both ways it can be reckoned, and the code's rule beside them. */
function HungHeader({ hung, confirm }: HungProps) {
  const { say } = useSpeech();
  const counted = (counts: boolean) => (counts ? "font-bold" : "text-secondary");
  return (
    <div className="mt-2 border-base-300 border-l-4 pl-3 text-sm">
      <p>{say("It hangs below the plates, its top edge free:")}</p>
      <ul>
        <li className={counted(!hung.confirmed)}>
          one ply against rolling over: bending <span className="num">{percent(hung.one_ply)}</span>
        </li>
        <li className={counted(hung.confirmed)}>
          all plies as one: bending <span className="num">{percent(hung.all_plies)}</span>
        </li>
        <li className="text-secondary">
          the code's table at 0.70:{" "}
          {hung.code_span == null ? "no answer" : <LengthText value={hung.code_span} className="num" />}
        </li>
      </ul>
      <p className="mt-1">
        {say("Plies as one ask for this nailing:")} <b>{say(hung.nailing)}</b>
      </p>
      <button
        type="button"
        className="btn tap no-print mt-1 font-normal"
        aria-pressed={hung.confirmed}
        onClick={() => confirm(!hung.confirmed)}
      >
        {hung.confirmed ? "It is not nailed so" : "It is nailed so"}
      </button>
    </div>
  );
}
