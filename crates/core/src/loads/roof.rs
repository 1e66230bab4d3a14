//! # A roof on a wall
//!
//! **What it does.** Roof, ceiling, attic, snow and roof live load that the roof's framing brings to a wall.
//!
//! **Source.** Tributary widths: statics. Roof live 20 psf: IRC 2021 R301.6; attic live: IRC 2021 Table R301.5. From memory.
//!
//! **Assumptions and limits.** Simple spans; of even and blown snow the larger counts. A ridge board
//! carries nothing: rafters and ties lean on the outside walls. Rafters on a ridge beam or a ledger bring the wall what moments
//! about that support give: (b + o)² / (2·b) of their run b with an overhang o. A ridge beam that runs over its post brings it
//! 1.25 of what two simple spans would. Dead load given on the slope is turned onto the level.
//!
//! **Worked example.** Trusses 24 ft clear, 2 ft overhang, roof dead 10 and ceiling dead 5, ground snow 40, blown snow left
//! out: D = 10·(12 + 2) + 5·12 = 200 lb/ft; S = 0.7·40·14 = 392 lb/ft; Lr = 20·14 = 280 lb/ft.

use super::floor::middle_of_two;
use super::kind::{ByKind, LoadKind};
use super::lines::{Extent, LoadPoint, SiteLoads, Writer};
use super::snow::{Gable, LeansOn, SiteSnow, roof_snow, unbalanced_on_wall};
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
    /// Rafters from a ledger, as of a porch or a lean-to, on the wall or beam at their foot. The building's width is their run.
    RaftersFromLedger,
}

/// How warm a roof is, which decides how much snow stays on it.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum RoofWarmth {
    /// By the job's thermal factor, as every roof was before.
    #[default]
    AsTheJobSays,
    /// Heated below: 1.0.
    Heated,
    /// Vented over insulation of R-25 or more: 1.1.
    ColdAndVented,
    /// Nothing heated below, a garage or a porch: 1.2.
    Unheated,
}

impl RoofWarmth {
    /// Thermal factor, Ct. ASCE 7-16 Table 7.3-2, from memory.
    pub const fn thermal_factor(self, of_the_job: f64) -> f64 {
        match self {
            Self::AsTheJobSays => of_the_job,
            Self::Heated => 1.0,
            Self::ColdAndVented => 1.1,
            Self::Unheated => 1.2,
        }
    }
}

/// On what area a roof's dead load is given.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum DeadLoadOn {
    /// On the level.
    #[default]
    Level,
    /// On the slope.
    Slope,
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
    /// Whether that is on the level or on the slope.
    pub dead_on: DeadLoadOn,
    /// How warm it is.
    pub warmth: RoofWarmth,
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
    /// Roof dead load, on the level.
    pub roof_dead: Pressure,
    /// Whether the beam runs over the post in one piece, rather than ending on it from both sides.
    pub runs_over: bool,
    /// The beam's own weight.
    pub beam_weight: LineLoad,
}

impl RoofOnWall {
    /// Trusses on an outside wall, everything else as is usual: 2 ft overhang, 6 in 12, 24 in. apart, 10 and 5 psf, nobody in the
    /// attic.
    pub const fn usual(building_width: Length) -> Self {
        Self {
            framing: RoofFraming::Trusses,
            building_width,
            overhang: Length::feet(2),
            rise_in_twelve: 6.0,
            bay: Length::feet(2),
            roof_dead: Pressure::psf(10.0),
            dead_on: DeadLoadOn::Level,
            warmth: RoofWarmth::Heated,
            ceiling_dead: Pressure::psf(5.0),
            attic_live: Pressure::ZERO,
            snow_trouble: SnowTrouble::None,
        }
    }

    /// The run of rafters that end on a ridge beam or a ledger; `None` where the roof leans on both outside walls.
    const fn run(&self) -> Option<Length> {
        match self.framing {
            RoofFraming::RaftersOnRidgeBeam => Some(self.building_width.half()),
            RoofFraming::RaftersFromLedger => Some(self.building_width),
            _ => None,
        }
    }
}

/// Widths of roof and of ceiling that lean on the wall.
fn tributaries<P: Pen>(pen: &mut P, roof: &RoofOnWall) -> (Option<Length>, Length) {
    let half = roof.building_width.half();
    match roof.framing {
        RoofFraming::Trusses | RoofFraming::RaftersWithClearCeilingJoists => (Some(half + roof.overhang), half),
        // Each joist is half the building long: half of it leans on the outside wall, and two halves on the middle one.
        RoofFraming::RaftersWithLappedCeilingJoists => (Some(half + roof.overhang), half.half()),
        RoofFraming::MiddleWallUnderLappedCeilingJoists => (None, half),
        // The ceiling joists still run from wall to wall.
        RoofFraming::RaftersOnRidgeBeam => (Some(share_of_run(pen, half, roof.overhang)), half),
        RoofFraming::RaftersFromLedger => {
            (Some(share_of_run(pen, roof.building_width, roof.overhang)), roof.building_width.half())
        }
        RoofFraming::ParallelToWall => (Some(roof.bay.half() + roof.overhang), roof.bay.half()),
    }
}

/// (b + o)² / (2·b): moments about the ridge beam or ledger.
fn share_of_run<P: Pen>(pen: &mut P, run: Length, overhang: Length) -> Length {
    let (run, overhang) = (pen.given("b", run.to_feet()), pen.given("o", overhang.to_feet()));
    let share = (run.clone() + overhang).power(2.0) / run.times(2.0);
    let share = pen.step("step-width-that-leans-on-the-wall", "⟨symbol-width⟩", Unit::Feet, Clause::STATICS, share);
    Length::from_decimal_inches(share.value() * 12.0)
}

pub(super) fn roof_lines<P: Pen>(writer: &mut Writer<'_, P>, roof: &RoofOnWall, site: &SiteLoads, extent: Extent) {
    let spaced = !matches!(roof.framing, RoofFraming::ParallelToWall | RoofFraming::MiddleWallUnderLappedCeilingJoists);
    writer.bay = spaced.then_some(roof.bay);
    let (on_wall, ceiling) = tributaries(writer.pen, roof);
    if let Some(tributary) = on_wall {
        let dead = on_the_level(writer.pen, roof.roof_dead, roof.dead_on, roof.rise_in_twelve);
        writer.spread("load-roof", LoadKind::Dead, dead, tributary, extent);
    }
    writer.spread("load-ceiling", LoadKind::Dead, roof.ceiling_dead, ceiling, extent);
    writer.spread("load-attic", LoadKind::FloorLive, roof.attic_live, ceiling, extent);
    if let Some(tributary) = on_wall {
        snow_line(writer, roof, site, tributary, extent);
        writer.spread("load-people-on-the-roof", LoadKind::RoofLive, site.roof_live, tributary, extent);
    }
    writer.bay = None;
}

/// Roof dead load on the level: more on a slope by its length.
pub fn on_the_level<P: Pen>(pen: &mut P, dead: Pressure, on: DeadLoadOn, rise_in_twelve: f64) -> Pressure {
    if on == DeadLoadOn::Level || dead.to_psf() <= 0.0 {
        return dead;
    }
    let rise = pen.given("⟨symbol-rise⟩", rise_in_twelve) / P::Number::constant(12.0);
    let longer = (P::Number::constant(1.0) + rise.power(2.0)).square_root();
    let dead = pen.given("⟨symbol-on-the-slope⟩", dead.to_psf()) * longer;
    let dead = pen.step("step-roof-dead-load-on-the-level", "D", Unit::PoundsPerSquareFoot, Clause::STATICS, dead);
    Pressure::psf(dead.value())
}

/// Of snow lying evenly and snow blown to one side, the one that presses this wall more.
fn snow_line<P: Pen>(
    writer: &mut Writer<'_, P>,
    roof: &RoofOnWall,
    site: &SiteLoads,
    tributary: Length,
    extent: Extent,
) {
    let snow = SiteSnow { thermal: roof.warmth.thermal_factor(site.snow.thermal), ..site.snow };
    let even = roof_snow(writer.pen, &snow, roof.rise_in_twelve);
    let rafters = matches!(
        roof.framing,
        RoofFraming::RaftersWithClearCeilingJoists
            | RoofFraming::RaftersWithLappedCeilingJoists
            | RoofFraming::RaftersOnRidgeBeam
    );
    let leans = match roof.run() {
        Some(_) => LeansOn::RidgeBeam { share: tributary },
        None => LeansOn::BothWalls,
    };
    let gable = Gable {
        width: roof.building_width,
        overhang: roof.overhang,
        rise_in_twelve: roof.rise_in_twelve,
        rafters,
        leans,
    };
    // A roof that leans on a ledger has one side only.
    let gabled = rafters || roof.framing == RoofFraming::Trusses;
    let blown = if gabled { unbalanced_on_wall(writer.pen, &snow, &gable) } else { None };
    match blown.map(|blown| blown.value()) {
        Some(blown) if even.to_psf() * tributary.to_feet() < blown => {
            let amount = LineLoad::plf(blown);
            writer.line("load-snow-blown-to-one-side", LoadKind::Snow, None, amount, amount, extent);
        }
        _ => writer.spread("load-snow-on-the-roof", LoadKind::Snow, even, tributary, extent),
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
        let width = pen.given("⟨symbol-half-the-building⟩", post.building_width.half().to_feet());
        let spans = ridge_share(pen, post);
        let pounds = pen.given("⟨symbol-pressure⟩", pressure.to_psf()) * width * spans;
        let pounds = pen.step("load-post-under-the-ridge-beam", kind.symbol(), Unit::Pounds, Clause::STATICS, pounds);
        *amount.get_mut(kind) = Force::lbf(pounds.value());
    }
    if post.beam_weight.to_plf() > 0.0 {
        let pen = &mut *writer.pen;
        let weight = pen.given("⟨symbol-weight⟩", post.beam_weight.to_plf()) * ridge_share(pen, post);
        let weight = pen.step("step-the-ridge-beam-itself", "D", Unit::Pounds, Clause::STATICS, weight).value();
        amount[LoadKind::Dead] = amount[LoadKind::Dead] + Force::lbf(weight);
    }
    writer.down.points.push(LoadPoint { source: "load-post-under-the-ridge-beam", at: post.at, amount });
}

/// Length of ridge that leans on the post: half of each span, or more where the beam runs over it.
fn ridge_share<P: Pen>(pen: &mut P, post: &RidgePost) -> P::Number {
    let (first, second) = (post.span_one_side, post.span_other_side);
    if post.runs_over && Length::ZERO < first.min(second) {
        let share = middle_of_two(pen, first, second);
        return pen.step("step-ridge-that-leans-on-the-post", "l", Unit::Feet, Clause::STATICS, share);
    }
    pen.given("⟨symbol-ridge-spans⟩", (first + second).to_feet()) / P::Number::constant(2.0)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::{Carried, Framing, SiteSnow, take_down};

    /// Rafters on a ridge beam, 24 ft wide, 2 ft overhang, 6 in 12, roof dead 15.
    fn on_ridge_beam(framing: RoofFraming, building: i64) -> RoofOnWall {
        RoofOnWall {
            framing,
            building_width: Length::feet(building),
            overhang: Length::feet(2),
            rise_in_twelve: 6.0,
            bay: Length::feet(2),
            roof_dead: Pressure::psf(15.0),
            dead_on: DeadLoadOn::Level,
            warmth: RoofWarmth::Heated,
            ceiling_dead: Pressure::ZERO,
            attic_live: Pressure::ZERO,
            snow_trouble: SnowTrouble::None,
        }
    }

    fn plf(roof: RoofOnWall, ground: f64) -> ByKind<f64> {
        let snow = SiteSnow { unbalanced: true, ..SiteSnow::even(Pressure::psf(ground)) };
        let site = SiteLoads { snow, roof_live: Pressure::psf(20.0) };
        let carried = [Carried { framing: Framing::Roof(roof), extent: None, on_tail: false }];
        take_down(&carried, &site, Length::feet(24)).at(Length::feet(3)).map(LineLoad::to_plf)
    }

    #[test]
    fn rafters_on_a_ridge_beam_lever_their_overhang_and_take_the_blown_snow() {
        // Worked independently, from memory of ASCE 7-16: share 14²/24 = 8.167 ft; D 122.5, Lr 163.3, S = 50 · 8.167 = 408.3.
        let got = plf(on_ridge_beam(RoofFraming::RaftersOnRidgeBeam, 24), 50.0);
        assert!(
            (got[LoadKind::Dead] - 122.5).abs() < 0.01 && (got[LoadKind::RoofLive] - 163.33).abs() < 0.01,
            "{got:?}"
        );
        assert!((got[LoadKind::Snow] - 408.33).abs() < 0.01, "{got:?}");
    }

    #[test]
    fn a_porch_leans_on_its_ledger_and_has_no_lee_side() {
        // Run 12 ft, so the same share; 0.7 · 50 lies evenly.
        let got = plf(on_ridge_beam(RoofFraming::RaftersFromLedger, 12), 50.0);
        assert!(
            (got[LoadKind::Dead] - 122.5).abs() < 0.01 && (got[LoadKind::Snow] - 35.0 * 8.1667).abs() < 0.01,
            "{got:?}"
        );
    }

    #[test]
    fn dead_load_on_the_slope_and_a_cold_roof_bring_more() {
        let level = on_ridge_beam(RoofFraming::Trusses, 24);
        let on_slope = RoofOnWall { dead_on: DeadLoadOn::Slope, ..level };
        assert!(
            (plf(on_slope, 30.0)[LoadKind::Dead] / plf(level, 30.0)[LoadKind::Dead] - 1.25_f64.sqrt()).abs() < 1e-9
        );
        let even = |warmth| plf(RoofOnWall { warmth, rise_in_twelve: 8.0, ..level }, 30.0)[LoadKind::Snow];
        // 8 in 12 is 33.7°: on a warm roof Cs = 1 − 3.69/40 = 0.908, on the others 1.
        assert!((even(RoofWarmth::Unheated) / even(RoofWarmth::Heated) - 1.2 / 0.9077).abs() < 0.001);
        assert!((even(RoofWarmth::ColdAndVented) / even(RoofWarmth::Heated) - 1.1 / 0.9077).abs() < 0.001);
    }

    #[test]
    fn a_ridge_beam_that_runs_over_its_post_brings_a_quarter_more_and_itself() {
        let post = RidgePost {
            at: Length::feet(9),
            building_width: Length::feet(24),
            rise_in_twelve: 6.0,
            span_one_side: Length::feet(12),
            span_other_side: Length::feet(12),
            roof_dead: Pressure::psf(10.0),
            runs_over: true,
            beam_weight: LineLoad::plf(20.0),
        };
        let dead = |post| {
            let site = SiteLoads { snow: SiteSnow::even(Pressure::ZERO), roof_live: Pressure::ZERO };
            let carried = [Carried { framing: Framing::RidgePost(post), extent: None, on_tail: false }];
            take_down(&carried, &site, Length::feet(24)).points[0].amount[LoadKind::Dead].to_lbf()
        };
        // 12 ft of roof and the beam on 12 ft of ridge, 1.25 times: (120 + 20) · 15.
        assert!((dead(post) - 140.0 * 15.0).abs() < 1e-6);
        assert!((dead(RidgePost { runs_over: false, ..post }) - 140.0 * 12.0).abs() < 1e-6);
    }
}
