import { useEffect, useRef, useState } from "react";

/** The width of an element as it is laid out. */
export function useWidth<T extends HTMLElement>() {
  const element = useRef<T>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const target = element.current;
    if (target === null) return;
    const observer = new ResizeObserver((entries) => setWidth(entries[0]?.contentRect.width ?? 0));
    observer.observe(target);
    return () => observer.disconnect();
  }, []);
  return [element, width] as const;
}
