import { useState } from "react";
import type { Schemas } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { useSpeech, type Words } from "../../../speech/useSpeech";

interface DecideProps {
  readonly role: "jack" | "king";
  readonly end: "left" | "right";
  readonly opening: string;
  readonly pack: Schemas["PackView"];
  readonly editing: JobEditing;
}

const COUNTS = { jack: "count-of-jacks", king: "count-of-kings" } as const;
const LESS = { jack: "page-one-jack-less", king: "page-one-king-less" } as const;
const MORE = { jack: "page-one-jack-more", king: "page-one-king-more" } as const;
const WHY = { jack: "page-why-so-many-jacks", king: "page-why-so-many-kings" } as const;

/** Another number than the computed one, with the reason that the inspector will ask for. */
export function DecideForm({ role, end, opening, pack, editing }: DecideProps) {
  const count = (role === "jack" ? pack.jacks : pack.kings) ?? 0;
  const reason = (role === "jack" ? pack.jacks_decided : pack.kings_decided) ?? undefined;
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
        <input
          className="input tap min-w-0 flex-1"
          placeholder={say("page-why")}
          aria-label={say(WHY[role], { end })}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <span className="min-w-16 text-right font-bold">{say(COUNTS[role], { count })}</span>
        <button
          type="button"
          className="btn tap"
          aria-label={say(LESS[role], { end })}
          onClick={() => set(count - 1)}
        >
          −
        </button>
        <button
          type="button"
          className="btn tap"
          aria-label={say(MORE[role], { end })}
          onClick={() => set(count + 1)}
        >
          +
        </button>
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
