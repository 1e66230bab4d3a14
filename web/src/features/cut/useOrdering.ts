import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answered, api, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { newKey } from "../../api/retried";

export type Line = Schemas["LineRequest"];

/** What the yard said of some sticks, and under which key they are ordered: looked at once, ordered once. */
export interface Looked {
  readonly key: string;
  readonly lines: readonly Line[];
  readonly quote: Schemas["QuoteView"];
  /** What they cost when they were looked at before, where that was refused. */
  readonly before?: readonly number[];
}

/** The yard is asked, what it says is looked at, and that is ordered: under one key, however often it is sent. */
export function useOrdering(job: string, delivery: string) {
  const client = useQueryClient();
  const [looked, setLooked] = useState<Looked>();
  const ask = useMutation({
    mutationFn: async ({ lines, before }: { lines: readonly Line[]; before?: readonly number[] }) => {
      const quote = await answered(api.POST("/api/quotes", { body: { lines: [...lines] } }));
      setLooked({ key: newKey(), lines, quote, ...(before && { before }) });
    },
  });
  const send = useMutation({
    mutationFn: async ({ key, lines }: { key: string; lines: readonly Line[] }) => {
      const body = { key, delivery, lines: [...lines] };
      const order = await answered(api.POST("/api/jobs/{job}/orders", { params: { path: { job } }, body }));
      await client.invalidateQueries({ queryKey: keys.orders(job) });
      if (order.state === "refused") {
        // What changed is looked at before anything is ordered.
        await ask.mutateAsync({ lines, before: lines.map((line) => line.price_cents ?? 0) });
      } else setLooked(undefined);
      return order;
    },
  });
  return { looked, ask, send, putAway: () => setLooked(undefined) };
}

/** What there is of it, at the price that was said: this is ordered. */
export function toOrder({ lines, quote }: Looked): Line[] {
  return lines.flatMap((line, place) => {
    const said = quote.lines[place];
    return said && said.there > 0 ? [{ ...line, count: said.there, price_cents: said.price_cents }] : [];
  });
}

/** The same with longer sticks in the place of those of one line that are short. */
export function withInstead({ lines, quote }: Looked, place: number): Line[] {
  return lines.flatMap((line, each) => {
    const said = quote.lines[each];
    if (each !== place || !said?.instead) return [line];
    const longer = { ...line, length: said.instead.length, count: said.instead.count };
    return said.there > 0 ? [{ ...line, count: said.there }, longer] : [longer];
  });
}
