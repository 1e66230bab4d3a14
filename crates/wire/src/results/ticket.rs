//! An opening's ticket on the wire.

use serde::Serialize;
use sturvek_core::framing::assembly::assembly;
use sturvek_core::framing::below::below_packs;
use sturvek_core::framing::changes::changes;
use sturvek_core::framing::margins::margins;
use sturvek_core::framing::nailing::opening_nailing;
use sturvek_core::framing::pieces::pieces_of;
use sturvek_core::framing::portal_return::portal_returns;
use sturvek_core::framing::snap::snaps;
use sturvek_core::framing::{OpeningOutcome, OpeningPlan, WallPlan};
use sturvek_core::job;
use sturvek_core::loads::Asked;
use sturvek_core::loads::snow::what_is_computed;
use sturvek_core::measure::End;
use sturvek_core::sizing::OutsideLimits;
use utoipa::ToSchema;
use uuid::Uuid;

use super::header::{SchoolView, SizedView, schools, sized_view};
use super::pack::{PackView, pack};
use crate::choices::{OpeningKind, Question, SnapReason, StackLayerKind, Verdict};
use crate::framed::{ChangesView, MarginsView, NailingView, PieceView};
use crate::speech::Phrase;

/// Something that an opening needs and nobody said.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct AskedView {
    /// Which.
    pub question: Question,
    /// In words.
    pub words: Phrase,
    /// Why it is asked.
    pub sentence: Phrase,
}

/// An opening in its wall: what a drawing and a list show of it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OpeningView {
    /// Which opening.
    pub id: Uuid,
    /// Its letter on the wall, from left to right.
    pub letter: String,
    /// Its kind.
    pub kind: OpeningKind,
    /// Left face of the rough opening, from the wall's left end.
    pub left: i64,
    /// Right face.
    pub right: i64,
    /// Center.
    pub center: i64,
    /// Rough width.
    pub rough_width: i64,
    /// Rough height.
    pub rough_height: i64,
    /// Bottom of the rough opening.
    pub sill: i64,
    /// Top of the rough opening.
    pub head: i64,
    /// Whether it carries.
    pub verdict: Verdict,
    /// Whether it waits for somebody to say something: nothing is wrong with it, and it has no number yet.
    pub is_asking: bool,
    /// The verdict's words.
    pub verdict_words: Phrase,
    /// The heights, from the subfloor up.
    pub stack: Vec<StackLayer>,
}

/// What to cut for an opening, and why it holds.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Ticket {
    /// The opening itself.
    #[serde(flatten)]
    pub opening: OpeningView,
    /// Why it carries or not, in a sentence.
    pub sentence: Phrase,
    /// What has yet to be said before it has a number.
    pub asked: Vec<AskedView>,
    /// Whether it has numbers: without them there is no count, no cut list and no order of assembly.
    pub has_numbers: bool,
    /// Whether it is a big door with a short return beside it.
    pub short_returns: bool,
    /// The header, where there is one.
    pub header: Option<SizedView>,
    /// The three schools side by side.
    pub schools: Vec<SchoolView>,
    /// Whether the job is built lean or belt and braces, as it is stated on the ticket.
    pub margin: Phrase,
    /// Jacks and kings at the left end.
    pub left_pack: PackView,
    /// Jacks and kings at the right end.
    pub right_pack: PackView,
    /// What to cut.
    pub pieces: Vec<PieceView>,
    /// Places worth stopping at while it is moved.
    pub snaps: Vec<SnapView>,
    /// What is left beside the rough opening.
    pub margins: MarginsView,
    /// What its pieces are nailed with.
    pub nailing: Vec<NailingView>,
    /// The order in which they go together.
    pub assembly: Vec<Phrase>,
    /// What must stand below each pack.
    pub below: Vec<Phrase>,
    /// What of snow is in the numbers, and what is not.
    pub snow_caution: Phrase,
    /// What changed since it was framed; left out where it is not marked as framed.
    pub changes: Option<ChangesView>,
}

/// A layer of the height stack.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct StackLayer {
    /// What it is.
    pub kind: StackLayerKind,
    /// Lower edge above the subfloor.
    pub from: i64,
    /// Height.
    pub height: i64,
}

/// A place worth stopping at.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SnapView {
    /// The opening's center there.
    pub center: i64,
    /// Why.
    pub reason: SnapReason,
    /// How many full studs fewer the wall takes than now; negative for more.
    pub studs_saved: i32,
}

pub(super) fn changes_of(
    rules: &job::Rules<'_>,
    wall: &job::Wall,
    plan: &WallPlan,
    id: job::OpeningId,
) -> Option<ChangesView> {
    let opening = wall.openings.iter().find(|opening| opening.id == id)?;
    changes(rules, wall, plan, opening).as_ref().map(Into::into)
}

pub(super) fn opening_view(opening: &OpeningPlan) -> OpeningView {
    OpeningView {
        id: Uuid::from_u128(opening.id.0),
        letter: opening.letter.to_string(),
        kind: opening.design.kind.into(),
        left: opening.left().nanometers(),
        right: opening.right().nanometers(),
        center: opening.design.center.nanometers(),
        rough_width: opening.rough.width.nanometers(),
        rough_height: opening.rough.height.nanometers(),
        sill: opening.design.sill.nanometers(),
        head: opening.stack.head().nanometers(),
        verdict: opening.verdict.into(),
        is_asking: opening.is_asking(),
        verdict_words: opening.verdict_phrase().into(),
        stack: opening.stack.lines.iter().map(stack_layer).collect(),
    }
}

/// An opening's ticket, for the page.
pub fn ticket(opening: &OpeningPlan, plan: &WallPlan, rules: &job::Rules<'_>, wall: &job::Wall) -> Ticket {
    let sized = match &opening.outcome {
        OpeningOutcome::Header(sized) => Some(&**sized),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
    };
    Ticket {
        opening: opening_view(opening),
        sentence: (&opening.sentence).into(),
        asked: asked(opening),
        has_numbers: opening.has_numbers(),
        short_returns: !portal_returns(&wall.frame, plan, opening).is_empty(),
        header: sized.map(|sized| sized_view(sized, opening.header_length())),
        schools: sized.map_or_else(Vec::new, schools),
        margin: rules.settings.margin.phrase().into(),
        left_pack: pack(opening, sized, End::Left),
        right_pack: pack(opening, sized, End::Right),
        pieces: pieces_of(opening.id, &plan.members).iter().map(Into::into).collect(),
        margins: (&margins(opening, &wall.frame)).into(),
        nailing: opening_nailing(opening, &plan.members).iter().map(Into::into).collect(),
        assembly: assembly(opening, &plan.members).into_iter().map(Into::into).collect(),
        below: below_packs(opening).iter().map(|below| below.phrase().into()).collect(),
        snow_caution: what_is_computed(&rules.settings.site.snow).into(),
        changes: changes_of(rules, wall, plan, opening.id),
        snaps: snaps(opening, &plan.openings, wall)
            .iter()
            .map(|snap| SnapView {
                center: snap.center.nanometers(),
                reason: snap.kind.into(),
                studs_saved: snap.studs_saved,
            })
            .collect(),
    }
}

pub(super) fn asked(opening: &OpeningPlan) -> Vec<AskedView> {
    let asked: &[Asked] = match &opening.outcome {
        OpeningOutcome::Outside(OutsideLimits::NotSaid { asked }) => asked,
        OpeningOutcome::Outside(_) | OpeningOutcome::Header(_) | OpeningOutcome::Flat | OpeningOutcome::InBay(_) => &[],
    };
    asked
        .iter()
        .map(|asked| AskedView {
            question: (*asked).into(),
            words: asked.words().into(),
            sentence: asked.phrase().into(),
        })
        .collect()
}

pub(super) fn stack_layer(line: &sturvek_core::framing::StackLine) -> StackLayer {
    StackLayer { kind: line.what.into(), from: line.from.nanometers(), height: line.height.nanometers() }
}
