//! # Posts under a header besides its packs
//!
//! **What it checks.** A middle post, or the studs at the far end of a return: the header crushing across its grain on it, the
//! post itself as a built-up column both ways, and the plate crushing under it. Bearing is reaction over (studs · thickness ·
//! width) against Fc⊥ · C_b; C_b only 3 in. or more from the end of what is borne.
//!
//! **Source.** NDS 2018 3.10.2, 3.10.4, 3.7.1 and 15.3, from memory. No load duration on Fc⊥.
//!
//! **Assumptions and limits.** The post is of the wall's studs, as long as from the subfloor to the header. In the opening
//! nothing holds it sideways; at the far end of a return the sheathing does where there is any.
//!
//! **Worked example.** Two 6 ft spans of 3 in. SPF under 600 lb/ft: the middle post takes 10/8 · 3600 = 4500 lb; on two
//! studs 4500 / (3 · 3) = 500 psi of 425 · (3 + 0.375)/3 = 478 psi: not enough.

use arrayvec::ArrayVec;

use super::{CheckKind, CheckResult, Comparison};
use crate::codes::question::{Bearing, BearingPlace, BuiltUpColumn};
use crate::codes::{Combination, PlateEnd};
use crate::loads::ByKind;
use crate::lumber::Family;
use crate::measure::{End, Length};
use crate::say;
use crate::sizing::bridge::Bridge;
use crate::sizing::load_pattern::LoadPattern;
use crate::sizing::over_supports::Stand;
use crate::sizing::problem::{CLEAR_OF_PLATE_END, Post};
use crate::speech::decimal;
use crate::working::{Number, Pen, Silent, Unit};

/// What is checked of a post.
const KINDS: [CheckKind; 3] = [CheckKind::PostBearing, CheckKind::PostColumn, CheckKind::PostPlate];

/// Each check of the post that works hardest in it; nothing without posts.
pub fn post_checks(bridge: &Bridge<'_>) -> ArrayVec<CheckResult, 3> {
    let hardest = |kind: CheckKind| {
        let posts = bridge.problem.run.posts.iter();
        let all = posts.flat_map(|post| cases(bridge, *post).map(move |case| result(bridge, kind, *post, &case)));
        all.max_by(|a, b| a.ratio().total_cmp(&b.ratio()))
    };
    KINDS.into_iter().filter_map(hardest).collect()
}

/// A post's load by kind, in every combination that applies.
fn cases<'a>(bridge: &Bridge<'a>, post: Post) -> impl Iterator<Item = Case> + use<'a> {
    let by_kind = load_on(bridge, post);
    let present = bridge.present;
    let strength = bridge.problem.conventions.code.strength().iter();
    let applying = strength.filter(move |combination| combination.applies_to(&present));
    applying.map(move |combination| Case { combination, load: combination.total(&by_kind) })
}

struct Case {
    combination: &'static Combination,
    load: f64,
}

/// What a post carries by kind, lb, with the loads that come and go where they press it the most.
pub fn load_on(bridge: &Bridge<'_>, post: Post) -> ByKind<f64> {
    bridge.support_by_kind(nearest_support(bridge, post), Stand::Pressing)
}

fn result(bridge: &Bridge<'_>, kind: CheckKind, post: Post, case: &Case) -> CheckResult {
    let comparison = compare(&mut Silent, bridge, kind, post, case);
    CheckResult { kind, comparison, combination: Some(case.combination.index), pattern: LoadPattern::ALL }
}

fn compare<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, kind: CheckKind, post: Post, case: &Case) -> Comparison {
    match kind {
        CheckKind::PostColumn => as_a_column(pen, bridge, post, case),
        CheckKind::PostPlate => on_the_plate(pen, bridge, post, case.load),
        _ => under_the_header(pen, bridge, post, case.load),
    }
}

/// The working of every post.
pub fn post_working<P: Pen>(pen: &mut P, bridge: &Bridge<'_>) {
    for post in &bridge.problem.run.posts {
        for kind in KINDS {
            let worst = cases(bridge, *post).max_by(|a, b| {
                let ratio = |case: &Case| compare(&mut Silent, bridge, kind, *post, case).ratio();
                ratio(a).total_cmp(&ratio(b))
            });
            let Some(case) = worst else { continue };
            let at = post.at.to_inches();
            pen.note(|| {
                let studs = post.studs;
                let (at, combination) = (decimal(at, Unit::Inches, 2), case.combination.index.phrase());
                say!("note-post", studs, at, check = kind.phrase(), combination)
            });
            let comparison = compare(pen, bridge, kind, *post, &case);
            let ratio =
                pen.given("⟨symbol-demand⟩", comparison.demand) / pen.given("⟨symbol-capacity⟩", comparison.capacity);
            pen.step(
                "step-how-hard-it-works",
                "⟨symbol-ratio⟩",
                Unit::None,
                kind.clause(bridge.problem.conventions.code),
                ratio,
            );
        }
    }
}

fn under_the_header<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, post: Post, load: f64) -> Comparison {
    let length = f64::from(post.studs) * bridge.stud_thickness();
    let at = nearest_support(bridge, post);
    let width = bridge.section.width.min(bridge.problem.wall_depth.to_inches());
    let clear = (at - length / 2.0).min(bridge.length_inches() - at - length / 2.0);
    let end = if CLEAR_OF_PLATE_END.to_inches() <= clear { PlateEnd::Continuous } else { PlateEnd::Cut };
    let asked = Bearing {
        symbol: "Fc⊥",
        reference: bridge.values.bearing,
        family: bridge.header.board.family(),
        service: bridge.problem.conventions.service,
    };
    bridge.problem.conventions.code.bearing(pen, &asked, load, &BearingPlace { length, width, end })
}

fn on_the_plate<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, post: Post, load: f64) -> Comparison {
    let length = f64::from(post.studs) * bridge.stud_thickness();
    let depth = bridge.problem.wall_depth.to_inches();
    let end = if in_the_opening(bridge, post) { bridge.problem.plate.left.inward } else { PlateEnd::Cut };
    let asked = Bearing {
        symbol: "⟨symbol-fcperp-of-the-plate⟩",
        reference: bridge.problem.plate_bearing,
        family: Family::Dimension,
        service: bridge.problem.conventions.service,
    };
    bridge.problem.conventions.code.bearing(pen, &asked, load, &BearingPlace { length, width: depth, end })
}

fn as_a_column<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, post: Post, case: &Case) -> Comparison {
    let problem = bridge.problem;
    // From the subfloor: the plate under it holds nothing.
    let length = problem.jack_length.under(bridge.header.board.depth()) + problem.stud_thickness;
    let length = length.to_inches();
    let held = !in_the_opening(bridge, post) && problem.sheathed;
    let column = BuiltUpColumn {
        lumber: problem.jack,
        studs: post.studs,
        thickness: bridge.stud_thickness(),
        depth: problem.wall_depth.to_inches(),
        length,
        held_every: if held { 0.0 } else { length },
        most_slender: problem.conventions.code.most_slender_column(),
        service: problem.conventions.service,
    };
    // Too slender to be a column: nothing is carried.
    let capacity = problem
        .conventions
        .code
        .built_up_column(pen, &column, case.combination.duration)
        .map_or(0.0, |carries| carries.value());
    Comparison { demand: case.load, capacity }
}

fn in_the_opening(bridge: &Bridge<'_>, post: Post) -> bool {
    Length::ZERO < post.at && post.at < bridge.problem.clear
}

/// The support that stands where the post does.
fn nearest_support(bridge: &Bridge<'_>, post: Post) -> f64 {
    let left_face = bridge.pack_station(End::Left) + f64::from(bridge.jacks.left) * bridge.stud_thickness() / 2.0;
    let wanted = left_face + post.at.to_inches();
    let supports = bridge.supports();
    let nearest = supports.iter().copied().min_by(|a, b| (a - wanted).abs().total_cmp(&(b - wanted).abs()));
    nearest.unwrap_or(wanted)
}

#[cfg(test)]
mod tests {
    use crate::loads::{ByKind, LoadKind};
    use crate::measure::{Length, LineLoad};
    use crate::sizing::header::CheckKind;
    use crate::sizing::problem::{HeaderRun, OpeningLoad, OpeningProblem, Post};
    use crate::sizing::testing::{evaluated, roof_window};

    fn with_a_post(clear: i64, studs: u8, dead: f64) -> OpeningProblem {
        let mut problem = roof_window();
        problem.clear = Length::inches(clear);
        let amount = ByKind::of([(LoadKind::Dead, LineLoad::plf(dead))]);
        problem.loads = vec![OpeningLoad::Line { amount, extent: None }];
        problem.conventions.self_weight = false;
        problem.conventions.span = crate::sizing::SpanRule::ClearOpening;
        let posts = [Post { at: Length::inches(clear / 2), studs }].into_iter().collect();
        problem.run = HeaderRun { posts, ..HeaderRun::default() };
        problem
    }

    #[test]
    fn worked_example() {
        let check = evaluated(&with_a_post(144, 2, 600.0)).check(CheckKind::PostBearing);
        assert!((check.comparison.demand - 500.0).abs() < 0.1, "{check:?}");
        assert!((check.comparison.capacity - 425.0 * 3.375 / 3.0).abs() < 1e-9);
        assert!(!check.passes());
    }

    #[test]
    fn a_post_is_a_column_and_stands_on_a_plate() {
        let evaluation = evaluated(&with_a_post(144, 2, 600.0));
        let column = evaluation.check(CheckKind::PostColumn);
        // 4500 lb on two nailed studs that nothing holds sideways, 81 1/2 in., under D alone.
        assert!((column.comparison.demand - 4500.0).abs() < 1.0 && !column.passes(), "{column:?}");
        let plate = evaluation.check(CheckKind::PostPlate);
        assert!((plate.comparison.demand - 4500.0 / 10.5).abs() < 0.1, "{plate:?}");
        // One stud is too slender across at any load.
        assert!(evaluated(&with_a_post(144, 1, 1.0)).check(CheckKind::PostColumn).ratio().is_infinite());
    }
}
