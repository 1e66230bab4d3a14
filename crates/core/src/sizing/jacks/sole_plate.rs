//! # Jacks by the sole plate's bearing
//!
//! **What it checks.** The pack's load against n · 1 1/2 in. · jack depth · Fc⊥ of the plate · C_b.
//!
//! **Source.** NDS 2018 3.10.2 and 3.10.4, from memory. A plate cut for a door gets no C_b, nor one that ends
//! less than 3 in. beside the pack.
//!
//! **Worked example.** 2482 lb on an SPF plate cut for a door, 2x4 jacks: one carries 1.5 · 3.5 · 425 = 2231 lb, so two.

use crate::codes::Topic;
use crate::codes::question::Bearing;
use crate::lumber::Family;
use crate::measure::End;
use crate::sizing::bridge::Bridge;
use crate::sizing::count::studs_for;
use crate::working::{Pen, Silent, Unit};

/// What each of `jacks` at an end carries before the sole plate crushes under them, lb.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, end: End, jacks: u8) -> P::Number {
    let pack_length = pen.given("l_b", bridge.stud_thickness() * f64::from(jacks));
    let plate = bridge.problem.plate.at(end).under(bridge.problem.stud_thickness * i64::from(jacks));
    let conventions = &bridge.problem.conventions;
    let factor = conventions.code.bearing_length_factor(pen, plate, &pack_length);
    let area = pen.given("t", bridge.stud_thickness()) * pen.given("d", bridge.problem.wall_depth.to_inches());
    let asked = Bearing {
        symbol: "⟨symbol-fcperp-of-the-plate⟩",
        reference: bridge.problem.plate_bearing,
        family: Family::Dimension,
        service: conventions.service,
    };
    let carries = area * conventions.code.bearing_strength(pen, &asked) * factor;
    let clause = conventions.code.clause(Topic::Bearing);
    pen.step("step-one-jack-carries-sole-plate-crushing", "P_p", Unit::Pounds, clause, carries)
}

/// How many jacks a load takes, and what each of them carries. C_b falls as the pack grows, so the count is tried
/// upward from one.
pub(super) fn count(bridge: &Bridge<'_>, end: End, load: f64) -> (Option<u8>, f64) {
    let enough = (1..=u8::MAX)
        .map(|jacks| (jacks, one_jack_carries(&mut Silent, bridge, end, jacks)))
        .find(|(jacks, each)| studs_for(load, *each).is_some_and(|needed| needed <= *jacks));
    let each = enough.map_or_else(|| one_jack_carries(&mut Silent, bridge, end, 1), |(_, each)| each);
    (enough.map(|(jacks, _)| jacks), each)
}

#[cfg(test)]
mod tests {
    use crate::codes::PlateEnd;
    use crate::measure::{Length, LineLoad};
    use crate::sizing::jacks::JackReason;
    use crate::sizing::problem::OpeningLoad;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn a_plate_that_runs_on_needs_fewer() {
        let mut problem = roof_window();
        for load in &mut problem.loads {
            if let OpeningLoad::Line { amount, .. } = load {
                *amount = amount.map(|line: LineLoad| line * 2.75);
            }
        }
        let count =
            |problem: &_| evaluated(problem).packs.left.reason(JackReason::SolePlate).and_then(|count| count.count);
        assert_eq!(count(&problem), Some(2));
        problem.plate.left.inward = PlateEnd::Continuous;
        assert_eq!(count(&problem), Some(1));
        // A king and 1 1/2 in. past it: the plate's end is near.
        problem.plate.left.outward = Some(Length::inches(4));
        assert_eq!(count(&problem), Some(2));
    }
}
