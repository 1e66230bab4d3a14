//! Sturvek's core: the trade itself, as pure functions over plain data.
//!
//! From inputs to results: [`job`] holds what the user describes; [`loads`] takes it down to pounds per foot of wall;
//! [`sizing`] finds the header, jacks and kings; [`framing`] lays out the members, marks and heights of a wall; [`path`] follows loads through a
//! [`house`]; [`plan`] is the whole job, worked out once; [`studies`] ask of it. [`finding`] is what is wrong with it, [`speech`] how it is said.
//! [`measure`], [`lumber`], [`statics`] and [`working`] serve them; [`codes`] says what
//! wood may carry. Nothing here reads a file, a clock or a network.

pub mod codes;
pub mod cutting;
pub mod finding;
pub mod framing;
pub mod house;
pub mod house_said;
pub mod job;
pub mod loads;
pub mod lumber;
pub mod measure;
pub mod path;
pub mod plan;
pub mod raising;
pub mod remodel;
pub mod shoring;
pub mod sizing;
pub mod speech;
pub mod statics;
pub mod studies;
pub mod working;
