//! An opening: its design, what was decided about it, what it was when it was framed.

use super::check::Checks;
use super::input::Input;
use super::refused::Within;
use super::stock;
use crate::job::rough_opening::{RoughOpeningRules, rough_opening};
use crate::job::{
    CountOverride, HeaderChoice, Letter, Opening, OpeningDesign, RunDesign, SillStyle, Size, StudRole, usual_sizes,
};
use crate::measure::{End, Ends, Length};
use crate::say;
use crate::speech::distance;

/// A whole opening, in a wall of this length, in a job with these rules.
pub(super) fn opening(checks: &mut Checks, opening: &Opening, wall_length: Length, rules: &RoughOpeningRules) {
    checks.within(Within::Design, |checks| design(checks, &opening.design, wall_length, rules));
    if let Some(letter) = opening.letter {
        checks.follow(
            letter <= Letter::LAST,
            Input::OpeningLetter,
            || letter.0.into(),
            || say!("allowed-letters", last = Letter::LAST.0),
        );
    }
    decisions(checks, &opening.jacks, &opening.kings);
    let Some(framed) = &opening.framed_as else { return };
    checks.within(Within::FramedAs, |checks| {
        // The wall or the rules may have changed since: its place then is history, not a mistake.
        checks.within(Within::Design, |checks| unit(checks, framed.design.unit));
        decisions(checks, &framed.jacks, &framed.kings);
    });
}

fn unit(checks: &mut Checks, size: Size) {
    checks.length(Input::UnitWidth, size.width);
    checks.length(Input::UnitHeight, size.height);
}

fn design(checks: &mut Checks, design: &OpeningDesign, wall_length: Length, rules: &RoughOpeningRules) {
    unit(checks, design.unit);
    if let Some(rough) = design.rough {
        checks.length(Input::RoughWidth, rough.width);
        checks.length(Input::RoughHeight, rough.height);
    }
    let inside = (Length::ZERO..=wall_length).contains(&design.center);
    checks.follow(
        inside,
        Input::Center,
        || distance(design.center),
        || say!("allowed-on-wall-between-ends", length = distance(wall_length)),
    );
    checks.length(Input::Sill, design.sill);
    if let HeaderChoice::Chosen(header) = design.header {
        checks.within(Within::Header, |checks| stock::header(checks, header));
    }
    checks.length(Input::SheathingReturn, design.sheathing_return);
    if let SillStyle::Sloped(fall) = design.sill_style {
        checks.length(Input::SillFall, fall);
    }
    run(checks, &design.run, rough_opening(design, rules).width);
}

/// Where a header runs past an opening this wide.
fn run(checks: &mut Checks, run: &RunDesign, clear: Length) {
    /// How far posts stay from the opening's faces.
    const INSIDE: Length = Length::inches(6);
    /// How far posts stay apart.
    const APART: Length = Length::inches(12);
    for end in End::BOTH {
        let Some(past) = run.past.at(end) else { continue };
        checks.within(Within::Past(end), |checks| {
            checks.length(Input::RunPast, past.length);
            checks.count(Input::FarStuds, usize::from(past.far_studs));
        });
    }
    for (place, post) in run.posts.iter().flatten().enumerate() {
        checks.within(Within::Post(place), |checks| {
            let inside = INSIDE <= post.at && post.at <= clear - INSIDE;
            checks.follow(
                inside,
                Input::PostAt,
                || distance(post.at),
                || say!("allowed-post", least = Length::inches(6)),
            );
            checks.count(Input::PostStuds, usize::from(post.studs));
        });
    }
    if let [Some(first), Some(second)] = run.posts {
        let apart = (second.at - first.at).abs();
        checks.follow(
            APART <= apart,
            Input::PostsApart,
            || distance(apart),
            || say!("allowed-apart", least = Length::feet(1)),
        );
    }
}

fn decisions(checks: &mut Checks, jacks: &Ends<Option<CountOverride>>, kings: &Ends<Option<CountOverride>>) {
    for end in End::BOTH {
        for (role, decided) in [(StudRole::Jack, jacks.at(end)), (StudRole::King, kings.at(end))] {
            let Some(decided) = decided else { continue };
            checks.within(Within::Decided(role, end), |checks| {
                checks.count(Input::DecidedCount, usize::from(decided.count));
                checks.text(Input::DecidedReason, &decided.reason);
            });
        }
    }
}

/// Whether a unit is of a size that its kind comes in.
pub(super) fn unit_size(checks: &mut Checks, design: &OpeningDesign) {
    let (wide, high) = usual_sizes::of_kind(design.kind);
    for (input, value, range, dimension) in
        [(Input::KindWidth, design.unit.width, wide, "wide"), (Input::KindHeight, design.unit.height, high, "high")]
    {
        let given =
            || say!("given-unit", kind = design.kind.phrase(), value = distance(value), dimension = dimension).into();
        checks.follow(range.contains(value), input, given, || range.phrase());
    }
}
