//! # A post of the house
//!
//! **What it does.** Tries what a post is usually made of, studs nailed to one another and solid 4x4, 4x6 and 6x6, from the least wood up: as a
//! column both ways, against each beam crushing on it, and against the plate under it crushing.
//!
//! **Source.** NDS 2018 3.7.1, 15.3, 3.10.2, from memory. What posts are made of: common practice, no source.
//!
//! **Assumptions and limits.** Dry, as long as the storey's walls are high, held at its ends alone, loaded in its middle. Its longer side runs along
//! the beam. It stands on concrete by a base, whose maker's tables say what it bears, or on wood by its whole end.
//!
//! **Worked example.** 6000 lb, D + L, on a post of 96 in. of SPF No.2: a 4x4 carries 12.25 in.² · 497 psi = 6090 lb as a column.

use arrayvec::ArrayVec;

use super::column;
use super::spec::{BeamOnPost, PostSection, PostSpec};
use crate::codes::question::{Bearing, BearingPlace};
use crate::codes::{Combination, DesignCode, PlateEnd, Service};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{Depth, Family, Grade, JackLumber, SawnLumber, SawnSize, Species, Thickness};
use crate::measure::{Force, Stress};
use crate::sizing::header::{CheckKind, CheckResult, Comparison};
use crate::sizing::limits::{LARGEST_POINT_LOAD, OutsideLimits};
use crate::sizing::load_pattern::LoadPattern;
use crate::speech::Phrase;
use crate::working::{Pen, Silent};

/// A post that was tried.
#[derive(Clone, Debug, PartialEq)]
pub struct TriedPost {
    /// What it is.
    pub post: PostSection,
    /// Every check.
    pub checks: ArrayVec<CheckResult, 3>,
}

impl TriedPost {
    /// Whether everything is met.
    pub fn carries(&self) -> bool {
        self.checks.iter().all(CheckResult::passes)
    }

    /// The check that works hardest.
    pub fn hardest(&self) -> Option<&CheckResult> {
        self.checks.iter().max_by(|a, b| a.ratio().total_cmp(&b.ratio()))
    }

    /// The largest ratio of demand to capacity.
    pub fn largest_ratio(&self) -> f64 {
        self.hardest().map_or(0.0, CheckResult::ratio)
    }

    /// Why it does not carry, in sentences; empty if it does.
    pub fn failures(&self) -> Vec<Phrase> {
        self.checks.iter().filter_map(CheckResult::failure).collect()
    }
}

/// A post that was sized.
#[derive(Clone, Debug, PartialEq)]
pub struct SizedPost {
    /// What it has to do.
    pub spec: PostSpec,
    /// Everything that was tried, the least wood first.
    pub candidates: Vec<TriedPost>,
    /// The one that goes in, by its place: the one that somebody chose; else the first that carries; where none does, the one that comes nearest.
    pub chosen: usize,
}

impl SizedPost {
    /// The one that goes in.
    pub fn goes_in(&self) -> &TriedPost {
        &self.candidates[self.chosen]
    }
}

/// What a post may be made of.
fn sections() -> Vec<PostSection> {
    let species = Species::SprucePineFir;
    let solid = |(thickness, depth)| {
        PostSection::Solid(SawnLumber { species, grade: Grade::Number2, size: SawnSize { thickness, depth } })
    };
    let solids = [(Thickness::Four, Depth::Four), (Thickness::Four, Depth::Six), (Thickness::Six, Depth::Six)];
    let studs = [Depth::Four, Depth::Six].into_iter().flat_map(|depth| {
        let lumber = JackLumber { species, grade: Grade::Number2, depth };
        (2..=5).map(move |count| PostSection::Studs { lumber, count })
    });
    let mut all: Vec<PostSection> = solids.map(solid).into_iter().chain(studs).collect();
    all.sort_by(|a, b| a.area().total_cmp(&b.area()));
    all
}

/// Sizes a post.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn size_post(spec: PostSpec) -> Result<SizedPost, OutsideLimits> {
    let pounds = spec.code.largest(&spec.load.map(|force| force.to_lbf()));
    if LARGEST_POINT_LOAD < pounds {
        return Err(OutsideLimits::PointLoadTooLarge { pounds });
    }
    let mut posts = sections();
    posts.extend(spec.chosen.filter(|chosen| !posts.contains(chosen)));
    posts.sort_by(|a, b| a.area().total_cmp(&b.area()));
    let candidates: Vec<TriedPost> =
        posts.into_iter().map(|post| TriedPost { post, checks: checks(&spec, post) }).collect();
    let nearest = || {
        let by_ratio = |a: &&TriedPost, b: &&TriedPost| a.largest_ratio().total_cmp(&b.largest_ratio());
        let least = candidates.iter().min_by(by_ratio)?;
        candidates.iter().position(|tried| std::ptr::eq(tried, least))
    };
    let by_hand = || candidates.iter().position(|tried| Some(tried.post) == spec.chosen);
    let chosen = by_hand()
        .or_else(|| candidates.iter().position(TriedPost::carries))
        .or_else(nearest)
        .ok_or(OutsideLimits::AnyHeader)?;
    Ok(SizedPost { spec, candidates, chosen })
}

fn checks(spec: &PostSpec, post: PostSection) -> ArrayVec<CheckResult, 3> {
    let mut checks = ArrayVec::new();
    checks.push(hardest(spec, CheckKind::PostColumn, &spec.load, |combination, load| Comparison {
        demand: load,
        capacity: column::carries(&mut Silent, spec, post, combination).unwrap_or(0.0),
    }));
    let pressed = spec.beams.iter().map(|beam| {
        hardest(spec, CheckKind::PostBearing, &beam.by_kind, |_, load| {
            crushed(&mut Silent, spec.code, post, beam, load)
        })
    });
    checks.extend(pressed.max_by(|a, b| a.ratio().total_cmp(&b.ratio())));
    if let Some(plate) = spec.stands_on {
        let on_plate = |_: &Combination, load: f64| on_wood(&mut Silent, spec.code, post, plate, load);
        checks.push(hardest(spec, CheckKind::PostPlate, &spec.load, on_plate));
    }
    checks
}

fn hardest(
    spec: &PostSpec,
    kind: CheckKind,
    load: &ByKind<Force>,
    compare: impl Fn(&Combination, f64) -> Comparison,
) -> CheckResult {
    let pounds = load.map(|force| force.to_lbf());
    let present = present(&pounds);
    let applying = spec.code.strength().iter().filter(|combination| combination.applies_to(&present));
    let results = applying.map(|combination| CheckResult {
        kind,
        comparison: compare(combination, combination.total(&pounds).max(0.0)),
        combination: Some(combination.index),
        pattern: LoadPattern::ALL,
    });
    results.max_by(|a, b| a.ratio().total_cmp(&b.ratio())).unwrap_or_else(|| CheckResult::of_nothing(kind))
}

/// Which kinds of load there are; dead load always.
fn present(pounds: &ByKind<f64>) -> ByKind<bool> {
    let mut present = pounds.map(|pounds| pounds != 0.0);
    present[LoadKind::Dead] = true;
    present
}

/// A beam crushing on the post.
pub(super) fn crushed<P: Pen>(
    pen: &mut P,
    code: DesignCode,
    post: PostSection,
    beam: &BeamOnPost,
    load: f64,
) -> Comparison {
    let (short, long) = post.sides();
    let (before, after) = beam.reaches;
    let half = long / 2.0;
    let length = half.min(before.to_inches().max(0.0)) + half.min(after.to_inches().max(0.0));
    let width = short.min(beam.width.to_inches());
    let asked = Bearing { symbol: "Fc⊥", reference: beam.bearing, family: beam.family, service: Service::Dry };
    code.bearing(pen, &asked, load, &BearingPlace { length, width, end: PlateEnd::Cut })
}

/// The wood under the post crushing.
pub(super) fn on_wood<P: Pen>(
    pen: &mut P,
    code: DesignCode,
    post: PostSection,
    plate: Stress,
    load: f64,
) -> Comparison {
    let (short, long) = post.sides();
    let asked = Bearing {
        symbol: "⟨symbol-fcperp-of-the-plate⟩",
        reference: plate,
        family: Family::Dimension,
        service: Service::Dry,
    };
    code.bearing(pen, &asked, load, &BearingPlace { length: short, width: long, end: PlateEnd::Cut })
}

#[cfg(test)]
mod tests {
    use super::super::testing::under;
    use super::*;
    use crate::measure::Length;

    #[test]
    fn more_load_takes_more_post() {
        let area = |live: f64| size_post(under(live)).expect("within limits").goes_in().post.area();
        let all: Vec<f64> = [500.0, 2000.0, 4000.0, 7000.0].map(area).to_vec();
        assert!(all.is_sorted() && all[0] < all[3], "{all:?}");
    }

    #[test]
    fn the_beam_crushes_on_a_narrow_post() {
        // 4000 lb over 3 in. of beam and 3 1/2 in. of post: 381 psi of 425; with the beam ending at its middle, twice that.
        let four_by_four = |spec: &PostSpec| {
            let post = sections().into_iter().find(|post| matches!(post, PostSection::Solid(_))).expect("a 4x4");
            checks(spec, post)
                .into_iter()
                .find(|check| check.kind == CheckKind::PostBearing)
                .expect("a beam lies on it")
        };
        let mut spec = under(3000.0);
        assert!((four_by_four(&spec).comparison.demand - 4000.0 / 10.5).abs() < 1e-6);
        spec.beams[0].reaches.1 = Length::ZERO;
        assert!((four_by_four(&spec).comparison.demand - 4000.0 / 5.25).abs() < 1e-6);
    }

    #[test]
    fn on_wood_its_end_presses_the_plate() {
        let mut spec = under(3000.0);
        assert!(!checks(&spec, sections()[0]).iter().any(|check| check.kind == CheckKind::PostPlate));
        spec.stands_on = Some(Stress::psi(425.0));
        let plate = size_post(spec).expect("within limits");
        assert!(plate.goes_in().checks.iter().any(|check| check.kind == CheckKind::PostPlate && check.passes()));
    }

    #[test]
    fn beyond_the_method_there_is_no_number() {
        assert!(matches!(size_post(under(25_000.0)), Err(OutsideLimits::PointLoadTooLarge { .. })));
    }
}
