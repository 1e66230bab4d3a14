//! A table for a spreadsheet: heads with their units, and cells that are numbers where they are.

/// A cell.
#[derive(Clone, Debug, PartialEq)]
pub enum Cell {
    /// Words.
    Text(String),
    /// A count.
    Count(u64),
    /// A number, with so many decimals that are worth showing.
    Number(f64, u8),
    /// An amount of money in whole cents.
    Cents(i64),
    /// Nothing.
    Empty,
}

/// A table.
#[derive(Clone, Debug, PartialEq)]
pub struct Grid {
    /// What it is called.
    pub name: String,
    /// Its heads, with units.
    pub heads: Vec<String>,
    /// Its rows, each with a cell for every head.
    pub rows: Vec<Vec<Cell>>,
}
