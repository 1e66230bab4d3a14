import type { Ticket, WallView } from "../api/client";
import { SvgLength } from "../components/SvgLength";
import { NM_PER_FOOT, NM_PER_INCH } from "../lib/length";
import type { Scale } from "../lib/scale";
import { clamp } from "../lib/scale";
import { markGroups, marksOn, type Plate, roomyLabels } from "./markGroups";

export const TAPE_HEIGHT = 96;

interface Props {
  readonly view: WallView;
  readonly scale: Scale;
  readonly top: number;
  readonly selected: Ticket | undefined;
  /** The plate whose marks are shown. */
  readonly plate: Plate;
}

/** The tape along the plate: feet and inches, the plate marks on it, and where the selected opening reads. */
export function Tape({ view, scale, top, selected, plate }: Props) {
  return (
    <g>
      <Marks view={view} plate={plate} scale={scale} top={top} selected={selected?.id} />
      {plate === "sole" && <Bolts bolts={view.bolts} scale={scale} y={top + 28} />}
      <Blade length={view.length} scale={scale} top={top + 30} />
      {selected && <Readings opening={selected} scale={scale} top={top + 80} />}
    </g>
  );
}

/** Anchor bolts: a round head over each. */
function Bolts({ bolts, scale, y }: { bolts: readonly number[]; scale: Scale; y: number }) {
  return (
    <g fill="var(--sheet)" stroke="var(--graphite)" strokeWidth={1.6}>
      {bolts.map((bolt) => (
        <circle key={bolt} cx={scale.x(bolt)} cy={y - 3} r={4}>
          <title>Anchor bolt</title>
        </circle>
      ))}
    </g>
  );
}

function Blade({ length, scale, top }: { length: number; scale: Scale; top: number }) {
  const feet = Math.floor(length / NM_PER_FOOT);
  const showInches = scale.pixelsPerFoot >= 34;
  const showQuarters = scale.pixelsPerFoot >= 16;
  const ticks: { at: number; height: number }[] = [];
  const step = showInches ? 1 : showQuarters ? 3 : 12;
  for (let inch = 0; inch * NM_PER_INCH <= length; inch += step) {
    ticks.push({ at: inch * NM_PER_INCH, height: inch % 12 === 0 ? 30 : inch % 6 === 0 ? 12 : 7 });
  }
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
      {Array.from({ length: feet }, (_, index) => index + 1).map((foot) => (
        <text
          key={foot}
          x={scale.x(foot * NM_PER_FOOT) - 4}
          y={top + 26}
          textAnchor="end"
          fontSize={scale.pixelsPerFoot >= 20 ? 13 : 10}
          fontWeight={700}
          className="num"
          fill="var(--graphite)"
        >
          {foot % 2 === 0 || scale.pixelsPerFoot >= 17 ? foot : ""}
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
  view: WallView;
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
function Readings({ opening, scale, top }: { opening: Ticket; scale: Scale; top: number }) {
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
