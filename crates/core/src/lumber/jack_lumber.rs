//! The stud stock that jacks, kings and studs are cut from.

use super::sawn_lumber::SawnLumber;
use super::section::{Depth, SawnSize};
use super::species::{Grade, Species};

/// The stud stock that jacks are cut from.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct JackLumber {
    /// Species group.
    pub species: Species,
    /// Grade.
    pub grade: Grade,
    /// Depth of the stud: the wall's.
    pub depth: Depth,
}

impl JackLumber {
    /// The nominal size, always a 2x.
    pub const fn size(self) -> SawnSize {
        SawnSize::two_by(self.depth)
    }

    /// As called out: `2x6 SPF Stud`.
    pub fn name(self) -> String {
        SawnLumber::from(self).name()
    }
}

impl From<JackLumber> for SawnLumber {
    fn from(jack: JackLumber) -> Self {
        Self { species: jack.species, grade: jack.grade, size: jack.size() }
    }
}
