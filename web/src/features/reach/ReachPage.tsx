import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useId, useState } from "react";
import { useParams } from "react-router";
import { problemText } from "../../api/problems";
import { jobQuery, reachQuery } from "../../api/queries";
import { PageHead } from "../../components/PageHead";
import { toNearestSixteenth } from "../../lib/length";
import { useSpeech } from "../../speech/useSpeech";
import { ReachChart, ReachKey } from "./ReachChart";

/** How far every header of the stock reaches under the loads at hand, and what if there were more. */
export function ReachPage() {
  const { say, length, quantity } = useSpeech();
  const { job = "", opening = "" } = useParams();
  const [snow, setSnow] = useState(100);
  const [building, setBuilding] = useState(100);
  const [span, setSpan] = useState(100);
  const view = useQuery(jobQuery(job));
  const wanted = useDeferredValue({ snow, building });
  const { data, error } = useQuery({
    ...reachQuery(job, opening, view.data?.version ?? 0, wanted.snow, wanted.building),
    enabled: view.data !== undefined,
  });
  const wall = view.data?.job.walls.find((each) => each.openings.some((one) => one.id === opening));
  const back = {
    to: wall ? `/jobs/${job}/walls/${wall.id}?o=${opening}` : `/jobs/${job}`,
    label: say("page-back-to-the-wall"),
  };
  const clear = toNearestSixteenth(((data?.clear ?? 0) * span) / 100);
  const roof = wall?.carries.items.flatMap(({ what }) => (what.kind === "roof" ? [what] : []))[0];
  const ground = view.data?.job.settings;
  const figures = {
    snow:
      ground &&
      ground.snow_said !== "not_said" &&
      quantity((ground.snow * snow) / 100, "pounds_per_square_foot"),
    building: roof && length(toNearestSixteenth((roof.building_width * building) / 100)),
  };
  const carrying = data?.headers.filter((header) => (header.farthest ?? 0) >= clear).length;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={
          wall
            ? say("page-how-far-headers-reach-in", { wall: wall.frame.name })
            : say("page-how-far-headers-reach")
        }
        back={back}
      />
      <main className="screen relative min-h-0 flex-1 overflow-y-auto p-4">
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        <section className="sheet grid gap-x-8 gap-y-2 p-4 md:grid-cols-3" aria-label={say("page-what-if")}>
          <Slider
            label={say("page-what-if-the-snow-were")}
            value={snow}
            figure={figures.snow}
            change={setSnow}
          />
          <Slider
            label={say("page-what-if-the-opening-were")}
            value={span}
            figure={data && length(clear)}
            change={setSpan}
          />
          <Slider
            label={say("page-what-if-the-building-were")}
            value={building}
            figure={figures.building}
            change={setBuilding}
          />
        </section>
        {data && (
          <section className="sheet mt-4 p-4">
            <p className="mb-2 flex flex-wrap items-baseline gap-x-4">
              <b>
                {say("page-of-reach-over", {
                  carrying: carrying ?? 0,
                  headers: data.headers.length,
                  span: span === 100 ? say("page-this-opening") : say("page-that-opening"),
                })}
              </b>
              <span className="text-secondary text-sm">
                {say("page-jacks-are-counted-anew-at-every-span", { most: { distance: data.widest } })}
              </span>
            </p>
            <ReachKey />
            {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard */}
            <section className="mt-3 overflow-x-auto" tabIndex={0} aria-label={say("page-chart-of-reaches")}>
              <ReachChart view={data} clear={clear} asItIs={span === 100} />
            </section>
          </section>
        )}
      </main>
    </div>
  );
}

interface SliderProps {
  readonly label: string;
  readonly value: number;
  /** What that is, where it is a figure. */
  readonly figure?: string | false | undefined;
  readonly change: (value: number) => void;
}

function Slider({ label, value, figure, change }: SliderProps) {
  const { say } = useSpeech();
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="flex items-baseline justify-between">
        <span>{label}</span>
        <b className="num">
          {[figure, value === 100 ? say("page-as-it-is") : `${value} %`].filter(Boolean).join(", ")}
        </b>
      </label>
      <input
        id={id}
        type="range"
        min={50}
        max={250}
        step={5}
        value={value}
        className="slider"
        onChange={(event) => change(Number(event.target.value))}
      />
    </div>
  );
}
