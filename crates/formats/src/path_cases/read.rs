//! From the form of a case to what stands in the house. Everything that cannot be meant is told at once, each with its field.

use std::collections::HashSet;

use sturvek_core::house::{Axis, Line, Rectangle, Spot};
use sturvek_core::loads::{ByCase, ByKind, LoadKind};
use sturvek_core::measure::{Ends, Force, Length, LineLoad, Pressure};
use sturvek_core::path::{
    Field, FieldRun, GroundStructure, OnField, Pad, PointAbove, StandingBeam, StandingPost, StandingWall,
    StoreyStructure, Structure, WallOpening,
};
use sturvek_core::statics::Joints;

use super::case::{Case, FieldCase, OpeningCase, StoreyCase, WallCase};
use crate::kinds::Kinds;

/// No number is larger, in either direction.
const MOST: f64 = 1e6;
/// Places this near each other are one, in.
const SAME: f64 = 0.001;

/// What stands in the house.
///
/// # Errors
/// Sentences that name the fields that cannot be meant.
pub fn structure(case: &Case) -> Result<Structure, Vec<String>> {
    let mut reader = Reader::default();
    let storeys =
        case.storeys.iter().enumerate().map(|(index, storey)| reader.storey(&format!("storeys[{index}]"), storey));
    let storeys = storeys.collect();
    let ground = reader.ground(case);
    if reader.fails.is_empty() { Ok(Structure { storeys, ground }) } else { Err(reader.fails) }
}

#[derive(Default)]
struct Reader {
    ids: HashSet<String>,
    fails: Vec<String>,
}

/// Where a line runs, as a case has it.
struct Runs<'a> {
    axis: &'a str,
    offset: f64,
    start: f64,
    length: f64,
    thickness: f64,
}

impl Reader {
    fn storey(&mut self, at: &str, storey: &StoreyCase) -> StoreyStructure {
        let walls = storey.walls.iter().enumerate().map(|(i, wall)| self.wall(&format!("{at}.walls[{i}]"), wall));
        let walls = walls.collect();
        let beams = storey.beams.iter().enumerate().map(|(i, beam)| {
            let mut here = self.named(format!("{at}.beams[{i}]"), &beam.id);
            let line = here.line(&Runs {
                axis: &beam.axis,
                offset: beam.offset,
                start: beam.start,
                length: beam.length,
                thickness: beam.thickness,
            });
            here.not_negative("plf", beam.plf);
            let joints = match beam.run.as_str() {
                "continuous" => Joints::None,
                "simple" => Joints::AtEverySupport,
                _ => here.fail("run", "must be simple or continuous", Joints::None),
            };
            StandingBeam { line, weight: LineLoad::plf(beam.plf), joints }
        });
        let beams = beams.collect();
        let posts = storey.posts.iter().enumerate().map(|(i, post)| {
            let mut here = self.named(format!("{at}.posts[{i}]"), &post.id);
            here.not_negative("lb", post.lb);
            StandingPost { at: here.spot(post.x, post.y), weight: Force::lbf(post.lb) }
        });
        let posts = posts.collect();
        let fields = storey.fields.iter().enumerate().map(|(i, field)| self.field(&format!("{at}.fields[{i}]"), field));
        let fields = fields.collect();
        let points = storey.points.iter().enumerate().map(|(i, point)| {
            let mut here = self.named(format!("{at}.points[{i}]"), &point.id);
            let pounds = here.loads(&point.loads, -MOST);
            PointAbove { at: here.spot(point.x, point.y), pounds }
        });
        let points = points.collect();
        StoreyStructure { walls, beams, posts, fields, points, gables: Vec::new() }
    }

    fn wall(&mut self, at: &str, wall: &WallCase) -> StandingWall {
        let mut here = self.named(at.to_owned(), &wall.id);
        let line = here.line(&Runs {
            axis: &wall.axis,
            offset: wall.offset,
            start: wall.start,
            length: wall.length,
            thickness: wall.thickness,
        });
        here.positive("height", wall.height);
        here.not_negative("face_psf", wall.face_psf);
        let mut openings: Vec<WallOpening> = Vec::with_capacity(wall.openings.len());
        for (index, opening) in wall.openings.iter().enumerate() {
            let read = self.opening(&format!("{at}.openings[{index}]"), opening, wall.length);
            let (low, high) = read.bearings();
            let crosses = |other: &WallOpening| {
                let (other_low, other_high) = other.bearings();
                let same = inches(SAME);
                low + same < other_high && other_low + same < high
            };
            if openings.iter().any(crosses) {
                let what = "its bearing centers cross those of another opening";
                self.fails.push(format!("{at}.openings[{index}].left ({}): {what}.", opening.id));
            }
            openings.push(read);
        }
        StandingWall {
            line,
            height: inches(wall.height),
            face: Pressure::psf(wall.face_psf),
            bears: wall.bearing,
            openings,
        }
    }

    fn opening(&mut self, at: &str, opening: &OpeningCase, wall_length: f64) -> WallOpening {
        let mut here = self.named(at.to_owned(), &opening.id);
        here.within("left", opening.left, -MOST, MOST);
        here.within("right", opening.right, -MOST, MOST);
        let read = WallOpening {
            left: inches(opening.left),
            right: inches(opening.right),
            jacks: Ends { left: opening.jacks_left, right: opening.jacks_right },
            header: LineLoad::ZERO,
        };
        if opening.right <= opening.left {
            here.fails.push(format!("{at}.right ({}): it must lie to the right of left.", opening.id));
        }
        let (low, high) = read.pack_ends();
        for (field, outside) in [("left", low.to_inches() < -SAME), ("right", wall_length + SAME < high.to_inches())] {
            if outside {
                here.fails.push(format!("{at}.{field} ({}): its jacks stand outside the wall.", opening.id));
            }
        }
        read
    }

    fn field(&mut self, at: &str, field: &FieldCase) -> Field {
        let mut here = self.named(at.to_owned(), &field.id);
        let (near, far) =
            (here.spot_named(["x0", "y0"], field.x0, field.y0), here.spot_named(["x1", "y1"], field.x1, field.y1));
        for (name, low, high) in [("x1", near.x, far.x), ("y1", near.y, far.y)] {
            if high <= low {
                here.fails.push(format!("{at}.{name} ({}) must be larger than {}0.", field.id, &name[..1]));
            }
        }
        let span = here.axis("span", &field.span);
        let run = match field.run.as_str() {
            "clear" => FieldRun::Clear,
            "simple" => FieldRun::Simple,
            "continuous" => FieldRun::Continuous,
            _ => here.fail("run", "must be clear, simple or continuous", FieldRun::Clear),
        };
        let psf = here.loads(&field.loads, 0.0);
        Field { over: Rectangle { near, far }, span, run, loads: vec![OnField { part: None, psf }] }
    }

    fn ground(&mut self, case: &Case) -> GroundStructure {
        let lines = case.ground.lines.iter().enumerate().map(|(i, line)| {
            let mut here = self.named(format!("ground.lines[{i}]"), &line.id);
            here.line(&Runs {
                axis: &line.axis,
                offset: line.offset,
                start: line.start,
                length: line.length,
                thickness: line.thickness,
            })
        });
        let lines = lines.collect();
        let pads = case.ground.pads.iter().enumerate().map(|(i, pad)| {
            let mut here = self.named(format!("ground.pads[{i}]"), &pad.id);
            here.positive("size", pad.size);
            Pad { at: here.spot(pad.x, pad.y), size: inches(pad.size) }
        });
        let pads = pads.collect();
        GroundStructure { slab: case.ground.slab, lines, pads }
    }

    /// What stands under a name, which is given once.
    fn named<'a>(&'a mut self, at: String, id: &'a str) -> Named<'a> {
        if id.is_empty() {
            self.fails.push(format!("{at}.id must not be empty."));
        } else if !self.ids.insert(id.to_owned()) {
            self.fails.push(format!("{at}.id ({id}) stands twice; every name is given once."));
        }
        Named { fails: &mut self.fails, at, id }
    }
}

/// One thing of a case.
struct Named<'a> {
    fails: &'a mut Vec<String>,
    at: String,
    id: &'a str,
}

impl Named<'_> {
    fn fail<T>(&mut self, field: &str, must: &str, instead: T) -> T {
        self.fails.push(format!("{}.{field} ({}) {must}.", self.at, self.id));
        instead
    }

    fn within(&mut self, field: &str, number: f64, low: f64, high: f64) {
        if !(low..=high).contains(&number) {
            self.fail(field, &format!("must lie between {low} and {high}"), ());
        }
    }

    fn positive(&mut self, field: &str, number: f64) {
        if number <= 0.0 {
            self.fail(field, "must be larger than 0", ());
        } else {
            self.within(field, number, 0.0, MOST);
        }
    }

    fn not_negative(&mut self, field: &str, number: f64) {
        self.within(field, number, 0.0, MOST);
    }

    fn axis(&mut self, field: &str, axis: &str) -> Axis {
        match axis {
            "x" => Axis::X,
            "y" => Axis::Y,
            _ => self.fail(field, "must be x or y", Axis::X),
        }
    }

    fn line(&mut self, runs: &Runs<'_>) -> Line {
        self.within("offset", runs.offset, -MOST, MOST);
        self.within("start", runs.start, -MOST, MOST);
        self.positive("length", runs.length);
        self.positive("thickness", runs.thickness);
        Line {
            axis: self.axis("axis", runs.axis),
            offset: inches(runs.offset),
            start: inches(runs.start),
            length: inches(runs.length),
            thickness: inches(runs.thickness),
        }
    }

    fn spot(&mut self, x: f64, y: f64) -> Spot {
        self.spot_named(["x", "y"], x, y)
    }

    fn spot_named(&mut self, names: [&str; 2], x: f64, y: f64) -> Spot {
        self.within(names[0], x, -MOST, MOST);
        self.within(names[1], y, -MOST, MOST);
        Spot { x: inches(x), y: inches(y) }
    }

    fn loads(&mut self, loads: &Kinds, least: f64) -> ByCase {
        for (field, number) in [("D", loads.dead), ("L", loads.live), ("Lr", loads.roof_live), ("S", loads.snow)] {
            self.within(field, number, least, MOST);
        }
        ByCase::even(&ByKind::of([
            (LoadKind::Dead, loads.dead),
            (LoadKind::FloorLive, loads.live),
            (LoadKind::RoofLive, loads.roof_live),
            (LoadKind::Snow, loads.snow),
        ]))
    }
}

fn inches(inches: f64) -> Length {
    Length::from_decimal_inches(inches)
}
