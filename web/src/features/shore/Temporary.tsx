import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { shoreQuery, shoreWorkingQuery } from "../../api/queries";
import { useOpeningMarks } from "../../api/useOpeningMarks";
import { ChoiceList } from "../../components/Field";
import { NameField } from "../../components/NameField";
import { PaperWorking } from "../../components/paper/PaperWorking";
import { SideSheet } from "../../components/SideSheet";
import { nameOf } from "../../lib/outbox";
import { useSpeech } from "../../speech/useSpeech";
import { Answer } from "./Answer";
import { BeamIn } from "./BeamIn";
import { JoistFields } from "./JoistFields";
import { askedOf, type TypedJoists, typedJoists } from "./joists";
import { TypedLength } from "./TypedLength";

/** How far off temporary walls stand where nothing is planned. */
const USUAL = '30"';
/** How far apart studs under a header stand where nobody said otherwise. */
const APART = '48"';
const PLIES = [1, 2, 3] as const;
const ROWS = [0, 1, 2] as const;
type Depth = Schemas["Depth"];
const BOARDS: Record<Exclude<Depth, "four">, string> = {
  six: "2x6",
  eight: "2x8",
  ten: "2x10",
  twelve: "2x12",
};

interface Props {
  readonly job: string;
  readonly wall: string;
  readonly version: number;
  /** As the order has them; nothing where the wall has no order. */
  readonly start: Schemas["TemporaryPlan"] | undefined;
  readonly which: ReactNode;
}

/** The temporary walls of one wall: how they are built, and what that comes to. */
export function Temporary({ job, wall, version, start, which }: Props) {
  const { say, exact } = useSpeech();
  const leave = useNavigate();
  const begin = (off: number | null | undefined) => (off ? exact(off, "inches") : "");
  const [lower, setLower] = useState(start ? begin(start.lower) : USUAL);
  const [upper, setUpper] = useState(start ? begin(start.upper) : USUAL);
  const [plies, setPlies] = useState(start?.plies ?? 1);
  const [rows, setRows] = useState(start?.rows ?? 1);
  const [header, setHeader] = useState<Depth | "">(start?.header?.depth ?? "");
  const [apart, setApart] = useState(start?.header ? begin(start.header.apart) : APART);
  const [joists, setJoists] = useState<TypedJoists>(() => typedJoists(start?.joists, begin));
  const [cleared, setCleared] = useState(start?.floors_cleared ?? false);
  const [no_snow, setNoSnow] = useState(start?.no_snow ?? false);
  const [name, setName] = useState(() => nameOf().trim());
  const { mark } = useOpeningMarks(job, wall);
  const under = header === "" ? {} : { header, apart };
  const asked = { lower, upper, plies, rows, ...under, ...askedOf(joists), cleared, no_snow };
  const shore = useQuery(shoreQuery(job, wall, version, asked));
  const [shown, show] = useState(false);
  const working = useQuery({ ...shoreWorkingQuery(job, wall, version, asked), enabled: shown });
  const planned = !shore.isPlaceholderData && !shore.error && shore.data?.planned;
  return (
    <div className="grid items-start gap-4 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <section className="sheet grid gap-3 p-4">
        {which}
        <div className="grid grid-cols-2 gap-3">
          <TypedLength label={say("page-shore-lower")} length={lower} put={setLower} />
          <TypedLength label={say("page-shore-upper")} length={upper} put={setUpper} />
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
        <ChoiceList
          label={say("page-shore-header")}
          value={header}
          options={[
            { value: "", label: say("page-shore-no-header") },
            ...Object.entries(BOARDS).map(([value, size]) => ({
              value: value as Depth,
              label: say("page-shore-two-boards", { size }),
            })),
          ]}
          choose={setHeader}
        />
        {header !== "" && <TypedLength label={say("page-shore-apart")} length={apart} put={setApart} />}
        <JoistFields joists={joists} put={setJoists} />
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
