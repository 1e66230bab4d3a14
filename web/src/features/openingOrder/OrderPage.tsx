import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { orderOf, withMarks } from "../../api/openingMarks";
import { problemText } from "../../api/problems";
import { openingOrderQuery } from "../../api/queries";
import { useOpeningMarks } from "../../api/useOpeningMarks";
import { NameField } from "../../components/NameField";
import { PageHead } from "../../components/PageHead";
import { keepThePage, lastSeenOf, nameOf } from "../../lib/outbox";
import { useSpeech } from "../../speech/useSpeech";
import { OneStep } from "./OneStep";

const { lastSeen, keepSeen } = lastSeenOf<Schemas["OpeningOrderView"]>("sturvek.order.last");

/** The order in which a wall is opened: one step after the other, each by a name; in a dead spot too. */
export function OrderPage() {
  const { say } = useSpeech();
  const { job = "", wall = "" } = useParams();
  const { data, error } = useQuery(openingOrderQuery(job, wall));
  const { waiting, refused, mark } = useOpeningMarks(job, wall);
  const [name, setName] = useState(() => nameOf().trim());
  const of = orderOf(job, wall);
  useEffect(() => {
    if (data) keepSeen(of, data);
  }, [of, data]);
  useEffect(keepThePage, []);
  const known = data ?? lastSeen(of);
  const view = known && withMarks(known, waiting);
  const silent = error ?? refused;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view ? say("page-order-of", { wall: view.wall }) : say("page-order")}
        back={{ to: `/jobs/${job}/shore?wall=${wall}`, label: say("page-order-back") }}
      >
        <button type="button" className="btn tap no-print" onClick={() => window.print()}>
          {say("page-order-print")}
        </button>
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4"
      >
        {(silent || waiting.length > 0) && (
          <p role="status" className="mb-3 text-lg">
            {waiting.length > 0
              ? say("page-order-waits", { count: waiting.length })
              : say("page-saw-no-server")}
            {refused && waiting.length > 0 && ` ${problemText(say, refused)}`}
          </p>
        )}
        {!view && silent && <p className="text-lg">{problemText(say, silent)}</p>}
        {view && (
          <div className="mx-auto grid max-w-4xl gap-3">
            <p className="font-bold text-error text-lg">{say("page-order-caution")}</p>
            <NameField label={say("page-order-name")} change={setName} />
            {!name && <p className="no-print text-lg">{say("page-order-nameless")}</p>}
            <ol className="grid gap-3">
              {view.steps.map((step, place) => (
                <OneStep key={step.step} step={step} number={place + 1} named={name !== ""} mark={mark} />
              ))}
            </ol>
          </div>
        )}
      </main>
    </div>
  );
}
