//! Openings and walls that the tests share: invented, with figures that are easy to work by hand.

#![allow(dead_code, reason = "each test takes what it needs")]

pub mod hand;
pub mod pieces;

use sturvek_core::framing::{OpeningOutcome, OpeningPlan, plan_wall_as_said};
use sturvek_core::job::{
    Job, KingWindBasis, Opening, OpeningDesign, OpeningId, OpeningKind, PointLoad, PointLoadId, SiteSaid, Size,
    StockItem, Wall, WallFrame, WallId,
};
use sturvek_core::loads::{
    BearingEvidence, ByKind, Carried, FloorOnWall, Framing, LoadKind, RoofOnWall, WallCarries, WindExposure, WindSpeed,
};
use sturvek_core::lumber::JackLumber;
use sturvek_core::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use sturvek_core::measure::{Ends, Force, Length, LineLoad, Money, Stress};
use sturvek_core::sizing::candidates::StockBoard;
use sturvek_core::sizing::limits::OutsideLimits;
use sturvek_core::sizing::{
    Conventions, Evaluation, HeaderRun, JackLength, OpeningLoad, OpeningProblem, PackPlate, evaluate,
};

pub fn sawn(species: Species, grade: Grade, depth: Depth, plies: u8) -> HeaderSpec {
    HeaderSpec { board: HeaderBoard::Sawn { species, grade, size: SawnSize::two_by(depth) }, plies }
}

pub fn spf(depth: Depth) -> HeaderSpec {
    sawn(Species::SprucePineFir, Grade::Number2, depth, 2)
}

pub fn line(dead: f64, floor_live: f64, roof_live: f64, snow: f64) -> OpeningLoad {
    OpeningLoad::Line {
        amount: ByKind::of([
            (LoadKind::Dead, dead),
            (LoadKind::FloorLive, floor_live),
            (LoadKind::RoofLive, roof_live),
            (LoadKind::Snow, snow),
        ])
        .map(LineLoad::plf),
        extent: None,
    }
}

pub fn point(dead: f64, snow: f64, at: i64) -> OpeningLoad {
    let amount = ByKind::of([(LoadKind::Dead, dead), (LoadKind::Snow, snow)]).map(Force::lbf);
    OpeningLoad::Point { amount, at: Length::inches(at) }
}

/// An opening so many inches wide in a 2x4 wall with SPF studs and plates.
pub fn opening(clear: i64, loads: Vec<OpeningLoad>) -> OpeningProblem {
    OpeningProblem {
        clear: Length::inches(clear),
        wall_depth: Length::inches_and(3, 1, 2),
        stud_thickness: Length::inches_and(1, 1, 2),
        jack_length: JackLength::Given(Length::inches(80)),
        loads,
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

pub fn judged(problem: &OpeningProblem, header: HeaderSpec) -> Evaluation {
    evaluate(problem, header).expect("within limits")
}

pub fn roof() -> RoofOnWall {
    RoofOnWall::usual(Length::feet(24))
}

pub fn floor(span: i64) -> Framing {
    Framing::Floor(FloorOnWall { no_wall_above: true, ..FloorOnWall::usual(Length::feet(span)) })
}

pub fn carrying(framing: &[Framing]) -> WallCarries {
    WallCarries::Framing(
        framing.iter().map(|framing| Carried { framing: *framing, extent: None, on_tail: false }).collect(),
    )
}

/// A job of one 24 ft wall with one opening in its middle.
pub fn job_of(kind: OpeningKind, width: Length, carries: WallCarries) -> Job {
    let stock = Depth::ALL.map(|depth| StockBoard {
        board: spf(depth).board,
        price_per_foot: Some(Money::cents(14.0 * depth.nominal() as f64)),
    });
    let mut job = Job::empty("invented", StockItem::counted(stock));
    job.settings.said = SiteSaid::SAID;
    let design = OpeningDesign {
        center: Length::feet(12),
        ..OpeningDesign::usual(kind, Size { width, height: Length::inches(80) })
    };
    let opening = Opening::new(OpeningId(1), design);
    job.walls.push(Wall {
        id: WallId(1),
        frame: WallFrame { length: Length::feet(24), ..WallFrame::usual("north") },
        evidence: BearingEvidence::default(),
        carries,
        openings: vec![opening],
        letters_given: 0,
        point_loads: vec![],
        place: None,
    });
    job
}

/// Wind of a town, so that kings are calculated where the code's table ends.
pub fn in_a_town() -> KingWindBasis {
    KingWindBasis::Speed(WindSpeed {
        miles_per_hour: 115.0,
        exposure: WindExposure::B,
        mean_roof_height: Length::feet(25),
    })
}

pub fn planned(job: &Job) -> OpeningPlan {
    plan_wall_as_said(&job.rules(), &job.walls[0]).openings.remove(0)
}

/// The limit that leaves the job's opening without a number.
pub fn limit(job: &Job) -> OutsideLimits {
    match planned(job).outcome {
        OpeningOutcome::Outside(limit) => limit,
        other => panic!("a number was given: {other:?}"),
    }
}

pub fn girder(pounds: f64) -> PointLoad {
    PointLoad {
        id: PointLoadId(9),
        name: "girder".into(),
        at: Length::feet(12),
        amount: ByKind::of([(LoadKind::Dead, Force::lbf(pounds))]),
    }
}

/// A phrase as most users read it.
pub fn said(phrase: &sturvek_core::speech::Phrase) -> String {
    sturvek_speech::Voice::default().say(phrase)
}
