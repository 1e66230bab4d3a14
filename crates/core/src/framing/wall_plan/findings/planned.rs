//! What findings look at.

use super::super::super::field_studs::FieldLoad;
use super::super::super::member::Member;
use super::super::super::opening_plan::{Ground, OpeningPlan};
use super::super::super::plates::TopBreaks;
use crate::job::{Rules, Wall};
use crate::measure::Length;

/// A wall as it was planned, so far as findings look at it.
pub(in super::super) struct Planned<'a> {
    pub(in super::super) rules: &'a Rules<'a>,
    pub(in super::super) wall: &'a Wall,
    pub(in super::super) ground: &'a Ground,
    pub(in super::super) field_loads: &'a [FieldLoad],
    pub(in super::super) openings: &'a [OpeningPlan],
    pub(in super::super) members: &'a [Member],
    pub(in super::super) breaks: Option<&'a TopBreaks>,
    pub(in super::super) bolts: &'a [Length],
}
