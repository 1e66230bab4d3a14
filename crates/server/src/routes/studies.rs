//! Questions beside the plan: how far headers reach, what an existing one can carry, one size for the whole job, design
//! values, and a jurisdiction's own table.

use axum::Json;
use axum::extract::State;
use axum::http::header;
use axum::response::IntoResponse;
use sturvek_core::framing::{OpeningOutcome, OpeningPlan};
use sturvek_core::job::{OpeningId, WhatIf};
use sturvek_core::plan::JobPlan;
use sturvek_core::say;
use sturvek_core::sizing::candidates::headers_from;
use sturvek_core::sizing::existing::capability;
use sturvek_core::sizing::limits::WIDEST_OPENING;
use sturvek_core::sizing::reach::{Reach, reach};
use sturvek_core::studies::one_size::{one_size, options_in};
use sturvek_formats::header_csv::{computed_table, read_table};
use sturvek_wire::FieldErrors;
use sturvek_wire::studies::{CapabilityView, MaterialView, OneSizeView, ReachView, materials};
use uuid::Uuid;

use crate::extract::{Body, Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::views::{CodeTableRead, CodeTableText, WhatIfQuery};
use crate::workers::Wanted;

/// What a factor may be, in parts of a hundred.
const FACTORS: std::ops::RangeInclusive<u16> = 25..=400;

/// The factors that a query asks for.
fn what_if(query: WhatIfQuery) -> Result<WhatIf, Problem> {
    let within = |field: &str, percent: Option<u16>| {
        let percent = percent.unwrap_or(100);
        let (least, most) = (*FACTORS.start(), *FACTORS.end());
        let refused = || say!("factor-out-of-bounds", field = field, given = percent, least, most);
        if FACTORS.contains(&percent) {
            Ok::<u16, Problem>(percent)
        } else {
            Err(FieldErrors::one(format!("/{field}"), refused()).into())
        }
    };
    Ok(WhatIf::percent(within("snow", query.snow)?, within("building", query.building)?))
}

/// How far each header of the stock reaches under the loads on an opening, or under more.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/reach",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path), WhatIfQuery),
    responses((status = 200, body = ReachView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_reach(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
    Params(query): Params<WhatIfQuery>,
) -> Result<Written<ReachView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let opening = OpeningId(opening.as_u128());
        let job = what_if(query)?.applied_to(planned.plan.job(), opening);
        let after = planned.plan.opening_after(&job, opening);
        let planned = after.ok_or_else(|| Problem::not_found(NoSuch::Opening))?;
        let problem = &sized(&planned)?.problem;
        let headers = headers_from(job.boards(), problem.wall_depth);
        let mut reaches: Vec<Reach> = headers
            .iter()
            .filter(|(header, _)| header.section().width <= problem.wall_depth)
            .map(|(header, _)| reach(problem, *header))
            .collect();
        reaches.sort_by_key(|reach| std::cmp::Reverse(reach.farthest));
        Ok(ReachView {
            clear: planned.rough.width.nanometers(),
            widest: WIDEST_OPENING.nanometers(),
            headers: reaches.iter().map(Into::into).collect(),
        })
    };
    state.about(job, answer).await
}

/// What the header over an opening can carry, and how far it could span.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/capability",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path)),
    responses((status = 200, body = CapabilityView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_capability(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
) -> Result<Written<CapabilityView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let opening = planned_opening(&planned.plan, opening)?;
        let sized = sized(&opening)?;
        Ok((&capability(&sized.problem, sized.evaluation.header)?).into())
    };
    state.about(job, answer).await
}

/// An opening planned alone.
fn planned_opening(plan: &JobPlan, opening: Uuid) -> Result<OpeningPlan, Problem> {
    plan.opening_alone(OpeningId(opening.as_u128())).ok_or_else(|| Problem::not_found(NoSuch::Opening))
}

/// The sized header of an opening.
fn sized(plan: &OpeningPlan) -> Result<&sturvek_core::framing::opening_plan::SizedHeader, Problem> {
    match &plan.outcome {
        OpeningOutcome::Header(sized) => Ok(sized),
        OpeningOutcome::Outside(limit) => Err(limit.clone().into()),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) => Err(Problem::no_header()),
    }
}

/// The fewest different headers that carry over every opening of a job; nothing where more than three are needed.
#[utoipa::path(get, path = "/api/jobs/{job}/one-size", params(("job" = Uuid, Path)),
    responses((status = 200, body = Option<OneSizeView>), (status = 404, body = Problem)))]
pub async fn get_one_size(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
) -> Result<Written<Option<OneSizeView>>, Problem> {
    let answer = move |planned: &Planned, wanted: &Wanted| {
        let job = planned.plan.job();
        let mut found = Vec::new();
        for (wall, plan) in planned.plan.walls() {
            wanted.still()?;
            found.extend(options_in(job, wall, plan));
        }
        Ok(one_size(&found).as_ref().map(Into::into))
    };
    state.about(job, answer).await
}

/// Design values of everything the tool knows.
#[utoipa::path(get, path = "/api/materials", responses((status = 200, body = Vec<MaterialView>)))]
pub async fn get_materials() -> Json<Vec<MaterialView>> {
    Json(materials())
}

/// Reads a jurisdiction's header table from CSV; nothing is kept.
#[utoipa::path(post, path = "/api/code-table", request_body = CodeTableText,
    responses((status = 200, body = CodeTableRead)))]
pub async fn read_code_table(
    State(state): State<AppState>,
    Body(text): Body<CodeTableText>,
) -> Result<Written<CodeTableRead>, Problem> {
    state
        .workers
        .answer(move |_| {
            Ok(match read_table(text.name.trim(), text.csv.as_bytes()) {
                Ok(table) => CodeTableRead { table: Some((&table).into()), bad_rows: Vec::new() },
                Err(rows) => {
                    CodeTableRead { table: None, bad_rows: rows.phrases().into_iter().map(Into::into).collect() }
                }
            })
        })
        .await
}

/// The header tables computed on the code tables' basis, as CSV of the form that is read.
#[utoipa::path(get, path = "/api/code-table/computed.csv", responses((status = 200, body = String, content_type = "text/csv")))]
pub async fn computed_code_table() -> impl IntoResponse {
    let name = "attachment; filename=\"header-tables-computed.csv\"";
    ([(header::CONTENT_TYPE, "text/csv; charset=utf-8"), (header::CONTENT_DISPOSITION, name)], computed_table())
}
