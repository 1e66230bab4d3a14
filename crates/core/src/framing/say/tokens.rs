//! A call-out cut into numbers, words and signs, each with its place in the text.

/// Where something stands in a text, counted in characters.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Span {
    /// Its first character.
    pub from: usize,
    /// After its last.
    pub to: usize,
}

/// What a token is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Kind {
    /// Digits with whatever signs stand in a length: `3068`, `7-6`, `7'-6"`, `1/2`.
    Number,
    /// Letters: `door`, `c/l`, `r.o.`.
    Word,
    /// `@`.
    At,
    /// Between one call-out and the next: `;` or `+` or `&`.
    Next,
    /// Nothing that means something here.
    Unknown,
}

/// A piece of a call-out.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(super) struct Token {
    pub kind: Kind,
    /// Its text, in small letters.
    pub text: String,
    pub span: Span,
}

const SIGNS: [char; 14] = ['-', '–', '—', '\'', '′', '’', '"', '″', '”', '/', '.', '½', '¼', '¾'];
const FRACTIONS: [char; 4] = ['½', '¼', '¾', '⅜'];

/// Cuts a text into tokens. Commas are pauses: nothing stands for them.
pub(super) fn tokens(text: &str) -> Vec<Token> {
    let letters: Vec<char> = text.chars().map(|letter| letter.to_lowercase().next().unwrap_or(letter)).collect();
    let mut found = Vec::new();
    let mut at = 0;
    while let Some(&letter) = letters.get(at) {
        let starts_number = letter.is_ascii_digit()
            || FRACTIONS.contains(&letter)
            || letter == '.' && letters.get(at + 1).is_some_and(char::is_ascii_digit);
        let (kind, to) = if letter.is_whitespace() || matches!(letter, ',' | ':' | '.' | '(' | ')') {
            at += 1;
            continue;
        } else if starts_number {
            (Kind::Number, number_end(&letters, at))
        } else if letter.is_alphabetic() {
            (Kind::Word, word_end(&letters, at))
        } else {
            let kind = match letter {
                '@' => Kind::At,
                ';' | '+' | '&' => Kind::Next,
                '×' | '*' => Kind::Word,
                _ => Kind::Unknown,
            };
            (kind, at + 1)
        };
        let to = if kind == Kind::Number { count_end(&letters, at, to).unwrap_or(to) } else { to };
        found.push(Token { kind, text: letters[at..to].iter().collect(), span: Span { from: at, to } });
        at = to;
        // The dash of `2-3040`.
        if letters.get(at) == Some(&'-') {
            at += 1;
        }
    }
    found
}

fn number_end(letters: &[char], from: usize) -> usize {
    let mut to = from;
    while let Some(letter) = letters.get(to) {
        if !letter.is_ascii_digit() && !SIGNS.contains(letter) {
            break;
        }
        to += 1;
    }
    // A dash or a point that ends it belongs to the sentence.
    while from + 1 < to && matches!(letters[to - 1], '-' | '–' | '—' | '.' | '/') {
        to -= 1;
    }
    to
}

/// `2-3040`: two of a size in four or five digits.
fn count_end(letters: &[char], from: usize, to: usize) -> Option<usize> {
    let dash = from + letters[from..to].iter().position(|letter| *letter == '-')?;
    let (count, size) = (&letters[from..dash], &letters[dash + 1..to]);
    let digits = |part: &[char]| part.iter().all(char::is_ascii_digit);
    (count.len() < 3 && matches!(size.len(), 4 | 5) && digits(count) && digits(size)).then_some(dash)
}

fn word_end(letters: &[char], from: usize) -> usize {
    let joins = |at: usize| {
        matches!(letters.get(at), Some('/' | '.' | '\''))
            && letters.get(at + 1).is_some_and(|letter| letter.is_alphabetic())
    };
    let mut to = from;
    while letters.get(to).is_some_and(|letter| letter.is_alphabetic()) || joins(to) {
        to += 1;
    }
    to
}

#[cfg(test)]
mod tests {
    use super::*;

    fn cut(text: &str) -> Vec<String> {
        tokens(text).into_iter().map(|token| token.text).collect()
    }

    #[test]
    fn numbers_words_and_signs() {
        assert_eq!(cut("3068 door @7'-6\""), ["3068", "door", "@", "7'-6\""]);
        assert_eq!(cut("5-0x4-0 Window, C/L 7-6 1/2"), ["5-0", "x", "4-0", "window", "c/l", "7-6", "1/2"]);
        assert_eq!(cut("R.O. 38in. × 82½"), ["r.o", "38", "in", "×", "82½"]);
        assert_eq!(cut("3068- door; 3040"), ["3068", "door", ";", "3040"]);
        assert_eq!(cut("2-3040 3-0 1-1 1/2"), ["2", "3040", "3-0", "1-1", "1/2"]);
    }

    #[test]
    fn each_knows_its_place_in_the_text() {
        let places: Vec<Span> = tokens("ñ 3068  doot").into_iter().map(|token| token.span).collect();
        assert_eq!(places, [Span { from: 0, to: 1 }, Span { from: 2, to: 6 }, Span { from: 8, to: 12 }]);
    }
}
