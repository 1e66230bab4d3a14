//! Which code, and what of it is asked for.

/// A code that wood is designed by.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum DesignCode {
    /// Allowable stress design of the National Design Specification.
    #[default]
    AllowableStress,
}

/// A set of combinations.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum CombinationSet {
    /// Of vertical loads, for strength.
    Strength,
    /// Of what comes and goes, for the sag it makes.
    Live,
    /// Of vertical loads with wind.
    WithWind,
    /// Wind by itself.
    WindAlone,
}

/// One combination of a code, by its place in its set.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct CombinationIndex {
    /// The code.
    pub code: DesignCode,
    /// The set.
    pub set: CombinationSet,
    /// The place in it, from 0.
    pub place: u8,
}

/// What a clause is about.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Topic {
    /// Which loads act together.
    Combinations,
    /// From where to where a beam spans.
    DesignSpan,
    /// Bending.
    Bending,
    /// Shear.
    Shear,
    /// Where the largest shear is taken.
    ShearNearSupport,
    /// Sag.
    Deflection,
    /// Bent both ways, or bent and pressed.
    Combined,
    /// Bearing across the grain.
    Bearing,
    /// Bearing on the end of the grain.
    EndGrain,
    /// A column.
    Column,
    /// How far a column buckles before it crushes.
    ColumnStability,
    /// A column of plies nailed to one another.
    BuiltUpColumn,
    /// A column pressed off its middle.
    Eccentric,
}
