import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import { ShoredStorey } from "./ShoredStorey";
import { allPlaces } from "./section";

interface Props {
  readonly shore: Schemas["ShoreView"];
  readonly showWorking: () => void;
  readonly drag: (side: "lower" | "upper", inches: number) => void;
}

/** What stands while the wall is gone: storey by storey from the top to the ground. */
export function Answer({ shore, showWorking, drag }: Props) {
  const { say } = useSpeech();
  const { storeys, ground, findings, carries } = shore;
  const isReckoned = storeys.some(({ walls }) => walls.length > 0);
  const shown = storeys.filter(({ fields, walls }) => fields.length > 0 || walls.length > 0);
  const places = allPlaces(shore);
  return (
    <>
      {shore.none && <p className="sheet p-4 font-bold text-lg">{say(shore.none)}</p>}
      {isReckoned && (
        <p
          role="status"
          className={`sheet flex flex-wrap items-center justify-between gap-3 p-4 font-bold text-xl ${carries ? "" : "text-error"}`}
        >
          {say(carries ? "page-shore-carries" : "page-shore-carries-not")}
          <button type="button" className="btn tap no-print" onClick={showWorking}>
            {say("page-show-the-working")}
          </button>
        </p>
      )}
      {shore.sides && <p className="sheet p-4 text-lg">{say(shore.sides)}</p>}
      {findings.length > 0 && (
        <ul className="sheet grid gap-1 border-2 border-error p-4 font-bold text-error text-lg">
          {findings.map((finding) => (
            <li key={say(finding)}>{say(finding)}</li>
          ))}
        </ul>
      )}
      {shown.map((storey) => (
        <ShoredStorey
          key={storey.name}
          storey={storey}
          temporary={shore.temporary}
          places={places}
          within={[shore.nearest, shore.farthest]}
          drag={storey.is_opened ? drag : undefined}
        />
      ))}
      {ground.length > 0 && (
        <section className="sheet p-4" aria-label={say("page-shore-ground")}>
          <h2 className="font-bold text-lg">{say("page-shore-ground")}</h2>
          <ul className="text-lg">
            {ground.map((told) => (
              <li key={say(told)}>{say(told)}</li>
            ))}
          </ul>
        </section>
      )}
      <p className="font-bold text-error text-lg">{say("page-order-caution")}</p>
    </>
  );
}
