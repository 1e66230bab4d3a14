//! The clauses of a description of a house.

use std::fmt;

use crate::lumber::SawnSize;
use crate::measure::{Length, LengthStyle};
use crate::say;
use crate::speech::Phrase;

/// Longer descriptions are refused unread.
const LONGEST_TEXT: usize = 600;
/// The most storeys that are described.
pub(super) const MOST_STOREYS: usize = 3;

/// On which side of a house.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Side {
    Front,
    Back,
    Left,
    Right,
}

/// One clause of a description.
#[derive(Clone, Debug, PartialEq)]
pub(super) enum Clause {
    /// `house 36x24`.
    House { wide: Length, deep: Length },
    /// `2 storeys 9-0 8-0`.
    Storeys { count: usize, heights: Vec<Length> },
    /// `slab`.
    Slab,
    /// `middle wall at 12-0`.
    MiddleWall { at: Length },
    /// `joists across`, `joists along`, `joists 2x10`, `joists 11-7/8" deep`.
    Joists { along: Option<bool>, depth: Option<Length> },
    /// `trusses`, `trusses 6/12`.
    Trusses { rise: f64 },
    /// `rafters 6/12 lapped`.
    Rafters { rise: f64, lapped: bool },
    /// `girder at 12-0 on 3 posts`.
    Girder { at: Length, posts: usize },
    /// `porch 8-0 deep at the front`.
    Porch { deep: Length, side: Side },
    /// `deck 10-0 deep at the back`.
    Deck { deep: Length, side: Side },
    /// `ridge beam on 3 posts`.
    RidgeBeam { rise: f64, posts: usize },
    /// `front 2: 3-0x4-0 window @ 9-0`.
    Openings { wall: String, said: String },
}

/// Why a description was not understood, or cannot be meant.
#[derive(Clone, Debug, PartialEq)]
pub struct HouseMisread(Box<Phrase>);

impl HouseMisread {
    pub(super) fn new(phrase: Phrase) -> Self {
        Self(Box::new(phrase))
    }

    /// In a sentence.
    pub fn phrase(&self) -> Phrase {
        (*self.0).clone()
    }
}

/// For logs and tests.
impl fmt::Display for HouseMisread {
    fn fmt(&self, formatter: &mut fmt::Formatter<'_>) -> fmt::Result {
        self.0.fmt(formatter)
    }
}

type Read<T> = Result<T, HouseMisread>;

impl Clause {
    /// What comes first when they are carried out.
    pub const fn rank(&self) -> usize {
        match self {
            Self::House { .. } => 0,
            Self::Storeys { .. } => 1,
            Self::Slab => 2,
            Self::MiddleWall { .. } => 3,
            Self::Joists { .. } => 4,
            Self::Trusses { .. } | Self::Rafters { .. } => 5,
            Self::Girder { .. } => 6,
            Self::Porch { .. } | Self::Deck { .. } => 7,
            Self::RidgeBeam { .. } => 5,
            Self::Openings { .. } => 8,
        }
    }
}

/// Reads every clause.
pub(super) fn clauses(text: &str, style: LengthStyle) -> Read<Vec<Clause>> {
    if LONGEST_TEXT < text.chars().count() {
        return Err(HouseMisread::new(say!("house-too-long", most = LONGEST_TEXT)));
    }
    let lower = text.to_lowercase();
    let parts: Vec<&str> = lower.split([',', ';']).map(str::trim).filter(|part| !part.is_empty()).collect();
    if parts.is_empty() {
        return Err(HouseMisread::new(say!("house-nothing-said")));
    }
    parts.into_iter().map(|part| Words::of(part, style).clause()).collect()
}

/// The words of one clause that are left.
struct Words<'a> {
    text: &'a str,
    words: Vec<&'a str>,
    style: LengthStyle,
}

impl<'a> Words<'a> {
    fn of(text: &'a str, style: LengthStyle) -> Self {
        Self { text, words: text.split_whitespace().collect(), style }
    }

    /// Takes a word out wherever it stands.
    fn has(&mut self, any: &[&str]) -> bool {
        let at = self.words.iter().position(|word| any.contains(word));
        at.map(|at| self.words.remove(at)).is_some()
    }

    fn clause(mut self) -> Read<Clause> {
        if let Some((wall, said)) = self.text.split_once(':') {
            return Ok(Clause::Openings { wall: wall.trim().to_owned(), said: said.trim().to_owned() });
        }
        if self.has(&["hip", "hips", "hipped", "valley", "valleys"]) {
            return Err(HouseMisread::new(say!("house-hips-are-outside")));
        }
        if self.has(&["dormer", "dormers"]) {
            return Err(HouseMisread::new(say!("house-dormers-by-their-girders")));
        }
        let clause = if self.has(&["house"]) {
            self.house()?
        } else if self.has(&["storeys", "storey", "stories", "story", "floors"]) {
            self.storeys()?
        } else if self.has(&["porch"]) {
            let (deep, side) = self.at_a_side()?;
            Clause::Porch { deep, side }
        } else if self.has(&["deck"]) {
            let (deep, side) = self.at_a_side()?;
            Clause::Deck { deep, side }
        } else if self.has(&["ridge"]) {
            self.has(&["beam"]);
            let rise = self.rise()?;
            Clause::RidgeBeam { rise, posts: self.posts()? }
        } else if self.has(&["girder", "beam"]) {
            self.girder()?
        } else if self.has(&["joists"]) {
            self.joists()?
        } else if self.has(&["trusses"]) {
            Clause::Trusses { rise: self.rise()? }
        } else if self.has(&["rafters"]) {
            let lapped = self.has(&["lapped"]) || !self.has(&["through"]);
            Clause::Rafters { rise: self.rise()?, lapped }
        } else if self.has(&["slab"]) {
            Clause::Slab
        } else if self.has(&["wall"]) {
            self.has(&["middle"]);
            Clause::MiddleWall { at: self.place()? }
        } else {
            return Err(HouseMisread::new(say!("house-unknown-word", said = self.text)));
        };
        self.has(&["on"]);
        match self.words.first() {
            None => Ok(clause),
            Some(word) => Err(HouseMisread::new(say!("house-word-left", word = *word, said = self.text))),
        }
    }

    fn house(&mut self) -> Read<Clause> {
        let joined = std::mem::take(&mut self.words).join(" ");
        let wanted = || HouseMisread::new(say!("house-size-wanted"));
        let (wide, deep) = joined.split_once(['x', '×']).ok_or_else(wanted)?;
        let size = |text: &str| self.length(text.trim().trim_end_matches("by").trim());
        Ok(Clause::House { wide: size(wide)?, deep: size(deep)? })
    }

    fn storeys(&mut self) -> Read<Clause> {
        let words = std::mem::take(&mut self.words);
        let counted = words.first().and_then(|word| match *word {
            "one" => Some(1),
            "two" => Some(2),
            "three" => Some(3),
            word => word.parse::<usize>().ok(),
        });
        let count = counted.filter(|count| (1..=MOST_STOREYS).contains(count));
        let count = count.ok_or_else(|| HouseMisread::new(say!("house-storeys", most = MOST_STOREYS)))?;
        let heights = words[1..].iter().map(|word| self.length(word)).collect::<Read<Vec<Length>>>()?;
        if count < heights.len() {
            return Err(HouseMisread::new(say!("house-heights", count, given = heights.len())));
        }
        Ok(Clause::Storeys { count, heights })
    }

    fn at_a_side(&mut self) -> Read<(Length, Side)> {
        self.has(&["deep"]);
        let side = [(Side::Front, ["front"]), (Side::Back, ["back"]), (Side::Left, ["left"]), (Side::Right, ["right"])];
        let side = side.into_iter().find_map(|(side, word)| self.has(&word).then_some(side)).unwrap_or(Side::Front);
        for word in ["at", "the", "on"] {
            self.has(&[word]);
        }
        Ok((self.next_length()?, side))
    }

    fn girder(&mut self) -> Read<Clause> {
        let posts = self.posts()?;
        self.has(&["on"]);
        Ok(Clause::Girder { at: self.place()?, posts })
    }

    /// `on 3 posts`, wherever it stands; on two where nobody says.
    fn posts(&mut self) -> Read<usize> {
        let posts = self.words.iter().position(|word| word.starts_with("post"));
        match posts {
            None => Ok(2),
            Some(at) => {
                self.words.remove(at);
                let count = at.checked_sub(1).map(|before| self.words.remove(before));
                let count = count.and_then(|word| word.parse::<usize>().ok()).filter(|count| (2..=12).contains(count));
                count.ok_or_else(|| HouseMisread::new(say!("house-posts")))
            }
        }
    }

    /// Which way, how deep, or both.
    fn joists(&mut self) -> Read<Clause> {
        let along = if self.has(&["across"]) { Some(false) } else { self.has(&["along"]).then_some(true) };
        let said_deep = self.has(&["deep"]);
        let depth = match self.words.first() {
            Some(_) => {
                let said = std::mem::take(&mut self.words).join(" ");
                Some(self.joist_depth(&said)?)
            }
            None if said_deep => return Err(HouseMisread::new(say!("house-length-wanted", said = self.text))),
            None => None,
        };
        if along.is_none() && depth.is_none() {
            return Err(HouseMisread::new(say!("house-which-way")));
        }
        Ok(Clause::Joists { along, depth })
    }

    /// How deep joists are: of a sawn size as it is dressed, else as it is said; a bare number is inches, or millimeters.
    fn joist_depth(&self, said: &str) -> Read<Length> {
        if let Some(sawn) = SawnSize::from_name(said) {
            return Ok(sawn.actual_depth());
        }
        let bare = said.parse::<f64>().ok().filter(|number| number.is_finite() && (0.0..=1e4).contains(number));
        let read = match (bare, self.style) {
            (Some(number), LengthStyle::Millimeters) => Some(Length::from_decimal_inches(number / 25.4)),
            (Some(number), _) => Some(Length::from_decimal_inches(number)),
            (None, _) => said.parse::<Length>().ok(),
        };
        read.filter(|depth| Length::ZERO < *depth).ok_or_else(|| HouseMisread::new(say!("house-no-length", said)))
    }

    /// `6/12`, wherever it stands; 6 in 12 where nobody says.
    fn rise(&mut self) -> Read<f64> {
        let Some(at) = self.words.iter().position(|word| word.ends_with("/12")) else { return Ok(6.0) };
        let word = self.words.remove(at);
        let rise = word.trim_end_matches("/12").parse::<f64>().ok().filter(|rise| (0.0..=24.0).contains(rise));
        rise.ok_or_else(|| HouseMisread::new(say!("house-rise", said = word)))
    }

    fn place(&mut self) -> Read<Length> {
        self.has(&["at"]);
        self.next_length()
    }

    fn next_length(&mut self) -> Read<Length> {
        if self.words.is_empty() {
            return Err(HouseMisread::new(say!("house-length-wanted", said = self.text)));
        }
        let word = self.words.remove(0);
        self.length(word)
    }

    /// A length: a bare number is feet, or millimeters for who measures in them.
    fn length(&self, text: &str) -> Read<Length> {
        let bare = text.parse::<f64>().ok().filter(|number| number.is_finite() && (0.0..=1e6).contains(number));
        let read = match (bare, self.style) {
            (Some(number), LengthStyle::Millimeters) => Some(Length::from_decimal_inches(number / 25.4)),
            (Some(number), _) => Some(Length::from_decimal_inches(number * 12.0)),
            (None, _) => text.parse::<Length>().ok(),
        };
        let fine = read.filter(|length| Length::ZERO < *length && *length <= Length::feet(400));
        fine.ok_or_else(|| HouseMisread::new(say!("house-no-length", said = text)))
    }
}
