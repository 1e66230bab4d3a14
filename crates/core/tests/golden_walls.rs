//! Walls worked by hand, the arithmetic beside each figure. Figures marked "common practice, no source" circulate in the
//! trade.

mod common;

use common::{carrying, in_a_town, job_of, roof};
use sturvek_core::framing::{Role, WallPlan, plan_wall_as_said};
use sturvek_core::job::{
    BackingBoard, CeilingOver, ClearFor, FramingOptions, HeaderChoice, HeaderPlace, Job, KeptClear, LetDown, LetDownTo,
    OpeningKind, Partition, Rake, Sawn, Size, WallEnd, WallHeight,
};
use sturvek_core::loads::{Framing, WallCarries};
use sturvek_core::lumber::{Depth, EngineeredClass, HeaderBoard, HeaderSpec};
use sturvek_core::measure::{End, Ends, Length};

fn planned(job: &Job) -> WallPlan {
    plan_wall_as_said(&job.rules(), &job.walls[0])
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
    // The code's table of kings ends at 18 ft.
    job.settings.wind = in_a_town();
    let frame = &mut job.walls[0].frame;
    frame.height = WallHeight::OverPlates(Length::inches_and(121, 1, 8));
    let opening = &mut job.walls[0].openings[0];
    // The returns widen the rough opening: 216 + 2 · 1/2 = 217.
    opening.design.sheathing_return = Length::inches_and(0, 1, 2);
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
    job.walls[0].frame.height = WallHeight::OverPlates(Length::inches_and(109, 1, 8));
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
        partitions: vec![Partition::channel(Length::feet(6), Depth::Four)],
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

/// A lean-to, 12 ft long, from 96 to 120 over the plates: 24 in 144, 2 in 12. A 3-0 x 3-0 window in its middle.
#[test]
fn a_lean_to_wall_climbs_two_in_twelve() {
    let mut job = job_of(OpeningKind::Window, Length::inches(36), WallCarries::Nothing);
    let frame = &mut job.walls[0].frame;
    frame.length = Length::feet(12);
    frame.height = WallHeight::Rake(Rake { left: Length::inches(96), right: Length::inches(120), peak: None });
    let design = &mut job.walls[0].openings[0].design;
    (design.center, design.sill, design.unit.height) = (Length::feet(6), Length::inches(40), Length::inches(36));
    let plan = planned(&job);
    // The slope's factor is √(1 + 1/36) = 1.013794: a plate of 1 1/2 measures 1.5207 upright, 1 33/64.
    // Rafter-side plates: 144 · 1.013794 = 145.986, 145 63/64.
    assert_eq!(cuts(&plan, Role::TopPlate), [145.984375]);
    // Studs at their long point: 96 − 2 · 1 33/64 − 1 1/2 = 91 15/32 at the face 0, and a climb of 1 1/2 / 6 = 1/4 to the
    // other face of the first: 91 23/32. The second, at 15 1/4: the long point 16 3/4 / 6 = 2.79 higher than 91.469.
    let studs = cuts(&plan, Role::Stud);
    assert_eq!(studs[..1], [91.71875]);
    assert!((studs[1] - (91.46875 + 16.75 / 6.0)).abs() < 1.0 / 64.0, "{studs:?}");
    // From one stud of the layout to the next: 16 / 6 = 2 2/3.
    assert!((studs[2] - studs[1] - 16.0 / 6.0).abs() < 1.0 / 64.0);
    // Every one cut at the same bevel: 1/4 over 1 1/2, 9.46 degrees.
    let bevels = plan.members.iter().filter(|member| member.role == Role::Stud).filter_map(|stud| stud.bevel);
    assert!(bevels.into_iter().all(|bevel| (bevel.degrees() - 9.46).abs() < 0.6));
    // The tape along the slope reads 15 1/4 · 1.013794 = 15.46 where the sole plate reads 15 1/4.
    assert!((plan.marks[1].at_on_top.to_inches() - 15.46).abs() < 1.0 / 64.0);
}

/// A gable of 16 ft, 97 at the eaves and 145 at the peak over the middle: 6 in 12. The stud under the peak is the longest.
#[test]
fn a_gable_wall_is_highest_under_its_peak() {
    let mut job = job_of(OpeningKind::Window, Length::inches(36), WallCarries::Nothing);
    job.walls[0].openings.clear();
    let frame = &mut job.walls[0].frame;
    frame.length = Length::feet(16);
    let peak = Some((Length::feet(8), Length::inches(145)));
    frame.height = WallHeight::Rake(Rake { left: Length::inches(97), right: Length::inches(97), peak });
    let plan = planned(&job);
    // Two lower plates of 96 · √1.25 = 107.33, 107 21/64.
    assert_eq!(cuts(&plan, Role::TopPlate), [107.328125, 107.328125]);
    // The end stud: 97 − 2 · 1 43/64 − 1 1/2 = 92 5/32 at its short side, and 3/4 higher at its inner face.
    let studs = cuts(&plan, Role::Stud);
    assert_eq!(studs[..1], [92.90625]);
    // The stud at 95 1/4 straddles the peak at 96: 145 − 1 43/64 · 2 − 1 1/2 less 3/8 each side.
    let longest = studs.iter().copied().fold(0.0, f64::max);
    assert!((139.0..=140.2).contains(&longest), "{longest}");
}

/// Rows of blocking in the lean-to: one at 48 in every bay, one at 104 only where the studs reach it.
#[test]
fn blocking_stands_where_the_studs_of_a_rake_reach_it() {
    let mut job = job_of(OpeningKind::Window, Length::inches(36), WallCarries::Nothing);
    job.walls[0].openings.clear();
    let frame = &mut job.walls[0].frame;
    frame.length = Length::feet(12);
    frame.height = WallHeight::Rake(Rake { left: Length::inches(96), right: Length::inches(120), peak: None });
    frame.framing.blocking = vec![Length::inches(48), Length::inches(104)];
    let plan = planned(&job);
    let at = |height: f64| {
        let row = |member: &&sturvek_core::framing::Member| {
            member.role == Role::Blocking && (member.rect.y.to_inches() + 0.75 - height).abs() < 1e-9
        };
        plan.members.iter().filter(row).map(|block| block.rect.x.to_inches()).collect::<Vec<_>>()
    };
    // Ten studs, nine bays.
    assert_eq!(at(48.0).len(), 9);
    // Under the plates at x: 96 − 3.03 + x / 6; the block's top at 104 3/4 wants x of 71: from the stud at 79 1/4 on, four
    // bays.
    assert_eq!(at(104.0), [80.75, 96.75, 112.75, 128.75]);
}

/// 3600 mm of 90x45 at 600 under 2440 over the plates; a 910 x 1210 window with its own rough opening; noggings at 1350.
/// Common practice, no source: noggings at most 1350 apart.
#[test]
fn a_metric_wall_is_exact_in_millimeters() {
    let mm = Length::millimeters;
    let mut job = job_of(OpeningKind::Window, mm(910), WallCarries::Nothing);
    let frame = &mut job.walls[0].frame;
    (frame.sawn, frame.length, frame.spacing) = (Sawn::Millimeters, mm(3600), mm(600));
    frame.height = WallHeight::OverPlates(mm(2440));
    frame.framing.blocking = vec![mm(1350)];
    let design = &mut job.walls[0].openings[0].design;
    design.rough = Some(Size { width: mm(930), height: mm(1230) });
    (design.center, design.sill, design.place) = (mm(1800), mm(900), HeaderPlace::AtHeadHeight);
    let plan = planned(&job);
    let exact = |role: Role| -> Vec<Length> {
        plan.members.iter().filter(|member| member.role == role).map(|member| member.cut).collect()
    };
    // 2440 − 3 · 45 = 2305.
    assert!(exact(Role::Stud).iter().chain(&exact(Role::King)).all(|cut| *cut == mm(2305)));
    // Under the sill: 900 − 45 − 45 = 810. Jacks to the head at 2130, less the plate: 2085. Head: 930 + 2 · 45 = 1020.
    assert!(exact(Role::CrippleBelow).iter().all(|cut| *cut == mm(810)));
    assert_eq!(exact(Role::Jack), [mm(2085), mm(2085)]);
    assert_eq!(exact(Role::FlatHead), [mm(1020)]);
    // Over the head: 2440 − 90 − 2130 − 45 = 175.
    assert!(exact(Role::CrippleAbove).iter().all(|cut| *cut == mm(175)));
    // First mark: 600 − 22.5 = 577.5; a whole nogging between studs is 600 − 45 = 555.
    assert_eq!(plan.marks[1].at, mm(1155).half());
    assert!(exact(Role::Blocking).contains(&mm(555)));
    // The wall's length on the tape, exactly: the plate's pieces.
    assert_eq!(exact(Role::SolePlate).into_iter().sum::<Length>(), mm(3600));
}

/// A partition beside a duct, common practice, no source: studs of 90 1/4 and, under the duct, of 81 1/4; the door's of 81 1/2.
#[test]
fn a_partition_under_a_duct_has_studs_of_two_lengths() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    let frame = &mut job.walls[0].frame;
    frame.height = WallHeight::Studs(Length::inches_and(90, 1, 4));
    // 81 1/4 of stud and three plates: 85 3/4, measured 86 1/4 under the duct with 1/2 left. It takes the last 8 ft of 24.
    let height = LetDownTo::Under { measured: Length::inches_and(86, 1, 4), clearance: Length::inches_and(0, 1, 2) };
    frame.framing.let_downs = vec![LetDown { from: Length::feet(16), to: Length::feet(24), height, plates: 2 }];
    job.walls[0].openings[0].design.rough = Some(Size { width: Length::inches(38), height: Length::inches(83) });
    let plan = planned(&job);
    let of = |role: Role, from: f64, to: f64| -> Vec<f64> {
        let here = |member: &&sturvek_core::framing::Member| {
            member.role == role && (from..to).contains(&member.rect.x.to_inches())
        };
        plan.members.iter().filter(here).map(|member| member.cut.to_inches()).collect()
    };
    assert!(of(Role::Stud, 0.0, 190.0).iter().all(|cut| (cut - 90.25).abs() < 1e-9));
    assert!(of(Role::Stud, 192.0, 288.0).iter().all(|cut| (cut - 81.25).abs() < 1e-9));
    assert!(!of(Role::Stud, 192.0, 288.0).is_empty());
    // Head at 83, less the sole plate.
    assert_eq!(cuts(&plan, Role::Jack), [81.5, 81.5]);
    // The step at 192: a long stud outside, which the lower plates butt, and a short one under them.
    assert_eq!((at(&plan, Role::StepStud), cuts(&plan, Role::StepStud)), (vec![190.5, 192.0], vec![90.25, 81.25]));
    // Both plates end there, the lower ones reach on: 16 ft and 8 ft of each.
    assert_eq!(cuts(&plan, Role::TopPlate), [192.0, 96.0]);
    assert_eq!(cuts(&plan, Role::SecondTopPlate), [192.0, 96.0]);
    // The end of the upper plates is tied to the stud at 175 1/4: from 176 3/4 to 190 1/2.
    assert_eq!(cuts(&plan, Role::PlateEndBlock), [13.75]);
    assert!(plan.findings.is_empty(), "{:?}", plan.findings);
}

/// A beam crosses a partition, common practice, no source: a flat 2x of 41 in. over an opening of 38 between doubled studs.
#[test]
fn a_flat_plate_of_41_lies_over_38_between_doubled_studs() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    job.walls[0].openings.clear();
    let height = LetDownTo::OverPlates(Length::inches(80));
    let (from, to) = (Length::inches(100), Length::inches(141));
    job.walls[0].frame.framing.let_downs = vec![LetDown { from, to, height, plates: 1 }];
    let plan = planned(&job);
    let lower: Vec<f64> = plan
        .members
        .iter()
        .filter(|member| member.role == Role::TopPlate && member.rect.top() == Length::inches(80))
        .map(|member| member.cut.to_inches())
        .collect();
    assert_eq!(lower, [41.0]);
    // Doubled at both ends; between the short ones 41 − 2 · 1 1/2.
    assert_eq!(at(&plan, Role::StepStud), [98.5, 100.0, 139.5, 141.0]);
    assert!((139.5 - 101.5 - 38.0_f64).abs() < 1e-9);
    // 80 less one plate above and one below: 77; the long ones 97 1/8 − 4 1/2.
    assert_eq!(cuts(&plan, Role::StepStud), [92.625, 77.0, 77.0, 92.625]);
    // No second plate over it.
    assert_eq!(plan.members.iter().filter(|member| member.role == Role::SecondTopPlate).count(), 2);
}

/// Backing for cabinets from 2 ft to 6 ft at 54 in.: the bays of a 16 in. layout that it reaches into, 14 1/2 in. each.
#[test]
fn backing_stands_in_every_bay_that_it_reaches_into() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    let board = BackingBoard {
        name: "upper cabinets".into(),
        from: Length::feet(2),
        to: Length::feet(6),
        height: Length::inches(54),
        board: Depth::Eight,
    };
    job.walls[0].frame.framing.boards = vec![board];
    let plan = planned(&job);
    // Studs at 15 1/4, 31 1/4, 47 1/4, 63 1/4, 79 1/4: the bays from 16 3/4 to 79 1/4.
    assert_eq!(at(&plan, Role::BackingBlock), [16.75, 32.75, 48.75, 64.75]);
    assert!(cuts(&plan, Role::BackingBlock).iter().all(|cut| (cut - 14.5).abs() < 1e-9));
    // 7 1/4 wide about 54: from 50 3/8; of the wall's wood as wide.
    let block = plan.members.iter().find(|member| member.role == Role::BackingBlock).expect("there");
    assert_eq!(block.rect.y, Length::inches_and(50, 3, 8));
    assert_eq!(&*block.stock.wood, "2x8 SPF Stud");
    // Marked in the middle of each bay: 16 3/4 + 7 1/4 − 3/4.
    let marks: Vec<f64> =
        plan.marks.iter().filter(|mark| mark.label() == "B").map(|mark| mark.at.to_inches()).collect();
    assert_eq!(marks, [23.25, 39.25, 55.25, 71.25]);
}

/// A corner of three pieces, common practice, no source: two studs, blocks between them at 24, 48 and 72 in.
#[test]
fn a_three_piece_corner_leaves_room_between_its_studs() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    job.walls[0].frame.framing.ends.left = WallEnd::ThreePieceCorner;
    let plan = planned(&job);
    assert_eq!(at(&plan, Role::CornerStud), [3.0]);
    assert_eq!(at(&plan, Role::CornerBlock), [1.5, 1.5, 1.5]);
    // 1 1/2 in. between the studs; flat blocks as high as a 2x4 is wide.
    let blocks: Vec<_> = plan.members.iter().filter(|member| member.role == Role::CornerBlock).collect();
    let middles = blocks.iter().map(|block| (block.rect.y + block.rect.height.half()).to_inches());
    assert_eq!(middles.collect::<Vec<_>>(), [24.0, 48.0, 72.0]);
}

/// A drain of 3 in. at 48 in.: it takes more than half of a 2x4, so the sole plate is cut at 46 1/2 and 49 1/2; the stud of the layout at 47 1/4 stands beside
/// it, at 45, the nearer side.
#[test]
fn a_stud_moves_off_a_pipe_and_the_layout_stays() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    job.walls[0].openings.clear();
    let drain =
        KeptClear { name: "drain".into(), at: Length::inches(48), width: Length::inches(3), for_: ClearFor::Pipe };
    job.walls[0].frame.framing.kept_clear = vec![drain.clone()];
    let plan = planned(&job);
    // From 46 1/2 back a stud's width: 45. From there to 63 1/4 is 16 3/4, more than the layout: a second one at 49 1/2.
    let studs = |plan: &WallPlan| {
        let mut studs = at(plan, Role::Stud);
        studs.sort_by(f64::total_cmp);
        studs
    };
    assert_eq!(studs(&plan)[..6], [0.0, 15.25, 31.25, 45.0, 49.5, 63.25]);
    assert!((cuts(&plan, Role::SolePlate)[0] - 46.5).abs() < 1e-9);
    assert!((at(&plan, Role::SolePlate)[1] - 49.5).abs() < 1e-9);
    let mark = plan.marks.iter().find(|mark| mark.label() == "O").expect("marked");
    assert_eq!((mark.at, mark.width), (Length::inches_and(46, 1, 2), Length::inches(3)));
    // An inch and a half is bored: the plate is whole, and the stud still moves.
    let small = KeptClear { width: Length::inches_and(1, 1, 2), ..drain };
    job.walls[0].frame.framing.kept_clear = vec![small];
    let plan = planned(&job);
    // From 47 1/4 back a stud's width: 45 3/4; from 47 1/4 to 63 1/4 are 16, which the layout allows.
    assert_eq!(studs(&plan)[3..5], [45.75, 63.25]);
    assert!((cuts(&plan, Role::SolePlate)[0] - 192.0).abs() < 20.0);
}

/// Ceiling joists along a partition of 12 ft, 22 1/2 in. apart: blocks of that length flat on its plates, at both ends and at most 24 in. apart.
#[test]
fn blocks_between_the_joists_hold_a_partition_that_runs_along_them() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), WallCarries::Nothing);
    job.walls[0].openings.clear();
    job.walls[0].frame.length = Length::feet(12);
    let (clear, every) = (Length::inches_and(22, 1, 2), Length::inches(24));
    job.walls[0].frame.framing.ceiling = CeilingOver::JoistsAlong { clear, every };
    let plan = planned(&job);
    // From 0 to 144 − 3 1/2: 140 1/2 in six spaces of 23.4.
    let blocks = at(&plan, Role::CeilingBlock);
    assert_eq!((blocks.len(), blocks[0], blocks[6]), (7, 0.0, 140.5));
    assert!(blocks.windows(2).all(|pair| pair[1] - pair[0] <= 24.0));
    assert!(cuts(&plan, Role::CeilingBlock).iter().all(|cut| (cut - 22.5).abs() < 1e-9));
    // None where the plates are let down by 12 in. over the first 4 ft.
    let height = LetDownTo::OverPlates(job.walls[0].frame.height() - Length::inches(12));
    job.walls[0].frame.framing.let_downs = vec![LetDown { from: Length::ZERO, to: Length::feet(4), height, plates: 2 }];
    assert!(at(&planned(&job), Role::CeilingBlock).iter().all(|x| 48.0 <= *x));
}

/// A window of 36 x 48 that is cut out later: header and packs stand, three studs of the layout run up to the header's underside; sill, cripples and head piece
/// come with the cutting.
#[test]
fn an_opening_cut_out_later_has_its_header_from_the_start() {
    let mut job = roofed(OpeningKind::Window, 36);
    let design = &mut job.walls[0].openings[0].design;
    (design.unit.height, design.sill) = (Length::inches(48), Length::inches(34));
    let whole = planned(&job);
    job.walls[0].openings[0].design.cut_out_later = true;
    let plan = planned(&job);
    for role in [Role::Header, Role::King, Role::Jack] {
        assert_eq!((at(&plan, role), cuts(&plan, role)), (at(&whole, role), cuts(&whole, role)), "{role:?}");
    }
    // The rough opening from 125 3/4 to 162 1/4; studs of the layout at 127 1/4, 143 1/4 and 159 1/4; up to the header, hard under the plates at 94 1/8.
    assert_eq!(at(&plan, Role::TemporaryStud), [127.25, 143.25, 159.25]);
    let under = 94.125 - plan.openings[0].header().expect("a header").board.depth().to_inches();
    assert!(cuts(&plan, Role::TemporaryStud).iter().all(|cut| (cut - (under - 1.5)).abs() < 1e-9));
    for role in [Role::Sill, Role::CrippleBelow, Role::HeadPacking] {
        assert!(at(&plan, role).is_empty(), "{role:?}");
    }
    // The ticket says what is cut later: at the sill's underside first, 34 − 1 1/2.
    let steps = sturvek_core::framing::assembly::assembly(&plan.openings[0], &plan.members);
    let place = |words: &str| steps.iter().position(|step| step.to_string().contains(words)).expect(words);
    let (through, below) = (place("assembly-studs-run-through"), place("assembly-later-cut-below (at: 32 1/2"));
    assert!(through < below && below < place("assembly-later-close"));
}
