//! # Studs under a load in the field of a wall
//!
//! **What it does.** A load that neither a header nor a pack takes needs studs of its own, under it and all the way down: as many
//! as carry it as a column and as the sole plate bears, two at the least.
//!
//! **Source.** NDS 2018 3.7.1, 15.3, 3.10.2 and 3.10.4, from memory. Two at the least: common practice, no source.
//!
//! **Assumptions and limits.** The studs are nailed to one another. Across them the sheathing of an outside wall holds them; in an
//! inside wall only rows of blocking do. Loads less than two studs apart share their studs.
//!
//! **Worked example.** D 4000 + S 4000 on two SPF Stud 2x4 of 92 5/8 in.: the plate bears 10.5 · 425 · 1.125 = 5020 lb, the
//! column 4538 where sheathing holds it, 2124 where nothing does: two are not enough.

use super::opening_plan::{Ground, OpeningPlan};
use super::opening_problem::plate_bearing;
use crate::codes::question::{Bearing, BuiltUpColumn};
use crate::codes::{Combination, DesignCode, PlateEnd, Service, Topic};
use crate::job::{Wall, WallFace, WallFrame};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::Family;
use crate::measure::{Force, Length};
use crate::say;
use crate::sizing::landing::Landing;
use crate::sizing::limits::LARGEST_POINT_LOAD;
use crate::sizing::problem::CLEAR_OF_PLATE_END;
use crate::working::{Pen, Silent, Unit};

/// The fewest studs under a load.
const FEWEST: u8 = 2;
/// The most that are tried.
const MOST: u8 = 8;

/// A load in the field of a wall, and the studs under it.
#[derive(Clone, Debug, PartialEq)]
pub struct FieldLoad {
    /// Where it stands.
    pub at: Length,
    /// How much of each kind.
    pub amount: ByKind<Force>,
    /// The largest of its combinations, lb.
    pub largest: f64,
    /// How many studs it takes; `None` where no number that was tried is enough.
    pub needed: Option<u8>,
    /// How hard that many work, as a column and on the plate; of the most that were tried where none is enough.
    pub works: StudsUnderLoad,
}

impl FieldLoad {
    /// How many studs are wanted in the wall.
    pub fn studs(&self) -> u8 {
        self.needed.unwrap_or(MOST)
    }
}

/// How hard studs under a load work.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct StudsUnderLoad {
    /// As a column.
    pub column: f64,
    /// On the plate.
    pub plate: f64,
}

impl StudsUnderLoad {
    fn hold(self) -> bool {
        self.column <= 1.0 && self.plate <= 1.0
    }
}

/// The loads of a wall that no opening takes, from left to right.
pub fn field_loads(wall: &Wall, ground: &Ground, openings: &[OpeningPlan]) -> Vec<FieldLoad> {
    let stud = wall.frame.thickness();
    let in_field = |at: &Length| openings.iter().all(|plan| plan.landing(*at) == Landing::Beyond);
    let mut points = ground.landed.points.clone();
    points.retain(|(at, amount)| in_field(at) && LoadKind::ALL.into_iter().any(|kind| amount.get(kind).to_lbf() > 0.0));
    points.sort_by_key(|(at, _)| *at);
    let mut together: Vec<Vec<(Length, ByKind<Force>)>> = Vec::new();
    for point in points {
        match together.last_mut() {
            Some(group) if point.0 - group[group.len() - 1].0 < stud * 2 => group.push(point),
            _ => together.push(vec![point]),
        }
    }
    together.iter().map(|group| field_load(wall, ground, group)).collect()
}

fn field_load(wall: &Wall, ground: &Ground, group: &[(Length, ByKind<Force>)]) -> FieldLoad {
    let amount = group.iter().fold(ByKind::default(), |sum: ByKind<Force>, (_, amount)| sum + *amount);
    let weight = |amount: &ByKind<Force>| LoadKind::ALL.into_iter().map(|kind| amount.get(kind).to_lbf()).sum::<f64>();
    let turned: f64 = group.iter().map(|(at, amount)| at.to_inches() * weight(amount)).sum();
    let at = match group {
        [(at, _)] => *at,
        _ => Length::from_decimal_inches(turned / weight(&amount)),
    };
    let pounds = amount.map(|force| force.to_lbf());
    let largest = ground.code.largest(&pounds);
    let works = |studs: u8| works(wall, ground, at, &pounds, studs);
    let needed = (FEWEST..=MOST).find(|studs| works(*studs).hold());
    FieldLoad { at, amount, largest, needed, works: works(needed.unwrap_or(MOST)) }
}

/// Whether a load is larger than is calculated here.
pub fn is_beyond_the_method(load: &FieldLoad) -> bool {
    LARGEST_POINT_LOAD < load.largest
}

fn works(wall: &Wall, ground: &Ground, at: Length, pounds: &ByKind<f64>, studs: u8) -> StudsUnderLoad {
    let mut present = pounds.map(|amount| amount > 0.0);
    present[LoadKind::Dead] = true;
    let mut worst = StudsUnderLoad { column: 0.0, plate: 0.0 };
    let strength = ground.code.strength().iter();
    for combination in strength.filter(|combination| combination.applies_to(&present)) {
        let load = combination.total(pounds);
        let carries =
            ground.code.built_up_column(&mut Silent, &column(ground.code, &wall.frame, studs), combination.duration);
        worst.column = worst.column.max(carries.map_or(f64::INFINITY, |carries| load / carries));
        let bears = plate_bears(&mut Silent, wall, ground, at, studs);
        worst.plate = worst.plate.max(bears.map_or(f64::INFINITY, |bears| load / bears));
    }
    worst
}

/// The studs as a built-up column between the plates.
fn column(code: DesignCode, frame: &WallFrame, studs: u8) -> BuiltUpColumn {
    BuiltUpColumn {
        lumber: frame.stud,
        studs,
        thickness: frame.thickness().to_inches(),
        depth: frame.depth().to_inches(),
        length: frame.stud_length().to_inches(),
        held_every: held_every(frame),
        most_slender: code.most_slender_column(),
        service: Service::Dry,
    }
}

/// How far apart something holds the studs across: nothing apart under sheathing, else between rows of blocking.
fn held_every(frame: &WallFrame) -> f64 {
    if frame.face == WallFace::Outside {
        return 0.0;
    }
    let (bottom, top) = (frame.thickness(), frame.thickness() + frame.stud_length());
    let mut rows: Vec<Length> = frame.framing.blocking.clone();
    rows.extend([bottom, top]);
    rows.sort_unstable();
    let longest = rows.windows(2).map(|pair| pair[1] - pair[0]).max();
    longest.unwrap_or(top - bottom).to_inches()
}

/// What the sole plate bears under so many studs, lb.
fn plate_bears<P: Pen>(pen: &mut P, wall: &Wall, ground: &Ground, at: Length, studs: u8) -> Option<P::Number> {
    let frame = &wall.frame;
    let code = ground.code;
    let reference = plate_bearing(code, frame).ok()?;
    let half = (frame.thickness() * i64::from(studs)).half();
    let clear = ground
        .sole
        .iter()
        .any(|(from, to)| *from + CLEAR_OF_PLATE_END <= at - half && at + half + CLEAR_OF_PLATE_END <= *to);
    let end = if clear { PlateEnd::Continuous } else { PlateEnd::Cut };
    let length = pen.given("l_b", (half * 2).to_inches());
    let asked =
        Bearing {
            symbol: "⟨symbol-fcperp-of-the-plate⟩", reference, family: Family::Dimension, service: Service::Dry
        };
    let strength = code.bearing_strength(pen, &asked) * code.bearing_length_factor(pen, end, &length);
    let bears = length * pen.given("d", frame.depth().to_inches()) * strength;
    Some(pen.step("step-the-plate-bears", "P_p", Unit::Pounds, code.clause(Topic::Bearing), bears))
}

/// The working of the studs under a load.
pub fn field_working<P: Pen>(pen: &mut P, wall: &Wall, ground: &Ground, load: &FieldLoad) {
    let pounds = load.amount.map(|force| force.to_lbf());
    let code = ground.code;
    let hardest = |combination: &&Combination| {
        code.built_up_column(&mut Silent, &column(code, &wall.frame, load.studs()), combination.duration)
            .map_or(f64::INFINITY, |carries| combination.total(&pounds) / carries)
    };
    let worst = code.strength().iter().max_by(|a, b| hardest(a).total_cmp(&hardest(b)));
    let Some(combination) = worst else { return };
    pen.note(|| say!("note-studs-under", studs = load.studs(), combination = combination.index.phrase()));
    let total = combination.total(&pounds);
    if let Some(carries) = code.built_up_column(pen, &column(code, &wall.frame, load.studs()), combination.duration) {
        let ratio = pen.given("⟨symbol-load⟩", total) / carries;
        pen.step("step-how-hard-they-work", "⟨symbol-ratio⟩", Unit::None, code.clause(Topic::BuiltUpColumn), ratio);
    }
    if let Some(bears) = plate_bears(pen, wall, ground, load.at, load.studs()) {
        let ratio = pen.given("⟨symbol-load⟩", load.largest) / bears;
        pen.step("step-how-hard-the-plate-works", "⟨symbol-ratio⟩", Unit::None, code.clause(Topic::Bearing), ratio);
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::fixture::partition_with;
    use crate::framing::{Role, plan_wall_as_said};
    use crate::job::{Job, PointLoad, PointLoadId};

    fn wall_under(dead: f64, snow: f64) -> Job {
        let mut job = partition_with(vec![]);
        let amount = ByKind::of([(LoadKind::Dead, Force::lbf(dead)), (LoadKind::Snow, Force::lbf(snow))]);
        let load = PointLoad { id: PointLoadId(1), name: "girder".into(), at: Length::inches(70), amount };
        job.walls[0].point_loads.push(load);
        job
    }

    #[test]
    fn worked_example() {
        let job = wall_under(4000.0, 4000.0);
        let (wall, ground) =
            (&job.walls[0], Ground { sole: vec![(Length::ZERO, Length::feet(12))], ..Ground::default() });
        let pounds = ByKind::of([(LoadKind::Dead, 4000.0), (LoadKind::Snow, 4000.0)]);
        let two = works(wall, &ground, Length::inches(70), &pounds, 2);
        assert!((two.plate - 8000.0 / 5020.0).abs() < 0.001, "{two:?}");
        assert!((two.column - 8000.0 / 4538.0).abs() < 0.002, "{two:?}");
        let mut inside = wall.clone();
        inside.frame.face = WallFace::Inside;
        let free = works(&inside, &ground, Length::inches(70), &pounds, 2);
        assert!((free.column - 8000.0 / 2124.0).abs() < 0.005, "{free:?}");
        inside.frame.framing.blocking = vec![Length::inches(48)];
        assert!((works(&inside, &ground, Length::inches(70), &pounds, 2).column - two.column).abs() < 0.01);
    }

    #[test]
    fn as_many_are_framed_as_carry_it() {
        let count = |job: &Job| {
            let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
            plan.members.iter().filter(|member| member.role == Role::PointLoadStud).count()
        };
        assert_eq!(count(&wall_under(500.0, 500.0)), 2);
        assert_eq!(count(&wall_under(4000.0, 4000.0)), 4);
    }

    #[test]
    fn loads_close_together_share_their_studs() {
        let mut job = wall_under(2000.0, 2000.0);
        let mut beside = job.walls[0].point_loads[0].clone();
        (beside.id, beside.at) = (PointLoadId(2), Length::inches(72));
        job.walls[0].point_loads.push(beside);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        assert_eq!(plan.field_loads.len(), 1);
        assert_eq!((plan.field_loads[0].at, plan.field_loads[0].largest.round()), (Length::inches(71), 8000.0));
    }
}
