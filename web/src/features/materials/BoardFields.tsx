import { ChoiceList, LengthField, NumberField, TextField } from "../../components/Field";
import { nanometers } from "../../lib/length";
import type { QuantityUnit } from "../../speech/figures";
import { useSpeech, type Words } from "../../speech/useSpeech";
import { type Board, CLASSES, DEPTHS, GRADES, SPECIES, THICKNESSES } from "./boards";

interface Props {
  readonly board: Board;
  readonly change: (board: Board) => Promise<Words | undefined>;
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
            save={(sheet_name) => change({ ...board, sheet_name })}
          />
          <Dimensions board={board} change={change} />
          <Whole
            label={say("page-fb")}
            quantity="psi"
            value={board.bending_psi}
            save={(bending_psi) => change({ ...board, bending_psi })}
          />
          <Whole
            label={say("page-fv")}
            quantity="psi"
            value={board.shear_psi}
            save={(shear_psi) => change({ ...board, shear_psi })}
          />
          <Whole
            label={say("page-fc")}
            quantity="psi"
            value={board.bearing_psi}
            save={(bearing_psi) => change({ ...board, bearing_psi })}
          />
          <Whole
            label="E"
            quantity="psi"
            value={board.stiffness_psi}
            save={(stiffness_psi) => change({ ...board, stiffness_psi })}
          />
          <Whole
            label={say("page-emin")}
            quantity="psi"
            value={board.stability_stiffness_psi}
            save={(stability_stiffness_psi) => change({ ...board, stability_stiffness_psi })}
          />
          <Whole
            label={say("page-weight")}
            quantity="pounds_per_cubic_foot"
            value={board.density_pcf}
            save={(density_pcf) => change({ ...board, density_pcf })}
          />
        </>
      );
  }
}

type Sized = Exclude<Board, { made: "sawn" }>;

function Dimensions({ board, change }: { board: Sized; change: Props["change"] }) {
  const { say } = useSpeech();
  return (
    <>
      <LengthField
        label={say("page-width-of-a-ply")}
        style="inches"
        length={nanometers(board.ply_width)}
        save={(ply_width) => change({ ...board, ply_width })}
      />
      <LengthField
        label={say("page-depth")}
        style="inches"
        length={nanometers(board.depth)}
        save={(depth) => change({ ...board, depth })}
      />
    </>
  );
}

interface WholeProps {
  readonly label: string;
  readonly quantity: QuantityUnit;
  readonly value: number;
  readonly save: (value: number) => Promise<Words | undefined>;
}

/** A whole number. */
function Whole({ label, quantity, value, save }: WholeProps) {
  return (
    <NumberField label={label} quantity={quantity} number={value} save={(next) => save(Math.round(next))} />
  );
}
