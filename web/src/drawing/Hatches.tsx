/** Hatching tells lumber apart: long grain, end cuts, and what only fills. */
export function Hatches() {
  return (
    <defs>
      <pattern
        id="hatch-jack"
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="5" height="5" fill="var(--wood)" />
        <path d="M0 0V5" stroke="var(--graphite)" strokeWidth="1.1" />
      </pattern>
      <pattern id="hatch-header" width="60" height="7" patternUnits="userSpaceOnUse">
        <rect width="60" height="7" fill="var(--wood-deep)" />
        <path
          d="M0 2.5q15 -2 30 0t30 0M0 5.8q15 1.4 30 0t30 0"
          stroke="var(--graphite)"
          strokeWidth="0.55"
          fill="none"
          opacity="0.75"
        />
      </pattern>
      <pattern id="hatch-cripple" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" fill="var(--sheet)" />
        <circle cx="2" cy="2" r="0.75" fill="var(--pencil)" />
      </pattern>
      <pattern
        id="hatch-trouble"
        width="9"
        height="9"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0V9" stroke="var(--trouble)" strokeWidth="2.2" opacity="0.55" />
      </pattern>
    </defs>
  );
}
