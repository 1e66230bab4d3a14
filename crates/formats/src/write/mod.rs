//! Writers: a model in, bytes out. The same model gives the same bytes.

pub mod csv;
pub mod pdf;
pub mod xlsx;
