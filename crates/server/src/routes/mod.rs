//! Handlers, by area.

pub mod commands;
pub mod jobs;
pub mod studies;
pub mod walls;
