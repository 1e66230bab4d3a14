//! Every error as problem details (RFC 9457): a sentence a carpenter understands, and the field it is about.

use std::any::Any;

use axum::Json;
use axum::extract::Request;
use axum::extract::rejection::{BytesRejection, PathRejection};
use axum::http::{HeaderValue, Method, StatusCode, header};
use axum::middleware::Next;
use axum::response::{IntoResponse, Response};
use serde::{Deserialize, Serialize};
use sturvek_core::job::CommandError;
use sturvek_core::sizing::OutsideLimits;
use sturvek_store::StoreError;
use sturvek_wire::FieldErrors;
use utoipa::ToSchema;

use crate::views::HistoryEntry;

/// A problem, as it is answered.
#[derive(Clone, Debug, Serialize, Deserialize, ToSchema)]
pub struct Problem {
    /// A stable code.
    #[serde(rename = "type")]
    pub code: String,
    /// The HTTP status.
    pub status: u16,
    /// What kind of problem it is.
    pub title: String,
    /// What is wrong, in a sentence.
    pub detail: String,
    /// Every field that is wrong.
    #[serde(default, skip_serializing_if = "Vec::is_empty")]
    pub errors: Vec<ProblemAt>,
    /// For a stale edit: the job's version now.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub current_version: Option<i64>,
    /// For a stale edit: what changed since.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub changed_since: Option<Vec<HistoryEntry>>,
}

/// What is wrong with one field.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct ProblemAt {
    /// Where in what was sent: a JSON pointer (RFC 6901).
    pub pointer: String,
    /// What is wrong there, in a sentence.
    pub detail: String,
}

impl Problem {
    fn new(status: StatusCode, code: &str, title: &str, detail: impl ToString) -> Self {
        Self {
            code: format!("sturvek:{code}"),
            status: status.as_u16(),
            title: title.to_owned(),
            detail: detail.to_string(),
            errors: Vec::new(),
            current_version: None,
            changed_since: None,
        }
    }

    /// Something that is asked for is not there.
    pub fn not_found(what: &str) -> Self {
        Self::new(StatusCode::NOT_FOUND, "not-found", "Not found", format!("There is no such {what}."))
    }

    /// A question about a header where there is none.
    pub fn no_header() -> Self {
        let detail =
            "The wall carries nothing here: a flat 2x goes over the opening, and there is no header to ask about.";
        Self::new(StatusCode::UNPROCESSABLE_ENTITY, "no-header", "No header", detail)
    }

    /// A body that is not JSON.
    pub fn not_json() -> Self {
        let detail = "Send JSON, with the content type application/json.";
        Self::new(StatusCode::UNSUPPORTED_MEDIA_TYPE, "not-json", "Not JSON", detail)
    }

    /// A change asked for by another site's page.
    pub fn from_elsewhere() -> Self {
        let detail = "Changes are taken from Sturvek's own page only.";
        Self::new(StatusCode::FORBIDDEN, "from-elsewhere", "Not from here", detail)
    }

    /// What was sent cannot be used.
    pub fn invalid(detail: impl ToString) -> Self {
        Self::new(StatusCode::UNPROCESSABLE_ENTITY, "invalid", "That cannot be used", detail)
    }

    /// What was sent cannot be used: these fields.
    pub fn fields(errors: FieldErrors) -> Self {
        let sentence = match &errors.0[..] {
            [first, rest @ ..] if !rest.is_empty() => format!("{} And {} more.", first.message, rest.len()),
            _ => errors.to_string(),
        };
        let errors = errors.0.into_iter().map(|error| ProblemAt { pointer: error.pointer, detail: error.message });
        Self { errors: errors.collect(), ..Self::invalid(sentence) }
    }

    /// Details go to the log; the answer only says that it is not the user's fault.
    pub fn internal(error: &dyn std::fmt::Display) -> Self {
        tracing::error!("{error}");
        Self::new(
            StatusCode::INTERNAL_SERVER_ERROR,
            "internal",
            "Something broke here",
            "The server failed. Nothing that was saved is lost; try again.",
        )
    }
}

impl IntoResponse for Problem {
    fn into_response(self) -> Response {
        let status = StatusCode::from_u16(self.status).unwrap_or(StatusCode::INTERNAL_SERVER_ERROR);
        let mut response = (status, Json(self)).into_response();
        let kind = HeaderValue::from_static("application/problem+json");
        response.headers_mut().insert(header::CONTENT_TYPE, kind);
        response
    }
}

impl From<StoreError> for Problem {
    fn from(error: StoreError) -> Self {
        match error {
            StoreError::NoSuchJob(_) => Self::not_found("job"),
            StoreError::Fields(errors) => Self::fields(errors),
            StoreError::Refused(CommandError::Refused(refused)) => Self::fields(refused.into()),
            StoreError::Refused(error @ CommandError::NotFound(_)) => {
                Self::new(StatusCode::NOT_FOUND, "not-found", "Not found", error)
            }
            StoreError::Refused(error @ CommandError::AlreadyThere(_)) => {
                Self::new(StatusCode::CONFLICT, "already-there", "Already there", error)
            }
            StoreError::Refused(error @ CommandError::NotTogether) => Self::invalid(error),
            error @ StoreError::NothingTo(_) => {
                Self::new(StatusCode::CONFLICT, "nothing-to-do", "Nothing to do", error)
            }
            StoreError::Stale { current, since, .. } => {
                let detail = "Somebody changed this job in the meantime. Your edit is not applied yet.";
                let problem = Self::new(StatusCode::CONFLICT, "stale", "The job has changed", detail);
                let changed_since = Some(since.into_iter().map(Into::into).collect());
                Self { current_version: Some(current), changed_since, ..problem }
            }
            StoreError::Database(error) => {
                tracing::error!("{error}");
                Self::new(
                    StatusCode::SERVICE_UNAVAILABLE,
                    "database",
                    "The database does not answer",
                    "The database does not answer. Nothing that was saved is lost; try again in a moment.",
                )
            }
            error @ (StoreError::UnknownValue(_) | StoreError::Saved(_)) => Self::internal(&error),
        }
    }
}

impl From<FieldErrors> for Problem {
    fn from(errors: FieldErrors) -> Self {
        Self::fields(errors)
    }
}

impl From<OutsideLimits> for Problem {
    fn from(limit: OutsideLimits) -> Self {
        Self::new(StatusCode::UNPROCESSABLE_ENTITY, "outside-limits", "No number", limit)
    }
}

impl From<BytesRejection> for Problem {
    fn from(rejection: BytesRejection) -> Self {
        if rejection.status() == StatusCode::PAYLOAD_TOO_LARGE {
            let detail = format!("A request may have {} bytes at most.", crate::state::LARGEST_REQUEST);
            return Self::new(StatusCode::PAYLOAD_TOO_LARGE, "too-large", "Too large", detail);
        }
        Self::new(StatusCode::BAD_REQUEST, "unreadable", "Unreadable", "The request could not be read.")
    }
}

impl From<PathRejection> for Problem {
    fn from(_: PathRejection) -> Self {
        Self::new(StatusCode::NOT_FOUND, "not-found", "Not found", "That address names nothing: its id is not an id.")
    }
}

/// Any address under `/api` that is none.
pub async fn no_such_address() -> Problem {
    Problem::not_found("address")
}

/// Gives a body to an error that came from below the handlers, such as a wrong method or a timeout.
pub async fn complete(response: Response) -> Response {
    let status = response.status();
    let bare = response.headers().get(header::CONTENT_TYPE).is_none();
    if !bare || !(status.is_client_error() || status.is_server_error()) {
        return response;
    }
    let title = status.canonical_reason().unwrap_or("Not possible");
    let detail = match status {
        StatusCode::METHOD_NOT_ALLOWED => "That address does not take this kind of request.",
        StatusCode::SERVICE_UNAVAILABLE => "That took too long and was given up. Nothing that was saved is lost.",
        _ => "The request could not be answered.",
    };
    Problem::new(status, "not-possible", title, detail).into_response()
}

/// Turns away changes that a page of another site asks for.
pub async fn own_page_only(request: Request, next: Next) -> Response {
    let site = request.headers().get("sec-fetch-site").and_then(|site| site.to_str().ok());
    if request.method() != Method::GET && matches!(site, Some("cross-site" | "same-site")) {
        return Problem::from_elsewhere().into_response();
    }
    next.run(request).await
}

/// A panic in a handler.
pub fn from_panic(panic: Box<dyn Any + Send>) -> Response {
    let text = panic.downcast_ref::<&str>().copied().unwrap_or("a handler panicked");
    Problem::internal(&text).into_response()
}
