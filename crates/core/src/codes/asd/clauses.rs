//! Where each rule stands.

use crate::codes::design_code::Topic;
use crate::working::Clause;

/// The clause of a topic, from memory.
pub const fn clause(topic: Topic) -> Clause {
    match topic {
        Topic::Combinations => Clause::asce7("2.4"),
        Topic::DesignSpan => Clause::nds("3.2.1"),
        Topic::Bending => Clause::nds("3.3"),
        Topic::Shear => Clause::nds("3.4"),
        Topic::ShearNearSupport => Clause::nds("3.4.3.1"),
        Topic::Deflection => Clause::nds("3.5"),
        Topic::Combined => Clause::nds("3.9.2"),
        Topic::Bearing => Clause::nds("3.10.2"),
        Topic::EndGrain => Clause::nds("3.10.1"),
        Topic::Column => Clause::nds("3.7"),
        Topic::ColumnStability => Clause::nds("3.7.1"),
        Topic::BuiltUpColumn => Clause::nds("15.3"),
        Topic::Eccentric => Clause::nds("15.4.1"),
    }
}
