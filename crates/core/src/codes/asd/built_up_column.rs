//! # Built-up columns
//!
//! **What it does.** Studs nailed to one another carry as a column: n · thickness · depth · Fc', Fc' = Fc · C_D · C_F · C_P, both
//! ways. Across the plies the nails let them slip: C_P is multiplied by K_f = 0.6 there, unless something holds them sideways.
//!
//! **Source.** NDS 2018 3.7.1 and 15.3, from memory. le/d ≤ 50, but for what stands during construction only.
//!
//! **Assumptions and limits.** 15.3 knows two to five plies; more are taken as wide as five. A single stud is a solid column.
//!
//! **Worked example.** Two SPF Stud 2x4 of 92 5/8 in. under snow: strong way le/d 26.5, C_P 0.494, 2 · 2269 = 4538 lb; free
//! across, le/d 30.9, C_P 0.6 · 0.385, 2124 lb.

use super::{stud, values};
use crate::codes::question::{BuiltUpColumn, Stud};
use crate::say;
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("15.3");
/// C_P of nailed plies bent across them.
const NAILED: f64 = 0.6;
/// The most plies that 15.3 knows.
const MOST_PLIES: u8 = 5;

/// What the column carries under loads of a duration, lb; `None` where it is too slender to be one or its lumber has no values.
pub fn column_carries<P: Pen>(pen: &mut P, column: &BuiltUpColumn, duration: f64) -> Option<P::Number> {
    let values = values::sawn(column.lumber.species, column.lumber.grade, column.lumber.size())?;
    let across = f64::from(column.studs.min(MOST_PLIES)) * column.thickness;
    if column.most_slender < column.length / column.depth || column.most_slender < column.held_every / across {
        return None;
    }
    let stud = Stud { lumber: column.lumber.into(), values, service: column.service, duration };
    let strong = stud::column(pen, &stud, (column.length, column.depth)).strength;
    let strength = if column.held_every > 0.0 {
        pen.note(|| say!("note-across-the-plies"));
        let mut weak = stud::column(pen, &stud, (column.held_every, across)).strength;
        if column.studs > 1 {
            weak = weak * pen.given("K_f", NAILED);
            weak = pen.step("step-column-strength-nailed", "Fc'", Unit::Psi, CLAUSE, weak);
        }
        strong.smaller(weak)
    } else {
        strong
    };
    let area = pen.given("⟨symbol-studs⟩", f64::from(column.studs))
        * pen.given("t", column.thickness)
        * pen.given("d", column.depth);
    Some(pen.step("step-the-studs-carry-as-a-column", "P_c", Unit::Pounds, CLAUSE, area * strength))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::codes::asd::factors::column_stability::MOST_SLENDER;
    use crate::codes::question::Service;
    use crate::lumber::{Depth, Grade, JackLumber, Species};
    use crate::working::Silent;

    fn carries(studs: u8, length: f64, held_every: f64) -> Option<f64> {
        let lumber = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
        let column = BuiltUpColumn {
            lumber,
            studs,
            thickness: 1.5,
            depth: 3.5,
            length,
            held_every,
            most_slender: MOST_SLENDER,
            service: Service::Dry,
        };
        column_carries(&mut Silent, &column, 1.15)
    }

    #[test]
    fn worked_example() {
        assert!((carries(2, 92.625, 0.0).expect("a column") - 4538.0).abs() < 4.0);
        assert!((carries(2, 92.625, 92.625).expect("a column") - 2124.0).abs() < 3.0);
    }

    #[test]
    fn four_studs_in_the_middle_of_a_cased_opening() {
        // Worked by hand beside: le 81, strong way 10 952 lb, nailed across 9775; two studs 5476 and 2641.
        assert!((carries(4, 81.0, 0.0).expect("a column") - 10_952.0).abs() < 12.0);
        assert!((carries(4, 81.0, 81.0).expect("a column") - 9775.0).abs() < 12.0);
        assert!((carries(2, 81.0, 0.0).expect("a column") - 5476.0).abs() < 6.0);
        assert!((carries(2, 81.0, 81.0).expect("a column") - 2641.0).abs() < 4.0);
    }

    #[test]
    fn one_free_stud_is_no_column_and_more_than_five_are_as_wide_as_five() {
        assert_eq!(carries(1, 92.625, 92.625), None);
        let each = |studs: u8| carries(studs, 81.0, 81.0).expect("a column") / f64::from(studs);
        assert!((each(6) - each(5)).abs() < 1e-9 && each(2) < each(3));
    }
}
