import { ChoiceList, ChoiceRow } from "../components/Field";
import { SideSheet } from "../components/SideSheet";
import { useSpeech } from "./useSpeech";

/** In which words and units everything is said to this user. */
export function SpeechSheet({ close }: { readonly close: () => void }) {
  const { units, vocabulary, vocabularies, prefer } = useSpeech();
  return (
    <SideSheet title="Words and units" close={close}>
      <div className="grid gap-4">
        <ChoiceRow
          label="Lengths are read in"
          value={units}
          options={[
            { value: "feet_and_inches", label: "Feet and inches" },
            { value: "millimeters", label: "Millimeters" },
          ]}
          choose={(chosen) => prefer({ units: chosen })}
        />
        <p className="text-secondary text-sm">
          Exact both ways. Whatever is read, any length can be typed either way: 3-0, 36 1/2, 914.4 mm. In
          millimeters a bare number is millimeters.
        </p>
        <ChoiceList
          label="The parts are called"
          verbatim
          value={vocabulary}
          options={vocabularies.map((each) => ({ value: each.id, label: each.name }))}
          choose={(chosen) => prefer({ vocabulary: chosen })}
        />
        <p className="text-secondary text-sm">
          Kept on this device, for you alone. The letters on the plates stay as they are: a mark that two
          people read differently is worse than a foreign letter. Hold the pointer over a part to see what
          else it is called.
        </p>
      </div>
    </SideSheet>
  );
}
