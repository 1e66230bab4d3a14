//! # Strap brace or sheet brace
//!
//! **What it does.** Where the local way braces a wall with a let-in board or a strap, says where one fits between the openings: it works between 30 and 60
//! degrees to the plate, best at 45. Where none fits, says where a full sheet does.
//!
//! **Source.** Common practice, no source. How many braces a wall has, and of which kind, is the bracing plan's.
//!
//! **Worked example.** A wall 97 1/8 in. high with 8 ft 6 in. clear at its corner: at 45 degrees; with 5 ft clear: at 58.3 degrees; with 4 ft 6 in. none, but a
//! sheet of 4 ft.

use crate::framing::WallPlan;
use crate::job::WallFrame;
use crate::measure::Length;
use crate::raising::weight::mean_height;
use crate::say;
use crate::speech::{Phrase, distance};

/// The flattest that a strap works, degrees to the plate; wide stretches take it steeper.
const FLATTEST: f64 = 30.0;
/// The steepest that a strap works, degrees to the plate.
const STEEPEST: f64 = 60.0;
/// What it works best at.
const BEST: f64 = 45.0;
/// How wide a sheet is.
const SHEET: Length = Length::feet(4);

/// What braces a stretch of wall without openings.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Brace {
    /// A strap from the sole plate up to the top plate, degrees to the plate.
    Strap(f64),
    /// A full sheet.
    Sheet,
}

/// A stretch without openings, and what braces it.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Braced {
    /// From here.
    pub from: Length,
    /// To here.
    pub to: Length,
    /// With what.
    pub brace: Brace,
}

/// What braces a stretch so wide of a wall so high; `None` where neither fits.
pub fn brace_of(wide: Length, high: f64) -> Option<Brace> {
    let steep = high.atan2(wide.to_inches()).to_degrees();
    if steep <= STEEPEST {
        // No flatter than it has to be: a wide stretch takes it at its best.
        return Some(Brace::Strap(steep.max(BEST)));
    }
    (SHEET <= wide).then_some(Brace::Sheet)
}

/// The stretches of a planned wall that are braced: the nearest to each end that takes a strap; where none does, the widest that takes a sheet.
pub fn braced(frame: &WallFrame, plan: &WallPlan) -> Vec<Braced> {
    let mut openings: Vec<(Length, Length)> = plan.openings.iter().map(|opening| opening.held_by()).collect();
    openings.sort_unstable();
    let starts = std::iter::once(Length::ZERO).chain(openings.iter().map(|(_, right)| *right));
    let ends = openings.iter().map(|(left, _)| *left).chain([frame.length]);
    let high = mean_height(frame, 0.0, frame.length.to_inches());
    let all: Vec<Braced> = starts
        .zip(ends)
        .filter(|(from, to)| from < to)
        .filter_map(|(from, to)| Some(Braced { from, to, brace: brace_of(to - from, high)? }))
        .collect();
    let is_strap = |each: &&Braced| matches!(each.brace, Brace::Strap(_));
    let first = all.iter().find(is_strap);
    let last = all.iter().rev().find(is_strap).filter(|last| Some(*last) != first);
    match first {
        Some(first) => std::iter::once(first).chain(last).copied().collect(),
        None => all.iter().copied().max_by_key(|each| each.to - each.from).into_iter().collect(),
    }
}

/// The same in sentences.
pub fn braced_words(frame: &WallFrame, plan: &WallPlan) -> Vec<Phrase> {
    let all = braced(frame, plan);
    if all.is_empty() {
        return vec![say!("brace-none")];
    }
    let words = |each: &Braced| {
        let (from, to) = (distance(each.from), distance(each.to));
        match each.brace {
            Brace::Strap(degrees) => say!("brace-strap", from, to, degrees = degrees.round() as i64),
            Brace::Sheet => say!("brace-sheet", from, to, least = FLATTEST as i64, most = STEEPEST as i64),
        }
    };
    all.iter().map(words).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let at = |feet, inches| brace_of(Length::feet(feet) + Length::inches(inches), 97.125);
        assert_eq!(at(8, 6), Some(Brace::Strap(45.0)));
        let Some(Brace::Strap(degrees)) = at(5, 0) else { panic!("a strap") };
        assert!((degrees - 58.294).abs() < 1e-3, "{degrees}");
        assert_eq!((at(4, 6), at(3, 11)), (Some(Brace::Sheet), None));
    }
}
