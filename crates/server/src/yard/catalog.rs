//! What the yard that ships sells: made up, all of it.

use super::PricedStick;

/// Wood, whether treated, cents a foot of its 2x4 or of the board itself, and the sizes it comes in with what they cost against that, percent.
type Wood = (&'static str, bool, i64, &'static [(&'static str, i64)]);

const STUDS: &[(&str, i64)] = &[("2x4", 100), ("2x6", 155)];
const BOARDS: &[(&str, i64)] = &[("2x4", 100), ("2x6", 150), ("2x8", 210), ("2x10", 280), ("2x12", 390)];
const TIMBERS: &[(&str, i64)] =
    &[("4x4", 260), ("4x6", 420), ("4x8", 590), ("4x10", 770), ("4x12", 960), ("6x6", 710), ("6x8", 990)];
const PLIES: &[(&str, i64)] =
    &[("1 3/4 x 9 1/4", 80), ("1 3/4 x 9 1/2", 82), ("1 3/4 x 11 7/8", 100), ("1 3/4 x 14", 119), ("1 3/4 x 16", 137)];

const WOODS: [Wood; 13] = [
    ("SPF Stud", false, 48, STUDS),
    ("SPF No.2", false, 51, BOARDS),
    ("HF No.2", false, 52, BOARDS),
    ("DF-L Stud", false, 55, STUDS),
    ("DF-L No.2", false, 58, BOARDS),
    ("DF-L No.2", false, 66, TIMBERS),
    ("SP No.2", false, 57, BOARDS),
    ("SPF Stud", true, 71, STUDS),
    ("SPF No.2", true, 74, BOARDS),
    ("HF No.2", true, 73, BOARDS),
    ("DF-L Stud", true, 79, STUDS),
    ("DF-L No.2", true, 82, BOARDS),
    ("LVL 2.0E-2600", false, 690, PLIES),
];

/// Lengths in feet, with what a foot costs against an 8 ft stick's, percent.
const SAWN_FEET: [(i32, i64); 6] = [(8, 100), (10, 104), (12, 102), (14, 107), (16, 105), (20, 116)];
const PLY_FEET: [(i32, i64); 4] = [(12, 100), (16, 98), (20, 100), (24, 102)];
/// Precut studs, in., and in eighths.
const PRECUT: [(f64, i64); 3] = [(92.625, 741), (104.625, 837), (116.625, 933)];
/// What a foot of a precut stud costs against an 8 ft stick's, percent.
const PRECUT_FOOT: i64 = 97;

/// Everything that it sells.
pub(super) fn all_sticks() -> Vec<PricedStick> {
    let mut all = Vec::new();
    for (wood, treated, foot, sizes) in WOODS {
        for (size, times) in sizes {
            let section = format!("{size} {wood}");
            let feet = if wood.starts_with("LVL") { &PLY_FEET[..] } else { &SAWN_FEET[..] };
            for (feet, dearer) in feet {
                // Long sticks of the deep boards are few.
                let few = matches!(*size, "2x12" | "4x12" | "6x8") && 16 <= *feet;
                all.push(PricedStick {
                    section: section.clone(),
                    treated,
                    length_in: f64::from(12 * feet),
                    price_cents: foot * times * dearer * i64::from(*feet) / (100 * 100),
                    available: few.then_some(24),
                });
            }
            if wood.ends_with("Stud") && !treated {
                all.extend(PRECUT.map(|(length_in, eighths)| PricedStick {
                    section: section.clone(),
                    treated,
                    length_in,
                    price_cents: foot * times * PRECUT_FOOT * eighths / (100 * 100 * 12 * 8),
                    available: None,
                }));
            }
        }
    }
    all
}
