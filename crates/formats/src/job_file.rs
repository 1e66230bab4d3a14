//! A job as a file: the project's own open JSON, `{"format": "sturvek-job", "version": 2, "job": { … }}`, with every input and
//! nothing that is computed. Version 1 knew neither letters of openings nor whether snow and wind were said; it is read as well. Lengths are whole nanometers when written; text as it is typed is read as well.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{Job, OutOfBounds, bounds};
use sturvek_wire::FieldError;
use sturvek_wire::inputs::{Job as WireJob, Resolve};
use thiserror::Error;

/// The mark of the format.
pub const FORMAT: &str = "sturvek-job";
/// The version that is written, and the newest that is read.
pub const VERSION: u32 = 2;
/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 900 * 1024;

/// Why a file is not read. Nothing of it is kept.
#[derive(Debug, Error)]
pub enum JobFileError {
    /// It is larger than any job.
    #[error("The file has {bytes} bytes; a job file has at most {LARGEST_FILE}.")]
    TooLarge {
        /// Its size.
        bytes: usize,
    },
    /// It is not JSON of this form.
    #[error("The file is not a job file: {message} (at {place}).")]
    NotAJob {
        /// Where in the file.
        place: String,
        /// What is wrong there.
        message: String,
    },
    /// It is of another format or of a newer version.
    #[error("The file says it is {format}, version {version}; {FORMAT}, version 1 to {VERSION}, is read.")]
    OtherFormat {
        /// What it says.
        format: String,
        /// Its version.
        version: u32,
    },
    /// A value in it is not allowed.
    #[error("The file is refused, at {}: {}", .0.field, .0.message)]
    Value(#[from] FieldError),
    /// A value in it is out of bounds.
    #[error("The file is refused: {0}")]
    OutOfBounds(#[from] OutOfBounds),
}

#[derive(Deserialize)]
struct Head {
    #[serde(default)]
    format: String,
    #[serde(default)]
    version: u32,
}

#[derive(Serialize, Deserialize)]
struct JobFile {
    format: String,
    version: u32,
    job: WireJob,
}

/// Writes a job.
///
/// # Errors
/// Never for a job that was read or kept; a number that is none has no JSON.
pub fn write_job(job: &Job) -> Result<String, serde_json::Error> {
    let file = JobFile { format: FORMAT.to_owned(), version: VERSION, job: job.into() };
    Ok(serde_json::to_string_pretty(&file)? + "\n")
}

/// Reads a job. Walls, openings and point loads get new identities: the same file may be read twice.
///
/// # Errors
/// [`JobFileError`], which says where and what.
pub fn read_job(bytes: &[u8]) -> Result<Job, JobFileError> {
    if LARGEST_FILE < bytes.len() {
        return Err(JobFileError::TooLarge { bytes: bytes.len() });
    }
    let head: Head = parse(bytes)?;
    if head.format != FORMAT || !(1..=VERSION).contains(&head.version) {
        let said: String = head.format.chars().filter(|letter| !letter.is_control()).take(40).collect();
        let format = if said.is_empty() { "of no format".to_owned() } else { said };
        return Err(JobFileError::OtherFormat { format, version: head.version });
    }
    let file: JobFile = parse(bytes)?;
    let job = file.job.with_new_identities().resolve()?;
    bounds::job(&job)?;
    Ok(job)
}

fn parse<'a, T: Deserialize<'a>>(bytes: &'a [u8]) -> Result<T, JobFileError> {
    let reader = &mut serde_json::Deserializer::from_slice(bytes);
    serde_path_to_error::deserialize(reader).map_err(|error| JobFileError::NotAJob {
        place: error.path().to_string(),
        message: error.inner().to_string().chars().take(200).collect(),
    })
}
