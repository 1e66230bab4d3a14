//! The three schools side by side for one opening, and the header that the governing one leads to.

use super::opening_problem::OpeningInWall;
use super::stack::hangs;
use crate::codes::Service;
use crate::job::{HeaderPlace, Rules, Underside, Wall};
use crate::loads::{Carried, Framing, WallCarries};
use crate::lumber::HeaderSpec;
use crate::measure::Length;
use crate::say;
use crate::sizing::candidates::{Candidate, Margin};
use crate::sizing::evaluate::evaluate;
use crate::sizing::jacks::{JackCount, JackReason, shop_rule};
use crate::sizing::problem::{OpeningLoad, OpeningProblem};
use crate::sizing::schools::{Basis, CodeAnswer, CodeQuestion, Opinion, School};
use crate::speech::{Phrase, distance};

/// What the code's table is asked for an opening, or why it has no answer.
pub fn code_question(at: &OpeningInWall<'_>, problem: &OpeningProblem) -> Result<CodeQuestion, Phrase> {
    let OpeningInWall { rules, wall, opening, .. } = *at;
    let design = &opening.design;
    let WallCarries::Framing(carried) = &wall.carries else {
        return Err(say!("table-bearing-walls"));
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
    question: &Result<CodeQuestion, Phrase>,
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
    question: &Result<CodeQuestion, Phrase>,
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
    question: &Result<CodeQuestion, Phrase>,
    clear: Length,
    candidates: &[Candidate],
) -> Opinion {
    let basis = match &rules.code_table {
        Some(table) => say!("basis-own-table", table = &table.name),
        None => say!("basis-computed"),
    };
    let none = |words: Phrase| Opinion {
        school: School::CodeTable,
        header: None,
        jacks: None,
        words,
        carries_by_calculation: None,
    };
    if let Err(why) = question {
        return none(why.clone());
    }
    let reaching = candidates.iter().filter(|candidate| {
        code_answer(rules, question, candidate.evaluation.header).is_some_and(|answer| clear <= answer.span)
    });
    let Some(best) = rules.settings.aim.with_prices(candidates).best_of(reaching) else {
        return none(say!("table-no-header", clear = distance(clear), basis));
    };
    let header = best.evaluation.header;
    let answer = code_answer(rules, question, header);
    // What hanging the header costs by the code: the carpenter sees it beside what calculation says.
    let dropped = question.as_ref().is_ok_and(|question| question.shortens(header));
    Opinion {
        school: School::CodeTable,
        header: Some(header),
        jacks: answer.map(|answer| answer.jacks),
        words: answer.map_or_else(
            || say!("nothing-to-say"),
            |answer| {
                let span = distance(answer.span);
                if dropped { say!("table-goes-to-hung", span, basis) } else { say!("table-goes-to", span, basis) }
            },
        ),
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
            say!("stock-one-size-up", header = enough.evaluation.header.short_name())
        }
        (Some(_), _) if aim != settings.aim => {
            say!("stock-meets-every-check-no-price", aim = aim.phrase())
        }
        (Some(_), _) => say!("stock-meets-every-check", aim = aim.phrase()),
        (None, _) => say!("stock-nothing-meets"),
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
        (None, _) => say!("shop-no-rule"),
        (Some(_), Some(true)) => say!("shop-carries"),
        (Some(_), _) => say!("shop-does-not-carry"),
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
