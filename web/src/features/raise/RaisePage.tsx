import { useQuery } from "@tanstack/react-query";
import { useParams, useSearchParams } from "react-router";
import type { Schemas, Settings } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobQuery, raiseQuery, wallQuery } from "../../api/queries";
import { useJobEditing } from "../../api/useJobEditing";
import { LengthField, NumberField } from "../../components/Field";
import { LengthText } from "../../components/LengthText";
import { PageHead } from "../../components/PageHead";
import { Trouble } from "../../components/Trouble";
import { useSpeech, type Words } from "../../speech/useSpeech";
import { Hoist } from "./Hoist";
import { LyingWall } from "./LyingWall";
import { Walls } from "./Walls";

/** Where a panel ends: nanometers, or as it is typed. */
type PanelEnd = number | string;

/** What walls weigh, who lifts them and in how many panels, and what a machine takes. */
export function RaisePage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const [asked, ask] = useSearchParams();
  const view = useQuery(jobQuery(job));
  const version = view.data?.version ?? 0;
  const raise = useQuery({ ...raiseQuery(job, version), enabled: view.data !== undefined });
  const editing = useJobEditing(job);
  const change = (part: Partial<Settings["raising"]>): Promise<Words | undefined> =>
    editing
      .run((now) => ({
        do: "change_settings",
        settings: { ...now.settings, raising: { ...now.settings.raising, ...part } },
      }))
      .then((problem) => problem?.said);
  const put = (raising_order: string[]) =>
    editing.run((now) => ({ do: "change_settings", settings: { ...now.settings, raising_order } }));
  const putEnds = (wall: string, panel_ends: PanelEnd[]): Promise<Words | undefined> =>
    editing
      .run((now) => {
        const frame = now.walls.find(({ id }) => id === wall)?.frame;
        return (
          frame && { do: "change_wall", wall, frame: { ...frame, framing: { ...frame.framing, panel_ends } } }
        );
      })
      .then((problem) => problem?.said);
  const walls = raise.data?.walls ?? [];
  const shown =
    walls.find(({ wall }) => wall === asked.get("wall")) ?? walls.find(({ none }) => !none) ?? walls[0];
  const error = view.error ?? raise.error;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view.data ? say("page-raise-of", { name: view.data.job.name }) : say("page-raise")}
        back={{ to: `/jobs/${job}/cut`, label: say("page-raise-back") }}
      />
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4"
      >
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        <Trouble editing={editing} job={job} />
        <div className="grid items-start gap-4 xl:grid-cols-[20rem_minmax(0,1fr)]">
          <div className="grid gap-4">
            {view.data && <CrewFields raising={view.data.job.settings.raising} change={change} />}
            <Walls
              walls={walls}
              squares={raise.data?.squares ?? []}
              shown={shown}
              choose={(wall) => ask({ wall }, { replace: true })}
              put={(raising_order) => void put(raising_order)}
            />
          </div>
          {shown && (
            <OneWall
              key={shown.wall}
              job={job}
              version={version}
              raised={shown}
              putEnds={(ends) => putEnds(shown.wall, ends)}
            />
          )}
        </div>
      </main>
    </div>
  );
}

interface CrewProps {
  readonly raising: Settings["raising"];
  readonly change: (part: Partial<Settings["raising"]>) => Promise<Words | undefined>;
}

function CrewFields({ raising, change }: CrewProps) {
  const { say } = useSpeech();
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-raise-crew")}</h2>
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label={say("page-raise-people")}
          number={raising.crew}
          input="crew"
          save={(crew) => change({ crew })}
        />
        <NumberField
          label={say("page-raise-each")}
          number={raising.pounds_each}
          quantity="pounds"
          input="pounds-each"
          save={(pounds_each) => change({ pounds_each })}
        />
      </div>
      <NumberField
        label={say("page-raise-moisture")}
        hint={say("page-raise-moisture-hint")}
        number={raising.moisture_percent}
        input="moisture"
        save={(moisture_percent) => change({ moisture_percent })}
      />
    </section>
  );
}

interface OneWallProps {
  readonly job: string;
  readonly version: number;
  readonly raised: Schemas["RaisedWallView"];
  readonly putEnds: (ends: PanelEnd[]) => Promise<Words | undefined>;
}

function OneWall({ job, version, raised, putEnds }: OneWallProps) {
  const { say, weight } = useSpeech();
  const wall = useQuery(wallQuery(job, raised.wall, version));
  if (raised.none) return <p className="sheet p-4 text-lg">{say(raised.none)}</p>;
  return (
    <div className="grid gap-4">
      <section className="sheet grid gap-2 p-4" aria-label={raised.name}>
        <h2 className="flex flex-wrap items-baseline gap-x-4 font-bold text-xl">
          {raised.name}
          <span className="text-3xl tabular-nums">{weight(raised.weight_lb)}</span>
          <span className="font-normal text-lg">
            {say("page-raise-made-of", {
              frame: weight(raised.frame_lb),
              sheathing: weight(raised.sheathing_lb),
            })}
          </span>
        </h2>
        {raised.turn.map((why) => (
          <p key={say(why)} className="text-lg">
            {say(why)}
          </p>
        ))}
        {raised.tip_up && <p className="font-bold text-lg">{say(raised.tip_up)}</p>}
        <p className="text-lg">{say("page-raise-pieces", { panels: raised.panels.length })}</p>
        {raised.panels.length > 1 && !raised.is_framed_so && (
          <button
            type="button"
            className="btn btn-outline tap justify-self-start text-lg"
            onClick={() => void putEnds(raised.panels.slice(1).map(({ from }) => from))}
          >
            {say("page-raise-frame-so")}
          </button>
        )}
        {raised.is_framed_so && (
          <p className="flex flex-wrap items-center gap-3 text-lg">
            {say("page-raise-framed-so")}
            <button type="button" className="btn btn-outline tap text-lg" onClick={() => void putEnds([])}>
              {say("page-raise-not-framed-so")}
            </button>
          </p>
        )}
        {raised.later_lb > 0 && (
          <p className="text-lg">
            {say(raised.panels.length > 1 ? "page-raise-later" : "page-raise-later-blocks", {
              later: weight(raised.later_lb),
            })}
          </p>
        )}
        {wall.data && <LyingWall wall={wall.data} raised={raised} put={(ends) => void putEnds(ends)} />}
        <ol className="grid gap-3">
          {raised.panels.map((panel, place) => (
            <OnePanel
              key={panel.from}
              panel={panel}
              place={place}
              alone={raised.panels.length === 1}
              begin={
                raised.is_framed_so && place > 0
                  ? (text) =>
                      putEnds(
                        raised.panels.slice(1).map(({ from }, each) => (each + 1 === place ? text : from)),
                      )
                  : undefined
              }
            />
          ))}
        </ol>
        <section aria-label={say("page-raise-before")}>
          <h3 className="font-bold text-lg">{say("page-raise-before")}</h3>
          <ul className="list-disc pl-6 text-lg">
            {raised.before.map((each) => (
              <li key={each.id}>{say(each)}</li>
            ))}
            {raised.straps.map((each) => (
              <li key={say(each)}>{say(each)}</li>
            ))}
          </ul>
        </section>
      </section>
      {wall.data && <Hoist job={job} wall={raised.wall} version={version} length={wall.data.length} />}
    </div>
  );
}

interface PanelProps {
  readonly panel: Schemas["PanelView"];
  readonly place: number;
  readonly alone: boolean;
  /** Lets it begin elsewhere, as it is typed. */
  readonly begin: ((text: string) => Promise<Words | undefined>) | undefined;
}

function OnePanel({ panel, place, alone, begin }: PanelProps) {
  const { say, length, weight, quantity } = useSpeech();
  const alike = panel.diagonals[0] === panel.diagonals[1];
  return (
    <li className="text-lg">
      {!alone && (
        <h3 className="font-bold">
          {say("page-raise-panel", {
            panel: place + 1,
            from: length(panel.from),
            to: length(panel.to),
            weight: weight(panel.weight_lb),
          })}
        </h3>
      )}
      {begin && (
        <div className="my-1 w-56">
          <LengthField
            label={say("page-raise-begins", { panel: place + 1 })}
            length={panel.from}
            save={begin}
          />
        </div>
      )}
      <p className={`text-xl ${panel.is_lifted ? "" : "font-bold text-error"}`}>{say(panel.words)}</p>
      {panel.too_heavy && <p className="font-bold text-error">{say(panel.too_heavy)}</p>}
      <p>
        {say("page-raise-at-last", {
          lift: quantity(panel.lift_lb, "pounds"),
          last: quantity(panel.lift_at_last_lb, "pounds"),
        })}{" "}
        {say(alike ? "page-raise-diagonal" : "page-raise-diagonals")}{" "}
        {(alike ? panel.diagonals.slice(0, 1) : panel.diagonals).map((diagonal) => (
          <LengthText key={diagonal} value={diagonal} className="mr-2 font-bold" />
        ))}
      </p>
    </li>
  );
}
