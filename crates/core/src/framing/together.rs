//! # Several openings at once
//!
//! **What it does.** Says which edit evens several openings out, lines their heads up, or gives them one header; the first of them leads.
//!
//! **Limits.** Doors stand on the floor: their heads are not moved. An opening is never moved into another one by this, but its pack may
//! come too near: that is found like after any move.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Three windows with rough faces at 36..72, 80..116 and 180..216: between the outer two are 108 in., of which the
//! inner takes 36, so the gaps are 36 each and its center goes to 126.

use thiserror::Error;

use super::even_gaps::{even_gaps, mark_of};
use super::opening_plan::OpeningPlan;
use super::wall_plan::WallPlan;
use crate::job::command::{MOST_OPENINGS_AT_ONCE, Placement};
use crate::job::{Command, HeaderChoice, OpeningDesign, OpeningId, Wall};
use crate::measure::{Length, LengthStyle};
use crate::say;
use crate::speech::Phrase;

/// What is done to several openings.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum TogetherAim {
    /// Gaps alike: three or more between the outermost, which stay; two between what stands beside them.
    EvenOut,
    /// Heads at the height of the first one's.
    LineUpHeads,
    /// The first one's header over all.
    OneHeader,
}

/// Why it cannot be done.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum NotTogether {
    /// Too few of those that are named stand on the wall, or too many.
    #[error("too few or too many")]
    HowMany,
    /// They have no room beside one another.
    #[error("no room")]
    NoRoom,
    /// Nothing would change.
    #[error("nothing to change")]
    Nothing,
    /// The first has no header.
    #[error("no header")]
    NoHeader,
    /// One is higher than the head that it would have.
    #[error("too high")]
    TooHigh,
}

impl NotTogether {
    /// A sentence for who asked.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::HowMany => say!("together-how-many", most = MOST_OPENINGS_AT_ONCE),
            Self::NoRoom => say!("together-no-room"),
            Self::Nothing => say!("together-nothing"),
            Self::NoHeader => say!("together-no-header"),
            Self::TooHigh => say!("together-too-high"),
        }
    }
}

/// The edit that does it to these openings of a wall, for somebody who writes lengths in this style.
///
/// # Errors
/// [`NotTogether`] with why it cannot be done.
pub fn together(
    wall: &Wall,
    plan: &WallPlan,
    openings: &[OpeningId],
    aim: TogetherAim,
    style: LengthStyle,
) -> Result<Command, NotTogether> {
    let find = |id: &OpeningId| plan.openings.iter().find(|opening| opening.id == *id);
    let chosen: Option<Vec<&OpeningPlan>> = openings.iter().map(find).collect();
    let chosen =
        chosen.filter(|chosen| (2..=MOST_OPENINGS_AT_ONCE).contains(&chosen.len())).ok_or(NotTogether::HowMany)?;
    let commands = match aim {
        TogetherAim::EvenOut => evened_out(wall, plan, chosen, mark_of(style))?,
        TogetherAim::LineUpHeads => lined_up(&chosen)?,
        TogetherAim::OneHeader => under_one(wall, &chosen)?,
    };
    if commands.is_empty() { Err(NotTogether::Nothing) } else { Ok(Command::Together { commands }) }
}

fn evened_out(
    wall: &Wall,
    plan: &WallPlan,
    mut chosen: Vec<&OpeningPlan>,
    mark: Length,
) -> Result<Vec<Command>, NotTogether> {
    chosen.sort_by_key(|opening| opening.design.center);
    let (first, last) = (chosen[0], chosen[chosen.len() - 1]);
    let others = plan.openings.iter().filter(|other| chosen.iter().all(|one| one.id != other.id));
    let (from, to, moved) = if let [_, between @ .., _] = &*chosen
        && !between.is_empty()
    {
        (first.right(), last.left(), between)
    } else {
        let left = others.clone().map(OpeningPlan::right).filter(|right| *right <= first.left()).max();
        let right = others.clone().map(OpeningPlan::left).filter(|left| last.right() <= *left).min();
        (left.unwrap_or(Length::ZERO), right.unwrap_or(wall.frame.length), &*chosen)
    };
    let widths: Vec<Length> = moved.iter().map(|opening| opening.rough.width).collect();
    let centers = even_gaps(&widths, from, to, mark).ok_or(NotTogether::NoRoom)?;
    let places = moved.iter().zip(centers).filter(|(opening, center)| opening.design.center != *center);
    let command = |(opening, center): (&&OpeningPlan, Length)| Command::MoveOpening {
        opening: opening.id,
        to: Placement::Center(center),
    };
    Ok(places.map(command).collect())
}

fn lined_up(chosen: &[&OpeningPlan]) -> Result<Vec<Command>, NotTogether> {
    let head = chosen[0].stack.head();
    let mut commands = Vec::new();
    for opening in &chosen[1..] {
        let sill = head - opening.rough.height;
        if opening.design.kind.reaches_the_floor() || sill == opening.design.sill {
            continue;
        }
        if sill < Length::ZERO {
            return Err(NotTogether::TooHigh);
        }
        let design = OpeningDesign { sill, ..opening.design };
        commands.push(Command::ChangeOpening { opening: opening.id, design });
    }
    Ok(commands)
}

fn under_one(wall: &Wall, chosen: &[&OpeningPlan]) -> Result<Vec<Command>, NotTogether> {
    let header = HeaderChoice::Chosen(chosen[0].header().ok_or(NotTogether::NoHeader)?);
    let now =
        |opening: &OpeningPlan| wall.openings.iter().find(|one| one.id == opening.id).map(|one| one.design.header);
    let others = chosen.iter().filter(|opening| now(opening) != Some(header));
    Ok(others.map(|opening| Command::ChooseHeader { opening: opening.id, header }).collect())
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::fixture::partition_with;
    use crate::framing::plan_wall_as_said;
    use crate::job::command::apply;
    use crate::job::{Opening, OpeningKind, Size};

    fn window(id: u128, center: i64, width: i64, sill: i64) -> Opening {
        let unit = Size { width: Length::inches(width), height: Length::inches(48) };
        let design = OpeningDesign {
            center: Length::inches(center),
            sill: Length::inches(sill),
            ..OpeningDesign::usual(OpeningKind::Window, unit)
        };
        Opening::new(OpeningId(id), design)
    }

    /// What an aim makes of three windows: their centers and sills, in.
    fn after(openings: &[Opening], chosen: &[u128], aim: TogetherAim) -> Result<Vec<(f64, f64)>, NotTogether> {
        let mut job = partition_with(openings.to_vec());
        job.walls[0].frame.length = Length::feet(24);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        let ids: Vec<OpeningId> = chosen.iter().copied().map(OpeningId).collect();
        let command = together(&job.walls[0], &plan, &ids, aim, LengthStyle::FeetInches)?;
        let after = apply(&job, &command).expect("allowed").job;
        let of = |opening: &Opening| (opening.design.center.to_inches(), opening.design.sill.to_inches());
        Ok(after.walls[0].openings.iter().map(of).collect())
    }

    fn three() -> [Opening; 3] {
        [window(1, 54, 36, 34), window(2, 98, 36, 30), window(3, 198, 36, 34)]
    }

    #[test]
    fn the_inner_one_goes_between_the_outer_two() {
        // Rough faces 35 3/4..72 1/4 and 179 3/4..216 1/4: the middle between is 126.
        let centers = after(&three(), &[3, 1, 2], TogetherAim::EvenOut).expect("three");
        assert_eq!(centers.iter().map(|(center, _)| *center).collect::<Vec<_>>(), [54.0, 126.0, 198.0]);
    }

    #[test]
    fn two_go_between_what_stands_beside_them() {
        // Between 72 1/4 and the end at 288 are 215 3/4, of which two take 73: gaps of 47.583.
        let centers = after(&three(), &[2, 3], TogetherAim::EvenOut).expect("two");
        assert_eq!(centers.iter().map(|(center, _)| *center).collect::<Vec<_>>(), [54.0, 138.0625, 222.1875]);
    }

    #[test]
    fn heads_follow_the_first() {
        let heads = after(&three(), &[2, 1, 3], TogetherAim::LineUpHeads).expect("heads");
        assert_eq!(heads.iter().map(|(_, sill)| *sill).collect::<Vec<_>>(), [30.0, 30.0, 30.0]);
        assert_eq!(after(&three(), &[1, 3], TogetherAim::LineUpHeads), Err(NotTogether::Nothing));
    }

    #[test]
    fn what_cannot_be_is_said() {
        assert_eq!(after(&three(), &[1], TogetherAim::EvenOut), Err(NotTogether::HowMany));
        assert_eq!(after(&three(), &[1, 9], TogetherAim::EvenOut), Err(NotTogether::HowMany));
        // On a partition nothing has a header.
        assert_eq!(after(&three(), &[1, 2], TogetherAim::OneHeader), Err(NotTogether::NoHeader));
        let wide = [window(1, 20, 36, 34), window(2, 144, 144, 34), window(3, 160, 36, 34)];
        assert_eq!(after(&wide, &[1, 2, 3], TogetherAim::EvenOut), Err(NotTogether::NoRoom));
    }
}
