//! The storeys of a planned house: what stands on each, by its names, with what comes down on it.

use super::JobPlan;
use crate::house::Level;
use crate::job::{Wall, WallId};
use crate::path::LoadedStorey;
use crate::path::described::{NamedStorey, NamedWall};
use crate::path::structure::{StandingWall, StoreyStructure};

/// A storey of a planned house.
#[derive(Clone, Copy, Debug)]
pub struct Storey<'a> {
    /// Its place, from the lowest up.
    pub place: usize,
    /// By which identities its parts go.
    pub named: &'a NamedStorey,
    /// What stands on it.
    pub structure: &'a StoreyStructure,
    /// What comes down on it.
    pub loaded: &'a LoadedStorey,
    plan: &'a JobPlan,
}

/// A wall of a storey.
#[derive(Clone, Copy, Debug)]
pub struct WallOnStorey<'a> {
    /// Its place among the storey's walls.
    pub place: usize,
    /// As the job has it.
    pub wall: &'a Wall,
    /// As it stands.
    pub standing: &'a StandingWall,
}

impl JobPlan {
    /// A storey of the house by its place, from the lowest up.
    pub fn storey(&self, place: usize) -> Option<Storey<'_>> {
        let house = self.house()?;
        Some(Storey {
            place,
            named: house.named.storeys.get(place)?,
            structure: house.structure.storeys.get(place)?,
            loaded: house.path.storeys.get(place)?,
            plan: self,
        })
    }

    /// The storeys of the house from the lowest up; none where nothing is said of a house.
    pub fn storeys(&self) -> impl Iterator<Item = Storey<'_>> {
        (0..).map_while(|place| self.storey(place))
    }

    /// The storeys below one, from the next one down.
    pub fn storeys_below(&self, place: usize) -> impl Iterator<Item = Storey<'_>> {
        (0..place).rev().filter_map(|place| self.storey(place))
    }

    /// The storey that a wall stands on, and the wall there.
    pub fn storey_of(&self, wall: WallId) -> Option<(Storey<'_>, WallOnStorey<'_>)> {
        self.storeys().find_map(|storey| Some((storey, storey.walls().find(|each| each.wall.id == wall)?)))
    }
}

impl<'a> Storey<'a> {
    /// What it is.
    pub fn level(&self) -> Option<&'a Level> {
        self.plan.job().house.level(self.named.level)
    }

    /// What it is called.
    pub fn name(&self) -> &'a str {
        self.level().map_or("", |level| level.name.as_str())
    }

    /// Its walls, in the order of its structure.
    pub fn walls(&self) -> impl Iterator<Item = WallOnStorey<'a>> + use<'a> {
        let job = self.plan.job();
        let wall = move |(place, (named, standing)): (usize, (&NamedWall, &'a StandingWall))| WallOnStorey {
            place,
            wall: &job.walls[named.in_job],
            standing,
        };
        self.named.walls.iter().zip(&self.structure.walls).enumerate().map(wall)
    }
}
