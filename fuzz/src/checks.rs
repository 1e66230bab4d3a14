//! What every reader of outside text holds to, whatever it is given: it ends, it does not panic, and what it refuses it refuses in a
//! sentence. Run by the fuzzer, and over the corpus by the tests.

use sturvek_core::framing::say::say;
use sturvek_core::job::{Job, Wall, WallId};
use sturvek_core::measure::{Length, LengthStyle};
use sturvek_core::plan::JobPlan;
use sturvek_core::speech::Phrase;
use sturvek_formats::header_csv::read_table;
use sturvek_formats::job_file::{read_job, write_job};
use sturvek_speech::english;

/// So many walls are planned at most: planning is tried on drawn jobs elsewhere.
const MOST_WALLS: usize = 3;

fn is_said(phrase: &Phrase) {
    assert!(!english(phrase).trim().is_empty(), "{phrase:?}");
}

/// How an opening is called out.
pub fn call_out(bytes: &[u8]) {
    let Ok(text) = std::str::from_utf8(bytes) else { return };
    let (wall, settings) = (Wall::new(WallId(1), "wall"), Job::empty("job", vec![]).settings);
    for style in [LengthStyle::FeetInches, LengthStyle::Millimeters] {
        match say(text, &wall, &settings, style) {
            Ok(said) => is_said(&said.understood),
            Err(error) => is_said(&error.what.phrase()),
        }
    }
}

/// A length; what was read is written so that it reads as itself, to the sixty-fourth or the tenth of a millimeter that are written.
pub fn length(bytes: &[u8]) {
    let Ok(text) = std::str::from_utf8(bytes) else { return };
    let Ok(read) = text.parse::<Length>() else { return };
    for style in [LengthStyle::FeetInches, LengthStyle::Inches, LengthStyle::Millimeters] {
        let written = read.written(style);
        let again: Length =
            written.parse().unwrap_or_else(|error| panic!("{text:?} is written {written:?}: {error:?}"));
        assert!((again - read).abs() <= Length::inches_and(0, 1, 64), "{text:?} is written {written:?}");
    }
}

/// A jurisdiction's table.
pub fn table(bytes: &[u8]) {
    match read_table("county", bytes) {
        Ok(table) => assert!(!table.rows.is_empty()),
        Err(rows) => {
            let told = rows.phrases();
            assert!((1..=101).contains(&told.len()));
            told.iter().for_each(is_said);
        }
    }
}

/// A job file; what was read is written and read again, and planned.
pub fn job_file(bytes: &[u8]) {
    match read_job(bytes) {
        Ok(mut job) => {
            let written = write_job(&job).expect("it is written");
            read_job(written.as_bytes()).unwrap_or_else(|error| panic!("{written}: {error}"));
            job.walls.truncate(MOST_WALLS);
            JobPlan::of(job);
        }
        Err(error) => is_said(&error.phrase()),
    }
}
