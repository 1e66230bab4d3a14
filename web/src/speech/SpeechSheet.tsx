import { ChoiceList, ChoiceRow } from "../components/Field";
import { SideSheet } from "../components/SideSheet";
import { VOCABULARIES } from "./catalogs";
import { useSpeech } from "./useSpeech";
import { makeSay } from "./voice";

/** In which language, words and units everything is said to this user. */
export function SpeechSheet({ close }: { readonly close: () => void }) {
  const { say, units, language, vocabulary, prefer } = useSpeech();
  return (
    <SideSheet title={say("page-words-and-units")} close={close}>
      <div className="grid gap-4">
        <ChoiceRow
          label={say("page-language")}
          value={language}
          options={[
            { value: "en", label: "English" },
            { value: "es", label: "Español" },
          ]}
          choose={(chosen) => prefer({ language: chosen })}
        />
        <ChoiceRow
          label={say("page-figures-are-read-in")}
          value={units}
          options={[
            { value: "feet_and_inches", label: say("page-feet-inches-pounds") },
            { value: "millimeters", label: say("page-millimeters-kilonewtons") },
          ]}
          choose={(chosen) => prefer({ units: chosen })}
        />
        <p className="text-secondary text-sm">{say("page-exact-both-ways")}</p>
        {language === "en" && (
          <ChoiceList
            label={say("page-the-parts-are-called")}
            value={vocabulary}
            options={VOCABULARIES.map((each) => ({
              value: each,
              label: makeSay({ language, units, vocabulary: each })("vocabulary-name"),
            }))}
            choose={(chosen) => prefer({ vocabulary: chosen })}
          />
        )}
        <p className="text-secondary text-sm">{say("page-kept-on-this-device")}</p>
      </div>
    </SideSheet>
  );
}
