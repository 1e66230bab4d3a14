//! # Fields of a house as fields with loads
//!
//! **What it does.** Turns floors, ceilings and roofs, as they are described, into fields whose strips can be followed: what presses where
//! on them, by case, with the snow lying evenly and blown over the ridge to either side. The pressures are those of
//! [`crate::loads`]; how they are shared among walls and beams is statics.
//!
//! **Source.** ASCE 7-16 7.3 and 7.6.1 for snow, IRC 2021 R301.5 and R301.6 for people, from memory, by way of [`crate::loads`].
//!
//! **Assumptions and limits.** A gable's ridge lies half way between its eaves. A ridge board carries nothing: its rafters reach from
//! outside wall to outside wall as trusses do. Under a ridge beam each side is a field of its own from the eave to the ridge. Snow that
//! nobody said brings nothing. Hips and valleys are outside.
//!
//! **Worked example.** Trusses 24 ft from wall to wall with 2 ft overhangs, roof dead 10 and ceiling dead 5: 10 psf from eave to eave, 5 from
//! wall to wall: 10 · 14 + 5 · 12 = 200 lb/ft on each wall.

use super::structure::{Field, FieldRun, Gable as GableEnds, OnField};
use crate::house;
use crate::house::{Axis, CeilingField, FieldOf, FloorField, Rectangle, RoofField, RoofFieldFraming, Spot};
use crate::loads::roof::on_the_level;
use crate::loads::{
    ByCase, ByKind, FloorUse, Gable, LeansOn, LoadCase, LoadKind, SiteLoads, SiteSnow, SnowLies, blown_over_ridge,
    roof_snow,
};
use crate::measure::{Length, Pressure};
use crate::statics::Joints;
use crate::working::Silent;

/// A field of a house as fields whose strips can be followed: one, or one for each side of a ridge beam.
pub fn followed(field: &house::Field, site: &SiteLoads) -> Vec<Field> {
    match &field.of {
        FieldOf::Floor(floor) => vec![floor_field(field, floor, site)],
        FieldOf::Ceiling(ceiling) => vec![ceiling_field(field, ceiling)],
        FieldOf::Roof(roof) => roof_fields(field, roof, site),
    }
}

/// The gables of a field that is a roof, whose place among the fields of its storey is given; a roof that falls one way has none.
pub fn gable_of(field: &house::Field, place: usize) -> Option<GableEnds> {
    let FieldOf::Roof(roof) = &field.of else { return None };
    let (low, high) = field.over.along(field.span);
    let (start, end) = field.over.along(field.span.across());
    (roof.framing != RoofFieldFraming::OneWay).then_some(GableEnds {
        field: place,
        span: field.span,
        ends: [start, end],
        feet: (low + roof.overhang, high - roof.overhang),
        rise_in_twelve: roof.rise_in_twelve,
        face: roof.gable_weight,
    })
}

fn one_kind(kind: LoadKind, pressure: Pressure) -> ByCase {
    ByCase::even(&ByKind::of([(kind, pressure.to_psf())]))
}

fn floor_field(field: &house::Field, floor: &FloorField, site: &SiteLoads) -> Field {
    let open = floor.use_ == FloorUse::Deck && !floor.roofed;
    let live = if open { LoadKind::DeckLive } else { LoadKind::FloorLive };
    let snow = site.snow.ground_at_allowable_level().filter(|_| open).unwrap_or(Pressure::ZERO);
    let psf = one_kind(LoadKind::Dead, floor.dead) + one_kind(live, floor.live) + one_kind(LoadKind::DeckSnow, snow);
    let run = match floor.joints {
        Joints::AtEverySupport => FieldRun::Simple,
        Joints::None => FieldRun::Continuous,
    };
    Field { over: field.over, span: field.span, run, loads: vec![OnField { part: None, psf }] }
}

fn ceiling_field(field: &house::Field, ceiling: &CeilingField) -> Field {
    let run = if ceiling.lapped { FieldRun::Simple } else { FieldRun::Clear };
    let psf = one_kind(LoadKind::Dead, ceiling.dead) + one_kind(LoadKind::FloorLive, ceiling.attic_live);
    Field { over: field.over, span: field.span, run, loads: vec![OnField { part: None, psf }] }
}

fn roof_fields(field: &house::Field, roof: &RoofField, site: &SiteLoads) -> Vec<Field> {
    let (low, high) = field.over.along(field.span);
    let ridge = low + (high - low).half();
    let mut loads = snow_on(field.span, (low, ridge, high), roof, &site.snow);
    let dead = on_the_level(&mut Silent, roof.dead, roof.dead_on, roof.rise_in_twelve);
    let psf = one_kind(LoadKind::Dead, dead) + one_kind(LoadKind::RoofLive, site.roof_live);
    loads.push(OnField { part: None, psf });
    if roof.framing == RoofFieldFraming::Trusses {
        let psf = one_kind(LoadKind::Dead, roof.ceiling_dead) + one_kind(LoadKind::FloorLive, roof.attic_live);
        loads.push(OnField { part: Some((low + roof.overhang, high - roof.overhang)), psf });
    }
    let whole = Field { over: field.over, span: field.span, run: FieldRun::Clear, loads };
    match roof.framing {
        RoofFieldFraming::RaftersOnBeam => vec![part_of(&whole, low, ridge), part_of(&whole, ridge, high)],
        _ => vec![whole],
    }
}

/// The part of a field between two places along its joists, with what lies there.
fn part_of(field: &Field, low: Length, high: Length) -> Field {
    let across = field.over.along(field.span.across());
    let corner = |along, across| Spot::on(field.span, along, across);
    let clipped = |load: &OnField| {
        let (from, to) = field.part(load);
        let (from, to) = (from.max(low), to.min(high));
        (from < to).then_some(OnField { part: Some((from, to)), psf: load.psf })
    };
    Field {
        over: Rectangle { near: corner(low, across.0), far: corner(high, across.1) },
        loads: field.loads.iter().filter_map(clipped).collect(),
        ..field.clone()
    }
}

/// The snow on a roof from its low eave over its ridge to its high eave, by the way it lies.
fn snow_on(
    span: Axis,
    (low, ridge, high): (Length, Length, Length),
    roof: &RoofField,
    site: &SiteSnow,
) -> Vec<OnField> {
    let snow = SiteSnow { thermal: roof.warmth.thermal_factor(site.thermal), ..*site };
    let even = roof_snow(&mut Silent, &snow, roof.rise_in_twelve);
    let mut all = one_kind(LoadKind::Snow, even);
    let gable = Gable {
        width: high - low - roof.overhang * 2,
        overhang: roof.overhang,
        rise_in_twelve: roof.rise_in_twelve,
        rafters: roof.framing != RoofFieldFraming::Trusses,
        // What the sides lean on follows from the house.
        leans: LeansOn::BothWalls,
    };
    let blown = if roof.framing == RoofFieldFraming::OneWay { None } else { blown_over_ridge(&snow, &gable) };
    let Some(blown) = blown else { return vec![OnField { part: None, psf: all }] };
    let (toward_low, toward_high) = match span {
        Axis::X => (SnowLies::BlownLeft, SnowLies::BlownRight),
        Axis::Y => (SnowLies::BlownNear, SnowLies::BlownFar),
    };
    let mut loads = Vec::new();
    let mut lies = |way: SnowLies, part: (Length, Length), pressure: Pressure| {
        let psf = ByCase::NOTHING.with(LoadCase::Snow(way), pressure.to_psf());
        loads.push(OnField { part: Some(part), psf });
    };
    for (way, lee, windward) in [(toward_low, (low, ridge), (ridge, high)), (toward_high, (ridge, high), (low, ridge))]
    {
        all = all.with(LoadCase::Snow(way), 0.0);
        lies(way, lee, blown.lee);
        lies(way, windward, blown.windward);
        if let Some((surcharge, reach)) = blown.drift {
            let part = if way == toward_low { (ridge - reach, ridge) } else { (ridge, ridge + reach) };
            lies(way, part, surcharge);
        }
    }
    loads.push(OnField { part: None, psf: all });
    loads
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::PartId;
    use crate::loads::{Carried, DeadLoadOn, Framing, RoofFraming, RoofOnWall, RoofWarmth, SnowTrouble, take_down};
    use crate::measure::LineLoad;
    use crate::path::testing::{storey_under, wall_across};
    use crate::path::{LoadPath, StandingBeam, follow};

    fn site(ground: f64) -> SiteLoads {
        let snow = SiteSnow { unbalanced: true, ..SiteSnow::even(Pressure::psf(ground)) };
        SiteLoads { snow, roof_live: Pressure::psf(20.0) }
    }

    fn roof(framing: RoofFieldFraming) -> RoofField {
        RoofField {
            framing,
            rise_in_twelve: 6.0,
            bay: Length::feet(2),
            overhang: Length::feet(2),
            dead: Pressure::psf(10.0),
            dead_on: DeadLoadOn::Level,
            warmth: RoofWarmth::Heated,
            ceiling_dead: Pressure::psf(5.0),
            attic_live: Pressure::ZERO,
            snow_trouble: SnowTrouble::None,
            gable_weight: Pressure::ZERO,
        }
    }

    /// A house 24 ft wide and 16 ft long under a roof with 2 ft overhangs; a ridge beam where it is on one.
    fn house(of: RoofField, ground: f64) -> LoadPath {
        let over = Rectangle {
            near: Spot { x: Length::ZERO, y: Length::feet(-2) },
            far: Spot { x: Length::feet(16), y: Length::feet(26) },
        };
        let field = house::Field {
            id: PartId(1),
            level: PartId(2),
            name: "roof".into(),
            over,
            span: Axis::Y,
            of: FieldOf::Roof(of),
        };
        let walls = [0, 24].map(|feet| wall_across(Axis::X, Length::feet(feet))).to_vec();
        let mut house = storey_under(walls, followed(&field, &site(ground)));
        if of.framing == RoofFieldFraming::RaftersOnBeam {
            let line = wall_across(Axis::X, Length::feet(12)).line;
            house.storeys[0].beams.push(StandingBeam { line, weight: LineLoad::ZERO, joints: Joints::None });
        }
        follow(&house)
    }

    fn on(path: &LoadPath, wall: usize, case: LoadCase) -> f64 {
        path.storeys[0].walls[wall].top.stretches.iter().map(|each| each.plf.get(case)).sum()
    }

    /// The same roof on one wall, described by itself.
    fn by_itself(framing: RoofFraming, ground: f64) -> ByKind<f64> {
        let roof = RoofOnWall { framing, ..RoofOnWall::usual(Length::feet(24)) };
        let roof =
            if framing == RoofFraming::Trusses { roof } else { RoofOnWall { ceiling_dead: Pressure::ZERO, ..roof } };
        let carried = [Carried { framing: Framing::Roof(roof), extent: None, on_tail: false }];
        take_down(&carried, &site(ground), Length::feet(16)).at(Length::feet(3)).map(LineLoad::to_plf)
    }

    #[test]
    fn worked_example() {
        let path = house(roof(RoofFieldFraming::Trusses), 40.0);
        assert!(
            (on(&path, 0, LoadCase::Dead) - 200.0).abs() < 1e-9 && (on(&path, 1, LoadCase::Dead) - 200.0).abs() < 1e-9
        );
        assert!((on(&path, 0, LoadCase::Snow(SnowLies::Evenly)) - 392.0).abs() < 1e-9, "0.7 · 40 · 14");
        assert!((on(&path, 0, LoadCase::RoofLive) - 280.0).abs() < 1e-9);
    }

    /// A house of one roof comes to what the same roof on one wall comes to, with the snow blown to that wall or lying evenly.
    #[test]
    fn a_roof_of_a_house_is_the_roof_on_a_wall() {
        for (of, alone) in [
            (RoofFieldFraming::Trusses, RoofFraming::Trusses),
            (RoofFieldFraming::RaftersOnBoard, RoofFraming::RaftersWithClearCeilingJoists),
            (RoofFieldFraming::RaftersOnBeam, RoofFraming::RaftersOnRidgeBeam),
        ] {
            for ground in [0.0, 30.0, 70.0] {
                let path = house(roof(of), ground);
                let alone = by_itself(alone, ground);
                let ways = |wall, way| on(&path, wall, LoadCase::Snow(way));
                let worst = ways(0, SnowLies::Evenly).max(ways(0, SnowLies::BlownNear));
                assert!((worst - alone[LoadKind::Snow]).abs() < 1e-6, "{of:?} {ground}: {worst} {alone:?}");
                assert!((on(&path, 0, LoadCase::Dead) - alone[LoadKind::Dead]).abs() < 1e-6, "{of:?} {alone:?}");
                assert!((on(&path, 0, LoadCase::RoofLive) - alone[LoadKind::RoofLive]).abs() < 1e-6, "{of:?}");
                // Blown the other way the other wall has it.
                assert!((ways(0, SnowLies::BlownNear) - ways(1, SnowLies::BlownFar)).abs() < 1e-6);
                assert!((ways(0, SnowLies::BlownLeft) - ways(0, SnowLies::Evenly)).abs() < 1e-9, "along the ridge");
            }
        }
    }
}
