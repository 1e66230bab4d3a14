//! The problem a header has to solve: an opening, what comes down on it, and the conventions it is judged by.

use smallvec::SmallVec;

use crate::codes::{DesignCode, PlateEnd, RepetitiveRule, Service};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::JackLumber;
use crate::measure::{Ends, Force, Length, LineLoad, Pressure, Stress};

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
    /// At one place. Beyond a face of the opening it stands on that pack, not on the header, as far as the pack reaches; past
    /// the pack it stands on studs of its own.
    Point {
        /// How much of each kind.
        amount: ByKind<Force>,
        /// Where.
        at: Length,
    },
}

/// Whether the header's top edge is held against rolling over.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum TopEdge {
    /// Tight under the top plates: held all along, C_L = 1.
    #[default]
    Braced,
    /// Hung at head height with cripples on it: free over the design span.
    Free(TopEdgeWidth),
    /// Hung, and free but for the header that is just so deep that it fills the room up to level top plates.
    FreeBelow {
        /// What width resists rolling over.
        width: TopEdgeWidth,
        /// The depth that fills the room.
        fills: Length,
    },
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

/// Where in the depth of the wall a header stands that is thinner than it.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum HeaderFace {
    /// Flush with one face of the wall, whatever fills the rest: the jacks are loaded off their middle.
    #[default]
    OneFace,
    /// In the middle of the wall.
    Centered,
    /// Its plies at both faces, filled between.
    BothFaces,
}

/// The conventions in force.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Conventions {
    /// The code that wood is designed by.
    pub code: DesignCode,
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
    /// What width resists rolling over where the lower edge is pressed, over a post; `None` where that edge is held.
    pub lower_edge: Option<TopEdgeWidth>,
    /// Where in the wall's depth it stands; `None` where its jacks are taken as loaded in their middle.
    pub face: Option<HeaderFace>,
    /// What part of the given snow is at the level of the code's combinations: 1.0, or 0.7 of strength-level ground snow (ASCE 7-22).
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
            code: DesignCode::AllowableStress,
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
            lower_edge: Some(TopEdgeWidth::AllPlies),
            face: None,
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

/// The sole plate under a pack.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct PackPlate {
    /// Whether it runs on under the opening, as for a window, or is cut at the pack.
    pub inward: PlateEnd,
    /// How far it runs on outward from the face of the opening; `None` where that is far enough.
    pub outward: Option<Length>,
}

impl PackPlate {
    /// Whether so much bearing, from the face of the opening outward, ends 3 in. or more from both ends of the plate.
    /// NDS 2018 3.10.4.
    pub fn under(self, bearing: Length) -> PlateEnd {
        match self.outward {
            Some(outward) if outward - bearing < CLEAR_OF_PLATE_END => PlateEnd::Cut,
            _ => self.inward,
        }
    }
}

/// How far a bearing has to be from a member's end for C_b (NDS 2018 3.10.4).
pub const CLEAR_OF_PLATE_END: Length = Length::inches(3);

/// Framing that lands at even distances, such as trusses: how much of the load that is given as even comes so.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct SpacedFraming {
    /// The part of the even load that comes so.
    pub amount: ByKind<LineLoad>,
    /// From one to the next.
    pub apart: Length,
    /// Over how much of the header the plates spread each.
    pub spread: Length,
    /// The stretch beside the opening whose load the kings take: half a stud space and a king.
    pub kings_take: Length,
}

/// Wind that bends a hung header sideways.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct SidewaysWind {
    /// Strength-level pressure, W.
    pub pressure: Pressure,
    /// From the head of the opening up to the plates.
    pub above: Length,
    /// Height of the opening.
    pub opening: Length,
}

impl SidewaysWind {
    /// Height of wall whose wind comes to a header so deep: itself, half of what is over it, half of the opening. In.
    pub fn height_on(&self, depth: f64) -> f64 {
        (self.above.to_inches() + depth) / 2.0 + self.opening.to_inches() / 2.0
    }
}

/// An opening to be bridged.
#[derive(Clone, Debug, PartialEq)]
pub struct OpeningProblem {
    /// Rough opening between the jacks.
    pub clear: Length,
    /// Depth of the wall's studs.
    pub wall_depth: Length,
    /// Thickness of a stud.
    pub stud_thickness: Length,
    /// Length of a jack.
    pub jack_length: JackLength,
    /// What comes down.
    pub loads: Vec<OpeningLoad>,
    /// What jacks are cut from.
    pub jack: JackLumber,
    /// Fc⊥ of the sole plate.
    pub plate_bearing: Stress,
    /// The sole plate under each pack.
    pub plate: Ends<PackPlate>,
    /// Kings of each pack, which reach as far past the jacks; `None` where whatever stands beyond the opening stands on the
    /// pack.
    pub kings: Ends<Option<u8>>,
    /// Framing that comes at points rather than evenly.
    pub spaced: Option<SpacedFraming>,
    /// Wind that bends the header sideways, where it does.
    pub sideways: Option<SidewaysWind>,
    /// Whether the wall's sheathing holds studs under its plates sideways.
    pub sheathed: bool,
    /// Where the header runs besides from pack to pack.
    pub run: HeaderRun,
    /// How it is judged.
    pub conventions: Conventions,
}

impl OpeningProblem {
    /// Whether everything on it is spread evenly along it.
    pub fn is_evenly_loaded(&self) -> bool {
        self.loads.iter().all(|load| matches!(load, OpeningLoad::Line { extent: None, .. }))
    }

    /// Which kinds of load are present at all.
    pub fn kinds_present(&self) -> ByKind<bool> {
        let mut present = ByKind::of([(LoadKind::Dead, true)]);
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
