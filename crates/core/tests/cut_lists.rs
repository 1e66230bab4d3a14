//! What is cut of a job: every member once, under a name that it keeps; and that the lists, the packs and the sticks add up to it.

mod common;

use std::collections::{BTreeMap, BTreeSet};

use common::hand::{Hand, feet, floor};
use common::pieces::members_are_pieces;
use common::{carrying, job_of, planned, roof};
use sturvek_core::cutting::deliveries::{Delivery, PlannedDelivery, Trucks, plan_deliveries, totals, truck_load};
use sturvek_core::cutting::hardware::hardware_of;
use sturvek_core::cutting::job_sticks::{Allowance, WORTH_KEEPING, board_feet_of, rest_of, sticks_of};
use sturvek_core::cutting::lists::{SectionList, cut_list};
use sturvek_core::cutting::packs::{Pack, PackIs, packs_of_job};
use sturvek_core::cutting::pieces::{CutPiece, For, HeldBack, JobPieces, Of, PieceId, pieces_of_job};
use sturvek_core::cutting::progress::{Tick, made, progress};
use sturvek_core::cutting::sold::Sold;
use sturvek_core::cutting::sticks::{Saw, StickPlan, StickStock};
use sturvek_core::framing::member::Role;
use sturvek_core::framing::nailing::Nail;
use sturvek_core::house::Axis;
use sturvek_core::job::{
    FramedAs, Job, Opening, OpeningDesign, OpeningId, OpeningKind, Size, Wall, WallEnd, WallHeight, WallId,
};
use sturvek_core::loads::{Framing, WallCarries};
use sturvek_core::lumber::Moisture;
use sturvek_core::measure::{Cents, End, Ends, Length};
use sturvek_core::plan::JobPlan;
use sturvek_core::plan::members::Member;

fn bearing() -> Job {
    let mut job = job_of(OpeningKind::Window, Length::inches(36), carrying(&[Framing::Roof(roof())]));
    job.walls[0].frame.framing.ends = Ends::both(WallEnd::ThreeStudCorner);
    job
}

fn pieces(job: &Job) -> (JobPlan, JobPieces) {
    let plan = JobPlan::of(job.clone());
    let pieces = pieces_of_job(&plan);
    (plan, pieces)
}

#[test]
fn every_member_is_a_piece_once() {
    let (plan, all) = pieces(&bearing());
    assert!(all.held_back.is_empty() && 20 < all.pieces.len());
    members_are_pieces(&plan, &all);
}

#[test]
fn a_sole_plate_runs_through_its_doorway() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), carrying(&[Framing::Roof(roof())]));
    job.walls[0].frame.length = Length::feet(12);
    job.walls[0].openings[0].design.center = Length::feet(6);
    let (plan, all) = pieces(&job);
    let soles: Vec<Length> =
        all.pieces
            .iter()
            .filter(|piece| {
                piece.members.iter().any(|place| {
                    plan.walls().next().is_some_and(|(_, wall)| wall.members[*place].role == Role::SolePlate)
                })
            })
            .map(|piece| piece.length)
            .collect();
    assert_eq!(soles, [Length::feet(12)]);
}

#[test]
fn what_nobody_decided_is_held_back_and_said() {
    let job = job_of(OpeningKind::Window, Length::inches(36), WallCarries::Framing(vec![]));
    let (plan, all) = pieces(&job);
    let opening = planned(&job).id;
    assert!(matches!(all.held_back[..], [HeldBack::Opening { opening: held, .. }] if held == opening));
    assert!(all.pieces.iter().all(|piece| !matches!(piece.id.of, Of::Opening(..))));
    members_are_pieces(&plan, &all);
}

#[test]
fn a_piece_keeps_its_name_when_an_opening_comes_elsewhere() {
    let mut job = bearing();
    job.walls[0].frame.length = Length::feet(30);
    job.walls[0].openings[0].design.center = Length::feet(24);
    let before: BTreeSet<PieceId> = pieces(&job).1.pieces.iter().map(|piece| piece.id).collect();
    let usual =
        OpeningDesign::usual(OpeningKind::Window, Size { width: Length::inches(24), height: Length::inches(36) });
    let design = OpeningDesign { center: Length::feet(6), sill: Length::inches(40), ..usual };
    job.walls[0].openings.push(Opening::new(OpeningId(77), design));
    job.walls[0].give_letters();
    let after: BTreeSet<PieceId> = pieces(&job).1.pieces.iter().map(|piece| piece.id).collect();
    // What is away from it stays by name: the other opening's pieces and the studs beyond.
    let far = |id: &&PieceId| match id.of {
        Of::Opening(_, opening) => opening != OpeningId(77),
        Of::Bay(_, bay) => 8 < bay,
        Of::Part(_) => true,
    };
    let of = |ids: &BTreeSet<PieceId>| ids.iter().filter(far).copied().collect::<Vec<PieceId>>();
    assert_eq!(of(&before), of(&after));
    assert!(20 < of(&before).len());
}

#[test]
fn packs_that_are_alike_stand_together() {
    let (plan, all) = pieces(&bearing());
    let packs = packs_of_job(&plan, &all.pieces);
    let ends = packs.iter().find(|pack| matches!(pack.goes[0].is, PackIs::OpeningEnd(..))).expect("an end");
    let goes: Vec<End> = ends
        .goes
        .iter()
        .filter_map(|goes| match goes.is {
            PackIs::OpeningEnd(_, end) => Some(end),
            _ => None,
        })
        .collect();
    assert_eq!(goes, [End::Left, End::Right]);
    let roles: Vec<For> = ends.pieces.iter().map(|piece| piece.for_).collect();
    assert_eq!(roles, [For::Wall(Role::King), For::Wall(Role::Jack)], "{ends:?}");
    assert!(!ends.nails.is_empty());
    // By hand: a king and a jack of 2x4 SPF at 19 %, 1.0609 lb a foot.
    let feet: f64 = ends.pieces.iter().map(|piece| piece.length.to_feet() * f64::from(piece.count)).sum();
    assert!((ends.pounds(Moisture::USUAL) - 1.060_87 * feet).abs() < 0.01, "{}", ends.pounds(Moisture::USUAL));
    // Both stand on the sole plate: each weighs in its middle.
    let [king, jack] = [0, 1].map(|place| ends.pieces[place].length.to_inches());
    let balances = (king * king + jack * jack) / 2.0 / (king + jack);
    assert_eq!(ends.balances(Moisture::USUAL), Length::inches(balances.round() as i64), "{ends:?}");
    let corners = packs.iter().find(|pack| matches!(pack.goes[0].is, PackIs::Corner(_))).expect("a corner");
    assert_eq!((corners.goes.len(), corners.pieces.iter().map(|piece| piece.count).sum::<u32>()), (2, 3));
    let header = packs.iter().find(|pack| matches!(pack.goes[0].is, PackIs::Header(_))).expect("a header");
    let filler = header.filler.expect("two plies of 2x in a 2x4 wall");
    assert_eq!(filler.thickness, Length::inches_and(0, 1, 2));
    assert_eq!(filler.length, header.pieces[0].length);
    let off = (header.balances(Moisture::USUAL) - header.pieces[0].length.half()).abs();
    assert!(off <= Length::inches_and(0, 1, 2), "a header in its middle");
    // No piece is in two packs.
    let named: Vec<PieceId> = packs.iter().flat_map(|pack| pack.named.iter().flatten().copied()).collect();
    assert_eq!(named.iter().collect::<BTreeSet<_>>().len(), named.len());
}

#[test]
fn built_up_beams_and_posts_of_the_house_are_packs() {
    let mut hand = Hand::with_storeys(1);
    for offset in [0, 24] {
        hand.foundation(Axis::X, feet(offset), (feet(0), feet(24)));
        hand.wall(1 + offset as u128, 0, Axis::X, feet(offset), (feet(0), feet(24)));
    }
    hand.field(0, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor(20.0));
    hand.beam(0, Axis::X, feet(12), (feet(0), feet(24)), 20.0);
    for x in [0, 12, 24] {
        hand.post(0, feet(x), feet(12));
        hand.pad(feet(x), feet(12), 36);
    }
    let plan = hand.plan();
    let all = pieces_of_job(&plan);
    members_are_pieces(&plan, &all);
    assert!(all.held_back.is_empty(), "{:?}", all.held_back);
    // The girder is cut over its middle post: two lengths of 12 ft for each of its plies.
    let of_girder = |piece: &&CutPiece| piece.id.for_ == For::Beam;
    let girder: Vec<Length> = all.pieces.iter().filter(of_girder).map(|piece| piece.length).collect();
    let Some((_, Member::Beam(beam))) = plan.members().next() else { panic!("the beam is the first") };
    let plies = beam.outcome.as_ref().expect("sized").goes_in().beam.plies;
    assert_eq!(girder, vec![feet(12); 2 * usize::from(plies)]);
    let packs = packs_of_job(&plan, &all.pieces);
    let built = |pack: &&Pack| matches!(pack.goes[0].is, PackIs::Beam(_));
    assert_eq!(packs.iter().filter(built).count(), usize::from(1 < girder.len()));
    let posts: u32 = all.pieces.iter().filter(|piece| piece.id.for_ == For::Post).count() as u32;
    let in_packs: u32 = packs
        .iter()
        .filter(|pack| matches!(pack.goes[0].is, PackIs::Post(_)))
        .map(|pack| pack.pieces.iter().map(|piece| piece.count).sum::<u32>() * pack.goes.len() as u32)
        .sum();
    assert!(0 < in_packs && in_packs <= posts);
}

/// Lengths of the pieces, kerfs and offcuts add up to the sticks, to the nanometer.
#[test]
fn sticks_add_up_to_the_list() {
    let (_, all) = pieces(&bearing());
    let lists = cut_list(all.pieces.iter().enumerate());
    assert_eq!(
        lists.iter().flat_map(|list| &list.settings).map(|each| each.pieces.len()).sum::<usize>(),
        all.pieces.len()
    );
    let sold: Vec<Sold> = lists
        .iter()
        .flat_map(|list| {
            [8, 10, 12, 16, 20].map(|feet| Sold {
                section: list.section.clone(),
                stick: StickStock { length: Length::feet(feet), price: Cents(50 * feet + 7), available: None },
            })
        })
        .collect();
    let saw = Saw::default();
    for section in sticks_of(&lists, &sold, &[], saw) {
        let list = lists.iter().find(|list| list.section == section.section).expect("asked for");
        let plan = section.plan.expect("sold in every length");
        let wanted: Length = list.settings.iter().map(|setting| setting.length * setting.pieces.len() as i64).sum();
        let mut sum = Length::ZERO;
        let mut offcuts = Vec::new();
        let mut bought = Length::ZERO;
        for stick in &plan.sticks {
            let length = section.stock[stick.stock].length;
            let rest = rest_of(stick, length, saw);
            offcuts.push(rest.offcut);
            let pieces: Length = stick.cuts.iter().copied().sum();
            assert_eq!(pieces + rest.kerfs + rest.offcut, length);
            sum += pieces * i64::from(stick.count);
            bought += length * i64::from(stick.count);
        }
        assert_eq!(sum, wanted);
        assert_eq!(plan.waste(&section.stock), bought - wanted);
        assert!(offcuts.is_sorted(), "the largest waste is cut last");
    }
}

/// Whatever is ticked off, what is left to cut is the rest: no cut piece is asked for again, none is forgotten.
#[test]
fn what_is_ticked_off_is_not_asked_for_again() {
    let (_, all) = pieces(&bearing());
    for every in 1..6 {
        let tick = |piece: &CutPiece| Tick {
            device: 1,
            piece: piece.id,
            section: piece.section(),
            length: piece.length,
            bevel: piece.bevel,
            taken_back: false,
        };
        let ticks: Vec<Tick> = all.pieces.iter().step_by(every).map(tick).collect();
        let done = progress(&all, &made(&ticks));
        assert!(done.left.is_empty() && done.stands_in.is_empty());
        let rest = cut_list(all.pieces.iter().enumerate().filter(|(place, _)| !done.cut[*place]));
        let asked: BTreeSet<usize> =
            rest.iter().flat_map(|list| &list.settings).flat_map(|setting| setting.pieces.iter().copied()).collect();
        let ticked: BTreeSet<usize> = (0..all.pieces.len()).step_by(every).collect();
        assert!(asked.is_disjoint(&ticked));
        assert_eq!(asked.len() + ticked.len(), all.pieces.len());
    }
}

/// What is framed stands: it is on no list until the design changes, and then only what is no longer alike comes back.
#[test]
fn what_is_framed_as_it_stands_is_not_cut_again() {
    let mut job = bearing();
    let (_, before) = pieces(&job);
    assert!(before.standing.is_empty());
    let opening = job.walls[0].openings[0].clone();
    let framed = FramedAs { design: opening.design, jacks: opening.jacks.clone(), kings: opening.kings.clone() };
    job.walls[0].openings[0].framed_as = Some(framed);
    let (_, now) = pieces(&job);
    let of_it = |piece: &&CutPiece| piece.id.of.opening() == Some(opening.id);
    let theirs: Vec<&CutPiece> = before.pieces.iter().filter(of_it).collect();
    assert_eq!(now.standing.iter().collect::<Vec<_>>(), theirs);
    assert_eq!(now.pieces.len() + theirs.len(), before.pieces.len());
    assert!(now.pieces.iter().all(|piece| piece.id.of.opening().is_none()));

    // Two inches wider: the header and the sills are others, the kings and the jacks stand.
    let unit = job.walls[0].openings[0].design.unit;
    job.walls[0].openings[0].design.unit = Size { width: unit.width + Length::inches(2), ..unit };
    job.walls[0].openings[0].design.rough = None;
    let (_, wider) = pieces(&job);
    let roles =
        |pieces: &[CutPiece]| -> BTreeSet<For> { pieces.iter().filter(of_it).map(|piece| piece.id.for_).collect() };
    let (stand, again) = (roles(&wider.standing), roles(&wider.pieces));
    assert!(stand.contains(&For::Wall(Role::King)) && stand.contains(&For::Wall(Role::Jack)), "{stand:?}");
    assert!(again.contains(&For::Wall(Role::Header)) && !again.contains(&For::Wall(Role::King)), "{again:?}");
    let said = wider.standing_phrases(&job);
    assert_eq!(said.len(), 1);
}

/// Every piece of the list lies on one stick, at its own length, and the first of the list comes first.
#[test]
fn every_piece_is_cut_from_one_stick() {
    let (_, all) = pieces(&bearing());
    let lists = cut_list(all.pieces.iter().enumerate());
    let sections = sticks_of(&lists, &yard(&lists), &[], Saw::default());
    let mut seen = BTreeSet::new();
    for (section, list) in sections.iter().zip(&lists) {
        let plan = section.plan.as_ref().expect("there are sticks");
        assert_eq!(section.pieces.len(), plan.sticks.len());
        let mut by_length: BTreeMap<Length, Vec<usize>> = BTreeMap::new();
        for (line, sticks) in plan.sticks.iter().zip(&section.pieces) {
            assert_eq!(sticks.len(), line.count as usize);
            for stick in sticks {
                let lengths: Vec<Length> = stick.iter().map(|place| all.pieces[*place].length).collect();
                assert_eq!(lengths, line.cuts);
                for place in stick {
                    assert!(seen.insert(*place), "{place} lies on two sticks");
                    by_length.entry(all.pieces[*place].length).or_default().push(*place);
                }
            }
        }
        let mut listed: BTreeMap<Length, Vec<usize>> = BTreeMap::new();
        for setting in &list.settings {
            listed.entry(setting.length).or_default().extend(&setting.pieces);
        }
        assert_eq!(by_length, listed, "in the list's order");
    }
    assert_eq!(seen.len(), all.pieces.len());
}

/// What a yard has, for the houses that are worked by hand.
fn yard(list: &[SectionList]) -> Vec<Sold> {
    let lengths =
        [(Length::inches_and(92, 5, 8), 389), (Length::feet(8), 398), (Length::feet(12), 618), (Length::feet(16), 842)];
    let each = |list: &SectionList| {
        let section = list.section.clone();
        lengths.map(|(length, price)| Sold {
            section: section.clone(),
            stick: StickStock { length, price: Cents(price), available: None },
        })
    };
    list.iter().flat_map(each).collect()
}

/// Dollars and board feet of all a job's sticks.
fn bought(job: &Job) -> (Cents, f64, usize) {
    let (_, all) = pieces(job);
    assert!(all.held_back.is_empty());
    let lists = cut_list(all.pieces.iter().enumerate());
    let sticks = sticks_of(&lists, &yard(&lists), &[], Saw::default());
    let plans = sticks.iter().map(|section| section.plan.as_ref().expect("sold"));
    assert!(plans.clone().all(StickPlan::is_optimal));
    (plans.map(|plan| plan.cost).sum(), sticks.iter().map(board_feet_of).sum(), all.pieces.len())
}

/// A blank partition of 12 ft and 97 1/8 in. over its plates, 16 in. on center.
fn blank(id: u128, length: Length) -> Wall {
    let mut wall = Wall::new(WallId(id), "blank");
    wall.frame.length = length;
    wall.frame.height = WallHeight::Studs(Length::inches_and(92, 5, 8));
    wall
}

/// By hand: three plates of 12 ft, each a stick; studs at 0, 15 1/4, 31 1/4 … 127 1/4 and 142 1/2, ten of 92 5/8, each a precut one.
/// 3 · 6.18 + 10 · 3.89 = 57.44; 2·4/12 · (36 + 10 · 92.625/12) = 75.4583 board feet.
#[test]
fn a_blank_wall_costs_what_it_costs_by_hand() {
    let mut job = Job::empty("by hand", vec![]);
    job.walls.push(blank(1, Length::feet(12)));
    let (cost, feet, pieces) = bought(&job);
    assert_eq!((cost, pieces), (Cents(3 * 618 + 10 * 389), 13));
    assert!((feet - 8.0 / 12.0 * (36.0 + 10.0 * 92.625 / 12.0)).abs() < 1e-9);
}

/// By hand: the wall of 12 ft, and one of 4 ft with studs at 0, 15 1/4, 31 1/4 and 46 1/2. Its three plates of 48 in. go beside studs: two
/// of them and a stud on 16 ft (92 5/8 + 96 + 2/8 = 188 7/8), one and a stud on 12 ft (140 3/4), as (8.42 − 3.89)/2 and 6.18 − 3.89 are less
/// than what a plate costs on sticks of its own (8.42/3). 3 · 6.18 + 8.42 + 6.18 + 12 · 3.89 = 79.82; 2·4/12 · (36 + 16 + 12 + 12 · 92.625/12)
/// board feet.
#[test]
fn two_walls_share_what_they_can_and_no_more() {
    let mut job = Job::empty("by hand", vec![]);
    job.walls.push(blank(1, Length::feet(12)));
    job.walls.push(blank(2, Length::feet(4)));
    let (cost, feet, pieces) = bought(&job);
    assert_eq!((cost, pieces), (Cents(3 * 618 + 842 + 618 + 12 * 389), 20));
    assert!((feet - 8.0 / 12.0 * (36.0 + 16.0 + 12.0 + 12.0 * 92.625 / 12.0)).abs() < 1e-9);
}

/// By hand: 16d common. Ten studs, two at each end: 40. Two plates of 12 ft nailed to one another, and the sole plate to the joists, at 16 in.:
/// nine spaces, ten nails each.
#[test]
fn the_nails_of_a_blank_wall_are_counted_by_hand() {
    let mut job = Job::empty("by hand", vec![]);
    job.walls.push(blank(1, Length::feet(12)));
    let hardware = hardware_of(&JobPlan::of(job));
    assert_eq!(hardware.nails.into_iter().collect::<Vec<_>>(), [(Nail::SixteenCommon, 40 + 10 + 10)]);
    assert!(hardware.hangers.is_empty() && hardware.bolts == 0);
}

/// What stands as it was framed is nailed: only the joints of the blank wall are left to buy nails for.
#[test]
fn what_is_framed_needs_no_nails() {
    let mut job = bearing();
    let count = |job: &Job| hardware_of(&JobPlan::of(job.clone())).nails.values().sum::<u32>();
    let open = count(&job);
    let opening = &mut job.walls[0].openings[0];
    let (jacks, kings) = (opening.jacks.clone(), opening.kings.clone());
    opening.framed_as = Some(FramedAs { design: opening.design, jacks, kings });
    let framed = count(&job);
    assert!(0 < framed && framed < open, "{framed} of {open}");
    // Changed since, it is nailed anew.
    job.walls[0].openings[0].design.center += Length::inches(2);
    assert!(framed < count(&job));
}

/// A beam that hangs at another's side has a hanger there, and one only.
#[test]
fn a_beam_that_hangs_has_a_hanger() {
    let mut hand = Hand::with_storeys(1);
    for offset in [0, 24] {
        hand.foundation(Axis::X, feet(offset), (feet(0), feet(24)));
        hand.wall(1 + offset as u128, 0, Axis::X, feet(offset), (feet(0), feet(24)));
    }
    hand.beam(0, Axis::X, feet(12), (feet(0), feet(24)), 20.0);
    for x in [0, 12, 24] {
        hand.post(0, feet(x), feet(12));
        hand.pad(feet(x), feet(12), 36);
    }
    hand.beam(0, Axis::Y, feet(6), (feet(0), feet(12)), 20.0);
    let hangers = hardware_of(&hand.plan()).hangers;
    assert_eq!(hangers.values().sum::<u32>(), 1, "{hangers:?}");
}

/// What falls off in lengths worth keeping is used by a later truck or is left, each stick once; what is cut from it is no waste.
#[test]
fn offcuts_are_used_or_left_and_pieces_of_them_are_no_waste() {
    let used: u32 = (18..40).map(used_of_a_wall).sum();
    assert!(0 < used, "an offcut of some sole plate gives something");
}

/// How many offcuts the second truck uses for a wall so many feet long with rows of blocking.
fn used_of_a_wall(feet: i64) -> u32 {
    let mut job = bearing();
    job.walls[0].frame.length = Length::feet(feet);
    job.walls[0].frame.framing.blocking = vec![Length::inches(30)];
    let plan = JobPlan::of(job);
    let all = pieces_of_job(&plan);
    let pieces: Vec<_> = all.pieces.iter().enumerate().collect();
    let sold = yard(&cut_list(pieces.iter().copied()));
    let planned = plan_deliveries(plan.job(), &pieces, Trucks::Twice, &sold, Saw::default());
    let (mut fell, mut used) = (0, 0);
    let (mut bought, mut in_pieces) = (Length::ZERO, Length::ZERO);
    for section in planned.deliveries.iter().flat_map(|delivery| &delivery.sections) {
        for stick in section.plan.iter().flat_map(|plan| &plan.sticks) {
            let length = section.stock[stick.stock].length;
            if WORTH_KEEPING <= rest_of(stick, length, Saw::default()).offcut {
                fell += stick.count;
            }
            if section.is_at_hand(stick.stock) {
                used += stick.count;
            } else {
                bought += length * i64::from(stick.count);
            }
            in_pieces += stick.cuts.iter().copied().sum::<Length>() * i64::from(stick.count);
        }
    }
    let left: u32 = planned.left.iter().filter_map(|left| left.stick.available).sum();
    assert_eq!(fell, used + left);
    let waste = totals(&planned.deliveries, Allowance::default()).waste_percent;
    assert!((waste - (bought - in_pieces).percent_of(bought)).abs() < 1e-9, "{waste}");
    used
}

fn planned_deliveries(job: &Job, trucks: Trucks) -> Vec<PlannedDelivery> {
    let plan = JobPlan::of(job.clone());
    let all = pieces_of_job(&plan);
    let pieces: Vec<_> = all.pieces.iter().enumerate().collect();
    let lists = cut_list(pieces.iter().copied());
    plan_deliveries(plan.job(), &pieces, trucks, &yard(&lists), Saw::default()).deliveries
}

#[test]
fn the_first_truck_brings_the_sole_plates_and_what_it_leaves_is_used_before_anything_is_bought() {
    let mut job = Job::empty("by hand", vec![]);
    job.walls.push(blank(1, Length::feet(9)));
    let planned = planned_deliveries(&job, Trucks::Twice);
    assert_eq!(
        planned.iter().map(|each| each.delivery).collect::<Vec<_>>(),
        [Delivery::PlatesAndTreated, Delivery::Rest]
    );
    let cut = |delivery: &PlannedDelivery| -> Vec<Length> {
        let plans = delivery.sections.iter().filter_map(|section| section.plan.as_ref().ok());
        let sticks = plans.flat_map(|plan| plan.sticks.clone());
        let mut cuts: Vec<Length> =
            sticks.flat_map(|stick| std::iter::repeat_n(stick.cuts, stick.count as usize).flatten()).collect();
        cuts.sort_unstable();
        cuts
    };
    // One sole plate of 9 ft; two plates and the studs come later, and every piece once.
    assert_eq!(cut(&planned[0]), [Length::feet(9)]);
    let all = planned_deliveries(&job, Trucks::Once);
    let mut both: Vec<Length> = planned.iter().flat_map(cut).collect();
    both.sort_unstable();
    assert_eq!(both, cut(&all[0]));
    // Nobody pays for what is at hand.
    let sections = planned.iter().flat_map(|delivery| &delivery.sections);
    for section in sections {
        let bought: Cents = section.lines(Allowance::default()).iter().map(|line| line.price * line.count).sum();
        assert_eq!(Some(bought), section.plan.as_ref().ok().map(|plan| plan.cost));
    }
    assert!(totals(&all, Allowance::default()).cost <= totals(&planned, Allowance::default()).cost);
}

/// By hand: 2x4 SPF at 19 % weighs 1.5 · 3.5 / 144 · 29.098 = 1.0609 lb a foot; three plates of 12 ft and ten precut studs.
#[test]
fn a_truck_weighs_what_its_sticks_weigh() {
    let mut job = Job::empty("by hand", vec![]);
    job.walls.push(blank(1, Length::feet(12)));
    let planned = planned_deliveries(&job, Trucks::Once);
    let feet = 3.0 * 12.0 + 10.0 * 92.625 / 12.0;
    let pounds = truck_load(&planned[0], Allowance::default(), Moisture::USUAL);
    assert!((pounds - 1.060_87 * feet).abs() < 0.01, "{pounds}");
    // A tenth on top: one more plate, one more stud.
    let tenth = Allowance::percent(10).expect("allowed");
    let more = truck_load(&planned[0], tenth, Moisture::USUAL);
    assert!((more - pounds - 1.060_87 * (12.0 + 92.625 / 12.0)).abs() < 0.01, "{more}");
    assert_eq!(totals(&planned, tenth).allowance, Cents(618 + 389));
}
