//! A formula of the working, `w · L^2 / 8`, as it is set: fractions, powers, what stands below a letter.

use std::iter::Peekable;
use std::str::Chars;

use sturvek_wire::paper::Formula;
use sturvek_wire::speech::Phrase;

/// A formula as it is set; what is none stands there as it was written.
pub fn formula(text: &str) -> Formula {
    let mut reader = Reader { rest: text.chars().peekable() };
    match reader.sum().filter(|_| reader.peek().is_none()) {
        Some(formula) => formula,
        None => Formula::Figure { text: text.to_owned() },
    }
}

struct Reader<'a> {
    rest: Peekable<Chars<'a>>,
}

impl Reader<'_> {
    fn peek(&mut self) -> Option<char> {
        while self.rest.next_if(|sign| *sign == ' ').is_some() {}
        self.rest.peek().copied()
    }

    fn take(&mut self, sign: char) -> bool {
        let there = self.peek() == Some(sign);
        if there {
            self.rest.next();
        }
        there
    }

    fn take_one_of(&mut self, signs: &[char]) -> Option<char> {
        let next = self.peek().filter(|sign| signs.contains(sign))?;
        self.rest.next();
        Some(next)
    }

    fn sum(&mut self) -> Option<Formula> {
        let mut terms = Vec::new();
        if let Some(sign) = self.take_one_of(&['−', '-']) {
            terms.push(Formula::Sign { text: sign.to_string() });
        }
        terms.push(self.product()?);
        while let Some(sign) = self.take_one_of(&['+', '−', '-']) {
            terms.push(Formula::Sign { text: sign.to_string() });
            terms.push(self.product()?);
        }
        Some(row(terms))
    }

    fn product(&mut self) -> Option<Formula> {
        let mut made = vec![self.power()?];
        loop {
            if self.take('·') {
                made.push(Formula::Sign { text: "·".into() });
                made.push(self.power()?);
            } else if self.take('/') {
                let under = without_parentheses(self.power()?);
                made =
                    vec![Formula::Fraction { over: Box::new(without_parentheses(row(made))), under: Box::new(under) }];
            } else {
                return Some(row(made));
            }
        }
    }

    fn power(&mut self) -> Option<Formula> {
        let base = self.part()?;
        if !self.take('^') {
            return Some(base);
        }
        let exponent = self.part()?;
        Some(Formula::Power { base: Box::new(base), exponent: Box::new(exponent) })
    }

    fn part(&mut self) -> Option<Formula> {
        match self.peek()? {
            '(' => {
                self.take('(');
                let of = self.sum()?;
                self.take(')').then(|| Formula::Group { of: Box::new(of) })
            }
            '√' => {
                self.take('√');
                let of = without_parentheses(self.part()?);
                Some(Formula::Root { of: Box::new(of) })
            }
            '⟨' => {
                self.take('⟨');
                let mut inside = String::new();
                loop {
                    match self.rest.next()? {
                        '⟩' => return Some(named(&inside)),
                        sign => inside.push(sign),
                    }
                }
            }
            sign if sign.is_ascii_digit() => Some(self.figure()),
            sign if sign.is_alphabetic() => self.symbol(),
            _ => None,
        }
    }

    /// A figure; with the letter that follows without a space, as in `0.75S`.
    fn figure(&mut self) -> Formula {
        let text = self.run(|sign| sign.is_ascii_digit() || sign == '.');
        let figure = Formula::Figure { text };
        match self.rest.peek() {
            Some(next) if next.is_alphabetic() => match self.symbol() {
                Some(symbol) => Formula::Row { of: vec![figure, symbol] },
                None => figure,
            },
            _ => figure,
        }
    }

    fn symbol(&mut self) -> Option<Formula> {
        let name = self.run(|sign| sign.is_alphanumeric() || matches!(sign, '_' | '⊥' | '*'));
        if self.rest.peek() == Some(&'(') {
            self.take('(');
            let mut of = vec![self.sum()?];
            while self.take(',') {
                of.push(self.sum()?);
            }
            return self.take(')').then_some(Formula::Call { name, of });
        }
        let after = self.run(|sign| matches!(sign, '\'' | '′'));
        let mut letters = name.chars();
        let letter = letters.next()?.to_string();
        Some(Formula::Symbol { letter, below: letters.as_str().trim_start_matches('_').replace('_', " "), after })
    }

    fn run(&mut self, is_part: impl Fn(char) -> bool) -> String {
        let mut run = String::new();
        while let Some(sign) = self.rest.next_if(|sign| is_part(*sign)) {
            run.push(sign);
        }
        run
    }
}

/// Words in place of a symbol: a message by its id, or what is written.
fn named(inside: &str) -> Formula {
    if inside.chars().all(|sign| sign.is_ascii_lowercase() || sign.is_ascii_digit() || sign == '-') {
        Formula::Words { words: Phrase::plain(inside) }
    } else {
        Formula::Figure { text: inside.to_owned() }
    }
}

fn row(mut of: Vec<Formula>) -> Formula {
    if of.len() == 1 { of.remove(0) } else { Formula::Row { of } }
}

/// The bar of a fraction and the roof of a root hold together what parentheses held.
fn without_parentheses(formula: Formula) -> Formula {
    match formula {
        Formula::Group { of } => *of,
        other => other,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    /// `{over|under}`, `base^{by}`, `F_b'`, so that a test can be read.
    fn shown(formula: &Formula) -> String {
        let all = |of: &[Formula], between: &str| of.iter().map(shown).collect::<Vec<_>>().join(between);
        match formula {
            Formula::Figure { text } | Formula::Sign { text } => text.clone(),
            Formula::Symbol { letter, below, after } if below.is_empty() => format!("{letter}{after}"),
            Formula::Symbol { letter, below, after } => format!("{letter}_{below}{after}"),
            Formula::Words { words } => words.id.clone(),
            Formula::Row { of } => all(of, " "),
            Formula::Fraction { over, under } => format!("{{{}|{}}}", shown(over), shown(under)),
            Formula::Power { base, exponent } => format!("{}^{{{}}}", shown(base), shown(exponent)),
            Formula::Group { of } => format!("({})", shown(of)),
            Formula::Root { of } => format!("√{{{}}}", shown(of)),
            Formula::Call { name, of } => format!("{name}({})", all(of, ", ")),
        }
    }

    fn set(text: &str) -> String {
        shown(&formula(text))
    }

    #[test]
    fn fractions_and_powers_are_set_as_they_bind() {
        assert_eq!(set("w · L^2 / 8"), "{w · L^{2}|8}");
        assert_eq!(set("5 · w · L^4 / (384 · E · I)"), "{5 · w · L^{4}|384 · E · I}");
        assert_eq!(set("a / b / c"), "{{a|b}|c}");
        assert_eq!(set("(a + b) / c − d"), "{a + b|c} − d");
        assert_eq!(set("(a + b) · c"), "(a + b) · c");
        assert_eq!(set("(a / b)^2"), "({a|b})^{2}");
        assert_eq!(set("√((a + b) / c)"), "√{{a + b|c}}");
        assert_eq!(set("min(1.15, a / b)"), "min(1.15, {a|b})");
    }

    #[test]
    fn a_letter_has_what_stands_below_and_after_it() {
        assert_eq!(set("fb"), "f_b");
        assert_eq!(set("Fb' · C_D"), "F_b' · C_D");
        assert_eq!(set("Δ_max"), "Δ_max");
        assert_eq!(set("Fc⊥"), "F_c⊥");
        assert_eq!(set("D+0.75L+0.75S"), "D + 0.75 L + 0.75 S");
        assert_eq!(set("⟨symbol-pack-load⟩ / n"), "{symbol-pack-load|n}");
    }

    #[test]
    fn what_is_no_formula_stands_as_it_was_written() {
        for text in ["", "a +", "(a", "a b", "⟨x", "min(a", "\u{0}"] {
            assert_eq!(formula(text), Formula::Figure { text: text.into() }, "{text:?}");
        }
    }
}
