//! The grammar of a call-out: a size, a kind, a place, and what else is said of an opening, in whatever order.

use super::lengths::{SaidLength, SaidSize};
use super::misread::{Misread, SayError, Takes};
use super::said::SaidWall;
use super::tokens::{Kind, Span, Token};
use super::words::{Meaning, is_unit, meaning, unit_sign};
use crate::job::OpeningKind;
use crate::job::usual_sizes;
use crate::lumber::Depth;
use crate::measure::{End, Length, LengthStyle};

/// The most units that are called out in one breath.
const MOST_AT_ONCE: u8 = 12;

/// Where an opening is said to stand.
#[derive(Clone, Copy, Debug, PartialEq)]
pub(super) enum Place {
    Center(Length),
    /// Its near face, from an end of the wall.
    FromEnd(End, Length),
    /// Its near face, from a crossing wall, to the side of it that is named.
    FromPartition {
        which: Option<usize>,
        side: End,
        by: Length,
    },
    Middle,
    /// With equal gaps, between two places or along all of the wall.
    Evenly(Option<(Length, Length)>),
}

/// One call-out, as it was said.
#[derive(Clone, Debug, Default, PartialEq)]
pub(super) struct Called {
    pub count: Option<u8>,
    pub kind: Option<OpeningKind>,
    pub size: Option<SaidSize>,
    pub width: Option<SaidLength>,
    pub is_rough: bool,
    pub is_beam: bool,
    pub is_twin: bool,
    pub is_later: bool,
    pub is_opening: bool,
    pub place: Option<(Place, Span)>,
    pub head: Option<Length>,
    pub sill: Option<Length>,
    pub span: Span,
}

/// Reads tokens from the first to the last.
pub(super) struct Parser<'a> {
    tokens: &'a [Token],
    at: usize,
    style: LengthStyle,
}

impl<'a> Parser<'a> {
    pub fn new(tokens: &'a [Token], style: LengthStyle) -> Self {
        Self { tokens, at: 0, style }
    }

    fn peek(&self, ahead: usize) -> Option<&'a Token> {
        self.tokens.get(self.at + ahead)
    }

    fn means(&self, ahead: usize) -> Option<Meaning> {
        let token = self.peek(ahead)?;
        match token.kind {
            Kind::Word if matches!(&*token.text, "×" | "*") => Some(Meaning::By),
            Kind::Word => meaning(&token.text),
            Kind::At => Some(Meaning::At),
            Kind::Next => Some(Meaning::And),
            Kind::Number | Kind::Unknown => None,
        }
    }

    fn is_number(&self, ahead: usize) -> bool {
        self.peek(ahead).is_some_and(|token| token.kind == Kind::Number)
    }

    /// Where reading stands: the next token, or the end of the text.
    fn here(&self) -> Span {
        match (self.peek(0), self.tokens.last()) {
            (Some(token), _) => token.span,
            (None, Some(last)) => Span { from: last.span.to, to: last.span.to },
            (None, None) => Span::default(),
        }
    }

    fn since(&self, start: usize) -> Span {
        let from = self.tokens.get(start).map_or(0, |token| token.span.from);
        let to = self.at.checked_sub(1).and_then(|last| self.tokens.get(last)).map_or(from, |token| token.span.to);
        Span { from, to: to.max(from) }
    }

    fn unread(&self, takes: Takes) -> Misread {
        let what = self.peek(0).map_or(SayError::Unfinished, |token| SayError::Word(token.text.clone()));
        Misread { what, at: self.here(), takes: Some(takes) }
    }

    /// Skips words that say nothing; `in` says nothing where no number stands before it.
    fn skip_fillers(&mut self) {
        self.skip_fillers_and(&[]);
    }

    /// Whether the first word is about the wall itself.
    pub fn is_wall(&self) -> bool {
        self.means(0) == Some(Meaning::Wall)
            || (self.means(0) == Some(Meaning::Filler) && self.means(1) == Some(Meaning::Wall))
    }

    /// `wall 24-0 9-0 2x6 16 oc`.
    pub fn wall(mut self) -> Result<SaidWall, Misread> {
        let mut wall = SaidWall::default();
        while self.peek(0).is_some() {
            if self.is_number(0) {
                self.of_the_wall(&mut wall)?;
                continue;
            }
            match self.means(0) {
                Some(
                    Meaning::Wall
                    | Meaning::Filler
                    | Meaning::Way
                    | Meaning::By
                    | Meaning::Inches
                    | Meaning::At
                    | Meaning::OnCenter,
                ) => {
                    self.at += 1;
                }
                _ => return Err(self.unread(Takes::OfTheWall)),
            }
        }
        if wall == SaidWall::default() {
            return Err(self.unread(Takes::OfTheWall));
        }
        Ok(wall)
    }

    fn of_the_wall(&mut self, wall: &mut SaidWall) -> Result<(), Misread> {
        let start = self.at;
        if let Some(depth) = self.stud_size()? {
            wall.stud = Some(depth);
            return Ok(());
        }
        let said = self.length(Takes::OfTheWall)?;
        let spaced = self.means(0) == Some(Meaning::OnCenter);
        let range = match (spaced, wall.length) {
            (true, _) => {
                self.at += 1;
                wall.spacing = Some(said.inches());
                return Ok(());
            }
            (false, None) => usual_sizes::WALL_LENGTH,
            (false, Some(_)) => usual_sizes::WALL_HEIGHT,
        };
        let length = said.meant(range).map_err(|what| Misread { what, at: self.since(start), takes: None })?;
        match (wall.length, wall.height) {
            (None, _) => wall.length = Some(length),
            (Some(_), None) => wall.height = Some(length),
            (Some(_), Some(_)) => {
                self.at = start;
                return Err(self.unread(Takes::OfTheWall));
            }
        }
        Ok(())
    }

    /// `2x6`.
    fn stud_size(&mut self) -> Result<Option<Depth>, Misread> {
        let (Some(two), Some(deep)) = (self.peek(0), self.peek(2)) else { return Ok(None) };
        if two.text != "2" || self.means(1) != Some(Meaning::By) {
            return Ok(None);
        }
        let depth = match &*deep.text {
            "4" => Depth::Four,
            "6" => Depth::Six,
            "8" => Depth::Eight,
            _ => {
                let what = SayError::Word(format!("2x{}", deep.text));
                let at = Span { from: two.span.from, to: deep.span.to };
                return Err(Misread { what, at, takes: Some(Takes::OfTheWall) });
            }
        };
        self.at += 3;
        Ok(Some(depth))
    }

    /// All call-outs, one after another.
    pub fn openings(mut self) -> Result<Vec<Called>, Misread> {
        let mut all = Vec::new();
        while self.peek(0).is_some() {
            let start = self.at;
            let mut called = self.opening()?;
            called.span = self.since(start);
            all.push(called);
        }
        Ok(all)
    }

    fn opening(&mut self) -> Result<Called, Misread> {
        let mut called = Called::default();
        while self.peek(0).is_some() {
            if self.is_number(0) {
                self.number(&mut called)?;
                continue;
            }
            let Some(said) = self.means(0) else { return Err(self.unread(takes_after(&called))) };
            if said == Meaning::And {
                self.at += 1;
                if called == Called::default() {
                    continue;
                }
                if self.peek(0).is_none() {
                    return Err(self.unread(Takes::Size));
                }
                break;
            }
            self.word(said, &mut called)?;
        }
        Ok(called)
    }

    fn word(&mut self, said: Meaning, called: &mut Called) -> Result<(), Misread> {
        let start = self.at;
        self.at += 1;
        match said {
            Meaning::Kind(kind) => called.kind = Some(more_special(called.kind, kind)),
            Meaning::Doors => called.kind = called.kind.or(Some(OpeningKind::Door)),
            Meaning::Twin => called.is_twin = true,
            Meaning::Later => called.is_later = true,
            Meaning::Beam => called.is_beam = true,
            Meaning::Opening => called.is_opening = true,
            Meaning::Rough => called.is_rough = true,
            Meaning::Count(count) => called.count = Some(count),
            Meaning::Head => called.head = Some(self.height_of(Takes::Height)?),
            Meaning::Sill => called.sill = Some(self.height_of(Takes::Height)?),
            Meaning::Filler | Meaning::Inches | Meaning::Way => {}
            Meaning::At => self.after_at(start, called)?,
            Meaning::Middle => {
                self.skip_to_length();
                let place = if self.place_follows() { Place::Center(self.place_length()?) } else { Place::Middle };
                self.stands(place, start, called)?;
            }
            Meaning::From => {
                let place = self.measured_from(None)?;
                self.stands(place, start, called)?;
            }
            Meaning::Side(side) if self.is_number(0) => {
                let by = self.place_length()?;
                self.stands(Place::FromEnd(side, by), start, called)?;
            }
            Meaning::Evenly | Meaning::Between => {
                self.at = start;
                let place = self.evenly()?;
                self.stands(place, start, called)?;
            }
            _ => {
                self.at = start;
                return Err(self.unread(takes_after(called)));
            }
        }
        Ok(())
    }

    /// Says where it stands, once.
    fn stands(&self, place: Place, start: usize, called: &mut Called) -> Result<(), Misread> {
        if called.place.is_some() {
            return Err(Misread { what: SayError::TwoPlaces, at: self.since(start), takes: None });
        }
        called.place = Some((place, self.since(start)));
        Ok(())
    }

    /// After `@`: a length, from an end if that is said; or `center`.
    fn after_at(&mut self, start: usize, called: &mut Called) -> Result<(), Misread> {
        self.skip_fillers();
        if self.means(0) == Some(Meaning::Middle) {
            return Ok(());
        }
        let by = self.place_length()?;
        let place = self.place_of(by)?.unwrap_or(Place::Center(by));
        self.stands(place, start, called)
    }

    /// What a length of place is measured from, if that is said: `from left`, `off the corner`, `to center`.
    fn place_of(&mut self, by: Length) -> Result<Option<Place>, Misread> {
        let before = self.at;
        self.skip_fillers();
        match self.means(0) {
            Some(Meaning::From) => {
                self.at += 1;
                self.measured_from(Some(by)).map(Some)
            }
            Some(Meaning::Side(side)) => {
                self.at += 1;
                self.skip_fillers_and(&[Meaning::From]);
                if self.means(0) == Some(Meaning::Partition) {
                    self.at += 1;
                    let which = self.index();
                    return Ok(Some(Place::FromPartition { which, side, by }));
                }
                Ok(Some(Place::FromEnd(side, by)))
            }
            Some(Meaning::Middle | Meaning::OnCenter) => {
                self.at += 1;
                Ok(Some(Place::Center(by)))
            }
            Some(Meaning::Corner | Meaning::Partition) if before < self.at => self.measured_from(Some(by)).map(Some),
            _ => {
                self.at = before;
                Ok(None)
            }
        }
    }

    fn skip_fillers_and(&mut self, more: &[Meaning]) {
        while self
            .means(0)
            .is_some_and(|said| said == Meaning::Filler || said == Meaning::Inches || more.contains(&said))
        {
            self.at += 1;
        }
    }

    /// After `from`: an end, a corner or a crossing wall; the length after it where none stood before.
    fn measured_from(&mut self, by: Option<Length>) -> Result<Place, Misread> {
        self.skip_fillers();
        let mut side = None;
        let mut partition = None;
        let mut corner = false;
        loop {
            match self.means(0) {
                Some(Meaning::Side(said)) if side.is_none() => side = Some(said),
                Some(Meaning::Corner) => corner = true,
                Some(Meaning::Wall) if side.is_some() => {}
                Some(Meaning::Partition) => {
                    self.at += 1;
                    partition = Some(self.index());
                    continue;
                }
                Some(Meaning::Filler) => {}
                _ => break,
            }
            self.at += 1;
        }
        if side.is_none() && partition.is_none() && !corner {
            return Err(self.unread(Takes::End));
        }
        let by = match by {
            Some(by) => by,
            None => {
                self.skip_to_length();
                self.place_length()?
            }
        };
        Ok(match partition {
            Some(which) => Place::FromPartition { which, side: side.unwrap_or(End::Right), by },
            None => Place::FromEnd(side.unwrap_or(End::Left), by),
        })
    }

    /// Which crossing wall, counted from the left: `partition 2`.
    fn index(&mut self) -> Option<usize> {
        let token = self.peek(0).filter(|token| token.kind == Kind::Number)?;
        let index = token.text.parse().ok().filter(|index| (1..=9).contains(index))?;
        self.at += 1;
        Some(index)
    }

    /// `evenly between 4-0 and 20-0`, `evenly`, `between 4-0 and 20-0`.
    fn evenly(&mut self) -> Result<Place, Misread> {
        while self.means(0) == Some(Meaning::Evenly) {
            self.at += 1;
        }
        self.skip_fillers();
        if self.means(0) != Some(Meaning::Between) {
            return Ok(Place::Evenly(None));
        }
        self.at += 1;
        let from = self.place_length()?;
        if !matches!(self.means(0), Some(Meaning::And)) {
            return Err(self.unread(Takes::And));
        }
        self.at += 1;
        let to = self.place_length()?;
        while self.means(0) == Some(Meaning::Evenly) {
            self.at += 1;
        }
        Ok(Place::Evenly(Some((from.min(to), from.max(to)))))
    }

    /// `head at 6-8`, `sill 36`.
    fn height_of(&mut self, takes: Takes) -> Result<Length, Misread> {
        self.skip_to_length();
        Ok(self.length(takes)?.inches())
    }

    fn skip_to_length(&mut self) {
        self.skip_fillers_and(&[Meaning::At, Meaning::Way]);
    }

    /// Whether a number follows that is no size.
    fn place_follows(&self) -> bool {
        self.is_number(0) && !self.is_size()
    }

    fn place_length(&mut self) -> Result<Length, Misread> {
        self.skip_fillers();
        let start = self.at;
        let length = self.length(Takes::Length)?.inches();
        let feet = self.tokens.get(start).and_then(|token| token.text.parse::<u32>().ok());
        let inches =
            self.peek(0).filter(|token| token.kind == Kind::Number).and_then(|token| token.text.parse::<u32>().ok());
        // `7 6`: feet and inches with nothing between.
        if let (Some(feet), Some(0..12), 1) = (feet, inches, self.at - start)
            && feet < 100
            && self.style != LengthStyle::Millimeters
            && self.means(1) != Some(Meaning::By)
        {
            self.at = start;
            let (length, used) = self.feet_then_inches();
            self.at += used;
            return Ok(length);
        }
        Ok(length)
    }

    fn feet_then_inches(&self) -> (Length, usize) {
        let number = |ahead: usize| self.peek(ahead).and_then(|token| token.text.parse::<i64>().ok()).unwrap_or(0);
        let whole = Length::feet_inches(number(0), number(1));
        let fraction = self.peek(2).filter(|token| token.text.contains('/')).and_then(|token| token.text.parse().ok());
        fraction.map_or((whole, 2), |part: Length| (whole + part, 3))
    }

    /// A size is two lengths with `x` between, four or five digits, or two lengths in feet and inches side by side.
    fn is_size(&self) -> bool {
        let Some(token) = self.peek(0) else { return false };
        if SaidSize::packed(&token.text).is_some()
            && !matches!(self.means(1), Some(Meaning::Millimeters | Meaning::Inches))
        {
            return true;
        }
        let mut ahead = Self { tokens: self.tokens, at: self.at, style: self.style };
        ahead.length_of_size().is_ok() && ahead.means(0) == Some(Meaning::By)
    }

    fn number(&mut self, called: &mut Called) -> Result<(), Misread> {
        let start = self.at;
        if let Some(count) = self.count(called) {
            called.count = Some(count);
            self.at += 1;
            return Ok(());
        }
        if called.size.is_none() && self.is_size() {
            called.size = Some(self.size()?);
            return Ok(());
        }
        let said = self.length_of_size()?;
        // `3-0 6-8`.
        if called.size.is_none() && called.width.is_none() && said.is_in_feet() && self.is_number(0) {
            let second = self.at;
            let high = self.length_of_size()?;
            if high.is_in_feet() && !self.is_place_next() {
                called.size = Some(SaidSize::new(said, high, None));
                return Ok(());
            }
            self.at = second;
        }
        if self.is_place_next() {
            self.at = start;
            let by = self.place_length()?;
            let Some(place) = self.place_of(by)? else { return Err(self.unread(Takes::End)) };
            return self.stands(place, start, called);
        }
        if called.size.is_none() && called.width.is_none() {
            called.width = Some(said);
            return Ok(());
        }
        self.at = start;
        Err(self.unread(takes_after(called)))
    }

    fn is_place_next(&self) -> bool {
        let mut ahead = 0;
        while matches!(self.means(ahead), Some(Meaning::Filler | Meaning::Inches)) {
            ahead += 1;
        }
        matches!(self.means(ahead), Some(Meaning::From | Meaning::Side(_) | Meaning::OnCenter))
            || (0 < ahead && matches!(self.means(ahead), Some(Meaning::Middle | Meaning::Corner | Meaning::Partition)))
    }

    /// `3 3-0x4-0 windows`, `2 windows`.
    fn count(&self, called: &Called) -> Option<u8> {
        let count = self.peek(0)?.text.parse().ok().filter(|count| (2..=MOST_AT_ONCE).contains(count))?;
        if called.count.is_some() || called.size.is_some() {
            return None;
        }
        let next = Self { tokens: self.tokens, at: self.at + 1, style: self.style };
        let several = self.peek(1).is_some_and(|token| token.kind == Kind::Word && token.text.ends_with('s'))
            && matches!(self.means(1), Some(Meaning::Kind(_) | Meaning::Doors | Meaning::Opening));
        (next.is_number(0) && next.is_size() || several).then_some(count)
    }

    fn size(&mut self) -> Result<SaidSize, Misread> {
        let start = self.at;
        let text = &self.tokens[start].text;
        if let Some(size) = SaidSize::packed(text).filter(|_| self.means(1) != Some(Meaning::By)) {
            self.at += 1;
            return Ok(size);
        }
        let mut wide = self.length_of_size()?;
        self.at += 1;
        if !self.is_number(0) {
            return Err(self.unread(Takes::HeightOfSize));
        }
        let before = self.at;
        let mut high = self.length_of_size()?;
        // `900x2100 mm`: the unit is said once.
        if let Some(unit) = self.unit_before(self.at).filter(|_| before + 1 < self.at) {
            wide = wide.in_unit(unit);
        } else if let Some(unit) = self.unit_before(before - 1) {
            high = high.in_unit(unit);
        }
        let packed = SaidSize::packed_in_two(text, &self.tokens[before].text);
        Ok(SaidSize::new(wide, high, packed))
    }

    fn unit_before(&self, at: usize) -> Option<Meaning> {
        let token = self.tokens.get(at.checked_sub(1)?)?;
        meaning(&token.text).filter(|said| is_unit(*said))
    }

    /// A length in a size: `3/0` is feet and inches there.
    fn length_of_size(&mut self) -> Result<SaidLength, Misread> {
        let token = &self.tokens[self.at];
        if let Some(length) = SaidLength::slashed(&token.text) {
            self.at += 1;
            return Ok(length);
        }
        self.length(Takes::Size)
    }

    /// A length: a number, its fraction, its unit.
    fn length(&mut self, takes: Takes) -> Result<SaidLength, Misread> {
        let Some(first) = self.peek(0).filter(|token| token.kind == Kind::Number) else {
            return Err(self.unread(takes));
        };
        let start = self.at;
        let mut text = first.text.clone();
        self.at += 1;
        self.add_fraction(&mut text);
        let mut in_feet = false;
        if let Some(unit) = self.means(0).filter(|said| is_unit(*said) && !self.is_from_in()) {
            self.at += 1;
            in_feet = unit == Meaning::Feet;
            text += unit_sign(unit);
        }
        let inches_follow = (in_feet || text.ends_with(['\'', '′', '’'])) && self.is_number(0);
        if inches_follow && self.peek(0).is_some_and(|token| under_twelve(&token.text)) {
            text = format!("{text} {}", self.tokens[self.at].text);
            self.at += 1;
            self.add_fraction(&mut text);
            if self.means(0) == Some(Meaning::Inches) && !self.is_from_in() {
                self.at += 1;
                text += "\"";
            }
        }
        SaidLength::read(&text, self.style).map_err(|error| Misread {
            what: SayError::Length(error),
            at: self.since(start),
            takes: Some(takes),
        })
    }

    /// `14 in from left` is inches; `14 in the middle` is not.
    fn is_from_in(&self) -> bool {
        self.means(0) == Some(Meaning::Inches)
            && self.peek(0).is_some_and(|token| token.text == "in")
            && self.means(1) == Some(Meaning::Filler)
            && self.means(2) == Some(Meaning::Middle)
    }

    fn add_fraction(&mut self, text: &mut String) {
        if text.contains('/') && !text.contains('-') {
            return;
        }
        if let Some(token) = self.peek(0).filter(|token| token.kind == Kind::Number && is_fraction(&token.text)) {
            *text = format!("{text} {}", token.text);
            self.at += 1;
        }
    }
}

/// What could stand next.
fn takes_after(called: &Called) -> Takes {
    match (called.size.is_some() || called.width.is_some(), called.kind.is_some(), called.place.is_some()) {
        (false, ..) => Takes::Size,
        (true, false, _) => Takes::KindOrPlace,
        (true, true, false) => Takes::Place,
        (true, true, true) => Takes::Another,
    }
}

/// `overhead door`, `sliding door`, `pair of doors`: the plain word `door` does not undo the other.
fn more_special(so_far: Option<OpeningKind>, named: OpeningKind) -> OpeningKind {
    match so_far {
        Some(special) if named == OpeningKind::Door => special,
        // `sliding patio doors`, `double garage door`: a pair is the least special of them.
        Some(special) if named == OpeningKind::PairOfDoors && special != OpeningKind::Door => special,
        _ => named,
    }
}

/// A fraction of an inch, with or without the inch sign; whether a tape has it is said by who reads the length.
fn is_fraction(text: &str) -> bool {
    let plain = text.trim_end_matches(['"', '″', '”']);
    let tape =
        plain.split_once('/').and_then(|(over, under)| Some((over.parse::<u8>().ok()?, under.parse::<u8>().ok()?)));
    tape.is_some_and(|(over, under)| over < under) || matches!(plain, "½" | "¼" | "¾")
}

fn under_twelve(text: &str) -> bool {
    let digits: String = text.chars().take_while(char::is_ascii_digit).collect();
    let rest = &text[digits.len()..];
    digits.parse::<u8>().is_ok_and(|inches| inches < 12) && matches!(rest, "" | "\"" | "″" | "”" | "''" | "½" | "½\"")
}
