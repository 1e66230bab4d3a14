import type { Schemas } from "../../../api/client";
import { ChoiceList, MaybeLengthField } from "../../../components/Field";
import { Form } from "../../../components/Form";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import {
  cantilevered,
  FLOOR_FORM,
  type Framing,
  GABLE_FORM,
  RIDGE_POST_FORM,
  ROOF_FORM,
  type SentFraming,
  WALL_ABOVE_FORM,
} from "./forms";
import { OpeningsAbove } from "./OpeningsAbove";
import { type CarriedKind, KIND_NAMES, usualFraming } from "./usual";

type Item = Schemas["AnsweredCarriedItem"];
type Sent = Schemas["CarriedItem"];
type Save<T> = (value: T) => Promise<Words | undefined>;

interface Props {
  readonly items: readonly Item[];
  /** Changes the list as it is when the edit's turn comes. */
  readonly change: (make: (items: readonly Item[]) => Sent[]) => Promise<Words | undefined>;
}

/** Everything that lands on the wall, one after another; each along the whole wall or a stretch of it. */
export function CarriedItems({ items, change }: Props) {
  const { say } = useSpeech();
  const replace = (index: number, make: (item: Item) => Sent) =>
    change((now) => now.map((each, place) => (place === index ? make(each) : each)));
  const tails = items.some(({ what }) => what.kind === "floor" && cantilevered(what));
  return (
    <>
      {items.map((item, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: what lands on a wall has no name but its place
        <section key={index} aria-label={`${say(KIND_NAMES[item.what.kind])}, ${index + 1}`}>
          <h3 className="ruled">{say(KIND_NAMES[item.what.kind])}</h3>
          <div className="mt-2 grid grid-cols-2 gap-3">
            <Fields
              what={item.what}
              change={(what) =>
                replace(index, (now) => ({
                  ...now,
                  what: { ...now.what, ...differing(item.what, what) } as Sent["what"],
                }))
              }
            />
            {(item.on_tail || tails) && item.what.kind !== "floor" && (
              <ChoiceList
                label={say("page-it-stands-on")}
                value={item.on_tail ? "tail" : "wall"}
                options={[
                  { value: "wall", label: say("page-this-wall-2") },
                  { value: "tail", label: say("page-the-floors-tail") },
                ]}
                choose={(value) => void replace(index, (now) => ({ ...now, on_tail: value === "tail" }))}
              />
            )}
            {item.what.kind !== "ridge_post" && (
              <Stretch
                item={item}
                change={(next) => replace(index, (now) => ({ ...next, what: now.what }))}
              />
            )}
          </div>
          <button
            type="button"
            className="btn btn-ghost tap mt-1 font-normal"
            onClick={() => void change((now) => now.filter((_, place) => place !== index))}
          >
            {say("page-take-it-off-this-wall")}
          </button>
        </section>
      ))}
      <section>
        <h3 className="ruled">{say("page-what-else-lands-on-it")}</h3>
        <div className="mt-2 flex flex-wrap gap-2">
          {(Object.keys(KIND_NAMES) as CarriedKind[]).map((kind) => (
            <button
              key={kind}
              type="button"
              className="btn tap font-normal"
              onClick={() => void change((now) => [...now, { what: usualFraming(kind) }])}
            >
              {say(KIND_NAMES[kind])}
            </button>
          ))}
        </div>
      </section>
    </>
  );
}

/** The fields of `after` that differ from `before`: what somebody changed. */
function differing(before: object, after: object): object {
  const known = new Map<string, unknown>(Object.entries(before));
  return Object.fromEntries(Object.entries(after).filter(([field, value]) => known.get(field) !== value));
}

interface FieldsProps {
  readonly what: Schemas["AnsweredCarriedFraming"];
  readonly change: Save<Schemas["CarriedFraming"]>;
}

/** What is asked of one thing that lands on the wall. */
function Fields({ what, change }: FieldsProps) {
  switch (what.kind) {
    case "roof":
      return (
        <Form<Framing<"roof">, SentFraming<"roof">>
          value={what}
          fields={ROOF_FORM}
          change={(part) => change({ ...what, ...part })}
        />
      );
    case "floor":
      return (
        <Form<Framing<"floor">, SentFraming<"floor">>
          value={what}
          fields={FLOOR_FORM}
          change={(part) => change({ ...what, ...part })}
        />
      );
    case "wall_above":
      return <WallAboveFields above={what} change={change} />;
    case "gable":
      return (
        <Form<Framing<"gable">, SentFraming<"gable">>
          value={what}
          fields={GABLE_FORM}
          change={(part) => change({ ...what, ...part })}
        />
      );
    case "ridge_post":
      return (
        <Form<Framing<"ridge_post">, SentFraming<"ridge_post">>
          value={what}
          fields={RIDGE_POST_FORM}
          change={(part) => change({ ...what, ...part })}
        />
      );
  }
}

interface WallAboveProps {
  readonly above: Framing<"wall_above">;
  readonly change: Save<SentFraming<"wall_above">>;
}

function WallAboveFields({ above, change }: WallAboveProps) {
  return (
    <>
      <Form<Framing<"wall_above">, SentFraming<"wall_above">>
        value={above}
        fields={WALL_ABOVE_FORM}
        change={(part) => change({ ...above, ...part })}
      />
      <OpeningsAbove above={above} change={change} />
    </>
  );
}

/** From where to where along the wall; both empty is all along. */
function Stretch({ item, change }: { item: Item; change: Save<Sent> }) {
  const { say } = useSpeech();
  const all = item.from == null && item.to == null;
  if (all) {
    return (
      <button
        type="button"
        className="btn tap self-end font-normal"
        onClick={() => void change({ ...item, from: 0, to: "4'" })}
      >
        {say("page-only-on-part-of-the-wall")}
      </button>
    );
  }
  return (
    <>
      <MaybeLengthField
        label={say("page-from-2")}
        length={item.from}
        save={(from) => change({ ...item, from })}
      />
      <MaybeLengthField label={say("page-to")} length={item.to} save={(to) => change({ ...item, to })} />
      <button
        type="button"
        className="btn tap col-span-2 font-normal"
        onClick={() => void change({ ...item, from: null, to: null })}
      >
        {say("page-all-along-the-wall")}
      </button>
    </>
  );
}
