import { useSpeech } from "../speech/useSpeech";

/** How an end is cut that is not square. */
export function Bevel({
  degrees,
  className = "font-bold",
}: {
  readonly degrees: number | null | undefined;
  readonly className?: string;
}) {
  const { say } = useSpeech();
  if (degrees === null || degrees === undefined) return null;
  return (
    <span className={className}>
      {say("page-cut-at-long-side-given", { bevel_degrees: degrees.toFixed(1) })}
    </span>
  );
}
