//! Request bodies: read whole before anything is done for them, so that a half-sent one holds nothing but its connection.

use std::sync::{Arc, LazyLock};
use std::time::Duration;

use axum::body::{Body, HttpBody};
use axum::http::Request;
use http_body_util::{BodyExt, Limited};
use hyper::body::Incoming;
use tokio::sync::{OwnedSemaphorePermit, Semaphore};

use crate::limits::LARGEST_REQUEST;
use crate::problem::Problem;

/// How long a body may take to come.
const LONGEST_BODY: Duration = Duration::from_secs(20);
/// Bodies up to this size are read at any time, bytes; larger ones share what follows.
const SMALL: usize = 16 * 1024;
/// What large bodies may take together while they come, in kilobytes.
const LARGE_TOGETHER: usize = 48 * 1024;

static ROOM: LazyLock<Arc<Semaphore>> = LazyLock::new(|| Arc::new(Semaphore::new(LARGE_TOGETHER)));

/// A request with its whole body.
///
/// # Errors
/// 408 where it does not come in time, 413 where it is too large, 400 where it breaks off.
pub async fn whole(request: Request<Incoming>) -> Result<Request<Body>, Problem> {
    let (parts, body) = request.into_parts();
    let announced = body.size_hint().upper().map(|bytes| usize::try_from(bytes).unwrap_or(usize::MAX));
    if announced == Some(0) {
        return Ok(Request::from_parts(parts, Body::empty()));
    }
    if announced.is_some_and(|bytes| LARGEST_REQUEST < bytes) {
        return Err(Problem::too_large());
    }
    let read = async {
        let _room = room(announced.unwrap_or(LARGEST_REQUEST)).await;
        Limited::new(body, LARGEST_REQUEST).collect().await
    };
    let come = tokio::time::timeout(LONGEST_BODY, read).await.map_err(|_| Problem::too_slow())?;
    let whole = come.map_err(|error| {
        if error.is::<http_body_util::LengthLimitError>() { Problem::too_large() } else { Problem::unreadable() }
    })?;
    Ok(Request::from_parts(parts, Body::from(whole.to_bytes())))
}

/// Room for a body while it comes.
async fn room(bytes: usize) -> Option<OwnedSemaphorePermit> {
    if bytes <= SMALL {
        return None;
    }
    let kilobytes = u32::try_from(bytes.div_ceil(1024)).unwrap_or(u32::MAX);
    // It is never closed.
    ROOM.clone().acquire_many_owned(kilobytes).await.ok()
}
