import type { Schemas, Ticket } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { ChoiceRow, MaybeNumberField } from "../../../components/Field";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { WindFields } from "../../rules/WindFields";
import { sayNoOpeningsAbove, sayNoWallBetween, sayTail, settingsEdit } from "./answers";
import { snowLabel, snowSaid } from "./snow";

interface Props {
  readonly ticket: Ticket;
  readonly wall: string;
  readonly settings: Schemas["AnsweredSettings"];
  readonly editing: JobEditing;
  readonly openLoads: () => void;
}

/** What this opening needs and nobody said, to be said here. */
export function AskedSection(props: Props) {
  const { say } = useSpeech();
  const { asked } = props.ticket;
  if (asked.length === 0) return null;
  return (
    <section aria-label={say("page-what-has-yet-to-be-said")} className="grid gap-4">
      {asked.map((question) => (
        <div key={question.question} className="border-[var(--chalk)] border-l-4 pl-3">
          <h3 className="font-bold">{say(question.words)}</h3>
          <p className="text-sm">{say(question.sentence)}</p>
          <div className="mt-2 grid gap-2">
            <Answer question={question.question} {...props} />
          </div>
        </div>
      ))}
    </section>
  );
}

function Answer({ question, wall, settings, editing, openLoads }: Props & { question: Schemas["Question"] }) {
  const { say } = useSpeech();
  const run = (edit: Parameters<JobEditing["run"]>[0]) => editing.run(edit).then((problem) => problem?.said);
  const button = (label: string, press: () => void) => (
    <button type="button" className="btn tap font-normal" onClick={press}>
      {say(label)}
    </button>
  );
  switch (question) {
    case "snow":
    case "ground_snow":
      return (
        <SnowAnswer
          settings={settings}
          ground={question === "ground_snow"}
          save={(part) => run(settingsEdit(part))}
        />
      );
    case "wind":
      return (
        <WindFields
          wind={settings.wind}
          said={settings.wind_said !== "not_said"}
          change={(wind) => run(settingsEdit({ wind, wind_said: "said", place: null }))}
        />
      );
    case "tail":
      return (
        <div className="flex flex-wrap gap-2">
          {button(say("page-nothing-stands-on-it"), () => void run(sayTail(wall, "free")))}
          {button(say("page-a-wall-or-roof-does"), () => void run(sayTail(wall, "loaded")).then(openLoads))}
        </div>
      );
    case "wall_between":
      return (
        <div className="flex flex-wrap gap-2">
          {button(say("page-add-the-wall-between"), openLoads)}
          {button(say("page-the-roof-lands-on-this-wall"), () => void run(sayNoWallBetween(wall)))}
        </div>
      );
    case "openings_above":
      return (
        <div className="flex flex-wrap gap-2">
          {button(say("page-none-over-this-walls-openings"), () => void run(sayNoOpeningsAbove(wall)))}
          {button(say("page-say-where-they-are"), openLoads)}
        </div>
      );
    case "loads":
    case "on_tail":
    case "tail_of_what":
      return <div>{button(say("page-what-it-carries"), openLoads)}</div>;
  }
}

interface SnowProps {
  readonly settings: Schemas["AnsweredSettings"];
  /** Whether it has to be the ground's. */
  readonly ground: boolean;
  readonly save: (part: Partial<Schemas["Settings"]>) => Promise<Words | undefined>;
}

/** The snow of the place: which figure it is, and the figure. */
function SnowAnswer({ settings, ground, save }: SnowProps) {
  const { say } = useSpeech();
  return (
    <>
      {!ground && (
        <ChoiceRow
          label={say("page-the-figure-is")}
          value={settings.snow_basis ?? "ground"}
          options={[
            { value: "ground", label: say("page-ground-snow") },
            { value: "roof", label: say("page-my-own-roof-snow") },
          ]}
          choose={(snow_basis) => void save({ snow_basis })}
        />
      )}
      <ChoiceRow
        label={say("page-of-edition")}
        value={settings.snow_edition ?? "asce7_to16"}
        options={[
          { value: "asce7_to16", label: say("page-asce-7-16-or-before") },
          { value: "asce7_from22", label: "ASCE 7-22" },
        ]}
        choose={(snow_edition) => void save({ snow_edition })}
      />
      <MaybeNumberField
        label={ground ? snowLabel({ ...settings, snow_basis: "ground" }) : snowLabel(settings)}
        quantity="pounds_per_square_foot"
        hint={say("page-0-where-it-never-snows")}
        number={ground ? undefined : snowSaid(settings)}
        input="snow"
        save={(snow) =>
          save({ snow, snow_said: "said", place: null, ...(ground ? { snow_basis: "ground" as const } : {}) })
        }
      />
    </>
  );
}
