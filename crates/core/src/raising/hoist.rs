//! # A hoist, a lift or a crane
//!
//! **What it does.** Says what a hook, or each of two, takes of a wall that is tilted up, by statics of where it holds: also off the middle of
//! its weight, where hands or the other hook take the rest; and how that stands against what the machine is rated for there.
//!
//! **Source.** Elementary statics. Under 80 % of the rating good, over 100 % no: common practice, no source.
//!
//! **Assumptions and limits.** The rating is what the user read off the machine for this reach and height. It never covers people under the load. One hook off
//! the middle leaves the wall to turn: whoever steadies the far end holds what is said. Overturning and ground are the operator's.
//!
//! **Worked example.** 800 lb at the top plate, the hook 14 in. off the middle of the weight, the far end of 20 ft steadied: of the 134 in. from the end
//! to the hook the weight is 120 in. off, so the hook takes 800 · 120 / 134 = 716 lb, the hands 84.

use crate::measure::Force;
use crate::say;
use crate::speech::Phrase;

/// What one hook and the hands at an end take, lb.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Share {
    /// The hook.
    pub hook: f64,
    /// Who steadies the far end.
    pub hands: f64,
}

/// How a load stands against a rating.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Against {
    /// Under four fifths of it.
    Good,
    /// Within it, but not by much.
    Near,
    /// Over it: not to be lifted.
    Over,
}

/// Under this part of a rating it is good.
const GOOD: f64 = 0.8;

/// One hook that holds at a place, in. from the left end; the weight is at another; the end that is farther from the hook is steadied.
pub fn one_hook(lift: f64, weight_at: f64, hook_at: f64, length: f64) -> Share {
    let far = if hook_at <= length / 2.0 { length } else { 0.0 };
    let arm = hook_at - far;
    if (hook_at - weight_at).abs() < 1e-9 || arm.abs() < 1e-9 {
        return Share { hook: lift, hands: 0.0 };
    }
    let hook = lift * (weight_at - far) / arm;
    // A weight beyond the hook lifts the far end: it has to be held down, and the hook takes more than all of it.
    Share { hook, hands: lift - hook }
}

/// Two hooks that hold at two places.
pub fn two_hooks(lift: f64, weight_at: f64, (left, right): (f64, f64)) -> (f64, f64) {
    let apart = right - left;
    if apart.abs() < 1e-9 {
        return (lift / 2.0, lift / 2.0);
    }
    let on_right = lift * (weight_at - left) / apart;
    (lift - on_right, on_right)
}

/// How a load stands against what a machine is rated for at that reach and height.
pub fn against(load: f64, rated: f64) -> Against {
    if load <= GOOD * rated {
        Against::Good
    } else if load <= rated {
        Against::Near
    } else {
        Against::Over
    }
}

/// What a machine takes of a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Hung {
    /// The first hook, or the only one, lb.
    pub hook: f64,
    /// The second hook, lb.
    pub second: Option<f64>,
    /// Who steadies the far end of one hook's wall, lb; less than nothing is held down.
    pub hands: Option<f64>,
    /// What each hook is rated for, lb.
    pub rated: f64,
    /// How the hook that takes more stands against that.
    pub against: Against,
}

/// A load on a wall of a length, its weight at a place, on one hook or two, in.; each hook is rated for so much.
pub fn hung(lift: f64, weight_at: f64, length: f64, (hook, second): (f64, Option<f64>), rated: f64) -> Hung {
    match second {
        None => {
            let Share { hook, hands } = one_hook(lift, weight_at, hook, length);
            Hung { hook, second: None, hands: Some(hands), rated, against: against(hook, rated) }
        }
        Some(second) => {
            let (left, right) = two_hooks(lift, weight_at, (hook, second));
            Hung { hook: left, second: Some(right), hands: None, rated, against: against(left.max(right), rated) }
        }
    }
}

/// What that means, in a sentence.
pub fn hung_words(hung: &Hung) -> Phrase {
    let load = Force::lbf(hung.second.map_or(hung.hook, |second| second.max(hung.hook)));
    let rated = Force::lbf(hung.rated);
    match hung.against {
        Against::Good => say!("hoist-good", load = load, rated = rated),
        Against::Near => say!("hoist-near", load = load, rated = rated),
        Against::Over => say!("hoist-over", load = load, rated = rated),
    }
}

/// What whoever steadies the far end of one hook's wall does, in a sentence; `None` where the hook is under the weight, or there are two.
pub fn steady_words(hung: &Hung) -> Option<Phrase> {
    let hands = hung.hands.filter(|hands| WORTH_SAYING <= hands.abs())?;
    let load = Force::lbf(hands.abs());
    Some(if 0.0 < hands { say!("hoist-steady", load = load) } else { say!("hoist-hold-down", load = load) })
}

/// Less than this nobody feels, lb.
const WORTH_SAYING: f64 = 1.0;

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let share = one_hook(800.0, 120.0, 134.0, 240.0);
        assert!((share.hook - 800.0 * 120.0 / 134.0).abs() < 1e-9 && (share.hook + share.hands - 800.0).abs() < 1e-9);
        // The same on the other side of the middle.
        assert!((one_hook(800.0, 120.0, 106.0, 240.0).hook - share.hook).abs() < 1e-9);
    }

    #[test]
    fn two_hooks_share_by_their_arms() {
        let (left, right) = two_hooks(800.0, 120.0, (60.0, 200.0));
        assert!((right - 800.0 * 60.0 / 140.0).abs() < 1e-9 && (left + right - 800.0).abs() < 1e-9);
    }

    #[test]
    fn a_hook_off_the_middle_against_its_rating() {
        let by = |lift: f64| hung(lift, 120.0, 240.0, (134.0, None), 425.0);
        assert_eq!(by(425.0 * 134.0 / 120.0).against, Against::Near);
        assert_eq!(by(425.0 * 134.0 / 120.0 + 1.0).against, Against::Over);
        let two = hung(800.0, 120.0, 240.0, (60.0, Some(180.0)), 425.0);
        assert_eq!((two.hook, two.second, two.hands, two.against), (400.0, Some(400.0), None, Against::Near));
        assert_eq!(hung_words(&two).id, "hoist-near");
    }

    #[test]
    fn a_rating_is_good_near_or_over() {
        assert_eq!(
            [339.0, 340.0, 400.0, 425.0, 425.1].map(|load| against(load, 425.0)),
            [Against::Good, Against::Good, Against::Near, Against::Near, Against::Over]
        );
    }
}
