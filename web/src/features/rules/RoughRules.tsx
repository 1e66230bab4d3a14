import type { Schemas, Settings } from "../../api/client";
import { LengthField } from "../../components/Field";
import { useSpeech, type Words } from "../../speech/useSpeech";
import type { Change } from "./settings";

type Rules = Settings["rough_rules"];

const KINDS = [
  { kind: "window", label: { id: "page-windows" } },
  { kind: "door", label: { id: "page-doors" } },
  { kind: "pair_of_doors", label: { id: "page-pairs-of-doors" } },
  { kind: "sliding_door", label: { id: "page-sliding-doors" } },
  { kind: "overhead_door", label: { id: "page-overhead-doors" } },
  { kind: "pocket_door", label: { id: "page-pocket-doors-over-two-slabs" } },
  { kind: "cased_opening", label: { id: "page-cased-openings" } },
] as const satisfies readonly { kind: keyof Rules; label: Words }[];

interface Props {
  readonly settings: Settings;
  readonly change: Change;
}

/** How much larger rough openings are than their units, and the heights that openings are held against. */
export function RoughRules({ settings, change }: Props) {
  const { say, words } = useSpeech();
  const larger = (kind: keyof Rules, part: Partial<Schemas["Larger"]>) =>
    change((now) => ({
      rough_rules: { ...now.rough_rules, [kind]: { ...now.rough_rules[kind], ...part } },
    }));
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-rough-openings-where-the-maker-gives-none")}</h2>
      <table>
        <thead>
          <tr className="text-left text-secondary text-sm">
            <th className="font-normal">{say("page-unit")}</th>
            <th className="font-normal">{say("page-wider-by")}</th>
            <th className="font-normal">{say("page-higher-by")}</th>
          </tr>
        </thead>
        <tbody>
          {KINDS.map(({ kind, label }) => (
            <tr key={kind}>
              <th className="pr-2 text-left font-normal">{words(label)}</th>
              <td className="py-0.5 pr-2">
                <LengthField
                  label={say("page-wider-by-2", { label: words(label) })}
                  labelHidden
                  style="inches"
                  length={settings.rough_rules[kind].wider}
                  input="rough-wider"
                  save={(wider) => larger(kind, { wider })}
                />
              </td>
              <td className="py-0.5">
                <LengthField
                  label={say("page-higher-by-2", { label: words(label) })}
                  labelHidden
                  style="inches"
                  length={settings.rough_rules[kind].higher}
                  input="rough-higher"
                  save={(higher) => larger(kind, { higher })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="grid grid-cols-3 gap-3">
        <LengthField
          label={say("page-finish-floor")}
          style="inches"
          hint={say("page-doors-stand-on-it")}
          length={settings.finish_floor}
          input="finish-floor"
          save={(finish_floor) => change({ finish_floor })}
        />
        <LengthField
          label={say("page-kitchen-counter")}
          style="inches"
          length={settings.counter}
          input="counter"
          save={(counter) => change({ counter })}
        />
        <LengthField
          label={say("page-backsplash")}
          style="inches"
          length={settings.backsplash}
          input="backsplash"
          save={(backsplash) => change({ backsplash })}
        />
      </div>
    </section>
  );
}
