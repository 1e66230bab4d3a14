import { useState } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { counted, percent, pounds } from "../../../lib/work";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  readonly editing: JobEditing;
  readonly showWorking: (part: string) => void;
}

/** Jacks and kings at each end, every reason beside them. */
export function PackSection({ ticket, editing, showWorking }: Props) {
  const { say, alsoCalled } = useSpeech();
  return (
    <section>
      <h3 className="ruled" title={[alsoCalled("jack"), alsoCalled("king")].join(". ")}>
        {say("Jacks and kings")}
      </h3>
      {differ(ticket) && <p className="mt-1 font-bold">Left and right are not alike.</p>}
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
  readonly showWorking?: (part: string) => void;
}

function PackEnd({ end, pack, opening, editing, showWorking }: EndProps) {
  const { say } = useSpeech();
  const [deciding, setDeciding] = useState(false);
  const numbered = pack.jacks != null && pack.kings != null;
  return (
    <div className="mt-2 border-base-300 border-l-4 pl-3">
      <div className="flex items-center gap-2">
        <p className="leading-tight">
          <span className="text-secondary text-sm">{end} end</span>{" "}
          <span className="block font-bold text-lg">
            {numbered
              ? say(`${counted(pack.jacks ?? 0, "jack")}, ${counted(pack.kings ?? 0, "king")}`)
              : "no number yet"}
          </span>
          {pack.load_lb != null && (
            <span className="text-secondary text-sm">under {pounds(pack.load_lb)}</span>
          )}
        </p>
        <button
          type="button"
          className="btn tap ml-auto font-normal"
          aria-expanded={deciding}
          onClick={() => setDeciding(!deciding)}
        >
          Decide
        </button>
      </div>
      <ul className="text-sm">
        {numbered &&
          pack.jack_reasons.map((reason) => (
            <li key={reason.name} className="flex items-baseline gap-2" title={reason.clause}>
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
            <li key={reason.name} className="flex items-baseline gap-2">
              <span
                className={`w-5 shrink-0 text-right num ${reason.governs ? "font-bold" : "text-secondary"}`}
              >
                {reason.count ?? "–"}
              </span>
              <span className={reason.governs ? "font-bold" : ""}>{say(`kings: ${reason.name}`)}</span>
              {!reason.counts && <span className="ml-auto text-secondary text-xs">does not count here</span>}
              {reason.counts && reason.count == null && (
                <span className="ml-auto text-error text-xs">{reason.words}</span>
              )}
            </li>
          ))}
        {pack.kings_work && (
          <li className="flex items-baseline gap-2">
            <span className="w-5 shrink-0" />
            <span>{say(pack.kings_work.what)}</span>
            <span
              className={`ml-auto text-xs ${pack.kings_work.ratio > 1 ? "text-error" : "text-secondary"}`}
            >
              {percent(pack.kings_work.ratio)} in wind
            </span>
          </li>
        )}
        {pack.jacks_decided && (
          <li className="text-primary">
            {say("Jacks")} decided: {pack.jacks_decided}
          </li>
        )}
        {pack.kings_decided && (
          <li className="text-primary">
            {say("Kings")} decided: {pack.kings_decided}
          </li>
        )}
      </ul>
      {showWorking && (
        <button
          type="button"
          className="btn btn-ghost tap -ml-3 font-normal underline decoration-dotted underline-offset-2"
          onClick={() => showWorking(`jacks, ${end} end`)}
        >
          Show the working
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

/** Another number than the computed one, with the reason that the inspector will ask for. */
function DecideForm({ role, end, opening, count, reason, editing }: DecideProps) {
  const { say } = useSpeech();
  const [text, setText] = useState(reason ?? "");
  const [problem, setProblem] = useState<string>();
  const decide = async (decided: { count: number; reason: string } | null) => {
    const refusal = await editing.run({ do: "override_count", opening, role, end, decided });
    setProblem(refusal?.detail);
  };
  const set = (next: number) => {
    if (text.trim() === "") setProblem("Write why first: it goes into the record.");
    else void decide({ count: next, reason: text });
  };
  return (
    <div>
      <div className="flex items-center gap-2">
        <span className="w-16 font-bold">{say(counted(count, role))}</span>
        <button
          type="button"
          className="btn tap"
          aria-label={say(`One ${role} less`)}
          onClick={() => set(count - 1)}
        >
          −
        </button>
        <button
          type="button"
          className="btn tap"
          aria-label={say(`One ${role} more`)}
          onClick={() => set(count + 1)}
        >
          +
        </button>
        <input
          className="input tap min-w-0 flex-1"
          placeholder="Why"
          aria-label={say(`Why so many ${role}s at the ${end} end`)}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      {reason && (
        <button type="button" className="btn btn-ghost tap font-normal" onClick={() => void decide(null)}>
          Back to the computed count
        </button>
      )}
      {problem && (
        <p role="alert" className="text-error text-sm">
          {problem}
        </p>
      )}
    </div>
  );
}
