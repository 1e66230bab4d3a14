//! Values as columns keep them.

use sea_orm::entity::prelude::*;
use serde::Serialize;
use serde::de::DeserializeOwned;
use sturvek_wire::saved::{self, Saved};
use sturvek_wire::{FieldErrors, TypedLength};

use crate::error::StoreError;

/// A closed choice as the word the wire uses for it.
pub fn word<T: Serialize>(choice: T) -> Result<String, StoreError> {
    match serde_json::to_value(choice) {
        Ok(serde_json::Value::String(word)) => Ok(word),
        other => Err(StoreError::UnknownValue(format!("{other:?}"))),
    }
}

/// A word as the closed choice it names.
pub fn choice<T: DeserializeOwned>(word: &str) -> Result<T, StoreError> {
    serde_json::from_value(serde_json::Value::String(word.to_owned()))
        .map_err(|error| StoreError::UnknownValue(error.to_string()))
}

/// A value kept as a document.
pub fn document<T: Serialize>(value: &T) -> Result<Json, StoreError> {
    serde_json::to_value(value).map_err(|error| StoreError::UnknownValue(error.to_string()))
}

/// The form that is written, as its column keeps it.
pub const FORM: i16 = saved::FORM.cast_signed();

/// The form that a column names.
pub fn form_of(column: i16) -> Result<u16, StoreError> {
    u16::try_from(column).map_err(|_| StoreError::UnknownValue(format!("form {column}")))
}

/// Reads the documents of rows that are kept in one form.
#[derive(Clone, Copy)]
pub struct Documents {
    /// The form.
    pub form: u16,
}

impl Documents {
    /// A document.
    pub fn read<T: Saved>(self, document: Json) -> Result<T, StoreError> {
        Ok(saved::read(self.form, document)?)
    }
}

/// A column that holds something.
pub fn needed<T>(column: &str, value: Option<T>) -> Result<T, StoreError> {
    value.ok_or_else(|| StoreError::UnknownValue(format!("{column} is empty")))
}

/// A length as its column keeps it.
pub fn nanometers(length: &TypedLength) -> Result<i64, FieldErrors> {
    Ok(length.read().map_err(|message| FieldErrors::one("", message))?.nanometers())
}

/// A length that may be left out.
pub fn maybe_nanometers(length: Option<&TypedLength>) -> Result<Option<i64>, FieldErrors> {
    length.map(nanometers).transpose()
}

/// A column as a length.
pub const fn typed(nanometers: i64) -> TypedLength {
    TypedLength::Nanometers(nanometers)
}
