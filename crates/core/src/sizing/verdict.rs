//! The verdict in one word.

use super::evaluate::Evaluation;

/// From this ratio on, a header that passes is said to carry barely: the spread of lumber, span and load is about this
/// wide (common practice, no source).
pub const BARELY_FROM: f64 = 0.90;

/// Whether it carries.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Verdict {
    /// Everything is met with room to spare.
    Carries,
    /// Everything is met, with less than a tenth to spare.
    CarriesBarely,
    /// Something is not met.
    DoesNotCarry,
    /// Outside the limits: no number.
    AskAnEngineer,
}

impl Verdict {
    /// The verdict as it is shown.
    pub const fn words(self) -> &'static str {
        match self {
            Self::Carries => "Carries",
            Self::CarriesBarely => "Carries, barely",
            Self::DoesNotCarry => "Does not carry",
            Self::AskAnEngineer => "Ask an engineer",
        }
    }

    /// Of an evaluated header.
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
