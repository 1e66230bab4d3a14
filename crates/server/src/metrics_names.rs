//! Names of what the workers count.

/// How long a worker takes for an answer.
pub const WORK_SECONDS: &str = "sturvek_work_seconds";
/// What was given up because nobody waited for it any more, or it took too long.
pub const GIVEN_UP: &str = "sturvek_work_given_up_total";
/// What was turned away because the queue was full.
pub const TURNED_AWAY: &str = "sturvek_work_turned_away_total";
