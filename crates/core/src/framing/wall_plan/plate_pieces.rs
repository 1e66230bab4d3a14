//! The pieces of sole plate and top plates, between their breaks.

use super::super::member::{Bevel, Climb, Member, Minded, Rect, Role, Stock};
use super::super::opening_plan::OpeningPlan;
use super::super::plates::{Stretch, TopBreaks, sole_breaks};
use super::framer::Framer;
use crate::job::wall_frame::{along, on_line};
use crate::job::{ClearFor, KeptClear, OpeningId, PlateLap, WallFrame};
use crate::measure::{End, Length};

impl Framer<'_> {
    pub(super) fn plates(
        &mut self,
        openings: &[OpeningPlan],
        layout: &[Length],
        breaks: Option<&TopBreaks>,
        panel_ends: &[Length],
    ) {
        let none = TopBreaks::default();
        let TopBreaks { lower, upper } = breaks.unwrap_or(&none);
        let whole = (Length::ZERO, self.frame().length);
        self.top_plate(Role::TopPlate, whole, lower);
        for stretch in self.second_plate_stretches() {
            self.top_plate(Role::SecondTopPlate, stretch, upper);
        }
        self.sole_plate(openings, layout, panel_ends);
    }

    /// The second top plate where it lies: held back or run over at the ends, held open for walls that lap into it.
    fn second_plate_stretches(&self) -> Vec<Stretch> {
        let frame = self.frame();
        let past = |end: End| match *frame.framing.laps.at(end) {
            PlateLap::Flush => Length::ZERO,
            PlateLap::HeldBack(depth) => -frame.sawn.depth(depth),
            PlateLap::RunsOver(depth) => frame.sawn.depth(depth),
        };
        let (mut from, to) = (-past(End::Left), frame.length + past(End::Right));
        let mut open: Vec<Stretch> = frame
            .framing
            .partitions
            .iter()
            .filter(|partition| partition.laps_in)
            .map(|partition| frame.faces_of(partition))
            .collect();
        open.sort_unstable();
        let mut stretches = Vec::new();
        for (left, right) in open {
            stretches.push((from, left.min(to)));
            from = from.max(right);
        }
        stretches.push((from, to));
        stretches.retain(|(from, to)| from < to);
        stretches
    }

    fn sole_plate(&mut self, openings: &[OpeningPlan], layout: &[Length], panel_ends: &[Length]) {
        let frame = self.frame();
        let (length, stud) = (frame.length, frame.thickness());
        let doors: Vec<(OpeningId, Stretch)> = openings
            .iter()
            .filter(|plan| plan.design.sill < stud)
            .map(|plan| (plan.id, (plan.left().max(Length::ZERO), plan.right().min(length))))
            .collect();
        let cut_outs: Vec<Stretch> = doors.iter().map(|(_, stretch)| *stretch).collect();
        let studs: Vec<Stretch> = layout.iter().map(|x| (*x, *x + stud)).collect();
        // Each panel has its own.
        let mut breaks = panel_ends.to_vec();
        for panel in between((Length::ZERO, length), panel_ends) {
            let shifted = |(from, to): &Stretch| (*from - panel.0, *to - panel.0);
            let (studs, cut_outs): (Vec<Stretch>, Vec<Stretch>) =
                (studs.iter().map(shifted).collect(), cut_outs.iter().map(shifted).collect());
            let of_it = sole_breaks(panel.1 - panel.0, frame.framing.plate_stock, &studs, &cut_outs);
            breaks.extend(of_it.into_iter().map(|at| at + panel.0));
        }
        breaks.sort_unstable();
        let mut start = Length::ZERO;
        for (opening, (left, right)) in doors {
            let left = left.max(start);
            if right <= left {
                continue;
            }
            self.sole_piece(Role::SolePlate, None, (start, left), &breaks);
            self.sole_piece(Role::SolePlateCutLast, Some(opening), (left, right), &[]);
            start = right;
        }
        self.sole_piece(Role::SolePlate, None, (start, length), &breaks);
    }

    fn sole_piece(&mut self, role: Role, opening: Option<OpeningId>, whole: Stretch, breaks: &[Length]) {
        let height = self.frame().thickness();
        // On concrete the sole plate is treated.
        let minded = if self.frame().framing.bolts.is_some() { Minded::Treated } else { Minded::Nothing };
        let stock = Stock { minded, ..Stock::of_plates(self.frame()) };
        let cut = cut_through(self.frame());
        let pieces = between(whole, breaks).into_iter().flat_map(|piece| without(piece, &cut));
        for (from, to) in pieces.collect::<Vec<_>>() {
            let rect = Rect { x: from, y: Length::ZERO, width: to - from, height };
            self.members.push(Member::new(role, opening, rect, stock.clone()));
        }
    }

    /// A top plate along the lines of the wall's top, plumb cut where they meet.
    fn top_plate(&mut self, role: Role, whole: Stretch, breaks: &[Length]) {
        let frame = self.frame();
        let lines = frame.top_lines();
        for (index, line) in lines.iter().enumerate() {
            // A plate that runs over past the wall's end follows the line there.
            let from = if index == 0 { whole.0 } else { whole.0.max(line[0].0) };
            let to = if index + 1 == lines.len() { whole.1 } else { whole.1.min(line[1].0) };
            let middle = (line[0].0 + line[1].0).half();
            let plates = frame.plates_at(middle);
            if role == Role::SecondTopPlate && plates < 2 {
                continue;
            }
            let rise = frame.plate_rise_at(middle);
            let below = if role == Role::SecondTopPlate { rise } else { rise * plates };
            for (left, right) in between((from, to), breaks) {
                let top = |x| on_line(*line, x, frame.sawn);
                let (low, high) = (top(left) - below, top(right) - below);
                let climb = high - low;
                let rect = Rect { x: left, y: low.min(high), width: right - left, height: rise + climb.abs() };
                let bevel = (climb != Length::ZERO).then(|| Bevel { drop: climb.abs(), over: right - left });
                self.members.push(Member {
                    climb: Climb { bottom: climb, top: climb },
                    cut: along(*line, right - left, frame.sawn),
                    bevel,
                    ..Member::new(role, None, rect, Stock::of_plates(frame))
                });
            }
        }
    }
}

/// Where the sole plate is cut on both sides of a pipe, which takes more than half of its width.
fn cut_through(frame: &WallFrame) -> Vec<Stretch> {
    let pipes = frame.framing.kept_clear.iter().filter(|each| each.for_ == ClearFor::Pipe);
    pipes.filter(|pipe| frame.depth() < pipe.width * 2).map(KeptClear::edges).collect()
}

/// What is left of a stretch.
fn without((from, to): Stretch, cut: &[Stretch]) -> Vec<Stretch> {
    let mut left = vec![(from, to)];
    for (low, high) in cut {
        let parts = left.into_iter().flat_map(|(from, to)| [(from, to.min(*low)), (from.max(*high), to)]);
        left = parts.filter(|(from, to)| from < to).collect();
    }
    left
}

/// The pieces between breaks.
fn between((from, to): Stretch, breaks: &[Length]) -> Vec<Stretch> {
    let inside = breaks.iter().copied().filter(|at| from < *at && *at < to);
    let edges: Vec<Length> = std::iter::once(from).chain(inside).chain([to]).collect();
    edges.windows(2).filter(|pair| pair[0] < pair[1]).map(|pair| (pair[0], pair[1])).collect()
}
