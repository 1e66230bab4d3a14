//! # The shop's rules
//!
//! **What it does.** What a shop does without asking: which header goes over what, from which width jacks and kings are
//! doubled. Calculation still judges what the rule leads to.
//!
//! **Source.** Common practice, no source: "2-2x10 over everything", "two 2x6 up to 4 1/2 ft on a building up to 20 ft
//! wide", "two jacks at 5 ft".
//!
//! **Worked example.** Rules: 2-2x6 up to 4'-6" on buildings up to 20 ft, else 2-2x10. Over 4 ft in a house 24 ft wide the
//! first does not hold, so 2-2x10.

use crate::lumber::HeaderSpec;
use crate::measure::Length;

/// A shop's rules.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct ShopRules {
    /// Two jacks from this width on.
    pub doubles_jacks_from: Option<Length>,
    /// Two kings from this width on.
    pub doubles_kings_from: Option<Length>,
    /// Which header goes over what; the first that holds counts.
    pub headers: Vec<ShopHeader>,
}

/// The most header rules a shop may have.
pub const MOST_HEADER_RULES: usize = 12;

/// One header rule.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct ShopHeader {
    /// Over openings up to this width; `None` over everything.
    pub up_to: Option<Length>,
    /// On buildings up to this width; `None` on every building.
    pub building_up_to: Option<Length>,
    /// The header.
    pub header: HeaderSpec,
}

impl ShopRules {
    /// The header over an opening in a building; a rule that asks for a building's width does not hold where none is known.
    pub fn header_over(&self, clear: Length, building: Option<Length>) -> Option<HeaderSpec> {
        let holds = |rule: &&ShopHeader| {
            let narrow_building = match (rule.building_up_to, building) {
                (None, _) => true,
                (Some(most), Some(building)) => building <= most,
                (Some(_), None) => false,
            };
            rule.up_to.is_none_or(|most| clear <= most) && narrow_building
        };
        self.headers.iter().find(holds).map(|rule| rule.header)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};

    fn doubled(depth: Depth) -> HeaderSpec {
        let board =
            HeaderBoard::Sawn { species: Species::HemFir, grade: Grade::Number2, size: SawnSize::two_by(depth) };
        HeaderSpec { board, plies: 2 }
    }

    #[test]
    fn worked_example() {
        let small = ShopHeader {
            up_to: Some(Length::feet_inches(4, 6)),
            building_up_to: Some(Length::feet(20)),
            header: doubled(Depth::Six),
        };
        let everything = ShopHeader { up_to: None, building_up_to: None, header: doubled(Depth::Ten) };
        let rules = ShopRules { headers: vec![small, everything], ..ShopRules::default() };
        let over = |feet, building: Option<i64>| rules.header_over(Length::feet(feet), building.map(Length::feet));
        assert_eq!(over(4, Some(24)), Some(doubled(Depth::Ten)));
        assert_eq!(over(4, Some(20)), Some(doubled(Depth::Six)));
        assert_eq!(over(4, None), Some(doubled(Depth::Ten)));
        assert_eq!(ShopRules::default().header_over(Length::feet(4), None), None);
    }
}
