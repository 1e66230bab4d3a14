//! The working: what a calculation writes down as it goes.
//!
//! Every check takes a [`Pen`]. The [`Silent`] pen computes and writes nothing (sizing sixty candidates); the [`Ink`]
//! pen keeps each step with its formula, figures, clause and result (the calculation sheet). Both run the same code.

use crate::say;
use crate::speech::Phrase;

pub mod number;

pub use number::{Number, Written, figure};

pub use crate::measure::Unit;

/// Where a rule or a formula comes from.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Clause {
    /// The standard with its edition, or "practice".
    pub standard: &'static str,
    /// Its clause, table or section; empty for practice.
    pub number: &'static str,
    /// Whether it was recalled rather than read from the published text.
    pub from_memory: bool,
}

impl Clause {
    /// A clause of the National Design Specification, ASD. Edition 2018, from memory.
    pub const fn nds(number: &'static str) -> Self {
        Self { standard: "NDS 2018", number, from_memory: true }
    }

    /// A clause of ASCE 7, from memory.
    pub const fn asce7(number: &'static str) -> Self {
        Self { standard: "ASCE 7-16", number, from_memory: true }
    }

    /// A section or table of the model residential code, from memory.
    pub const fn irc(number: &'static str) -> Self {
        Self { standard: "IRC 2021", number, from_memory: true }
    }

    /// Elementary statics: textbook formulas.
    pub const STATICS: Self = Self { standard: "Statics", number: "", from_memory: false };
    /// Common practice; no published source.
    pub const PRACTICE: Self = Self { standard: "Common practice", number: "", from_memory: false };
    /// The user's own figure.
    pub const USER: Self = Self { standard: "Your figure", number: "", from_memory: false };

    /// As it stands beside what follows from it.
    pub fn phrase(self) -> Phrase {
        let text = || format!("{} {}", self.standard, self.number).trim_end().to_owned();
        match self {
            Self::STATICS => say!("clause-statics"),
            Self::PRACTICE => say!("clause-practice"),
            Self::USER => say!("clause-user"),
            Self { from_memory: true, .. } => say!("clause-from-memory", clause = text()),
            Self { from_memory: false, .. } => Phrase::verbatim(text()),
        }
    }
}

/// One line of working: `fb = M / S = 8496 / 15.125 = 561.7 psi (NDS 2018 3.3.2)`.
#[derive(Clone, Debug, PartialEq)]
pub struct Step {
    /// What is computed: the id of its message.
    pub what: &'static str,
    /// Its symbol.
    pub symbol: String,
    /// The formula in symbols; the same as `figures` for a given value.
    pub formula: String,
    /// The formula with its numbers.
    pub figures: String,
    /// The result.
    pub value: f64,
    /// Unit of the result.
    pub unit: Unit,
    /// Where the rule comes from.
    pub clause: Clause,
}

/// Writes down what a calculation does, or does not.
pub trait Pen {
    /// The arithmetic this pen runs on.
    type Number: Number;

    /// A value that enters the calculation under a symbol.
    fn given(&mut self, symbol: &str, value: f64) -> Self::Number;

    /// A result: written down with its formula, and from here on known by its symbol.
    fn step(
        &mut self,
        what: &'static str,
        symbol: &str,
        unit: Unit,
        clause: Clause,
        result: Self::Number,
    ) -> Self::Number;

    /// A remark between the steps: an assumption, or why something was left out. Built only if it is kept.
    fn note(&mut self, remark: impl FnOnce() -> Phrase);
}

/// Computes without writing.
#[derive(Clone, Copy, Debug, Default)]
pub struct Silent;

impl Pen for Silent {
    type Number = f64;

    fn given(&mut self, _symbol: &str, value: f64) -> f64 {
        value
    }

    fn step(&mut self, _what: &'static str, _symbol: &str, _unit: Unit, _clause: Clause, result: f64) -> f64 {
        result
    }

    fn note(&mut self, _remark: impl FnOnce() -> Phrase) {}
}

/// One entry of the written working.
#[derive(Clone, Debug, PartialEq)]
pub enum Entry {
    /// A computed step.
    Step(Step),
    /// A remark.
    Note(Phrase),
}

/// Computes and writes every step down.
#[derive(Clone, Debug, Default)]
pub struct Ink {
    entries: Vec<Entry>,
}

impl Ink {
    /// What was written, in order.
    pub fn into_entries(self) -> Vec<Entry> {
        self.entries
    }
}

impl Pen for Ink {
    type Number = Written;

    fn given(&mut self, symbol: &str, value: f64) -> Written {
        Written::named(symbol, value)
    }

    fn step(&mut self, what: &'static str, symbol: &str, unit: Unit, clause: Clause, result: Written) -> Written {
        let value = result.value();
        self.entries.push(Entry::Step(Step {
            what,
            symbol: symbol.to_owned(),
            formula: result.symbols().to_owned(),
            figures: result.figures().to_owned(),
            value,
            unit,
            clause,
        }));
        Written::named(symbol, value)
    }

    fn note(&mut self, remark: impl FnOnce() -> Phrase) {
        self.entries.push(Entry::Note(remark()));
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn stress<P: Pen>(pen: &mut P) -> f64 {
        let moment = pen.given("M", 8496.0);
        let section = pen.given("S", 15.125);
        pen.step("bending stress", "fb", Unit::Psi, Clause::nds("3.3.2"), moment / section).value()
    }

    #[test]
    fn both_pens_compute_the_same_and_ink_keeps_the_step() {
        let mut ink = Ink::default();
        assert!((stress(&mut ink) - stress(&mut Silent)).abs() < 1e-12);
        let entries = ink.into_entries();
        let Some(Entry::Step(step)) = entries.first() else { panic!("no step") };
        assert_eq!((step.formula.as_str(), step.figures.as_str()), ("M / S", "8496 / 15.125"));
        assert_eq!(step.unit.symbol(), "psi");
    }
}
