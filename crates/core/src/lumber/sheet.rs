//! Values from the sheet that came with the lumber, typed in by the user and marked as such wherever they appear.
//!
//! They are whole psi, as sheets print them, and are taken as adjusted for depth already: no size or volume factor.

use arrayvec::ArrayString;

use super::design_values::DesignValues;
use crate::measure::Stress;

/// The longest name of a sheet, in bytes.
pub const LONGEST_SHEET_NAME: usize = 48;

/// A sheet's name.
pub type Name = ArrayString<LONGEST_SHEET_NAME>;

/// One sheet.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct SheetValues {
    /// What the user calls it.
    pub name: Name,
    /// Fb, psi.
    pub bending_psi: u32,
    /// Fv, psi.
    pub shear_psi: u32,
    /// Fc⊥, psi.
    pub bearing_psi: u32,
    /// E, psi.
    pub stiffness_psi: u32,
    /// Emin, psi.
    pub stability_stiffness_psi: u32,
    /// Weight, lb/ft³.
    pub density_pcf: u32,
}

impl SheetValues {
    /// As design values. A header is never in tension or compression along its grain: those are zero.
    pub const fn design_values(self) -> DesignValues {
        DesignValues {
            bending: Stress::psi(self.bending_psi as f64),
            tension: Stress::psi(0.0),
            shear: Stress::psi(self.shear_psi as f64),
            bearing: Stress::psi(self.bearing_psi as f64),
            compression: Stress::psi(0.0),
            stiffness: Stress::psi(self.stiffness_psi as f64),
            stability_stiffness: Stress::psi(self.stability_stiffness_psi as f64),
        }
    }
}
