import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import type { JobView, Wall, WallView } from "../../api/client";
import { problemText } from "../../api/problems";
import { keys, ticketQuery } from "../../api/queries";
import { type Look, useJobEditing } from "../../api/useJobEditing";
import { ConflictDialog } from "../../components/ConflictDialog";
import { Legend } from "../../components/Legend";
import { Trouble } from "../../components/Trouble";
import { useSteady } from "../../components/useSteady";
import { useSpeech } from "../../speech/useSpeech";
import { CommandButton } from "./commands/CommandButton";
import { HelpSheet } from "./commands/HelpSheet";
import { openingCommands } from "./commands/openingCommands";
import { useCommandKeys, wallCommands } from "./commands/useWallCommands";
import { FrameSheet } from "./frame/FrameSheet";
import { LoadsSheet } from "./loads/LoadsSheet";
import { SayLine } from "./say/SayLine";
import { swipes } from "./swipe";
import { TogetherBar } from "./TogetherBar";
import { ToLookAt } from "./ToLookAt";
import { TrialBar } from "./TrialBar";
import { OpeningTicket } from "./ticket";
import { useParts } from "./ticket/useParts";
import { useAddWall } from "./useAddWall";
import { usePendingMove } from "./usePendingMove";
import { useTogether } from "./useTogether";
import { saysNothing, WallFacts } from "./WallFacts";
import { WallStage } from "./WallStage";
import { WallTabs } from "./WallTabs";
import { type SheetPlace, WorkingSheet } from "./working/WorkingSheet";

interface LoadedProps {
  readonly view: JobView;
  readonly wall: Wall;
  readonly planned: WallView;
}

type Sheet =
  | { readonly kind: "loads" | "frame" | "help" }
  | { readonly kind: "working"; readonly part: SheetPlace | undefined };

/** A wall on the screen: its drawing, its ticket, and what can be done with it. */
export function LoadedWall({ view, wall, planned }: LoadedProps) {
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
  const parts = useParts();
  const turn = useSteady((by: -1 | 1) => {
    const along = [...shown.openings].sort((a, b) => a.center - b.center);
    const next = along[along.findIndex((opening) => opening.id === selected?.id) + by];
    if (next) select(next.id);
  });
  const turning = useMemo(() => swipes(turn), [turn]);
  const together = useTogether({
    job: view.id,
    wall: planned.id,
    lead: selected?.id,
    tryOut: move.tryOut,
  });
  const addWall = useAddWall(view, editing);
  const select = useSteady((opening: string) => setSearch({ o: opening }, { replace: true }));
  // What was said last is what its sayer looks at next; it is the last of the list.
  const selectNewest = () => {
    const now = client.getQueryData<JobView>(keys.job(view.id));
    const openings = now?.job.walls.find((each) => each.id === wall.id)?.openings ?? [];
    const newest = openings.at(-1)?.id;
    if (newest && openings.length > wall.openings.length) select(newest);
  };
  const remove = useSteady((opening: string) => void editing.run({ do: "remove_opening", opening }));
  const openLoads = useSteady(() => setSheet({ kind: "loads" }));
  const showWorking = useSteady((part: SheetPlace | undefined) => setSheet({ kind: "working", part }));
  const { findings } = shown;
  const found = useMemo(() => findings.filter((each) => each.opening === ticket?.id), [findings, ticket?.id]);
  const { nudge, forget } = move;
  const openingKeys = useMemo(
    () => openingCommands({ units, nudge, forget, select, remove }),
    [units, nudge, forget, select, remove],
  );
  return (
    <div className="screen flex h-full flex-col lg:grid lg:grid-cols-[minmax(0,1fr)_clamp(340px,31vw,420px)] lg:grid-rows-[auto_minmax(0,1fr)]">
      <header className="sticky top-0 z-20 flex bg-base-200 lg:static flex-wrap items-center gap-x-4 border-base-300 border-b px-4 sm:flex-nowrap lg:col-span-2">
        <h1 className="min-w-0 flex-1 truncate font-bold text-lg sm:max-w-[22rem] sm:flex-initial">
          {view.job.name}
        </h1>
        <div className="no-print flex sm:order-3">
          <CommandButton command={commands.undo} />
          <CommandButton command={commands.redo} />
        </div>
        <WallTabs view={view} addWall={() => void addWall()} />
      </header>
      <main className="screen min-w-0 px-4 pt-1 pb-1 lg:relative lg:flex lg:flex-col lg:overflow-y-auto">
        <SayLine job={view.id} wall={planned.id} entry={entry} editing={editing} kept={selectNewest} />
        <Trouble editing={editing} job={view.id} />
        <div className="relative">
          <WallFacts wall={wall} planned={shown} open={(kind) => setSheet({ kind })}>
            <ToLookAt view={shown} select={select} tryOut={move.tryOut} />
          </WallFacts>
        </div>
        <WallStage
          wall={wall}
          view={shown}
          selected={selected}
          stops={ticket && ticket.id === selected?.id ? ticket.snaps : []}
          select={select}
          keys={openingKeys}
          also={together.also}
          choose={together.toggle}
          move={move}
        >
          <Link className="btn tap px-3" to="papers/cuts">
            {say("page-cut-list")}
          </Link>
          <Link className="btn tap px-3" to="papers/wall">
            {say("page-sheets-and-print")}
          </Link>
          <span className="hidden lg:inline">
            <CommandButton command={commands.help} />
          </span>
        </WallStage>
        <Legend legend={shown.legend} />
        <TogetherBar together={together} />
        {move.trial && <TrialBar keep={move.keepTrial} leave={move.leaveTrial} />}
      </main>
      <aside
        className="screen ticket relative lg:overflow-y-auto"
        aria-label={say("page-ticket")}
        aria-busy={ticket?.id !== selected?.id}
        {...turning}
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
            openLoads={openLoads}
            ticket={ticket}
            design={design}
            findings={found}
            wallLength={planned.length}
            editing={editing}
            tryOut={move.tryOut}
            parts={parts}
            showWorking={showWorking}
            remove={remove}
          />
        )}
        {!selected && (
          <EmptyTicket
            asking={saysNothing(wall, planned)}
            openLoads={openLoads}
            sayOpening={() => entry.current?.focus()}
          />
        )}
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
          opening={openingKeys}
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

interface EmptyProps {
  /** Whether nobody said what the wall carries. */
  readonly asking: boolean;
  readonly openLoads: () => void;
  readonly sayOpening: () => void;
}

/** A wall without an opening: what comes next, as a button. */
function EmptyTicket({ asking, openLoads, sayOpening }: EmptyProps) {
  const { say } = useSpeech();
  return (
    <div className="grid justify-items-start gap-3 py-6 pr-4 pl-6">
      <h2 className="font-bold text-lg">{say("page-no-opening-yet")}</h2>
      <p>{say("page-first-say-what-this-wall-carries-then")}</p>
      {asking && (
        <button type="button" className="btn btn-primary tap" onClick={openLoads}>
          {say("page-say-what-it-carries")}
        </button>
      )}
      <button type="button" className={`btn tap ${asking ? "" : "btn-primary"}`} onClick={sayOpening}>
        {say("page-say-an-opening")}
      </button>
    </div>
  );
}
