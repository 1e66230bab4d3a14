import { useQuery } from "@tanstack/react-query";
import { useParams, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobQuery, labelsQuery } from "../../api/queries";
import { Bevel } from "../../components/Bevel";
import { LengthText } from "../../components/LengthText";
import { PageHead } from "../../components/PageHead";
import { partOf } from "../../lib/partOfHouse";
import { useSpeech } from "../../speech/useSpeech";

/** Labels for what is cut, three beside one another: printed, they are stuck on as the pieces come off the saw. */
export function LabelsPage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const [asked] = useSearchParams();
  const part = partOf(asked);
  const view = useQuery(jobQuery(job));
  const labels = useQuery({
    ...labelsQuery(job, view.data?.version ?? 0, part),
    enabled: view.data !== undefined,
  });
  const error = view.error ?? labels.error;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={say("page-labels")}
        back={{
          to: `/jobs/${job}/cut?${new URLSearchParams({ show: "list", ...part })}`,
          label: say("page-labels-back"),
        }}
      >
        <button type="button" className="btn btn-primary tap no-print" onClick={() => window.print()}>
          {say("page-print-it")}
        </button>
      </PageHead>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
        tabIndex={0}
        className="screen relative min-h-0 flex-1 overflow-y-auto p-4 print:p-0"
      >
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        {labels.data && (
          <>
            <p className="no-print mb-3 text-lg">
              {say("page-labels-count", { count: labels.data.labels.length })}
            </p>
            <ul className="grid grid-cols-1 gap-1 sm:grid-cols-2 lg:grid-cols-3 print:grid-cols-3 print:gap-0">
              {labels.data.labels.map((label, place) => (
                // Pieces that are alike have labels that are alike: a label is its place on the sheet.
                // biome-ignore lint/suspicious/noArrayIndexKey: the list is only ever shown as a whole
                <Label key={place} label={label} to={labels.data.places[label.place]} />
              ))}
            </ul>
          </>
        )}
      </main>
    </div>
  );
}

interface Props {
  readonly label: Schemas["LabelView"];
  readonly to: Schemas["LabelPlaceView"] | undefined;
}

/** Light squares around a code, without which no phone finds it. */
const QUIET = 4;

function Label({ label, to }: Props) {
  const { say } = useSpeech();
  return (
    <li className="sheet flex h-[1.25in] break-inside-avoid items-center gap-2 overflow-hidden p-1">
      {to && (
        <svg
          viewBox={`${-QUIET} ${-QUIET} ${to.squares + 2 * QUIET} ${to.squares + 2 * QUIET}`}
          className="h-[1.1in] w-[1.1in] shrink-0 bg-white"
          role="img"
          aria-label={say("page-labels-leads-to", { address: to.address })}
        >
          <path d={to.path} fill="#000" shapeRendering="crispEdges" />
        </svg>
      )}
      <p className="min-w-0 leading-tight">
        <LengthText value={label.length} style="inches" className="block font-bold text-2xl" />
        <Bevel degrees={label.bevel_degrees} className="block text-sm" />
        <span className="block truncate font-bold">
          {say(label.what)}
          {label.top_up && ` ${say("page-cutting-top-up")}`}
        </span>
        <span className="block truncate">{say(label.goes)}</span>
        <span className="block truncate text-sm">{say(label.wood)}</span>
      </p>
    </li>
  );
}
