//! How openings are called out, as tables: plain, sloppy, and wrong, in English, Spanish and millimeters. Each line has the reader's
//! way of writing, the words, and what is understood: kind, unit, center and, where it was said, sill and rough opening in inches; of the
//! wall its length, height, studs and spacing. What is wrong has the message, where in the words it stands, and what it says would be
//! taken there.
//!
//! Source: common practice, no source.

use std::collections::BTreeMap;

use sturvek_core::framing::say::{Misread, SaidWall, Wanted, say};
use sturvek_core::job::{
    Backing, FramingOptions, OpeningDesign, OpeningKind, Partition, Settings, Wall, WallFrame, WallId,
};
use sturvek_core::loads::{BearingEvidence, WallCarries};
use sturvek_core::lumber::Depth;
use sturvek_core::measure::{Length, LengthStyle};

const PLAIN: &str = include_str!("call_outs/plain.tsv");
const SLOPPY: &str = include_str!("call_outs/sloppy.tsv");
const WRONG: &str = include_str!("call_outs/wrong.tsv");

/// 24 ft, with a wall that meets it in the middle.
fn wall() -> Wall {
    let partition = Partition { at: Length::feet(12), depth: Depth::Four, backing: Backing::Channel, laps_in: false };
    let framing = FramingOptions { partitions: vec![partition], ..FramingOptions::default() };
    Wall {
        id: WallId(1),
        frame: WallFrame { length: Length::feet(24), framing, ..WallFrame::usual("north") },
        evidence: BearingEvidence::default(),
        carries: WallCarries::Nothing,
        openings: vec![],
        letters_given: 0,
        point_loads: vec![],
        place: None,
    }
}

fn read(style: &str, text: &str) -> String {
    let style = if style == "mm" { LengthStyle::Millimeters } else { LengthStyle::FeetInches };
    match say(text, &wall(), &Settings::default(), style) {
        Ok(said) => match said.what {
            Wanted::Openings(designs) => designs.iter().map(opening).collect::<Vec<_>>().join("; "),
            Wanted::Wall(wall) => of_the_wall(wall),
            Wanted::Piece(piece) => format!("{piece:?}"),
        },
        Err(misread) => not_understood(&misread),
    }
}

fn inches(length: Length) -> String {
    let rounded = (length.to_inches() * 1e4).round() / 1e4;
    rounded.to_string()
}

fn opening(design: &OpeningDesign) -> String {
    let kind = match design.kind {
        OpeningKind::Window => "window",
        OpeningKind::Door => "door",
        OpeningKind::PairOfDoors => "pair",
        OpeningKind::SlidingDoor => "slider",
        OpeningKind::OverheadDoor => "overhead",
        OpeningKind::PocketDoor => "pocket",
        OpeningKind::CasedOpening => "cased",
    };
    let sill = (design.kind == OpeningKind::Window).then(|| format!(" sill {}", inches(design.sill)));
    let rough = design.rough.map(|rough| format!(" rough {}x{}", inches(rough.width), inches(rough.height)));
    format!(
        "{kind} {}x{} @{}{}{}",
        inches(design.unit.width),
        inches(design.unit.height),
        inches(design.center),
        sill.unwrap_or_default(),
        rough.unwrap_or_default()
    )
}

fn of_the_wall(wall: SaidWall) -> String {
    let SaidWall { length, height, stud, spacing } = wall;
    let parts = [
        length.map(|length| format!("long {}", inches(length))),
        height.map(|height| format!("high {}", inches(height))),
        stud.map(|stud| format!("2x{}", stud.nominal())),
        spacing.map(|spacing| format!("at {}", inches(spacing))),
    ];
    format!("wall {}", parts.into_iter().flatten().collect::<Vec<_>>().join(" "))
}

fn not_understood(misread: &Misread) -> String {
    let Misread { what, at, takes } = misread;
    let takes = takes.map_or_else(|| "-".into(), |takes| takes.phrase().id);
    format!("{} {}..{} {takes}", what.phrase().id, at.from, at.to)
}

struct Line {
    style: &'static str,
    text: &'static str,
    wanted: &'static str,
}

fn lines(table: &'static str) -> Vec<Line> {
    let cells = |line: &'static str| {
        let mut cells = line.split('\t');
        let mut next = || cells.next().expect("three cells");
        Line { style: next(), text: next(), wanted: next() }
    };
    table.lines().filter(|line| !line.starts_with('#')).map(cells).collect()
}

fn is_read_as_wanted(table: &'static str) {
    let wrong: Vec<String> = lines(table)
        .iter()
        .filter_map(|Line { style, text, wanted }| {
            let got = read(style, text);
            (got != *wanted).then(|| format!("{style}\t{text}\t{got}"))
        })
        .collect();
    assert!(wrong.is_empty(), "read otherwise:\n{}", wrong.join("\n"));
}

#[test]
fn plain_call_outs_are_understood() {
    is_read_as_wanted(PLAIN);
}

#[test]
fn sloppy_ones_are_too() {
    is_read_as_wanted(SLOPPY);
}

#[test]
fn what_is_wrong_is_marked_where_it_stands() {
    is_read_as_wanted(WRONG);
}

#[test]
fn the_tables_are_long_and_no_two_lines_differ_in_numbers_alone() {
    for table in [PLAIN, SLOPPY, WRONG] {
        assert!(60 <= lines(table).len());
    }
    let mut shapes: BTreeMap<String, &str> = BTreeMap::new();
    for Line { style, text, .. } in [PLAIN, SLOPPY, WRONG].into_iter().flat_map(lines) {
        let mut shape = format!("{style} ");
        for letter in text.chars() {
            let sign = if letter.is_ascii_digit() { '0' } else { letter };
            if sign != '0' || !shape.ends_with('0') {
                shape.push(sign);
            }
        }
        if let Some(other) = shapes.insert(shape, text) {
            panic!("{text} and {other} differ in numbers alone");
        }
    }
    assert!(200 <= shapes.len());
}
