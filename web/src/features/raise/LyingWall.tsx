import { type PointerEvent, useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { corners } from "../../drawing/corners";
import { Hatches } from "../../drawing/Hatches";
import { PENCILS } from "../../drawing/members";
import { makeScale } from "../../lib/scale";
import { useSpeech } from "../../speech/useSpeech";
import { endsWith, standing } from "./places";

/** Of the drawing, pixels. */
const WIDE = 1000;
const LEFT = 20;
const TOP = 44;
const HAND = 10;

interface Props {
  readonly wall: Schemas["WallView"];
  readonly raised: Schemas["RaisedWallView"];
  /** Puts the ends of its panels elsewhere. */
  readonly put: (ends: number[]) => void;
}

/** The wall as it lies on the deck, its sole plate to the hinge below, hands at its top plate; where it is cut into panels; where its weight is. */
export function LyingWall({ wall, raised, put }: Props) {
  const { say } = useSpeech();
  const drawing = useRef<SVGSVGElement>(null);
  const [dragged, drag] = useState<{ readonly panel: number; readonly at: number }>();
  const scale = makeScale(
    ((WIDE - 2 * LEFT) / wall.length) * 304_800_000,
    { length: wall.length, height: wall.height },
    LEFT,
    TOP,
  );
  const tall = TOP + scale.size(wall.height) + 30;
  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${WIDE} ${tall}`}
      className="h-auto w-full"
      role="img"
      aria-label={say("page-raise-drawn", { wall: raised.name, panels: raised.panels.length })}
    >
      <Hatches />
      <g opacity={0.85}>
        {wall.members.map((member, index) => (
          <polygon
            // biome-ignore lint/suspicious/noArrayIndexKey: members have no identity of their own but their place
            key={index}
            points={corners(member)
              .map(([x, y]) => `${scale.x(x)},${scale.y(y)}`)
              .join(" ")}
            fill={PENCILS[member.role].fill}
            stroke={PENCILS[member.role].stroke}
            strokeWidth={0.8}
          />
        ))}
      </g>
      {raised.panels.map((panel, place) => (
        <g key={panel.from}>
          {place > 0 && (
            <Seam
              x={dragged?.panel === place ? dragged.at : scale.x(panel.from)}
              tall={tall}
              drag={(event) => drag({ panel: place, at: pixelsAt(event, drawing.current) })}
              drop={() => {
                if (!dragged) return;
                const to = Math.round(scale.length(dragged.at - LEFT));
                drag(undefined);
                put(endsWith(raised.panels, dragged.panel, to));
              }}
            />
          )}
          {standing(panel.people, panel.from, panel.to).map((at) => (
            <circle
              key={at}
              cx={scale.x(at)}
              cy={TOP - HAND - 6}
              r={HAND}
              fill={panel.is_lifted ? "var(--graphite)" : "var(--pencil)"}
            />
          ))}
          <g stroke="var(--pencil)" strokeWidth={2.5}>
            <circle
              cx={scale.x(panel.center_along)}
              cy={scale.y(panel.center_up)}
              r={9}
              fill="var(--sheet)"
            />
            <path
              d={`M${scale.x(panel.center_along) - 14} ${scale.y(panel.center_up)}h28M${scale.x(panel.center_along)} ${scale.y(panel.center_up) - 14}v28`}
            />
          </g>
        </g>
      ))}
      <line
        x1={LEFT}
        x2={WIDE - LEFT}
        y1={scale.y(0) + 6}
        y2={scale.y(0) + 6}
        stroke="var(--graphite)"
        strokeWidth={3}
        strokeDasharray="14 5 3 5"
      />
    </svg>
  );
}

interface SeamProps {
  readonly x: number;
  readonly tall: number;
  readonly drag: (event: PointerEvent) => void;
  readonly drop: () => void;
}

/** Where a panel ends: dragged along the wall, it goes to the nearest stud's face. */
function Seam({ x, tall, drag, drop }: SeamProps) {
  return (
    <>
      <line x1={x} x2={x} y1={TOP - 30} y2={tall - 16} stroke="var(--chalk)" strokeWidth={3} />
      <rect
        data-seam
        className="cursor-ew-resize touch-none"
        x={x - 16}
        y={0}
        width={32}
        height={tall}
        fill="transparent"
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && drag(event)}
        onPointerUp={drop}
      />
    </>
  );
}

/** Where a pointer is, in the drawing's own pixels. */
function pixelsAt(event: PointerEvent, drawing: SVGSVGElement | null): number {
  const box = drawing?.getBoundingClientRect();
  return box ? ((event.clientX - box.left) / box.width) * WIDE : 0;
}
