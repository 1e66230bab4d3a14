import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { useSpeech } from "../../../speech/useSpeech";

/** The heights of this opening, from the top of the wall down to the subfloor. */
export function StackSection({ ticket }: { readonly ticket: Ticket }) {
  const { say, alsoCalled } = useSpeech();
  const layers = [...ticket.stack].reverse();
  return (
    <section>
      <h3 className="ruled">Heights</h3>
      <table className="mt-1 w-full">
        <thead>
          <tr className="text-left text-secondary text-xs">
            <th className="font-normal">piece</th>
            <th className="text-right font-normal">high</th>
            <th className="text-right font-normal">up to</th>
          </tr>
        </thead>
        <tbody>
          {layers.map((layer) => (
            <tr key={layer.name} className="border-base-300 border-b">
              <td
                className={`py-0.5 ${layer.kind === "opening" ? "font-bold" : ""}`}
                title={alsoCalled(layer.name)}
              >
                {say(layer.name)}
              </td>
              <td className="text-right num">
                <LengthText value={layer.height} style="inches" />
              </td>
              <td className="text-right num text-secondary">
                <LengthText value={layer.from + layer.height} style="inches" />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
