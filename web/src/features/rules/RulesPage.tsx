import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { Settings } from "../../api/client";
import { jobQuery } from "../../api/queries";
import { useJobEditing } from "../../api/useJobEditing";
import { ChoiceList, ChoiceRow, MaybeNumberField, NumberField } from "../../components/Field";
import { Form } from "../../components/Form";
import { PageHead } from "../../components/PageHead";
import { Trouble } from "../../components/Trouble";
import { useSpeech } from "../../speech/useSpeech";
import { snowLabel, snowSaid } from "../wall/asked/snow";
import { AskPlace } from "./AskPlace";
import { LIMITS_FORM, SNOW_FACTORS_FORM } from "./forms";
import { Particulars } from "./Particulars";
import { RoughRules } from "./RoughRules";
import { ShopRules } from "./ShopRules";
import type { Change } from "./settings";
import { WindFields } from "./WindFields";

const KING_TABLES = [
  { value: "irc2018_low_wind", label: { id: "page-2018-and-later-wind-115-mph-or" } },
  { value: "irc2018_high_wind", label: { id: "page-2018-and-later-wind-under-140-b" } },
  { value: "irc2015", label: { id: "page-2015-by-stud-spacing" } },
] as const;

/** By which rules this job is sized: the governing school, limits, snow, wind, and what the shop does. */
export function RulesPage() {
  const { job = "" } = useParams();
  const { say } = useSpeech();
  const { data, error } = useQuery(jobQuery(job));
  const editing = useJobEditing(job);
  const settings = data?.job.settings;
  const change: Change = (part) =>
    editing
      .run((now) => {
        const changed = typeof part === "function" ? part(now.settings) : part;
        return { do: "change_settings", settings: { ...now.settings, ...changed } };
      })
      .then((problem) => problem?.said);
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={data ? say("page-rules-of", { name: data.job.name }) : say("page-rules")}
        back={{ to: `/jobs/${job}`, label: say("page-back-to-the-wall") }}
      />
      <main className="screen relative min-h-0 flex-1 overflow-y-auto p-4">
        {error && <p className="text-lg">{error.message}</p>}
        <Trouble editing={editing} job={job} />
        {settings && data && (
          <div className="grid items-start gap-4 lg:grid-cols-2">
            <div className="grid gap-4">
              <Particulars
                particulars={data.job.particulars}
                change={(part) =>
                  editing
                    .run((now) => ({
                      do: "change_particulars",
                      particulars: { ...now.particulars, ...part },
                    }))
                    .then((problem) => problem?.said)
                }
              />
              <Schools settings={settings} change={change} />
              <section className="sheet p-4">
                <h2 className="ruled">{say("page-the-place")}</h2>
                <AskPlace job={job} from={data.figures_from} editing={editing} />
              </section>
              <Snow settings={settings} change={change} />
              <RoughRules settings={settings} change={change} />
            </div>
            <div className="grid gap-4">
              <ShopRules settings={settings} stock={data.job.stock} change={change} />
              <Limits settings={settings} change={change} />
              <AskedOnce settings={settings} change={change} />
              <section className="sheet grid gap-3 p-4">
                <h2 className="ruled">{say("page-kings")}</h2>
                <ChoiceList
                  label={say("page-the-codes-count")}
                  value={settings.king_table}
                  options={KING_TABLES}
                  choose={(king_table) => void change({ king_table })}
                />
                <WindFields
                  wind={settings.wind}
                  said={settings.wind_said !== "not_said"}
                  change={(wind) => change({ wind, wind_said: "said" })}
                />
              </section>
            </div>
          </div>
        )}
      </main>
    </div>
  );
}

interface Props {
  readonly settings: Settings;
  readonly change: Change;
}

function Schools({ settings, change }: Props) {
  const { say } = useSpeech();
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-what-governs")}</h2>
      <ChoiceRow
        label={say("page-headers-are-sized-by")}
        value={settings.school}
        options={[
          { value: "code_table", label: say("page-code-table") },
          { value: "calculation", label: say("page-calculation") },
          { value: "shop_rule", label: say("page-shop-rule") },
        ]}
        choose={(school) => void change({ school })}
      />
      <p className="text-secondary text-sm">{say("page-all-three-stand-on-every-ticket-whatever")}</p>
      <ChoiceList
        label={say("page-of-those-that-carry-take-the")}
        value={settings.aim}
        options={[
          { value: "cheapest", label: say("aim-cheapest") },
          { value: "leanest", label: say("page-one-with-the-least-wood") },
          { value: "shallowest", label: say("aim-shallowest") },
          { value: "lightest", label: say("aim-lightest") },
          { value: "fewest_plies", label: say("page-one-with-the-fewest-plies") },
        ]}
        choose={(aim) => void change({ aim })}
      />
      <ChoiceRow
        label={say("page-build-it")}
        value={settings.margin}
        options={[
          { value: "lean", label: say("page-lean") },
          { value: "belt_and_braces", label: say("page-belt-and-braces") },
        ]}
        choose={(margin) => void change({ margin })}
      />
    </section>
  );
}

function Snow({ settings, change }: Props) {
  const { say } = useSpeech();
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-snow")}</h2>
      <ChoiceRow
        label={say("page-the-figure-is")}
        value={settings.snow_basis}
        options={[
          { value: "ground", label: say("page-ground-snow") },
          { value: "roof", label: say("page-my-own-roof-snow") },
        ]}
        choose={(snow_basis) => void change({ snow_basis })}
      />
      <div className="grid grid-cols-2 gap-3">
        <MaybeNumberField
          label={snowLabel(settings)}
          quantity="pounds_per_square_foot"
          number={snowSaid(settings)}
          input="snow"
          save={(snow) => change({ snow, snow_said: "said" })}
        />
        <NumberField
          label={say("page-roof-live")}
          quantity="pounds_per_square_foot"
          number={settings.roof_live}
          input="roof-live"
          save={(roof_live) => change({ roof_live })}
        />
      </div>
      {settings.snow_basis === "ground" && (
        <>
          <ChoiceRow
            label={say("page-of-edition")}
            value={settings.snow_edition}
            options={[
              { value: "asce7_to16", label: say("page-asce-7-16-or-before") },
              { value: "asce7_from22", label: "ASCE 7-22" },
            ]}
            choose={(snow_edition) => void change({ snow_edition })}
          />
          <ChoiceRow
            label={say("page-gables-with-the-snow-blown-to-one")}
            value={settings.unbalanced_snow ? "checked" : "left_out"}
            options={[
              { value: "checked", label: say("page-checked") },
              { value: "left_out", label: say("page-left-out") },
            ]}
            choose={(value) => void change({ unbalanced_snow: value === "checked" })}
          />
          <div className="grid grid-cols-2 gap-3">
            <Form value={settings} fields={SNOW_FACTORS_FORM} change={change} />
          </div>
        </>
      )}
    </section>
  );
}

const QUESTIONS = [
  { field: "brittle_finish", label: { id: "page-do-the-walls-have-a-brittle-finish" } },
  { field: "partially_enclosed", label: { id: "page-is-the-building-partially-enclosed-open-on" } },
  { field: "on_a_hill", label: { id: "page-does-it-stand-on-a-hill-ridge" } },
] as const;

/** What is asked once for the whole job. */
function AskedOnce({ settings, change }: Props) {
  const { say } = useSpeech();
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-asked-once")}</h2>
      {QUESTIONS.map(({ field, label }) => (
        <ChoiceRow
          key={field}
          label={
            settings[field] === "not_said"
              ? say("page-not-said-taken-as-no", { label: { phrase: label } })
              : label
          }
          value={settings[field]}
          options={[
            { value: "no", label: say("page-no") },
            { value: "yes", label: say("page-yes") },
          ]}
          choose={(answer) => void change({ [field]: answer })}
        />
      ))}
    </section>
  );
}

function Limits({ settings, change }: Props) {
  const { say } = useSpeech();
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-how-far-a-header-may-sag")}</h2>
      <div className="grid grid-cols-2 gap-3">
        <Form value={settings} fields={LIMITS_FORM} change={change} />
      </div>
    </section>
  );
}
