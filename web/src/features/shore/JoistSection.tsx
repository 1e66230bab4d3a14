import { type PointerEvent, useRef } from "react";
import type { Schemas } from "../../api/client";
import { drawnLength, SvgLength } from "../../components/SvgLength";
import { useSpeech } from "../../speech/useSpeech";
import { along, inchesOff, nearestTo, WIDE } from "./section";

const JOISTS = 40;
const JOIST = 16;
const FLOOR = 190;
const TALL = 240;

interface Props {
  readonly field: Schemas["ShoredFieldView"];
  readonly temporary: readonly number[];
  /** Every place that is drawn on any storey, so that all have one scale. */
  readonly places: readonly number[];
  /** Where temporary walls may be dragged to, nanometers off the wall that goes. */
  readonly within: readonly [nearest: number, farthest: number];
  /** Only where the wall goes; on the other storeys they stand over and under those. */
  readonly drag: ((side: "lower" | "upper", inches: number) => void) | undefined;
}

/** The joists over their walls, to scale: what goes is dashed, temporary walls are blue and can be dragged. */
export function JoistSection({ field, temporary, places, within, drag }: Props) {
  const speech = useSpeech();
  const svg = useRef<SVGSVGElement>(null);
  const goes = field.supports.find((support) => support.goes)?.at;
  // Where no wall goes they are measured from the nearest one, as a drilled hole is.
  const nearest = (at: number) =>
    nearestTo(
      at,
      field.supports.map((support) => support.at),
    );
  const x = along(places);
  const scale = x(1) - x(0);
  const dragged = (side: "lower" | "upper") => (event: PointerEvent<SVGRectElement>) => {
    if (event.buttons !== 1 || !svg.current || !drag || goes === undefined) return;
    const box = svg.current.getBoundingClientRect();
    const at = ((event.clientX - box.left) / box.width) * WIDE;
    drag(side, inchesOff(at - x(goes), scale, within));
  };
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${WIDE} ${TALL}`}
      className="h-auto w-full touch-none"
      role="img"
      aria-label={speech.say("page-shore-drawn", { field: field.name })}
    >
      {field.pieces.map(({ from, to }, place) => (
        <rect
          key={`${from} ${to}`}
          x={x(from)}
          y={JOISTS - (place % 2) * 4}
          width={x(to) - x(from)}
          height={JOIST}
          fill="var(--wood)"
          stroke="var(--graphite)"
          strokeWidth={1.5}
        />
      ))}
      {field.supports.map(({ at, goes: gone }) => (
        <rect
          key={at}
          x={x(at) - 6}
          y={JOISTS + JOIST}
          width={12}
          height={FLOOR - JOISTS - JOIST}
          fill={gone ? "none" : "var(--wood-deep)"}
          stroke={gone ? "var(--pencil)" : "var(--graphite)"}
          strokeWidth={gone ? 2.5 : 1.5}
          strokeDasharray={gone ? "6 5" : undefined}
        />
      ))}
      {temporary.map((at) => (
        <g key={at}>
          {drag && goes !== undefined && (
            <rect
              x={x(at) - 14}
              y={JOISTS + JOIST}
              width={28}
              height={FLOOR - JOISTS - JOIST}
              fill="transparent"
              className="cursor-ew-resize"
              onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
              onPointerMove={dragged(at < goes ? "lower" : "upper")}
            />
          )}
          <rect
            x={x(at) - 5}
            y={JOISTS + JOIST}
            width={10}
            height={FLOOR - JOISTS - JOIST}
            fill="var(--chalk)"
            pointerEvents="none"
          />
          <SvgLength
            value={Math.abs(at - (goes ?? nearest(at)))}
            x={x(at)}
            y={FLOOR + 26}
            anchor="middle"
            size={18}
            className="fill-[var(--graphite)]"
          />
        </g>
      ))}
      <line x1={0} x2={WIDE} y1={FLOOR} y2={FLOOR} stroke="var(--graphite)" strokeWidth={3} />
      {field.supports.slice(1).map(({ at }, place) => {
        const before = field.supports[place]?.at ?? at;
        return (
          <SvgLength
            key={at}
            value={at - before}
            x={(x(at) + x(before)) / 2}
            y={JOISTS - 14}
            anchor="middle"
            size={18}
            className="fill-[var(--graphite)]"
          />
        );
      })}
      <title>{field.spans.map(({ now }) => drawnLength(speech, now)).join(", ")}</title>
    </svg>
  );
}
