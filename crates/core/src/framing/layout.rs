//! # Stud layout
//!
//! **What it does.** The left edges of studs on a blank wall: one flush at each end, the rest centered on multiples of the
//! spacing from the end the layout is pulled from, so that sheets break on studs.
//!
//! **Source.** Common practice, no source: first mark at the spacing less half a stud, 15 1/4 in. for 16.

use crate::job::TWO_BY;
use crate::measure::{End, Length};

/// Left edges of the studs of a blank wall, from left to right, the layout pulled from an end.
pub fn stud_positions_from(end: End, wall_length: Length, spacing: Length) -> Vec<Length> {
    let mut positions = stud_positions(wall_length, spacing);
    if end == End::Right {
        positions.iter_mut().for_each(|x| *x = wall_length - TWO_BY - *x);
        positions.reverse();
    }
    positions
}

/// Left edges of the studs of a blank wall, from left to right, the layout pulled from the left.
fn stud_positions(wall_length: Length, spacing: Length) -> Vec<Length> {
    let last = wall_length - TWO_BY;
    let mut positions = vec![Length::ZERO];
    let mut edge = spacing - TWO_BY.half();
    while edge + TWO_BY <= last {
        if TWO_BY <= edge {
            positions.push(edge);
        }
        edge += spacing;
    }
    if TWO_BY <= last {
        // A layout stud that would touch the end stud stands hard against it, so that no gap grows past the spacing.
        if positions.last().is_some_and(|previous| spacing < last - *previous) {
            positions.push(last - TWO_BY);
        }
        positions.push(last);
    }
    positions
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn first_mark_is_fifteen_and_a_quarter() {
        let positions = stud_positions(Length::feet(8), Length::inches(16));
        let wanted = [0.0, 15.25, 31.25, 47.25, 63.25, 79.25, 94.5].map(Length::from_decimal_inches);
        assert_eq!(positions, wanted);
    }

    #[test]
    fn pulled_from_the_right_it_is_the_same_seen_from_there() {
        let positions = stud_positions_from(End::Right, Length::feet(10), Length::inches(16));
        assert_eq!(positions.last(), Some(&(Length::feet(10) - TWO_BY)));
        // First mark 15 1/4 from the right end: its left edge at 120 − 15 1/4 − 1 1/2.
        assert!(positions.contains(&Length::inches_and(103, 1, 4)));
        assert!(positions.is_sorted());
    }

    #[test]
    fn no_two_studs_overlap() {
        for inches in 24..200 {
            for spacing in [12, 16, 24] {
                let positions = stud_positions(Length::inches(inches), Length::inches(spacing));
                assert!(positions.windows(2).all(|pair| pair[0] + TWO_BY <= pair[1]));
                assert!(positions.windows(2).all(|pair| pair[1] - pair[0] <= Length::inches(spacing)));
            }
        }
    }
}
