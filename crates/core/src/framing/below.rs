//! # What must stand below a pack
//!
//! **What it does.** Says of every pack and of every load in the field of a wall what must stand straight below it, and what that
//! takes over: the house below is not known here, so that the load is handed on by its name and weight.
//!
//! **Source.** IRC 2021 R502.7 and R602.6 ask for a load path to the foundation, from memory; as many studs or blocks below as
//! above: common practice, no source.
//!
//! **Assumptions and limits.** Only what stands above the sole plate is sized here. What is below it, blocks, posts, beams and
//! footings, is sized by whoever knows the house.

use super::opening_plan::{OpeningOutcome, OpeningPlan, SizedHeader};
use super::wall_plan::WallPlan;
use crate::codes::{CombinationIndex, DesignCode};
use crate::loads::{ByKind, LoadKind};
use crate::measure::{End, Force, Length};
use crate::say;
use crate::sizing::evaluate::settled_bridge;
use crate::sizing::header::post::load_on;
use crate::sizing::problem::Post;
use crate::speech::{Argument, Joined, Phrase, distance};

/// What presses down at one place through the sole plate.
#[derive(Clone, Debug, PartialEq)]
pub struct PressesBelow {
    /// What it is: `left jacks`.
    pub what: Phrase,
    /// From face to face along the wall.
    pub from: Length,
    /// Its other face.
    pub to: Length,
    /// Studs in it.
    pub studs: u8,
    /// Its load by kind.
    pub by_kind: ByKind<Force>,
    /// The largest combination.
    pub largest: Force,
    /// Which one that is.
    pub combination: CombinationIndex,
}

impl PressesBelow {
    /// What must stand below, in a sentence.
    pub fn phrase(&self) -> Phrase {
        let parts = LoadKind::ALL
            .into_iter()
            .filter(|kind| 0.5 <= self.by_kind.get(*kind).to_lbf().abs())
            .map(|kind| say!("load-of-a-kind", kind = kind.symbol(), force = self.by_kind.get(kind)))
            .collect();
        say!(
            "below",
            what = self.what.clone(),
            from = distance(self.from),
            to = distance(self.to),
            studs = self.studs,
            force = self.largest,
            combination = self.combination.phrase(),
            parts = Argument::Phrases(parts, Joined::Commas),
        )
    }
}

/// What presses below an opening's packs; nothing where nothing is carried or no number stands.
pub fn below_packs(plan: &OpeningPlan) -> Vec<PressesBelow> {
    let OpeningOutcome::Header(sized) = &plan.outcome else { return Vec::new() };
    let below = |end: End| {
        let studs = *plan.jacks.at(end);
        let wide = plan.stud * i64::from(studs);
        let (from, to) = match end {
            End::Left => (plan.left() - wide, plan.left()),
            End::Right => (plan.right(), plan.right() + wide),
        };
        let by_kind = *sized.evaluation.reactions.at(end);
        pressing(sized.problem.conventions.code, say!("below-jacks", end), (from, to), studs, by_kind)
    };
    let mut all: Vec<PressesBelow> = End::BOTH.map(below).into();
    all.extend(below_posts(plan, sized));
    // A pack that is lifted presses on nothing: that it is, a finding says.
    all.retain(|below| Force::ZERO < below.largest);
    all
}

/// Posts under the header besides its packs.
fn below_posts(plan: &OpeningPlan, sized: &SizedHeader) -> Vec<PressesBelow> {
    let problem = &sized.problem;
    // It was judged on this bridge: it has one.
    let Ok(bridge) = settled_bridge(problem, sized.evaluation.header) else { return Vec::new() };
    let below = |post: &Post| {
        let half = (plan.stud * i64::from(post.studs)).half();
        let center = plan.left() + post.at;
        let by_kind = load_on(&bridge, *post).map(Force::lbf);
        let stretch = (center - half, center + half);
        pressing(problem.conventions.code, say!("below-post"), stretch, post.studs, by_kind)
    };
    problem.run.posts.iter().map(below).collect()
}

/// What presses below the studs in the field of a wall.
pub fn below_field(plan: &WallPlan, stud: Length) -> Vec<PressesBelow> {
    let below = |load: &super::FieldLoad| {
        let half = (stud * i64::from(load.studs())).half();
        let stretch = (load.at - half, load.at + half);
        pressing(plan.ground.code, say!("below-studs"), stretch, load.studs(), load.amount)
    };
    plan.field_loads.iter().map(below).collect()
}

fn pressing(
    code: DesignCode,
    what: Phrase,
    (from, to): (Length, Length),
    studs: u8,
    by_kind: ByKind<Force>,
) -> PressesBelow {
    let pounds = by_kind.map(|force| force.to_lbf());
    let first = &code.strength()[0];
    let sums = code.strength().iter().map(|combination| (combination.index, combination.total(&pounds)));
    let (combination, largest) =
        sums.max_by(|a, b| a.1.total_cmp(&b.1)).unwrap_or((first.index, pounds[LoadKind::Dead]));
    PressesBelow { what, from, to, studs, by_kind, largest: Force::lbf(largest), combination }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_largest_combination_is_handed_on_with_its_parts() {
        let by_kind = ByKind::of([(LoadKind::Dead, 1000.0), (LoadKind::Snow, 2000.0), (LoadKind::FloorLive, 1200.0)]);
        let stretch = (Length::ZERO, Length::inches(3));
        let by_kind = by_kind.map(Force::lbf);
        let below = pressing(DesignCode::AllowableStress, say!("below-jacks", end = End::Left), stretch, 2, by_kind);
        // D + 0.75 L + 0.75 S = 1000 + 900 + 1500 = 3400, over D + S = 3000.
        assert!((below.largest.to_lbf() - 3400.0).abs() < 1e-9, "{below:?}");
        let said = below.phrase().to_string();
        assert!(
            said.contains("3400 lb") && said.contains("kind: L, force: 1200 lb") && said.contains("studs: 2"),
            "{said}"
        );
    }
}
