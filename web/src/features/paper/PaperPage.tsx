import type { ReactNode } from "react";
import { problemText } from "../../api/problems";
import { PageHead } from "../../components/PageHead";
import { type Paper, PaperBlocks } from "../../components/paper/PaperBlocks";
import { useSpeech } from "../../speech/useSpeech";
import { PAPERS, pdfAddress, usePaperSize } from "./print";

interface Props {
  readonly paper: Paper | undefined;
  readonly error: Error | null;
  readonly back: { readonly to: string; readonly label: string };
  /** Where it lies as PDF. */
  readonly pdf: string;
  readonly children?: ReactNode;
}

/** A sheet on the screen, and its way to the printer. */
export function PaperPage({ paper, error, back, pdf, children }: Props) {
  const speech = useSpeech();
  const { say } = speech;
  const [size, choose] = usePaperSize(speech.units);
  return (
    <div className="screen flex h-full flex-col">
      <PageHead title={paper ? say(paper.title) : ""} back={back}>
        {children}
        <label className="no-print flex items-center gap-2">
          <span className="sr-only">{say("page-paper")}</span>
          <select
            className="select tap w-auto"
            value={size}
            onChange={(event) => choose(PAPERS.find((each) => each === event.target.value) ?? size)}
          >
            <option value="letter">{say("page-letter")}</option>
            <option value="a4">{say("page-a4")}</option>
          </select>
        </label>
        <a
          className="btn btn-primary tap no-print"
          href={pdfAddress(pdf, size, speech)}
          target="_blank"
          rel="noreferrer"
        >
          {say("page-print-it")}
        </a>
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4 print:p-0"
      >
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        {paper && (
          <article className="sheet mx-auto max-w-5xl p-6 print:max-w-none print:border-0 print:p-0">
            <PaperHead paper={paper} />
            <PaperBlocks blocks={paper.blocks} />
            <footer className="mt-6 border-base-300 border-t pt-2 text-secondary text-sm">
              {say(paper.caution)}
            </footer>
          </article>
        )}
      </main>
    </div>
  );
}

function PaperHead({ paper }: { readonly paper: Paper }) {
  const { say } = useSpeech();
  const { head } = paper;
  const version = head.version ?? undefined;
  const lines = [
    [head.job, head.address, head.permit && say("paper-permit", { permit: head.permit })],
    [
      head.answers_for_it && say("paper-answers-for-it", { who: head.answers_for_it }),
      version === undefined
        ? say("paper-printed-on", { date: head.date })
        : say("paper-version-of", { version, date: head.date }),
      head.code ? say("paper-code", { code: head.code }) : say("paper-no-code-said"),
    ],
  ];
  return (
    <header className="border-[var(--graphite)] border-b-2 pb-2">
      <h2 className="font-bold text-2xl">{say(paper.title)}</h2>
      {lines.map((parts) => (
        <p key={parts.join()} className="text-secondary">
          {parts.filter(Boolean).join(" · ")}
        </p>
      ))}
    </header>
  );
}
