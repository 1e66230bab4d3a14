//! The house: its storeys, what stands and lies in it, where its walls stand.

use super::check::Checks;
use super::input::Input;
use super::refused::{PartList, Within};
use super::stock::header;
use crate::house::{Field, FieldOf, House, Line, PartId, Spot};
use crate::job::Job;
use crate::measure::Length;
use crate::say;
use crate::sizing::post::PostSection;
use crate::speech::distance;

/// The house of a job, and the places of its walls in it.
pub(super) fn house(checks: &mut Checks, job: &Job) {
    let house = &job.house;
    for (place, wall) in job.walls.iter().enumerate() {
        let Some(stands) = wall.place else { continue };
        let within = Within::Wall { place, id: wall.id, name: wall.frame.name.clone() };
        checks.within(within, |checks| {
            checks.within(Within::Place, |checks| {
                of_level(checks, house, stands.level);
                checks.length(Input::LineOffset, stands.offset);
                checks.length(Input::LineStart, stands.start);
            });
        });
    }
    checks.within(Within::House, |checks| parts(checks, house));
}

fn parts(checks: &mut Checks, house: &House) {
    checks.count(Input::Levels, house.levels.len());
    each(
        checks,
        PartList::Levels,
        &house.levels,
        |part| (part.id, &part.name),
        |checks, level| {
            checks.length(Input::LevelHeight, level.height);
        },
    );
    checks.count(Input::Fields, house.fields.len());
    each(
        checks,
        PartList::Fields,
        &house.fields,
        |part| (part.id, &part.name),
        |checks, part| {
            of_level(checks, house, part.level);
            field(checks, part);
        },
    );
    checks.count(Input::Beams, house.beams.len());
    each(
        checks,
        PartList::Beams,
        &house.beams,
        |part| (part.id, &part.name),
        |checks, beam| {
            of_level(checks, house, beam.level);
            line(checks, &beam.line);
            checks.number(Input::BeamWeight, beam.weight.to_plf());
            if let Some(chosen) = beam.chosen {
                checks.within(Within::Chosen, |checks| header(checks, chosen));
            }
        },
    );
    checks.count(Input::HousePosts, house.posts.len());
    each(
        checks,
        PartList::Posts,
        &house.posts,
        |part| (part.id, &part.name),
        |checks, post| {
            of_level(checks, house, post.level);
            spot(checks, post.at);
            checks.number(Input::PostWeight, post.weight.to_lbf());
            if let Some(chosen) = post.chosen {
                checks.within(Within::Chosen, |checks| post_section(checks, chosen));
            }
        },
    );
    checks.count(Input::Foundations, house.foundations.len());
    each(
        checks,
        PartList::Foundations,
        &house.foundations,
        |part| (part.id, &part.name),
        |checks, part| {
            line(checks, &part.line);
        },
    );
    checks.count(Input::Pads, house.pads.len());
    each(
        checks,
        PartList::Pads,
        &house.pads,
        |part| (part.id, &part.name),
        |checks, pad| {
            spot(checks, pad.at);
            checks.length(Input::PadSize, pad.size);
        },
    );
    checks.count(Input::Marks, house.marks.len());
    each(
        checks,
        PartList::Marks,
        &house.marks,
        |part| (part.id, &part.name),
        |checks, mark| {
            of_level(checks, house, mark.level);
            checks.text(Input::MarkReason, &mark.reason);
            spot(checks, mark.at);
        },
    );
    checks.within(Within::Ground, |checks| {
        checks.number(Input::Soil, house.ground.soil.to_psf());
        checks.number(Input::ThickSlabOver, house.ground.thick_slab_over.to_lbf());
    });
}

fn each<'a, T>(
    checks: &mut Checks,
    list: PartList,
    parts: &'a [T],
    named: impl Fn(&'a T) -> (PartId, &'a String),
    check: impl Fn(&mut Checks, &'a T),
) {
    for (place, part) in parts.iter().enumerate() {
        let (id, name) = named(part);
        checks.within(Within::Part { list, place, id, name: name.clone() }, |checks| {
            checks.text(Input::PartName, name);
            check(checks, part);
        });
    }
}

/// A storey that is there.
fn of_level(checks: &mut Checks, house: &House, level: PartId) {
    let there = house.storey(level).is_some();
    checks.follow(there, Input::PartLevel, || say!("given-level-that-is-gone").into(), || say!("allowed-level"));
}

fn line(checks: &mut Checks, line: &Line) {
    checks.within(Within::Line, |checks| {
        checks.length(Input::LineOffset, line.offset);
        checks.length(Input::LineStart, line.start);
        checks.length(Input::LineLength, line.length);
        checks.length(Input::LineThickness, line.thickness);
    });
}

fn spot(checks: &mut Checks, spot: Spot) {
    checks.length(Input::SpotX, spot.x);
    checks.length(Input::SpotY, spot.y);
}

/// What a post is made of.
fn post_section(checks: &mut Checks, post: PostSection) {
    match post {
        PostSection::Studs { count, .. } => checks.count(Input::StudsOfAPost, usize::from(count)),
        PostSection::Solid(lumber) => {
            checks.follow(
                lumber.size.is_made(),
                Input::SawnSize,
                || lumber.size.name().into(),
                || say!("allowed-sawn"),
            );
        }
    }
}

/// The narrowest field, either way.
const NARROWEST_FIELD: Length = Length::inches(12);

fn field(checks: &mut Checks, field: &Field) {
    let over = &field.over;
    checks.length(Input::FieldLeft, over.near.x);
    checks.length(Input::FieldNear, over.near.y);
    for (input, low, high) in [(Input::FieldRight, over.near.x, over.far.x), (Input::FieldFar, over.near.y, over.far.y)]
    {
        checks.length(input, high);
        let fine = NARROWEST_FIELD <= high - low;
        checks.follow(
            fine,
            input,
            || distance(high),
            || say!("allowed-beyond", least = distance(low + NARROWEST_FIELD)),
        );
    }
    match &field.of {
        FieldOf::Floor(floor) => {
            checks.number(Input::FloorDead, floor.dead.to_psf());
            checks.number(Input::FloorLive, floor.live.to_psf());
            if let Some(depth) = floor.joist_depth {
                checks.length(Input::JoistDepth, depth);
            }
        }
        FieldOf::Ceiling(ceiling) => {
            checks.number(Input::CeilingDead, ceiling.dead.to_psf());
            checks.number(Input::AtticLive, ceiling.attic_live.to_psf());
        }
        FieldOf::Roof(roof) => {
            checks.number(Input::RiseInTwelve, roof.rise_in_twelve);
            checks.length(Input::RafterBay, roof.bay);
            checks.length(Input::Overhang, roof.overhang);
            checks.number(Input::RoofDead, roof.dead.to_psf());
            checks.number(Input::CeilingDead, roof.ceiling_dead.to_psf());
            checks.number(Input::AtticLive, roof.attic_live.to_psf());
            checks.number(Input::GableWeight, roof.gable_weight.to_psf());
        }
    }
}
