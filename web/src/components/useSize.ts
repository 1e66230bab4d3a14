import { useEffect, useRef, useState } from "react";

/** The size of an element as it is laid out. */
export function useSize<T extends HTMLElement>() {
  const element = useRef<T>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const target = element.current;
    if (target === null) return;
    const observer = new ResizeObserver(([entry]) => {
      const { width = 0, height = 0 } = entry?.contentRect ?? {};
      setSize((before) => (before.width === width && before.height === height ? before : { width, height }));
    });
    observer.observe(target);
    return () => observer.disconnect();
  }, []);
  return [element, size] as const;
}
