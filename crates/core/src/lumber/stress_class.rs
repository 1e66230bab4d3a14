//! Stress classes of engineered lumber.

/// Stress class of engineered lumber, never a maker's name.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum EngineeredClass {
    /// Laminated veneer lumber, E 2.0 million psi, Fb 2600 psi.
    Lvl20E,
    /// Laminated veneer lumber, E 1.9 million psi, Fb 2600 psi.
    Lvl19E,
    /// Parallel strand lumber, E 2.0 million psi, Fb 2900 psi.
    Psl20E,
    /// Parallel strand lumber, E 2.2 million psi, Fb 2900 psi.
    Psl22E,
    /// Laminated strand lumber, E 1.55 million psi, Fb 2325 psi.
    Lsl155E,
    /// Glued laminated timber, 24F-1.8E.
    Glulam24F18E,
}

impl EngineeredClass {
    /// Every class.
    pub const ALL: [Self; 6] =
        [Self::Lvl20E, Self::Lvl19E, Self::Psl20E, Self::Psl22E, Self::Lsl155E, Self::Glulam24F18E];

    /// The class as it is written on a plan.
    pub const fn name(self) -> &'static str {
        match self {
            Self::Lvl20E => "LVL 2.0E-2600",
            Self::Lvl19E => "LVL 1.9E-2600",
            Self::Psl20E => "PSL 2.0E-2900",
            Self::Psl22E => "PSL 2.2E-2900",
            Self::Lsl155E => "LSL 1.55E-2325",
            Self::Glulam24F18E => "Glulam 24F-1.8E",
        }
    }
}
