import type { Design, Schemas, Ticket } from "../../../api/client";
import { designNow, type Edit, type JobEditing } from "../../../api/useJobEditing";
import { ChoiceList, ChoiceRow, LengthField } from "../../../components/Field";
import { LengthText } from "../../../components/LengthText";
import { useSpeech } from "../../../speech/useSpeech";
import type { Say } from "../../../speech/voice";
import { placesToGo, SNAP_WORDS, studsSaved } from "../stops";

interface Props {
  readonly ticket: Ticket;
  readonly design: Design;
  readonly wallLength: number;
  readonly editing: JobEditing;
}

const KINDS = [
  { value: "window", label: { id: "page-window" } },
  { value: "door", label: { id: "page-door" } },
  { value: "pair_of_doors", label: { id: "page-pair-of-doors" } },
  { value: "sliding_door", label: { id: "page-sliding-door" } },
  { value: "overhead_door", label: { id: "page-overhead-door" } },
  { value: "pocket_door", label: { id: "page-pocket-door" } },
  { value: "cased_opening", label: { id: "page-cased-opening" } },
] as const;

/** Where the opening stands and how big it is; every number can be typed over. */
export function PlaceSection({ ticket, design, wallLength, editing }: Props) {
  const { say } = useSpeech();
  const run = (edit: Edit) => editing.run(edit).then((problem) => problem?.said);
  const change = (part: Partial<Schemas["Design"]>) =>
    run((now) => {
      const before = designNow(now, ticket.id);
      return before && { do: "change_opening", opening: ticket.id, design: { ...before, ...part } };
    });
  const move = (measured: "center" | "left_face" | "right_face") => (to: string | number) =>
    run({ do: "move_opening", opening: ticket.id, to, measured });
  const byRule = design.rough_width == null;
  return (
    <section aria-label={say("page-place-and-size")} className="grid gap-3">
      <div className="grid grid-cols-3 gap-2">
        <LengthField label={say("page-left-margin")} length={ticket.left} save={move("left_face")} />
        <LengthField label={say("page-center-2")} length={ticket.center} save={move("center")} />
        <LengthField
          label={say("page-right-margin")}
          length={wallLength - ticket.right}
          save={move("right_face")}
        />
      </div>
      <InsideMargins ticket={ticket} />
      <PlacesToGo ticket={ticket} go={(center) => void move("center")(center)} />
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label={say("page-unit-width")}
          length={design.unit_width}
          input="unit-width"
          save={(unit_width) => change({ unit_width })}
        />
        <LengthField
          label={say("page-unit-height")}
          length={design.unit_height}
          input="unit-height"
          save={(unit_height) => change({ unit_height })}
        />
        <LengthField
          label={say("page-rough-width")}
          style="inches"
          length={ticket.rough_width}
          input="rough-width"
          hint={byRule ? say("page-by-rule-the-makers-figure-goes-here") : say("page-the-makers-figure")}
          save={(rough_width) =>
            change({ rough_width, rough_height: design.rough_height ?? ticket.rough_height })
          }
        />
        <LengthField
          label={say("page-rough-height")}
          style="inches"
          length={ticket.rough_height}
          input="rough-height"
          save={(rough_height) =>
            change({ rough_height, rough_width: design.rough_width ?? ticket.rough_width })
          }
        />
        <LengthField
          label={say("page-sill-above-subfloor")}
          style="inches"
          length={ticket.sill}
          input="sill"
          save={(sill) => change({ sill })}
        />
        <ChoiceList
          label={say("page-kind")}
          value={design.kind}
          options={KINDS}
          choose={(kind) => void change({ kind })}
        />
      </div>
      {!byRule && (
        <button
          type="button"
          className="btn btn-ghost tap justify-start font-normal"
          onClick={() => void change({ rough_width: null, rough_height: null })}
        >
          {say("page-back-to-the-rule-for-a", { kind: ticket.kind })}
        </button>
      )}
      <ChoiceRow
        label={say("page-the-header-hangs")}
        value={design.place}
        options={[
          { value: "tight_to_plates", label: say("page-tight-to-the-plates") },
          { value: "at_head_height", label: say("page-at-head-height") },
        ]}
        choose={(place) => void change({ place })}
      />
      <ChoiceRow
        label={say("page-its-underside")}
        value={design.underside}
        options={[
          { value: "bare", label: say("page-bare") },
          { value: "flat_nailer", label: say("page-flat-nailer") },
        ]}
        choose={(underside) => void change({ underside })}
      />
    </section>
  );
}

/** `, 1 stud saved`; nothing where none is. */
function saved(say: Say, place: Schemas["SnapView"]): string {
  const studs = studsSaved(place);
  return studs ? `, ${say(studs)}` : "";
}

/** What is left inside the room, where a crossing wall makes it another than outside. */
function InsideMargins({ ticket }: { readonly ticket: Ticket }) {
  const { say } = useSpeech();
  const { inside, outside } = ticket.margins;
  if (inside[0] === outside[0] && inside[1] === outside[1]) return null;
  return (
    <p className="text-sm">
      {say("page-seen-from-the-room")} <LengthText value={inside[0] ?? 0} className="num font-bold" />{" "}
      {say("page-to-the-left")} <LengthText value={inside[1] ?? 0} className="num font-bold" />{" "}
      {say("page-to-the-right")}
    </p>
  );
}

interface GoProps {
  readonly ticket: Ticket;
  readonly go: (center: number) => void;
}

/** Places worth going to in one tap. */
function PlacesToGo({ ticket, go }: GoProps) {
  const { say } = useSpeech();
  const places = placesToGo(ticket.snaps, ticket.center);
  if (places.length === 0) return null;
  return (
    <div className="no-print flex flex-wrap gap-2">
      {places.map((place) => (
        <button
          key={place.reason}
          type="button"
          className="btn tap font-normal first-letter:uppercase"
          onClick={() => go(place.center)}
        >
          {say(SNAP_WORDS[place.reason])}
          {saved(say, place)}
        </button>
      ))}
    </div>
  );
}
