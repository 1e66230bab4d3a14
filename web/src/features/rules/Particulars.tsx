import type { Schemas } from "../../api/client";
import { TextField } from "../../components/Field";
import { useSpeech, type Words } from "../../speech/useSpeech";

type Of = Schemas["AnsweredParticulars"];

const FIELDS = [
  { at: "address", input: "address", label: { id: "page-address" } },
  { at: "permit", input: "permit", label: { id: "page-permit" } },
  { at: "adopted_code", input: "adopted-code", label: { id: "page-adopted-code" } },
  { at: "edition", input: "code-edition", label: { id: "page-code-edition" } },
  { at: "answers_for_it", input: "answers-for-it", label: { id: "page-who-answers-for-it" } },
] as const satisfies readonly {
  at: keyof Of;
  input: Schemas["InputName"];
  label: Words;
}[];

interface Props {
  readonly particulars: Of;
  readonly change: (part: Partial<Of>) => Promise<Words | undefined>;
}

/** What stands at the head of every sheet of the job. */
export function Particulars({ particulars, change }: Props) {
  const { say, words } = useSpeech();
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-on-the-papers-of-this-job")}</h2>
      <p className="text-secondary">{say("page-stands-at-the-head-of-every-sheet")}</p>
      {FIELDS.map(({ at, input, label }) => (
        <TextField
          key={at}
          label={words(label)}
          value={particulars[at]}
          input={input}
          numeric={false}
          save={(text) => change({ [at]: text })}
        />
      ))}
    </section>
  );
}
