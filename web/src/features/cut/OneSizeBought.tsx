import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { problemText } from "../../api/problems";
import { oneSizeBoughtQuery } from "../../api/queries";
import type { Planning } from "../../lib/planning";
import { dollars } from "../../lib/work";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly version: number;
  readonly planning: Planning;
}

/** What one header over every opening would cost with the whole pile; worked out when it is asked for, as the job is framed anew for each. */
export function OneSizeBought({ job, version, planning }: Props) {
  const { say } = useSpeech();
  const [asked, ask] = useState(false);
  const found = useQuery({ ...oneSizeBoughtQuery(job, version, planning), enabled: asked });
  const more = (cents: number, asPlanned: number) =>
    cents < asPlanned ? `−${dollars(asPlanned - cents)}` : `+${dollars(cents - asPlanned)}`;
  return (
    <section className="sheet p-3" aria-label={say("page-buy-one-size")}>
      <h2 className="flex flex-wrap items-center justify-between gap-2 font-bold text-xl">
        {say("page-buy-one-size")}
        {!asked && (
          <button type="button" className="btn tap text-lg" onClick={() => ask(true)}>
            {say("page-buy-work-out")}
          </button>
        )}
      </h2>
      {asked && found.isPending && (
        <p className="text-lg" role="status">
          {say("page-sticks-are-planned")}
        </p>
      )}
      {found.error && <p className="text-lg">{problemText(say, found.error)}</p>}
      {found.data?.sizes.length === 0 && <p className="text-lg">{say("page-buy-one-size-none")}</p>}
      {found.data && found.data.sizes.length > 0 && (
        <>
          <p className="text-lg">
            {say("page-buy-one-size-note", { cost: dollars(found.data.as_planned_cents) })}
          </p>
          <ol className="text-lg">
            {found.data.sizes.map(({ header, cost_cents }) => (
              <li key={header} className="flex items-baseline justify-between gap-3 border-base-300 border-b">
                <b>{header}</b>
                <span className="tabular-nums">
                  {cost_cents === null || cost_cents === undefined
                    ? say("page-buy-no-price")
                    : more(cost_cents, found.data.as_planned_cents)}
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
