//! The header's checks, one file each. Each answers demand against capacity for one combination; the governing
//! combination is the one with the largest ratio.

pub mod bending;
pub mod deflection;
pub mod door_sag;
pub mod moment;
pub mod post;
pub mod shear;
pub mod sideways;
pub mod spaced_framing;
pub mod width;

use super::load_pattern::LoadPattern;
pub use crate::codes::Comparison;
use crate::codes::{CombinationIndex, DesignCode, Topic};
use crate::measure::Length;
use crate::say;
use crate::speech::{Phrase, percent};
use crate::working::{Clause, Unit};

/// Which check.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum CheckKind {
    /// Bending stress.
    Bending,
    /// Shear stress.
    Shear,
    /// Deflection under everything that is not dead load.
    LiveDeflection,
    /// Deflection under everything.
    TotalDeflection,
    /// Sag under live load over a door that would bind.
    DoorSag,
    /// The header crushing on a post or at the far end of a return.
    PostBearing,
    /// A beam crushing on the wall that it bears on, or that wall's plate under it.
    BeamBearing,
    /// A post as a column.
    PostColumn,
    /// The plate crushing under a post.
    PostPlate,
    /// A hung header bent sideways by wind.
    Sideways,
    /// Header no wider than the wall.
    Width,
    /// Header no deeper than the room there is.
    Depth,
}

impl CheckKind {
    /// The check in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Bending => say!("check-bending"),
            Self::Shear => say!("check-shear"),
            Self::LiveDeflection => say!("check-live-deflection"),
            Self::TotalDeflection => say!("check-total-deflection"),
            Self::DoorSag => say!("check-door-sag"),
            Self::PostBearing => say!("check-post-bearing"),
            Self::BeamBearing => say!("check-beam-bearing"),
            Self::PostColumn => say!("check-post-column"),
            Self::PostPlate => say!("check-post-plate"),
            Self::Sideways => say!("check-sideways"),
            Self::Width => say!("check-width"),
            Self::Depth => say!("check-depth"),
        }
    }

    /// Where the check comes from.
    pub const fn clause(self, code: DesignCode) -> Clause {
        match self {
            Self::Bending => code.clause(Topic::Bending),
            Self::Shear => code.clause(Topic::Shear),
            Self::LiveDeflection | Self::TotalDeflection => Clause::irc("Table R301.7"),
            Self::PostBearing | Self::BeamBearing | Self::PostPlate => code.clause(Topic::Bearing),
            Self::PostColumn => code.clause(Topic::BuiltUpColumn),
            Self::Sideways => code.clause(Topic::Combined),
            Self::DoorSag | Self::Width | Self::Depth => Clause::PRACTICE,
        }
    }

    /// The unit of its demand and capacity.
    pub const fn unit(self) -> Unit {
        match self {
            Self::Bending | Self::Shear | Self::PostBearing | Self::BeamBearing | Self::PostPlate => Unit::Psi,
            Self::PostColumn => Unit::Pounds,
            Self::Sideways => Unit::None,
            Self::LiveDeflection | Self::TotalDeflection | Self::DoorSag | Self::Width | Self::Depth => Unit::Inches,
        }
    }
}

/// The outcome of one check over all combinations.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct CheckResult {
    /// Which check.
    pub kind: CheckKind,
    /// Demand and capacity in the governing combination.
    pub comparison: Comparison,
    /// The governing combination; `None` where combinations play no part.
    pub combination: Option<CombinationIndex>,
    /// Where the loads that come and go stand in it.
    pub pattern: LoadPattern,
}

/// How far over 1 a ratio may be and still pass: float noise.
const NOISE: f64 = 1e-9;

impl CheckResult {
    /// Before any case: without any load there is nothing to carry, demand 0 against a capacity of 1.
    pub const fn of_nothing(kind: CheckKind) -> Self {
        let comparison = Comparison { demand: 0.0, capacity: 1.0 };
        Self { kind, comparison, combination: None, pattern: LoadPattern::ALL }
    }

    /// Demand over capacity.
    pub fn ratio(&self) -> f64 {
        self.comparison.ratio()
    }

    /// Whether the check is met. What is not a number is never met.
    pub fn passes(&self) -> bool {
        self.ratio() <= 1.0 + NOISE
    }

    /// Why it fails, in a sentence; empty if it does not.
    pub fn failure(&self) -> Option<Phrase> {
        if self.passes() {
            return None;
        }
        let Comparison { demand, capacity } = self.comparison;
        Some(match self.kind {
            CheckKind::Width => say!("failure-width", header = tape(demand), wall = tape(capacity)),
            CheckKind::Depth => say!("failure-depth", header = tape(demand), room = tape(capacity)),
            kind if !self.ratio().is_finite() => say!("failure-nothing-carried", check = kind.phrase()),
            kind => {
                say!(
                    "failure",
                    check = kind.phrase(),
                    at = percent(self.ratio()),
                    combination = CombinationIndex::said(self.combination)
                )
            }
        })
    }
}

/// Decimal inches as a tape shows them.
fn tape(inches: f64) -> Length {
    Length::from_decimal_inches(inches)
}
