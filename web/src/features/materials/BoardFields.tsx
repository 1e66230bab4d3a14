import { ChoiceList, LengthField, TextField } from "../../components/Field";
import { Form } from "../../components/Form";
import { useSpeech, type Words } from "../../speech/useSpeech";
import { CLASSES, DEPTHS, GRADES, SPECIES, THICKNESSES, type TypedBoard } from "./boards";
import { SHEET_FORM } from "./forms";

interface Props {
  readonly board: TypedBoard;
  readonly change: (board: TypedBoard) => Promise<Words | undefined>;
}

/** What a board is, to be typed over. */
export function BoardFields({ board, change }: Props) {
  const { say } = useSpeech();
  switch (board.made) {
    case "sawn":
      return (
        <>
          <ChoiceList
            label={say("page-species")}
            value={board.species}
            options={SPECIES}
            choose={(species) => void change({ ...board, species })}
          />
          <ChoiceList
            label={say("page-grade")}
            value={board.grade}
            options={GRADES}
            choose={(grade) => void change({ ...board, grade })}
          />
          <ChoiceList
            label={say("page-thickness")}
            value={board.thickness}
            options={THICKNESSES}
            choose={(thickness) => void change({ ...board, thickness })}
          />
          <ChoiceList
            label={say("page-depth")}
            value={board.nominal_depth}
            options={DEPTHS}
            choose={(nominal_depth) => void change({ ...board, nominal_depth })}
          />
        </>
      );
    case "engineered":
      return (
        <>
          <ChoiceList
            label={say("page-stress-class")}
            value={board.class}
            options={CLASSES}
            choose={(stressClass) => void change({ ...board, class: stressClass })}
          />
          <Dimensions board={board} change={change} />
        </>
      );
    case "sheet":
      return (
        <>
          <TextField
            label={say("page-what-you-call-it")}
            numeric={false}
            value={board.sheet_name}
            input="sheet-name"
            save={(sheet_name) => change({ ...board, sheet_name })}
          />
          <Dimensions board={board} change={change} />
          <Form value={board} fields={SHEET_FORM} change={(part) => change({ ...board, ...part })} />
        </>
      );
  }
}

type Sized = Exclude<TypedBoard, { made: "sawn" }>;

function Dimensions({ board, change }: { board: Sized; change: Props["change"] }) {
  const { say } = useSpeech();
  return (
    <>
      <LengthField
        label={say("page-width-of-a-ply")}
        style="inches"
        length={board.ply_width}
        input="ply-width"
        save={(ply_width) => change({ ...board, ply_width })}
      />
      <LengthField
        label={say("page-depth")}
        style="inches"
        length={board.depth}
        input="header-depth"
        save={(depth) => change({ ...board, depth })}
      />
    </>
  );
}
