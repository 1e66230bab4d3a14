//! Questions about a job as it is now: planned and answered by a worker.

use axum::http::{HeaderMap, header};
use axum::response::{IntoResponse, Response};
use bytes::Bytes;
use serde::Serialize;
use uuid::Uuid;

use crate::extract::Written;
use crate::plans::{Planned, ToPlan};
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;

impl AppState {
    /// Answers a question about a job as it is now.
    ///
    /// # Errors
    /// 404 if there is no such job; 503 where too much is asked at once; whatever the work says.
    pub async fn about<T: Serialize + Send + 'static>(
        &self,
        job: Uuid,
        work: impl FnOnce(&Planned, &Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<Written<T>, Problem> {
        let place = self.workers.place()?;
        let (asked, plans) = (self.plans.now(&self.jobs, job).await?, self.plans.clone());
        place.answer(move |wanted| work(&*asked.planned(&plans, wanted)?, wanted)).await
    }

    /// Answers about a wall as it is now. For whoever takes it compressed the answer is kept with the plan: the next who looks at the same wall
    /// costs a look at the job's version and nothing else.
    ///
    /// # Errors
    /// As [`AppState::about`].
    pub async fn about_wall<T: Serialize + Send + 'static>(
        &self,
        (job, wall): (Uuid, Uuid),
        headers: &HeaderMap,
        work: impl FnOnce(&Planned) -> Result<T, Problem> + Send + 'static,
    ) -> Result<Response, Problem> {
        let place = self.workers.place()?;
        let (asked, plans) = (self.plans.now(&self.jobs, job).await?, self.plans.clone());
        if !takes_gzip(headers) {
            let answer = place.answer(move |wanted| work(&*asked.planned(&plans, wanted)?));
            return Ok(answer.await?.into_response());
        }
        if let ToPlan::Kept(planned) = &asked
            && let Some(kept) = planned.written(wall)
        {
            return Ok(compressed(kept));
        }
        let written = place.compute(move |wanted| {
            let planned = asked.planned(&plans, wanted)?;
            let zipped = Written::of(&work(&planned)?)?.compressed()?;
            planned.keep_written(wall, zipped.clone());
            Ok(zipped)
        });
        Ok(compressed(written.await?))
    }
}

/// JSON that is compressed already.
fn compressed(json: Bytes) -> Response {
    let headers = [
        (header::CONTENT_TYPE, "application/json"),
        (header::CONTENT_ENCODING, "gzip"),
        (header::VARY, "accept-encoding"),
    ];
    (headers, json).into_response()
}

/// Whether somebody takes what is compressed by gzip.
fn takes_gzip(headers: &HeaderMap) -> bool {
    let asked = headers.get_all(header::ACCEPT_ENCODING).iter().filter_map(|asked| asked.to_str().ok());
    asked.flat_map(|asked| asked.split(',')).any(|coding| {
        let mut parts = coding.split(';').map(str::trim);
        let gzip = parts.next().is_some_and(|name| name.eq_ignore_ascii_case("gzip"));
        gzip && parts
            .all(|part| part.strip_prefix("q=").is_none_or(|weight| weight.parse().is_ok_and(|q: f32| 0.0 < q)))
    })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn gzip_is_taken_where_it_is_asked_for() {
        let takes = |asked: &str| {
            let mut headers = HeaderMap::new();
            headers.insert(header::ACCEPT_ENCODING, asked.parse().expect("a header"));
            takes_gzip(&headers)
        };
        assert!(takes("gzip") && takes("br, GZIP;q=0.5, *") && takes("gzip, deflate, br, zstd"));
        assert!(!takes("") && !takes("br") && !takes("gzip;q=0") && !takes("identity, gzip; q=0.0"));
    }
}
