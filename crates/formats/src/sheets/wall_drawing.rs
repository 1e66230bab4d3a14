//! The wall as it is framed, with what comes down on it, the tape along the sole plate and the pole: in as many stretches as it takes
//! to be read at arm's length.

use sturvek_core::framing::member::{Member, Role};
use sturvek_core::framing::stack::StackPart;
use sturvek_core::framing::{OpeningPlan, WallPlan};
use sturvek_core::job::Wall;
use sturvek_core::measure::{End, Length, LengthStyle};
use sturvek_core::say;
use sturvek_core::speech::{Argument, Joined, Phrase, distance};
use sturvek_wire::paper::{Drawing, Stands};

use super::commas;
use super::ink::{HAIR, Ink, LARGE, LINE, THICK, USUAL, apart};
use super::loads_table::point_loads;

/// As wide as the narrower of the papers is across, within its margins.
const WIDTH: f64 = 720.0;
/// As high as the lower of them leaves room for.
const HIGHEST: f64 = 422.0;
const LEFT: f64 = 12.0;
const POLE: f64 = 150.0;
const TAPE: f64 = 96.0;
const LOADS: f64 = 58.0;
const FOR_THE_WALL: f64 = WIDTH - LEFT - POLE;
/// Points to the inch at which 16 ft take the width.
const AT_16_FEET: f64 = FOR_THE_WALL / 192.0;
/// About how wide a letter of the usual size is.
const LETTER: f64 = 0.54 * USUAL;
/// From one turned mark of the tape to the next, and from one mark of the pole to the next.
const MARK: f64 = 10.5;

/// So many marks have room on the tape of a stretch, and on its pole.
const MOST_ON_THE_TAPE: usize = 50;
const MOST_ON_THE_POLE: usize = 24;

/// The wall, stretch by stretch.
pub(super) fn wall_drawings(wall: &Wall, plan: &WallPlan) -> Vec<Drawing> {
    let length = wall.frame.length;
    let blocks = blocks_high(plan);
    let by_height = (HIGHEST - TAPE - LOADS) / (wall.frame.height() + blocks).to_inches();
    let scale = by_height.min(AT_16_FEET.max(FOR_THE_WALL / length.to_inches()));
    let most = Length::from_decimal_inches(FOR_THE_WALL / scale);
    stretches(length, most, plan)
        .into_iter()
        .map(|stretch| Sheet { wall, plan, stretch, scale, blocks }.draw())
        .collect()
}

/// Stretches of a wall, none longer than so much and none with more marks than have room; none ends within the packs of an opening where
/// that can be.
fn stretches(length: Length, most: Length, plan: &WallPlan) -> Vec<(Length, Length)> {
    let mut stretches = Vec::new();
    let mut from = Length::ZERO;
    while from < length {
        let mut to = length.min(from + most);
        let marks = plan.marks.iter().filter(|mark| mark.on.sole() && from <= mark.at);
        if let Some(first_too_many) = marks.map(|mark| mark.at).nth(MOST_ON_THE_TAPE).filter(|at| from < *at) {
            to = to.min(first_too_many);
        }
        let before = |to: Length| {
            let last = plan.openings.iter().rev().map(|opening| opening.pack_edge(End::Left));
            last.filter(|edge| from < *edge && *edge < to).max()
        };
        while let Some(edge) = before(to).filter(|_| MOST_ON_THE_POLE < pole_marks(&plan.openings, (from, to)).len()) {
            to = edge;
        }
        let cut = |opening: &&OpeningPlan| opening.pack_edge(End::Left) < to && to < opening.pack_edge(End::Right);
        if let Some(before) = plan.openings.iter().find(cut).map(|opening| opening.pack_edge(End::Left))
            && to < length
            && from + (to - from).half() < before
        {
            to = before;
        }
        stretches.push((from, to));
        from = to;
    }
    stretches
}

/// The undersides of what lies over and under the openings of a stretch, each with the letters of its openings, the highest first.
fn pole_marks(openings: &[OpeningPlan], (from, to): (Length, Length)) -> Vec<(Length, StackPart, Vec<String>)> {
    let mut marks: Vec<(Length, StackPart, Vec<String>)> = Vec::new();
    for opening in openings.iter().filter(|opening| opening.left() < to && from < opening.right()) {
        for line in opening.stack.lines.iter().filter(|line| Length::ZERO < line.from) {
            let letter = opening.letter.to_string();
            match marks.iter_mut().find(|(from, what, _)| (*from, *what) == (line.from, line.what)) {
                Some((.., letters)) => letters.push(letter),
                None => marks.push((line.from, line.what, vec![letter])),
            }
        }
    }
    marks.sort_by_key(|(from, what, _)| std::cmp::Reverse((*from, *what)));
    marks
}

/// A stretch of the wall on paper.
struct Sheet<'a> {
    wall: &'a Wall,
    plan: &'a WallPlan,
    stretch: (Length, Length),
    /// Points to the inch.
    scale: f64,
    /// How high the blocks on its top plates are.
    blocks: Length,
}

/// How high the blocks on a wall's top plates are.
fn blocks_high(plan: &WallPlan) -> Length {
    let blocks = plan.members.iter().filter(|member| member.role == Role::SquashBlock);
    blocks.map(|block| block.rect.height).max().unwrap_or(Length::ZERO)
}

impl Sheet<'_> {
    fn draw(&self) -> Drawing {
        let (from, to) = self.stretch;
        let letters: Vec<Phrase> =
            self.openings().map(|opening| Phrase::verbatim(opening.letter.to_string())).collect();
        let about = say!(
            "paper-drawing-of-the-wall",
            wall = &self.wall.frame.name,
            from = distance(from),
            to = distance(to),
            openings = Argument::Phrases(letters, Joined::Commas),
        );
        let mut ink = Ink::new(about, WIDTH, self.y(Length::ZERO) + TAPE);
        self.members(&mut ink);
        self.openings().for_each(|opening| self.hole(&mut ink, opening));
        self.loads(&mut ink);
        self.tape(&mut ink);
        self.pole(&mut ink);
        ink.done()
    }

    fn x(&self, place: Length) -> f64 {
        LEFT + self.scale * (place - self.stretch.0).to_inches()
    }

    fn y(&self, height: Length) -> f64 {
        LOADS + self.scale * (self.wall.frame.height() + self.blocks - height).to_inches()
    }

    fn openings(&self) -> impl Iterator<Item = &OpeningPlan> {
        let (from, to) = self.stretch;
        self.plan.openings.iter().filter(move |opening| opening.left() < to && from < opening.right())
    }

    fn members(&self, ink: &mut Ink) {
        let (from, to) = self.stretch;
        for member in self.plan.members.iter().filter(|each| each.rect.x < to && from < each.rect.right()) {
            ink.area(self.outline(member), Some(shade(member.role)));
        }
        for each in &self.wall.frame.framing.kept_clear {
            let (left, right) = each.edges();
            if right <= from || to <= left {
                continue;
            }
            for edge in [left, right].into_iter().filter(|edge| from <= *edge && *edge <= to) {
                let x = self.x(edge);
                ink.dashed([x, self.y(self.wall.frame.top_at(edge))], [x, self.y(Length::ZERO)]);
            }
            let middle = self.x(each.at.max(from).min(to));
            let high = self.y(self.wall.frame.height().half());
            ink.turned([middle + 3.0, high], Stands::Middle, Phrase::verbatim(each.name.as_str()));
        }
        for end in [from, to] {
            if end != Length::ZERO && end != self.wall.frame.length {
                ink.dashed([self.x(end), LOADS - 6.0], [self.x(end), self.y(Length::ZERO) + 10.0]);
            }
        }
    }

    /// The corners of a member within the stretch.
    fn outline(&self, member: &Member) -> [[f64; 2]; 4] {
        let rect = &member.rect;
        let (left, right) = (rect.x.max(self.stretch.0), rect.right().min(self.stretch.1));
        let part = |x: Length| (x - rect.x).to_inches() / rect.width.to_inches();
        let low = rect.y + (-member.climb.bottom).max(Length::ZERO);
        let high = rect.top() - member.climb.top.max(Length::ZERO);
        let up = |from: Length, climb: Length, x: Length| self.y(from) - self.scale * climb.to_inches() * part(x);
        let (bottom, top) = (member.climb.bottom, member.climb.top);
        [
            [self.x(left), up(low, bottom, left)],
            [self.x(right), up(low, bottom, right)],
            [self.x(right), up(high, top, right)],
            [self.x(left), up(high, top, left)],
        ]
    }

    /// The opening, with its letter and what it takes where that has room.
    fn hole(&self, ink: &mut Ink, opening: &OpeningPlan) {
        let (left, right) = (self.x(opening.left().max(self.stretch.0)), self.x(opening.right().min(self.stretch.1)));
        let (top, bottom) = (self.y(opening.stack.head()), self.y(opening.bottom));
        for [from, to] in [
            [[left, top], [right, top]],
            [[right, top], [right, bottom]],
            [[right, bottom], [left, bottom]],
            [[left, bottom], [left, top]],
        ] {
            ink.line(from, to, THICK);
        }
        let middle = f64::midpoint(left, right);
        let mut line = f64::midpoint(top, bottom) - 8.0;
        ink.bold([middle, line], Stands::Middle, Phrase::verbatim(opening.letter.to_string()), LARGE);
        let inches = |length: Length| length.written(LengthStyle::Inches).chars().count();
        let rough = say!("paper-rough", width = opening.rough.width, height = opening.rough.height);
        let mut lines = vec![(inches(opening.rough.width) + inches(opening.rough.height) + 3, rough)];
        if let Some(header) = opening.header() {
            lines.push((header.short_name().chars().count(), Phrase::verbatim(header.short_name())));
            let cut = opening.header_length();
            lines.push((inches(cut) + 6, say!("paper-cut", cut)));
        }
        for (letters, words) in lines {
            line += USUAL + 3.0;
            if LETTER * letters as f64 + 6.0 < right - left && line < bottom - 2.0 {
                ink.text([middle, line], Stands::Middle, words);
            }
        }
    }

    /// What comes down on the top plates: lines of load, and points.
    fn loads(&self, ink: &mut Ink) {
        let (from, to) = self.stretch;
        let down = &self.plan.ground.landed.down;
        let top = LOADS - 8.0;
        for (start, end) in down.stretches(self.wall.frame.length) {
            let (left, right) = (start.max(from), end.min(to));
            let said = down.at(start + (end - start).half()).said();
            if said.is_empty() || right <= left {
                continue;
            }
            let (left, right) = (self.x(left), self.x(right));
            ink.area([[left, top - 4.0], [right, top - 4.0], [right, top], [left, top]], Some(0.12));
            let room = LETTER * 14.0 * said.len() as f64;
            if room < right - left {
                ink.text([f64::midpoint(left, right), top - 8.0], Stands::Middle, commas(said));
            }
        }
        // Their amounts stand in the table of loads.
        for (at, number) in
            point_loads(self.wall, self.plan).iter().zip(1_usize..).map(|(point, number)| (point.at, number))
        {
            if from <= at && at <= to {
                let x = self.x(at);
                let block = |member: &&Member| {
                    member.role == Role::SquashBlock && member.rect.x <= at && at <= member.rect.right()
                };
                let on = self.plan.members.iter().find(block).map_or(Length::ZERO, |block| block.rect.height);
                let foot = self.y(self.wall.frame.height() + on);
                ink.arrow([x, foot], foot - LOADS + 40.0);
                ink.bold([x, LOADS - 44.0], Stands::Middle, say!("an-amount", amount = number), USUAL);
            }
        }
    }

    /// The marks of the sole plate: turned, and moved apart where they crowd, so that none is left out.
    fn tape(&self, ink: &mut Ink) {
        let (from, to) = self.stretch;
        let plate = self.y(Length::ZERO);
        let last = to == self.wall.frame.length;
        let here = |at: Length| from <= at && (at < to || last);
        let marks: Vec<_> = self.plan.marks.iter().filter(|mark| mark.on.sole() && here(mark.at)).collect();
        let wanted: Vec<f64> = marks.iter().map(|mark| self.x(mark.at)).collect();
        let places = apart(&wanted, MARK, (LEFT, WIDTH - 6.0));
        for ((mark, x), place) in marks.iter().zip(&wanted).zip(places) {
            ink.line([*x, plate], [*x, plate + 4.0], LINE);
            ink.line([*x, plate + 4.0], [place, plate + 12.0], HAIR);
            let words = say!("paper-tape-mark", mark = mark.label(), at = distance(mark.at));
            ink.turned([place + 3.0, plate + 14.0], Stands::End, words);
        }
    }

    /// The undersides of what lies over and under the openings, from the subfloor up.
    fn pole(&self, ink: &mut Ink) {
        let of_openings = pole_marks(&self.plan.openings, self.stretch).into_iter();
        let of_openings = of_openings.map(|(from, what, letters)| {
            (from, say!("paper-pole-mark", at = from, what = what.phrase(), letters = letters.join(" ")))
        });
        let (start, end) = self.stretch;
        let here = self.wall.frame.framing.let_downs.iter().filter(|each| each.from < end && start < each.to);
        let let_down = here.map(|each| (each.top(), say!("paper-pole-let-down", at = each.top())));
        let mut marks: Vec<(Length, Phrase)> = of_openings.chain(let_down).collect();
        marks.sort_by_key(|(at, _)| std::cmp::Reverse(*at));
        if marks.is_empty() {
            return;
        }
        let x = self.x(self.stretch.1) + 14.0;
        let (top, bottom) = (self.y(self.wall.frame.height()), self.y(Length::ZERO));
        ink.line([x, top], [x, bottom], THICK);
        ink.text([x - 4.0, top - 10.0], Stands::Start, say!("paper-pole-heading"));
        let wanted: Vec<f64> = marks.iter().map(|(from, ..)| self.y(*from)).collect();
        let places = apart(&wanted, MARK, (top, bottom));
        for (((_, words), y), place) in marks.into_iter().zip(&wanted).zip(places) {
            ink.line([x - 4.0, *y], [x + 4.0, *y], LINE);
            ink.line([x + 4.0, *y], [x + 14.0, place], HAIR);
            ink.text([x + 16.0, place + 3.0], Stands::Start, words);
        }
    }
}

/// How dark a piece is: what carries the opening stands out.
const fn shade(role: Role) -> f64 {
    match role {
        Role::Header => 0.34,
        Role::Jack | Role::HeaderPost | Role::SquashBlock => 0.24,
        Role::King | Role::PointLoadStud => 0.14,
        Role::SolePlate
        | Role::TopPlate
        | Role::SecondTopPlate
        | Role::Sill
        | Role::FlatHead
        | Role::Nailer
        | Role::BackingBlock => 0.07,
        _ => 0.0,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use sturvek_core::framing::plan_wall_as_said;
    use sturvek_core::job::{Job, Opening, OpeningDesign, OpeningId, OpeningKind, Size, Wall, WallFrame, WallId};

    /// A wall of so many feet with an opening every five.
    fn plan(feet: i64) -> WallPlan {
        let mut wall = Wall::new(WallId(1), "North");
        wall.frame = WallFrame { length: Length::feet(feet), ..WallFrame::usual("North") };
        for number in 0..(feet / 5).min(60) {
            let size = Size { width: Length::inches(30), height: Length::inches(40 + number % 7) };
            let design = OpeningDesign {
                center: Length::feet(5 * number) + Length::inches(30),
                sill: Length::inches(30 + number % 5),
                ..OpeningDesign::usual(OpeningKind::Window, size)
            };
            wall.openings.push(Opening::new(OpeningId(u128::try_from(number).unwrap_or(0)), design));
        }
        wall.give_letters();
        plan_wall_as_said(&Job::empty("job", vec![]).rules(), &wall)
    }

    #[test]
    fn a_long_wall_is_cut_into_stretches_that_fit_and_leave_nothing_out() {
        for feet in [8, 40, 200] {
            let plan = plan(feet);
            let cut = stretches(Length::feet(feet), Length::feet(30), &plan);
            assert_eq!((cut[0].0, cut[cut.len() - 1].1), (Length::ZERO, Length::feet(feet)));
            assert!(cut.windows(2).all(|pair| pair[0].1 == pair[1].0));
            for (from, to) in cut {
                assert!(from < to && to - from <= Length::feet(30));
                let marks = plan.marks.iter().filter(|mark| mark.on.sole() && from <= mark.at && mark.at < to);
                assert!(marks.count() <= MOST_ON_THE_TAPE);
                assert!(pole_marks(&plan.openings, (from, to)).len() <= MOST_ON_THE_POLE);
            }
        }
    }
}
