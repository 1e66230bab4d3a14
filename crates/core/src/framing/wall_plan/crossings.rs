//! Corners, and what crossing walls nail to: channels or ladder blocks.

use super::super::corner::corner_studs;
use super::super::member::{Rect, Role};
use super::super::opening_plan::OpeningPlan;
use super::framer::{Framer, Top, is_taken};
use crate::job::{Backing, WallEnd};
use crate::measure::{End, Length};

/// Ladder blocks and the first of them above the floor, center to center. Common practice, no source.
const LADDER_SPACING: Length = Length::inches(24);

impl Framer<'_> {
    /// The studs of the corners besides the end studs, which are the layout's.
    pub(super) fn corners(&mut self, openings: &[OpeningPlan]) {
        let stud = self.frame().thickness();
        for end in End::BOTH {
            for offset in corner_studs(*self.frame().framing.ends.at(end)) {
                let offset = stud * *offset;
                let x = match end {
                    End::Left => offset,
                    End::Right => self.frame().length - offset - stud,
                };
                if self.is_clear(x, stud, openings) {
                    self.upright(Role::CornerStud, None, x, stud, Top::Plates);
                }
            }
        }
    }

    /// The flat blocks of a three-piece corner, between its two studs.
    pub(super) fn corner_blocks(&mut self) {
        let frame = self.frame();
        let stud = frame.thickness();
        for end in End::BOTH {
            if *frame.framing.ends.at(end) != WallEnd::ThreePieceCorner {
                continue;
            }
            let x = if end == End::Left { stud } else { frame.length - stud * 2 };
            let (height, top) = (frame.depth(), frame.lowest_under_plates(x, x + stud));
            let stands = |left: Length| {
                self.members.iter().any(|member| member.role.stands() && member.rect.x == left && member.rect.y == stud)
            };
            if !stands(x - stud) || !stands(x + stud) {
                continue;
            }
            let mut middle = LADDER_SPACING;
            while middle + height.half() <= top {
                let rect = Rect { x, y: middle - height.half(), width: stud, height };
                if !self.is_filled(&rect) {
                    self.lay(Role::CornerBlock, None, rect);
                }
                middle += LADDER_SPACING;
            }
        }
    }

    /// A channel for every crossing wall that wants one: a stud each side of a flat one as wide as that wall's studs. It has
    /// room or it has none: then a finding says so.
    pub(super) fn channels(&mut self, openings: &[OpeningPlan]) {
        let frame = self.frame();
        let stud = frame.thickness();
        for partition in frame.framing.partitions.iter().filter(|each| each.backing == Backing::Channel) {
            let (left, right) = frame.faces_of(partition);
            let (from, to) = frame.channel_of(partition);
            let between_end_studs = stud <= from && to <= frame.length - stud;
            if between_end_studs && self.is_clear(from, to - from, openings) {
                self.upright(Role::PartitionStud, None, from, stud, Top::Plates);
                self.stand(Role::PartitionBacker, None, (left, right - left), (stud, Top::Plates));
                self.upright(Role::PartitionStud, None, right, stud, Top::Plates);
            }
        }
    }

    /// Flat blocks for every crossing wall that wants them, between the studs on either side of it. Where it meets a stud it
    /// is nailed to that.
    pub(super) fn ladder_blocks(&mut self, openings: &[OpeningPlan]) {
        let frame = self.frame();
        for partition in frame.framing.partitions.iter().filter(|each| each.backing == Backing::LadderBlocks) {
            if is_taken(partition.at, partition.at, openings) {
                continue;
            }
            let upright = |member: &&super::Member| member.role.stands();
            let before = self.members.iter().filter(upright).map(|member| member.rect.right());
            let after = self.members.iter().filter(upright).map(|member| member.rect.x);
            let left = before.filter(|right| *right <= partition.at).max();
            let right = after.filter(|left| partition.at <= *left).min();
            let (Some(left), Some(right)) = (left, right) else { continue };
            let met = self
                .members
                .iter()
                .filter(upright)
                .any(|member| member.rect.x <= partition.at && partition.at <= member.rect.right());
            if met {
                continue;
            }
            let (height, top) = (frame.depth(), frame.lowest_under_plates(left, right));
            let mut middle = LADDER_SPACING;
            while middle + height.half() <= top {
                let rect = Rect { x: left, y: middle - height.half(), width: right - left, height };
                // Two walls that meet one bay share its blocks.
                if self.has_room(&rect) {
                    self.lay(Role::LadderBlock, None, rect);
                }
                middle += LADDER_SPACING;
            }
        }
    }
}
