//! Boards in stock, headers of them, and the jurisdiction's table.

use super::check::Checks;
use super::input::Input;
use super::refused::Within;
use crate::job::Job;
use crate::lumber::{HeaderBoard, HeaderSpec, SheetValues};
use crate::measure::Unit;
use crate::say;
use crate::sizing::schools::JurisdictionTable;
use crate::speech::number;

pub(super) fn stock(checks: &mut Checks, job: &Job) {
    checks.count(Input::Stock, job.stock.len());
    for (place, item) in job.boards().enumerate() {
        checks.within(Within::Stock(place), |checks| {
            board(checks, item.board);
            if let Some(price) = item.price_per_foot {
                checks.number(Input::Price, price.to_cents());
            }
        });
    }
    if let Some(table) = &job.code_table {
        checks.within(Within::CodeTable, |checks| code_table(checks, table));
    }
}

pub(super) fn header(checks: &mut Checks, header: HeaderSpec) {
    checks.count(Input::Plies, usize::from(header.plies));
    board(checks, header.board);
}

fn board(checks: &mut Checks, board: HeaderBoard) {
    checks.length(Input::PlyWidth, board.ply_width());
    checks.length(Input::HeaderDepth, board.depth());
    match board {
        HeaderBoard::Sheet { values, .. } => sheet(checks, &values),
        HeaderBoard::Sawn { size, .. } => {
            checks.follow(size.is_made(), Input::SawnSize, || size.name().into(), || say!("allowed-sawn"));
        }
        HeaderBoard::Engineered { .. } => {}
    }
}

/// The user's own values.
fn sheet(checks: &mut Checks, values: &SheetValues) {
    /// The least Emin, psi.
    const LEAST_STABILITY: u32 = 100_000;
    checks.text(Input::SheetName, &values.name);
    checks.number(Input::SheetBending, f64::from(values.bending_psi));
    checks.number(Input::SheetShear, f64::from(values.shear_psi));
    checks.number(Input::SheetBearing, f64::from(values.bearing_psi));
    checks.number(Input::SheetStiffness, f64::from(values.stiffness_psi));
    let (stability, most) = (values.stability_stiffness_psi, values.stiffness_psi);
    checks.follow(
        (LEAST_STABILITY..=most).contains(&stability),
        Input::SheetStability,
        || number(f64::from(stability), Unit::Psi),
        || {
            let least = number(f64::from(LEAST_STABILITY), Unit::None);
            say!("allowed-stability", least, most = number(f64::from(most), Unit::Psi))
        },
    );
    checks.number(Input::SheetDensity, f64::from(values.density_pcf));
}

fn code_table(checks: &mut Checks, table: &JurisdictionTable) {
    checks.text(Input::TableName, &table.name);
    checks.count(Input::TableRows, table.rows.len());
    for (place, row) in table.rows.iter().enumerate() {
        checks.within(Within::Row(place), |checks| {
            checks.count(Input::TablePlies, usize::from(row.plies));
            checks.length(Input::TableSpan, row.span);
            checks.length(Input::TableWidth, row.width);
            if let Some(snow) = row.snow {
                checks.number(Input::TableSnow, snow.to_psf());
            }
            checks.count(Input::TableJacks, usize::from(row.jacks));
        });
    }
}
