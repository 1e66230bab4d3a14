//! A jurisdiction's header table as CSV, and the table computed on the code tables' basis in the same form.
//!
//! Columns, by name in any order: `block`, `header` (`2-2x8`), `snow` (lb/ft² of ground snow; empty where the block carries
//! no roof), `width` (of the building), `span`, `jacks`. Lengths as they are typed: `24'`, `6-11`; a bare number of width is
//! feet. One bad row refuses the whole file, with a report of every bad row.

use std::fmt::Write;

use sturvek_core::lumber::{Depth, MOST_PLIES};
use sturvek_core::measure::Unit;
use sturvek_core::measure::{Length, LengthStyle, Pressure};
use sturvek_core::say;
use sturvek_core::sizing::schools::code_basis::TableBlock;
use sturvek_core::sizing::schools::jurisdiction::MOST_ROWS;
use sturvek_core::sizing::schools::{JurisdictionRow, JurisdictionTable};
use sturvek_core::speech::{Phrase, distance, number};
use thiserror::Error;

use crate::header_table;

/// The fewest jacks of a row.
const LEAST_JACKS: u8 = 1;
/// The most.
const MOST_JACKS: u8 = 8;
/// The most ground snow of a row, lb/ft².
const MOST_SNOW: f64 = 300.0;
/// What is wrong with a row.
#[derive(Clone, Debug, PartialEq, Error)]
#[error("line {line}, {column}: {message}")]
pub struct BadRow {
    /// Its line in the file, the heading being line 1.
    pub line: u64,
    /// The column; empty where it is the row as such.
    pub column: &'static str,
    /// What is wrong and what is allowed.
    pub message: Phrase,
}

impl BadRow {
    /// What is wrong with it, in a sentence.
    pub fn phrase(&self) -> Phrase {
        say!(
            "csv-row",
            line = i64::try_from(self.line).unwrap_or(i64::MAX),
            column = self.column,
            what = self.message.clone()
        )
    }
}

/// How many wrong rows are told; the rest is counted.
const MOST_TOLD: usize = 100;

/// The rows of a table that are wrong.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct BadRows {
    /// The first of them, in the order of the file.
    pub first: Vec<BadRow>,
    /// How many more there are.
    pub more: usize,
}

impl BadRows {
    pub(crate) fn push(&mut self, row: BadRow) {
        if self.first.len() < MOST_TOLD {
            self.first.push(row);
        } else {
            self.more += 1;
        }
    }

    pub(crate) const fn is_empty(&self) -> bool {
        self.first.is_empty()
    }

    /// What is wrong, a sentence each, and how many more there are.
    pub fn phrases(&self) -> Vec<Phrase> {
        let more = (0 < self.more).then(|| say!("csv-more-bad-rows", more = self.more));
        self.first.iter().map(BadRow::phrase).chain(more).collect()
    }
}

impl From<BadRow> for BadRows {
    fn from(row: BadRow) -> Self {
        Self { first: vec![row], more: 0 }
    }
}

/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 700 * 1024;

const COLUMNS: [&str; 6] = ["block", "header", "snow", "width", "span", "jacks"];

/// Reads a table.
///
/// # Errors
/// The rows that are wrong.
pub fn read_table(name: &str, bytes: &[u8]) -> Result<JurisdictionTable, BadRows> {
    if LARGEST_FILE < bytes.len() {
        let message = say!("csv-too-large", bytes = bytes.len(), most = LARGEST_FILE);
        return Err(BadRow { line: 1, column: "", message }.into());
    }
    let mut reader = csv::ReaderBuilder::new().trim(csv::Trim::All).from_reader(bytes);
    let headings = reader.headers().map_err(|error| unreadable(1, &error))?.clone();
    let place = |column: &&'static str| {
        let found = headings.iter().position(|heading| heading.eq_ignore_ascii_case(column));
        found.ok_or_else(|| BadRow {
            line: 1,
            column,
            message: say!("csv-no-such-column", columns = COLUMNS.join(", ")),
        })
    };
    let mut places = [0; COLUMNS.len()];
    let mut bad = BadRows::default();
    for (place, found) in places.iter_mut().zip(COLUMNS.iter().map(place)) {
        match found {
            Ok(found) => *place = found,
            Err(row) => bad.push(row),
        }
    }
    if !bad.is_empty() {
        return Err(bad);
    }
    let mut rows = Vec::new();
    for record in reader.records() {
        match record {
            Ok(record) => match read_row(&record, &places) {
                Ok(row) => rows.push(row),
                Err(row) => row.into_iter().for_each(|row| bad.push(row)),
            },
            Err(error) => bad.push(unreadable(error.position().map_or(0, csv::Position::line), &error)),
        }
    }
    if MOST_ROWS < rows.len() {
        let message = say!("csv-too-many-rows", rows = rows.len(), most = MOST_ROWS);
        bad.push(BadRow { line: 1, column: "", message });
    }
    if rows.is_empty() && bad.is_empty() {
        bad.push(BadRow { line: 1, column: "", message: say!("csv-no-row") });
    }
    if bad.is_empty() { Ok(JurisdictionTable { name: name.to_owned(), rows }) } else { Err(bad) }
}

pub(crate) fn unreadable(line: u64, error: &csv::Error) -> BadRow {
    BadRow { line, column: "", message: say!("csv-unreadable", why = error.to_string()) }
}

fn read_row(record: &csv::StringRecord, places: &[usize; COLUMNS.len()]) -> Result<JurisdictionRow, Vec<BadRow>> {
    let line = record.position().map_or(0, csv::Position::line);
    let cell = |index: usize| record.get(places[index]).unwrap_or("");
    let mut bad = Vec::new();
    let mut wrong = |index: usize, message: Phrase| bad.push(BadRow { line, column: COLUMNS[index], message });
    let block = TableBlock::ALL.into_iter().find(|block| block.name() == cell(0));
    if block.is_none() {
        let names: Vec<&str> = TableBlock::ALL.iter().map(|block| block.name()).collect();
        wrong(0, say!("csv-not-a-block", given = cell(0), blocks = names.join(", ")));
    }
    let header = header(cell(1));
    if header.is_none() {
        wrong(1, say!("csv-not-a-header", given = cell(1)));
    }
    let snow = snow(cell(2), block);
    if let Err(message) = &snow {
        wrong(2, message.clone());
    }
    let width = length(cell(3), 4.0, 120.0);
    if let Err(message) = &width {
        wrong(3, message.clone());
    }
    let span = span(cell(4));
    if let Err(message) = &span {
        wrong(4, message.clone());
    }
    let jacks = cell(5).parse::<u8>().ok().filter(|jacks| (LEAST_JACKS..=MOST_JACKS).contains(jacks));
    if jacks.is_none() {
        wrong(5, say!("csv-not-jacks", given = cell(5), least = LEAST_JACKS, most = MOST_JACKS));
    }
    match (block, header, snow, width, span, jacks) {
        (Some(block), Some((plies, depth)), Ok(snow), Ok(width), Ok(span), Some(jacks)) => {
            Ok(JurisdictionRow { block, plies, depth, snow, width, span, jacks })
        }
        _ => Err(bad),
    }
}

/// `2-2x8`: two plies of 2x8.
fn header(text: &str) -> Option<(u8, Depth)> {
    let (plies, size) = text.split_once('-')?;
    let plies = plies.trim().parse().ok().filter(|plies| (1..=MOST_PLIES).contains(plies))?;
    let nominal: i64 = size.trim().strip_prefix("2x")?.parse().ok()?;
    Depth::ALL.into_iter().find(|depth| depth.nominal() == nominal).map(|depth| (plies, depth))
}

fn snow(text: &str, block: Option<TableBlock>) -> Result<Option<Pressure>, Phrase> {
    match (text, block.is_some_and(TableBlock::carries_roof)) {
        ("", false) => Ok(None),
        ("", true) => Err(say!("csv-snow-missing")),
        (text, _) => match text.parse::<f64>() {
            Ok(psf) if (0.0..=MOST_SNOW).contains(&psf) => Ok(Some(Pressure::psf(psf))),
            _ => {
                let (least, most) = (number(0.0, Unit::None), Pressure::psf(MOST_SNOW));
                Err(say!("csv-not-snow", given = text, least, most))
            }
        },
    }
}

/// A width; a bare number is feet.
fn length(text: &str, least_feet: f64, most_feet: f64) -> Result<Length, Phrase> {
    let read = match text.parse::<f64>() {
        Ok(feet) if feet.is_finite() && feet.abs() < 1e4 => Ok(Length::from_decimal_inches(feet * 12.0)),
        _ => text.parse::<Length>().map_err(|error| error.phrase()),
    }?;
    let fine = (least_feet..=most_feet).contains(&read.to_feet());
    out_of_bounds(fine, read, text, [least_feet, most_feet].map(|feet| Length::from_decimal_inches(12.0 * feet)))
}

fn out_of_bounds(fine: bool, read: Length, text: &str, [least, most]: [Length; 2]) -> Result<Length, Phrase> {
    let refused = || say!("csv-out-of-bounds", given = text, least = distance(least), most = distance(most));
    if fine { Ok(read) } else { Err(refused()) }
}

fn span(text: &str) -> Result<Length, Phrase> {
    let read = text.parse::<Length>().map_err(|error| error.phrase())?;
    let fine = Length::inches(6) <= read && read <= Length::feet(40);
    out_of_bounds(fine, read, text, [Length::inches(6), Length::feet(40)])
}

/// The tables computed on the code tables' basis, as CSV of the same form.
pub fn computed_table() -> String {
    let mut text = COLUMNS.join(",") + "\n";
    for block in TableBlock::ALL {
        for row in header_table::rows_of(block) {
            let snow = row.snow.map_or_else(String::new, |snow| snow.to_string());
            let span = Length::inches(row.span_in).written(LengthStyle::FeetInches);
            let span = span.replace("'-", "-").replace('"', "");
            // Writing to a string cannot fail.
            let _ = writeln!(text, "{},{},{snow},{},{span},{}", block.name(), row.header, row.width, row.jacks);
        }
    }
    text
}

#[cfg(test)]
mod tests {
    use super::*;

    const HEADING: &str = "block,header,snow,width,span,jacks\n";

    fn read(rows: &str) -> Result<JurisdictionTable, BadRows> {
        read_table("county", format!("{HEADING}{rows}").as_bytes())
    }

    #[test]
    fn rows_are_read_as_they_are_typed() {
        let table = read("roof_ceiling,2-2x8,30,24,6-11,1\none_floor, 3-2x12 ,,20',9'-6\",2\n").expect("two good rows");
        assert_eq!(table.rows[0].span, Length::feet_inches(6, 11));
        assert_eq!((table.rows[0].width, table.rows[0].plies), (Length::feet(24), 2));
        assert_eq!((table.rows[1].snow, table.rows[1].depth, table.rows[1].jacks), (None, Depth::Twelve, 2));
    }

    #[test]
    fn every_bad_row_is_reported() {
        let bad = read("roof,2-2x8,30,24,6-11,1\nroof_ceiling,2x8,,2,soon,0\nroof_ceiling,2-2x8,30,24,6-11,1\n")
            .expect_err("two bad rows");
        let places: Vec<(u64, &str)> = bad.first.iter().map(|row| (row.line, row.column)).collect();
        assert_eq!(places, [(2, "block"), (3, "header"), (3, "snow"), (3, "width"), (3, "span"), (3, "jacks")]);
        assert!(
            sturvek_speech::english(&bad.first[0].phrase())
                .starts_with("Line 2, block: \"roof\" is not a block; it can be roof_ceiling")
        );
    }

    #[test]
    fn of_very_many_bad_rows_the_first_are_told_and_the_rest_is_counted() {
        let bad = read(&"a\n".repeat(5_000)).expect_err("no good row");
        assert_eq!((bad.first.len(), bad.more), (MOST_TOLD, 4_900));
        let told = bad.phrases();
        assert_eq!(told.len(), MOST_TOLD + 1);
        assert_eq!(sturvek_speech::english(&told[MOST_TOLD]), "And 4900 more rows are wrong.");
    }

    #[test]
    fn hostile_files_get_a_sentence() {
        assert_eq!(read("").expect_err("no rows").first[0].line, 1);
        assert_eq!(read_table("x", b"a,b\n1,2\n").expect_err("no columns").first.len(), 6);
        assert!(read_table("x", &[0xff, 0xfe, 0x00]).is_err());
        assert!(read("roof_ceiling,2-2x8\n").is_err());
        assert!(read("roof_ceiling,2-2x8,NaN,24,6-11,1\n").is_err());
        assert!(read_table("x", &vec![b'a'; LARGEST_FILE + 1]).is_err());
    }

    #[test]
    fn the_computed_tables_read_back() {
        let table = read_table("computed", computed_table().as_bytes()).expect("our own form");
        let first = table.rows.iter().find(|row| row.plies == 2 && row.depth == Depth::Six).expect("a row");
        // 30 psf, 12 ft wide: the printed cell says 6-0; computed it may be an inch off.
        assert!((first.span - Length::feet(6)).abs() <= Length::inches(1));
        assert_eq!(first.jacks, 1);
    }
}
