//! For tests only: loads on a span of 120 in., drawn.

use proptest::prelude::*;

use super::load::BeamLoad;

/// A load on a span of 120 in.
pub fn any_load() -> impl Strategy<Value = BeamLoad> {
    prop_oneof![
        (1.0..200.0_f64, 0.0..60.0_f64, 60.0..120.0_f64).prop_map(|(pounds_per_inch, from, to)| BeamLoad::Uniform {
            pounds_per_inch,
            from,
            to
        }),
        (0.0..200.0_f64, 0.0..200.0_f64, 0.0..60.0_f64, 60.0..120.0_f64)
            .prop_map(|(at_start, at_end, from, to)| BeamLoad::Sloped { at_start, at_end, from, to }),
        (1.0..9000.0_f64, 0.1..119.9_f64).prop_map(|(pounds, at)| BeamLoad::Point { pounds, at }),
    ]
}
