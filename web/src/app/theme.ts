import { useEffect, useState } from "react";

export type Theme = "paper" | "night";

const KEY = "sturvek.theme";

/** Sunlight or night, kept on this device. */
export function useTheme(): [Theme, () => void] {
  const [theme, setTheme] = useState<Theme>(() =>
    localStorage.getItem(KEY) === "night" ? "night" : "paper",
  );
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
    localStorage.setItem(KEY, theme);
  }, [theme]);
  return [theme, () => setTheme(theme === "paper" ? "night" : "paper")];
}
