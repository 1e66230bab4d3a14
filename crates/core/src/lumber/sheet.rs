//! Values from the sheet that came with the lumber, typed in by the user and marked as such wherever they appear.
//!
//! They are whole psi, as sheets print them, and are taken as adjusted for depth already: no size or volume factor.

use arrayvec::ArrayString;

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
