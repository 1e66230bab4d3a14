//! # A roof on a wall
//!
//! **What it does.** Roof, ceiling, attic, snow and roof live load that the roof's framing brings to a wall.
//!
//! **Source.** Tributary widths: statics. Roof live 20 psf: IRC 2021 R301.6; attic live: IRC 2021 Table R301.5. From memory.
//!
//! **Assumptions and limits.** Simple spans; loads on the level; of even and blown snow the larger counts. A ridge board
//! carries nothing: rafters and ties lean on the outside walls. A ridge beam takes half the roof to its posts.
//!
//! **Worked example.** Trusses 24 ft clear, 2 ft overhang, roof dead 10 and ceiling dead 5, ground snow 40, blown snow left
//! out: D = 10·(12 + 2) + 5·12 = 200 lb/ft; S = 0.7·40·14 = 392 lb/ft; Lr = 20·14 = 280 lb/ft.

use super::kind::{ByKind, LoadKind};
use super::snow::{Gable, roof_snow, unbalanced_on_wall};
use super::take_down::{Extent, LoadPoint, SiteLoads, Writer};
use crate::measure::{Force, Length, LineLoad, Pressure};
use crate::working::{Clause, Number, Pen, Unit};

/// How the roof reaches the wall.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum RoofFraming {
    /// Trusses from outside wall to outside wall, on an outside wall.
    Trusses,
    /// Rafters on a ridge board, ceiling joists spanning the whole width, on an outside wall.
    RaftersWithClearCeilingJoists,
    /// Rafters on a ridge board, ceiling joists lapped on a middle wall, on an outside wall.
    RaftersWithLappedCeilingJoists,
    /// The middle wall on which the ceiling joists lap.
    MiddleWallUnderLappedCeilingJoists,
    /// Rafters hung from a ridge beam, on an outside wall.
    RaftersOnRidgeBeam,
    /// Trusses or rafters parallel to the wall: half a bay leans on it.
    ParallelToWall,
}

/// What the snow does on this roof besides lying or blowing over the ridge.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SnowTrouble {
    /// Nothing.
    #[default]
    None,
    /// It drifts or slides from a higher roof or against a wall.
    Drift,
    /// Ice dams or hanging ice at the eave.
    Ice,
    /// A hip, valley or curved roof with the snow blown to one side.
    UnbalancedHipOrValley,
}

/// A roof on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct RoofOnWall {
    /// How it reaches the wall.
    pub framing: RoofFraming,
    /// Width of the building across the ridge, outside wall to outside wall.
    pub building_width: Length,
    /// Overhang past the wall, measured level.
    pub overhang: Length,
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Distance between trusses or rafters; counts where they are parallel to the wall.
    pub bay: Length,
    /// Roof dead load.
    pub roof_dead: Pressure,
    /// Ceiling dead load.
    pub ceiling_dead: Pressure,
    /// Attic live load: 20 psf with storage, 10 without, 0 where nobody can go.
    pub attic_live: Pressure,
    /// What else the snow does.
    pub snow_trouble: SnowTrouble,
}

/// A post under a ridge beam, landing on the wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct RidgePost {
    /// Its center, from the wall's left end.
    pub at: Length,
    /// Width of the building across the ridge.
    pub building_width: Length,
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Span of the ridge beam to the next post on one side.
    pub span_one_side: Length,
    /// Span on the other side; zero at the beam's end.
    pub span_other_side: Length,
    /// Roof dead load.
    pub roof_dead: Pressure,
}

/// Widths of roof and of ceiling that lean on the wall.
fn tributaries(roof: &RoofOnWall) -> (Option<Length>, Length) {
    let half = roof.building_width.half();
    match roof.framing {
        RoofFraming::Trusses | RoofFraming::RaftersWithClearCeilingJoists => (Some(half + roof.overhang), half),
        // Each joist is half the building long: half of it leans on the outside wall, and two halves on the middle one.
        RoofFraming::RaftersWithLappedCeilingJoists => (Some(half + roof.overhang), half.half()),
        RoofFraming::MiddleWallUnderLappedCeilingJoists => (None, half),
        // A quarter of the width, and the overhang; the ceiling joists still run from wall to wall.
        RoofFraming::RaftersOnRidgeBeam => (Some(half.half() + roof.overhang), half),
        RoofFraming::ParallelToWall => (Some(roof.bay.half() + roof.overhang), roof.bay.half()),
    }
}

pub(super) fn roof_lines<P: Pen>(writer: &mut Writer<'_, P>, roof: &RoofOnWall, site: &SiteLoads, extent: Extent) {
    let (on_wall, ceiling) = tributaries(roof);
    if let Some(tributary) = on_wall {
        writer.spread("roof", LoadKind::Dead, roof.roof_dead, tributary, extent);
    }
    writer.spread("ceiling", LoadKind::Dead, roof.ceiling_dead, ceiling, extent);
    writer.spread("attic", LoadKind::FloorLive, roof.attic_live, ceiling, extent);
    if let Some(tributary) = on_wall {
        snow_line(writer, roof, site, tributary, extent);
        writer.spread("people on the roof", LoadKind::RoofLive, site.roof_live, tributary, extent);
    }
}

/// Of snow lying evenly and snow blown to one side, the one that presses this wall more.
fn snow_line<P: Pen>(
    writer: &mut Writer<'_, P>,
    roof: &RoofOnWall,
    site: &SiteLoads,
    tributary: Length,
    extent: Extent,
) {
    let even = roof_snow(writer.pen, &site.snow, roof.rise_in_twelve);
    let rafters = matches!(
        roof.framing,
        RoofFraming::RaftersWithClearCeilingJoists | RoofFraming::RaftersWithLappedCeilingJoists
    );
    let gable =
        Gable { width: roof.building_width, overhang: roof.overhang, rise_in_twelve: roof.rise_in_twelve, rafters };
    let from_wall_to_wall = rafters || roof.framing == RoofFraming::Trusses;
    let blown = if from_wall_to_wall { unbalanced_on_wall(writer.pen, &site.snow, &gable) } else { None };
    match blown.map(|blown| blown.value()) {
        Some(blown) if even.to_psf() * tributary.to_feet() < blown => {
            let amount = LineLoad::plf(blown);
            writer.line("snow blown to one side", LoadKind::Snow, None, amount, amount, extent);
        }
        _ => writer.spread("snow on the roof", LoadKind::Snow, even, tributary, extent),
    }
}

pub(super) fn ridge_post<P: Pen>(writer: &mut Writer<'_, P>, post: &RidgePost, site: &SiteLoads) {
    let snow = roof_snow(writer.pen, &site.snow, post.rise_in_twelve);
    let mut amount = ByKind::default();
    for (kind, pressure) in
        [(LoadKind::Dead, post.roof_dead), (LoadKind::Snow, snow), (LoadKind::RoofLive, site.roof_live)]
    {
        if pressure.to_psf() <= 0.0 {
            continue;
        }
        let pen = &mut *writer.pen;
        let width = pen.given("half the building", post.building_width.half().to_feet());
        let spans = pen.given("ridge spans", (post.span_one_side + post.span_other_side).to_feet());
        let pounds = pen.given("pressure", pressure.to_psf()) * width * spans / P::Number::constant(2.0);
        let pounds = pen.step("post under the ridge beam", kind.symbol(), Unit::Pounds, Clause::STATICS, pounds);
        *amount.get_mut(kind) = Force::lbf(pounds.value());
    }
    writer.down.points.push(LoadPoint { source: "post under the ridge beam", at: post.at, amount });
}
