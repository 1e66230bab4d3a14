//! # A jurisdiction's own header table
//!
//! **What it does.** Looks a header up in rows that the user loaded. Between the rows' widths and snows the next heavier row
//! holds: nothing is interpolated that the jurisdiction did not print, and nothing is read beyond its last row.
//!
//! **Source.** The user's own table; common practice, no source, for reading the next heavier row.
//!
//! **Worked example.** Rows for 24 and 36 ft and 30 and 50 psf: a building 28 ft wide under 40 psf reads the row of 36 ft and
//! 50 psf.

use super::code_basis::{TableBlock, TableCell};
use super::code_question::CodeQuestion;
use crate::lumber::Depth;
use crate::measure::{Length, Pressure};

/// A loaded table.
#[derive(Clone, Debug, PartialEq)]
pub struct JurisdictionTable {
    /// What the user calls it.
    pub name: String,
    /// Its rows.
    pub rows: Vec<JurisdictionRow>,
}

/// The most rows a table may have.
pub const MOST_ROWS: usize = 4000;

/// One cell of it.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct JurisdictionRow {
    /// What the header carries.
    pub block: TableBlock,
    /// Plies of the header.
    pub plies: u8,
    /// Its depth.
    pub depth: Depth,
    /// Ground snow; `None` where the block carries no roof.
    pub snow: Option<Pressure>,
    /// Width of the building.
    pub width: Length,
    /// How far it goes.
    pub span: Length,
    /// Jacks at each end.
    pub jacks: u8,
}

impl JurisdictionTable {
    /// The cell for a header: of the rows at least as wide and as snowy, the nearest.
    pub fn cell(&self, question: &CodeQuestion, depth: Depth, plies: u8) -> Option<TableCell> {
        let heavy_enough = |row: &&JurisdictionRow| {
            row.block == question.block
                && row.plies == plies
                && row.depth == depth
                && question.width <= row.width
                && row.snow.is_none_or(|snow| question.ground_snow <= snow)
        };
        let snow = |row: &JurisdictionRow| row.snow.map_or(0.0, Pressure::to_psf);
        let row = self
            .rows
            .iter()
            .filter(heavy_enough)
            .min_by(|a, b| a.width.cmp(&b.width).then(snow(a).total_cmp(&snow(b))))?;
        Some(TableCell { span: row.span, jacks: row.jacks })
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn row(width: i64, snow: f64, span: i64) -> JurisdictionRow {
        JurisdictionRow {
            block: TableBlock::RoofCeiling,
            plies: 2,
            depth: Depth::Eight,
            snow: Some(Pressure::psf(snow)),
            width: Length::feet(width),
            span: Length::inches(span),
            jacks: 1,
        }
    }

    #[test]
    fn worked_example() {
        let rows = vec![row(24, 30.0, 83), row(24, 50.0, 70), row(36, 30.0, 71), row(36, 50.0, 59)];
        let table = JurisdictionTable { name: "county".into(), rows };
        let span = |width, snow, plies| {
            let question = CodeQuestion {
                block: TableBlock::RoofCeiling,
                width: Length::feet(width),
                ground_snow: Pressure::psf(snow),
                dropped: false,
                flat_plate: false,
            };
            table.cell(&question, Depth::Eight, plies).map(|cell| cell.span)
        };
        assert_eq!(span(28, 40.0, 2), Some(Length::inches(59)));
        assert_eq!(span(24, 30.0, 2), Some(Length::inches(83)));
        assert_eq!(span(40, 30.0, 2), None, "nothing beyond the last row");
        assert_eq!(span(24, 30.0, 3), None, "a header the table does not have");
    }
}
