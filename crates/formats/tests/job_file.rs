//! The job file: a round trip loses nothing, and a damaged or hostile file gets a sentence and nothing else.

use proptest::prelude::*;
use sturvek_core::loads::Standing;
use sturvek_formats::frame_file::framed;
use sturvek_formats::job_file::{LARGEST_FILE, read_job, write_job};

fn demo() -> String {
    let inputs: serde_json::Value =
        serde_json::from_str(include_str!("../../server/demo/heron_slip.json")).expect("the demo is JSON");
    serde_json::json!({ "format": "sturvek-job", "version": 1, "job": inputs }).to_string()
}

/// The file without what only names things.
fn without_identities(text: &str) -> serde_json::Value {
    fn strip(value: &mut serde_json::Value) {
        match value {
            serde_json::Value::Object(fields) => {
                fields.remove("id");
                fields.values_mut().for_each(strip);
            }
            serde_json::Value::Array(items) => items.iter_mut().for_each(strip),
            _ => {}
        }
    }
    let mut value = serde_json::from_str(text).expect("JSON");
    strip(&mut value);
    value
}

#[test]
fn a_round_trip_loses_nothing() {
    let job = read_job(demo().as_bytes()).expect("the demo is a job");
    let written = write_job(&job).expect("JSON");
    let again = read_job(written.as_bytes()).expect("our own file");
    assert_eq!(without_identities(&written), without_identities(&write_job(&again).expect("JSON")));
    assert_eq!(job.walls.len(), again.walls.len());
    assert_ne!(job.walls[0].id, again.walls[0].id, "the same file may be read twice");
}

/// Everything that can be said of a wall: a rake of metric studs, laps, own breaks and bolts, an opening exchanged after framing.
#[test]
fn a_round_trip_of_everything_that_can_be_said_loses_nothing() {
    let inputs: serde_json::Value =
        serde_json::from_str(include_str!("../../store/tests/data/sample_job.json")).expect("the sample is JSON");
    let text = serde_json::json!({ "format": "sturvek-job", "version": 1, "job": inputs }).to_string();
    let job = read_job(text.as_bytes()).expect("a job");
    let written = write_job(&job).expect("JSON");
    for kept in ["rake", "peak", "own_breaks", "cast_bolts", "ladder_blocks", "runs_over", "framed_as", "slope"] {
        assert!(written.contains(kept), "{kept}");
    }
    let again = write_job(&read_job(written.as_bytes()).expect("our own file")).expect("JSON");
    assert_eq!(without_identities(&written), without_identities(&again));
}

#[test]
fn where_plates_climb_the_file_says_how_far() {
    let job = read_job(demo().as_bytes()).expect("the demo is a job");
    let file = framed(&job);
    let rake = file.walls.iter().find(|wall| wall.name == "Net shed rake").expect("in the demo");
    // 2400 to 3000 mm over 3600: the lower plate climbs 600, a stud of 45 mm climbs 7.5.
    let millimeters = |role: &str| {
        let member = rake.members.iter().find(|member| member.role == role).expect(role);
        (member.climb_bottom.mm, member.climb_top.mm)
    };
    assert!((millimeters("top plate").0 - 600.0).abs() < 1e-9);
    assert_eq!(format!("{:.1}", millimeters("stud").1), "7.5");
    let last = rake.marks.last().expect("an end stud");
    assert!(last.label == "X" && last.at.mm < last.at_on_top.mm);
}

#[test]
fn every_wall_is_framed_with_exact_lengths() {
    let job = read_job(demo().as_bytes()).expect("the demo is a job");
    let file = framed(&job);
    assert_eq!(file.walls.len(), job.walls.len());
    for wall in &file.walls {
        assert!(!wall.members.is_empty() && !wall.marks.is_empty());
        for member in &wall.members {
            let nanometers = member.cut.sixteenths * 1_587_500 + member.cut.remainder_nm;
            assert!((member.cut.mm * 1e6 - nanometers as f64).abs() < 0.5, "{member:?}");
        }
    }
    // 8 ft wall: 92 5/8 studs are 1482 sixteenths.
    let stud = file.walls[0].members.iter().find(|member| member.role == "stud").expect("a stud");
    assert_eq!((stud.cut.sixteenths, stud.cut.remainder_nm), (1482, 0));
}

#[test]
fn damaged_and_hostile_files_get_a_sentence() {
    let sentence = |bytes: &[u8]| sturvek_speech::english(&read_job(bytes).expect_err("refused").phrase());
    assert!(sentence(b"").starts_with("The file is not a job file"));
    assert!(sentence(b"[1,2,3]").starts_with("The file is not a job file"));
    assert!(sentence(br#"{"format":"other","version":1}"#).contains("other, version 1"));
    assert!(sentence(br#"{"format":"sturvek-job","version":12}"#).contains("version 12"));
    assert!(sentence(br#"{"format":"sturvek-job","version":1}"#).contains("job"));
    assert!(sentence(&vec![b' '; LARGEST_FILE + 1]).contains("at most"));
    let deep = "[".repeat(100_000);
    assert!(sentence(deep.as_bytes()).starts_with("The file is not a job file"));
    let with = |from: &str, to: &str| sentence(demo().replacen(from, to, 1).as_bytes());
    assert!(with("32'-0\\\"", "soon").contains("soon"), "{}", with("32'-0\\\"", "soon"));
    assert!(
        with("\"building_width\":\"28'\"", "\"building_width\":\"400'\"").contains("The building's width is 400'-0\"")
    );
    assert!(
        with("\"number2\"", "\"number9\"").contains("walls") || with("\"number2\"", "\"number9\"").contains("number9")
    );
}

proptest! {
    #[test]
    fn no_bytes_bring_it_down(bytes in prop::collection::vec(any::<u8>(), 0..400)) {
        let _ = read_job(&bytes);
    }

    #[test]
    fn a_file_cut_short_or_scratched_is_read_or_refused(cut in 0_usize..9000, at in 0_usize..9000, byte in any::<u8>()) {
        let mut bytes = demo().into_bytes();
        let place = at % bytes.len();
        bytes[place] = byte;
        let _ = read_job(&bytes);
        bytes.truncate(cut % bytes.len());
        prop_assert!(read_job(&bytes).is_err());
    }
}

/// A file of the form that was written before openings had letters and anybody was asked about snow and wind.
#[test]
fn a_file_of_version_1_is_read_and_what_it_did_not_say_is_assumed_before() {
    let job = read_job(include_bytes!("../../wire/tests/saved/1/job.json")).expect("the older form");
    assert_eq!((job.settings.said.snow, job.settings.said.wind), (Standing::AssumedBefore, Standing::AssumedBefore));
    for wall in &job.walls {
        let mut openings: Vec<_> = wall.openings.iter().collect();
        openings.sort_by_key(|opening| opening.design.center);
        let letters: Vec<String> =
            openings.iter().map(|opening| opening.letter.expect("given when it is read").to_string()).collect();
        let wanted: Vec<String> = ('A'..).take(letters.len()).map(String::from).collect();
        assert_eq!(letters, wanted, "from left to right");
    }
    let again = read_job(write_job(&job).expect("JSON").as_bytes()).expect("our own file");
    assert_eq!(again.settings, job.settings);
}
