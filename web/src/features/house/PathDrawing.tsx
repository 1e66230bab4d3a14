import { useId, useState } from "react";
import type { JobView } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import {
  bands,
  corners,
  hardest,
  type Place2,
  passes,
  type Solid,
  sharedPart,
  solid,
  storeys,
} from "./axonometric";
import type { Path, Station } from "./stations";

interface Props {
  readonly job: JobView["job"];
  readonly path: Path;
  readonly picked: number | undefined;
  readonly way: ReadonlySet<number> | undefined;
  readonly pick: (station: number) => void;
}

const ROOM = 40;
/** How far storeys are pulled apart at most, in. */
const FARTHEST = 120;
/** What is not on the picked way. */
const FAINT = 0.13;
/** Less than this is not worth a word. */
const SHARED = 0.02;

/** Drawn from the ground up, and what is far before what is near. */
function farthestFirst(a: Solid, b: Solid): number {
  return a.near.z - b.near.z || b.near.y - a.near.y || a.near.x - b.near.x;
}

/** The house pulled apart, and its loads as bands from the roof to the ground, as wide as they are pounds. */
export function PathDrawing({ job, path, picked, way, pick }: Props) {
  const { say, quantity } = useSpeech();
  const slider = useId();
  const [apart, setApart] = useState(48);
  const all = storeys(
    job.house.levels.map(({ height }) => ({ height: Number(height) })),
    apart,
  );
  const solids = path.stations.map((station) => solid(job, all, station, apart));
  const drawn = path.stations
    .flatMap((station, index) => {
      const stands = solids[index];
      return stands ? [{ station, index, stands }] : [];
    })
    .sort((a, b) => farthestFirst(a.stands, b.stands));
  const frame = around(drawn.flatMap(({ stands }) => corners(stands).flat()));
  const flows = bands(path, solids);
  const look = (on: boolean) => (way && !on ? FAINT : 1);
  const most = way && hardest(path, way);
  return (
    <>
      <label htmlFor={slider} className="no-print tap flex flex-wrap items-center gap-3">
        {say("page-pull-storeys-apart")}
        <input
          id={slider}
          type="range"
          className="range range-primary range-sm max-w-56"
          min={0}
          max={FARTHEST}
          value={apart}
          onChange={(event) => setApart(Number(event.target.value))}
        />
      </label>
      <svg
        viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
        className="max-h-[60vh] w-full print:max-h-[68vh]"
        role="img"
        aria-label={say("page-path-of-the-loads")}
      >
        {drawn.map(({ station, index, stands }) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the same is a button in the list beside it
          <g
            key={index}
            opacity={look(way?.has(index) ?? true)}
            onClick={() => pick(index)}
            className="cursor-pointer"
          >
            <title>{say(station.name)}</title>
            <Body station={station} stands={stands} picked={picked === index} />
          </g>
        ))}
        <g className="pointer-events-none" fill="none">
          {flows.map(({ from, to, width, d }) => (
            <path
              key={`${from} ${to}`}
              d={d}
              strokeWidth={width}
              stroke={path.stations[to]?.kind === "break" ? "var(--color-error)" : "var(--color-primary)"}
              opacity={(way ? way.has(from) && way.has(to) : true) ? 0.45 : 0.04}
            />
          ))}
        </g>
        {drawn
          .filter(({ station }) => station.kind === "break" && !station.mark)
          .map(({ station, index, stands }) => (
            <Broken key={index} at={passes(stands).comes} say={say(station.name)} />
          ))}
        {way &&
          labels(drawn.filter(({ index }) => way.has(index))).map(({ station, index, at }) => (
            <text
              key={index}
              x={at.x}
              y={at.y}
              fontSize={16}
              fill="currentColor"
              stroke="var(--color-base-100)"
              strokeWidth={4}
              paintOrder="stroke"
              fontWeight={index === most ? 700 : 400}
              className="pointer-events-none"
            >
              {say(station.name)}
              {station.arrives.length > 0 && ` · ${quantity(station.largest_lb, "pounds")}`}
            </text>
          ))}
      </svg>
      {way && <OfTheWay path={path} way={way} most={most} />}
    </>
  );
}

/** What works hardest on the picked way, and what other ways bring to its stations. */
function OfTheWay({
  path,
  way,
  most,
}: {
  readonly path: Path;
  readonly way: ReadonlySet<number>;
  readonly most: number | undefined;
}) {
  const { say } = useSpeech();
  const hard = most === undefined ? undefined : path.stations[most];
  const shared = [...way]
    .map((index) => ({ station: path.stations[index], part: sharedPart(path, way, index) }))
    .filter(({ part }) => SHARED < part);
  return (
    <ul className="pt-2 text-sm">
      {hard?.works != null && (
        <li>
          {say("page-works-hardest-on-this-way", { name: say(hard.name), at: { percent: hard.works } })}
        </li>
      )}
      {shared.map(({ station, part }) =>
        station ? (
          <li key={`${station.kind} ${station.id}`}>
            {say("page-others-bring", { name: say(station.name), part: { percent: part } })}
          </li>
        ) : null,
      )}
    </ul>
  );
}

function Body({
  station,
  stands,
  picked,
}: {
  readonly station: Station;
  readonly stands: Solid;
  readonly picked: boolean;
}) {
  const [bottom, top] = corners(stands);
  const stroke = picked ? "var(--color-primary)" : "currentColor";
  const width = picked ? 3 : 0.8;
  if (station.kind === "field") {
    return (
      <polygon
        points={points(top)}
        fill="var(--color-base-200)"
        fillOpacity={0.35}
        stroke={stroke}
        strokeWidth={width}
        strokeDasharray="6 5"
      />
    );
  }
  if (station.kind === "break") return null;
  const [nearLeft, nearRight, farRight, farLeft] = bottom;
  const [topNearLeft, topNearRight, topFarRight, topFarLeft] = top;
  if (
    !nearLeft ||
    !nearRight ||
    !farRight ||
    !farLeft ||
    !topNearLeft ||
    !topNearRight ||
    !topFarRight ||
    !topFarLeft
  ) {
    return null;
  }
  const fill = station.kind === "opening" ? "var(--color-base-100)" : "var(--wood)";
  const faint = station.kind === "wall" ? 0.28 : 0.9;
  return (
    <g stroke={stroke} strokeWidth={width} fill={fill} fillOpacity={faint} strokeLinejoin="round">
      <polygon points={points([farLeft, nearLeft, topNearLeft, topFarLeft])} />
      <polygon points={points([nearLeft, nearRight, topNearRight, topNearLeft])} />
      <polygon points={points([topNearLeft, topNearRight, topFarRight, topFarLeft])} />
    </g>
  );
}

/** Where a load goes no further: loud. */
function Broken({ at, say }: { readonly at: Place2; readonly say: string }) {
  return (
    <g stroke="var(--color-error)" strokeWidth={5} className="pointer-events-none">
      <title>{say}</title>
      <circle cx={at.x} cy={at.y} r={13} fill="none" />
      <line x1={at.x - 9} y1={at.y - 9} x2={at.x + 9} y2={at.y + 9} />
      <line x1={at.x - 9} y1={at.y + 9} x2={at.x + 9} y2={at.y - 9} />
    </g>
  );
}

const points = (places: readonly Place2[]) => places.map(({ x, y }) => `${x},${y}`).join(" ");

function around(places: readonly Place2[]) {
  const xs = places.map(({ x }) => x);
  const ys = places.map(({ y }) => y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return {
    x: left - ROOM,
    y: top - ROOM,
    width: Math.max(...xs) - left + 2 * ROOM,
    height: Math.max(...ys) - top + 2 * ROOM,
  };
}

/** Lines of words this near are pushed apart. */
const LINE = 19;

/** Where the words of each station stand: beside where its load comes, none over another. */
function labels<T extends { readonly stands: Solid; readonly index: number }>(stations: readonly T[]) {
  const placed = stations
    .map((each) => ({ ...each, at: passes(each.stands).comes }))
    .sort((a, b) => a.at.y - b.at.y);
  let last = Number.NEGATIVE_INFINITY;
  return placed.map((each) => {
    last = Math.max(each.at.y, last + LINE);
    return { ...each, at: { x: each.at.x + 10, y: last } };
  });
}
