//! What each input may be, on the wire: a page shows it where it is typed.

use std::borrow::Cow;

use serde::{Serialize, Serializer};
use sturvek_core::job::Input;
use sturvek_core::measure::Range;
use utoipa::openapi::schema::{ObjectBuilder, SchemaType, Type};
use utoipa::openapi::{RefOr, Schema};
use utoipa::{PartialSchema, ToSchema};

use crate::speech::{Phrase, QuantityUnit};

/// What an input is known by: `roof-dead`.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct InputName(pub Input);

impl InputName {
    /// As it is written: its message without what says that it is an input.
    pub fn as_text(self) -> String {
        let Phrase { id, .. } = self.0.phrase().into();
        id.trim_start_matches("input-").to_owned()
    }
}

impl Serialize for InputName {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        serializer.serialize_str(&self.as_text())
    }
}

impl PartialSchema for InputName {
    fn schema() -> RefOr<Schema> {
        let names = Input::ALL.iter().map(|input| Self(*input).as_text());
        let object = ObjectBuilder::new().schema_type(SchemaType::Type(Type::String)).enum_values(Some(names));
        object.description(Some("What an input is known by.")).into()
    }
}

impl ToSchema for InputName {
    fn name() -> Cow<'static, str> {
        Cow::Borrowed("InputName")
    }
}

/// What an input may be.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct InputRange {
    /// Which input.
    pub input: InputName,
    /// The least: nanometers, a number of its unit, or so many; left out where there is none.
    pub least: Option<f64>,
    /// The most, likewise.
    pub most: f64,
    /// The unit of a number.
    pub unit: Option<QuantityUnit>,
    /// From the least to the most, in words.
    pub words: Phrase,
}

/// Every input that has a range of its own. What the rest of the job decides has none.
pub fn input_ranges() -> Vec<InputRange> {
    let range = |input: Input| {
        let range = input.range();
        let (least, most, unit) = match range {
            Range::Length { least, most } => (Some(least.nanometers() as f64), most.nanometers() as f64, None),
            Range::Number { least, most, unit } => (Some(least), most, Some(unit.into())),
            Range::Count { least, most } => (Some(least as f64), most as f64, None),
            Range::Text { most } => (None, most as f64, None),
            Range::Follows => return None,
        };
        Some(InputRange { input: InputName(input), least, most, unit, words: range.phrase().into() })
    };
    Input::ALL.iter().filter_map(|input| range(*input)).collect()
}

#[cfg(test)]
mod tests {
    use std::collections::BTreeSet;

    use super::*;

    #[test]
    fn every_input_has_a_name_of_its_own() {
        let names: BTreeSet<String> = Input::ALL.iter().map(|input| InputName(*input).as_text()).collect();
        assert_eq!(names.len(), Input::ALL.len());
        assert!(names.contains("roof-dead"), "{names:?}");
    }

    #[test]
    fn ranges_are_sent_as_they_are_held_against() {
        let ranges = input_ranges();
        let of = |input: Input| ranges.iter().find(|range| range.input.0 == input).expect("it has a range");
        let snow = of(Input::Snow);
        assert_eq!((snow.least, snow.most, snow.unit), (Some(0.0), 300.0, Some(QuantityUnit::PoundsPerSquareFoot)));
        assert_eq!(of(Input::WallLength).least, Some(24.0 * 25_400_000.0));
        assert!(ranges.iter().all(|range| range.least.is_none_or(|least| least < range.most)));
        assert!(!ranges.iter().any(|range| range.input.0 == Input::SawnSize), "the rest of the job decides it");
    }
}
