import type { WallView } from "../../../api/client";
import { bare, unitText } from "../../../speech/figures";
import { named, type Speech, useSpeech } from "../../../speech/useSpeech";

type Line = WallView["loads"][number];

/** The take-down, line by line: what, how heavy, over what width, and where along the wall. */
export function LoadTable({ view }: { readonly view: WallView }) {
  const speech = useSpeech();
  const { say } = speech;
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left text-secondary text-xs">
            <th className="font-normal">{say("page-from")}</th>
            <th className="text-right font-normal">{unitText(speech.units, "pounds_per_square_foot")}</th>
            <th className="text-right font-normal">{say("page-over-2")}</th>
            <th className="text-right font-normal">{unitText(speech.units, "pounds_per_foot")}</th>
          </tr>
        </thead>
        <tbody>
          {view.loads.map((line, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two floors bring two lines of the same name
            <tr key={index} className="border-base-300 border-b">
              <td className="py-0.5">
                {say(line.source)} ({say(named("kind", line.kind))})
                {line.from != null && line.to != null && (
                  <span className="block text-secondary text-xs">
                    {say("page-from-to", { from: speech.length(line.from), to: speech.length(line.to) })}
                  </span>
                )}
              </td>
              <td className="text-right num">
                {line.psf == null ? "" : bare(speech.units, line.psf, "pounds_per_square_foot", 1)}
              </td>
              <td className="text-right num">
                {line.tributary == null ? "" : speech.length(line.tributary)}
              </td>
              <td className="text-right font-bold num">{amount(line, speech)}</td>
            </tr>
          ))}
          {view.load_points.map((point) => (
            <tr key={point.source + point.at} className="border-base-300 border-b">
              <td className="py-0.5" colSpan={2}>
                {say(point.source)}
              </td>
              <td className="text-right num">{say("page-at-2", { at: speech.length(point.at) })}</td>
              <td className="text-right font-bold num">
                {point.parts.map((part) => `${speech.quantity(part.lb, "pounds")} ${part.symbol}`).join(", ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {view.field_loads.map((load) => (
        <p
          key={load.at}
          className={`mt-2 border-l-4 pl-3 ${load.enough ? "border-base-300" : "border-error text-error"}`}
        >
          {say("page-at-3")} <b className="num">{speech.length(load.at)}</b>
          {say("page-beside-the-openings-on", { largest_lb: speech.quantity(load.largest_lb, "pounds") })}{" "}
          <b className="num">{load.studs}</b>{" "}
          {say("page-studs-column-plate", {
            column_ratio: { percent: load.column_ratio ?? null },
            plate_ratio: { percent: load.plate_ratio ?? null },
          })}
          {!load.enough && ` ${say("page-they-are-not-enough")}`}
        </p>
      ))}
    </div>
  );
}

function amount(line: Line, { units, say }: Speech) {
  const [start, end] = [line.plf, line.plf_at_end].map((plf) => bare(units, plf, "pounds_per_foot", 0));
  return start === end ? start : say("range", { least: start ?? "", most: end ?? "" });
}
