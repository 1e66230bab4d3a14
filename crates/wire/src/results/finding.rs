//! What was found, with its ways out.

use serde::Serialize;
use sturvek_core::finding::{Finding, WayOut};
use sturvek_core::framing::OpeningPlan;
use sturvek_core::measure::Length;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::FindingSeverity;
use crate::command::Command;
use crate::speech::Phrase;

/// A finding.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct FindingView {
    /// Its short name, kept for good.
    pub code: String,
    /// How much it matters.
    pub severity: FindingSeverity,
    /// Which opening it is about; left out where it is about the wall.
    pub opening: Option<Uuid>,
    /// That opening's letter on the wall; empty where it is about the wall.
    pub letter: String,
    /// Where along the wall it is, if it is at one place.
    pub at: Option<i64>,
    /// What it is.
    pub sentence: Phrase,
    /// What can be done.
    pub ways_out: Vec<WayOutView>,
}

/// What can be done about a finding.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct WayOutView {
    /// In words.
    pub phrase: Phrase,
    /// The edit that does it, where one edit can.
    pub does: Option<Command>,
}

pub(super) fn finding(finding: &Finding, openings: &[OpeningPlan]) -> FindingView {
    let place = finding.place;
    let about = openings.iter().find(|opening| Some(opening.id) == place.opening);
    let way = |way: &WayOut| WayOutView { phrase: (&way.phrase).into(), does: way.does.as_ref().map(Into::into) };
    FindingView {
        code: finding.rule.code.to_owned(),
        at: place.at.map(Length::nanometers),
        letter: about.map_or_else(String::new, |opening| opening.letter.to_string()),
        severity: finding.rule.severity.into(),
        opening: place.opening.map(|id| Uuid::from_u128(id.0)),
        sentence: (&finding.phrase).into(),
        ways_out: finding.ways_out.iter().map(way).collect(),
    }
}
