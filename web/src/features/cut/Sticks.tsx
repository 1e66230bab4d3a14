import type { Schemas } from "../../api/client";
import { LengthText } from "../../components/LengthText";
import { dollars } from "../../lib/work";
import { useSpeech } from "../../speech/useSpeech";
import { StickDrawing } from "./StickDrawing";
import { nextStick } from "./views";

type SticksView = Schemas["SticksView"];

/** Which sticks to buy, what that costs against the usual ways, and how each is cut. */
export function Sticks({ sticks }: { readonly sticks: SticksView }) {
  const { say } = useSpeech();
  if (sticks.problem) return <p className="text-lg">{say(sticks.problem)}</p>;
  const sections = sticks.deliveries.flatMap((delivery) => delivery.sections);
  const longest = Math.max(1, ...sections.flatMap(({ sticks }) => sticks.map(({ length }) => length)));
  return (
    <div className="grid gap-6">
      <Total sticks={sticks} />
      <CutNext sticks={sticks} />
      {sticks.deliveries.map((delivery) => (
        <section key={delivery.key} className="grid gap-4" aria-label={say(delivery.called)}>
          {sticks.deliveries.length > 1 && <h2 className="font-bold text-xl">{say(delivery.called)}</h2>}
          {delivery.sections.map((section) => (
            <OneSection key={say(section.section)} section={section} names={sticks.names} longest={longest} />
          ))}
        </section>
      ))}
      {sticks.offcuts.length > 0 && <Offcuts offcuts={sticks.offcuts} />}
    </div>
  );
}

function OneSection({
  section,
  names,
  longest,
}: {
  readonly section: Schemas["SectionSticksView"];
  readonly names: SticksView["names"];
  readonly longest: number;
}) {
  const { say } = useSpeech();
  return (
    <section className="sheet p-3">
      <h3 className="flex flex-wrap items-baseline gap-x-4 font-bold text-lg">
        {say(section.section)}
        {!section.none && <Cost cents={section.cost_cents} />}
      </h3>
      <LeftOut section={section} />
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
          <StickDrawing
            key={`${stick.length} ${stick.at_hand} ${stick.cuts.join()}`}
            stick={stick}
            names={names}
            longest={longest}
          />
        ))}
      </ol>
    </section>
  );
}

/** The stick that is cut next: the plan has only what is not cut yet. */
function CutNext({ sticks }: { readonly sticks: SticksView }) {
  const { say } = useSpeech();
  const next = nextStick(sticks);
  if (!next) return null;
  return (
    <section className="sheet border-2 border-[var(--graphite)] p-3" aria-label={say("page-sticks-next")}>
      <h2 className="font-bold text-lg">
        {say("page-sticks-next")}: <LengthText value={next.stick.length} />{" "}
        <span className="font-normal">{say(next.section)}</span>
        {next.stick.at_hand && <b> {say("page-sticks-at-hand")}</b>}
      </h2>
      <ol className="flex flex-wrap gap-x-8 gap-y-1">
        {next.cuts.map(({ length, name }, place) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a cut is its place on the stick
          <li key={place}>
            <b className="text-3xl">
              <LengthText value={length} style="inches" />
            </b>{" "}
            {name && (
              <span className="text-lg">
                {say(name.what)}, {say(name.goes)}
              </span>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What of a section no stick gives, or why there is no plan. */
export function LeftOut({ section }: { readonly section: Schemas["SectionSticksView"] }) {
  const { say } = useSpeech();
  return (
    <>
      {section.too_long.map((why) => (
        <p key={say(why)} className="font-bold text-error text-lg">
          {say(why)}
        </p>
      ))}
      {section.none && <p className="font-bold text-error text-lg">{say(section.none)}</p>}
    </>
  );
}

/** Money, in the user's figures. */
export function Cost({ cents }: { readonly cents: number }) {
  return <span className="whitespace-nowrap tabular-nums">{dollars(cents)}</span>;
}

export function Total({ sticks }: { readonly sticks: SticksView }) {
  const { say } = useSpeech();
  const over = sticks.cost_cents - sticks.bound_cents;
  const sections = sticks.deliveries.flatMap((delivery) => delivery.sections);
  const leftOut = sections.some(({ none, too_long }) => none || too_long.length > 0);
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
          {over === 0
            ? say(sticks.deliveries.length > 1 ? "page-sticks-least-in-turn" : "page-sticks-least")
            : say("page-sticks-nearly-least", { over: dollars(over) })}
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
      {sticks.allowance_cents > 0 && (
        <p className="text-lg">
          {say("page-sticks-allowance")} <b className="tabular-nums">+{dollars(sticks.allowance_cents)}</b>
        </p>
      )}
      <p className="text-lg">
        {say("page-sticks-waste")} <b className="tabular-nums">{sticks.waste_percent.toFixed(1)} %</b>
      </p>
      <p className="text-lg">{say("page-sticks-board-feet", { feet: sticks.board_feet.toFixed(1) })}</p>
      {leftOut && <p className="font-bold text-error text-lg">{say("page-sticks-left-out")}</p>}
      <p className="text-base opacity-80">
        {say("page-sticks-source", {
          yard: sticks.yard ?? say("page-sticks-own-list"),
          day: sticks.as_of ?? "",
        })}
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
