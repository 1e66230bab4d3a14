import { useId, useState } from "react";
import { ChoiceRow } from "../../components/Field";
import { asTyped } from "../../lib/length";
import { useSpeech } from "../../speech/useSpeech";
import type { Settings } from "./settings";

type Speed = Extract<Settings["wind"], { by: "speed" }>;

export const EXPOSURES = [
  { value: "b", label: "B: town, woods" },
  { value: "c", label: "C: open" },
  { value: "d", label: "D: by water" },
] as const satisfies readonly { value: Speed["exposure"]; label: string }[];

interface Props {
  readonly keep: (wind: Speed) => Promise<string | undefined>;
}

/** The wind of a place that is being described: nothing of it is kept until speed, exposure and height are said. */
export function FreshWindSpeed({ keep }: Props) {
  const speech = useSpeech();
  const [speed, setSpeed] = useState("");
  const [height, setHeight] = useState("");
  const [exposure, setExposure] = useState<Speed["exposure"]>();
  const [problem, setProblem] = useState<string>();
  const use = async () => {
    const miles_per_hour = Number(speed);
    if (speed.trim() === "" || Number.isNaN(miles_per_hour))
      return setProblem("Write the basic wind speed, in mph.");
    if (height.trim() === "") return setProblem("Write the mean height of the roof.");
    if (!exposure) return setProblem("Choose the exposure.");
    setProblem(
      await keep({ by: "speed", miles_per_hour, exposure, mean_roof_height: asTyped(height, speech.units) }),
    );
  };
  return (
    <form
      className="grid gap-3 bg-base-200 p-3"
      aria-label="Wind of the place"
      onSubmit={(event) => {
        event.preventDefault();
        void use();
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        <Input label="Basic wind speed, mph" value={speed} change={setSpeed} />
        <Input label="Mean roof height" value={height} change={setHeight} />
      </div>
      <ChoiceRow label="Exposure" value={exposure} options={EXPOSURES} choose={setExposure} />
      {problem && (
        <p role="alert" className="text-error text-sm">
          {problem}
        </p>
      )}
      <button type="submit" className="btn btn-primary tap">
        Use this wind
      </button>
    </form>
  );
}

interface InputProps {
  readonly label: string;
  readonly value: string;
  readonly change: (text: string) => void;
}

function Input({ label, value, change }: InputProps) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-secondary text-sm">
        {label}
      </label>
      <input
        id={id}
        className="input tap num w-full"
        value={value}
        autoComplete="off"
        onChange={(event) => change(event.target.value)}
      />
    </div>
  );
}
