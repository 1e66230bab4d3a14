//! # Square
//!
//! **What it does.** Says of a storey how its corners are found square: the largest 3-4-5 in whole feet that fits along two of its sides, and what its
//! diagonals read.
//!
//! **Source.** A right triangle: Euclid, Elements I.47. To take the largest that fits: common practice, no source.
//!
//! **Worked example.** 36 by 24 ft: 32 ft along the longer side, 24 along the shorter, 40 across.

use crate::house::Axis;
use crate::house::plan::Line;
use crate::measure::Length;
use crate::say;
use crate::speech::{Phrase, distance};

/// A right triangle that fits into a corner, and the diagonals of the whole.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Square {
    /// Along the sides that run along x.
    pub along_x: Length,
    /// Along the others.
    pub along_y: Length,
    /// Across.
    pub across: Length,
    /// From corner to corner of what all walls take in, to a sixteenth.
    pub diagonal: Length,
}

impl Square {
    /// How the corners are found square, in a sentence.
    pub fn phrase(self) -> Phrase {
        say!(
            "square-storey",
            x = distance(self.along_x),
            y = distance(self.along_y),
            across = distance(self.across),
            diagonal = distance(self.diagonal)
        )
    }
}

/// The largest 3-4-5 in whole feet within two sides; `None` where not even the smallest fits.
pub fn three_four_five(x: Length, y: Length) -> Option<(Length, Length, Length)> {
    let times = |side: Length, share: i64| side.nanometers() / Length::feet(share).nanometers();
    let (longer_x, longer_y) = (times(x, 4).min(times(y, 3)), times(x, 3).min(times(y, 4)));
    let (along_x, along_y, most) = if longer_y <= longer_x { (4, 3, longer_x) } else { (3, 4, longer_y) };
    (0 < most).then(|| (Length::feet(along_x * most), Length::feet(along_y * most), Length::feet(5 * most)))
}

/// How the corners of what these walls take in, to their outer faces, are found square; `None` where they take in nothing.
pub fn square_of(walls: &[Line]) -> Option<Square> {
    let faces = |line: &Line, axis: Axis| {
        let half = line.thickness.half();
        if line.axis == axis { (line.start, line.end()) } else { (line.offset - half, line.offset + half) }
    };
    let side = |axis: Axis| -> Option<Length> {
        let low = walls.iter().map(|line| faces(line, axis).0).min()?;
        let high = walls.iter().map(|line| faces(line, axis).1).max()?;
        Some(high - low)
    };
    let (x, y) = (side(Axis::X)?, side(Axis::Y)?);
    let (along_x, along_y, across) = three_four_five(x, y)?;
    let diagonal = Length::from_decimal_inches((x.to_inches().hypot(y.to_inches()) * 16.0).round() / 16.0);
    Some(Square { along_x, along_y, across, diagonal })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let feet = |x, y| {
            three_four_five(Length::feet(x), Length::feet(y))
                .map(|(x, y, across)| [x, y, across].map(|side| side.to_feet().round() as i64))
        };
        assert_eq!(feet(36, 24), Some([32, 24, 40]));
        assert_eq!(feet(24, 36), Some([24, 32, 40]));
        assert_eq!(feet(10, 10), Some([8, 6, 10]));
        assert_eq!(feet(2, 40), None);
        let (x, y, across) = three_four_five(Length::feet(45), Length::feet(28)).expect("it fits");
        assert!((x.to_feet().hypot(y.to_feet()) - across.to_feet()).abs() < 1e-9);
    }

    #[test]
    fn sides_are_taken_to_the_outer_faces() {
        let line = |axis, offset, (start, length): (i64, i64)| Line {
            axis,
            offset: Length::inches(offset),
            start: Length::inches(start),
            length: Length::inches(length),
            thickness: Length::inches(4),
        };
        // Walls of 36 ft at both sides, their outer faces 24 ft apart, and one between them.
        let walls = [line(Axis::X, 2, (0, 432)), line(Axis::X, 286, (0, 432)), line(Axis::Y, 2, (4, 280))];
        let square = square_of(&walls).expect("a rectangle");
        assert_eq!([square.along_x, square.along_y, square.across], [32, 24, 40].map(Length::feet));
        assert_eq!(square.diagonal, Length::inches_and(519, 3, 16));
        assert_eq!(square_of(&[]), None);
    }
}
