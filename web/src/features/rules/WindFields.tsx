import { useState } from "react";
import type { Schemas, Settings } from "../../api/client";
import { ChoiceRow, LengthField, MaybeNumberField, NumberField } from "../../components/Field";
import { useSpeech, type Words } from "../../speech/useSpeech";
import { EXPOSURES, FreshWindSpeed } from "./FreshWindSpeed";

type Wind = Settings["wind"];

interface Props {
  readonly wind: Wind;
  /** Whether somebody said it: only then one of the answers is shown as chosen. */
  readonly said: boolean;
  readonly change: (wind: Schemas["KingWind"]) => Promise<Words | undefined>;
}

/** Wind on the kings: left to the table, a pressure, or the wind speed of the place. A figure counts when it is typed, not before. */
export function WindFields({ wind, said, change }: Props) {
  const { say } = useSpeech();
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
        label={say("page-wind-on-the-kings")}
        value={fresh ?? kept}
        options={[
          { value: "code_table", label: say("page-codes-count-only") },
          { value: "pressure", label: { id: "page-a-pressure" } },
          { value: "speed", label: say("page-wind-speed") },
        ]}
        choose={choose}
      />
      {fresh === "pressure" && (
        <MaybeNumberField
          label={say("page-strength-level-pressure")}
          quantity="pounds_per_square_foot"
          number={undefined}
          input="wind-pressure"
          save={(psf) => change({ by: "pressure", psf })}
        />
      )}
      {fresh === "speed" && <FreshWindSpeed keep={change} />}
      {!fresh && said && wind.by === "pressure" && (
        <NumberField
          label={say("page-strength-level-pressure")}
          quantity="pounds_per_square_foot"
          number={wind.psf}
          input="wind-pressure"
          save={(psf) => change({ ...wind, psf })}
        />
      )}
      {!fresh && said && wind.by === "speed" && (
        <>
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label={say("page-basic-wind-speed")}
              quantity="miles_per_hour"
              number={wind.miles_per_hour}
              input="wind-speed"
              save={(miles_per_hour) => change({ ...wind, miles_per_hour })}
            />
            <LengthField
              label={say("page-mean-roof-height")}
              length={wind.mean_roof_height}
              input="mean-roof-height"
              save={(mean_roof_height) => change({ ...wind, mean_roof_height })}
            />
          </div>
          <ChoiceRow
            label={say("page-exposure")}
            value={wind.exposure}
            options={EXPOSURES}
            choose={(exposure) => void change({ ...wind, exposure })}
          />
        </>
      )}
    </>
  );
}
