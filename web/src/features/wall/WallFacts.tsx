import { type ReactNode, useId } from "react";
import type { Wall, WallView } from "../../api/client";
import { LengthText } from "../../components/LengthText";
import { bare, unitText } from "../../speech/figures";
import { named, useSpeech } from "../../speech/useSpeech";
import { studName } from "./frame/studs";

interface FactsProps {
  readonly wall: Wall;
  readonly planned: WallView;
  readonly open: (sheet: "loads" | "frame") => void;
  /** What else stands in the line. */
  readonly children?: ReactNode;
}

/** The wall in a line over its drawing: its frame, and what comes down on it; each opens where it is said. */
export function WallFacts({ wall, planned, open, children }: FactsProps) {
  const { say } = useSpeech();
  const { frame } = wall;
  return (
    <section aria-label={say("page-this-wall")} className="flex flex-wrap items-stretch gap-1.5 py-1">
      <Fact name={say("page-length-height-studs")} open={() => open("frame")}>
        <LengthText value={frame.length} className="num" /> ×{" "}
        <LengthText value={frame.height} style="inches" className="num" />, {studName(frame)}{" "}
        {say("page-studs-at")} <LengthText value={frame.spacing} style="inches" className="num" />
      </Fact>
      <Fact name={say("page-what-it-carries")} open={() => open("loads")} asking={saysNothing(wall, planned)}>
        <Carried wall={wall} planned={planned} />
      </Fact>
      {children}
    </section>
  );
}

/** Whether nobody said yet what a wall carries. */
export const saysNothing = ({ carries }: Wall, { load_stretches }: WallView) =>
  carries.bearing && (load_stretches[0]?.totals ?? []).length === 0;

function Carried({ wall, planned }: Pick<FactsProps, "wall" | "planned">) {
  const { say, units } = useSpeech();
  if (!wall.carries.bearing) return say("page-a-partition-it-carries-nothing");
  if (saysNothing(wall, planned)) return say("page-nothing-is-said-yet-about-what-it");
  return (
    <>
      {planned.load_stretches[0]?.totals.map((total) => (
        <span key={total.kind} className="mr-2.5 inline-block">
          {say(named("kind", total.kind))} {total.symbol}{" "}
          <b className="num">{bare(units, total.plf, "pounds_per_foot", 0)}</b>
        </span>
      ))}
      {unitText(units, "pounds_per_foot")}{" "}
      {planned.load_stretches.length > 1 && say("page-at-its-left-end-uneven")}
    </>
  );
}

interface FactProps {
  readonly name: string;
  readonly open: () => void;
  /** Whether it is the next thing to be said. */
  readonly asking?: boolean;
  readonly children: ReactNode;
}

/** A fact that opens where it is said. */
function Fact({ name, open, asking = false, children }: FactProps) {
  const id = useId();
  return (
    <button
      type="button"
      aria-labelledby={`${id}-name`}
      aria-describedby={`${id}-fact`}
      className={`tap border px-3 py-1 text-left leading-snug ${asking ? "border-primary bg-primary text-primary-content" : "border-base-300 bg-[var(--sheet)] hover:bg-base-200"}`}
      onClick={open}
    >
      <span id={`${id}-name`} className="block font-bold text-sm">
        {name}
      </span>
      <span id={`${id}-fact`} className={`text-sm ${asking ? "block" : "hidden sm:block"}`}>
        {children}
      </span>
    </button>
  );
}
