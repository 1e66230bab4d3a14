//! The calculation sheet on the wire.

use serde::Serialize;
use sturvek_core::sizing::sheet::SheetPart as CoreSheetPart;
use sturvek_core::working::{Clause, Entry};
use utoipa::ToSchema;

use super::finite;
use crate::speech::{Phrase, QuantityUnit};

/// One part of the calculation sheet.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SheetPart {
    /// What it works out.
    pub title: Phrase,
    /// Its lines.
    pub lines: Vec<SheetLine>,
}

/// One line of working.
#[derive(Clone, Debug, Serialize, ToSchema)]
#[serde(tag = "line", rename_all = "snake_case")]
pub enum SheetLine {
    /// A computed step.
    Step {
        /// What is computed: the id of its message.
        what: String,
        /// Its symbol.
        symbol: String,
        /// The formula in symbols.
        formula: String,
        /// The formula in figures.
        figures: String,
        /// The result; left out where it is beyond all bounds.
        value: Option<f64>,
        /// Its unit.
        unit: QuantityUnit,
        /// Where the rule comes from.
        clause: ClauseView,
    },
    /// A remark.
    Note {
        /// The remark.
        text: Phrase,
    },
}

/// Where a rule comes from.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ClauseView {
    /// The standard, its edition and its clause; left out where there is none.
    pub text: Option<String>,
    /// What stands in place of a standard or behind it: from memory, statics, practice, the user.
    pub kind: ClauseKind,
}

/// How a rule is come by.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum ClauseKind {
    /// From a standard, recalled.
    FromMemory,
    /// From a standard, read.
    Read,
    /// Elementary statics.
    Statics,
    /// Common practice.
    Practice,
    /// The user's own figure.
    User,
}

/// The calculation sheet for the page.
pub fn sheet_parts(parts: &[CoreSheetPart]) -> Vec<SheetPart> {
    parts.iter().map(|part| SheetPart { title: (&part.title).into(), lines: sheet_lines(&part.entries) }).collect()
}

/// Working for the page.
pub fn sheet_lines(entries: &[Entry]) -> Vec<SheetLine> {
    let line = |entry: &Entry| match entry {
        Entry::Note(text) => SheetLine::Note { text: text.into() },
        Entry::Step(step) => SheetLine::Step {
            what: step.what.to_owned(),
            symbol: step.symbol.clone(),
            formula: step.formula.clone(),
            figures: step.figures.clone(),
            value: finite(step.value),
            unit: step.unit.into(),
            clause: step.clause.into(),
        },
    };
    entries.iter().map(line).collect()
}

impl From<Clause> for ClauseView {
    fn from(clause: Clause) -> Self {
        let kind = match clause {
            Clause::STATICS => ClauseKind::Statics,
            Clause::PRACTICE => ClauseKind::Practice,
            Clause::USER => ClauseKind::User,
            Clause { from_memory: true, .. } => ClauseKind::FromMemory,
            Clause { from_memory: false, .. } => ClauseKind::Read,
        };
        let of_a_standard = matches!(kind, ClauseKind::FromMemory | ClauseKind::Read);
        let text = format!("{} {}", clause.standard, clause.number);
        Self { text: of_a_standard.then(|| text.trim_end().to_owned()), kind }
    }
}
