import { useQuery } from "@tanstack/react-query";
import type { Command, JobView } from "../../api/client";
import { oneSizeQuery } from "../../api/queries";
import { counted, dollars } from "../../lib/work";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly view: JobView;
  readonly run: (command: Command) => Promise<string | undefined>;
}

/** One size for the whole job: the fewest different headers, and what that costs. */
export function OneSizeSection({ view, run }: Props) {
  const { say } = useSpeech();
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
      <h2 className="ruled">One size for the whole job</h2>
      {!isPending && !data && (
        <p className="mt-2">
          {say("There is no answer: nothing to size yet, or more than three different headers are needed.")}
        </p>
      )}
      {data && (
        <>
          <ul className="mt-2">
            {data.headers.map((header) => (
              <li key={header.name} className="flex items-baseline justify-between gap-3">
                <b>{header.name}</b>
                <span>over {counted(header.openings.length, "opening")}</span>
              </li>
            ))}
          </ul>
          <p className="mt-2">
            {counted(data.headers.length, "different header")}, {counted(data.jack_lengths, "jack length")}.
            Headers cost <b className="num">{dollars(data.cost_cents)}</b>, against{" "}
            <b className="num">{dollars(data.cheapest_cents)}</b> with the cheapest over each.
          </p>
          {data.left_out > 0 && (
            <p className="text-error">
              {counted(data.left_out, "opening")} left out: nothing in stock carries there.
            </p>
          )}
          <button type="button" className="btn tap mt-2" onClick={() => void takeThemEverywhere()}>
            Use them everywhere
          </button>
        </>
      )}
    </section>
  );
}
