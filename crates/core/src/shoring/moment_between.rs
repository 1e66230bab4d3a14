//! # The moment in between
//!
//! **What it does.** Along the joists of one floor: pieces over their supports, one support taken out, temporary walls put in. Says what
//! every temporary wall and every support that stays takes of a load on the whole length of all pieces, and of a wall that stands on them.
//!
//! **Source.** Elementary statics, the three-moment equation where a piece runs over more than two supports (`statics/shares`).
//!
//! **Assumptions and limits.** A piece rests on every support that remains between its ends, a thousandth of an inch counting as on it.
//! Pieces that lap each carry the full load on their whole length, laps and tails included; there are no patterns. Supports do not sink.
//! A support may be lifted: its share is then negative, and is kept. A piece with fewer than two supports cannot stand. A wall that stands over
//! several pieces is shared by them alike. Where nothing is taken out, as on the storeys below, joists only lie there: what would be lifted takes nothing.
//!
//! **Worked example.** Joists of 12 ft on each side of the wall that goes, 40 psf, temporary walls 30 in. off it: 480 lb/ft a side, half of
//! it turning about the outer wall: 40 · 12 · 6 / 9.5 = 303 lb/ft on the temporary wall, 177 on the outer one. A wall of 80 lb/ft on both their ends,
//! over the one that goes: 40 · 12 / 9.5 = 50.5 lb/ft on each temporary wall, 10.5 up at each outer one.

use crate::measure::Length;
use crate::statics::shares::{Joints, OneLoad, shares};
use crate::working::Silent;

/// A support counts for a piece that ends so little before it.
const ON_IT: Length = Length::from_nanometers(25_400);
/// Supports stand at least so far apart.
pub const APART: Length = Length::inches(3);
/// A piece needs so many supports.
const FEWEST: usize = 2;

/// A joist, or several lapped so that they act as one.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct JoistPiece {
    /// Where it begins.
    pub from: Length,
    /// Where it ends.
    pub to: Length,
}

/// A section along the joists.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct JoistSection {
    /// The pieces.
    pub pieces: Vec<JoistPiece>,
    /// The walls and beams that they lie on before anything is done.
    pub supports: Vec<Length>,
    /// Which of them is taken out, by its place in the list; nothing where all of them stay.
    pub remove: Option<usize>,
    /// Where temporary walls stand.
    pub temporary: Vec<Length>,
}

/// What the supports take of a pound per square foot: feet, so that times psf it is pounds per foot of wall.
#[derive(Clone, Debug, PartialEq)]
pub struct Tributaries {
    /// Of each temporary wall, in the order in which they are given.
    pub temporary: Vec<f64>,
    /// Of each support that stays, likewise.
    pub staying: Vec<(Length, f64)>,
    /// The longest span of each piece between its supports, before and while the wall is gone.
    pub spans: Vec<(Option<Length>, Length)>,
}

/// A piece that cannot stand.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Falls {
    /// Which, by its place in the list.
    pub piece: usize,
    /// What it still lies on: fewer than two.
    pub keeps: Vec<Length>,
}

impl JoistPiece {
    fn rests_on(&self, at: Length) -> bool {
        self.from - ON_IT <= at && at <= self.to + ON_IT
    }

    /// Those of some places that it rests on, from left to right, by their places in the list.
    fn rests(&self, places: &[Length]) -> Vec<usize> {
        let mut on: Vec<usize> = (0..places.len()).filter(|&place| self.rests_on(places[place])).collect();
        on.sort_by_key(|&place| places[place]);
        on
    }

    /// Adds what the supports that it rests on take of so much of a load; says which those are. Where nothing holds it down it comes off what would be
    /// lifted.
    fn shares(
        &self,
        standing: &[Length],
        (load, much): (OneLoad, f64),
        is_held: bool,
        takes: &mut [f64],
    ) -> Vec<usize> {
        let mut on = self.rests(standing);
        let shares = loop {
            let places: Vec<f64> = on.iter().map(|place| standing[*place].to_feet()).collect();
            let shares = shares(&mut Silent, &places, Joints::None, load);
            let lifted = (0..on.len()).filter(|&place| shares[place] < 0.0);
            match lifted.min_by(|a, b| shares[*a].total_cmp(&shares[*b])) {
                Some(most) if !is_held && FEWEST < on.len() => on.remove(most),
                _ => break shares,
            };
        };
        for (place, share) in on.iter().zip(shares) {
            takes[*place] += share * much;
        }
        on
    }
}

impl JoistSection {
    /// Whether any piece lies over a place.
    pub fn lies_over(&self, at: Length) -> bool {
        self.pieces.iter().any(|piece| piece.rests_on(at))
    }

    /// What stands while the wall is gone: temporary walls, then the supports that stay.
    fn standing(&self) -> Vec<Length> {
        self.temporary.iter().copied().chain(self.staying()).collect()
    }

    /// The supports that stay.
    pub fn staying(&self) -> impl Iterator<Item = Length> {
        let stays = |(place, at): (usize, &Length)| (Some(place) != self.remove).then_some(*at);
        self.supports.iter().enumerate().filter_map(stays)
    }

    /// Each piece with what it rests on while the wall is gone, from left to right.
    pub fn rests_meanwhile(&self) -> Vec<(JoistPiece, Vec<Length>)> {
        let standing = self.standing();
        let rests = |piece: &JoistPiece| piece.rests(&standing).into_iter().map(|place| standing[place]).collect();
        self.pieces.iter().map(|piece| (*piece, rests(piece))).collect()
    }

    /// What every support takes of one pound per square foot.
    ///
    /// # Errors
    /// The pieces that keep fewer than two supports.
    pub fn tributaries(&self) -> Result<Tributaries, Vec<Falls>> {
        let standing = self.standing();
        let falls = |(piece, each): (usize, &JoistPiece)| {
            let on = each.rests(&standing);
            let keeps = || {
                let mut keeps: Vec<Length> = on.iter().map(|place| standing[*place]).collect();
                keeps.sort_unstable();
                keeps
            };
            (on.len() < FEWEST).then(|| Falls { piece, keeps: keeps() })
        };
        let falling: Vec<Falls> = self.pieces.iter().enumerate().filter_map(falls).collect();
        if !falling.is_empty() {
            return Err(falling);
        }
        let mut takes = vec![0.0; standing.len()];
        let mut spans = Vec::new();
        for piece in &self.pieces {
            let load = OneLoad::Along(piece.from.to_feet(), piece.to.to_feet());
            let on = piece.shares(&standing, (load, 1.0), self.remove.is_some(), &mut takes);
            let before = piece.rests(&self.supports).into_iter().map(|place| self.supports[place]);
            let now = longest(on.iter().map(|place| standing[*place]));
            spans.push((longest(before), now.unwrap_or_default()));
        }
        let on_staying = takes.split_off(self.temporary.len());
        let staying = self.staying().zip(on_staying).collect();
        Ok(Tributaries { temporary: takes, staying, spans })
    }

    /// What every support takes of a pound per foot that stands along a line at a place: of the temporary walls, and of the supports that stay, in
    /// their order. `None` where nothing lies there, or what does cannot stand.
    pub fn shares_of_a_line(&self, at: Length) -> Option<(Vec<f64>, Vec<f64>)> {
        let standing = self.standing();
        let under: Vec<&JoistPiece> = self.pieces.iter().filter(|piece| piece.rests_on(at)).collect();
        if under.is_empty() || under.iter().any(|piece| piece.rests(&standing).len() < FEWEST) {
            return None;
        }
        let mut takes = vec![0.0; standing.len()];
        for piece in &under {
            let load = (OneLoad::At(at.to_feet()), 1.0 / under.len() as f64);
            piece.shares(&standing, load, self.remove.is_some(), &mut takes);
        }
        let staying = takes.split_off(self.temporary.len());
        Some((takes, staying))
    }
}

/// The longest span between supports that stand in order.
fn longest(supports: impl Iterator<Item = Length>) -> Option<Length> {
    let supports: Vec<Length> = supports.collect();
    supports.windows(2).map(|pair| pair[1] - pair[0]).max()
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn inches(at: i64) -> Length {
        Length::inches(at)
    }

    fn section(pieces: &[(i64, i64)], supports: &[i64], remove: usize, temporary: &[i64]) -> JoistSection {
        JoistSection {
            pieces: pieces.iter().map(|(from, to)| JoistPiece { from: inches(*from), to: inches(*to) }).collect(),
            supports: supports.iter().copied().map(inches).collect(),
            remove: Some(remove),
            temporary: temporary.iter().copied().map(inches).collect(),
        }
    }

    #[test]
    fn worked_example() {
        let cut = section(&[(0, 144), (144, 288)], &[0, 144, 288], 1, &[114, 174]);
        let takes = cut.tributaries().expect("it stands");
        assert!(takes.temporary.iter().all(|each| (each * 40.0 - 303.158).abs() < 1e-3), "{takes:?}");
        assert!((takes.staying[0].1 * 40.0 - 176.842).abs() < 1e-3);
        assert_eq!(takes.spans[0], (Some(inches(144)), inches(114)));
        let (temporary, staying) = cut.shares_of_a_line(inches(144)).expect("both end there");
        assert!(temporary.iter().all(|each| (each * 80.0 - 50.526).abs() < 1e-3), "{temporary:?}");
        assert!(staying.iter().all(|each| (each * 80.0 + 10.526).abs() < 1e-3), "{staying:?}");
        assert_eq!(cut.shares_of_a_line(inches(300)), None);
    }

    /// By hand, one temporary wall under joists that run through, 12 ft and 12 ft, 30 in. past the wall that goes: spans of 14.5 and 9.5 ft in one
    /// piece. M = −(14.5³ + 9.5³) / (8 · 24) = −20.344 ft·lb; the first wall takes 7.25 − 20.344/14.5 = 5.847, the last 4.75 − 20.344/9.5 = 2.6085.
    #[test]
    fn where_joists_run_through_one_temporary_wall_is_enough() {
        let through = section(&[(0, 288)], &[0, 144, 288], 1, &[174]);
        let takes = through.tributaries().expect("it stands");
        assert!((takes.staying[0].1 - 5.847).abs() < 1e-3 && (takes.staying[1].1 - 2.6085).abs() < 1e-3, "{takes:?}");
        assert!((takes.temporary[0] - (24.0 - 5.847 - 2.6085)).abs() < 1e-3);
        let lapped = section(&[(0, 146), (142, 288)], &[0, 144, 288], 1, &[114]);
        assert_eq!(lapped.tributaries(), Err(vec![Falls { piece: 1, keeps: vec![inches(288)] }]));
    }

    /// By hand: joists that run 18 in. past the wall that goes weigh on 13.5 ft; 13.5 · 6.75 / 9.5 = 9.592 ft on the temporary wall, 3.908 on the outer one.
    #[test]
    fn tails_past_the_wall_are_loaded_as_well() {
        let tails = section(&[(0, 162), (126, 288)], &[0, 144, 288], 1, &[114, 174]);
        let takes = tails.tributaries().expect("it stands");
        assert!(takes.temporary.iter().all(|each| (each - 13.5 * 6.75 / 9.5).abs() < 1e-9), "{takes:?}");
        assert!(takes.staying.iter().all(|(_, each)| (each - 3.907_894_7).abs() < 1e-6), "{takes:?}");
    }

    #[test]
    fn a_short_span_behind_a_temporary_wall_is_lifted_and_said_so() {
        let far = section(&[(0, 288)], &[0, 144, 288], 1, &[252]);
        assert!(far.tributaries().expect("it stands").staying[1].1 < 0.0);
    }

    /// A temporary wall 6 in. beside a wall that stays, under joists of 12 ft: they turn about it, off that wall. 12 · 6 / 11.5 = 6.261 ft, not
    /// the 39 ft of a beam that the other wall held down.
    #[test]
    fn where_nothing_goes_joists_only_lie() {
        let below = JoistSection { remove: None, ..section(&[(0, 144)], &[0, 144], 0, &[138]) };
        let takes = below.tributaries().expect("it stands");
        assert!((takes.temporary[0] - 72.0 / 11.5).abs() < 1e-9, "{takes:?}");
        assert!(takes.staying.iter().all(|(_, share)| 0.0 <= *share));
    }

    proptest! {
        /// Whatever stands takes all that lies on it, and turns about nothing.
        #[test]
        fn forces_and_moments_balance(
            gaps in prop::collection::vec(30_i64..180, 2..6),
            remove in 0_usize..6,
            off in 6_i64..25,
            tails in (0_i64..60, 0_i64..60),
        ) {
            let mut supports = vec![0];
            for gap in &gaps {
                supports.push(supports.last().copied().unwrap_or(0) + gap);
            }
            let remove = remove % supports.len();
            let (first, last) = (0, *supports.last().unwrap_or(&0));
            let temporary = [supports[remove] - off, supports[remove] + off];
            let through = section(&[(first - tails.0 - 30, last + tails.1 + 30)], &supports, remove, &temporary);
            let takes = through.tributaries().expect("it stands");
            let all = || {
                let staying = takes.staying.iter().map(|(at, share)| (at.to_feet(), *share));
                through.temporary.iter().map(|at| at.to_feet()).zip(takes.temporary.iter().copied()).chain(staying)
            };
            let piece = through.pieces[0];
            let length = (piece.to - piece.from).to_feet();
            let middle = (piece.to + piece.from).half().to_feet();
            prop_assert!((all().map(|(_, share)| share).sum::<f64>() - length).abs() < 1e-9 * length);
            let moment: f64 = all().map(|(at, share)| at * share).sum();
            prop_assert!((moment - length * middle).abs() < 1e-7 * length * length);
        }
    }
}
