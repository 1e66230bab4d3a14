import type { Nanometers } from "../../../lib/length";

interface Props {
  /** How far the header reaches under this load; nothing where it reaches nowhere. */
  readonly farthest: Nanometers | null | undefined;
  /** The opening that it has to reach over. */
  readonly clear: Nanometers;
  readonly label: string;
}

const WIDTH = 240;
const HEIGHT = 26;
/** The opening takes this much of the width; what reaches further than the rest shows that it goes on. */
const OPENING = 150;
const LEFT = 8;

/** A header laid over this opening: as far as it reaches, past the far jack or short of it. */
export function ReachBar({ farthest, clear, label }: Props) {
  const reach = ((farthest ?? 0) / clear) * OPENING;
  const drawn = Math.min(reach, WIDTH - LEFT - 2);
  const short = reach < OPENING;
  const goesOn = reach > drawn;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block h-[26px] w-full max-w-[240px]"
      role="img"
      aria-label={label}
    >
      <path
        d={`M${LEFT - 3} 11V25M${LEFT + 1} 11V25M${LEFT + OPENING} 11V25M${LEFT + OPENING + 4} 11V25M2 25H${WIDTH - 2}`}
        stroke="var(--graphite)"
        strokeWidth={2}
        fill="none"
      />
      <rect
        x={LEFT - 4}
        y={3}
        width={drawn + 4}
        height={7}
        fill={short ? "url(#hatch-trouble)" : "var(--wood-deep)"}
        stroke={short ? "var(--trouble)" : "var(--graphite)"}
        strokeWidth={1.2}
      />
      {goesOn && <path d={`M${WIDTH - 9} 3v7M${WIDTH - 6} 3v7`} stroke="var(--sheet)" strokeWidth={1.5} />}
    </svg>
  );
}
