//! A part of the calculation sheet: what it works out, and the working.

use crate::speech::Phrase;
use crate::working::Entry;

/// One part of the sheet.
#[derive(Clone, Debug, PartialEq)]
pub struct SheetPart {
    /// What it works out, such as "bending, D+S".
    pub title: Phrase,
    /// The working.
    pub entries: Vec<Entry>,
}
