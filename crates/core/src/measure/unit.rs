//! Units of what is computed and printed.

/// Units of printed results.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Unit {
    /// A ratio, a factor or a count.
    None,
    /// Inches.
    Inches,
    /// Feet.
    Feet,
    /// Square inches.
    SquareInches,
    /// Square feet.
    SquareFeet,
    /// Cubic inches.
    CubicInches,
    /// Inches to the fourth.
    InchesFourth,
    /// Pounds.
    Pounds,
    /// Pounds per foot.
    PoundsPerFoot,
    /// Pounds per inch.
    PoundsPerInch,
    /// Pounds per square foot.
    PoundsPerSquareFoot,
    /// Pounds per cubic foot.
    PoundsPerCubicFoot,
    /// Miles per hour.
    MilesPerHour,
    /// Pounds per square inch.
    Psi,
    /// Pound-inches.
    PoundInches,
    /// Cents.
    Cents,
}

impl Unit {
    /// How the unit is printed after a number.
    pub const fn symbol(self) -> &'static str {
        match self {
            Self::None | Self::Cents => "",
            Self::Inches => "in.",
            Self::Feet => "ft",
            Self::SquareInches => "in.²",
            Self::SquareFeet => "sq. ft.",
            Self::CubicInches => "in.³",
            Self::InchesFourth => "in.⁴",
            Self::Pounds => "lb",
            Self::PoundsPerFoot => "lb/ft",
            Self::PoundsPerInch => "lb/in.",
            Self::PoundsPerSquareFoot => "lb/ft²",
            Self::PoundsPerCubicFoot => "lb/ft³",
            Self::MilesPerHour => "mph",
            Self::Psi => "psi",
            Self::PoundInches => "lb·in.",
        }
    }
}

/// Prints a value to so many significant figures, without trailing zeros. Values under 1e-12 in size are printed as 0.
pub fn significant(value: f64, figures: i32) -> String {
    if value.abs() < 1e-12 {
        return "0".into();
    }
    let magnitude = value.abs().log10().floor() as i32;
    let decimals = (figures - 1 - magnitude).max(0) as usize;
    let text = format!("{value:.decimals$}");
    if text.contains('.') { text.trim_end_matches('0').trim_end_matches('.').to_owned() } else { text }
}
