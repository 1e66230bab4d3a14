import { useSpeech } from "../../speech/useSpeech";

/** How an end is cut that is not square. */
export function Bevel({ degrees }: { readonly degrees: number | null | undefined }) {
  const { say } = useSpeech();
  if (degrees === null || degrees === undefined) return null;
  return <b className="whitespace-nowrap">{say("page-cutting-bevel", { degrees: degrees.toFixed(1) })}</b>;
}
