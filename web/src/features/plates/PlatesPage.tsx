import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { WallView } from "../../api/client";
import { jobQuery, wallQuery } from "../../api/queries";
import { Legend } from "../../components/Legend";
import { LengthText } from "../../components/LengthText";
import { PageHead } from "../../components/PageHead";
import { marksOn, type Plate } from "../../drawing/markGroups";
import { named, useSpeech } from "../../speech/useSpeech";
import { NailingList } from "../wall/ticket/NailingList";

/** What is marked on the plates and on the story pole, as lists to take along: on the screen and on paper. */
export function PlatesPage() {
  const { say } = useSpeech();
  const { job = "", wall = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const planned = useQuery({
    ...wallQuery(job, wall, view.data?.version ?? 0),
    enabled: view.data !== undefined,
  });
  const name = view.data?.job.walls.find((each) => each.id === wall)?.frame.name ?? "";
  const error = view.error ?? planned.error;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={say("page-plates-of", { name })}
        back={{ to: `/jobs/${job}/walls/${wall}`, label: say("page-back-to-the-wall") }}
      >
        <button type="button" className="btn tap no-print" onClick={() => window.print()}>
          {say("page-print-it")}
        </button>
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4 print:p-0"
      >
        {error && <p className="text-lg">{error.message}</p>}
        {planned.data && (
          <article className="sheet mx-auto grid max-w-4xl gap-6 p-6 print:border-0 print:p-0">
            <header className="border-[var(--graphite)] border-b-2 pb-2">
              <p className="text-secondary text-sm">{view.data?.job.name}</p>
              <h2 className="font-bold text-2xl">
                {name}, <LengthText value={planned.data.length} className="num" /> {say("page-long")}
              </h2>
              <p>{say("page-running-from-the-left-end-to-the")}</p>
              <Legend legend={planned.data.legend} />
            </header>
            <div className="grid gap-6 sm:grid-cols-2">
              <PlateList title={say("page-sole-plate")} plate="sole" view={planned.data} />
              <PlateList title={say("page-top-plates")} plate="top" view={planned.data} />
            </div>
            <PieceLists view={planned.data} />
            <section>
              <h3 className="ruled">{say("page-nailing-of-the-wall")}</h3>
              <NailingList nailing={planned.data.nailing} />
            </section>
            <PoleLists view={planned.data} />
          </article>
        )}
      </main>
    </div>
  );
}

interface ListProps {
  readonly title: string;
  readonly plate: Plate;
  readonly view: WallView;
}

function PlateList({ title, plate, view }: ListProps) {
  const { say } = useSpeech();
  const climbs = plate === "top" && view.marks.some((mark) => mark.at_on_top !== mark.at);
  const letterOf = (id: string | null | undefined) =>
    view.openings.find((each) => each.id === id)?.letter ?? "";
  return (
    <section>
      <h3 className="ruled">{say(title)}</h3>
      {climbs && <p className="text-secondary text-sm">{say("page-read-along-the-slope-from-the-lower")}</p>}
      <table className="w-full">
        <thead>
          <tr className="text-left text-secondary text-sm">
            <th className="font-normal">{say("page-mark")}</th>
            <th className="text-right font-normal">{say("page-at")}</th>
            <th className="pl-6 font-normal">{say("page-opening")}</th>
          </tr>
        </thead>
        <tbody>
          {marksOn(view.marks, plate).map((mark) => (
            <tr key={mark.at + mark.label} className="break-inside-avoid border-base-300 border-b">
              <td className="font-bold">{mark.label}</td>
              <td className="text-right">
                <LengthText value={plate === "top" ? mark.at_on_top : mark.at} className="num" />
              </td>
              <td className="pl-6">{letterOf(mark.opening)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const PLATES = [
  { role: "sole_plate", title: { id: "page-sole-plate" } },
  { role: "top_plate", title: { id: "page-top-plate" } },
  { role: "second_top_plate", title: { id: "page-second-top-plate" } },
] as const;

/** The pieces every plate is cut in, where they break, and the anchor bolts. */
function PieceLists({ view }: { readonly view: WallView }) {
  const { say } = useSpeech();
  return (
    <section>
      <h3 className="ruled">{say("page-pieces-of-the-plates")}</h3>
      <ul className="mt-1 grid gap-1">
        {PLATES.map(({ role, title }) => (
          <li key={role}>
            <b>{say(title)}</b>:{" "}
            {view.members
              .filter((member) => member.role === role)
              .map((member) => (
                <span key={member.x} className="mr-4 inline-block">
                  <LengthText value={member.cut} className="num" /> {say("page-from")}{" "}
                  <LengthText value={member.x} className="num" />
                </span>
              ))}
          </li>
        ))}
        {view.bolts.length > 0 && (
          <li>
            <b>{say("page-anchor-bolts-at")}</b>{" "}
            {view.bolts.map((bolt) => (
              <LengthText key={bolt} value={bolt} className="num mr-4 inline-block" />
            ))}
          </li>
        )}
      </ul>
      <p className="mt-1 text-secondary text-sm">{say("page-the-sole-plate-runs-through-doorways-until")}</p>
    </section>
  );
}

/** The heights of every opening, from the subfloor up. */
function PoleLists({ view }: { readonly view: WallView }) {
  const { say } = useSpeech();
  return (
    <section>
      <h3 className="ruled">{say("page-story-pole")}</h3>
      <div className="mt-2 grid gap-6 sm:grid-cols-2">
        {view.openings.map((opening) => (
          <table key={opening.id} className="w-full break-inside-avoid self-start">
            <caption className="text-left font-bold">
              {opening.letter}, {say(named("kind-of-opening", opening.kind))}
            </caption>
            <tbody>
              {[...opening.stack].reverse().map((layer) => (
                <tr key={layer.kind + layer.from} className="border-base-300 border-b">
                  <th className="text-left font-normal">{say(named("stack", layer.kind))}</th>
                  <td className="text-right">
                    {say("page-from")} <LengthText value={layer.from} style="inches" className="num" />
                  </td>
                  <td className="pl-4 text-right">
                    <LengthText value={layer.height} style="inches" className="num" />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
    </section>
  );
}
