import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link, Navigate, useNavigate, useParams, useSearchParams } from "react-router";
import type { Command, JobView, Schemas, Wall, WallView } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobQuery, keys, ticketQuery, wallQuery } from "../../api/queries";
import { type JobEditing, type Look, useJobEditing } from "../../api/useJobEditing";
import { Legend } from "../../components/Legend";
import { LengthText } from "../../components/LengthText";
import { Trouble } from "../../components/Trouble";
import { VerdictMark } from "../../components/VerdictMark";
import { named, useSpeech } from "../../speech/useSpeech";
import type { Say } from "../../speech/voice";
import { ConflictDialog } from "./ConflictDialog";
import { CommandButton } from "./commands/CommandButton";
import { drawingKeys } from "./commands/drawingKeys";
import { HelpSheet } from "./commands/HelpSheet";
import { useCommandKeys, wallCommands } from "./commands/useWallCommands";
import { FrameSheet } from "./frame/FrameSheet";
import { studName } from "./frame/studs";
import { LoadsSheet } from "./loads/LoadsSheet";
import { SayLine } from "./say/SayLine";
import { OpeningTicket } from "./ticket";
import { FindingList } from "./ticket/CautionSection";
import { usePendingMove } from "./usePendingMove";
import { WallStage } from "./WallStage";
import { WallTabs } from "./WallTabs";
import { type SheetPlace, WorkingSheet } from "./working/WorkingSheet";

/** A job's address without a wall leads to its first. */
export function FirstWall() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const { data, error } = useQuery(jobQuery(job));
  if (error) return <Missing error={error} />;
  if (!data) return <p className="p-6 text-secondary">{say("page-opening-the-job")}</p>;
  const first = data.job.walls[0]?.id;
  return first ? <Navigate to={`/jobs/${job}/walls/${first}`} replace /> : <NoWalls view={data} />;
}

export function WallPage() {
  const { say } = useSpeech();
  const { job = "", wall = "" } = useParams();
  const jobAnswer = useQuery(jobQuery(job));
  const view = jobAnswer.data;
  const described = view?.job.walls.find((each) => each.id === wall);
  const planned = useQuery({ ...wallQuery(job, wall, view?.version ?? 0), enabled: described !== undefined });
  if (jobAnswer.error) return <Missing error={jobAnswer.error} />;
  if (view && !described) return <Navigate to={`/jobs/${job}`} replace />;
  if (planned.error) return <Missing error={planned.error} />;
  if (!view || !described || !planned.data || planned.data.id !== wall) {
    return <p className="p-6 text-secondary">{say("page-opening-the-wall")}</p>;
  }
  return <LoadedWall key={wall} view={view} wall={described} planned={planned.data} />;
}

function Missing({ error }: { readonly error: Error }) {
  const { say } = useSpeech();
  return (
    <div className="p-6">
      <p className="text-lg">{problemText(say, error)}</p>
      <Link to="/" className="btn tap mt-4">
        {say("page-to-the-jobs")}
      </Link>
    </div>
  );
}

function NoWalls({ view }: { readonly view: JobView }) {
  const { say } = useSpeech();
  const editing = useJobEditing(view.id);
  return (
    <div className="p-6">
      <h1 className="font-bold text-2xl">{view.job.name}</h1>
      <p className="mt-2">{say("page-this-job-has-no-wall-yet-add")}</p>
      <button
        type="button"
        className="btn btn-primary tap mt-4"
        onClick={() => void addWall(view, editing, say)}
      >
        {say("page-add-a-wall")}
      </button>
    </div>
  );
}

async function addWall(view: JobView, editing: JobEditing, say: Say) {
  const like = view.job.walls.at(-1);
  const frame = like?.frame ?? {
    length: "12'",
    height: "97 1/8",
    stud_species: "spruce_pine_fir" as const,
    stud_grade: "stud" as const,
    stud_depth: "four" as const,
    spacing: "16",
    plate_species: "spruce_pine_fir" as const,
  };
  const wall: Schemas["Wall"] = {
    frame: { ...frame, name: say("page-new-wall-name", { number: view.job.walls.length + 1 }) },
    // What another wall carries says nothing of this one.
    carries: { bearing: true, items: [] },
    openings: [],
    point_loads: [],
  };
  await editing.run({ do: "add_wall", wall });
}

interface LoadedProps {
  readonly view: JobView;
  readonly wall: Wall;
  readonly planned: WallView;
}

type Sheet =
  | { readonly kind: "loads" | "frame" | "help" }
  | { readonly kind: "working"; readonly part: SheetPlace | undefined };

function LoadedWall({ view, wall, planned }: LoadedProps) {
  const { say, units } = useSpeech();
  const look = useRef<Look>(undefined);
  const move = usePendingMove(view.id, planned, useJobEditing(view.id, look), look);
  const editing = move.settled;
  const client = useQueryClient();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const [sheet, setSheet] = useState<Sheet>();
  const entry = useRef<HTMLInputElement>(null);
  const commands = wallCommands({
    view,
    editing,
    sayOpening: () => entry.current?.focus(),
    help: () => setSheet({ kind: "help" }),
  });
  useCommandKeys(Object.values(commands));
  const shown = move.shown ?? planned;
  const selected = shown.openings.find((opening) => opening.id === search.get("o")) ?? shown.openings[0];
  useEffect(() => {
    look.current = { wall: wall.id ?? planned.id, opening: selected?.id };
  }, [wall.id, planned.id, selected?.id]);
  const read = useQuery({
    ...ticketQuery(view.id, selected?.id ?? "", view.version),
    enabled: selected !== undefined,
  });
  // The ticket before stays until the next is there; it is whole, and says whose it is.
  const ticket = selected && (move.ticket?.id === selected.id ? move.ticket : read.data);
  const design = wall.openings.find((opening) => opening.id === ticket?.id)?.design;
  const select = (opening: string) => setSearch({ o: opening }, { replace: true });
  // What was said last is what its sayer looks at next; it is the last of the list.
  const selectNewest = () => {
    const now = client.getQueryData<JobView>(keys.job(view.id));
    const openings = now?.job.walls.find((each) => each.id === wall.id)?.openings ?? [];
    const newest = openings.at(-1)?.id;
    if (newest && openings.length > wall.openings.length) select(newest);
  };
  const remove = (opening: string) => void editing.run({ do: "remove_opening", opening });
  return (
    <div className="flex h-full flex-col lg:grid lg:grid-cols-[minmax(0,1fr)_392px] lg:grid-rows-[auto_minmax(0,1fr)]">
      <header className="flex flex-wrap items-center gap-x-4 border-base-300 border-b px-4 lg:col-span-2">
        <h1 className="max-w-[22rem] truncate font-bold text-lg">{view.job.name}</h1>
        <WallTabs view={view} addWall={() => void addWall(view, editing, say)} />
        <div className="no-print flex">
          <CommandButton command={commands.undo} />
          <CommandButton command={commands.redo} />
        </div>
      </header>
      {/* On a phone the ticket follows the wall at once; what stands under the wall comes after it. */}
      <main className="contents min-w-0 lg:relative lg:block lg:overflow-y-auto">
        <div className="order-1 px-4 pt-3">
          <SayLine job={view.id} wall={planned.id} entry={entry} editing={editing} kept={selectNewest} />
          <Trouble editing={editing} />
          {move.trial && <TrialBar keep={move.keepTrial} leave={move.leaveTrial} />}
          <WallStage
            view={shown}
            selected={selected}
            stops={ticket && ticket.id === selected?.id ? ticket.snaps : []}
            select={select}
            remove={remove}
            move={move}
          >
            <CommandButton command={commands.help} />
          </WallStage>
          <Legend legend={shown.legend} />
        </div>
        <div className="order-3 mt-2 grid gap-4 px-4 pb-6 md:grid-cols-2">
          <WallFacts wall={wall} planned={shown} open={setSheet} />
          <ToLookAt view={shown} select={select} tryOut={move.tryOut} />
        </div>
      </main>
      <aside
        className="ticket relative order-2 lg:overflow-y-auto"
        aria-label={say("page-ticket")}
        aria-busy={ticket?.id !== selected?.id}
      >
        {read.error && <p className="p-4 text-lg">{problemText(say, read.error)}</p>}
        {ticket && design && (
          <OpeningTicket
            key={ticket.id}
            job={view.id}
            version={view.version}
            wall={planned.id}
            settings={view.job.settings}
            legend={shown.legend}
            openLoads={() => setSheet({ kind: "loads" })}
            ticket={ticket}
            design={design}
            findings={shown.findings.filter((finding) => finding.opening === ticket.id)}
            wallLength={planned.length}
            editing={editing}
            tryOut={move.tryOut}
            showWorking={(part) => setSheet({ kind: "working", part })}
            remove={() => remove(ticket.id)}
          />
        )}
        {!selected && <EmptyTicket />}
      </aside>
      {sheet?.kind === "loads" && (
        <LoadsSheet
          wall={wall}
          view={planned}
          settings={view.job.settings}
          editing={editing}
          close={() => setSheet(undefined)}
        />
      )}
      {sheet?.kind === "frame" && (
        <FrameSheet
          wall={wall}
          wallId={planned.id}
          place={view.job.walls.findIndex((each) => each.id === wall.id)}
          last={view.job.walls.length - 1}
          editing={editing}
          close={() => setSheet(undefined)}
          remove={() => {
            void editing
              .run({ do: "remove_wall", wall: planned.id })
              .then(() => navigate(`/jobs/${view.id}`));
          }}
        />
      )}
      {sheet?.kind === "help" && (
        <HelpSheet
          commands={Object.values(commands)}
          drawing={drawingKeys(units)}
          close={() => setSheet(undefined)}
        />
      )}
      {sheet?.kind === "working" && ticket && (
        <WorkingSheet
          job={view.id}
          opening={ticket.id}
          letter={ticket.letter}
          version={view.version}
          part={sheet.part}
          close={() => setSheet(undefined)}
        />
      )}
      {editing.conflict && <ConflictDialog conflict={editing.conflict} editing={editing} />}
    </div>
  );
}

/** Everything on this wall that is not settled: openings that do not hold, and trouble in the framing. */
interface LookProps {
  readonly view: WallView;
  readonly select: (opening: string) => void;
  readonly tryOut: (command: Command) => void;
}

function ToLookAt({ view, select, tryOut }: LookProps) {
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

/** An edit that is shown and not kept yet. */
function TrialBar({ keep, leave }: { readonly keep: () => void; readonly leave: () => void }) {
  const { say } = useSpeech();
  return (
    <p role="status" className="my-2 flex flex-wrap items-center gap-3 border-[var(--chalk)] border-l-4 pl-3">
      <b>{say("page-this-is-how-it-would-be")}</b>
      <button type="button" className="btn btn-primary tap" onClick={keep}>
        {say("page-keep-it")}
      </button>
      <button type="button" className="btn tap" onClick={leave}>
        {say("page-leave-it-as-it-was")}
      </button>
    </p>
  );
}

function EmptyTicket() {
  const { say } = useSpeech();
  return (
    <div className="py-6 pr-4 pl-6">
      <h2 className="font-bold text-lg">{say("page-no-opening-yet")}</h2>
      <p className="mt-2">{say("page-first-say-what-this-wall-carries-then")}</p>
    </div>
  );
}

interface FactsProps {
  readonly wall: Wall;
  readonly planned: WallView;
  readonly open: (sheet: Sheet) => void;
}

/** The wall in two lines: its frame, and what comes down on it. */
function WallFacts({ wall, planned, open }: FactsProps) {
  const { say, quantity } = useSpeech();
  const { frame, carries } = wall;
  const totals = planned.load_stretches[0]?.totals ?? [];
  return (
    <section className="sheet p-3">
      <h2 className="ruled">{say("page-this-wall")}</h2>
      <p className="mt-1">
        <LengthText value={frame.length} className="num" /> {say("page-long-2")}{" "}
        <LengthText value={frame.height} style="inches" className="num" />{" "}
        {say("page-high-at", { frame: studName(frame) })}{" "}
        <LengthText value={frame.spacing} style="inches" className="num" />
      </p>
      <p className="mt-1 flex flex-wrap gap-x-4">
        {!carries.bearing && say("page-a-partition-it-carries-nothing")}
        {carries.bearing && totals.length === 0 && (
          <span className="text-error">{say("page-nothing-is-said-yet-about-what-it")}</span>
        )}
        {totals.map((total) => (
          <span key={total.kind} title={say(named("kind", total.kind))}>
            <span className="text-secondary">{total.symbol}</span>{" "}
            <b className="num">{quantity(total.plf, "pounds_per_foot")}</b>
          </span>
        ))}
        {planned.load_stretches.length > 1 && (
          <span className="text-secondary text-sm">{say("page-at-its-left-end-uneven")}</span>
        )}
      </p>
      <div className="no-print mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn tap" onClick={() => open({ kind: "loads" })}>
          {say("page-what-it-carries")}
        </button>
        <button type="button" className="btn tap" onClick={() => open({ kind: "frame" })}>
          {say("page-length-height-studs")}
        </button>
        <Link className="btn tap" to="plates">
          {say("page-plate-list")}
        </Link>
      </div>
    </section>
  );
}
