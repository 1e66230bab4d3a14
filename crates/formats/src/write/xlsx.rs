//! Tables as a workbook, a sheet each. Numbers are numbers; the same tables give the same bytes.

use rust_xlsxwriter::{DocProperties, ExcelDateTime, Format, Workbook, Worksheet, XlsxError};

use crate::grid::{Cell, Grid};

/// The longest name a sheet may have.
const LONGEST_NAME: usize = 31;

/// The workbook's bytes.
///
/// # Errors
/// If it cannot be written.
pub fn write_xlsx(grids: &[Grid]) -> Result<Vec<u8>, XlsxError> {
    let mut workbook = Workbook::new();
    // When it was made is on the paper, not in the file: what is alike stays alike.
    let made = ExcelDateTime::from_ymd(2000, 1, 1)?;
    workbook.set_properties(&DocProperties::new().set_creation_datetime(&made));
    for grid in grids {
        let sheet = workbook.add_worksheet();
        let name: String =
            grid.name.chars().filter(|letter| !"[]:*?/\\".contains(*letter)).take(LONGEST_NAME).collect();
        sheet.set_name(name)?;
        write_sheet(sheet, grid)?;
    }
    workbook.save_to_buffer()
}

fn write_sheet(sheet: &mut Worksheet, grid: &Grid) -> Result<(), XlsxError> {
    let bold = Format::new().set_bold();
    for (column, head) in (0_u16..).zip(&grid.heads) {
        sheet.write_string_with_format(0, column, head, &bold)?;
        sheet.set_column_width(column, head.chars().count().clamp(8, 40) as f64 + 2.0)?;
    }
    sheet.set_freeze_panes(1, 0)?;
    for (row, cells) in (1_u32..).zip(&grid.rows) {
        for (column, cell) in (0_u16..).zip(cells) {
            match cell {
                Cell::Text(text) => sheet.write_string(row, column, text)?,
                Cell::Count(count) => sheet.write_number(row, column, *count as f64)?,
                Cell::Number(number, decimals) => {
                    let format = Format::new().set_num_format(format!("0.{}", "0".repeat(usize::from(*decimals))));
                    sheet.write_number_with_format(row, column, *number, &format)?
                }
                Cell::Cents(cents) => {
                    let format = Format::new().set_num_format("0.00");
                    sheet.write_number_with_format(row, column, *cents as f64 / 100.0, &format)?
                }
                Cell::Empty => sheet,
            };
        }
    }
    Ok(())
}
