import { memo } from "react";
import type { Scale } from "../lib/scale";
import { SMALL } from "./text";
import type { DrawnClear } from "./wall";

interface Props {
  readonly all: readonly DrawnClear[];
  readonly scale: Scale;
}

/** Pipes and ducts through the plates, hatched along their edges; bays kept clear between dashed lines. Each reads from the bottom up. */
export const KeptClear = memo(function KeptClear({ all, scale }: Props) {
  return (
    <g pointerEvents="none">
      {all.map((each) => {
        const [left, right] = [scale.x(each.left), scale.x(each.right)];
        const [top, foot] = [scale.y(each.top), scale.y(0)];
        const middle = (left + right) / 2;
        return (
          <g key={`${each.name} ${each.left}`} data-clear={each.name}>
            <path
              d={`M${left} ${top}V${foot}M${right} ${top}V${foot}`}
              fill="none"
              stroke="var(--pencil)"
              strokeWidth={each.is_pipe ? 1.8 : 1}
              strokeDasharray={each.is_pipe ? "10 3 2 3" : "5 4"}
            />
            <text
              transform={`translate(${middle + SMALL / 3} ${(top + foot) / 2}) rotate(-90)`}
              textAnchor="middle"
              fontSize={SMALL}
              fill="var(--graphite)"
              className="haloed"
            >
              {each.name}
            </text>
          </g>
        );
      })}
    </g>
  );
});
