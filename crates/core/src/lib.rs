//! Sturvek's core: the trade itself, as pure functions over plain data.
//!
//! From inputs to results: [`job`] holds what the user describes; [`loads`] takes it down to pounds per foot of wall;
//! [`sizing`] finds the header, jacks and kings; [`framing`] lays out the members, marks and heights; [`studies`]
//! ask of the whole job. [`measure`],
//! [`lumber`], [`statics`] and [`working`] serve them. Nothing here reads a file, a clock or a network.

pub mod framing;
pub mod job;
pub mod loads;
pub mod lumber;
pub mod measure;
pub mod sizing;
pub mod statics;
pub mod studies;
pub mod working;
