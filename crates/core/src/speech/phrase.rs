//! A message with its figures, in no language yet, and what fills its places: figures with their kind, names, other phrases.

use std::borrow::{Borrow, Cow};
use std::fmt;

use crate::measure::{End, Force, Length, LengthStyle, LineLoad, Pressure, Stress, Unit, significant};

/// A message id with typed arguments. The catalogs say it in a language, in a user's words and units.
#[derive(Clone, Debug, PartialEq)]
pub struct Phrase {
    /// What the catalogs know it by.
    pub id: Cow<'static, str>,
    /// What fills its places, by name.
    pub arguments: Vec<(Cow<'static, str>, Argument)>,
}

impl Phrase {
    /// A message without arguments.
    pub const fn plain(id: &'static str) -> Self {
        Self { id: Cow::Borrowed(id), arguments: Vec::new() }
    }

    /// The same with one argument more.
    #[must_use]
    pub fn with(mut self, name: &'static str, argument: impl Into<Argument>) -> Self {
        self.arguments.push((Cow::Borrowed(name), argument.into()));
        self
    }

    /// Words that are nobody's but the user's.
    pub fn verbatim(text: impl Into<String>) -> Self {
        Self::plain("verbatim").with("text", text.into())
    }

    /// The argument of that name.
    pub fn argument(&self, name: &str) -> Option<&Argument> {
        self.arguments.iter().find(|(of, _)| of == name).map(|(_, argument)| argument)
    }

    /// Phrases with commas between them, each once, in the order of the first.
    pub fn each_once(phrases: impl IntoIterator<Item = Self>) -> Self {
        let mut once: Vec<Self> = Vec::new();
        for phrase in phrases {
            if !once.contains(&phrase) {
                once.push(phrase);
            }
        }
        Self::several(once, Joined::Commas)
    }

    /// Several phrases as one; the one itself where there is one.
    pub fn several(mut phrases: Vec<Self>, joined: Joined) -> Self {
        match phrases.len() {
            1 => phrases.remove(0),
            _ => Self::plain("several").with("phrases", Argument::Phrases(phrases, joined)),
        }
    }
}

/// For logs and tests: `past-the-end (by: 3/4", end: left)`. Users are spoken to from the catalogs.
impl fmt::Display for Phrase {
    fn fmt(&self, formatter: &mut fmt::Formatter<'_>) -> fmt::Result {
        formatter.write_str(&self.id)?;
        if self.arguments.is_empty() {
            return Ok(());
        }
        let of = |(name, argument): &(Cow<'static, str>, Argument)| format!("{name}: {argument}");
        write!(formatter, " ({})", self.arguments.iter().map(of).collect::<Vec<_>>().join(", "))
    }
}

/// A phrase: `say!("past-the-end", end, by)`, `say!("plate-break", at = distance(at))`. The id has to be in the catalogs, with
/// the same arguments; a test of the catalogs reads every use.
#[macro_export]
macro_rules! say {
    ($id:literal $(, $name:ident $(= $value:expr)?)* $(,)?) => {
        $crate::speech::Phrase::plain($id)$(.with(stringify!($name), $crate::say!(@value $name $(= $value)?)))*
    };
    (@value $name:ident) => { $name.clone() };
    (@value $name:ident = $value:expr) => { $value };
}

/// How several phrases stand in one place.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Joined {
    /// `a, b, c`.
    Commas,
    /// `a; b; c`.
    Semicolons,
    /// Sentence after sentence.
    Sentences,
}

/// One argument of a message.
#[derive(Clone, Debug, PartialEq)]
pub enum Argument {
    /// A length that is cut or measured at once: `37 1/2"`.
    Length(Length),
    /// A place along a wall, or a length longer than an arm: `7'-6 1/2"`.
    Distance(Length),
    /// An engineering quantity, to so many decimals in the unit it was computed in.
    Quantity {
        /// In that unit.
        value: f64,
        /// The unit it was computed in.
        unit: Unit,
        /// How many decimals.
        decimals: u8,
    },
    /// Demand over capacity, or a share: 0.93 is said as 93 %.
    Percent(f64),
    /// How many.
    Count(i64),
    /// The user's own words, a letter, a species, a grade, a section.
    Text(String),
    /// A phrase within.
    Phrase(Box<Phrase>),
    /// Phrases within.
    Phrases(Vec<Phrase>, Joined),
}

/// A place along a wall, or a length said in feet.
pub fn distance(length: impl Borrow<Length>) -> Argument {
    Argument::Distance(*length.borrow())
}

/// A ratio as a percentage.
pub const fn percent(ratio: f64) -> Argument {
    Argument::Percent(ratio)
}

/// A quantity to so many decimals.
pub const fn decimal(value: f64, unit: Unit, decimals: u8) -> Argument {
    Argument::Quantity { value, unit, decimals }
}

impl Argument {
    /// An area of glass or wall.
    pub const fn from_square_feet(value: f64) -> Self {
        decimal(value, Unit::SquareFeet, 1)
    }
}

impl From<&Length> for Argument {
    fn from(length: &Length) -> Self {
        Self::Length(*length)
    }
}

impl From<&String> for Argument {
    fn from(text: &String) -> Self {
        Self::Text(text.clone())
    }
}

impl From<Length> for Argument {
    fn from(length: Length) -> Self {
        Self::Length(length)
    }
}

impl From<Force> for Argument {
    fn from(force: Force) -> Self {
        decimal(force.to_lbf(), Unit::Pounds, 0)
    }
}

impl From<LineLoad> for Argument {
    fn from(load: LineLoad) -> Self {
        decimal(load.to_plf(), Unit::PoundsPerFoot, 0)
    }
}

impl From<Pressure> for Argument {
    fn from(pressure: Pressure) -> Self {
        let decimals = if (pressure.to_psf() - pressure.to_psf().round()).abs() < 0.005 { 0 } else { 1 };
        decimal(pressure.to_psf(), Unit::PoundsPerSquareFoot, decimals)
    }
}

impl From<Stress> for Argument {
    fn from(stress: Stress) -> Self {
        decimal(stress.to_psi(), Unit::Psi, 0)
    }
}

macro_rules! counted {
    ($($number:ty),*) => {
        $(impl From<$number> for Argument {
            fn from(count: $number) -> Self {
                Self::Count(i64::from(count))
            }
        })*
    };
}

counted!(u8, u16, u32, i32, i64);

impl From<usize> for Argument {
    fn from(count: usize) -> Self {
        Self::Count(i64::try_from(count).unwrap_or(i64::MAX))
    }
}

impl From<&str> for Argument {
    fn from(text: &str) -> Self {
        Self::Text(text.to_owned())
    }
}

impl From<String> for Argument {
    fn from(text: String) -> Self {
        Self::Text(text)
    }
}

impl From<char> for Argument {
    fn from(letter: char) -> Self {
        Self::Text(letter.to_string())
    }
}

impl From<Phrase> for Argument {
    fn from(phrase: Phrase) -> Self {
        Self::Phrase(Box::new(phrase))
    }
}

impl From<End> for Argument {
    fn from(end: End) -> Self {
        Self::Text(end.word().to_owned())
    }
}

/// For logs and tests; users are spoken to from the catalogs.
impl fmt::Display for Argument {
    fn fmt(&self, formatter: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Self::Length(length) => formatter.write_str(&length.written(LengthStyle::Inches)),
            Self::Distance(length) => formatter.write_str(&length.written(LengthStyle::FeetInches)),
            Self::Quantity { value, unit, .. } => {
                write!(formatter, "{} {}", significant(*value, 4), unit.symbol())
            }
            Self::Percent(ratio) => write!(formatter, "{:.0} %", 100.0 * ratio),
            Self::Count(count) => write!(formatter, "{count}"),
            Self::Text(text) => formatter.write_str(text),
            Self::Phrase(phrase) => write!(formatter, "{phrase}"),
            Self::Phrases(phrases, _) => {
                let said: Vec<String> = phrases.iter().map(Phrase::to_string).collect();
                formatter.write_str(&said.join(", "))
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::measure::Length;

    #[test]
    fn a_phrase_keeps_its_figures() {
        let by = Length::inches_and(0, 3, 4);
        let phrase = say!("verbatim", by, at = distance(Length::feet(7)), wall = "North");
        assert_eq!(phrase.argument("by"), Some(&Argument::Length(by)));
        assert_eq!(phrase.to_string(), "verbatim (by: 3/4\", at: 7'-0\", wall: North)");
        assert_eq!(Phrase::several(vec![phrase.clone()], Joined::Commas), phrase);
    }
}
