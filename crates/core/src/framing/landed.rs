//! # What lands on a wall
//!
//! **What it does.** Everything that presses on the top plates of one wall: lines of load and posts from the framing that it is said to
//! carry, and the loads typed in at one place. A wall is framed from its own description and from this, and from nothing else of its
//! job: two walls on which the same lands are framed alike.
//!
//! **Source.** Common practice, no source; each load names its own.

use super::hole::{Hole, hole};
use super::solid_floor::SolidFloor;
use crate::job::{OpeningDesign, Rules, Wall};
use crate::loads::{ByKind, CarriedLimit, LoadKind, LoadLine, SnowBasis, Standing, TakeDown, WallCarries, take_down};
use crate::measure::{Force, Length, LineLoad, Pressure};
use crate::working::{Clause, Number, Pen, Silent, Unit};

/// What lands on a wall.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Landed {
    /// What the framing brings that it carries.
    pub down: TakeDown,
    /// Everything that stands at one place: loads typed in, and the posts of that framing.
    pub points: Vec<(Length, ByKind<Force>)>,
    /// Where the floor over it must be solid.
    pub solid: Vec<SolidFloor>,
    /// What the house says of it; `None` for a wall that has no place in one.
    pub house: Option<FromHouse>,
}

/// What of a wall's loads follows from the house it stands in.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct FromHouse {
    /// Whether anything of the house lands on it.
    pub brings: bool,
    /// Whether snow would fall on what it carries, and nobody said how much.
    pub asks_snow: bool,
    /// What of what it carries is outside the limits.
    pub limit: Option<CarriedLimit>,
}

impl Landed {
    /// What is said of the wall itself.
    pub fn as_said(rules: &Rules<'_>, wall: &Wall) -> Self {
        let down = down_on(rules, wall);
        let typed = wall.point_loads.iter().map(|load| (load.at, load.amount));
        let points = typed.chain(down.points.iter().map(|point| (point.at, point.amount))).collect();
        Self { down, points, solid: Vec::new(), house: None }
    }

    /// What is said of a wall itself, and what comes down on it in the house it stands in.
    pub fn in_house(
        rules: &Rules<'_>,
        wall: &Wall,
        followed: TakeDown,
        solid: Vec<SolidFloor>,
        house: FromHouse,
    ) -> Self {
        let mut landed = Self::as_said(rules, wall);
        landed.points.extend(followed.points.iter().map(|point| (point.at, point.amount)));
        landed.down.lines.extend(followed.lines);
        landed.down.points.extend(followed.points);
        landed.house = Some(house);
        landed.solid = solid;
        if landed.nothing_on(wall) && landed.down.lines.is_empty() {
            landed.down.lines = over_heads(rules, wall);
        }
        landed
    }

    /// Whether nothing lands on a wall: it is a partition, or it stands in a house along the joists of everything on top of it.
    pub fn nothing_on(&self, wall: &Wall) -> bool {
        match (&wall.carries, self.house) {
            (WallCarries::Nothing, _) => true,
            (WallCarries::Framing(said), Some(house)) => said.is_empty() && !house.brings,
            (WallCarries::Framing(_), None) => false,
        }
    }
}

/// How far below the plates a flat 2x may lie in a wall that carries nothing. Source: IRC 2021 R602.7.4, from memory.
const FLAT_BELOW_PLATES: Length = Length::inches(24);
/// What a wall weighs, boards on both faces, lb/ft². Common practice, no source.
pub const WALL_WEIGHT: Pressure = Pressure::psf(12.0);

/// How high the wall stands over the flat 2x of an opening, where that is more than a flat 2x goes.
pub fn too_far_below_plates(wall: &Wall, design: &OpeningDesign, hole: Hole) -> Option<Length> {
    let above = wall.frame.under_plates_at(design.center) - hole.head() - wall.frame.thickness();
    (FLAT_BELOW_PLATES < above).then_some(above)
}

/// What comes down from what the wall is said to carry. Snow that nobody said brings nothing: what it falls on has no number until it is said. In a wall that
/// carries nothing the wall itself stands on headers that lie too far below its plates for a flat 2x.
fn down_on(rules: &Rules<'_>, wall: &Wall) -> TakeDown {
    match &wall.carries {
        WallCarries::Nothing => TakeDown { lines: over_heads(rules, wall), ..TakeDown::default() },
        WallCarries::Framing(carried) => {
            let mut site = rules.settings.site;
            if rules.settings.said.snow == Standing::NotSaid {
                site.snow.basis = SnowBasis::Ground(Pressure::ZERO);
            }
            take_down(carried, &site, wall.frame.length)
        }
    }
}

/// What stands on the headers of a wall that carries nothing, where they lie too far below the plates for a flat 2x.
fn over_heads(rules: &Rules<'_>, wall: &Wall) -> Vec<LoadLine> {
    wall.openings.iter().filter_map(|opening| wall_over_head(&mut Silent, rules, wall, &opening.design)).collect()
}

/// What stands on a header in a wall that carries nothing, where it lies too far below the plates for a flat 2x.
pub fn wall_over_head<P: Pen>(pen: &mut P, rules: &Rules<'_>, wall: &Wall, design: &OpeningDesign) -> Option<LoadLine> {
    let hole = hole(design, rules.settings);
    let above = too_far_below_plates(wall, design, hole)?;
    let load = pen.given("⟨symbol-wall⟩", WALL_WEIGHT.to_psf())
        * pen.given("⟨symbol-its-height-over-the-head⟩", above.to_feet());
    let load = pen.step("load-wall-over-the-head", "D", Unit::PoundsPerFoot, Clause::PRACTICE, load);
    let load = LineLoad::plf(load.value());
    let half = hole.size.width.half();
    Some(LoadLine {
        source: "load-wall-over-the-head",
        kind: LoadKind::Dead,
        area: Some((WALL_WEIGHT, above)),
        at_start: load,
        at_end: load,
        extent: Some((design.center - half, design.center + half)),
        bay: None,
    })
}
