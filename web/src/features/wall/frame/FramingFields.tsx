import type { Schemas } from "../../../api/client";
import { Form } from "../../../components/Form";
import type { Words } from "../../../speech/useSpeech";
import { BackingBoards } from "./BackingBoards";
import { CeilingFields } from "./CeilingFields";
import { CrossingWalls } from "./CrossingWalls";
import { FACE_FORM, LAYOUT_FORM } from "./forms";
import { KeptClearFields } from "./KeptClearFields";
import { LetDowns } from "./LetDowns";
import { PlateFields } from "./PlateFields";
import { SheathingFields } from "./SheathingFields";

type Options = Schemas["AnsweredFramingOptions"];
type Sent = Schemas["FramingOptions"];

interface Props {
  readonly options: Options;
  readonly length: number;
  /** Over all plates. */
  readonly height: number;
  readonly change: (part: Partial<Sent>) => Promise<Words | undefined>;
}

/** Layout, corners, heads, blocking, crossing walls, plates and bolts. */
export function FramingFields({ options, length, height, change }: Props) {
  return (
    <>
      <Form<Options, Sent> value={options} fields={FACE_FORM} change={change} />
      <div className="grid gap-3 sm:grid-cols-2">
        <Form<Options, Sent> value={options} fields={LAYOUT_FORM} change={change} />
      </div>
      <CrossingWalls options={options} change={change} />
      <CeilingFields options={options} change={change} />
      <SheathingFields options={options} change={change} />
      <LetDowns options={options} wallHeight={height} change={change} />
      <KeptClearFields options={options} change={change} />
      <BackingBoards options={options} wallLength={length} change={change} />
      <PlateFields options={options} change={change} />
    </>
  );
}
