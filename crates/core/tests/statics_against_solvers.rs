//! The core's statics against two general-purpose finite-element libraries from PyPI: PyNiteFEA 3.2.0 and
//! anastruct 1.7.0, on seeded random beams with uniform, partial, sloped and point loads, over one span, two spans and
//! with overhangs. Reactions, shear and moment agree to 1e-6 of the largest of their kind, deflection to 1e-4.

#[path = "solvers/beams.rs"]
mod beams;

use beams::{Beam, random_beams, solved_by_others};
use serde_json::Value;
use sturvek_core::statics::{ContinuousBeam, SimpleSpan};

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
        }
    }
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

fn agree(name: &str, what: &str, ours: &[f64], theirs: &Value, sign: f64, tolerance: f64) {
    let theirs: Vec<f64> =
        theirs[what].as_array().expect("a list").iter().map(|value| sign * value.as_f64().expect("a number")).collect();
    assert_eq!(ours.len(), theirs.len());
    let largest = ours.iter().fold(0.0_f64, |largest, value| largest.max(value.abs()));
    for (ours, theirs) in ours.iter().zip(&theirs) {
        assert!((ours - theirs).abs() <= tolerance * largest, "{name}, {what}: ours {ours}, theirs {theirs}");
    }
}
