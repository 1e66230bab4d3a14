//! The saw: what is cut setting by setting, and what was ticked off there.

use axum::extract::State;
use axum::http::StatusCode;
use serde::Deserialize;
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::pieces::{Section, pieces_of_job};
use sturvek_core::cutting::progress::{Tick, made, progress};
use sturvek_core::framing::member::Bevel;
use sturvek_core::measure::Length;
use sturvek_core::say;
use sturvek_store::ticks::NumberedTick;
use sturvek_wire::results::{SawBevel, SawView};
use sturvek_wire::{FieldErrors, piece_key};
use utoipa::ToSchema;
use uuid::Uuid;

use super::cut::CutQuery;
use crate::extract::{Body, Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;

/// The most ticks that are sent at once.
const MOST_AT_ONCE: usize = 500;
/// Nothing that is cut is longer, nanometers: 100 ft.
const LONGEST: i64 = 30_480_000_000;
/// The longest name of a wood.
const LONGEST_NAME: usize = 120;

/// What a device ticked off.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TicksRequest {
    /// The device, by the identity that it gave itself.
    pub device: Uuid,
    /// In the order in which they were made.
    pub ticks: Vec<TickRequest>,
}

/// A piece that was cut, or that was not after all.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TickRequest {
    /// Counted by the device: sent twice it is kept once.
    pub sequence: i64,
    /// Which piece.
    pub piece: String,
    /// What it was cut from.
    pub wood: String,
    /// Whether that is treated.
    pub treated: bool,
    /// What it was cut to, nanometers.
    pub length: i64,
    /// How its end was cut where it is not square.
    #[serde(default)]
    pub bevel: Option<SawBevel>,
    /// Whether an earlier tick is taken back.
    #[serde(default)]
    pub taken_back: bool,
}

impl TickRequest {
    fn read(self, place: usize, device: Uuid) -> Result<NumberedTick, FieldErrors> {
        let refused = |field: &str| FieldErrors::one(format!("/ticks/{place}/{field}"), say!("saw-no-tick"));
        let piece = piece_key::read(&self.piece).map_err(|_| refused("piece"))?;
        if self.sequence < 0 {
            return Err(refused("sequence"));
        }
        if self.wood.trim().is_empty() || LONGEST_NAME < self.wood.chars().count() {
            return Err(refused("wood"));
        }
        if !(1..=LONGEST).contains(&self.length) {
            return Err(refused("length"));
        }
        let within = |length: i64| (-LONGEST..=LONGEST).contains(&length);
        if self.bevel.is_some_and(|bevel| !within(bevel.drop) || !within(bevel.over)) {
            return Err(refused("bevel"));
        }
        let length = Length::from_nanometers;
        let tick = Tick {
            device: device.as_u128(),
            piece,
            section: Section { wood: self.wood.into(), treated: self.treated },
            length: length(self.length),
            bevel: self.bevel.map(|bevel| Bevel { drop: length(bevel.drop), over: length(bevel.over) }),
            taken_back: self.taken_back,
        };
        Ok(NumberedTick { sequence: self.sequence, tick })
    }
}

/// What is cut at the saw, of a job or of a part of its house.
#[utoipa::path(get, path = "/api/jobs/{job}/saw", params(("job" = Uuid, Path), CutQuery),
    responses((status = 200, body = SawView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_saw(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(query): Params<CutQuery>,
) -> Result<Written<SawView>, Problem> {
    let ticks = state.jobs.ticks(job).await?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let job = planned.plan.job();
        let all = pieces_of_job(&planned.plan);
        let made = made(&ticks);
        let progress = progress(&all, &made);
        let mine = all.pieces.iter().enumerate().filter(|(_, piece)| query.takes(job, piece.id.of));
        let lists = cut_list(mine);
        Ok(SawView::of(job, (&all, &lists), (&made, &progress), |tick| query.takes(job, tick.piece.of)))
    };
    state.about(job, answer).await
}

/// Keeps what a device ticked off. Sent again, nothing changes.
#[utoipa::path(post, path = "/api/jobs/{job}/ticks", params(("job" = Uuid, Path)), request_body = TicksRequest,
    responses((status = 204), (status = 404, body = Problem), (status = 409, body = Problem),
        (status = 422, body = Problem)))]
pub async fn keep_ticks(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(request): Body<TicksRequest>,
) -> Result<StatusCode, Problem> {
    if MOST_AT_ONCE < request.ticks.len() {
        return Err(FieldErrors::one("/ticks".to_owned(), say!("saw-too-many-at-once", most = MOST_AT_ONCE)).into());
    }
    let device = request.device;
    let read = |(place, tick): (usize, TickRequest)| tick.read(place, device);
    let ticks = request.ticks.into_iter().enumerate().map(read).collect::<Result<_, _>>()?;
    state.jobs.keep_ticks(job, ticks).await?;
    Ok(StatusCode::NO_CONTENT)
}
