//! Jacks at one end: as many as the most demanding reason asks for, one file a reason.

pub mod column;
pub mod header_bearing;
pub mod shop_rule;
pub mod sole_plate;

use super::bridge::Bridge;
use crate::loads::kind::{ByKind, STRENGTH_COMBINATIONS};
use crate::working::Clause;

/// Why so many jacks.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum JackReason {
    /// The header crushes across its grain where it sits on the jacks.
    HeaderBearing,
    /// The sole plate crushes under the jacks.
    SolePlate,
    /// The jacks buckle or crush as columns.
    Column,
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
            Self::ShopRule => "shop rule",
        }
    }

    /// Where the reason comes from.
    pub const fn clause(self) -> Clause {
        match self {
            Self::HeaderBearing | Self::SolePlate => Clause::nds("3.10.2"),
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
    pub reasons: Vec<JackCount>,
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

/// Counts the jacks one end needs by arithmetic, from what its pack carries by kind, lb.
pub fn jack_pack(bridge: &Bridge<'_>, reactions: &ByKind<f64>) -> JackPack {
    let present = bridge.problem.kinds_present();
    let mut reasons = [header_bearing::NONE_YET, sole_plate::NONE_YET, column::NONE_YET];
    let mut largest_load: f64 = 0.0;
    for combination in STRENGTH_COMBINATIONS.iter().filter(|combination| combination.applies_to(&present)) {
        let load = combination.total(reactions);
        largest_load = largest_load.max(load);
        let counts = [
            header_bearing::count(bridge, load, combination),
            sole_plate::count(bridge, load, combination),
            column::count(bridge, load, combination),
        ];
        for (worst, count) in reasons.iter_mut().zip(counts) {
            if harder(&count, worst) {
                *worst = count;
            }
        }
    }
    let needed = reasons.iter().map(|count| count.count).reduce(most).flatten();
    JackPack { reasons: reasons.to_vec(), largest_load, needed }
}

/// Whether a count governs over the worst so far: by how hard the wood works, so that ties in studs still name the
/// right combination.
fn harder(count: &JackCount, worst: &JackCount) -> bool {
    let work = |count: &JackCount| count.each.map_or(f64::INFINITY, |each| count.load / each);
    worst.combination.is_empty() || work(count) > work(worst)
}

fn most(a: Option<u8>, b: Option<u8>) -> Option<u8> {
    Some(a?.max(b?))
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
        assert_eq!(pack.governing().count(), 3);
        assert_eq!(pack.reason(JackReason::Column).map(|count| count.combination), Some("D+S"));
    }
}
