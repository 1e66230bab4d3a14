//! # Weight of lumber
//!
//! **What it does.** Says what a cubic foot of lumber weighs: sawn lumber by its species and how wet it is, engineered lumber by its
//! class.
//!
//! **Source.** NDS Supplement 3.1.3, from memory: 62.4 x [G / (1 + 0.009 x G x mc)] x (1 + mc/100) lb/ft³, with the specific gravities
//! of NDS Table 12.3.3A, from memory. Engineered lumber: common figures, from memory.
//!
//! **Assumptions and limits.** Treatment, nails and fillers weigh nothing. A user's own sheet weighs what it says.
//!
//! **Worked example.** Spruce-Pine-Fir, 0.42, at 19 %: 62.4 x 0.42 / 1.0718 x 1.19 = 29.1 lb/ft³.

use super::header_stock::HeaderBoard;
use super::species::Species;
use super::stress_class::EngineeredClass;

/// How much of the dry wood's weight is water, percent.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Moisture(f64);

impl Moisture {
    /// Sawn lumber as it is sold, surfaced dry: 19 %.
    pub const USUAL: Self = Self(19.0);
    /// The driest and the wettest that is asked for, percent.
    pub const ALLOWED: std::ops::RangeInclusive<f64> = 0.0..=60.0;

    /// So many percent; `None` outside of what is asked for.
    pub fn percent(percent: f64) -> Option<Self> {
        Self::ALLOWED.contains(&percent).then_some(Self(percent))
    }

    /// In percent.
    pub const fn to_percent(self) -> f64 {
        self.0
    }
}

/// What a piece weighs by.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum WeighsAs {
    /// Sawn lumber of a species.
    Sawn(Species),
    /// Engineered lumber of a class.
    Engineered(EngineeredClass),
    /// What its user's sheet says, lb/ft³.
    Sheet(u32),
}

impl WeighsAs {
    /// Pounds a cubic foot.
    pub fn density_pcf(self, moisture: Moisture) -> f64 {
        match self {
            Self::Sawn(species) => {
                let (gravity, percent) = (specific_gravity(species), moisture.0);
                62.4 * (gravity / (1.0 + 0.009 * gravity * percent)) * (1.0 + percent / 100.0)
            }
            Self::Engineered(EngineeredClass::Glulam24F18E) => 36.0,
            Self::Engineered(EngineeredClass::Lsl155E) => 41.0,
            Self::Engineered(_) => 42.0,
            Self::Sheet(density) => f64::from(density),
        }
    }
}

impl From<HeaderBoard> for WeighsAs {
    fn from(board: HeaderBoard) -> Self {
        match board {
            HeaderBoard::Sawn { species, .. } => Self::Sawn(species),
            HeaderBoard::Engineered { class, .. } => Self::Engineered(class),
            HeaderBoard::Sheet { values, .. } => Self::Sheet(values.density_pcf),
        }
    }
}

/// Specific gravity, dry weight and volume. NDS Table 12.3.3A, from memory.
const fn specific_gravity(species: Species) -> f64 {
    match species {
        Species::DouglasFirLarch => 0.50,
        Species::HemFir => 0.43,
        Species::SprucePineFir => 0.42,
        Species::SouthernPine => 0.55,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn sawn_lumber_weighs_by_species_and_moisture() {
        let spruce =
            |percent| WeighsAs::Sawn(Species::SprucePineFir).density_pcf(Moisture::percent(percent).expect("allowed"));
        // By hand, as in the worked example; dry wood is 62.4 times its specific gravity.
        assert!((spruce(19.0) - 29.0981).abs() < 1e-3, "{}", spruce(19.0));
        assert!((spruce(0.0) - 26.208).abs() < 1e-9);
        assert!(spruce(12.0) < spruce(19.0) && spruce(19.0) < spruce(28.0));
        let fir = WeighsAs::Sawn(Species::DouglasFirLarch);
        assert!((fir.density_pcf(Moisture::USUAL) - 34.2026).abs() < 1e-3, "{}", fir.density_pcf(Moisture::USUAL));
    }

    #[test]
    fn engineered_lumber_weighs_by_its_class_however_wet() {
        let wet = Moisture::percent(28.0).expect("allowed");
        let each = |class| WeighsAs::Engineered(class).density_pcf(wet).round() as i64;
        assert_eq!(EngineeredClass::ALL.map(each), [42, 42, 42, 42, 41, 36]);
        assert!(Moisture::percent(-1.0).is_none() && Moisture::percent(f64::NAN).is_none());
    }
}
