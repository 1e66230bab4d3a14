import type { Schemas } from "../../api/client";
import { useSize } from "../../components/useSize";
import { type Nanometers, NM_PER_FOOT } from "../../lib/length";
import { feetMarks, isForRoom, runsOf } from "../../lib/reach";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly view: Schemas["ReachView"];
  /** The opening that is marked. */
  readonly clear: Nanometers;
  /** Whether that is the opening as it is, or what it might be. */
  readonly asItIs: boolean;
}

const TOP = 46;
/** What the figures after the bars take. */
const FIGURES = 96;

/** Names stand before the bars; where there is little room, over them. */
function layOut(width: number) {
  const narrow = width < 700;
  const left = narrow ? 6 : 290;
  return {
    width: Math.max(width, 280),
    left,
    bars: Math.max(width, 280) - left - FIGURES,
    row: narrow ? 46 : 26,
    /** From the top of a row to its bar. */
    bar: narrow ? 22 : 4,
    narrow,
  };
}

/** A pattern a check: told apart by line and hatch, not by color. */
const PATTERNS: readonly { readonly check: string; readonly pattern: string }[] = [
  { check: "check-bending", pattern: "reach-bending" },
  { check: "check-shear", pattern: "reach-shear" },
  { check: "check-live-deflection", pattern: "reach-sag" },
  { check: "check-total-deflection", pattern: "reach-sag" },
  { check: "check-door-sag", pattern: "reach-sag" },
];

const fillOf = (governs: string) =>
  `url(#${PATTERNS.find((known) => known.check === governs)?.pattern ?? "reach-other"})`;

/** One bar a header from nothing to where it gives out; this opening is the line across them. */
export function ReachChart({ view, clear, asItIs }: Props) {
  const { say } = useSpeech();
  const speech = useSpeech();
  const [place, size] = useSize<HTMLDivElement>();
  const { width, left, bars, row, bar, narrow } = layOut(size.width);
  const x = (length: Nanometers) => left + (length / view.widest) * bars;
  const height = TOP + view.headers.length * row + 20;
  const marks = feetMarks(view.widest).filter((_, index) => !narrow || index % 2 === 0);
  return (
    <div ref={place}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        className="whole-on-paper block"
        role="img"
        aria-label={say("page-how-far-each-header-reaches-this-opening", { clear: speech.length(clear) })}
      >
        <ReachPatterns />
        {marks.map((feet) => (
          <g key={feet}>
            <path d={`M${x(feet * NM_PER_FOOT)} ${TOP - 8}V${height - 16}`} stroke="var(--color-base-300)" />
            <text
              x={x(feet * NM_PER_FOOT)}
              y={TOP - 14}
              textAnchor="middle"
              fontSize="12"
              className="num"
              fill="var(--pencil)"
            >
              {feet}'
            </text>
          </g>
        ))}
        {view.headers.map((header, index) => {
          const y = TOP + index * row;
          const reaches = header.farthest ?? 0;
          const carries = reaches >= clear;
          return (
            <g key={header.name + header.material} opacity={carries ? 1 : 0.75}>
              <text
                x={narrow ? left : left - 10}
                y={y + 16}
                textAnchor={narrow ? "start" : "end"}
                fontSize="14"
                fill="var(--graphite)"
                fontWeight={carries ? 700 : 400}
              >
                {header.name}{" "}
                <tspan fill="var(--pencil)" fontWeight="400" fontSize="12">
                  {header.material}
                </tspan>
              </text>
              {runsOf(
                header.points.map((point) => ({ ...point, governs: point.governs.id })),
                reaches,
              ).map((run) => (
                <rect
                  key={run.from}
                  x={x(run.from)}
                  y={y + bar}
                  width={Math.max(x(run.to) - x(run.from), 0)}
                  height={17}
                  fill={fillOf(run.governs)}
                  stroke="var(--graphite)"
                  strokeWidth={carries ? 1.6 : 0.8}
                >
                  <title>
                    {say("page-governs-from-to", {
                      governs: say(run.governs),
                      from: speech.length(run.from),
                      to: speech.length(run.to),
                    })}
                  </title>
                </rect>
              ))}
            </g>
          );
        })}
        <path
          d={`M${x(clear)} ${TOP - 6}V${height - 14}`}
          stroke="var(--chalk)"
          strokeWidth="2.5"
          strokeDasharray="8 4"
        />
        {/* After the line, so that it goes through no figure. */}
        {view.headers.map((header, index) => {
          const reaches = header.farthest ?? 0;
          return (
            <text
              key={header.name + header.material}
              x={x(reaches) + 6}
              y={TOP + index * row + bar + 12}
              fontSize="12"
              className="num"
              fill="var(--graphite)"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {reaches > 0
                ? speech.length(reaches)
                : isForRoom(header.gives_out.id)
                  ? say("page-no-room")
                  : say("page-not-even", { least: speech.length(1.5 * NM_PER_FOOT) })}
            </text>
          );
        })}
        <text
          x={Math.min(Math.max(x(clear), left + 80), width - 80)}
          y={16}
          textAnchor="middle"
          fontSize="14"
          fontWeight="700"
          className="num"
          fill="var(--chalk)"
        >
          {asItIs ? say("page-this-opening") : say("page-if-it-were")}, {speech.length(clear)}
        </text>
      </svg>
    </div>
  );
}

function ReachPatterns() {
  return (
    <defs>
      <pattern id="reach-bending" width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--wood)" />
      </pattern>
      <pattern
        id="reach-shear"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="6" height="6" fill="var(--sheet)" />
        <path d="M0 0V6" stroke="var(--graphite)" strokeWidth="2.4" />
      </pattern>
      <pattern id="reach-sag" width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="7" height="7" fill="var(--sheet)" />
        <path d="M0 3.5H7" stroke="var(--wood-deep)" strokeWidth="2.6" />
      </pattern>
      <pattern id="reach-other" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--sheet)" />
        <circle cx="3" cy="3" r="1.4" fill="var(--graphite)" />
      </pattern>
    </defs>
  );
}

/** What the hatches mean. */
export function ReachKey() {
  const { say } = useSpeech();
  const entries = [
    ["reach-bending", say("page-bending-governs")],
    ["reach-shear", say("check-shear")],
    ["reach-sag", say("page-sag")],
    ["reach-other", say("page-jacks-or-room")],
  ] as const;
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm">
      {entries.map(([pattern, label]) => (
        <li key={pattern} className="flex items-center gap-2">
          <svg width="30" height="14" aria-hidden="true">
            <rect width="30" height="14" fill={`url(#${pattern})`} stroke="var(--graphite)" />
          </svg>
          {label}
        </li>
      ))}
    </ul>
  );
}
