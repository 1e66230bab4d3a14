//! The wall as it is framed, with what comes down on it, the tape along the sole plate and the pole: in as many stretches as it takes
//! to be read at arm's length.

use sturvek_core::framing::member::{Member, Role};
use sturvek_core::framing::stack::StackPart;
use sturvek_core::framing::{OpeningPlan, WallPlan};
use sturvek_core::job::Wall;
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::measure::{End, Force, Length, LengthStyle};
use sturvek_core::say;
use sturvek_core::speech::{Argument, Joined, Phrase, distance};
use sturvek_wire::paper::{Drawing, Stands};

use super::ink::{HAIR, Ink, LARGE, LINE, THICK, USUAL, apart};

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

/// The wall, stretch by stretch.
pub(super) fn wall_drawings(wall: &Wall, plan: &WallPlan) -> Vec<Drawing> {
    let length = wall.frame.length;
    let by_height = (HIGHEST - TAPE - LOADS) / wall.frame.height().to_inches();
    let scale = by_height.min(AT_16_FEET.max(FOR_THE_WALL / length.to_inches()));
    let stretches = stretches(length, Length::from_decimal_inches(FOR_THE_WALL / scale), &plan.openings);
    stretches.into_iter().map(|stretch| Sheet { wall, plan, stretch, scale }.draw()).collect()
}

/// Stretches of a wall, none longer than so much, none ending within the packs of an opening where that can be.
fn stretches(length: Length, most: Length, openings: &[OpeningPlan]) -> Vec<(Length, Length)> {
    let mut stretches = Vec::new();
    let mut from = Length::ZERO;
    while from < length {
        let mut to = length.min(from + most);
        let cut = |opening: &&OpeningPlan| opening.pack_edge(End::Left) < to && to < opening.pack_edge(End::Right);
        if let Some(before) = openings.iter().find(cut).map(|opening| opening.pack_edge(End::Left))
            && to < length
            && from + most.half() < before
        {
            to = before;
        }
        stretches.push((from, to));
        from = to;
    }
    stretches
}

/// A stretch of the wall on paper.
struct Sheet<'a> {
    wall: &'a Wall,
    plan: &'a WallPlan,
    stretch: (Length, Length),
    /// Points to the inch.
    scale: f64,
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
        LOADS + self.scale * (self.wall.frame.height() - height).to_inches()
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
            let amounts = down.at(start + (end - start).half());
            let there = LoadKind::ALL.into_iter().filter(|kind| amounts[*kind].to_plf() > 0.0);
            let said = there.map(|kind| say!("amount-of-kind", amount = amounts[kind], kind = kind.symbol()));
            let said: Vec<Phrase> = said.collect();
            if said.is_empty() || right <= left {
                continue;
            }
            let (left, right) = (self.x(left), self.x(right));
            ink.area([[left, top - 4.0], [right, top - 4.0], [right, top], [left, top]], Some(0.12));
            let room = LETTER * 14.0 * said.len() as f64;
            if room < right - left {
                ink.text(
                    [f64::midpoint(left, right), top - 8.0],
                    Stands::Middle,
                    Phrase::several(said, Joined::Commas),
                );
            }
        }
        let own = self.wall.point_loads.iter().map(|load| (load.at, Phrase::verbatim(&load.name), load.amount));
        let brought = down.points.iter().map(|point| (point.at, Phrase::plain(point.source), point.amount));
        let points = own.chain(brought).filter(|(at, ..)| (from..=to).contains(at));
        for (number, (at, name, amount)) in points.enumerate() {
            let x = self.x(at);
            let high = if number % 2 == 0 { 10.0 } else { 22.0 };
            ink.arrow([x, LOADS], LOADS - high);
            let words = say!("paper-point-load", name, total = total(&amount));
            let stands = if x < FOR_THE_WALL * 0.7 { Stands::Start } else { Stands::End };
            ink.text([if stands == Stands::Start { x + 3.0 } else { x - 3.0 }, high + 2.0], stands, words);
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
        let mut marks: Vec<(Length, StackPart, Vec<String>)> = Vec::new();
        for opening in self.openings() {
            for line in opening.stack.lines.iter().filter(|line| Length::ZERO < line.from) {
                let letter = opening.letter.to_string();
                match marks.iter_mut().find(|(from, what, _)| (*from, *what) == (line.from, line.what)) {
                    Some((.., letters)) => letters.push(letter),
                    None => marks.push((line.from, line.what, vec![letter])),
                }
            }
        }
        if marks.is_empty() {
            return;
        }
        marks.sort_by_key(|(from, what, _)| std::cmp::Reverse((*from, *what)));
        let x = self.x(self.stretch.1) + 14.0;
        let (top, bottom) = (self.y(self.wall.frame.height()), self.y(Length::ZERO));
        ink.line([x, top], [x, bottom], THICK);
        ink.text([x - 4.0, top - 10.0], Stands::Start, say!("paper-pole-heading"));
        let wanted: Vec<f64> = marks.iter().map(|(from, ..)| self.y(*from)).collect();
        let places = apart(&wanted, MARK, (top, bottom));
        for (((from, what, letters), y), place) in marks.into_iter().zip(&wanted).zip(places) {
            ink.line([x - 4.0, *y], [x + 4.0, *y], LINE);
            ink.line([x + 4.0, *y], [x + 14.0, place], HAIR);
            let words = say!("paper-pole-mark", at = from, what = what.phrase(), letters = letters.join(" "));
            ink.text([x + 16.0, place + 3.0], Stands::Start, words);
        }
    }
}

fn total(amount: &ByKind<Force>) -> Argument {
    let there = LoadKind::ALL.into_iter().filter(|kind| 0.0 < amount[*kind].to_lbf().abs());
    let said = there.map(|kind| say!("amount-of-kind", amount = amount[kind], kind = kind.symbol()));
    Argument::Phrases(said.collect(), Joined::Commas)
}

/// How dark a piece is: what carries the opening stands out.
const fn shade(role: Role) -> f64 {
    match role {
        Role::Header => 0.34,
        Role::Jack | Role::HeaderPost => 0.24,
        Role::King | Role::PointLoadStud => 0.14,
        Role::SolePlate | Role::TopPlate | Role::SecondTopPlate | Role::Sill | Role::FlatHead | Role::Nailer => 0.07,
        _ => 0.0,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_long_wall_is_cut_into_stretches_that_fit() {
        let cut = stretches(Length::feet(40), Length::feet(16), &[]);
        assert_eq!(cut.len(), 3);
        assert!(cut.iter().all(|(from, to)| *to - *from <= Length::feet(16)));
        assert_eq!((cut[0].0, cut[2].1), (Length::ZERO, Length::feet(40)));
    }

    #[test]
    fn a_load_is_told_by_its_kinds() {
        let line = ByKind::of([(LoadKind::Dead, Force::lbf(900.0)), (LoadKind::Snow, Force::lbf(400.0))]);
        let Argument::Phrases(said, _) = total(&line) else { panic!("several") };
        assert_eq!(said.len(), 2);
    }
}
