//! Sections of lumber: nominal sizes and what they really measure.

use crate::measure::Length;

/// Nominal thickness of sawn lumber.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Thickness {
    /// 2x: 1 1/2 in.
    Two,
    /// 4x: 3 1/2 in.
    Four,
    /// 6x: 5 1/2 in., graded as a timber.
    Six,
}

/// Nominal depth of sawn lumber.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Depth {
    /// x4: 3 1/2 in.
    Four,
    /// x6: 5 1/2 in.
    Six,
    /// x8: 7 1/4 in.
    Eight,
    /// x10: 9 1/4 in.
    Ten,
    /// x12: 11 1/4 in.
    Twelve,
}

/// A nominal size such as 2x10. Source: NDS Supplement 2018 Table 1A dressed sizes, from memory.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct SawnSize {
    /// Nominal thickness.
    pub thickness: Thickness,
    /// Nominal depth.
    pub depth: Depth,
}

impl SawnSize {
    /// A 2x of some depth.
    pub const fn two_by(depth: Depth) -> Self {
        Self { thickness: Thickness::Two, depth }
    }

    /// Every size the tool knows, smallest first.
    pub fn all() -> impl Iterator<Item = Self> {
        [Thickness::Two, Thickness::Four, Thickness::Six]
            .into_iter()
            .flat_map(|thickness| Depth::ALL.into_iter().map(move |depth| Self { thickness, depth }))
            .filter(|size| size.is_made())
    }

    /// Whether such a size is sawn at all: a 6x4 is a 4x6.
    pub const fn is_made(self) -> bool {
        !matches!((self.thickness, self.depth), (Thickness::Six, Depth::Four))
    }

    /// Actual thickness.
    pub const fn actual_thickness(self) -> Length {
        match self.thickness {
            Thickness::Two => Length::inches_and(1, 1, 2),
            Thickness::Four => Length::inches_and(3, 1, 2),
            Thickness::Six => Length::inches_and(5, 1, 2),
        }
    }

    /// Actual depth.
    pub const fn actual_depth(self) -> Length {
        self.depth.actual()
    }

    /// The name on the pile: `2x10`.
    pub fn name(self) -> String {
        format!("{}x{}", self.thickness.nominal(), self.depth.nominal())
    }

    /// Nominal thickness by nominal depth, as it is sold by the board foot.
    pub const fn nominal_square_inches(self) -> i64 {
        self.thickness.nominal() * self.depth.nominal()
    }

    /// Reads a name such as `2x10`.
    pub fn from_name(name: &str) -> Option<Self> {
        Self::all().find(|size| size.name() == name)
    }
}

impl Thickness {
    /// The nominal thickness in inches.
    pub const fn nominal(self) -> i64 {
        match self {
            Self::Two => 2,
            Self::Four => 4,
            Self::Six => 6,
        }
    }
}

impl Depth {
    /// Shallowest first.
    pub const ALL: [Self; 5] = [Self::Four, Self::Six, Self::Eight, Self::Ten, Self::Twelve];

    /// The nominal depth in inches.
    pub const fn nominal(self) -> i64 {
        match self {
            Self::Four => 4,
            Self::Six => 6,
            Self::Eight => 8,
            Self::Ten => 10,
            Self::Twelve => 12,
        }
    }

    /// The dressed depth.
    pub const fn actual(self) -> Length {
        match self {
            Self::Four => Length::inches_and(3, 1, 2),
            Self::Six => Length::inches_and(5, 1, 2),
            Self::Eight => Length::inches_and(7, 1, 4),
            Self::Ten => Length::inches_and(9, 1, 4),
            Self::Twelve => Length::inches_and(11, 1, 4),
        }
    }
}

/// What beam arithmetic asks of a section again and again, worked out once.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct SectionProperties {
    /// Width, in.
    pub width: f64,
    /// Depth, in.
    pub depth: f64,
    /// Area, in.².
    pub area: f64,
    /// Section modulus about the strong axis, in.³.
    pub modulus: f64,
    /// Moment of inertia about the strong axis, in.⁴.
    pub inertia: f64,
}

impl From<Rectangle> for SectionProperties {
    fn from(section: Rectangle) -> Self {
        Self {
            width: section.width.to_inches(),
            depth: section.depth.to_inches(),
            area: section.area_square_inches(),
            modulus: section.section_modulus_cubic_inches(),
            inertia: section.moment_of_inertia_inches_fourth(),
        }
    }
}

/// A rectangle of wood in section, with the properties beam arithmetic needs.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Rectangle {
    /// Width: all plies together.
    pub width: Length,
    /// Depth.
    pub depth: Length,
}

impl Rectangle {
    /// Area, in.².
    pub fn area_square_inches(self) -> f64 {
        self.width.to_inches() * self.depth.to_inches()
    }

    /// Section modulus about the strong axis, in.³: b·d²/6.
    pub fn section_modulus_cubic_inches(self) -> f64 {
        self.width.to_inches() * self.depth.to_inches().powi(2) / 6.0
    }

    /// Moment of inertia about the strong axis, in.⁴: b·d³/12.
    pub fn moment_of_inertia_inches_fourth(self) -> f64 {
        self.width.to_inches() * self.depth.to_inches().powi(3) / 12.0
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn two_by_six_doubled_has_the_handbook_properties() {
        // NDS Supplement Table 1B, 2x6: S = 7.563, I = 20.80 (from memory); two plies double them.
        let doubled = Rectangle { width: Length::inches(3), depth: Depth::Six.actual() };
        assert!((doubled.section_modulus_cubic_inches() - 2.0 * 7.5625).abs() < 1e-9);
        assert!((doubled.moment_of_inertia_inches_fourth() - 2.0 * 20.796_875).abs() < 1e-9);
        assert!((doubled.area_square_inches() - 16.5).abs() < 1e-12);
    }

    #[test]
    fn names_are_read_back() {
        for size in SawnSize::all() {
            assert_eq!(SawnSize::from_name(&size.name()), Some(size));
        }
        assert_eq!(SawnSize::from_name("3x7"), None);
        assert_eq!(SawnSize::from_name("6x4"), None);
    }
}
