//! Reading what comes in, field by field: what cannot be read is kept with its place and reading goes on, so that all of it is told at
//! once.

use std::fmt::Write as _;

use sturvek_core::job::bounds::MOST_NAMED;
use sturvek_core::job::usual_sizes::UsualRange;
use sturvek_core::measure::Length;
use sturvek_core::say;
use sturvek_core::speech::Phrase;
use thiserror::Error;
use uuid::Uuid;

use crate::typed::TypedLength;

/// What is wrong with which field.
#[derive(Clone, Debug, PartialEq, Error)]
#[error("{phrase}")]
pub struct FieldError {
    /// Where it stands: a JSON pointer (RFC 6901).
    pub pointer: String,
    /// A sentence that says what is allowed.
    pub phrase: Phrase,
}

/// Everything that is wrong, at least one.
#[derive(Clone, Debug, PartialEq, Error)]
#[error("{}", .0.first().map(ToString::to_string).unwrap_or_default())]
pub struct FieldErrors(pub Vec<FieldError>);

impl FieldErrors {
    /// One error.
    pub fn one(pointer: impl Into<String>, phrase: Phrase) -> Self {
        Self(vec![FieldError { pointer: pointer.into(), phrase }])
    }

    /// The same, standing further in.
    #[must_use]
    pub fn under(mut self, place: &str) -> Self {
        self.0.iter_mut().for_each(|error| error.pointer.insert_str(0, place));
        self
    }
}

/// Raw input that becomes a core value.
pub trait Resolve {
    /// The core's type.
    type Core;

    /// Reads every field. Where one cannot be read something stands in for it that nobody gets to see.
    fn read(&self, reader: &mut Reader) -> Self::Core;

    /// The core's value.
    ///
    /// # Errors
    /// [`FieldErrors`] with every field that cannot be read.
    fn resolve(&self) -> Result<Self::Core, FieldErrors> {
        let mut reader = Reader::default();
        let read = self.read(&mut reader);
        if reader.errors.is_empty() { Ok(read) } else { Err(FieldErrors(reader.errors)) }
    }
}

/// Reads, and keeps what cannot be read.
#[derive(Default)]
pub struct Reader {
    place: String,
    errors: Vec<FieldError>,
}

impl Reader {
    /// Reads within a field.
    pub fn under<T>(&mut self, field: &str, read: impl FnOnce(&mut Self) -> T) -> T {
        let before = self.place.len();
        let _ = write!(self.place, "/{field}");
        let read = read(self);
        self.place.truncate(before);
        read
    }

    /// Reads a field that is something by itself.
    pub fn part<R: Resolve>(&mut self, field: &str, part: &R) -> R::Core {
        self.under(field, |reader| part.read(reader))
    }

    /// Reads a field that may be left out.
    pub fn maybe_part<R: Resolve>(&mut self, field: &str, part: Option<&R>) -> Option<R::Core> {
        part.map(|part| self.part(field, part))
    }

    /// Reads every item of a list.
    pub fn each<T, U>(&mut self, field: &str, items: &[T], mut read: impl FnMut(&mut Self, &T) -> U) -> Vec<U> {
        self.under(field, |reader| {
            let place = |(index, item): (usize, &T)| reader.under(&index.to_string(), |reader| read(reader, item));
            items.iter().enumerate().map(place).collect()
        })
    }

    /// Reads every item of a list of parts.
    pub fn parts<R: Resolve>(&mut self, field: &str, items: &[R]) -> Vec<R::Core> {
        self.each(field, items, |reader, item| item.read(reader))
    }

    /// A length.
    pub fn length(&mut self, field: &str, length: &TypedLength) -> Length {
        self.take(field, length.read())
    }

    /// A place in plan, which may lie on the other side of where plans begin.
    pub fn place(&mut self, field: &str, place: &TypedLength) -> Length {
        self.take(field, place.read_place())
    }

    /// A length that may be left out.
    pub fn maybe(&mut self, field: &str, length: Option<&TypedLength>) -> Option<Length> {
        length.map(|length| self.length(field, length))
    }

    /// Lengths in a list.
    pub fn lengths(&mut self, field: &str, lengths: &[TypedLength]) -> Vec<Length> {
        self.under(field, |reader| {
            let place = |(index, length): (usize, &TypedLength)| reader.length(&index.to_string(), length);
            lengths.iter().enumerate().map(place).collect()
        })
    }

    /// The length of something that measures so much: text that is nothing but a number is inches or feet, whichever makes sense.
    pub fn meant(&mut self, field: &str, length: &TypedLength, range: UsualRange) -> Length {
        self.take(field, length.read_meant(range))
    }

    /// The identity. Whoever adds something gives it one before it is read.
    pub fn identity(&mut self, id: Option<Uuid>) -> u128 {
        if id.is_none() {
            self.refuse("id", say!("id-missing"));
        }
        id.unwrap_or_default().as_u128()
    }

    /// Keeps what is wrong with a field.
    pub fn refuse(&mut self, field: &str, phrase: Phrase) {
        if self.errors.len() < MOST_NAMED {
            let pointer = format!("{}/{field}", self.place);
            self.errors.push(FieldError { pointer, phrase });
        }
    }

    fn take<T: Default>(&mut self, field: &str, read: Result<T, Phrase>) -> T {
        read.unwrap_or_else(|phrase| {
            self.refuse(field, phrase);
            T::default()
        })
    }
}
