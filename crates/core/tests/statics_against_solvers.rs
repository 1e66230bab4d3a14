//! The core's statics against two general-purpose finite-element libraries from PyPI: PyNiteFEA 3.2.0 and
//! anastruct 1.7.0, on seeded random beams with uniform, partial, sloped and point loads, over one span, two spans, five supports and
//! with overhangs. Reactions, shear and moment agree to 1e-6 of the largest of their kind, deflection to 1e-4.

#[path = "solvers/beams.rs"]
mod beams;

use std::rc::Rc;

use beams::{Beam, random_beams, solved_by_others};
use serde_json::Value;
use sturvek_core::statics::swept_beam::{Frame, SweptBeam};
use sturvek_core::statics::swept_span::Change;
use sturvek_core::statics::{BeamLoad, ContinuousBeam, Joints, OneLoad, RigidSupports, SimpleSpan, shares};
use sturvek_core::working::Silent;

const SEED: u64 = 20_261;
const STIFFNESS: f64 = 1e9;

/// One library: its key, its version, and the sign of its shear and moment where ours is positive.
const LIBRARIES: [(&str, &str, f64, f64); 2] = [("pynite", "3.2.0", 1.0, -1.0), ("anastruct", "1.7.0", -1.0, -1.0)];

#[test]
fn reactions_shear_moment_and_deflection_agree_with_both_solvers() {
    let beams = random_beams(SEED, 200);
    let answers = solved_by_others(&beams, 1);
    for (library, version, shear_sign, moment_sign) in LIBRARIES {
        assert_eq!(answers[library]["version"], version);
        for (number, beam) in beams.iter().enumerate() {
            let theirs = &answers[library]["beams"][number];
            let name = format!("{library}, beam {number}");
            let ours = ContinuousBeam::solve(beam.length, &beam.supports, &beam.loads).expect("stable");
            let at = |value: &dyn Fn(f64) -> f64| -> Vec<f64> { beam.stations.iter().map(|x| value(*x)).collect() };
            agree(&name, "reactions", ours.reactions(), theirs, 1.0, 1e-6);
            agree(&name, "shear", &at(&|x| ours.shear(x)), theirs, shear_sign, 1e-6);
            agree(&name, "moment", &at(&|x| ours.moment(x)), theirs, moment_sign, 1e-6);
            agree(&name, "sag", &at(&|x| ours.deflection_ei(x) / STIFFNESS), theirs, 1.0, 1e-4);
            simple_span_agrees(&name, beam, theirs);
            shares_agree(&name, beam, theirs);
            swept_beam_is_nowhere_below(&name, beam, theirs, moment_sign);
        }
    }
}

/// What continuous strips of joists and girders share out among their supports, load by load; inches are as good as feet.
fn shares_agree(name: &str, beam: &Beam, theirs: &Value) {
    let mut sums = vec![0.0; beam.supports.len()];
    for load in &beam.loads {
        let (one, amount) = match *load {
            BeamLoad::Uniform { pounds_per_inch, from, to } => (OneLoad::Along(from, to), pounds_per_inch),
            BeamLoad::Point { pounds, at } => (OneLoad::At(at), pounds),
            // A strip's loads and a beam's lines are even.
            BeamLoad::Sloped { .. } => return,
        };
        let shared = shares(&mut Silent, &beam.supports, Joints::None, one);
        sums.iter_mut().zip(shared).for_each(|(sum, share)| *sum += share * amount);
    }
    agree(name, "reactions", &sums, theirs, 1.0, 1e-6);
}

/// The closed form that headers over one opening use, where the beam is one.
fn simple_span_agrees(name: &str, beam: &Beam, theirs: &Value) {
    if beam.supports.len() != 2 || beam.supports[1] < beam.length {
        return;
    }
    let span = SimpleSpan::new(beam.length, &beam.loads);
    let reactions = span.reactions();
    agree(name, "reactions", &[reactions.left, reactions.right], theirs, 1.0, 1e-6);
    let sag: Vec<f64> = beam.stations.iter().map(|x| span.deflection_ei(*x) / STIFFNESS).collect();
    agree(name, "sag", &sag, theirs, 1.0, 1e-4);
}

/// The swept form that headers over several supports are tried with: what it gives for the largest is no less than theirs at any station.
fn swept_beam_is_nowhere_below(name: &str, beam: &Beam, theirs: &Value, moment_sign: f64) {
    let rigid = RigidSupports::new(beam.length, &beam.supports).expect("stable");
    let mut changes: Vec<Change> = beam.loads.iter().flat_map(BeamLoad::changes).collect();
    changes.sort_by(|a, b| a.at.total_cmp(&b.at));
    let whole = BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: beam.length };
    let stations = changes.iter().map(|change| change.at);
    let frame = Frame::new(beam.length, &beam.supports, stations, &rigid.under(&[whole]));
    let swept = SweptBeam::new(Rc::new(frame), changes, &rigid.under(&beam.loads));
    let [sagging, hogging] = swept.largest_by_sign(0.0);
    let sag = swept.largest_deflection_ei(0.0, 0.0, beam.length) / STIFFNESS;
    let most = |what: &str, sign: f64| {
        let values = theirs[what].as_array().expect("a list").iter();
        values.map(|value| sign * value.as_f64().expect("a number")).fold(0.0, f64::max)
    };
    let largest = sagging.max(hogging);
    assert!(most("moment", moment_sign) <= sagging + 1e-6 * largest, "{name}, sagging: {sagging}");
    assert!(most("moment", -moment_sign) <= hogging + 1e-6 * largest, "{name}, hogging: {hogging}");
    assert!(most("sag", 1.0).max(most("sag", -1.0)) <= sag * (1.0 + 1e-4), "{name}, sag: {sag}");
}

fn agree(name: &str, what: &str, ours: &[f64], theirs: &Value, sign: f64, tolerance: f64) {
    let theirs: Vec<f64> =
        theirs[what].as_array().expect("a list").iter().map(|value| sign * value.as_f64().expect("a number")).collect();
    assert_eq!(ours.len(), theirs.len());
    let largest = ours.iter().fold(0.0_f64, |largest, value| largest.max(value.abs()));
    for (ours, theirs) in ours.iter().zip(&theirs) {
        assert!((ours - theirs).abs() <= tolerance * largest, "{name}, {what}: ours {ours}, theirs {theirs}");
    }
}
