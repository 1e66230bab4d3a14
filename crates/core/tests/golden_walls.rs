//! Walls worked by hand, the arithmetic beside each figure. Figures marked "common practice, no source" circulate in the
//! trade.

mod common;

use common::{carrying, job_of, roof};
use sturvek_core::framing::{Role, WallPlan, plan_wall};
use sturvek_core::job::{FramingOptions, HeaderChoice, Job, OpeningKind, Partition, Size, WallEnd};
use sturvek_core::loads::{Framing, WallCarries};
use sturvek_core::lumber::{Depth, EngineeredClass, HeaderBoard, HeaderSpec};
use sturvek_core::measure::{End, Ends, Length};

fn planned(job: &Job) -> WallPlan {
    plan_wall(job, &job.walls[0])
}

fn cuts(plan: &WallPlan, role: Role) -> Vec<f64> {
    plan.members.iter().filter(|member| member.role == role).map(|member| member.cut.to_inches()).collect()
}

fn at(plan: &WallPlan, role: Role) -> Vec<f64> {
    plan.members.iter().filter(|member| member.role == role).map(|member| member.rect.x.to_inches()).collect()
}

fn roofed(kind: OpeningKind, width: i64) -> Job {
    let mut job = job_of(kind, Length::inches(width), carrying(&[Framing::Roof(roof())]));
    job.settings.shop.doubles_jacks_from = None;
    job
}

fn lvl(plies: u8) -> HeaderSpec {
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(11, 7, 8));
    HeaderSpec { board: HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth }, plies }
}

/// Common practice, no source: 18 ft door, 1/2 in. of sheathing returned each side, three jacks a side: 226 in. of beam.
#[test]
fn an_eighteen_foot_door_takes_a_beam_of_226() {
    let mut job = roofed(OpeningKind::OverheadDoor, 216);
    let frame = &mut job.walls[0].frame;
    frame.height = Length::inches_and(121, 1, 8);
    let opening = &mut job.walls[0].openings[0];
    // The returns widen the rough opening: 216 + 2 · 1/2 = 217.
    opening.design.rough = Some(Size { width: Length::inches(217), height: Length::inches(84) });
    opening.design.unit.height = Length::inches(84);
    opening.design.header = HeaderChoice::Chosen(lvl(2));
    let three = sturvek_core::job::CountOverride { count: 3, reason: "as drawn".into() };
    opening.jacks = Ends::both(Some(three));
    // 217 + 2 · 3 · 1 1/2 = 226.
    assert_eq!(cuts(&planned(&job), Role::Header), [226.0]);
}

/// Common practice, no source: a 36 in. slab is framed at 38; one jack a side makes a header of 41; 92 5/8 studs under
/// 97 1/8.
#[test]
fn a_three_foot_door_in_an_eight_foot_wall() {
    let plan = planned(&roofed(OpeningKind::Door, 36));
    assert_eq!(plan.openings[0].rough.width, Length::inches(38));
    assert_eq!(cuts(&plan, Role::Header), [41.0]);
    // 97 1/8 − 3 · 1 1/2 = 92 5/8.
    assert!(cuts(&plan, Role::King).iter().all(|cut| (cut - 92.625).abs() < 1e-9));
    assert!(cuts(&plan, Role::Stud).iter().all(|cut| (cut - 92.625).abs() < 1e-9));
}

/// Common practice, no source: a five-foot opening with one jack a side takes 63 in. of header; the first mark of a 16 in.
/// layout is at 15 1/4.
#[test]
fn a_five_foot_opening_takes_63() {
    let mut job = roofed(OpeningKind::CasedOpening, 60);
    job.walls[0].openings[0].design.rough = Some(Size { width: Length::inches(60), height: Length::inches(80) });
    let plan = planned(&job);
    assert_eq!(plan.openings[0].jacks, Ends::both(1));
    assert_eq!(cuts(&plan, Role::Header), [63.0]);
    let studs = at(&plan, Role::Stud);
    // 16 − 3/4, then every 16.
    assert_eq!(studs[..3], [0.0, 15.25, 31.25]);
}

/// 9 ft wall of 104 5/8 studs (common practice, no source): 109 1/8 over all. A 3-0 x 4-0 window, its head at 82 1/2 with
/// doors, rough opening 36 1/2 x 48 1/2, so its sill at 34.
#[test]
fn a_window_in_a_nine_foot_wall_adds_up_to_the_sixteenth() {
    let mut job = roofed(OpeningKind::Window, 36);
    job.walls[0].frame.height = Length::inches_and(109, 1, 8);
    let design = &mut job.walls[0].openings[0].design;
    (design.unit.height, design.sill) = (Length::inches(48), Length::inches(34));
    let plan = planned(&job);
    let window = &plan.openings[0];
    assert_eq!(window.stack.total(), Length::inches_and(109, 1, 8));
    assert_eq!(window.stack.head(), Length::inches_and(82, 1, 2));
    // Below: 34 − 1 1/2 of sill − 1 1/2 of sole plate = 31.
    assert!(cuts(&plan, Role::CrippleBelow).iter().all(|cut| (cut - 31.0).abs() < 1e-9));
    assert_eq!(cuts(&plan, Role::Sill), [36.5]);
    // Kings 109 1/8 − 4 1/2 = 104 5/8; the jack ends under the header, which is hard up under the plates at 106 1/8.
    let depth = window.header().expect("a header").board.depth().to_inches();
    assert!(cuts(&plan, Role::King).iter().all(|cut| (cut - 104.625).abs() < 1e-9));
    assert!(cuts(&plan, Role::Jack).iter().all(|cut| (cut - (106.125 - depth - 1.5)).abs() < 1e-9));
}

/// A partition 12 ft long with a door in its middle carries nothing: a flat 2x over the door, 38 + 2 · 1 1/2 long.
#[test]
fn a_door_in_a_partition_gets_a_flat_two_by() {
    let job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    let plan = planned(&job);
    assert!(cuts(&plan, Role::Header).is_empty());
    assert_eq!(cuts(&plan, Role::FlatHead), [41.0]);
    // Jacks from the sole plate to the head at 82 1/2: 81.
    assert_eq!(cuts(&plan, Role::Jack), [81.0, 81.0]);
}

/// 24 ft on concrete, three-stud corners, a 2x4 wall meeting it at 6 ft, layout pulled from the right, 14 ft boards.
#[test]
fn a_wall_on_concrete_with_corners_and_a_crossing_wall() {
    let mut job = roofed(OpeningKind::Door, 36);
    job.walls[0].frame.framing = FramingOptions {
        layout_from: End::Right,
        ends: Ends::both(WallEnd::ThreeStudCorner),
        partitions: vec![Partition { at: Length::feet(6), depth: Depth::Four }],
        plate_stock: Length::feet(14),
        bolts: Some(Length::feet(6)),
        ..FramingOptions::default()
    };
    let plan = planned(&job);
    // Corners: studs at 0, 1 1/2, 3 from each end; 288 − 1 1/2 − 1 1/2 = 285 and 288 − 3 − 1 1/2 = 283 1/2.
    assert_eq!(at(&plan, Role::CornerStud), [1.5, 3.0, 285.0, 283.5]);
    // Crossing wall: 72 − 1 3/4 = 70 1/4 for the flat stud, 1 1/2 each side of its 3 1/2.
    assert_eq!(at(&plan, Role::PartitionBacker), [70.25]);
    assert_eq!(at(&plan, Role::PartitionStud), [68.75, 73.75]);
    // Layout from the right: the first mark 15 1/4 from that end is a left edge at 288 − 15 1/4 − 1 1/2 = 271 1/4.
    assert!(at(&plan, Role::Stud).contains(&271.25));
    // Plates: 14 ft is 168; the farthest stud center within it and clear of the door's pack (122 to 166) is the stud at
    // 111 1/4 + 3/4 = 112 from the left.
    assert_eq!(cuts(&plan, Role::TopPlate)[..1], [112.0]);
    // The door's plate is cut out last: 38 between 125 and 163.
    assert_eq!(cuts(&plan, Role::SolePlateCutLast), [38.0]);
    let near = |end: f64| plan.bolts.iter().any(|bolt| (bolt.to_inches() - end).abs() <= 12.0);
    assert!([0.0, 125.0, 163.0, 288.0].into_iter().all(near), "{:?}", plan.bolts);
}
