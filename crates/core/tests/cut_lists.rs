//! What is cut of a job: every member once, under a name that it keeps; and that the lists, the packs and the sticks add up to it.

mod common;

use std::collections::BTreeSet;

use common::hand::{Hand, feet, floor};
use common::pieces::members_are_pieces;
use common::{carrying, job_of, planned, roof};
use sturvek_core::cutting::job_sticks::{Sold, board_feet_of, rest_of, sticks_of};
use sturvek_core::cutting::lists::{SectionList, cut_list};
use sturvek_core::cutting::packs::{Pack, PackIs, packs_of_job};
use sturvek_core::cutting::pieces::{CutPiece, For, HeldBack, JobPieces, Of, PieceId, pieces_of_job};
use sturvek_core::cutting::progress::{Tick, made, progress};
use sturvek_core::cutting::sticks::{Saw, StickPlan, StickStock};
use sturvek_core::framing::member::Role;
use sturvek_core::house::Axis;
use sturvek_core::job::{Job, Opening, OpeningDesign, OpeningId, OpeningKind, Size, Wall, WallEnd, WallHeight, WallId};
use sturvek_core::loads::{Framing, WallCarries};
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
    let corners = packs.iter().find(|pack| matches!(pack.goes[0].is, PackIs::Corner(_))).expect("a corner");
    assert_eq!((corners.goes.len(), corners.pieces.iter().map(|piece| piece.count).sum::<u32>()), (2, 3));
    let header = packs.iter().find(|pack| matches!(pack.goes[0].is, PackIs::Header(_))).expect("a header");
    let filler = header.filler.expect("two plies of 2x in a 2x4 wall");
    assert_eq!(filler.thickness, Length::inches_and(0, 1, 2));
    assert_eq!(filler.length, header.pieces[0].length);
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
    for section in sticks_of(&lists, &sold, saw) {
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
        let done = progress(&all.pieces, &made(&ticks));
        assert!(done.left.is_empty() && done.stands_in.is_empty());
        let rest = cut_list(all.pieces.iter().enumerate().filter(|(place, _)| !done.cut[*place]));
        let asked: BTreeSet<usize> =
            rest.iter().flat_map(|list| &list.settings).flat_map(|setting| setting.pieces.iter().copied()).collect();
        let ticked: BTreeSet<usize> = (0..all.pieces.len()).step_by(every).collect();
        assert!(asked.is_disjoint(&ticked));
        assert_eq!(asked.len() + ticked.len(), all.pieces.len());
    }
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
    let sticks = sticks_of(&lists, &yard(&lists), Saw::default());
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
