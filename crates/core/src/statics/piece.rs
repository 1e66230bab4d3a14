//! # A piece of a beam
//!
//! **What it does.** Between two stations at which nothing changes, load, shear, moment, slope and deflection are polynomials: what they are
//! at any distance from the left station follows from what they are at it.
//!
//! **Source.** Elementary statics.
//!
//! **Worked example.** From a support that pushes with 500 lb under 10 lb/in., 20 in. farther: shear 300 lb, moment 8000 lb·in.

/// From one station to the next. Everything is given just right of the station.
#[derive(Clone, Copy, Debug, Default)]
pub(super) struct Piece {
    pub at: f64,
    pub shear: f64,
    pub moment: f64,
    /// E·I times slope and deflection.
    pub slope: f64,
    pub sag: f64,
    pub intensity: f64,
    pub grade: f64,
}

impl Piece {
    /// This and so many times what another load brings.
    pub fn plus(&self, times: f64, other: &Self) -> Self {
        Self {
            at: self.at,
            shear: self.shear + times * other.shear,
            moment: self.moment + times * other.moment,
            slope: self.slope + times * other.slope,
            sag: self.sag + times * other.sag,
            intensity: self.intensity + times * other.intensity,
            grade: self.grade + times * other.grade,
        }
    }

    pub fn shear(&self, s: f64) -> f64 {
        self.shear - s * (self.intensity + s * self.grade / 2.0)
    }

    pub fn moment(&self, s: f64) -> f64 {
        self.moment + s * (self.shear - s * (self.intensity / 2.0 + s * self.grade / 6.0))
    }

    pub fn slope(&self, s: f64) -> f64 {
        self.slope - s * (self.moment + s * (self.shear / 2.0 - s * (self.intensity / 6.0 + s * self.grade / 24.0)))
    }

    pub fn sag(&self, s: f64) -> f64 {
        let bent = self.moment / 2.0 + s * (self.shear / 6.0 - s * (self.intensity / 24.0 + s * self.grade / 120.0));
        self.sag + s * (self.slope - s * bent)
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let piece = Piece { shear: 500.0, intensity: 10.0, ..Piece::default() };
        assert!((piece.shear(20.0) - 300.0).abs() < 1e-9 && (piece.moment(20.0) - 8000.0).abs() < 1e-9);
    }
}
