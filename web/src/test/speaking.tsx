import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { type RenderResult, render } from "@testing-library/react";
import type { ReactNode } from "react";
import { SpeechProvider } from "../speech/useSpeech";

/** Words as the server sends them. */
export const WORDS = {
  vocabularies: [
    {
      id: "jack",
      name: "header, jack, king",
      words: [
        ["header", "headers"],
        ["jack", "jacks"],
        ["king", "kings"],
      ],
    },
    {
      id: "lintel",
      name: "lintel, jamb stud, full-height stud",
      words: [
        ["lintel", "lintels"],
        ["jamb stud", "jamb studs"],
        ["full-height stud", "full-height studs"],
      ],
    },
  ],
  other_names: [
    ["header", "lintel"],
    ["jack", "trimmer", "jamb stud"],
    ["king", "full-height stud"],
  ],
};

/** Renders for a user who speaks and measures like this. */
export function renderFor(
  preferences: { readonly units?: string; readonly vocabulary?: string },
  children: ReactNode,
): RenderResult {
  localStorage.setItem("sturvek.speech", JSON.stringify(preferences));
  const client = new QueryClient();
  client.setQueryData(["words"], WORDS);
  return render(
    <QueryClientProvider client={client}>
      <SpeechProvider>{children}</SpeechProvider>
    </QueryClientProvider>,
  );
}
