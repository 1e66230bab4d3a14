import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import { EngineersMark } from "./EngineersMark";
import { MemberChoices } from "./MemberChoices";
import type { Path, Station } from "./stations";

interface Props {
  readonly job: string;
  readonly version: number;
  /** The storeys, from the bottom. */
  readonly levels: readonly { readonly id?: string | null }[];
  readonly path: Path;
  readonly picked: number | undefined;
  readonly way: ReadonlySet<number> | undefined;
  readonly pick: (station: number | undefined) => void;
  /** Makes edits as one. */
  readonly make: (commands: Schemas["Command"][]) => void;
  /** Marks a wall as bearing, or as a partition. */
  readonly mark: (wall: string, bears: boolean) => void;
  /** Turns a wall in plan, or takes it out of the house. */
  readonly turn: (wall: string, out: boolean) => void;
}

/** The stations of the loads, from the roof to the ground; where they break stands first. */
export function StationList({ job, version, levels, path, picked, way, pick, make, mark, turn }: Props) {
  const { say } = useSpeech();
  const all = path.stations.map((station, index) => ({ station, index }));
  const breaks = all.filter(({ station }) => station.kind === "break");
  const others = all.filter(({ station }) => station.kind !== "break");
  const shown = way ? others.filter(({ index }) => way.has(index)) : others;
  return (
    <div className="grid gap-4">
      {breaks.length > 0 && (
        <section aria-label={say("page-where-it-breaks")}>
          <h2 className="font-bold text-error text-lg">
            {say("page-breaks-of-the-path", { count: breaks.length })}
          </h2>
          <ul>
            {breaks.map(({ station, index }) => (
              <Row
                key={index}
                station={station}
                picked={picked === index}
                pick={() => pick(picked === index ? undefined : index)}
              >
                <div className="no-print flex flex-wrap gap-2 pb-2">
                  {station.ways.map((out) => (
                    <button
                      key={`${out.say.id} ${out.commands.length}`}
                      type="button"
                      className="btn btn-outline tap font-normal"
                      onClick={() => make(out.commands)}
                    >
                      {say(out.say)}
                    </button>
                  ))}
                  {station.mark && (
                    <button
                      type="button"
                      className="btn btn-ghost tap font-normal"
                      onClick={() => station.mark && make([{ do: "remove_part", part: station.mark }])}
                    >
                      {say("page-take-the-mark-away")}
                    </button>
                  )}
                </div>
                {!station.mark && picked === index && (
                  <EngineersMark station={station} levels={levels} make={make} />
                )}
              </Row>
            ))}
          </ul>
        </section>
      )}
      <section aria-label={say("page-stations-of-the-loads")}>
        <div className="flex flex-wrap items-center gap-x-4">
          <h2 className="font-bold text-lg">{say("page-from-roof-to-ground")}</h2>
          {picked !== undefined && (
            <button type="button" className="btn btn-ghost tap font-normal" onClick={() => pick(undefined)}>
              {say("page-show-all")}
            </button>
          )}
        </div>
        <ul>
          {shown.map(({ station, index }) => (
            <Row
              key={index}
              station={station}
              picked={picked === index}
              byKind={way !== undefined}
              pick={() => pick(picked === index ? undefined : index)}
            >
              {picked === index && (
                <GoesOn
                  job={job}
                  version={version}
                  path={path}
                  station={station}
                  index={index}
                  make={make}
                  mark={mark}
                  turn={turn}
                />
              )}
            </Row>
          ))}
        </ul>
      </section>
    </div>
  );
}

interface RowProps {
  readonly station: Station;
  readonly picked: boolean;
  /** Whether what arrives is told kind by kind. */
  readonly byKind?: boolean;
  readonly pick: () => void;
  readonly children?: ReactNode;
}

function Row({ station, picked, byKind, pick, children }: RowProps) {
  const { say, quantity } = useSpeech();
  const broken = station.kind === "break" && !station.mark;
  return (
    <li className={`border-base-300 border-b ${broken ? "border-l-4 border-l-error pl-2" : ""}`}>
      <button type="button" className="tap w-full py-1 text-left" aria-pressed={picked} onClick={pick}>
        <span className="flex flex-wrap items-baseline gap-x-3">
          <b className={broken ? "text-error" : ""}>{say(station.name)}</b>{" "}
          <span className="text-secondary text-sm">
            {station.storey == null
              ? say("page-station-ground")
              : say("page-storey-number", { storey: station.storey + 1 })}
          </span>{" "}
          <span className="flex-1" />
          <Loads station={station} />
        </span>
        {byKind && station.arrives.length > 0 && (
          <span className="num block text-sm">
            {station.arrives
              .map(({ symbol, pounds }) => `${symbol} ${quantity(pounds, "pounds")}`)
              .join(", ")}
          </span>
        )}
        {station.note && <span className="block text-sm">{say(station.note)}</span>}
      </button>
      {children}
    </li>
  );
}

function Loads({ station }: { readonly station: Station }) {
  const { say, quantity } = useSpeech();
  return (
    <>
      {station.works != null && (
        <span className={`num text-sm ${station.carries ? "" : "font-bold text-error"}`}>
          {say("page-works-at", { at: { percent: station.works } })}
        </span>
      )}
      {station.arrives.length > 0 && (
        <span className="num text-sm">{quantity(station.largest_lb, "pounds")}</span>
      )}
    </>
  );
}

/** What is a part of the house and can be taken out of it. */
const PARTS = ["field", "beam", "post", "foundation", "pad"];

interface GoesOnProps {
  readonly job: string;
  readonly version: number;
  readonly path: Path;
  readonly station: Station;
  readonly index: number;
  readonly make: (commands: Schemas["Command"][]) => void;
  readonly mark: (wall: string, bears: boolean) => void;
  readonly turn: (wall: string, out: boolean) => void;
}

/** What comes to the picked station and what it hands on, by kind. */
function GoesOn({ job, version, path, station, index, make, mark, turn }: GoesOnProps) {
  const part = PARTS.includes(station.kind) ? station.id : undefined;
  const { say, quantity } = useSpeech();
  const flows = [
    ...path.flows
      .filter((flow) => flow.to === index)
      .map((flow) => ({ flow, other: flow.from, comes: true })),
    ...path.flows
      .filter((flow) => flow.from === index)
      .map((flow) => ({ flow, other: flow.to, comes: false })),
  ];
  return (
    <div className="pb-3 pl-4 text-sm">
      <ul>
        {flows.map(({ flow, other, comes }) => {
          const name = path.stations[other]?.name;
          return (
            <li key={`${comes} ${other}`} className="flex flex-wrap justify-between gap-x-4">
              <span>{name && say(comes ? "page-comes-from" : "page-goes-to", { what: say(name) })}</span>
              <span className="num">
                {flow.brings
                  .map(({ symbol, pounds }) => `${quantity(pounds, "pounds")} ${symbol}`)
                  .join(", ")}
              </span>
            </li>
          );
        })}
      </ul>
      {station.kind === "wall" && station.id && (
        <span className="no-print flex flex-wrap gap-2">
          <Link to={`/jobs/${job}/walls/${station.id}`} className="btn btn-ghost tap font-normal">
            {say("page-to-this-wall")}
          </Link>
          <button
            type="button"
            className="btn btn-ghost tap font-normal"
            onClick={() => station.id && mark(station.id, station.partition)}
          >
            {say(station.partition ? "page-it-bears" : "page-a-partition")}
          </button>
          <button
            type="button"
            className="btn btn-ghost tap font-normal"
            onClick={() => station.id && turn(station.id, false)}
          >
            {say("page-turn-it")}
          </button>
          <button
            type="button"
            className="btn btn-ghost tap font-normal"
            onClick={() => station.id && turn(station.id, true)}
          >
            {say("page-out-of-the-house")}
          </button>
        </span>
      )}
      {(station.kind === "beam" || station.kind === "post") && station.id && (
        <Link
          to={`/jobs/${job}/members/${station.id}/sheet`}
          className="btn btn-ghost tap no-print font-normal"
        >
          {say("page-its-sheet")}
        </Link>
      )}
      {(station.kind === "beam" || station.kind === "post") && station.id && (
        <MemberChoices job={job} part={station.id} version={version} make={make} />
      )}
      {part && (
        <button
          type="button"
          className="btn btn-ghost tap no-print font-normal"
          onClick={() => make([{ do: "remove_part", part }])}
        >
          {say("page-take-it-out")}
        </button>
      )}
    </div>
  );
}
