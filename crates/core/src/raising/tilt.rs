//! # Tilting up
//!
//! **What it does.** Says what the hands, or the hook, at the top plate hold when a wall that lies on the deck is lifted, its sole plate as the
//! hinge: weight times how far up its center is, over how far up it is held. That is most of it; it gets less as the wall comes up.
//!
//! **Source.** Elementary statics.
//!
//! **Worked example.** 694 lb, its center 51.8 in. up a wall of 97 1/8 in.: 370 lb at the top plate.

use super::weight::Mass;

/// What is held at a height, lb, at the start.
pub fn lift(mass: Mass, held_at_inches: f64) -> f64 {
    if held_at_inches <= 0.0 { mass.pounds } else { mass.pounds * mass.center().1 / held_at_inches }
}

/// What is left of what was held at the start when the wall is at an angle from the deck, lb, pulled square to it: it gets less with the cosine.
pub fn lift_at(at_the_start: f64, degrees: f64) -> f64 {
    at_the_start * degrees.to_radians().cos().max(0.0)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let wall = Mass::at(694.0, (132.0, 51.8));
        assert!((lift(wall, 97.125) - 370.1).abs() < 0.1);
        // Held at its center the hands carry it all; a moment before it stands next to nothing.
        assert!((lift(wall, 51.8) - 694.0).abs() < 1e-9);
        assert!(lift_at(370.0, 89.0) < 7.0 && (lift_at(370.0, 0.0) - 370.0).abs() < 1e-12);
    }
}
