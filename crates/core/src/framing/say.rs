//! Reading how an opening is called out: `3068 door @ 7-6`, `5-0x4-0 window centered`, `16-0x7-0 overhead, 14 from left`,
//! `beam 12-0`. The wall itself is said as `wall 24-0`.
//!
//! Four digits are feet-inches by feet-inches, width first. `@` gives the center from the wall's left end; `from left`
//! and `from right` give the near face. What is left out is filled in and said back. Who measures in millimeters says bare
//! numbers in them: `910x2110 door @ 2300`.

use thiserror::Error;

use super::hole::usual_sill;
use crate::job::rough_opening::rough_opening;
use crate::job::usual_sizes::{self, UsualRange, WhichUnit, in_feet};
use crate::job::{OpeningDesign, OpeningKind, Settings, Size, Wall};
use crate::measure::{Length, LengthError, LengthStyle};
use crate::say;
use crate::speech::{Phrase, distance};

/// What was understood.
#[derive(Clone, Debug, PartialEq)]
pub struct Said {
    /// What would be done.
    pub what: Wanted,
    /// The same said back in a sentence.
    pub understood: Phrase,
}

/// What is wanted by what was said.
#[derive(Clone, Debug, PartialEq)]
pub enum Wanted {
    /// An opening more.
    Opening(Box<OpeningDesign>),
    /// The wall that long.
    WallLength(Length),
}

/// Why it was not understood.
#[derive(Clone, Debug, PartialEq, Error)]
pub enum SayError {
    /// There is nothing to read yet.
    #[error("nothing said")]
    Empty,
    /// No size was found.
    #[error("no size")]
    NoSize,
    /// A length in it could not be read.
    #[error("{0}")]
    Length(#[from] LengthError),
    /// A word that means nothing here.
    #[error("not understood: {0}")]
    Word(String),
    /// A number without a unit that could be either.
    #[error(transparent)]
    WhichUnit(#[from] WhichUnit),
    /// No size that such a thing comes in.
    #[error("{0}")]
    NoSuchSize(Phrase),
    /// The place is off the wall.
    #[error("off the wall")]
    OffTheWall {
        /// Where the center would be.
        center: Length,
        /// How long the wall is.
        wall: Length,
    },
}

impl SayError {
    /// A sentence for who said it.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::Empty => say!("say-empty"),
            Self::NoSize => say!("say-no-size"),
            Self::Length(error) => error.phrase(),
            Self::Word(word) => say!("say-word", word),
            Self::WhichUnit(which) => which.phrase(),
            Self::NoSuchSize(phrase) => phrase.clone(),
            Self::OffTheWall { center, wall } => {
                say!("say-off-the-wall", center = distance(center), wall = distance(wall))
            }
        }
    }
}

/// Longer texts are refused unread.
const LONGEST_TEXT: usize = 120;
/// A head tall enough to walk under: openings at least this tall are taken for doors when nothing is said.
const DOOR_HEIGHT: Length = Length::feet_inches(6, 6);
/// A door at least this wide is taken for a pair.
const PAIR_WIDTH: Length = Length::feet_inches(4, 6);

#[derive(Clone, Copy, Debug, PartialEq)]
enum Place {
    Center(Length),
    FromLeft(Length),
    FromRight(Length),
    Middle,
}

/// Reads a call-out for a wall, by a person who writes lengths in this style.
///
/// # Errors
/// [`SayError`] with a sentence about the first thing that is not understood.
pub fn say(text: &str, wall: &Wall, settings: &Settings, style: LengthStyle) -> Result<Said, SayError> {
    let text = text.trim().to_lowercase();
    if text.is_empty() {
        return Err(SayError::Empty);
    }
    if text.chars().count() > LONGEST_TEXT {
        return Err(SayError::Word(text.chars().take(20).collect::<String>() + "…"));
    }
    if let Some(length) = text.strip_prefix("wall") {
        let length = read_meant(length.trim(), style, usual_sizes::WALL_LENGTH)?;
        let understood = say!("said-wall", length = distance(length));
        return Ok(Said { what: Wanted::WallLength(length), understood });
    }
    let text = text.replace(',', " ").replace('@', " @ ");
    let (text, place) = take_place(&text, style)?;
    let mut size = None;
    let mut kind = None;
    let mut is_beam = false;
    let words: Vec<&str> = text.split_whitespace().collect();
    let mut at = 0;
    while at < words.len() {
        let word = words[at];
        at += 1;
        if word == "beam" {
            is_beam = true;
        } else if let Some(named) = kind_word(word) {
            kind = Some(more_special(kind, named));
        } else if matches!(word, "of" | "a" | "an" | "the" | "opening" | "doors") {
            kind = kind.or((word == "doors").then_some(OpeningKind::PairOfDoors));
        } else if is_beam && size.is_none() {
            let width = SaidLength::Read(read_meant(word, style, usual_sizes::BEAM)?);
            size = Some((width, SaidLength::Read(Length::inches(80))));
        } else if size.is_none() && word.starts_with(|c: char| c.is_ascii_digit()) {
            // "5-0 x 4-0" may be written with spaces around the x.
            let joined = if words.get(at) == Some(&"x") {
                words[at - 1..(at + 2).min(words.len())].concat()
            } else {
                word.into()
            };
            at += if joined.len() > word.len() { 2 } else { 0 };
            size = Some(read_size(&joined, style)?);
        } else {
            return Err(SayError::Word(word.into()));
        }
    }
    let (unit, kind) = meant_size(size.ok_or(SayError::NoSize)?, kind, is_beam)?;
    let design = OpeningDesign::usual(kind, unit);
    let rough = rough_opening(&design, &settings.rough);
    let center = center_of(place, rough.width, wall, settings);
    let sill = usual_sill(kind, rough.height, &wall.frame, settings);
    said(OpeningDesign { center, sill, ..design }, rough, place.is_none(), wall)
}

/// A length as it was said: read, or a number without a unit that may be inches or feet.
#[derive(Clone, Copy, Debug, PartialEq)]
enum SaidLength {
    Read(Length),
    Bare(f64),
}

impl SaidLength {
    fn inches(self) -> Length {
        match self {
            Self::Read(length) => length,
            Self::Bare(number) => Length::from_decimal_inches(number),
        }
    }

    fn feet(self) -> Length {
        match self {
            Self::Read(length) => length,
            Self::Bare(number) => Length::from_decimal_inches(number * 12.0),
        }
    }
}

/// The size that makes sense for the kind: bare numbers are inches or feet, both alike. What is said only where both do is asked.
fn meant_size(
    said: (SaidLength, SaidLength),
    kind: Option<OpeningKind>,
    is_beam: bool,
) -> Result<(Size, OpeningKind), SayError> {
    let of = |read: fn(SaidLength) -> Length| {
        let unit = Size { width: read(said.0), height: read(said.1) };
        let kind = kind.unwrap_or_else(|| usual_kind(unit, is_beam));
        let kind = if kind == OpeningKind::Door && PAIR_WIDTH <= unit.width { OpeningKind::PairOfDoors } else { kind };
        let (wide, high) = usual_sizes::of_kind(kind);
        (unit, kind, wide.contains(unit.width) && high.contains(unit.height))
    };
    let (inches, feet) = (of(SaidLength::inches), of(SaidLength::feet));
    let bare = matches!(said, (SaidLength::Bare(_), _) | (_, SaidLength::Bare(_)));
    let text = |unit: Size, style| format!("{} x {}", unit.width.written(style), unit.height.written(style));
    match (inches.2, feet.2 && bare) {
        (true, true) => Err(SayError::WhichUnit(WhichUnit {
            inches: text(inches.0, LengthStyle::Inches).replace('"', ""),
            feet: format!("{} x {}", in_feet(feet.0.width), in_feet(feet.0.height)),
        })),
        (true, false) => Ok((inches.0, inches.1)),
        (false, true) => Ok((feet.0, feet.1)),
        (false, false) => {
            let (wide, high) = usual_sizes::of_kind(inches.1);
            let (width, height) = (distance(inches.0.width), distance(inches.0.height));
            let (kind, wide, high) = (inches.1.phrase(), wide.phrase(), high.phrase());
            Err(SayError::NoSuchSize(say!("say-not-made", kind, width, height, wide, high)))
        }
    }
}

/// A length of something that measures so much: a number without a unit is inches or feet, whichever makes sense.
fn read_meant(text: &str, style: LengthStyle, range: UsualRange) -> Result<Length, SayError> {
    let bare = usual_sizes::read_bare(text, range).filter(|_| style != LengthStyle::Millimeters);
    let length = bare.transpose()?.map_or_else(|| read_length(text, style), Ok)?;
    if range.contains(length) {
        Ok(length)
    } else {
        Err(SayError::NoSuchSize(say!("say-out-of-reach", given = distance(length), range = range.phrase())))
    }
}

/// A length; a bare number is in millimeters for who measures in them.
fn read_length(text: &str, style: LengthStyle) -> Result<Length, LengthError> {
    let bare = text.trim().chars().all(|letter| letter.is_ascii_digit() || letter == '.');
    if bare && style == LengthStyle::Millimeters { format!("{text} mm").parse() } else { text.parse() }
}

fn center_of(place: Option<Place>, rough_width: Length, wall: &Wall, settings: &Settings) -> Length {
    let length = wall.frame.length;
    match place {
        Some(Place::Center(center)) => center,
        Some(Place::FromLeft(face)) => face + rough_width.half(),
        Some(Place::FromRight(face)) => length - face - rough_width.half(),
        Some(Place::Middle) => length.half(),
        None => middle_of_widest_gap(wall, settings),
    }
}

fn said(design: OpeningDesign, rough: Size, by_gap: bool, wall: &Wall) -> Result<Said, SayError> {
    let (center, length) = (design.center, wall.frame.length);
    if center < Length::ZERO || length < center {
        return Err(SayError::OffTheWall { center, wall: length });
    }
    let (width, height) = (distance(design.unit.width), distance(design.unit.height));
    let (rough_width, rough_height) = (distance(rough.width), distance(rough.height));
    let (kind, at) = (design.kind.phrase(), distance(center));
    let understood = if by_gap {
        say!("said-opening-in-gap", kind, width, height, rough_width, rough_height, at)
    } else {
        say!("said-opening", kind, width, height, rough_width, rough_height, at)
    };
    Ok(Said { what: Wanted::Opening(Box::new(design)), understood })
}

/// Takes the words that say where off the text.
fn take_place(text: &str, style: LengthStyle) -> Result<(String, Option<Place>), SayError> {
    let without = |from: usize, to: usize| format!("{} {}", &text[..from], &text[to..]);
    for word in ["centered", "centred", "in the middle", "center", "centre"] {
        if let Some(at) = text.find(word) {
            return Ok((without(at, at + word.len()), Some(Place::Middle)));
        }
    }
    if let Some(at) = text.find('@') {
        let (length, used) = leading_length(&text[at + 1..], style)?;
        return Ok((without(at, at + 1 + used), Some(Place::Center(length))));
    }
    for (word, make) in [
        ("from left", Place::FromLeft as fn(Length) -> Place),
        ("from right", Place::FromRight),
        ("from the left", Place::FromLeft),
        ("from the right", Place::FromRight),
    ] {
        let Some(at) = text.find(word) else { continue };
        let (before, length) = trailing_length(&text[..at], style)?;
        return Ok((format!("{before} {}", &text[at + word.len()..]), Some(make(length))));
    }
    Ok((text.to_owned(), None))
}

/// The longest run of words from the start that is a length, and how many bytes it took.
fn leading_length(text: &str, style: LengthStyle) -> Result<(Length, usize), SayError> {
    let ends: Vec<usize> = word_ends(text).take(4).collect();
    let read = |end: &usize| read_length(&text[..*end], style).ok().map(|length| (length, *end));
    match ends.iter().rev().find_map(read) {
        Some(found) => Ok(found),
        None => {
            let first = ends.first().map_or("", |end| &text[..*end]);
            Err(first.parse::<Length>().err().unwrap_or(LengthError::Empty).into())
        }
    }
}

/// The longest run of words at the end that is a length, and the text before it. A size such as `3068` or `16-0x7-0`
/// never belongs to it, since a length has at most three words and a size is not one of them.
fn trailing_length(text: &str, style: LengthStyle) -> Result<(&str, Length), SayError> {
    let text = text.trim_end();
    let starts: Vec<usize> = word_starts(text).collect();
    let nearest = starts.iter().rev().take(3).copied();
    let mut found = None;
    for start in nearest {
        match read_length(&text[start..], style) {
            Ok(length) if start > 0 || found.is_none() => found = Some((start, length)),
            _ => break,
        }
    }
    match found {
        Some((start, length)) => Ok((&text[..start], length)),
        None => {
            let last = starts.last().map_or("", |start| &text[*start..]);
            Err(last.parse::<Length>().err().unwrap_or(LengthError::Empty).into())
        }
    }
}

fn word_ends(text: &str) -> impl Iterator<Item = usize> {
    text.split_whitespace().map(move |word| word.as_ptr() as usize - text.as_ptr() as usize + word.len())
}

fn word_starts(text: &str) -> impl Iterator<Item = usize> {
    text.split_whitespace().map(move |word| word.as_ptr() as usize - text.as_ptr() as usize)
}

fn kind_word(word: &str) -> Option<OpeningKind> {
    match word {
        "window" | "win" => Some(OpeningKind::Window),
        "door" => Some(OpeningKind::Door),
        "pair" | "double" | "french" => Some(OpeningKind::PairOfDoors),
        "slider" | "sliding" | "patio" => Some(OpeningKind::SlidingDoor),
        "overhead" | "garage" => Some(OpeningKind::OverheadDoor),
        "pocket" => Some(OpeningKind::PocketDoor),
        "cased" => Some(OpeningKind::CasedOpening),
        _ => None,
    }
}

/// `overhead door`, `sliding door`, `pair of doors`: the plain word `door` does not undo the other.
fn more_special(so_far: Option<OpeningKind>, named: OpeningKind) -> OpeningKind {
    match so_far {
        Some(special) if named == OpeningKind::Door => special,
        _ => named,
    }
}

fn usual_kind(unit: Size, is_beam: bool) -> OpeningKind {
    if is_beam {
        OpeningKind::CasedOpening
    } else if DOOR_HEIGHT <= unit.height {
        OpeningKind::Door
    } else {
        OpeningKind::Window
    }
}

/// `3068`, `5-0x4-0`, `36x80`, `16x7`.
fn read_size(word: &str, style: LengthStyle) -> Result<(SaidLength, SaidLength), SayError> {
    if let Some((width, height)) = word.split_once(['x', '×']) {
        return Ok((read_said(width, style)?, read_said(height, style)?));
    }
    let digits: Vec<i64> = word.chars().filter_map(|c| c.to_digit(10).map(i64::from)).collect();
    let read = |feet: i64, inches: i64| SaidLength::Read(Length::feet_inches(feet, inches));
    match digits.as_slice() {
        [wf, wi, hf, hi] if word.len() == 4 => Ok((read(*wf, *wi), read(*hf, *hi))),
        // 16070: two digits of feet in the width.
        [wt, wf, wi, hf, hi] if word.len() == 5 => Ok((read(10 * wt + wf, *wi), read(*hf, *hi))),
        _ => Err(SayError::NoSize),
    }
}

fn read_said(text: &str, style: LengthStyle) -> Result<SaidLength, LengthError> {
    match usual_sizes::bare_number(text).filter(|_| style != LengthStyle::Millimeters) {
        Some(number) => Ok(SaidLength::Bare(number)),
        None => read_length(text, style).map(SaidLength::Read),
    }
}

fn middle_of_widest_gap(wall: &Wall, settings: &Settings) -> Length {
    let mut taken: Vec<(Length, Length)> = wall
        .openings
        .iter()
        .map(|opening| {
            let half = rough_opening(&opening.design, &settings.rough).width.half();
            (opening.design.center - half, opening.design.center + half)
        })
        .collect();
    taken.sort();
    let mut from = Length::ZERO;
    let mut widest = (Length::ZERO, Length::ZERO);
    for (left, right) in taken.into_iter().chain([(wall.frame.length, wall.frame.length)]) {
        if widest.1 - widest.0 < left - from {
            widest = (from, left);
        }
        from = from.max(right);
    }
    widest.0 + (widest.1 - widest.0).half()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{WallFrame, WallId};
    use crate::loads::{BearingEvidence, WallCarries};
    use proptest::prelude::*;

    fn wall() -> Wall {
        let frame = WallFrame { length: Length::feet(24), ..WallFrame::usual("north") };
        let evidence = BearingEvidence::default();
        Wall {
            id: WallId(1),
            frame,
            evidence,
            carries: WallCarries::Nothing,
            openings: vec![],
            letters_given: 0,
            point_loads: vec![],
        }
    }

    fn say(text: &str, wall: &Wall) -> Result<Said, SayError> {
        super::say(text, wall, &Settings::default(), LengthStyle::FeetInches)
    }

    fn design(said: Said) -> OpeningDesign {
        match said.what {
            Wanted::Opening(design) => *design,
            Wanted::WallLength(length) => panic!("a wall of {length:?}"),
        }
    }

    fn check(text: &str, kind: OpeningKind, width: f64, height: f64, center: f64) {
        let said = say(text, &wall()).unwrap_or_else(|error| panic!("{text}: {error}"));
        let got = design(said);
        let inches = [got.unit.width, got.unit.height, got.center].map(Length::to_inches);
        assert_eq!((got.kind, inches), (kind, [width, height, center]), "{text}");
    }

    #[test]
    fn openings_are_called_out_as_on_site() {
        use OpeningKind::{CasedOpening, Door, OverheadDoor, PairOfDoors, SlidingDoor, Window};
        check("3068 door @ 7-6", Door, 36.0, 80.0, 90.0);
        check("3068 @7'6\"", Door, 36.0, 80.0, 90.0);
        check("3068 door @ 7-6 1/2", Door, 36.0, 80.0, 90.5);
        check("5-0x4-0 window centered", Window, 60.0, 48.0, 144.0);
        check("5-0 x 4-0 window @ 10-0", Window, 60.0, 48.0, 120.0);
        check("16-0x7-0 overhead, 14 from left", OverheadDoor, 192.0, 84.0, 110.0);
        check("3040 window 2-0 from right", Window, 36.0, 48.0, 288.0 - 24.0 - 18.25);
        check("6068 slider 3-6 1/2 from left", SlidingDoor, 72.0, 80.0, 42.5 + 36.25);
        check("pair of doors 6068 @ 12-0", PairOfDoors, 72.0, 80.0, 144.0);
        check("6068 door", PairOfDoors, 72.0, 80.0, 144.0);
        check("16070 garage door centered", OverheadDoor, 192.0, 84.0, 144.0);
        check("beam 12-0", CasedOpening, 144.0, 80.0, 144.0);
        check("36x80 cased opening @ 100", CasedOpening, 36.0, 80.0, 100.0);
        check("2-8x6-8", Door, 32.0, 80.0, 144.0);
        check("2668 pocket door @ 10-0", OpeningKind::PocketDoor, 30.0, 80.0, 120.0);
    }

    #[test]
    fn the_wall_itself_is_said_by_its_length() {
        let said = say("wall 24-0", &wall()).expect("read");
        assert_eq!(
            (said.what, said.understood),
            (Wanted::WallLength(Length::feet(24)), say!("said-wall", length = distance(Length::feet(24))))
        );
        assert!(say("wall", &wall()).is_err() && say("wall tall", &wall()).is_err());
    }

    #[test]
    fn a_number_without_a_unit_is_what_makes_sense_or_is_asked() {
        use OpeningKind::{CasedOpening, OverheadDoor, Window};
        check("16x7 overhead", OverheadDoor, 192.0, 84.0, 144.0);
        check("5x4 window", Window, 60.0, 48.0, 144.0);
        check("24x36 window", Window, 24.0, 36.0, 144.0);
        check("beam 12", CasedOpening, 144.0, 80.0, 144.0);
        let wall_said = |text: &str| say(text, &wall());
        assert_eq!(wall_said("wall 24").expect("read").what, Wanted::WallLength(Length::feet(24)));
        let asked = |text: &str| wall_said(text).expect_err(text).phrase().to_string();
        assert_eq!(asked("12x12 window"), "which-unit (inches: 12 x 12, feet: 12-0 x 12-0)");
        assert_eq!(asked("wall 96"), "which-unit (inches: 96, feet: 96-0)");
        assert!(asked("16\"x7\" overhead").contains("wide: range (least: 4'-0\", most: 30'-0\")"));
        assert!(asked("wall 12\"").contains("say-out-of-reach"));
    }

    #[test]
    fn bare_numbers_are_millimeters_for_who_measures_in_them() {
        let metric = |text: &str| {
            let said = super::say(text, &wall(), &Settings::default(), LengthStyle::Millimeters).expect(text);
            let understood = said.understood.clone();
            let got = design(said);
            (got.unit, got.center, understood)
        };
        let unit = Size { width: Length::millimeters(910), height: Length::millimeters(2110) };
        let (size, center, understood) = metric("910x2110 door @ 2300");
        assert_eq!((size, center), (unit, Length::millimeters(2300)));
        assert_eq!(understood.argument("width"), Some(&distance(Length::millimeters(910))));
        assert_eq!(metric("910 x 2110 door, 600 from left").1, Length::millimeters(600 + 455) + Length::inches(1));
        assert_eq!(metric("1200x900 window @ 7-6").1, Length::inches(90), "feet are still read");
    }

    #[test]
    fn what_is_not_understood_is_said() {
        let error = |text: &str| say(text, &wall()).expect_err(text).phrase().to_string();
        assert_eq!(error(""), "say-empty");
        assert_eq!(error("window"), "say-no-size");
        assert_eq!(error("3068 doot @ 7-6"), "say-word (word: doot)");
        assert!(error("3068 door @ 40-0").contains("wall: 24'-0\""));
        assert!(error("3068 door @ seven").contains("length-not-a-length"));
        assert!(error("3068 door @ 7-1/2").contains("length-ambiguous"));
    }

    #[test]
    fn without_a_place_it_goes_to_the_widest_gap() {
        let mut wall = wall();
        let first = design(say("3068 door @ 5-0", &wall).expect("read"));
        wall.openings.push(crate::job::Opening::new(crate::job::OpeningId(1), first));
        // Right of the door's rough opening at 79 in.: 79..288, middle 183 1/2.
        let said = say("3040 window", &wall).expect("read");
        assert!(said.understood.id == "said-opening-in-gap");
        assert_eq!(design(said).center, Length::inches_and(183, 1, 2));
    }

    proptest! {
        #[test]
        fn any_text_is_read_or_refused(text in "\\PC{0,80}") {
            let _ = say(&text, &wall());
        }

        #[test]
        fn any_mix_of_its_words_is_read_or_refused(words in prop::collection::vec(
            prop_oneof![Just("3068"), Just("door"), Just("@"), Just("7-6"), Just("1/2"), Just("x"), Just("from left"),
                Just("beam"), Just("centered"), Just("5-0x4-0"), Just("½"), Just("’"), Just(",")], 0..9)) {
            let _ = say(&words.join(" "), &wall());
        }
    }
}
