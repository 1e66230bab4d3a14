//! Random beams, always the same for the same seed, and their solution by two finite-element libraries from PyPI.

use std::io::Write;
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};

use rand::rngs::StdRng;
use rand::{RngExt, SeedableRng};
use serde_json::{Value, json};
use sturvek_core::statics::BeamLoad;

/// A beam to be solved by everyone.
pub struct Beam {
    pub length: f64,
    pub supports: Vec<f64>,
    pub loads: Vec<BeamLoad>,
    /// Where shear, moment and sag are asked for.
    pub stations: Vec<f64>,
}

/// So many beams: one span, two spans, spans with an overhang, and girders over five supports, in turn.
pub fn random_beams(seed: u64, count: usize) -> Vec<Beam> {
    let mut rng = StdRng::seed_from_u64(seed);
    (0..count).map(|index| random_beam(&mut rng, index)).collect()
}

fn random_beam(rng: &mut StdRng, index: usize) -> Beam {
    let length: f64 = quarter(rng.random_range(36.0..240.0));
    let supports = match index % 5 {
        0 => vec![0.0, length],
        1 => vec![0.0, quarter(rng.random_range(0.25..0.75) * length), length],
        2 => vec![0.0, quarter(rng.random_range(0.6..0.9) * length)],
        3 => {
            [0.05, 0.27, 0.49, 0.71, 0.93].map(|part| quarter((part + rng.random_range(-0.04..0.04)) * length)).to_vec()
        }
        _ => {
            [rng.random_range(0.05..0.2), 0.5, rng.random_range(0.8..0.95)].map(|part| quarter(part * length)).to_vec()
        }
    };
    let loads = (0..rng.random_range(1..5)).map(|_| random_load(rng, length)).collect();
    let stations = (1..8).map(|eighth| quarter(length * f64::from(eighth) / 8.0) + 0.125).collect();
    Beam { length, supports, loads, stations }
}

/// To the quarter inch: elements much shorter than the rest would ruin a stiffness matrix.
fn quarter(inches: f64) -> f64 {
    (inches * 4.0).round() / 4.0
}

fn random_load(rng: &mut StdRng, length: f64) -> BeamLoad {
    let from = quarter(rng.random_range(0.0..0.5) * length);
    let to = quarter(rng.random_range(0.6..1.0) * length);
    match rng.random_range(0..4) {
        0 => BeamLoad::Uniform { pounds_per_inch: rng.random_range(1.0..100.0), from: 0.0, to: length },
        1 => BeamLoad::Uniform { pounds_per_inch: rng.random_range(1.0..100.0), from, to },
        2 => BeamLoad::Sloped { at_start: rng.random_range(0.0..80.0), at_end: rng.random_range(0.0..80.0), from, to },
        _ => BeamLoad::Point {
            pounds: rng.random_range(10.0..9000.0),
            at: quarter(rng.random_range(0.02..0.98) * length),
        },
    }
}

/// Both libraries' answers; `passes` over all beams are timed.
///
/// # Panics
/// If Python or the libraries are missing: `bin/test` installs them.
pub fn solved_by_others(beams: &[Beam], passes: usize) -> Value {
    let folder = Path::new(env!("CARGO_MANIFEST_DIR"));
    let mut child = Command::new(python())
        .arg(folder.join("tests/solvers/solve.py"))
        .arg(passes.to_string())
        .stdin(Stdio::piped())
        .stdout(Stdio::piped())
        .spawn()
        .expect("Python with the solvers: run bin/test, which installs them");
    let input: Vec<Value> = beams.iter().map(as_json).collect();
    let mut stdin = child.stdin.take().expect("piped");
    stdin.write_all(Value::from(input).to_string().as_bytes()).expect("Python reads the beams");
    drop(stdin);
    let output = child.wait_with_output().expect("Python ends");
    assert!(output.status.success(), "the solvers failed");
    serde_json::from_slice(&output.stdout).expect("the solvers answer with JSON")
}

fn python() -> PathBuf {
    let installed = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../target/solvers/bin/python");
    std::env::var_os("STURVEK_SOLVERS_PYTHON").map_or(installed, PathBuf::from)
}

fn as_json(beam: &Beam) -> Value {
    let load = |load: &BeamLoad| match *load {
        BeamLoad::Uniform { pounds_per_inch, from, to } => {
            json!({ "from": from, "to": to, "start": pounds_per_inch, "end": pounds_per_inch })
        }
        BeamLoad::Sloped { at_start, at_end, from, to } => {
            json!({ "from": from, "to": to, "start": at_start, "end": at_end })
        }
        BeamLoad::Point { pounds, at } => json!({ "at": at, "pounds": pounds }),
    };
    let loads: Vec<Value> = beam.loads.iter().map(load).collect();
    json!({ "length": beam.length, "supports": beam.supports, "loads": loads, "stations": beam.stations })
}
