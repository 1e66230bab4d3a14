import { ChoiceList, LengthField, NumberField, TextField } from "../../components/Field";
import { nanometers } from "../../lib/length";
import { type Board, CLASSES, DEPTHS, GRADES, SPECIES, THICKNESSES } from "./boards";

interface Props {
  readonly board: Board;
  readonly change: (board: Board) => Promise<string | undefined>;
}

/** What a board is, to be typed over. */
export function BoardFields({ board, change }: Props) {
  switch (board.made) {
    case "sawn":
      return (
        <>
          <ChoiceList
            label="Species"
            value={board.species}
            options={SPECIES}
            choose={(species) => void change({ ...board, species })}
          />
          <ChoiceList
            label="Grade"
            value={board.grade}
            options={GRADES}
            choose={(grade) => void change({ ...board, grade })}
          />
          <ChoiceList
            label="Thickness"
            value={board.thickness}
            options={THICKNESSES}
            choose={(thickness) => void change({ ...board, thickness })}
          />
          <ChoiceList
            label="Depth"
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
            label="Stress class"
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
            label="What you call it"
            numeric={false}
            value={board.sheet_name}
            save={(sheet_name) => change({ ...board, sheet_name })}
          />
          <Dimensions board={board} change={change} />
          <Whole
            label="Fb"
            unit="psi"
            value={board.bending_psi}
            save={(bending_psi) => change({ ...board, bending_psi })}
          />
          <Whole
            label="Fv"
            unit="psi"
            value={board.shear_psi}
            save={(shear_psi) => change({ ...board, shear_psi })}
          />
          <Whole
            label="Fc⊥"
            unit="psi"
            value={board.bearing_psi}
            save={(bearing_psi) => change({ ...board, bearing_psi })}
          />
          <Whole
            label="E"
            unit="psi"
            value={board.stiffness_psi}
            save={(stiffness_psi) => change({ ...board, stiffness_psi })}
          />
          <Whole
            label="Emin"
            unit="psi"
            value={board.stability_stiffness_psi}
            save={(stability_stiffness_psi) => change({ ...board, stability_stiffness_psi })}
          />
          <Whole
            label="Weight"
            unit="lb/ft³"
            value={board.density_pcf}
            save={(density_pcf) => change({ ...board, density_pcf })}
          />
        </>
      );
  }
}

type Sized = Exclude<Board, { made: "sawn" }>;

function Dimensions({ board, change }: { board: Sized; change: Props["change"] }) {
  return (
    <>
      <LengthField
        label="Width of a ply"
        style="inches"
        length={nanometers(board.ply_width)}
        save={(ply_width) => change({ ...board, ply_width })}
      />
      <LengthField
        label="Depth"
        style="inches"
        length={nanometers(board.depth)}
        save={(depth) => change({ ...board, depth })}
      />
    </>
  );
}

interface WholeProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly save: (value: number) => Promise<string | undefined>;
}

/** A whole number. */
function Whole({ label, unit, value, save }: WholeProps) {
  return <NumberField label={label} unit={unit} number={value} save={(next) => save(Math.round(next))} />;
}
