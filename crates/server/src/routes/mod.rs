//! Handlers, by area.

pub mod beam_in;
pub mod buy;
pub mod changes;
pub mod commands;
pub mod cut;
pub mod devices;
pub mod health;
pub mod house;
pub mod inputs;
pub mod jobs;
pub mod labels;
pub mod opening_order;
pub mod orders;
pub mod papers;
pub mod portal_returns;
pub mod prices;
pub mod raise;
pub mod saw;
pub mod shore;
pub mod sticks;
pub mod studies;
pub mod walls;
