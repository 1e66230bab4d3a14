//! What is printed, read by two libraries from PyPI that had no part in writing it: pypdf and pdfminer.six. Text and page count, the
//! structure that is read out, the faces, and that nothing is cut off.

use std::path::{Path, PathBuf};
use std::process::Command;

use serde_json::Value;
use sturvek_core::framing::pieces::pieces_of_wall;
use sturvek_core::framing::{Role, WallPlan};
use sturvek_core::job::{Job, Wall};
use sturvek_core::measure::LengthStyle;
use sturvek_core::plan::JobPlan;
use sturvek_formats::job_file::read_job;
use sturvek_formats::sheets::{Paper, Printed, calculation_sheet, cut_list, plate_list, wall_sheet};
use sturvek_formats::write::pdf::{Size, write_pdf};
use sturvek_speech::{Language, Units, Voice};

/// The margin, less half a point for what rounding does.
const MARGIN: f64 = 35.5;

fn folder() -> PathBuf {
    PathBuf::from(env!("CARGO_MANIFEST_DIR"))
}

fn job(name: &str) -> Job {
    let file = folder().join("tests/walls").join(name);
    let mut job = read_job(&std::fs::read(file).expect("read")).expect("a job");
    job.particulars.address = "3 Ferry Lane".into();
    job.particulars.permit = "HS-2231".into();
    job.particulars.adopted_code = "Harbor County code".into();
    job.particulars.edition = "2021".into();
    job.particulars.answers_for_it = "R. Alder".into();
    job
}

fn printed() -> Printed {
    Printed { version: Some(12), date: "2026-11-26".into() }
}

/// The first wall, and its plan.
fn first(plan: &JobPlan) -> (&Wall, &WallPlan) {
    plan.walls().next().expect("a wall")
}

/// What the readers see.
fn read(name: &str, papers: &[Paper], size: Size, voice: Voice) -> Value {
    let path = std::env::temp_dir().join(format!("sturvek-{}-{name}.pdf", std::process::id()));
    std::fs::write(&path, write_pdf(papers, size, voice).expect("a document")).expect("written");
    let seen = run(&path);
    std::fs::remove_file(&path).expect("taken away");
    seen
}

fn run(path: &Path) -> Value {
    let installed = folder().join("../../target/readers/bin/python");
    let python = if installed.exists() { installed } else { "python3".into() };
    let output = Command::new(python).arg(folder().join("tests/readers/read_pdf.py")).arg(path).output();
    let output = output.expect("python runs");
    assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
    serde_json::from_slice(&output.stdout).expect("JSON")
}

fn pages(seen: &Value) -> &[Value] {
    seen["pages"].as_array().expect("pages")
}

fn text(page: &Value) -> String {
    page["text"].as_str().expect("text").split_whitespace().collect::<Vec<_>>().join(" ")
}

/// What holds of every sheet: its head and foot on every page, nothing outside the margins, nothing too small to be read.
fn is_whole(seen: &Value, (wide, high): (f64, f64)) {
    let of = pages(seen).len();
    for (number, page) in pages(seen).iter().enumerate() {
        let text = text(page);
        for said in [
            format!("page {} of {of}", number + 1),
            "3 Ferry Lane".into(),
            "permit HS-2231".into(),
            "answers for it: R. Alder".into(),
            "version 12 of 2026-11-26".into(),
            "adopted code: Harbor County code, 2021".into(),
            "not a stamped drawing".into(),
        ] {
            assert!(text.contains(&said), "page {}: {said} is not in {text}", number + 1);
        }
        let figure = |place: usize, of: &str| page[of][place].as_f64().expect("a number");
        assert!((figure(0, "size") - wide).abs() < 1.0 && (figure(1, "size") - high).abs() < 1.0, "{page}");
        let [left, low, right, top] = [0, 1, 2, 3].map(|place| figure(place, "reach"));
        assert!(MARGIN <= left && right <= wide - MARGIN, "page {}: {left} to {right}", number + 1);
        assert!(MARGIN - 8.0 <= low && top <= high - MARGIN + 8.0, "page {}: {low} to {top}", number + 1);
        assert!(6.0 <= page["smallest"].as_f64().expect("a size"), "{page}");
    }
    assert_eq!((&seen["tagged"], &seen["language"], &seen["silent"]), (&true.into(), &"en".into(), &0.into()));
    assert_eq!(seen["uneven"], 0, "tables with rows that are short");
    let faces = seen["faces"].as_object().expect("faces");
    assert!(!faces.is_empty() && faces.values().all(|embedded| *embedded == true), "{faces:?}");
}

#[test]
fn a_wall_sheet_has_the_drawing_with_every_mark_and_the_tickets() {
    let plan = JobPlan::of(job("water_side.json"));
    let (wall, planned) = first(&plan);
    let paper = wall_sheet(plan.job(), wall, planned, &printed());
    let seen = read("wall", &[paper], Size::Letter, Voice::default());
    is_whole(&seen, (792.0, 612.0));
    let text: String = pages(&seen).iter().map(text).collect::<Vec<_>>().join(" ");
    for mark in planned.marks.iter().filter(|mark| mark.on.sole()) {
        let said = format!("{} {}", mark.label(), mark.at.written(LengthStyle::FeetInches));
        assert!(text.contains(&said), "{said} is not on the tape");
    }
    for opening in &planned.openings {
        let header = opening.header().map(|header| header.name()).unwrap_or_default();
        assert!(text.contains(&header), "{header}");
        let cut = opening.header_length().written(LengthStyle::Inches);
        assert!(text.contains(&format!("cut {cut}")), "{cut}");
    }
    assert!(seen["roles"]["/Figure"].as_u64().is_some_and(|figures| 2 <= figures), "{}", seen["roles"]);
}

#[test]
fn the_lists_have_every_mark_every_layer_and_every_length_on_both_papers() {
    let plan = JobPlan::of(job("lane_side.json"));
    let (wall, planned) = first(&plan);
    let papers = [plate_list(plan.job(), wall, planned, &printed()), cut_list(plan.job(), wall, planned, &printed())];
    let letter = read("lists-letter", &papers, Size::Letter, Voice::default());
    is_whole(&letter, (612.0, 792.0));
    let a4 = read("lists-a4", &papers, Size::A4, Voice::default());
    is_whole(&a4, (595.28, 841.89));
    for seen in [&letter, &a4] {
        assert_eq!(seen["outline"], 2, "a bookmark for each");
        let text: String = pages(seen).iter().map(text).collect::<Vec<_>>().join(" ");
        for mark in &planned.marks {
            let at = if mark.on.sole() { mark.at } else { mark.at_on_top };
            let said = format!("{} {}", mark.label(), at.written(LengthStyle::FeetInches));
            assert!(text.contains(&said), "{said}");
        }
        for line in planned.openings.iter().flat_map(|opening| &opening.stack.lines) {
            assert!(text.contains(&line.from.written(LengthStyle::Inches)), "{line:?}");
        }
        let pieces = pieces_of_wall(&planned.members);
        for piece in pieces.iter().filter(|piece| piece.role != Role::SolePlateCutLast) {
            let (inches, feet) =
                (piece.length.written(LengthStyle::Inches), piece.length.written(LengthStyle::FeetInches));
            assert!(text.contains(&inches) || text.contains(&feet), "{piece:?}");
        }
    }
}

#[test]
fn a_calculation_begins_with_its_answer_and_no_figure_stands_apart_from_its_unit() {
    let plan = JobPlan::of(job("water_side.json"));
    let (wall, planned) = first(&plan);
    let opening = &planned.openings[0];
    let paper = calculation_sheet(plan.job(), wall, planned, opening, Vec::new(), &printed());
    let seen = read("calculation", &[paper], Size::Letter, Voice::default());
    is_whole(&seen, (612.0, 792.0));
    let summary = text(&pages(&seen)[0]);
    let header = opening.header().expect("a header").name();
    for said in [header.as_str(), "Loads on the header", "How hard it works", "bending", "shear", "Looked over by"] {
        assert!(summary.contains(said), "{said} is not on the first page: {summary}");
    }
    let working: String = pages(&seen)[1..].iter().map(text).collect::<Vec<_>>().join(" ");
    for said in ["Roofs in section", "Where the loads come from", "Load along the header", "What the packs carry"] {
        assert!(working.contains(said), "{said}");
    }
    let results = working.matches(" psi").count() + working.matches(" lb").count();
    assert!(20 < results, "{results}");
    assert!(seen["roles"]["/Formula"].as_u64().is_some_and(|formulas| 30 < formulas), "{}", seen["roles"]);
    assert!(seen["roles"]["/TH"].as_u64().is_some_and(|heads| 6 < heads), "{}", seen["roles"]);
}

#[test]
fn a_metric_crew_reads_its_own_language_and_units() {
    let plan = JobPlan::of(job("lane_side.json"));
    let (wall, planned) = first(&plan);
    let voice = Voice { language: Language::Spanish, units: Units::Metric, ..Voice::default() };
    let seen = read("spanish", &[cut_list(plan.job(), wall, planned, &printed())], Size::A4, voice);
    let text = text(&pages(&seen)[0]);
    assert_eq!(seen["language"], "es");
    assert!(text.contains("Lista de corte") && text.contains(" mm"), "{text}");
    assert!(!text.contains('"'), "{text}");
}
