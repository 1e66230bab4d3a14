//! A hundred random beams, solved whole: reactions, largest moment, shear and deflection; and the same beams by a
//! finite-element library from PyPI, as a ratio.

#[path = "../tests/solvers/beams.rs"]
mod beams;

use std::hint::black_box;
use std::time::Instant;

use criterion::{Criterion, criterion_group, criterion_main};
use sturvek_core::statics::ContinuousBeam;

fn solve_all(beams: &[beams::Beam]) -> f64 {
    let solve = |beam: &beams::Beam| {
        let solved = ContinuousBeam::solve(beam.length, &beam.supports, &beam.loads).expect("stable");
        let at: f64 = beam.stations.iter().map(|x| solved.shear(*x) + solved.moment(*x)).sum();
        at + solved.largest_moment().value + solved.largest_deflection_ei(0.0, beam.length).value
    };
    beams.iter().map(solve).sum()
}

fn hundred_beams(criterion: &mut Criterion) {
    let beams = beams::random_beams(7, 100);
    criterion.bench_function("100 beams", |bencher| bencher.iter(|| solve_all(black_box(&beams))));
    let mut times: Vec<f64> = (0..51)
        .map(|_| {
            let start = Instant::now();
            black_box(solve_all(&beams));
            start.elapsed().as_secs_f64()
        })
        .collect();
    times.sort_by(f64::total_cmp);
    let answers = beams::solved_by_others(&beams, 5);
    for library in ["pynite", "anastruct"] {
        let theirs = answers[library]["seconds"].as_f64().expect("a number");
        let version = answers[library]["version"].as_str().expect("a version");
        println!("100 beams, {library} {version}: median {theirs:.3} s, {:.0} times ours", theirs / times[25]);
    }
}

criterion_group!(benches, hundred_beams);
criterion_main!(benches);
