//! # Nails, hangers and bolts
//!
//! **What it does.** Counts what is bought by the box beside the sticks: nails by their size, from the nailing list of every wall and
//! opening; hangers of beams by what they have to hold; anchor bolts. Which hanger it is its maker's tables say.
//!
//! **Source.** The nailing lists. Hangers are told apart in steps of 500 lb: common practice, no source.
//!
//! **Assumptions and limits.** Sheathing is not counted, nor what splits and is lost: the allowance is the user's. What is not decided
//! has no nails yet, and what is framed needs none any more.
//!
//! **Worked example.** A header of two 2x10s over 4 ft: 8 nails 16d common along its edges.

use std::collections::BTreeMap;

use super::pieces::is_decided;
use crate::framing::changes::plan_as_framed;
use crate::framing::nailing::{Nail, NailedJoint, opening_joints, wall_joints};
use crate::job::OpeningId;
use crate::measure::Force;
use crate::plan::JobPlan;
use crate::plan::members::Member;
use crate::sizing::beam::spec::Under;
use crate::sizing::candidates::Tried;

/// What is bought by the box.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Hardware {
    /// Nails of each size.
    pub nails: BTreeMap<Nail, u32>,
    /// Hangers, by the most that each class holds, whole pounds.
    pub hangers: BTreeMap<u32, u32>,
    /// Anchor bolts, each with its washer and nut.
    pub bolts: u32,
}

/// Hangers are told apart by so many pounds.
const STEP: f64 = 500.0;

/// The class of a hanger: what it has to hold, rounded up.
pub fn hanger_class(holds: Force) -> u32 {
    ((holds.to_lbf().abs() / STEP).ceil().max(1.0) * STEP) as u32
}

/// Everything of a planned job that is bought by the box.
pub fn hardware_of(plan: &JobPlan) -> Hardware {
    let mut all = Hardware::default();
    for (wall, planned) in plan.walls() {
        all.nails_of(wall_joints(wall, &planned.members));
        // What stands as it was framed is nailed; what changed since is nailed anew.
        let stands = |id: OpeningId| {
            let framed = wall.openings.iter().find(|each| each.id == id && each.framed_as.is_some());
            framed.is_some_and(|framed| plan_as_framed(&plan.job().rules(), wall, planned, framed).is_none())
        };
        for opening in planned.openings.iter().filter(|opening| is_decided(opening) && !stands(opening.id)) {
            all.nails_of(opening_joints(opening, &planned.members));
        }
        all.bolts += planned.bolts.len() as u32;
    }
    for (_, member) in plan.members() {
        let Member::Beam(beam) = member else { continue };
        let Some(sized) = beam.outcome.as_ref().ok().filter(|sized| sized.goes_in().carries()) else { continue };
        for (support, pressed) in sized.spec.supports.iter().zip(&sized.on_supports) {
            if support.under == Under::Hanger {
                *all.hangers.entry(hanger_class(Force::lbf(pressed.largest))).or_default() += 1;
            }
        }
    }
    all
}

impl Hardware {
    fn nails_of(&mut self, joints: Vec<NailedJoint>) {
        for nails in joints.into_iter().filter_map(|joint| joint.nails) {
            *self.nails.entry(nails.nail).or_default() += nails.count;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn hangers_are_classed_by_what_they_hold() {
        assert_eq!(
            [0.0, 1.0, 500.0, 501.0, 2999.5].map(|lb| hanger_class(Force::lbf(lb))),
            [500, 500, 500, 1000, 3000]
        );
    }
}
