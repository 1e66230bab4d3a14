//! Ways in which sizes are decided: by the code's table, by calculation, by the shop's habit.

pub mod code_basis;
