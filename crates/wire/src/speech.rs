//! Phrases on the wire: a message id and its arguments, figures with their kind. The page says them from the same catalogs.

use std::borrow::Cow;
use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};
use sturvek_core::measure::{Length, Unit};
use sturvek_core::speech;
use utoipa::ToSchema;

/// A message with its figures, in no language yet.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Phrase {
    /// What the catalogs know it by.
    pub id: String,
    /// What fills its places, by name.
    #[serde(default, skip_serializing_if = "BTreeMap::is_empty")]
    pub args: BTreeMap<String, Argument>,
}

/// One argument of a message.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Argument {
    /// A length that is cut or measured at once, nanometers.
    Length(i64),
    /// A place along a wall or a long length, nanometers.
    Distance(i64),
    /// An engineering quantity.
    Quantity {
        /// In its unit.
        value: f64,
        /// The unit it was computed in.
        unit: QuantityUnit,
        /// To so many decimals.
        decimals: u8,
    },
    /// A ratio that is said as a percentage; left out where it is beyond all bounds.
    Percent(Option<f64>),
    /// How many.
    Count(i64),
    /// The user's own words, a letter, a species, a grade, a section.
    Text(String),
    /// A phrase within.
    #[schema(no_recursion)]
    Phrase(Box<Phrase>),
    /// Phrases within.
    Phrases(Phrases),
}

/// Several phrases in one place.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Phrases {
    /// The phrases.
    #[schema(no_recursion)]
    pub of: Vec<Phrase>,
    /// What stands between them.
    pub joined: Joined,
}

/// What stands between phrases.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Joined {
    /// A comma.
    Commas,
    /// A semicolon.
    Semicolons,
    /// Nothing: they are sentences.
    Sentences,
}

macro_rules! units {
    ($($unit:ident),*) => {
        /// The unit something was computed in.
        #[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
        #[serde(rename_all = "snake_case")]
        #[allow(missing_docs, reason = "each is a unit's name")]
        pub enum QuantityUnit {
            $($unit),*
        }

        impl From<Unit> for QuantityUnit {
            fn from(unit: Unit) -> Self {
                match unit {
                    $(Unit::$unit => Self::$unit),*
                }
            }
        }

        impl From<QuantityUnit> for Unit {
            fn from(unit: QuantityUnit) -> Self {
                match unit {
                    $(QuantityUnit::$unit => Self::$unit),*
                }
            }
        }
    };
}

units!(
    None,
    Inches,
    Feet,
    SquareInches,
    SquareFeet,
    CubicInches,
    InchesFourth,
    Pounds,
    PoundsPerFoot,
    PoundsPerInch,
    PoundsPerSquareFoot,
    PoundsPerCubicFoot,
    MilesPerHour,
    Psi,
    PoundInches,
    Cents
);

impl Phrase {
    /// A message without arguments, by its id.
    pub fn plain(id: &str) -> Self {
        Self { id: id.to_owned(), args: BTreeMap::new() }
    }
}

impl From<&speech::Phrase> for Phrase {
    fn from(phrase: &speech::Phrase) -> Self {
        let args = phrase.arguments.iter().map(|(name, argument)| (name.to_string(), argument.into()));
        Self { id: phrase.id.to_string(), args: args.collect() }
    }
}

impl From<speech::Phrase> for Phrase {
    fn from(phrase: speech::Phrase) -> Self {
        Self::from(&phrase)
    }
}

impl From<&speech::Argument> for Argument {
    fn from(argument: &speech::Argument) -> Self {
        match argument {
            speech::Argument::Length(length) => Self::Length(length.nanometers()),
            speech::Argument::Distance(length) => Self::Distance(length.nanometers()),
            speech::Argument::Quantity { value, unit, decimals } => {
                Self::Quantity { value: *value, unit: (*unit).into(), decimals: *decimals }
            }
            speech::Argument::Percent(ratio) => Self::Percent(Some(*ratio).filter(|ratio| ratio.is_finite())),
            speech::Argument::Count(count) => Self::Count(*count),
            speech::Argument::Text(text) => Self::Text(text.clone()),
            speech::Argument::Phrase(phrase) => Self::Phrase(Box::new((&**phrase).into())),
            speech::Argument::Phrases(phrases, joined) => Self::Phrases(Phrases {
                of: phrases.iter().map(Into::into).collect(),
                joined: match joined {
                    speech::Joined::Commas => Joined::Commas,
                    speech::Joined::Semicolons => Joined::Semicolons,
                    speech::Joined::Sentences => Joined::Sentences,
                },
            }),
        }
    }
}

impl From<Phrase> for speech::Phrase {
    fn from(phrase: Phrase) -> Self {
        let arguments = phrase.args.into_iter().map(|(name, argument)| (Cow::Owned(name), argument.into()));
        Self { id: Cow::Owned(phrase.id), arguments: arguments.collect() }
    }
}

impl From<Argument> for speech::Argument {
    fn from(argument: Argument) -> Self {
        match argument {
            Argument::Length(nanometers) => Self::Length(Length::from_nanometers(nanometers)),
            Argument::Distance(nanometers) => Self::Distance(Length::from_nanometers(nanometers)),
            Argument::Quantity { value, unit, decimals } => Self::Quantity { value, unit: unit.into(), decimals },
            Argument::Percent(ratio) => Self::Percent(ratio.unwrap_or(f64::INFINITY)),
            Argument::Count(count) => Self::Count(count),
            Argument::Text(text) => Self::Text(text),
            Argument::Phrase(phrase) => Self::Phrase(Box::new((*phrase).into())),
            Argument::Phrases(Phrases { of, joined }) => {
                let joined = match joined {
                    Joined::Commas => speech::Joined::Commas,
                    Joined::Semicolons => speech::Joined::Semicolons,
                    Joined::Sentences => speech::Joined::Sentences,
                };
                Self::Phrases(of.into_iter().map(Into::into).collect(), joined)
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use sturvek_core::measure::Force;
    use sturvek_core::say;
    use sturvek_core::speech::{Joined as CoreJoined, distance, percent};

    #[test]
    fn a_phrase_comes_back_from_json_the_same() {
        let inner = say!("verdict-hardest", what = "x", at = percent(0.5));
        let phrase = say!(
            "below",
            what = "x",
            combination = inner.clone(),
            force = Force::lbf(1234.5),
            from = distance(Length::feet(7)),
            parts = speech::Argument::Phrases(vec![inner.clone(), inner], CoreJoined::Semicolons),
            studs = 2_u8,
            to = Length::inches_and(1, 1, 16),
        );
        let json = serde_json::to_string(&Phrase::from(&phrase)).expect("JSON");
        let read: Phrase = serde_json::from_str(&json).expect("read");
        // By name: in which order arguments stand says nothing.
        assert_eq!(Phrase::from(speech::Phrase::from(read)), Phrase::from(&phrase));
        assert!(json.contains(r#""from":{"distance":2133600000}"#), "{json}");
    }
}
