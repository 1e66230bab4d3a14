//! Parts of houses for the tests beside the code.

use super::structure::{Field, FieldRun, OnField, StandingWall, StoreyStructure, Structure};
use crate::house::plan::{Axis, Line, Rectangle, Spot};
use crate::loads::ByCase;
use crate::measure::{Length, Pressure};

/// A bearing wall of 16 ft, 8 ft high, of 10 psf and 5 1/2 in.
pub fn wall_across(axis: Axis, offset: Length) -> StandingWall {
    let thickness = Length::inches_and(5, 1, 2);
    StandingWall {
        line: Line { axis, offset, start: Length::ZERO, length: Length::feet(16), thickness },
        height: Length::feet(8),
        face: Pressure::psf(10.0),
        bears: true,
        openings: vec![],
    }
}

/// A field of 16 ft whose joists run from one place to another, ft, under a dead load.
pub fn field(run: FieldRun, span: Axis, (low, high): (i64, i64), dead: f64) -> Field {
    let corner = |along, across| Spot::on(span, Length::feet(along), Length::feet(across));
    let over = Rectangle { near: corner(low, 0), far: corner(high, 16) };
    Field { over, span, run, loads: vec![OnField { part: None, psf: ByCase::dead(dead) }] }
}

/// A storey on bare ground.
pub fn storey_under(walls: Vec<StandingWall>, fields: Vec<Field>) -> Structure {
    let storey = StoreyStructure { walls, fields, ..StoreyStructure::default() };
    Structure { storeys: vec![storey], ..Structure::default() }
}
