//! Edits: commands, undo, redo.

use axum::extract::State;
use sturvek_core::job::command::{apply, summary};
use sturvek_store::{Direction, Editor, StoreError, StoredJob};
use sturvek_wire::speech::Phrase;
use sturvek_wire::{Command, Resolve};
use uuid::Uuid;

use crate::asked::author;
use crate::extract::{Body, Ids, Written};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::views::{Edit, Edited, Look, StepRequest};
use crate::workers::Wanted;

/// Applies a command and keeps it.
#[utoipa::path(post, path = "/api/jobs/{job}/commands", params(("job" = Uuid, Path)), request_body = Edit,
    responses((status = 200, body = Edited), (status = 404, body = Problem), (status = 409, body = Problem),
        (status = 422, body = Problem)))]
pub async fn execute_command(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(edit): Body<Edit>,
) -> Result<Written<Edited>, Problem> {
    let author = author(edit.author)?;
    state.workers.is_open()?;
    let latest = state.plans.latest(job);
    let by = Editor { author: &author, key: edit.key, known: latest.as_deref().map(Planned::known) };
    match state.jobs.execute(job, edit.on_version, edit.command.clone(), by).await {
        Ok(stored) => answer(&state, stored, edit.looking_at).await,
        Err(error @ StoreError::Stale { .. }) => {
            let yours = in_words(&state, job, edit.command).await?;
            Err(Problem { yours, ..error.into() })
        }
        Err(error) => Err(error.under("/command").into()),
    }
}

/// What an edit would do to the job as it is now; `None` where it cannot be made any more.
async fn in_words(state: &AppState, job: Uuid, command: Command) -> Result<Option<Phrase>, Problem> {
    let before = state.jobs.get(job).await?.job;
    let words = move |_: &Wanted| {
        let Ok(command) = command.with_identities().resolve() else { return Ok(None) };
        let after = apply(&before, &command).ok();
        Ok(after.map(|after| summary(&command, &before, &after.job).into()))
    };
    state.workers.place()?.compute(words).await
}

/// Takes the last command back.
#[utoipa::path(post, path = "/api/jobs/{job}/undo", params(("job" = Uuid, Path)), request_body = StepRequest,
    responses((status = 200, body = Edited), (status = 404, body = Problem), (status = 409, body = Problem)))]
pub async fn undo(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(step): Body<StepRequest>,
) -> Result<Written<Edited>, Problem> {
    step_in(&state, job, step, Direction::Undo).await
}

/// Does the command again that was last taken back.
#[utoipa::path(post, path = "/api/jobs/{job}/redo", params(("job" = Uuid, Path)), request_body = StepRequest,
    responses((status = 200, body = Edited), (status = 404, body = Problem), (status = 409, body = Problem)))]
pub async fn redo(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(step): Body<StepRequest>,
) -> Result<Written<Edited>, Problem> {
    step_in(&state, job, step, Direction::Redo).await
}

/// One step back or forth.
async fn step_in(
    state: &AppState,
    job: Uuid,
    step: StepRequest,
    direction: Direction,
) -> Result<Written<Edited>, Problem> {
    let author = author(step.author)?;
    state.workers.is_open()?;
    let latest = state.plans.latest(job);
    let by = Editor { author: &author, key: step.key, known: latest.as_deref().map(Planned::known) };
    let stored = state.jobs.step(job, step.on_version, direction, by).await?;
    answer(state, stored, step.looking_at).await
}

/// What an edit made of a job. It is kept: whoever made it waits for as long as it takes to plan.
async fn answer(state: &AppState, stored: StoredJob, look: Option<Look>) -> Result<Written<Edited>, Problem> {
    let plans = state.plans.clone();
    let edited = move |wanted: &Wanted| Ok(Edited::of(&stored, &*plans.of(&stored, wanted)?, look));
    state.workers.place_for_what_is_kept().await?.answer_at_length(edited).await
}
