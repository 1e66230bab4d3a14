//! # King studs under wind
//!
//! **What it checks.** The kings at one end carry half the opening and half a stud space, plate to plate, against wind on the
//! wall: bending, shear at the plates, deflection, and bending together with the load that the top plates bring them.
//!
//! **Source.** NDS 2018 3.3, 3.4, 3.5, 3.9.2, C_D 1.6 for wind; allowable-stress wind 0.6·W (ASCE 7-16 2.4), 0.42·W for
//! deflection (IRC 2021 Table R301.7 note). From memory.
//!
//! **Assumptions and limits.** The sheathing holds the weak axis. The header's reaction stays in the jacks. C_r 1.15 from
//! three kings.
//!
//! **Worked example.** 6 ft opening, 16 in. studs, 32 psf, kings 2x6 SPF No.2, 140 in.: width 36 + 8 = 44 in.;
//! w = 0.6·32·44/12 = 70.4 lb/ft; M = 14 373 lb·in.; two kings: fb = 14 373 / 15.125 = 950 psi of 875·1.3·1.6 = 1820.

use crate::codes::asd::combinations::WIND_PART;
use crate::codes::asd::factors::column_stability::MOST_SLENDER;
use crate::codes::asd::factors::size::size_factor_bending;
use crate::codes::asd::load_duration::WIND_DURATION_FACTOR;
use crate::codes::asd::stud::{AsColumn, column};
use crate::codes::asd::values;
use crate::codes::question::Stud;
use crate::codes::{Comparison, DesignValues, Service};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{JackLumber, Rectangle};
use crate::measure::{Force, Length, Pressure};
use crate::working::{Clause, Number, Pen, Silent, Unit};

/// Wind on the wall beside an opening.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct KingWind {
    /// Rough opening.
    pub clear: Length,
    /// Length of a king.
    pub height: Length,
    /// Stud spacing.
    pub spacing: Length,
    /// Strength-level pressure, W.
    pub pressure: Pressure,
    /// What kings are cut from.
    pub stud: JackLumber,
    /// Thickness of a king.
    pub thickness: Length,
    /// Its depth: the wall's.
    pub depth: Length,
    /// Deflection limit: height over this.
    pub deflection_limit: f64,
    /// What the top plates bring to the kings, all of them together.
    pub axial: ByKind<Force>,
}

const DEFLECTION_PART: f64 = 0.42;

/// Bending, shear, deflection, and bending with axial load of so many kings: demand and capacity.
pub fn king_checks<P: Pen>(pen: &mut P, wind: &KingWind, values: &DesignValues, kings: u8) -> [Comparison; 4] {
    let width = pen.given("⟨symbol-half-opening⟩", wind.clear.to_inches() / 2.0)
        + pen.given("⟨symbol-half-space⟩", wind.spacing.to_inches() / 2.0);
    let width = pen.step("step-width-each-side-bears", "t", Unit::Inches, Clause::STATICS, width);
    let pressure = pen.given("W", wind.pressure.to_psf()) * width / P::Number::constant(144.0);
    let line = pen.step("step-wind-on-the-kings", "w_W", Unit::PoundsPerInch, Clause::STATICS, pressure);
    let load = line.clone().times(WIND_PART);
    let load = pen.step("step-at-allowable-stress-level", "w", Unit::PoundsPerInch, Clause::asce7("2.4"), load);
    let height = pen.given("H", wind.height.to_inches());
    let section = Rectangle { width: wind.thickness * i64::from(kings), depth: wind.depth };
    let bending = bending(pen, wind, values, kings, &load, &height, section);
    [
        bending,
        shear(pen, values, &load, &height, section),
        sag(pen, wind, values, &line, &height, section),
        bending_with_axial(pen, wind, values, bending, section),
    ]
}

/// (fc/Fc')² + fb / (Fb'·(1 − fc/FcE)) ≤ 1 in the worse of D+0.6W and D+0.75(L + S or Lr)+0.45W.
fn bending_with_axial<P: Pen>(
    pen: &mut P,
    wind: &KingWind,
    values: &DesignValues,
    bending: Comparison,
    section: Rectangle,
) -> Comparison {
    const CLAUSE: Clause = Clause::nds("3.9.2");
    let axial = wind.axial.map(|force| force.to_lbf());
    let snow = axial[LoadKind::Snow] + axial[LoadKind::DeckSnow];
    let with_snow = axial[LoadKind::FloorLive] + snow.max(axial[LoadKind::DeckLive] + axial[LoadKind::Snow]);
    let with_people = axial[LoadKind::FloorLive] + axial[LoadKind::DeckLive] + axial[LoadKind::RoofLive];
    let with_roof = 0.75 * with_snow.max(with_people);
    let mut worst = Comparison { demand: bending.ratio(), capacity: 1.0 };
    if axial[LoadKind::Dead] + with_roof <= 0.0 {
        return worst;
    }
    let slender = (wind.height.to_inches(), section.depth.to_inches());
    if slender.0 / slender.1 > MOST_SLENDER {
        return Comparison { demand: f64::INFINITY, capacity: 1.0 };
    }
    let (lumber, duration) = (wind.stud, WIND_DURATION_FACTOR);
    let stud = Stud { lumber: lumber.into(), values: *values, service: Service::Dry, duration };
    let AsColumn { slenderness, stiffness, strength } = column(pen, &stud, slender);
    let buckling = stiffness.times(0.822) / slenderness.power(2.0);
    let buckling = pen.step("step-buckling-stress", "FcE", Unit::Psi, CLAUSE, buckling);
    for (pounds, part) in [(axial[LoadKind::Dead], 1.0), (axial[LoadKind::Dead] + with_roof, 0.75)] {
        let stress = pen.given("P", pounds) / pen.given("A", section.area_square_inches());
        let stress = pen.step("step-axial-stress", "fc", Unit::Psi, CLAUSE, stress);
        if stress.value() >= buckling.value() {
            return Comparison { demand: f64::INFINITY, capacity: 1.0 };
        }
        let bent = pen.given("fb", bending.demand * part) / pen.given("Fb'", bending.capacity);
        let grown = bent / (P::Number::constant(1.0) - stress.clone() / buckling.clone());
        let sum = (stress / strength.clone()).power(2.0) + grown;
        let sum = pen.step("step-bending-with-axial-load", "⟨symbol-sum⟩", Unit::None, CLAUSE, sum);
        worst.demand = worst.demand.max(sum.value());
    }
    worst
}

fn bending<P: Pen>(
    pen: &mut P,
    wind: &KingWind,
    values: &DesignValues,
    kings: u8,
    load: &P::Number,
    height: &P::Number,
    section: Rectangle,
) -> Comparison {
    let moment = load.clone() * height.clone().power(2.0) / P::Number::constant(8.0);
    let moment = pen.step("step-moment-at-mid-height", "M", Unit::PoundInches, Clause::STATICS, moment);
    let stress = moment / pen.given("S", section.section_modulus_cubic_inches());
    let stress = pen.step("step-bending-stress", "fb", Unit::Psi, Clause::nds("3.3"), stress);
    let size = size_factor_bending(wind.stud.species, wind.stud.grade, wind.stud.size());
    let strength = pen.given("Fb", values.bending.to_psi())
        * pen.given("C_D", WIND_DURATION_FACTOR)
        * pen.given("C_F", size)
        * pen.given("C_r", if kings >= 3 { 1.15 } else { 1.0 });
    let strength = pen.step("step-bending-strength", "Fb'", Unit::Psi, Clause::nds("3.3"), strength);
    Comparison { demand: stress.value(), capacity: strength.value() }
}

fn shear<P: Pen>(
    pen: &mut P,
    values: &DesignValues,
    load: &P::Number,
    height: &P::Number,
    section: Rectangle,
) -> Comparison {
    let force = load.clone() * height.clone() / P::Number::constant(2.0);
    let force = pen.step("step-shear-at-the-plates", "V", Unit::Pounds, Clause::STATICS, force);
    let stress = force.times(1.5) / pen.given("A", section.area_square_inches());
    let stress = pen.step("step-shear-stress", "fv", Unit::Psi, Clause::nds("3.4.2"), stress);
    let strength = pen.given("Fv", values.shear.to_psi()) * pen.given("C_D", WIND_DURATION_FACTOR);
    let strength = pen.step("step-shear-strength", "Fv'", Unit::Psi, Clause::nds("3.4.2"), strength);
    Comparison { demand: stress.value(), capacity: strength.value() }
}

fn sag<P: Pen>(
    pen: &mut P,
    wind: &KingWind,
    values: &DesignValues,
    line: &P::Number,
    height: &P::Number,
    section: Rectangle,
) -> Comparison {
    let load = line.clone().times(DEFLECTION_PART);
    let stiffness =
        pen.given("E", values.stiffness.to_psi()) * pen.given("I", section.moment_of_inertia_inches_fourth());
    let sag = (load * height.clone().power(4.0)).times(5.0) / stiffness.times(384.0);
    let sag = pen.step("step-deflection", "Δ", Unit::Inches, Clause::nds("3.5"), sag);
    let allowed = height.clone() / P::Number::constant(wind.deflection_limit);
    let allowed = pen.step("step-allowed", "Δ_max", Unit::Inches, Clause::irc("Table R301.7"), allowed);
    Comparison { demand: sag.value(), capacity: allowed.value() }
}

/// The fewest kings that hold, up to `most`; `None` if none does or the lumber has no design values.
pub fn kings_by_wind(wind: &KingWind, most: u8) -> Option<u8> {
    (1..=most).find(|kings| king_ratios(wind, *kings).is_some_and(|ratios| ratios.iter().all(|ratio| *ratio <= 1.0)))
}

/// How hard so many kings work in bending, shear, deflection, and bending with axial load; `None` where the lumber has no design
/// values.
pub fn king_ratios(wind: &KingWind, kings: u8) -> Option<[f64; 4]> {
    let values = values::sawn(wind.stud.species, wind.stud.grade, wind.stud.size())?;
    Some(king_checks(&mut Silent, wind, &values, kings).map(Comparison::ratio))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, SawnSize, Species};

    fn tall_wall() -> KingWind {
        KingWind {
            clear: Length::feet(6),
            height: Length::inches(140),
            spacing: Length::inches(16),
            pressure: Pressure::psf(32.0),
            stud: JackLumber { species: Species::SprucePineFir, grade: Grade::Number2, depth: Depth::Six },
            thickness: Length::inches_and(1, 1, 2),
            depth: Depth::Six.actual(),
            deflection_limit: 180.0,
            axial: ByKind::default(),
        }
    }

    #[test]
    fn worked_example() {
        let wind = tall_wall();
        assert_eq!(kings_by_wind(&wind, 6), Some(2));
        let values = values::sawn(Species::SprucePineFir, Grade::Number2, SawnSize::two_by(Depth::Six)).expect("a row");
        let [bending, shear, sag, _] = king_checks(&mut Silent, &wind, &values, 2);
        assert!((bending.demand - 950.3).abs() < 0.1 && (bending.capacity - 1820.0).abs() < 0.1, "{bending:?}");
        assert!((shear.demand - 37.33).abs() < 0.01 && (shear.capacity - 216.0).abs() < 0.01, "{shear:?}");
        assert!((sag.demand - 0.3528).abs() < 0.0001 && (sag.capacity - 0.7778).abs() < 0.0001, "{sag:?}");
    }

    #[test]
    fn more_wind_never_needs_fewer() {
        let kings = |psf| {
            let wind = KingWind { pressure: Pressure::psf(psf), ..tall_wall() };
            kings_by_wind(&wind, 12).expect("twelve are enough")
        };
        assert!([10.0, 20.0, 30.0, 40.0, 60.0].map(kings).is_sorted());
        assert_eq!(kings_by_wind(&KingWind { pressure: Pressure::psf(500.0), ..tall_wall() }, 2), None);
    }

    #[test]
    fn load_from_the_plates_adds_to_wind() {
        let values = values::sawn(Species::SprucePineFir, Grade::Number2, SawnSize::two_by(Depth::Six)).expect("a row");
        let axial = |dead, snow| ByKind::of([(LoadKind::Dead, Force::lbf(dead)), (LoadKind::Snow, Force::lbf(snow))]);
        let sum = |axial| king_checks(&mut Silent, &KingWind { axial, ..tall_wall() }, &values, 2)[3].ratio();
        let alone = sum(ByKind::default());
        assert!((alone - 950.3 / 1820.0).abs() < 0.001);
        // 600 lb dead on 16.5 in.²: fc 36.4; le/d 25.45, FcE = 0.822·510 000/648 = 647; Fc* = 1150·1.6·1.1 = 2024,
        // C_P 0.297, Fc' 601; (36.4/601)² + 0.522/(1 − 36.4/647) = 0.557.
        assert!((sum(axial(600.0, 0.0)) - 0.557).abs() < 0.002, "{}", sum(axial(600.0, 0.0)));
        assert!(sum(axial(600.0, 0.0)) < sum(axial(1200.0, 0.0)));
        assert!(sum(axial(40_000.0, 0.0)).is_infinite(), "past buckling");
    }
}
