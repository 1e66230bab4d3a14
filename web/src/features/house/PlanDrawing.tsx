import { useSpeech } from "../../speech/useSpeech";
import { around, type Drawn, drawn, joists, type Path, type Station } from "./stations";

interface Props {
  readonly path: Path;
  /** Which storey, from the bottom. */
  readonly storey: number;
  readonly picked: number | undefined;
  /** What is on the way of what is picked. */
  readonly way: ReadonlySet<number> | undefined;
  readonly pick: (station: number) => void;
}

const JOISTS_APART = 24;
const ROOM = 36;

/** Drawn one over another: what lies on top of the storey first. */
const ORDER = ["field", "foundation", "pad", "wall", "opening", "beam", "post", "point", "break"];

/** One storey in plan, what stands below it in ghost, everything to its size. */
export function PlanDrawing({ path, storey, picked, way, pick }: Props) {
  const { say } = useSpeech();
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
  const breaks = placed.filter(({ station }) => station.kind === "break" && station.storey == null);
  const shown = [...here, ...breaks].sort(
    (a, b) => ORDER.indexOf(a.station.kind) - ORDER.indexOf(b.station.kind),
  );
  const look = (index: number) => (way && !way.has(index) ? 0.18 : 1);
  return (
    <svg
      viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
      className="max-h-[56vh] w-full"
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
      {shown.map(({ station, index, box }) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the same is a button in the list beside it
        <g key={index} opacity={look(index)} onClick={() => pick(index)} className="cursor-pointer">
          <Part station={station} box={box} picked={picked === index} />
        </g>
      ))}
    </svg>
  );
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
