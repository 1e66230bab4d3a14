//! From the framed walls to the pile and back: what is cut, what is built apart, and from which sticks.

pub mod cut_next;
pub mod deliveries;
pub mod hardware;
pub mod job_sticks;
pub mod lists;
pub mod packs;
pub mod pieces;
pub mod progress;
pub mod sold;
pub mod sticks;
