//! # Snow on the roof
//!
//! **What it does.** From ground snow to the snow on a wall's share of the roof: flat-roof form, slope, low-slope minimum,
//! and for gables the load with the snow blown to one side. Editions from ASCE 7-22 give strength-level ground snow, which
//! is brought to allowable stress level by 0.7 (2.4).
//!
//! **Source.** ASCE 7-16 and 7-22, 7.3, 7.4, 7.6.1, from memory.
//!
//! **Assumptions and limits.** Even roofs without drift from a higher roof, ice or hips; not slippery. Unbalanced snow
//! for slopes from 1/2 to 7 in 12 and under a 20 ft reach of rafters by the simple rule, else with the drift at the
//! ridge. ASCE 7-22's drift needs a winter wind parameter, 0.65 (the map's largest) unless looked up.
//!
//! **Worked example.** Ground snow 40, slope 6 in 12: p_f = 0.7 · 40 = 28, Cs = 1. Rafters 24 ft wide with 2 ft
//! overhangs, blown to one side: 40 psf on 14 ft, at (12 + 7)/24 from the other wall: 443 lb/ft against 28 · 14 = 392.

use crate::measure::{Length, Pressure};
use crate::say;
use crate::speech::Phrase;
use crate::working::{Clause, Number, Pen, Silent, Unit};

/// Which edition of ASCE 7 the snow figure belongs to.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SnowEdition {
    /// ASCE 7-16 and before: allowable-stress-level ground snow.
    #[default]
    Asce7To16,
    /// ASCE 7-22: strength-level ground snow.
    Asce7From22,
}

impl SnowEdition {
    /// The edition in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Asce7To16 => say!("edition-asce-7-16"),
            Self::Asce7From22 => say!("edition-asce-7-22"),
        }
    }

    const fn clause(self, number: &'static str) -> Clause {
        let standard = match self {
            Self::Asce7To16 => "ASCE 7-16",
            Self::Asce7From22 => "ASCE 7-22",
        };
        Clause { standard, number, from_memory: true }
    }
}

/// A snow figure.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum SnowBasis {
    /// Ground snow; the roof's snow follows from it.
    Ground(Pressure),
    /// The user's own roof snow at allowable stress level, taken as it is.
    Roof(Pressure),
}

/// Snow of the place.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct SiteSnow {
    /// The figure.
    pub basis: SnowBasis,
    /// The edition it belongs to.
    pub edition: SnowEdition,
    /// Exposure factor, Ce.
    pub exposure: f64,
    /// Thermal factor, Ct.
    pub thermal: f64,
    /// Importance factor, I; the edition of 2022 has it in its maps.
    pub importance: f64,
    /// Whether gables are also checked with the snow blown to one side.
    pub unbalanced: bool,
    /// Winter wind parameter of ASCE 7-22, W2.
    pub winter_wind: f64,
}

impl SiteSnow {
    /// Ground snow at allowable stress level; `None` where the job gives the roof's own.
    pub fn ground_at_allowable_level(&self) -> Option<Pressure> {
        let SnowBasis::Ground(ground) = self.basis else { return None };
        Some(match self.edition {
            SnowEdition::Asce7To16 => ground,
            SnowEdition::Asce7From22 => ground * STRENGTH_TO_ALLOWABLE,
        })
    }

    /// Ground snow with every factor 1, evenly on the roof.
    pub const fn even(ground: Pressure) -> Self {
        Self {
            basis: SnowBasis::Ground(ground),
            edition: SnowEdition::Asce7To16,
            exposure: 1.0,
            thermal: 1.0,
            importance: 1.0,
            unbalanced: false,
            winter_wind: 0.65,
        }
    }
}

/// What of snow is in the numbers and what is not, in a sentence or two.
pub fn what_is_computed(snow: &SiteSnow) -> Phrase {
    match (snow.basis, snow.unbalanced) {
        (SnowBasis::Roof(_), _) => {
            say!("snow-is-the-roofs-own")
        }
        (SnowBasis::Ground(_), true) => {
            say!("snow-is-even-and-blown")
        }
        (SnowBasis::Ground(_), false) => {
            say!("snow-is-even")
        }
    }
}

/// Snow of ASCE 7-22 at allowable stress level (2.4).
const STRENGTH_TO_ALLOWABLE: f64 = 0.7;
/// The slopes between which a gable's snow blows to one side: 1/2 in 12 to 7 in 12.
const UNBALANCED_SLOPES: std::ops::RangeInclusive<f64> = 0.5..=7.0;
/// The longest reach from eave to ridge for which the simple rule holds, ft.
const LONGEST_SIMPLE_REACH: f64 = 20.0;

/// Snow on a roof at allowable stress level, lb/ft² on the level.
pub fn roof_snow<P: Pen>(pen: &mut P, snow: &SiteSnow, rise_in_twelve: f64) -> Pressure {
    let ground = match snow.basis {
        SnowBasis::Roof(roof) => return roof,
        SnowBasis::Ground(ground) => ground,
    };
    let sloped = strength_level(pen, snow, ground, rise_in_twelve);
    Pressure::psf(to_allowable(pen, snow, sloped).value())
}

fn to_allowable<P: Pen>(pen: &mut P, snow: &SiteSnow, pressure: P::Number) -> P::Number {
    match snow.edition {
        SnowEdition::Asce7To16 => pressure,
        SnowEdition::Asce7From22 => {
            let clause = snow.edition.clause("2.4");
            pen.step(
                "step-at-allowable-stress-level",
                "0.7S",
                Unit::PoundsPerSquareFoot,
                clause,
                pressure.times(STRENGTH_TO_ALLOWABLE),
            )
        }
    }
}

/// Roof snow at the level of its edition.
fn strength_level<P: Pen>(pen: &mut P, snow: &SiteSnow, ground: Pressure, rise_in_twelve: f64) -> P::Number {
    let clause = |number| snow.edition.clause(number);
    let pounds = Unit::PoundsPerSquareFoot;
    let ground = pen.given("p_g", ground.to_psf());
    let importance = match snow.edition {
        SnowEdition::Asce7To16 => snow.importance,
        SnowEdition::Asce7From22 => 1.0,
    };
    let flat = ground.clone().times(0.7)
        * pen.given("Ce", snow.exposure)
        * pen.given("Ct", snow.thermal)
        * pen.given("I", importance);
    let flat = pen.step("step-flat-roof-snow", "p_f", pounds, clause("7.3"), flat);
    let degrees = (rise_in_twelve / 12.0).atan().to_degrees();
    let roof = if slope_factor(degrees, snow.thermal) < 1.0 {
        let factor = pen.given("Cs", slope_factor(degrees, snow.thermal));
        pen.step("step-on-this-slope", "p_s", pounds, clause("7.4"), flat * factor)
    } else {
        flat
    };
    if degrees >= 15.0 {
        return roof;
    }
    // The largest low-slope minimum: 20 psf, or 30 at the strength level of 2022 (risk category II).
    let most = match snow.edition {
        SnowEdition::Asce7To16 => 20.0,
        SnowEdition::Asce7From22 => 30.0,
    };
    let least = ground.smaller(P::Number::constant(most)) * pen.given("I", importance);
    let least = pen.step("step-low-slope-minimum", "p_m", pounds, clause("7.3.4"), least);
    pen.step("step-roof-snow", "p_s", pounds, clause("7.3"), roof.larger(least))
}

/// Cs of a roof that is not slippery: 1 up to a slope that depends on how warm the roof is, then falling to 0 at 70°.
fn slope_factor(degrees: f64, thermal: f64) -> f64 {
    let full_up_to = if thermal <= 1.0 {
        30.0
    } else if thermal <= 1.1 {
        37.5
    } else {
        45.0
    };
    (1.0 - (degrees - full_up_to).max(0.0) / (70.0 - full_up_to)).clamp(0.0, 1.0)
}

/// A gable from wall to wall.
#[derive(Clone, Copy, Debug)]
pub struct Gable {
    /// Width from wall to wall.
    pub width: Length,
    /// Overhang past each wall, measured level.
    pub overhang: Length,
    /// Rise in 12.
    pub rise_in_twelve: f64,
    /// Rafters rather than trusses.
    pub rafters: bool,
    /// On what its two sides lean.
    pub leans: LeansOn,
}

/// On what the two sides of a gable lean.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum LeansOn {
    /// On both walls, one side pressing the other through the ridge.
    BothWalls,
    /// Each on its wall and on a ridge beam.
    RidgeBeam {
        /// Width of roof that leans on the wall.
        share: Length,
    },
}

/// Snow on the wall under the lee side with the snow blown over the ridge, lb/ft at allowable stress level; `None` where
/// the slope, the user's own figure or the settings leave that out.
pub fn unbalanced_on_wall<P: Pen>(pen: &mut P, snow: &SiteSnow, gable: &Gable) -> Option<P::Number> {
    let ground = blows(snow, gable)?;
    let clause = snow.edition.clause("7.6.1");
    let width = pen.given("B", gable.width.to_feet());
    let reach = pen.given("W", (gable.width.half() + gable.overhang).to_feet());
    let half = P::Number::constant(2.0);
    let lever = match gable.leans {
        LeansOn::BothWalls => (width.clone() / half.clone() + reach.clone() / half.clone()) / width.clone(),
        LeansOn::RidgeBeam { share } => pen.given("⟨symbol-share-of-the-wall⟩", share.to_feet()) / reach.clone(),
    };
    let amount = match blown(pen, snow, gable, ground, &reach) {
        Blown::AllOnLee { lee } => lee * reach * lever,
        Blown::Drift(drift) => drifted(pen, gable, drift, &reach, lever),
    };
    let amount = to_allowable_line(pen, snow, amount);
    Some(pen.step("step-snow-blown-to-one-side", "S_u", Unit::PoundsPerFoot, clause, amount))
}

/// Snow blown over a ridge, at allowable stress level.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct BlownSnow {
    /// On the windward side.
    pub windward: Pressure,
    /// On the lee side.
    pub lee: Pressure,
    /// The surcharge of the drift at the ridge, on the lee side, and how far it reaches from there.
    pub drift: Option<(Pressure, Length)>,
}

/// How the snow lies on both sides of a gable when it is blown over its ridge; `None` where the slope, the user's own figure or the settings
/// leave that out.
pub fn blown_over_ridge(snow: &SiteSnow, gable: &Gable) -> Option<BlownSnow> {
    let ground = blows(snow, gable)?;
    let reach = (gable.width.half() + gable.overhang).to_feet();
    let allowable = |psf: f64| Pressure::psf(to_allowable_line(&mut Silent, snow, psf));
    Some(match blown(&mut Silent, snow, gable, ground, &reach) {
        Blown::AllOnLee { lee } => BlownSnow { windward: Pressure::ZERO, lee: allowable(lee), drift: None },
        Blown::Drift(Drift { roof, surcharge, length }) => BlownSnow {
            windward: allowable(roof.times(WINDWARD_PART)),
            lee: allowable(roof),
            drift: Some((allowable(surcharge), Length::from_decimal_inches(length * 12.0))),
        },
    })
}

/// The ground snow that blows over a ridge; `None` where none does.
fn blows(snow: &SiteSnow, gable: &Gable) -> Option<Pressure> {
    let SnowBasis::Ground(ground) = snow.basis else { return None };
    let no = !snow.unbalanced || !UNBALANCED_SLOPES.contains(&gable.rise_in_twelve) || ground.to_psf() <= 0.0;
    (!no).then_some(ground)
}

fn to_allowable_line<P: Pen>(pen: &mut P, snow: &SiteSnow, amount: P::Number) -> P::Number {
    match snow.edition {
        SnowEdition::Asce7To16 => amount,
        SnowEdition::Asce7From22 => amount * pen.given("⟨symbol-asd-level⟩", STRENGTH_TO_ALLOWABLE),
    }
}

const fn importance(snow: &SiteSnow) -> f64 {
    match snow.edition {
        SnowEdition::Asce7To16 => snow.importance,
        SnowEdition::Asce7From22 => 1.0,
    }
}

/// Snow blown over a ridge, at the level of its edition.
enum Blown<N> {
    /// None to windward, all of the ground's on the lee side.
    AllOnLee {
        /// Pressure on the lee side.
        lee: N,
    },
    /// Part to windward, all of the roof's on the lee side, and a drift at the ridge.
    Drift(Drift<N>),
}

/// A drift at a ridge.
struct Drift<N> {
    /// Snow on the roof.
    roof: N,
    /// Its surcharge.
    surcharge: N,
    /// How far it reaches from the ridge, ft.
    length: N,
}

/// Part of the roof's snow that stays on the windward side (7.6.1).
const WINDWARD_PART: f64 = 0.3;

/// How the snow lies that is blown over the ridge of a gable with this reach from eave to ridge, ft.
fn blown<P: Pen>(pen: &mut P, snow: &SiteSnow, gable: &Gable, ground: Pressure, reach: &P::Number) -> Blown<P::Number> {
    if gable.rafters && reach.value() <= LONGEST_SIMPLE_REACH {
        let lee = pen.given("p_g", ground.to_psf()) * pen.given("I", importance(snow));
        let (pounds, clause) = (Unit::PoundsPerSquareFoot, snow.edition.clause("7.6.1"));
        return Blown::AllOnLee { lee: pen.step("step-lee-side-all-ground-snow", "p_lee", pounds, clause, lee) };
    }
    Blown::Drift(drift(pen, snow, gable, ground, reach))
}

fn drift<P: Pen>(pen: &mut P, snow: &SiteSnow, gable: &Gable, ground: Pressure, reach: &P::Number) -> Drift<P::Number> {
    let clause = snow.edition.clause("7.6.1");
    let roof = strength_level(pen, snow, ground, gable.rise_in_twelve);
    let run = pen.given("⟨symbol-run-for-a-rise-of-1⟩", 12.0 / gable.rise_in_twelve);
    let density = pen.given("p_g", ground.to_psf()).times(0.13) + P::Number::constant(14.0);
    let density = pen.step(
        "step-snow-density",
        "γ",
        Unit::None,
        snow.edition.clause("7.7"),
        density.smaller(P::Number::constant(30.0)),
    );
    let fetch = reach.clone().larger(P::Number::constant(20.0));
    let height = match snow.edition {
        SnowEdition::Asce7To16 => {
            let grown = fetch.power(1.0 / 3.0).times(0.43)
                * (pen.given("p_g", ground.to_psf()) + P::Number::constant(10.0)).power(0.25);
            (grown - P::Number::constant(1.5)) * pen.given("I", snow.importance).square_root()
        }
        SnowEdition::Asce7From22 => {
            let blown = pen.given("p_g", ground.to_psf()).power(0.74)
                * fetch.power(0.70)
                * pen.given("W2", snow.winter_wind).power(1.7)
                / density.clone();
            blown.square_root().times(1.5)
        }
    };
    let height = pen.step("step-drift-height", "h_d", Unit::Feet, snow.edition.clause("7.7"), height);
    let root = run.square_root();
    let surcharge = height.clone() * density / root.clone();
    let surcharge = pen.step("step-drift-at-the-ridge", "p_d", Unit::PoundsPerSquareFoot, clause, surcharge);
    let length = (height * root).times(8.0 / 3.0).smaller(reach.clone());
    let length = pen.step("step-how-far-it-reaches-from-the-ridge", "l_d", Unit::Feet, clause, length);
    Drift { roof, surcharge, length }
}

/// Windward 0.3 of the roof snow; lee side all of it and a drift at the ridge. Moments about the windward wall.
fn drifted<P: Pen>(
    pen: &mut P,
    gable: &Gable,
    Drift { roof, surcharge, length }: Drift<P::Number>,
    reach: &P::Number,
    lever: P::Number,
) -> P::Number {
    let width = pen.given("B", gable.width.to_feet());
    let two = || P::Number::constant(2.0);
    let lee = roof.clone() * reach.clone() * lever;
    if let LeansOn::RidgeBeam { .. } = gable.leans {
        // The drift lies at the ridge beam: its middle is half its length from there. The other side leans on its own wall.
        let drift = surcharge * length.clone() * (length / two()) / (width / two());
        return lee + drift;
    }
    let drift = surcharge * length.clone() * (width.clone() / two() + length / two()) / width.clone();
    let windward = roof.times(WINDWARD_PART) * reach.clone() * (width.clone() / two() - reach.clone() / two()) / width;
    lee + drift + windward
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    fn snow(ground: f64) -> SiteSnow {
        SiteSnow { unbalanced: true, ..SiteSnow::even(Pressure::psf(ground)) }
    }

    fn on_roof(snow: &SiteSnow, rise: f64) -> f64 {
        roof_snow(&mut Silent, snow, rise).to_psf()
    }

    fn gable(rafters: bool) -> Gable {
        Gable {
            width: Length::feet(24),
            overhang: Length::feet(2),
            rise_in_twelve: 6.0,
            rafters,
            leans: LeansOn::BothWalls,
        }
    }

    #[test]
    fn worked_example() {
        assert!((on_roof(&snow(40.0), 6.0) - 28.0).abs() < 1e-9);
        let blown = unbalanced_on_wall(&mut Silent, &snow(40.0), &gable(true)).expect("a gable");
        assert!((blown - 40.0 * 14.0 * 19.0 / 24.0).abs() < 1e-9, "{blown}");
    }

    #[test]
    fn drift_at_the_ridge_by_hand() {
        // p_s 28; γ = 0.13·40 + 14 = 19.2; h_d = 0.43·20^(1/3)·50^(1/4) − 1.5 = 1.603; S = 2: p_d = 21.76, l_d = 6.05 ft.
        let blown = unbalanced_on_wall(&mut Silent, &snow(40.0), &gable(false)).expect("a gable");
        let drift = 21.76 * 6.045 * (12.0 + 6.045 / 2.0) / 24.0;
        let by_hand = 28.0 * 14.0 * 19.0 / 24.0 + drift + 8.4 * 14.0 * 5.0 / 24.0;
        assert!((blown / by_hand - 1.0).abs() < 0.002, "{blown} {by_hand}");
    }

    #[test]
    fn steep_and_flat_roofs_and_own_figures_are_not_unbalanced() {
        for rise in [0.25, 8.0] {
            let gable = Gable { rise_in_twelve: rise, ..gable(true) };
            assert!(unbalanced_on_wall(&mut Silent, &snow(40.0), &gable).is_none());
        }
        let own = SiteSnow { basis: SnowBasis::Roof(Pressure::psf(30.0)), ..snow(40.0) };
        assert!(unbalanced_on_wall(&mut Silent, &own, &gable(true)).is_none());
        assert!((on_roof(&own, 2.0) - 30.0).abs() < 1e-12);
    }

    #[test]
    fn low_slopes_have_a_minimum() {
        assert!((on_roof(&snow(20.0), 2.0) - 20.0).abs() < 1e-9);
        assert!((on_roof(&snow(25.0), 2.0) - 20.0).abs() < 1e-9);
        assert!((on_roof(&snow(40.0), 2.0) - 28.0).abs() < 1e-9);
    }

    #[test]
    fn steep_roofs_shed_snow() {
        // 12 in 12 is 45°: Cs = 1 − 15/40.
        assert!((on_roof(&snow(40.0), 12.0) - 28.0 * 0.625).abs() < 1e-9);
        let cold = SiteSnow { thermal: 1.2, ..snow(40.0) };
        assert!((on_roof(&cold, 12.0) - 28.0 * 1.2).abs() < 1e-9);
    }

    #[test]
    fn strength_level_snow_comes_down_by_seven_tenths() {
        let of = |edition, ground| on_roof(&SiteSnow { edition, ..snow(ground) }, 6.0);
        assert!((of(SnowEdition::Asce7From22, 50.0) - 0.7 * of(SnowEdition::Asce7To16, 50.0)).abs() < 1e-9);
        // The importance factor is in the maps of 2022.
        let weighty = |edition| on_roof(&SiteSnow { edition, importance: 1.2, ..snow(50.0) }, 6.0);
        assert!((weighty(SnowEdition::Asce7From22) - 24.5).abs() < 1e-9);
        assert!((weighty(SnowEdition::Asce7To16) - 42.0).abs() < 1e-9);
    }
}
