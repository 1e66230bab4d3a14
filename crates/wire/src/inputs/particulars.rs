//! A job's particulars on the wire.

use serde::{Deserialize, Serialize};
use sturvek_core::job;
use utoipa::ToSchema;

use crate::reading::{Reader, Resolve};

/// What the papers of a job are headed with. What nobody said is empty.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Particulars {
    /// Where it is built.
    #[serde(default)]
    pub address: String,
    /// The number of its permit.
    #[serde(default)]
    pub permit: String,
    /// The code that is adopted there.
    #[serde(default)]
    pub adopted_code: String,
    /// Its edition, with what was amended.
    #[serde(default)]
    pub edition: String,
    /// Who answers for the work.
    #[serde(default)]
    pub answers_for_it: String,
}

impl Resolve for Particulars {
    type Core = job::Particulars;
    fn read(&self, _: &mut Reader) -> job::Particulars {
        let Self { address, permit, adopted_code, edition, answers_for_it } = self;
        let trimmed = |text: &String| text.trim().to_owned();
        job::Particulars {
            address: trimmed(address),
            permit: trimmed(permit),
            adopted_code: trimmed(adopted_code),
            edition: trimmed(edition),
            answers_for_it: trimmed(answers_for_it),
        }
    }
}

impl From<&job::Particulars> for Particulars {
    fn from(of: &job::Particulars) -> Self {
        let job::Particulars { address, permit, adopted_code, edition, answers_for_it } = of.clone();
        Self { address, permit, adopted_code, edition, answers_for_it }
    }
}
