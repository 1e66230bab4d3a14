//! # What a wall weighs
//!
//! **What it does.** Adds up the members of a wall and its sheathing: weight and center, in the plane of the wall.
//!
//! **Source.** Weight of lumber as in `lumber/weight`. Sheathing, lb/ft², common figures, from memory: OSB 1.5 at 7/16 in., 1.7 at 1/2, 2.0 at
//! 5/8; plywood 3.0 for each inch; rigid foam 0.2 for each inch.
//!
//! **Assumptions and limits.** A member weighs its outline times its size through the wall; treatment, nails and fillers nothing. Sheathing
//! covers the wall from its sole to its second top plate, less the rough openings that are cut out of it already.
//!
//! **Worked example.** 22 ft of 2x6 SPF at 19 %, 97 1/8 in. high, studs at 16 in., two windows of 4 by 4 ft under doubled 2x10, 1/2 in. plywood: 694 lb,
//! its center 51.8 in. up.

use crate::framing::member::{Member, Role};
use crate::framing::{OpeningPlan, WallPlan};
use crate::job::{Sheathing, SheathingKind, WallFrame};
use crate::lumber::Moisture;
use crate::measure::Length;

/// A weight and where it is: pounds, and inches from the wall's left end and from under its sole plate.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct Mass {
    /// Pounds.
    pub pounds: f64,
    /// Pounds times inches from the left end.
    along: f64,
    /// Pounds times inches above the underside of the sole plate.
    up: f64,
}

impl Mass {
    /// A weight at a place, in.
    pub fn at(pounds: f64, (x, y): (f64, f64)) -> Self {
        Self { pounds, along: pounds * x, up: pounds * y }
    }

    /// Where it is, in. from the left end and above the underside of the sole plate.
    pub fn center(&self) -> (f64, f64) {
        if self.pounds == 0.0 { (0.0, 0.0) } else { (self.along / self.pounds, self.up / self.pounds) }
    }
}

impl std::ops::Add for Mass {
    type Output = Self;
    fn add(self, other: Self) -> Self {
        Self { pounds: self.pounds + other.pounds, along: self.along + other.along, up: self.up + other.up }
    }
}

impl std::ops::Sub for Mass {
    type Output = Self;
    fn sub(self, other: Self) -> Self {
        Self { pounds: self.pounds - other.pounds, along: self.along - other.along, up: self.up - other.up }
    }
}

impl std::iter::Sum for Mass {
    fn sum<I: Iterator<Item = Self>>(masses: I) -> Self {
        masses.fold(Self::default(), |sum, mass| sum + mass)
    }
}

/// An area with straight upright sides, in.: as high as this at its left and at its right.
#[derive(Clone, Copy, Debug)]
struct Trapezoid {
    left: f64,
    right: f64,
    low: (f64, f64),
    high: (f64, f64),
}

impl Trapezoid {
    /// The part of it from one place to another along the wall; `None` where there is none.
    fn between(self, from: f64, to: f64) -> Option<Self> {
        let (left, right) = (self.left.max(from), self.right.min(to));
        let wide = self.right - self.left;
        if right <= left || wide <= 0.0 {
            return None;
        }
        let on = |ends: (f64, f64), x: f64| ends.0 + (ends.1 - ends.0) * (x - self.left) / wide;
        let cut = |ends: (f64, f64)| (on(ends, left), on(ends, right));
        Some(Self { left, right, low: cut(self.low), high: cut(self.high) })
    }

    /// So many pounds on each square inch of it.
    fn mass(self, a_square_inch: f64) -> Mass {
        let wide = self.right - self.left;
        let (at_left, at_right) = (self.high.0 - self.low.0, self.high.1 - self.low.1);
        let area = wide * (at_left + at_right) / 2.0;
        if area <= 0.0 {
            return Mass::default();
        }
        let x = self.left + wide * (at_left + 2.0 * at_right) / (3.0 * (at_left + at_right));
        let squares = |(a, b): (f64, f64)| (a * a + a * b + b * b) / 3.0;
        let y = wide * (squares(self.high) - squares(self.low)) / (2.0 * area);
        Mass::at(area * a_square_inch, (x, y))
    }
}

/// What is seen of a member.
fn outline(member: &Member) -> Trapezoid {
    let (left, right) = (member.rect.x, member.rect.right());
    let ((low, high), (low_right, high_right)) = (member.edges_at(left), member.edges_at(right));
    let inches = |length: Length| length.to_inches();
    Trapezoid {
        left: inches(left),
        right: inches(right),
        low: (inches(low), inches(low_right)),
        high: (inches(high), inches(high_right)),
    }
}

/// The face of a wall, from under its sole plate to over its plates, a run of its top line each.
fn face(frame: &WallFrame) -> impl Iterator<Item = Trapezoid> {
    let run = |[(x0, y0), (x1, y1)]: [(Length, Length); 2]| Trapezoid {
        left: x0.to_inches(),
        right: x1.to_inches(),
        low: (0.0, 0.0),
        high: (y0.to_inches(), y1.to_inches()),
    };
    frame.top_lines().into_iter().map(run)
}

/// How high a stretch of a wall is over its plates in the mean, in.
pub fn mean_height(frame: &WallFrame, from: f64, to: f64) -> f64 {
    let area: Mass = face(frame).filter_map(|run| run.between(from, to)).map(|part| part.mass(1.0)).sum();
    area.pounds / (to - from)
}

/// What a member weighs between two places along the wall, in.
pub fn member_between(member: &Member, moisture: Moisture, from: f64, to: f64) -> Mass {
    let Some(outline) = outline(member).between(from, to) else { return Mass::default() };
    outline.mass(member.through().to_inches() * member.stock.weighs_as.density_pcf(moisture) / 1728.0)
}

/// What a member weighs.
pub fn of_member(member: &Member, moisture: Moisture) -> Mass {
    member_between(member, moisture, f64::NEG_INFINITY, f64::INFINITY)
}

/// Pounds on a square foot of sheathing.
pub fn sheathing_psf(sheathing: Sheathing) -> f64 {
    let inches = sheathing.thickness.to_inches();
    match sheathing.kind {
        // Between the thicknesses that are sold it is as heavy as its thickness says: 7/16 in. weighs 1.5 psf.
        SheathingKind::Osb => match OSB.iter().find(|(thick, _)| (thick - inches).abs() < 1e-6) {
            Some((_, psf)) => *psf,
            None => inches * OSB[0].1 / OSB[0].0,
        },
        SheathingKind::Plywood => 3.0 * inches,
        SheathingKind::Foam => 0.2 * inches,
    }
}

/// Thickness, in., and weight, lb/ft².
const OSB: [(f64, f64); 3] = [(0.4375, 1.5), (0.5, 1.7), (0.625, 2.0)];

/// What the sheathing of a wall weighs between two places along it, in.; nothing where it has none.
pub fn sheathing_between(frame: &WallFrame, plan: &WallPlan, from: f64, to: f64) -> Mass {
    let Some(sheathing) = frame.framing.sheathing else { return Mass::default() };
    let a_square_inch = sheathing_psf(sheathing) / 144.0;
    let inches = |length: Length| length.to_inches();
    let hole = |opening: &OpeningPlan| {
        let (low, high) = (inches(opening.bottom), inches(opening.bottom + opening.rough.height));
        Trapezoid { left: inches(opening.left()), right: inches(opening.right()), low: (low, low), high: (high, high) }
    };
    let cut_out = plan.openings.iter().filter(|opening| !opening.design.cut_out_later).map(hole);
    let mass = |area: Trapezoid| area.between(from, to).map_or_else(Mass::default, |part| part.mass(a_square_inch));
    face(frame).map(mass).sum::<Mass>() - cut_out.map(mass).sum()
}

/// Whether a member goes on when the wall stands, with what comes on top of it.
pub const fn comes_with_the_floor_above(role: Role) -> bool {
    matches!(role, Role::CeilingBlock | Role::SquashBlock)
}
