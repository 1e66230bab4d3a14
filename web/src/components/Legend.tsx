import type { WallView } from "../api/client";
import { useSpeech } from "../speech/useSpeech";

/** What the marks on the plates mean; it stands wherever they do. */
export function Legend({ legend }: { readonly legend: WallView["legend"] }) {
  const { say } = useSpeech();
  return (
    <p className="text-sm" data-testid="legend">
      {legend.map((line) => (
        <span key={line.mark} className="mr-4 inline-block">
          <b>{line.mark}</b> {say(line.meaning)}
        </span>
      ))}
    </p>
  );
}
