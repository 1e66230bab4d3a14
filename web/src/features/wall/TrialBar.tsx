import { useSpeech } from "../../speech/useSpeech";

/** An edit that is shown and not kept yet. */
export function TrialBar({ keep, leave }: { readonly keep: () => void; readonly leave: () => void }) {
  const { say } = useSpeech();
  return (
    <p
      role="status"
      className="sticky bottom-0 z-10 flex flex-wrap items-center gap-3 border-[var(--chalk)] border-l-4 bg-base-200 py-1 pl-3"
    >
      <b>{say("page-this-is-how-it-would-be")}</b>
      <button type="button" className="btn btn-primary tap" onClick={keep}>
        {say("page-keep-it")}
      </button>
      <button type="button" className="btn tap" onClick={leave}>
        {say("page-leave-it-as-it-was")}
      </button>
    </p>
  );
}
