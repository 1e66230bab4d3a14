import { SvgLength } from "../components/SvgLength";
import { clamp, type Scale } from "../lib/scale";
import type { DrawnOpening, DrawnWall } from "./wall";

/** Both margins of the selected opening, in chalk over the wall: to its ends as it is seen from outside. */
export function Margins({
  view,
  opening,
  scale,
  y,
}: {
  view: Pick<DrawnWall, "length">;
  opening: Pick<DrawnOpening, "left" | "right">;
  scale: Scale;
  y: number;
}) {
  const spans = [
    { from: 0, to: opening.left },
    { from: opening.right, to: view.length },
  ];
  return (
    <g stroke="var(--chalk)" fill="var(--chalk)" strokeWidth={1.2}>
      {spans.map(({ from, to }) => {
        const [x1, x2] = [scale.x(from), scale.x(to)];
        return (
          <g key={from}>
            <path d={`M${x1} ${y - 5}v10M${x2} ${y - 5}v10M${x1} ${y}H${x2}`} fill="none" />
            <g stroke="none">
              <SvgLength
                value={to - from}
                style="feet"
                x={clamp((x1 + x2) / 2, 34, scale.right - 34)}
                y={y - 6}
                anchor="middle"
                size={13}
              />
            </g>
          </g>
        );
      })}
    </g>
  );
}
