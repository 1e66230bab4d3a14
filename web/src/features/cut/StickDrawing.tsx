import type { Schemas } from "../../api/client";
import { LengthText } from "../../components/LengthText";
import { drawnLength, SvgLength } from "../../components/SvgLength";
import { useSpeech } from "../../speech/useSpeech";
import { cutsOn } from "./views";

/** Height of a stick that is drawn, and the width of the longest, in units of the drawing. */
const TALL = 40;
const WIDE = 1000;
/** A length is written on its piece where it has this much room for each letter. */
const LETTER = 10;

interface Props {
  readonly stick: Schemas["StickView"];
  /** What pieces are for and who gets them. */
  readonly names: readonly Schemas["PieceName"][];
  /** The longest stick of the job, which is drawn as wide as there is room. */
  readonly longest: number;
}

/** A stick with its cuts, to scale: what falls off is empty. */
export function StickDrawing({ stick, names, longest }: Props) {
  const speech = useSpeech();
  const { say } = speech;
  const width = (stick.length / longest) * WIDE;
  const between = Math.max(0, stick.cuts.length - 1);
  const kerf = between === 0 ? 0 : Math.min(stick.kerfs / between, stick.kerfs);
  const cuts = cutsOn(stick.cuts, kerf, stick.length, width);
  const told = say("page-sticks-one", {
    length: speech.length(stick.length),
    cuts: stick.cuts.map((cut) => speech.length(cut, "inches")).join(", "),
    kerfs: speech.length(stick.kerfs, "inches"),
    offcut: speech.length(stick.offcut, "inches"),
  });
  return (
    <li className="grid grid-cols-[3.5rem_minmax(0,1fr)] items-start gap-x-3">
      <span className="text-right font-bold text-2xl tabular-nums">{stick.count}×</span>
      <div className="overflow-x-auto">
        <svg
          viewBox={`-1 -1 ${WIDE + 2} ${TALL + 2}`}
          className="h-auto w-full min-w-[640px]"
          role="img"
          aria-label={told}
        >
          <rect
            width={width}
            height={TALL}
            fill="var(--sheet)"
            stroke="var(--graphite)"
            strokeDasharray="4 4"
          />
          {cuts.map((cut, place) => {
            const length = stick.cuts[place] ?? 0;
            const text = drawnLength(speech, length);
            return (
              // The same length can lie on a stick several times: its place is what it goes by.
              // biome-ignore lint/suspicious/noArrayIndexKey: a cut is its place on the stick
              <g key={place}>
                <rect
                  x={cut.from}
                  width={cut.wide}
                  height={TALL}
                  fill="var(--wood)"
                  stroke="var(--graphite)"
                  strokeWidth={1.5}
                />
                {text.length * LETTER < cut.wide && (
                  <SvgLength
                    value={length}
                    x={cut.from + cut.wide / 2}
                    y={TALL / 2 + 7}
                    anchor="middle"
                    size={20}
                    className="fill-[var(--graphite)]"
                  />
                )}
              </g>
            );
          })}
        </svg>
        <p className="text-base">
          <LengthText value={stick.length} />
          {stick.at_hand && <b> {say("page-sticks-at-hand")}</b>}
          {": "}
          {stick.cuts.map((cut) => speech.length(cut, "inches")).join(" + ")}
          {stick.offcut > 0 && (
            <span className="opacity-80">
              {" "}
              {say("page-sticks-falls-off", {
                offcut: speech.length(stick.offcut, "inches"),
                kerfs: speech.length(stick.kerfs, "inches"),
              })}
            </span>
          )}
        </p>
        <details className="text-base">
          <summary className="tap inline-flex cursor-pointer items-center underline">
            {say("page-sticks-who")}
          </summary>
          <ol className="grid gap-1 pb-2">
            {stick.pieces.map((pieces, place) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: sticks that are cut alike are told apart by their turn
              <li key={place}>
                {stick.pieces.length > 1 && <b className="tabular-nums">{place + 1}. </b>}
                {pieces
                  .map((number) => names[number])
                  .map((name) => (name ? `${say(name.what)}, ${say(name.goes)}` : ""))
                  .join(" · ")}
              </li>
            ))}
          </ol>
        </details>
      </div>
    </li>
  );
}
