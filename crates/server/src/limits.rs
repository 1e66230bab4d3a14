//! How much is read.

/// The largest request that is read, bytes.
pub const LARGEST_REQUEST: usize = 1024 * 1024;
