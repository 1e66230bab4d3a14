//! What a header can be made of, and how many plies of it.

use super::section::{Rectangle, SawnSize, Thickness};
use super::sheet::SheetValues;
use super::species::{Grade, Species};
use super::stress_class::EngineeredClass;
use crate::measure::Force;
use crate::measure::Length;
use crate::say;
use crate::speech::Phrase;

/// One board of a header: what is asked for at the yard.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum HeaderBoard {
    /// Visually graded sawn lumber.
    Sawn {
        /// Species group.
        species: Species,
        /// Grade.
        grade: Grade,
        /// Nominal size.
        size: SawnSize,
    },
    /// Engineered lumber of a stress class.
    Engineered {
        /// Stress class.
        class: EngineeredClass,
        /// Width of one ply, or of the whole if it is one piece.
        ply_width: Length,
        /// Depth.
        depth: Length,
    },
    /// Lumber with the user's own values, from the sheet that came with it.
    Sheet {
        /// The sheet.
        values: SheetValues,
        /// Width of one ply, or of the whole if it is one piece.
        ply_width: Length,
        /// Depth.
        depth: Length,
    },
}

/// Families that the standard treats alike.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Family {
    /// Sawn 2x and 4x.
    Dimension,
    /// Sawn 6x.
    Timber,
    /// LVL, PSL, LSL.
    Composite,
    /// Glued laminated timber.
    Glulam,
    /// The user's own values.
    UserSheet,
}

/// A header: so many plies of one board.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct HeaderSpec {
    /// What each ply is.
    pub board: HeaderBoard,
    /// How many plies, 1 to 4.
    pub plies: u8,
}

/// The most plies a built-up header may have.
pub const MOST_PLIES: u8 = 4;

impl HeaderBoard {
    /// Width of one ply.
    pub const fn ply_width(self) -> Length {
        match self {
            Self::Sawn { size, .. } => size.actual_thickness(),
            Self::Engineered { ply_width, .. } | Self::Sheet { ply_width, .. } => ply_width,
        }
    }

    /// Depth.
    pub const fn depth(self) -> Length {
        match self {
            Self::Sawn { size, .. } => size.actual_depth(),
            Self::Engineered { depth, .. } | Self::Sheet { depth, .. } => depth,
        }
    }

    /// Weight for self weight, lb/ft³. Source: common figures, from memory.
    pub const fn density_pcf(self) -> f64 {
        match self {
            Self::Sawn { .. } => 35.0,
            Self::Engineered { class: EngineeredClass::Glulam24F18E, .. } => 36.0,
            Self::Engineered { .. } => 42.0,
            Self::Sheet { values, .. } => values.density_pcf as f64,
        }
    }

    /// Which family it belongs to.
    pub const fn family(self) -> Family {
        match self {
            Self::Sawn { size: SawnSize { thickness: Thickness::Six, .. }, .. } => Family::Timber,
            Self::Sawn { .. } => Family::Dimension,
            Self::Engineered { class: EngineeredClass::Glulam24F18E, .. } => Family::Glulam,
            Self::Engineered { .. } => Family::Composite,
            Self::Sheet { .. } => Family::UserSheet,
        }
    }

    /// Whether it is used as one piece, never built up: 4x, 6x, glulam, and any piece 3 in. or wider.
    pub fn is_one_piece(self) -> bool {
        self.family() == Family::Glulam || Length::inches(3) <= self.ply_width()
    }

    /// Whether this is a built-up 2x (which wants a filler to fill a wall) rather than a solid or engineered piece.
    pub const fn is_two_by(self) -> bool {
        matches!(self, Self::Sawn { size: SawnSize { thickness: Thickness::Two, .. }, .. })
    }

    /// How it has to lie, as it is written on ticket and cut list; empty where it does not matter. An unbalanced glulam is
    /// stamped.
    pub fn way_up(self) -> Option<Phrase> {
        match self {
            Self::Engineered { class: EngineeredClass::Glulam24F18E, .. } => Some(say!("way-up-top")),
            _ => None,
        }
    }

    /// The wood alone: `DF-L No.2`, `LVL 2.0E-2600`.
    pub fn material_name(self) -> String {
        match self {
            Self::Sawn { species, grade, .. } => format!("{} {}", species.abbreviation(), grade.name()),
            Self::Engineered { class, .. } => class.name().to_owned(),
            Self::Sheet { values, .. } => format!("{} †", values.name),
        }
    }

    /// What it is, as called out: `2x10 DF-L No.2`, `1 3/4 x 11 7/8 LVL 2.0E-2600`.
    pub fn name(self) -> String {
        match self {
            Self::Sawn { size, .. } => format!("{} {}", size.name(), self.material_name()),
            Self::Engineered { ply_width, depth, .. } | Self::Sheet { ply_width, depth, .. } => {
                format!("{} x {} {}", tape(ply_width), tape(depth), self.material_name())
            }
        }
    }
}

impl HeaderSpec {
    /// The section of all plies together. Fillers add nothing.
    pub fn section(self) -> Rectangle {
        Rectangle { width: self.board.ply_width() * i64::from(self.plies), depth: self.board.depth() }
    }

    /// Self weight per foot, lb.
    pub fn weight_per_foot_lbf(self) -> f64 {
        self.section().area_square_inches() / 144.0 * self.board.density_pcf()
    }

    /// What it weighs at this length, lb.
    pub fn weight(self, length: Length) -> Force {
        Force::lbf(self.weight_per_foot_lbf() * length.to_feet())
    }

    /// As called out: `2-2x10 DF-L No.2`, `4x12 DF-L No.2`.
    pub fn name(self) -> String {
        if self.plies == 1 { self.board.name() } else { format!("{}-{}", self.plies, self.board.name()) }
    }

    /// Short, for a list where the material stands elsewhere: `2-2x10`, `2-1 3/4 x 11 7/8`.
    pub fn short_name(self) -> String {
        let board = match self.board {
            HeaderBoard::Sawn { size, .. } => size.name(),
            HeaderBoard::Engineered { ply_width, depth, .. } | HeaderBoard::Sheet { ply_width, depth, .. } => {
                format!("{} x {}", tape(ply_width), tape(depth))
            }
        };
        if self.plies == 1 { board } else { format!("{}-{board}", self.plies) }
    }
}

fn tape(length: Length) -> String {
    length.written(crate::measure::LengthStyle::Inches).trim_end_matches('"').to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::section::Depth;

    #[test]
    fn headers_are_called_out_as_on_site() {
        let board = HeaderBoard::Sawn {
            species: Species::DouglasFirLarch,
            grade: Grade::Number2,
            size: SawnSize::two_by(Depth::Ten),
        };
        let header = HeaderSpec { board, plies: 2 };
        assert_eq!(header.name(), "2-2x10 DF-L No.2");
        assert_eq!(header.section().width, Length::inches(3));
        let lvl = HeaderBoard::Engineered {
            class: EngineeredClass::Lvl20E,
            ply_width: Length::inches_and(1, 3, 4),
            depth: Length::inches_and(11, 7, 8),
        };
        assert_eq!(HeaderSpec { board: lvl, plies: 2 }.short_name(), "2-1 3/4 x 11 7/8");
    }
}
