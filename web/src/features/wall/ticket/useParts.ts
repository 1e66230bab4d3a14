import { useCallback, useMemo, useState } from "react";

/** Which parts of the ticket are open; they stay so from opening to opening, as long as the window is open. */
export interface Parts {
  readonly isOpen: (name: string) => boolean;
  readonly toggle: (name: string) => void;
  /** Opens a part and brings it into sight. */
  readonly show: (name: string) => void;
}

const KEY = "sturvek.parts";

const kept = () => new Set((sessionStorage.getItem(KEY) ?? "").split(" ").filter(Boolean));

export function useParts(): Parts {
  const [open, setOpen] = useState<ReadonlySet<string>>(kept);
  const change = useCallback((make: (open: Set<string>) => void) => {
    const after = kept();
    make(after);
    sessionStorage.setItem(KEY, [...after].join(" "));
    setOpen(after);
  }, []);
  const toggle = useCallback(
    (name: string) => change((all) => void (all.delete(name) || all.add(name))),
    [change],
  );
  const show = useCallback(
    (name: string) => {
      change((all) => void all.add(name));
      requestAnimationFrame(() => {
        const part = document.querySelector(`[data-part="${name}"]`);
        part?.scrollIntoView({ block: "start" });
        part?.querySelector("button")?.focus({ preventScroll: true });
      });
    },
    [change],
  );
  return useMemo(() => ({ isOpen: (name) => open.has(name), toggle, show }), [open, toggle, show]);
}
