//! What a wall carries, and its point loads.

use super::check::Checks;
use super::input::Input;
use super::refused::Within;
use crate::job::PointLoad;
use crate::loads::{Extent, FloorFraming, Framing, LoadKind, OpeningsAbove, WallCarries};
use crate::measure::Length;
use crate::say;
use crate::speech::distance;

/// What a wall of this length carries.
pub(super) fn carries(checks: &mut Checks, carries: &WallCarries, wall_length: Length) {
    let WallCarries::Framing(items) = carries else { return };
    checks.count(Input::Carried, items.len());
    for (place, item) in items.iter().enumerate() {
        checks.within(Within::Carried(place), |checks| {
            extent(checks, Input::Extent, item.extent, wall_length);
            framing(checks, &item.framing, wall_length);
        });
    }
}

fn extent(checks: &mut Checks, input: Input, extent: Extent, wall_length: Length) {
    let Some((from, to)) = extent else { return };
    let fine = Length::ZERO <= from && from < to && to <= wall_length;
    checks.follow(
        fine,
        input,
        || say!("given-stretch", from = distance(from), to = distance(to)).into(),
        || say!("allowed-stretch", length = distance(wall_length)),
    );
}

fn framing(checks: &mut Checks, framing: &Framing, wall_length: Length) {
    match framing {
        Framing::Roof(roof) => {
            checks.length(Input::BuildingWidth, roof.building_width);
            checks.length(Input::Overhang, roof.overhang);
            checks.number(Input::RiseInTwelve, roof.rise_in_twelve);
            checks.length(Input::RafterBay, roof.bay);
            checks.number(Input::RoofDead, roof.roof_dead.to_psf());
            checks.number(Input::CeilingDead, roof.ceiling_dead.to_psf());
            checks.number(Input::AtticLive, roof.attic_live.to_psf());
        }
        Framing::RidgePost(post) => {
            checks.on_wall(Input::RidgePostAt, post.at, wall_length);
            checks.length(Input::BuildingWidth, post.building_width);
            checks.number(Input::RiseInTwelve, post.rise_in_twelve);
            checks.length(Input::RidgeSpanOneSide, post.span_one_side);
            checks.length(Input::RidgeSpanOtherSide, post.span_other_side);
            checks.number(Input::RidgeBeamWeight, post.beam_weight.to_plf());
            checks.number(Input::RoofDead, post.roof_dead.to_psf());
        }
        Framing::Floor(floor) => {
            checks.length(Input::JoistSpanOneSide, floor.span_one_side);
            // Joists that run on over the wall have a span beyond it.
            let beyond = match floor.framing {
                FloorFraming::ContinuousOverThisWall | FloorFraming::ContinuousEndingHere => Input::JoistSpanBeyond,
                _ => Input::JoistSpanOtherSide,
            };
            checks.length(beyond, floor.span_other_side);
            checks.length(Input::JoistBay, floor.bay);
            checks.number(Input::FloorDead, floor.dead.to_psf());
            checks.number(Input::FloorLive, floor.live.to_psf());
        }
        Framing::WallAbove(wall) => {
            checks.length(Input::WallAboveHeight, wall.height);
            checks.number(Input::WallAboveDead, wall.dead.to_psf());
            let OpeningsAbove::At(places) = wall.openings else { return };
            for (place, at) in places.into_iter().flatten().enumerate() {
                checks.within(Within::OpeningAbove(place), |checks| {
                    extent(checks, Input::OpeningAbove, Some(at), wall_length);
                });
            }
        }
        Framing::Gable(gable) => {
            checks.number(Input::RiseInTwelve, gable.rise_in_twelve);
            checks.number(Input::GableDead, gable.dead.to_psf());
        }
    }
}

/// A point load, on a wall of this length.
pub(super) fn point_load(checks: &mut Checks, load: &PointLoad, wall_length: Length) {
    checks.text(Input::PointLoadName, &load.name);
    checks.on_wall(Input::PointLoadAt, load.at, wall_length);
    for (input, kind) in [
        (Input::PointLoadDead, LoadKind::Dead),
        (Input::PointLoadFloorLive, LoadKind::FloorLive),
        (Input::PointLoadRoofLive, LoadKind::RoofLive),
        (Input::PointLoadSnow, LoadKind::Snow),
    ] {
        checks.number(input, load.amount.get(kind).to_lbf());
    }
}
