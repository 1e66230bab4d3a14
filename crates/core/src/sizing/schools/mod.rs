//! Ways in which sizes are decided: by the code's table, by calculation, by the shop's habit. They stand side by side for
//! every opening; the job says which governs, and a rule never hides a failure.

pub mod code_basis;
pub mod code_question;
pub mod code_table;
pub mod jurisdiction;
pub mod shop;

pub use code_question::{Basis, CodeQuestion};
pub use code_table::CodeAnswer;
pub use jurisdiction::{JurisdictionRow, JurisdictionTable};
pub use shop::{ShopHeader, ShopRules};

use crate::lumber::HeaderSpec;
use crate::say;
use crate::speech::Phrase;

/// A school.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum School {
    /// The adopted code's span table.
    CodeTable,
    /// Calculation.
    #[default]
    Calculation,
    /// The shop's rule.
    ShopRule,
}

impl School {
    /// Every school.
    pub const ALL: [Self; 3] = [Self::CodeTable, Self::Calculation, Self::ShopRule];

    /// What it is called.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::CodeTable => say!("school-code-table"),
            Self::Calculation => say!("school-calculation"),
            Self::ShopRule => say!("school-shop-rule"),
        }
    }
}

/// What one school says about an opening.
#[derive(Clone, Debug, PartialEq)]
pub struct Opinion {
    /// Which school.
    pub school: School,
    /// The header it leads to, if it has an answer.
    pub header: Option<HeaderSpec>,
    /// Jacks it asks for at each end, where it says.
    pub jacks: Option<u8>,
    /// In a sentence: why this one, or why there is no answer.
    pub words: Phrase,
    /// Whether that header also carries by calculation; `None` without a header.
    pub carries_by_calculation: Option<bool>,
}
