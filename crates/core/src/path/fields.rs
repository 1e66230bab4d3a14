//! # Source a field to the lines under it
//!
//! **What it does.** A strip of joists, rafters or trusses one foot wide is a beam over the lines under it: what each takes is a load along
//! that line. Over a strip with fewer than two supports nothing is carried: it is a break.
//!
//! **Source.** Elementary statics ([`crate::statics::shares`]); simple spans unless the joists run in one piece.
//!
//! **Limits.** Lines along the joists get nothing. All of a load stands everywhere; what more a line takes where people stand only on the spans and
//! tails that press it is kept beside it, for sizing. Snow and what roofs carry stand everywhere.
//!
//! **Worked example.** Trusses over 24 ft with 2 ft overhangs under 15 psf: 15 · (12 + 2) = 210 lb/ft on each outside wall, nothing inside.

use super::loaded::{Break, Carrier, LoadPath, Part, Source, Stretch, Why};
use super::structure::{Field, FieldRun, StoreyStructure};
use super::support::{Strip, Support, strips};
use crate::house::plan::Spot;
use crate::loads::{ByCase, LoadCase};
use crate::measure::Length;
use crate::say;
use crate::speech::{Argument, Joined, distance};
use crate::statics::{Joints, OneLoad, shares};
use crate::working::{Clause, Entry, Ink, Number, Pen, Silent, Unit};

/// Brings every field of a storey down on its lines.
pub(super) fn fields_come_down<P: Pen>(pen: &mut P, storey: &StoreyStructure, place: usize, path: &mut LoadPath) {
    for (index, field) in storey.fields.iter().enumerate() {
        let from = Source { storey: place, part: Part::Field(index) };
        for strip in strips(storey, field) {
            strip_comes_down(pen, field, &strip, from, path);
        }
    }
}

fn strip_comes_down<P: Pen>(pen: &mut P, field: &Field, strip: &Strip, from: Source, path: &mut LoadPath) {
    let Some((supports, joints)) = bears_on(field, strip) else {
        path.breaks.extend(broken(field, strip, from));
        return;
    };
    let more = more_by_patterns(field, &supports, joints);
    for ((support, plf), more) in supports.iter().zip(on_each(pen, field, &supports, joints)).zip(more) {
        let (at, carrier) = *support;
        let stretch = Stretch { low: strip.low, high: strip.high, plf, more, from, came_down: at };
        // A strip bears on lines only.
        if let Some(top) = path.storeys[from.storey].top(carrier) {
            top.stretches.push(stretch);
        }
    }
}

/// The supports that a strip bears on, and how it goes over them; `None` where there are fewer than two.
fn bears_on(field: &Field, strip: &Strip) -> Option<(Vec<Support>, Joints)> {
    let [first, .., last] = strip.supports.as_slice() else { return None };
    Some(match field.run {
        FieldRun::Clear => (vec![*first, *last], Joints::AtEverySupport),
        FieldRun::Simple => (strip.supports.clone(), Joints::AtEverySupport),
        FieldRun::Continuous => (strip.supports.clone(), Joints::None),
    })
}

/// The working of what a field brings to one of its lines at a place along that: of the strip there what each support takes of a load of one, and
/// that times what lies on it. `None` where the line does not carry it there.
pub fn field_working(storey: &StoreyStructure, field: &Field, on: Carrier, at: Length) -> Option<Vec<Entry>> {
    let strip = strips(storey, field).into_iter().find(|strip| strip.low <= at && at <= strip.high)?;
    let (supports, joints) = bears_on(field, &strip)?;
    let here = supports.iter().position(|(_, carrier)| *carrier == on)?;
    let mut ink = Ink::default();
    ink.note(|| {
        let places = supports.iter().map(|(at, _)| say!("a-place", at = distance(*at))).collect();
        say!("note-strip-over", supports = Argument::Phrases(places, Joined::Commas))
    });
    let places: Vec<f64> = supports.iter().map(|(at, _)| at.to_feet()).collect();
    for load in field.loads.iter().filter(|load| !load.psf.is_nothing()) {
        let (low, high) = field.part(load);
        ink.note(|| say!("note-load-on-a-strip", from = distance(low), to = distance(high)));
        let widths = shares(&mut ink, &places, joints, OneLoad::Along(low.to_feet(), high.to_feet()));
        for case in LoadCase::ALL.into_iter().filter(|case| load.psf.get(*case) != 0.0) {
            let line = widths[here].clone() * ink.given("p", load.psf.get(case));
            ink.step("step-what-it-brings-here", case.symbol(), Unit::PoundsPerFoot, Clause::STATICS, line);
        }
    }
    Some(ink.into_entries())
}

/// What one foot of the strip brings each of its supports, lb/ft.
fn on_each<P: Pen>(pen: &mut P, field: &Field, supports: &[Support], joints: Joints) -> Vec<ByCase> {
    let places: Vec<f64> = supports.iter().map(|(at, _)| at.to_feet()).collect();
    let mut sums = vec![ByCase::NOTHING; supports.len()];
    for load in &field.loads {
        let (low, high) = field.part(load);
        let widths = shares(pen, &places, joints, OneLoad::Along(low.to_feet(), high.to_feet()));
        for (sum, width) in sums.iter_mut().zip(widths) {
            sum.add(width.value(), &load.psf);
        }
    }
    sums
}

/// What more each support takes where people stand only on those spans and tails that press it, lb/ft.
fn more_by_patterns(field: &Field, supports: &[Support], joints: Joints) -> Vec<ByCase> {
    let mut more = vec![ByCase::NOTHING; supports.len()];
    if !field.is_floor() {
        return more;
    }
    let places: Vec<f64> = supports.iter().map(|(at, _)| at.to_feet()).collect();
    for load in &field.loads {
        let (low, high) = field.part(load);
        let (low, high) = (low.to_feet(), high.to_feet());
        let people = [LoadCase::FloorLive, LoadCase::DeckLive]
            .into_iter()
            .fold(ByCase::NOTHING, |all, case| all.with(case, load.psf.get(case)));
        let mut edges = vec![low];
        edges.extend(places.iter().copied().filter(|place| low < *place && *place < high));
        edges.push(high);
        for pair in edges.windows(2) {
            let widths = shares(&mut Silent, &places, joints, OneLoad::Along(pair[0], pair[1]));
            for (more, width) in more.iter_mut().zip(widths) {
                // What lifts it is not there.
                more.add((-width).max(0.0), &people);
            }
        }
    }
    more
}

/// What of a strip is not carried: each load along a line half way along its part of the joists.
fn broken(field: &Field, strip: &Strip, from: Source) -> impl Iterator<Item = Break> {
    let why = Why::FieldNeedsTwo(strip.supports.first().map(|(_, carrier)| *carrier));
    field.loads.iter().filter(|load| !load.psf.is_nothing()).map(move |load| {
        let (low, high) = field.part(load);
        let half_way = Length::from_nanometers(i64::midpoint(low.nanometers(), high.nanometers()));
        let spot = |across: Length| Spot::on(field.span, half_way, across);
        let amount = load.psf.times((high - low).to_feet());
        Break { from, at: (spot(strip.low), Some(spot(strip.high))), amount, why }
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::plan::Axis;
    use crate::loads::LoadCase;
    use crate::path::Carrier;
    use crate::path::follow;
    use crate::path::testing::{field, storey_under, wall_across};

    #[test]
    fn worked_example() {
        let walls = [0, 12, 24].map(|feet| wall_across(Axis::X, Length::feet(feet))).to_vec();
        let trusses = field(FieldRun::Clear, Axis::Y, (-2, 26), 15.0);
        let path = follow(&storey_under(walls, vec![trusses]));
        let on = |wall: usize| {
            let top = &path.storeys[0].walls[wall].top;
            top.stretches.iter().map(|each| each.plf.get(LoadCase::Dead)).sum::<f64>()
        };
        assert!((on(0) - 210.0).abs() < 1e-9 && on(1).abs() < 1e-9 && (on(2) - 210.0).abs() < 1e-9);
    }

    #[test]
    fn one_line_under_a_strip_is_no_support() {
        let joists = field(FieldRun::Simple, Axis::Y, (0, 12), 10.0);
        let path = follow(&storey_under(vec![wall_across(Axis::X, Length::ZERO)], vec![joists]));
        let of_field: Vec<&Break> =
            path.breaks.iter().filter(|each| matches!(each.from.part, Part::Field(_))).collect();
        assert_eq!(of_field.len(), 1);
        assert_eq!(of_field[0].why, Why::FieldNeedsTwo(Some(Carrier::Wall(0))));
        assert!((of_field[0].amount.get(LoadCase::Dead) - 120.0).abs() < 1e-9, "10 psf over 12 ft");
        assert!(path.storeys[0].walls[0].top.is_empty(), "the one line gets nothing");
    }
}
