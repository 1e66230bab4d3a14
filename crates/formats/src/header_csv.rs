//! A jurisdiction's header table as CSV, and the table computed on the code tables' basis in the same form.
//!
//! Columns, by name in any order: `block`, `header` (`2-2x8`), `snow` (lb/ft² of ground snow; empty where the block carries
//! no roof), `width` (of the building), `span`, `jacks`. Lengths as they are typed: `24'`, `6-11`; a bare number of width is
//! feet. One bad row refuses the whole file, with a report of every bad row.

use std::fmt::Write;

use sturvek_core::lumber::{Depth, MOST_PLIES};
use sturvek_core::measure::{Length, LengthStyle, Pressure};
use sturvek_core::sizing::schools::code_basis::TableBlock;
use sturvek_core::sizing::schools::jurisdiction::MOST_ROWS;
use sturvek_core::sizing::schools::{JurisdictionRow, JurisdictionTable};
use thiserror::Error;

use crate::header_table;

/// What is wrong with a row.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[error("Line {line}, {column}: {message}")]
pub struct BadRow {
    /// Its line in the file, the heading being line 1.
    pub line: u64,
    /// The column; empty where it is the row as such.
    pub column: &'static str,
    /// What is wrong and what is allowed.
    pub message: String,
}

/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 700 * 1024;

const COLUMNS: [&str; 6] = ["block", "header", "snow", "width", "span", "jacks"];

/// Reads a table.
///
/// # Errors
/// Every row that is wrong, in the order of the file.
pub fn read_table(name: &str, bytes: &[u8]) -> Result<JurisdictionTable, Vec<BadRow>> {
    if LARGEST_FILE < bytes.len() {
        let message = format!("the file has {} bytes; a table can have {LARGEST_FILE}.", bytes.len());
        return Err(vec![BadRow { line: 1, column: "", message }]);
    }
    let mut reader = csv::ReaderBuilder::new().trim(csv::Trim::All).from_reader(bytes);
    let headings = reader.headers().map_err(|error| vec![unreadable(1, &error)])?.clone();
    let place = |column: &&'static str| {
        let found = headings.iter().position(|heading| heading.eq_ignore_ascii_case(column));
        found.ok_or_else(|| BadRow {
            line: 1,
            column,
            message: format!("there is no such column; the columns are {}.", COLUMNS.join(", ")),
        })
    };
    let mut places = [0; COLUMNS.len()];
    let mut bad = Vec::new();
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
                Err(row) => bad.extend(row),
            },
            Err(error) => bad.push(unreadable(error.position().map_or(0, csv::Position::line), &error)),
        }
    }
    if MOST_ROWS < rows.len() {
        let message = format!("there are {} rows; a table can have {MOST_ROWS}.", rows.len());
        bad.push(BadRow { line: 1, column: "", message });
    }
    if rows.is_empty() && bad.is_empty() {
        bad.push(BadRow { line: 1, column: "", message: "there is no row below the heading.".into() });
    }
    if bad.is_empty() { Ok(JurisdictionTable { name: name.to_owned(), rows }) } else { Err(bad) }
}

fn unreadable(line: u64, error: &csv::Error) -> BadRow {
    BadRow { line, column: "", message: format!("the row cannot be read: {error}.") }
}

fn read_row(record: &csv::StringRecord, places: &[usize; COLUMNS.len()]) -> Result<JurisdictionRow, Vec<BadRow>> {
    let line = record.position().map_or(0, csv::Position::line);
    let cell = |index: usize| record.get(places[index]).unwrap_or("");
    let mut bad = Vec::new();
    let mut wrong = |index: usize, message: String| bad.push(BadRow { line, column: COLUMNS[index], message });
    let block = TableBlock::ALL.into_iter().find(|block| block.name() == cell(0));
    if block.is_none() {
        let names: Vec<&str> = TableBlock::ALL.iter().map(|block| block.name()).collect();
        wrong(0, format!("\"{}\" is not a block; it can be {}.", cell(0), names.join(", ")));
    }
    let header = header(cell(1));
    if header.is_none() {
        wrong(1, format!("\"{}\" is not a header; write plies and size, such as 2-2x8.", cell(1)));
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
    let jacks = cell(5).parse::<u8>().ok().filter(|jacks| (1..=8).contains(jacks));
    if jacks.is_none() {
        wrong(5, format!("\"{}\" is not a number of jacks; it can be 1 to 8.", cell(5)));
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

fn snow(text: &str, block: Option<TableBlock>) -> Result<Option<Pressure>, String> {
    match (text, block.is_some_and(TableBlock::carries_roof)) {
        ("", false) => Ok(None),
        ("", true) => Err("a block with a roof needs its ground snow.".into()),
        (text, _) => match text.parse::<f64>() {
            Ok(psf) if (0.0..=300.0).contains(&psf) => Ok(Some(Pressure::psf(psf))),
            _ => Err(format!("\"{text}\" is not a snow; it can be 0 to 300 lb/ft².")),
        },
    }
}

/// A width; a bare number is feet.
fn length(text: &str, least_feet: f64, most_feet: f64) -> Result<Length, String> {
    let read = match text.parse::<f64>() {
        Ok(feet) if feet.is_finite() && feet.abs() < 1e4 => Ok(Length::from_decimal_inches(feet * 12.0)),
        _ => text.parse::<Length>().map_err(|error| error.to_string()),
    }?;
    let fine = (least_feet..=most_feet).contains(&read.to_feet());
    if fine { Ok(read) } else { Err(format!("\"{text}\" is out of bounds; it can be {least_feet} to {most_feet} ft.")) }
}

fn span(text: &str) -> Result<Length, String> {
    let read = text.parse::<Length>().map_err(|error| error.to_string())?;
    let fine = Length::inches(6) <= read && read <= Length::feet(40);
    if fine { Ok(read) } else { Err(format!("\"{text}\" is out of bounds; a span can be 6 in. to 40 ft.")) }
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

    fn read(rows: &str) -> Result<JurisdictionTable, Vec<BadRow>> {
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
        let places: Vec<(u64, &str)> = bad.iter().map(|row| (row.line, row.column)).collect();
        assert_eq!(places, [(2, "block"), (3, "header"), (3, "snow"), (3, "width"), (3, "span"), (3, "jacks")]);
        assert!(bad[0].to_string().starts_with("Line 2, block: \"roof\" is not a block; it can be roof_ceiling"));
    }

    #[test]
    fn hostile_files_get_a_sentence() {
        assert_eq!(read("").expect_err("no rows")[0].line, 1);
        assert_eq!(read_table("x", b"a,b\n1,2\n").expect_err("no columns").len(), 6);
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
