import { useQuery } from "@tanstack/react-query";
import type { Command, JobView } from "../../api/client";
import { oneSizeQuery } from "../../api/queries";
import { dollars } from "../../lib/work";
import { useSpeech, type Words } from "../../speech/useSpeech";

interface Props {
  readonly view: JobView;
  readonly run: (command: Command) => Promise<Words | undefined>;
}

/** One size for the whole job: the fewest different headers, and what that costs. */
export function OneSizeSection({ view, run }: Props) {
  const { say } = useSpeech();
  const price = (cents: number | null | undefined) => (cents == null ? say("page-no-price") : dollars(cents));
  const { data, isPending } = useQuery(oneSizeQuery(view.id, view.version));
  const takeThemEverywhere = async () => {
    for (const header of data?.headers ?? []) {
      for (const opening of header.openings) {
        await run({ do: "choose_header", opening, header: header.spec });
      }
    }
  };
  return (
    <section className="sheet p-4">
      <h2 className="ruled">{say("page-one-size-for-the-whole-job")}</h2>
      {!isPending && !data && <p className="mt-2">{say("page-there-is-no-answer-nothing-to-size")}</p>}
      {data && (
        <>
          <ul className="mt-2">
            {data.headers.map((header) => (
              <li key={header.name} className="flex items-baseline justify-between gap-3">
                <b>{header.name}</b>
                <span>{say("page-over-openings", { count: header.openings.length })}</span>
              </li>
            ))}
          </ul>
          <p className="mt-2">
            {say("page-headers-cost", {
              headers: say("page-different-headers", { count: data.headers.length }),
              jack_lengths: say("page-jack-lengths", { count: data.jack_lengths }),
            })}{" "}
            <b className="num">{price(data.cost_cents)}</b>
            {say("page-against")} <b className="num">{price(data.cheapest_cents)}</b>{" "}
            {say("page-with-the-cheapest-over-each")}
          </p>
          {data.left_out > 0 && (
            <p className="text-error">
              {say("page-left-out-nothing-in-stock-carries-there", {
                left_out: say("count-of-openings", { count: data.left_out }),
              })}
            </p>
          )}
          <button type="button" className="btn tap mt-2" onClick={() => void takeThemEverywhere()}>
            {say("page-use-them-everywhere")}
          </button>
        </>
      )}
    </section>
  );
}
