//! One opening, planned: what bridges it, its studs, its heights, and the verdict.

use super::rough_opening::rough_opening;
use super::stack::{Bridging, Stack, room_for_header, stack};
use crate::job::{
    CountOverride, HeaderChoice, HeaderPlace, Job, Opening, OpeningDesign, OpeningId, PointLoad, Size, TWO_BY, Wall,
    WallFrame,
};
use crate::loads::{WallCarries, take_down};
use crate::lumber::factors::bearing_area::PlateEnd;
use crate::lumber::{Depth, Grade, HeaderSpec, design_values};
use crate::measure::{End, Ends, Length, LengthStyle};
use crate::sizing::candidates::{Candidate, headers_from, leanest, try_all};
use crate::sizing::evaluate::{Evaluation, evaluate};
use crate::sizing::jacks::{JackCount, shop_rule};
use crate::sizing::kings::kings_by_code;
use crate::sizing::limits::{OutsideLimits, TALLEST_WALL};
use crate::sizing::problem::{Conventions, JackLength, OpeningLoad, OpeningProblem, TopEdge, TopEdgeWidth};
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
}

/// Kings at an end.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct KingCount {
    /// By the code's table; `None` beyond it.
    pub code: Option<u8>,
    /// Decided by somebody.
    pub decided: Option<CountOverride>,
}

impl KingCount {
    /// How many are framed. Beyond the table one is drawn, and a finding says that the number is missing.
    pub fn framed(&self) -> u8 {
        self.decided.as_ref().map_or_else(|| self.code.unwrap_or(1), |decided| decided.count)
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
        let pack = TWO_BY * i64::from(*self.jacks.at(end) + self.kings.at(end).framed());
        match end {
            End::Left => self.left() - pack,
            End::Right => self.right() + pack,
        }
    }

    /// The header that goes in, if there is one.
    pub fn header(&self) -> Option<HeaderSpec> {
        match &self.outcome {
            OpeningOutcome::Header(sized) => Some(sized.evaluation.header),
            OpeningOutcome::Flat | OpeningOutcome::Outside(_) => None,
        }
    }

    /// Length of the header: rough opening and 1 1/2 in. for every jack.
    pub fn header_length(&self) -> Length {
        self.rough.width + TWO_BY * i64::from(self.jacks.left + self.jacks.right)
    }
}

/// Plans an opening of a wall.
pub fn plan_opening(job: &Job, wall: &Wall, opening: &Opening) -> OpeningPlan {
    let design = opening.design;
    let rough = rough_opening(&design);
    let code = kings_by_code(job.settings.king_table, rough.width, wall.frame.spacing);
    let bearing = wall.carries != WallCarries::Nothing;
    let kings_at =
        |end: End| KingCount { code: if bearing { code } else { Some(1) }, decided: opening.kings.at(end).clone() };
    let outcome = outcome(job, wall, opening, rough);
    let jacks = match &outcome {
        OpeningOutcome::Header(sized) => sized.evaluation.jacks,
        OpeningOutcome::Flat | OpeningOutcome::Outside(_) => {
            Ends { left: decided_or_one(opening, End::Left), right: decided_or_one(opening, End::Right) }
        }
    };
    let bridging = match &outcome {
        OpeningOutcome::Header(sized) => Bridging::Header(sized.evaluation.header.board.depth()),
        OpeningOutcome::Flat => Bridging::Flat,
        OpeningOutcome::Outside(_) => Bridging::Unknown,
    };
    let (verdict, sentence) = verdict(&outcome);
    OpeningPlan {
        id: opening.id,
        design,
        rough,
        jacks,
        decided_jacks: opening.jacks.clone(),
        kings: Ends { left: kings_at(End::Left), right: kings_at(End::Right) },
        stack: stack(&design, &wall.frame, bridging),
        verdict,
        sentence,
        outcome,
    }
}

fn decided_or_one(opening: &Opening, end: End) -> u8 {
    opening.jacks.at(end).as_ref().map_or(1, |decided| decided.count)
}

fn outcome(job: &Job, wall: &Wall, opening: &Opening, rough: Size) -> OpeningOutcome {
    match sized(job, wall, opening, rough) {
        Ok(Some(sized)) => OpeningOutcome::Header(Box::new(sized)),
        Ok(None) => OpeningOutcome::Flat,
        Err(limit) => OpeningOutcome::Outside(limit),
    }
}

fn sized(job: &Job, wall: &Wall, opening: &Opening, rough: Size) -> Result<Option<SizedHeader>, OutsideLimits> {
    let reached = wall.point_loads.iter().any(|load| reaches(load, opening.design.center, rough.width));
    if wall.carries == WallCarries::Nothing && !reached {
        return if rough.width <= WIDEST_FLAT {
            Ok(None)
        } else {
            Err(OutsideLimits::TooWideForFlat { clear: rough.width })
        };
    }
    if TALLEST_WALL < wall.frame.height {
        return Err(OutsideLimits::WallTooTall { height: wall.frame.height });
    }
    let problem = problem(job, wall, opening, rough)?;
    let stock = headers_from(&job.stock, problem.wall_depth);
    let candidates = try_all(&problem, &stock)?;
    let (evaluation, chosen) = match opening.design.header {
        HeaderChoice::Chosen(header) => (evaluate(&problem, header)?, true),
        HeaderChoice::Leanest => {
            let nearest =
                || candidates.iter().min_by(|a, b| nearness(&a.evaluation).total_cmp(&nearness(&b.evaluation)));
            let candidate = leanest(&candidates).or_else(nearest);
            let candidate =
                candidate.ok_or_else(|| OutsideLimits::NoDesignValues { lumber: "any header in stock".into() })?;
            (candidate.evaluation.clone(), false)
        }
    };
    let shop_rule = shop_rule::count(rough.width, job.settings.shop_doubles_jacks_from);
    Ok(Some(SizedHeader { problem, candidates, evaluation, chosen, shop_rule }))
}

fn nearness(evaluation: &Evaluation) -> f64 {
    evaluation.largest_ratio()
}

/// Whether a point load stands on the opening's header or on one of its packs, taken four studs wide.
fn reaches(load: &PointLoad, center: Length, rough_width: Length) -> bool {
    (load.at - center).abs() <= rough_width.half() + TWO_BY * 4
}

/// The sizing problem of an opening: loads moved to its left face, jacks from the wall's studs, plate from its species.
fn problem(job: &Job, wall: &Wall, opening: &Opening, rough: Size) -> Result<OpeningProblem, OutsideLimits> {
    let frame = &wall.frame;
    let design = &opening.design;
    let left = design.center - rough.width.half();
    let near = wall.point_loads.iter().filter(|load| reaches(load, design.center, rough.width));
    let mut loads = Vec::new();
    if let WallCarries::Framing(carried) = &wall.carries {
        let down = take_down(carried, &job.settings.site);
        if down.lines.is_empty() && wall.point_loads.is_empty() {
            return Err(OutsideLimits::NothingKnown);
        }
        loads.push(OpeningLoad::Line { amount: down.total, extent: None });
    }
    loads.extend(near.map(|load| OpeningLoad::Point { amount: load.amount, at: load.at - left }));
    let plate = design_values::sawn(frame.plate_species, Grade::Number2, Depth::Four)
        .ok_or_else(|| OutsideLimits::NoDesignValues { lumber: frame.plate_species.name().into() })?;
    let head = design.sill + rough.height;
    let top_edge = match design.place {
        HeaderPlace::TightToPlates => TopEdge::Braced,
        HeaderPlace::AtHeadHeight => TopEdge::Free(TopEdgeWidth::AllPlies),
    };
    let shop = shop_rule::count(rough.width, job.settings.shop_doubles_jacks_from).and_then(|count| count.count);
    let at_least = |end: End| opening.jacks.at(end).as_ref().map_or(shop.unwrap_or(1), |decided| decided.count);
    let at_most = |end: End| opening.jacks.at(end).as_ref().map(|decided| decided.count);
    Ok(OpeningProblem {
        clear: rough.width,
        wall_depth: frame.stud.depth.actual(),
        jack_length: jack_length(design.place, head, frame),
        loads,
        jack: frame.stud,
        plate_bearing: plate.bearing,
        plate_end: if design.sill == Length::ZERO { PlateEnd::Cut } else { PlateEnd::Continuous },
        conventions: Conventions {
            top_edge,
            live_deflection_limit: job.settings.live_deflection_limit,
            total_deflection_limit: job.settings.total_deflection_limit,
            deepest: Some(room_for_header(design, frame)),
            least_jacks: Ends { left: at_least(End::Left), right: at_least(End::Right) },
            fixed_jacks: Ends { left: at_most(End::Left), right: at_most(End::Right) },
            ..Conventions::default()
        },
    })
}

/// To the head of the opening, or, under a header tight to the plates, to that header.
fn jack_length(place: HeaderPlace, head: Length, frame: &WallFrame) -> JackLength {
    match place {
        HeaderPlace::AtHeadHeight => JackLength::Given((head - TWO_BY).max(Length::ZERO)),
        HeaderPlace::TightToPlates => JackLength::UpToHeaderTopAt(frame.under_top_plates() - TWO_BY),
    }
}

fn verdict(outcome: &OpeningOutcome) -> (Verdict, String) {
    match outcome {
        OpeningOutcome::Flat => {
            (Verdict::Carries, "The wall carries nothing here: a flat 2x is enough, a header would be waste.".into())
        }
        OpeningOutcome::Outside(limit) => (Verdict::AskAnEngineer, limit.to_string()),
        OpeningOutcome::Header(sized) => {
            let evaluation = &sized.evaluation;
            let verdict = Verdict::of(evaluation);
            (verdict, header_sentence(verdict, sized))
        }
    }
}

fn header_sentence(verdict: Verdict, sized: &SizedHeader) -> String {
    let evaluation = &sized.evaluation;
    let name = evaluation.header.name();
    let clear = sized.problem.clear.written(LengthStyle::FeetInches);
    if verdict == Verdict::DoesNotCarry {
        let why = evaluation.failures.join("; ");
        let nothing = if sized.chosen { "" } else { "Nothing in stock carries; nearest is " };
        return format!("{nothing}{name} over {clear}: {why}.");
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
