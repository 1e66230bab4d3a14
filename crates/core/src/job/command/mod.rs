//! Every edit is a command. Applying one gives the new job and the command that takes it back exactly.

mod edit;
mod house;
mod list;
mod openings;
mod point_loads;
mod rules;
mod summary;
mod walls;

use std::collections::BTreeSet;

use super::Job;
use super::bounds::{self, Refused};

pub use edit::{AT_THE_END, Command, CommandError, Listing, MOST_OPENINGS_AT_ONCE, MOST_TOGETHER, Placement};
use list::absent;
pub use summary::summary;

/// A job after a command, and the way back.
#[derive(Clone, Debug, PartialEq)]
pub struct Applied {
    /// The job as it is now.
    pub job: Job,
    /// The command that restores the job as it was.
    pub inverse: Command,
}

/// Applies a command.
///
/// # Errors
/// [`CommandError`] if a value is not allowed or what is named is not there; the job is then unchanged.
pub fn apply(job: &Job, command: &Command) -> Result<Applied, CommandError> {
    let mut next = job.clone();
    let inverse = change(&mut next, command)?;
    each_id_once(&next)?;
    bounds::job(&next)?;
    Ok(Applied { job: next, inverse })
}

fn change(job: &mut Job, command: &Command) -> Result<Command, CommandError> {
    match command {
        Command::RenameJob { name } => Ok(rules::rename(job, name)),
        Command::ChangeParticulars { particulars } => Ok(rules::particulars(job, particulars)),
        Command::ChangeSettings { settings } => Ok(rules::settings(job, settings)),
        Command::ChangeStock { stock } => Ok(rules::stock(job, stock)),
        Command::LoadCodeTable { table } => Ok(rules::code_table(job, table.as_ref())),
        Command::AddWall { wall, at } => walls::add(job, wall, *at),
        Command::RemoveWall { wall } => walls::remove(job, *wall),
        Command::MirrorWall { wall } => walls::mirror(job, *wall),
        Command::MoveWall { wall, to } => walls::shift(job, *wall, *to),
        Command::PlaceWall { wall, place } => house::place_wall(job, *wall, *place),
        Command::AddPart { part, at } => house::add(job, part, *at),
        Command::ChangePart { part } => house::change(job, part),
        Command::RemovePart { part } => house::remove(job, *part),
        Command::ChangeGround { ground } => Ok(house::ground(job, *ground)),
        Command::ChangeWall { wall, frame } => walls::frame(job, *wall, frame),
        Command::ChangeCarries { wall, carries } => walls::carries(job, *wall, carries),
        Command::ChangeEvidence { wall, evidence } => walls::evidence(job, *wall, *evidence),
        Command::AddOpening { wall, opening, at } => openings::add(job, *wall, opening, *at),
        Command::RemoveOpening { opening, letters_given } => openings::remove(job, *opening, *letters_given),
        Command::MoveOpening { opening, to } => openings::place(job, *opening, *to),
        Command::ChangeOpening { opening, design } => openings::design(job, *opening, *design),
        Command::ChooseHeader { opening, header } => openings::header(job, *opening, *header),
        Command::OverrideCount { opening, role, end, decided } => {
            openings::count(job, *opening, *role, *end, decided.as_ref())
        }
        Command::MarkFramed { opening, framed } => openings::framed(job, *opening, framed.as_deref()),
        Command::AddPointLoad { wall, load, at } => point_loads::add(job, *wall, load, *at),
        Command::ChangePointLoad { load } => point_loads::change(job, load),
        Command::RemovePointLoad { load } => point_loads::remove(job, *load),
        Command::Together { commands } => together(job, commands),
    }
}

/// One after another; the way back goes through them from the last to the first.
fn together(job: &mut Job, commands: &[Command]) -> Result<Command, CommandError> {
    let nested = commands.iter().any(|command| matches!(command, Command::Together { .. }));
    if nested || commands.is_empty() || MOST_TOGETHER < commands.len() {
        return Err(CommandError::NotTogether);
    }
    let mut inverses = commands.iter().map(|command| change(job, command)).collect::<Result<Vec<_>, _>>()?;
    inverses.reverse();
    Ok(Command::Together { commands: inverses })
}

/// A wall that is added brings openings and point loads along: none may name another, nor one that is there.
fn each_id_once(job: &Job) -> Result<(), CommandError> {
    let openings = job.walls.iter().flat_map(|wall| &wall.openings).map(|opening| opening.id.0);
    let loads = job.walls.iter().flat_map(|wall| &wall.point_loads).map(|load| load.id.0);
    absent(all_different(job.stock.iter().map(|item| item.id.0)), Listing::Board)?;
    absent(all_different(job.walls.iter().map(|wall| wall.id.0)), Listing::Wall)?;
    absent(all_different(openings), Listing::Opening)?;
    absent(all_different(job.house.ids().map(|id| id.0)), Listing::Part)?;
    absent(all_different(loads), Listing::PointLoad)
}

fn all_different(ids: impl Iterator<Item = u128>) -> bool {
    let mut seen = BTreeSet::new();
    ids.into_iter().all(|id| seen.insert(id))
}

impl Command {
    /// Whether what it newly says of an opening can be meant: its unit is of a size that its kind comes in. What was kept before is
    /// not held to it; there it is asked.
    ///
    /// # Errors
    /// [`Refused`] with what is usual for the kind.
    pub fn is_meant(&self) -> Result<(), Refused> {
        match self {
            Self::AddOpening { opening, .. } => bounds::unit_size(&opening.design),
            Self::ChangeOpening { design, .. } => bounds::unit_size(design),
            Self::Together { commands } => commands.iter().try_for_each(Self::is_meant),
            _ => Ok(()),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::{Axis, Ground, HousePart, Level, PartId, Place, Post, Spot};
    use crate::job::OpeningKind;
    use crate::job::{
        CountOverride, FramedAs, Opening, OpeningDesign, OpeningId, Particulars, PointLoad, PointLoadId, Settings,
        Size, StockItem, StudRole, Wall, WallFrame, WallId,
    };
    use crate::loads::{BearingEvidence, WallCarries};
    use crate::loads::{ByKind, LoadKind, Seen};
    use crate::lumber::{EngineeredClass, HeaderBoard};
    use crate::measure::{End, Length};
    use crate::measure::{Ends, Force, Money};
    use crate::sizing::candidates::StockBoard;
    use crate::sizing::schools::JurisdictionTable;
    use proptest::prelude::*;

    fn opening(id: u128, center: i64) -> Opening {
        let size = Size { width: Length::inches(36), height: Length::inches(48) };
        let design = OpeningDesign {
            center: Length::inches(center),
            sill: Length::inches(34),
            ..OpeningDesign::usual(OpeningKind::Window, size)
        };
        Opening::new(OpeningId(id), design)
    }

    fn wall(id: u128) -> Wall {
        Wall {
            id: WallId(id),
            frame: WallFrame::usual("north"),
            evidence: BearingEvidence::default(),
            carries: WallCarries::Nothing,
            openings: vec![opening(100 + id, 40), opening(200 + id, 100)],
            letters_given: 0,
            point_loads: vec![],
            place: None,
        }
    }

    fn job() -> Job {
        let mut job = Job::empty("test", vec![]);
        job.walls = vec![wall(1), wall(2)];
        job.walls.iter_mut().for_each(Wall::give_letters);
        job
    }

    fn lvl() -> HeaderBoard {
        HeaderBoard::Engineered {
            class: EngineeredClass::Lvl20E,
            ply_width: Length::inches_and(1, 3, 4),
            depth: Length::inches_and(11, 7, 8),
        }
    }

    fn place(level: u128) -> Place {
        Place { level: PartId(level), axis: Axis::X, offset: Length::ZERO, start: Length::ZERO, turned: false }
    }

    /// Storeys, and posts on the first of them.
    fn part(id: u128) -> HousePart {
        if id < 902 {
            return HousePart::Level(Level { id: PartId(id), name: "storey".into(), height: Length::feet(8) });
        }
        let at = Spot { x: Length::feet(3), y: Length::ZERO };
        HousePart::Post(Post {
            id: PartId(id),
            level: PartId(900),
            name: "post".into(),
            at,
            weight: Force::ZERO,
            chosen: None,
        })
    }

    fn any_command() -> impl Strategy<Value = Command> {
        let opening_id = prop_oneof![Just(101), Just(201), Just(102), Just(999)].prop_map(OpeningId);
        prop_oneof![
            "[a-z]{1,8}".prop_map(|name| Command::RenameJob { name }),
            "[a-z]{0,8}".prop_map(|address| Command::ChangeParticulars {
                particulars: Particulars { address, ..Particulars::default() }
            }),
            (3_u128..6, 0_usize..4).prop_map(|(id, at)| Command::AddWall { wall: Box::new(wall(id)), at }),
            (1_u32..4).prop_map(|count| Command::ChangeStock {
                stock: StockItem::counted(
                    (0..count)
                        .map(|index| StockBoard { board: lvl(), price_per_foot: Some(Money::cents(f64::from(index))) })
                )
            }),
            Just(Command::LoadCodeTable { table: Some(JurisdictionTable { name: "county".into(), rows: vec![] }) }),
            Just(Command::ChangeSettings { settings: Box::new(Settings { creep: 2.0, ..Settings::default() }) }),
            (1_u128..3).prop_map(|id| Command::ChangeEvidence {
                wall: WallId(id),
                evidence: BearingEvidence { joists_land: Seen::Yes, ..BearingEvidence::default() },
            }),
            (1_u128..4).prop_map(|id| Command::MirrorWall { wall: WallId(id) }),
            (1_u128..4, 0_usize..5).prop_map(|(id, to)| Command::MoveWall { wall: WallId(id), to }),
            (1_u128..4).prop_map(|id| Command::RemoveWall { wall: WallId(id) }),
            (1_u128..3, 60_i64..400).prop_map(|(id, inches)| Command::ChangeWall {
                wall: WallId(id),
                frame: WallFrame { length: Length::inches(inches), ..WallFrame::usual("south") },
            }),
            (1_u128..3, 500_u128..503, 0_usize..3).prop_map(|(id, new, at)| Command::AddOpening {
                wall: WallId(id),
                opening: Box::new(opening(new, 50)),
                at
            }),
            opening_id.clone().prop_map(|opening| Command::RemoveOpening { opening, letters_given: None }),
            (opening_id.clone(), -10_i64..200).prop_map(|(opening, inches)| Command::MoveOpening {
                opening,
                to: Placement::Center(Length::inches(inches))
            }),
            (opening_id.clone(), any::<bool>()).prop_map(|(opening, framed)| {
                let was =
                    FramedAs { design: self::opening(1, 40).design, jacks: Ends::default(), kings: Ends::default() };
                Command::MarkFramed { opening, framed: framed.then(|| Box::new(was)) }
            }),
            (opening_id, 0_u8..12).prop_map(|(opening, count)| Command::OverrideCount {
                opening,
                role: StudRole::Jack,
                end: End::Left,
                decided: Some(CountOverride { count, reason: "bowed stud".into() }),
            }),
            (1_u128..3, 700_u128..702).prop_map(|(id, load)| Command::AddPointLoad {
                wall: WallId(id),
                load: PointLoad {
                    id: PointLoadId(load),
                    name: "girder".into(),
                    at: Length::inches(30),
                    amount: ByKind::of([(LoadKind::Dead, Force::lbf(900.0))]),
                },
                at: 0,
            }),
            (1_u128..4, prop::option::of(Just(900_u128)))
                .prop_map(|(id, level)| Command::PlaceWall { wall: WallId(id), place: level.map(place) }),
            (900_u128..904, 0_usize..3).prop_map(|(id, at)| Command::AddPart { part: Box::new(part(id)), at }),
            (900_u128..904, "[a-z]{1,8}").prop_map(|(id, name)| {
                let HousePart::Post(post) = part(id) else { return Command::ChangePart { part: Box::new(part(id)) } };
                Command::ChangePart { part: Box::new(HousePart::Post(Post { name, ..post })) }
            }),
            (900_u128..904).prop_map(|id| Command::RemovePart { part: PartId(id) }),
            any::<bool>().prop_map(|slab| Command::ChangeGround { ground: Ground { slab, ..Ground::default() } }),
            (700_u128..702, 0_i64..100).prop_map(|(load, inches)| Command::ChangePointLoad {
                load: PointLoad {
                    id: PointLoadId(load),
                    name: "hip".into(),
                    at: Length::inches(inches),
                    amount: ByKind::of([(LoadKind::Snow, Force::lbf(400.0))]),
                },
            }),
        ]
    }

    proptest! {
        #[test]
        fn every_command_is_taken_back_exactly(commands in prop::collection::vec(any_command(), 1..12)) {
            let start = job();
            let mut now = start.clone();
            let mut inverses = Vec::new();
            for command in &commands {
                if let Ok(applied) = apply(&now, command) {
                    prop_assert!(!summary(command, &now, &applied.job).id.is_empty());
                    now = applied.job;
                    inverses.push(applied.inverse);
                }
            }
            for inverse in inverses.iter().rev() {
                now = apply(&now, inverse).expect("an inverse always applies").job;
            }
            prop_assert_eq!(now, start);
        }

        /// Several as one do what they do one after another, and are taken back as one.
        #[test]
        fn several_are_one(commands in prop::collection::vec(any_command(), 1..6)) {
            let start = job();
            let one_after_another =
                commands.iter().try_fold(start.clone(), |now, command| apply(&now, command).map(|applied| applied.job));
            let together = apply(&start, &Command::Together { commands });
            if let (Ok(one_after_another), Ok(together)) = (one_after_another, together) {
                prop_assert_eq!(&together.job, &one_after_another);
                prop_assert_eq!(apply(&together.job, &together.inverse).expect("taken back").job, start);
            }
        }
    }

    #[test]
    fn several_are_held_to_the_rules_as_one() {
        // Only the longer wall makes room for the opening: in the other order it would be refused, and one after another as well.
        let longer = Command::ChangeWall {
            wall: WallId(1),
            frame: WallFrame { length: Length::feet(30), ..WallFrame::usual("north") },
        };
        let far = Command::MoveOpening { opening: OpeningId(101), to: Placement::Center(Length::feet(20)) };
        let together = |commands: Vec<Command>| apply(&job(), &Command::Together { commands });
        assert!(together(vec![far.clone(), longer.clone()]).is_ok(), "what counts is how it is in the end");
        assert!(together(vec![far]).is_err());
        let nested = Command::Together { commands: vec![Command::Together { commands: vec![] }] };
        assert_eq!(together(vec![nested]), Err(CommandError::NotTogether));
        assert_eq!(together(vec![]), Err(CommandError::NotTogether));
        assert_eq!(together(vec![longer; MOST_TOGETHER + 1]), Err(CommandError::NotTogether));
    }

    #[test]
    fn an_opening_is_placed_by_its_center_or_by_either_face() {
        let center = |to| {
            let applied = apply(&job(), &Command::MoveOpening { opening: OpeningId(101), to }).expect("on the wall");
            applied.job.walls[0].openings[0].design.center
        };
        // Rough opening 36 1/2 in a wall of 12 ft.
        assert_eq!(center(Placement::Center(Length::inches(50))), Length::inches(50));
        assert_eq!(center(Placement::LeftFace(Length::inches(20))), Length::inches_and(38, 1, 4));
        assert_eq!(center(Placement::RightFace(Length::inches(20))), Length::inches_and(105, 3, 4));
    }

    #[test]
    fn letters_stay_with_their_openings_and_none_is_given_twice() {
        let letters = |job: &Job| -> Vec<String> {
            job.walls[0].openings.iter().filter_map(|each| each.letter).map(|letter| letter.to_string()).collect()
        };
        let start = job();
        assert_eq!(letters(&start), ["A", "B"]);
        let add = |id| Command::AddOpening { wall: WallId(1), opening: Box::new(opening(id, 10)), at: 9 };
        let added = apply(&start, &add(500)).expect("added");
        assert_eq!(letters(&added.job), ["A", "B", "C"], "though it stands at the left of both");
        let removed = apply(&added.job, &Command::RemoveOpening { opening: OpeningId(500), letters_given: None });
        let again = apply(&removed.expect("removed").job, &add(501)).expect("added");
        assert_eq!(letters(&again.job), ["A", "B", "D"]);
        assert_eq!(apply(&added.job, &added.inverse).expect("taken back").job, start);
    }

    #[test]
    fn a_storey_with_something_on_it_stays() {
        let add = |id| Command::AddPart { part: Box::new(part(id)), at: 0 };
        let on_it = Command::PlaceWall { wall: WallId(1), place: Some(place(900)) };
        let job = apply(&job(), &Command::Together { commands: vec![add(900), on_it] }).expect("placed").job;
        let error = apply(&job, &Command::RemovePart { part: PartId(900) }).expect_err("a wall stands on it");
        assert!(error.phrase().to_string().contains("input-part-level"), "{error}");
        let out = Command::PlaceWall { wall: WallId(1), place: None };
        let both = vec![out, Command::RemovePart { part: PartId(900) }];
        let applied = apply(&job, &Command::Together { commands: both }).expect("both go");
        assert_eq!(apply(&applied.job, &applied.inverse).expect("taken back").job, job);
    }

    #[test]
    fn a_refused_command_names_what_is_wrong() {
        let off_the_wall = Command::MoveOpening { opening: OpeningId(101), to: Placement::Center(Length::feet(30)) };
        let error = apply(&job(), &off_the_wall).expect_err("the wall is 12 ft long");
        assert!(error.phrase().to_string().contains("allowed-on-wall-between-ends (length: 12'-0\")"), "{error}");
        let gone = Command::RemoveOpening { opening: OpeningId(1), letters_given: None };
        assert_eq!(apply(&job(), &gone), Err(CommandError::NotFound(Listing::Opening)));
        let twice = Command::AddWall { wall: Box::new(wall(1)), at: 0 };
        assert_eq!(apply(&job(), &twice), Err(CommandError::AlreadyThere(Listing::Wall)));
    }
}
