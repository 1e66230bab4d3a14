//! What the papers of a job are headed with: where it stands, under which permit, by which code, and who answers for it.

/// The particulars of a job. What nobody said is empty.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Particulars {
    /// Where it is built.
    pub address: String,
    /// The number of its permit.
    pub permit: String,
    /// The code that is adopted there.
    pub adopted_code: String,
    /// Its edition, with what was amended.
    pub edition: String,
    /// Who answers for the work.
    pub answers_for_it: String,
}
