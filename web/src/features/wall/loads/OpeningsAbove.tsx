import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { LengthField, MaybeLengthField } from "../../../components/Field";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import type { Framing, SentFraming } from "./forms";

interface Props {
  readonly above: Framing<"wall_above">;
  readonly change: (above: SentFraming<"wall_above">) => Promise<Words | undefined>;
}

/** Openings of the wall above, whose packs press at one place. */
export function OpeningsAbove({ above, change }: Props) {
  const { say } = useSpeech();
  const openings = above.openings_above ?? { are: "assumed_none" };
  const places = openings.are === "at" ? openings.places : [];
  const keep = (next: Schemas["Stretch"][]) =>
    change({ ...above, openings_above: next.length === 0 ? { are: "none" } : { are: "at", places: next } });
  const [fresh, setFresh] = useState<{ from: string; to: string }>();
  return (
    <div className="col-span-2 grid grid-cols-2 gap-3">
      <p className="col-span-2 text-secondary text-sm">
        {openings.are === "not_said" && say("page-its-openings-over-this-wall-nobody-said")}
        {openings.are === "assumed_none" && say("page-its-openings-over-this-wall-none-assumed")}
        {openings.are === "none" && say("page-it-has-no-openings-over-this-walls")}
        {openings.are === "at" && say("page-its-openings-from-this-walls-left-end")}
      </p>
      {places.map((place, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: an opening above has no name but its place
        <div key={index} className="col-span-2 grid grid-cols-[1fr_1fr_auto] items-end gap-3">
          <LengthField
            label={say("page-opening-above-from", { index: index + 1 })}
            length={place.from}
            save={(from) => keep(places.map((each, at) => (at === index ? { ...each, from } : each)))}
          />
          <LengthField
            label={say("page-to")}
            length={place.to}
            save={(to) => keep(places.map((each, at) => (at === index ? { ...each, to } : each)))}
          />
          <button
            type="button"
            className="btn btn-ghost tap font-normal"
            onClick={() => void keep(places.filter((_, at) => at !== index))}
          >
            {say("page-take-it-away")}
          </button>
        </div>
      ))}
      {fresh ? (
        <>
          <MaybeLengthField
            label={say("page-new-opening-above-from")}
            length={undefined}
            save={async (from) => {
              setFresh({ ...fresh, from: from ?? "" });
              return from && fresh.to ? keep([...places, { from, to: fresh.to }]) : undefined;
            }}
          />
          <MaybeLengthField
            label={say("page-new-opening-above-to")}
            length={undefined}
            save={async (to) => {
              setFresh({ ...fresh, to: to ?? "" });
              const refusal =
                to && fresh.from ? await keep([...places, { from: fresh.from, to }]) : undefined;
              if (to && fresh.from && refusal === undefined) setFresh(undefined);
              return refusal;
            }}
          />
        </>
      ) : (
        <button type="button" className="btn tap font-normal" onClick={() => setFresh({ from: "", to: "" })}>
          {say("page-an-opening-above")}
        </button>
      )}
      {openings.are !== "none" && openings.are !== "at" && (
        <button
          type="button"
          className="btn tap font-normal"
          onClick={() => void change({ ...above, openings_above: { are: "none" } })}
        >
          {say("page-none-over-this-walls")}
        </button>
      )}
    </div>
  );
}
