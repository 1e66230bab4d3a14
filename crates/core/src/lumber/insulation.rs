//! # R-value of a header with foam in the spare depth
//!
//! **What it does.** A header thinner than its wall leaves room for foam: the R-value through both, without sheathing.
//!
//! **Source.** Softwood an inch, extruded foam R-5 an inch (common handbook figures, from memory). Checked against
//! common practice, no source: 3 in. of wood and 2 1/2 in. of foam are about R-16.
//!
//! **Worked example.** 3 · 1.25 + 2.5 · 5 = 16.25.

use super::header_stock::HeaderSpec;
use crate::measure::Length;

/// R-value an inch of softwood.
const WOOD: f64 = 1.25;
/// R-value an inch of extruded foam.
const FOAM: f64 = 5.0;

/// Depth of the wall that the header leaves over; zero if it fills the wall.
pub fn spare_depth(header: HeaderSpec, wall_depth: Length) -> Length {
    (wall_depth - header.section().width).max(Length::ZERO)
}

/// R-value through header and foam.
pub fn r_value(header: HeaderSpec, wall_depth: Length) -> f64 {
    header.section().width.to_inches() * WOOD + spare_depth(header, wall_depth).to_inches() * FOAM
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};

    #[test]
    fn worked_example() {
        let board =
            HeaderBoard::Sawn { species: Species::HemFir, grade: Grade::Number2, size: SawnSize::two_by(Depth::Ten) };
        let header = HeaderSpec { board, plies: 2 };
        assert!((r_value(header, Depth::Six.actual()) - 16.25).abs() < 1e-9);
        assert_eq!(spare_depth(header, Depth::Four.actual()), Length::inches_and(0, 1, 2));
        assert_eq!(spare_depth(HeaderSpec { plies: 3, ..header }, Depth::Four.actual()), Length::ZERO);
    }
}
