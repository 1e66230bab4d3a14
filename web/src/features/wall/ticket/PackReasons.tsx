import type { Schemas, Ticket } from "../../../api/client";
import { isOver } from "../../../lib/work";
import { useSpeech } from "../../../speech/useSpeech";

/** Why so many jacks and kings: every reason at each end, and which of them governs. */
export function PackReasons({ ticket }: { readonly ticket: Ticket }) {
  return (
    <>
      {(["left", "right"] as const).map((end) => (
        <PackEnd key={end} end={end} pack={end === "left" ? ticket.left_pack : ticket.right_pack} />
      ))}
    </>
  );
}

interface EndProps {
  readonly end: "left" | "right";
  readonly pack: Schemas["PackView"];
}

function PackEnd({ end, pack }: EndProps) {
  const { say, quantity } = useSpeech();
  const numbered = pack.jacks != null && pack.kings != null;
  if (!numbered) return null;
  return (
    <div className="mt-2 border-base-300 border-l-4 pl-3">
      <p className="text-sm">
        <b>{say("page-end", { end })}</b>{" "}
        {pack.load_lb != null && (
          <span className="text-secondary">
            {say("page-under", { load_lb: quantity(pack.load_lb, "pounds") })}
          </span>
        )}
      </p>
      <ul className="text-sm">
        {pack.jack_reasons.map((reason) => (
          <li key={reason.name.id} className="flex items-baseline gap-2" title={say(reason.clause)}>
            <span
              className={`w-5 shrink-0 text-right num ${reason.governs ? "font-bold" : "text-secondary"}`}
            >
              {reason.count ?? "–"}
            </span>
            <span className={reason.governs ? "font-bold" : ""}>{say(reason.name)}</span>
            <span className="ml-auto text-right text-secondary text-xs">{say(reason.words)}</span>
          </li>
        ))}
        {pack.king_reasons.map((reason) => (
          <li key={reason.name.id} className="flex items-baseline gap-2">
            <span
              className={`w-5 shrink-0 text-right num ${reason.governs ? "font-bold" : "text-secondary"}`}
            >
              {reason.count ?? "–"}
            </span>
            <span className={reason.governs ? "font-bold" : ""}>
              {say("page-kings-2", { name: { phrase: reason.name } })}
            </span>
            {!reason.counts && (
              <span className="ml-auto text-secondary text-xs">{say("page-does-not-count-here")}</span>
            )}
            {reason.counts && reason.count == null && (
              <span className="ml-auto text-error text-xs">{say(reason.words)}</span>
            )}
          </li>
        ))}
        {pack.kings_work && (
          <li className="flex items-baseline gap-2">
            <span className="w-5 shrink-0" />
            <span>{say(pack.kings_work.what)}</span>
            <span
              className={`ml-auto text-xs ${isOver(pack.kings_work.ratio) ? "text-error" : "text-secondary"}`}
            >
              {say("page-in-wind", { ratio: { percent: pack.kings_work.ratio ?? null } })}
            </span>
          </li>
        )}
      </ul>
    </div>
  );
}
