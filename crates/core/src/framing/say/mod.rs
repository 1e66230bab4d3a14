//! Reading how openings are called out: `3068 door @ 7-6`, `5-0x4-0 window centered`, `16-0x7-0 overhead, 14 from left`,
//! `three 3-0x4-0 windows evenly between 4-0 and 20-0`, `RO 38 x 82 1/2`, `beam 12-0`. The wall itself is said as
//! `wall 24-0 9-0 2x6`.
//!
//! Four digits are feet-inches by feet-inches, width first. `@` gives the center from the wall's left end; `from left`
//! and `from right` give the near face. What is left out is filled in and said back. Who measures in millimeters says bare
//! numbers in them: `910x2110 door @ 2300`.
//!
//! **Source.** Common practice, no source.

mod grammar;
mod lengths;
mod meant;
mod tokens;
mod words;

use thiserror::Error;

use crate::job::usual_sizes::WhichUnit;
use crate::job::{OpeningDesign, Settings, Wall};
use crate::lumber::Depth;
use crate::measure::{Length, LengthError, LengthStyle};
use crate::say;
use crate::speech::{Joined, Phrase, distance};
use grammar::{CalledWall, Parser};
pub use tokens::Span;

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
    /// Openings more, from the first that was said to the last.
    Openings(Vec<OpeningDesign>),
    /// The wall that long, that high, of such studs.
    Wall(SaidWall),
}

/// What was said of the wall itself; what was not said stays as it is.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct SaidWall {
    /// Its length.
    pub length: Option<Length>,
    /// Its height over all plates.
    pub height: Option<Length>,
    /// The depth of its studs.
    pub stud: Option<Depth>,
    /// Their spacing.
    pub spacing: Option<Length>,
}

/// What was not understood, where in the text, and what would be understood there.
#[derive(Clone, Debug, PartialEq, Error)]
#[error("{what}")]
pub struct Misread {
    /// What was not understood.
    #[source]
    pub what: SayError,
    /// Where.
    pub at: Span,
    /// What could stand there.
    pub takes: Option<Takes>,
}

/// What could stand at a place of a call-out.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Takes {
    /// A size.
    Size,
    /// The height of a size.
    HeightOfSize,
    /// What the opening is, or where it stands.
    KindOrPlace,
    /// Where it stands.
    Place,
    /// A length along the wall.
    Length,
    /// A height.
    Height,
    /// What a length is measured from.
    End,
    /// The second of two places.
    And,
    /// Another opening.
    Another,
    /// What the wall has: a length, a height, studs.
    OfTheWall,
}

impl Takes {
    /// A sentence for who said it.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Size => say!("takes-size"),
            Self::HeightOfSize => say!("takes-height-of-size"),
            Self::KindOrPlace => say!("takes-kind-or-place"),
            Self::Place => say!("takes-place"),
            Self::Length => say!("takes-length"),
            Self::Height => say!("takes-height"),
            Self::End => say!("takes-end"),
            Self::And => say!("takes-and"),
            Self::Another => say!("takes-another"),
            Self::OfTheWall => say!("takes-of-the-wall"),
        }
    }
}

/// Why it was not understood.
#[derive(Clone, Debug, PartialEq, Error)]
pub enum SayError {
    /// There is nothing to read yet.
    #[error("nothing said")]
    Empty,
    /// More than is read.
    #[error("too long")]
    TooLong,
    /// It ends before it is said.
    #[error("unfinished")]
    Unfinished,
    /// No size was found.
    #[error("no size")]
    NoSize,
    /// A width without a height, of something that has no usual one.
    #[error("no height")]
    NoHeight,
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
    /// It stands in two places.
    #[error("two places")]
    TwoPlaces,
    /// Several openings in one place.
    #[error("several in one place")]
    SeveralInOnePlace,
    /// More openings than are said at once.
    #[error("too many")]
    TooMany {
        /// As many as are.
        most: usize,
    },
    /// No wall meets this one, or not so many.
    #[error("no such crossing wall")]
    NoSuchPartition {
        /// How many do.
        there: usize,
    },
    /// They have no room between two places.
    #[error("no room")]
    NoRoom {
        /// What they take.
        takes: Length,
        /// What there is.
        room: Length,
    },
    /// The head would stand under the sill.
    #[error("head under sill")]
    HeadTooLow {
        /// The least height of the head.
        least: Length,
    },
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
            Self::TooLong => say!("say-too-long", most = LONGEST_TEXT),
            Self::Unfinished => say!("say-unfinished"),
            Self::NoSize => say!("say-no-size"),
            Self::NoHeight => say!("say-no-height"),
            Self::Length(error) => error.phrase(),
            Self::Word(word) => say!("say-word", word),
            Self::WhichUnit(which) => which.phrase(),
            Self::NoSuchSize(phrase) => phrase.clone(),
            Self::TwoPlaces => say!("say-two-places"),
            Self::SeveralInOnePlace => say!("say-several-in-one-place"),
            Self::TooMany { most } => say!("say-too-many", most = *most),
            Self::NoSuchPartition { there } => say!("say-no-such-partition", there = *there),
            Self::NoRoom { takes, room } => say!("say-no-room", takes = distance(takes), room = distance(room)),
            Self::HeadTooLow { least } => say!("say-head-too-low", least),
            Self::OffTheWall { center, wall } => {
                say!("say-off-the-wall", center = distance(center), wall = distance(wall))
            }
        }
    }
}

/// Longer texts are refused unread.
const LONGEST_TEXT: usize = 240;

/// Reads a call-out for a wall, by a person who writes lengths in this style.
///
/// # Errors
/// [`Misread`] with a sentence about the first thing that is not understood, and where it stands.
pub fn say(text: &str, wall: &Wall, settings: &Settings, style: LengthStyle) -> Result<Said, Misread> {
    let length = text.chars().count();
    let whole = Span { from: 0, to: length };
    if text.trim().is_empty() {
        return Err(Misread { what: SayError::Empty, at: Span::default(), takes: Some(Takes::Size) });
    }
    if LONGEST_TEXT < length {
        return Err(Misread { what: SayError::TooLong, at: whole, takes: None });
    }
    let tokens = tokens::tokens(text);
    let parser = Parser::new(&tokens, style.into());
    if parser.is_wall() {
        return parser.wall().map(said_wall);
    }
    let called = parser.openings()?;
    meant::openings(&called, wall, settings, style)
}

fn said_wall(called: CalledWall) -> Said {
    let CalledWall { length, height, stud, spacing } = called;
    let parts = [
        length.map(|length| say!("said-wall-length", length = distance(length))),
        height.map(|height| say!("said-wall-height", height)),
        stud.map(|stud| say!("said-wall-studs", stud = format!("2x{}", stud.nominal()))),
        spacing.map(|spacing| say!("said-wall-spacing", spacing)),
    ];
    let parts = Phrase::several(parts.into_iter().flatten().collect(), Joined::Commas);
    Said { what: Wanted::Wall(SaidWall { length, height, stud, spacing }), understood: say!("said-wall", parts) }
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

    fn read(text: &str, wall: &Wall) -> Result<Said, Misread> {
        say(text, wall, &Settings::default(), LengthStyle::FeetInches)
    }

    fn design(said: Said) -> OpeningDesign {
        match said.what {
            Wanted::Openings(designs) => designs[0],
            Wanted::Wall(wall) => panic!("{wall:?}"),
        }
    }

    #[test]
    fn what_may_be_inches_or_feet_is_asked_both_ways() {
        let asked = |text: &str| read(text, &wall()).expect_err(text).what.phrase().to_string();
        assert_eq!(asked("12x12 window"), "which-unit (inches: 12 x 12, feet: 12-0 x 12-0)");
        assert_eq!(asked("wall 96"), "which-unit (inches: 96, feet: 96-0)");
        assert!(asked("16\"x7\" overhead").contains("wide: range (least: 4'-0\", most: 30'-0\")"));
        assert!(asked("3068 door @ 40-0").contains("wall: 24'-0\""));
    }

    #[test]
    fn it_is_said_back_whole() {
        let back = |text: &str| read(text, &wall()).expect(text).understood.to_string();
        assert!(back("wall 24-0 9-0 2x6").contains("said-wall-studs (stud: 2x6)"));
        assert!(back("two 3040 windows evenly").contains("said-several (count: 2"));
        assert!(back("3040 window sill 36").contains("said-heights (sill: 36\", head: 84 1/2\")"));
        assert!(back("3068 door").starts_with("said-opening-in-gap"));
    }

    #[test]
    fn without_a_place_it_goes_to_the_widest_gap() {
        let mut wall = wall();
        let first = design(read("3068 door @ 5-0", &wall).expect("read"));
        wall.openings.push(crate::job::Opening::new(crate::job::OpeningId(1), first));
        // Right of the door's rough opening at 79 in.: 79..288, middle 183 1/2.
        assert_eq!(design(read("3040 window", &wall).expect("read")).center, Length::inches_and(183, 1, 2));
    }

    #[test]
    fn no_more_are_said_at_once_than_are_one_edit() {
        let many = ["12 1-6x2-0 windows evenly"; 4].join(" and ");
        let misread = read(&many, &wall()).expect_err("48");
        assert_eq!(misread.what, SayError::TooMany { most: 40 });
        assert_eq!(read(&"3068 ".repeat(60), &wall()).expect_err("long").what, SayError::TooLong);
    }

    proptest! {
        #[test]
        fn any_text_is_read_or_refused_in_its_bounds(text in "\\PC{0,80}") {
            if let Err(misread) = read(&text, &wall()) {
                prop_assert!(misread.at.from <= misread.at.to && misread.at.to <= text.chars().count());
            }
        }

        #[test]
        fn any_mix_of_its_words_is_read_or_refused(words in prop::collection::vec(
            prop_oneof![Just("3068"), Just("door"), Just("@"), Just("7-6"), Just("1/2"), Just("x"), Just("from left"),
                Just("beam"), Just("centered"), Just("5-0x4-0"), Just("½"), Just("’"), Just(","), Just("two"), Just("evenly"),
                Just("between"), Just("and"), Just("3/0"), Just("wall"), Just("RO"), Just("head"), Just("mm"), Just("2-3040"),
                Just("partition"), Just("in"), Just("9")], 0..12)) {
            let _ = read(&words.join(" "), &wall());
        }
    }
}
