//! Every edit is a command. Applying one gives the new job and the command that takes it back exactly.

use std::collections::BTreeSet;

use thiserror::Error;

use super::bounds::{self, Refused};
use super::mirror::mirror;
use super::rough_opening::rough_opening;
use super::{
    CountOverride, FramedAs, HeaderChoice, Job, Opening, OpeningDesign, OpeningId, PointLoad, PointLoadId, Settings,
    Size, StockItem, StudRole, Wall, WallFrame, WallId,
};
use crate::loads::{BearingEvidence, WallCarries};
use crate::measure::{End, Length, LengthStyle};
use crate::sizing::schools::JurisdictionTable;

/// Where an opening stands, as somebody measures it.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Placement {
    /// Its center, from the wall's left end.
    Center(Length),
    /// The left face of its rough opening, from the wall's left end.
    LeftFace(Length),
    /// The right face of its rough opening, from the wall's right end.
    RightFace(Length),
}

impl Placement {
    fn center(self, rough_width: Length, wall_length: Length) -> Length {
        match self {
            Self::Center(center) => center,
            Self::LeftFace(gap) => gap + rough_width.half(),
            Self::RightFace(gap) => wall_length - gap - rough_width.half(),
        }
    }
}

/// An edit.
#[derive(Clone, Debug, PartialEq)]
pub enum Command {
    /// Gives the job another name.
    RenameJob {
        /// The name.
        name: String,
    },
    /// Changes the job's settings.
    ChangeSettings {
        /// The settings.
        settings: Box<Settings>,
    },
    /// Changes what headers can be made of.
    ChangeStock {
        /// The whole stock.
        stock: Vec<StockItem>,
    },
    /// Loads the jurisdiction's own header table, or puts it away.
    LoadCodeTable {
        /// The table; `None` goes back to the code tables' basis.
        table: Option<JurisdictionTable>,
    },
    /// Changes what was looked at to find out whether a wall bears.
    ChangeEvidence {
        /// Which wall.
        wall: WallId,
        /// What was seen.
        evidence: BearingEvidence,
    },
    /// Adds a wall, with whatever is in it.
    AddWall {
        /// The wall.
        wall: Box<Wall>,
        /// Its place in the list.
        at: usize,
    },
    /// Takes a wall out.
    RemoveWall {
        /// Which.
        wall: WallId,
    },
    /// Turns a wall end for end, with everything in it.
    MirrorWall {
        /// Which.
        wall: WallId,
    },
    /// Moves a wall to another place in the list.
    MoveWall {
        /// Which.
        wall: WallId,
        /// Its place.
        to: usize,
    },
    /// Changes a wall's frame.
    ChangeWall {
        /// Which.
        wall: WallId,
        /// Its frame.
        frame: WallFrame,
    },
    /// Changes what a wall carries.
    ChangeCarries {
        /// Which wall.
        wall: WallId,
        /// What it carries.
        carries: WallCarries,
    },
    /// Adds an opening.
    AddOpening {
        /// To which wall.
        wall: WallId,
        /// The opening.
        opening: Box<Opening>,
        /// Its place in the list.
        at: usize,
    },
    /// Takes an opening out.
    RemoveOpening {
        /// Which.
        opening: OpeningId,
        /// How many letters the wall had given before it was added, where this takes its adding back.
        letters_given: Option<u16>,
    },
    /// Moves an opening along its wall.
    MoveOpening {
        /// Which.
        opening: OpeningId,
        /// Where to.
        to: Placement,
    },
    /// Changes what an opening is: kind, sizes, heights, how its header hangs.
    ChangeOpening {
        /// Which.
        opening: OpeningId,
        /// Its design.
        design: OpeningDesign,
    },
    /// Chooses a header, or leaves it to the leanest.
    ChooseHeader {
        /// For which opening.
        opening: OpeningId,
        /// Which.
        header: HeaderChoice,
    },
    /// Decides a count of jacks or kings, with a reason, or takes the decision back.
    OverrideCount {
        /// For which opening.
        opening: OpeningId,
        /// Jacks or kings.
        role: StudRole,
        /// At which end.
        end: End,
        /// The decision; `None` goes back to the count that is computed.
        decided: Option<CountOverride>,
    },
    /// Marks an opening as framed the way it is now, so that later changes are held against it; or takes the mark back.
    MarkFramed {
        /// Which opening.
        opening: OpeningId,
        /// What it was when it was framed; `None` if it is not.
        framed: Option<Box<FramedAs>>,
    },
    /// Adds a point load.
    AddPointLoad {
        /// On which wall.
        wall: WallId,
        /// The load.
        load: PointLoad,
        /// Its place in the list.
        at: usize,
    },
    /// Changes a point load: its name, place or size.
    ChangePointLoad {
        /// The load as it shall be, under the identity it has.
        load: PointLoad,
    },
    /// Takes a point load away.
    RemovePointLoad {
        /// Which.
        load: PointLoadId,
    },
}

/// Why a command cannot be applied.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
pub enum CommandError {
    /// Values are not allowed.
    #[error(transparent)]
    Refused(#[from] Refused),
    /// What it names is not in the job any more.
    #[error("That {0} is not in this job any more.")]
    NotFound(&'static str),
    /// Something with that identity is in the job already.
    #[error("That {0} is in this job already.")]
    AlreadyThere(&'static str),
}

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
    Ok(match command {
        Command::RenameJob { name } => Command::RenameJob { name: std::mem::replace(&mut job.name, name.clone()) },
        Command::ChangeSettings { settings } => {
            Command::ChangeSettings { settings: std::mem::replace(&mut job.settings, (**settings).clone()).into() }
        }
        Command::ChangeStock { stock } => {
            Command::ChangeStock { stock: std::mem::replace(&mut job.stock, stock.clone()) }
        }
        Command::LoadCodeTable { table } => {
            Command::LoadCodeTable { table: std::mem::replace(&mut job.code_table, table.clone()) }
        }
        Command::ChangeEvidence { wall, evidence } => {
            let target = wall_mut(job, *wall)?;
            Command::ChangeEvidence { wall: *wall, evidence: std::mem::replace(&mut target.evidence, *evidence) }
        }
        Command::AddWall { wall, at } => {
            absent(job.wall(wall.id).is_none(), "wall")?;
            let mut added = (**wall).clone();
            added.give_letters();
            job.walls.insert((*at).min(job.walls.len()), added);
            Command::RemoveWall { wall: wall.id }
        }
        Command::RemoveWall { wall } => {
            let at = job.walls.iter().position(|each| each.id == *wall).ok_or(CommandError::NotFound("wall"))?;
            Command::AddWall { wall: Box::new(job.walls.remove(at)), at }
        }
        Command::MirrorWall { wall } => {
            let rules = job.settings.rough;
            mirror(wall_mut(job, *wall)?, &rules);
            Command::MirrorWall { wall: *wall }
        }
        Command::MoveWall { wall, to } => {
            let from = job.walls.iter().position(|each| each.id == *wall).ok_or(CommandError::NotFound("wall"))?;
            let moved = job.walls.remove(from);
            job.walls.insert((*to).min(job.walls.len()), moved);
            Command::MoveWall { wall: *wall, to: from }
        }
        Command::ChangeWall { wall, frame } => {
            let target = wall_mut(job, *wall)?;
            Command::ChangeWall { wall: *wall, frame: std::mem::replace(&mut target.frame, frame.clone()) }
        }
        Command::ChangeCarries { wall, carries } => {
            let target = wall_mut(job, *wall)?;
            Command::ChangeCarries { wall: *wall, carries: std::mem::replace(&mut target.carries, carries.clone()) }
        }
        Command::AddOpening { wall, opening, at } => {
            absent(job.opening(opening.id).is_none(), "opening")?;
            let target = wall_mut(job, *wall)?;
            let taken = opening.letter.is_some() && target.openings.iter().any(|each| each.letter == opening.letter);
            absent(!taken, "letter")?;
            let letters_given = target.letters_given;
            target.openings.insert((*at).min(target.openings.len()), (**opening).clone());
            target.give_letters();
            Command::RemoveOpening { opening: opening.id, letters_given: Some(letters_given) }
        }
        Command::RemoveOpening { opening, letters_given } => {
            let found = job.walls.iter_mut().find_map(|wall| {
                let at = wall.openings.iter().position(|each| each.id == *opening)?;
                Some((wall, at))
            });
            let (wall, at) = found.ok_or(CommandError::NotFound("opening"))?;
            if let Some(before) = letters_given {
                wall.letters_given = *before;
            }
            Command::AddOpening { wall: wall.id, opening: Box::new(wall.openings.remove(at)), at }
        }
        Command::MoveOpening { opening, to } => {
            let (wall, found) = job.opening(*opening).ok_or(CommandError::NotFound("opening"))?;
            let center = to.center(rough_opening(&found.design, &job.settings.rough).width, wall.frame.length);
            let before = std::mem::replace(&mut opening_mut(job, *opening)?.design.center, center);
            Command::MoveOpening { opening: *opening, to: Placement::Center(before) }
        }
        Command::ChangeOpening { opening, design } => {
            let target = opening_mut(job, *opening)?;
            Command::ChangeOpening { opening: *opening, design: std::mem::replace(&mut target.design, *design) }
        }
        Command::ChooseHeader { opening, header } => {
            let target = opening_mut(job, *opening)?;
            Command::ChooseHeader { opening: *opening, header: std::mem::replace(&mut target.design.header, *header) }
        }
        Command::OverrideCount { opening, role, end, decided } => {
            let target = opening_mut(job, *opening)?;
            let counts = match role {
                StudRole::Jack => &mut target.jacks,
                StudRole::King => &mut target.kings,
            };
            let before = std::mem::replace(counts.at_mut(*end), decided.clone());
            Command::OverrideCount { opening: *opening, role: *role, end: *end, decided: before }
        }
        Command::MarkFramed { opening, framed } => {
            let target = opening_mut(job, *opening)?;
            let before = std::mem::replace(&mut target.framed_as, framed.as_deref().cloned());
            Command::MarkFramed { opening: *opening, framed: before.map(Box::new) }
        }
        Command::AddPointLoad { wall, load, at } => {
            let taken = job.walls.iter().flat_map(|wall| &wall.point_loads).any(|each| each.id == load.id);
            absent(!taken, "point load")?;
            let target = wall_mut(job, *wall)?;
            target.point_loads.insert((*at).min(target.point_loads.len()), load.clone());
            Command::RemovePointLoad { load: load.id }
        }
        Command::ChangePointLoad { load } => {
            let mut loads = job.walls.iter_mut().flat_map(|wall| &mut wall.point_loads);
            let target = loads.find(|each| each.id == load.id).ok_or(CommandError::NotFound("point load"))?;
            Command::ChangePointLoad { load: std::mem::replace(target, load.clone()) }
        }
        Command::RemovePointLoad { load } => {
            let found = job.walls.iter_mut().find_map(|wall| {
                let at = wall.point_loads.iter().position(|each| each.id == *load)?;
                Some((wall, at))
            });
            let (wall, at) = found.ok_or(CommandError::NotFound("point load"))?;
            Command::AddPointLoad { wall: wall.id, load: wall.point_loads.remove(at), at }
        }
    })
}

/// A wall that is added brings openings and point loads along: none may name another, nor one that is there.
fn each_id_once(job: &Job) -> Result<(), CommandError> {
    let openings = job.walls.iter().flat_map(|wall| &wall.openings).map(|opening| opening.id.0);
    let loads = job.walls.iter().flat_map(|wall| &wall.point_loads).map(|load| load.id.0);
    absent(all_different(job.stock.iter().map(|item| item.id.0)), "board")?;
    absent(all_different(job.walls.iter().map(|wall| wall.id.0)), "wall")?;
    absent(all_different(openings), "opening")?;
    absent(all_different(loads), "point load")
}

fn all_different(ids: impl Iterator<Item = u128>) -> bool {
    let mut seen = BTreeSet::new();
    ids.into_iter().all(|id| seen.insert(id))
}

fn absent(is_absent: bool, what: &'static str) -> Result<(), CommandError> {
    if is_absent { Ok(()) } else { Err(CommandError::AlreadyThere(what)) }
}

fn wall_mut(job: &mut Job, id: WallId) -> Result<&mut Wall, CommandError> {
    job.walls.iter_mut().find(|wall| wall.id == id).ok_or(CommandError::NotFound("wall"))
}

fn opening_mut(job: &mut Job, id: OpeningId) -> Result<&mut Opening, CommandError> {
    let mut openings = job.walls.iter_mut().flat_map(|wall| &mut wall.openings);
    openings.find(|opening| opening.id == id).ok_or(CommandError::NotFound("opening"))
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
            _ => Ok(()),
        }
    }

    /// What it does, in a few words, for the history: `door 3'-0" x 6'-8" added`.
    pub fn summary(&self) -> String {
        let feet = |length: Length| length.written(LengthStyle::FeetInches);
        match self {
            Self::RenameJob { name } => format!("job renamed to {name}"),
            Self::ChangeSettings { .. } => "job settings changed".into(),
            Self::ChangeStock { stock } => format!("stock changed: {} boards", stock.len()),
            Self::LoadCodeTable { table: Some(table) } => {
                format!("header table {} loaded: {} rows", table.name, table.rows.len())
            }
            Self::LoadCodeTable { table: None } => "header table put away".into(),
            Self::ChangeEvidence { .. } => "evidence of bearing changed".into(),
            Self::AddWall { wall, .. } => format!("wall {} added", wall.frame.name),
            Self::RemoveWall { .. } => "wall removed".into(),
            Self::MirrorWall { .. } => "wall turned end for end".into(),
            Self::MoveWall { to, .. } => format!("wall moved to place {}", to + 1),
            Self::ChangeWall { frame, .. } => {
                format!("wall {} set to {} by {}", frame.name, feet(frame.length), feet(frame.height()))
            }
            Self::ChangeCarries { carries: WallCarries::Nothing, .. } => "wall marked as carrying nothing".into(),
            Self::ChangeCarries { .. } => "loads of the wall changed".into(),
            Self::AddOpening { opening, .. } => {
                let design = &opening.design;
                format!("{} {} x {} added", design.kind.word(), feet(design.unit.width), feet(design.unit.height))
            }
            Self::RemoveOpening { .. } => "opening removed".into(),
            Self::MoveOpening { to: Placement::Center(center), .. } => format!("opening moved to {}", feet(*center)),
            Self::MoveOpening { to: Placement::LeftFace(gap), .. } => {
                format!("opening moved to {} from the left end", feet(*gap))
            }
            Self::MoveOpening { to: Placement::RightFace(gap), .. } => {
                format!("opening moved to {} from the right end", feet(*gap))
            }
            Self::ChangeOpening { design, .. } => {
                let Size { width, height } = design.unit;
                format!("opening changed: {} {} x {}", design.kind.word(), feet(width), feet(height))
            }
            Self::ChooseHeader { header: HeaderChoice::BySchool, .. } => "header left to the governing school".into(),
            Self::ChooseHeader { header: HeaderChoice::Chosen(header), .. } => {
                format!("header {} chosen", header.name())
            }
            Self::OverrideCount { role, end, decided, .. } => {
                let role = match role {
                    StudRole::Jack => "jacks",
                    StudRole::King => "kings",
                };
                match decided {
                    Some(CountOverride { count, reason }) => {
                        format!("{count} {role} at the {} end: {reason}", end.word())
                    }
                    None => format!("{role} at the {} end as computed", end.word()),
                }
            }
            Self::MarkFramed { framed: Some(_), .. } => "opening marked as framed".into(),
            Self::MarkFramed { framed: None, .. } => "opening no longer marked as framed".into(),
            Self::AddPointLoad { load, .. } => format!("point load {} added at {}", load.name, feet(load.at)),
            Self::ChangePointLoad { load } => format!("point load {} at {} changed", load.name, feet(load.at)),
            Self::RemovePointLoad { .. } => "point load removed".into(),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::OpeningKind;
    use crate::loads::{ByKind, Seen};
    use crate::lumber::{EngineeredClass, HeaderBoard};
    use crate::measure::{Ends, Force, Money};
    use crate::sizing::candidates::StockBoard;
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

    fn any_command() -> impl Strategy<Value = Command> {
        let opening_id = prop_oneof![Just(101), Just(201), Just(102), Just(999)].prop_map(OpeningId);
        prop_oneof![
            "[a-z]{1,8}".prop_map(|name| Command::RenameJob { name }),
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
                    amount: ByKind { dead: Force::lbf(900.0), ..ByKind::default() },
                },
                at: 0,
            }),
            (700_u128..702, 0_i64..100).prop_map(|(load, inches)| Command::ChangePointLoad {
                load: PointLoad {
                    id: PointLoadId(load),
                    name: "hip".into(),
                    at: Length::inches(inches),
                    amount: ByKind { snow: Force::lbf(400.0), ..ByKind::default() },
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
                    prop_assert!(!command.summary().is_empty());
                    now = applied.job;
                    inverses.push(applied.inverse);
                }
            }
            for inverse in inverses.iter().rev() {
                now = apply(&now, inverse).expect("an inverse always applies").job;
            }
            prop_assert_eq!(now, start);
        }
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
    fn a_refused_command_names_what_is_wrong() {
        let off_the_wall = Command::MoveOpening { opening: OpeningId(101), to: Placement::Center(Length::feet(30)) };
        let error = apply(&job(), &off_the_wall).expect_err("the wall is 12 ft long");
        assert!(error.to_string().contains("0 to 12'-0\" from the left"), "{error}");
        let gone = Command::RemoveOpening { opening: OpeningId(1), letters_given: None };
        assert_eq!(apply(&job(), &gone), Err(CommandError::NotFound("opening")));
        let twice = Command::AddWall { wall: Box::new(wall(1)), at: 0 };
        assert_eq!(apply(&job(), &twice), Err(CommandError::AlreadyThere("wall")));
    }
}
