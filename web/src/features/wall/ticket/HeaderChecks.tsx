import type { ReactNode } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import { designNow, type JobEditing } from "../../../api/useJobEditing";
import { LengthText } from "../../../components/LengthText";
import { WorkBar } from "../../../components/WorkBar";
import { isOver } from "../../../lib/work";
import { figureIn, percentText, type QuantityUnit } from "../../../speech/figures";
import { dashed, named, useSpeech } from "../../../speech/useSpeech";
import type { SheetPlace } from "../working/WorkingSheet";

interface Props {
  readonly ticket: Ticket;
  readonly editing: JobEditing;
  readonly showWorking: (part: SheetPlace) => void;
  /** What else there is to say about the header in place. */
  readonly children?: ReactNode;
}

/** How hard the header works, and at what. */
export function HeaderChecks({ ticket, editing, showWorking, children }: Props) {
  const { say, weight, units } = useSpeech();
  const asked = (value: number, unit: QuantityUnit) => figureIn(units, value, unit);
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
    <div>
      <p className="text-secondary text-sm">
        {weight(header.weight_lb)}.{" "}
        {say("page-design-values-2", { values_source: { phrase: header.values_source } })}
      </p>
      {header.spare_depth > 0 && (
        <p className="text-sm">
          {say("page-with")} <LengthText value={header.spare_depth} style="inches" className="num" />{" "}
          {say("page-of-foam-beside-it-about")}{" "}
          <b className="num">{say("page-r", { r_value: Math.round(header.r_value) })}</b>.
        </p>
      )}
      <ul className="mt-1">
        {header.checks.filter(isWorkOrFails).map((check) => (
          <li key={check.kind}>
            <button
              type="button"
              className="tap w-full text-left hover:bg-base-200"
              title={say("page-of-2", {
                demand: asked(check.demand, check.unit),
                capacity: asked(check.capacity, check.unit),
                clause: say(check.clause),
              })}
              onClick={() => showWorking({ title: "check-under", about: `check-${dashed(check.kind)}"` })}
            >
              <span className="flex justify-between text-sm">
                <span className="underline decoration-dotted underline-offset-2">
                  {say(named("check", check.kind))}
                </span>
                <span className="num text-secondary text-sm">
                  {say("page-of-3", {
                    demand: asked(check.demand, check.unit),
                    capacity: asked(check.capacity, check.unit),
                  })}{" "}
                  {combinationText(say(check.combination))}
                </span>
              </span>
              <WorkBar
                ratio={check.ratio}
                label={say("page-works-at-percent", {
                  name: { phrase: named("check", check.kind) },
                  ratio: { percent: check.ratio ?? null },
                })}
              />
            </button>
          </li>
        ))}
      </ul>
      {header.hung && <HungHeader hung={header.hung} confirm={confirmNailing} />}
      {children}
    </div>
  );
}

/** The combination as it stands behind figures; nothing where none plays a part. */
function combinationText(combination: string): string {
  return combination && `(${combination})`;
}

/** That it fits is only worth a line where it does not. */
function isWorkOrFails(check: Schemas["CheckView"]) {
  return isOver(check.ratio) || (check.kind !== "width" && check.kind !== "depth");
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
      <p>{say("page-it-hangs-below-the-plates-its-top")}</p>
      <ul>
        <li className={counted(!hung.confirmed)}>
          {say("page-one-ply-against-rolling-over-bending")}{" "}
          <span className="num">{percentText(hung.one_ply)}</span>
        </li>
        <li className={counted(hung.confirmed)}>
          {say("page-all-plies-as-one-bending")} <span className="num">{percentText(hung.all_plies)}</span>
        </li>
        <li className="text-secondary">
          {say("page-the-codes-table-at-0-70")}{" "}
          {hung.code_span == null ? (
            say("page-no-answer")
          ) : (
            <LengthText value={hung.code_span} className="num" />
          )}
        </li>
      </ul>
      <p className="mt-1">
        {say("page-plies-as-one-ask-for-this-nailing")} <b>{say(hung.nailing)}</b>
      </p>
      <button
        type="button"
        className="btn tap no-print mt-1 font-normal"
        aria-pressed={hung.confirmed}
        onClick={() => confirm(!hung.confirmed)}
      >
        {hung.confirmed ? say("page-it-is-not-nailed-so") : say("page-it-is-nailed-so")}
      </button>
    </div>
  );
}
