import type { Schemas } from "../../api/client";
import { LengthText } from "../../components/LengthText";
import { useSpeech } from "../../speech/useSpeech";
import { JoistSection } from "./JoistSection";

type Storey = Schemas["ShoredStoreyView"];

interface Props {
  readonly storey: Storey;
  /** Where temporary walls are asked for, nanometers along the joists. */
  readonly temporary: readonly number[];
  /** Every place that is drawn on any storey: one stands exactly under the other. */
  readonly places: readonly number[];
  /** Where temporary walls may be dragged to, nanometers off the wall that goes. */
  readonly within: readonly [nearest: number, farthest: number];
  /** On the storey of the wall that goes. */
  readonly drag: ((side: "lower" | "upper", inches: number) => void) | undefined;
}

/** One storey with its temporary walls: the joists over them, what each takes, how hard studs and header work. */
export function ShoredStorey({ storey, temporary, places, within, drag }: Props) {
  const { say } = useSpeech();
  const stand = storey.walls.length > 0 ? storey.walls.map(({ at }) => at) : temporary;
  return (
    <section
      className={`sheet grid gap-3 p-4 ${storey.is_opened ? "border-4 border-[var(--graphite)]" : ""}`}
      aria-label={storey.name}
    >
      <h2 className="font-bold text-lg">
        {storey.name}
        {storey.is_opened && <span className="font-normal">: {say("page-shore-opened")}</span>}
      </h2>
      {storey.fields.map((field) => (
        <div key={field.name} className="grid gap-1">
          <JoistSection field={field} temporary={stand} places={places} within={within} drag={drag} />
          {field.supports.some(({ goes }) => goes) && <Spans field={field} />}
        </div>
      ))}
      {storey.walls.length > 0 && <OnTheWalls storey={storey} />}
    </section>
  );
}

function Spans({ field }: { readonly field: Storey["fields"][number] }) {
  const { say } = useSpeech();
  return (
    <ul className="text-lg">
      {field.spans.map(({ now, before }, place) => (
        <li key={`${field.pieces[place]?.from ?? place}`}>
          {say("page-shore-spans")} <LengthText value={now} className="font-bold" />
          {before !== null && before !== undefined && (
            <>
              {" "}
              {say("page-shore-instead-of")} <LengthText value={before} />
            </>
          )}
        </li>
      ))}
      {field.joists && <li className="font-bold">{say(field.joists)}</li>}
    </ul>
  );
}

function OnTheWalls({ storey }: { readonly storey: Storey }) {
  const { say, quantity } = useSpeech();
  const plf = (load: number) => quantity(load, "pounds_per_foot");
  return (
    <div>
      <table className="w-full text-lg">
        <caption className="text-left font-bold">{say("page-shore-temporary")}</caption>
        <thead>
          <tr className="text-right text-base">
            <th className="text-left font-normal">{say("page-shore-at")}</th>
            <th className="font-normal">{say("kind-dead")}</th>
            <th className="font-normal">{say("kind-floor-live")}</th>
            <th className="font-normal">{say("kind-roof-live")}</th>
            <th className="font-normal">{say("kind-snow")}</th>
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {storey.walls.map(({ at, dead, live, roof_live, snow }) => (
            <tr key={at} className="border-base-300 border-t text-right">
              <th scope="row" className="text-left">
                <LengthText value={at} />
              </th>
              <td>{plf(dead)}</td>
              <td>{plf(live)}</td>
              <td>{plf(roof_live)}</td>
              <td>{plf(snow)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-base opacity-80">{say("page-shore-each-kind")}</p>
      <ul className={`mt-2 text-lg ${storey.carries ? "" : "font-bold text-error"}`}>
        {[storey.studs, storey.header].map((words) => words && <li key={say(words)}>{say(words)}</li>)}
      </ul>
    </div>
  );
}
