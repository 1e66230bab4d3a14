//! Reading how a house is described: `house 36x24, 2 storeys 9-0 8-0`, `middle wall at 12-0`, `joists across`, `trusses`,
//! `rafters 6/12 lapped`, `ridge beam on 3 posts`, `girder at 12-0 on 3 posts`, `porch 8-0 deep at the front`, `deck 10-0 deep at the back`, `slab`;
//! and openings of a wall: `front 2: 3-0x4-0 window @ 9-0`.
//!
//! Clauses are parted by commas. Bare numbers are feet, or millimeters for who measures in them. Each clause makes walls, fields, beams,
//! posts and foundations at once, as edits.
//!
//! **Source.** Common practice, no source.

mod clause;
mod draft;
mod layout;

use crate::job::{Command, Job};
use crate::measure::LengthStyle;
use crate::speech::{Joined, Phrase};
pub use clause::HouseMisread;
use clause::clauses;
use draft::Draft;

/// What was understood of a house.
#[derive(Clone, Debug, PartialEq)]
pub struct SaidHouse {
    /// The edits that make it, in order.
    pub commands: Vec<Command>,
    /// The same said back.
    pub understood: Phrase,
}

/// Reads how a house is described, for a job, by a person who writes lengths in this style. Whatever is added gets its identity from `name`.
///
/// # Errors
/// [`HouseMisread`] with a sentence about the first thing that is not understood or cannot be done.
pub fn say_house(
    text: &str,
    job: &Job,
    style: LengthStyle,
    name: &mut dyn FnMut() -> u128,
) -> Result<SaidHouse, HouseMisread> {
    let mut clauses = clauses(text, style)?;
    // What a house is comes before what is in it, in whatever order it was said.
    clauses.sort_by_key(|clause| clause.rank());
    let mut draft = Draft::of(job, style, name);
    let mut said = Vec::new();
    for clause in &clauses {
        said.push(draft.takes(clause)?);
    }
    Ok(SaidHouse { commands: draft.into_commands(), understood: Phrase::several(said, Joined::Sentences) })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::{Axis, FieldOf};
    use crate::job::command::apply;
    use crate::loads::WallCarries;
    use crate::measure::Length;
    use crate::plan::JobPlan;
    use proptest::prelude::*;

    fn read(text: &str, job: &Job) -> Result<SaidHouse, HouseMisread> {
        let mut next = 10_000 + job.walls.len() as u128 * 100;
        say_house(text, job, LengthStyle::FeetInches, &mut || {
            next += 1;
            next
        })
    }

    fn made(text: &str) -> Job {
        let job = Job::empty("a house", vec![]);
        let said = read(text, &job).unwrap_or_else(|error| panic!("{text}: {error}"));
        apply(&job, &Command::Together { commands: said.commands }).expect("it can be made").job
    }

    #[test]
    fn a_house_in_one_line_has_its_walls_fields_and_ground() {
        let job = made("house 36x24, 2 storeys 9-0 8-0, middle wall at 12-0, porch 8-0 deep at the front");
        assert_eq!(job.house.levels.len(), 2);
        assert_eq!(job.house.levels[0].height, Length::feet(9));
        assert_eq!(job.walls.len(), 10, "four outside walls and one in the middle, twice");
        assert!(job.walls.iter().all(|wall| wall.place.is_some() && wall.carries != WallCarries::Nothing));
        assert_eq!(job.house.fields.len(), 3, "a floor, a roof, a porch roof");
        assert_eq!((job.house.foundations.len(), job.house.beams.len(), job.house.posts.len()), (5, 1, 5));
        let plan = JobPlan::of(job);
        assert_eq!(plan.house().expect("a house").path.breaks, [], "it stands");
    }

    #[test]
    fn switching_trusses_to_lapped_rafters_loads_the_middle_wall() {
        let trusses = made("house 36x24, middle wall at 12-0");
        let rafters = read("rafters 6/12 lapped", &trusses).expect("understood");
        let lapped = apply(&trusses, &Command::Together { commands: rafters.commands }).expect("made").job;
        let on_middle = |job: &Job| {
            let plan = JobPlan::of(job.clone());
            let (_, planned) = plan.walls().find(|(wall, _)| wall.frame.name.contains("Middle")).expect("it stands");
            planned.ground.landed.house.expect("in a house").brings
        };
        assert!(!on_middle(&trusses) && on_middle(&lapped));
        assert_eq!(lapped.house.fields.len(), 2, "the roof and its ceiling");
    }

    #[test]
    fn a_girder_stands_on_posts_and_pads() {
        let job = made("house 36 x 24, girder at 12-0 on 3 posts, 2 storeys 8-0 8-0");
        assert_eq!((job.house.beams.len(), job.house.posts.len(), job.house.pads.len()), (1, 3, 3));
        assert_eq!(JobPlan::of(job).house().expect("a house").path.breaks, []);
    }

    #[test]
    fn a_whole_house_with_its_openings_is_said_in_one_breath() {
        let job = made(
            "house 36x24, 2 storeys 9-0 8-0, middle wall at 12-0, porch 8-0 deep at the front, deck 10-0 deep at the back, \
             front: 6068 door @ 18-0, front: 5-0x4-0 window @ 7-0, back: 4-0x4-0 window @ 10-0, middle: 3068 door @ 24-0, \
             front 2: 3-0x4-0 window @ 9-0, Front 2: 3-0x4-0 window @ 27-0, back 2: 6068 door @ 18-0, left 2: 3-0x4-0 window @ 12-0",
        );
        let openings: usize = job.walls.iter().map(|wall| wall.openings.len()).sum();
        assert_eq!((openings, job.house.beams.len()), (8, 2));
        assert_eq!(JobPlan::of(job).house().expect("a house").path.breaks, []);
    }

    #[test]
    fn joists_are_so_deep_and_run_a_way() {
        let deep = |text: &str| {
            let job = made(&format!("house 36x24, 2 storeys 8-0 8-0, {text}"));
            job.house.fields.iter().find_map(|field| match field.of {
                FieldOf::Floor(floor) => Some((field.span, floor.joist_depth)),
                _ => None,
            })
        };
        let ten = Some(Length::inches_and(9, 1, 4));
        assert_eq!(deep("joists 2x10"), Some((Axis::Y, ten)));
        assert_eq!(deep("joists along 9-1/4\" deep"), Some((Axis::X, ten)));
        assert_eq!(deep("joists 11.875 deep"), Some((Axis::Y, Some(Length::inches_and(11, 7, 8)))));
        assert_eq!(deep("joists along"), Some((Axis::X, None)));
        let empty = Job::empty("a house", vec![]);
        for wrong in ["joists", "joists deep", "joists bold", "joists -4 deep"] {
            assert!(read(&format!("house 36x24, {wrong}"), &empty).is_err(), "{wrong}");
        }
    }

    #[test]
    fn a_ridge_beam_takes_half_of_both_sides_of_its_roof() {
        let job = made("house 24x24, ridge beam 4/12 on 3 posts");
        assert_eq!((job.house.beams.len(), job.house.posts.len(), job.house.pads.len()), (1, 3, 3));
        let plan = JobPlan::of(job);
        assert_eq!(plan.house().expect("a house").path.breaks, []);
        let above = made("house 24x24, 2 storeys 8-0 8-0, ridge beam on 2 posts");
        assert_eq!((above.house.posts.len(), above.house.pads.len()), (2, 0), "what is under them the house says");
    }

    #[test]
    fn what_cannot_be_meant_says_what() {
        let empty = Job::empty("a house", vec![]);
        let said = |text: &str, job: &Job| read(text, job).expect_err(text).phrase().to_string();
        assert!(said("", &empty).contains("house-nothing-said"));
        assert!(said("barn 36x24", &empty).contains("house-unknown-word"));
        assert!(said("house 36", &empty).contains("house-size-wanted"));
        assert!(said("middle wall at 12-0", &empty).contains("house-first"));
        let made = made("house 36x24");
        assert!(said("house 20x20", &made).contains("house-there-already"));
        assert!(said("middle wall at 40-0", &made).contains("house-outside"));
        assert!(said("house 36x24, 9 storeys 8-0", &empty).contains("house-storeys"));
        assert!(said("hip roof", &made).contains("house-hips-are-outside"));
        assert!(said("dormer at 4-0", &made).contains("house-dormers"));
        assert!(said("deck 10-0 deep", &made).contains("house-deck-wants-two-storeys"));
        assert!(said("attic: 3068 door", &made).contains("house-no-such-wall"));
        assert!(said("front: wall 20-0", &made).contains("house-openings-only"));
        assert!(said(&"x".repeat(700), &empty).contains("house-too-long"));
    }

    proptest! {
        #[test]
        fn any_text_is_read_or_refused(text in "[a-z0-9 ,x/'\"-]{0,80}") {
            let _ = read(&text, &Job::empty("a house", vec![]));
        }

        /// Whatever size, it stands: nothing breaks on its way to the ground.
        #[test]
        fn every_house_stands(wide in 16_i64..60, deep in 16_i64..40, storeys in 1_usize..4, rafters in any::<bool>(), slab in any::<bool>()) {
            let heights = vec!["8-0"; storeys].join(" ");
            let roof = if rafters { "rafters 6/12 lapped, middle wall at 8-0" } else { "trusses" };
            let ground = if slab { ", slab" } else { "" };
            let job = made(&format!("house {wide}x{deep}, {storeys} storeys {heights}, {roof}{ground}"));
            let plan = JobPlan::of(job);
            prop_assert_eq!(&plan.house().expect("a house").path.breaks, &[]);
        }
    }
}
