//! # King studs by the code's count
//!
//! **What it does.** Full-height studs at each end of a header in an outside wall: by span and stud spacing (2015), or by
//! span and wind (2018 and later). Between the rows' spans the larger count holds. Beyond the last row, in walls over 10 ft and
//! in more wind than a column is for there is no number.
//!
//! **Source.** IRC 2015 Table R602.7.5; IRC 2018/2021 Table R602.7.5, from memory.
//!
//! **Worked example.** 6 ft opening, 16 in. studs: 2015 takes the 8 ft row, 3; 2018 column (a), 2.

use crate::loads::WindExposure;
use crate::measure::Length;
use crate::say;
use crate::speech::Phrase;

/// Which edition's count.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum KingTable {
    /// 2015: by span and the wall's stud spacing.
    Irc2015,
    /// 2018 and later, column (a): wind under 140 mph in Exposure B, or under 130 mph in Exposure C.
    Irc2018HighWind,
    /// 2018 and later, column (b): wind of 115 mph or less in Exposure B.
    Irc2018LowWind,
}

impl KingTable {
    /// Every table.
    pub const ALL: [Self; 3] = [Self::Irc2015, Self::Irc2018HighWind, Self::Irc2018LowWind];

    /// The table in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Irc2015 => say!("king-table-irc-2015"),
            Self::Irc2018HighWind => say!("king-table-irc-2018-high-wind"),
            Self::Irc2018LowWind => say!("king-table-irc-2018-low-wind"),
        }
    }
}

/// 2015 rows: header span up to so many feet, kings at 16 in. and at 24 in. studs.
const ROWS_2015: [(i64, u8, u8); 5] = [(3, 1, 1), (4, 2, 1), (8, 3, 2), (12, 5, 3), (16, 6, 4)];

/// 2018 rows: header span up to so many feet, column (a) and column (b).
const ROWS_2018: [(i64, u8, u8); 8] =
    [(4, 1, 1), (6, 2, 1), (8, 2, 1), (10, 3, 2), (12, 3, 2), (14, 3, 2), (16, 4, 2), (18, 4, 2)];

/// The longest studs the tables count kings for: those of a wall of 10 ft.
pub const TALLEST: Length = Length::feet(10);

impl KingTable {
    /// Whether the table holds in this wind, mph.
    pub fn holds_in(self, miles_per_hour: f64, exposure: WindExposure) -> bool {
        match (self, exposure) {
            (Self::Irc2015, _) => true,
            (Self::Irc2018LowWind, WindExposure::B) => miles_per_hour <= 115.0,
            (Self::Irc2018HighWind, WindExposure::B) => miles_per_hour < 140.0,
            (Self::Irc2018HighWind, WindExposure::C) => miles_per_hour < 130.0,
            (Self::Irc2018LowWind, WindExposure::C | WindExposure::D) | (Self::Irc2018HighWind, WindExposure::D) => {
                false
            }
        }
    }
}

/// Kings at each end of an opening `clear` wide; `None` beyond the table.
pub fn kings_by_code(table: KingTable, clear: Length, stud_spacing: Length) -> Option<u8> {
    let wide_spacing = Length::inches(16) < stud_spacing;
    let row = |rows: &[(i64, u8, u8)]| rows.iter().copied().find(|(feet, _, _)| clear <= Length::feet(*feet));
    match table {
        KingTable::Irc2015 => row(&ROWS_2015).map(|(_, at_16, at_24)| if wide_spacing { at_24 } else { at_16 }),
        KingTable::Irc2018HighWind => row(&ROWS_2018).map(|(_, column_a, _)| column_a),
        KingTable::Irc2018LowWind => row(&ROWS_2018).map(|(_, _, column_b)| column_b),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_next_row_holds_between_spans() {
        let sixteen = Length::inches(16);
        let kings = |table, feet| kings_by_code(table, Length::feet(feet), sixteen);
        assert_eq!(kings(KingTable::Irc2015, 6), Some(3));
        assert_eq!(kings(KingTable::Irc2015, 3), Some(1));
        assert_eq!(kings(KingTable::Irc2018HighWind, 6), Some(2));
        assert_eq!(kings(KingTable::Irc2018LowWind, 16), Some(2));
        assert_eq!(kings(KingTable::Irc2018LowWind, 19), None);
        assert_eq!(kings_by_code(KingTable::Irc2015, Length::feet(12), Length::inches(24)), Some(3));
    }

    #[test]
    fn wider_openings_never_need_fewer() {
        for table in KingTable::ALL {
            let counts: Vec<u8> =
                (1..=18).filter_map(|feet| kings_by_code(table, Length::feet(feet), Length::inches(16))).collect();
            assert!(counts.is_sorted());
        }
    }
}
