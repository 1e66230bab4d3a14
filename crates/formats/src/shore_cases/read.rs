//! A case, read into a section and its studs. What cannot be is said with the field's name, all of it at once.

use sturvek_core::codes::DesignCode;
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::lumber::{Grade, JackLumber, SawnSize, Species, Thickness};
use sturvek_core::measure::{Length, Stress};
use sturvek_core::shoring::moment_between::{APART, JoistPiece, JoistSection};
use sturvek_core::shoring::temporary_wall::{MOST_PLIES, TemporaryStud};

use super::case::{Case, StudCase};
use crate::woods::{grade_named, sawn_size, species_named};

/// The most pieces, supports and temporary walls.
const MOST: usize = 200;
/// No place is farther off, in.
const FARTHEST: f64 = 12_000.0;
/// No load is larger, lb/ft².
const HEAVIEST: f64 = 1_000.0;

/// A case that can be answered.
pub struct Asked {
    /// The section.
    pub section: JoistSection,
    /// The loads, lb/ft².
    pub loads: ByKind<f64>,
    /// The studs.
    pub stud: TemporaryStud,
}

/// Reads a case.
///
/// # Errors
/// Sentences that name the fields.
pub fn asked(case: &Case) -> Result<Asked, Vec<String>> {
    let mut fails = Vec::new();
    let section = section(case, &mut fails);
    let loads = loads(case, &mut fails);
    let stud = stud(&case.stud, case.plate, &mut fails);
    match (section, stud) {
        (Some(section), Some(stud)) if fails.is_empty() => Ok(Asked { section, loads, stud }),
        _ => Err(fails),
    }
}

fn is_place(at: f64) -> bool {
    at.abs() <= FARTHEST
}

fn section(case: &Case, fails: &mut Vec<String>) -> Option<JoistSection> {
    let before = fails.len();
    for (name, count, least) in
        [("pieces", case.pieces.len(), 1), ("supports", case.supports.len(), 1), ("temporary", case.temporary.len(), 0)]
    {
        if !(least..=MOST).contains(&count) {
            fails.push(format!("{name}: there are {count}; there can be {least} to {MOST}."));
        }
    }
    if before < fails.len() {
        return None;
    }
    for (place, piece) in case.pieces.iter().enumerate() {
        if !is_place(piece.from) || !is_place(piece.to) {
            fails.push(format!("pieces[{place}]: from and to are within {FARTHEST} in."));
        } else if piece.to <= piece.from {
            fails.push(format!(
                "pieces[{place}]: it ends at {} in. and begins at {}: it has no length.",
                piece.to, piece.from
            ));
        }
    }
    let named = |name: &'static str, all: &[f64]| -> Vec<(String, f64)> {
        all.iter().enumerate().map(|(place, at)| (format!("{name}[{place}]"), *at)).collect()
    };
    let mut places = named("supports", &case.supports);
    places.extend(named("temporary", &case.temporary));
    for (index, (name, at)) in places.iter().enumerate() {
        if !is_place(*at) {
            fails.push(format!("{name}: it is within {FARTHEST} in."));
            continue;
        }
        let near = places[..index].iter().find(|(_, other)| (other - at).abs() < APART.to_inches() - 1e-9);
        if let Some((other, there)) = near {
            fails.push(format!("{name} ({at}) is within {} in. of {other} ({there}).", APART.to_inches()));
        }
    }
    let same = |at: &f64| (at - case.remove).abs() < 1e-6;
    let remove = case.supports.iter().position(same);
    if remove.is_none() {
        fails.push(format!("remove ({}) is none of the supports.", case.remove));
    }
    if before < fails.len() {
        return None;
    }
    let length = |at: &f64| Length::from_decimal_inches(*at);
    Some(JoistSection {
        pieces: case
            .pieces
            .iter()
            .map(|piece| JoistPiece { from: length(&piece.from), to: length(&piece.to) })
            .collect(),
        supports: case.supports.iter().map(length).collect(),
        remove: Some(remove?),
        temporary: case.temporary.iter().map(length).collect(),
    })
}

fn loads(case: &Case, fails: &mut Vec<String>) -> ByKind<f64> {
    for (name, load) in [("D", case.dead), ("L", case.live), ("Lr", case.roof_live), ("S", case.snow)] {
        if !(0.0..=HEAVIEST).contains(&load) {
            fails.push(format!("{name}: {load} psf is no load; it can be 0 to {HEAVIEST}."));
        }
    }
    ByKind::of([
        (LoadKind::Dead, case.dead),
        (LoadKind::FloorLive, case.live),
        (LoadKind::RoofLive, case.roof_live),
        (LoadKind::Snow, case.snow),
    ])
}

fn stud(case: &StudCase, plate: f64, fails: &mut Vec<String>) -> Option<TemporaryStud> {
    let before = fails.len();
    let mut within = |name: &str, value: f64, least: f64, most: f64| {
        if !(least..=most).contains(&value) {
            fails.push(format!("{name}: {value}; it can be {least} to {most}."));
        }
    };
    within("stud.spacing_in", case.spacing_in, 1.0, 96.0);
    within("stud.length_in", case.length_in, 6.0, 480.0);
    within("stud.plies", case.plies as f64, 1.0, f64::from(MOST_PLIES));
    within("stud.rows", case.rows as f64, 0.0, 20.0);
    within("plate_Fcp", plate, 50.0, 5_000.0);
    let lumber = lumber(case, fails);
    if before < fails.len() {
        return None;
    }
    Some(TemporaryStud {
        lumber: lumber?,
        plies: u8::try_from(case.plies).ok()?,
        length: Length::from_decimal_inches(case.length_in),
        spacing: Length::from_decimal_inches(case.spacing_in),
        rows: u8::try_from(case.rows).ok()?,
        plate: Stress::psi(plate),
    })
}

fn lumber(case: &StudCase, fails: &mut Vec<String>) -> Option<JackLumber> {
    fn of_field<T>(name: &str, read: Result<T, String>, fails: &mut Vec<String>) -> Option<T> {
        read.map_err(|why| fails.push(format!("stud.{name}: {why}"))).ok()
    }
    let species: Option<Species> = of_field("species", species_named(&case.species), fails);
    let grade: Option<Grade> = of_field("grade", grade_named(&case.grade), fails);
    let size: Option<SawnSize> = of_field("nominal", sawn_size(&case.nominal), fails);
    let size = size.filter(|size| {
        let two_by = size.thickness == Thickness::Two;
        if !two_by {
            fails.push(format!("stud.nominal: {} is no 2x; studs of temporary walls are.", case.nominal));
        }
        two_by
    })?;
    let lumber = JackLumber { species: species?, grade: grade?, depth: size.depth };
    if DesignCode::AllowableStress.stud_values(lumber).is_none() {
        fails.push(format!("stud.grade: there are no values for {}.", lumber.name()));
    }
    Some(lumber)
}
