import { memo } from "react";
import { clamp, type Scale } from "../lib/scale";
import { type Speech, useSpeech } from "../speech/useSpeech";
import { type Landing, type LandingBand, topAt } from "./landing";
import { laidInRows, rowsOf } from "./rows";
import { SMALL, widthOf } from "./text";

const BAND = 24;
const POINT_ROW = 16;
/** A band that scrolls out of sight says again what it is, px. */
const NAMED_EVERY = 320;
/** What an arrow needs over the wall. */
const ARROW = 16;

interface LaidPoint {
  readonly at: number;
  readonly words: string;
  readonly middle: number;
  readonly row: number;
  readonly on: number;
}

/** What lands on the wall, laid out: how high it is, and where each word stands. */
export interface LaidLanding {
  readonly bands: readonly LandingBand[];
  readonly points: readonly LaidPoint[];
  readonly height: number;
}

/** Lays out what lands on a wall in this scale; nothing takes no room. */
export function laidLanding(
  landing: Landing,
  scale: Pick<Scale, "x" | "right">,
  { words, quantity }: Pick<Speech, "words" | "quantity">,
): LaidLanding {
  const named = landing.points.map(({ at, name, pounds, on }) => {
    const text = `${words(name)} ${quantity(pounds, "pounds")}`;
    const half = widthOf(text, SMALL) / 2;
    const middle = clamp(scale.x(at), half, Math.max(scale.right - half, half));
    return { at, on, words: text, middle, from: middle - half, to: middle + half };
  });
  const rows = laidInRows(named);
  const points = named.map((point, index) => ({ ...point, row: rows[index] ?? 0 }));
  const wordsHigh = rowsOf(rows) * POINT_ROW;
  const bands = landing.bands.length * BAND;
  const blocks = Math.max(0, ...landing.points.map(({ on }) => scale.x(on) - scale.x(0)));
  return {
    bands: landing.bands,
    points,
    height: wordsHigh + (points.length > 0 ? Math.max(bands, ARROW + blocks) : bands),
  };
}

/** How high it is at least, in any scale, px. */
export const leastLanding = ({ bands, points }: Landing) =>
  Math.max(bands.length * BAND, points.length > 0 ? ARROW : 0) + (points.length > 0 ? POINT_ROW : 0);

interface Props {
  readonly laid: LaidLanding;
  readonly topLine: readonly number[];
  readonly scale: Scale;
  readonly top: number;
}

/** Roofs, floors and walls above as bands from edge to edge, points as arrows: what comes down, where it comes down. */
export const LandingDrawing = memo(function LandingDrawing({ laid, topLine, scale, top }: Props) {
  const bandsTop = top + laid.height - laid.bands.length * BAND;
  return (
    <g data-landing>
      {laid.bands.map((band, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two floors may land alike
        <Band key={index} band={band} scale={scale} y={bandsTop + index * BAND} />
      ))}
      {laid.points.map((point) => {
        const x = scale.x(point.at);
        const y = top + (point.row + 1) * POINT_ROW;
        const foot = scale.y(topAt(topLine, point.at) + point.on);
        return (
          <g key={`${point.at} ${point.words}`} fill="var(--graphite)" stroke="var(--graphite)">
            <path d={`M${x} ${y + 2}V${foot - 8}`} strokeWidth={2.4} />
            <path d={`M${x - 6} ${foot - 10}h12l-6 10z`} stroke="none" />
            <text
              x={point.middle}
              y={y - 2}
              textAnchor="middle"
              fontSize={SMALL}
              fontWeight={650}
              stroke="none"
              className="num haloed"
            >
              {point.words}
            </text>
          </g>
        );
      })}
    </g>
  );
});

function Band({ band, scale, y }: { readonly band: LandingBand; readonly scale: Scale; readonly y: number }) {
  const { say } = useSpeech();
  const [from, to] = [scale.x(band.from), scale.x(band.to)];
  const foot = y + BAND - 3;
  const name = say(band.name);
  return (
    <g fill="none" stroke="var(--graphite)">
      <path d={SHAPES[band.shape](from, to, y + 3, foot)} strokeWidth={1} />
      <path d={`M${from} ${y + 1}V${foot + 2}M${to} ${y + 1}V${foot + 2}`} strokeWidth={2} />
      <g fill="var(--graphite)" stroke="none" fontSize={SMALL}>
        {places(from, to, NAMED_EVERY).map((x) => (
          <text key={x} x={x} y={y + BAND / 2 + 4} textAnchor="middle" className="haloed">
            {name}
          </text>
        ))}
      </g>
    </g>
  );
}

/** About every step from one end to the other, as many as fit, at least one. */
function places(from: number, to: number, step: number): number[] {
  const count = Math.max(Math.floor((to - from) / step), 1);
  return Array.from({ length: count }, (_, index) => from + (index + 0.5) * ((to - from) / count));
}

const along = (from: number, to: number, step: number, draw: (x: number) => string): string =>
  places(from, to, step).map(draw).join("");

/** Rafters leaning over the plate, joists' ends on a line, studs between plates, the slopes of a gable. */
const SHAPES: Record<LandingBand["shape"], (from: number, to: number, top: number, foot: number) => string> =
  {
    roof: (from, to, top, foot) =>
      `M${from} ${foot}H${to}${along(from, to, 18, (x) => `M${x - 5} ${foot}L${x + 5} ${top}`)}`,
    floor: (from, to, top, foot) =>
      `M${from} ${foot}H${to}M${from} ${top}H${to}${along(from, to, 18, (x) => `M${x - 2} ${top}v${foot - top}M${x + 2} ${top}v${foot - top}`)}`,
    wall: (from, to, top, foot) =>
      `M${from} ${foot}H${to}M${from} ${top}H${to}${along(from, to, 30, (x) => `M${x} ${top}V${foot}`)}`,
    gable: (from, to, top, foot) => `M${from} ${foot}H${to}L${(from + to) / 2} ${top}Z`,
  };
