//! Weights, hands and panels: the check value, weights by a second method, panels against trying every way to cut.

mod common;

use common::{carrying, job_of, roof};
use proptest::prelude::*;
use sturvek_core::framing::WallPlan;
use sturvek_core::framing::member::{Member, Role};
use sturvek_core::framing::panel_joints::{Joint, joints};
use sturvek_core::job::{
    CeilingOver, HeaderChoice, HeaderPlace, Job, OpeningId, OpeningKind, Rake, Sheathing, SheathingKind, Size, Wall,
    WallHeight, WallId,
};
use sturvek_core::loads::{Framing, WallCarries};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, Moisture, SawnSize, Species};
use sturvek_core::measure::Length;
use sturvek_core::plan::JobPlan;
use sturvek_core::raising::crew::Crew;
use sturvek_core::raising::hoist::{Against, hung};
use sturvek_core::raising::panels::{NotSized, Raised, in_one_piece, raised};
use sturvek_core::raising::strap_brace::{Brace, braced};
use sturvek_core::raising::tilt::lift;
use sturvek_core::raising::weight::{Mass, of_member, sheathing_psf};

const CREW: Crew = Crew { people: 4, pounds_each: 95.0 };

/// 22 ft of 2x6, 97 1/8 in. high, plain ends, two windows of 4 by 4 ft under doubled 2x10 with their heads at 82 in., 1/2 in. plywood.
fn twenty_two_feet(species: Species) -> Job {
    let mut job = job_of(OpeningKind::Window, Length::inches(48), carrying(&[Framing::Roof(roof())]));
    let wall = &mut job.walls[0];
    wall.frame.length = Length::feet(22);
    wall.frame.height = WallHeight::OverPlates(Length::inches_and(97, 1, 8));
    wall.frame.stud.depth = Depth::Six;
    (wall.frame.stud.species, wall.frame.plate_species) = (species, species);
    wall.frame.framing.sheathing =
        Some(Sheathing { kind: SheathingKind::Plywood, thickness: Length::inches_and(0, 1, 2) });
    let board = HeaderBoard::Sawn { species, grade: Grade::Number2, size: SawnSize::two_by(Depth::Ten) };
    let window = &mut wall.openings[0];
    window.design.unit = Size { width: Length::inches(48), height: Length::inches(48) };
    window.design.rough = Some(window.design.unit);
    window.design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 2 });
    window.design.sill = Length::inches(34);
    window.design.center = Length::inches(66);
    let mut second = window.clone();
    second.id = OpeningId(77);
    second.design.center = Length::inches(198);
    wall.openings.push(second);
    wall.give_letters();
    job
}

fn up(job: &Job, crew: Crew) -> (JobPlan, Raised) {
    let plan = JobPlan::of(job.clone());
    let (wall, planned) = plan.walls().next().expect("a wall");
    let raised = raised(wall, planned, Moisture::USUAL, crew).expect("sized");
    (plan, raised)
}

/// A check value of the trade (common practice, no published source): 694 lb, its center 51.8 in. up, 370 lb at the top plate, four people at the least, five easily;
/// of Douglas Fir-Larch 417 lb, five and six.
#[test]
fn the_check_value_to_the_pound() {
    let (_, spruce) = up(&twenty_two_feet(Species::SprucePineFir), CREW);
    assert_eq!((spruce.whole.pounds.round(), spruce.lift.round()), (694.0, 370.0));
    assert!((spruce.whole.center().1 - 51.8).abs() < 0.05, "{:?}", spruce.whole.center());
    assert_eq!((spruce.people, spruce.easy, spruce.panels.len()), (4, 5, 1));
    assert!((spruce.frame + spruce.sheathing - spruce.whole.pounds).abs() < 1e-9 && spruce.later == 0.0);
    let (_, fir) = up(&twenty_two_feet(Species::DouglasFirLarch), CREW);
    assert_eq!((fir.lift.round(), fir.people, fir.easy), (417.0, 5, 6));
    // Four people do not hold that: it goes up in two.
    assert_eq!(fir.panels.len(), 2);
}

fn bare(length: Length) -> Job {
    let mut job = Job::empty("by hand", vec![]);
    let mut wall = Wall::new(WallId(1), "bare");
    wall.frame.length = length;
    wall.frame.stud.depth = Depth::Six;
    job.walls.push(wall);
    job
}

#[test]
fn a_long_wall_goes_up_in_panels_and_its_second_plate_afterwards() {
    let job = bare(Length::feet(44));
    let (plan, one) = up(&job, Crew { people: 10, pounds_each: 95.0 });
    assert_eq!((one.panels.len(), one.later), (1, 0.0));
    let (_, three) = up(&job, Crew { people: 3, pounds_each: 95.0 });
    assert_eq!(three.panels.len(), 2);
    let panels: f64 = three.panels.iter().map(|panel| panel.mass.pounds).sum();
    assert!((panels + three.later - three.whole.pounds).abs() < 1e-9);
    // One stud was added at the joint.
    let (_, planned) = plan.walls().next().expect("a wall");
    let stud = planned.members.iter().find(|member| member.role == Role::Stud).expect("a stud");
    assert!((three.whole.pounds - one.whole.pounds - of_member(stud, Moisture::USUAL).pounds).abs() < 1e-6);
    assert_eq!(three.panels[0].to, three.panels[1].from);
    assert!(three.panels.iter().all(|panel| panel.is_lifted && panel.lift <= 3.0 * 95.0));
}

#[test]
fn what_cannot_be_cut_stands_alone_and_is_said_to_be_too_heavy() {
    let mut job = twenty_two_feet(Species::DouglasFirLarch);
    job.walls[0].openings.truncate(1);
    job.walls[0].openings[0].design.unit.width = Length::inches(96);
    job.walls[0].openings[0].design.rough = Some(job.walls[0].openings[0].design.unit);
    let (_, alone) = up(&job, Crew { people: 1, pounds_each: 60.0 });
    let heavy: Vec<_> = alone.panels.iter().filter(|panel| !panel.is_lifted).collect();
    assert_eq!(heavy.len(), 1, "{:?}", alone.panels);
    let center = Length::inches(66);
    assert!(heavy[0].from < center && center < heavy[0].to);
}

#[test]
fn a_wall_without_a_header_has_no_number() {
    let mut job = twenty_two_feet(Species::SprucePineFir);
    job.walls[0].carries = WallCarries::Framing(vec![]);
    for opening in &mut job.walls[0].openings {
        opening.design.header = HeaderChoice::BySchool;
    }
    let plan = JobPlan::of(job);
    let (wall, planned) = plan.walls().next().expect("a wall");
    assert_eq!(raised(wall, planned, Moisture::USUAL, CREW), Err(NotSized));
}

/// By hand: blocks of 2x6, 14 1/2 in. long across the wall, 1.5 · 5.5 · 14.5 / 1728 · 29.098 = 2.014 lb each; they go on when the wall stands.
#[test]
fn blocks_under_the_ceiling_come_later() {
    let mut job = bare(Length::feet(12));
    let (_, without) = up(&job, CREW);
    let (clear, every) = (Length::inches_and(14, 1, 2), Length::inches(24));
    job.walls[0].frame.framing.ceiling = CeilingOver::JoistsAlong { clear, every };
    let (plan, with) = up(&job, CREW);
    let (_, planned) = plan.walls().next().expect("a wall");
    let blocks = planned.members.iter().filter(|member| member.role == Role::CeilingBlock).count();
    assert!((with.later - 2.014 * blocks as f64).abs() < 0.01 && 5 < blocks, "{blocks} {}", with.later);
    assert!((with.lift - without.lift).abs() < 1e-9, "they are not lifted");
}

/// By hand: a gable of 12 ft from 8 ft to 12 ft is a trapezoid of 120 ft² whose center is 12 · (8 + 2 · 12) / (3 · 20) = 6.4 ft along and
/// (8² + 8·12 + 12²) / (3 · 20) = 5.0667 ft up.
#[test]
fn the_sheathing_of_a_rake_is_where_it_is_by_hand() {
    let mut job = bare(Length::feet(12));
    let frame = &mut job.walls[0].frame;
    frame.height = WallHeight::Rake(Rake { left: Length::feet(8), right: Length::feet(12), peak: None });
    let sheathing = Sheathing { kind: SheathingKind::Osb, thickness: Length::inches_and(0, 7, 16) };
    let (_, without) = up(&job, CREW);
    job.walls[0].frame.framing.sheathing = Some(sheathing);
    let (_, with) = up(&job, CREW);
    assert!((with.sheathing - 120.0 * 1.5).abs() < 1e-6, "{}", with.sheathing);
    // It is held at its mean height, 10 ft.
    assert!((with.lift - with.whole.pounds * with.whole.center().1 / 120.0).abs() < 1e-6);
    let moment = |raised: &Raised, axis: fn((f64, f64)) -> f64| raised.whole.pounds * axis(raised.whole.center());
    let at = |axis: fn((f64, f64)) -> f64| (moment(&with, axis) - moment(&without, axis)) / with.sheathing / 12.0;
    let added = |raised: &Raised| raised.panels.len();
    assert_eq!(added(&with), added(&without), "the same studs");
    assert!((at(|center| center.0) - 6.4).abs() < 1e-6 && (at(|center| center.1) - 76.0 / 15.0).abs() < 1e-6);
    let foam = Sheathing { kind: SheathingKind::Foam, thickness: Length::inches(2) };
    assert!((sheathing_psf(foam) - 0.4).abs() < 1e-12);
}

/// A member's weight and center by cutting its outline into narrow strips.
fn by_strips(member: &Member) -> (f64, f64, f64) {
    const STRIPS: i32 = 2_000;
    let inches = |length: Length| length.to_inches();
    let (x0, wide) = (inches(member.rect.x), inches(member.rect.width));
    let (mut area, mut along, mut up) = (0.0, 0.0, 0.0);
    for strip in 0..STRIPS {
        let part = (f64::from(strip) + 0.5) / f64::from(STRIPS);
        let climb = |by: Length, start: f64| {
            if by < Length::ZERO { start - inches(by) + inches(by) * part } else { start + inches(by) * part }
        };
        let low = climb(member.climb.bottom, inches(member.rect.y));
        let top = inches(member.rect.top()) - inches(member.climb.top).abs();
        let high = climb(member.climb.top, top);
        let piece = (high - low) * wide / f64::from(STRIPS);
        area += piece;
        along += piece * (x0 + wide * part);
        up += piece * (low + high) / 2.0;
    }
    (area, along / area, up / area)
}

fn sheathed(feet: i64, doors: &[i64], high: (i64, i64)) -> Job {
    let mut job = bare(Length::feet(feet));
    let wall = &mut job.walls[0];
    if high.0 != high.1 {
        wall.frame.height =
            WallHeight::Rake(Rake { left: Length::inches(high.0), right: Length::inches(high.1), peak: None });
    }
    wall.frame.framing.sheathing = Some(Sheathing { kind: SheathingKind::Osb, thickness: Length::inches_and(0, 1, 2) });
    let model = job_of(OpeningKind::Window, Length::inches(30), carrying(&[Framing::Roof(roof())]));
    (job.stock, job.settings.said) = (model.stock, model.settings.said);
    job.walls[0].carries = model.walls[0].carries.clone();
    for (place, at) in doors.iter().enumerate() {
        let mut opening = model.walls[0].openings[0].clone();
        opening.id = OpeningId(place as u128 + 1);
        opening.design.unit.height = Length::inches(36);
        opening.design.sill = Length::inches(40);
        opening.design.center = Length::feet(*at);
        job.walls[0].openings.push(opening);
    }
    job.walls[0].give_letters();
    job
}

/// The fewest panels by trying every set of joints, of a wall with few of them.
fn fewest_by_trying_all(wall: &Wall, plan: &WallPlan, crew: Crew) -> Option<usize> {
    let all: Vec<Joint> = joints(&wall.frame, &plan.openings, &plan.members);
    (1..=all.len())
        .find(|count| {
            sets(all.len(), *count).iter().any(|set| {
                let mut ends = vec![Length::ZERO];
                ends.extend(set.iter().map(|place| all[*place].at));
                ends.push(wall.frame.length);
                let chosen: Vec<&Joint> = set.iter().map(|place| &all[*place]).collect();
                (0..ends.len() - 1).all(|panel| {
                    let (from, to) = (ends[panel], ends[panel + 1]);
                    let mass = mass_of(wall, plan, (from, to), &chosen);
                    let lift = mass.pounds * mass.center().1 / wall.frame.height().to_inches();
                    let room = (to - from).to_inches().div_euclid(24.0) + 1.0;
                    lift <= crew.holds() && f64::from(crew.least_for(lift)) <= room
                })
            })
        })
        .map(|joints| joints + 1)
}

/// Weighed another way than the code does: member by member, by where its middle is, plates by their share of the panel's length.
fn mass_of(wall: &Wall, plan: &WallPlan, (from, to): (Length, Length), joints: &[&Joint]) -> Mass {
    let added = joints.iter().filter_map(|joint| joint.added.as_ref()).map(|(_, stud)| stud);
    let members = plan.members.iter().filter(|member| member.role != Role::SecondTopPlate).chain(added);
    let framed: Mass = members
        .map(|member| {
            let (left, right) = (member.rect.x.max(from), member.rect.right().min(to));
            if right <= left {
                return Mass::default();
            }
            let whole = of_member(member, Moisture::USUAL);
            let part = (right - left).to_inches() / member.rect.width.to_inches();
            Mass::at(whole.pounds * part, ((left + right).half().to_inches(), whole.center().1))
        })
        .sum();
    let Some(sheathing) = wall.frame.framing.sheathing else { return framed };
    let psi = sheathing_psf(sheathing) / 144.0;
    let high = wall.frame.height().to_inches();
    let wide = (to - from).to_inches();
    framed + Mass::at(psi * wide * high, (0.0, high / 2.0))
}

fn sets(of: usize, count: usize) -> Vec<Vec<usize>> {
    if count == 0 {
        return vec![Vec::new()];
    }
    let longer = |last: usize| sets(last, count - 1).into_iter().map(move |set| [set, vec![last]].concat());
    (0..of).flat_map(longer).collect()
}

proptest! {
    #![proptest_config(ProptestConfig::with_cases(24))]

    #[test]
    fn weights_are_members_times_density_and_centers_where_a_second_method_finds_them(
        feet in 8_i64..40, doors in prop::collection::vec(2_i64..38, 0..3), left in 90_i64..130, right in 90_i64..130,
    ) {
        let doors: Vec<i64> = doors.into_iter().filter(|at| *at < feet - 1).collect();
        let job = sheathed(feet, &doors, (left, right));
        let plan = JobPlan::of(job);
        let (_, planned) = plan.walls().next().expect("a wall");
        for member in &planned.members {
            let mass = of_member(member, Moisture::USUAL);
            let (area, x, y) = by_strips(member);
            let density = member.stock.weighs_as.density_pcf(Moisture::USUAL);
            let pounds = area * member.through().to_inches() / 1728.0 * density;
            prop_assert!((mass.pounds - pounds).abs() < 1e-3 * pounds.max(1.0), "{member:?}");
            let center = mass.center();
            prop_assert!((center.0 - x).abs() < 1e-2 && (center.1 - y).abs() < 1e-2, "{member:?}: {center:?} {x} {y}");
        }
    }

    #[test]
    fn panels_hold_everything_once_and_are_lifted_or_cannot_be_cut(
        feet in 8_i64..60, doors in prop::collection::vec(3_i64..56, 0..4), people in 1_u32..8, each in 40_u32..110,
    ) {
        let mut doors: Vec<i64> = doors.into_iter().filter(|at| *at < feet - 3).collect();
        doors.sort_unstable();
        doors.dedup_by(|next, before| *next - *before < 5);
        let crew = Crew { people, pounds_each: f64::from(each) };
        let (plan, raised) = up(&sheathed(feet, &doors, (97, 97)), crew);
        let (wall, planned) = plan.walls().next().expect("a wall");
        let panels: f64 = raised.panels.iter().map(|panel| panel.mass.pounds).sum();
        prop_assert!((panels + raised.later - raised.whole.pounds).abs() < 1e-6);
        prop_assert_eq!(raised.panels[0].from, Length::ZERO);
        prop_assert_eq!(raised.panels.last().map(|panel| panel.to), Some(wall.frame.length));
        prop_assert!(raised.panels.windows(2).all(|pair| pair[0].to == pair[1].from));
        let joints = joints(&wall.frame, &planned.openings, &planned.members);
        for panel in &raised.panels {
            let within = joints.iter().any(|joint| panel.from < joint.at && joint.at < panel.to);
            prop_assert!(panel.is_lifted || !within, "{panel:?}");
            // No upright is cut, and none of it is in two panels.
            for member in planned.members.iter().filter(|member| member.role.stands()) {
                prop_assert!(member.rect.right() <= panel.to || panel.to <= member.rect.x, "{member:?}");
            }
        }
    }

    #[test]
    fn no_fewer_panels_do_where_every_way_is_tried(feet in 6_i64..15, people in 1_u32..4, each in 30_u32..100) {
        let crew = Crew { people, pounds_each: f64::from(each) };
        let (plan, raised) = up(&sheathed(feet, &[], (97, 97)), crew);
        let (wall, planned) = plan.walls().next().expect("a wall");
        let in_one = raised.panels.len() == 1 && raised.panels[0].is_lifted;
        if !in_one && raised.panels.iter().all(|panel| panel.is_lifted) {
            prop_assert_eq!(Some(raised.panels.len()), fewest_by_trying_all(wall, planned, crew));
        }
    }
}

/// By hand, in.³ times 29.098 / 1728 for spruce at 19 %, 42 / 1728 for the beam: beam 216 · 14 · 5.25, 385.9 lb at 98 in.; three plates, 100.0 lb
/// at 0.75, 105.75 and 107.25; four jacks of 89.5, 49.7 lb at 46.25; four kings and two studs of 103.5, 86.3 lb at 53.25; the head piece, 29.2 lb
/// at 84.75; fourteen cripples of 5.5, 10.7 lb at 88.25. Together 661.8 lb, 55 253 in.·lb about the sole.
///
/// Held under the beam, 91 in. up, that is 607.2 lb. A hook 14 in. off the middle and the far end steadied: 607.2 · 120 / 134 = 543.7 lb, over a
/// rating of 425; two hooks at 5 and 15 ft, 303.6 lb each, are good.
#[test]
fn a_long_beam_on_a_hook_off_the_middle_and_on_two() {
    let (plan, raised) = long_beam();
    let (center, up) = raised.whole.center();
    assert!((raised.whole.pounds - 661.8).abs() < 0.05 && (raised.whole.pounds * up - 55_253.0).abs() < 5.0);
    assert!((center - 120.0).abs() < 1e-6, "as much on either side");
    let (wall, planned) = plan.walls().next().expect("a wall");
    let mass = in_one_piece(wall, planned, Moisture::USUAL, CREW).expect("sized").mass;
    let held = lift(mass, 91.0);
    let one = hung(held, center, 240.0, (134.0, None), 425.0);
    assert!((one.hook - 543.7).abs() < 0.1 && (one.hands.expect("steadied") - 63.5).abs() < 0.1, "{one:?}");
    assert_eq!(one.against, Against::Over);
    let two = hung(held, center, 240.0, (60.0, Some(180.0)), 425.0);
    assert!((two.hook - 303.6).abs() < 0.1, "{two:?}");
    assert_eq!(two.against, Against::Good);
}

/// 20 ft of 2x6, 9 ft high, plain ends, an opening of 17 ft 6 in. under three plies of 1 3/4 x 14 that are 18 ft long.
fn long_beam() -> (JobPlan, Raised) {
    let mut job = job_of(OpeningKind::OverheadDoor, Length::inches(210), carrying(&[Framing::Roof(roof())]));
    let wall = &mut job.walls[0];
    wall.frame.length = Length::feet(20);
    wall.frame.height = WallHeight::OverPlates(Length::feet(9));
    wall.frame.stud.depth = Depth::Six;
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches(14),
    };
    let door = &mut wall.openings[0];
    door.design.unit = Size { width: Length::inches(210), height: Length::inches(84) };
    door.design.rough = Some(door.design.unit);
    door.design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 3 });
    door.design.place = HeaderPlace::TightToPlates;
    door.design.center = Length::feet(10);
    up(&job, Crew { people: 20, pounds_each: 95.0 })
}

/// By hand: 12 ft by 8 ft, √208 ft = 14.4222 ft, 14'-5 1/16"; under a rake from 8 to 12 ft up to the right √288 ft = 16.9706 ft, 16'-11 5/8".
#[test]
fn diagonals_are_what_the_tape_reads() {
    let mut job = bare(Length::feet(12));
    let frame = &mut job.walls[0].frame;
    frame.height = WallHeight::OverPlates(Length::feet(8));
    let square = Length::feet(14) + Length::inches_and(5, 1, 16);
    assert_eq!(frame.diagonals(Length::ZERO, frame.length), [square, square]);
    frame.height = WallHeight::Rake(Rake { left: Length::feet(8), right: Length::feet(12), peak: None });
    let up = Length::feet(16) + Length::inches_and(11, 5, 8);
    assert_eq!(frame.diagonals(Length::ZERO, frame.length), [up, square]);
}

/// By hand: windows of 48 in. with a jack and a king of 1 1/2 in. at each side stand from 39 to 93 and from 171 to 225 in.; 39 in. at the ends take neither, the 78
/// between them take a strap at atan(97 1/8 / 78) = 51.2 degrees.
#[test]
fn a_strap_goes_between_the_openings_where_it_fits() {
    let job = twenty_two_feet(Species::SprucePineFir);
    let (plan, _) = up(&job, CREW);
    let (wall, planned) = plan.walls().next().expect("a wall");
    let braces = braced(&wall.frame, planned);
    assert_eq!(braces.len(), 1, "{braces:?}");
    let Brace::Strap(degrees) = braces[0].brace else { panic!("a strap") };
    let wide = braces[0].to - braces[0].from;
    assert!((degrees - 97.125_f64.atan2(wide.to_inches()).to_degrees()).abs() < 1e-9);
    assert!(planned.openings.iter().all(|opening| {
        let (left, right) = opening.held_by();
        right <= braces[0].from || braces[0].to <= left
    }));
    let long = bare(Length::feet(40));
    let (plan, _) = up(&long, CREW);
    let (wall, planned) = plan.walls().next().expect("a wall");
    let all = braced(&wall.frame, planned);
    assert_eq!((all.len(), all[0].brace), (1, Brace::Strap(45.0)));
}

/// The pieces of a role, from left to right.
fn pieces(plan: &WallPlan, role: Role) -> Vec<(Length, Length)> {
    let mut all: Vec<(Length, Length)> = plan
        .members
        .iter()
        .filter(|member| member.role == role)
        .map(|member| (member.rect.x, member.rect.right()))
        .collect();
    all.sort_unstable();
    all
}

/// Framed in the panels that a crew would lift, a wall has what joints add, plates that end there, and a second plate across; it weighs the same.
#[test]
fn a_wall_is_framed_in_its_panels() {
    let walls = [
        (bare(Length::feet(44)), 3),
        (twenty_two_feet(Species::DouglasFirLarch), 4),
        (sheathed(36, &[12], (96, 96)), 3),
    ];
    for (mut job, people) in walls {
        let crew = Crew { people, pounds_each: 95.0 };
        let (_, suggested) = up(&job, crew);
        let ends: Vec<Length> = suggested.panels.iter().skip(1).map(|panel| panel.from).collect();
        assert!(!ends.is_empty());
        job.walls[0].frame.framing.panel_ends = ends.clone();
        let (plan, framed) = up(&job, crew);
        let (wall, planned) = plan.walls().next().expect("a wall");
        assert_eq!(planned.panel_ends, ends);
        assert_eq!(framed.panels.iter().skip(1).map(|panel| panel.from).collect::<Vec<_>>(), ends);
        assert!((framed.whole.pounds - suggested.whole.pounds).abs() < 1e-6, "{framed:?}\n{suggested:?}");
        for (one, other) in framed.panels.iter().zip(&suggested.panels) {
            assert!((one.mass.pounds - other.mass.pounds).abs() < 1e-6);
        }
        let apart = wall.frame.framing.breaks_apart;
        for end in &ends {
            for plate in [Role::SolePlate, Role::TopPlate] {
                let ends_there = pieces(planned, plate);
                assert!(
                    ends_there.iter().any(|(_, right)| right == end) && ends_there.iter().any(|(left, _)| left == end)
                );
                assert!(ends_there.iter().all(|(left, right)| right <= end || end <= left), "{plate:?}");
            }
            let across = pieces(planned, Role::SecondTopPlate);
            assert!(
                across.iter().any(|(left, right)| *left + apart <= *end && *end <= *right - apart),
                "{across:?} {end:?}"
            );
            let touches = |face: &dyn Fn(&Member) -> Length| {
                planned.members.iter().filter(|member| member.role.stands()).any(|member| face(member) == *end)
            };
            assert!(touches(&|member| member.rect.right()) && touches(&|member| member.rect.x), "a stud on each side");
        }
        for (index, member) in planned.members.iter().enumerate() {
            for other in &planned.members[index + 1..] {
                assert!(!member.rect.overlaps(&other.rect), "{member:?}\n{other:?}");
            }
        }
        // Marks follow: each stud of a joint is marked.
        for end in &ends {
            let marked = |at: Length| planned.marks.iter().any(|mark| mark.at <= at && at < mark.at + mark.width);
            let near = |at: Length| (at - *end).abs() < Length::inches(20);
            let there: Vec<_> = planned.marks.iter().filter(|mark| near(mark.at)).collect();
            assert!(marked(*end) && marked(*end - Length::inches(1)), "{end:?} {there:?}");
        }
    }
}

/// Somebody puts the end of a panel anywhere: it goes to the joint that is nearest, and no panel is under 2 ft.
#[test]
fn the_end_of_a_panel_goes_to_the_nearest_joint() {
    let ends = |wanted: &[i64]| {
        let mut job = twenty_two_feet(Species::SprucePineFir);
        job.walls[0].frame.framing.panel_ends = wanted.iter().copied().map(Length::inches).collect();
        let (plan, raised) = up(&job, CREW);
        let (_, planned) = plan.walls().next().expect("a wall");
        assert_eq!(raised.panels.len(), planned.panel_ends.len() + 1);
        planned.panel_ends.clone()
    };
    assert_eq!(ends(&[]), []);
    let middle = ends(&[132]);
    assert!(middle.len() == 1 && (middle[0] - Length::inches(132)).abs() <= Length::inches(16), "{middle:?}");
    // In a window it goes beside it; at the wall's very end a panel of 2 ft is the least.
    let window = ends(&[66]);
    assert!(window[0] <= Length::inches(39) || Length::inches(93) <= window[0], "{window:?}");
    assert!(ends(&[1]).iter().all(|end| Length::inches(24) <= *end));
    let two = ends(&[130, 134]);
    assert!(two.windows(2).all(|pair| Length::inches(24) <= pair[1] - pair[0]), "{two:?}");
}
