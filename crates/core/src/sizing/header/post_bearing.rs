//! # Bearing on posts
//!
//! **What it checks.** The header crushing across its grain on each post besides its packs: a middle post, or the studs at
//! the far end of a return. Reaction over (studs · 1 1/2 in. · width) against Fc⊥ · C_b; C_b only for a post 3 in. or more
//! from the header's end.
//!
//! **Source.** NDS 2018 3.10.2 and 3.10.4, from memory. No load duration on Fc⊥.
//!
//! **Assumptions and limits.** The post itself is counted as studs by whoever places it; its length is not checked here.
//!
//! **Worked example.** Two 6 ft spans of 3 in. SPF under 600 lb/ft: the middle post takes 10/8 · 3600 = 4500 lb; on two
//! studs 4500 / (3 · 3) = 500 psi of 425 · (3 + 0.375)/3 = 478 psi: not enough.

use super::{CheckKind, CheckResult, Comparison};
use crate::loads::kind::STRENGTH_COMBINATIONS;
use crate::lumber::factors::bearing_area::{PlateEnd, bearing_area_factor};
use crate::lumber::factors::wet_service::{Property, wet_service_factor};
use crate::sizing::bridge::{Bridge, JACK_THICKNESS, LoadPattern};
use crate::sizing::problem::Post;
use crate::working::Silent;

/// How far from the header's end a bearing has to be for C_b, in. (NDS 2018 3.10.4).
const CLEAR_OF_END: f64 = 3.0;

/// The hardest working post; `None` without posts.
pub fn post_bearing(bridge: &Bridge<'_>) -> Option<CheckResult> {
    let posts = bridge.problem.run.posts.iter();
    posts.map(|post| on_post(bridge, *post)).max_by(|a, b| a.ratio().total_cmp(&b.ratio()))
}

fn on_post(bridge: &Bridge<'_>, post: Post) -> CheckResult {
    let length = f64::from(post.studs) * JACK_THICKNESS;
    let at = nearest_support(bridge, post);
    let by_kind = bridge.support_by_kind(at, f64::max);
    let pressing = STRENGTH_COMBINATIONS.iter().filter(|combination| combination.applies_to(&bridge.present));
    let (load, combination) = pressing
        .map(|combination| (combination.total(&by_kind), combination.name))
        .fold((0.0, ""), |most, next| if most.0 < next.0 { next } else { most });
    let width = bridge.header.section().width.min(bridge.problem.wall_depth).to_inches();
    let clear = (at - length / 2.0).min(bridge.length_inches() - at - length / 2.0);
    let end = if CLEAR_OF_END <= clear { PlateEnd::Continuous } else { PlateEnd::Cut };
    let service =
        wet_service_factor(bridge.problem.conventions.service, bridge.header.board.family(), Property::Bearing);
    let strength = bridge.values.bearing.to_psi() * service * bearing_area_factor(&mut Silent, end, &length);
    CheckResult {
        kind: CheckKind::PostBearing,
        comparison: Comparison { demand: load / (length * width), capacity: strength },
        combination,
        pattern: LoadPattern::ALL,
    }
}

/// The support that stands where the post does.
fn nearest_support(bridge: &Bridge<'_>, post: Post) -> f64 {
    let left_face =
        bridge.pack_station(crate::measure::End::Left) + f64::from(bridge.jacks.left) * JACK_THICKNESS / 2.0;
    let wanted = left_face + post.at.to_inches();
    let supports = bridge.supports();
    let nearest = supports.iter().copied().min_by(|a, b| (a - wanted).abs().total_cmp(&(b - wanted).abs()));
    nearest.unwrap_or(wanted)
}

#[cfg(test)]
mod tests {
    use crate::loads::kind::ByKind;
    use crate::measure::{Length, LineLoad};
    use crate::sizing::header::CheckKind;
    use crate::sizing::problem::{HeaderRun, OpeningLoad, Post};
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        // Clear openings of 72 in. less the halves of the bearings make two spans of about 6 ft.
        let mut problem = roof_window();
        problem.clear = Length::inches(144);
        problem.loads = vec![OpeningLoad::Line {
            amount: ByKind { dead: LineLoad::plf(600.0), ..ByKind::default() },
            extent: None,
        }];
        problem.conventions.self_weight = false;
        problem.conventions.span = crate::sizing::SpanRule::ClearOpening;
        problem.run = HeaderRun {
            posts: [Post { at: Length::inches(72), studs: 2 }].into_iter().collect(),
            ..HeaderRun::default()
        };
        let check = evaluated(&problem).check(CheckKind::PostBearing);
        assert!((check.comparison.demand - 500.0).abs() < 0.1, "{check:?}");
        assert!((check.comparison.capacity - 425.0 * 3.375 / 3.0).abs() < 1e-9);
        assert!(!check.passes());
    }
}
