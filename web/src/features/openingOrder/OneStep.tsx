import { useState } from "react";
import type { Schemas } from "../../api/client";
import type { Mark } from "../../api/openingMarks";
import { useSpeech } from "../../speech/useSpeech";
import { Written } from "./Written";

type Step = Schemas["StepView"];

interface Props {
  readonly step: Step;
  readonly number: number;
  /** Whether somebody said who it is: nobody ticks nameless. */
  readonly named: boolean;
  readonly mark: (mark: Mark) => void;
}

/** A step of the order: what is done, how it stands, and what can be said of it. */
export function OneStep({ step, number, named, mark }: Props) {
  const { say } = useSpeech();
  const [writing, write] = useState<"why" | "step">();
  const isOpen = step.state === "open";
  const isSaid = step.state === "done" || step.state === "forced";
  return (
    <li
      className={`sheet grid grid-cols-[2.5rem_minmax(0,1fr)] gap-x-4 sm:grid-cols-[2.5rem_minmax(0,1fr)_auto] px-3 py-2 ${isOpen ? "border-4 border-[var(--graphite)]" : ""}`}
      aria-current={isOpen ? "step" : undefined}
    >
      <span className="text-right font-bold text-3xl tabular-nums" aria-hidden="true">
        {step.state === "done" ? "✓" : number}
      </span>
      <div className="grid gap-2">
        <p className={isOpen ? "font-bold text-xl" : "text-lg"}>{say(step.words)}</p>
        {step.details.length > 0 && (
          <ul className="text-lg">
            {step.details.map((detail) => (
              <li key={say(detail)}>{say(detail)}</li>
            ))}
          </ul>
        )}
        <StepState step={step} />
        <div className="no-print flex flex-wrap gap-3 empty:hidden">
          {isOpen && (
            <button
              type="button"
              className="btn btn-neutral tap h-16 min-w-40 flex-1 text-xl sm:flex-none"
              disabled={!named}
              onClick={() => mark({ do: "done", step: step.step, of: step.says })}
            >
              {say("page-order-done")}
            </button>
          )}
          {isOpen && step.can_be_forced && (
            <button
              type="button"
              className="btn btn-outline tap h-16 text-lg"
              disabled={!named}
              onClick={() => write("why")}
            >
              {say("page-order-go-past")}
            </button>
          )}
          {isSaid && (
            <button
              type="button"
              className="btn btn-ghost tap font-normal text-base"
              disabled={!named}
              onClick={() => mark({ do: "taken_back", step: step.step })}
            >
              {say("page-order-take-back")}
            </button>
          )}
        </div>
        {isOpen && !step.can_be_forced && (
          <p className="no-print font-bold text-error text-lg">{say("page-order-never-past")}</p>
        )}
        {writing && (
          <Written
            label={say(writing === "why" ? "page-order-why" : "page-order-what")}
            put={(text) => {
              write(undefined);
              if (writing === "why") mark({ do: "forced", step: step.step, of: step.says, why: text });
              else mark({ do: "added", id: crypto.randomUUID(), after: step.step, text });
            }}
            leave={() => write(undefined)}
          />
        )}
      </div>
      <div className="col-start-2 flex items-center gap-3 sm:col-start-3 sm:grid sm:content-start sm:justify-items-end">
        {step.state === "shut" && <span className="text-base opacity-80">{say("page-order-shut")}</span>}
        {!isSaid && step.state !== "void" && (
          <button
            type="button"
            className="btn btn-ghost tap no-print font-normal text-base"
            aria-label={say("page-order-add")}
            disabled={!named}
            onClick={() => write("step")}
          >
            {say("page-order-add-short")}
          </button>
        )}
      </div>
    </li>
  );
}

function StepState({ step }: { readonly step: Step }) {
  const { say, language } = useSpeech();
  const when = (at: number) =>
    new Date(at).toLocaleString(language, { dateStyle: "medium", timeStyle: "short" });
  const { said } = step;
  return (
    <>
      {step.state === "done" && said && (
        <p className="text-lg">{say("page-order-done-by", { who: said.by, when: when(said.at) })}</p>
      )}
      {step.state === "forced" && said && (
        <p className="border-error border-l-8 pl-3 font-bold text-error text-lg">
          {say("page-order-forced-by", { who: said.by, when: when(said.at), why: step.why ?? "" })}
        </p>
      )}
      {step.void && <p className="text-lg">{say("page-order-void", { why: say(step.void) })}</p>}
      {step.before_a_change && (
        <p className="border-error border-l-8 pl-3 font-bold text-error text-lg">
          {say("page-order-before-a-change", {
            who: step.before_a_change.by,
            when: when(step.before_a_change.at),
          })}
        </p>
      )}
      {step.did_not_count.map(({ by, at }) => (
        <p key={`${by} ${at}`} className="font-bold text-error text-lg">
          {say("page-order-did-not-count", { who: by, when: when(at) })}
        </p>
      ))}
    </>
  );
}
