import { drawnLength, SvgLength } from "../components/SvgLength";
import { clamp, type Scale } from "../lib/scale";
import { useSpeech } from "../speech/useSpeech";
import { FIGURE, widthOf } from "./text";
import type { DrawnOpening, DrawnWall } from "./wall";

/** Both margins of the selected opening, in chalk over the wall: to its ends as it is seen from outside, read beside the opening. */
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
  const speech = useSpeech();
  const spans = [
    { from: 0, to: opening.left },
    { from: opening.right, to: view.length },
  ];
  return (
    <g stroke="var(--chalk)" fill="var(--chalk)" strokeWidth={1.2}>
      {spans.map(({ from, to }) => {
        const [x1, x2] = [scale.x(from), scale.x(to)];
        const half = widthOf(drawnLength(speech, to - from, "feet"), FIGURE) / 2;
        return (
          <g key={from}>
            <path d={`M${x1} ${y - 5}v10M${x2} ${y - 5}v10M${x1} ${y}H${x2}`} fill="none" />
            <g stroke="none">
              <SvgLength
                value={to - from}
                style="feet"
                x={clamp(from === 0 ? x2 - half - 6 : x1 + half + 6, half, scale.right - half)}
                y={y - 6}
                anchor="middle"
                size={FIGURE}
              />
            </g>
          </g>
        );
      })}
    </g>
  );
}
