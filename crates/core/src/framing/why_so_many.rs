//! # Why so many
//!
//! **What it does.** Every reason for the jacks and the kings of one end, whether it counts in this job, and which of them sets the
//! number.
//!
//! **Source.** Common practice, no source: the code's table counts where it governs, and stands beside the others where it does not.

use super::king_count::{KingCount, KingReason, KingsAsked};
use super::opening_plan::SizedHeader;
use crate::codes::CombinationIndex;
use crate::measure::{End, Force};
use crate::say;
use crate::sizing::jacks::{JackCount, JackReason};
use crate::sizing::schools::School;
use crate::speech::{Phrase, percent};
use crate::working::Clause;

/// One reason for so many jacks.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct JacksBecause<'a> {
    /// What was counted.
    pub count: &'a JackCount,
    /// Whether it counts in this job, or only stands beside the others.
    pub counts: bool,
    /// Whether it sets the number.
    pub governs: bool,
    /// Where the reason comes from.
    pub clause: Clause,
}

/// Every reason for the jacks of an end.
pub fn jacks_because<'a>(sized: &'a SizedHeader, end: End) -> Vec<JacksBecause<'a>> {
    let mut reasons: Vec<&JackCount> = sized.evaluation.packs.at(end).reasons.iter().collect();
    reasons.extend(&sized.code_jacks);
    reasons.extend(&sized.shop_rule);
    let counts = |count: &JackCount| count.reason != JackReason::CodeTable || sized.school == School::CodeTable;
    let asks = |count: &JackCount| count.count.unwrap_or(u8::MAX);
    let most = reasons.iter().filter(|count| counts(count)).map(|count| asks(count)).max();
    let code = sized.problem.conventions.code;
    let because = |count: &'a JackCount| JacksBecause {
        count,
        counts: counts(count),
        governs: counts(count) && Some(asks(count)) == most,
        clause: count.reason.clause(code),
    };
    reasons.into_iter().map(because).collect()
}

impl JacksBecause<'_> {
    /// Its figures, in words.
    pub fn phrase(&self) -> Phrase {
        let JackCount { reason, load, each, count, combination, ratio } = *self.count;
        match (reason, each, count) {
            (JackReason::CodeTable, ..) if self.counts => say!("jacks-by-the-codes-table"),
            (JackReason::CodeTable, ..) => say!("jacks-by-a-table-that-does-not-govern"),
            (JackReason::ShopRule, ..) => say!("jacks-by-what-the-shop-does"),
            (_, Some(each), _) => say!(
                "jacks-of-a-load",
                load = Force::lbf(load),
                each = Force::lbf(each),
                combination = CombinationIndex::said(combination),
            ),
            (_, None, None) => say!("jacks-too-slender"),
            (_, None, Some(_)) => say!(
                "jacks-of-a-share",
                load = Force::lbf(load),
                share = percent(ratio),
                combination = CombinationIndex::said(combination),
            ),
        }
    }
}

/// Whether a reason sets the number of kings.
pub fn king_reason_governs(kings: &KingCount, reason: &KingReason) -> bool {
    reason.counts && reason.asks == kings.needed()
}

impl KingsAsked {
    /// In a word or two.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Count(count) => say!("kings-asked", count),
            Self::NoneHolds { tried } => say!("kings-asked-more-than", tried),
            Self::NoNumber => say!("kings-asked-no-number"),
        }
    }
}
