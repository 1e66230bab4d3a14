//! Identities of the parts of a house.

/// Names a part of a house. Given from outside: the core makes none up.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct PartId(pub u128);
