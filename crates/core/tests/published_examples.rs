//! Worked examples and textbook forms from outside, named beside each check. All from memory.

use sturvek_core::codes::asd::factors::beam_stability::beam_stability_factor;
use sturvek_core::statics::{BeamLoad, ContinuousBeam, SimpleSpan};
use sturvek_core::working::Silent;

fn near(got: f64, wanted: f64) {
    assert!((got - wanted).abs() <= 1e-9 * wanted.abs().max(1.0), "got {got}, wanted {wanted}");
}

const W: f64 = 7.5;
const L: f64 = 144.0;

fn uniform(from: f64, to: f64) -> BeamLoad {
    BeamLoad::Uniform { pounds_per_inch: W, from, to }
}

/// American Wood Council, Structural Wood Design Examples, "simply supported beam capacity check": No.1 Douglas Fir-Larch
/// 2x12, 20 ft, load at midspan, held at its ends only: l_e = 1.37·240 + 3·11.25, R_B 42.6, FbE 410, C_L 0.39. From memory.
#[test]
fn the_wood_councils_unbraced_hoist_beam() {
    let effective = 1.37 * 240.0 + 3.0 * 11.25;
    let ratio = f64::sqrt(effective * 11.25 / (1.5 * 1.5));
    assert!((ratio - 42.6).abs() < 0.05, "{ratio}");
    let factor = beam_stability_factor(&mut Silent, &1000.0, &620_000.0, &ratio);
    assert!((factor - 0.39).abs() < 0.01, "{factor}");
}

/// Steel construction manual, beam diagrams, "continuous beam of two equal spans, uniform load on one span": reactions
/// 7/16, 5/8 and −1/16 of wL; largest moment 49/512 of wL² at 7/16 L; moment over the middle −wL²/16. From memory.
#[test]
fn two_spans_with_one_loaded() {
    let loads = [uniform(0.0, L)];
    let beam = ContinuousBeam::solve(2.0 * L, &[0.0, L, 2.0 * L], &loads).expect("stable");
    for (reaction, part) in beam.reactions().iter().zip([7.0 / 16.0, 5.0 / 8.0, -1.0 / 16.0]) {
        near(*reaction, part * W * L);
    }
    near(beam.largest_moment().value, 49.0 / 512.0 * W * L * L);
    near(beam.largest_moment().at, 7.0 / 16.0 * L);
    near(beam.moment(L), -W * L * L / 16.0);
}

/// The same manual, "continuous beam of two equal spans, a load at the middle of one": 13/32, 11/16, −3/32 of P; moment
/// 13/64 of PL under the load. From memory.
#[test]
fn two_spans_with_a_load_in_the_middle_of_one() {
    let loads = [BeamLoad::Point { pounds: 960.0, at: L / 2.0 }];
    let beam = ContinuousBeam::solve(2.0 * L, &[0.0, L, 2.0 * L], &loads).expect("stable");
    for (reaction, part) in beam.reactions().iter().zip([13.0 / 32.0, 11.0 / 16.0, -3.0 / 32.0]) {
        near(*reaction, part * 960.0);
    }
    near(beam.largest_moment().value, 13.0 / 64.0 * 960.0 * L);
}

/// Three equal spans under uniform load: 0.4, 1.1, 1.1, 0.4 of wL; −0.1 of wL² over the inner supports. From memory.
#[test]
fn three_equal_spans() {
    let loads = [uniform(0.0, 3.0 * L)];
    let beam = ContinuousBeam::solve(3.0 * L, &[0.0, L, 2.0 * L, 3.0 * L], &loads).expect("stable");
    for (reaction, part) in beam.reactions().iter().zip([0.4, 1.1, 1.1, 0.4]) {
        near(*reaction, part * W * L);
    }
    near(beam.largest_moment().value, -0.1 * W * L * L);
}

/// The same manual, "beam overhanging one support, uniform load": R1 = w(L² − a²)/2L, R2 = w(L + a)²/2L, tip
/// wa(4a²L − L³ + 3a³)/24EI. From memory.
#[test]
fn an_overhang_under_uniform_load() {
    let a = 50.0;
    let loads = [uniform(0.0, L + a)];
    let beam = ContinuousBeam::solve(L + a, &[0.0, L], &loads).expect("stable");
    near(beam.reactions()[0], W * (L * L - a * a) / (2.0 * L));
    near(beam.reactions()[1], W * (L + a).powi(2) / (2.0 * L));
    near(beam.deflection_ei(L + a), W * a * (4.0 * a * a * L - L.powi(3) + 3.0 * a.powi(3)) / 24.0);
}

/// Two equal loads at equal distances a from the ends: M = Pa, sag Pa(3L² − 4a²)/24EI. From memory.
#[test]
fn two_equal_loads() {
    let (a, pounds) = (40.0, 700.0);
    let loads = [BeamLoad::Point { pounds, at: a }, BeamLoad::Point { pounds, at: L - a }];
    let span = SimpleSpan::new(L, &loads);
    near(span.largest_moment().value, pounds * a);
    near(span.largest_deflection_ei().value, pounds * a * (3.0 * L * L - 4.0 * a * a) / 24.0);
}

/// A load that grows evenly to the middle and falls again: R = wL/4, M = wL²/12, sag wL⁴/120EI. From memory.
#[test]
fn a_gable_over_a_span() {
    let half = L / 2.0;
    let loads = [
        BeamLoad::Sloped { at_start: 0.0, at_end: W, from: 0.0, to: half },
        BeamLoad::Sloped { at_start: W, at_end: 0.0, from: half, to: L },
    ];
    let span = SimpleSpan::new(L, &loads);
    near(span.reactions().left, W * L / 4.0);
    near(span.largest_moment().value, W * L * L / 12.0);
    near(span.largest_deflection_ei().value, W * L.powi(4) / 120.0);
}
