//! Writers: a model in, bytes out. The same model gives the same bytes.

pub mod pdf;
