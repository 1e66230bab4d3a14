//! The problem a header has to solve: an opening, what comes down on it, and the conventions it is judged by.

use smallvec::SmallVec;

use crate::loads::kind::{ByKind, LoadKind};
use crate::lumber::factors::bearing_area::PlateEnd;
use crate::lumber::factors::repetitive_member::RepetitiveRule;
use crate::lumber::factors::wet_service::Service;
use crate::lumber::{Depth, Grade, SawnSize, Species};
use crate::measure::{Ends, Force, Length, LineLoad, Stress};

/// A load that reaches the header or its packs. Positions are from the left face of the opening.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum OpeningLoad {
    /// Spread along the wall.
    Line {
        /// How much of each kind.
        amount: ByKind<LineLoad>,
        /// From where to where; `None` is all along.
        extent: Option<(Length, Length)>,
    },
    /// Growing or falling evenly along the wall, as under a gable.
    Sloped {
        /// How much of each kind at the start.
        at_start: ByKind<LineLoad>,
        /// How much of each kind at the end.
        at_end: ByKind<LineLoad>,
        /// From where to where.
        extent: (Length, Length),
    },
    /// At one place. At or beyond a face of the opening it stands on that jack pack, not on the header.
    Point {
        /// How much of each kind.
        amount: ByKind<Force>,
        /// Where.
        at: Length,
    },
}

/// The stud stock that jacks are cut from.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct JackLumber {
    /// Species group.
    pub species: Species,
    /// Grade.
    pub grade: Grade,
    /// Depth of the stud: the wall's.
    pub depth: Depth,
}

impl JackLumber {
    /// The nominal size, always a 2x.
    pub const fn size(self) -> SawnSize {
        SawnSize::two_by(self.depth)
    }

    /// As called out: `2x6 SPF Stud`.
    pub fn name(self) -> String {
        format!("{} {} {}", self.size().name(), self.species.abbreviation(), self.grade.name())
    }
}

/// Whether the header's top edge is held against rolling over.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum TopEdge {
    /// Tight under the top plates: held all along, C_L = 1.
    #[default]
    Braced,
    /// Hung at head height with cripples on it: free over the design span.
    Free(TopEdgeWidth),
}

/// What width resists rolling over.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum TopEdgeWidth {
    /// All plies, fastened to act as one.
    #[default]
    AllPlies,
    /// One ply alone.
    OnePly,
}

/// Between which points the header is taken to span.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum SpanRule {
    /// Between centers of bearing: clear opening plus half of each jack pack (NDS 2018 3.2.1).
    #[default]
    BearingCenters,
    /// The clear opening itself.
    ClearOpening,
}

/// How the header sits on its jacks.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum JackSeat {
    /// On the whole top of the jack.
    #[default]
    Full,
    /// In a notch as deep as the header is wide: a thin header in a thick wall. Only the wood under it counts.
    Notched,
}

/// The conventions in force.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Conventions {
    /// How the top edge is held.
    pub top_edge: TopEdge,
    /// Distance between points where the top edge is held, where that is not the design span.
    pub unbraced_length: Option<Length>,
    /// Dry or wet.
    pub service: Service,
    /// Which rule gives the repetitive member factor.
    pub repetitive: RepetitiveRule,
    /// Shear taken at the header's depth from the support (NDS 2018 3.4.3.1) rather than at the support.
    pub shear_at_depth: bool,
    /// Live-load deflection limit: span over this.
    pub live_deflection_limit: f64,
    /// Total deflection limit: span over this.
    pub total_deflection_limit: f64,
    /// Creep factor on dead-load deflection.
    pub creep: f64,
    /// The most the header may sag under live load, over a door that would bind.
    pub most_sag_over_door: Option<Length>,
    /// Fc⊥ of a flat nailer between header and jacks, where there is one.
    pub nailer_bearing: Option<Stress>,
    /// How the header sits on its jacks.
    pub seat: JackSeat,
    /// What part of the given snow is allowable-stress level: 1.0, or 0.7 of strength-level ground snow (ASCE 7-22).
    pub snow_level: f64,
    /// Whether the header's own weight is added.
    pub self_weight: bool,
    /// The most jacks an end may have.
    pub most_jacks: u8,
    /// The deepest header that has room.
    pub deepest: Option<Length>,
    /// How the span is taken.
    pub span: SpanRule,
    /// Jacks that are there in any case.
    pub least_jacks: Ends<u8>,
    /// Jacks that are given rather than counted, by end.
    pub fixed_jacks: Ends<Option<u8>>,
}

impl Default for Conventions {
    fn default() -> Self {
        Self {
            top_edge: TopEdge::Braced,
            unbraced_length: None,
            service: Service::Dry,
            repetitive: RepetitiveRule::Nds,
            shear_at_depth: true,
            live_deflection_limit: 360.0,
            total_deflection_limit: 240.0,
            creep: 1.0,
            most_sag_over_door: None,
            nailer_bearing: None,
            seat: JackSeat::Full,
            snow_level: 1.0,
            self_weight: true,
            most_jacks: 4,
            deepest: None,
            span: SpanRule::BearingCenters,
            least_jacks: Ends { left: 1, right: 1 },
            fixed_jacks: Ends { left: None, right: None },
        }
    }
}

/// How long a jack is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum JackLength {
    /// The same under every header.
    Given(Length),
    /// Under a header whose top is held at this height above the sole plate: the deeper the header, the shorter the jack.
    UpToHeaderTopAt(Length),
}

impl JackLength {
    /// The length under a header of this depth.
    pub fn under(self, header_depth: Length) -> Length {
        match self {
            Self::Given(length) => length,
            Self::UpToHeaderTopAt(top) => (top - header_depth).max(Length::ZERO),
        }
    }
}

/// A support of the header besides its two packs.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Post {
    /// Its center, from the left face of the opening.
    pub at: Length,
    /// Studs in it; the header bears on all of them.
    pub studs: u8,
}

/// How far a header runs past its packs, and on what.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct HeaderRun {
    /// Posts besides the packs: within the opening, or at the far end of a return. From left to right.
    pub posts: SmallVec<[Post; 4]>,
    /// How far it runs past each face of the opening; `None` where it ends on the pack.
    pub past: Ends<Option<Length>>,
}

impl HeaderRun {
    /// Whether it spans from pack to pack and nothing else.
    pub fn is_simple(&self) -> bool {
        self.posts.is_empty() && self.past.left.is_none() && self.past.right.is_none()
    }
}

/// An opening to be bridged.
#[derive(Clone, Debug, PartialEq)]
pub struct OpeningProblem {
    /// Rough opening between the jacks.
    pub clear: Length,
    /// Depth of the wall's studs.
    pub wall_depth: Length,
    /// Length of a jack.
    pub jack_length: JackLength,
    /// What comes down.
    pub loads: Vec<OpeningLoad>,
    /// What jacks are cut from.
    pub jack: JackLumber,
    /// Fc⊥ of the sole plate.
    pub plate_bearing: Stress,
    /// Whether the sole plate is cut at the packs.
    pub plate_end: PlateEnd,
    /// Where the header runs besides from pack to pack.
    pub run: HeaderRun,
    /// How it is judged.
    pub conventions: Conventions,
}

impl OpeningProblem {
    /// Which kinds of load are present at all.
    pub fn kinds_present(&self) -> ByKind<bool> {
        let mut present = ByKind { dead: true, ..ByKind::default() };
        for kind in LoadKind::ALL {
            *present.get_mut(kind) |= self.loads.iter().any(|load| match load {
                OpeningLoad::Line { amount, .. } => amount.get(kind).to_plf() > 0.0,
                OpeningLoad::Sloped { at_start, at_end, .. } => {
                    at_start.get(kind).to_plf() + at_end.get(kind).to_plf() > 0.0
                }
                OpeningLoad::Point { amount, .. } => amount.get(kind).to_lbf() > 0.0,
            });
        }
        present
    }
}
