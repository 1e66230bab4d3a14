import type { WallView } from "../../../api/client";
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
      {view.uplift_at_far_end_plf != null && (
        <p className="mt-2 border-error border-l-4 pl-3">
          People on the tail alone lift the joists' far end with{" "}
          <b className="num">{Math.round(view.uplift_at_far_end_plf)} lb/ft</b>: tie it down.
        </p>
      )}
    </div>
  );
}

function amount(line: Line) {
  const [start, end] = [Math.round(line.plf), Math.round(line.plf_at_end)];
  return start === end ? String(start) : `${start} to ${end}`;
}
