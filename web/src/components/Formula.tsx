import { useSpeech } from "../speech/useSpeech";

/** A formula, in whose signs some are words: `⟨symbol-pack-load⟩ / n`. */
export function Formula({ text }: { readonly text: string }) {
  const { say } = useSpeech();
  return <>{text.replace(/⟨([a-z0-9-]+)⟩/g, (_, id: string) => say(id))}</>;
}
