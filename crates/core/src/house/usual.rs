//! What is put into a house where nobody says otherwise. All of it is common practice, no source; what carries is sized by whoever answers
//! for it.

use crate::measure::{Force, Length, LineLoad};

/// How wide a foundation is.
pub const FOUNDATION: Length = Length::inches(8);
/// What a post weighs.
pub const POST_WEIGHT: Force = Force::lbf(30.0);
/// A light beam: how thick it is, and what it weighs.
pub const BEAM: (Length, LineLoad) = (Length::inches_and(3, 1, 2), LineLoad::plf(10.0));
/// A girder under a floor: how thick it is, and what it weighs.
pub const GIRDER: (Length, LineLoad) = (Length::inches_and(5, 1, 4), LineLoad::plf(15.0));
/// How far a post's center stands from the end of what it carries.
pub const POST_FROM_THE_END: Length = Length::inches(2);
