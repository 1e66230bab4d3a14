//! Commands on the wire.

use serde::{Deserialize, Serialize};
use sturvek_core::job::command::Placement;
use sturvek_core::job::{self, CountOverride, HeaderChoice, OpeningId, PointLoadId, WallId};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{End, StudRole};
use crate::inputs::{Carries, Decided, Design, Header, Opening, PointLoad, Resolve, Settings, Wall, WallFrame};
use crate::typed::{FieldError, TypedLength};

/// What of an opening is measured.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Measured {
    /// Its center, from the wall's left end.
    Center,
    /// The left face of its rough opening, from the wall's left end.
    LeftFace,
    /// The right face of its rough opening, from the wall's right end.
    RightFace,
}

/// An edit of a job.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "do", rename_all = "snake_case")]
pub enum Command {
    /// Gives the job another name.
    RenameJob {
        /// The name.
        name: String,
    },
    /// Changes the job's settings.
    ChangeSettings {
        /// The settings.
        settings: Settings,
    },
    /// Adds a wall.
    AddWall {
        /// The wall.
        wall: Box<Wall>,
        /// Its place in the list; the end where it is left out.
        at: Option<usize>,
    },
    /// Takes a wall out.
    RemoveWall {
        /// Which.
        wall: Uuid,
    },
    /// Changes a wall's frame.
    ChangeWall {
        /// Which.
        wall: Uuid,
        /// Its frame.
        frame: WallFrame,
    },
    /// Changes what a wall carries.
    ChangeCarries {
        /// Which.
        wall: Uuid,
        /// What it carries.
        carries: Carries,
    },
    /// Adds an opening.
    AddOpening {
        /// To which wall.
        wall: Uuid,
        /// The opening.
        opening: Box<Opening>,
        /// Its place in the list; the end where it is left out.
        at: Option<usize>,
    },
    /// Takes an opening out.
    RemoveOpening {
        /// Which.
        opening: Uuid,
    },
    /// Moves an opening along its wall.
    MoveOpening {
        /// Which.
        opening: Uuid,
        /// Where to.
        to: TypedLength,
        /// What is measured.
        measured: Measured,
    },
    /// Changes what an opening is.
    ChangeOpening {
        /// Which.
        opening: Uuid,
        /// Its design.
        design: Design,
    },
    /// Chooses a header, or leaves it to the leanest.
    ChooseHeader {
        /// For which opening.
        opening: Uuid,
        /// Which; the leanest where it is left out.
        header: Option<Header>,
    },
    /// Decides a count with a reason, or goes back to the computed one.
    OverrideCount {
        /// For which opening.
        opening: Uuid,
        /// Jacks or kings.
        role: StudRole,
        /// At which end.
        end: End,
        /// The decision; the computed count where it is left out.
        decided: Option<Decided>,
    },
    /// Adds a point load.
    AddPointLoad {
        /// On which wall.
        wall: Uuid,
        /// The load.
        load: PointLoad,
        /// Its place in the list; the end where it is left out.
        at: Option<usize>,
    },
    /// Changes a point load.
    ChangePointLoad {
        /// The load as it shall be, with its identity.
        load: PointLoad,
    },
    /// Takes a point load away.
    RemovePointLoad {
        /// Which.
        load: Uuid,
    },
}

impl Command {
    /// Gives an identity to whatever it adds and has none.
    #[must_use]
    pub fn with_identities(mut self) -> Self {
        let name = |id: &mut Option<Uuid>| {
            id.get_or_insert_with(Uuid::new_v4);
        };
        match &mut self {
            Self::AddWall { wall, .. } => {
                name(&mut wall.id);
                wall.openings.iter_mut().for_each(|opening| name(&mut opening.id));
                wall.point_loads.iter_mut().for_each(|load| name(&mut load.id));
            }
            Self::AddOpening { opening, .. } => name(&mut opening.id),
            Self::AddPointLoad { load, .. } => name(&mut load.id),
            _ => {}
        }
        self
    }
}

const AT_THE_END: usize = usize::MAX;

impl Resolve for Command {
    type Core = job::Command;
    fn resolve(&self) -> Result<job::Command, FieldError> {
        let wall_id = |id: &Uuid| WallId(id.as_u128());
        let opening_id = |id: &Uuid| OpeningId(id.as_u128());
        Ok(match self {
            Self::RenameJob { name } => job::Command::RenameJob { name: name.trim().to_owned() },
            Self::ChangeSettings { settings } => job::Command::ChangeSettings { settings: settings.resolve()? },
            Self::AddWall { wall, at } => {
                job::Command::AddWall { wall: Box::new(wall.resolve()?), at: at.unwrap_or(AT_THE_END) }
            }
            Self::RemoveWall { wall } => job::Command::RemoveWall { wall: wall_id(wall) },
            Self::ChangeWall { wall, frame } => {
                job::Command::ChangeWall { wall: wall_id(wall), frame: frame.resolve()? }
            }
            Self::ChangeCarries { wall, carries } => {
                job::Command::ChangeCarries { wall: wall_id(wall), carries: carries.resolve()? }
            }
            Self::AddOpening { wall, opening, at } => job::Command::AddOpening {
                wall: wall_id(wall),
                opening: Box::new(opening.resolve()?),
                at: at.unwrap_or(AT_THE_END),
            },
            Self::RemoveOpening { opening } => job::Command::RemoveOpening { opening: opening_id(opening) },
            Self::MoveOpening { opening, to, measured } => {
                let to = to.read("to")?;
                let to = match measured {
                    Measured::Center => Placement::Center(to),
                    Measured::LeftFace => Placement::LeftFace(to),
                    Measured::RightFace => Placement::RightFace(to),
                };
                job::Command::MoveOpening { opening: opening_id(opening), to }
            }
            Self::ChangeOpening { opening, design } => {
                job::Command::ChangeOpening { opening: opening_id(opening), design: design.resolve()? }
            }
            Self::ChooseHeader { opening, header } => job::Command::ChooseHeader {
                opening: opening_id(opening),
                header: match header {
                    Some(header) => HeaderChoice::Chosen(header.resolve()?),
                    None => HeaderChoice::Leanest,
                },
            },
            Self::OverrideCount { opening, role, end, decided } => job::Command::OverrideCount {
                opening: opening_id(opening),
                role: (*role).into(),
                end: (*end).into(),
                decided: decided.as_ref().map(CountOverride::from),
            },
            Self::AddPointLoad { wall, load, at } => {
                job::Command::AddPointLoad { wall: wall_id(wall), load: load.resolve()?, at: at.unwrap_or(AT_THE_END) }
            }
            Self::ChangePointLoad { load } => job::Command::ChangePointLoad { load: load.resolve()? },
            Self::RemovePointLoad { load } => job::Command::RemovePointLoad { load: PointLoadId(load.as_u128()) },
        })
    }
}

impl From<&job::Command> for Command {
    fn from(command: &job::Command) -> Self {
        let wall_uuid = |id: &WallId| Uuid::from_u128(id.0);
        let opening_uuid = |id: &OpeningId| Uuid::from_u128(id.0);
        match command {
            job::Command::RenameJob { name } => Self::RenameJob { name: name.clone() },
            job::Command::ChangeSettings { settings } => Self::ChangeSettings { settings: settings.into() },
            job::Command::AddWall { wall, at } => Self::AddWall { wall: Box::new((&**wall).into()), at: Some(*at) },
            job::Command::RemoveWall { wall } => Self::RemoveWall { wall: wall_uuid(wall) },
            job::Command::ChangeWall { wall, frame } => Self::ChangeWall { wall: wall_uuid(wall), frame: frame.into() },
            job::Command::ChangeCarries { wall, carries } => {
                Self::ChangeCarries { wall: wall_uuid(wall), carries: carries.into() }
            }
            job::Command::AddOpening { wall, opening, at } => {
                Self::AddOpening { wall: wall_uuid(wall), opening: Box::new((&**opening).into()), at: Some(*at) }
            }
            job::Command::RemoveOpening { opening } => Self::RemoveOpening { opening: opening_uuid(opening) },
            job::Command::MoveOpening { opening, to } => {
                let (to, measured) = match to {
                    Placement::Center(to) => (*to, Measured::Center),
                    Placement::LeftFace(to) => (*to, Measured::LeftFace),
                    Placement::RightFace(to) => (*to, Measured::RightFace),
                };
                Self::MoveOpening { opening: opening_uuid(opening), to: to.into(), measured }
            }
            job::Command::ChangeOpening { opening, design } => {
                Self::ChangeOpening { opening: opening_uuid(opening), design: design.into() }
            }
            job::Command::ChooseHeader { opening, header } => Self::ChooseHeader {
                opening: opening_uuid(opening),
                header: match header {
                    HeaderChoice::Leanest => None,
                    HeaderChoice::Chosen(header) => Some((*header).into()),
                },
            },
            job::Command::OverrideCount { opening, role, end, decided } => Self::OverrideCount {
                opening: opening_uuid(opening),
                role: (*role).into(),
                end: (*end).into(),
                decided: decided.as_ref().map(Decided::from),
            },
            job::Command::AddPointLoad { wall, load, at } => {
                Self::AddPointLoad { wall: wall_uuid(wall), load: load.into(), at: Some(*at) }
            }
            job::Command::ChangePointLoad { load } => Self::ChangePointLoad { load: load.into() },
            job::Command::RemovePointLoad { load } => Self::RemovePointLoad { load: Uuid::from_u128(load.0) },
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_typed_command_becomes_a_core_command_and_comes_back() {
        let json = r#"{"do":"move_opening","opening":"00000000-0000-0000-0000-000000000007","to":"7-6 1/2","measured":"center"}"#;
        let command: Command = serde_json::from_str(json).expect("a command");
        let core = command.resolve().expect("a good length");
        let back = serde_json::to_value(Command::from(&core)).expect("JSON");
        assert_eq!(back["to"], 2_298_700_000_i64);
        assert_eq!(serde_json::from_value::<Command>(back).expect("read").resolve(), Ok(core));
    }

    #[test]
    fn an_unreadable_length_names_its_field() {
        let json = r#"{"do":"move_opening","opening":"00000000-0000-0000-0000-000000000007","to":"7-1/2","measured":"left_face"}"#;
        let command: Command = serde_json::from_str(json).expect("a command");
        assert_eq!(command.resolve().expect_err("ambiguous").field, "to");
    }
}
