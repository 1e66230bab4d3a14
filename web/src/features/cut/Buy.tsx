import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { hardwareQuery, ordersQuery } from "../../api/queries";
import { LengthText } from "../../components/LengthText";
import type { Planning } from "../../lib/planning";
import { useSpeech } from "../../speech/useSpeech";
import { OneSizeBought } from "./OneSizeBought";
import { Ordering } from "./Ordering";
import { PriceList } from "./PriceList";
import { Cost, LeftOut, Total } from "./Sticks";

interface Props {
  readonly job: string;
  readonly version: number;
  readonly planning: Planning;
  readonly sticks: Schemas["SticksView"];
}

/** What to buy: by the truck that brings it, with its weight, and ordered there; and what is bought by the box. */
export function Buy({ job, version, planning, sticks }: Props) {
  const { say } = useSpeech();
  const orders = useQuery(ordersQuery(job));
  // What was ordered stays in sight where its delivery is not planned just now, as when the yard is away.
  const planned = new Set(sticks.deliveries.map((delivery) => delivery.key));
  const elsewhere = orders.data?.filter((order) => !planned.has(order.delivery)) ?? [];
  return (
    <div className="grid gap-6">
      {sticks.problem ? <p className="text-lg">{say(sticks.problem)}</p> : <Total sticks={sticks} />}
      {!sticks.problem && sticks.deliveries.length === 0 && (
        <p className="text-lg">{say("page-buy-nothing")}</p>
      )}
      <Elsewhere job={job} orders={elsewhere} />
      <div className="grid items-start gap-6 xl:grid-cols-[3fr_2fr]">
        <div className="grid gap-6">
          {sticks.deliveries.map((delivery) => (
            <Delivery
              key={delivery.key}
              job={job}
              delivery={delivery}
              orders={orders.data?.filter((order) => order.delivery === delivery.key) ?? []}
            />
          ))}
        </div>
        <div className="grid gap-6">
          <Hardware job={job} version={version} />
          {!sticks.problem && <OneSizeBought job={job} version={version} planning={planning} />}
          <PriceList />
        </div>
      </div>
    </div>
  );
}

function Elsewhere({
  job,
  orders,
}: {
  readonly job: string;
  readonly orders: readonly Schemas["OrderView"][];
}) {
  const { say } = useSpeech();
  if (orders.length === 0) return null;
  return (
    <section className="sheet p-3" aria-label={say("page-buy-ordered")}>
      <h2 className="font-bold text-xl">{say("page-buy-ordered")}</h2>
      {[...new Set(orders.map((order) => order.delivery))].map((delivery) => (
        <Ordering
          key={delivery}
          job={job}
          delivery={{ key: delivery, sections: [] }}
          orders={orders.filter((order) => order.delivery === delivery)}
        />
      ))}
    </section>
  );
}

interface DeliveryProps {
  readonly job: string;
  readonly delivery: Schemas["DeliveryView"];
  readonly orders: readonly Schemas["OrderView"][];
}

function Delivery({ job, delivery, orders }: DeliveryProps) {
  const { say, weight } = useSpeech();
  const called = say(delivery.called);
  return (
    <section className="sheet p-3" aria-label={called}>
      <h2 className="flex flex-wrap items-baseline gap-x-6 font-bold text-xl">
        {called}
        <Cost cents={delivery.cost_cents} />
        <span className="font-normal text-lg">
          {say("page-buy-weight", { weight: weight(delivery.pounds) })}
        </span>
      </h2>
      {delivery.sections.map((section) => (
        <div key={say(section.section)} className="mt-2">
          <h3 className="font-bold text-lg">{say(section.section)}</h3>
          <LeftOut section={section} />
          <table className="w-full text-lg">
            <thead className="sr-only">
              <tr>
                <th>{say("page-buy-how-many")}</th>
                <th>{say("page-buy-length")}</th>
                <th>{say("page-buy-each")}</th>
                <th>{say("page-buy-cost")}</th>
              </tr>
            </thead>
            <tbody>
              {section.buy.map((buy) => (
                <tr
                  key={`${buy.length} ${buy.price_cents}`}
                  className="border-base-300 border-b align-baseline last:border-b-0"
                >
                  <td className="w-16 pr-3 text-right font-bold text-2xl tabular-nums">
                    {buy.count + buy.spare}
                  </td>
                  <th scope="row" className="text-left text-xl">
                    <LengthText value={buy.length} />
                    {buy.spare > 0 && (
                      <span className="ml-2 font-normal text-base opacity-80">
                        {say("page-buy-spare", { spare: buy.spare })}
                      </span>
                    )}
                  </th>
                  <td className="w-24 text-right">
                    <Cost cents={buy.price_cents} />
                  </td>
                  <td className="w-28 text-right">
                    <Cost cents={buy.price_cents * (buy.count + buy.spare)} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ))}
      <Ordering job={job} delivery={delivery} orders={orders} />
    </section>
  );
}

function Hardware({ job, version }: { readonly job: string; readonly version: number }) {
  const { say } = useSpeech();
  const hardware = useQuery(hardwareQuery(job, version));
  if (!hardware.data) return null;
  const { nails, hangers, bolts } = hardware.data;
  const rows: readonly (readonly [number, string])[] = [
    ...nails.map(({ nail, count }) => [count, say(nail)] as const),
    ...hangers.map(({ holds, count }) => [count, say("page-buy-hangers", { pounds: holds })] as const),
    ...(bolts > 0 ? [[bolts, say("page-buy-bolts")] as const] : []),
  ];
  return (
    <section className="sheet p-3" aria-label={say("page-buy-hardware")}>
      <h2 className="font-bold text-xl">{say("page-buy-hardware")}</h2>
      <ul className="text-lg">
        {rows.map(([count, what]) => (
          <li key={what} className="flex items-baseline gap-3">
            <b className="w-20 text-right text-2xl tabular-nums">{count.toLocaleString("en-US")}</b>
            {what}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-base opacity-80">{say("page-buy-hardware-note")}</p>
    </section>
  );
}
