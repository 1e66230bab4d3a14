//! Every error as problem details (RFC 9457): a sentence a carpenter understands, and the field it is about.

use std::any::Any;

use axum::Json;
use axum::extract::rejection::{BytesRejection, PathRejection};
use axum::http::{HeaderValue, StatusCode, header};
use axum::response::{IntoResponse, Response};
use serde::{Deserialize, Serialize};
use sturvek_core::job::CommandError;
use sturvek_core::say;
use sturvek_core::sizing::OutsideLimits;
use sturvek_core::speech::Phrase as CorePhrase;
use sturvek_speech::english;
use sturvek_store::StoreError;
use sturvek_store::devices::MOST_DEVICES;
use sturvek_wire::speech::Phrase;
use sturvek_wire::{FieldError, FieldErrors};
use utoipa::ToSchema;

use crate::history_entry::HistoryEntry;
use crate::yard::NoPrices;

/// When to ask again where the server or its database cannot answer now.
const SECONDS_TO_WAIT: &str = "2";

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
    /// The same, to be said in the user's language, words and units.
    pub said: Phrase,
    /// Every field that is wrong.
    #[serde(default, skip_serializing_if = "Vec::is_empty")]
    pub errors: Vec<ProblemAt>,
    /// For a stale edit: the job's version now.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub current_version: Option<i64>,
    /// For a stale edit: what changed since.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub changed_since: Option<Vec<HistoryEntry>>,
    /// For a stale edit: what it would do to the job as it is now; left out where it cannot be made any more.
    #[serde(default, skip_serializing_if = "Option::is_none")]
    pub yours: Option<Phrase>,
}

/// What is wrong with one field.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct ProblemAt {
    /// Where in what was sent: a JSON pointer (RFC 6901).
    pub pointer: String,
    /// What is wrong there, in a sentence.
    pub detail: String,
    /// The same, to be said in the user's language, words and units.
    pub said: Phrase,
}

/// What may not be there.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum NoSuch {
    /// A job.
    Job,
    /// A wall.
    Wall,
    /// An opening.
    Opening,
    /// A beam or a post.
    Part,
    /// An address.
    Address,
}

impl Problem {
    fn new(status: StatusCode, code: &str, title: &str, said: CorePhrase) -> Self {
        Self {
            code: format!("sturvek:{code}"),
            status: status.as_u16(),
            title: title.to_owned(),
            detail: english(&said),
            said: said.into(),
            errors: Vec::new(),
            current_version: None,
            changed_since: None,
            yours: None,
        }
    }

    /// There are no prices to plan with.
    pub fn no_prices(none: NoPrices) -> Self {
        Self::new(StatusCode::FAILED_DEPENDENCY, "no-prices", "No prices", none.phrase())
    }

    /// Something that is asked for is not there.
    pub fn not_found(what: NoSuch) -> Self {
        let said = match what {
            NoSuch::Job => say!("no-such-job"),
            NoSuch::Wall => say!("no-such-wall"),
            NoSuch::Opening => say!("no-such-opening"),
            NoSuch::Part => say!("no-such-member"),
            NoSuch::Address => say!("no-such-address"),
        };
        Self::new(StatusCode::NOT_FOUND, "not-found", "Not found", said)
    }

    /// A question about a header where there is none.
    pub fn no_header() -> Self {
        let said = say!("no-header-to-ask-about");
        Self::new(StatusCode::UNPROCESSABLE_ENTITY, "no-header", "No header", said)
    }

    /// A body that is not JSON.
    pub fn not_json() -> Self {
        Self::new(StatusCode::UNSUPPORTED_MEDIA_TYPE, "not-json", "Not JSON", say!("not-json"))
    }

    /// A change asked for by another site's page.
    pub fn from_elsewhere() -> Self {
        Self::new(StatusCode::FORBIDDEN, "from-elsewhere", "Not from here", say!("from-elsewhere"))
    }

    /// A name that this server is not served as.
    pub fn not_served_here() -> Self {
        Self::new(StatusCode::MISDIRECTED_REQUEST, "not-served-here", "Not served here", say!("not-served-here"))
    }

    /// A device that is not paired.
    pub fn not_paired() -> Self {
        Self::new(StatusCode::UNAUTHORIZED, "not-paired", "Not paired", say!("not-paired"))
    }

    /// What is answered to this machine itself only.
    pub fn this_machine_only() -> Self {
        Self::new(StatusCode::FORBIDDEN, "this-machine-only", "This machine only", say!("this-machine-only"))
    }

    /// A pairing code that is not the one.
    pub fn wrong_code() -> Self {
        Self::new(StatusCode::FORBIDDEN, "wrong-code", "Wrong code", say!("wrong-pairing-code"))
    }

    /// A pairing code right after a wrong one.
    pub fn too_soon() -> Self {
        Self::new(StatusCode::TOO_MANY_REQUESTS, "too-soon", "Too soon", say!("pairing-code-too-soon"))
    }

    /// What was sent cannot be used.
    pub fn invalid(said: CorePhrase) -> Self {
        Self::new(StatusCode::UNPROCESSABLE_ENTITY, "invalid", "That cannot be used", said)
    }

    /// What was sent cannot be used: these fields.
    pub fn fields(errors: FieldErrors) -> Self {
        let sentence = match &errors.0[..] {
            [first, rest @ ..] if !rest.is_empty() => {
                say!("and-more", first = first.phrase.clone(), more = rest.len())
            }
            [first, ..] => first.phrase.clone(),
            [] => say!("nothing-to-say"),
        };
        let at = |error: FieldError| ProblemAt {
            pointer: error.pointer,
            detail: english(&error.phrase),
            said: error.phrase.into(),
        };
        let errors = errors.0.into_iter().map(at);
        Self { errors: errors.collect(), ..Self::invalid(sentence) }
    }

    /// A request with more in it than is read.
    pub fn too_large() -> Self {
        let said = say!("request-too-large", most = crate::limits::LARGEST_REQUEST);
        Self::new(StatusCode::PAYLOAD_TOO_LARGE, "too-large", "Too large", said)
    }

    /// A request that breaks off.
    pub fn unreadable() -> Self {
        Self::new(StatusCode::BAD_REQUEST, "unreadable", "Unreadable", say!("request-unreadable"))
    }

    /// A request that does not come.
    pub fn too_slow() -> Self {
        Self::new(StatusCode::REQUEST_TIMEOUT, "too-slow", "Too slow", say!("request-came-too-slowly"))
    }

    /// More is asked for at once than can be computed.
    pub fn busy() -> Self {
        Self::new(StatusCode::SERVICE_UNAVAILABLE, "busy", "Busy", say!("server-is-busy"))
    }

    /// Somebody waited as long as a request may take.
    pub fn took_too_long() -> Self {
        Self::new(StatusCode::SERVICE_UNAVAILABLE, "not-possible", "Service Unavailable", say!("took-too-long"))
    }

    /// Details go to the log; the answer only says that it is not the user's fault.
    pub fn internal(error: &dyn std::fmt::Display) -> Self {
        tracing::error!("{error}");
        Self::new(StatusCode::INTERNAL_SERVER_ERROR, "internal", "Something broke here", say!("server-failed"))
    }
}

impl IntoResponse for Problem {
    fn into_response(self) -> Response {
        let status = StatusCode::from_u16(self.status).unwrap_or(StatusCode::INTERNAL_SERVER_ERROR);
        let mut response = (status, Json(self)).into_response();
        let kind = HeaderValue::from_static("application/problem+json");
        response.headers_mut().insert(header::CONTENT_TYPE, kind);
        if matches!(status, StatusCode::SERVICE_UNAVAILABLE | StatusCode::TOO_MANY_REQUESTS) {
            response.headers_mut().insert(header::RETRY_AFTER, HeaderValue::from_static(SECONDS_TO_WAIT));
        }
        response
    }
}

impl From<StoreError> for Problem {
    fn from(error: StoreError) -> Self {
        match error {
            StoreError::NoSuchJob(_) => Self::not_found(NoSuch::Job),
            StoreError::Fields(errors) => Self::fields(errors),
            StoreError::Refused(CommandError::Refused(refused)) => Self::fields(refused.into()),
            StoreError::Refused(error @ CommandError::NotFound(_)) => {
                Self::new(StatusCode::NOT_FOUND, "not-found", "Not found", error.phrase())
            }
            StoreError::Refused(error @ CommandError::AlreadyThere(_)) => {
                Self::new(StatusCode::CONFLICT, "already-there", "Already there", error.phrase())
            }
            StoreError::Refused(error @ (CommandError::NotTogether | CommandError::NoSuchPlace { .. })) => {
                Self::invalid(error.phrase())
            }
            StoreError::NothingToUndo => {
                Self::new(StatusCode::CONFLICT, "nothing-to-do", "Nothing to do", say!("nothing-to-undo"))
            }
            StoreError::NothingToRedo => {
                Self::new(StatusCode::CONFLICT, "nothing-to-do", "Nothing to do", say!("nothing-to-redo"))
            }
            StoreError::Stale { current, since, .. } => {
                let said = say!("job-has-changed");
                let problem = Self::new(StatusCode::CONFLICT, "stale", "The job has changed", said);
                let changed_since = Some(since.into_iter().map(Into::into).collect());
                Self { current_version: Some(current), changed_since, ..problem }
            }
            StoreError::Held => Self::new(StatusCode::SERVICE_UNAVAILABLE, "held", "Held", say!("job-is-held")),
            StoreError::LogFull => Self::new(StatusCode::CONFLICT, "log-full", "Full", say!("log-is-full")),
            StoreError::TooManyTicks => {
                Self::new(StatusCode::CONFLICT, "too-many-ticks", "Full", say!("saw-too-many-in-a-job"))
            }
            StoreError::TooManyMarks => {
                Self::new(StatusCode::CONFLICT, "too-many-marks", "Full", say!("order-too-many-in-a-job"))
            }
            StoreError::TooManyOrders => {
                Self::new(StatusCode::CONFLICT, "too-many-orders", "Full", say!("orders-too-many-in-a-job"))
            }
            StoreError::OtherOrder => {
                Self::new(StatusCode::CONFLICT, "other-order", "Another order", say!("order-of-another-key"))
            }
            StoreError::TooManyDevices => Self::new(
                StatusCode::CONFLICT,
                "too-many-devices",
                "Full",
                say!("too-many-devices", most = MOST_DEVICES),
            ),
            StoreError::TookTooLong(error) => {
                tracing::error!("{error}");
                Self::took_too_long()
            }
            error @ (StoreError::Lost(_) | StoreError::Silent) => {
                tracing::error!("{error}");
                Self::new(
                    StatusCode::SERVICE_UNAVAILABLE,
                    "database",
                    "The database does not answer",
                    say!("database-does-not-answer"),
                )
            }
            error @ (StoreError::UnknownValue(_) | StoreError::Saved(_) | StoreError::Database(_)) => {
                Self::internal(&error)
            }
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
        Self::new(StatusCode::UNPROCESSABLE_ENTITY, "outside-limits", "No number", limit.phrase())
    }
}

impl From<BytesRejection> for Problem {
    fn from(rejection: BytesRejection) -> Self {
        if rejection.status() == StatusCode::PAYLOAD_TOO_LARGE { Self::too_large() } else { Self::unreadable() }
    }
}

impl From<PathRejection> for Problem {
    fn from(_: PathRejection) -> Self {
        Self::new(StatusCode::NOT_FOUND, "not-found", "Not found", say!("address-without-id"))
    }
}

/// Any address under `/api` that is none.
pub async fn no_such_address() -> Problem {
    Problem::not_found(NoSuch::Address)
}

/// Gives a body to an error that came from below the handlers, such as a wrong method or a timeout.
pub async fn complete(response: Response) -> Response {
    let status = response.status();
    let bare = response.headers().get(header::CONTENT_TYPE).is_none();
    if !bare || !(status.is_client_error() || status.is_server_error()) {
        return response;
    }
    let title = status.canonical_reason().unwrap_or("Not possible");
    let said = match status {
        StatusCode::METHOD_NOT_ALLOWED => say!("wrong-kind-of-request"),
        StatusCode::SERVICE_UNAVAILABLE => say!("took-too-long"),
        _ => say!("not-answered"),
    };
    Problem::new(status, "not-possible", title, said).into_response()
}

/// A panic in a handler.
pub fn from_panic(panic: Box<dyn Any + Send>) -> Response {
    let text = panic.downcast_ref::<&str>().copied().unwrap_or("a handler panicked");
    Problem::internal(&text).into_response()
}
