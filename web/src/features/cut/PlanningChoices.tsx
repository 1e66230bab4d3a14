import { type ReactNode, useId } from "react";
import { ALLOWANCES, KERFS, type Planning, PRICES, TRUCKS } from "../../lib/planning";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly planning: Planning;
  readonly put: (name: string, value: string) => void;
}

const TRUCKS_SAID = {
  once: "page-buy-trucks-once",
  twice: "page-buy-trucks-twice",
  storeys: "page-buy-trucks-storeys",
} as const;
const PRICES_SAID = { yard: "page-buy-prices-yard", own: "page-buy-prices-own" } as const;

/** How often the truck comes, whose prices, what the saw takes, how many sticks more. */
export function PlanningChoices({ planning, put }: Props) {
  const { say, length } = useSpeech();
  return (
    <>
      <Choice name="trucks" label={say("page-buy-trucks")} value={planning.trucks} put={put}>
        {TRUCKS.map((each) => (
          <option key={each} value={each}>
            {say(TRUCKS_SAID[each])}
          </option>
        ))}
      </Choice>
      <Choice name="prices" label={say("page-buy-prices")} value={planning.prices} put={put}>
        {PRICES.map((each) => (
          <option key={each} value={each}>
            {say(PRICES_SAID[each])}
          </option>
        ))}
      </Choice>
      <Choice name="kerf" label={say("page-buy-kerf")} value={String(planning.kerf)} put={put}>
        {KERFS.map((each) => (
          <option key={each} value={each}>
            {length(each, "inches")}
          </option>
        ))}
      </Choice>
      <Choice name="allowance" label={say("page-buy-allowance")} value={String(planning.allowance)} put={put}>
        {ALLOWANCES.map((percent) => (
          <option key={percent} value={percent}>
            {say("page-buy-percent", { percent })}
          </option>
        ))}
      </Choice>
    </>
  );
}

interface ChoiceProps {
  readonly name: string;
  readonly label: string;
  readonly value: string;
  readonly put: (name: string, value: string) => void;
  readonly children: ReactNode;
}

function Choice({ name, label, value, put, children }: ChoiceProps) {
  const id = useId();
  return (
    <span className="flex items-center gap-2">
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        className="select tap w-auto text-lg"
        value={value}
        onChange={(event) => put(name, event.target.value)}
      >
        {children}
      </select>
    </span>
  );
}
