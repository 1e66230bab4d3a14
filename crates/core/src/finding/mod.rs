//! Findings: what is wrong or worth knowing about what was planned. Each is made by the check that finds it, from its [`Rule`]; it
//! has its place, its figures and ways out, some of which one edit goes.

use crate::job::OpeningId;
use crate::job::command::Command;
use crate::measure::Length;
use crate::speech::Phrase;

/// How much a finding matters.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Severity {
    /// Cannot be built or must not be.
    Trouble,
    /// Look at it before cutting.
    Caution,
    /// Worth knowing.
    Note,
}

/// A kind of finding. It stands in the file of the check that finds it; the catalog of findings lists them all.
#[derive(Debug, PartialEq, Eq)]
pub struct Rule {
    /// Its short name, kept for good.
    pub code: &'static str,
    /// How much it matters.
    pub severity: Severity,
    /// Whether it stops the load on its way, so that an opening does not carry.
    pub stops: bool,
}

/// Where a finding is.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Place {
    /// Which opening it is about; none if it is about the wall.
    pub opening: Option<OpeningId>,
    /// The other opening, where it is about two.
    pub and: Option<OpeningId>,
    /// Where along the wall, if it is at one place.
    pub at: Option<Length>,
}

/// What can be done about a finding.
#[derive(Clone, Debug, PartialEq)]
pub struct WayOut {
    /// In words.
    pub phrase: Phrase,
    /// The edit that does it, where one edit can.
    pub does: Option<Command>,
}

/// A finding.
#[derive(Clone, Debug, PartialEq)]
pub struct Finding {
    /// What kind of finding.
    pub rule: &'static Rule,
    /// Where.
    pub place: Place,
    /// What it is, in a sentence with its figures.
    pub phrase: Phrase,
    /// What can be done about it.
    pub ways_out: Vec<WayOut>,
}

impl Rule {
    /// Cannot be built.
    pub const fn trouble(code: &'static str) -> Self {
        Self { code, severity: Severity::Trouble, stops: false }
    }

    /// To look at before cutting.
    pub const fn caution(code: &'static str) -> Self {
        Self { code, severity: Severity::Caution, stops: false }
    }

    /// Worth knowing.
    pub const fn note(code: &'static str) -> Self {
        Self { code, severity: Severity::Note, stops: false }
    }

    /// Such that the opening does not carry.
    #[must_use]
    pub const fn stopping_the_load(mut self) -> Self {
        self.stops = true;
        self
    }

    /// Found at an opening.
    pub fn at(&'static self, opening: OpeningId, phrase: Phrase) -> Finding {
        let place = Place { opening: Some(opening), ..Place::default() };
        Finding { rule: self, place, phrase, ways_out: Vec::new() }
    }

    /// Found on the wall.
    pub fn on_the_wall(&'static self, phrase: Phrase) -> Finding {
        Finding { rule: self, place: Place::default(), phrase, ways_out: Vec::new() }
    }
}

impl Finding {
    /// At this place along the wall.
    #[must_use]
    pub const fn along(mut self, at: Length) -> Self {
        self.place.at = Some(at);
        self
    }

    /// About this opening, too.
    #[must_use]
    pub const fn and(mut self, other: OpeningId) -> Self {
        self.place.and = Some(other);
        self
    }

    /// With a way out.
    #[must_use]
    pub fn way(mut self, phrase: Phrase) -> Self {
        self.ways_out.push(WayOut { phrase, does: None });
        self
    }

    /// With a way out that one edit goes.
    #[must_use]
    pub fn way_by(mut self, phrase: Phrase, does: Command) -> Self {
        self.ways_out.push(WayOut { phrase, does: Some(does) });
        self
    }

    /// Whether it stops the load on its way through this opening.
    pub fn stops(&self, id: OpeningId) -> bool {
        self.rule.stops && (self.place.opening == Some(id) || self.place.and == Some(id))
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::say;

    static OVERLAP: Rule = Rule::trouble("packs-overlap").stopping_the_load();

    #[test]
    fn what_two_openings_share_stops_both() {
        let found = OVERLAP.at(OpeningId(1), say!("verbatim")).and(OpeningId(2));
        assert!(found.stops(OpeningId(1)) && found.stops(OpeningId(2)) && !found.stops(OpeningId(3)));
        let caution = Finding { rule: &ONLY_A_CAUTION, ..found };
        assert!(!caution.stops(OpeningId(1)));
    }

    static ONLY_A_CAUTION: Rule = Rule::caution("uplift");
}
