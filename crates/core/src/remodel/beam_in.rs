//! # Whether the beam gets in
//!
//! **What it does.** Says how long a stick turns out of a passage through a door, carried level and on edge, whether one ply of the beam does, and whether
//! the room takes it along the wall. It has to be in before the temporary walls stand.
//!
//! **Source.** The longest stick around a corner, with its thickness, is geometry: the least of p / sin θ + w / cos θ − 2 t / sin 2θ over all angles. To carry plies one at a time: common practice, no source.
//!
//! **Assumptions and limits.** The door counts as deep as the passage is long, so that what turns here turns there; nobody tilts it. Jambs are clear widths.
//!
//! **Worked example.** From a passage of 4 ft through a door of 32 in., a ply 1 1/2 in. thick: 9 ft 1 5/16 in.

use crate::measure::Length;
use crate::say;
use crate::speech::{Phrase, distance};

/// The way that a beam comes in.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct WayIn {
    /// Clear width of the passage, across the door.
    pub passage: Length,
    /// Clear width of the door.
    pub door: Length,
    /// How far it goes straight through the door, before it and behind it together; nothing where nobody said.
    pub straight: Option<Length>,
}

/// The least that a passage or a door is wide.
pub const NARROWEST: Length = Length::inches(12);
/// The most that a passage or a door is wide, or a way goes straight.
pub const WIDEST: Length = Length::feet(100);
/// In so many steps the angle is tried; between two of them the stick is a hair longer, never shorter than what is said.
const ANGLES: u32 = 9_000;

/// How long a stick of a thickness turns from the passage through the door, to a sixteenth downward.
pub fn longest_that_turns(way: &WayIn, thickness: Length) -> Length {
    let (p, w, t) = (way.passage.to_inches(), way.door.to_inches(), thickness.to_inches());
    let at = |step: u32| {
        let angle = f64::from(step) / f64::from(ANGLES) * std::f64::consts::FRAC_PI_2;
        p / angle.sin() + w / angle.cos() - 2.0 * t / (2.0 * angle).sin()
    };
    let least = (1..ANGLES).map(at).fold(f64::INFINITY, f64::min).max(0.0);
    Length::from_decimal_inches((least * 16.0).floor() / 16.0)
}

/// Whether a ply so long and so thick comes in.
pub fn comes_in(way: &WayIn, length: Length, thickness: Length) -> bool {
    length <= longest_that_turns(way, thickness) || way.straight.is_some_and(|straight| length <= straight)
}

/// Whether a beam comes in by a way and lies along a wall so long, in sentences.
pub fn words(way: &WayIn, (length, thickness): (Length, Length), along_the_wall: Length) -> Vec<Phrase> {
    let longest = longest_that_turns(way, thickness);
    let turns = if length <= longest {
        say!("beam-in-turns", longest = distance(longest))
    } else if way.straight.is_some_and(|straight| length <= straight) {
        say!("beam-in-straight", longest = distance(longest))
    } else {
        say!("beam-in-does-not-turn", longest = distance(longest), length = distance(length))
    };
    let lies = if length <= along_the_wall {
        say!("beam-in-lies")
    } else {
        say!("beam-in-does-not-lie", length = distance(length), room = distance(along_the_wall))
    };
    vec![turns, lies]
}

#[cfg(test)]
mod tests {
    use super::*;

    fn way(passage: i64, door: i64) -> WayIn {
        WayIn { passage: Length::inches(passage), door: Length::inches(door), straight: None }
    }

    /// Without thickness the longest is (p^(2/3) + w^(2/3))^(3/2).
    #[test]
    fn a_thin_stick_turns_as_the_closed_form_says() {
        for (passage, door) in [(36, 32), (48, 32), (60, 30), (96, 36), (36, 36)] {
            let closed = (f64::from(passage).powf(2.0 / 3.0) + f64::from(door).powf(2.0 / 3.0)).powf(1.5);
            let longest = longest_that_turns(&way(passage.into(), door.into()), Length::ZERO).to_inches();
            assert!(longest <= closed && closed - longest < 0.0626, "{passage} {door}: {longest} {closed}");
        }
    }

    #[test]
    fn worked_example() {
        let longest = longest_that_turns(&way(48, 32), Length::inches_and(1, 1, 2));
        assert_eq!(longest, Length::inches_and(109, 5, 16));
        // Through a square corner of w by w, at 45 degrees: 2 √2 w less twice its thickness.
        let square = longest_that_turns(&way(36, 36), Length::inches(2)).to_inches();
        assert!((square - (2.0 * 2.0_f64.sqrt() * 36.0 - 4.0)).abs() < 0.0626, "{square}");
    }

    #[test]
    fn what_does_not_turn_goes_straight_or_stays_outside() {
        let ply = (Length::feet(16), Length::inches_and(1, 3, 4));
        let straight = WayIn { straight: Some(Length::feet(18)), ..way(48, 32) };
        assert!(!comes_in(&way(48, 32), ply.0, ply.1) && comes_in(&straight, ply.0, ply.1));
        let ids = |way: &WayIn, room: i64| -> Vec<String> {
            words(way, ply, Length::feet(room)).iter().map(|phrase| phrase.id.to_string()).collect()
        };
        assert_eq!(ids(&way(48, 32), 20), ["beam-in-does-not-turn", "beam-in-lies"]);
        assert_eq!(ids(&straight, 12), ["beam-in-straight", "beam-in-does-not-lie"]);
        assert_eq!(ids(&way(200, 120), 20)[0], "beam-in-turns");
    }
}
