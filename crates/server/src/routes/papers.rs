//! Sheets to be printed: as paper for the page to show, and as PDF.

use axum::extract::State;
use axum::http::header;
use axum::response::{IntoResponse, Response};
use sturvek_core::house::PartId;
use sturvek_core::job::{OpeningId, WallId};
use sturvek_core::plan::house_working::house_working;
use sturvek_formats::sheets::{Paper, Printed, calculation_sheet, cut_list, member_sheet, plate_list, wall_sheet};
use sturvek_formats::write::pdf::write_pdf;
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::printing::{PrintQuery, WallSheet};
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::workers::Wanted;

/// The plan's version, with the day on which it was made.
fn printed(planned: &Planned) -> Printed {
    let version = &planned.version;
    Printed { version: Some(version.number), date: version.made_at.format("%Y-%m-%d").to_string() }
}

fn of_wall(planned: &Planned, wall: Uuid, sheet: WallSheet) -> Result<Paper, Problem> {
    let (job, printed) = (planned.plan.job(), printed(planned));
    let found = planned.plan.wall(WallId(wall.as_u128()));
    let (wall, plan) = found.ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
    Ok(match sheet {
        WallSheet::Wall => wall_sheet(job, wall, plan, &printed),
        WallSheet::Plates => plate_list(job, wall, plan, &printed),
        WallSheet::Cuts => cut_list(job, wall, plan, &printed),
    })
}

fn of_opening(planned: &Planned, opening: Uuid) -> Result<Paper, Problem> {
    let id = OpeningId(opening.as_u128());
    let (wall, plan, opening) = planned.plan.opening(id).ok_or_else(|| Problem::not_found(NoSuch::Opening))?;
    let house = house_working(&planned.plan, id);
    Ok(calculation_sheet(planned.plan.job(), wall, plan, opening, house, &printed(planned)))
}

fn of_member(planned: &Planned, part: Uuid) -> Result<Paper, Problem> {
    let part = PartId(part.as_u128());
    let member = planned.plan.member(part).ok_or_else(|| Problem::not_found(NoSuch::Part))?;
    Ok(member_sheet(planned.plan.job(), part, member, &printed(planned)))
}

/// A sheet of a job as PDF, under a name to keep it by.
async fn as_pdf(
    state: &AppState,
    job: Uuid,
    query: PrintQuery,
    name: &str,
    sheet: impl FnOnce(&Planned) -> Result<Paper, Problem> + Send + 'static,
) -> Result<Response, Problem> {
    let place = state.workers.place()?;
    let (asked, plans) = (state.plans.now(&state.jobs, job).await?, state.plans.clone());
    let write = move |wanted: &Wanted| {
        let paper = sheet(&*asked.planned(&plans, wanted)?)?;
        write_pdf(&[paper], query.size(), query.voice()).map_err(|error| Problem::internal(&error))
    };
    let bytes = place.compute(write).await?;
    let name = format!(r#"inline; filename="{name}.pdf""#);
    Ok(([(header::CONTENT_TYPE, "application/pdf".to_owned()), (header::CONTENT_DISPOSITION, name)], bytes)
        .into_response())
}

/// A sheet of a wall.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/papers/{sheet}",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path), ("sheet" = inline(WallSheet), Path)),
    responses((status = 200, body = Paper), (status = 404, body = Problem)))]
pub async fn get_wall_paper(
    State(state): State<AppState>,
    Ids((job, wall, sheet)): Ids<(Uuid, Uuid, WallSheet)>,
) -> Result<Written<Paper>, Problem> {
    state.about(job, move |planned: &Planned, _: &Wanted| of_wall(planned, wall, sheet)).await
}

/// A sheet of a wall as PDF.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/papers/{sheet}/sheet.pdf",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path), ("sheet" = inline(WallSheet), Path), PrintQuery),
    responses((status = 200, body = Vec<u8>, content_type = "application/pdf"), (status = 404, body = Problem),
        (status = 422, body = Problem)))]
pub async fn get_wall_pdf(
    State(state): State<AppState>,
    Ids((job, wall, sheet)): Ids<(Uuid, Uuid, WallSheet)>,
    Params(query): Params<PrintQuery>,
) -> Result<Response, Problem> {
    as_pdf(&state, job, query, sheet.file_name(), move |planned| of_wall(planned, wall, sheet)).await
}

/// The calculation sheet of an opening.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/sheet",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path)),
    responses((status = 200, body = Paper), (status = 404, body = Problem)))]
pub async fn get_sheet(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
) -> Result<Written<Paper>, Problem> {
    state.about(job, move |planned: &Planned, _: &Wanted| of_opening(planned, opening)).await
}

/// The sheet of a beam or a post of the house.
#[utoipa::path(get, path = "/api/jobs/{job}/members/{part}/sheet",
    params(("job" = Uuid, Path), ("part" = Uuid, Path)),
    responses((status = 200, body = Paper), (status = 404, body = Problem)))]
pub async fn get_member_sheet(
    State(state): State<AppState>,
    Ids((job, part)): Ids<(Uuid, Uuid)>,
) -> Result<Written<Paper>, Problem> {
    state.about(job, move |planned: &Planned, _: &Wanted| of_member(planned, part)).await
}

/// The sheet of a beam or a post of the house as PDF.
#[utoipa::path(get, path = "/api/jobs/{job}/members/{part}/sheet.pdf",
    params(("job" = Uuid, Path), ("part" = Uuid, Path), PrintQuery),
    responses((status = 200, body = Vec<u8>, content_type = "application/pdf"), (status = 404, body = Problem),
        (status = 422, body = Problem)))]
pub async fn get_member_pdf(
    State(state): State<AppState>,
    Ids((job, part)): Ids<(Uuid, Uuid)>,
    Params(query): Params<PrintQuery>,
) -> Result<Response, Problem> {
    as_pdf(&state, job, query, "member", move |planned| of_member(planned, part)).await
}

/// The calculation sheet of an opening as PDF.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/sheet.pdf",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path), PrintQuery),
    responses((status = 200, body = Vec<u8>, content_type = "application/pdf"), (status = 404, body = Problem),
        (status = 422, body = Problem)))]
pub async fn get_sheet_pdf(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
    Params(query): Params<PrintQuery>,
) -> Result<Response, Problem> {
    as_pdf(&state, job, query, "calculation", move |planned| of_opening(planned, opening)).await
}
