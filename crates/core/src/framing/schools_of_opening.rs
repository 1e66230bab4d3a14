//! The three schools side by side for one opening, and the header that the governing one leads to.

use super::opening_problem::OpeningInWall;
use super::stack::hangs;
use crate::job::{HeaderPlace, Rules, Underside, Wall};
use crate::loads::{Carried, Framing, WallCarries};
use crate::lumber::HeaderSpec;
use crate::lumber::factors::wet_service::Service;
use crate::measure::{Length, LengthStyle};
use crate::sizing::candidates::{Candidate, Margin};
use crate::sizing::evaluate::evaluate;
use crate::sizing::jacks::{JackCount, JackReason, shop_rule};
use crate::sizing::problem::{OpeningLoad, OpeningProblem};
use crate::sizing::schools::{Basis, CodeAnswer, CodeQuestion, Opinion, School};

/// What the code's table is asked for an opening, or why it has no answer.
pub fn code_question(at: &OpeningInWall<'_>, problem: &OpeningProblem) -> Result<CodeQuestion, String> {
    let OpeningInWall { rules, wall, opening, .. } = *at;
    let design = &opening.design;
    let WallCarries::Framing(carried) = &wall.carries else {
        return Err("The tables are for bearing walls.".into());
    };
    let half = problem.clear.half();
    let stretch = (design.center - half, design.center + half);
    let here: Vec<Carried> = carried.iter().filter(|item| item.reaches(stretch.0, stretch.1)).copied().collect();
    let basis = Basis {
        posts: problem.loads.iter().any(|load| match load {
            OpeningLoad::Point { at, .. } => Length::ZERO <= *at && *at <= problem.clear,
            OpeningLoad::Line { .. } | OpeningLoad::Sloped { .. } => false,
        }),
        simple: problem.run.is_simple(),
        dry: design.service == Service::Dry,
        studs: wall.frame.stud_length(),
        covers: stretch,
    };
    let dropped = hangs(design, &wall.frame) == HeaderPlace::AtHeadHeight;
    CodeQuestion::of(&here, rules.settings.site.snow.ground_at_allowable_level(), dropped, &basis)
        .map(|question| CodeQuestion { flat_plate: design.underside == Underside::FlatNailer, ..question })
}

/// What the code's table says of one header.
pub fn code_answer(
    rules: &Rules<'_>,
    question: &Result<CodeQuestion, String>,
    header: HeaderSpec,
) -> Option<CodeAnswer> {
    question.as_ref().ok()?.answer(header, rules.code_table)
}

/// The jacks that the code's table asks for under a header.
pub fn code_jacks(answer: CodeAnswer) -> JackCount {
    JackCount::by_rule(JackReason::CodeTable, answer.jacks)
}

/// What each school says.
pub fn opinions(
    rules: &Rules<'_>,
    wall: &Wall,
    question: &Result<CodeQuestion, String>,
    problem: &OpeningProblem,
    candidates: &[Candidate],
) -> [Opinion; 3] {
    [
        by_code(rules, question, problem.clear, candidates),
        by_calculation(rules, candidates),
        by_shop(rules, wall, problem),
    ]
}

fn by_code(
    rules: &Rules<'_>,
    question: &Result<CodeQuestion, String>,
    clear: Length,
    candidates: &[Candidate],
) -> Opinion {
    let basis = match &rules.code_table {
        Some(table) => format!("by {}", table.name),
        None => "computed on the code tables' basis; confirm in the adopted code".into(),
    };
    let none =
        |words| Opinion { school: School::CodeTable, header: None, jacks: None, words, carries_by_calculation: None };
    if let Err(why) = question {
        return none(why.clone());
    }
    let reaching = candidates.iter().filter(|candidate| {
        code_answer(rules, question, candidate.evaluation.header).is_some_and(|answer| clear <= answer.span)
    });
    let Some(best) = rules.settings.aim.with_prices(candidates).best_of(reaching) else {
        return none(format!("No header in stock reaches {} in the table ({basis}).", feet(clear)));
    };
    let header = best.evaluation.header;
    let answer = code_answer(rules, question, header);
    // What hanging the header costs by the code: the carpenter sees it beside what calculation says.
    let dropped = question.as_ref().is_ok_and(|question| question.shortens(header));
    let hung = if dropped { "; 0.70 of its span, as it hangs below the plates" } else { "" };
    Opinion {
        school: School::CodeTable,
        header: Some(header),
        jacks: answer.map(|answer| answer.jacks),
        words: answer.map_or_else(String::new, |answer| format!("Goes to {} ({basis}{hung}).", feet(answer.span))),
        carries_by_calculation: Some(best.evaluation.carries()),
    }
}

fn by_calculation(rules: &Rules<'_>, candidates: &[Candidate]) -> Opinion {
    let settings = &rules.settings;
    let aim = settings.aim.with_prices(candidates);
    let enough = aim.best(candidates);
    let chosen = enough.map(|enough| settings.margin.applied(enough, candidates));
    let words = match (enough, chosen) {
        (Some(enough), Some(chosen)) if settings.margin == Margin::BeltAndBraces && enough != chosen => {
            format!("One size up from {}, which would carry.", enough.evaluation.header.short_name())
        }
        (Some(_), _) if aim != settings.aim => {
            format!("The {} in stock that meets every check: no board has a price.", aim.words())
        }
        (Some(_), _) => format!("The {} in stock that meets every check.", aim.words()),
        (None, _) => "Nothing in stock meets every check.".into(),
    };
    Opinion {
        school: School::Calculation,
        header: chosen.map(|chosen| chosen.evaluation.header),
        jacks: chosen.map(|chosen| chosen.evaluation.jacks.left.max(chosen.evaluation.jacks.right)),
        words,
        carries_by_calculation: chosen.map(|_| true),
    }
}

fn by_shop(rules: &Rules<'_>, wall: &Wall, problem: &OpeningProblem) -> Opinion {
    let rules = &rules.settings.shop;
    let jacks = shop_rule::count(problem.clear, rules.doubles_jacks_from).and_then(|count| count.count);
    let header = rules.header_over(problem.clear, building_width(wall));
    let carries = header.map(|header| evaluate(problem, header).is_ok_and(|evaluation| evaluation.carries()));
    let words = match (header, carries) {
        (None, _) => "The shop has no header rule for this opening.".into(),
        (Some(_), Some(true)) => "What the shop does; it also carries by calculation.".into(),
        (Some(_), _) => "What the shop does; by calculation it does not carry.".into(),
    };
    Opinion { school: School::ShopRule, header, jacks, words, carries_by_calculation: carries }
}

/// Width of the building that the wall's roof spans.
fn building_width(wall: &Wall) -> Option<Length> {
    let WallCarries::Framing(carried) = &wall.carries else { return None };
    carried.iter().find_map(|item| match item.framing {
        Framing::Roof(roof) => Some(roof.building_width),
        _ => None,
    })
}

fn feet(length: Length) -> String {
    length.written(LengthStyle::FeetInches)
}
