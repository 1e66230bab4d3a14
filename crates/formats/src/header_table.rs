//! A block of the header tables on the code tables' basis, as `sturvek table` prints it.

use serde::Serialize;
use sturvek_core::lumber::Depth;
use sturvek_core::measure::{Length, Pressure};
use sturvek_core::sizing::schools::code_basis::{TableBlock, table_cell, table_loads};
use thiserror::Error;

/// A printed block.
#[derive(Clone, Debug, Serialize)]
pub struct Table {
    /// Its name.
    pub block: &'static str,
    /// Its cells.
    pub rows: Vec<Row>,
}

/// One cell.
#[derive(Clone, Debug, Serialize)]
pub struct Row {
    /// The header: `2-2x8`.
    pub header: String,
    /// Ground snow, psf; absent where no roof comes down.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub snow: Option<u32>,
    /// Building width, ft.
    pub width: u32,
    /// Span, in.
    pub span_in: i64,
    /// Jacks at each end.
    pub jacks: u8,
}

/// There is no such block.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[error("There is no block \"{name}\"; there are {}.", TableBlock::ALL.map(TableBlock::name).join(", "))]
pub struct NoSuchBlock {
    /// What was asked for.
    pub name: String,
}

const SNOWS: [u32; 3] = [30, 50, 70];
const WIDTHS: [u32; 3] = [12, 24, 36];

/// Computes a block by its name.
///
/// # Errors
/// [`NoSuchBlock`].
pub fn table(name: &str) -> Result<Table, NoSuchBlock> {
    let block = TableBlock::ALL.into_iter().find(|block| block.name() == name);
    let block = block.ok_or_else(|| NoSuchBlock { name: name.to_owned() })?;
    Ok(Table { block: block.name(), rows: rows_of(block) })
}

/// Every cell of a block.
pub fn rows_of(block: TableBlock) -> Vec<Row> {
    let depths = headers(block).into_iter().flat_map(|(plies, depths)| depths.iter().map(move |depth| (plies, *depth)));
    depths.flat_map(|(plies, depth)| cells(block, plies, depth)).collect()
}

/// The headers of a block: single plies under roofs only.
fn headers(block: TableBlock) -> Vec<(u8, &'static [Depth])> {
    let mut headers: Vec<(u8, &[Depth])> = vec![(2, &Depth::ALL), (3, &Depth::ALL[2..]), (4, &Depth::ALL[2..])];
    if block.carries_roof() {
        headers.insert(0, (1, &Depth::ALL[1..]));
    }
    headers
}

fn cells(block: TableBlock, plies: u8, depth: Depth) -> Vec<Row> {
    let snows: Vec<Option<u32>> = if block.carries_roof() { SNOWS.map(Some).to_vec() } else { vec![None] };
    let places = snows.iter().flat_map(|snow| WIDTHS.iter().map(move |width| (*snow, *width)));
    let row = |(snow, width): (Option<u32>, u32)| {
        let ground = Pressure::psf(f64::from(snow.unwrap_or(0)));
        let cell = table_cell(depth, plies, &table_loads(block, ground, Length::feet(i64::from(width))));
        let header = format!("{plies}-2x{}", depth.nominal());
        Row { header, snow, width, span_in: cell.span.to_inches().round() as i64, jacks: cell.jacks }
    };
    places.map(row).collect()
}
