import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";

type Options = Schemas["AnsweredFramingOptions"];
type Kind = Schemas["SheathingKind"] | "none";

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** What the wall is sheathed with before it is raised: it weighs. */
export function SheathingFields({ options, change }: Props) {
  const { say } = useSpeech();
  const { sheathing } = options;
  return (
    <>
      <ChoiceList<Kind>
        label={say("page-sheathed-before-it-is-raised")}
        value={sheathing?.kind ?? "none"}
        options={[
          { value: "none", label: say("page-raised-bare") },
          { value: "osb", label: say("page-osb") },
          { value: "plywood", label: say("page-plywood") },
          { value: "foam", label: say("page-rigid-foam") },
        ]}
        choose={(kind) =>
          void change({
            sheathing: kind === "none" ? null : { kind, thickness: sheathing?.thickness ?? USUAL },
          })
        }
      />
      {sheathing && (
        <LengthField
          label={say("page-sheathing-thickness")}
          style="inches"
          length={sheathing.thickness}
          input="sheathing-thickness"
          save={(thickness) => change({ sheathing: { ...sheathing, thickness } })}
        />
      )}
    </>
  );
}

const USUAL = (7 / 16) * NM_PER_INCH;
