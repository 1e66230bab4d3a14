import { type RenderResult, render } from "@testing-library/react";
import type { ReactNode } from "react";
import { SpeechProvider } from "../speech/useSpeech";
import { makeSay } from "../speech/voice";

/** As most users are spoken to. */
export const say = makeSay({ language: "en", units: "feet_and_inches", vocabulary: "jack" });

/** Renders for a user who speaks and measures like this. */
export function renderFor(
  preferences: { readonly units?: string; readonly vocabulary?: string; readonly language?: string },
  children: ReactNode,
): RenderResult {
  localStorage.setItem("sturvek.speech", JSON.stringify(preferences));
  return render(<SpeechProvider>{children}</SpeechProvider>);
}
