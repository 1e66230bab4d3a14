import { LengthField } from "../../components/Field";
import { nanometers } from "../../lib/length";
import type { Change, Settings } from "./settings";

type Rules = Settings["rough_rules"];

const KINDS = [
  { kind: "window", label: "Windows" },
  { kind: "door", label: "Doors" },
  { kind: "pair_of_doors", label: "Pairs of doors" },
  { kind: "sliding_door", label: "Sliding doors" },
  { kind: "overhead_door", label: "Overhead doors" },
  { kind: "pocket_door", label: "Pocket doors, over two slabs" },
  { kind: "cased_opening", label: "Cased openings" },
] as const satisfies readonly { kind: keyof Rules; label: string }[];

interface Props {
  readonly settings: Settings;
  readonly change: Change;
}

/** How much larger rough openings are than their units, and the heights that openings are held against. */
export function RoughRules({ settings, change }: Props) {
  const larger = (kind: keyof Rules, part: Partial<Rules[keyof Rules]>) =>
    change((now) => ({
      rough_rules: { ...now.rough_rules, [kind]: { ...now.rough_rules[kind], ...part } },
    }));
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">Rough openings, where the maker gives none</h2>
      <table>
        <thead>
          <tr className="text-left text-secondary text-sm">
            <th className="font-normal">unit</th>
            <th className="font-normal">wider by</th>
            <th className="font-normal">higher by</th>
          </tr>
        </thead>
        <tbody>
          {KINDS.map(({ kind, label }) => (
            <tr key={kind}>
              <th className="pr-2 text-left font-normal">{label}</th>
              <td className="py-0.5 pr-2">
                <LengthField
                  label={`${label}: wider by`}
                  labelHidden
                  style="inches"
                  length={nanometers(settings.rough_rules[kind].rough_wider)}
                  save={(rough_wider) => larger(kind, { rough_wider })}
                />
              </td>
              <td className="py-0.5">
                <LengthField
                  label={`${label}: higher by`}
                  labelHidden
                  style="inches"
                  length={nanometers(settings.rough_rules[kind].rough_higher)}
                  save={(rough_higher) => larger(kind, { rough_higher })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="grid grid-cols-3 gap-3">
        <LengthField
          label="Finish floor"
          style="inches"
          hint="doors stand on it"
          length={nanometers(settings.finish_floor)}
          save={(finish_floor) => change({ finish_floor })}
        />
        <LengthField
          label="Kitchen counter"
          style="inches"
          length={nanometers(settings.counter)}
          save={(counter) => change({ counter })}
        />
        <LengthField
          label="Backsplash"
          style="inches"
          length={nanometers(settings.backsplash)}
          save={(backsplash) => change({ backsplash })}
        />
      </div>
    </section>
  );
}
