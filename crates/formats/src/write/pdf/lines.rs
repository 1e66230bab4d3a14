//! Words broken into lines.

use super::faces::{Heft, width};

/// Lines no wider than so much. A word that is wider by itself is broken between letters: nothing is cut off.
pub(super) fn lines(text: &str, size: f32, heft: Heft, most: f32) -> Vec<String> {
    let mut lines: Vec<String> = Vec::new();
    let mut line = String::new();
    for word in words(text) {
        let with = if line.is_empty() { word.clone() } else { format!("{line} {word}") };
        if width(&with, size, heft) <= most {
            line = with;
            continue;
        }
        if !line.is_empty() {
            lines.push(std::mem::take(&mut line));
        }
        for letter in word.chars() {
            line.push(letter);
            if most < width(&line, size, heft) && 1 < line.chars().count() {
                line.pop();
                lines.push(std::mem::replace(&mut line, letter.to_string()));
            }
        }
    }
    lines.push(line);
    lines
}

/// The words of a text; a figure is one word with the fraction or the unit that follows it.
fn words(text: &str) -> Vec<String> {
    let mut words: Vec<String> = Vec::new();
    for word in text.split(' ') {
        match words.last_mut() {
            Some(before) if before.ends_with(|end: char| end.is_ascii_digit() || end == '∞') && belongs(word) => {
                before.push(' ');
                before.push_str(word);
            }
            _ => words.push(word.to_owned()),
        }
    }
    words
}

/// Whether a word after a figure belongs to it.
fn belongs(word: &str) -> bool {
    const UNITS: [&str; 17] = [
        "lb", "lb/ft", "lb/in.", "lb/ft²", "lb·in.", "psf", "psi", "in.", "ft", "mm", "kN", "kN/m", "kN·m", "kPa",
        "MPa", "km/h", "%",
    ];
    let plain = word.trim_end_matches([',', ';', ':', ')']);
    let is_unit = UNITS.iter().any(|unit| plain == *unit || plain.strip_suffix('.') == Some(unit));
    let is_fraction = word.split_once('/').is_some_and(|(over, under)| {
        !over.is_empty()
            && over.chars().all(|sign| sign.is_ascii_digit())
            && under.starts_with(|sign: char| sign.is_ascii_digit())
    });
    is_unit || is_fraction
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_figure_keeps_its_fraction_and_its_unit() {
        let kept = words("cut 39 1/2\", 195 lb/ft, 61 %. In 2 parts");
        assert_eq!(kept, ["cut", "39 1/2\",", "195 lb/ft,", "61 %.", "In", "2", "parts"]);
    }

    #[test]
    fn no_line_is_wider_than_it_may_be_and_no_letter_is_lost() {
        let text = "The pack reaches past the wall's left end, averyverylongwordthatfitsnowhere, and so on.";
        for most in [40.0, 90.0, 300.0] {
            let lines = lines(text, 10.0, Heft::Plain, most);
            assert!(lines.iter().all(|line| width(line, 10.0, Heft::Plain) <= most), "{lines:?}");
            let letters = |text: &str| text.chars().filter(|letter| *letter != ' ').collect::<String>();
            assert_eq!(letters(&lines.concat()), letters(text));
        }
    }

    #[test]
    fn nothing_is_one_empty_line() {
        assert_eq!(lines("", 10.0, Heft::Plain, 50.0), [""]);
    }
}
