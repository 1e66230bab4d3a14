use super::*;
use crate::framing::OpeningOutcome;
use crate::framing::Role;
use crate::framing::member::PlatesMarked;
use crate::framing::pieces::pieces_of;
use crate::job::{
    CountOverride, FramingOptions, HeaderChoice, HeaderPlace, Job, KingWindBasis, Opening, OpeningDesign, OpeningId,
    OpeningKind, Partition, PointLoad, PointLoadId, RunDesign, RunPast, SiteSaid, Size, StockItem, TWO_BY, WallEnd,
    WallFrame, WallHeight, WallId,
};
use crate::loads::{BearingEvidence, ByKind, Carried, Framing, LoadKind, RoofOnWall, SiteSnow, WallCarries};
use crate::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use crate::measure::{End, Ends, Force, Money, Pressure};
use crate::say;
use crate::sizing::candidates::StockBoard;
use crate::sizing::verdict::Verdict;
use crate::speech::Argument;
use proptest::prelude::*;

fn board(depth: Depth) -> HeaderBoard {
    HeaderBoard::Sawn { species: Species::DouglasFirLarch, grade: Grade::Number2, size: SawnSize::two_by(depth) }
}

fn stock() -> Vec<StockBoard> {
    let price = |depth: Depth| Some(Money::cents(depth.nominal() as f64 * 14.0));
    Depth::ALL[1..].iter().map(|depth| StockBoard { board: board(*depth), price_per_foot: price(*depth) }).collect()
}

fn roof(width_feet: i64) -> WallCarries {
    let roof = RoofOnWall::usual(Length::feet(width_feet));
    WallCarries::Framing(vec![Carried { framing: Framing::Roof(roof), extent: None, on_tail: false }])
}

fn design(kind: OpeningKind, width: i64, height: i64, center: Length, sill: Length) -> OpeningDesign {
    OpeningDesign {
        center,
        sill,
        ..OpeningDesign::usual(kind, Size { width: Length::inches(width), height: Length::inches(height) })
    }
}

fn opening(id: u128, design: OpeningDesign) -> Opening {
    Opening::new(OpeningId(id), design)
}

fn job(carries: WallCarries, length: Length, openings: Vec<Opening>) -> Job {
    let frame = WallFrame { length, ..WallFrame::usual("north") };
    let mut job = Job::empty("test", StockItem::counted(stock()));
    job.walls = vec![Wall {
        id: WallId(1),
        frame,
        evidence: BearingEvidence::default(),
        carries,
        openings,
        letters_given: 0,
        point_loads: vec![],
        place: None,
    }];
    job.settings.said = SiteSaid::SAID;
    // Even snow and no creep, so that the arithmetic beside the checks stays short.
    job.settings.site.snow = SiteSnow::even(Pressure::psf(30.0));
    job.settings.creep = 1.0;
    job
}

fn plan(job: &Job) -> WallPlan {
    plan_wall_as_said(&job.rules(), &job.walls[0])
}

fn cuts(plan: &WallPlan, role: Role) -> Vec<f64> {
    plan.members.iter().filter(|member| member.role == role).map(|member| member.cut.to_inches()).collect()
}

#[test]
fn a_door_at_seven_six_is_framed_as_by_hand() {
    // Common practice, no source: 36 in. slab -> 38 in. rough opening; header 41 in. with one jack a side; 92 5/8 studs.
    let door = opening(7, design(OpeningKind::Door, 36, 80, Length::feet_inches(7, 6), Length::ZERO));
    let plan = plan(&job(roof(24), Length::feet(12), vec![door]));
    let door = &plan.openings[0];
    assert_eq!(door.verdict, Verdict::Carries, "{}", door.sentence);
    assert_eq!(door.jacks, Ends::both(1));
    assert_eq!(door.header_length(), Length::inches(41));
    assert_eq!(cuts(&plan, Role::King), [92.625, 92.625]);
    // 97 1/8 − 3 plates of the top − header 5 1/2 − sole plate 1 1/2 = 87 1/8.
    assert_eq!(cuts(&plan, Role::Jack), [87.125, 87.125]);
    assert_eq!((door.left(), door.right()), (Length::inches(71), Length::inches(109)));
    let letters: String = plan.marks.iter().map(|mark| mark.kind.letter()).collect();
    // 15 1/4 … 63 1/4 stand; 79 1/4 and 95 1/4 fall in the door and become packing cripples; 111 1/4 touches the pack.
    // Packing cripples stand between head piece and header and meet no plate: they have no mark.
    assert_eq!(letters, "XXXXXKJJKXX");
    assert_eq!(plan.marks[1].at, Length::inches_and(15, 1, 4));
    let pieces = pieces_of(OpeningId(7), &plan.members);
    assert_eq!((pieces[0].role, pieces[0].count, pieces[0].length), (Role::Header, 2, Length::inches(41)));
}

#[test]
fn a_five_foot_opening_with_one_jack_a_side_takes_a_63_inch_header() {
    // Common practice, no source.
    let mut window = opening(7, design(OpeningKind::CasedOpening, 58, 80, Length::feet(6), Length::ZERO));
    let one = Some(CountOverride { count: 1, reason: "checked by hand".into() });
    window.jacks = Ends { left: one.clone(), right: one };
    let plan = plan(&job(roof(20), Length::feet(12), vec![window]));
    assert_eq!(plan.openings[0].rough.width, Length::feet(5));
    assert_eq!(plan.openings[0].header_length(), Length::inches(63));
}

#[test]
fn an_eighteen_foot_door_with_returns_and_three_jacks_takes_a_226_inch_beam() {
    // Common practice, no source: 216 + 2 x 1/2 + 2 x 3 x 1 1/2 = 226.
    let mut overhead = design(OpeningKind::OverheadDoor, 216, 84, Length::feet(12), Length::ZERO);
    overhead.rough = Some(Size { width: Length::inches(217), height: Length::inches(84) });
    let mut door = opening(7, overhead);
    let three = Some(CountOverride { count: 3, reason: "comfort".into() });
    door.jacks = Ends { left: three.clone(), right: three };
    let mut job = job(roof(24), Length::feet(24), vec![door]);
    // The code's table of kings ends at 18 ft: here wind counts them.
    job.settings.wind = KingWindBasis::Pressure(Pressure::psf(25.0));
    assert_eq!(plan(&job).openings[0].header_length(), Length::inches(226));
}

#[test]
fn a_partition_gets_a_flat_two_by_and_no_header() {
    let door = opening(7, design(OpeningKind::Door, 32, 80, Length::feet(6), Length::ZERO));
    let plan = plan(&job(WallCarries::Nothing, Length::feet(12), vec![door]));
    assert_eq!(plan.openings[0].outcome, OpeningOutcome::Flat);
    assert!(cuts(&plan, Role::Header).is_empty());
    assert_eq!(cuts(&plan, Role::FlatHead), [37.0]);
}

#[test]
fn a_point_load_on_a_partition_is_carried_where_it_lands() {
    let door = |id, feet| opening(id, design(OpeningKind::Door, 32, 80, Length::feet(feet), Length::ZERO));
    let mut job = job(WallCarries::Nothing, Length::feet(24), vec![door(1, 4), door(2, 16)]);
    let amount = ByKind::of([(LoadKind::Dead, Force::lbf(900.0)), (LoadKind::Snow, Force::lbf(900.0))]);
    job.walls[0].point_loads =
        vec![PointLoad { id: PointLoadId(1), name: "post".into(), at: Length::feet(16), amount }];
    let plan = plan(&job);
    assert_eq!(plan.openings[0].outcome, OpeningOutcome::Flat);
    assert!(plan.openings[1].header().is_some(), "{}", plan.openings[1].sentence);
}

#[test]
fn a_window_has_sill_and_cripples_on_the_layout() {
    let sill = Length::inches(34);
    let window = opening(7, design(OpeningKind::Window, 36, 48, Length::feet(6), sill));
    let plan = plan(&job(roof(24), Length::feet(12), vec![window]));
    assert_eq!(cuts(&plan, Role::Sill), [36.5]);
    let below = cuts(&plan, Role::CrippleBelow);
    assert!(below.iter().all(|length| (length - 31.0).abs() < 1e-9), "34 − sill 1 1/2 − plate 1 1/2 = 31: {below:?}");
    assert_eq!(below.len(), 4, "two at the ends, two on the layout");
}

#[test]
fn too_heavy_names_every_failure_and_still_draws_the_nearest() {
    let wide = opening(7, design(OpeningKind::CasedOpening, 190, 80, Length::feet(10), Length::ZERO));
    let plan = plan(&job(roof(36), Length::feet(20), vec![wide]));
    let door = &plan.openings[0];
    assert_eq!(door.verdict, Verdict::DoesNotCarry);
    assert!(
        door.sentence.id == "fails-nearest" || door.sentence.to_string().contains("fails-nearest"),
        "{}",
        door.sentence
    );
    assert!(!cuts(&plan, Role::Header).is_empty());
}

#[test]
fn over_twenty_feet_there_is_no_number() {
    let wide = opening(7, design(OpeningKind::OverheadDoor, 246, 84, Length::feet(12), Length::ZERO));
    let plan = plan(&job(roof(24), Length::feet(24), vec![wide]));
    assert_eq!(plan.openings[0].verdict, Verdict::AskAnEngineer);
    assert!(cuts(&plan, Role::Header).is_empty());
    assert!(cuts(&plan, Role::King).is_empty() && cuts(&plan, Role::Jack).is_empty());
}

#[test]
fn conflicts_are_found_with_their_numbers() {
    let sill = Length::inches(34);
    let left = opening(1, design(OpeningKind::Window, 48, 48, Length::inches(20), sill));
    let right = opening(2, design(OpeningKind::Window, 48, 48, Length::inches(70), sill));
    let plan = plan(&job(roof(24), Length::feet(12), vec![left, right]));
    // RO 48 1/2: left face −4 1/4, pack of one jack and one king 3 in. more.
    let past = say!("finding-past-the-end", end = End::Left, by = Length::inches_and(7, 1, 4));
    assert!(plan.findings.iter().any(|found| found.phrase == past), "{:?}", plan.findings);
    let overlap = say!("finding-packs-overlap", by = Length::inches_and(4, 1, 2));
    let found = plan.findings.iter().find(|found| found.phrase == overlap).expect("an overlap");
    assert_eq!((found.place.opening, found.place.and), (Some(OpeningId(1)), Some(OpeningId(2))));
}

#[test]
fn a_cripple_too_short_to_nail_is_found() {
    let mut door = design(OpeningKind::Door, 36, 82, Length::feet(6), Length::ZERO);
    door.place = HeaderPlace::AtHeadHeight;
    door.header = HeaderChoice::Chosen(HeaderSpec { board: board(Depth::Ten), plies: 2 });
    let plan = plan(&job(roof(24), Length::feet(12), vec![opening(7, door)]));
    // 94 1/8 − 84 1/2 − 9 1/4 = 3/8.
    let short = say!("finding-cripple-too-short", length = Length::inches_and(0, 3, 8));
    assert!(plan.findings.iter().any(|found| found.phrase == short), "{:?}", plan.findings);
}

#[test]
fn a_point_load_beside_the_openings_gets_its_own_studs() {
    let mut job = job(roof(24), Length::feet(12), vec![]);
    let amount = ByKind::of([(LoadKind::Dead, Force::lbf(1500.0))]);
    job.walls[0].point_loads =
        vec![PointLoad { id: PointLoadId(1), name: "girder".into(), at: Length::inches(40), amount }];
    let plan = plan(&job);
    let at: Vec<f64> =
        plan.marks.iter().filter(|mark| mark.kind.letter() == 'P').map(|mark| mark.at.to_inches()).collect();
    assert_eq!(at, [38.5, 40.0]);
}

proptest! {
    #[test]
    fn members_do_not_overlap_and_marks_match_members(
        width in 20_i64..100, center in 60_i64..180, sill in 0_i64..40, feet in 16_i64..36, hung in any::<bool>(),
    ) {
        let mut window = design(OpeningKind::Window, width, 40, Length::inches(center), Length::inches(sill));
        if hung {
            window.place = HeaderPlace::AtHeadHeight;
        }
        let job = job(roof(feet), Length::feet(20), vec![opening(7, window)]);
        let plan = plan(&job);
        for (index, member) in plan.members.iter().enumerate() {
            prop_assert!(Length::ZERO < member.rect.width && Length::ZERO < member.rect.height);
            for other in &plan.members[index + 1..] {
                prop_assert!(!member.rect.overlaps(&other.rect), "{member:?}\n{other:?}");
            }
        }
        let under_top = job.walls[0].frame.under_plates_at(Length::ZERO);
        let meets = |member: &Member| (member.rect.y == TWO_BY, member.rect.top() == under_top);
        for mark in &plan.marks {
            let its_own = |member: &&Member| {
                member.role.stands() && member.rect.x == mark.at && meets(member) == (mark.on.sole(), mark.on.top())
            };
            prop_assert_eq!(plan.members.iter().filter(its_own).count(), 1);
        }
        for member in plan.members.iter().filter(|member| member.role.stands() && meets(member) != (false, false)) {
            prop_assert!(plan.marks.iter().any(|mark| mark.at == member.rect.x));
        }
        // On either plate no two marks lie over one another.
        for plate in [PlatesMarked::sole, PlatesMarked::top] {
            let on: Vec<&Mark> = plan.marks.iter().filter(|mark| plate(mark.on)).collect();
            prop_assert!(on.windows(2).all(|pair| pair[0].at + pair[0].width <= pair[1].at));
        }
        prop_assert_eq!(plan.openings[0].stack.total(), job.walls[0].frame.height());
    }
}

#[test]
fn a_header_over_a_return_runs_to_the_corner() {
    let mut garage = design(OpeningKind::OverheadDoor, 192, 84, Length::inches(24 + 96), Length::ZERO);
    let past = RunPast { length: Length::inches(24), far_studs: 2 };
    garage.run = RunDesign { past: Ends { left: Some(past), right: None }, ..RunDesign::default() };
    let mut job = job(roof(20), Length::feet(21), vec![opening(7, garage)]);
    let class = crate::lumber::EngineeredClass::Lvl20E;
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(11, 7, 8));
    job.stock = StockItem::counted([StockBoard {
        board: HeaderBoard::Engineered { class, ply_width, depth },
        price_per_foot: Some(Money::cents(600.0)),
    }]);
    job.walls[0].frame.height = WallHeight::OverPlates(Length::inches_and(109, 1, 8));
    let plan = plan(&job);
    let door = &plan.openings[0];
    // From the corner over the return and the door to the right jacks: 24 + 192 and 1 1/2 for each of them.
    assert_eq!(door.header_left(), Length::ZERO);
    assert_eq!(door.header_length(), Length::inches(216) + TWO_BY * i64::from(door.jacks.right));
    let posts: Vec<&Member> = plan.members.iter().filter(|member| member.role == Role::HeaderPost).collect();
    assert_eq!(posts.len(), 2);
    assert_eq!((posts[0].rect.x, posts[1].rect.right()), (Length::ZERO, Length::inches(3)));
    let seat = door.stack.header_seat();
    let kings: Vec<Length> =
        plan.members.iter().filter(|member| member.role == Role::King).map(|king| king.rect.top()).collect();
    assert!(kings.contains(&seat) && kings.contains(&job.walls[0].frame.under_plates_at(Length::ZERO)));
    for (index, member) in plan.members.iter().enumerate() {
        for other in &plan.members[index + 1..] {
            assert!(!member.rect.overlaps(&other.rect), "{:?} and {:?}", member, other);
        }
    }
}

fn framed_wall(length: Length, openings: Vec<Opening>, options: FramingOptions) -> Job {
    let mut job = job(roof(24), length, openings);
    job.walls[0].frame.framing = options;
    job
}

#[test]
fn corners_crossing_walls_and_bolts_are_framed() {
    let options = FramingOptions {
        ends: Ends { left: WallEnd::ThreeStudCorner, right: WallEnd::TwoStudCorner },
        partitions: vec![Partition::channel(Length::feet(9), Depth::Four)],
        bolts: Some(Length::feet(6)),
        ..FramingOptions::default()
    };
    let door = opening(7, design(OpeningKind::Door, 36, 80, Length::feet(5), Length::ZERO));
    let job = framed_wall(Length::feet(20), vec![door], options);
    let plan = plan(&job);
    let at = |role: Role| -> Vec<f64> {
        plan.members.iter().filter(|member| member.role == role).map(|member| member.rect.x.to_inches()).collect()
    };
    // Three studs at the left end; at the right one beside the end stud, an inch and a half apart.
    assert_eq!(at(Role::CornerStud), [1.5, 3.0, 235.5]);
    // 9 ft is 108: a flat 2x4 from 106 1/4 to 109 3/4, a stud each side.
    assert_eq!(at(Role::PartitionBacker), [106.25]);
    assert_eq!(at(Role::PartitionStud), [104.75, 109.75]);
    // The door's rough opening runs from 41 to 79: two pieces of plate, a bolt within a foot of each of their four ends.
    let near_end = |end: i64| plan.bolts.iter().any(|bolt| (*bolt - Length::inches(end)).abs() <= Length::inches(12));
    assert!([0, 41, 79, 240].into_iter().all(near_end), "{:?}", plan.bolts);
    assert!(
        !plan.bolts.iter().any(|bolt| Length::inches(41) < *bolt && *bolt < Length::inches(79)),
        "none in the doorway"
    );
    // One 16 ft board does not reach: each plate is two pieces, broken apart from one another.
    let pieces = |role: Role| plan.members.iter().filter(|member| member.role == role).count();
    assert_eq!((pieces(Role::TopPlate), pieces(Role::SecondTopPlate)), (2, 2));
}

#[test]
fn crossing_walls_and_corners_in_the_way_are_found_with_a_number() {
    let options = FramingOptions {
        ends: Ends { left: WallEnd::ThreeStudCorner, right: WallEnd::Plain },
        partitions: vec![Partition::channel(Length::inches(100), Depth::Four)],
        ..FramingOptions::default()
    };
    // Rough opening 38: from 5 to 43 with a king and a jack each side, 2 in. from the end; the corner takes 4 1/2.
    let near_corner = opening(7, design(OpeningKind::Door, 36, 80, Length::inches(24), Length::ZERO));
    let on_wall = opening(8, design(OpeningKind::Door, 36, 80, Length::inches(90), Length::ZERO));
    let plan = plan(&framed_wall(Length::feet(20), vec![near_corner, on_wall], options));
    let by = |opening: u128| {
        let in_the_way = |found: &&Finding| {
            ["pack-in-corner", "partition-in-the-way"].contains(&found.rule.code)
                && found.place.opening == Some(OpeningId(opening))
        };
        match plan.findings.iter().find(in_the_way)?.phrase.argument("by")? {
            Argument::Length(by) => Some(by.to_inches()),
            _ => None,
        }
    };
    assert_eq!(by(7), Some(2.5));
    // Its pack runs from 68 to 112; the channel from 96 3/4 to 103 1/4: 15 1/4 to the left clears it.
    assert_eq!(by(8), Some(15.25));
    assert!(!plan.members.iter().any(|member| member.role == Role::PartitionBacker));
}

proptest! {
    #[test]
    fn every_generated_wall_holds_together(
        feet in 10_i64..40, centers in prop::collection::btree_set(4_i64..36, 0..4), width in 20_i64..90,
        crossing in prop::collection::btree_set(3_i64..37, 0..4), ends in 0_usize..3, from_right in any::<bool>(),
        spacing in prop::sample::select(vec![12_i64, 16, 24]), sill in prop::sample::select(vec![0_i64, 30]),
    ) {
        let length = Length::feet(feet);
        let ends = [WallEnd::Plain, WallEnd::ThreeStudCorner, WallEnd::TwoStudCorner][ends];
        let options = FramingOptions {
            layout_from: if from_right { End::Right } else { End::Left },
            ends: Ends::both(ends),
            partitions: crossing.iter().filter(|at| **at < feet).map(|at| Partition::channel(Length::feet(*at), Depth::Four)).collect(),
            bolts: Some(Length::feet(6)),
            ..FramingOptions::default()
        };
        let openings = centers
            .iter()
            .enumerate()
            .filter(|(_, center)| **center < feet)
            .map(|(index, center)| opening(index as u128, design(OpeningKind::Window, width, 40, Length::feet(*center), Length::inches(sill))))
            .collect();
        let mut job = framed_wall(length, openings, options);
        job.walls[0].frame.spacing = Length::inches(spacing);
        let plan = plan(&job);
        let trouble = plan.findings.iter().any(|finding| {
            ["packs-overlap", "past-the-end", "header-too-deep", "opening-too-tall"].contains(&finding.rule.code)
        });
        if trouble {
            return Ok(());
        }
        for (index, member) in plan.members.iter().enumerate() {
            for other in &plan.members[index + 1..] {
                prop_assert!(!member.rect.overlaps(&other.rect), "{member:?}\n{other:?}");
            }
        }
        // The pieces of every plate add up to the wall's length.
        for role in [Role::TopPlate, Role::SecondTopPlate] {
            let sum: Length = plan.members.iter().filter(|member| member.role == role).map(|member| member.cut).sum();
            prop_assert_eq!(sum, length);
        }
        let sole: Length = plan.members.iter()
            .filter(|member| matches!(member.role, Role::SolePlate | Role::SolePlateCutLast)).map(|member| member.cut).sum();
        prop_assert_eq!(sole, length);
        // Under the top plates no gap is wider than the layout, but over a header.
        let mut standing: Vec<(Length, Length)> = plan.members.iter()
            .filter(|member| member.rect.top() == job.walls[0].frame.under_plates_at(Length::ZERO))
            .map(|member| (member.rect.x, member.rect.right()))
            .collect();
        standing.sort_unstable();
        for pair in standing.windows(2) {
            prop_assert!(pair[1].0 - pair[0].1 <= Length::inches(spacing), "{pair:?}");
        }
        // Turned end for end the same pieces stand, each as far from the other end. Plates may break elsewhere.
        let turned =
            crate::job::command::apply(&job, &crate::job::Command::MirrorWall { wall: WallId(1) }).expect("it is there").job;
        let standing_in = |plan: &WallPlan, turned: bool| {
            let place = |member: &Member| if turned { length - member.rect.right() } else { member.rect.x };
            let upright = plan.members.iter().filter(|member| member.role.stands());
            let mut places: Vec<(Length, Role)> = upright.map(|member| (place(member), member.role)).collect();
            places.sort_unstable();
            places
        };
        prop_assert_eq!(standing_in(&plan_wall_as_said(&turned.rules(), &turned.walls[0]), true), standing_in(&plan, false));
    }
}
