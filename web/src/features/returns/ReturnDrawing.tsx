import type { Schemas } from "../../api/client";
import { SvgLength } from "../../components/SvgLength";
import { Hatches } from "../../drawing/Hatches";
import { PENCILS } from "../../drawing/members";
import { makeScale } from "../../lib/scale";
import { useSpeech } from "../../speech/useSpeech";

type Return = Schemas["PortalReturnView"];

/** Of the drawing, pixels. */
const TALL = 620;
const LEFT = 30;
const TOP = 20;
const STRAP = { wide: 12, tall: 110 } as const;

interface Props {
  readonly each: Return;
  readonly label: string;
}

/** A return with the wall's own members, the sheet over it, its nails, its bolts on their washers, and the strap. */
export function ReturnDrawing({ each, label }: Props) {
  const { say } = useSpeech();
  const left = Math.min(each.from, ...each.members.map(({ x }) => x));
  const right = Math.max(each.to, ...each.members.map(({ x, width }) => x + width));
  const pixelsPerFoot = (TALL / each.high) * 304_800_000;
  const scale = makeScale(pixelsPerFoot, { length: right - left, height: each.high }, LEFT, TOP);
  const x = (at: number) => scale.x(at - left);
  const header = each.members.filter(({ role }) => role === "header");
  const under = header.length > 0 ? Math.min(...header.map(({ y }) => y)) : each.strap.up;
  return (
    <svg
      viewBox={`0 0 ${scale.right} ${TOP + TALL + 50}`}
      className="h-auto max-h-[70dvh] w-full max-w-xl"
      role="img"
      aria-label={label}
    >
      <Hatches />
      {each.members.map((member, place) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: members have no identity of their own but their place
          key={place}
          x={x(member.x)}
          y={scale.y(member.y + member.height)}
          width={scale.size(member.width)}
          height={scale.size(member.height)}
          fill={PENCILS[member.role].fill}
          stroke={PENCILS[member.role].stroke}
        />
      ))}
      <rect
        x={x(each.from)}
        y={scale.y(each.high)}
        width={scale.size(each.to - each.from)}
        height={scale.size(each.high)}
        fill="none"
        stroke="var(--chalk)"
        strokeWidth={3}
        strokeDasharray="10 6"
      />
      <g fill="var(--graphite)">
        {each.nails.map(({ along, up }) => (
          <circle key={`${along} ${up}`} cx={x(along)} cy={scale.y(up)} r={1.8} />
        ))}
      </g>
      {each.bolts.map((bolt) => (
        <g key={bolt}>
          <rect x={x(bolt) - 7} y={scale.y(0) - 16} width={14} height={5} fill="var(--graphite)" />
          <line
            x1={x(bolt)}
            x2={x(bolt)}
            y1={scale.y(0) - 22}
            y2={scale.y(0) + 18}
            stroke="var(--graphite)"
            strokeWidth={4}
          />
        </g>
      ))}
      <rect
        x={x(each.strap.along) - STRAP.wide / 2}
        y={scale.y(under) - STRAP.tall / 2}
        width={STRAP.wide}
        height={STRAP.tall}
        fill="var(--sheet)"
        fillOpacity={0.75}
        stroke="var(--graphite)"
        strokeWidth={2.5}
      >
        <title>{say("page-returns-strap")}</title>
      </rect>
      <SvgLength
        value={each.to - each.from}
        x={x(each.from + (each.to - each.from) / 2)}
        y={TOP + TALL + 40}
        anchor="middle"
        size={20}
        className="fill-[var(--graphite)]"
      />
    </svg>
  );
}
