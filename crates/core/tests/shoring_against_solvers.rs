//! The moment in between against two general-purpose finite-element libraries from PyPI: PyNiteFEA 3.2.0 and anastruct 1.7.0, on seeded
//! sections with lapped and through joists, tails, and temporary walls on one side or on both. What every wall takes agrees to 1e-6.

#[allow(dead_code, reason = "random beams are of the other test")]
#[path = "solvers/beams.rs"]
mod beams;

use beams::{Beam, solved_by_others};
use rand::rngs::StdRng;
use rand::{RngExt, SeedableRng};
use sturvek_core::measure::Length;
use sturvek_core::shoring::moment_between::{JoistPiece, JoistSection};
use sturvek_core::statics::BeamLoad;

const SEED: u64 = 20_262;
const SECTIONS: usize = 60;

fn section(rng: &mut StdRng) -> JoistSection {
    let mut supports = vec![0_i64];
    for _ in 0..rng.random_range(2..5) {
        supports.push(supports[supports.len() - 1] + rng.random_range(96..200));
    }
    let remove = rng.random_range(1..supports.len() - 1);
    let (first, last) = (supports[0] - rng.random_range(0..40), supports[supports.len() - 1] + rng.random_range(0..40));
    let off = [rng.random_range(18..48), rng.random_range(18..48)];
    let pieces = match rng.random_range(0..3) {
        0 => vec![(first, last)],
        1 => vec![(first, supports[remove]), (supports[remove], last)],
        _ => vec![(first, supports[remove] + 8), (supports[remove] - 8, last)],
    };
    let mut temporary = vec![supports[remove] - off[0], supports[remove] + off[1]];
    // What runs through stands on one temporary wall, too.
    if pieces.len() == 1 && rng.random_range(0..2) == 0 {
        temporary.truncate(1);
    }
    let inches = |at: &i64| Length::inches(*at);
    JoistSection {
        pieces: pieces.iter().map(|(from, to)| JoistPiece { from: inches(from), to: inches(to) }).collect(),
        supports: supports.iter().map(inches).collect(),
        remove: Some(remove),
        temporary: temporary.iter().map(inches).collect(),
    }
}

/// A piece over what it still lies on, with a pound an inch all along, from its own start.
fn as_beam(section: &JoistSection, piece: JoistPiece) -> Beam {
    let length = (piece.to - piece.from).to_inches();
    let staying = section.staying();
    let mut supports: Vec<f64> = staying
        .chain(section.temporary.iter().copied())
        .filter(|at| piece.from <= *at && *at <= piece.to)
        .map(|at| (at - piece.from).to_inches())
        .collect();
    supports.sort_by(f64::total_cmp);
    let loads = vec![BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: length }];
    Beam { length, supports, loads, stations: vec![length / 2.0 + 0.125] }
}

#[test]
fn what_walls_take_meanwhile_agrees_with_both_solvers() {
    let mut rng = StdRng::seed_from_u64(SEED);
    let sections: Vec<JoistSection> = (0..SECTIONS).map(|_| section(&mut rng)).collect();
    let beams: Vec<Beam> =
        sections.iter().flat_map(|section| section.pieces.iter().map(|piece| as_beam(section, *piece))).collect();
    let answers = solved_by_others(&beams, 1);
    for library in ["pynite", "anastruct"] {
        let mut next = 0;
        for (number, section) in sections.iter().enumerate() {
            let takes = section.tributaries().expect("it stands");
            let ours = section.temporary.iter().copied().zip(takes.temporary.iter().copied());
            let mut left: Vec<(Length, f64)> = ours.chain(takes.staying.iter().copied()).collect();
            for piece in &section.pieces {
                let reactions = answers[library]["beams"][next]["reactions"].as_array().expect("a list");
                for (at, reaction) in beams[next].supports.iter().zip(reactions) {
                    let place = piece.from + Length::from_decimal_inches(*at);
                    let wall = left.iter_mut().find(|(at, _)| *at == place).expect("a wall");
                    // A pound an inch for a pound a foot, inches for feet.
                    wall.1 -= reaction.as_f64().expect("a number") / 12.0;
                }
                next += 1;
            }
            let worst = left.iter().map(|(_, left)| left.abs()).fold(0.0, f64::max);
            assert!(worst < 1e-5, "{library}, section {number}: {left:?} of {takes:?}");
        }
    }
}
