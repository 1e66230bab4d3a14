//! The calculation sheet of an opening: inputs, loads and where they come from, every check worked out, the schools, what was
//! assumed, and where the method ends. What an inspector asks for, produced by the calculation itself.

use super::house_sources::HOUSE_SOURCES;
use super::king_count::{KingPlace, king_wind};
use super::landed::wall_over_head;
use super::opening_plan::{Ground, OpeningOutcome, OpeningPlan, SizedHeader};
use crate::codes::Service;
use crate::job::{HeaderPlace, KingWindBasis, Rules, Wall};
use crate::loads::{Answer, SnowBasis, Standing, TakeDown, WallCarries, take_down_working};
use crate::measure::{End, Unit};
use crate::say;
use crate::sizing::kings::wind::king_checks;
use crate::sizing::limits::{OutsideLimits, where_the_method_ends};
use crate::sizing::problem::{HeaderFace, JackSeat, TopEdgeWidth};
use crate::sizing::sheet::{SheetPart, calculation_sheet};
use crate::speech::{Argument, Joined, Phrase, distance, number};
use crate::working::{Entry, Ink};

/// The whole sheet of a planned opening.
///
/// # Errors
/// [`OutsideLimits`] where the opening has no number.
pub fn opening_sheet(
    rules: &Rules<'_>,
    wall: &Wall,
    ground: &Ground,
    plan: &OpeningPlan,
) -> Result<Vec<SheetPart>, OutsideLimits> {
    let mut parts = vec![notes(say!("title-given"), given(rules, wall, plan))];
    let entries = match &wall.carries {
        WallCarries::Framing(carried) => take_down_working(carried, &rules.settings.site, wall.frame.length),
        WallCarries::Nothing => {
            let mut ink = Ink::default();
            wall_over_head(&mut ink, rules, wall, &plan.design);
            ink.into_entries()
        }
    };
    let entries: Vec<Entry> = entries.into_iter().chain(brought_by_house(ground)).collect();
    if !entries.is_empty() {
        parts.push(SheetPart { title: say!("title-take-down"), entries });
    }
    parts.push(notes(say!("title-said"), said(rules)));
    match &plan.outcome {
        OpeningOutcome::Outside(limit) => return Err(limit.clone()),
        OpeningOutcome::InBay(_) => {}
        OpeningOutcome::Flat => parts.extend(kings_part(rules, wall, &ground.landed.down, plan)),
        OpeningOutcome::Header(sized) => {
            parts.extend(calculation_sheet(&sized.problem, &sized.evaluation)?);
            parts.extend(kings_part(rules, wall, &ground.landed.down, plan));
            parts.push(notes(say!("title-schools"), schools(sized)));
            parts.push(notes(say!("title-assumed"), assumed(rules, plan, sized)));
        }
    }
    parts.push(notes(say!("title-ends"), where_the_method_ends().to_vec()));
    Ok(parts)
}

/// What the house brings to the wall, as it was followed there.
fn brought_by_house(ground: &Ground) -> Vec<Entry> {
    if ground.landed.house.is_none() {
        return Vec::new();
    }
    let followed = |source: &str| HOUSE_SOURCES.contains(&source);
    let lines = ground.landed.down.lines.iter().filter(|line| followed(line.source)).filter_map(|line| {
        let (from, to) = line.extent?;
        let what = Phrase::plain(line.source);
        let (load, kind) = (line.at_start, line.kind.symbol());
        Some(say!("note-house-brings-line", what, load, kind, from = distance(from), to = distance(to)))
    });
    let points = ground.landed.down.points.iter().filter(|point| followed(point.source)).map(|point| {
        let what = Phrase::plain(point.source);
        let loads = Argument::Phrases(point.amount.said(), Joined::Commas);
        say!("note-house-brings-point", what, loads, at = distance(point.at))
    });
    lines.chain(points).map(Entry::Note).collect()
}

/// Where the figures of the place stand, and the questions of the rules.
fn said(rules: &Rules<'_>) -> Vec<Phrase> {
    let settings = &rules.settings;
    let standing = |what: Phrase, standing: Standing| match standing {
        Standing::Said => say!("standing-said", what),
        Standing::AssumedBefore => say!("standing-assumed", what),
        Standing::NotSaid => say!("standing-not-said", what),
    };
    let answer = |what: Phrase, answer: Answer| match answer {
        Answer::Yes => say!("answer-yes", what),
        Answer::No => say!("answer-no", what),
        Answer::NotSaid => say!("answer-not-said", what),
    };
    vec![
        standing(say!("site-snow"), settings.said.snow),
        standing(say!("site-wind"), settings.said.wind),
        answer(say!("site-brittle"), settings.brittle_finish),
        answer(say!("site-enclosed"), settings.partially_enclosed),
        answer(say!("site-hill"), settings.on_a_hill),
    ]
}

fn notes(title: Phrase, lines: Vec<Phrase>) -> SheetPart {
    SheetPart { title, entries: lines.into_iter().map(Entry::Note).collect() }
}

fn given(rules: &Rules<'_>, wall: &Wall, plan: &OpeningPlan) -> Vec<Phrase> {
    let frame = &wall.frame;
    let snow = &rules.settings.site.snow;
    let snow = match snow.basis {
        SnowBasis::Ground(ground) => say!("given-ground-snow", snow = ground, edition = snow.edition.phrase()),
        SnowBasis::Roof(roof) => say!("given-roof-snow", snow = roof),
    };
    let mut lines = vec![
        say!(
            "given-opening",
            kind = plan.design.kind.phrase(),
            width = distance(plan.rough.width),
            height = distance(plan.rough.height),
            left = distance(plan.left()),
            sill = distance(plan.design.sill),
        ),
        say!(
            "given-wall",
            name = &frame.name,
            length = distance(frame.length),
            height = distance(frame.height()),
            studs = frame.stud_stock(),
            spacing = frame.spacing,
            plates = frame.plate_species.name(),
        ),
        say!("given-site", snow, roof_live = rules.settings.site.roof_live),
    ];
    if let OpeningOutcome::Header(sized) = &plan.outcome {
        let header = sized.evaluation.header;
        let (cut, values) = (distance(plan.header_length()), rules.code().values_source(header.board));
        let header = header.name();
        lines.push(if sized.chosen {
            say!("given-header-chosen", header, cut, values)
        } else {
            say!("given-header-by-school", header, cut, values)
        });
        lines.push(say!(
            "given-packs",
            jacks_left = plan.jacks.left,
            jacks_right = plan.jacks.right,
            kings_left = plan.kings_framed(End::Left),
            kings_right = plan.kings_framed(End::Right),
        ));
    }
    lines
}

/// Wind on the kings of one end, which is the same at both.
fn kings_part(rules: &Rules<'_>, wall: &Wall, down: &TakeDown, plan: &OpeningPlan) -> Option<SheetPart> {
    let mut ink = Ink::default();
    let wind =
        king_wind(&mut ink, rules, wall, down, KingPlace { clear: plan.rough.width, center: plan.design.center })?;
    let values = rules.code().stud_values(wind.stud)?;
    let kings = plan.kings_framed(End::Left).max(1);
    king_checks(&mut ink, &wind, &values, kings);
    Some(SheetPart { title: say!("title-kings", kings), entries: ink.into_entries() })
}

fn schools(sized: &SizedHeader) -> Vec<Phrase> {
    let line = |opinion: &crate::sizing::schools::Opinion| {
        let header = opinion.header.map_or_else(|| say!("no-header").into(), |header| Argument::from(header.name()));
        let (school, words) = (opinion.school.phrase(), opinion.words.clone());
        if opinion.school == sized.school {
            say!("by-school-governs", school, header, words)
        } else {
            say!("by-school", school, header, words)
        }
    };
    sized.schools.iter().map(line).collect()
}

/// Every convention in force, in words.
fn assumed(rules: &Rules<'_>, plan: &OpeningPlan, sized: &SizedHeader) -> Vec<Phrase> {
    let conventions = &sized.problem.conventions;
    let settings = &rules.settings;
    let mut lines = vec![
        settings.margin.phrase(),
        say!("assumed-asd"),
        say!("assumed-spans"),
        say!(
            "assumed-sag",
            live = number(conventions.live_deflection_limit, Unit::None),
            total = number(conventions.total_deflection_limit, Unit::None),
            creep = number(conventions.creep, Unit::None),
        ),
        say!("assumed-own-weight"),
        say!("assumed-jacks-held"),
    ];
    lines.push(match (plan.design.place, conventions_width(sized)) {
        (HeaderPlace::TightToPlates, _) => say!("assumed-tight"),
        (HeaderPlace::AtHeadHeight, TopEdgeWidth::AllPlies) => {
            say!("assumed-hung-nailed")
        }
        (HeaderPlace::AtHeadHeight, TopEdgeWidth::OnePly) => {
            say!("assumed-hung-not-nailed")
        }
    });
    if conventions.service == Service::Wet {
        lines.push(say!("assumed-wet"));
    }
    if !conventions.shear_at_depth {
        lines.push(say!("assumed-joists-on-side"));
    }
    lines.push(match conventions.face {
        Some(HeaderFace::OneFace) => {
            say!("assumed-one-face", more = crate::sizing::jacks::eccentric::FILLER)
        }
        Some(HeaderFace::Centered) => say!("assumed-centered"),
        Some(HeaderFace::BothFaces) => say!("assumed-both-faces"),
        None => say!("assumed-middle"),
    });
    if sized.problem.spaced.is_some() {
        lines.push(say!("assumed-points"));
    }
    if conventions.seat == JackSeat::Notched {
        lines.push(say!("assumed-notched"));
    }
    if sized.assumed_grade {
        lines.push(say!("assumed-grade"));
    }
    if settings.wind == KingWindBasis::CodeTableOnly {
        lines.push(say!("assumed-no-wind"));
    }
    lines
}

fn conventions_width(sized: &SizedHeader) -> TopEdgeWidth {
    match sized.problem.conventions.top_edge {
        crate::sizing::TopEdge::Free(width) | crate::sizing::TopEdge::FreeBelow { width, .. } => width,
        crate::sizing::TopEdge::Braced => TopEdgeWidth::AllPlies,
    }
}
