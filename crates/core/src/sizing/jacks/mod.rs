//! Jacks at one end: as many as the most demanding reason asks for, one file a reason.

pub mod column;
pub mod end_grain;
pub mod flat_nailer;
pub mod header_bearing;
pub mod shop_rule;
pub mod sole_plate;

use arrayvec::ArrayVec;

use super::bridge::Bridge;
use super::count::studs_for;
use crate::loads::kind::{ByKind, STRENGTH_COMBINATIONS};
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
    /// The code's table.
    CodeTable,
    /// The shop's own rule.
    ShopRule,
}

impl JackReason {
    /// The reason in words.
    pub const fn name(self) -> &'static str {
        match self {
            Self::HeaderBearing => "header bearing",
            Self::SolePlate => "sole plate bearing",
            Self::Column => "jack as a column",
            Self::EndGrain => "end grain of the jack",
            Self::FlatNailer => "flat nailer crushing",
            Self::CodeTable => "code table",
            Self::ShopRule => "shop rule",
        }
    }

    /// Where the reason comes from.
    pub const fn clause(self) -> Clause {
        match self {
            Self::HeaderBearing | Self::SolePlate | Self::FlatNailer => Clause::nds("3.10.2"),
            Self::EndGrain => Clause::nds("3.10.1"),
            Self::CodeTable => Clause::irc("Table R602.7(1), (2)"),
            Self::Column => Clause::nds("3.7"),
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
    /// The governing combination; empty where combinations play no part.
    pub combination: &'static str,
}

/// One end's jacks.
#[derive(Clone, Debug, PartialEq)]
pub struct JackPack {
    /// Every reason with its count.
    pub reasons: ArrayVec<JackCount, 5>,
    /// Largest load on the pack, lb.
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
#[derive(Clone, Debug)]
pub struct JackStrength {
    header_bearing: f64,
    flat_nailer: Option<f64>,
    /// By combination, in the order of [`STRENGTH_COMBINATIONS`]; `None` where a jack is too slender to be a column.
    column: [Option<f64>; STRENGTH_COMBINATIONS.len()],
    end_grain: [f64; STRENGTH_COMBINATIONS.len()],
}

impl JackStrength {
    /// Of the jacks under a header.
    pub fn of(bridge: &Bridge<'_>) -> Self {
        let mut strength = Self {
            header_bearing: header_bearing::one_jack_carries(&mut Silent, bridge),
            flat_nailer: flat_nailer::one_jack_carries(&mut Silent, bridge),
            column: [None; STRENGTH_COMBINATIONS.len()],
            end_grain: [0.0; STRENGTH_COMBINATIONS.len()],
        };
        for (index, combination) in STRENGTH_COMBINATIONS.iter().enumerate() {
            if combination.applies_to(&bridge.present) {
                strength.column[index] = column::one_jack_carries(&mut Silent, bridge, combination);
                strength.end_grain[index] =
                    end_grain::one_jack_carries(&mut Silent, bridge, combination).unwrap_or(0.0);
            }
        }
        strength
    }
}

/// Counts the jacks one end needs by arithmetic, from what its pack carries by kind, lb.
pub fn jack_pack(bridge: &Bridge<'_>, strength: &JackStrength, reactions: &ByKind<f64>) -> JackPack {
    use JackReason::{Column, EndGrain, FlatNailer, HeaderBearing, SolePlate};
    let mut reasons: ArrayVec<JackCount, 5> =
        [HeaderBearing, SolePlate, Column, EndGrain].map(none_yet).into_iter().collect();
    reasons.extend(strength.flat_nailer.map(|_| none_yet(FlatNailer)));
    let mut largest_load: f64 = 0.0;
    for (index, combination) in STRENGTH_COMBINATIONS.iter().enumerate() {
        if !combination.applies_to(&bridge.present) {
            continue;
        }
        let load = combination.total(reactions);
        largest_load = largest_load.max(load);
        for worst in &mut reasons {
            let each = match worst.reason {
                HeaderBearing => Some(strength.header_bearing),
                FlatNailer => strength.flat_nailer,
                Column => strength.column[index],
                EndGrain => Some(strength.end_grain[index]),
                // The sole plate's strength depends on the count, and not on the combination: it is counted below.
                _ => None,
            };
            let work = each.map_or(f64::INFINITY, |each| load / each);
            if worst.combination.is_empty() || worst.work() < work {
                *worst = JackCount { each, load, combination: combination.name, ..*worst };
            }
        }
    }
    for reason in &mut reasons {
        match reason.reason {
            SolePlate => (reason.load, reason.count, reason.each) = sole_plate::count(bridge, largest_load),
            _ => reason.count = reason.each.and_then(|each| studs_for(reason.load, each)),
        }
    }
    let heaviest = reasons.iter().find(|reason| reason.reason == HeaderBearing).map_or("", |reason| reason.combination);
    for reason in &mut reasons {
        if reason.reason == SolePlate {
            reason.combination = heaviest;
        }
    }
    let needed = reasons.iter().map(|count| count.count).reduce(most).flatten();
    JackPack { reasons, largest_load, needed }
}

fn most(a: Option<u8>, b: Option<u8>) -> Option<u8> {
    Some(a?.max(b?))
}

impl JackCount {
    /// How hard the wood works, so that ties in studs still name the right combination.
    fn work(&self) -> f64 {
        self.each.map_or(f64::INFINITY, |each| self.load / each)
    }
}

const fn none_yet(reason: JackReason) -> JackCount {
    JackCount { reason, count: Some(1), load: 0.0, each: None, combination: "" }
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
        assert_eq!(pack.reason(JackReason::Column).map(|count| count.combination), Some("D+S"));
    }
}
