import type { Schemas } from "../../api/client";
import { Bevel } from "../../components/Bevel";
import { LengthText } from "../../components/LengthText";
import { useSpeech } from "../../speech/useSpeech";

type Pack = Schemas["BuiltPackView"];

/** What is nailed together away from the walls, alike ones together, by what it is. */
export function Packs({ packs }: { readonly packs: readonly Pack[] }) {
  const { say } = useSpeech();
  const kinds = [...new Set(packs.map((pack) => say(pack.kind)))];
  if (packs.length === 0) return <p className="text-lg">{say("page-cutting-no-packs")}</p>;
  return (
    <div className="grid gap-6">
      {kinds.map((kind) => (
        <section key={kind} aria-label={kind}>
          <h2 className="mb-2 font-bold text-lg">{kind}</h2>
          <ul className="grid items-start gap-3 md:grid-cols-2 2xl:grid-cols-3">
            {packs
              .filter((pack) => say(pack.kind) === kind)
              .map((pack) => (
                <OnePack key={pack.goes.map((goes) => say(goes)).join()} pack={pack} />
              ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function OnePack({ pack }: { readonly pack: Pack }) {
  const { say, weight } = useSpeech();
  return (
    <li className="sheet grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 p-3">
      <span className="font-bold text-4xl tabular-nums">{pack.goes.length}×</span>
      <div>
        <h3 className="flex flex-wrap items-baseline justify-between gap-x-3 font-bold text-lg">
          {pack.goes.map((goes) => say(goes)).join(", ")}
          <span className="font-normal text-base tabular-nums">
            {say("page-pack-weighs", { weight: weight(pack.pounds) })}{" "}
            <LengthText value={pack.balances} style="inches" />
          </span>
        </h3>
        <ul className="text-lg">
          {pack.pieces.map((piece) => (
            <li
              key={`${say(piece.what)} ${piece.length} ${piece.wood} ${piece.bevel_degrees ?? ""}`}
              className="flex flex-wrap items-baseline gap-x-2"
            >
              <span className="tabular-nums">{piece.count}</span>
              <span>{say(piece.what)}</span>
              <LengthText value={piece.length} style="inches" className="font-bold text-xl" />
              <Bevel degrees={piece.bevel_degrees} />
              <span className="opacity-80">{piece.wood}</span>
              {piece.top_up && <b>{say("page-cutting-top-up")}</b>}
            </li>
          ))}
          {pack.filler && <li>{say(pack.filler)}</li>}
        </ul>
        {pack.nails.length > 0 && (
          <ul className="mt-1 text-base">
            {pack.nails.map((nail) => (
              <li key={say(nail.joint)}>
                {say(nail.joint)}: {say(nail.nails)}
              </li>
            ))}
          </ul>
        )}
      </div>
    </li>
  );
}
