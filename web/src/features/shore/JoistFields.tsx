import { ChoiceList } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";
import { GRADES, SPECIES } from "../materials/boards";
import { boardChoices } from "../wall/frame/studs";
import type { TypedJoists } from "./joists";
import { TypedLength } from "./TypedLength";

interface Props {
  readonly joists: TypedJoists;
  readonly put: (joists: TypedJoists) => void;
}

/** What the joists over the wall are, where somebody saw it: then they are checked. */
export function JoistFields({ joists, put }: Props) {
  const { say } = useSpeech();
  const { depth, species, grade, spacing } = joists;
  return (
    <>
      <ChoiceList
        label={say("page-shore-joists")}
        value={depth}
        options={[{ value: "", label: say("page-shore-joists-unknown") }, ...boardChoices("inches")]}
        choose={(depth) => put({ ...joists, depth })}
      />
      {depth !== "" && (
        <>
          <div className="grid grid-cols-2 gap-3">
            <ChoiceList
              label={say("page-shore-joist-wood")}
              value={species}
              options={SPECIES}
              choose={(species) => put({ ...joists, species })}
            />
            <ChoiceList
              label={say("page-shore-joist-grade")}
              value={grade}
              options={GRADES}
              choose={(grade) => put({ ...joists, grade })}
            />
          </div>
          <TypedLength
            label={say("page-shore-joist-spacing")}
            length={spacing}
            put={(spacing) => put({ ...joists, spacing })}
          />
        </>
      )}
    </>
  );
}
