//! The three schools side by side for one opening, and the header that the governing one leads to.

use super::opening_problem::{points_on, reaches};
use super::stack::hangs;
use crate::job::{HeaderPlace, Job, OpeningDesign, Wall};
use crate::loads::{Framing, SnowBasis, TakeDown, WallCarries};
use crate::lumber::HeaderSpec;
use crate::measure::{Length, LengthStyle, Pressure};
use crate::sizing::candidates::{Candidate, Margin};
use crate::sizing::evaluate::evaluate;
use crate::sizing::jacks::{JackCount, JackReason, shop_rule};
use crate::sizing::problem::OpeningProblem;
use crate::sizing::schools::{CodeAnswer, CodeQuestion, Opinion, School};

/// What the code's table is asked for an opening, or why it has no answer.
pub fn code_question(
    job: &Job,
    wall: &Wall,
    down: &TakeDown,
    design: &OpeningDesign,
    rough_width: Length,
) -> Result<CodeQuestion, String> {
    let WallCarries::Framing(carried) = &wall.carries else {
        return Err("The tables are for bearing walls.".into());
    };
    if points_on(wall, down).iter().any(|(at, _)| reaches(*at, design, rough_width)) {
        return Err("The tables know even loads only; here a load stands at one place.".into());
    }
    let ground: Option<Pressure> = match job.settings.site.snow.basis {
        SnowBasis::Ground(snow) => Some(snow),
        SnowBasis::Roof(_) => None,
    };
    CodeQuestion::of(carried, ground, hangs(design, &wall.frame) == HeaderPlace::AtHeadHeight)
}

/// What the code's table says of one header.
pub fn code_answer(job: &Job, question: &Result<CodeQuestion, String>, header: HeaderSpec) -> Option<CodeAnswer> {
    question.as_ref().ok()?.answer(header, job.code_table.as_ref())
}

/// The jacks that the code's table asks for under a header.
pub fn code_jacks(answer: CodeAnswer) -> JackCount {
    JackCount { reason: JackReason::CodeTable, count: Some(answer.jacks), load: 0.0, each: None, combination: "" }
}

/// What each school says.
pub fn opinions(
    job: &Job,
    wall: &Wall,
    question: &Result<CodeQuestion, String>,
    problem: &OpeningProblem,
    candidates: &[Candidate],
) -> [Opinion; 3] {
    [by_code(job, question, problem.clear, candidates), by_calculation(job, candidates), by_shop(job, wall, problem)]
}

fn by_code(job: &Job, question: &Result<CodeQuestion, String>, clear: Length, candidates: &[Candidate]) -> Opinion {
    let basis = match &job.code_table {
        Some(table) => format!("by {}", table.name),
        None => "computed on the code tables' basis; confirm in the adopted code".into(),
    };
    let none =
        |words| Opinion { school: School::CodeTable, header: None, jacks: None, words, carries_by_calculation: None };
    if let Err(why) = question {
        return none(why.clone());
    }
    let reaching = candidates.iter().filter(|candidate| {
        code_answer(job, question, candidate.evaluation.header).is_some_and(|answer| clear <= answer.span)
    });
    let Some(best) = job.settings.aim.best_of(reaching) else {
        return none(format!("No header in stock reaches {} in the table ({basis}).", feet(clear)));
    };
    let header = best.evaluation.header;
    let answer = code_answer(job, question, header);
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

fn by_calculation(job: &Job, candidates: &[Candidate]) -> Opinion {
    let settings = &job.settings;
    let enough = settings.aim.best(candidates);
    let chosen = enough.map(|enough| settings.margin.applied(enough, candidates));
    let words = match (enough, chosen) {
        (Some(enough), Some(chosen)) if settings.margin == Margin::BeltAndBraces && enough != chosen => {
            format!("One size up from {}, which would carry.", enough.evaluation.header.short_name())
        }
        (Some(_), _) => format!("The {} in stock that meets every check.", settings.aim.words()),
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

fn by_shop(job: &Job, wall: &Wall, problem: &OpeningProblem) -> Opinion {
    let rules = &job.settings.shop;
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
