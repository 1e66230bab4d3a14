import { useEffect, useState } from "react";

/** A value once it has rested: quick edits do not ask for what is only read afterwards. */
export function useSettled<T>(value: T, restMs = 400): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const rest = setTimeout(() => setSettled(value), restMs);
    return () => clearTimeout(rest);
  }, [value, restMs]);
  return settled;
}
