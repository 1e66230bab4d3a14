//! Species, grades and sizes by the names that cases give them.

use sturvek_core::lumber::{Grade, SawnSize, Species};

/// A species by its stamp, or a sentence.
pub(crate) fn species_named(name: &str) -> Result<Species, String> {
    match name {
        "DFL" | "DF-L" => Ok(Species::DouglasFirLarch),
        "HF" => Ok(Species::HemFir),
        "SPF" => Ok(Species::SprucePineFir),
        "SP" => Ok(Species::SouthernPine),
        other => Err(format!("Species \"{other}\" is not known; there are DFL, HF, SPF and SP.")),
    }
}

/// A grade by its stamp, or a sentence.
pub(crate) fn grade_named(name: &str) -> Result<Grade, String> {
    match name {
        "SS" | "Sel. Str." | "Sel.Str." | "Select Structural" => Ok(Grade::SelectStructural),
        "No.1" | "No. 1" => Ok(Grade::Number1),
        "No.2" | "No. 2" | "No.1/No.2" => Ok(Grade::Number2),
        "Stud" => Ok(Grade::Stud),
        other => Err(format!("Grade \"{other}\" is not known; there are SS, No.1, No.2 and Stud.")),
    }
}

/// A nominal size, or a sentence.
pub(crate) fn sawn_size(name: &str) -> Result<SawnSize, String> {
    SawnSize::from_name(name).ok_or_else(|| {
        let names: Vec<String> = SawnSize::all().map(SawnSize::name).collect();
        format!("Size \"{name}\" is not known; there are {}.", names.join(", "))
    })
}
