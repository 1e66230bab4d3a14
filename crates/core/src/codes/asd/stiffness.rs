//! # Stiffness
//!
//! **What it does.** E' = E, and E · C_M in wet service. It takes no load duration.
//!
//! **Source.** NDS 2018 3.5, from memory.

use super::factors::wet_service::{Property, with_wet_service};
use crate::codes::question::{DesignValues, Service};
use crate::lumber::Family;
use crate::working::Pen;

/// E', psi.
pub fn stiffness<P: Pen>(pen: &mut P, values: &DesignValues, family: Family, service: Service) -> P::Number {
    let modulus = pen.given("E", values.stiffness.to_psi());
    with_wet_service(pen, modulus, service, family, Property::Stiffness)
}
