//! # Take-down: from framing to pounds per foot of wall
//!
//! **What it does.** Turns what the user describes (a roof, a floor, a wall above) into a line of load for each kind.
//! Nothing is ever typed as a lumped total.
//!
//! **Source.** Tributary widths: statics. Roof live 20 psf: IRC 2021 R301.6. Floor live: IRC 2021 Table R301.5. Flat-roof
//! snow 0.7·Ce·Ct·I·Pg and its low-slope minimum: ASCE 7-16 7.3. All from memory.
//!
//! **Assumptions and limits.** Simple spans; Ce = Ct = I = 1; snow even over the roof (no drift, ice or unbalanced snow);
//! roof pressures on the level.
//!
//! **Worked example.** Trusses 24 ft clear, 2 ft overhang, roof dead 10 and ceiling dead 5, ground snow 40:
//! D = 10·(12 + 2) + 5·12 = 200 lb/ft; S = 0.7·40·14 = 392 lb/ft; Lr = 20·14 = 280 lb/ft.

use super::kind::{ByKind, LoadKind};
use crate::measure::{Length, LineLoad, Pressure};
use crate::working::{Clause, Entry, Ink, Number, Pen, Silent, Unit};

/// What a wall carries.
#[derive(Clone, Debug, Default, PartialEq)]
pub enum WallCarries {
    /// A partition: nothing but itself.
    #[default]
    Nothing,
    /// Framing lands on it.
    Framing(CarriedFraming),
}

/// The framing that lands on a wall.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct CarriedFraming {
    /// A roof.
    pub roof: Option<RoofOnWall>,
    /// A floor.
    pub floor: Option<FloorOnWall>,
    /// A wall standing on this one.
    pub wall_above: Option<WallAbove>,
}

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
    /// Rise in 12 of run; decides the low-slope snow minimum.
    pub rise_in_twelve: f64,
    /// Roof dead load.
    pub roof_dead: Pressure,
    /// Ceiling dead load.
    pub ceiling_dead: Pressure,
    /// Attic live load: 20 psf with storage, 10 without, 0 where nobody can go.
    pub attic_live: Pressure,
}

/// A floor on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct FloorOnWall {
    /// Joist span on one side of the wall.
    pub span_one_side: Length,
    /// Joist span on the other side; zero for an outside wall.
    pub span_other_side: Length,
    /// Floor dead load.
    pub dead: Pressure,
    /// Floor live load.
    pub live: Pressure,
}

/// A wall standing on this one.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WallAbove {
    /// Its height.
    pub height: Length,
    /// Its dead load per face.
    pub dead: Pressure,
}

/// Loads of the place.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct SiteLoads {
    /// Where the snow figure comes from.
    pub snow: SnowBasis,
    /// Roof live load.
    pub roof_live: Pressure,
}

/// A snow figure.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum SnowBasis {
    /// Ground snow; the flat-roof form is applied.
    Ground(Pressure),
    /// The user's own roof snow, taken as it is.
    Roof(Pressure),
}

/// One line of the take-down.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct LoadLine {
    /// What brings it.
    pub source: &'static str,
    /// Kind of load.
    pub kind: LoadKind,
    /// Pressure on the area.
    pub pressure: Pressure,
    /// Width of that area that leans on the wall.
    pub tributary: Length,
    /// Load on the wall.
    pub amount: LineLoad,
}

/// Everything that comes down on a wall.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct TakeDown {
    /// Line by line.
    pub lines: Vec<LoadLine>,
    /// Summed by kind.
    pub total: ByKind<LineLoad>,
}

/// Takes the framing down to the wall.
pub fn take_down(carried: &CarriedFraming, site: &SiteLoads) -> TakeDown {
    write_take_down(&mut Silent, carried, site)
}

/// The same with its working.
pub fn take_down_working(carried: &CarriedFraming, site: &SiteLoads) -> Vec<Entry> {
    let mut ink = Ink::default();
    write_take_down(&mut ink, carried, site);
    ink.into_entries()
}

fn write_take_down<P: Pen>(pen: &mut P, carried: &CarriedFraming, site: &SiteLoads) -> TakeDown {
    let mut down = TakeDown::default();
    if let Some(roof) = &carried.roof {
        roof_lines(pen, &mut down, roof, site);
    }
    if let Some(floor) = &carried.floor {
        let tributary = (floor.span_one_side + floor.span_other_side).half();
        add(pen, &mut down, "floor", LoadKind::Dead, floor.dead, tributary);
        add(pen, &mut down, "floor", LoadKind::FloorLive, floor.live, tributary);
    }
    if let Some(wall) = &carried.wall_above {
        add(pen, &mut down, "wall above", LoadKind::Dead, wall.dead, wall.height);
    }
    down
}

fn roof_lines<P: Pen>(pen: &mut P, down: &mut TakeDown, roof: &RoofOnWall, site: &SiteLoads) {
    let half = roof.building_width.half();
    let on_wall = match roof.framing {
        RoofFraming::MiddleWallUnderLappedCeilingJoists => None,
        _ => Some(half + roof.overhang),
    };
    let ceiling = match roof.framing {
        RoofFraming::Trusses | RoofFraming::RaftersWithClearCeilingJoists => half,
        // Each joist is half the building long: half of it leans on the outside wall, and two halves on the middle one.
        RoofFraming::RaftersWithLappedCeilingJoists => half.half(),
        RoofFraming::MiddleWallUnderLappedCeilingJoists => half,
    };
    if let Some(tributary) = on_wall {
        add(pen, down, "roof", LoadKind::Dead, roof.roof_dead, tributary);
    }
    add(pen, down, "ceiling", LoadKind::Dead, roof.ceiling_dead, ceiling);
    add(pen, down, "attic", LoadKind::FloorLive, roof.attic_live, ceiling);
    if let Some(tributary) = on_wall {
        let snow = roof_snow(pen, site, roof.rise_in_twelve);
        add(pen, down, "snow on the roof", LoadKind::Snow, snow, tributary);
        add(pen, down, "people on the roof", LoadKind::RoofLive, site.roof_live, tributary);
    }
}

/// Roof snow from ground snow: the flat-roof form, and for slopes under 15° not less than min(Pg, 20).
fn roof_snow<P: Pen>(pen: &mut P, site: &SiteLoads, rise_in_twelve: f64) -> Pressure {
    const FLAT_ROOF: Clause = Clause::asce7("7.3");
    let ground = match site.snow {
        SnowBasis::Roof(snow) => return snow,
        SnowBasis::Ground(ground) => pen.given("p_g", ground.to_psf()),
    };
    let flat = ground.clone().times(0.7);
    let flat = pen.step("flat-roof snow, Ce = Ct = I = 1", "p_f", Unit::PoundsPerSquareFoot, FLAT_ROOF, flat);
    let slope_degrees = (rise_in_twelve / 12.0).atan().to_degrees();
    if slope_degrees >= 15.0 {
        return Pressure::psf(flat.value());
    }
    let least = flat.larger(ground.smaller(P::Number::constant(20.0)));
    let least = pen.step("low-slope minimum", "p_m", Unit::PoundsPerSquareFoot, Clause::asce7("7.3.4"), least);
    Pressure::psf(least.value())
}

fn add<P: Pen>(
    pen: &mut P,
    down: &mut TakeDown,
    source: &'static str,
    kind: LoadKind,
    pressure: Pressure,
    tributary: Length,
) {
    if pressure.to_psf() <= 0.0 || tributary <= Length::ZERO {
        return;
    }
    let amount = pen.given("pressure", pressure.to_psf()) * pen.given("width", tributary.to_feet());
    let amount = pen.step(source, kind.symbol(), Unit::PoundsPerFoot, Clause::STATICS, amount);
    let amount = LineLoad::plf(amount.value());
    down.lines.push(LoadLine { source, kind, pressure, tributary, amount });
    let total = down.total.get_mut(kind);
    *total = *total + amount;
}

#[cfg(test)]
mod tests {
    use super::*;

    fn roof(framing: RoofFraming) -> RoofOnWall {
        RoofOnWall {
            framing,
            building_width: Length::feet(24),
            overhang: Length::feet(2),
            rise_in_twelve: 6.0,
            roof_dead: Pressure::psf(10.0),
            ceiling_dead: Pressure::psf(5.0),
            attic_live: Pressure::ZERO,
        }
    }

    fn site(ground: f64) -> SiteLoads {
        SiteLoads { snow: SnowBasis::Ground(Pressure::psf(ground)), roof_live: Pressure::psf(20.0) }
    }

    fn total(roof: RoofOnWall, ground: f64) -> ByKind<f64> {
        let carried = CarriedFraming { roof: Some(roof), ..CarriedFraming::default() };
        take_down(&carried, &site(ground)).total.map(LineLoad::to_plf)
    }

    fn near(got: ByKind<f64>, dead: f64, floor_live: f64, roof_live: f64, snow: f64) {
        let wanted = ByKind { dead, floor_live, roof_live, snow };
        for kind in LoadKind::ALL {
            assert!((got.get(kind) - wanted.get(kind)).abs() < 1e-9, "{kind:?}: {got:?}");
        }
    }

    #[test]
    fn trusses_load_the_outside_wall() {
        near(total(roof(RoofFraming::Trusses), 40.0), 200.0, 0.0, 280.0, 392.0);
    }

    #[test]
    fn lapped_ceiling_joists_move_half_the_ceiling_to_the_middle_wall() {
        let with_attic = |framing| RoofOnWall { attic_live: Pressure::psf(20.0), ..roof(framing) };
        near(total(with_attic(RoofFraming::RaftersWithLappedCeilingJoists), 40.0), 170.0, 120.0, 280.0, 392.0);
        near(total(with_attic(RoofFraming::MiddleWallUnderLappedCeilingJoists), 40.0), 60.0, 240.0, 0.0, 0.0);
    }

    #[test]
    fn low_slopes_have_a_snow_minimum() {
        let low = RoofOnWall { rise_in_twelve: 2.0, ..roof(RoofFraming::Trusses) };
        near(total(low, 20.0), 200.0, 0.0, 280.0, 20.0 * 14.0);
        near(total(low, 25.0), 200.0, 0.0, 280.0, 20.0 * 14.0);
        near(total(low, 40.0), 200.0, 0.0, 280.0, 28.0 * 14.0);
    }

    #[test]
    fn a_floor_brings_half_of_each_side() {
        let floor = FloorOnWall {
            span_one_side: Length::feet(14),
            span_other_side: Length::feet(10),
            dead: Pressure::psf(10.0),
            live: Pressure::psf(40.0),
        };
        let wall_above = Some(WallAbove { height: Length::feet(8), dead: Pressure::psf(12.0) });
        let carried = CarriedFraming { roof: None, floor: Some(floor), wall_above };
        near(take_down(&carried, &site(0.0)).total.map(LineLoad::to_plf), 120.0 + 96.0, 480.0, 0.0, 0.0);
        assert_eq!(take_down_working(&carried, &site(0.0)).len(), 3);
    }
}
