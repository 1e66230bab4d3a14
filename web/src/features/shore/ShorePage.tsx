import { useQuery } from "@tanstack/react-query";
import { useId } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { problemText } from "../../api/problems";
import { jobQuery, openingOrderQuery } from "../../api/queries";
import { PageHead } from "../../components/PageHead";
import { useSpeech } from "../../speech/useSpeech";
import { Temporary } from "./Temporary";

/** A wall of the house is opened: what stands meanwhile, between temporary walls. */
export function ShorePage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const [asked, ask] = useSearchParams();
  const ofWhich = useId();
  const view = useQuery(jobQuery(job));
  const walls = view.data?.job.walls ?? [];
  // One that stands in a house, where any does.
  const first = walls.find(({ place }) => place) ?? walls[0];
  const wall = walls.find(({ id }) => id === asked.get("wall"))?.id ?? first?.id ?? undefined;
  const order = useQuery({ ...openingOrderQuery(job, wall ?? ""), enabled: wall !== undefined });
  const which = (
    <>
      <label htmlFor={ofWhich} className="text-lg">
        {say("page-shore-which")}
      </label>
      <select
        id={ofWhich}
        className="select tap text-lg"
        value={wall ?? ""}
        onChange={(event) => ask({ wall: event.target.value }, { replace: true })}
      >
        {walls.map(({ id, frame }) => (
          <option key={id} value={id ?? ""}>
            {frame.name}
          </option>
        ))}
      </select>
    </>
  );
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view.data ? say("page-shore-of", { name: view.data.job.name }) : say("page-shore")}
        back={{ to: `/jobs/${job}/house`, label: say("page-shore-back") }}
      >
        {order.data && (
          <Link to={`/jobs/${job}/walls/${wall}/order`} className="btn tap no-print">
            {say("page-order")}
          </Link>
        )}
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4"
      >
        {view.error && <p className="font-bold text-error text-lg">{problemText(say, view.error)}</p>}
        {wall && !order.isPending && (
          <Temporary
            key={wall}
            job={job}
            wall={wall}
            version={view.data?.version ?? 0}
            start={order.data?.planned}
            which={which}
          />
        )}
      </main>
    </div>
  );
}
