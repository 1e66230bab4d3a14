import { useEffect, useState } from "react";
import { useMedia } from "../components/useMedia";

export type Theme = "paper" | "night";

const KEY = "sturvek.theme";

function chosen(): Theme | undefined {
  const kept = localStorage.getItem(KEY);
  return kept === "night" || kept === "paper" ? kept : undefined;
}

/** Sunlight or night: as the device has it, until the user chooses; the choice is kept on this device. */
export function useTheme(): [Theme, () => void] {
  const [own, setOwn] = useState(chosen);
  const dark = useMedia("(prefers-color-scheme: dark)");
  const theme = own ?? (dark ? "night" : "paper");
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const toggle = () => {
    const next = theme === "paper" ? "night" : "paper";
    localStorage.setItem(KEY, next);
    setOwn(next);
  };
  return [theme, toggle];
}
