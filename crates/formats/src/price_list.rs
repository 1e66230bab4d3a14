//! The user's own prices of sticks, as CSV and as a workbook.
//!
//! Columns, by name in any order: `section` (size, species and grade as on the cut list), `treated` (`yes`, or empty), `length_in`
//! (inches, or as it is typed on site), `price` (dollars and cents), `available` (empty where there are always more). One bad row refuses
//! the whole file, with a report of every bad row. Money is read as it is written, digit by digit.

use std::collections::BTreeSet;
use std::io::Cursor;

use calamine::{Data, Reader, Xlsx};
use sturvek_core::cutting::pieces::Section;
use sturvek_core::cutting::sold::{
    DEAREST, LONGEST, LONGEST_NAME, MOST_LINES, SHORTEST, Sold, is_length, is_name, is_price,
};
use sturvek_core::cutting::sticks::StickStock;
use sturvek_core::measure::{Cents, Length, LengthStyle};
use sturvek_core::say;
use sturvek_core::speech::Phrase;

use crate::grid::{Cell, Grid};
use crate::header_csv::{BadRow, BadRows, unreadable};

/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 256 * 1024;
/// There are no more of one than this.
const MOST_AVAILABLE: u32 = 100_000;

const COLUMNS: [&str; 5] = ["section", "treated", "length_in", "price", "available"];
/// These have to be there.
const NEEDED: [usize; 3] = [0, 2, 3];

/// The list as a table for a spreadsheet; what is read back is the same.
pub fn price_grid(sold: &[Sold]) -> Grid {
    let row = |Sold { section, stick }: &Sold| {
        vec![
            Cell::Text(section.wood.to_string()),
            Cell::Text(if section.treated { "yes".to_owned() } else { String::new() }),
            Cell::Number(stick.length.to_inches(), 4),
            Cell::Cents(stick.price.0),
            stick.available.map_or(Cell::Empty, |count| Cell::Count(u64::from(count))),
        ]
    };
    Grid {
        name: "prices".to_owned(),
        heads: COLUMNS.iter().map(|&column| column.to_owned()).collect(),
        rows: sold.iter().map(row).collect(),
    }
}

/// Reads a price list as text.
///
/// # Errors
/// The rows that are wrong.
pub fn read_prices_csv(bytes: &[u8]) -> Result<Vec<Sold>, BadRows> {
    read_rows(&csv_rows(small(bytes)?)?)
}

/// Reads a price list from the first sheet of a workbook.
///
/// # Errors
/// The rows that are wrong.
pub fn read_prices_xlsx(bytes: &[u8]) -> Result<Vec<Sold>, BadRows> {
    read_rows(&xlsx_rows(small(bytes)?)?)
}

fn small(bytes: &[u8]) -> Result<&[u8], BadRows> {
    if LARGEST_FILE < bytes.len() {
        return Err(of_file(say!("csv-too-large", bytes = bytes.len(), most = LARGEST_FILE)).into());
    }
    Ok(bytes)
}

fn read_rows(rows: &[Vec<String>]) -> Result<Vec<Sold>, BadRows> {
    let Some((headings, rows)) = rows.split_first() else { return Err(of_file(say!("csv-no-row")).into()) };
    let places = places(headings)?;
    let (mut bad, mut seen, mut sold) = (BadRows::default(), BTreeSet::new(), Vec::new());
    for (row, line) in rows.iter().zip(2_u64..) {
        if row.iter().all(|cell| cell.trim().is_empty()) {
            continue;
        }
        let cell = |column: usize| places[column].and_then(|place| row.get(place)).map_or("", |cell| cell.trim());
        match read_row(cell) {
            Ok(read) => {
                if !seen.insert((read.section.clone(), read.stick.length)) {
                    bad.push(BadRow { line, column: COLUMNS[2], message: say!("csv-same-stick-twice") });
                }
                sold.push(read);
            }
            Err(wrong) => wrong
                .into_iter()
                .for_each(|(column, message)| bad.push(BadRow { line, column: COLUMNS[column], message })),
        }
    }
    if MOST_LINES < sold.len() {
        bad.push(of_file(say!("csv-too-many-rows", rows = sold.len(), most = MOST_LINES)));
    }
    if sold.is_empty() && bad.is_empty() {
        bad.push(of_file(say!("csv-no-row")));
    }
    if bad.is_empty() { Ok(sold) } else { Err(bad) }
}

fn of_file(message: Phrase) -> BadRow {
    BadRow { line: 1, column: "", message }
}

fn csv_rows(bytes: &[u8]) -> Result<Vec<Vec<String>>, BadRows> {
    // Some spreadsheets begin a file with a mark of its encoding.
    let bytes = bytes.strip_prefix(b"\xef\xbb\xbf").unwrap_or(bytes);
    let mut reader = csv::ReaderBuilder::new().has_headers(false).flexible(true).from_reader(bytes);
    let mut rows = Vec::new();
    for record in reader.records() {
        let record = record.map_err(|error| unreadable(error.position().map_or(0, csv::Position::line), &error))?;
        rows.push(record.iter().map(str::to_owned).collect());
    }
    Ok(rows)
}

fn xlsx_rows(bytes: &[u8]) -> Result<Vec<Vec<String>>, BadRows> {
    let unreadable = |why: String| of_file(say!("csv-unreadable", why = why));
    let mut book: Xlsx<_> = Xlsx::new(Cursor::new(bytes)).map_err(|error| unreadable(error.to_string()))?;
    let Some(sheet) = book.worksheet_range_at(0) else { return Err(of_file(say!("csv-no-row")).into()) };
    let sheet = sheet.map_err(|error| unreadable(error.to_string()))?;
    if MOST_LINES + 1 < sheet.height() {
        let rows = sheet.height() - 1;
        return Err(of_file(say!("csv-too-many-rows", rows, most = MOST_LINES)).into());
    }
    Ok(sheet.rows().map(|row| row.iter().map(text).collect()).collect())
}

/// A cell as it would be typed. The shortest digits that mean a number are those that somebody typed.
fn text(cell: &Data) -> String {
    match cell {
        Data::String(text) => text.clone(),
        Data::Float(number) => number.to_string(),
        Data::Int(number) => number.to_string(),
        Data::Bool(yes) => if *yes { "yes" } else { "" }.to_owned(),
        _ => String::new(),
    }
}

fn places(headings: &[String]) -> Result<[Option<usize>; COLUMNS.len()], BadRows> {
    let find = |column: &str| headings.iter().position(|heading| heading.trim().eq_ignore_ascii_case(column));
    let places = COLUMNS.map(find);
    let mut bad = BadRows::default();
    for column in NEEDED.into_iter().filter(|column| places[*column].is_none()) {
        let message = say!("csv-no-such-column", columns = COLUMNS.join(", "));
        bad.push(BadRow { line: 1, column: COLUMNS[column], message });
    }
    if bad.is_empty() { Ok(places) } else { Err(bad) }
}

fn read_row<'a>(cell: impl Fn(usize) -> &'a str) -> Result<Sold, Vec<(usize, Phrase)>> {
    let mut wrong = Vec::new();
    let wood = cell(0);
    if !is_name(wood) {
        wrong.push((0, say!("csv-not-a-section", most = LONGEST_NAME)));
    }
    let treated = match cell(1).to_lowercase().as_str() {
        "" | "no" | "false" | "0" => Some(false),
        "yes" | "sí" | "si" | "true" | "1" => Some(true),
        _ => None,
    };
    if treated.is_none() {
        wrong.push((1, say!("csv-not-yes-or-no", given = cell(1))));
    }
    let length = cell(2).parse::<Length>().ok().filter(|length| is_length(*length));
    if length.is_none() {
        let at_most = |length: Length| length.written(LengthStyle::FeetInches);
        let (least, most) = (at_most(SHORTEST), at_most(LONGEST));
        wrong.push((2, say!("csv-out-of-bounds", given = cell(2), least, most)));
    }
    let price = cents(cell(3)).filter(|price| is_price(*price));
    if price.is_none() {
        wrong.push((3, say!("csv-not-a-price", given = cell(3), most = DEAREST.0 / 100)));
    }
    let available = match cell(4) {
        "" => Some(None),
        count => count.parse::<u32>().ok().filter(|count| *count <= MOST_AVAILABLE).map(Some),
    };
    if available.is_none() {
        wrong.push((4, say!("csv-out-of-bounds", given = cell(4), least = 0, most = MOST_AVAILABLE)));
    }
    match (treated, length, price, available) {
        (Some(treated), Some(length), Some(price), Some(available)) if wrong.is_empty() => {
            Ok(Sold { section: Section { wood: wood.into(), treated }, stick: StickStock { length, price, available } })
        }
        _ => Err(wrong),
    }
}

/// `8.25`, `$8.25`, `8`: dollars with no more than two digits of cents.
fn cents(text: &str) -> Option<Cents> {
    let text = text.strip_prefix('$').unwrap_or(text).trim();
    let (dollars, cents) = text.split_once('.').unwrap_or((text, ""));
    let digits = |text: &str| text.len() <= 9 && text.bytes().all(|byte| byte.is_ascii_digit());
    if dollars.is_empty() || !digits(dollars) || !digits(cents) || 2 < cents.len() {
        return None;
    }
    let whole: i64 = dollars.parse().ok()?;
    let part: i64 = format!("{cents:0<2}").parse().ok()?;
    Some(Cents(whole * 100 + part))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::write::csv::write_csv;
    use crate::write::xlsx::write_xlsx;

    fn sold(wood: &str, treated: bool, inches: f64, cents: i64, available: Option<u32>) -> Sold {
        Sold {
            section: Section { wood: wood.into(), treated },
            stick: StickStock { length: Length::from_decimal_inches(inches), price: Cents(cents), available },
        }
    }

    fn list() -> Vec<Sold> {
        vec![
            sold("2x4 SPF Stud", false, 92.625, 371, None),
            sold("2x4 SPF Stud", true, 96.0, 1_000, Some(40)),
            sold("1 3/4 x 11 7/8 LVL 2.0E-2600", false, 240.0, 13_809, Some(0)),
        ]
    }

    #[test]
    fn a_list_is_read_back_as_it_was_written() {
        let grid = price_grid(&list());
        assert_eq!(read_prices_csv(&write_csv(&grid).expect("written")), Ok(list()));
        assert_eq!(read_prices_xlsx(&write_xlsx(&[grid]).expect("written")), Ok(list()));
    }

    #[test]
    fn lengths_and_prices_are_read_as_they_are_typed() {
        let typed = "\u{feff}Price, length_in ,SECTION\r\n$8.5,8',2x6 DF-L No.2\r\n\r\n12,92 5/8,2x6 DF-L No.2\r\n";
        let read = read_prices_csv(typed.as_bytes()).expect("a list");
        assert_eq!(
            read,
            [sold("2x6 DF-L No.2", false, 96.0, 850, None), sold("2x6 DF-L No.2", false, 92.625, 1_200, None)]
        );
    }

    #[test]
    fn what_is_wrong_is_told_by_line_and_column() {
        let wrong = "section,treated,length_in,price,available\n,perhaps,3,8.125,-1\n2x4 SPF Stud,,96,4,\n2x4 SPF Stud,,8',5,\n";
        let bad = read_prices_csv(wrong.as_bytes()).expect_err("refused");
        let told: Vec<(u64, &str)> = bad.first.iter().map(|row| (row.line, row.column)).collect();
        assert_eq!(
            told,
            [(2, "section"), (2, "treated"), (2, "length_in"), (2, "price"), (2, "available"), (4, "length_in")]
        );
        for file in ["", "section,price\n"] {
            assert!(read_prices_csv(file.as_bytes()).is_err(), "{file}");
        }
        assert!(read_prices_xlsx(b"PK nothing").is_err());
    }

    #[test]
    fn money_is_read_digit_by_digit() {
        let read = |text| cents(text).map(|cents| cents.0);
        assert_eq!([read("0.1"), read("8"), read("1.15"), read("$2.07")], [Some(10), Some(800), Some(115), Some(207)]);
        for text in ["", ".5", "1.155", "-1", "1e3", "1,50", "99999999999"] {
            assert_eq!(read(text), None, "{text}");
        }
    }
}
