import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobQuery, returnsQuery } from "../../api/queries";
import { PageHead } from "../../components/PageHead";
import { useSpeech } from "../../speech/useSpeech";
import { ReturnDrawing } from "./ReturnDrawing";

/** The braced returns beside a big door: drawn with the wall's own members, and what of the printed detail is met. */
export function ReturnsPage() {
  const { say } = useSpeech();
  const { job = "", opening = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const { data, error } = useQuery({
    ...returnsQuery(job, opening, view.data?.version ?? 0),
    enabled: view.data !== undefined,
  });
  const wall = view.data?.job.walls.find((each) => each.openings.some((one) => one.id === opening));
  const back = wall ? `/jobs/${job}/walls/${wall.id}?o=${opening}` : `/jobs/${job}`;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={data ? say("page-returns-of", { letter: data.letter, wall: data.wall }) : say("page-returns")}
        back={{ to: back, label: say("page-back-to-the-wall") }}
      />
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4"
      >
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        {data && data.returns.length === 0 && <p className="text-lg">{say("page-returns-none")}</p>}
        {data && data.returns.length > 0 && (
          <p className="mb-4 font-bold text-error text-lg">{say("page-returns-caution")}</p>
        )}
        <div className="grid gap-4">
          {data?.returns.map((each) => (
            <OneReturn key={each.end} each={each} />
          ))}
        </div>
      </main>
    </div>
  );
}

function OneReturn({ each }: { readonly each: Schemas["PortalReturnView"] }) {
  const { say } = useSpeech();
  const called = say(each.end === "left" ? "page-returns-left" : "page-returns-right");
  return (
    <section
      className="sheet grid items-start gap-6 p-4 lg:grid-cols-[auto_minmax(0,1fr)]"
      aria-label={called}
    >
      <ReturnDrawing each={each} label={say("page-returns-drawn", { called })} />
      <div className="grid gap-3">
        <h2 className="font-bold text-xl">{called}</h2>
        <ul className="grid gap-2 text-lg">
          {each.asked.map(({ words, met }) => (
            <li key={say(words)} className="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-x-3">
              <b className={met === false ? "text-error" : ""}>{say(metWords(met))}</b>
              <span>{say(words)}</span>
            </li>
          ))}
        </ul>
        <p className="text-base opacity-80">{say("page-returns-source")}</p>
      </div>
    </section>
  );
}

function metWords(met: boolean | null | undefined): string {
  if (met === true) return "page-returns-met";
  return met === false ? "page-returns-not-met" : "page-returns-look";
}
