import { useState } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { clauseText } from "../../../components/clause";
import { isOver } from "../../../lib/work";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import type { SheetPlace } from "../working/WorkingSheet";

interface Props {
  readonly ticket: Ticket;
  readonly editing: JobEditing;
  readonly showWorking: (part: SheetPlace) => void;
}

/** Jacks and kings at each end, every reason beside them. */
export function PackSection({ ticket, editing, showWorking }: Props) {
  const { say, alsoCalled } = useSpeech();
  return (
    <section>
      <h3 className="ruled" title={[alsoCalled("jack"), alsoCalled("king")].join(". ")}>
        {say("page-jacks-and-kings")}
      </h3>
      {differ(ticket) && <p className="mt-1 font-bold">{say("page-left-and-right-are-not-alike")}</p>}
      {(["left", "right"] as const).map((end) => (
        <PackEnd
          key={end}
          end={end}
          pack={end === "left" ? ticket.left_pack : ticket.right_pack}
          opening={ticket.id}
          editing={editing}
          showWorking={ticket.header ? showWorking : undefined}
        />
      ))}
    </section>
  );
}

function differ({ left_pack, right_pack }: Ticket): boolean {
  return left_pack.jacks !== right_pack.jacks || left_pack.kings !== right_pack.kings;
}

interface EndProps {
  readonly end: "left" | "right";
  readonly pack: Schemas["PackView"];
  readonly opening: string;
  readonly editing: JobEditing;
  readonly showWorking?: (part: SheetPlace) => void;
}

function PackEnd({ end, pack, opening, editing, showWorking }: EndProps) {
  const { say, quantity } = useSpeech();
  const [deciding, setDeciding] = useState(false);
  const numbered = pack.jacks != null && pack.kings != null;
  return (
    <div className="mt-2 border-base-300 border-l-4 pl-3">
      <div className="flex items-center gap-2">
        <p className="leading-tight">
          <span className="text-secondary text-sm">{say("page-end", { end })}</span>{" "}
          <span className="block font-bold text-lg">
            {numbered
              ? [
                  say("count-of-jacks", { count: pack.jacks ?? 0 }),
                  say("count-of-kings", { count: pack.kings ?? 0 }),
                ].join(", ")
              : say("page-no-number-yet")}
          </span>
          {pack.load_lb != null && (
            <span className="text-secondary text-sm">
              {say("page-under", { load_lb: quantity(pack.load_lb, "pounds") })}
            </span>
          )}
        </p>
        <button
          type="button"
          className="btn tap ml-auto font-normal"
          aria-expanded={deciding}
          onClick={() => setDeciding(!deciding)}
        >
          {say("page-decide")}
        </button>
      </div>
      <ul className="text-sm">
        {numbered &&
          pack.jack_reasons.map((reason) => (
            <li
              key={reason.name.id}
              className="flex items-baseline gap-2"
              title={clauseText(say, reason.clause)}
            >
              <span
                className={`w-5 shrink-0 text-right num ${reason.governs ? "font-bold" : "text-secondary"}`}
              >
                {reason.count ?? "–"}
              </span>
              <span className={reason.governs ? "font-bold" : ""}>{say(reason.name)}</span>
              <span className="ml-auto text-right text-secondary text-xs">{say(reason.words)}</span>
            </li>
          ))}
        {numbered &&
          pack.king_reasons.map((reason) => (
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
        {pack.jacks_decided && (
          <li className="text-primary">{say("page-jacks-decided", { reason: pack.jacks_decided })}</li>
        )}
        {pack.kings_decided && (
          <li className="text-primary">{say("page-kings-decided", { reason: pack.kings_decided })}</li>
        )}
      </ul>
      {showWorking && (
        <button
          type="button"
          className="btn btn-ghost tap -ml-3 font-normal underline decoration-dotted underline-offset-2"
          onClick={() => showWorking({ title: "title-jacks", about: `"${end}"` })}
        >
          {say("page-show-the-working")}
        </button>
      )}
      {deciding && (
        <div className="mb-2 grid gap-3 bg-base-200 p-3">
          {(["jack", "king"] as const).map((role) => (
            <DecideForm
              key={role}
              role={role}
              end={end}
              opening={opening}
              count={(role === "jack" ? pack.jacks : pack.kings) ?? 0}
              reason={(role === "jack" ? pack.jacks_decided : pack.kings_decided) ?? undefined}
              editing={editing}
            />
          ))}
        </div>
      )}
    </div>
  );
}

interface DecideProps {
  readonly role: "jack" | "king";
  readonly end: "left" | "right";
  readonly opening: string;
  readonly count: number;
  readonly reason: string | undefined;
  readonly editing: JobEditing;
}

const COUNTS = { jack: "count-of-jacks", king: "count-of-kings" } as const;
const LESS = { jack: "page-one-jack-less", king: "page-one-king-less" } as const;
const MORE = { jack: "page-one-jack-more", king: "page-one-king-more" } as const;
const WHY = { jack: "page-why-so-many-jacks", king: "page-why-so-many-kings" } as const;

/** Another number than the computed one, with the reason that the inspector will ask for. */
function DecideForm({ role, end, opening, count, reason, editing }: DecideProps) {
  const { say, words } = useSpeech();
  const [text, setText] = useState(reason ?? "");
  const [problem, setProblem] = useState<Words>();
  const decide = async (decided: { count: number; reason: string } | null) => {
    const refusal = await editing.run({ do: "override_count", opening, role, end, decided });
    setProblem(refusal?.said);
  };
  const set = (next: number) => {
    if (text.trim() === "") setProblem(say("page-write-why-first-it-goes-into-the"));
    else void decide({ count: next, reason: text });
  };
  return (
    <div>
      <div className="flex items-center gap-2">
        <span className="w-16 font-bold">{say(COUNTS[role], { count })}</span>
        <button type="button" className="btn tap" aria-label={say(LESS[role])} onClick={() => set(count - 1)}>
          −
        </button>
        <button type="button" className="btn tap" aria-label={say(MORE[role])} onClick={() => set(count + 1)}>
          +
        </button>
        <input
          className="input tap min-w-0 flex-1"
          placeholder={say("page-why")}
          aria-label={say(WHY[role], { end })}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      {reason && (
        <button type="button" className="btn btn-ghost tap font-normal" onClick={() => void decide(null)}>
          {say("page-back-to-the-computed-count")}
        </button>
      )}
      {problem && (
        <p role="alert" className="text-error text-sm">
          {words(problem)}
        </p>
      )}
    </div>
  );
}
