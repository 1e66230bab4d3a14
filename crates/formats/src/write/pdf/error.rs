//! Why a paper is not written.

use thiserror::Error;

/// Why a paper is not written.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
pub enum PdfError {
    /// The faces that are built in cannot be read.
    #[error("the faces cannot be read")]
    Faces,
    /// What was written is no document.
    #[error("the document cannot be written: {0}")]
    Document(String),
}
