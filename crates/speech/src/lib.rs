//! How the core's phrases are said. The catalogs, in Fluent's format, are the only text: one folder for each language, and for
//! English one file of words for each way of speaking. The page reads the same files with the same rules.

mod catalogs;
mod figures;
mod voice;

pub use catalogs::{files, text};
pub use figures::{Units, result};
pub use voice::{Language, Vocabulary, Voice};

/// A phrase as most users read it, for the command line, for logs and for those who only ask for a sentence.
pub fn english(phrase: &sturvek_core::speech::Phrase) -> String {
    Voice::default().say(phrase)
}
