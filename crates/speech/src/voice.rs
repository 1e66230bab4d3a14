//! A user's voice: language, words and units.

use std::collections::BTreeMap;
use std::sync::{Arc, Mutex, OnceLock};

use fluent_bundle::concurrent::FluentBundle;
use fluent_bundle::{FluentArgs, FluentResource, FluentValue};
use sturvek_core::speech::{Argument, Joined, Phrase};
use unic_langid::LanguageIdentifier;

use crate::catalogs::{files, text};
use crate::figures::{self, Units};

/// A language that there is a catalog of.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord)]
pub enum Language {
    /// English, in one of its ways of speaking.
    #[default]
    English,
    /// Spanish. What a crew does not read is said in English still.
    Spanish,
}

/// A way of speaking English.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord)]
pub enum Vocabulary {
    /// Header, jack, king.
    #[default]
    Jack,
    /// Header, trimmer, king.
    Trimmer,
    /// Lintel, jamb stud, full-height stud.
    Lintel,
}

impl Language {
    /// Every language.
    pub const ALL: [Self; 2] = [Self::English, Self::Spanish];

    /// Its tag, which is its folder's name.
    pub const fn tag(self) -> &'static str {
        match self {
            Self::English => "en",
            Self::Spanish => "es",
        }
    }
}

impl Vocabulary {
    /// Every way of speaking.
    pub const ALL: [Self; 3] = [Self::Jack, Self::Trimmer, Self::Lintel];

    /// Its file's name.
    pub const fn tag(self) -> &'static str {
        match self {
            Self::Jack => "jack",
            Self::Trimmer => "trimmer",
            Self::Lintel => "lintel",
        }
    }
}

/// How a user is spoken to.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Voice {
    /// In which language.
    pub language: Language,
    /// In which words, where the language is English.
    pub vocabulary: Vocabulary,
    /// In which units.
    pub units: Units,
}

impl Voice {
    /// Says a phrase. What a catalog lacks is said in English; what no catalog has, by its id and arguments.
    pub fn say(self, phrase: &Phrase) -> String {
        let mut arguments = FluentArgs::new();
        for (name, argument) in &phrase.arguments {
            arguments.set(name.clone(), self.value(argument));
        }
        let languages = if self.language == Language::English { &[Language::English][..] } else { &Language::ALL };
        let said = languages.iter().rev().find_map(|language| {
            let bundle = bundle(*language, self.vocabulary);
            let message = bundle.get_message(&phrase.id)?.value()?;
            let mut faults = Vec::new();
            Some(bundle.format_pattern(message, Some(&arguments), &mut faults).into_owned())
        });
        said.unwrap_or_else(|| phrase.to_string())
    }

    fn value(self, argument: &Argument) -> FluentValue<'static> {
        let text = match argument {
            Argument::Length(length) => figures::length(*length, self.units),
            Argument::Distance(length) => figures::distance(*length, self.units),
            Argument::Quantity { value, unit, decimals } => figures::quantity(*value, *unit, *decimals, self.units),
            Argument::Percent(ratio) => figures::percent(*ratio),
            Argument::Count(count) => return FluentValue::from(*count),
            Argument::Text(text) => text.clone(),
            Argument::Phrase(phrase) => self.say(phrase),
            Argument::Phrases(phrases, joined) => {
                let said: Vec<String> = phrases.iter().map(|phrase| self.say(phrase)).collect();
                said.join(match joined {
                    Joined::Commas => ", ",
                    Joined::Semicolons => "; ",
                    Joined::Sentences => " ",
                })
            }
        };
        FluentValue::from(text)
    }
}

type Bundle = FluentBundle<FluentResource>;

/// The messages of a language in a way of speaking, read once.
fn bundle(language: Language, vocabulary: Vocabulary) -> Arc<Bundle> {
    type Read = Mutex<BTreeMap<(Language, Vocabulary), Arc<Bundle>>>;
    static READ: OnceLock<Read> = OnceLock::new();
    // Nothing that panics holds this lock.
    let mut read = READ.get_or_init(Mutex::default).lock().unwrap_or_else(std::sync::PoisonError::into_inner);
    read.entry((language, vocabulary)).or_insert_with(|| Arc::new(read_bundle(language, vocabulary))).clone()
}

fn read_bundle(language: Language, vocabulary: Vocabulary) -> Bundle {
    let locale: LanguageIdentifier = language.tag().parse().unwrap_or_default();
    let mut bundle = Bundle::new_concurrent(vec![locale]);
    bundle.set_use_isolating(false);
    let words = format!("{}/words/{}.ftl", language.tag(), vocabulary.tag());
    for name in files(language.tag()).into_iter().chain([words]) {
        // What is wrong in a file, a test of the catalogs says.
        let resource = FluentResource::try_new(text(&name)).unwrap_or_else(|(partly, _)| partly);
        bundle.add_resource_overriding(resource);
    }
    bundle
}

#[cfg(test)]
mod tests {
    use super::*;
    use sturvek_core::measure::{End, Length};
    use sturvek_core::say;
    use sturvek_core::speech::distance;

    fn overlap() -> Phrase {
        say!("finding-past-the-end", end = End::Left, by = Length::inches_and(7, 1, 4))
    }

    #[test]
    fn a_phrase_is_said_in_the_users_language_words_and_units() {
        assert_eq!(Voice::default().say(&overlap()), "The pack reaches 7 1/4\" past the wall's left end.");
        let spanish = Voice { language: Language::Spanish, units: Units::Metric, ..Voice::default() };
        assert_eq!(spanish.say(&overlap()), "El paquete sobresale 184.2 mm del extremo izquierdo del muro.");
        let few = say!("finding-fewer-jacks-than-needed", end = End::Right, decided = 1_u8, needed = 2_u8);
        assert_eq!(Voice::default().say(&few), "1 jack at the right end, 2 needed.");
        let trimmer = Voice { vocabulary: Vocabulary::Trimmer, ..Voice::default() };
        assert_eq!(trimmer.say(&few), "1 trimmer at the right end, 2 needed.");
    }

    #[test]
    fn what_a_language_lacks_is_said_in_english() {
        let history = say!("point-load", name = "girder", at = distance(Length::feet(4)));
        let spanish = Voice { language: Language::Spanish, ..Voice::default() };
        assert!(spanish.say(&history).starts_with("girder"));
        assert_eq!(spanish.say(&Phrase::plain("no-such-message")), "no-such-message");
    }
}
