//! The verdict in one word.

use super::evaluate::Evaluation;
use crate::say;
use crate::speech::Phrase;

/// From this ratio on, what passes is said to carry barely: the spread of lumber, span and load is about this wide (common
/// practice, no source).
pub const BARELY_FROM: f64 = 0.90;

/// Whether it carries.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Verdict {
    /// Everything is met with room to spare.
    Carries,
    /// Everything is met, with less than a tenth to spare.
    CarriesBarely,
    /// The code's table takes the header, calculation does not.
    OnlyTheTable,
    /// Something is not met.
    DoesNotCarry,
    /// No number: outside the limits, or something has yet to be said.
    AskAnEngineer,
}

impl Verdict {
    /// The verdict as it is shown.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Carries => say!("verdict-carries"),
            Self::CarriesBarely => say!("verdict-carries-barely"),
            Self::OnlyTheTable => say!("verdict-only-the-table"),
            Self::DoesNotCarry => say!("verdict-does-not-carry"),
            Self::AskAnEngineer => say!("verdict-ask-an-engineer"),
        }
    }

    /// Its short name, kept for good.
    pub const fn code(self) -> &'static str {
        match self {
            Self::Carries => "carries",
            Self::CarriesBarely => "barely",
            Self::OnlyTheTable => "table_only",
            Self::DoesNotCarry => "does_not_carry",
            Self::AskAnEngineer => "ask",
        }
    }

    /// Of a header that was tried, with its jacks and posts.
    pub fn of(evaluation: &Evaluation) -> Self {
        if !evaluation.carries() {
            Self::DoesNotCarry
        } else if evaluation.largest_ratio() < BARELY_FROM {
            Self::Carries
        } else {
            Self::CarriesBarely
        }
    }
}
