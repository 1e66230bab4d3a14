//! What a beam of the house has to do, and its pieces between its joints.

use crate::loads::ByKind;
use crate::lumber::{Depth, Grade, HeaderSpec, JackLumber, Species};
use crate::measure::{End, Ends, Length, LineLoad, Stress};
use crate::sizing::bridge::{Bridge, KnownSpans};
use crate::sizing::header::bending;
use crate::sizing::limits::OutsideLimits;
use crate::sizing::over_supports::Stand;
use crate::sizing::problem::{
    Conventions, HeaderRun, JackLength, OpeningLoad, OpeningProblem, PackPlate, Post, TopEdge, TopEdgeWidth,
};
use crate::statics::Joints;

/// What a beam lies on.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Under {
    /// A post, which is sized for it.
    Post,
    /// A wall.
    Wall {
        /// How thick it is.
        thickness: Length,
        /// Fc⊥ of its plates.
        plate: Stress,
    },
    /// The side of another beam: it hangs there by a hanger.
    Hanger,
}

/// A support of a beam.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct BeamSupport {
    /// Its center, from the beam's start.
    pub at: Length,
    /// What it is.
    pub under: Under,
}

/// Which edges of a beam are held against rolling over.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum HeldEdges {
    /// None.
    None,
    /// The upper one, by what lies on it.
    Upper,
    /// The lower one, too: by a ceiling or blocking.
    Both,
}

/// What a beam has to do.
#[derive(Clone, Debug, PartialEq)]
pub struct BeamSpec {
    /// How long it is.
    pub length: Length,
    /// Whether it is cut at its supports or runs over them.
    pub joints: Joints,
    /// Its supports, from its start.
    pub supports: Vec<BeamSupport>,
    /// What stands on it; places from its start.
    pub loads: Vec<OpeningLoad>,
    /// Which of its edges is held all along.
    pub held: HeldEdges,
    /// What goes in where somebody chose it.
    pub chosen: Option<HeaderSpec>,
    /// Design code, limits of sag, creep.
    pub conventions: Conventions,
}

/// One piece of a beam between its joints.
#[derive(Clone, Debug, PartialEq)]
pub struct BeamPiece {
    /// Where it begins, from the beam's start.
    pub from: Length,
    /// Where it ends.
    pub to: Length,
    /// Its supports, by their places in the beam's list.
    pub supports: std::ops::Range<usize>,
    /// It, as a header from its first to its last support.
    pub problem: OpeningProblem,
}

/// How wide a beam may be built up.
pub(super) const WIDEST: Length = Length::inches(7);
/// The bearing at an end is taken as that of one 2x: spans go from center to center whatever it is.
const HALF_A_TWO_BY: Length = Length::inches_and(0, 3, 4);
/// How far a beam reaches past a support at the most without being a tail.
const NO_TAIL: Length = Length::inches(3);

/// The pieces between its joints; in one piece it is the only one.
pub(super) fn pieces(spec: &BeamSpec) -> Vec<BeamPiece> {
    let last = spec.supports.len() - 1;
    let ranges: Vec<(usize, usize)> = match spec.joints {
        Joints::None => vec![(0, last)],
        Joints::AtEverySupport => (0..last).map(|first| (first, first + 1)).collect(),
    };
    let piece = |(first, second): (usize, usize)| {
        let from = if first == 0 { Length::ZERO } else { spec.supports[first].at };
        let to = if second == last { spec.length } else { spec.supports[second].at };
        BeamPiece { from, to, supports: first..second + 1, problem: as_header(spec, first..second + 1, (from, to)) }
    };
    ranges.into_iter().map(piece).collect()
}

/// A piece as a header from its first to its last support.
fn as_header(spec: &BeamSpec, supports: std::ops::Range<usize>, (from, to): (Length, Length)) -> OpeningProblem {
    let places: Vec<Length> = spec.supports[supports].iter().map(|support| support.at).collect();
    let (first, last) = (places[0], places[places.len() - 1]);
    let face = first + HALF_A_TWO_BY;
    let tail = |past: Length| (NO_TAIL < past).then_some(past + HALF_A_TWO_BY);
    let between = places[1..places.len() - 1].iter();
    let loads = spec.loads.iter().filter_map(|load| within(load, (from, to), face)).collect();
    let stud = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
    OpeningProblem {
        clear: last - first - HALF_A_TWO_BY * 2,
        wall_depth: WIDEST,
        stud_thickness: HALF_A_TWO_BY * 2,
        jack_length: JackLength::Given(Length::ZERO),
        loads,
        jack: stud,
        plate_bearing: Stress::ZERO,
        plate: Ends::both(PackPlate::default()),
        kings: Ends::both(None),
        spaced: None,
        sideways: None,
        sheathed: false,
        run: HeaderRun {
            posts: between.map(|at| Post { at: *at - face, studs: 1 }).collect(),
            past: Ends { left: tail(first - from), right: tail(to - last) },
        },
        conventions: Conventions {
            top_edge: match spec.held {
                HeldEdges::None => TopEdge::Free(TopEdgeWidth::OnePly),
                HeldEdges::Upper | HeldEdges::Both => TopEdge::Braced,
            },
            lower_edge: (spec.held != HeldEdges::Both).then_some(TopEdgeWidth::OnePly),
            fixed_jacks: Ends::both(Some(1)),
            ..spec.conventions
        },
    }
}

/// What of a load stands on a piece; places from the face of its first support.
fn within(load: &OpeningLoad, (from, to): (Length, Length), face: Length) -> Option<OpeningLoad> {
    match *load {
        OpeningLoad::Line { amount, extent } => {
            let (low, high) = extent.map_or((from, to), |(low, high)| (low.max(from), high.min(to)));
            let all = (low, high) == (from, to);
            let extent = (!all).then_some((low - face, high - face));
            (low < high).then_some(OpeningLoad::Line { amount, extent })
        }
        OpeningLoad::Sloped { at_start, at_end, extent } => {
            let whole = extent.1 - extent.0;
            let (low, high) = (extent.0.max(from), extent.1.min(to));
            if high <= low || whole <= Length::ZERO {
                return None;
            }
            let at = |place: Length| {
                let part = (place - extent.0).to_inches() / whole.to_inches();
                at_start.map(|load: LineLoad| load * (1.0 - part)) + at_end.map(|load: LineLoad| load * part)
            };
            Some(OpeningLoad::Sloped { at_start: at(low), at_end: at(high), extent: (low - face, high - face) })
        }
        OpeningLoad::Point { amount, at } => {
            (from <= at && at <= to).then_some(OpeningLoad::Point { amount, at: at - face })
        }
    }
}

pub(super) fn bridge<'a>(
    piece: &'a BeamPiece,
    beam: HeaderSpec,
    known: &mut KnownSpans,
) -> Result<Bridge<'a>, OutsideLimits> {
    let values = piece.problem.conventions.code.values(beam.board);
    let values = values.ok_or_else(|| OutsideLimits::NoDesignValues { lumber: beam.board.name() })?;
    let bridge = Bridge::new(&piece.problem, beam, values, Ends::both(1), known);
    match bending::slenderness(&bridge) {
        Some(ratio) if piece.problem.conventions.code.most_slender_beam() < ratio => {
            Err(OutsideLimits::TooSlender { ratio })
        }
        _ => Ok(bridge),
    }
}

/// What a piece presses one of its supports with, lb by kind; loads that come and go stand where they press it the most.
pub(super) fn pressed_with(spec: &BeamSpec, piece: &BeamPiece, bridge: &Bridge<'_>, support: usize) -> ByKind<f64> {
    let (first, last) = (piece.supports.start, piece.supports.end - 1);
    let ends = bridge.reactions_by_kind();
    match support {
        support if support == first => ends.left,
        support if support == last => ends.right,
        _ => {
            let along = (spec.supports[support].at - spec.supports[first].at).to_inches();
            bridge.support_by_kind(bridge.pack_station(End::Left) + along, Stand::Pressing)
        }
    }
}
