//! The calculation sheet of an opening: inputs, loads and where they come from, every check worked out, the schools, what was
//! assumed, and where the method ends. What an inspector asks for, produced by the calculation itself.

use super::king_count::{KingPlace, king_wind};
use super::opening_plan::{Ground, OpeningOutcome, OpeningPlan, SizedHeader};
use super::opening_problem::wall_over_head;
use crate::job::{HeaderPlace, KingWindBasis, Rules, Wall};
use crate::loads::{Answer, SnowBasis, Standing, TakeDown, WallCarries, take_down_working};
use crate::lumber::factors::wet_service::Service;
use crate::lumber::{SawnSize, design_values};
use crate::measure::{End, Length, LengthStyle};
use crate::sizing::kings::wind::king_checks;
use crate::sizing::limits::{OutsideLimits, WHERE_THE_METHOD_ENDS};
use crate::sizing::problem::{HeaderFace, JackSeat, TopEdgeWidth};
use crate::sizing::sheet::{SheetPart, calculation_sheet};
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
    let mut parts = vec![notes("what is given", given(rules, wall, plan))];
    let entries = match &wall.carries {
        WallCarries::Framing(carried) => take_down_working(carried, &rules.settings.site, wall.frame.length),
        WallCarries::Nothing => {
            let mut ink = Ink::default();
            wall_over_head(&mut ink, rules, wall, &plan.design);
            ink.into_entries()
        }
    };
    if !entries.is_empty() {
        parts.push(SheetPart { title: "what comes down on the wall".into(), entries });
    }
    parts.push(notes("what was said and what was not", said(rules)));
    match &plan.outcome {
        OpeningOutcome::Outside(limit) => return Err(limit.clone()),
        OpeningOutcome::InBay(_) => {}
        OpeningOutcome::Flat => parts.extend(kings_part(rules, wall, &ground.down, plan)),
        OpeningOutcome::Header(sized) => {
            parts.extend(calculation_sheet(&sized.problem, &sized.evaluation)?);
            parts.extend(kings_part(rules, wall, &ground.down, plan));
            parts.push(notes("the three schools", schools(sized)));
            parts.push(notes("what is assumed", assumed(rules, plan, sized)));
        }
    }
    parts.push(notes("where the method ends", WHERE_THE_METHOD_ENDS.map(str::to_owned).to_vec()));
    Ok(parts)
}

/// Where the figures of the place stand, and the questions of the rules.
fn said(rules: &Rules<'_>) -> Vec<String> {
    let settings = &rules.settings;
    let standing = |what: &str, standing: Standing| match standing {
        Standing::Said => format!("{what}: said."),
        Standing::AssumedBefore => format!("{what}: assumed before anybody was asked; confirm it under Rules."),
        Standing::NotSaid => format!("{what}: not said, and not used."),
    };
    let answer = |what: &str, answer: Answer| match answer {
        Answer::Yes => format!("{what}: yes."),
        Answer::No => format!("{what}: no."),
        Answer::NotSaid => format!("{what}: nobody answered; taken as no."),
    };
    vec![
        standing("Snow", settings.said.snow),
        standing("Wind", settings.said.wind),
        answer("Brittle finish on the walls", settings.brittle_finish),
        answer("Partially enclosed building", settings.partially_enclosed),
        answer("On a hill or ridge", settings.on_a_hill),
    ]
}

fn notes(title: &str, lines: Vec<String>) -> SheetPart {
    SheetPart { title: title.to_owned(), entries: lines.into_iter().map(Entry::Note).collect() }
}

fn feet(length: Length) -> String {
    length.written(LengthStyle::FeetInches)
}

fn given(rules: &Rules<'_>, wall: &Wall, plan: &OpeningPlan) -> Vec<String> {
    let frame = &wall.frame;
    let snow = &rules.settings.site.snow;
    let snow = match snow.basis {
        SnowBasis::Ground(ground) => format!("ground snow {} psf ({})", ground.to_psf(), snow.edition.name()),
        SnowBasis::Roof(roof) => format!("roof snow {} psf, the user's own", roof.to_psf()),
    };
    let mut lines = vec![
        format!(
            "Opening: {}, rough opening {} wide, {} high, its left face {} from the wall's left end, its sill {} up.",
            plan.design.kind.word(),
            feet(plan.rough.width),
            feet(plan.rough.height),
            feet(plan.left()),
            feet(plan.design.sill)
        ),
        format!(
            "Wall \"{}\": {} long, {} high over all plates, studs {} at {}, plates {}.",
            frame.name,
            feet(frame.length),
            feet(frame.height()),
            frame.stud_stock(),
            frame.spacing.written(LengthStyle::Inches),
            frame.plate_species.name()
        ),
        format!("Site: {snow}; roof live load {} psf.", rules.settings.site.roof_live.to_psf()),
    ];
    if let OpeningOutcome::Header(sized) = &plan.outcome {
        let header = sized.evaluation.header;
        let chosen = if sized.chosen { "chosen by the user" } else { "the governing school's" };
        lines.push(format!(
            "Header: {}, {chosen}, cut {}. Design values: {}.",
            header.name(),
            feet(plan.header_length()),
            header.board.values_source()
        ));
        let (jacks, kings) = (plan.jacks, plan.kings_framed(End::Left));
        lines.push(format!(
            "Jacks: {} left, {} right; kings: {kings} left, {} right.",
            jacks.left,
            jacks.right,
            plan.kings_framed(End::Right)
        ));
    }
    lines
}

/// Wind on the kings of one end, which is the same at both.
fn kings_part(rules: &Rules<'_>, wall: &Wall, down: &TakeDown, plan: &OpeningPlan) -> Option<SheetPart> {
    let mut ink = Ink::default();
    let wind =
        king_wind(&mut ink, rules, wall, down, KingPlace { clear: plan.rough.width, center: plan.design.center })?;
    let stud = wind.stud;
    let values = design_values::sawn(stud.species, stud.grade, SawnSize::two_by(stud.depth))?;
    let kings = plan.kings_framed(End::Left).max(1);
    king_checks(&mut ink, &wind, &values, kings);
    Some(SheetPart { title: format!("{kings} kings at each end, wind"), entries: ink.into_entries() })
}

fn schools(sized: &SizedHeader) -> Vec<String> {
    let line = |opinion: &crate::sizing::schools::Opinion| {
        let header = opinion.header.map_or_else(|| "no header".to_owned(), |header| header.name());
        let governs = if opinion.school == sized.school { " Governs in this job." } else { "" };
        format!("By {}: {header}. {}{governs}", opinion.school.name(), opinion.words)
    };
    sized.schools.iter().map(line).collect()
}

/// Every convention in force, in words.
fn assumed(rules: &Rules<'_>, plan: &OpeningPlan, sized: &SizedHeader) -> Vec<String> {
    let conventions = &sized.problem.conventions;
    let settings = &rules.settings;
    let mut lines = vec![
        settings.margin.words().to_owned(),
        "Allowable stress design: NDS 2018, ASCE 7 2.4, both from memory. Normal temperature, no incising.".into(),
        "Spans run between centers of bearing: the clear opening and half of each jack pack.".into(),
        format!(
            "Sag under live load up to span/{}, under all load up to span/{}; dead load counts {} times for creep.",
            conventions.live_deflection_limit, conventions.total_deflection_limit, conventions.creep
        ),
        "The header's own weight is counted; fillers add no strength.".into(),
        "Jacks are held by kings and sheathing in the wall's plane.".into(),
    ];
    lines.push(match (plan.design.place, conventions_width(sized)) {
        (HeaderPlace::TightToPlates, _) => "The header is tight under the plates, which hold its top edge: C_L = 1.".into(),
        (HeaderPlace::AtHeadHeight, TopEdgeWidth::AllPlies) => {
            "The header hangs at head height, its top edge free over the span; somebody confirmed that its plies are nailed \
             to act as one. The code's table takes 0.70 of the span of dropped 2x8 to 2x12 headers instead."
                .into()
        }
        (HeaderPlace::AtHeadHeight, TopEdgeWidth::OnePly) => {
            "The header hangs at head height, its top edge free over the span; its nailing is not confirmed, so one ply \
             alone resists rolling over. The code's table takes 0.70 of the span of dropped 2x8 to 2x12 headers instead."
                .into()
        }
    });
    if conventions.service == Service::Wet {
        lines.push("Wet service: moisture over 19 % for long; dead load counts twice for creep.".into());
    }
    if !conventions.shear_at_depth {
        lines.push("Joists hang on the header's side: shear is taken at the support.".into());
    }
    lines.push(match conventions.face {
        Some(HeaderFace::OneFace) => {
            "A header thinner than the wall by more than 1/2 in. stands flush with one face.".into()
        }
        Some(HeaderFace::Centered) => "The header stands in the middle of the wall.".into(),
        Some(HeaderFace::BothFaces) => "The header's plies stand at both faces of the wall, filled between.".into(),
        None => "The jacks are loaded in their middle.".into(),
    });
    if sized.problem.spaced.is_some() {
        lines.push(
            "Trusses and rafters count as points at their worst place wherever that is over a hundredth more than the same load \
             evenly; plates spread each at 45° (common practice, no source)."
                .into(),
        );
    }
    if conventions.seat == JackSeat::Notched {
        lines.push("The jacks are notched for the header: only the wood under it counts.".into());
    }
    if sized.assumed_grade {
        lines.push("The grade of the lumber is not known: No.2 Spruce-Pine-Fir is assumed.".into());
    }
    if settings.wind == KingWindBasis::CodeTableOnly {
        lines.push("Wind on the kings is not calculated: the code's table counts them.".into());
    }
    lines
}

fn conventions_width(sized: &SizedHeader) -> TopEdgeWidth {
    match sized.problem.conventions.top_edge {
        crate::sizing::TopEdge::Free(width) | crate::sizing::TopEdge::FreeBelow { width, .. } => width,
        crate::sizing::TopEdge::Braced => TopEdgeWidth::AllPlies,
    }
}
