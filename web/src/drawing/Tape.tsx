import { memo } from "react";
import { drawnLength, SvgLength } from "../components/SvgLength";
import { NM_PER_INCH, NM_PER_MILLIMETER } from "../lib/length";
import type { Scale } from "../lib/scale";
import { clamp } from "../lib/scale";
import { type Speech, useSpeech } from "../speech/useSpeech";
import { labelRows, type MarkGroup, markGroups, marksOn, type Plate } from "./markGroups";
import { laidInRows, rowsOf, type Stretch } from "./rows";
import { FIGURE, SMALL, widthOf } from "./text";
import type { DrawnOpening, DrawnWall } from "./wall";

const ROW = 15;
const BLADE = 32;
/** Letters stand this high over the plate's marks. */
const LETTERS = 14;
const READING_ROW = 18;

interface Props {
  readonly view: DrawnWall;
  readonly scale: Scale;
  readonly top: number;
  readonly selected: DrawnOpening | undefined;
  readonly marks: TapeMarks;
}

/** The marks of a plate as the tape shows them. */
export interface TapeMarks {
  /** The plate whose marks are shown. */
  readonly plate: Plate;
  readonly groups: readonly MarkGroup[];
  readonly rows: ReadonlyMap<MarkGroup, number>;
}

export function tapeMarks(
  view: Pick<DrawnWall, "marks">,
  plate: Plate,
  scale: Scale,
  selected: string | undefined,
): TapeMarks {
  const groups = markGroups(marksOn(view.marks, plate));
  return { plate, groups, rows: labelRows(groups, scale, selected) };
}

/** How high the tape is with its marks and readings. */
export const tapeHeight = ({ rows }: TapeMarks, read: readonly Reading[]) =>
  lettersHeight(rows) + LETTERS + BLADE + 10 + READING_ROW * Math.max(rowsOf(read.map(({ row }) => row)), 1);

const lettersHeight = (rows: ReadonlyMap<MarkGroup, number>) => rowsOf([...rows.values()]) * ROW;

/** The tape along the plate: feet and inches, the plate marks on it, and where the selected opening reads. */
export const Tape = memo(function Tape({ view, scale, top, selected, marks }: Props) {
  const plate = top + lettersHeight(marks.rows);
  return (
    <g>
      <Marks marks={marks} scale={scale} plate={plate} selected={selected?.id} />
      {marks.plate === "sole" && <Bolts bolts={view.bolts} scale={scale} y={plate + LETTERS - 2} />}
      <Blade length={view.length} scale={scale} top={plate + LETTERS} />
      {selected && <Readings opening={selected} scale={scale} top={plate + LETTERS + BLADE} />}
    </g>
  );
});

/** Anchor bolts: a round head over each. */
function Bolts({ bolts, scale, y }: { bolts: readonly number[]; scale: Scale; y: number }) {
  const { say } = useSpeech();
  return (
    <g fill="var(--sheet)" stroke="var(--graphite)" strokeWidth={1.6}>
      {bolts.map((bolt) => (
        <circle key={bolt} cx={scale.x(bolt)} cy={y - 3} r={4}>
          <title>{say("page-anchor-bolt")}</title>
        </circle>
      ))}
    </g>
  );
}

interface Tick {
  readonly at: number;
  readonly height: number;
  /** What is printed beside it. */
  readonly number?: string;
}

/** A tick for every inch or quarter foot that has room, a number at every foot. */
function feetAndInches(length: number, pixelsPerFoot: number): Tick[] {
  const step = pixelsPerFoot >= 34 ? 1 : pixelsPerFoot >= 16 ? 3 : 12;
  const every = pixelsPerFoot >= 24 ? 1 : pixelsPerFoot >= 12 ? 2 : 5;
  const ticks: Tick[] = [];
  for (let inch = 0; inch * NM_PER_INCH <= length; inch += step) {
    const foot = inch / 12;
    const numbered = inch > 0 && inch % 12 === 0 && foot % every === 0;
    ticks.push({
      at: inch * NM_PER_INCH,
      height: inch % 12 === 0 ? BLADE : inch % 6 === 0 ? 12 : 7,
      number: numbered ? String(foot) : undefined,
    });
  }
  return ticks;
}

/** A tick for every 100 mm, or 500 where there is no room, a number at every 500 or meter. */
function millimeters(length: number, pixelsPerFoot: number): Tick[] {
  const step = pixelsPerFoot >= 16 ? 100 : 500;
  const every = pixelsPerFoot >= 30 ? 500 : pixelsPerFoot >= 14 ? 1000 : 2000;
  const ticks: Tick[] = [];
  for (let at = 0; at * NM_PER_MILLIMETER <= length; at += step) {
    const numbered = at > 0 && at % every === 0;
    ticks.push({
      at: at * NM_PER_MILLIMETER,
      height: at % 1000 === 0 ? BLADE : at % 500 === 0 ? 12 : 7,
      number: numbered ? String(at) : undefined,
    });
  }
  return ticks;
}

function Blade({ length, scale, top }: { length: number; scale: Scale; top: number }) {
  const { units } = useSpeech();
  const ticks = (units === "millimeters" ? millimeters : feetAndInches)(length, scale.pixelsPerFoot);
  return (
    <g>
      <rect
        x={scale.x(0)}
        y={top}
        width={scale.size(length)}
        height={BLADE}
        fill="var(--color-base-100)"
        stroke="var(--graphite)"
        strokeWidth={1.2}
      />
      <path
        d={ticks.map((tick) => `M${scale.x(tick.at)} ${top}v${tick.height}`).join("")}
        stroke="var(--graphite)"
        strokeWidth={1}
      />
      {ticks
        .filter((tick) => tick.number !== undefined)
        .map((tick) => (
          <text
            key={tick.at}
            x={scale.x(tick.at) - 4}
            y={top + 27}
            textAnchor="end"
            fontSize={scale.pixelsPerFoot >= 36 ? 16 : SMALL + 1}
            fontWeight={700}
            className="num"
            fill="var(--graphite)"
          >
            {tick.number}
          </text>
        ))}
    </g>
  );
}

interface MarksProps {
  readonly marks: TapeMarks;
  readonly scale: Scale;
  /** The height of the plate's marks. */
  readonly plate: number;
  readonly selected: string | undefined;
}

/** The marks as they are struck on the plate, each with its letters over it: where they crowd, in rows. */
function Marks({ marks, scale, plate, selected }: MarksProps) {
  return (
    <g data-marks>
      {marks.groups.map((group) => {
        const mine = selected !== undefined && group.opening === selected;
        const color = mine ? "var(--chalk)" : "var(--graphite)";
        const x = scale.x(group.from);
        const width = scale.size(group.to - group.from);
        const row = marks.rows.get(group) ?? 0;
        return (
          <g key={group.from}>
            <rect x={x} y={plate + 4} width={width} height={10} fill={color} />
            {row > 0 && (
              <path
                d={`M${x + width / 2} ${plate + 4}V${plate - row * ROW + 2}`}
                stroke={color}
                strokeWidth={0.8}
                strokeDasharray="2 2"
              />
            )}
            <text
              x={x + width / 2}
              y={plate - row * ROW}
              textAnchor="middle"
              fontSize={SMALL}
              fontWeight={mine ? 750 : 550}
              fill={color}
              className="haloed"
            >
              {group.letters}
            </text>
          </g>
        );
      })}
    </g>
  );
}

interface Reading extends Stretch {
  readonly at: number;
  readonly middle: number;
  readonly row: number;
}

/** Left face, right face and center of an opening, where they are read: what has no room beside the others is read a line lower. */
export function readings(
  opening: Pick<DrawnOpening, "left" | "right" | "center"> | undefined,
  scale: Pick<Scale, "x" | "right">,
  speech: Speech,
): readonly Reading[] {
  if (!opening) return [];
  const laid = [opening.left, opening.right, opening.center].map((at) => {
    const half = widthOf(drawnLength(speech, at, "feet"), FIGURE) / 2;
    const middle = clamp(scale.x(at), half, scale.right - half);
    return { at, from: middle - half, to: middle + half, middle };
  });
  const rows = laidInRows(laid);
  return laid.map((reading, index) => ({ ...reading, row: rows[index] ?? 0 }));
}

/** Left face, center and right face of the opening as the tape reads. */
function Readings({ opening, scale, top }: { opening: DrawnOpening; scale: Scale; top: number }) {
  const speech = useSpeech();
  return (
    <g fill="var(--chalk)" stroke="none">
      {readings(opening, scale, speech).map(({ at, middle, row }, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: always these three
        <g key={index}>
          <path d={`M${scale.x(at)} ${top + 2}l-4 7h8z`} />
          <SvgLength
            value={at}
            style="feet"
            x={middle}
            y={top + 24 + READING_ROW * row}
            anchor="middle"
            size={FIGURE}
          />
        </g>
      ))}
    </g>
  );
}
