import { useState } from "react";
import { ChoiceRow, LengthField, MaybeNumberField, NumberField } from "../../components/Field";
import { nanometers } from "../../lib/length";
import { EXPOSURES, FreshWindSpeed } from "./FreshWindSpeed";
import type { Settings } from "./settings";

type Wind = Settings["wind"];

interface Props {
  readonly wind: Wind;
  /** Whether somebody said it: only then one of the answers is shown as chosen. */
  readonly said: boolean;
  readonly change: (wind: Wind) => Promise<string | undefined>;
}

/** Wind on the kings: left to the table, a pressure, or the wind speed of the place. A figure counts when it is typed, not before. */
export function WindFields({ wind, said, change }: Props) {
  const [wanted, setWanted] = useState<"pressure" | "speed">();
  const kept = said ? wind.by : undefined;
  const fresh = wanted !== kept ? wanted : undefined;
  const choose = (by: Wind["by"]) => {
    setWanted(by === "code_table" ? undefined : by);
    if (by === "code_table") void change({ by });
  };
  return (
    <>
      <ChoiceRow
        label="Wind on the kings"
        value={fresh ?? kept}
        options={[
          { value: "code_table", label: "Code's count only" },
          { value: "pressure", label: "A pressure" },
          { value: "speed", label: "Wind speed" },
        ]}
        choose={choose}
      />
      {fresh === "pressure" && (
        <MaybeNumberField
          label="Strength-level pressure"
          unit="psf"
          number={undefined}
          save={(psf) => change({ by: "pressure", psf })}
        />
      )}
      {fresh === "speed" && <FreshWindSpeed keep={change} />}
      {!fresh && said && wind.by === "pressure" && (
        <NumberField
          label="Strength-level pressure"
          unit="psf"
          number={wind.psf}
          save={(psf) => change({ ...wind, psf })}
        />
      )}
      {!fresh && said && wind.by === "speed" && (
        <>
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label="Basic wind speed"
              unit="mph"
              number={wind.miles_per_hour}
              save={(miles_per_hour) => change({ ...wind, miles_per_hour })}
            />
            <LengthField
              label="Mean roof height"
              length={nanometers(wind.mean_roof_height)}
              save={(mean_roof_height) => change({ ...wind, mean_roof_height })}
            />
          </div>
          <ChoiceRow
            label="Exposure"
            value={wind.exposure}
            options={EXPOSURES}
            choose={(exposure) => void change({ ...wind, exposure })}
          />
        </>
      )}
    </>
  );
}
