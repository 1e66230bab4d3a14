//! Extractors whose refusals are problem details.

use axum::body::Bytes;
use axum::extract::{FromRequest, FromRequestParts, Query, Request};
use axum::http::header;
use axum::http::request::Parts;
use serde::de::DeserializeOwned;
use serde_path_to_error::{Path, Segment};
use sturvek_core::say;
use sturvek_wire::FieldErrors;

use crate::problem::Problem;

/// A JSON body. What cannot be read names the field.
pub struct Body<T>(pub T);

impl<T: DeserializeOwned, S: Send + Sync> FromRequest<S> for Body<T> {
    type Rejection = Problem;

    async fn from_request(request: Request, state: &S) -> Result<Self, Problem> {
        // Only JSON by name: a form on another site can send text without asking, but not this.
        let kind = request.headers().get(header::CONTENT_TYPE).and_then(|kind| kind.to_str().ok()).unwrap_or("");
        if !kind.starts_with("application/json") {
            return Err(Problem::not_json());
        }
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
