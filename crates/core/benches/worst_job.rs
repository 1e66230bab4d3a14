//! The worst that the bounds allow: one wall of 200 ft with all openings, point loads, crossing walls, carried items and boards
//! that a job may have. Run: `cargo bench -p sturvek-core --bench worst_job`.

use criterion::{Criterion, criterion_group, criterion_main};
use sturvek_core::framing::plan_wall_as_said;
use sturvek_core::job::{
    Backing, Job, Opening, OpeningDesign, OpeningId, OpeningKind, Partition, PointLoad, PointLoadId, RunDesign,
    RunPast, SiteSaid, Size, StockItem, Wall, WallFrame, WallId, bounds,
};
use sturvek_core::loads::{
    BearingEvidence, ByKind, Carried, FloorOnWall, Framing, LoadKind, OpeningsAbove, RoofOnWall, WallAbove, WallCarries,
};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnSize, Species, Thickness};
use sturvek_core::measure::{Ends, Force, Length, Money, Pressure};
use sturvek_core::plan::JobPlan;
use sturvek_core::sizing::Post;
use sturvek_core::sizing::candidates::StockBoard;
use sturvek_core::studies::one_size::{HeaderOption, OpeningOptions, one_size, options};

/// A hundred boards: every species, three grades, five depths, and engineered ones.
fn hundred_boards() -> Vec<StockBoard> {
    let mut boards = Vec::new();
    for species in Species::ALL {
        for grade in [Grade::SelectStructural, Grade::Number1, Grade::Number2] {
            for depth in Depth::ALL {
                boards.push(HeaderBoard::Sawn { species, grade, size: SawnSize { thickness: Thickness::Two, depth } });
            }
        }
    }
    let mut depth = Length::inches(7);
    while boards.len() < bounds::MOST_STOCK {
        depth += Length::inches_and(0, 3, 8);
        let ply_width = Length::inches_and(1, 3, 4);
        boards.push(HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth });
    }
    let price = |place: usize| Some(Money::cents(90.0 + 7.0 * place as f64));
    boards.into_iter().enumerate().map(|(place, board)| StockBoard { board, price_per_foot: price(place) }).collect()
}

/// The wall with its openings side by side, or all on one place, each as wide as it may be.
fn worst_job(heaped: bool) -> Job {
    let mut job = Job::empty("worst", StockItem::counted(hundred_boards()));
    job.settings.said = SiteSaid::SAID;
    let length = Length::feet(200);
    let place = |count: usize, index: usize| length * (2 * index as i64 + 1) / (2 * count as i64);
    let stretch = |index: usize| {
        let from = Length::feet(index as i64);
        Some((from, length - from))
    };
    let carried = |index: usize| {
        let framing = match index {
            0 => Framing::Roof(RoofOnWall::usual(Length::feet(20))),
            1 => Framing::Floor(FloorOnWall { no_wall_above: true, ..FloorOnWall::usual(Length::feet(10)) }),
            _ => Framing::WallAbove(WallAbove {
                height: Length::feet(1),
                dead: Pressure::psf(2.0),
                openings: OpeningsAbove::At(std::array::from_fn(|hole| {
                    let from = if heaped { length / 2 + Length::feet(5 * hole as i64 - 15) } else { place(6, hole) };
                    let from = from + Length::inches(2 * index as i64);
                    Some((from, from + Length::inches(40)))
                })),
                brick: false,
            }),
        };
        Carried { framing, extent: stretch(index), on_tail: false }
    };
    let opening = |index: usize| {
        let (width, center) = if heaped {
            (Length::feet(16), length / 2)
        } else {
            (Length::inches(28), place(bounds::MOST_OPENINGS, index))
        };
        let size = Size { width, height: Length::inches(30) };
        let design =
            OpeningDesign { center, sill: Length::inches(40), ..OpeningDesign::usual(OpeningKind::Window, size) };
        Opening::new(OpeningId(index as u128), design)
    };
    let point_load = |index: usize| PointLoad {
        id: PointLoadId(1000 + index as u128),
        name: format!("post {index}"),
        at: if heaped {
            length / 2 + Length::inches(3 * index as i64 - 90)
        } else {
            place(bounds::MOST_POINT_LOADS, index) + Length::inches(5)
        },
        amount: ByKind::of([
            (LoadKind::Dead, Force::lbf(5.0)),
            (LoadKind::Snow, Force::lbf(6.0 + index as f64 / 10.0)),
        ]),
    };
    let mut frame = WallFrame { length, ..WallFrame::usual("worst") };
    frame.stud.depth = Depth::Eight;
    frame.stud.grade = Grade::Number2;
    frame.framing.partitions = (0..bounds::MOST_PARTITIONS)
        .map(|index| Partition {
            at: place(bounds::MOST_PARTITIONS, index),
            depth: Depth::Four,
            backing: Backing::default(),
            laps_in: true,
        })
        .collect();
    job.walls.push(Wall {
        id: WallId(1),
        frame,
        evidence: BearingEvidence::default(),
        carries: WallCarries::Framing((0..bounds::MOST_CARRIED).map(carried).collect()),
        openings: (0..bounds::MOST_OPENINGS).map(opening).collect(),
        letters_given: 60,
        point_loads: (0..bounds::MOST_POINT_LOADS).map(point_load).collect(),
        place: None,
    });
    job.walls[0].give_letters();
    bounds::job(&job).unwrap_or_else(|refused| panic!("{:?}", refused.0.first()));
    job
}

/// The same with every header over two posts and past both packs, over so many openings, under nearly as many loads as such a header may have.
fn over_posts(mut job: Job, carried: usize, openings: usize) -> Job {
    let wall = &mut job.walls[0];
    wall.point_loads.truncate(4);
    if let WallCarries::Framing(all) = &mut wall.carries {
        all.truncate(carried);
    }
    wall.openings.truncate(openings);
    for opening in &mut wall.openings {
        let quarter = opening.design.unit.width / 4;
        let post = |at: Length| Some(Post { at, studs: 2 });
        let past = Some(RunPast { length: Length::inches(6), far_studs: 1 });
        opening.design.run = RunDesign { past: Ends::both(past), posts: [post(quarter), post(quarter * 3)] };
    }
    bounds::job(&job).unwrap_or_else(|refused| panic!("{:?}", refused.0.first()));
    assert_eq!(options(&JobPlan::of(job.clone())).len(), openings, "every one is sized");
    job
}

/// Sixty openings and three hundred headers of which no two carry over all, many threes do.
fn three_needed() -> Vec<OpeningOptions> {
    let header = |place: usize| HeaderSpec {
        plies: 1 + u8::try_from(place % 3).expect("small"),
        board: HeaderBoard::Engineered {
            class: EngineeredClass::Lvl20E,
            ply_width: Length::inches_and(1, 3, 4),
            depth: Length::inches(5) + Length::inches_and(0, 1, 16) * (place / 3) as i64,
        },
    };
    let mut seed = 1_u32;
    let mut drawn = || {
        seed = seed.wrapping_mul(1_664_525).wrapping_add(1_013_904_223);
        f64::from(seed >> 8) / f64::from(1 << 24)
    };
    let openings = (0..bounds::MOST_OPENINGS).map(|opening| {
        let carrying = (0..3 * bounds::MOST_STOCK).filter(|_| drawn() < 0.55).map(|place| HeaderOption {
            header: header(place),
            cost: Some(Money::cents(100.0 + place as f64)),
            jack: Length::inches(80) - Length::inches_and(0, 1, 16) * (place / 3) as i64,
        });
        OpeningOptions { opening: OpeningId(opening as u128), carrying: carrying.collect() }
    });
    openings.collect()
}

fn worst(criterion: &mut Criterion) {
    let mut group = criterion.benchmark_group("the worst wall");
    group.sample_size(10);
    let three = three_needed();
    assert_eq!(one_size(&three).map(|found| found.headers), Some(3));
    group.bench_function("one size for all where three are needed", |bench| bench.iter(|| one_size(&three)));
    for (name, heaped) in [("side by side", false), ("all on one place", true)] {
        let posts = over_posts(worst_job(heaped), if heaped { 3 } else { 4 }, bounds::MOST_OPENINGS);
        group.bench_function(format!("{name}, over posts and past packs"), |bench| {
            bench.iter(|| plan_wall_as_said(&posts.rules(), &posts.walls[0]));
        });
        let job = worst_job(heaped);
        group.bench_function(name, |bench| bench.iter(|| plan_wall_as_said(&job.rules(), &job.walls[0])));
        let found = options(&JobPlan::of(job.clone()));
        let tried: usize = found.iter().map(|opening| opening.carrying.len()).sum();
        eprintln!("{name}: {} openings sized, {tried} headers that carry", found.len());
        group.bench_function(format!("{name}, one size for all"), |bench| bench.iter(|| one_size(&found)));
    }
    group.finish();
}

criterion_group!(benches, worst);
criterion_main!(benches);
