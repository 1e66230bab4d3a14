import { useQuery } from "@tanstack/react-query";
import { useId } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { problemText } from "../../api/problems";
import { cutQuery, jobQuery, sticksQuery } from "../../api/queries";
import { PageHead } from "../../components/PageHead";
import { partOf } from "../../lib/partOfHouse";
import { planningOf } from "../../lib/planning";
import { useSpeech } from "../../speech/useSpeech";
import { Buy } from "./Buy";
import { CutList } from "./CutList";
import { HeldBack, Told } from "./HeldBack";
import { Packs } from "./Packs";
import { PlanningChoices } from "./PlanningChoices";
import { Sticks } from "./Sticks";
import { fileAddress, planningText, shownOf, VIEWS } from "./views";

/** What is built apart, what is cut, and from which sticks: of the whole house, a storey or a wall. */
export function CutPage() {
  const { say, language, vocabulary, units } = useSpeech();
  const { job = "" } = useParams();
  const [asked, ask] = useSearchParams();
  const view = useQuery(jobQuery(job));
  const version = view.data?.version ?? 0;
  const shown = shownOf(asked.get("show"));
  const part = partOf(asked);
  const ofWhich = useId();
  const ready = view.data !== undefined;
  const cut = useQuery({ ...cutQuery(job, version, part), enabled: ready });
  const planning = planningOf(asked);
  const fromSticks = shown === "sticks" || shown === "buy";
  const sticks = useQuery({ ...sticksQuery(job, version, planning), enabled: ready && fromSticks });
  const put = (name: string, value: string) =>
    ask(
      (before) => {
        const after = new URLSearchParams(before);
        if (name === "of") {
          after.delete("wall");
          after.delete("level");
          const [kind, id] = value.split(" ");
          if (kind && id) after.set(kind, id);
        } else after.set(name, value);
        return after;
      },
      { replace: true },
    );
  const error = view.error ?? cut.error ?? sticks.error;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view.data ? say("page-cutting-of", { name: view.data.job.name }) : say("page-cutting")}
        back={{ to: `/jobs/${job}`, label: say("page-back-to-the-wall") }}
      >
        <Link to={`/jobs/${job}/raise`} className="btn tap no-print">
          {say("page-raise")}
        </Link>
        <Link to={`/jobs/${job}/saw?${new URLSearchParams({ ...part })}`} className="btn tap no-print">
          {say("page-to-the-saw")}
        </Link>
        <fieldset className="no-print join" aria-label={say("page-cutting-show")}>
          {VIEWS.map(([each, called]) => (
            <button
              key={each}
              type="button"
              aria-pressed={shown === each}
              className={`btn join-item tap px-4 ${shown === each ? "btn-neutral" : "font-normal"}`}
              onClick={() => put("show", each)}
            >
              {say(called)}
            </button>
          ))}
        </fieldset>
      </PageHead>
      <main className="screen relative min-h-0 flex-1 overflow-y-auto p-4">
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        {cut.data && <HeldBack held={cut.data.held_back} />}
        {cut.data && <Told title={say("page-cutting-changed")} told={cut.data.changed} />}
        {cut.data && <Told title={say("page-cutting-standing")} told={cut.data.standing} />}
        <div className="no-print mb-4 flex flex-wrap items-center gap-3 text-lg">
          {fromSticks && <PlanningChoices planning={planning} put={put} />}
          {!fromSticks && view.data && (
            <>
              <label htmlFor={ofWhich}>{say("page-cutting-of-which")}</label>
              <select
                id={ofWhich}
                className="select tap w-auto text-lg"
                value={part.wall ? `wall ${part.wall}` : part.level ? `level ${part.level}` : ""}
                onChange={(event) => put("of", event.target.value)}
              >
                <option value="">{say("page-cutting-whole-house")}</option>
                {view.data.job.house.levels.map((level) => (
                  <option key={level.id} value={`level ${level.id}`}>
                    {level.name}
                  </option>
                ))}
                {view.data.job.walls.map((wall) => (
                  <option key={wall.id} value={`wall ${wall.id}`}>
                    {wall.frame.name}
                  </option>
                ))}
              </select>
              {cut.data && <span>{say("page-cutting-pieces", { count: cut.data.pieces })}</span>}
              {shown === "list" && (
                <Link
                  to={`/jobs/${job}/labels?${new URLSearchParams({ ...part })}`}
                  className="btn btn-outline tap"
                >
                  {say("page-labels")}
                </Link>
              )}
            </>
          )}
          {shown !== "packs" && cut.data && (
            <span className="ml-auto flex items-center gap-3 whitespace-nowrap">
              {say("page-cutting-as-a-file")}
              {(["csv", "xlsx"] as const).map((form) => (
                <a
                  key={form}
                  className="btn btn-outline tap"
                  href={fileAddress(job, shown === "list" ? "cut" : "sticks", form, {
                    ...(shown === "list" ? part : planningText(planning)),
                    language,
                    vocabulary,
                    units,
                  })}
                >
                  {form.toUpperCase()}
                </a>
              ))}
            </span>
          )}
        </div>
        {shown === "packs" && cut.data && <Packs packs={cut.data.packs} />}
        {shown === "list" && cut.data && <CutList sections={cut.data.sections} />}
        {fromSticks && sticks.isPlaceholderData && (
          <p className="mb-4 text-lg" role="status">
            {say("page-sticks-are-planned")}
          </p>
        )}
        {fromSticks &&
          (sticks.data ? (
            shown === "sticks" ? (
              <Sticks sticks={sticks.data} />
            ) : (
              <Buy job={job} version={version} planning={planning} sticks={sticks.data} />
            )
          ) : (
            !sticks.error && (
              <p className="text-lg" role="status">
                {say("page-sticks-are-planned")}
              </p>
            )
          ))}
      </main>
    </div>
  );
}
