import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField, MaybeLengthField, NumberField } from "../../../components/Field";
import { nanometers } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { type CarriedKind, KIND_NAMES, usualFraming } from "./usual";

type Item = Schemas["CarriedItem"];
type Of<K extends CarriedKind> = Extract<Schemas["CarriedFraming"], { kind: K }>;
type Save<T> = (value: T) => Promise<Words | undefined>;

const ROOF_FRAMINGS = [
  { value: "trusses", label: { id: "page-trusses-wall-to-wall" } },
  { value: "rafters_with_clear_ceiling_joists", label: { id: "page-rafters-ceiling-joists-wall-to-wall" } },
  {
    value: "rafters_with_lapped_ceiling_joists",
    label: { id: "page-rafters-ceiling-joists-lap-on-a-middle" },
  },
  {
    value: "middle_wall_under_lapped_ceiling_joists",
    label: { id: "page-this-is-the-middle-wall-they-lap" },
  },
  { value: "rafters_on_ridge_beam", label: { id: "page-rafters-on-a-ridge-beam" } },
  { value: "rafters_from_ledger", label: { id: "page-rafters-from-a-ledger-as-over-a" } },
  { value: "parallel_to_wall", label: { id: "page-trusses-or-rafters-along-the-wall" } },
] as const;

const WARMTHS = [
  { value: "heated", label: { id: "page-heated-below-ct-1-0" } },
  { value: "cold_and_vented", label: { id: "page-vented-over-r-25-or-more-1" } },
  { value: "unheated", label: { id: "page-nothing-heated-below-1-2" } },
  { value: "as_the_job_says", label: { id: "page-by-the-jobs-rule" } },
] as const;

const YES_OR_NO = [
  { value: "no", label: { id: "page-no" } },
  { value: "yes", label: { id: "page-yes" } },
] as const;

const SNOW_TROUBLES = [
  { value: "none", label: { id: "page-nothing-else" } },
  { value: "drift", label: { id: "page-it-drifts-or-slides-from-a-higher" } },
  { value: "ice", label: { id: "page-ice-at-the-eave" } },
  { value: "unbalanced_hip_or_valley", label: { id: "page-a-hip-valley-or-curved-roof" } },
] as const;

const FLOOR_FRAMINGS = [
  { value: "simple", label: { id: "page-they-end-on-it" } },
  { value: "continuous_over_this_wall", label: { id: "page-they-run-through-over-it" } },
  { value: "continuous_ending_here", label: { id: "page-they-end-on-it-and-run-through" } },
  { value: "cantilevered_past_this_wall", label: { id: "page-they-run-past-it-and-end-free" } },
  { value: "parallel_to_wall", label: { id: "page-they-run-along-it" } },
] as const;

const FLOOR_USES = [
  { value: "living", label: { id: "page-living-rooms-40" } },
  { value: "sleeping", label: { id: "page-sleeping-rooms-30" } },
  { value: "attic_with_storage", label: { id: "page-attic-with-storage-20" } },
  { value: "attic_without_storage", label: { id: "page-attic-without-storage-10" } },
  { value: "deck", label: { id: "page-deck-or-balcony-40" } },
] as const;

interface Props {
  readonly items: readonly Item[];
  /** Changes the list as it is when the edit's turn comes. */
  readonly change: (make: (items: readonly Item[]) => Item[]) => Promise<Words | undefined>;
}

/** Everything that lands on the wall, one after another; each along the whole wall or a stretch of it. */
export function CarriedItems({ items, change }: Props) {
  const { say } = useSpeech();
  const replace = (index: number, make: (item: Item) => Item) =>
    change((now) => now.map((each, place) => (place === index ? make(each) : each)));
  const tails = items.some(
    ({ what }) => what.kind === "floor" && what.framing === "cantilevered_past_this_wall",
  );
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
                  what: { ...now.what, ...differing(item.what, what) } as Item["what"],
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
function differing<T extends object>(before: T, after: T): Partial<T> {
  const changed = Object.entries(after).filter(([field, value]) => before[field as keyof T] !== value);
  return Object.fromEntries(changed) as Partial<T>;
}

function Fields({
  what,
  change,
}: {
  what: Schemas["CarriedFraming"];
  change: Save<Schemas["CarriedFraming"]>;
}) {
  switch (what.kind) {
    case "roof":
      return <RoofFields roof={what} change={change} />;
    case "floor":
      return <FloorFields floor={what} change={change} />;
    case "wall_above":
      return <WallAboveFields above={what} change={change} />;
    case "gable":
      return <GableFields gable={what} change={change} />;
    case "ridge_post":
      return <RidgePostFields post={what} change={change} />;
  }
}

/** From where to where along the wall; both empty is all along. */
function Stretch({ item, change }: { item: Item; change: Save<Item> }) {
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

function RoofFields({ roof, change }: { roof: Of<"roof">; change: Save<Of<"roof">> }) {
  const { say } = useSpeech();
  return (
    <>
      <div className="col-span-2">
        <ChoiceList
          label={say("page-how-it-reaches-this-wall")}
          value={roof.framing}
          options={ROOF_FRAMINGS}
          choose={(framing) => void change({ ...roof, framing })}
        />
      </div>
      <LengthField
        label={say("page-building-width")}
        length={nanometers(roof.building_width)}
        save={(building_width) => change({ ...roof, building_width })}
      />
      <LengthField
        label={say("page-overhang")}
        length={nanometers(roof.overhang)}
        save={(overhang) => change({ ...roof, overhang })}
      />
      <NumberField
        label={say("page-rise-in-12")}
        number={roof.rise_in_twelve}
        save={(rise_in_twelve) => change({ ...roof, rise_in_twelve })}
      />
      {roof.framing === "parallel_to_wall" && roof.bay !== undefined && (
        <LengthField
          label={say("page-between-trusses")}
          style="inches"
          length={nanometers(roof.bay)}
          save={(bay) => change({ ...roof, bay })}
        />
      )}
      <NumberField
        label={say("page-roof-dead")}
        quantity="pounds_per_square_foot"
        hint={say("page-20-under-tile")}
        number={roof.roof_dead}
        save={(roof_dead) => change({ ...roof, roof_dead })}
      />
      <ChoiceList
        label={say("page-roof-dead-is-weighed-on-the")}
        value={roof.dead_on ?? "level"}
        options={[
          { value: "level", label: { id: "page-the-level" } },
          { value: "slope", label: { id: "page-the-slope" } },
        ]}
        choose={(dead_on) => void change({ ...roof, dead_on })}
      />
      <ChoiceList
        label={say("page-how-warm-it-is")}
        value={roof.warmth ?? "as_the_job_says"}
        options={WARMTHS}
        choose={(warmth) => void change({ ...roof, warmth })}
      />
      <NumberField
        label={say("page-ceiling-dead")}
        quantity="pounds_per_square_foot"
        number={roof.ceiling_dead}
        save={(ceiling_dead) => change({ ...roof, ceiling_dead })}
      />
      <NumberField
        label={say("page-attic-live")}
        quantity="pounds_per_square_foot"
        hint={say("page-20-with-storage-10-without")}
        number={roof.attic_live}
        save={(attic_live) => change({ ...roof, attic_live })}
      />
      <ChoiceList
        label={say("page-what-else-the-snow-does")}
        value={roof.snow_trouble ?? "none"}
        options={SNOW_TROUBLES}
        choose={(snow_trouble) => void change({ ...roof, snow_trouble })}
      />
    </>
  );
}

function FloorFields({ floor, change }: { floor: Of<"floor">; change: Save<Of<"floor">> }) {
  const { say } = useSpeech();
  const framing = floor.framing ?? "simple";
  const cantilever = framing === "cantilevered_past_this_wall";
  return (
    <>
      <div className="col-span-2">
        <ChoiceList
          label={say("page-how-its-joists-bear-on-this-wall")}
          value={framing}
          options={FLOOR_FRAMINGS}
          choose={(framing) => void change({ ...floor, framing })}
        />
      </div>
      {framing === "parallel_to_wall" ? (
        <LengthField
          label={say("page-between-joists")}
          style="inches"
          length={nanometers(floor.bay ?? 0)}
          save={(bay) => change({ ...floor, bay })}
        />
      ) : (
        <>
          <LengthField
            label={cantilever ? say("page-span-behind-the-wall") : say("page-joist-span-one-side")}
            length={nanometers(floor.span_one_side)}
            save={(span_one_side) => change({ ...floor, span_one_side })}
          />
          <LengthField
            label={cantilever ? say("page-tail-past-the-wall") : say("page-other-side-or-the-next-span")}
            hint={cantilever ? undefined : say("page-0-for-an-outside-wall")}
            length={nanometers(floor.span_other_side)}
            save={(span_other_side) => change({ ...floor, span_other_side })}
          />
        </>
      )}
      <ChoiceList
        label={say("page-what-it-is-for")}
        value={floor.use ?? "living"}
        options={FLOOR_USES}
        choose={(use) => void change({ ...floor, use })}
      />
      <NumberField
        label={say("page-floor-live")}
        quantity="pounds_per_square_foot"
        number={floor.live}
        save={(live) => change({ ...floor, live })}
      />
      <NumberField
        label={say("page-floor-dead")}
        quantity="pounds_per_square_foot"
        number={floor.dead}
        save={(dead) => change({ ...floor, dead })}
      />
      {floor.use === "deck" && (
        <ChoiceList
          label={say("page-a-roof-covers-it")}
          value={floor.roofed ? "yes" : "no"}
          options={YES_OR_NO}
          choose={(value) => void change({ ...floor, roofed: value === "yes" })}
        />
      )}
      {cantilever && (
        <ChoiceList
          label={say("page-on-its-tail-stands")}
          value={floor.tail ?? "not_said"}
          options={[
            ...(floor.tail === "free" || floor.tail === "loaded" ? [] : UNSAID_TAILS),
            { value: "free", label: "nothing" },
            { value: "loaded", label: say("page-a-wall-or-roof") },
          ]}
          choose={(tail) => void change({ ...floor, tail })}
        />
      )}
      <ChoiceList
        label={say("page-between-it-and-a-roof-over-it")}
        value={floor.no_wall_above ? "yes" : "no"}
        options={[
          { value: "no", label: "a wall" },
          { value: "yes", label: say("page-no-wall") },
        ]}
        choose={(value) => void change({ ...floor, no_wall_above: value === "yes" })}
      />
    </>
  );
}

function WallAboveFields({ above, change }: { above: Of<"wall_above">; change: Save<Of<"wall_above">> }) {
  const { say } = useSpeech();
  return (
    <>
      <LengthField
        label={say("page-its-height")}
        length={nanometers(above.height)}
        save={(height) => change({ ...above, height })}
      />
      <NumberField
        label={say("page-its-weight")}
        quantity="pounds_per_square_foot"
        number={above.dead}
        save={(dead) => change({ ...above, dead })}
      />
      <ChoiceList
        label={say("page-it-is-of")}
        value={above.brick ? "yes" : "no"}
        options={[
          { value: "no", label: "wood" },
          { value: "yes", label: say("page-brick-or-stone") },
        ]}
        choose={(value) => void change({ ...above, brick: value === "yes" })}
      />
      <OpeningsAboveFields above={above} change={change} />
    </>
  );
}

const UNSAID_TAILS = [
  { value: "not_said", label: { id: "page-not-said" } },
  { value: "assumed_free", label: { id: "page-nothing-assumed-before" } },
] as const;

/** Openings of the wall above, whose packs press at one place. */
function OpeningsAboveFields({ above, change }: { above: Of<"wall_above">; change: Save<Of<"wall_above">> }) {
  const { say } = useSpeech();
  const openings = above.openings_above ?? { are: "assumed_none" };
  const places = openings.are === "at" ? openings.places : [];
  const keep = (next: Schemas["Stretch"][]) =>
    change({ ...above, openings_above: next.length === 0 ? { are: "none" } : { are: "at", places: next } });
  const [fresh, setFresh] = useState<{ from: string; to: string }>();
  return (
    <div className="col-span-2 grid grid-cols-2 gap-3">
      <p className="col-span-2 text-secondary text-sm">
        {openings.are === "not_said" && say("page-its-openings-over-this-wall-nobody-said")}
        {openings.are === "assumed_none" && say("page-its-openings-over-this-wall-none-assumed")}
        {openings.are === "none" && say("page-it-has-no-openings-over-this-walls")}
        {openings.are === "at" && say("page-its-openings-from-this-walls-left-end")}
      </p>
      {places.map((place, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: an opening above has no name but its place
        <div key={index} className="col-span-2 grid grid-cols-[1fr_1fr_auto] items-end gap-3">
          <LengthField
            label={say("page-opening-above-from", { index: index + 1 })}
            length={nanometers(place.from)}
            save={(from) => keep(places.map((each, at) => (at === index ? { ...each, from } : each)))}
          />
          <LengthField
            label={say("page-to")}
            length={nanometers(place.to)}
            save={(to) => keep(places.map((each, at) => (at === index ? { ...each, to } : each)))}
          />
          <button
            type="button"
            className="btn btn-ghost tap font-normal"
            onClick={() => void keep(places.filter((_, at) => at !== index))}
          >
            {say("page-take-it-away")}
          </button>
        </div>
      ))}
      {fresh ? (
        <>
          <MaybeLengthField
            label={say("page-new-opening-above-from")}
            length={undefined}
            save={async (from) => {
              setFresh({ ...fresh, from: from ?? "" });
              return from && fresh.to ? keep([...places, { from, to: fresh.to }]) : undefined;
            }}
          />
          <MaybeLengthField
            label={say("page-new-opening-above-to")}
            length={undefined}
            save={async (to) => {
              setFresh({ ...fresh, to: to ?? "" });
              const refusal =
                to && fresh.from ? await keep([...places, { from: fresh.from, to }]) : undefined;
              if (to && fresh.from && refusal === undefined) setFresh(undefined);
              return refusal;
            }}
          />
        </>
      ) : (
        <button type="button" className="btn tap font-normal" onClick={() => setFresh({ from: "", to: "" })}>
          {say("page-an-opening-above")}
        </button>
      )}
      {openings.are !== "none" && openings.are !== "at" && (
        <button
          type="button"
          className="btn tap font-normal"
          onClick={() => void change({ ...above, openings_above: { are: "none" } })}
        >
          {say("page-none-over-this-walls")}
        </button>
      )}
    </div>
  );
}

function GableFields({ gable, change }: { gable: Of<"gable">; change: Save<Of<"gable">> }) {
  const { say } = useSpeech();
  return (
    <>
      <NumberField
        label={say("page-rise-in-12")}
        hint={say("page-its-peak-stands-in-the-middle")}
        number={gable.rise_in_twelve}
        save={(rise_in_twelve) => change({ ...gable, rise_in_twelve })}
      />
      <NumberField
        label={say("page-its-weight")}
        quantity="pounds_per_square_foot"
        number={gable.dead}
        save={(dead) => change({ ...gable, dead })}
      />
    </>
  );
}

function RidgePostFields({ post, change }: { post: Of<"ridge_post">; change: Save<Of<"ridge_post">> }) {
  const { say } = useSpeech();
  return (
    <>
      <LengthField
        label={say("page-its-place-on-the-wall")}
        length={nanometers(post.at)}
        save={(at) => change({ ...post, at })}
      />
      <LengthField
        label={say("page-building-width")}
        length={nanometers(post.building_width)}
        save={(building_width) => change({ ...post, building_width })}
      />
      <LengthField
        label={say("page-ridge-span-one-side")}
        length={nanometers(post.span_one_side)}
        save={(span_one_side) => change({ ...post, span_one_side })}
      />
      <LengthField
        label={say("page-other-side")}
        hint={say("page-0-at-the-beams-end")}
        length={nanometers(post.span_other_side)}
        save={(span_other_side) => change({ ...post, span_other_side })}
      />
      <NumberField
        label={say("page-rise-in-12")}
        number={post.rise_in_twelve}
        save={(rise_in_twelve) => change({ ...post, rise_in_twelve })}
      />
      <NumberField
        label={say("page-roof-dead")}
        quantity="pounds_per_square_foot"
        number={post.roof_dead}
        save={(roof_dead) => change({ ...post, roof_dead })}
      />
      <ChoiceList
        label={say("page-the-beam-runs-over-it-in-one")}
        value={post.runs_over ? "yes" : "no"}
        options={YES_OR_NO}
        choose={(value) => void change({ ...post, runs_over: value === "yes" })}
      />
      <NumberField
        label={say("page-weight-of-the-beam")}
        quantity="pounds_per_foot"
        number={post.beam_weight ?? 0}
        save={(beam_weight) => change({ ...post, beam_weight })}
      />
    </>
  );
}
