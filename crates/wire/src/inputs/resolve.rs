//! From raw input to core values.

use sturvek_core::measure::Length;
use uuid::Uuid;

use crate::typed::{FieldError, TypedLength};

/// Raw input that becomes a core value, or says which field is wrong.
pub trait Resolve {
    /// The core's type.
    type Core;
    /// Reads every field.
    ///
    /// # Errors
    /// [`FieldError`] for the first field that cannot be read.
    fn resolve(&self) -> Result<Self::Core, FieldError>;
}

/// The identity. Whoever adds something gives it one before it is resolved.
pub(super) fn identity(id: Option<Uuid>) -> Result<u128, FieldError> {
    id.map(|id| id.as_u128()).ok_or_else(|| FieldError::new("id", "The id is missing."))
}

/// A length that may be left out.
pub(super) fn maybe(field: &str, length: Option<&TypedLength>) -> Result<Option<Length>, FieldError> {
    length.map(|length| length.read(field)).transpose()
}
