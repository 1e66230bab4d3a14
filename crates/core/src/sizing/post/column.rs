//! # A post as a column
//!
//! **What it checks.** What comes down through a post against what it carries both ways: a solid stick by its longer and its shorter side, studs
//! nailed to one another by their depth and across their plies.
//!
//! **Source.** NDS 2018 3.7.1 and 15.3, from memory.
//!
//! **Assumptions and limits.** Held at its ends alone, le the whole height. le/d at most 50, else it is no column.
//!
//! **Worked example.** A 4x4 of SPF No.2, 96 in., D + L: le/d 27.4; Fc* 1150 · 1.15 = 1323 psi; FcE 0.822 · 510 000 / 27.4² = 557 psi; C_P 0.376;
//! 12.25 in.² · 497 psi = 6090 lb.

use super::spec::{PostSection, PostSpec};
use crate::codes::question::{BuiltUpColumn, Stud};
use crate::codes::{Combination, Service, Topic};
use crate::say;
use crate::working::{Pen, Unit};

/// What it carries in a combination, lb; `None` where it is too slender or its wood has no values.
pub fn carries<P: Pen>(
    pen: &mut P,
    spec: &PostSpec,
    post: PostSection,
    combination: &Combination,
) -> Option<P::Number> {
    let (code, length) = (spec.code, spec.height.to_inches());
    match post {
        PostSection::Studs { lumber, count } => {
            let column = BuiltUpColumn {
                lumber,
                studs: count,
                thickness: lumber.size().actual_thickness().to_inches(),
                depth: lumber.size().actual_depth().to_inches(),
                length,
                held_every: length,
                most_slender: code.most_slender_column(),
                service: Service::Dry,
            };
            code.built_up_column(pen, &column, combination.duration)
        }
        PostSection::Solid(lumber) => {
            let (short, long) = post.sides();
            if code.most_slender_column() < length / short {
                return None;
            }
            let values = code.sawn_values(lumber.species, lumber.grade, lumber.size)?;
            let stud = Stud { lumber, values, service: Service::Dry, duration: combination.duration };
            pen.note(|| say!("note-post-by-its-shorter-side"));
            // The shorter side is the more slender way, and the same strength holds for both where they are alike.
            let strength = code.stud_column(pen, &stud, (length, short)).strength;
            let area = pen.given("b", short) * pen.given("d", long);
            let load = area * strength;
            Some(pen.step("step-the-post-carries-as-a-column", "P_c", Unit::Pounds, code.clause(Topic::Column), load))
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::under;
    use super::*;
    use crate::lumber::{Depth, Grade, SawnLumber, SawnSize, Species, Thickness};
    use crate::measure::Length;
    use crate::working::Silent;

    fn four_by(depth: Depth) -> PostSection {
        let size = SawnSize { thickness: Thickness::Four, depth };
        PostSection::Solid(SawnLumber { species: Species::SprucePineFir, grade: Grade::Number2, size })
    }

    fn of(post: PostSection, inches: i64) -> Option<f64> {
        let mut spec = under(3000.0);
        spec.height = Length::inches(inches);
        let live = spec.code.strength().iter().find(|each| (each.duration - 1.0).abs() < 1e-12).expect("D + L");
        carries(&mut Silent, &spec, post, live)
    }

    #[test]
    fn worked_example() {
        let carries = of(four_by(Depth::Four), 96).expect("a column");
        assert!((carries - 6090.0).abs() < 20.0, "{carries}");
    }

    #[test]
    fn too_slender_is_no_column() {
        assert_eq!(of(four_by(Depth::Four), 176), None);
        assert!(of(four_by(Depth::Four), 174).is_some());
    }

    #[test]
    fn a_wider_one_carries_more() {
        assert!(of(four_by(Depth::Four), 96) < of(four_by(Depth::Six), 96));
    }
}
