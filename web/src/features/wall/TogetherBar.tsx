import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import type { Together } from "./useTogether";

const AIMS: readonly { readonly aim: Schemas["TogetherAim"]; readonly words: string }[] = [
  { aim: "even_out", words: "page-even-them-out" },
  { aim: "line_up_heads", words: "page-line-up-their-heads" },
  { aim: "one_header", words: "page-one-header-for-all" },
];

/** What can be done to several openings that are chosen together. */
export function TogetherBar({ together }: { readonly together: Together }) {
  const { say } = useSpeech();
  if (together.also.size === 0) return null;
  return (
    <section
      aria-label={say("page-chosen-together")}
      className="no-print sticky bottom-0 z-10 flex flex-wrap items-center gap-2 border-[var(--chalk)] border-l-4 bg-base-200 py-1 pl-3"
    >
      <b>{say("page-openings-chosen", { count: { count: together.also.size + 1 } })}</b>
      {AIMS.map(({ aim, words }) => (
        <button key={aim} type="button" className="btn tap font-normal" onClick={() => together.run(aim)}>
          {say(words)}
        </button>
      ))}
      <button type="button" className="btn btn-ghost tap font-normal" onClick={together.clear}>
        {say("page-done")}
      </button>
      {together.problem && (
        <p role="alert" className="w-full text-error text-sm">
          {say(together.problem)}
        </p>
      )}
    </section>
  );
}
