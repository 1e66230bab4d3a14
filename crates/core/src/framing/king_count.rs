//! Kings at an end, with every reason for their number.

use crate::job::{CountOverride, Job, KingWindBasis, Wall, WallFace, WallFrame};
use crate::loads::{ByKind, TakeDown, WallCarries, WallZone, wall_pressure};
use crate::measure::{Force, Length, Pressure};
use crate::sizing::jacks::shop_rule;
use crate::sizing::kings::{KingTable, KingWind, kings_by_code, kings_by_wind};
use crate::working::{Pen, Silent};

/// Kings at an end.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct KingCount {
    /// Every reason.
    pub reasons: Vec<KingReason>,
    /// Kings more than needed, where the job is built belt and braces.
    pub extra: u8,
    /// Decided by somebody.
    pub decided: Option<CountOverride>,
}

/// One reason for so many kings.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct KingReason {
    /// Which.
    pub by: KingsBy,
    /// How many it asks for; `None` where it has no number: beyond a table, or no number holds.
    pub count: Option<u8>,
    /// Whether it counts, or only stands beside the others.
    pub counts: bool,
}

/// What asks for kings.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum KingsBy {
    /// Wind on the wall.
    Wind,
    /// A code table.
    Table(KingTable),
    /// The shop's rule.
    ShopRule,
    /// A wall that carries nothing needs one.
    NothingCarried,
    /// An inside wall, on which no wind stands, needs one.
    InsideWall,
    /// Nothing is cut: the studs of the layout stay.
    NothingCut,
}

impl KingsBy {
    /// In words.
    pub const fn name(self) -> &'static str {
        match self {
            Self::Wind => "wind on the wall",
            Self::Table(table) => table.name(),
            Self::ShopRule => "shop rule",
            Self::NothingCarried => "wall that carries nothing",
            Self::InsideWall => "inside wall, no wind on it",
            Self::NothingCut => "nothing is cut",
        }
    }
}

impl KingCount {
    /// No kings, where an opening stands between two studs of the layout.
    pub fn nothing_cut() -> Self {
        Self {
            reasons: vec![KingReason { by: KingsBy::NothingCut, count: Some(0), counts: true }],
            extra: 0,
            decided: None,
        }
    }

    /// What is needed: the most any reason asks for that counts; `None` where one of them has no number.
    pub fn needed(&self) -> Option<u8> {
        let counting = self.reasons.iter().filter(|reason| reason.counts);
        counting.map(|reason| reason.count).try_fold(0, |most, count| Some(most.max(count?)))
    }

    /// How many are framed. Without a number one is drawn, and a finding says that the number is missing.
    pub fn framed(&self) -> u8 {
        self.decided.as_ref().map_or_else(|| self.needed().unwrap_or(1) + self.extra, |decided| decided.count)
    }
}

/// Where kings stand: beside an opening of this width, with its center here.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct KingPlace {
    /// Rough width.
    pub clear: Length,
    /// Center of the opening.
    pub center: Length,
}

/// The most kings that are tried in wind.
const MOST_KINGS: u8 = 8;

/// Kings at each end of an opening in this wall.
pub fn king_count(job: &Job, wall: &Wall, down: &TakeDown, at: KingPlace, decided: Option<CountOverride>) -> KingCount {
    let clear = at.clear;
    let settings = &job.settings;
    let extra = settings.margin.more_studs();
    let one = |by: KingsBy| vec![KingReason { by, count: Some(1), counts: true }];
    let shop = shop_rule::count(clear, settings.shop.doubles_kings_from).map(|rule| KingReason {
        by: KingsBy::ShopRule,
        count: rule.count,
        counts: true,
    });
    if wall.carries == WallCarries::Nothing {
        return KingCount { reasons: one(KingsBy::NothingCarried), extra: 0, decided };
    }
    if wall.frame.face == WallFace::Inside {
        let mut reasons = one(KingsBy::InsideWall);
        reasons.extend(shop);
        return KingCount { reasons, extra, decided };
    }
    let wind = king_wind(&mut Silent, job, wall, down, at);
    let mut reasons = Vec::with_capacity(KingTable::ALL.len() + 2);
    reasons.extend(wind.map(|wind| KingReason {
        by: KingsBy::Wind,
        count: kings_by_wind(&wind, MOST_KINGS),
        counts: true,
    }));
    reasons.extend(KingTable::ALL.map(|table| {
        let count = kings_by_code(table, clear, wall.frame.spacing);
        // Beyond its table the code has no number; where wind is calculated, that number stands alone.
        let counts = table == settings.king_table && (count.is_some() || wind.is_none());
        KingReason { by: KingsBy::Table(table), count, counts }
    }));
    reasons.extend(shop);
    KingCount { reasons, extra, decided }
}

/// Wind on the kings of an opening; `None` in an inside wall, and where the job leaves it to the table.
pub fn king_wind<P: Pen>(pen: &mut P, job: &Job, wall: &Wall, down: &TakeDown, at: KingPlace) -> Option<KingWind> {
    if wall.frame.face == WallFace::Inside {
        return None;
    }
    let clear = at.clear;
    let frame = &wall.frame;
    let height = frame.stud_length();
    let pressure = match job.settings.wind {
        KingWindBasis::CodeTableOnly => return None,
        KingWindBasis::Pressure(pressure) => pressure,
        KingWindBasis::Speed(speed) => {
            wall_pressure(pen, &speed, WallZone::Corner, effective_area(clear, frame, height))
        }
    };
    Some(KingWind {
        clear,
        height,
        spacing: frame.spacing,
        pressure: Pressure::psf(pressure.to_psf()),
        stud: frame.stud,
        deflection_limit: job.settings.king_deflection_limit,
        axial: axial(down, frame, at.center),
    })
}

/// Span times the width that bears, but not less than a third of the span, ft² (ASCE 7-16 26.2, from memory).
fn effective_area(clear: Length, frame: &WallFrame, height: Length) -> f64 {
    let width = clear.half() + frame.spacing.half();
    height.to_feet() * width.to_feet().max(height.to_feet() / 3.0)
}

/// What the top plates bring to the kings of one end: half a stud space of the wall's load and their own inch and a half.
fn axial(down: &TakeDown, frame: &WallFrame, center: Length) -> ByKind<Force> {
    let width = (frame.spacing.half() + frame.thickness()).to_feet();
    down.at(center).map(|line| Force::lbf(line.to_plf() * width))
}
