//! Words broken into lines.

use super::faces::{Heft, width};

/// Lines no wider than so much. A word that is wider by itself is broken between letters: nothing is cut off.
pub(super) fn lines(text: &str, size: f32, heft: Heft, most: f32) -> Vec<String> {
    let mut lines: Vec<String> = Vec::new();
    let mut line = String::new();
    for word in text.split(' ') {
        let with = if line.is_empty() { word.to_owned() } else { format!("{line} {word}") };
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

#[cfg(test)]
mod tests {
    use super::*;

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
