//! A wall turned end for end: what stood so far from the left stands so far from the right.

use super::rough_opening::{RoughOpeningRules, rough_opening};
use super::{FramedAs, OpeningDesign, Wall, WallFrame, WallHeight};
use crate::loads::{Framing, OpeningsAbove, WallAbove, WallCarries};
use crate::measure::{Ends, Length};

/// Turns a wall end for end, with everything in it. Turned twice it is as it was.
pub(super) fn mirror(wall: &mut Wall, rules: &RoughOpeningRules) {
    let length = wall.frame.length;
    mirror_frame(&mut wall.frame);
    for opening in &mut wall.openings {
        mirror_design(&mut opening.design, length, rules);
        swap(&mut opening.jacks);
        swap(&mut opening.kings);
        if let Some(FramedAs { design, jacks, kings }) = &mut opening.framed_as {
            mirror_design(design, length, rules);
            swap(jacks);
            swap(kings);
        }
    }
    wall.point_loads.iter_mut().for_each(|load| load.at = length - load.at);
    let WallCarries::Framing(carried) = &mut wall.carries else { return };
    for item in carried {
        item.extent = item.extent.map(|(from, to)| (length - to, length - from));
        match &mut item.framing {
            Framing::RidgePost(post) => post.at = length - post.at,
            Framing::WallAbove(WallAbove { openings: OpeningsAbove::At(places), .. }) => {
                places.iter_mut().flatten().for_each(|(from, to)| (*from, *to) = (length - *to, length - *from));
            }
            _ => {}
        }
    }
}

fn mirror_frame(frame: &mut WallFrame) {
    let length = frame.length;
    match &mut frame.height {
        WallHeight::OverPlates(_) | WallHeight::Studs(_) => {}
        WallHeight::Room(room) => std::mem::swap(&mut room.left, &mut room.right),
        WallHeight::Rake(rake) => {
            std::mem::swap(&mut rake.left, &mut rake.right);
            rake.peak = rake.peak.map(|(at, height)| (length - at, height));
        }
    }
    let options = &mut frame.framing;
    options.layout_from = options.layout_from.other();
    swap(&mut options.ends);
    swap(&mut options.laps);
    options.partitions.iter_mut().for_each(|partition| partition.at = length - partition.at);
    for let_down in &mut options.let_downs {
        (let_down.from, let_down.to) = (length - let_down.to, length - let_down.from);
    }
    options.let_downs.reverse();
    for board in &mut options.boards {
        (board.from, board.to) = (length - board.to, length - board.from);
    }
    options.kept_clear.iter_mut().for_each(|each| each.at = length - each.at);
    let places = [&mut options.cast_bolts, &mut options.panel_ends]
        .into_iter()
        .chain(options.own_breaks.iter_mut().flat_map(|own| [&mut own.lower, &mut own.upper]));
    for places in places {
        places.iter_mut().for_each(|at| *at = length - *at);
        places.reverse();
    }
}

fn mirror_design(design: &mut OpeningDesign, length: Length, rules: &RoughOpeningRules) {
    let clear = rough_opening(design, rules).width;
    design.center = length - design.center;
    swap(&mut design.run.past);
    design.run.posts.iter_mut().flatten().for_each(|post| post.at = clear - post.at);
}

fn swap<T>(ends: &mut Ends<T>) {
    std::mem::swap(&mut ends.left, &mut ends.right);
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{Opening, OpeningId, OpeningKind, OwnBreaks, PlateLap, Rake, Size, WallEnd, WallId};
    use crate::loads::BearingEvidence;
    use crate::lumber::Depth;
    use crate::measure::End;

    fn wall() -> Wall {
        let size = Size { width: Length::inches(36), height: Length::inches(48) };
        let usual = OpeningDesign::usual(OpeningKind::Window, size);
        let mut frame = WallFrame::usual("gable");
        let peak = Some((Length::feet(4), Length::inches(140)));
        frame.height = WallHeight::Rake(Rake { left: Length::inches(90), right: Length::inches(97), peak });
        frame.framing.ends.left = WallEnd::ThreeStudCorner;
        frame.framing.laps.right = PlateLap::RunsOver(Depth::Six);
        frame.framing.cast_bolts = vec![Length::feet(1), Length::feet(5)];
        let own = OwnBreaks { lower: vec![Length::feet(4), Length::feet(8)], upper: vec![Length::feet(6)] };
        frame.framing.own_breaks = Some(own);
        let design = OpeningDesign { center: Length::inches(40), sill: Length::inches(34), ..usual };
        Wall {
            id: WallId(1),
            frame,
            evidence: BearingEvidence::default(),
            carries: WallCarries::Nothing,
            openings: vec![Opening::new(OpeningId(1), design)],
            letters_given: 0,
            point_loads: vec![],
            place: None,
        }
    }

    #[test]
    fn it_reads_the_same_from_the_other_end() {
        let mut turned = wall();
        mirror(&mut turned, &RoughOpeningRules::default());
        // 144 in. long: the window 40 in. from the left is 40 in. from the right.
        assert_eq!(turned.openings[0].design.center, Length::inches(104));
        assert_eq!(turned.frame.top_at(Length::feet(8)), Length::inches(140), "the peak 4 ft from the right");
        let options = &turned.frame.framing;
        assert_eq!((options.ends.right, options.laps.left), (WallEnd::ThreeStudCorner, PlateLap::RunsOver(Depth::Six)));
        assert_eq!(options.layout_from, End::Right);
        assert_eq!(options.cast_bolts, [Length::feet(7), Length::feet(11)]);
        assert_eq!(options.own_breaks.as_ref().expect("kept").lower, [Length::feet(4), Length::feet(8)]);
    }

    #[test]
    fn turned_twice_it_is_as_it_was() {
        let mut turned = wall();
        mirror(&mut turned, &RoughOpeningRules::default());
        mirror(&mut turned, &RoughOpeningRules::default());
        assert_eq!(turned, wall());
    }
}
