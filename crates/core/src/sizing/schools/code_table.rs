//! # The code table's answer for an opening
//!
//! **What it does.** From the block of the header tables that an opening belongs to, finds the span and jacks of
//! every header of the stock: from the jurisdiction's own table where one was loaded, else computed on the code tables'
//! basis. Dropped 2x8 to 2x12 headers reach 0.70 of it.
//!
//! **Source.** IRC 2021 R602.7, Tables R602.7(1) and (2) and the footnote on dropped headers, from memory.
//!
//! **Assumptions and limits.** No.2 or better 2x of four species; ground snow up to 70 psf (under 30 counts as 30); buildings
//! up to 36 ft wide (under 12 counts as 12); evenly loaded walls without posts on them. Outside: no answer, and why.
//!
//! **Worked example.** Roof and ceiling, 24 ft wide, 30 psf: 2-2x8 goes to 5'-9" computed, dropped to 4'-0".

use super::code_basis::{TableCell, table_cell, table_loads};
use super::code_question::CodeQuestion;
use super::jurisdiction::JurisdictionTable;
use crate::lumber::{Grade, HeaderBoard, HeaderSpec, SawnSize, Thickness};
use crate::measure::Length;

/// What is left of the span of a header hung below the plates.
const DROPPED: f64 = 0.70;

/// What the tables answer for one header.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct CodeAnswer {
    /// How far it goes.
    pub span: Length,
    /// Jacks at each end.
    pub jacks: u8,
}

impl CodeQuestion {
    /// Whether the tables shorten the header's span because it hangs: 2x8 and deeper.
    pub fn shortens(&self, header: HeaderSpec) -> bool {
        self.dropped && two_by_of_number_2(header).is_some_and(|size| size.depth.nominal() >= 8)
    }

    /// Whether the tables print a header: one 2x6 to 2x12 with its flat plates, two of every size, three and four from 2x8 on.
    fn prints(&self, size: SawnSize, plies: u8) -> bool {
        match plies {
            1 => self.flat_plate && 6 <= size.depth.nominal(),
            2 => true,
            3 | 4 => 8 <= size.depth.nominal(),
            _ => false,
        }
    }

    /// The answer for a header; `None` where the tables do not have it.
    pub fn answer(&self, header: HeaderSpec, own: Option<&JurisdictionTable>) -> Option<CodeAnswer> {
        let size = two_by_of_number_2(header).filter(|size| self.prints(*size, header.plies))?;
        let cell = match own {
            Some(table) => table.cell(self, size.depth, header.plies)?,
            None => {
                let loads = table_loads(self.block, self.ground_snow, self.width);
                table_cell(size.depth, header.plies, &loads)
            }
        };
        let TableCell { span, jacks } = cell;
        let span = if self.shortens(header) {
            Length::from_decimal_inches((span.to_inches() * DROPPED).floor())
        } else {
            span
        };
        Some(CodeAnswer { span, jacks })
    }
}

/// The size of a 2x header whose wood the tables allow.
fn two_by_of_number_2(header: HeaderSpec) -> Option<SawnSize> {
    match header.board {
        HeaderBoard::Sawn { grade: Grade::SelectStructural | Grade::Number1 | Grade::Number2, size, .. }
            if size.thickness == Thickness::Two =>
        {
            Some(size)
        }
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::super::code_basis::TableBlock;
    use super::super::code_question::Basis;
    use super::*;
    use crate::loads::{Carried, FloorFraming, FloorOnWall, FloorUse, Framing, GableAbove, RoofOnWall, Tail};
    use crate::lumber::{Depth, Species};
    use crate::measure::Pressure;

    fn roof(width: i64) -> Carried {
        let framing = Framing::Roof(RoofOnWall::usual(Length::feet(width)));
        Carried { framing, extent: None, on_tail: false }
    }

    fn floor(span: i64) -> Carried {
        let framing = Framing::Floor(FloorOnWall {
            use_: FloorUse::Living,
            framing: FloorFraming::Simple,
            span_one_side: Length::feet(span),
            span_other_side: Length::ZERO,
            bay: Length::inches(16),
            dead: Pressure::psf(10.0),
            live: Pressure::psf(40.0),
            roofed: false,
            tail: Tail::Free,
            no_wall_above: true,
        });
        Carried { framing, extent: None, on_tail: false }
    }

    fn header(depth: Depth) -> HeaderSpec {
        let board =
            HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size: SawnSize::two_by(depth) };
        HeaderSpec { board, plies: 2 }
    }

    fn basis() -> Basis {
        Basis {
            posts: false,
            simple: true,
            dry: true,
            studs: Length::inches_and(92, 5, 8),
            covers: (Length::feet(4), Length::feet(8)),
        }
    }

    fn ask(carried: &[Carried], dropped: bool) -> CodeQuestion {
        CodeQuestion::of(carried, Some(Pressure::psf(20.0)), dropped, &basis()).expect("in the tables")
    }

    #[test]
    fn worked_example() {
        let span = |dropped| ask(&[roof(24)], dropped).answer(header(Depth::Eight), None).expect("a cell").span;
        assert_eq!(span(false), Length::feet_inches(5, 9));
        assert_eq!(span(true), Length::feet(4));
    }

    #[test]
    fn the_block_follows_from_the_framing() {
        let block = |carried: &[Carried]| ask(carried, false).block;
        assert_eq!(block(&[roof(24)]), TableBlock::RoofCeiling);
        assert_eq!(block(&[roof(24), floor(12)]), TableBlock::RoofOneCenterFloor);
        assert_eq!(block(&[roof(24), floor(24)]), TableBlock::RoofOneClearFloor);
        assert_eq!(block(&[roof(24), floor(12), floor(12)]), TableBlock::RoofTwoCenterFloors);
        assert_eq!(block(&[roof(24), floor(24), floor(24)]), TableBlock::RoofTwoClearFloors);
        assert_eq!(block(&[floor(14)]), TableBlock::OneFloor);
        assert_eq!(block(&[floor(14), floor(14)]), TableBlock::TwoFloors);
    }

    #[test]
    fn what_the_tables_do_not_know_has_no_answer() {
        let snow = Some(Pressure::psf(30.0));
        let gable = Framing::Gable(GableAbove { rise_in_twelve: 6.0, dead: Pressure::psf(10.0) });
        let part = Carried { extent: Some((Length::ZERO, Length::feet(5))), ..roof(24) };
        for carried in [
            vec![roof(40)],
            vec![part],
            vec![roof(24), Carried { framing: gable, extent: None, on_tail: false }],
            vec![],
        ] {
            assert!(CodeQuestion::of(&carried, snow, false, &basis()).is_err(), "{carried:?}");
        }
        assert!(CodeQuestion::of(&[roof(24)], Some(Pressure::psf(80.0)), false, &basis()).is_err());
        assert!(CodeQuestion::of(&[roof(24)], None, false, &basis()).is_err());
        let four_by = HeaderBoard::Sawn {
            species: Species::DouglasFirLarch,
            grade: Grade::Number2,
            size: SawnSize { thickness: Thickness::Four, depth: Depth::Twelve },
        };
        assert_eq!(ask(&[roof(24)], false).answer(HeaderSpec { board: four_by, plies: 1 }, None), None);
    }

    #[test]
    fn it_answers_only_inside_its_basis() {
        let snow = Some(Pressure::psf(30.0));
        let why = |carried: &[Carried], basis: &Basis| {
            CodeQuestion::of(carried, snow, false, basis).expect_err("outside").to_string()
        };
        let heavy = |change: fn(&mut RoofOnWall)| {
            let Framing::Roof(mut roof) = roof(24).framing else { unreachable!() };
            change(&mut roof);
            Carried { framing: Framing::Roof(roof), extent: None, on_tail: false }
        };
        assert!(why(&[heavy(|roof| roof.roof_dead = Pressure::psf(16.0))], &basis()).contains("basis-heavy-roof"));
        assert!(why(&[heavy(|roof| roof.overhang = Length::feet(3))], &basis()).contains("basis-overhang"));
        assert!(why(&[heavy(|roof| roof.attic_live = Pressure::psf(20.0))], &basis()).contains("basis-attic-storage"));
        for basis in [
            Basis { posts: true, ..basis() },
            Basis { simple: false, ..basis() },
            Basis { dry: false, ..basis() },
            Basis { studs: Length::inches(121), ..basis() },
        ] {
            assert!(why(&[roof(24)], &basis).starts_with("table-other-basis"));
        }
    }

    #[test]
    fn it_offers_only_what_it_prints() {
        let question = ask(&[roof(24)], false);
        let answers = |depth, plies| question.answer(HeaderSpec { plies, ..header(depth) }, None).is_some();
        assert!(answers(Depth::Four, 2) && answers(Depth::Eight, 3) && answers(Depth::Twelve, 4));
        assert!(!answers(Depth::Six, 3) && !answers(Depth::Ten, 1));
        let with_plates = CodeQuestion { flat_plate: true, ..question };
        assert!(with_plates.answer(HeaderSpec { plies: 1, ..header(Depth::Ten) }, None).is_some());
    }
}
