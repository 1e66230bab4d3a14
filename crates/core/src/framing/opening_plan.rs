//! One opening, planned: what bridges it, its studs, its heights, and the verdict.

use super::king_count::{KingCount, KingPlace, king_count};
use super::opening_problem::{limit_of, opening_problem, points_on, reaches};
use super::rough_opening::{Hole, hole};
use super::schools_of_opening::{code_answer, code_jacks, code_question, opinions};
use super::stack::{Bridging, Stack, stack};
use super::stud_bay::{StudBay, stud_bay};
use crate::job::{CountOverride, HeaderChoice, Job, Opening, OpeningDesign, OpeningId, Size, SpecialCase, Wall};
use crate::loads::{TakeDown, WallCarries};
use crate::lumber::{Grade, HeaderBoard, HeaderSpec, Species};
use crate::measure::{End, Ends, Length, LengthStyle};
use crate::sizing::candidates::{Candidate, headers_from, try_all};
use crate::sizing::evaluate::{Evaluation, evaluate};
use crate::sizing::jacks::{JackCount, shop_rule};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::problem::OpeningProblem;
use crate::sizing::schools::{CodeAnswer, Opinion, School};
use crate::sizing::verdict::Verdict;

/// The widest opening that a flat 2x goes over where nothing is carried. Source: IRC 2021 R602.7.4, from memory.
const WIDEST_FLAT: Length = Length::feet(8);

/// What was found for the opening.
#[derive(Clone, Debug, PartialEq)]
pub enum OpeningOutcome {
    /// A header, chosen from candidates.
    Header(Box<SizedHeader>),
    /// The wall carries nothing: a flat 2x.
    Flat,
    /// It stands between two studs of the layout: nothing is cut, no header is needed.
    InBay(StudBay),
    /// No number.
    Outside(OutsideLimits),
}

/// A header in its place.
#[derive(Clone, Debug, PartialEq)]
pub struct SizedHeader {
    /// What it had to solve.
    pub problem: OpeningProblem,
    /// Everything that was tried, cheapest first.
    pub candidates: Vec<Candidate>,
    /// The header that goes in: the chosen one, or the leanest, or where none carries the one that comes nearest.
    pub evaluation: Evaluation,
    /// Whether somebody chose it.
    pub chosen: bool,
    /// What the shop's rule asks for.
    pub shop_rule: Option<JackCount>,
    /// What the code's table asks for under this header.
    pub code_jacks: Option<JackCount>,
    /// How far the code's table takes this header.
    pub code_span: Option<Length>,
    /// The three schools.
    pub schools: [Opinion; 3],
    /// The school that governs.
    pub school: School,
    /// Whether the lumber's grade was assumed.
    pub assumed_grade: bool,
}

impl SizedHeader {
    /// Whether the code's table takes the header over this opening.
    pub fn code_accepts(&self) -> bool {
        self.code_span.is_some_and(|span| self.problem.clear <= span)
    }

    /// Whether the code's table governs and takes the header, though calculation does not.
    pub fn only_the_code_accepts(&self) -> bool {
        self.school == School::CodeTable && self.code_accepts() && !self.evaluation.carries()
    }
}

/// A planned opening.
#[derive(Clone, Debug, PartialEq)]
pub struct OpeningPlan {
    /// Which opening.
    pub id: OpeningId,
    /// Its design.
    pub design: OpeningDesign,
    /// Its rough opening.
    pub rough: Size,
    /// Lower edge of the rough opening above the subfloor.
    pub bottom: Length,
    /// Thickness of the wall's studs.
    pub stud: Length,
    /// What was found.
    pub outcome: OpeningOutcome,
    /// Jacks that are framed.
    pub jacks: Ends<u8>,
    /// Jacks decided by somebody.
    pub decided_jacks: Ends<Option<CountOverride>>,
    /// Kings.
    pub kings: Ends<KingCount>,
    /// Its heights.
    pub stack: Stack,
    /// The verdict.
    pub verdict: Verdict,
    /// The verdict with its reason, in a sentence.
    pub sentence: String,
}

impl OpeningPlan {
    /// Left face of the rough opening.
    pub fn left(&self) -> Length {
        self.design.center - self.rough.width.half()
    }

    /// Right face of the rough opening.
    pub fn right(&self) -> Length {
        self.left() + self.rough.width
    }

    /// Outside of the pack at an end.
    pub fn pack_edge(&self, end: End) -> Length {
        let pack = self.stud * i64::from(*self.jacks.at(end) + self.kings.at(end).framed());
        match end {
            End::Left => self.left() - pack,
            End::Right => self.right() + pack,
        }
    }

    /// The verdict as it is shown; where only the loads are missing, that is said and nobody sent to an engineer.
    pub const fn verdict_words(&self) -> &'static str {
        match self.outcome {
            OpeningOutcome::Outside(OutsideLimits::NothingKnown) => "Say what it carries",
            _ => self.verdict.words(),
        }
    }

    /// The header that goes in, if there is one.
    pub fn header(&self) -> Option<HeaderSpec> {
        match &self.outcome {
            OpeningOutcome::Header(sized) => Some(sized.evaluation.header),
            OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
        }
    }

    /// Where the header starts: on the outermost jack, or where it runs on past its pack.
    pub fn header_left(&self) -> Length {
        self.left() - self.header_past(End::Left)
    }

    /// Length of the header: rough opening and a stud's thickness for every jack, or as far as it runs on past its pack.
    pub fn header_length(&self) -> Length {
        self.rough.width + self.header_past(End::Left) + self.header_past(End::Right)
    }

    fn header_past(&self, end: End) -> Length {
        let on_jacks = self.stud * i64::from(*self.jacks.at(end));
        self.design.run.past.at(end).map_or(on_jacks, |past| past.length.max(on_jacks))
    }
}

/// Plans an opening of a wall, on which this comes down.
pub fn plan_opening(job: &Job, wall: &Wall, down: &TakeDown, opening: &Opening) -> OpeningPlan {
    let design = opening.design;
    let hole = hole(&design, &job.settings);
    let rough = hole.size;
    let outcome = outcome(job, wall, down, opening, hole);
    let jacks = match &outcome {
        OpeningOutcome::Header(sized) => sized.evaluation.jacks,
        OpeningOutcome::InBay(_) => Ends::both(0),
        OpeningOutcome::Flat | OpeningOutcome::Outside(_) => {
            Ends { left: decided_or_one(opening, End::Left), right: decided_or_one(opening, End::Right) }
        }
    };
    let place = KingPlace { clear: rough.width, center: design.center };
    let kings_at = |end: End| match &outcome {
        OpeningOutcome::InBay(_) => KingCount::nothing_cut(),
        _ => king_count(job, wall, down, place, opening.kings.at(end).clone()),
    };
    let bridging = match &outcome {
        OpeningOutcome::Header(sized) => Bridging::Header(sized.evaluation.header.board.depth()),
        OpeningOutcome::Flat => Bridging::Flat,
        OpeningOutcome::InBay(_) => Bridging::InBay,
        OpeningOutcome::Outside(_) => Bridging::Unknown,
    };
    let (verdict, sentence) = verdict(&outcome);
    OpeningPlan {
        id: opening.id,
        design,
        rough,
        bottom: hole.bottom,
        stud: wall.frame.thickness(),
        jacks,
        decided_jacks: opening.jacks.clone(),
        kings: Ends { left: kings_at(End::Left), right: kings_at(End::Right) },
        stack: stack(&design, hole, &wall.frame, bridging),
        verdict,
        sentence,
        outcome,
    }
}

fn outcome(job: &Job, wall: &Wall, down: &TakeDown, opening: &Opening, hole: Hole) -> OpeningOutcome {
    let loaded = points_on(wall, down).iter().any(|(at, _)| reaches(*at, &opening.design, hole.size.width));
    if let Some(bay) = stud_bay(job, wall, opening).filter(|_| !loaded) {
        return OpeningOutcome::InBay(bay);
    }
    if wall.carries == WallCarries::Nothing && !loaded {
        return if hole.size.width <= WIDEST_FLAT {
            OpeningOutcome::Flat
        } else {
            OpeningOutcome::Outside(OutsideLimits::TooWideForFlat { clear: hole.size.width })
        };
    }
    match sized(job, wall, down, opening, hole) {
        Ok(sized) => OpeningOutcome::Header(Box::new(sized)),
        Err(limit) => OpeningOutcome::Outside(limit),
    }
}

fn decided_or_one(opening: &Opening, end: End) -> u8 {
    opening.jacks.at(end).as_ref().map_or(1, |decided| decided.count)
}

fn sized(job: &Job, wall: &Wall, down: &TakeDown, opening: &Opening, hole: Hole) -> Result<SizedHeader, OutsideLimits> {
    let design = &opening.design;
    if let Some(limit) = limit_of(job, wall, design) {
        return Err(limit);
    }
    let problem = opening_problem(job, wall, down, opening, hole)?;
    let candidates = try_all(&problem, &headers_from(&job.stock, problem.wall_depth))?;
    let question = code_question(job, wall, down, design, hole.size.width);
    let schools = opinions(job, wall, &question, &problem, &candidates);
    let (header, chosen) = match design.header {
        HeaderChoice::Chosen(header) => (as_assumed(header, design.special), true),
        HeaderChoice::BySchool => (by_school(job.settings.school, &schools, &candidates)?, false),
    };
    let answer = code_answer(job, &question, header);
    let (problem, evaluation) = with_all_jacks(job, problem, header, answer)?;
    Ok(SizedHeader {
        shop_rule: shop_rule::count(hole.size.width, job.settings.shop.doubles_jacks_from),
        code_jacks: answer.map(code_jacks),
        code_span: answer.map(|answer| answer.span),
        problem,
        candidates,
        evaluation,
        chosen,
        schools,
        school: job.settings.school,
        assumed_grade: design.special == SpecialCase::UnknownGrade,
    })
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
        .ok_or_else(|| OutsideLimits::NoDesignValues { lumber: "any header in stock".into() })
}

/// The header with the jacks that the code's table asks for where it governs, and one more where the job is built belt and
/// braces.
fn with_all_jacks(
    job: &Job,
    mut problem: OpeningProblem,
    header: HeaderSpec,
    code: Option<CodeAnswer>,
) -> Result<(OpeningProblem, Evaluation), OutsideLimits> {
    if let (School::CodeTable, Some(answer)) = (job.settings.school, code) {
        problem.conventions.least_jacks = problem.conventions.least_jacks.map(|least| least.max(answer.jacks));
    }
    let evaluation = evaluate(&problem, header)?;
    let more = job.settings.margin.more_studs();
    if more == 0 {
        return Ok((problem, evaluation));
    }
    problem.conventions.least_jacks = evaluation.jacks.map(|jacks| jacks + more);
    let evaluation = evaluate(&problem, header)?;
    Ok((problem, evaluation))
}

fn verdict(outcome: &OpeningOutcome) -> (Verdict, String) {
    match outcome {
        OpeningOutcome::Flat => {
            (Verdict::Carries, "The wall carries nothing here: a flat 2x is enough, a header would be waste.".into())
        }
        OpeningOutcome::InBay(_) => (
            Verdict::Carries,
            "It stands between two studs of the layout: nothing is cut, so no header, jacks or kings are needed."
                .into(),
        ),
        OpeningOutcome::Outside(limit) => (Verdict::AskAnEngineer, limit.to_string()),
        OpeningOutcome::Header(sized) => {
            let verdict =
                if sized.only_the_code_accepts() { Verdict::CarriesBarely } else { Verdict::of(&sized.evaluation) };
            (verdict, header_sentence(verdict, sized))
        }
    }
}

fn header_sentence(verdict: Verdict, sized: &SizedHeader) -> String {
    let evaluation = &sized.evaluation;
    let name = evaluation.header.name();
    let clear = sized.problem.clear.written(LengthStyle::FeetInches);
    if verdict == Verdict::DoesNotCarry {
        let why = evaluation.failures().join("; ");
        let nothing = match (sized.chosen, sized.school) {
            (false, School::Calculation) => "Nothing in stock carries; nearest is ",
            (false, School::ShopRule) => "By the shop's rule ",
            _ => "",
        };
        return format!("{nothing}{name} over {clear}: {why}.");
    }
    if sized.only_the_code_accepts() {
        let span = sized.code_span.map_or_else(String::new, |span| span.written(LengthStyle::FeetInches));
        let why = evaluation.failures().join("; ");
        return format!("{name} over {clear}. The code's table takes it to {span}; by calculation: {why}.");
    }
    let hardest = evaluation.hardest();
    let work = hardest.map_or(String::new(), |check| {
        format!(
            " {} works hardest, at {:.0} % ({}).",
            capitalized(check.kind.name()),
            100.0 * check.ratio(),
            check.combination
        )
    });
    format!("{name} over {clear}.{work}")
}

fn capitalized(word: &str) -> String {
    let mut characters = word.chars();
    characters.next().map_or(String::new(), |first| first.to_uppercase().chain(characters).collect())
}
