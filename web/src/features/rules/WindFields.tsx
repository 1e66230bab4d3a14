import { ChoiceRow, LengthField, NumberField } from "../../components/Field";
import { NM_PER_FOOT, nanometers } from "../../lib/length";
import type { Change, Settings } from "./RulesPage";

interface Props {
  readonly settings: Settings;
  readonly change: Change;
}

const FRESH: Record<Settings["wind"]["by"], Settings["wind"]> = {
  code_table: { by: "code_table" },
  pressure: { by: "pressure", psf: 30 },
  speed: { by: "speed", miles_per_hour: 115, exposure: "b", mean_roof_height: 15 * NM_PER_FOOT },
};

/** Wind on the kings: left to the table, a pressure, or the wind speed of the place. */
export function WindFields({ settings, change }: Props) {
  const { wind } = settings;
  return (
    <>
      <ChoiceRow
        label="Wind on the kings"
        value={wind.by}
        options={[
          { value: "code_table", label: "Code's count only" },
          { value: "pressure", label: "A pressure" },
          { value: "speed", label: "Wind speed" },
        ]}
        choose={(by) => void change({ wind: FRESH[by] })}
      />
      {wind.by === "pressure" && (
        <NumberField
          label="Strength-level pressure"
          unit="psf"
          number={wind.psf}
          save={(psf) => change({ wind: { ...wind, psf } })}
        />
      )}
      {wind.by === "speed" && (
        <>
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label="Basic wind speed"
              unit="mph"
              number={wind.miles_per_hour}
              save={(miles_per_hour) => change({ wind: { ...wind, miles_per_hour } })}
            />
            <LengthField
              label="Mean roof height"
              length={nanometers(wind.mean_roof_height)}
              save={(mean_roof_height) => change({ wind: { ...wind, mean_roof_height } })}
            />
          </div>
          <ChoiceRow
            label="Exposure"
            value={wind.exposure}
            options={[
              { value: "b", label: "B: town, woods" },
              { value: "c", label: "C: open" },
              { value: "d", label: "D: by water" },
            ]}
            choose={(exposure) => void change({ wind: { ...wind, exposure } })}
          />
        </>
      )}
    </>
  );
}
