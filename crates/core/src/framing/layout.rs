//! # Stud layout
//!
//! **What it does.** The left edges of studs on a blank wall: one flush at each end, the rest centered on multiples of the
//! spacing from the end the layout is pulled from, or from the far face of the wall that stands there, so that sheets break
//! on studs.
//!
//! **Source.** Common practice, no source: first mark at the spacing less half a stud, 15 1/4 in. for 16.

use crate::job::{LayoutStart, WallFrame};
use crate::measure::{End, Length};

/// Left edges of the studs of a blank wall, from left to right.
pub fn stud_positions(frame: &WallFrame) -> Vec<Length> {
    let mut positions = from_the_left(frame);
    if frame.framing.layout_from == End::Right {
        positions.iter_mut().for_each(|x| *x = frame.length - frame.thickness() - *x);
        positions.reverse();
    }
    positions
}

/// The same as if the layout were pulled from the left.
fn from_the_left(frame: &WallFrame) -> Vec<Length> {
    let (spacing, stud) = (frame.spacing, frame.thickness());
    let hooked_before = match frame.framing.layout_start {
        LayoutStart::WallEnd => Length::ZERO,
        LayoutStart::NeighborFace(depth) => frame.sawn.depth(depth),
    };
    let last = frame.length - stud;
    let mut positions = vec![Length::ZERO];
    let mut edge = spacing - stud.half() - hooked_before;
    while edge + stud <= last {
        if stud <= edge {
            positions.push(edge);
        }
        edge += spacing;
    }
    if stud <= last {
        // A layout stud that would touch the end stud stands hard against it, so that no gap grows past the spacing.
        if positions.last().is_some_and(|previous| spacing < last - *previous) {
            positions.push(last - stud);
        }
        positions.push(last);
    }
    positions
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{FramingOptions, Sawn};
    use crate::lumber::Depth;

    fn wall(length: Length, spacing: Length, framing: FramingOptions) -> WallFrame {
        WallFrame { length, spacing, framing, ..WallFrame::usual("any") }
    }

    #[test]
    fn first_mark_is_fifteen_and_a_quarter() {
        let positions = stud_positions(&wall(Length::feet(8), Length::inches(16), FramingOptions::default()));
        let wanted = [0.0, 15.25, 31.25, 47.25, 63.25, 79.25, 94.5].map(Length::from_decimal_inches);
        assert_eq!(positions, wanted);
    }

    #[test]
    fn pulled_from_the_right_it_is_the_same_seen_from_there() {
        let framing = FramingOptions { layout_from: End::Right, ..FramingOptions::default() };
        let positions = stud_positions(&wall(Length::feet(10), Length::inches(16), framing));
        assert_eq!(positions.last(), Some(&(Length::feet(10) - Length::inches_and(1, 1, 2))));
        // First mark 15 1/4 from the right end: its left edge at 120 − 15 1/4 − 1 1/2.
        assert!(positions.contains(&Length::inches_and(103, 1, 4)));
        assert!(positions.is_sorted());
    }

    #[test]
    fn hooked_on_the_neighbors_face_the_first_mark_comes_sooner() {
        let layout_start = LayoutStart::NeighborFace(Depth::Four);
        let framing = FramingOptions { layout_start, ..FramingOptions::default() };
        let positions = stud_positions(&wall(Length::feet(10), Length::inches(16), framing));
        // 15 1/4 from the outside of a 2x4 wall is 11 3/4 from its inside, where this wall starts.
        assert_eq!(positions[1], Length::inches_and(11, 3, 4));
    }

    #[test]
    fn metric_studs_at_six_hundred() {
        let metric = WallFrame {
            sawn: Sawn::Millimeters,
            ..wall(Length::millimeters(3600), Length::millimeters(600), FramingOptions::default())
        };
        // 600 − 22.5.
        assert_eq!(stud_positions(&metric)[1], Length::from_nanometers(577_500_000));
    }

    #[test]
    fn no_two_studs_overlap() {
        for inches in 24..200 {
            for spacing in [12, 16, 24] {
                for layout_start in [LayoutStart::WallEnd, LayoutStart::NeighborFace(Depth::Six)] {
                    let framing = FramingOptions { layout_start, ..FramingOptions::default() };
                    let frame = wall(Length::inches(inches), Length::inches(spacing), framing);
                    let positions = stud_positions(&frame);
                    assert!(positions.windows(2).all(|pair| pair[0] + frame.thickness() <= pair[1]));
                    assert!(positions.windows(2).all(|pair| pair[1] - pair[0] <= frame.spacing));
                }
            }
        }
    }
}
