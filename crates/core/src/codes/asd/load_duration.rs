//! # Load duration factor, C_D
//!
//! **What it does.** Wood carries more for a short time. The factor of a combination is that of its shortest load.
//! It never touches bearing across the grain, E or Emin.
//!
//! **Source.** NDS 2018 2.3.2 and Table 2.3.2, from memory.
//!
//! **Worked example.** D + S: the shortest load is snow (two months), so C_D = 1.15.

use crate::loads::LoadKind;

/// C_D of one kind of load alone.
pub const fn load_duration_factor(kind: LoadKind) -> f64 {
    match kind {
        LoadKind::Dead => 0.9,
        LoadKind::FloorLive | LoadKind::DeckLive => 1.0,
        LoadKind::Snow | LoadKind::DeckSnow => 1.15,
        LoadKind::RoofLive => 1.25,
    }
}

/// C_D for wind and seismic loads.
pub const WIND_DURATION_FACTOR: f64 = 1.6;

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn shorter_loads_have_larger_factors() {
        let factors =
            [LoadKind::Dead, LoadKind::FloorLive, LoadKind::Snow, LoadKind::RoofLive].map(load_duration_factor);
        assert!(factors.is_sorted() && factors[3] < WIND_DURATION_FACTOR);
    }
}
