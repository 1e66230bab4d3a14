//! # Even gaps
//!
//! **What it does.** Sets openings side by side so that the gaps between them, and to what stands at either side, are alike; every center
//! on a mark that a tape has. So gaps differ by less than two marks.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Three of 36 1/2 between 48 and 240: 192 less 109 1/2 are 82 1/2, in four gaps 20 5/8; the first center is
//! 48 + 20 5/8 + 18 1/4 = 86 7/8.

use crate::measure::{Length, LengthStyle};

/// The marks of the tape of somebody who writes lengths so.
pub const fn mark_of(style: LengthStyle) -> Length {
    match style {
        LengthStyle::Millimeters => Length::millimeters(1),
        LengthStyle::Inches | LengthStyle::FeetInches => Length::inches_and(0, 1, 16),
    }
}

/// The centers of openings of these rough widths, from left to right, between two places; `None` where they have no room.
pub fn even_gaps(widths: &[Length], from: Length, to: Length, mark: Length) -> Option<Vec<Length>> {
    let taken = widths.iter().fold(Length::ZERO, |sum, width| sum + *width);
    let free = to - from - taken;
    if free < Length::ZERO {
        return None;
    }
    let gaps = i64::try_from(widths.len() + 1).ok()?;
    let mut face = from;
    let centers = (1_i64..).zip(widths).map(|(index, width)| {
        let gap = i128::from(free.nanometers()) * i128::from(index) / i128::from(gaps);
        let exact = face + Length::from_nanometers(i64::try_from(gap).ok()?) + width.half();
        face += *width;
        Some(on_a_mark(exact, mark))
    });
    centers.collect()
}

fn on_a_mark(at: Length, mark: Length) -> Length {
    let mark = mark.nanometers();
    Length::from_nanometers((at.nanometers() + mark / 2) / mark * mark)
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    const SIXTEENTH: Length = Length::inches_and(0, 1, 16);

    #[test]
    fn three_windows_between_two_places() {
        let widths = [Length::inches_and(36, 1, 2); 3];
        let centers = even_gaps(&widths, Length::inches(48), Length::inches(240), SIXTEENTH).expect("room");
        let inches: Vec<f64> = centers.into_iter().map(Length::to_inches).collect();
        assert_eq!(inches, [86.875, 144.0, 201.125]);
    }

    #[test]
    fn without_room_there_is_no_place() {
        assert_eq!(even_gaps(&[Length::feet(6); 2], Length::ZERO, Length::feet(11), SIXTEENTH), None);
        assert_eq!(even_gaps(&[], Length::ZERO, Length::feet(11), SIXTEENTH), Some(vec![]));
    }

    proptest! {
        #[test]
        fn gaps_differ_by_less_than_two_marks(widths in prop::collection::vec(12_i64..80, 1..8), to in 60_i64..800) {
            let widths: Vec<Length> = widths.into_iter().map(Length::inches).collect();
            let to = Length::inches(to);
            if let Some(centers) = even_gaps(&widths, Length::ZERO, to, SIXTEENTH) {
                let mut before = Length::ZERO;
                let mut gaps = Vec::new();
                for (center, width) in centers.iter().zip(&widths) {
                    gaps.push(*center - width.half() - before);
                    before = *center + width.half();
                }
                gaps.push(to - before);
                let (least, most) = (gaps.iter().min().expect("one"), gaps.iter().max().expect("one"));
                prop_assert!(*most - *least < SIXTEENTH * 2, "{gaps:?}");
            }
        }
    }
}
