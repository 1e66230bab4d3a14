import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useId, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobQuery, openingOrderQuery, shoreQuery, shoreWorkingQuery } from "../../api/queries";
import { useOpeningMarks } from "../../api/useOpeningMarks";
import { ChoiceList, LengthField } from "../../components/Field";
import { LengthText } from "../../components/LengthText";
import { NameField } from "../../components/NameField";
import { PageHead } from "../../components/PageHead";
import { PaperWorking } from "../../components/paper/PaperWorking";
import { SideSheet } from "../../components/SideSheet";
import { nameOf } from "../../lib/outbox";
import { useSpeech } from "../../speech/useSpeech";
import { BeamIn } from "./BeamIn";
import { JoistSection } from "./JoistSection";

/** How far off temporary walls stand where nothing is planned. */
const USUAL = '30"';
const PLIES = [1, 2, 3] as const;
const ROWS = [0, 1, 2] as const;

/** A wall of the house is opened: what stands meanwhile, between temporary walls. */
export function ShorePage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const [asked, ask] = useSearchParams();
  const ofWhich = useId();
  const view = useQuery(jobQuery(job));
  const walls = view.data?.job.walls ?? [];
  // One that stands in a house, where any does.
  const first = walls.find(({ place }) => place) ?? walls[0];
  const wall = walls.find(({ id }) => id === asked.get("wall"))?.id ?? first?.id ?? undefined;
  const order = useQuery({ ...openingOrderQuery(job, wall ?? ""), enabled: wall !== undefined });
  const which = (
    <>
      <label htmlFor={ofWhich} className="text-lg">
        {say("page-shore-which")}
      </label>
      <select
        id={ofWhich}
        className="select tap text-lg"
        value={wall ?? ""}
        onChange={(event) => ask({ wall: event.target.value }, { replace: true })}
      >
        {walls.map(({ id, frame }) => (
          <option key={id} value={id ?? ""}>
            {frame.name}
          </option>
        ))}
      </select>
    </>
  );
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view.data ? say("page-shore-of", { name: view.data.job.name }) : say("page-shore")}
        back={{ to: `/jobs/${job}/house`, label: say("page-shore-back") }}
      >
        {order.data && (
          <Link to={`/jobs/${job}/walls/${wall}/order`} className="btn tap no-print">
            {say("page-order")}
          </Link>
        )}
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4"
      >
        {view.error && <p className="font-bold text-error text-lg">{problemText(say, view.error)}</p>}
        {wall && !order.isPending && (
          <Temporary
            key={wall}
            job={job}
            wall={wall}
            version={view.data?.version ?? 0}
            start={order.data?.planned}
            which={which}
          />
        )}
      </main>
    </div>
  );
}

interface TemporaryProps {
  readonly job: string;
  readonly wall: string;
  readonly version: number;
  /** As the order has them; nothing where the wall has no order. */
  readonly start: Schemas["TemporaryPlan"] | undefined;
  readonly which: ReactNode;
}

/** The temporary walls of one wall. */
function Temporary({ job, wall, version, start, which }: TemporaryProps) {
  const { say, exact } = useSpeech();
  const leave = useNavigate();
  const begin = (off: number | null | undefined) => (off ? exact(off, "inches") : "");
  const [lower, setLower] = useState(start ? begin(start.lower) : USUAL);
  const [upper, setUpper] = useState(start ? begin(start.upper) : USUAL);
  const [plies, setPlies] = useState(start?.plies ?? 1);
  const [rows, setRows] = useState(start?.rows ?? 1);
  const [cleared, setCleared] = useState(start?.floors_cleared ?? false);
  const [no_snow, setNoSnow] = useState(start?.no_snow ?? false);
  const [name, setName] = useState(() => nameOf().trim());
  const { mark } = useOpeningMarks(job, wall);
  const shore = useQuery(shoreQuery(job, wall, version, { lower, upper, plies, rows, cleared, no_snow }));
  const [shown, show] = useState(false);
  const working = useQuery({
    ...shoreWorkingQuery(job, wall, version, { lower, upper, plies, rows, cleared, no_snow }),
    enabled: shown,
  });
  const planned = !shore.isPlaceholderData && !shore.error && shore.data?.planned;
  return (
    <div className="grid items-start gap-4 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <section className="sheet grid gap-3 p-4">
        {which}
        <div className="grid grid-cols-2 gap-3">
          <Off label={say("page-shore-lower")} off={lower} put={setLower} />
          <Off label={say("page-shore-upper")} off={upper} put={setUpper} />
        </div>
        <ChoiceList
          label={say("page-shore-plies")}
          value={String(plies)}
          options={PLIES.map((count) => ({ value: String(count), label: String(count) }))}
          choose={(count) => setPlies(Number(count))}
        />
        <ChoiceList
          label={say("page-shore-rows")}
          value={String(rows)}
          options={ROWS.map((count) => ({ value: String(count), label: String(count) }))}
          choose={(count) => setRows(Number(count))}
        />
        <Tick label={say("page-shore-cleared")} is={cleared} put={setCleared} />
        <Tick label={say("page-shore-no-snow")} is={no_snow} put={setNoSnow} />
        {start && (
          <>
            <NameField label={say("page-order-name")} change={setName} />
            <button
              type="button"
              className="btn btn-neutral tap text-lg"
              disabled={!planned || name === ""}
              onClick={() => {
                if (!planned) return;
                mark({ do: "planned", plan: planned });
                leave(`/jobs/${job}/walls/${wall}/order`);
              }}
            >
              {say("page-shore-to-the-order")}
            </button>
          </>
        )}
      </section>
      <div className="grid gap-4">
        {shore.error && <p className="font-bold text-error text-lg">{problemText(say, shore.error)}</p>}
        {shore.data && (
          <Answer
            shore={shore.data}
            showWorking={() => show(true)}
            drag={(side, inches) => (side === "lower" ? setLower : setUpper)(`${inches}"`)}
          />
        )}
        <BeamIn job={job} wall={wall} version={version} />
      </div>
      {shown && (
        <SideSheet title={say("page-shore-working")} close={() => show(false)} wide>
          {working.error && <p className="text-error">{problemText(say, working.error)}</p>}
          {working.data && <PaperWorking lines={working.data.lines} />}
        </SideSheet>
      )}
    </div>
  );
}

interface OffProps {
  readonly label: string;
  readonly off: string;
  readonly put: (off: string) => void;
}

function Off({ label, off, put }: OffProps) {
  return (
    <LengthField
      label={label}
      style="inches"
      length={off}
      save={async (text) => {
        put(text);
        return undefined;
      }}
    />
  );
}

interface TickProps {
  readonly label: string;
  readonly is: boolean;
  readonly put: (is: boolean) => void;
}

function Tick({ label, is, put }: TickProps) {
  return (
    <label className="tap flex items-center gap-3 text-lg">
      <input
        type="checkbox"
        className="checkbox"
        checked={is}
        onChange={(event) => put(event.target.checked)}
      />
      {label}
    </label>
  );
}

interface AnswerProps {
  readonly shore: Schemas["ShoreView"];
  readonly showWorking: () => void;
  readonly drag: (side: "lower" | "upper", inches: number) => void;
}

function Answer({ shore, showWorking, drag }: AnswerProps) {
  const { say, quantity } = useSpeech();
  const plf = (load: number) => quantity(load, "pounds_per_foot");
  return (
    <>
      {shore.none && <p className="sheet p-4 font-bold text-lg">{say(shore.none)}</p>}
      {shore.fields.map((field) => (
        <section key={field.name} className="sheet grid gap-2 p-4" aria-label={field.name}>
          <h2 className="font-bold text-lg">{field.name}</h2>
          <JoistSection
            field={field}
            temporary={shore.temporary}
            within={[shore.nearest, shore.farthest]}
            drag={drag}
          />
          <ul className="text-lg">
            {field.spans.map(({ now, before }, place) => (
              <li key={`${field.pieces[place]?.from ?? place}`}>
                {say("page-shore-spans")} <LengthText value={now} className="font-bold" />
                {before !== null && before !== undefined && (
                  <>
                    {" "}
                    {say("page-shore-instead-of")} <LengthText value={before} />
                  </>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
      {shore.loads.length > 0 && (
        <section className="sheet p-4" aria-label={say("page-shore-temporary")}>
          <h2 className="font-bold text-lg">{say("page-shore-temporary")}</h2>
          <table className="w-full text-lg">
            <thead>
              <tr className="text-right text-base">
                <th className="text-left font-normal">{say("page-shore-at")}</th>
                <th className="font-normal">{say("kind-dead")}</th>
                <th className="font-normal">{say("kind-floor-live")}</th>
                <th className="font-normal">{say("kind-roof-live")}</th>
                <th className="font-normal">{say("kind-snow")}</th>
              </tr>
            </thead>
            <tbody className="tabular-nums">
              {shore.loads.map(({ dead, live, roof_live, snow }, place) => (
                <tr key={shore.temporary[place] ?? place} className="border-base-300 border-t text-right">
                  <th scope="row" className="text-left">
                    <LengthText value={shore.temporary[place] ?? 0} />
                  </th>
                  <td>{plf(dead)}</td>
                  <td>{plf(live)}</td>
                  <td>{plf(roof_live)}</td>
                  <td>{plf(snow)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="text-base opacity-80">{say("page-shore-each-kind")}</p>
          {shore.studs && (
            <p className={`mt-2 text-xl ${shore.carries ? "font-bold" : "font-bold text-error"}`}>
              {say(shore.studs)}{" "}
              <button type="button" className="btn tap no-print ml-3" onClick={showWorking}>
                {say("page-show-the-working")}
              </button>
            </p>
          )}
        </section>
      )}
      {shore.findings.length > 0 && (
        <ul className="sheet grid gap-1 border-2 border-error p-4 font-bold text-error text-lg">
          {shore.findings.map((finding) => (
            <li key={say(finding)}>{say(finding)}</li>
          ))}
        </ul>
      )}
      <p className="font-bold text-error text-lg">{say("page-order-caution")}</p>
    </>
  );
}
