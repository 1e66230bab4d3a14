//! # A beam of the house
//!
//! **What it does.** Tries every beam that the stock allows over the posts, walls and beams that carry it: a girder, a ridge beam, the beam of a
//! porch. Cut at its supports each piece is a span of its own; in one piece it is one beam over all of them, and what comes and goes stands where
//! it does most. The checks are those of a header ([`crate::sizing::header`]), and [`super::bearing`] where it lies on a wall.
//!
//! **Source.** NDS 2018, from memory: each check names its own. Spans from center of support to center of support: common practice, no source.
//!
//! **Assumptions and limits.** Dry. Joists, rafters or trusses on top of it hold its edge all along; where they do not lie on all of it the edge is
//! free over its longest span. Spans up to 20 ft, at most eight supports in one piece. An end that reaches no more than 3 in. past its support is no
//! tail. What hangs on its side hangs by a hanger, whose load is named; which hanger, its maker's tables say.
//!
//! **Worked example.** A girder of 20 ft over posts at its ends and its middle, cut at each, under 100 lb/ft of D and 400 lb/ft of L: two spans of 10 ft;
//! M = 500 · 10² / 8 = 6250 lb·ft without its own weight.

use arrayvec::ArrayVec;

use super::bearing;
use super::spec::{BeamPiece, BeamSpec, WIDEST, bridge, pieces, pressed_with};
use crate::loads::ByKind;
use crate::lumber::HeaderSpec;
use crate::measure::{Force, Length, Money};
use crate::sizing::bridge::KnownSpans;
use crate::sizing::candidates::{Aim, Margin, StockBoard, Tried, cheapest_first, headers_from};
use crate::sizing::evaluate::largest_uplift;
use crate::sizing::hardest::hardest_by_combination;
use crate::sizing::header::{CheckKind, CheckResult};
use crate::sizing::limits::{LARGEST_POINT_LOAD, LONGEST_SPAN, MOST_LOADS_OVER_SUPPORTS, MOST_SUPPORTS, OutsideLimits};
use crate::sizing::problem::OpeningLoad;
use crate::speech::Phrase;
use crate::statics::Joints;

/// The most checks a beam can have.
const MOST_CHECKS: usize = 5;

/// A check of a beam, and in which of its pieces it works hardest.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct BeamCheck {
    /// The check.
    pub result: CheckResult,
    /// The piece, by its place.
    pub piece: usize,
}

/// A beam that was tried.
#[derive(Clone, Debug, PartialEq)]
pub struct TriedBeam {
    /// What it is.
    pub beam: HeaderSpec,
    /// Price per foot of all plies; `None` where nobody said one.
    pub price_per_foot: Option<Money>,
    /// Every check.
    pub checks: ArrayVec<BeamCheck, MOST_CHECKS>,
}

impl TriedBeam {
    /// The check that works hardest.
    pub fn hardest(&self) -> Option<&BeamCheck> {
        self.checks.iter().max_by(|a, b| a.result.ratio().total_cmp(&b.result.ratio()))
    }

    /// The largest ratio of demand to capacity.
    pub fn largest_ratio(&self) -> f64 {
        self.hardest().map_or(0.0, |check| check.result.ratio())
    }

    /// Why it does not carry, in sentences; empty if it does.
    pub fn failures(&self) -> Vec<Phrase> {
        self.checks.iter().filter_map(|check| check.result.failure()).collect()
    }
}

impl Tried for TriedBeam {
    fn header(&self) -> HeaderSpec {
        self.beam
    }

    fn price_per_foot(&self) -> Option<Money> {
        self.price_per_foot
    }

    fn carries(&self) -> bool {
        self.checks.iter().all(|check| check.result.passes())
    }
}

/// What a beam presses one of its supports with.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct OnSupport {
    /// By kind, what comes and goes standing where it presses the most.
    pub by_kind: ByKind<Force>,
    /// The largest combination, lb.
    pub largest: f64,
}

/// A beam that was sized.
#[derive(Clone, Debug, PartialEq)]
pub struct SizedBeam {
    /// What it has to do.
    pub spec: BeamSpec,
    /// Its pieces, from its start.
    pub pieces: Vec<BeamPiece>,
    /// Everything that was tried, the cheapest first.
    pub candidates: Vec<TriedBeam>,
    /// The one that goes in, by its place: the one that somebody chose; else the aim's best of those that carry; where none does, the one that comes
    /// nearest.
    pub chosen: usize,
    /// What it presses its supports with, in their order.
    pub on_supports: Vec<OnSupport>,
    /// The most that a support is lifted with in any combination, lb; zero where none is.
    pub uplift: f64,
}

impl SizedBeam {
    /// The one that goes in.
    pub fn goes_in(&self) -> &TriedBeam {
        &self.candidates[self.chosen]
    }

    /// How hard it is bent and sheared; how far it sags is left out.
    pub fn strength_ratio(&self) -> f64 {
        let strength = |check: &&BeamCheck| matches!(check.result.kind, CheckKind::Bending | CheckKind::Shear);
        self.goes_in().checks.iter().filter(strength).map(|check| check.result.ratio()).fold(0.0, f64::max)
    }
}

/// What a beam is chosen from and by.
#[derive(Clone, Copy, Debug)]
pub struct BeamStock<'a> {
    /// What is on the pile.
    pub boards: &'a [StockBoard],
    /// What is looked for.
    pub aim: Aim,
    /// Only what is needed, or one size more.
    pub margin: Margin,
}

impl BeamStock<'static> {
    /// Nothing but what somebody chose.
    pub const ONLY_WHAT_IS_CHOSEN: Self = Self { boards: &[], aim: Aim::Leanest, margin: Margin::Lean };
}

/// Sizes a beam.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn size_beam(spec: BeamSpec, stock: BeamStock<'_>) -> Result<SizedBeam, OutsideLimits> {
    within_limits(&spec)?;
    let pieces = pieces(&spec);
    let mut known: Vec<KnownSpans> = pieces.iter().map(|_| KnownSpans::default()).collect();
    let mut headers = headers_from(stock.boards, WIDEST);
    let by_hand = spec.chosen.filter(|chosen| headers.iter().all(|(header, _)| header != chosen));
    headers.extend(by_hand.map(|chosen| (chosen, None)));
    let mut candidates = Vec::with_capacity(headers.len());
    for (beam, price_per_foot) in cheapest_first(&headers) {
        match checks(&spec, &pieces, *beam, &mut known) {
            Ok(checks) => candidates.push(TriedBeam { beam: *beam, price_per_foot: *price_per_foot, checks }),
            Err(limit) if limit.is_of_the_header() && spec.chosen != Some(*beam) => {}
            Err(limit) => return Err(limit),
        }
    }
    let by_hand = || candidates.iter().position(|candidate| Some(candidate.beam) == spec.chosen);
    let chosen = by_hand().or_else(|| chosen(&candidates, stock)).ok_or(OutsideLimits::AnyHeader)?;
    let beam = candidates[chosen].beam;
    let (on_supports, uplift) = on_supports(&spec, &pieces, beam)?;
    Ok(SizedBeam { spec, pieces, candidates, chosen, on_supports, uplift })
}

fn within_limits(spec: &BeamSpec) -> Result<(), OutsideLimits> {
    if spec.supports.len() < 2 {
        return Err(OutsideLimits::NotCarried);
    }
    let longest = spec.supports.windows(2).map(|pair| pair[1].at - pair[0].at).max().unwrap_or(Length::ZERO);
    if LONGEST_SPAN < longest {
        return Err(OutsideLimits::BeamTooLong { span: longest });
    }
    if spec.joints == Joints::None && MOST_SUPPORTS < spec.supports.len() {
        return Err(OutsideLimits::TooManySupports { count: spec.supports.len() });
    }
    if MOST_LOADS_OVER_SUPPORTS < spec.loads.len() {
        return Err(OutsideLimits::TooManyLoads { count: spec.loads.len() });
    }
    for load in &spec.loads {
        let OpeningLoad::Point { amount, .. } = load else { continue };
        let pounds = spec.conventions.code.largest(&amount.map(|force| force.to_lbf()));
        if LARGEST_POINT_LOAD < pounds {
            return Err(OutsideLimits::PointLoadTooLarge { pounds });
        }
    }
    Ok(())
}

/// Every check of a beam, each in the piece where it works hardest.
fn checks(
    spec: &BeamSpec,
    pieces: &[BeamPiece],
    beam: HeaderSpec,
    known: &mut [KnownSpans],
) -> Result<ArrayVec<BeamCheck, MOST_CHECKS>, OutsideLimits> {
    let mut all: ArrayVec<BeamCheck, MOST_CHECKS> = ArrayVec::new();
    for (place, (piece, known)) in pieces.iter().zip(known).enumerate() {
        let bridge = bridge(piece, beam, known)?;
        let [bending, shear, live, total, _] = hardest_by_combination(&bridge);
        let bears = bearing::hardest(spec, piece, &bridge);
        for result in [bending, shear, live, total].into_iter().chain(bears) {
            match all.iter_mut().find(|check| check.result.kind == result.kind) {
                Some(check) if check.result.ratio() < result.ratio() => *check = BeamCheck { result, piece: place },
                Some(_) => {}
                None => all.push(BeamCheck { result, piece: place }),
            }
        }
    }
    Ok(all)
}

fn chosen(candidates: &[TriedBeam], stock: BeamStock<'_>) -> Option<usize> {
    let aim = stock.aim.with_prices(candidates);
    let nearest = || candidates.iter().min_by(|a, b| a.largest_ratio().total_cmp(&b.largest_ratio()));
    let best = aim.best(candidates).map(|enough| stock.margin.applied(enough, candidates)).or_else(nearest)?;
    candidates.iter().position(|candidate| std::ptr::eq(candidate, best))
}

/// What a beam presses its supports with, and the most that one is lifted with.
fn on_supports(
    spec: &BeamSpec,
    pieces: &[BeamPiece],
    beam: HeaderSpec,
) -> Result<(Vec<OnSupport>, f64), OutsideLimits> {
    let mut sums: Vec<ByKind<f64>> = vec![ByKind::default(); spec.supports.len()];
    let mut uplift: f64 = 0.0;
    for piece in pieces {
        let bridge = bridge(piece, beam, &mut KnownSpans::default())?;
        for support in piece.supports.clone() {
            sums[support] = sums[support] + pressed_with(spec, piece, &bridge, support);
        }
        uplift = uplift.max(largest_uplift(&bridge));
    }
    let code = spec.conventions.code;
    let told = |pounds: &ByKind<f64>| OnSupport { by_kind: pounds.map(Force::lbf), largest: code.largest(pounds) };
    Ok((sums.iter().map(told).collect(), uplift))
}

#[cfg(test)]
mod tests {
    use super::super::spec::{BeamSupport, HeldEdges, Under};
    use super::*;
    use crate::loads::LoadKind;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};
    use crate::measure::LineLoad;
    use crate::sizing::problem::Conventions;

    fn stock() -> Vec<StockBoard> {
        let sawn = |depth| HeaderBoard::Sawn {
            species: Species::SprucePineFir,
            grade: Grade::Number2,
            size: SawnSize::two_by(depth),
        };
        [Depth::Eight, Depth::Ten, Depth::Twelve]
            .map(|depth| StockBoard { board: sawn(depth), price_per_foot: None })
            .to_vec()
    }

    fn girder(joints: Joints, live: f64) -> BeamSpec {
        let amount = ByKind::of([(LoadKind::Dead, LineLoad::plf(100.0)), (LoadKind::FloorLive, LineLoad::plf(live))]);
        let support = |feet| BeamSupport { at: Length::feet(feet), under: Under::Post };
        BeamSpec {
            length: Length::feet(20),
            joints,
            supports: [0, 10, 20].map(support).to_vec(),
            loads: vec![OpeningLoad::Line { amount, extent: None }],
            held: HeldEdges::Upper,
            chosen: None,
            conventions: Conventions { self_weight: false, ..Conventions::default() },
        }
    }

    fn sized(spec: BeamSpec) -> SizedBeam {
        let boards = stock();
        let stock = BeamStock { boards: &boards, aim: Aim::Leanest, margin: Margin::Lean };
        size_beam(spec, stock).expect("within limits")
    }

    #[test]
    fn worked_example() {
        let sized = sized(girder(Joints::AtEverySupport, 400.0));
        assert_eq!(sized.pieces.len(), 2);
        let chosen = sized.goes_in();
        let bending = chosen.checks.iter().find(|check| check.result.kind == CheckKind::Bending).expect("there");
        let modulus = crate::lumber::SectionProperties::from(chosen.beam.section()).modulus;
        assert!((bending.result.comparison.demand - 6250.0 * 12.0 / modulus).abs() < 1e-6, "{bending:?}");
        let middle = sized.on_supports[1].by_kind;
        assert!((middle[LoadKind::FloorLive].to_lbf() - 4000.0).abs() < 1e-6, "{middle:?}");
    }

    #[test]
    fn in_one_piece_it_hogs_and_presses_its_middle_more() {
        let sized = sized(girder(Joints::None, 400.0));
        let middle = sized.on_supports[1].by_kind;
        // 5/4 · 400 · 10, both spans loaded.
        assert!((middle[LoadKind::FloorLive].to_lbf() - 5000.0).abs() < 1e-6, "{middle:?}");
        let end = sized.on_supports[0].by_kind;
        // 7/16 · 400 · 10, the other span empty.
        assert!((end[LoadKind::FloorLive].to_lbf() - 1750.0).abs() < 1e-6, "{end:?}");
    }

    #[test]
    fn a_tail_that_is_loaded_lifts_the_far_end() {
        let mut spec = girder(Joints::None, 400.0);
        spec.supports.pop();
        let sized = sized(spec);
        assert!(1000.0 < sized.uplift, "{}", sized.uplift);
    }

    #[test]
    fn more_load_never_gets_by_with_less() {
        let depth = |live| sized(girder(Joints::None, live)).goes_in().beam.section().area_square_inches();
        let all: Vec<f64> = [50.0, 150.0, 300.0, 450.0].map(depth).to_vec();
        assert!(all.is_sorted(), "{all:?}");
    }

    #[test]
    fn outside_the_limits_there_is_no_number() {
        let boards = stock();
        let stock = BeamStock { boards: &boards, aim: Aim::Leanest, margin: Margin::Lean };
        let mut spec = girder(Joints::AtEverySupport, 40.0);
        spec.length = Length::feet(31);
        spec.supports[2].at = Length::feet(31);
        assert_eq!(size_beam(spec, stock), Err(OutsideLimits::BeamTooLong { span: Length::feet(21) }));
        let mut alone = girder(Joints::None, 40.0);
        alone.supports.truncate(1);
        assert_eq!(size_beam(alone, stock), Err(OutsideLimits::NotCarried));
    }
}
