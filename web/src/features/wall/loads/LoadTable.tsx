import type { WallView } from "../../../api/client";
import { percent, pounds } from "../../../lib/work";
import { useSpeech } from "../../../speech/useSpeech";

type Line = WallView["loads"][number];

/** The take-down, line by line: what, how heavy, over what width, and where along the wall. */
export function LoadTable({ view }: { readonly view: WallView }) {
  const speech = useSpeech();
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left text-secondary text-xs">
            <th className="font-normal">from</th>
            <th className="text-right font-normal">psf</th>
            <th className="text-right font-normal">over</th>
            <th className="text-right font-normal">lb/ft</th>
          </tr>
        </thead>
        <tbody>
          {view.loads.map((line, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two floors bring two lines of the same name
            <tr key={index} className="border-base-300 border-b">
              <td className="py-0.5">
                {line.source} ({line.kind.replace("_", " ")})
                {line.from != null && line.to != null && (
                  <span className="block text-secondary text-xs">
                    from {speech.length(line.from)} to {speech.length(line.to)}
                  </span>
                )}
              </td>
              <td className="text-right num">{line.psf?.toFixed(1) ?? ""}</td>
              <td className="text-right num">
                {line.tributary == null ? "" : speech.length(line.tributary)}
              </td>
              <td className="text-right font-bold num">{amount(line)}</td>
            </tr>
          ))}
          {view.load_points.map((point) => (
            <tr key={point.source + point.at} className="border-base-300 border-b">
              <td className="py-0.5" colSpan={2}>
                {point.source}
              </td>
              <td className="text-right num">at {speech.length(point.at)}</td>
              <td className="text-right font-bold num">
                {point.parts.map((part) => `${Math.round(part.lb)} ${part.symbol}`).join(", ")} lb
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
          At <b className="num">{speech.length(load.at)}</b>, beside the openings: {pounds(load.largest_lb)}{" "}
          on <b className="num">{load.studs}</b> studs, column{" "}
          {load.column_ratio == null ? "–" : percent(load.column_ratio)}, plate{" "}
          {load.plate_ratio == null ? "–" : percent(load.plate_ratio)}.
          {!load.enough && " They are not enough."}
        </p>
      ))}
    </div>
  );
}

function amount(line: Line) {
  const [start, end] = [Math.round(line.plf), Math.round(line.plf_at_end)];
  return start === end ? String(start) : `${start} to ${end}`;
}
