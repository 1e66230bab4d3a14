import type { Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { LengthText } from "../../components/LengthText";
import { dollars } from "../../lib/work";
import { useSpeech } from "../../speech/useSpeech";
import { type Line, type Looked, toOrder, useOrdering, withInstead } from "./useOrdering";

interface Props {
  readonly job: string;
  readonly delivery: Pick<Schemas["DeliveryView"], "key" | "sections">;
  readonly orders: readonly Schemas["OrderView"][];
}

/** The sticks of a delivery, as the yard is asked for them. */
function linesOf(delivery: Props["delivery"]): Line[] {
  return delivery.sections.flatMap(({ wood, treated, buy }) =>
    buy.map((each) => ({
      wood,
      treated,
      length: each.length,
      count: each.count + each.spare,
      price_cents: each.price_cents,
    })),
  );
}

/** Asks the yard for a delivery, shows what it says, and orders that; what was ordered stands above. */
export function Ordering({ job, delivery, orders }: Props) {
  const { say } = useSpeech();
  const { looked, ask, send } = useOrdering(job, delivery.key);
  const lines = linesOf(delivery);
  const busy = ask.isPending || send.isPending;
  const error = ask.error ?? send.error;
  return (
    <div className="no-print mt-3 grid gap-2 border-base-300 border-t pt-3 text-lg">
      {orders.map((order) => (
        <Ordered
          key={order.key}
          order={order}
          busy={busy}
          again={() =>
            send.mutate({
              key: order.key,
              lines: order.lines.map(({ wood, treated, length, count, price_cents }) => ({
                wood,
                treated,
                length,
                count,
                price_cents,
              })),
            })
          }
        />
      ))}
      {send.data?.said && <p className="font-bold text-error">{say(send.data.said)}</p>}
      {error && <p className="font-bold text-error">{problemText(say, error)}</p>}
      {looked && (
        <Answer looked={looked} take={(place) => ask.mutate({ lines: withInstead(looked, place) })} />
      )}
      <div className="flex flex-wrap gap-3">
        {lines.length > 0 && (
          <button
            type="button"
            className="btn btn-outline tap text-lg"
            disabled={busy}
            onClick={() => ask.mutate({ lines })}
          >
            {say("page-buy-ask")}
          </button>
        )}
        {looked && toOrder(looked).length > 0 && (
          <button
            type="button"
            className="btn btn-neutral tap text-lg"
            disabled={busy}
            onClick={() => send.mutate({ key: looked.key, lines: toOrder(looked) })}
          >
            {say(orders.some(({ state }) => state === "taken") ? "page-buy-order-again" : "page-buy-order", {
              cost: dollars(looked.quote.cost_cents),
            })}
          </button>
        )}
        {send.isPending && <span role="status">{say("page-buy-being-sent")}</span>}
      </div>
    </div>
  );
}

interface AnswerProps {
  readonly looked: Looked;
  readonly take: (place: number) => void;
}

/** What the yard says: every price that changed, and what is short. */
function Answer({ looked, take }: AnswerProps) {
  const { say, length } = useSpeech();
  const { quote, lines, before } = looked;
  return (
    <section aria-label={say("page-buy-asked", { yard: quote.yard, day: quote.as_of })}>
      <h3 className="font-bold">{say("page-buy-asked", { yard: quote.yard, day: quote.as_of })}</h3>
      <ul>
        {quote.lines.map((said, place) => {
          const line = lines[place];
          if (!line) return null;
          const was = before?.[place] ?? line.price_cents;
          const changed = was !== undefined && was > 0 && was !== said.price_cents;
          return (
            <li
              key={`${line.wood} ${line.treated} ${line.length}`}
              className="flex flex-wrap items-baseline gap-x-3 border-base-300 border-b py-0.5"
            >
              <b className="w-12 text-right tabular-nums">{line.count}</b>
              <LengthText value={line.length} />
              <span className="opacity-80">{line.wood}</span>
              <span className="ml-auto tabular-nums">{dollars(said.price_cents)}</span>
              {changed && <b className="text-error">{say("page-buy-was", { price: dollars(was) })}</b>}
              {said.there < line.count && (
                <b className="text-error">{say("page-buy-short", { there: said.there })}</b>
              )}
              {said.instead && (
                <>
                  <span>
                    {say("page-buy-instead", {
                      count: said.instead.count,
                      length: length(said.instead.length),
                      price: dollars(said.instead.price_cents),
                    })}
                  </span>
                  <button type="button" className="btn btn-outline tap" onClick={() => take(place)}>
                    {say("page-buy-take-instead")}
                  </button>
                </>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

interface OrderedProps {
  readonly order: Schemas["OrderView"];
  readonly busy: boolean;
  readonly again: () => void;
}

/** An order, and what became of it. */
function Ordered({ order, busy, again }: OrderedProps) {
  const { say, length } = useSpeech();
  const day = order.at.slice(0, 10);
  if (order.state === "refused") return <p className="opacity-80">{say("page-buy-refused", { day })}</p>;
  if (order.state === "sent") {
    return (
      <p className="flex flex-wrap items-center gap-3 font-bold text-error">
        {say("page-buy-sent", { day })}
        <button type="button" className="btn btn-neutral tap text-lg" disabled={busy} onClick={again}>
          {say("page-buy-send-again")}
        </button>
      </p>
    );
  }
  const short = order.lines.filter(
    ({ given, count }) => given !== null && given !== undefined && given < count,
  );
  return (
    <div>
      <p className="font-bold">
        {say("page-buy-taken", {
          day,
          number: order.number ?? "",
          cost: dollars(order.cost_cents ?? 0),
        })}
      </p>
      {short.map((line) => (
        <p key={`${line.wood} ${line.length}`} className="text-error">
          {say("page-buy-given", {
            given: line.given ?? 0,
            count: line.count,
            wood: line.wood,
            length: length(line.length),
          })}
        </p>
      ))}
    </div>
  );
}
