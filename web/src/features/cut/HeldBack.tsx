import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";

/** What is on no list yet, and why: at the head of everything that is cut. */
export function HeldBack({ held }: { readonly held: readonly Schemas["HeldBackView"][] }) {
  const { say } = useSpeech();
  if (held.length === 0) return null;
  return (
    <section className="sheet mb-4 border-2 border-error p-3" aria-label={say("page-cutting-held-back")}>
      <h2 className="font-bold text-error text-lg">{say("page-cutting-held-back")}</h2>
      <ul className="grid gap-1 text-lg">
        {held.map(({ what, why }) => (
          <li key={say(what)}>
            <b>{say(what)}</b>: {say(why)}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What else has to be known before anything is cut; nothing where there is nothing. */
export function Told({
  title,
  told,
}: {
  readonly title: string;
  readonly told: readonly Schemas["Phrase"][];
}) {
  const { say } = useSpeech();
  if (told.length === 0) return null;
  return (
    <section className="sheet mb-4 p-3" aria-label={title}>
      <h2 className="font-bold text-lg">{title}</h2>
      <ul className="grid gap-1 text-lg">
        {told.map((each, place) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two plies that were cut alike are told alike
          <li key={place}>{say(each)}</li>
        ))}
      </ul>
    </section>
  );
}
