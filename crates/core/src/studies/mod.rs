//! Questions asked of a whole job.

pub mod one_size;
pub mod one_size_bought;
