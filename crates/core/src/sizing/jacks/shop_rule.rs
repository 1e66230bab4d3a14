//! # Jacks by the shop's rule
//!
//! **What it does.** Two jacks where the opening is as wide as the shop's limit, or wider; one below it.
//!
//! **Source.** Common practice, no source: two at 5 ft and wider is heard most.

use super::{JackCount, JackReason};
use crate::measure::Length;

/// What the shop's rule asks for, if it has one.
pub fn count(clear: Length, doubles_from: Option<Length>) -> Option<JackCount> {
    let doubles_from = doubles_from?;
    let jacks = if doubles_from <= clear { 2 } else { 1 };
    Some(JackCount::by_rule(JackReason::ShopRule, jacks))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn doubles_at_five_feet() {
        let limit = Some(Length::feet(5));
        let jacks = |inches| count(Length::inches(inches), limit).and_then(|count| count.count);
        assert_eq!((jacks(59), jacks(60), jacks(72)), (Some(1), Some(2), Some(2)));
        assert_eq!(count(Length::feet(9), None), None);
    }
}
