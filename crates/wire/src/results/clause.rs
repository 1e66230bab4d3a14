//! Where a rule comes from, on the wire.

use serde::Serialize;
use sturvek_core::working::Clause;
use utoipa::ToSchema;

/// Where a rule comes from.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, ToSchema)]
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
