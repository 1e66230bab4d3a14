import type { Design, Schemas, Ticket } from "../../../api/client";
import { designNow, type Edit, type JobEditing } from "../../../api/useJobEditing";
import { ChoiceList, ChoiceRow, LengthField, NumberField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";

type Options = Schemas["AnsweredDesignOptions"];
type Save = (part: Partial<Schemas["DesignOptions"]>) => Promise<Words | undefined>;

interface Props {
  readonly ticket: Ticket;
  readonly design: Design;
  readonly editing: JobEditing;
}

const SPECIALS = [
  { value: "ordinary", label: { id: "page-nothing-2" } },
  { value: "unknown_grade", label: { id: "page-existing-lumber-grade-unknown" } },
  { value: "notched_or_drilled", label: { id: "page-header-notched-or-drilled" } },
  { value: "sloped_or_curved", label: { id: "page-sloped-or-curved-beam" } },
  { value: "steel", label: { id: "page-steel-or-flitch-plate" } },
  { value: "fire_rated", label: { id: "page-fire-rating-or-fire-retardant-lumber" } },
  { value: "preservative_treated", label: { id: "page-preservative-treated-lumber" } },
  { value: "braced_wall_panel", label: { id: "page-the-wall-braces-the-building-here" } },
] as const;

const ROOMS = [
  { value: "any", label: { id: "page-any-room" } },
  { value: "bedroom", label: { id: "page-a-bedroom" } },
  { value: "kitchen", label: { id: "page-a-kitchen-counter" } },
  { value: "bathroom", label: { id: "page-a-bathroom" } },
] as const;

/** What of this opening is out of the usual; folded away until it is needed. */
export function OptionsSection({ ticket, design, editing }: Props) {
  const { say } = useSpeech();
  const { options } = design;
  const run = (edit: Edit) => editing.run(edit).then((problem) => problem?.said);
  const change: Save = (part) =>
    run((now) => {
      const before = designNow(now, ticket.id);
      const changed = { ...options, ...before?.options, ...part };
      return before && { do: "change_opening", opening: ticket.id, design: { ...before, options: changed } };
    });
  return (
    <div className="grid gap-3">
      <ChoiceList
        label={say("page-what-is-out-of-the-ordinary")}
        value={options.special ?? "ordinary"}
        options={SPECIALS}
        choose={(special) => void change({ special })}
      />
      <SillFields options={options} change={change} />
      <LengthField
        label={say("page-sheathing-returned-into-the-jambs")}
        style="inches"
        hint={say("page-each-side-of-the-rough-opening-grows")}
        length={options.sheathing_return ?? 0}
        input="sheathing-return"
        save={(sheathing_return) => change({ sheathing_return })}
      />
      <ChoiceList
        label={say("page-it-gives-on")}
        value={options.room ?? "any"}
        options={ROOMS}
        choose={(room) => void change({ room })}
      />
      <ChoiceRow
        label={say("page-it-is-cut-out")}
        value={options.cut_out_later ? "later" : "now"}
        options={[
          { value: "now", label: say("page-with-the-wall") },
          { value: "later", label: say("page-later") },
        ]}
        choose={(when) => void change({ cut_out_later: when === "later" })}
      />
      <ChoiceRow
        label={say("page-service")}
        value={options.service ?? "dry"}
        options={[
          { value: "dry", label: say("page-dry") },
          { value: "wet", label: say("page-wet") },
        ]}
        choose={(service) => void change({ service })}
      />
      <ChoiceRow
        label={say("page-in-the-depth-of-the-wall-the")}
        value={options.face ?? "one_face"}
        options={[
          { value: "one_face", label: say("page-at-one-face") },
          { value: "centered", label: say("page-in-the-middle") },
          { value: "both_faces", label: say("page-filled-to-both") },
        ]}
        choose={(face) => void change({ face })}
      />
      <ChoiceRow
        label={say("page-joists-hang-on-its-side")}
        value={options.side_loaded ? "yes" : "no"}
        options={[
          { value: "no", label: say("page-no") },
          { value: "yes", label: say("page-yes") },
        ]}
        choose={(value) => void change({ side_loaded: value === "yes" })}
      />
      <ChoiceRow
        label={say("page-the-header-sits")}
        value={options.seat ?? "full"}
        options={[
          { value: "full", label: say("page-on-whole-jacks") },
          { value: "notched", label: say("page-in-notched-jacks") },
        ]}
        choose={(seat) => void change({ seat })}
      />
      <RunPast end="left" past={options.past_left} change={(past_left) => change({ past_left })} />
      <RunPast end="right" past={options.past_right} change={(past_right) => change({ past_right })} />
      <Posts posts={options.posts ?? []} change={(posts) => change({ posts })} />
    </div>
  );
}

function SillFields({ options, change }: { readonly options: Options; readonly change: Save }) {
  const { say } = useSpeech();
  const style = options.sill_style ?? { built: "single" };
  return (
    <>
      <ChoiceRow
        label={say("page-its-sill")}
        value={style.built}
        options={[
          { value: "single", label: say("page-single") },
          { value: "double", label: say("page-double") },
          { value: "sloped", label: say("page-sloped") },
        ]}
        choose={(built) =>
          void change({
            sill_style: built === "sloped" ? { built, slope: NM_PER_INCH / 2 } : { built },
          })
        }
      />
      {style.built === "sloped" && (
        <LengthField
          label={say("page-it-falls-to-the-outside-by")}
          style="inches"
          length={style.slope}
          input="sill-fall"
          save={(slope) => change({ sill_style: { built: "sloped", slope } })}
        />
      )}
    </>
  );
}

interface RunPastProps {
  readonly end: "left" | "right";
  readonly past: Options["past_left"];
  readonly change: (past: Schemas["RunPast"] | null) => Promise<Words | undefined>;
}

function RunPast({ end, past, change }: RunPastProps) {
  const { say } = useSpeech();
  if (!past) {
    return (
      <button
        type="button"
        className="btn tap font-normal"
        onClick={() => void change({ length: 24 * NM_PER_INCH, far_studs: 2 })}
      >
        {say("page-run-the-header-on-past-its-pack", { end })}
      </button>
    );
  }
  return (
    <div className="grid grid-cols-2 gap-2">
      <LengthField
        label={say("page-it-runs-past-the-face-by", { end })}
        style="inches"
        length={past.length}
        input="run-past"
        save={(length) => change({ ...past, length })}
      />
      <NumberField
        label={say("page-studs-under-its-far-end")}
        hint={say("page-0-if-it-ends-free")}
        number={past.far_studs}
        input="far-studs"
        save={(far_studs) => change({ ...past, far_studs })}
      />
      <button
        type="button"
        className="btn btn-ghost tap col-span-2 font-normal"
        onClick={() => void change(null)}
      >
        {say("page-it-ends-on-its-pack", { end })}
      </button>
    </div>
  );
}

interface PostsProps {
  readonly posts: readonly Schemas["AnsweredPostUnder"][];
  readonly change: (posts: Schemas["PostUnder"][]) => Promise<Words | undefined>;
}

function Posts({ posts, change }: PostsProps) {
  const { say } = useSpeech();
  const replace = (index: number, post: Schemas["PostUnder"]) =>
    change(posts.map((each, place) => (place === index ? post : each)));
  return (
    <>
      {posts.map((post, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a post has no name but its place
        <div key={index} className="grid grid-cols-2 gap-2">
          <LengthField
            label={say("page-post-from-the-left-face")}
            length={post.at}
            save={(at) => replace(index, { ...post, at })}
          />
          <NumberField
            label={say("page-studs-in-it")}
            number={post.studs}
            input="post-studs"
            save={(studs) => replace(index, { ...post, studs })}
          />
          <button
            type="button"
            className="btn btn-ghost tap col-span-2 font-normal"
            onClick={() => void change(posts.filter((_, place) => place !== index))}
          >
            {say("page-take-this-post-away")}
          </button>
        </div>
      ))}
      {posts.length < 2 && (
        <button
          type="button"
          className="btn tap font-normal"
          onClick={() => void change([...posts, { at: 36 * NM_PER_INCH * (posts.length + 1), studs: 2 }])}
        >
          {say("page-stand-a-post-in-the-opening")}
        </button>
      )}
    </>
  );
}
