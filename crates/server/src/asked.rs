//! What stands in a request, as the store takes it.

use chrono::DateTime;
use sturvek_core::job::{Input, bounds};
use sturvek_core::say;
use sturvek_store::{Listing, Mark};
use sturvek_wire::FieldErrors;

use crate::problem::Problem;
use crate::views::ListQuery;

/// Who does it, for the history; `somebody` where no name was given.
pub fn author(name: Option<String>) -> Result<String, Problem> {
    let Some(name) = name.map(|name| name.trim().to_owned()).filter(|name| !name.is_empty()) else {
        return Ok("somebody".into());
    };
    bounds::name(Input::Author, &name).map_err(FieldErrors::from)?;
    Ok(name)
}

/// How many jobs stand on a page.
const JOBS_ON_A_PAGE: u64 = 50;
/// The longest text that is looked for in names, characters.
const LONGEST_LOOKED_FOR: usize = 80;

impl ListQuery {
    /// The jobs that are asked for.
    ///
    /// # Errors
    /// 422 where a parameter is not what it may be.
    pub fn listing(self) -> Result<Listing, Problem> {
        let named = self.named.map(|words| words.trim().to_owned()).filter(|words| !words.is_empty());
        if named.as_ref().is_some_and(|words| LONGEST_LOOKED_FOR < words.chars().count() || words.contains('\0')) {
            let said = say!("name-looked-for-is-too-long", most = LONGEST_LOOKED_FOR);
            return Err(FieldErrors::one("/named", said).into());
        }
        let after =
            self.after.map(|mark| mark_in(&mark).ok_or_else(|| FieldErrors::one("/after", say!("no-such-page"))));
        Ok(Listing { after: after.transpose()?, named, put_away: self.away, most: JOBS_ON_A_PAGE })
    }
}

/// A place in the list as it stands in an address: when, in microseconds, and which job.
fn mark_in(text: &str) -> Option<Mark> {
    let (micros, id) = text.split_once('.')?;
    let updated_at = DateTime::from_timestamp_micros(micros.parse().ok()?)?;
    Some(Mark { updated_at, id: id.parse().ok()? })
}
