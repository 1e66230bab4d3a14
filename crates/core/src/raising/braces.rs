//! # Before it is let go
//!
//! **What it does.** Says what holds a wall before it goes up and before anybody, or a hoist, lets go of it: stops at the rim, a strap at the sole, and how
//! many braces.
//!
//! **Source.** Common practice, no source: a brace at 45 degrees at each end of a wall, and one every 8 to 10 ft between; no raising with sheathing
//! on in winds over 20 mph.
//!
//! **Worked example.** 36 ft: a brace at each end and three between, none farther than 10 ft from the next.

use crate::measure::{Length, Unit};
use crate::say;
use crate::speech::{Phrase, distance, number};

/// Braces stand no farther apart.
const APART: Length = Length::feet(10);
/// Stops at the rim likewise.
const STOPS_APART: Length = Length::feet(8);
/// Winds over this are too strong for a sheathed wall, mph.
const STRONG: f64 = 20.0;

/// How many braces a wall has before it is let go.
pub fn braces(length: Length) -> u32 {
    so_far_apart(length, APART)
}

/// How many stops at the rim it slides against.
pub fn stops(length: Length) -> u32 {
    so_far_apart(length, STOPS_APART)
}

/// One at each end, and between so that none is farther from the next.
fn so_far_apart(length: Length, apart: Length) -> u32 {
    let spaces = (length.nanometers().max(1) + apart.nanometers() - 1) / apart.nanometers();
    u32::try_from(spaces + 1).unwrap_or(u32::MAX)
}

/// What is there before it goes up, and before it is let go, in the order of the work.
pub fn before_it_is_let_go(length: Length, is_sheathed: bool) -> Vec<Phrase> {
    let mut all = vec![
        say!("before-stops", stops = stops(length)),
        say!("before-braces", braces = braces(length), apart = distance(APART)),
        say!("before-plumb"),
    ];
    if is_sheathed {
        all.push(say!("before-wind", wind = number(STRONG, Unit::MilesPerHour)));
    }
    all
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        assert_eq!([8, 10, 11, 20, 36].map(|feet| braces(Length::feet(feet))), [2, 2, 3, 3, 5]);
        assert_eq!([8, 9, 36].map(|feet| stops(Length::feet(feet))), [2, 3, 6]);
    }

    #[test]
    fn the_wind_is_said_of_a_sheathed_wall() {
        let said = |sheathed| before_it_is_let_go(Length::feet(12), sheathed).len();
        assert_eq!((said(false), said(true)), (3, 4));
    }
}
