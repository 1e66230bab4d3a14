//! The arithmetic to the last digit: the answer to every header case, and every step of the calculation sheets of every opening
//! of the golden walls, as they were. Numbers are written so that they come back bit for bit. `UPDATE=1 cargo test -p
//! sturvek-formats --test arithmetic` writes them again: whoever changes what is computed reads the difference.

use std::fmt::Write as _;
use std::fs;
use std::path::{Path, PathBuf};

use sturvek_core::framing::{OpeningPlan, WallPlan, opening_sheet, plan_wall_as_said};
use sturvek_core::job::{Job, Wall};
use sturvek_core::working::Entry;
use sturvek_formats::header_cases::answer_all;
use sturvek_formats::job_file::read_job;

fn tests() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("tests")
}

/// Fails at the first line that is not as it was written down.
fn as_written(name: &str, now: &str) {
    let path = tests().join("arithmetic").join(name);
    if std::env::var_os("UPDATE").is_some() {
        fs::write(&path, now).expect("written");
    }
    let before = fs::read_to_string(&path).unwrap_or_default();
    for (number, (before, now)) in before.lines().zip(now.lines()).enumerate() {
        assert!(before == now, "{name}, line {}: was\n{before}\nis\n{now}", number + 1);
    }
    assert_eq!(before.lines().count(), now.lines().count(), "{name}");
}

#[test]
fn header_cases_have_the_same_answers() {
    for (cases, answers) in
        [("header_cases.json", "header_cases.txt"), ("unsafe_size_cases.json", "unsafe_size_cases.txt")]
    {
        let cases = fs::read(tests().join("data").join(cases)).expect("readable");
        let mut text = String::new();
        for answer in answer_all(&cases).expect("every case is read") {
            let _ = writeln!(text, "{}", serde_json::to_string(&answer).expect("JSON"));
        }
        as_written(answers, &text);
    }
}

fn sheet(job: &Job, wall: &Wall, plan: &WallPlan, opening: &OpeningPlan, text: &mut String) {
    let _ = writeln!(text, "# {} {}", wall.frame.name, opening.letter);
    // What has no number has no sheet.
    let Ok(parts) = opening_sheet(&job.rules(), wall, &plan.ground, opening) else { return };
    for step in parts.iter().flat_map(|part| &part.entries) {
        let Entry::Step(step) = step else { continue };
        let clause = format!("{} {}", step.clause.standard, step.clause.number);
        let parts = [step.what, &step.symbol, &step.formula, &step.figures, &format!("{:?}", step.value), &clause];
        let _ = writeln!(text, "{}", parts.join(" | "));
    }
}

#[test]
fn sheets_have_the_same_steps() {
    let mut jobs: Vec<PathBuf> =
        fs::read_dir(tests().join("walls")).expect("the walls").flatten().map(|entry| entry.path()).collect();
    jobs.retain(|path| path.extension().is_some_and(|ending| ending == "json"));
    jobs.sort();
    let mut text = String::new();
    for path in jobs {
        let job = read_job(&fs::read(&path).expect("readable")).expect("a job");
        for wall in &job.walls {
            let plan = plan_wall_as_said(&job.rules(), wall);
            plan.openings.iter().for_each(|opening| sheet(&job, wall, &plan, opening, &mut text));
        }
    }
    assert!(200 < text.lines().count());
    as_written("sheets.txt", &text);
}
