//! Holding values against what they may be, and keeping what is not allowed with its place.

use super::input::Input;
use super::most::MOST_NAMED;
use super::refused::{OutOfBounds, Refused, Within};
use crate::measure::{Length, Range};
use crate::say;
use crate::speech::{Argument, Phrase, distance, number};

/// Whether a character is not read but does something to how others are: control characters, line and paragraph ends, marks and overrides
/// of direction.
fn is_unreadable(letter: char) -> bool {
    let turns =
        matches!(letter, '\u{61c}' | '\u{200e}' | '\u{200f}' | '\u{202a}'..='\u{202e}' | '\u{2066}'..='\u{2069}');
    letter.is_control() || turns || matches!(letter, '\u{2028}' | '\u{2029}')
}

/// What has been found, and where the checks are.
#[derive(Default)]
pub(super) struct Checks {
    within: Vec<Within>,
    found: Vec<OutOfBounds>,
}

impl Checks {
    /// Checks within a place.
    pub(super) fn within(&mut self, step: Within, checks: impl FnOnce(&mut Self)) {
        self.within.push(step);
        checks(self);
        self.within.pop();
    }

    /// A length, against its range.
    pub(super) fn length(&mut self, input: Input, value: Length) {
        let range = input.range();
        if let Range::Length { least, most } = range {
            self.ensure((least..=most).contains(&value), input, || range.length(value));
        }
    }

    /// A length that may be left out.
    pub(super) fn maybe(&mut self, input: Input, value: Option<Length>) {
        value.into_iter().for_each(|value| self.length(input, value));
    }

    /// A number, against its range; what is not a number is not in it.
    pub(super) fn number(&mut self, input: Input, value: f64) {
        if let Range::Number { least, most, unit } = input.range() {
            self.ensure(least <= value && value <= most, input, || number(value, unit));
        }
    }

    /// How many, against its range.
    pub(super) fn count(&mut self, input: Input, count: usize) {
        if let Range::Count { least, most } = input.range() {
            self.ensure((least..=most).contains(&count), input, || count.into());
        }
    }

    /// A name: not empty, not too long, no control characters, nothing that turns the direction of writing: a name must read as it is.
    pub(super) fn text(&mut self, input: Input, text: &str) {
        if let Range::Text { most } = input.range() {
            let length = text.chars().count();
            let fine = !text.trim().is_empty() && length <= most && !text.chars().any(is_unreadable);
            let given = || {
                if most < length { say!("given-long", count = length) } else { say!("given-text", text = text) }.into()
            };
            self.ensure(fine, input, given);
        }
    }

    /// A text that may be left out: empty, or a name.
    pub(super) fn maybe_text(&mut self, input: Input, text: &str) {
        if !text.is_empty() {
            self.text(input, text);
        }
    }

    /// A place on a wall of this length.
    pub(super) fn on_wall(&mut self, input: Input, at: Length, wall_length: Length) {
        self.follow(
            (Length::ZERO..=wall_length).contains(&at),
            input,
            || distance(at),
            || say!("allowed-on-wall", length = distance(wall_length)),
        );
    }

    fn ensure(&mut self, fine: bool, input: Input, given: impl FnOnce() -> Argument) {
        if !fine {
            self.refuse(input, given(), input.range().phrase());
        }
    }

    /// A value of which the rest of the job decides what it may be.
    pub(super) fn follow(
        &mut self,
        fine: bool,
        input: Input,
        given: impl FnOnce() -> Argument,
        allowed: impl FnOnce() -> Phrase,
    ) {
        if !fine {
            self.refuse(input, given(), allowed());
        }
    }

    fn refuse(&mut self, input: Input, given: Argument, allowed: Phrase) {
        if self.found.len() < MOST_NAMED {
            self.found.push(OutOfBounds { within: self.within.clone(), input, given, allowed });
        }
    }

    /// Whether nothing was found since there were so many.
    pub(super) fn found(&self) -> usize {
        self.found.len()
    }

    pub(super) fn done(self) -> Result<(), Refused> {
        if self.found.is_empty() { Ok(()) } else { Err(Refused(self.found)) }
    }
}
