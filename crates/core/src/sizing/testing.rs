//! The worked example that the checks' tests share: a 3 ft window in a 2x4 wall under a roof, 2-2x6 SPF No.2.

use super::evaluate::{Evaluation, evaluate};
use super::problem::{Conventions, HeaderRun, JackLength, OpeningLoad, OpeningProblem, PackPlate};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, JackLumber, SawnSize, Species};
use crate::measure::{Ends, Length, LineLoad, Stress};

/// D 240 and S 336 lb/ft over a 3 ft opening, jacks 80 in.
pub fn roof_window() -> OpeningProblem {
    let amount = ByKind::of([(LoadKind::Dead, LineLoad::plf(240.0)), (LoadKind::Snow, LineLoad::plf(336.0))]);
    OpeningProblem {
        clear: Length::feet(3),
        wall_depth: Length::inches_and(3, 1, 2),
        stud_thickness: Length::inches_and(1, 1, 2),
        jack_length: JackLength::Given(Length::inches(80)),
        loads: vec![OpeningLoad::Line { amount, extent: None }],
        jack: JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four },
        plate_bearing: Stress::psi(425.0),
        plate: Ends::both(PackPlate::default()),
        kings: Ends::both(None),
        spaced: None,
        sideways: None,
        sheathed: true,
        run: HeaderRun::default(),
        conventions: Conventions::default(),
    }
}

/// Two plies of 2x6 SPF No.2.
pub fn doubled_two_by_six() -> HeaderSpec {
    let size = SawnSize::two_by(Depth::Six);
    let board = HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size };
    HeaderSpec { board, plies: 2 }
}

/// The example header judged on a problem.
pub fn evaluated(problem: &OpeningProblem) -> Evaluation {
    evaluate(problem, doubled_two_by_six()).expect("the example is within limits")
}
