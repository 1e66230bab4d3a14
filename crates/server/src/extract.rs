//! Extractors whose refusals are problem details, and answers that are written before they are sent.

use std::io::Write;
use std::marker::PhantomData;

use axum::body::Bytes;
use axum::extract::{FromRequest, FromRequestParts, Query, Request};
use axum::http::header;
use axum::http::request::Parts;
use axum::response::{IntoResponse, Response};
use flate2::Compression;
use flate2::write::GzEncoder;
use serde::Serialize;
use serde::de::DeserializeOwned;
use serde_path_to_error::{Path, Segment};
use sturvek_core::say;
use sturvek_wire::FieldErrors;

use crate::problem::Problem;

/// An answer as JSON, written where it was computed.
#[derive(Debug)]
pub struct Written<T> {
    json: Bytes,
    of: PhantomData<T>,
}

impl<T: Serialize> Written<T> {
    /// Writes an answer.
    ///
    /// # Errors
    /// 500 if it cannot be written.
    pub fn of(answer: &T) -> Result<Self, Problem> {
        let json = serde_json::to_vec(answer).map_err(|error| Problem::internal(&error))?;
        Ok(Self { json: json.into(), of: PhantomData })
    }
}

impl<T> Written<T> {
    /// The answer compressed, quickly rather than small.
    ///
    /// # Errors
    /// 500 if it cannot be compressed.
    pub fn compressed(&self) -> Result<Bytes, Problem> {
        let mut zipped = GzEncoder::new(Vec::with_capacity(self.json.len() / 4), Compression::fast());
        let done = zipped.write_all(&self.json).and_then(|()| zipped.finish());
        done.map(Bytes::from).map_err(|error| Problem::internal(&error))
    }
}

impl<T> IntoResponse for Written<T> {
    fn into_response(self) -> Response {
        ([(header::CONTENT_TYPE, "application/json")], self.json).into_response()
    }
}

/// A JSON body. What cannot be read names the field.
pub struct Body<T>(pub T);

impl<T: DeserializeOwned, S: Send + Sync> FromRequest<S> for Body<T> {
    type Rejection = Problem;

    async fn from_request(request: Request, state: &S) -> Result<Self, Problem> {
        let bytes = Bytes::from_request(request, state).await?;
        let deserializer = &mut serde_json::Deserializer::from_slice(&bytes);
        serde_path_to_error::deserialize(deserializer).map(Self).map_err(|error| {
            let message = say!("request-not-understood", why = error.inner().to_string());
            Problem::fields(FieldErrors::one(pointer(error.path()), message))
        })
    }
}

/// The JSON pointer to a place in a body.
fn pointer(path: &Path) -> String {
    let step = |segment: &Segment| match segment {
        Segment::Seq { index } => format!("/{index}"),
        Segment::Map { key } => format!("/{}", key.replace('~', "~0").replace('/', "~1")),
        Segment::Enum { .. } | Segment::Unknown => String::new(),
    };
    path.iter().map(step).collect()
}

/// Ids in the address.
pub struct Ids<T>(pub T);

impl<T: DeserializeOwned + Send, S: Send + Sync> FromRequestParts<S> for Ids<T> {
    type Rejection = Problem;

    async fn from_request_parts(parts: &mut Parts, state: &S) -> Result<Self, Problem> {
        let axum::extract::Path(ids) = axum::extract::Path::<T>::from_request_parts(parts, state).await?;
        Ok(Self(ids))
    }
}

/// Parameters behind the question mark.
pub struct Params<T>(pub T);

impl<T: DeserializeOwned + Send, S: Send + Sync> FromRequestParts<S> for Params<T> {
    type Rejection = Problem;

    async fn from_request_parts(parts: &mut Parts, state: &S) -> Result<Self, Problem> {
        let Query(params) = Query::<T>::from_request_parts(parts, state)
            .await
            .map_err(|error| Problem::invalid(say!("question-not-understood", why = error.body_text())))?;
        Ok(Self(params))
    }
}
