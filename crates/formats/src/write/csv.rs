//! A table as CSV: RFC 4180, numbers with a point.

use crate::grid::{Cell, Grid};

/// The table's bytes.
///
/// # Errors
/// If it cannot be written.
pub fn write_csv(grid: &Grid) -> Result<Vec<u8>, csv::Error> {
    let mut writer = csv::WriterBuilder::new().terminator(csv::Terminator::CRLF).from_writer(Vec::new());
    writer.write_record(&grid.heads)?;
    for row in &grid.rows {
        writer.write_record(row.iter().map(text))?;
    }
    writer.into_inner().map_err(|error| error.into_error().into())
}

fn text(cell: &Cell) -> String {
    match cell {
        Cell::Text(text) => harmless(text),
        Cell::Count(count) => count.to_string(),
        Cell::Number(number, decimals) => format!("{number:.*}", usize::from(*decimals)),
        Cell::Cents(cents) => {
            let (sign, cents) = (if *cents < 0 { "-" } else { "" }, cents.unsigned_abs());
            format!("{sign}{}.{:02}", cents / 100, cents % 100)
        }
        Cell::Empty => String::new(),
    }
}

/// A spreadsheet would compute what begins like a formula: somebody's name for a wall is none.
fn harmless(text: &str) -> String {
    if text.starts_with(['=', '+', '-', '@', '\t', '\r']) { format!("'{text}") } else { text.to_owned() }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn numbers_are_numbers_and_names_are_never_formulas() {
        let rows = vec![
            vec![Cell::Text("=cmd|' /C calc'!A0".into()), Cell::Number(92.625, 4), Cell::Cents(-5)],
            vec![Cell::Text("North, \"upper\"".into()), Cell::Count(7), Cell::Empty],
        ];
        let grid = Grid { name: "x".into(), heads: vec!["a".into(), "b".into(), "c".into()], rows };
        let text = String::from_utf8(write_csv(&grid).expect("written")).expect("text");
        assert_eq!(text, "a,b,c\r\n'=cmd|' /C calc'!A0,92.6250,-0.05\r\n\"North, \"\"upper\"\"\",7,\r\n");
    }
}
