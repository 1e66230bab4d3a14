import { useId, useState } from "react";
import type { Schemas } from "../../api/client";
import { ChoiceRow } from "../../components/Field";
import { asTyped } from "../../lib/length";
import { asComputed, unitText } from "../../speech/figures";
import { useSpeech, type Words } from "../../speech/useSpeech";

type Speed = Extract<Schemas["KingWind"], { by: "speed" }>;

export const EXPOSURES = [
  { value: "b", label: { id: "page-b-town-woods" } },
  { value: "c", label: { id: "page-c-open" } },
  { value: "d", label: { id: "page-d-by-water" } },
] as const satisfies readonly { value: Speed["exposure"]; label: Words }[];

interface Props {
  readonly keep: (wind: Speed) => Promise<Words | undefined>;
}

/** The wind of a place that is being described: nothing of it is kept until speed, exposure and height are said. */
export function FreshWindSpeed({ keep }: Props) {
  const { say } = useSpeech();
  const speech = useSpeech();
  const [speed, setSpeed] = useState("");
  const [height, setHeight] = useState("");
  const [exposure, setExposure] = useState<Speed["exposure"]>();
  const [problem, setProblem] = useState<Words>();
  const use = async () => {
    const miles_per_hour = asComputed(speech.units, speed, "miles_per_hour");
    if (speed.trim() === "" || Number.isNaN(miles_per_hour))
      return setProblem(
        say("page-write-the-basic-wind-speed-in-mph", { unit: unitText(speech.units, "miles_per_hour") }),
      );
    if (height.trim() === "") return setProblem(say("page-write-the-mean-height-of-the-roof"));
    if (!exposure) return setProblem(say("page-choose-the-exposure"));
    setProblem(
      await keep({ by: "speed", miles_per_hour, exposure, mean_roof_height: asTyped(height, speech.units) }),
    );
  };
  return (
    <form
      className="grid gap-3 bg-base-200 p-3"
      aria-label={say("page-wind-of-the-place")}
      onSubmit={(event) => {
        event.preventDefault();
        void use();
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        <Input
          label={say("page-basic-wind-speed-mph", { unit: unitText(speech.units, "miles_per_hour") })}
          value={speed}
          change={setSpeed}
        />
        <Input label={say("page-mean-roof-height")} value={height} change={setHeight} />
      </div>
      <ChoiceRow label={say("page-exposure")} value={exposure} options={EXPOSURES} choose={setExposure} />
      {problem && (
        <p role="alert" className="text-error text-sm">
          {speech.words(problem)}
        </p>
      )}
      <button type="submit" className="btn btn-primary tap">
        {say("page-use-this-wind")}
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
