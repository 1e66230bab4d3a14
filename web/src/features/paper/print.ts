import { useState } from "react";
import type { Preferences } from "../../speech/preferences";

/** The papers that are printed on. */
export const PAPERS = ["letter", "a4"] as const;
export type PaperSize = (typeof PAPERS)[number];

const KEY = "sturvek.paper";

/** Which paper this device prints on: what was chosen, or the one that goes with the units. */
export function usePaperSize(units: Preferences["units"]): [PaperSize, (size: PaperSize) => void] {
  const [chosen, setChosen] = useState(() => PAPERS.find((each) => each === localStorage.getItem(KEY)));
  const choose = (size: PaperSize) => {
    localStorage.setItem(KEY, size);
    setChosen(size);
  };
  return [chosen ?? (units === "millimeters" ? "a4" : "letter"), choose];
}

/** Where a sheet lies as PDF, on this paper and as this user is spoken to. */
export function pdfAddress(sheet: string, paper: PaperSize, voice: Preferences): string {
  const { language, vocabulary, units } = voice;
  return `${sheet}?${new URLSearchParams({ paper, language, vocabulary, units })}`;
}
