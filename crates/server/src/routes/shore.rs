//! Opening a wall of a house: what stands while it is gone.

use axum::extract::State;
use serde::{Deserialize, Serialize};
use sturvek_core::job::WallId;
use sturvek_core::measure::{Length, LengthError};
use sturvek_core::remodel::opened_wall::{opened, shoring_working};
use sturvek_core::remodel::opening::Opening;
use sturvek_core::say;
use sturvek_core::shoring::header_over_studs::TemporaryHeader;
use sturvek_core::shoring::joists_meanwhile::Joists;
use sturvek_formats::sheets::working_lines;
use sturvek_wire::FieldErrors;
use sturvek_wire::choices::{Depth, Grade, Species};
use sturvek_wire::paper::WorkingLine;
use sturvek_wire::results::ShoreView;
use utoipa::{IntoParams, ToSchema};
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::workers::Wanted;

/// How a wall is opened.
#[derive(Clone, Debug, Deserialize, IntoParams)]
#[serde(default)]
#[into_params(parameter_in = Query)]
pub struct ShoreQuery {
    /// How far off a temporary wall stands at the wall's lower side, as it is typed; none where it is empty.
    #[param(required = false)]
    lower: String,
    /// And at its upper side.
    #[param(required = false)]
    upper: String,
    /// Studs nailed to one another.
    #[param(required = false)]
    plies: u8,
    /// Rows of blocking.
    #[param(required = false)]
    rows: u8,
    /// How deep the two boards of a header over the studs are; a plate only where it is left out.
    #[param(required = false)]
    header: Option<Depth>,
    /// How far apart studs under a header stand, as it is typed.
    #[param(required = false)]
    apart: String,
    /// How deep the joists over it are; not checked where it is left out.
    #[param(required = false)]
    joist_depth: Option<Depth>,
    /// Of which wood they are.
    #[param(required = false)]
    joist_species: Option<Species>,
    /// And of which grade.
    #[param(required = false)]
    joist_grade: Option<Grade>,
    /// How far apart they are, as it is typed.
    #[param(required = false)]
    joist_spacing: String,
    /// Whether floors are cleared.
    #[param(required = false)]
    cleared: bool,
    /// Whether snow is out of season.
    #[param(required = false)]
    no_snow: bool,
}

impl Default for ShoreQuery {
    fn default() -> Self {
        let Opening { lower, upper, plies, rows, header, joists, floors_cleared, no_snow } = Opening::USUAL;
        let typed = |off: Option<Length>| off.map_or_else(String::new, |off| off.to_inches().to_string());
        Self {
            lower: typed(lower),
            upper: typed(upper),
            plies,
            rows,
            header: header.map(|header| header.depth.into()),
            apart: typed(header.map(|header| header.apart)),
            joist_depth: joists.map(|joists| joists.depth.into()),
            joist_species: joists.map(|joists| joists.species.into()),
            joist_grade: joists.map(|joists| joists.grade.into()),
            joist_spacing: typed(joists.map(|joists| joists.spacing)),
            cleared: floors_cleared,
            no_snow,
        }
    }
}

impl ShoreQuery {
    fn read(&self) -> Result<Opening, FieldErrors> {
        let refused = |field: &str, why| FieldErrors::one(format!("/{field}"), why);
        let off = |field: &str, text: &str| -> Result<Option<Length>, FieldErrors> {
            let typed = Some(text.trim()).filter(|text| !text.is_empty());
            let read = |text: &str| text.parse().map_err(|error: LengthError| refused(field, error.phrase()));
            typed.map(read).transpose()
        };
        let apart = off("apart", &self.apart)?;
        let header = self.header.map(|depth| -> Result<TemporaryHeader, FieldErrors> {
            let apart = apart.ok_or_else(|| refused("apart", say!("shore-apart-missing")))?;
            Ok(TemporaryHeader { depth: depth.into(), apart })
        });
        let spacing = off("joist_spacing", &self.joist_spacing)?;
        let joists = self.joist_depth.map(|depth| -> Result<Joists, FieldErrors> {
            let spacing = spacing.ok_or_else(|| refused("joist_spacing", say!("shore-joists-missing")))?;
            let species = self.joist_species.unwrap_or(Species::SprucePineFir).into();
            let grade = self.joist_grade.unwrap_or(Grade::Number2).into();
            Ok(Joists { species, grade, depth: depth.into(), spacing })
        });
        let asked = Opening {
            joists: joists.transpose()?,
            header: header.transpose()?,
            lower: off("lower", &self.lower)?,
            upper: off("upper", &self.upper)?,
            plies: self.plies,
            rows: self.rows,
            floors_cleared: self.cleared,
            no_snow: self.no_snow,
        };
        asked.within_bounds().map_err(|(field, why)| refused(field, why))?;
        Ok(asked)
    }
}

/// What stands while a wall is gone between temporary ones.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/shore", params(("job" = Uuid, Path), ("wall" = Uuid, Path), ShoreQuery),
    responses((status = 200, body = ShoreView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_shore(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Params(query): Params<ShoreQuery>,
) -> Result<Written<ShoreView>, Problem> {
    let asked = query.read()?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let id = WallId(wall.as_u128());
        planned.plan.wall(id).ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        Ok(ShoreView::of(&planned.plan, asked, opened(&planned.plan, id, &asked)))
    };
    state.about(job, answer).await
}

/// The working of the temporary walls.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ShoreWorking {
    /// Its lines; none where there is no number.
    pub lines: Vec<WorkingLine>,
}

/// How studs and headers of the temporary walls are worked out.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/shore/working",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path), ShoreQuery),
    responses((status = 200, body = ShoreWorking), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_shore_working(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Params(query): Params<ShoreQuery>,
) -> Result<Written<ShoreWorking>, Problem> {
    let asked = query.read()?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let id = WallId(wall.as_u128());
        planned.plan.wall(id).ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        // A wall that cannot be opened has no working: why not is said beside it.
        let entries = shoring_working(&planned.plan, id, &asked).unwrap_or_default();
        Ok(ShoreWorking { lines: working_lines(&entries) })
    };
    state.about(job, answer).await
}
