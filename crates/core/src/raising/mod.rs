//! Raising walls: what they weigh, where their weight is, who lifts them, in how many panels.

pub mod braces;
pub mod crew;
pub mod hoist;
pub mod order_of_walls;
pub mod panels;
pub mod square;
pub mod strap_brace;
pub mod tilt;
pub mod weight;
