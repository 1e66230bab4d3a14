//! What a post of the house has to do, and what it may be made of.

use crate::codes::DesignCode;
use crate::loads::ByKind;
use crate::lumber::{Family, JackLumber, SawnLumber};
use crate::measure::{Force, Length, Stress};
use crate::say;
use crate::speech::Phrase;

/// What a post is made of.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum PostSection {
    /// Studs nailed to one another.
    Studs {
        /// What they are cut from.
        lumber: JackLumber,
        /// How many.
        count: u8,
    },
    /// One stick.
    Solid(SawnLumber),
}

impl PostSection {
    /// Its shorter and its longer side, in.
    pub fn sides(self) -> (f64, f64) {
        let (a, b) = match self {
            Self::Studs { lumber, count } => {
                let size = lumber.size();
                (f64::from(count) * size.actual_thickness().to_inches(), size.actual_depth().to_inches())
            }
            Self::Solid(lumber) => (lumber.size.actual_thickness().to_inches(), lumber.size.actual_depth().to_inches()),
        };
        (a.min(b), a.max(b))
    }

    /// How much wood it is, in.².
    pub fn area(self) -> f64 {
        let (a, b) = self.sides();
        a * b
    }

    /// As called out: `4x4 SPF No.2`, `3 of 2x4 SPF Stud`.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Studs { lumber, count } => say!("post-of-studs", count, lumber = lumber.name()),
            Self::Solid(lumber) => say!("post-solid", lumber = lumber.name()),
        }
    }
}

/// A beam that lies on a post.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct BeamOnPost {
    /// What it presses with.
    pub by_kind: ByKind<Force>,
    /// How wide it is.
    pub width: Length,
    /// How far it reaches past the post's center at most, either way.
    pub reaches: (Length, Length),
    /// Fc⊥ of it.
    pub bearing: Stress,
    /// What it is made of.
    pub family: Family,
}

/// What a post has to do.
#[derive(Clone, Debug, PartialEq)]
pub struct PostSpec {
    /// How long it is.
    pub height: Length,
    /// What comes down through it.
    pub load: ByKind<Force>,
    /// What lies on it.
    pub beams: Vec<BeamOnPost>,
    /// Fc⊥ of the wood under it; `None` on concrete.
    pub stands_on: Option<Stress>,
    /// By which code it is designed.
    pub code: DesignCode,
    /// What goes in where somebody chose it.
    pub chosen: Option<PostSection>,
}
