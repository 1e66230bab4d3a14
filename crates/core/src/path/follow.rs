//! # Every load followed to the ground
//!
//! **What it does.** Source the top storey down: fields and points come down on the lines and posts of their storey, beams on what carries
//! them, walls through their headers on their packs; what stands at the bottom goes down one storey, and so on to the ground. For every
//! case what is applied reaches the ground or stops at a break, as forces and as moments.
//!
//! **Source.** Elementary statics; each step names its own.

use super::along_beam::beams_come_down;
use super::along_wall::through;
use super::down::{Below, lands, wall_comes_down};
use super::fields::fields_come_down;
use super::gables::gables_come_down;
use super::loaded::{LoadPath, LoadedBeam, LoadedPost, LoadedStorey, LoadedWall, Part, Press, Source};
use super::structure::{StoreyStructure, Structure};
use crate::loads::ByCase;
use crate::measure::Length;
use crate::working::{Pen, Silent};

/// Follows every load of a house.
pub fn follow(structure: &Structure) -> LoadPath {
    let mut following = Following::new(structure.clone());
    for storey in (0..structure.storeys.len()).rev() {
        following.comes_down_on(&mut Silent, storey);
        following.goes_on_down(storey);
    }
    following.path
}

/// A house whose loads are being followed, storey by storey from the top: between what comes down on a storey and what goes on down from
/// it, its headers are sized and its jacks counted.
#[derive(Clone, Debug, PartialEq)]
pub struct Following {
    /// What stands in it.
    pub structure: Structure,
    /// Where its loads have come to.
    pub path: LoadPath,
}

impl Following {
    /// A house of which nothing has come down yet.
    pub fn new(structure: Structure) -> Self {
        let storeys = structure.storeys.iter().map(unloaded).collect();
        Self { structure, path: LoadPath { storeys, ..LoadPath::default() } }
    }

    /// Brings what lies and stands on top of a storey down on its lines and posts, and its beams on what carries them.
    pub fn comes_down_on<P: Pen>(&mut self, pen: &mut P, place: usize) {
        let Self { structure, path } = self;
        let storey = &structure.storeys[place];
        fields_come_down(pen, storey, place, path);
        gables_come_down(storey, place, path);
        for (index, point) in storey.points.iter().enumerate() {
            let from = Source { storey: place, part: Part::Point(index) };
            let press = Press { at: Length::ZERO, pounds: point.pounds, from, came_down: point.at };
            lands(point.at, None, &press, Below::Storey(storey, place), path);
        }
        beams_come_down(pen, storey, place, path);
    }

    /// Takes what stands on a storey's walls and posts through them, and down.
    pub fn goes_on_down(&mut self, place: usize) {
        let Self { structure, path } = self;
        let storey = &structure.storeys[place];
        let below = Below::of(structure, place);
        for (index, wall) in storey.walls.iter().enumerate() {
            let from = Source { storey: place, part: Part::Wall(index) };
            let bottom = through(wall, &mut path.storeys[place].walls[index], place, index);
            wall_comes_down(wall, bottom, from, below, path);
        }
        for (index, post) in storey.posts.iter().enumerate() {
            let loaded = &mut path.storeys[place].posts[index];
            let bottom = loaded.presses.iter().map(|press| press.pounds).sum::<ByCase>();
            loaded.bottom = bottom + ByCase::dead(post.weight.to_lbf());
            let from = Source { storey: place, part: Part::Post(index) };
            let press = Press { at: Length::ZERO, pounds: loaded.bottom, from, came_down: post.at };
            lands(post.at, None, &press, below, path);
        }
    }
}

fn unloaded(storey: &StoreyStructure) -> LoadedStorey {
    LoadedStorey {
        walls: vec![LoadedWall::default(); storey.walls.len()],
        beams: vec![LoadedBeam::default(); storey.beams.len()],
        posts: vec![LoadedPost::default(); storey.posts.len()],
    }
}
