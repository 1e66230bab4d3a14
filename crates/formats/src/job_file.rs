//! A job as a file: the project's own open JSON, `{"format": "sturvek-job", "version": 2, "job": { … }}`, with every input and
//! nothing that is computed. Its version is the form of what is kept ([`FORM`]); older ones are read as well. Lengths are whole
//! nanometers when written; text as it is typed is read as well.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{Job, bounds};
use sturvek_core::say;
use sturvek_core::speech::{Argument, Joined, Phrase};
use sturvek_wire::inputs::Job as WireJob;
use sturvek_wire::saved::{self, FORM, SavedError};
use sturvek_wire::{FieldErrors, Resolve};
use thiserror::Error;

/// The mark of the format.
pub const FORMAT: &str = "sturvek-job";
/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 900 * 1024;

/// Why a file is not read. Nothing of it is kept.
#[derive(Debug, Error)]
pub enum JobFileError {
    /// It is larger than any job.
    #[error("{bytes} bytes")]
    TooLarge {
        /// Its size.
        bytes: usize,
    },
    /// It is not JSON of this form.
    #[error("{message} (at {place})")]
    NotAJob {
        /// Where in the file.
        place: String,
        /// What is wrong there.
        message: String,
    },
    /// It is of another format or of a newer version.
    #[error("{format}, version {version}")]
    OtherFormat {
        /// What it says.
        format: String,
        /// Its version.
        version: u16,
    },
    /// The job in it is not of its form.
    #[error("{0}")]
    Saved(#[from] SavedError),
    /// Values in it cannot be read or are not allowed.
    #[error("{0}")]
    Values(#[from] FieldErrors),
}

impl JobFileError {
    /// A sentence for who opened the file.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::TooLarge { bytes } => say!("file-too-large", bytes = *bytes, most = LARGEST_FILE),
            Self::NotAJob { place, message } => say!("file-not-a-job-at", why = message, place),
            Self::OtherFormat { format, .. } if format.is_empty() => {
                say!("file-of-no-format", own = FORMAT, newest = FORM)
            }
            Self::OtherFormat { format, version } => {
                say!("file-of-another-format", format, version = *version, own = FORMAT, newest = FORM)
            }
            Self::Saved(error) => say!("file-not-a-job", why = error.to_string()),
            Self::Values(errors) => told(errors),
        }
    }
}

/// The first errors, each with its place.
fn told(errors: &FieldErrors) -> Phrase {
    const FIRST: usize = 5;
    let told = errors.0.iter().take(FIRST);
    let told = told.map(|error| say!("file-error-at", error = error.phrase.clone(), place = &error.pointer));
    let told = Argument::Phrases(told.collect(), Joined::Sentences);
    match errors.0.len().checked_sub(FIRST).filter(|more| 0 < *more) {
        Some(more) => say!("file-refused-and-more", errors = told, more = more),
        None => say!("file-refused", errors = told),
    }
}

#[derive(Deserialize)]
struct Head {
    #[serde(default)]
    format: String,
    #[serde(default)]
    version: u16,
}

#[derive(Serialize, Deserialize)]
struct JobFile<J> {
    format: String,
    version: u16,
    job: J,
}

/// Writes a job.
///
/// # Errors
/// Never for a job that was read or kept; a number that is none has no JSON.
pub fn write_job(job: &Job) -> Result<String, serde_json::Error> {
    let file = JobFile { format: FORMAT.to_owned(), version: FORM, job: WireJob::from(job) };
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
    if head.format != FORMAT || !(1..=FORM).contains(&head.version) {
        let said: String = head.format.chars().filter(|letter| !letter.is_control()).take(40).collect();
        return Err(JobFileError::OtherFormat { format: said, version: head.version });
    }
    let file: JobFile<serde_json::Value> = parse(bytes)?;
    let job: WireJob = saved::read(file.version, file.job)?;
    let job = job.with_new_identities().resolve()?;
    bounds::job(&job).map_err(FieldErrors::from)?;
    Ok(job)
}

fn parse<'a, T: Deserialize<'a>>(bytes: &'a [u8]) -> Result<T, JobFileError> {
    let reader = &mut serde_json::Deserializer::from_slice(bytes);
    serde_path_to_error::deserialize(reader).map_err(|error| JobFileError::NotAJob {
        place: error.path().to_string(),
        message: error.inner().to_string().chars().take(200).collect(),
    })
}
