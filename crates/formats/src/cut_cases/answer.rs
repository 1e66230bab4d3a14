//! The form of an answer. Lengths are decimal inches, money whole cents.

use serde::Serialize;

/// What to buy and how to cut it.
#[derive(Clone, Debug, Serialize)]
pub struct Answer {
    /// The name of the case.
    pub id: String,
    /// The sticks; none where there is no plan.
    pub sticks: Vec<StickAnswer>,
    /// What they cost; nothing where there is no plan.
    pub cost_cents: Option<i64>,
    /// What is bought and not in a piece: kerfs and offcuts.
    pub waste_in: Option<f64>,
    /// No plan costs less.
    pub bound_cents: Option<i64>,
    /// Whether this is proven to be the least.
    pub optimal: bool,
    /// Why there is no plan.
    pub fails: Vec<String>,
}

/// A stick.
#[derive(Clone, Debug, Serialize)]
pub struct StickAnswer {
    /// Size, species and grade.
    pub section: String,
    /// Its length.
    pub length_in: f64,
    /// What it costs.
    pub price_cents: i64,
    /// What is cut from it, longest first.
    pub cuts_in: Vec<f64>,
}

impl Answer {
    /// There is no plan.
    pub fn fails(id: String, fails: Vec<String>) -> Self {
        Self { id, sticks: Vec::new(), cost_cents: None, waste_in: None, bound_cents: None, optimal: false, fails }
    }
}
