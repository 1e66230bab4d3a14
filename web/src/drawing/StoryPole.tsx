import { memo } from "react";
import { SvgLength } from "../components/SvgLength";
import { type Scale, spread } from "../lib/scale";
import { named, useSpeech } from "../speech/useSpeech";
import { FIGURE, SMALL } from "./text";
import type { DrawnOpening, DrawnWall } from "./wall";

export const POLE_WIDTH = 140;
const WOOD = 12;
/** A figure and its name under it. */
const LABEL = 31;

interface Props {
  readonly view: Pick<DrawnWall, "height" | "top_line">;
  readonly scale: Scale;
  readonly opening: Pick<DrawnOpening, "stack"> | undefined;
  readonly height: number;
}

/** The story pole up the wall: the underside of every piece over and under the selected opening, measured from the subfloor. */
export const StoryPole = memo(function StoryPole({ view, scale, opening, height }: Props) {
  const { say } = useSpeech();
  const layers = opening?.stack ?? [];
  const topLayer = layers.at(-1);
  // In a rake wall the stack ends where the top is over the opening.
  const top = topLayer ? topLayer.from + topLayer.height : view.height;
  const edges = [
    ...layers.map((layer) => ({ at: layer.from, name: say(named("stack", layer.kind)) })),
    ...levels(view.top_line, top).map((at) => ({
      at,
      name: say(at === view.height || at === top ? "page-top-of-wall" : "page-top-let-down"),
    })),
  ];
  const fromTop = edges.toSorted((a, b) => b.at - a.at);
  const wanted = fromTop.map((edge) => scale.y(edge.at));
  const placed = spread(wanted, LABEL, 32, height - 16);
  const poleX = POLE_WIDTH - WOOD - 6;
  return (
    <svg
      width={POLE_WIDTH}
      height={height}
      role="img"
      aria-label={say("page-story-pole-heights-above-the-subfloor")}
      className="shrink-0"
    >
      <text x={2} y={SMALL} fontSize={SMALL} fontWeight={650} fill="var(--pencil)">
        {say("page-undersides-at")}
      </text>
      <rect
        x={poleX}
        y={scale.y(top)}
        width={WOOD}
        height={scale.size(top)}
        fill="var(--wood)"
        stroke="var(--graphite)"
        strokeWidth={1.2}
      />
      {layers.map((layer, index) =>
        index % 2 === 0 ? (
          <rect
            key={layer.kind}
            x={poleX}
            y={scale.y(layer.from + Math.max(layer.height, 0))}
            width={WOOD}
            height={Math.max(scale.size(layer.height), 0)}
            fill="var(--wood-deep)"
          />
        ) : null,
      )}
      {fromTop.map((edge, index) => {
        const y = placed[index] as number;
        const at = wanted[index] as number;
        return (
          <g key={`${edge.at} ${edge.name}`} fill="var(--graphite)">
            <path
              d={`M${poleX + WOOD} ${at}H${poleX - 3}L${poleX - 12} ${y}h-6`}
              fill="none"
              stroke="var(--pencil)"
              strokeWidth={1}
            />
            <SvgLength value={edge.at} x={poleX - 20} y={y + 3} anchor="end" size={FIGURE} />
            <text x={poleX - 20} y={y + 16} textAnchor="end" fontSize={SMALL} fill="var(--pencil)">
              {edge.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
});

/** The top over the opening, and every other height at which the top of the wall is level. */
function levels(topLine: readonly number[], top: number): number[] {
  const found = new Set([top]);
  for (let index = 0; index + 3 < topLine.length; index += 2) {
    const [x1, y1, x2, y2] = topLine.slice(index, index + 4) as [number, number, number, number];
    if (x1 < x2 && y1 === y2) found.add(y1);
  }
  return [...found];
}
