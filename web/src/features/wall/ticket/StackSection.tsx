import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { named, useSpeech } from "../../../speech/useSpeech";

/** The heights of this opening, from the top of the wall down to the subfloor. */
export function StackSection({ ticket }: { readonly ticket: Ticket }) {
  const { say, alsoCalled } = useSpeech();
  const layers = [...ticket.stack].reverse();
  return (
    <section aria-label={say("page-heights")}>
      <table className="mt-1 w-full">
        <thead>
          <tr className="text-left text-secondary text-xs">
            <th className="font-normal">{say("page-piece-2")}</th>
            <th className="text-right font-normal">{say("page-high")}</th>
            <th className="text-right font-normal">{say("page-up-to")}</th>
          </tr>
        </thead>
        <tbody>
          {layers.map((layer) => (
            <tr key={layer.kind} className="border-base-300 border-b">
              <td
                className={`py-0.5 ${layer.kind === "opening" ? "font-bold" : ""}`}
                title={alsoCalled(layer.kind)}
              >
                {say(named("stack", layer.kind))}
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
