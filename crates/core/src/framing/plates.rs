//! # Plates: breaks and anchor bolts
//!
//! **What it does.** Where the top plates break when the wall is longer than a board: on a stud, never over an opening or its
//! packs, and the breaks of the two plates far enough from each other. Where anchor bolts go in a sole plate on concrete:
//! within a foot of both ends of every piece, doors and breaks counted as ends, and no farther apart than allowed.
//!
//! **Source.** IRC 2021 R602.3.2 (24 in. between end joints of top plates) and R403.1.6 (bolts 6 ft apart, within 12 in. of
//! each end, two to a piece), from memory; 48 in. between joints is common practice, no source.
//!
//! **Assumptions and limits.** Where no place for a break is good, none is made and a finding says so. Bolts keep off studs by
//! a nut's width.
//!
//! **Worked example.** 24 ft wall of 16 ft boards, studs at 16 in., 4 ft between joints: the lower plate breaks on the stud
//! at 16 ft, the upper at 12 ft.

use crate::measure::Length;

/// A stretch of the wall.
pub type Stretch = (Length, Length);

/// Where the two top plates break.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct TopBreaks {
    /// The lower plate's breaks, from left to right.
    pub lower: Vec<Length>,
    /// The upper plate's.
    pub upper: Vec<Length>,
}

/// Where the top plates of a wall break. Studs are given by the stretches they stand on, openings with their packs as stretches that
/// must not be broken over. `None` where no breaks satisfy everything.
pub fn top_breaks(
    wall_length: Length,
    stock: Length,
    apart: Length,
    studs: &[Stretch],
    over: &[Stretch],
) -> Option<TopBreaks> {
    let fine = |at: &Length| !over.iter().any(|(from, to)| *from < *at && *at < *to);
    let places: Vec<Length> = studs.iter().map(middle).filter(fine).collect();
    let first_boards = || (1..=8).map(|eighth| stock * (9 - eighth) / 8);
    let far_from = |lower: &[Length], at: Length| lower.iter().all(|other| apart <= (at - *other).abs());
    // The upper plate starts with a shorter board, so that its breaks fall between the lower plate's.
    let one_after_the_other = || {
        let lower = breaks(wall_length, stock, stock, &places, |_| true)?;
        let far = |at: Length| far_from(&lower, at);
        let upper = first_boards().find_map(|first| breaks(wall_length, first, stock, &places, far))?;
        Some(TopBreaks { lower, upper })
    };
    // Where that does not do, the lower one starts with a shorter board, too, and no piece is shorter than it has to be.
    let even = |first: Length| {
        let lower = even_breaks(wall_length, first, stock, &places)?;
        let far: Vec<Length> = places.iter().copied().filter(|at| far_from(&lower, *at)).collect();
        let upper = even_breaks(wall_length, stock, stock, &far)?;
        Some(TopBreaks { lower, upper })
    };
    one_after_the_other().or_else(|| first_boards().filter_map(even).max_by_key(|found| found.shortest(wall_length)))
}

/// Where the top plates of a wall break that is framed in panels: the lower one at their ends, and between as far as a board reaches; the upper one, which goes
/// on afterwards, far enough from all of them. Plates end with their panel in any case: where no breaks of the upper one satisfy everything it has none, and a
/// board that nobody sells is told.
pub fn panel_breaks(
    wall_length: Length,
    stock: Length,
    apart: Length,
    studs: &[Stretch],
    (over, ends): (&[Stretch], &[Length]),
) -> TopBreaks {
    let fine = |at: &Length| !over.iter().any(|(from, to)| *from < *at && *at < *to);
    let places: Vec<Length> = studs.iter().map(middle).filter(fine).collect();
    let mut lower: Vec<Length> = Vec::new();
    let mut from = Length::ZERO;
    for end in ends.iter().copied().chain([wall_length]) {
        let within: Vec<Length> = places.iter().map(|at| *at - from).filter(|at| Length::ZERO < *at).collect();
        let between = breaks(end - from, stock, stock, &within, |_| true).unwrap_or_default();
        lower.extend(between.into_iter().map(|at| at + from));
        lower.extend((end < wall_length).then_some(end));
        from = end;
    }
    let far = |at: Length| lower.iter().all(|other| apart <= (at - *other).abs());
    let places: Vec<Length> = places.iter().copied().filter(|at| far(*at)).collect();
    let upper = even_breaks(wall_length, stock, stock, &places).unwrap_or_default();
    TopBreaks { lower, upper }
}

impl TopBreaks {
    /// The shortest piece of either plate.
    fn shortest(&self, wall_length: Length) -> Length {
        let pieces = |breaks: &[Length]| {
            let ends = [&[Length::ZERO], breaks, &[wall_length]].concat();
            ends.windows(2).map(|pair| pair[1] - pair[0]).min()
        };
        [&self.lower, &self.upper].into_iter().filter_map(|breaks| pieces(breaks)).min().unwrap_or(wall_length)
    }
}

/// The breaks whose shortest piece is the longest; no piece is longer than a board, nor the first than `first`.
fn even_breaks(wall_length: Length, first: Length, stock: Length, places: &[Length]) -> Option<Vec<Length>> {
    let mut ends: Vec<Length> = places.iter().copied().filter(|at| Length::ZERO < *at && *at < wall_length).collect();
    ends.sort_unstable();
    ends.push(wall_length);
    // Of every end the shortest piece on the best way there, and the end before it.
    let mut best: Vec<Option<(Length, Option<usize>)>> = Vec::new();
    for (place, end) in ends.iter().enumerate() {
        let alone = (*end <= first.min(stock)).then_some((*end, None));
        let after = (0..place).filter_map(|before| {
            let piece = *end - ends[before];
            let (shortest, _) = best[before].filter(|_| piece <= stock)?;
            Some((shortest.min(piece), Some(before)))
        });
        best.push(after.chain(alone).max_by_key(|(shortest, _)| *shortest));
    }
    let mut found = Vec::new();
    let mut at = best.last().copied().flatten()?.1;
    while let Some(place) = at {
        found.push(ends[place]);
        at = best[place].and_then(|(_, before)| before);
    }
    found.reverse();
    Some(found)
}

/// Pieces break on the middle of a stud.
fn middle((left, right): &Stretch) -> Length {
    (*left + *right).half()
}

/// Breaks from left to right, each as far as the board reaches, the first board no longer than `first`.
fn breaks(
    wall_length: Length,
    first: Length,
    stock: Length,
    places: &[Length],
    allowed: impl Fn(Length) -> bool,
) -> Option<Vec<Length>> {
    let mut breaks = Vec::new();
    let (mut from, mut reach) = (Length::ZERO, first);
    while from + reach < wall_length {
        let within = |at: &&Length| from < **at && **at <= from + reach && allowed(**at);
        let next = *places.iter().filter(within).max()?;
        breaks.push(next);
        (from, reach) = (next, stock);
    }
    Some(breaks)
}

/// Where the sole plate breaks: as the lower top plate would, on a stud and not in a doorway, which ends it anyway.
pub fn sole_breaks(wall_length: Length, stock: Length, studs: &[Stretch], doors: &[Stretch]) -> Vec<Length> {
    let fine = |at: &Length| !doors.iter().any(|(from, to)| *from <= *at && *at <= *to);
    let places: Vec<Length> = studs.iter().map(middle).filter(fine).collect();
    breaks(wall_length, stock, stock, &places, |_| true).unwrap_or_default()
}

/// How near a plate's end a bolt has to be.
pub const NEAR_END: Length = Length::inches(12);
/// How far a bolt keeps off its plate's end and off a stud.
const CLEAR: Length = Length::inches_and(1, 1, 2);

/// Anchor bolts in the pieces of a sole plate; uprights are given by the stretches they stand on.
pub fn anchor_bolts(pieces: &[Stretch], spacing: Length, uprights: &[Stretch]) -> Vec<Length> {
    pieces.iter().flat_map(|piece| bolts_in(*piece, spacing, uprights)).collect()
}

fn bolts_in((from, to): Stretch, spacing: Length, uprights: &[Stretch]) -> Vec<Length> {
    let clear = |at: Length| {
        from + CLEAR <= at
            && at <= to - CLEAR
            && !uprights.iter().any(|(left, right)| *left - CLEAR < at && at < *right + CLEAR)
    };
    let quarter = Length::inches_and(0, 1, 4);
    // From a foot inward of each end toward the end; failing that, in the middle of a short piece.
    let near = |start: Length, step: Length| (0..40).map(|index| start + step * index).find(|at| clear(*at));
    let first = near((from + NEAR_END).min(to - CLEAR), -quarter).unwrap_or((from + to).half());
    let last = near((to - NEAR_END).max(from + CLEAR), quarter).unwrap_or((from + to).half());
    if last <= first {
        return vec![first];
    }
    let mut bolts = vec![first];
    while let Some(previous) = bolts.last().copied()
        && spacing < last - previous
    {
        // As far as allowed, moved back off any stud.
        let Some(next) = near(previous + spacing, -quarter).filter(|next| previous < *next) else { break };
        bolts.push(next);
    }
    bolts.push(last);
    bolts
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::layout::stud_positions;
    use crate::job::{TWO_BY, WallFrame};
    use proptest::prelude::*;

    fn studs(length: Length) -> Vec<Stretch> {
        let frame = WallFrame { length, ..WallFrame::usual("any") };
        stud_positions(&frame).into_iter().map(|x| (x, x + TWO_BY)).collect()
    }

    #[test]
    fn worked_example() {
        let length = Length::feet(24);
        let found = top_breaks(length, Length::feet(16), Length::feet(4), &studs(length), &[]).expect("there is room");
        assert_eq!(found.lower, [Length::feet(16)]);
        assert_eq!(found.upper, [Length::feet(12)], "{found:?}");
    }

    #[test]
    fn a_short_wall_has_no_break_and_an_opening_is_not_broken_over() {
        let none = top_breaks(Length::feet(14), Length::feet(16), Length::feet(4), &studs(Length::feet(14)), &[]);
        assert_eq!(none, Some(TopBreaks::default()));
        let length = Length::feet(24);
        let over = [(Length::feet(14), Length::feet(17))];
        let found =
            top_breaks(length, Length::feet(16), Length::feet(4), &studs(length), &over).expect("there is room");
        assert_eq!(found.lower, [Length::inches(160)], "on the last stud before the opening");
    }

    #[test]
    fn where_one_board_after_the_other_does_not_do_the_first_is_shorter_and_no_piece_is_a_scrap() {
        // Only four studs to break on: at 10, 14, 16 and 20 ft of a wall of 30 ft, 4 ft apart. From 16 ft the upper plate finds no break
        // that is far enough from it and that a board reaches on either side.
        let studs: Vec<Stretch> = [10, 14, 16, 20].map(|at| (Length::feet(at), Length::feet(at))).to_vec();
        let found =
            top_breaks(Length::feet(30), Length::feet(16), Length::feet(4), &studs, &[]).expect("there is room");
        assert!(
            found.lower.iter().all(|lower| found.upper.iter().all(|upper| Length::feet(4) <= (*lower - *upper).abs()))
        );
        assert!(Length::feet(4) <= found.shortest(Length::feet(30)), "{found:?}");
    }

    #[test]
    fn a_door_ends_the_plate_for_the_bolts() {
        let pieces = [(Length::ZERO, Length::feet(5)), (Length::feet(8), Length::feet(20))];
        let bolts = anchor_bolts(&pieces, Length::feet(6), &[]);
        let inches: Vec<f64> = bolts.iter().map(|at| at.to_inches()).collect();
        assert_eq!(inches, [12.0, 48.0, 108.0, 180.0, 228.0]);
    }

    proptest! {
        #[test]
        fn breaks_and_bolts_keep_the_rules(feet in 8_i64..90, stock in 8_i64..20, openings in prop::collection::vec(2_i64..80, 0..4)) {
            let length = Length::feet(feet);
            let over: Vec<Stretch> = openings.iter().map(|at| (Length::feet(*at), Length::feet(*at) + Length::inches(50))).collect();
            let (stock, apart) = (Length::feet(stock), Length::feet(2));
            let studs = studs(length);
            if let Some(found) = top_breaks(length, stock, apart, &studs, &over) {
                for breaks in [&found.lower, &found.upper] {
                    let mut from = Length::ZERO;
                    for at in breaks.iter().chain([&length]) {
                        prop_assert!(*at - from <= stock, "a board is too short");
                        from = *at;
                    }
                    let broken_over = |at: &Length| over.iter().any(|(from, to)| from < at && at < to);
                    prop_assert!(!breaks.iter().any(broken_over));
                }
                for lower in &found.lower {
                    prop_assert!(found.upper.iter().all(|upper| apart <= (*upper - *lower).abs()));
                }
            }
            let uprights = studs;
            let bolts = anchor_bolts(&[(Length::ZERO, length)], Length::feet(6), &uprights);
            prop_assert!(bolts.len() >= 2 && bolts[0] <= NEAR_END && length - *bolts.last().expect("two") <= NEAR_END);
            prop_assert!(bolts.windows(2).all(|pair| pair[1] - pair[0] <= Length::feet(6)));
            prop_assert!(!bolts.iter().any(|at| uprights.iter().any(|(from, to)| from < at && at < to)));
        }
    }
}
