//! Species groups and visual grades, as they are stamped.

/// Species group of sawn lumber.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Species {
    /// Douglas Fir-Larch.
    DouglasFirLarch,
    /// Hem-Fir.
    HemFir,
    /// Spruce-Pine-Fir.
    SprucePineFir,
    /// Southern Pine.
    SouthernPine,
}

impl Species {
    /// Every species group.
    pub const ALL: [Self; 4] = [Self::DouglasFirLarch, Self::HemFir, Self::SprucePineFir, Self::SouthernPine];

    /// The name in full.
    pub const fn name(self) -> &'static str {
        match self {
            Self::DouglasFirLarch => "Douglas Fir-Larch",
            Self::HemFir => "Hem-Fir",
            Self::SprucePineFir => "Spruce-Pine-Fir",
            Self::SouthernPine => "Southern Pine",
        }
    }

    /// The grade stamp's abbreviation.
    pub const fn abbreviation(self) -> &'static str {
        match self {
            Self::DouglasFirLarch => "DF-L",
            Self::HemFir => "HF",
            Self::SprucePineFir => "SPF",
            Self::SouthernPine => "SP",
        }
    }
}

/// Visual grade.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Grade {
    /// Select Structural.
    SelectStructural,
    /// No.1.
    Number1,
    /// No.2.
    Number2,
    /// Stud grade, for studs and jacks.
    Stud,
}

impl Grade {
    /// Every grade.
    pub const ALL: [Self; 4] = [Self::SelectStructural, Self::Number1, Self::Number2, Self::Stud];

    /// As stamped.
    pub const fn name(self) -> &'static str {
        match self {
            Self::SelectStructural => "Sel. Str.",
            Self::Number1 => "No.1",
            Self::Number2 => "No.2",
            Self::Stud => "Stud",
        }
    }
}
