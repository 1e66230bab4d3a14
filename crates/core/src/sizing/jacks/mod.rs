//! Jacks at one end: as many as the most demanding reason asks for, one file a reason.

pub mod column;
pub mod eccentric;
pub mod end_grain;
pub mod flat_nailer;
pub mod header_bearing;
pub mod shop_rule;
pub mod sole_plate;

use arrayvec::ArrayVec;
use smallvec::SmallVec;

use super::bridge::Bridge;
use super::count::studs_for;
use crate::codes::question::PressedWood;
use crate::codes::{CombinationIndex, DesignCode, MOST_COMBINATIONS, Topic};
use crate::loads::ByKind;
use crate::measure::{End, Length};
use crate::say;
use crate::speech::Phrase;
use crate::working::{Clause, Silent};

/// Why so many jacks.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum JackReason {
    /// The header crushes across its grain where it sits on the jacks.
    HeaderBearing,
    /// The sole plate crushes under the jacks.
    SolePlate,
    /// The jacks buckle or crush as columns.
    Column,
    /// The jacks crush at their ends.
    EndGrain,
    /// A flat nailer between header and jacks crushes.
    FlatNailer,
    /// The jacks bend, because the header presses them off their middle.
    Eccentric,
    /// The code's table.
    CodeTable,
    /// The shop's own rule.
    ShopRule,
}

impl JackReason {
    /// The reason in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::HeaderBearing => say!("jacks-by-header-bearing"),
            Self::SolePlate => say!("jacks-by-sole-plate"),
            Self::Column => say!("jacks-by-column"),
            Self::EndGrain => say!("jacks-by-end-grain"),
            Self::FlatNailer => say!("jacks-by-flat-nailer"),
            Self::Eccentric => say!("jacks-by-eccentric"),
            Self::CodeTable => say!("jacks-by-code-table"),
            Self::ShopRule => say!("jacks-by-shop-rule"),
        }
    }

    /// Where the reason comes from.
    pub const fn clause(self, code: DesignCode) -> Clause {
        match self {
            Self::HeaderBearing | Self::SolePlate | Self::FlatNailer => code.clause(Topic::Bearing),
            Self::EndGrain => code.clause(Topic::EndGrain),
            Self::Eccentric => code.clause(Topic::Eccentric),
            Self::CodeTable => Clause::irc("Table R602.7(1), (2)"),
            Self::Column => code.clause(Topic::Column),
            Self::ShopRule => Clause::PRACTICE,
        }
    }
}

/// What one reason asks for.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct JackCount {
    /// Which reason.
    pub reason: JackReason,
    /// Jacks asked for; `None` if no number is enough.
    pub count: Option<u8>,
    /// Load on the pack in the governing combination, lb.
    pub load: f64,
    /// What one jack carries by this reason in that combination, lb; `None` where the reason is not a strength.
    pub each: Option<f64>,
    /// The governing combination; `None` where combinations play no part.
    pub combination: Option<CombinationIndex>,
    /// How hard the jacks that are there work; zero where the reason is not a strength.
    pub ratio: f64,
}

/// One end's jacks.
#[derive(Clone, Debug, PartialEq)]
pub struct JackPack {
    /// Every reason with its count.
    pub reasons: ArrayVec<JackCount, 6>,
    /// Largest load on the pack with everything spread evenly, lb.
    pub largest_load: f64,
    /// Jacks needed: the most any reason asks for; `None` if none is enough.
    pub needed: Option<u8>,
}

impl JackPack {
    /// What one reason asks for.
    pub fn reason(&self, reason: JackReason) -> Option<&JackCount> {
        self.reasons.iter().find(|count| count.reason == reason)
    }

    /// The reasons that ask for the most.
    pub fn governing(&self) -> impl Iterator<Item = JackReason> {
        let needed = self.needed;
        self.reasons.iter().filter(move |count| count.count == needed).map(|count| count.reason)
    }
}

/// What one jack carries, by each reason that does not depend on how many there are. Worked out once for a header: it
/// does not change while the count settles.
#[derive(Clone, Copy, Debug)]
pub struct JackStrength {
    header_bearing: f64,
    flat_nailer: Option<f64>,
    own: OwnStrength,
}

/// What one jack carries by its own strength, by combination in the order of the code's.
#[derive(Clone, Copy, Debug, Default)]
struct OwnStrength {
    /// As a column; `None` where it is too slender to be one.
    column: [Option<f64>; MOST_COMBINATIONS],
    /// By its end grain.
    end_grain: [f64; MOST_COMBINATIONS],
    /// What bending off its middle asks of it.
    wood: PressedWood,
}

/// The jacks' own strength under headers that were tried before: it is the same under every header that leaves them the same
/// length and the same wood to stand on.
#[derive(Clone, Debug, Default)]
pub struct KnownJacks {
    known: SmallVec<[((Length, u64), OwnStrength); 6]>,
}

impl KnownJacks {
    fn under(&mut self, bridge: &Bridge<'_>) -> OwnStrength {
        let length = bridge.problem.jack_length.under(bridge.header.board.depth());
        let key = (length, column::standing_depth(bridge).to_bits());
        if let Some((_, own)) = self.known.iter().find(|(known, _)| *known == key) {
            return *own;
        }
        let mut own = OwnStrength::default();
        for (index, combination) in bridge.strength_combinations() {
            own.column[index] = column::one_jack_carries(&mut Silent, bridge, combination);
            own.end_grain[index] = end_grain::one_jack_carries(&mut Silent, bridge, combination).unwrap_or(0.0);
        }
        own.wood = eccentric::wood(bridge, length.to_inches(), bridge.problem.wall_depth.to_inches());
        self.known.push((key, own));
        own
    }
}

impl JackStrength {
    /// Of the jacks under a header.
    pub fn of(bridge: &Bridge<'_>, known: &mut KnownJacks) -> Self {
        Self {
            header_bearing: header_bearing::one_jack_carries(&mut Silent, bridge),
            flat_nailer: flat_nailer::one_jack_carries(&mut Silent, bridge),
            own: known.under(bridge),
        }
    }
}

/// Counts the jacks one end needs by arithmetic, from what its pack carries by kind, lb.
pub fn jack_pack(bridge: &Bridge<'_>, strength: &JackStrength, end: End, reactions: &ByKind<f64>) -> JackPack {
    // Bearing across the grain knows no load duration, so the heaviest combination governs it; for the jacks' own strength
    // it is the one that works the wood hardest.
    let there = *bridge.jacks.at(end);
    let mut heaviest = (0.0, None);
    let mut largest_load: f64 = 0.0;
    let mut column = JackCount::of(JackReason::Column, 0.0, None, None);
    let mut end_grain = JackCount::of(JackReason::EndGrain, 0.0, None, None);
    let mut off_middle: Option<JackCount> = None;
    let off = eccentric::eccentricity(bridge);
    for (index, combination) in bridge.strength_combinations() {
        let even = combination.total(reactions);
        largest_load = largest_load.max(even);
        let load = even + bridge.spaced_on_pack(combination);
        if heaviest.1.is_none() || heaviest.0 < load {
            heaviest = (load, Some(combination.index));
        }
        column.keep_harder(load, combination.index, strength.own.column[index]);
        end_grain.keep_harder(load, combination.index, Some(strength.own.end_grain[index]));
        if let Some(off) = off {
            let bent = pressed_off_middle(bridge, strength, index, load, off, there);
            if off_middle.is_none_or(|worst| worst.ratio < bent.ratio) {
                off_middle = Some(bent);
            }
        }
    }
    let (load, combination) = heaviest;
    let (plate_count, plate_each) = sole_plate::count(bridge, end, load);
    let bearing = JackCount::of(JackReason::HeaderBearing, load, combination, Some(strength.header_bearing));
    let nailer = strength.flat_nailer.map(|each| JackCount::of(JackReason::FlatNailer, load, combination, Some(each)));
    let mut reasons: ArrayVec<JackCount, 6> = ArrayVec::new();
    reasons.push(bearing.counted(there));
    let on_plate = sole_plate::one_jack_carries(&mut Silent, bridge, end, there.max(1));
    reasons.push(JackCount {
        count: plate_count,
        ratio: load / (on_plate * f64::from(there)),
        ..JackCount::of(JackReason::SolePlate, load, combination, Some(plate_each))
    });
    reasons.push(column.counted(there));
    reasons.push(end_grain.counted(there));
    reasons.extend(nailer.map(|nailer| nailer.counted(there)));
    reasons.extend(off_middle);
    let needed = reasons.iter().map(|count| count.count).reduce(most).flatten();
    JackPack { reasons, largest_load, needed }
}

/// The jacks of an end bent by a load off their middle, in one combination.
fn pressed_off_middle(
    bridge: &Bridge<'_>,
    strength: &JackStrength,
    index: usize,
    load: f64,
    off: f64,
    there: u8,
) -> JackCount {
    let code = bridge.problem.conventions.code;
    let combination = &code.strength()[index];
    let depth = bridge.problem.wall_depth.to_inches();
    let area = bridge.stud_thickness() * depth;
    let wood = PressedWood { column: strength.own.column[index].unwrap_or(0.0) / area, ..strength.own.wood };
    let ratio = |jacks: u8| {
        let stress = load / (f64::from(jacks) * area);
        code.pressed_off_middle(&mut Silent, stress, &wood, combination.duration, (off, depth))
    };
    JackCount {
        count: (1..=MOST_TRIED).find(|jacks| ratio(*jacks) <= 1.0),
        ratio: ratio(there.max(1)),
        ..JackCount::of(JackReason::Eccentric, load, Some(combination.index), None)
    }
}

/// The most jacks that are tried against bending.
const MOST_TRIED: u8 = 40;

fn most(a: Option<u8>, b: Option<u8>) -> Option<u8> {
    Some(a?.max(b?))
}

impl JackCount {
    const fn of(reason: JackReason, load: f64, combination: Option<CombinationIndex>, each: Option<f64>) -> Self {
        Self { reason, count: None, load, each, combination, ratio: 0.0 }
    }

    /// A number that a rule asks for.
    pub const fn by_rule(reason: JackReason, count: u8) -> Self {
        Self { reason, count: Some(count), load: 0.0, each: None, combination: None, ratio: 0.0 }
    }

    /// Keeps a combination that works the wood harder; one that no number of jacks is enough for is the hardest.
    fn keep_harder(&mut self, load: f64, combination: CombinationIndex, each: Option<f64>) {
        let work = |load: f64, each: Option<f64>| each.map_or(f64::INFINITY, |each| load / each);
        if self.combination.is_none() || work(self.load, self.each) < work(load, each) {
            *self = Self { load, combination: Some(combination), each, ..*self };
        }
    }

    /// With the studs it takes, and how hard those work that are there.
    fn counted(self, there: u8) -> Self {
        let ratio = self.each.map_or(f64::INFINITY, |each| self.load / (each * f64::from(there)));
        Self { count: self.each.and_then(|each| studs_for(self.load, each)), ratio, ..self }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn the_most_demanding_reason_sets_the_number() {
        let evaluation = evaluated(&roof_window());
        let pack = &evaluation.packs.left;
        assert_eq!(pack.needed, Some(1));
        assert_eq!(pack.governing().count(), 4);
        assert_eq!(
            pack.reason(JackReason::Column).and_then(|count| count.combination).map(CombinationIndex::name),
            Some("D+S")
        );
    }
}
