import { memo } from "react";
import { SvgLength } from "../components/SvgLength";
import { NM_PER_INCH, NM_PER_MILLIMETER } from "../lib/length";
import type { Scale } from "../lib/scale";
import { clamp } from "../lib/scale";
import { useSpeech } from "../speech/useSpeech";
import { markGroups, marksOn, type Plate, roomyLabels } from "./markGroups";
import type { DrawnOpening, DrawnWall } from "./wall";

export const TAPE_HEIGHT = 96;

interface Props {
  readonly view: DrawnWall;
  readonly scale: Scale;
  readonly top: number;
  readonly selected: DrawnOpening | undefined;
  /** The plate whose marks are shown. */
  readonly plate: Plate;
}

/** The tape along the plate: feet and inches, the plate marks on it, and where the selected opening reads. */
export const Tape = memo(function Tape({ view, scale, top, selected, plate }: Props) {
  return (
    <g>
      <Marks view={view} plate={plate} scale={scale} top={top} selected={selected?.id} />
      {plate === "sole" && <Bolts bolts={view.bolts} scale={scale} y={top + 28} />}
      <Blade length={view.length} scale={scale} top={top + 30} />
      {selected && <Readings opening={selected} scale={scale} top={top + 80} />}
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
  const every = pixelsPerFoot >= 17 ? 1 : 2;
  const ticks: Tick[] = [];
  for (let inch = 0; inch * NM_PER_INCH <= length; inch += step) {
    const foot = inch / 12;
    const numbered = inch > 0 && inch % 12 === 0 && foot % every === 0;
    ticks.push({
      at: inch * NM_PER_INCH,
      height: inch % 12 === 0 ? 30 : inch % 6 === 0 ? 12 : 7,
      number: numbered ? String(foot) : undefined,
    });
  }
  return ticks;
}

/** A tick for every 100 mm, or 500 where there is no room, a number at every 500 or meter. */
function millimeters(length: number, pixelsPerFoot: number): Tick[] {
  const step = pixelsPerFoot >= 16 ? 100 : 500;
  const every = pixelsPerFoot >= 26 ? 500 : 1000;
  const ticks: Tick[] = [];
  for (let at = 0; at * NM_PER_MILLIMETER <= length; at += step) {
    const numbered = at > 0 && at % every === 0;
    ticks.push({
      at: at * NM_PER_MILLIMETER,
      height: at % 1000 === 0 ? 30 : at % 500 === 0 ? 12 : 7,
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
        height={30}
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
            y={top + 26}
            textAnchor="end"
            fontSize={scale.pixelsPerFoot >= 20 ? 13 : 10}
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

function Marks({
  view,
  plate,
  scale,
  top,
  selected,
}: {
  view: DrawnWall;
  plate: Plate;
  scale: Scale;
  top: number;
  selected?: string;
}) {
  const groups = markGroups(marksOn(view.marks, plate));
  const size = scale.pixelsPerFoot >= 20 ? 12 : 10;
  const labeled = roomyLabels(groups, scale, size, selected);
  return (
    <g>
      {groups.map((group) => {
        const mine = selected !== undefined && group.opening === selected;
        const x = scale.x(group.from);
        const width = scale.size(group.to - group.from);
        return (
          <g key={group.from}>
            <rect
              x={x}
              y={top + 20}
              width={width}
              height={10}
              fill={mine ? "var(--chalk)" : "var(--graphite)"}
            />
            {labeled.has(group) && (
              <text
                x={x + width / 2}
                y={top + 15}
                textAnchor="middle"
                fontSize={size}
                fontWeight={mine ? 700 : 500}
                fill={mine ? "var(--chalk)" : "var(--graphite)"}
              >
                {group.letters}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** Left face, center and right face of the opening as the tape reads. */
function Readings({ opening, scale, top }: { opening: DrawnOpening; scale: Scale; top: number }) {
  const close = scale.size(opening.rough_width) < 150;
  const readings = [
    { at: opening.left, anchor: close ? "end" : "middle", shift: close ? -18 : 0 },
    { at: opening.center, anchor: "middle", shift: 0 },
    { at: opening.right, anchor: close ? "start" : "middle", shift: close ? 18 : 0 },
  ] as const;
  return (
    <g fill="var(--chalk)" stroke="none">
      {readings.map(({ at, anchor, shift }, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: always these three
        <g key={index}>
          <path d={`M${scale.x(at)} ${top - 20}l-4 7h8z`} />
          {/* A narrow opening has no room for three readings side by side: its center is read a line lower. */}
          <SvgLength
            value={at}
            style="feet"
            x={clamp(scale.x(at) + shift, anchor === "end" ? 64 : 30, scale.right - 30)}
            y={top + (close && index === 1 ? 16 : 1)}
            anchor={anchor}
            size={13}
            className="font-bold"
          />
        </g>
      ))}
    </g>
  );
}
