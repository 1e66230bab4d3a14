//! Reading a length as people write it: `7'-6 1/2"`, `7-6 1/2`, `7 6 1/2`, `90 1/2`, `90.5"`, `2286 mm`, `2.286 m`.
//!
//! A bare number is inches, as it is read off a tape. Two or three bare numbers are feet and inches. What can be read
//! two ways is refused with a sentence that says how to write it.

use std::str::FromStr;

use thiserror::Error;

use super::length::{Length, NANOMETERS_PER_INCH, NANOMETERS_PER_MILLIMETER};

/// Why a text is not a length. The catalogs have a sentence for the person who typed it.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
pub enum LengthError {
    /// Nothing was typed.
    #[error("nothing typed")]
    Empty,
    /// Some part is not a number, a fraction or a unit.
    #[error("not a length: {0}")]
    NotALength(String),
    /// The text has two meanings.
    #[error("{text} can be read as {one} or as {other}")]
    Ambiguous {
        /// What was typed.
        text: String,
        /// One reading, written clearly.
        one: String,
        /// The other reading, written clearly.
        other: String,
    },
    /// The inches after feet must be less than a foot.
    #[error("inches over twelve: {0}")]
    InchesOverTwelve(String),
    /// The fraction is not one on a tape.
    #[error("not on the tape: {0}")]
    NotOnTheTape(String),
    /// Too long to be a piece of a building.
    #[error("too long: {0}")]
    TooLong(String),
    /// Lengths are not negative.
    #[error("negative: {0}")]
    Negative(String),
}

/// The longest length that is read, in feet.
const LONGEST_FEET: i64 = 1_000;
/// Longer texts are refused unread.
const LONGEST_TEXT: usize = 40;

#[derive(Clone, Copy, Debug, PartialEq)]
enum Token {
    /// A number as nanometers-per-unit would need it: value times 10^6, exact.
    Number {
        millionths: i64,
        whole: bool,
    },
    Fraction {
        numerator: i64,
        denominator: i64,
    },
    Feet,
    Inches,
    Millimeters,
    Centimeters,
    Meters,
    Dash,
}

impl FromStr for Length {
    type Err = LengthError;

    fn from_str(text: &str) -> Result<Self, LengthError> {
        let text = text.trim();
        if text.is_empty() {
            return Err(LengthError::Empty);
        }
        if text.len() > LONGEST_TEXT {
            let start: String = text.chars().take(LONGEST_TEXT / 2).collect();
            return Err(LengthError::NotALength(format!("{start}…")));
        }
        if text.starts_with(['-', '−']) {
            return Err(LengthError::Negative(text.into()));
        }
        let tokens = tokenize(text)?;
        let length = read(text, &tokens)?;
        if length > Length::feet(LONGEST_FEET) {
            return Err(LengthError::TooLong(text.into()));
        }
        Ok(length)
    }
}

/// Gives a meaning to the tokens, form by form.
fn read(text: &str, tokens: &[Token]) -> Result<Length, LengthError> {
    use Token::{Dash, Feet, Fraction, Inches, Number};
    let without_dashes: Vec<Token> = tokens.iter().copied().filter(|token| *token != Dash).collect();
    if let [number, unit @ (Token::Millimeters | Token::Centimeters | Token::Meters)] = tokens {
        return metric(text, *number, *unit);
    }
    match without_dashes.as_slice() {
        [Number { .. }, Feet, rest @ ..] => {
            let feet = scaled(without_dashes[0], 12 * NANOMETERS_PER_INCH, text)?;
            if rest.is_empty() {
                return Ok(feet);
            }
            let inches = inches_part(text, rest.strip_suffix(&[Inches]).unwrap_or(rest))?;
            under_a_foot(text, feet, inches)
        }
        [rest @ .., Inches] => inches_part(text, rest),
        [Number { whole: true, .. }, Number { .. }] | [Number { whole: true, .. }, Number { .. }, Fraction { .. }] => {
            let feet = scaled(without_dashes[0], 12 * NANOMETERS_PER_INCH, text)?;
            under_a_foot(text, feet, inches_part(text, &without_dashes[1..])?)
        }
        [Number { millionths, whole: true }, Fraction { numerator, denominator }] if tokens.contains(&Dash) => {
            let whole = millionths / 1_000_000;
            Err(LengthError::Ambiguous {
                text: text.into(),
                one: format!("{whole}'-0 {numerator}/{denominator}\""),
                other: format!("{whole} {numerator}/{denominator}\""),
            })
        }
        rest => inches_part(text, rest),
    }
}

/// Inches: a number, a number and a fraction, or a fraction alone.
fn inches_part(text: &str, tokens: &[Token]) -> Result<Length, LengthError> {
    match *tokens {
        [number @ Token::Number { .. }] => scaled(number, NANOMETERS_PER_INCH, text),
        [Token::Fraction { numerator, denominator }] => fraction(numerator, denominator),
        [number @ Token::Number { whole: true, .. }, Token::Fraction { numerator, denominator }] => {
            Ok(scaled(number, NANOMETERS_PER_INCH, text)? + fraction(numerator, denominator)?)
        }
        _ => Err(LengthError::NotALength(text.into())),
    }
}

fn under_a_foot(text: &str, feet: Length, inches: Length) -> Result<Length, LengthError> {
    if inches < Length::feet(1) { Ok(feet + inches) } else { Err(LengthError::InchesOverTwelve(text.into())) }
}

fn metric(text: &str, number: Token, unit: Token) -> Result<Length, LengthError> {
    let nanometers = match unit {
        Token::Meters => 1_000 * NANOMETERS_PER_MILLIMETER,
        Token::Centimeters => 10 * NANOMETERS_PER_MILLIMETER,
        _ => NANOMETERS_PER_MILLIMETER,
    };
    scaled(number, nanometers, text)
}

fn scaled(number: Token, nanometers_per_unit: i64, text: &str) -> Result<Length, LengthError> {
    let Token::Number { millionths, .. } = number else {
        return Err(LengthError::NotALength(text.into()));
    };
    let scaled = i128::from(millionths) * i128::from(nanometers_per_unit);
    let rounded = (scaled + 500_000) / 1_000_000;
    i64::try_from(rounded).map(Length::from_nanometers).map_err(|_| LengthError::TooLong(text.into()))
}

fn fraction(numerator: i64, denominator: i64) -> Result<Length, LengthError> {
    if matches!(denominator, 2 | 4 | 8 | 16 | 32 | 64) && 0 < numerator && numerator < denominator {
        Ok(Length::inches_and(0, numerator, denominator))
    } else {
        Err(LengthError::NotOnTheTape(format!("{numerator}/{denominator}")))
    }
}

fn tokenize(text: &str) -> Result<Vec<Token>, LengthError> {
    let bad = || LengthError::NotALength(text.into());
    let characters: Vec<char> = text.to_lowercase().chars().collect();
    let mut tokens = Vec::new();
    let mut at = 0;
    while at < characters.len() {
        let character = characters[at];
        match character {
            ' ' | '\u{a0}' | '.' if character != '.' || !digit_at(&characters, at + 1) => at += 1,
            '-' | '–' | '—' => {
                tokens.push(Token::Dash);
                at += 1;
            }
            '\'' | '′' | '’' if matches!(characters.get(at + 1), Some('\'' | '′' | '’')) => {
                tokens.push(Token::Inches);
                at += 2;
            }
            '\'' | '′' | '’' => {
                tokens.push(Token::Feet);
                at += 1;
            }
            '"' | '″' | '”' => {
                tokens.push(Token::Inches);
                at += 1;
            }
            '0'..='9' | '.' => {
                let (token, next) = number_or_fraction(&characters, at).ok_or_else(bad)?;
                tokens.push(token);
                at = next;
            }
            'a'..='z' => {
                let end =
                    (at..characters.len()).find(|&i| !characters[i].is_ascii_lowercase()).unwrap_or(characters.len());
                let word: String = characters[at..end].iter().collect();
                tokens.push(unit_word(&word).ok_or_else(bad)?);
                at = end;
            }
            other => {
                let (numerator, denominator) = vulgar_fraction(other).ok_or_else(bad)?;
                tokens.push(Token::Fraction { numerator, denominator });
                at += 1;
            }
        }
    }
    Ok(tokens)
}

fn digit_at(characters: &[char], at: usize) -> bool {
    characters.get(at).is_some_and(char::is_ascii_digit)
}

fn number_or_fraction(characters: &[char], start: usize) -> Option<(Token, usize)> {
    let digits =
        |from: usize| (from..characters.len()).find(|&i| !characters[i].is_ascii_digit()).unwrap_or(characters.len());
    let number = |from: usize, to: usize| characters[from..to].iter().collect::<String>().parse::<i64>().ok();
    let whole_end = digits(start);
    let whole = if whole_end == start { 0 } else { number(start, whole_end)? };
    match characters.get(whole_end) {
        Some('/') => {
            let end = digits(whole_end + 1);
            let denominator = number(whole_end + 1, end)?;
            Some((Token::Fraction { numerator: whole, denominator }, end))
        }
        Some('.') if digit_at(characters, whole_end + 1) => {
            let end = digits(whole_end + 1);
            let places = end - whole_end - 1;
            if places > 6 {
                return None;
            }
            let decimals = number(whole_end + 1, end)? * 10_i64.pow(6 - places as u32);
            let millionths = whole.checked_mul(1_000_000)?.checked_add(decimals)?;
            Some((Token::Number { millionths, whole: false }, end))
        }
        _ => Some((Token::Number { millionths: whole.checked_mul(1_000_000)?, whole: true }, whole_end)),
    }
}

fn unit_word(word: &str) -> Option<Token> {
    match word {
        "ft" | "foot" | "feet" => Some(Token::Feet),
        "in" | "inch" | "inches" => Some(Token::Inches),
        "mm" => Some(Token::Millimeters),
        "cm" => Some(Token::Centimeters),
        "m" => Some(Token::Meters),
        _ => None,
    }
}

fn vulgar_fraction(character: char) -> Option<(i64, i64)> {
    match character {
        '½' => Some((1, 2)),
        '¼' => Some((1, 4)),
        '¾' => Some((3, 4)),
        '⅛' => Some((1, 8)),
        '⅜' => Some((3, 8)),
        '⅝' => Some((5, 8)),
        '⅞' => Some((7, 8)),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn check(text: &str, inches: f64) {
        let length: Length = text.parse().unwrap_or_else(|error| panic!("{text}: {error}"));
        assert_eq!(length, Length::from_decimal_inches(inches), "{text} read as {}", length.to_inches());
    }

    fn refuse(text: &str, part: &str) {
        let error = text.parse::<Length>().expect_err(text).to_string();
        assert!(error.contains(part), "{text}: {error}");
    }

    #[test]
    fn reads_what_is_written_on_site() {
        for text in [
            "7'-6 1/2\"",
            "7' 6 1/2\"",
            "7'6 1/2",
            "7-6 1/2",
            "7-6-1/2",
            "7 6 1/2",
            "90 1/2",
            "90.5\"",
            "90.5",
            "90½",
            "7 ft 6 1/2 in.",
            "7’-6½”",
            "7'-6.5\"",
            "7′ 6½″",
        ] {
            check(text, 90.5);
        }
        for text in ["7-6", "7'6", "7 6", "7'-6''", "7.5'", "7.5 ft", "90", "90 in", "90\""] {
            check(text, 90.0);
        }
        check("3'", 36.0);
        check("1/2", 0.5);
        check("3/4\"", 0.75);
        check(".5", 0.5);
        check("7-1/2\"", 7.5);
        check("0", 0.0);
        check("7'-0 1/2\"", 84.5);
        check("15 1/4", 15.25);
        check("92 5/8", 92.625);
    }

    #[test]
    fn reads_millimeters_exactly() {
        assert_eq!("2286 mm".parse(), Ok(Length::millimeters(2286)));
        assert_eq!("2.286 m".parse(), Ok(Length::millimeters(2286)));
        assert_eq!("228.6cm".parse(), Ok(Length::millimeters(2286)));
        assert_eq!("2286mm".parse(), Ok(Length::inches(90)));
    }

    #[test]
    fn refuses_the_ambiguous_and_the_impossible() {
        refuse("7-1/2", "7'-0 1/2\" or as 7 1/2\"");
        refuse("7'-14\"", "inches over twelve");
        refuse("7 14", "inches over twelve");
        refuse("5 1/3", "1/3");
        refuse("1/0", "1/0");
        refuse("5 3/2", "3/2");
        refuse("-5", "negative");
        refuse("", "nothing typed");
        refuse("seven", "not a length");
        refuse("7'6'5", "not a length");
        refuse("1 2 3 4", "not a length");
        refuse("5000'", "too long");
        refuse("99999999999999999999", "not a length");
        refuse("0.12345678", "not a length");
        refuse(&"9".repeat(500), "not a length");
    }
}
