//! Tables for a spreadsheet, read back by a reader that is not ours: openpyxl for workbooks, the csv crate for text.

use std::path::{Path, PathBuf};
use std::process::Command;

use serde_json::{Value, json};
use sturvek_core::cutting::deliveries::{Trucks, plan_deliveries, totals};
use sturvek_core::cutting::job_sticks::Allowance;
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::pieces::pieces_of_job;
use sturvek_core::cutting::sold::Sold;
use sturvek_core::cutting::sticks::{Saw, StickStock};
use sturvek_core::measure::{Cents, Length};
use sturvek_core::plan::JobPlan;
use sturvek_formats::cut_file::cut_file;
use sturvek_formats::cut_grids::{cut_grid, order_grid};
use sturvek_formats::grid::{Cell, Grid};
use sturvek_formats::job_file::read_job;
use sturvek_formats::write::csv::write_csv;
use sturvek_formats::write::xlsx::write_xlsx;
use sturvek_speech::{Language, Units, Voice};

fn folder() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).to_owned()
}

/// What openpyxl sees.
fn read_back(bytes: &[u8]) -> Value {
    let file = tempfile_in_target("grid.xlsx", bytes);
    let installed = folder().join("../../target/readers/bin/python");
    let python = if installed.exists() { installed } else { "python3".into() };
    let output = Command::new(python).arg(folder().join("tests/readers/read_xlsx.py")).arg(&file).output();
    let output = output.expect("python runs");
    assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
    serde_json::from_slice(&output.stdout).expect("JSON")
}

fn tempfile_in_target(name: &str, bytes: &[u8]) -> PathBuf {
    let file = Path::new(env!("CARGO_TARGET_TMPDIR")).join(name);
    std::fs::write(&file, bytes).expect("written");
    file
}

fn demo() -> JobPlan {
    let inputs: Value = serde_json::from_str(include_str!("../../server/demo/heron_slip.json")).expect("the demo");
    let file = json!({ "format": "sturvek-job", "version": 1, "job": inputs }).to_string();
    JobPlan::of(read_job(file.as_bytes()).expect("a job"))
}

#[test]
fn a_workbook_holds_numbers_where_they_are_numbers() {
    let rows = vec![
        vec![Cell::Text("=1+1".into()), Cell::Count(7), Cell::Number(92.625, 4), Cell::Cents(12_345), Cell::Empty],
        vec![Cell::Text("Norte".into()), Cell::Count(1), Cell::Number(0.5, 1), Cell::Cents(-5), Cell::Empty],
    ];
    let heads = ["name", "count", "length, inches", "dollars", "nothing"].map(String::from).to_vec();
    let grid = Grid { name: "Cut [list]: all/of it".into(), heads, rows };
    let bytes = write_xlsx(std::slice::from_ref(&grid)).expect("written");
    assert_eq!(bytes, write_xlsx(&[grid]).expect("written"), "the same table is the same file");
    let read = read_back(&bytes);
    assert_eq!(
        read["Cut list allof it"],
        json!([
            ["name", "count", "length, inches", "dollars", "nothing"],
            ["=1+1", 7, 92.625, 123.45, null],
            ["Norte", 1, 0.5, -0.05, null]
        ])
    );
}

/// Pieces and lengths of the demo's cut list as a spreadsheet adds them up, against the members.
#[test]
fn the_demos_cut_list_adds_up_in_a_spreadsheet() {
    let plan = demo();
    let all = pieces_of_job(&plan);
    let lists = cut_list(all.pieces.iter().enumerate());
    let total: f64 = all.pieces.iter().map(|piece| piece.length.to_inches()).sum();
    let voice = Voice::default();
    let grid = cut_grid(plan.job(), &all.pieces, &lists, voice);
    assert!(grid.rows.iter().all(|row| row.len() == grid.heads.len()));
    let text = write_csv(&grid).expect("written");
    let mut reader = csv::Reader::from_reader(&text[..]);
    assert_eq!(&reader.headers().expect("heads")[3], "length, inches");
    let (mut count, mut sum) = (0_u64, 0.0);
    for row in reader.records() {
        let row = row.expect("a row");
        let here: u64 = row[2].parse().expect("a count");
        count += here;
        sum += here as f64 * row[3].parse::<f64>().expect("a number");
    }
    assert_eq!(count, all.pieces.len() as u64);
    // Four decimals of an inch, a row.
    assert!((sum - total).abs() < 0.02, "{sum} against {total}");
    let metric = Voice { language: Language::Spanish, units: Units::Metric, ..voice };
    let grid = cut_grid(plan.job(), &all.pieces, &lists, metric);
    assert_eq!(grid.heads[3], "largo, milímetros");
}

#[test]
fn an_order_says_what_to_buy_and_what_it_costs() {
    let plan = demo();
    let all = pieces_of_job(&plan);
    let lists = cut_list(all.pieces.iter().enumerate());
    let sold: Vec<Sold> = lists
        .iter()
        .flat_map(|list| {
            [8, 12, 16, 20].map(|feet| Sold {
                section: list.section.clone(),
                stick: StickStock { length: Length::feet(feet), price: Cents(61 * feet), available: None },
            })
        })
        .collect();
    let pieces: Vec<_> = all.pieces.iter().enumerate().collect();
    let planned = plan_deliveries(plan.job(), &pieces, Trucks::Twice, &sold, Saw::default());
    let allowance = Allowance::percent(10).expect("allowed");
    let totals = totals(&planned.deliveries, allowance);
    let cost = totals.cost.0 + totals.allowance.0;
    assert!(0 < totals.allowance.0 && totals.allowance.0 < totals.cost.0);
    let grid = order_grid(plan.job(), &planned.deliveries, allowance, Voice::default());
    let money = |row: &Vec<Cell>| if let Cell::Cents(cents) = row[5] { cents } else { 0 };
    assert_eq!(grid.rows.iter().map(money).sum::<i64>(), cost);
    let read = read_back(&write_xlsx(&[grid]).expect("written"));
    let rows = read["Sticks to buy"].as_array().expect("rows");
    let dollars: f64 = rows[1..].iter().map(|row| row[5].as_f64().expect("a number")).sum();
    assert!((dollars - cost as f64 / 100.0).abs() < 1e-6);
}

/// What is printed of a job file: every piece once under its name, and the openings that wait.
#[test]
fn a_jobs_cut_file_has_every_piece_once_and_says_what_waits() {
    let plan = demo();
    let file = serde_json::to_value(cut_file(&plan)).expect("JSON");
    let list = |value: &Value| value.as_array().expect("a list").clone();
    let names: Vec<Value> = list(&file["sections"])
        .iter()
        .flat_map(|section| list(&section["settings"]))
        .flat_map(|setting| list(&setting["pieces"]))
        .map(|piece| piece["piece"].clone())
        .collect();
    let mut once: Vec<String> = names.iter().map(Value::to_string).collect();
    once.sort();
    once.dedup();
    assert_eq!((once.len(), names.len()), (names.len(), pieces_of_job(&plan).pieces.len()));
    let held: Vec<Value> = list(&file["held_back"]).iter().map(|held| held["what"].clone()).collect();
    assert_eq!(held, [json!("C in Middle wall"), json!("C in Lane side")]);
    assert!(list(&file["packs"]).iter().any(|pack| pack["filler"].is_string()));
}
