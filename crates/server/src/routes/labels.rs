//! Labels for what is cut: what it is, how long, where it goes, and a code that leads a phone to that place.

use std::collections::BTreeMap;

use axum::extract::State;
use axum::http::{HeaderMap, header};
use qrcode::{Color, QrCode};
use serde::Serialize;
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::pieces::{CutPiece, Of, pieces_of_job};
use sturvek_core::framing::member::{Bevel, Minded};
use sturvek_core::job::{Job, WallId};
use sturvek_wire::speech::Phrase;
use utoipa::ToSchema;
use uuid::Uuid;

use super::cut::CutQuery;
use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;

/// Labels, one for each piece, in the order in which they are cut.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LabelsView {
    /// Where the pieces go.
    pub places: Vec<LabelPlaceView>,
    /// The labels.
    pub labels: Vec<LabelView>,
}

/// A place that a code leads to.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LabelPlaceView {
    /// What the code says.
    pub address: String,
    /// How many squares the code has a side.
    pub squares: usize,
    /// Its dark squares, as the path of a drawing a unit a square.
    pub path: String,
}

/// A label.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LabelView {
    /// What the piece is.
    pub what: Phrase,
    /// Cut length, at its longest, nanometers.
    pub length: i64,
    /// Degrees off square, where an end is not.
    pub bevel_degrees: Option<f64>,
    /// What it is cut from.
    pub wood: Phrase,
    /// Whether it lies with its TOP stamp up.
    pub top_up: bool,
    /// Who gets it.
    pub goes: Phrase,
    /// Where it goes, by its place in the list of places.
    pub place: usize,
}

/// The labels of a job, or of a part of its house.
#[utoipa::path(get, path = "/api/jobs/{job}/labels", params(("job" = Uuid, Path), CutQuery),
    responses((status = 200, body = LabelsView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_labels(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(query): Params<CutQuery>,
    headers: HeaderMap,
) -> Result<Written<LabelsView>, Problem> {
    // A phone reaches this machine on site; where nobody does, the code leads to where the page came from.
    let on_site = state.site.as_ref().and_then(|site| site.at().into_iter().next());
    let host = headers.get(header::HOST).and_then(|host| host.to_str().ok()).unwrap_or_default();
    let base = on_site.unwrap_or_else(|| format!("http://{host}"));
    let answer = move |planned: &Planned, _: &Wanted| {
        let mut all = pieces_of_job(&planned.plan);
        all.pieces.retain(|piece| query.takes(planned.plan.job(), piece.id.of));
        labels_of(planned.plan.job(), job, &all.pieces, &base)
    };
    state.about(job, answer).await
}

/// The page of the place that a piece goes to.
fn page_of(job: Uuid, of: Of) -> String {
    match of.wall() {
        Some(WallId(wall)) => format!("/jobs/{job}/walls/{}", Uuid::from_u128(wall)),
        None => format!("/jobs/{job}/house"),
    }
}

fn labels_of(job: &Job, id: Uuid, pieces: &[CutPiece], base: &str) -> Result<LabelsView, Problem> {
    let mut places: Vec<LabelPlaceView> = Vec::new();
    let mut known: BTreeMap<String, usize> = BTreeMap::new();
    let mut labels = Vec::new();
    for list in cut_list(pieces.iter().enumerate()) {
        for piece in list.settings.iter().flat_map(|setting| &setting.pieces).map(|place| &pieces[*place]) {
            let page = page_of(id, piece.id.of);
            let place = match known.get(&page) {
                Some(place) => *place,
                None => {
                    places.push(code(format!("{base}{page}"))?);
                    known.insert(page, places.len() - 1);
                    places.len() - 1
                }
            };
            labels.push(LabelView {
                what: piece.id.for_.phrase().into(),
                length: piece.length.nanometers(),
                bevel_degrees: piece.bevel.map(Bevel::degrees),
                wood: piece.section().phrase().into(),
                top_up: piece.stock.minded == Minded::TopUp,
                goes: piece.id.of.phrase(job).into(),
                place,
            });
        }
    }
    Ok(LabelsView { places, labels })
}

/// The code of an address.
fn code(address: String) -> Result<LabelPlaceView, Problem> {
    let code = QrCode::new(&address).map_err(|error| Problem::internal(&error))?;
    let squares = code.width();
    let dark = code.to_colors().into_iter().enumerate().filter(|(_, color)| *color == Color::Dark);
    let path = dark.map(|(place, _)| format!("M{} {}h1v1h-1z", place % squares, place / squares)).collect();
    Ok(LabelPlaceView { address, squares, path })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_code_has_as_many_squares_as_its_sides_and_a_dark_corner() {
        let drawn = code("http://localhost:4860/jobs/1/house".to_owned()).expect("short enough");
        // A code of any size begins with the ring of a finder: seven dark squares, then a light one.
        assert!(drawn.path.starts_with("M0 0h1v1h-1zM1 0"));
        assert!(!drawn.path.contains("M7 0h") && 21 <= drawn.squares);
    }
}
