import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { problemText } from "../../api/problems";
import { jobQuery, sheetQuery } from "../../api/queries";
import { PageHead } from "../../components/PageHead";
import { WorkingLine } from "../../components/WorkingLine";
import { named, useSpeech } from "../../speech/useSpeech";

/** The calculation sheet of an opening, as an inspector asks for it: on the screen and on paper. */
export function SheetPage() {
  const { say } = useSpeech();
  const { job = "", opening = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const { data, error } = useQuery({
    ...sheetQuery(job, opening, view.data?.version ?? 0),
    enabled: view.data !== undefined,
  });
  const wall = view.data?.job.walls.find((each) => each.openings.some((one) => one.id === opening))?.id;
  const back = {
    to: wall ? `/jobs/${job}/walls/${wall}?o=${opening}` : `/jobs/${job}`,
    label: say("page-back-to-the-wall"),
  };
  return (
    <div className="screen flex h-full flex-col">
      <PageHead title={say("page-calculation-sheet")} back={back}>
        <button type="button" className="btn tap no-print" onClick={() => window.print()}>
          {say("page-print-it")}
        </button>
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4 print:p-0"
      >
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        {data && (
          <article className="sheet mx-auto max-w-4xl p-6 print:max-w-none print:border-0 print:p-0">
            <header className="border-[var(--graphite)] border-b-2 pb-3">
              <p className="text-secondary text-sm">{data.job}</p>
              <h2 className="font-bold text-2xl">
                {say("page-opening-of-the-sheet", {
                  wall: data.wall,
                  letter: data.letter,
                  kind: { phrase: named("kind-of-opening", data.kind) },
                })}
              </h2>
              <p className="mt-1">
                <b>{say(data.verdict)}.</b> {say(data.sentence)}
              </p>
              <p className="mt-1 text-secondary text-sm">
                {say("page-version-of-the-job-of", {
                  version: data.version,
                  version_of: new Date(data.version_of).toLocaleString(document.documentElement.lang),
                })}
              </p>
            </header>
            {data.parts.map((part) => (
              <section key={say(part.title)} className="mt-5 break-inside-avoid">
                <h3 className="ruled">{say(part.title)}</h3>
                {part.lines.map((line, index) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: the lines never change within a version
                  <WorkingLine key={index} line={line} />
                ))}
              </section>
            ))}
            <footer className="mt-8 grid grid-cols-2 gap-8 text-sm">
              <p className="border-[var(--graphite)] border-t pt-1">{say("page-worked-out-by")}</p>
              <p className="border-[var(--graphite)] border-t pt-1">{say("page-looked-over-by-date")}</p>
            </footer>
          </article>
        )}
      </main>
    </div>
  );
}
