//! A house of three storeys, planned whole and after one edit: `cargo bench -p sturvek-core --bench house`.

use std::hint::black_box;

use criterion::{Criterion, criterion_group, criterion_main};
use sturvek_core::house_said::say_house;
use sturvek_core::job::command::{Placement, apply};
use sturvek_core::job::{Command, Job, Opening, OpeningDesign, OpeningId, OpeningKind, SiteSaid, Size, StockItem};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, SawnSize, Species};
use sturvek_core::measure::{Length, LengthStyle, Money};
use sturvek_core::path::follow;
use sturvek_core::plan::JobPlan;
use sturvek_core::sizing::candidates::StockBoard;

/// Walls along the house at these places, ft: with the outside walls 13 on each of three storeys.
const INSIDE: [i64; 9] = [4, 8, 12, 16, 20, 24, 28, 32, 36];
const OPENINGS_A_WALL: i64 = 5;

fn stock() -> Vec<StockItem> {
    let sawn = Depth::ALL.map(|depth| HeaderBoard::Sawn {
        species: Species::SprucePineFir,
        grade: Grade::Number2,
        size: SawnSize::two_by(depth),
    });
    let lvl = [9, 12, 14, 16, 18].map(|depth| HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches(depth),
    });
    let price_per_foot = Some(Money::cents(100.0));
    StockItem::counted(sawn.into_iter().chain(lvl).map(|board| StockBoard { board, price_per_foot }))
}

fn house() -> Job {
    let mut job = Job::empty("three storeys", stock());
    job.settings.said = SiteSaid::SAID;
    let inside: Vec<String> = INSIDE.iter().map(|at| format!("middle wall at {at}-0")).collect();
    let beams = "girder at 2-0 on 7 posts, girder at 38-0 on 7 posts, porch 8-0 deep at the front, porch 8-0 deep at the back, deck 10-0 deep at the left";
    let inside = inside.join(", ");
    let text = format!("house 60x40, 3 storeys 9-0 8-0 8-0, rafters 6/12 lapped, {inside}, {beams}");
    let mut next = 0;
    let said = say_house(&text, &job, LengthStyle::FeetInches, &mut || {
        next += 1;
        next
    });
    for command in said.expect("understood").commands {
        job = apply(&job, &command).expect("it can be made").job;
    }
    for wall in &mut job.walls {
        let apart = wall.frame.length / (OPENINGS_A_WALL + 1);
        for place in 1..=OPENINGS_A_WALL {
            next += 1;
            let size = Size { width: Length::inches(36), height: Length::inches(48) };
            let usual = OpeningDesign::usual(OpeningKind::Window, size);
            let design = OpeningDesign { center: apart * place, sill: Length::inches(30), ..usual };
            wall.openings.push(Opening::new(OpeningId(next), design));
        }
        wall.give_letters();
    }
    job
}

fn whole_house(criterion: &mut Criterion) {
    let job = house();
    let openings: usize = job.walls.iter().map(|wall| wall.openings.len()).sum();
    let members = JobPlan::of(job.clone()).members().count();
    let name = format!("a house of {} walls, {openings} openings, {members} beams and posts", job.walls.len());
    criterion.bench_function(&name, |bench| bench.iter(|| JobPlan::of(black_box(job.clone()))));
    let plan = JobPlan::of(job.clone());
    let structure = plan.house().expect("a house").structure.clone();
    criterion.bench_function("its loads followed", |bench| bench.iter(|| follow(black_box(&structure))));
    let top = job.walls.last().expect("walls").openings[0].id;
    let edit = Command::MoveOpening { opening: top, to: Placement::Center(Length::feet(5)) };
    let moved = apply(&job, &edit).expect("moved").job;
    criterion.bench_function("planned again after an opening under its roof was moved", |bench| {
        bench.iter(|| plan.again(black_box(moved.clone())));
    });
}

criterion_group!(benches, whole_house);
criterion_main!(benches);
