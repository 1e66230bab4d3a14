import { Link } from "react-router";
import type { Wall, WallView } from "../../api/client";
import { LengthText } from "../../components/LengthText";
import { named, useSpeech } from "../../speech/useSpeech";
import { studName } from "./frame/studs";

interface FactsProps {
  readonly wall: Wall;
  readonly planned: WallView;
  readonly open: (sheet: "loads" | "frame") => void;
}

/** The wall in two lines: its frame, and what comes down on it. */
export function WallFacts({ wall, planned, open }: FactsProps) {
  const { say, quantity } = useSpeech();
  const { frame, carries } = wall;
  const totals = planned.load_stretches[0]?.totals ?? [];
  return (
    <section className="sheet p-3">
      <h2 className="ruled">{say("page-this-wall")}</h2>
      <p className="mt-1">
        <LengthText value={frame.length} className="num" /> {say("page-long-2")}{" "}
        <LengthText value={frame.height} style="inches" className="num" />{" "}
        {say("page-high-at", { frame: studName(frame) })}{" "}
        <LengthText value={frame.spacing} style="inches" className="num" />
      </p>
      <p className="mt-1 flex flex-wrap gap-x-4">
        {!carries.bearing && say("page-a-partition-it-carries-nothing")}
        {carries.bearing && totals.length === 0 && (
          <span className="text-error">{say("page-nothing-is-said-yet-about-what-it")}</span>
        )}
        {totals.map((total) => (
          <span key={total.kind} title={say(named("kind", total.kind))}>
            <span className="text-secondary">{total.symbol}</span>{" "}
            <b className="num">{quantity(total.plf, "pounds_per_foot")}</b>
          </span>
        ))}
        {planned.load_stretches.length > 1 && (
          <span className="text-secondary text-sm">{say("page-at-its-left-end-uneven")}</span>
        )}
      </p>
      <div className="no-print mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn tap" onClick={() => open("loads")}>
          {say("page-what-it-carries")}
        </button>
        <button type="button" className="btn tap" onClick={() => open("frame")}>
          {say("page-length-height-studs")}
        </button>
        <Link className="btn tap" to="plates">
          {say("page-plate-list")}
        </Link>
      </div>
    </section>
  );
}
