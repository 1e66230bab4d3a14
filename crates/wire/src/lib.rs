//! What crosses the process boundary, as JSON: a job's inputs, the commands that change them, and the results.
//!
//! These types are the contract: the OpenAPI document is made from them and the page's TypeScript from that. The core
//! knows nothing of them. What comes in is raw ([`TypedLength`] may be text as somebody typed it) and becomes a core
//! value in one place, with an error that names the field.

#![deny(clippy::float_arithmetic)]

pub mod choices;
pub mod command;
pub mod framed;
pub mod inputs;
pub mod order_mark;
pub mod paper;
pub mod piece_key;
pub mod places;
pub mod ranges;
pub mod reading;
pub mod results;
pub mod saved;
pub mod speech;
pub mod studies;
pub mod typed;

pub use command::Command;
pub use reading::{FieldError, FieldErrors, Resolve};
pub use typed::TypedLength;
