//! What is said of the wall's own framing: `drop 9-0 to 12-5 at 85 3/4`, `backing cabinets 2-0 to 6-0 at 54 2x8`, `pipe drain 3 at 6-0`,
//! `clear tub 30 at 10-0`, `ceiling 22 1/2 every 24`, `corner left`.
//!
//! **Source.** Common practice, no source.

use super::misread::{Misread, SayError};
use super::said::SaidPiece;
use super::tokens::Span;
use crate::job::{BackingBoard, CeilingOver, ClearFor, KeptClear, LetDown, LetDownTo};
use crate::lumber::{Depth, SawnSize};
use crate::measure::{End, Length, LengthStyle};

/// What is left under a duct that was measured. Common practice, no source.
const CLEARANCE: Length = Length::inches_and(0, 1, 2);
/// How far apart blocks between ceiling joists are where nobody says. Common practice, no source.
const BLOCKS_EVERY: Length = Length::inches(24);
/// The board that backing is cut from where nobody says.
const USUAL_BOARD: Depth = Depth::Six;

/// What is said first of a let-down, or of a board; nothing of anything else.
pub(super) fn piece(text: &str, style: LengthStyle) -> Option<Result<SaidPiece, Misread>> {
    let lower = text.trim().to_lowercase();
    let (word, rest) = lower.split_once(char::is_whitespace).unwrap_or((&lower, ""));
    let read = match word {
        "drop" | "dropped" | "bajada" => let_down(rest, style).map(SaidPiece::LetDown).ok_or(SayError::LetDown),
        "pipe" | "duct" | "tubo" | "ducto" => {
            kept_clear(rest, word, ClearFor::Pipe, style).map(SaidPiece::KeptClear).ok_or(SayError::KeptClear)
        }
        "clear" | "libre" => {
            kept_clear(rest, word, ClearFor::Fixture, style).map(SaidPiece::KeptClear).ok_or(SayError::KeptClear)
        }
        "ceiling" | "cielo" => ceiling(rest, style).map(SaidPiece::Ceiling).ok_or(SayError::Ceiling),
        "corner" | "esquina" => corner(rest).map(SaidPiece::Corner).ok_or(SayError::Corner),
        "backing" | "refuerzo" => board(rest, style).map(SaidPiece::Board).ok_or(SayError::Board),
        _ => return None,
    };
    let whole = Span { from: 0, to: text.chars().count() };
    Some(read.map_err(|what| Misread { what, at: whole, takes: None }))
}

/// `9-0 to 12-5 at 85 3/4`, with `under` for what was measured, with `flat` for a single plate.
fn let_down(said: &str, style: LengthStyle) -> Option<LetDown> {
    let (said, flat) = without(said, &["flat"]);
    let (said, under) = without(&said, &["under"]);
    let (from, to, height) = places(&said, style)?;
    let height =
        if under { LetDownTo::Under { measured: height, clearance: CLEARANCE } } else { LetDownTo::OverPlates(height) };
    (from < to).then_some(LetDown { from, to, height, plates: if flat { 1 } else { 2 } })
}

/// `cabinets 2-0 to 6-0 at 54 2x8`.
fn board(said: &str, style: LengthStyle) -> Option<BackingBoard> {
    let size = |word: &str| SawnSize::from_name(word).filter(|size| *size == SawnSize::two_by(size.depth));
    let board = said.split_whitespace().find_map(size).map_or(USUAL_BOARD, |size| size.depth);
    let words: Vec<&str> = said.split_whitespace().filter(|word| size(word).is_none()).collect();
    let digit = |word: &&str| word.starts_with(|letter: char| letter.is_ascii_digit());
    let first = words.iter().position(digit)?;
    let name = if first == 0 { "backing".to_owned() } else { words[..first].join(" ") };
    let (from, to, height) = places(&words[first..].join(" "), style)?;
    (from < to).then_some(BackingBoard { name, from, to, height, board })
}

/// `22 1/2 every 24`: so far between the joists that run along the wall, a block at least so often; or `free`.
fn ceiling(said: &str, style: LengthStyle) -> Option<CeilingOver> {
    if ["free", "libre"].contains(&said.trim()) {
        return Some(CeilingOver::HangsFree);
    }
    let (said, _) = without(said, &["joists", "viguetas"]);
    let (clear, every) = said.split_once(" every ").or_else(|| said.split_once(" cada ")).unwrap_or((&said, ""));
    let every = if every.is_empty() { Some(BLOCKS_EVERY) } else { length(every, style) };
    Some(CeilingOver::JoistsAlong { clear: length(clear, style)?, every: every? })
}

/// Which end has a corner of three pieces.
fn corner(said: &str) -> Option<End> {
    match said.split_whitespace().next()? {
        "left" | "izquierda" => Some(End::Left),
        "right" | "derecha" => Some(End::Right),
        _ => None,
    }
}

/// `drain 3 at 6-0`: what it is, how wide, where its center is.
fn kept_clear(said: &str, word: &str, for_: ClearFor, style: LengthStyle) -> Option<KeptClear> {
    let (what, at) = said.split_once(" at ").or_else(|| said.split_once(" @ "))?;
    let words: Vec<&str> = what.split_whitespace().collect();
    let first = words.iter().position(|word| word.starts_with(|letter: char| letter.is_ascii_digit()))?;
    let name = if first == 0 { word.to_owned() } else { words[..first].join(" ") };
    let (width, at) = (length(&words[first..].join(" "), style)?, length(at, style)?);
    Some(KeptClear { name, at, width, for_ })
}

/// `A to B at H`.
fn places(said: &str, style: LengthStyle) -> Option<(Length, Length, Length)> {
    let (from, rest) = said.split_once(" to ").or_else(|| said.split_once(" a "))?;
    let (to, height) = rest.split_once(" at ").or_else(|| rest.split_once(" @ "))?;
    Some((length(from, style)?, length(to, style)?, length(height, style)?))
}

/// Takes a word out wherever it stands.
fn without(said: &str, words: &[&str]) -> (String, bool) {
    let kept: Vec<&str> = said.split_whitespace().filter(|word| !words.contains(word)).collect();
    let there = kept.len() < said.split_whitespace().count();
    (kept.join(" "), there)
}

/// A length; a bare number is inches, or millimeters for who measures in them.
fn length(said: &str, style: LengthStyle) -> Option<Length> {
    let said = said.trim();
    let bare = said.parse::<f64>().ok().filter(|number| number.is_finite() && (0.0..=1e6).contains(number));
    let read = match (bare, style) {
        (Some(number), LengthStyle::Millimeters) => Some(Length::from_decimal_inches(number / 25.4)),
        (Some(number), _) => Some(Length::from_decimal_inches(number)),
        (None, _) => said.parse::<Length>().ok(),
    };
    read.filter(|length| Length::ZERO <= *length)
}

#[cfg(test)]
mod tests {
    use super::*;

    fn said(text: &str) -> Option<SaidPiece> {
        piece(text, LengthStyle::FeetInches)?.ok()
    }

    #[test]
    fn plates_are_let_down_to_a_height_or_under_what_was_measured() {
        let (from, to) = (Length::feet(9), Length::inches(12 * 12 + 5));
        let over = LetDownTo::OverPlates(Length::inches_and(85, 3, 4));
        let wanted = LetDown { from, to, height: over, plates: 2 };
        assert_eq!(said("drop 9-0 to 12-5 at 85 3/4"), Some(SaidPiece::LetDown(wanted)));
        assert_eq!(said("Drop 9-0 to 12-5 flat at 85 3/4"), Some(SaidPiece::LetDown(LetDown { plates: 1, ..wanted })));
        let under = LetDownTo::Under { measured: Length::inches_and(86, 1, 4), clearance: CLEARANCE };
        let measured = said("drop 9-0 to 12-5 under at 86 1/4");
        assert_eq!(measured, Some(SaidPiece::LetDown(LetDown { height: under, ..wanted })));
    }

    #[test]
    fn boards_are_named_by_what_they_are_for() {
        let wanted = BackingBoard {
            name: "upper cabinets".into(),
            from: Length::feet(2),
            to: Length::feet(6),
            height: Length::inches(54),
            board: Depth::Eight,
        };
        assert_eq!(said("backing upper cabinets 2-0 to 6-0 at 54 2x8"), Some(SaidPiece::Board(wanted.clone())));
        let usual = BackingBoard { name: "backing".into(), board: Depth::Six, ..wanted };
        assert_eq!(said("backing 2-0 to 6-0 at 54"), Some(SaidPiece::Board(usual)));
    }

    #[test]
    fn pipes_and_bays_are_so_wide_at_their_center() {
        let drain =
            KeptClear { name: "drain".into(), at: Length::feet(6), width: Length::inches(3), for_: ClearFor::Pipe };
        assert_eq!(said("pipe drain 3 at 6-0"), Some(SaidPiece::KeptClear(drain.clone())));
        assert_eq!(
            said("pipe 3 @ 6-0"),
            Some(SaidPiece::KeptClear(KeptClear { name: "pipe".into(), ..drain.clone() }))
        );
        let tub = KeptClear { name: "tub".into(), width: Length::inches(30), for_: ClearFor::Fixture, ..drain };
        assert_eq!(said("clear tub 30 at 6-0"), Some(SaidPiece::KeptClear(tub)));
    }

    #[test]
    fn a_ceiling_has_joists_along_it_or_none_and_a_corner_an_end() {
        let clear = Length::inches_and(22, 1, 2);
        let along = |every| Some(SaidPiece::Ceiling(CeilingOver::JoistsAlong { clear, every }));
        assert_eq!(said("ceiling 22 1/2 every 16"), along(Length::inches(16)));
        assert_eq!(said("ceiling joists 22 1/2"), along(Length::inches(24)));
        assert_eq!(said("ceiling free"), Some(SaidPiece::Ceiling(CeilingOver::HangsFree)));
        assert_eq!(said("corner left"), Some(SaidPiece::Corner(End::Left)));
        assert_eq!(said("esquina derecha"), Some(SaidPiece::Corner(End::Right)));
    }

    #[test]
    fn in_millimeters_bare_numbers_are_millimeters() {
        let read = piece("drop 2700 to 3800 at 2180", LengthStyle::Millimeters).expect("a let-down").expect("read");
        let SaidPiece::LetDown(read) = read else { panic!("{read:?}") };
        assert_eq!((read.from, read.top()), (Length::millimeters(2700), Length::millimeters(2180)));
    }

    #[test]
    fn what_is_not_whole_says_how_it_is_said() {
        for (text, what) in [
            ("drop", SayError::LetDown),
            ("drop 9-0 at 85", SayError::LetDown),
            ("drop 12-0 to 9-0 at 85", SayError::LetDown),
            ("backing cabinets at 54", SayError::Board),
            ("pipe drain at 6-0", SayError::KeptClear),
            ("clear tub 30", SayError::KeptClear),
            ("ceiling high", SayError::Ceiling),
            ("corner", SayError::Corner),
        ] {
            let misread = piece(text, LengthStyle::FeetInches).expect("its word").expect_err("not whole");
            assert_eq!((misread.what, misread.at.to), (what, text.len()));
        }
        assert_eq!(piece("3068 door", LengthStyle::FeetInches), None);
    }
}
