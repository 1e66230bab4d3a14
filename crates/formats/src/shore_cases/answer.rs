//! The form of an answer: loads on temporary walls and on supports that stay in lb/ft, and how hard the studs work as ratios.

use serde::Serialize;

use crate::kinds::Kinds;

/// What stands while the wall is gone.
#[derive(Clone, Debug, Serialize)]
pub struct Answer {
    /// The name of the case.
    pub id: String,
    /// What stands, where anything can be said.
    #[serde(flatten)]
    pub stands: Option<Stands>,
    /// Why something has no number.
    pub fails: Vec<String>,
}

/// Loads and ratios.
#[derive(Clone, Debug, Serialize)]
pub struct Stands {
    /// On each temporary wall.
    pub temporary: Vec<AtWall>,
    /// On each support that stays.
    pub supports: Vec<AtWall>,
    /// How hard the studs work; nothing where they are no column.
    pub stud: Option<StudAnswer>,
}

/// What is on a wall.
#[derive(Clone, Debug, Serialize)]
pub struct AtWall {
    /// Where it stands.
    pub at: f64,
    /// lb/ft.
    #[serde(flatten)]
    pub loads: Kinds,
}

/// How hard the studs work.
#[derive(Clone, Debug, Serialize)]
pub struct StudAnswer {
    /// As a column.
    pub column: f64,
    /// On the plate.
    pub plate: f64,
    /// `column` or `plate`.
    pub governing: &'static str,
}

impl Answer {
    /// Nothing can be said.
    pub fn fails(id: String, fails: Vec<String>) -> Self {
        Self { id, stands: None, fails }
    }
}
