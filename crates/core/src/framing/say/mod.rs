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
mod misread;
mod piece;
mod said;
mod tokens;
mod words;

use crate::job::{CeilingOver, ClearFor, Settings, Wall, WallFrame};
use crate::measure::LengthStyle;
use crate::say;
use crate::speech::{Joined, Phrase, distance};
use grammar::Parser;
pub use misread::{Misread, SayError, Takes};
pub use said::{Said, SaidPiece, SaidWall, Wanted};
pub use tokens::Span;

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
        return Err(Misread { what: SayError::TooLong { most: LONGEST_TEXT }, at: whole, takes: None });
    }
    if let Some(said) = piece::piece(text, style) {
        return said.map(|piece| said_piece(piece, &wall.frame));
    }
    let tokens = tokens::tokens(text);
    let parser = Parser::new(&tokens, style);
    if parser.is_wall() {
        return parser.wall().map(said_wall);
    }
    let called = parser.openings()?;
    meant::openings(&called, wall, settings, style)
}

fn said_piece(piece: SaidPiece, frame: &WallFrame) -> Said {
    let understood = match &piece {
        SaidPiece::LetDown(each) => {
            let (from, to, top) = (distance(each.from), distance(each.to), each.top());
            say!("said-let-down", from, to, top, plates = each.plates)
        }
        SaidPiece::KeptClear(each) => {
            let (name, width, at) = (&each.name, each.width, distance(each.at));
            match each.for_ {
                ClearFor::Pipe => say!("said-pipe", name, width, at),
                ClearFor::Fixture => say!("said-clear", name, width, at),
            }
        }
        SaidPiece::Ceiling(CeilingOver::JoistsAlong { clear, every }) => say!("said-ceiling-joists", clear, every),
        SaidPiece::Ceiling(CeilingOver::HangsFree | CeilingOver::NotSaid) => say!("said-ceiling-free"),
        SaidPiece::Corner(end) => say!("said-corner", end = *end),
        SaidPiece::Board(board) => {
            let (from, to, height) = (distance(board.from), distance(board.to), board.height);
            say!("said-board", name = &board.name, from, to, height, board = frame.stud_stock_of(board.board))
        }
    };
    Said { what: Wanted::Piece(piece), understood }
}

fn said_wall(wall: SaidWall) -> Said {
    let SaidWall { length, height, stud, spacing } = wall;
    let parts = [
        length.map(|length| say!("said-wall-length", length = distance(length))),
        height.map(|height| say!("said-wall-height", height)),
        stud.map(|stud| say!("said-wall-studs", stud = format!("2x{}", stud.nominal()))),
        spacing.map(|spacing| say!("said-wall-spacing", spacing)),
    ];
    let parts = Phrase::several(parts.into_iter().flatten().collect(), Joined::Commas);
    Said { what: Wanted::Wall(wall), understood: say!("said-wall", parts) }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{OpeningDesign, WallId};
    use crate::loads::{BearingEvidence, WallCarries};
    use crate::measure::Length;
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
            place: None,
        }
    }

    fn read(text: &str, wall: &Wall) -> Result<Said, Misread> {
        say(text, wall, &Settings::default(), LengthStyle::FeetInches)
    }

    fn design(said: Said) -> OpeningDesign {
        match said.what {
            Wanted::Openings(designs) => designs[0],
            other => panic!("{other:?}"),
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
        assert_eq!(read(&"3068 ".repeat(60), &wall()).expect_err("long").what, SayError::TooLong { most: 240 });
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
