//! Kings at an end, with every reason for their number.

use crate::job::{CountOverride, KingWindBasis, Rules, Wall, WallFace, WallFrame};
use crate::loads::{ByKind, LoadKind, Standing, TakeDown, WallCarries, WallZone, wall_pressure};
use crate::measure::{Force, Length, Pressure};
use crate::say;
use crate::sizing::jacks::shop_rule;
use crate::sizing::kings::code_table::TALLEST;
use crate::sizing::kings::{KingTable, KingWind, king_ratios, kings_by_code, kings_by_wind};
use crate::speech::Phrase;
use crate::working::{Pen, Silent};

/// Kings at an end.
#[derive(Clone, Debug, PartialEq)]
pub struct KingCount {
    /// Every reason.
    pub reasons: Vec<KingReason>,
    /// Kings more than needed, where the job is built belt and braces.
    pub extra: u8,
    /// Decided by somebody.
    pub decided: Option<CountOverride>,
    /// How hard those that are framed work in bending, shear, deflection, and bending with axial load; `None` where wind is
    /// not calculated.
    pub works: Option<[f64; 4]>,
}

/// One reason for so many kings.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct KingReason {
    /// Which.
    pub by: KingsBy,
    /// How many it asks for.
    pub asks: KingsAsked,
    /// Whether it counts, or only stands beside the others.
    pub counts: bool,
}

/// How many kings are asked for.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum KingsAsked {
    /// So many.
    Count(u8),
    /// More than were tried: not even so many hold.
    NoneHolds {
        /// The most that were tried.
        tried: u8,
    },
    /// It has no number: beyond a table.
    NoNumber,
}

impl KingsAsked {
    /// The count, where there is one.
    pub const fn count(self) -> Option<u8> {
        match self {
            Self::Count(count) => Some(count),
            Self::NoneHolds { .. } | Self::NoNumber => None,
        }
    }
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
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Wind => say!("kings-by-wind"),
            Self::Table(table) => table.phrase(),
            Self::ShopRule => say!("kings-by-shop-rule"),
            Self::NothingCarried => say!("kings-by-nothing-carried"),
            Self::InsideWall => say!("kings-by-inside-wall"),
            Self::NothingCut => say!("kings-by-nothing-cut"),
        }
    }
}

impl KingCount {
    /// No kings, where an opening stands between two studs of the layout.
    pub fn nothing_cut() -> Self {
        let reason = KingReason { by: KingsBy::NothingCut, asks: KingsAsked::Count(0), counts: true };
        Self { reasons: vec![reason], extra: 0, decided: None, works: None }
    }

    /// What is needed: the most any reason asks for that counts. One without a number leaves it without, one that nothing holds
    /// for is more than any count.
    pub fn needed(&self) -> KingsAsked {
        let more = |a: KingsAsked, b: KingsAsked| match (a, b) {
            (KingsAsked::NoNumber, _) | (_, KingsAsked::NoNumber) => KingsAsked::NoNumber,
            (KingsAsked::NoneHolds { tried }, _) | (_, KingsAsked::NoneHolds { tried }) => {
                KingsAsked::NoneHolds { tried }
            }
            (KingsAsked::Count(a), KingsAsked::Count(b)) => KingsAsked::Count(a.max(b)),
        };
        let counting = self.reasons.iter().filter(|reason| reason.counts);
        counting.map(|reason| reason.asks).fold(KingsAsked::Count(0), more)
    }

    /// How many are framed: where nothing holds the most that were tried; `None` where there is no number.
    pub fn framed(&self) -> Option<u8> {
        if let Some(decided) = &self.decided {
            return Some(decided.count);
        }
        match self.needed() {
            KingsAsked::Count(count) => Some(count + self.extra),
            KingsAsked::NoneHolds { tried } => Some(tried),
            KingsAsked::NoNumber => None,
        }
    }

    /// Whether those that are framed hold by what is calculated, and are as many as the code counts.
    pub fn hold(&self) -> bool {
        let framed = self.framed().unwrap_or(0);
        let works = self.works.is_none_or(|ratios| ratios.iter().all(|ratio| *ratio <= 1.0));
        let by_code = |reason: &KingReason| {
            let counts = reason.counts && matches!(reason.by, KingsBy::Table(_) | KingsBy::Wind);
            !counts || reason.asks.count().is_some_and(|count| count <= framed)
        };
        works && self.reasons.iter().all(|reason| self.decided_beyond_the_table(reason) || by_code(reason))
    }

    /// A table without a number leaves the count to who decided one.
    fn decided_beyond_the_table(&self, reason: &KingReason) -> bool {
        reason.asks == KingsAsked::NoNumber && self.decided.is_some()
    }

    /// The hardest that the framed kings work, and at what.
    pub fn hardest(&self) -> Option<(KingCheck, f64)> {
        let works = KingCheck::ALL.into_iter().zip(self.works?);
        works.max_by(|a, b| a.1.total_cmp(&b.1))
    }
}

/// What kings are checked for in wind.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum KingCheck {
    /// Bent by the wind.
    Bending,
    /// Sheared at the plates.
    Shear,
    /// How far they give.
    Deflection,
    /// Bent by the wind and pressed from above.
    Together,
}

impl KingCheck {
    /// In the order they are worked out.
    pub const ALL: [Self; 4] = [Self::Bending, Self::Shear, Self::Deflection, Self::Together];

    /// What it is called.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Bending => say!("king-check-bending"),
            Self::Shear => say!("king-check-shear"),
            Self::Deflection => say!("king-check-deflection"),
            Self::Together => say!("king-check-together"),
        }
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
pub fn king_count(
    rules: &Rules<'_>,
    wall: &Wall,
    down: &TakeDown,
    at: KingPlace,
    decided: Option<CountOverride>,
) -> KingCount {
    let clear = at.clear;
    let settings = &rules.settings;
    let bearing = wall.carries != WallCarries::Nothing;
    let extra = if bearing { settings.margin.more_studs() } else { 0 };
    let shop = shop_rule::count(clear, settings.shop.doubles_kings_from)
        .and_then(|rule| rule.count)
        .map(|count| KingReason { by: KingsBy::ShopRule, asks: KingsAsked::Count(count), counts: bearing });
    if wall.frame.face == WallFace::Inside {
        let by = if bearing { KingsBy::InsideWall } else { KingsBy::NothingCarried };
        let mut reasons = vec![KingReason { by, asks: KingsAsked::Count(1), counts: true }];
        reasons.extend(shop.filter(|shop| shop.counts));
        return KingCount { reasons, extra, decided, works: None };
    }
    let wind = king_wind(&mut Silent, rules, wall, down, at);
    let mut reasons = Vec::with_capacity(KingTable::ALL.len() + 2);
    reasons.extend(wind.map(|wind| KingReason {
        by: KingsBy::Wind,
        asks: kings_by_wind(&wind, MOST_KINGS).map_or(KingsAsked::NoneHolds { tried: MOST_KINGS }, KingsAsked::Count),
        counts: true,
    }));
    reasons.extend(KingTable::ALL.map(|table| {
        let asks = by_table(table, rules, wall, clear);
        // Beyond its table the code has no number; where wind is calculated, that number stands alone.
        let counts = table == settings.king_table && (asks != KingsAsked::NoNumber || wind.is_none());
        KingReason { by: KingsBy::Table(table), asks, counts }
    }));
    reasons.extend(shop);
    let mut count = KingCount { reasons, extra, decided, works: None };
    count.works = wind.zip(count.framed()).and_then(|(wind, framed)| king_ratios(&wind, framed.max(1)));
    count
}

/// The count of a table, inside its heights and its wind.
fn by_table(table: KingTable, rules: &Rules<'_>, wall: &Wall, clear: Length) -> KingsAsked {
    let in_its_wind = match rules.settings.wind {
        KingWindBasis::Speed(speed) => table.holds_in(speed.miles_per_hour, speed.exposure),
        KingWindBasis::CodeTableOnly | KingWindBasis::Pressure(_) => true,
    };
    if TALLEST < wall.frame.stud_length() || !in_its_wind {
        return KingsAsked::NoNumber;
    }
    kings_by_code(table, clear, wall.frame.spacing).map_or(KingsAsked::NoNumber, KingsAsked::Count)
}

/// Wind on the wall beside an opening, for an area so large; `None` in an inside wall, and where the job leaves it to the table.
pub fn wind_on<P: Pen>(pen: &mut P, rules: &Rules<'_>, wall: &Wall, square_feet: f64) -> Option<Pressure> {
    if wall.frame.face == WallFace::Inside || rules.settings.said.wind == Standing::NotSaid {
        return None;
    }
    match rules.settings.wind {
        KingWindBasis::CodeTableOnly => None,
        KingWindBasis::Pressure(pressure) => Some(pressure),
        KingWindBasis::Speed(speed) => {
            let enclosure = rules.settings.enclosure();
            Some(wall_pressure(pen, &speed, WallZone::Corner, square_feet, enclosure))
        }
    }
}

/// Wind on the kings of an opening; `None` in an inside wall, and where the job leaves it to the table.
pub fn king_wind<P: Pen>(
    pen: &mut P,
    rules: &Rules<'_>,
    wall: &Wall,
    down: &TakeDown,
    at: KingPlace,
) -> Option<KingWind> {
    let frame = &wall.frame;
    let height = frame.stud_length();
    let pressure = wind_on(pen, rules, wall, effective_area(at.clear, frame, height))?;
    Some(KingWind {
        clear: at.clear,
        height,
        spacing: frame.spacing,
        pressure,
        stud: frame.stud,
        thickness: frame.thickness(),
        depth: frame.depth(),
        deflection_limit: rules.settings.king_limit(),
        axial: axial(down, frame, at),
    })
}

/// Span times the width that bears, but not less than a third of the span, ft² (ASCE 7-16 26.2, from memory).
fn effective_area(clear: Length, frame: &WallFrame, height: Length) -> f64 {
    let width = clear.half() + frame.spacing.half();
    height.to_feet() * width.to_feet().max(height.to_feet() / 3.0)
}

/// What the top plates bring to the kings of one end: half a stud space of the wall's load and their own thickness, where the
/// wall beside the opening carries the most.
fn axial(down: &TakeDown, frame: &WallFrame, at: KingPlace) -> ByKind<Force> {
    let width = (frame.spacing.half() + frame.thickness()).to_feet();
    let aside = at.clear.half() + frame.thickness() * 2;
    let places = [at.center, (at.center - aside).max(Length::ZERO), at.center + aside].map(|place| down.at(place));
    let mut most = ByKind::default();
    for kind in LoadKind::ALL {
        let plf = places.iter().map(|there| there.get(kind).to_plf()).fold(0.0, f64::max);
        *most.get_mut(kind) = Force::lbf(plf * width);
    }
    most
}
