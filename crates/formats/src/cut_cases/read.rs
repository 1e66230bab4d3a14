//! From the form of a case to what is planned. Everything that cannot be meant is told at once, each with its field.

use std::collections::{BTreeSet, HashMap};

use sturvek_core::cutting::sticks::{Saw, StickStock, Wanted};
use sturvek_core::measure::{Cents, Length};

use super::case::Case;

/// Nothing is longer, in.
const LONGEST: f64 = 1200.0;
/// Nothing that can be cut is shorter, in.
const SHORTEST: f64 = 0.25;
/// No saw is wider, in.
const WIDEST_KERF: f64 = 1.0;
/// No stick costs more, cents.
const DEAREST: u64 = 10_000_000;
/// Nobody cuts more in one job.
const MOST_PIECES: u64 = 20_000;
/// Nobody sets a saw to more lengths of one section.
const MOST_LENGTHS: usize = 400;
/// No yard has more lengths of one section.
const MOST_STOCK: usize = 40;

/// One section and grade.
#[derive(Clone, Debug, Default)]
pub struct SectionCase {
    /// What is wanted.
    pub wanted: Vec<Wanted>,
    /// What can be had.
    pub stock: Vec<StickStock>,
}

/// What is planned.
#[derive(Clone, Debug)]
pub struct Asked {
    /// The saw.
    pub saw: Saw,
    /// By section, in the order of the pieces.
    pub sections: Vec<(String, SectionCase)>,
    /// Each length as it was written.
    pub written: HashMap<Length, f64>,
}

struct Reader {
    fails: Vec<String>,
    written: HashMap<Length, f64>,
}

impl Reader {
    fn length(&mut self, at: &str, inches: f64, least: f64) -> Length {
        if !(least..=LONGEST).contains(&inches) {
            self.fails.push(format!("{at} must be from {least} to {LONGEST} in."));
            return Length::ZERO;
        }
        let length = Length::from_decimal_inches(inches);
        self.written.entry(length).or_insert(inches);
        length
    }
}

/// What is planned.
///
/// # Errors
/// Sentences that name the fields that cannot be meant.
pub fn asked(case: &Case) -> Result<Asked, Vec<String>> {
    let mut reader = Reader { fails: Vec::new(), written: HashMap::new() };
    if !(0.0..=WIDEST_KERF).contains(&case.kerf_in) {
        reader.fails.push(format!("kerf_in must be from 0 to {WIDEST_KERF} in."));
    }
    let mut sections: Vec<(String, SectionCase)> = Vec::new();
    let mut places: HashMap<&str, usize> = HashMap::new();
    let mut pieces: u64 = 0;
    for (index, piece) in case.pieces.iter().enumerate() {
        let length = reader.length(&format!("pieces[{index}].length_in"), piece.length_in, SHORTEST);
        pieces = pieces.saturating_add(piece.count);
        let Ok(count) = u32::try_from(piece.count) else { continue };
        let place = *places.entry(&piece.section).or_insert_with(|| {
            sections.push((piece.section.clone(), SectionCase::default()));
            sections.len() - 1
        });
        sections[place].1.wanted.push(Wanted { length, count });
    }
    if MOST_PIECES < pieces {
        reader.fails.push(format!("pieces[].count must not be more than {MOST_PIECES} together."));
    }
    for (index, stick) in case.stock.iter().enumerate() {
        let length = reader.length(&format!("stock[{index}].length_in"), stick.length_in, SHORTEST);
        if DEAREST < stick.price_cents {
            reader.fails.push(format!("stock[{index}].price_cents must be from 0 to {DEAREST}."));
        }
        let Some(&place) = places.get(&*stick.section) else { continue };
        sections[place].1.stock.push(StickStock {
            length,
            price: Cents(stick.price_cents.min(DEAREST) as i64),
            available: stick.available.map(|available| u32::try_from(available).unwrap_or(u32::MAX)),
        });
    }
    for (section, case) in &sections {
        let lengths: BTreeSet<Length> = case.wanted.iter().map(|piece| piece.length).collect();
        if MOST_LENGTHS < lengths.len() {
            reader.fails.push(format!("pieces[].length_in must not be more than {MOST_LENGTHS} lengths of {section}."));
        }
        if MOST_STOCK < case.stock.len() {
            reader.fails.push(format!("stock must not be more than {MOST_STOCK} lines of {section}."));
        }
    }
    if !reader.fails.is_empty() {
        return Err(reader.fails);
    }
    let saw = Saw { kerf: Length::from_decimal_inches(case.kerf_in), ..Saw::default() };
    Ok(Asked { saw, sections, written: reader.written })
}
