//! How long sizing takes: one opening against sixty candidates and every combination; a 200-opening job from inputs to
//! results. Run: `cargo bench -p sturvek-core --bench sizing`.

use criterion::{Criterion, criterion_group, criterion_main};
use sturvek_core::framing::plan_wall_as_said;
use sturvek_core::job::{
    Job, Opening, OpeningDesign, OpeningId, OpeningKind, SiteSaid, Size, StockItem, Wall, WallFrame, WallId,
};
use sturvek_core::loads::{BearingEvidence, ByKind, Carried, FloorOnWall, Framing, LoadKind, RoofOnWall, WallCarries};
use sturvek_core::lumber::JackLumber;
use sturvek_core::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, SawnSize, Species, Thickness};
use sturvek_core::measure::{Ends, Force, Length, LineLoad, Money, Pressure, Stress};
use sturvek_core::sizing::candidates::{StockBoard, try_all};
use sturvek_core::sizing::{Conventions, JackLength, OpeningLoad, OpeningProblem, PackPlate};

/// Four species, five depths, one to three plies: sixty headers.
fn sixty_headers() -> Vec<(HeaderSpec, Option<Money>)> {
    let mut headers = Vec::new();
    for species in Species::ALL {
        for depth in Depth::ALL {
            let size = SawnSize { thickness: Thickness::Two, depth };
            let board = HeaderBoard::Sawn { species, grade: Grade::Number2, size };
            headers.extend((1..=3).map(|plies| (HeaderSpec { board, plies }, Some(Money::cents(f64::from(plies))))));
        }
    }
    assert_eq!(headers.len(), 60);
    headers
}

fn problem(with_point_load: bool) -> OpeningProblem {
    let amount = ByKind::of([
        (LoadKind::Dead, LineLoad::plf(354.0)),
        (LoadKind::FloorLive, LineLoad::plf(280.0)),
        (LoadKind::RoofLive, LineLoad::plf(280.0)),
        (LoadKind::Snow, LineLoad::plf(392.0)),
    ]);
    let mut loads = vec![OpeningLoad::Line { amount, extent: None }];
    if with_point_load {
        let amount = ByKind::of([(LoadKind::Dead, Force::lbf(900.0)), (LoadKind::Snow, Force::lbf(1400.0))]);
        loads.push(OpeningLoad::Point { amount, at: Length::inches(20) });
    }
    OpeningProblem {
        clear: Length::feet(6),
        wall_depth: Length::inches_and(5, 1, 2),
        stud_thickness: Length::inches_and(1, 1, 2),
        jack_length: JackLength::Given(Length::inches(81)),
        loads,
        jack: JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Six },
        plate_bearing: Stress::psi(425.0),
        plate: Ends::both(PackPlate::default()),
        kings: Ends::both(None),
        spaced: None,
        sideways: None,
        sheathed: true,
        run: sturvek_core::sizing::HeaderRun::default(),
        conventions: Conventions::default(),
    }
}

/// A job of so many walls, ten openings in each.
fn large_job(walls: u128) -> Job {
    let stock: Vec<_> = sixty_headers()
        .into_iter()
        .step_by(3)
        .map(|(header, price_per_foot)| StockBoard { board: header.board, price_per_foot })
        .collect();
    let mut job = Job::empty("large", StockItem::counted(stock));
    job.settings.said = SiteSaid::SAID;
    let roof = RoofOnWall::usual(Length::feet(30));
    let floor = FloorOnWall { dead: Pressure::psf(12.0), no_wall_above: true, ..FloorOnWall::usual(Length::feet(14)) };
    for wall in 0..walls {
        let openings = (0..10).map(|index| opening(wall * 10 + index, index)).collect();
        job.walls.push(Wall {
            id: WallId(wall),
            frame: WallFrame { length: Length::feet(80), ..WallFrame::usual("side") },
            evidence: BearingEvidence::default(),
            carries: WallCarries::Framing(
                [Framing::Roof(roof), Framing::Floor(floor)]
                    .map(|framing| Carried { framing, extent: None, on_tail: false })
                    .to_vec(),
            ),
            openings,
            letters_given: 10,
            point_loads: vec![],
            place: None,
        });
    }
    job
}

fn opening(id: u128, index: u128) -> Opening {
    let design = OpeningDesign {
        center: Length::feet(4 + 8 * index as i64),
        sill: Length::inches(36),
        ..OpeningDesign::usual(
            OpeningKind::Window,
            Size { width: Length::inches(30 + 3 * index as i64), height: Length::inches(44) },
        )
    };
    Opening::new(OpeningId(id), design)
}

fn sizing(criterion: &mut Criterion) {
    let headers = sixty_headers();
    for (name, with_point_load) in [("uniform load", false), ("off-center point load", true)] {
        let problem = problem(with_point_load);
        criterion.bench_function(&format!("one opening, 60 candidates, all combinations, {name}"), |bench| {
            bench.iter(|| try_all(&problem, &headers).expect("within limits"));
        });
    }
    for (name, walls) in [("60 openings, 6 walls", 6), ("200 openings, 20 walls", 20)] {
        let job = large_job(walls);
        criterion.bench_function(&format!("{name}, inputs to full results"), |bench| {
            bench.iter(|| job.walls.iter().map(|wall| plan_wall_as_said(&job.rules(), wall)).collect::<Vec<_>>());
        });
    }
}

criterion_group!(benches, sizing);
criterion_main!(benches);
