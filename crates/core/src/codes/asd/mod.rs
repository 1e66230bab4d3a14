//! Allowable stress design of the National Design Specification, and what it is used with.

pub mod bearing;
pub mod bending;
pub mod both_ways;
pub mod built_up_column;
pub mod clauses;
pub mod combinations;
pub mod eccentric;
pub mod end_grain;
pub mod factors;
pub mod load_duration;
pub mod shear;
pub mod stiffness;
pub mod stud;
pub mod values;
