import { memo } from "react";
import { SvgLength } from "../components/SvgLength";
import { type Scale, spread } from "../lib/scale";
import { named, useSpeech } from "../speech/useSpeech";
import type { DrawnOpening, DrawnWall } from "./wall";

export const POLE_WIDTH = 188;

interface Props {
  readonly view: Pick<DrawnWall, "height">;
  readonly scale: Scale;
  readonly opening: Pick<DrawnOpening, "stack"> | undefined;
  readonly height: number;
}

/** The story pole up the wall: every height of the selected opening, measured from the subfloor. */
export const StoryPole = memo(function StoryPole({ view, scale, opening, height }: Props) {
  const { say } = useSpeech();
  const layers = opening?.stack ?? [];
  const topLayer = layers.at(-1);
  // In a rake wall the stack ends where the top is over the opening.
  const top = topLayer ? topLayer.from + topLayer.height : view.height;
  const edges = [
    ...layers.map((layer) => ({ at: layer.from, name: say(named("stack", layer.kind)) })),
    { at: top, name: say("page-top-of-wall") },
  ];
  const fromTop = [...edges].reverse();
  const wanted = fromTop.map((edge) => scale.y(edge.at));
  const placed = spread(wanted, 15.5, 14, height - 6);
  const poleX = POLE_WIDTH - 22;
  return (
    <svg
      width={POLE_WIDTH}
      height={height}
      role="img"
      aria-label={say("page-story-pole-heights-above-the-subfloor")}
      className="shrink-0"
    >
      <rect
        x={poleX}
        y={scale.y(top)}
        width={12}
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
            width={12}
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
              d={`M${poleX + 12} ${at}H${poleX - 3}L${poleX - 14} ${y}h-4`}
              fill="none"
              stroke="var(--pencil)"
              strokeWidth={1}
            />
            <SvgLength value={edge.at} x={poleX - 21} y={y + 4.5} anchor="end" size={13} />
            <text x={2} y={y + 4} fontSize={10.5} fill="var(--pencil)">
              {edge.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
});
