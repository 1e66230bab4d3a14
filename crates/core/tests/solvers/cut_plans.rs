//! Cut plans as the solver from PyPI is asked for them.

use std::path::Path;
use std::process::Command;

use serde_json::{Value, json};
use sturvek_core::cutting::sticks::{Saw, StickStock, Wanted};

/// What the solver finds for each section, spending at most `seconds` on each.
pub fn solved_by_another(sections: &[(Vec<Wanted>, Vec<StickStock>)], saw: Saw, seconds: u32) -> Vec<Value> {
    let ask = |(wanted, stock): &(Vec<Wanted>, Vec<StickStock>)| {
        let pieces: Vec<Value> = wanted.iter().map(|piece| json!([piece.length.nanometers(), piece.count])).collect();
        let sticks: Vec<Value> =
            stock.iter().map(|stick| json!([stick.length.nanometers(), stick.price.0, stick.available])).collect();
        let (kerf, tolerance) = (saw.kerf.nanometers(), saw.tolerance.nanometers());
        json!({ "pieces": pieces, "stock": sticks, "kerf": kerf, "tolerance": tolerance })
    };
    let asked: Vec<Value> = sections.iter().map(ask).collect();
    let folder = Path::new(env!("CARGO_MANIFEST_DIR"));
    let file = std::env::temp_dir().join(format!("sturvek-cut-{}.json", std::process::id()));
    std::fs::write(&file, serde_json::to_vec(&asked).expect("JSON")).expect("written");
    let installed = folder.join("../../target/solvers/bin/python");
    let python = std::env::var_os("STURVEK_SOLVERS_PYTHON").map_or(installed, Into::into);
    let script = folder.join("tests/solvers/cut_plan.py");
    let output = Command::new(python).arg(script).arg(&file).arg(seconds.to_string()).output();
    let output = output.expect("Python with the solvers: run bin/test, which installs them");
    std::fs::remove_file(&file).expect("taken away");
    assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
    serde_json::from_slice(&output.stdout).expect("JSON")
}
