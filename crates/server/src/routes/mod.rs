//! Handlers, by area.

pub mod changes;
pub mod commands;
pub mod cut;
pub mod devices;
pub mod health;
pub mod house;
pub mod inputs;
pub mod jobs;
pub mod papers;
pub mod saw;
pub mod studies;
pub mod walls;
