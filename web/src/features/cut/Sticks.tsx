import type { Schemas } from "../../api/client";
import { LengthText } from "../../components/LengthText";
import { dollars } from "../../lib/work";
import { useSpeech } from "../../speech/useSpeech";
import { StickDrawing } from "./StickDrawing";

type SticksView = Schemas["SticksView"];

/** Which sticks to buy, what that costs against the usual ways, and how each is cut. */
export function Sticks({ sticks }: { readonly sticks: SticksView }) {
  const { say } = useSpeech();
  if (sticks.problem) return <p className="text-lg">{say(sticks.problem)}</p>;
  const longest = Math.max(1, ...sticks.sections.flatMap(({ sticks }) => sticks.map(({ length }) => length)));
  return (
    <div className="grid gap-6">
      <Total sticks={sticks} />
      {sticks.sections.map((section) => (
        <section key={say(section.section)} className="sheet p-3">
          <h2 className="flex flex-wrap items-baseline gap-x-4 font-bold text-lg">
            {say(section.section)}
            {!section.none && <Cost cents={section.cost_cents} />}
          </h2>
          {section.too_long.map((why) => (
            <p key={say(why)} className="font-bold text-error text-lg">
              {say(why)}
            </p>
          ))}
          {section.none && <p className="font-bold text-error text-lg">{say(section.none)}</p>}
          <p className="mb-2 flex flex-wrap gap-x-6 text-xl">
            {section.buy.map((buy) => (
              <span key={`${buy.length} ${buy.price_cents}`} className="whitespace-nowrap">
                <b className="tabular-nums">{buy.count}</b> × <LengthText value={buy.length} />{" "}
                <span className="text-base opacity-80">
                  <Cost cents={buy.price_cents} />
                </span>
              </span>
            ))}
          </p>
          <ol className="grid gap-2">
            {section.sticks.map((stick) => (
              <StickDrawing key={`${stick.length} ${stick.cuts.join()}`} stick={stick} longest={longest} />
            ))}
          </ol>
        </section>
      ))}
      {sticks.offcuts.length > 0 && <Offcuts offcuts={sticks.offcuts} />}
    </div>
  );
}

/** Money, in the user's figures. */
function Cost({ cents }: { readonly cents: number }) {
  return <span className="whitespace-nowrap tabular-nums">{dollars(cents)}</span>;
}

function Total({ sticks }: { readonly sticks: SticksView }) {
  const { say } = useSpeech();
  const over = sticks.cost_cents - sticks.bound_cents;
  const leftOut = sticks.sections.some(({ none, too_long }) => none || too_long.length > 0);
  const more = (cents: number | null | undefined) =>
    cents === null || cents === undefined ? undefined : dollars(cents - sticks.cost_cents);
  const rows: readonly (readonly [string, string | undefined])[] = [
    [say("page-sticks-first-fit"), more(sticks.first_fit_cents)],
    [say("page-sticks-one-each"), more(sticks.one_stick_each_cents)],
  ];
  return (
    <section
      className="sheet flex flex-wrap items-baseline gap-x-8 gap-y-2 p-3"
      aria-label={say("page-sticks-total")}
    >
      <p>
        <b className="text-4xl tabular-nums">{dollars(sticks.cost_cents)}</b>{" "}
        <span className="text-lg">
          {over === 0 ? say("page-sticks-least") : say("page-sticks-nearly-least", { over: dollars(over) })}
        </span>
      </p>
      {rows.map(
        ([label, value]) =>
          value && (
            <p key={label} className="text-lg">
              {label} <b className="tabular-nums">+{value}</b>
            </p>
          ),
      )}
      <p className="text-lg">
        {say("page-sticks-waste")} <b className="tabular-nums">{sticks.waste_percent.toFixed(1)} %</b>
      </p>
      <p className="text-lg">{say("page-sticks-board-feet", { feet: sticks.board_feet.toFixed(1) })}</p>
      {leftOut && <p className="font-bold text-error text-lg">{say("page-sticks-left-out")}</p>}
      <p className="text-base opacity-80">
        {say("page-sticks-source", { yard: sticks.yard ?? "", day: sticks.as_of ?? "" })}
      </p>
    </section>
  );
}

function Offcuts({ offcuts }: { readonly offcuts: SticksView["offcuts"] }) {
  const { say } = useSpeech();
  return (
    <section className="sheet p-3" aria-label={say("page-sticks-offcuts")}>
      <h2 className="font-bold text-lg">{say("page-sticks-offcuts")}</h2>
      <ul className="flex flex-wrap gap-x-6 text-lg">
        {offcuts.map((offcut) => (
          <li key={`${say(offcut.section)} ${offcut.length}`} className="whitespace-nowrap">
            {offcut.count} × <LengthText value={offcut.length} style="inches" />{" "}
            <span className="text-base opacity-80">{say(offcut.section)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
