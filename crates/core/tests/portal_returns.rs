//! Braced returns beside a big door: what the printed detail asks, met and not met, and where its nails go.

mod common;

use std::collections::BTreeSet;

use common::{carrying, job_of, roof, said};
use sturvek_core::framing::portal_return::{Met, NAILS_APART, PortalReturn, portal_returns};
use sturvek_core::job::{
    HeaderChoice, Job, OpeningKind, RunDesign, RunPast, Sheathing, SheathingKind, Size, WallHeight,
};
use sturvek_core::loads::Framing;
use sturvek_core::lumber::{EngineeredClass, HeaderBoard, HeaderSpec};
use sturvek_core::measure::{End, Ends, Length};
use sturvek_core::plan::JobPlan;

/// A door of 16 ft, 24 in. from the left corner of a wall of 24 ft, 97 1/8 in. high; three 1 3/4 x 11 7/8 over it to the corner, on two studs.
fn garage() -> Job {
    let mut job = job_of(OpeningKind::OverheadDoor, Length::feet(16), carrying(&[Framing::Roof(roof())]));
    let wall = &mut job.walls[0];
    wall.frame.length = Length::feet(24);
    wall.frame.height = WallHeight::OverPlates(Length::inches_and(97, 1, 8));
    wall.frame.framing.sheathing =
        Some(Sheathing { kind: SheathingKind::Osb, thickness: Length::inches_and(0, 7, 16) });
    wall.frame.framing.cast_bolts = [4, 20].map(Length::inches).to_vec();
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(11, 7, 8));
    let board = HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth };
    let door = &mut wall.openings[0].design;
    door.unit = Size { width: Length::feet(16), height: Length::inches(80) };
    door.rough = Some(door.unit);
    door.center = Length::inches(24 + 96);
    door.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 3 });
    let past = RunPast { length: Length::inches(24), far_studs: 2 };
    door.run = RunDesign { past: Ends { left: Some(past), right: None }, ..RunDesign::default() };
    job
}

fn returns(job: &Job) -> Vec<PortalReturn> {
    let plan = JobPlan::of(job.clone());
    let (wall, planned) = plan.walls().next().expect("a wall");
    portal_returns(&wall.frame, planned, &planned.openings[0])
}

/// What is not met, by its name.
fn not_met(job: &Job) -> BTreeSet<String> {
    let all = returns(job);
    let missing = all[0].asked.iter().filter(|asked| asked.met == Met::No);
    missing.map(|asked| asked.words.id.to_string()).collect()
}

#[test]
fn worked_example() {
    let all = returns(&garage());
    assert_eq!(all.len(), 1, "6 ft at the right end brace by themselves");
    assert_eq!((all[0].end, all[0].from, all[0].to), (End::Left, Length::ZERO, Length::inches(24)));
    assert_eq!(
        not_met(&garage()),
        BTreeSet::new(),
        "{:?}",
        all[0].asked.iter().map(|each| said(&each.words)).collect::<Vec<_>>()
    );
    let look: Vec<&str> =
        all[0].asked.iter().filter(|asked| asked.met == Met::Unseen).map(|asked| &*asked.words.id).collect();
    assert_eq!(look, ["return-strap", "return-nails"], "what cannot be seen from here");
}

/// Every line of the detail, broken by itself.
#[test]
fn each_line_is_held_against_the_wall() {
    let broken = |change: &dyn Fn(&mut Job)| {
        let mut job = garage();
        change(&mut job);
        not_met(&job).into_iter().collect::<Vec<_>>()
    };
    // A wall of 10 ft asks for 20 in.; one of 97 1/8 for 16.
    let moved = |inches: i64| {
        move |job: &mut Job| {
            job.walls[0].openings[0].design.center = Length::inches(inches + 96);
            job.walls[0].openings[0].design.run.past.left =
                Some(RunPast { length: Length::inches(inches), far_studs: 2 });
            job.walls[0].frame.framing.cast_bolts = [4, inches - 4].map(Length::inches).to_vec();
        }
    };
    assert!(broken(&moved(16)).is_empty());
    assert_eq!(broken(&moved(15)), ["return-width"]);
    let high = |feet: i64| {
        move |job: &mut Job| {
            moved(19)(job);
            job.walls[0].frame.height = WallHeight::OverPlates(Length::feet(feet));
        }
    };
    assert!(broken(&high(9)).is_empty());
    assert_eq!(broken(&high(10)), ["return-width"]);
    // Over 10 ft the detail ends, and so does this wall's header.
    assert_eq!(broken(&high(11)), ["return-no-header", "return-too-high"]);
    assert_eq!(
        broken(&|job| job.walls[0].openings[0].design.run = RunDesign::default()),
        ["return-run-short", "return-studs"]
    );
    let thin = Sheathing { kind: SheathingKind::Osb, thickness: Length::inches_and(0, 3, 8) };
    assert_eq!(broken(&|job| job.walls[0].frame.framing.sheathing = Some(thin)), ["return-sheathing"]);
    let foam = Sheathing { kind: SheathingKind::Foam, thickness: Length::inches(1) };
    assert_eq!(broken(&|job| job.walls[0].frame.framing.sheathing = Some(foam)), ["return-sheathing"]);
    assert_eq!(broken(&|job| job.walls[0].frame.framing.cast_bolts = vec![Length::inches(12)]), ["return-bolts"]);
}

#[test]
fn a_full_panel_or_another_opening_is_no_return() {
    let mut wide = garage();
    wide.walls[0].openings[0].design.center = Length::feet(12);
    wide.walls[0].openings[0].design.run = RunDesign::default();
    assert!(returns(&wide).is_empty(), "4 ft at both ends");
    let mut window = garage();
    window.walls[0].openings[0].design.kind = OpeningKind::Window;
    assert!(returns(&window).is_empty());
}

/// No two nails of a row farther apart than it says, all of them under the sheet.
#[test]
fn nails_stand_no_farther_apart() {
    let all = returns(&garage());
    let each = &all[0];
    assert!(each.nails.iter().all(|(along, _)| each.from <= *along && *along <= each.to));
    let mut columns: std::collections::BTreeMap<Length, Vec<Length>> = std::collections::BTreeMap::new();
    for (along, up) in &each.nails {
        columns.entry(*along).or_default().push(*up);
    }
    let tall = columns.values().filter(|ups| 20 < ups.len()).count();
    assert!(3 <= tall, "uprights of the return: {tall}");
    for ups in columns.values().filter(|ups| 20 < ups.len()) {
        assert!(ups.windows(2).all(|pair| pair[1] - pair[0] <= NAILS_APART), "{ups:?}");
    }
}
