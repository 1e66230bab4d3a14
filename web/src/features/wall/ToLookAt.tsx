import type { Command, WallView } from "../../api/client";
import { VerdictMark } from "../../components/VerdictMark";
import { useSpeech } from "../../speech/useSpeech";
import { FindingList } from "./ticket/CautionSection";

interface LookProps {
  readonly view: WallView;
  readonly select: (opening: string) => void;
  readonly tryOut: (command: Command) => void;
}

/** Everything on this wall that is not settled: openings that do not hold, and trouble in the framing. */
export function ToLookAt({ view, select, tryOut }: LookProps) {
  const failing = view.openings.filter((opening) => opening.verdict !== "carries");
  const { say } = useSpeech();
  // Notes are read on their opening's ticket; those about the wall have no other place.
  const findings = view.findings.filter((finding) => finding.severity !== "note" || finding.opening == null);
  return (
    <section className="sheet p-3">
      <h2 className="ruled">{say("page-to-look-at")}</h2>
      {failing.length + findings.length === 0 && (
        <p className="mt-1 text-secondary">{say("page-nothing-on-this-wall")}</p>
      )}
      <ul>
        {failing.map((opening) => (
          <li key={opening.id}>
            <button
              type="button"
              className="tap flex w-full items-center gap-2 text-left hover:bg-base-200"
              onClick={() => select(opening.id)}
            >
              <VerdictMark verdict={opening.verdict} />
              <span>
                <b>{opening.letter}</b> {say(opening.verdict_words)}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <FindingList findings={findings} tryOut={tryOut} />
    </section>
  );
}
