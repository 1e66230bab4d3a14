//! From the framed walls to the pile and back: what is built apart, what is cut, and from which sticks.

pub mod sticks;
