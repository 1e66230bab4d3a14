import type { PointerEvent } from "react";
import type { JobView, Schemas } from "../../api/client";
import { NM_PER_INCH } from "../../lib/length";
import { useSpeech } from "../../speech/useSpeech";
import { type Edge, type Held, movesAlong } from "./moving";
import { around, type Drawn, drawn, joists, type Path, type Station } from "./stations";
import { type Moving, usePlanDrag } from "./usePlanDrag";

interface Props {
  readonly path: Path;
  /** Which storey, from the bottom. */
  readonly storey: number;
  readonly picked: number | undefined;
  /** What is on the way of what is picked. */
  readonly way: ReadonlySet<number> | undefined;
  readonly pick: (station: number) => void;
  readonly job: JobView["job"];
  readonly make: (command: Schemas["Command"]) => void;
}

const JOISTS_APART = 24;
const ROOM = 36;

/** Drawn one over another: what lies on top of the storey first. */
const ORDER = ["field", "foundation", "pad", "wall", "opening", "beam", "post", "point", "break"];

/** One storey in plan, what stands below it in ghost, everything to its size. */
export function PlanDrawing({ path, storey, picked, way, pick, job, make }: Props) {
  const { say, units } = useSpeech();
  const { moving, grab } = usePlanDrag({ job, path, units, make });
  const placed = path.stations.flatMap((station, index) => {
    const box = drawn(station);
    return box ? [{ station, index, box }] : [];
  });
  if (placed.length === 0) return null;
  const frame = around(
    placed.map(({ box }) => box),
    ROOM,
  );
  const below = (station: Station) =>
    storey === 0 ? station.kind === "foundation" || station.kind === "pad" : station.storey === storey - 1;
  const here = placed.filter(({ station }) => station.storey === storey);
  const shown = [...here].sort((a, b) => ORDER.indexOf(a.station.kind) - ORDER.indexOf(b.station.kind));
  const look = (index: number) => (way && !way.has(index) ? 0.18 : 1);
  return (
    <svg
      viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
      className="max-h-[56vh] w-full print:max-h-[80vh]"
      role="img"
      aria-label={say("page-plan-of-storey", { storey: storey + 1 })}
    >
      <g opacity={0.25}>
        {placed
          .filter(({ station }) => below(station) && station.kind !== "field")
          .map(({ index, box }) => (
            <rect key={index} {...box} fill="none" stroke="currentColor" strokeWidth={1} />
          ))}
      </g>
      {shown.map(({ station, index, box }) => {
        const movable = movesAlong(job, { station }).length > 0;
        const by =
          moving && !moving.held.edge && moving.held.station.id === station.id ? moving.by : undefined;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the same is a button in the list, and fields below, beside it
          <g
            key={index}
            data-station={say(station.name)}
            opacity={look(index)}
            transform={by && `translate(${by.x / NM_PER_INCH} ${-by.y / NM_PER_INCH})`}
            onClick={() => pick(index)}
            onPointerDown={movable ? (event) => grab({ station }, event) : undefined}
            className={
              movable
                ? "cursor-move touch-none"
                : station.kind === "break"
                  ? "pointer-events-none"
                  : "cursor-pointer"
            }
          >
            {/* What a finger takes hold of is wider than what is drawn. */}
            {movable && <rect {...wider(box)} fill="transparent" stroke="none" />}
            <Part station={station} box={box} picked={picked === index} />
            {picked === index && station.kind === "field" && (
              <Edges station={station} box={box} moving={moving} grab={grab} />
            )}
          </g>
        );
      })}
      {moving?.stops.map(({ axis, stop }) => {
        const at = stop.at / NM_PER_INCH;
        const line =
          axis === "x"
            ? { x1: at, x2: at, y1: frame.y, y2: frame.y + frame.height }
            : { x1: frame.x, x2: frame.x + frame.width, y1: -at, y2: -at };
        return (
          <g key={axis} className="text-primary" stroke="currentColor">
            <line {...line} strokeWidth={2} strokeDasharray="6 6" />
            <text
              x={line.x1 + 6}
              y={line.y1 + (axis === "x" ? 18 : -6)}
              fontSize={16}
              stroke="none"
              fill="currentColor"
            >
              {say(stop.why)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** How much wider than it is drawn a part is to a finger, in. */
const FINGER = 8;

const wider = ({ x, y, width, height }: Drawn): Drawn => ({
  x: x - FINGER,
  y: y - FINGER,
  width: width + 2 * FINGER,
  height: height + 2 * FINGER,
});

interface EdgesProps {
  readonly station: Station;
  readonly box: Drawn;
  readonly moving: Moving | undefined;
  readonly grab: (held: Held, event: PointerEvent<SVGElement>) => void;
}

/** The edges of a picked field, to be dragged. */
function Edges({ station, box, moving, grab }: EdgesProps) {
  const { x, y, width, height } = box;
  const edges: { edge: Edge; at: Drawn; turned: string }[] = [
    { edge: "left", at: { x, y, width: 0, height }, turned: "cursor-ew-resize" },
    { edge: "right", at: { x: x + width, y, width: 0, height }, turned: "cursor-ew-resize" },
    { edge: "far", at: { x, y, width, height: 0 }, turned: "cursor-ns-resize" },
    { edge: "near", at: { x, y: y + height, width, height: 0 }, turned: "cursor-ns-resize" },
  ];
  return edges.map(({ edge, at, turned }) => {
    const by = moving?.held.edge === edge && moving.held.station.id === station.id ? moving.by : undefined;
    return (
      <g
        key={edge}
        data-edge={edge}
        className={`touch-none ${turned}`}
        transform={by && `translate(${by.x / NM_PER_INCH} ${-by.y / NM_PER_INCH})`}
        onPointerDown={(event) => {
          event.stopPropagation();
          grab({ station, edge }, event);
        }}
      >
        <rect {...wider(at)} fill="var(--color-primary)" opacity={0.25} />
      </g>
    );
  });
}

interface PartProps {
  readonly station: Station;
  readonly box: Drawn;
  readonly picked: boolean;
}

function Part({ station, box, picked }: PartProps) {
  const { say } = useSpeech();
  const stroke = picked ? "var(--color-primary)" : "currentColor";
  const width = picked ? 4 : 1.2;
  const title = <title>{say(station.name)}</title>;
  switch (station.kind) {
    case "field":
      return (
        <g stroke={stroke} fill="none">
          {title}
          <rect {...box} strokeWidth={width} strokeDasharray="10 8" opacity={0.7} />
          {joists(box, station.span ?? "x", JOISTS_APART).map(([x1, y1, x2, y2]) => (
            <line key={`${x1} ${y1}`} x1={x1} y1={y1} x2={x2} y2={y2} strokeWidth={0.5} opacity={0.35} />
          ))}
        </g>
      );
    case "break":
      return (
        <g stroke="var(--color-error)" strokeWidth={6} fill="none">
          {title}
          <line x1={box.x} y1={box.y} x2={box.x + box.width} y2={box.y + box.height} />
          <circle cx={box.x + box.width / 2} cy={box.y + box.height / 2} r={14} />
        </g>
      );
    case "opening":
      return (
        <g stroke={stroke} strokeWidth={width}>
          {title}
          <rect {...box} fill="var(--color-base-200)" />
        </g>
      );
    default:
      return (
        <g stroke={stroke} strokeWidth={width}>
          {title}
          <rect {...box} fill={station.kind === "wall" ? "var(--wood)" : "var(--color-base-200)"} />
        </g>
      );
  }
}
