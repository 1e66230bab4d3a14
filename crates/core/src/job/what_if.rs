//! What if the snow, the opening or the building were more: the same job, changed in proportion. Nothing is kept.

use super::{Job, OpeningId};
use crate::house::{Axis, Line, Spot};
use crate::loads::{Framing, SnowBasis, WallCarries};
use crate::measure::Length;

/// Factors on what is at hand; 1 is as it is.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WhatIf {
    /// On the snow.
    pub snow: f64,
    /// On the building's width and the joists' spans.
    pub building: f64,
}

impl WhatIf {
    /// As it is.
    pub const AS_IT_IS: Self = Self { snow: 1.0, building: 1.0 };

    /// In parts of a hundred.
    pub fn percent(snow: u16, building: u16) -> Self {
        let factor = |percent: u16| f64::from(percent) / 100.0;
        Self { snow: factor(snow), building: factor(building) }
    }

    /// The job as it would be for an opening: a house is wider across its wall.
    #[must_use]
    pub fn applied_to(&self, job: &Job, opening: OpeningId) -> Job {
        let mut job = job.clone();
        let (SnowBasis::Ground(snow) | SnowBasis::Roof(snow)) = &mut job.settings.site.snow.basis;
        *snow = *snow * self.snow;
        let grown = |length: Length| Length::from_decimal_inches(length.to_inches() * self.building);
        for wall in &mut job.walls {
            let WallCarries::Framing(carried) = &mut wall.carries else { continue };
            for item in carried {
                match &mut item.framing {
                    Framing::Roof(roof) => roof.building_width = grown(roof.building_width),
                    Framing::RidgePost(post) => post.building_width = grown(post.building_width),
                    Framing::Floor(floor) => {
                        floor.span_one_side = grown(floor.span_one_side);
                        floor.span_other_side = grown(floor.span_other_side);
                    }
                    Framing::WallAbove(_) | Framing::Gable(_) => {}
                }
            }
        }
        let place = job.opening(opening).and_then(|(wall, _)| wall.place);
        if let Some(place) = place.filter(|_| (self.building - 1.0).abs() > f64::EPSILON) {
            widen(&mut job, place.axis.across(), grown);
        }
        job
    }
}

/// Makes everything of a house larger along an axis: what runs along it is longer, what stands beside is farther off. Openings go along with their walls.
fn widen(job: &mut Job, axis: Axis, grown: impl Fn(Length) -> Length) {
    let spot = |at: &mut Spot| match axis {
        Axis::X => at.x = grown(at.x),
        Axis::Y => at.y = grown(at.y),
    };
    let line = |line: &mut Line| {
        if line.axis == axis {
            (line.start, line.length) = (grown(line.start), grown(line.length));
        } else {
            line.offset = grown(line.offset);
        }
    };
    let house = &mut job.house;
    house.fields.iter_mut().for_each(|field| {
        spot(&mut field.over.near);
        spot(&mut field.over.far);
    });
    house.beams.iter_mut().for_each(|beam| line(&mut beam.line));
    house.posts.iter_mut().for_each(|post| spot(&mut post.at));
    house.foundations.iter_mut().for_each(|part| line(&mut part.line));
    house.pads.iter_mut().for_each(|pad| spot(&mut pad.at));
    house.marks.iter_mut().for_each(|mark| spot(&mut mark.at));
    for wall in &mut job.walls {
        let Some(place) = &mut wall.place else { continue };
        if place.axis != axis {
            place.offset = grown(place.offset);
            continue;
        }
        place.start = grown(place.start);
        wall.frame.length = grown(wall.frame.length);
        wall.openings.iter_mut().for_each(|opening| opening.design.center = grown(opening.design.center));
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn snow_grows_and_as_it_is_changes_nothing() {
        let job = Job::empty("what if", Vec::new());
        assert_eq!(WhatIf::AS_IT_IS.applied_to(&job, OpeningId(1)), job);
        let more = WhatIf { snow: 1.5, building: 1.0 }.applied_to(&job, OpeningId(1));
        let SnowBasis::Ground(snow) = more.settings.site.snow.basis else { panic!("ground snow") };
        assert!((snow.to_psf() - 45.0).abs() < 1e-9);
    }
}
