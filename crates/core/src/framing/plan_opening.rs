//! Plans an opening of a wall: what bridges it, its studs, its heights, and the verdict.

use super::hole::{Hole, hole};
use super::judgment::judge;
use super::king_count::{KingCount, KingPlace, king_count};
use super::landed::too_far_below_plates;
use super::opening_plan::{Ground, Hung, OpeningOutcome, OpeningPlan, SizedHeader};
use super::opening_problem::{OpeningInWall, limit_of, opening_problem};
use super::schools_of_opening::{code_answer, code_jacks, code_question, opinions};
use super::stack::{Bridging, stack};
use super::stud_bay::stud_bay;
use crate::job::{HeaderChoice, Letter, Opening, Rules, SpecialCase, Wall};
use crate::lumber::{Grade, HeaderBoard, HeaderSpec, Species};
use crate::measure::{End, Ends, Length};
use crate::say;
use crate::sizing::candidates::{Candidate, headers_from, try_all};
use crate::sizing::evaluate::{Evaluation, evaluate};
use crate::sizing::header::CheckKind;
use crate::sizing::jacks::shop_rule;
use crate::sizing::landing::{Landing, Reach};
use crate::sizing::limits::{OutsideLimits, WIDEST_OPENING};
use crate::sizing::problem::{OpeningProblem, TopEdge, TopEdgeWidth};
use crate::sizing::schools::{CodeAnswer, Opinion, School};
use crate::sizing::verdict::Verdict;
/// The widest opening that a flat 2x goes over where nothing is carried. Source: IRC 2021 R602.7.4, from memory.
const WIDEST_FLAT: Length = Length::feet(8);

/// Plans an opening of a wall. What is wrong in its framing is found with the whole wall, and may change the verdict.
pub fn plan_opening(rules: &Rules<'_>, wall: &Wall, ground: &Ground, opening: &Opening) -> OpeningPlan {
    let design = opening.design;
    let hole = hole(&design, rules.settings);
    let rough = hole.size;
    let place = KingPlace { clear: rough.width, center: design.center };
    let kings = |end: End| king_count(rules, wall, &ground.landed.down, place, opening.kings.at(end).clone());
    let mut kings = Ends { left: kings(End::Left), right: kings(End::Right) };
    let outcome = outcome(rules, wall, ground, opening, hole, &kings);
    let jacks = match &outcome {
        OpeningOutcome::Header(sized) => sized.evaluation.jacks,
        OpeningOutcome::Flat => {
            Ends { left: decided_or_one(opening, End::Left), right: decided_or_one(opening, End::Right) }
        }
        // Without a number there is no count.
        OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => Ends::both(0),
    };
    if matches!(outcome, OpeningOutcome::InBay(_)) {
        kings = Ends::both(KingCount::nothing_cut());
    }
    let bridging = match &outcome {
        OpeningOutcome::Header(sized) => Bridging::Header(sized.evaluation.header.board.depth()),
        OpeningOutcome::Flat => Bridging::Flat,
        OpeningOutcome::InBay(_) => Bridging::InBay,
        OpeningOutcome::Outside(_) => Bridging::Unknown,
    };
    let mut plan = OpeningPlan {
        id: opening.id,
        letter: opening.letter.unwrap_or(Letter(0)),
        code: rules.code(),
        design,
        rough,
        bottom: hole.bottom,
        stud: wall.frame.thickness(),
        jacks,
        decided_jacks: opening.jacks.clone(),
        kings,
        stack: stack(&design, hole, &wall.frame, bridging),
        verdict: Verdict::AskAnEngineer,
        sentence: say!("nothing-to-say"),
        outcome,
    };
    (plan.verdict, plan.sentence) = judge(&plan, &[]);
    plan
}

fn outcome(
    rules: &Rules<'_>,
    wall: &Wall,
    ground: &Ground,
    opening: &Opening,
    hole: Hole,
    kings: &Ends<KingCount>,
) -> OpeningOutcome {
    let (design, clear) = (&opening.design, hole.size.width);
    let stud = wall.frame.thickness();
    let framed = kings.clone().map(|count| count.framed());
    // Whether anything stands on it at all, with one jack and its kings.
    let reach = Reach {
        clear,
        stud,
        jacks: Ends::both(1),
        kings: framed.map(|kings| Some(kings.unwrap_or(0))),
        past: design.run.past.map(|past| past.map(|past| past.length)),
    };
    let left = design.center - clear.half();
    let loaded = ground.landed.points.iter().any(|(at, _)| reach.landing(*at - left) != Landing::Beyond);
    if let Some(bay) = stud_bay(rules, wall, &ground.landed, opening).filter(|_| !loaded) {
        return OpeningOutcome::InBay(bay);
    }
    if let Some(limit) = limit_of(rules, wall, &ground.landed, opening, clear) {
        return OpeningOutcome::Outside(limit);
    }
    if WIDEST_OPENING < clear {
        return OpeningOutcome::Outside(OutsideLimits::TooWide { clear });
    }
    let (Some(left), Some(right)) = (framed.left, framed.right) else {
        return OpeningOutcome::Outside(OutsideLimits::KingsNotInTable { clear });
    };
    if ground.landed.nothing_on(wall) && !loaded {
        if WIDEST_FLAT < clear {
            return OpeningOutcome::Outside(OutsideLimits::TooWideForFlat { clear });
        }
        if too_far_below_plates(wall, design, hole).is_none() {
            return OpeningOutcome::Flat;
        }
    }
    let at = OpeningInWall {
        rules,
        wall,
        landed: &ground.landed,
        sole: &ground.sole,
        opening,
        hole,
        kings: Ends { left, right },
    };
    match sized(&at) {
        Ok(sized) => OpeningOutcome::Header(Box::new(sized)),
        Err(limit) => OpeningOutcome::Outside(limit),
    }
}

fn decided_or_one(opening: &Opening, end: End) -> u8 {
    opening.jacks.at(end).as_ref().map_or(1, |decided| decided.count)
}

fn sized(at: &OpeningInWall<'_>) -> Result<SizedHeader, OutsideLimits> {
    let OpeningInWall { rules, wall, opening, hole, .. } = *at;
    let design = &opening.design;
    let problem = opening_problem(at)?;
    let candidates = try_all(&problem, &headers_from(rules.boards(), problem.wall_depth))?;
    let question = code_question(at, &problem);
    let schools = opinions(rules, wall, &question, &problem, &candidates);
    let (header, chosen) = match design.header {
        HeaderChoice::Chosen(header) => (as_assumed(header, design.special), true),
        HeaderChoice::BySchool => (by_school(rules.settings.school, &schools, &candidates)?, false),
    };
    let answer = code_answer(rules, &question, header);
    let (problem, evaluation) = with_all_jacks(rules, problem, header, answer)?;
    Ok(SizedHeader {
        shop_rule: shop_rule::count(hole.size.width, rules.settings.shop.doubles_jacks_from),
        code_jacks: answer.map(code_jacks),
        code_span: answer.map(|answer| answer.span),
        hung: hung(&problem, header, design.nailing_confirmed, answer),
        problem,
        candidates,
        evaluation,
        chosen,
        schools,
        school: rules.settings.school,
        assumed_grade: design.special == SpecialCase::UnknownGrade,
    })
}

/// The bending of a hung header with one ply resisting rolling over and with all of them.
fn hung(problem: &OpeningProblem, header: HeaderSpec, confirmed: bool, answer: Option<CodeAnswer>) -> Option<Hung> {
    let with = |width: TopEdgeWidth| {
        let mut problem = problem.clone();
        problem.conventions.top_edge = match problem.conventions.top_edge {
            TopEdge::Braced => TopEdge::Braced,
            TopEdge::Free(_) => TopEdge::Free(width),
            TopEdge::FreeBelow { fills, .. } => TopEdge::FreeBelow { width, fills },
        };
        let evaluation = evaluate(&problem, header).ok()?;
        Some(evaluation.check(CheckKind::Bending).ratio())
    };
    if problem.conventions.top_edge == TopEdge::Braced {
        return None;
    }
    let all_plies = with(TopEdgeWidth::AllPlies)?;
    // Past the largest slenderness one ply alone has no number: nothing is carried.
    let one_ply = with(TopEdgeWidth::OnePly).unwrap_or(f64::INFINITY);
    Some(Hung { one_ply, all_plies, confirmed, code_span: answer.map(|answer| answer.span) })
}

/// Lumber of unknown grade is taken for No.2 Spruce-Pine-Fir, the weakest that is usual.
fn as_assumed(header: HeaderSpec, special: SpecialCase) -> HeaderSpec {
    match (header.board, special) {
        (HeaderBoard::Sawn { size, .. }, SpecialCase::UnknownGrade) => HeaderSpec {
            board: HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size },
            ..header
        },
        _ => header,
    }
}

/// The governing school's header; where it has none, calculation's; where nothing carries, the one that comes nearest.
fn by_school(school: School, schools: &[Opinion; 3], candidates: &[Candidate]) -> Result<HeaderSpec, OutsideLimits> {
    let of = |school: School| schools.iter().find(|opinion| opinion.school == school)?.header;
    let work = |candidate: &&Candidate| candidate.evaluation.largest_ratio();
    let nearest = || candidates.iter().min_by(|a, b| work(a).total_cmp(&work(b)));
    of(school)
        .or_else(|| of(School::Calculation))
        .or_else(|| nearest().map(|candidate| candidate.evaluation.header))
        .ok_or(OutsideLimits::AnyHeader)
}

/// The header with the jacks that the code's table asks for where it governs, and one more where the job is built belt and
/// braces.
fn with_all_jacks(
    rules: &Rules<'_>,
    mut problem: OpeningProblem,
    header: HeaderSpec,
    code: Option<CodeAnswer>,
) -> Result<(OpeningProblem, Evaluation), OutsideLimits> {
    if let (School::CodeTable, Some(answer)) = (rules.settings.school, code) {
        problem.conventions.least_jacks = problem.conventions.least_jacks.map(|least| least.max(answer.jacks));
    }
    let evaluation = evaluate(&problem, header)?;
    let more = rules.settings.margin.more_studs();
    if more == 0 {
        return Ok((problem, evaluation));
    }
    problem.conventions.least_jacks = evaluation.jacks.map(|jacks| jacks + more);
    let evaluation = evaluate(&problem, header)?;
    Ok((problem, evaluation))
}
