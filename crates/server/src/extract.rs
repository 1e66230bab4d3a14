//! Extractors whose refusals are problem details.

use axum::body::Bytes;
use axum::extract::{FromRequest, FromRequestParts, Path, Query, Request};
use axum::http::header;
use axum::http::request::Parts;
use serde::de::DeserializeOwned;

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
            let field = error.path().to_string();
            let field = (field != ".").then_some(field);
            Problem::invalid(format!("The request is not understood: {}.", error.inner()), field)
        })
    }
}

/// Ids in the address.
pub struct Ids<T>(pub T);

impl<T: DeserializeOwned + Send, S: Send + Sync> FromRequestParts<S> for Ids<T> {
    type Rejection = Problem;

    async fn from_request_parts(parts: &mut Parts, state: &S) -> Result<Self, Problem> {
        let Path(ids) = Path::<T>::from_request_parts(parts, state).await?;
        Ok(Self(ids))
    }
}

/// Parameters behind the question mark.
pub struct Params<T>(pub T);

impl<T: DeserializeOwned + Send, S: Send + Sync> FromRequestParts<S> for Params<T> {
    type Rejection = Problem;

    async fn from_request_parts(parts: &mut Parts, state: &S) -> Result<Self, Problem> {
        let Query(params) = Query::<T>::from_request_parts(parts, state).await.map_err(|error| {
            Problem::invalid(format!("The question is not understood: {}.", error.body_text()), None)
        })?;
        Ok(Self(params))
    }
}
