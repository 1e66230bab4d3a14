import { nameOf, nextSequence, outboxOf } from "../lib/outbox";
import type { Schemas } from "./client";

type View = Schemas["OpeningOrderView"];
type Step = Schemas["StepView"];
/** Something that is said of the order, as it is sent; the device counts its sequence. */
export type Marked = Schemas["MarkRequest"];
export type Mark = Marked["mark"];

/** What was said here of the orders in which walls are opened, by job and wall. */
export const MARKS = outboxOf<Marked>("sturvek.order.waiting");
export const orderOf = (job: string, wall: string) => `${job} ${wall}`;

/** A mark of who speaks on this device, now. */
export const marked = (mark: Mark): Marked => ({
  sequence: nextSequence(),
  by: nameOf(),
  at: Date.now(),
  mark,
});

const isPast = ({ state }: Step) => state === "done" || state === "forced" || state === "void";

/** The first step that nobody has done is open, those behind it are shut. */
function opened(steps: readonly Step[]): Step[] {
  const open = steps.findIndex((step) => !isPast(step));
  return steps.map((step, place) =>
    isPast(step) ? step : { ...step, state: place === open ? ("open" as const) : ("shut" as const) },
  );
}

function withMark(steps: readonly Step[], { by, at, mark }: Marked): Step[] {
  const of = (name: string, put: (step: Step) => Step) =>
    opened(steps.map((step) => (step.step === name ? put(step) : step)));
  const said = { by, at };
  const anew = { before_a_change: null };
  switch (mark.do) {
    case "done":
      return of(mark.step, (step) =>
        step.state === "open" ? { ...step, ...anew, state: "done", said } : step,
      );
    case "forced":
      return of(mark.step, (step) =>
        step.state === "open" && step.can_be_forced
          ? { ...step, ...anew, state: "forced", said, why: mark.why }
          : step,
      );
    case "taken_back":
      return of(mark.step, (step) =>
        step.state === "done" || step.state === "forced"
          ? { ...step, state: "open", said: null, why: null }
          : step,
      );
    case "added": {
      const added: Step = {
        step: `added.${mark.id}`,
        words: { id: "verbatim", args: { text: mark.text } },
        details: [],
        state: "shut",
        can_be_forced: true,
        did_not_count: [],
        // Nobody has told yet what the server makes of it: said of now, it is said of what is read.
        says: mark.id,
      };
      return opened(steps.flatMap((step) => (step.step === mark.after ? [step, added] : [step])));
    }
    case "planned":
      return [...steps];
  }
}

/** The order with what was said here and has not arrived yet; the server counts anew. */
export const withMarks = (view: View, waiting: readonly Marked[]): View => ({
  ...view,
  steps: waiting.reduce(withMark, view.steps),
});
