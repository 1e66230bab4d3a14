import { useCallback, useRef } from "react";

/** The same function for good, which does what the newest one does: what is handed on does not change with every render. */
export function useSteady<Arguments extends unknown[], Answer>(
  newest: (...given: Arguments) => Answer,
): (...given: Arguments) => Answer {
  const latest = useRef(newest);
  latest.current = newest;
  return useCallback((...given: Arguments) => latest.current(...given), []);
}
