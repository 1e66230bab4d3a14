//! A stick of sawn lumber, as it stands upright.

use super::section::SawnSize;
use super::species::{Grade, Species};

/// A stick of sawn lumber.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct SawnLumber {
    /// Species group.
    pub species: Species,
    /// Grade.
    pub grade: Grade,
    /// Nominal size.
    pub size: SawnSize,
}

impl SawnLumber {
    /// As called out: `4x4 SPF No.2`.
    pub fn name(self) -> String {
        format!("{} {} {}", self.size.name(), self.species.abbreviation(), self.grade.name())
    }
}
