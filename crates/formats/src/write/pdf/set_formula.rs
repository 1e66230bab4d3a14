//! A formula as boxes: what stands over, under, above and below what.

use sturvek_speech::Voice;
use sturvek_wire::paper::Formula;

use super::faces::{Heft, width};
use super::marks::Mark;

/// A part of a formula: its width, how far it reaches over and under the line it stands on, and its marks from the line's start.
#[derive(Clone, Debug, Default, PartialEq)]
pub(super) struct Set {
    pub(super) width: f32,
    pub(super) over: f32,
    pub(super) under: f32,
    pub(super) marks: Vec<Mark>,
}

/// How much smaller a fraction's parts, a power and what stands below are.
const SMALLER: f32 = 0.86;
const SMALL: f32 = 0.7;
/// However deep a part stands in others, it can be read.
const LEAST: f32 = 6.5;

fn smaller(size: f32, by: f32) -> f32 {
    (by * size).max(LEAST)
}

impl Set {
    /// Words on the line.
    pub(super) fn words(text: &str, size: f32, heft: Heft) -> Self {
        let marks = if text.is_empty() { Vec::new() } else { vec![Mark::text([0.0, 0.0], text, size, heft)] };
        Self { width: width(text, size, heft), over: 0.76 * size, under: 0.24 * size, marks }
    }

    pub(super) fn and(mut self, next: Self) -> Self {
        self.put(next, [self.width, 0.0]);
        self
    }

    fn space(mut self, wide: f32) -> Self {
        self.width += wide;
        self
    }

    /// Puts a part at a place, and reaches as far as it does.
    fn put(&mut self, part: Self, [x, y]: [f32; 2]) {
        self.width = self.width.max(x + part.width);
        self.over = self.over.max(part.over - y);
        self.under = self.under.max(part.under + y);
        self.marks.extend(part.marks.into_iter().map(|mark| mark.moved([x, y])));
    }
}

/// Sets a formula.
pub(super) fn set(formula: &Formula, size: f32, heft: Heft, voice: Voice) -> Set {
    let part = |formula: &Formula, size: f32| set(formula, size, heft, voice);
    let words = |text: &str| Set::words(text, size, heft);
    match formula {
        Formula::Figure { text } => words(text),
        Formula::Words { words: phrase } => words(&voice.say(&phrase.clone().into())),
        Formula::Sign { text } => words(&format!(" {text} ")),
        Formula::Symbol { letter, below, after } => {
            let mut symbol = words(letter);
            let start = symbol.width;
            symbol.put(Set::words(below, smaller(size, SMALL), heft), [start, 0.22 * size]);
            symbol.put(words(after), [start, 0.0]);
            symbol
        }
        Formula::Row { of } => of.iter().map(|each| part(each, size)).fold(Set::default(), Set::and),
        Formula::Fraction { over, under } => {
            let (over, under) = (part(over, smaller(size, SMALLER)), part(under, smaller(size, SMALLER)));
            let wide = over.width.max(under.width) + 4.0;
            let bar = -0.28 * size;
            let mut fraction = Set { width: wide + 4.0, ..Set::default() };
            fraction.marks.push(Mark::Line { from: [2.0, bar], to: [wide + 2.0, bar], thick: 0.6, dashed: false });
            let middle = |width: f32| 2.0 + (wide - width) / 2.0;
            let (above, beneath) = (bar - 2.0 - over.under, bar + 2.0 + under.over);
            let (left_over, left_under) = (middle(over.width), middle(under.width));
            fraction.put(over, [left_over, above]);
            fraction.put(under, [left_under, beneath]);
            fraction
        }
        Formula::Power { base, exponent } => {
            let mut power = part(base, size);
            let (x, y) = (power.width + 0.5, -(power.over - 0.36 * size));
            power.put(part(exponent, smaller(size, SMALL)), [x, y]);
            power
        }
        Formula::Group { of } => {
            let inner = part(of, size);
            let tall = ((inner.over + inner.under) / size).clamp(1.0, 2.4);
            let down = (inner.under - inner.over) / 2.0 + 0.26 * size * tall;
            let parenthesis = |text: &str| {
                let mut set = Set::words(text, size * tall, Heft::Plain);
                set.marks = set.marks.into_iter().map(|mark| mark.moved([0.0, down])).collect();
                (set.over, set.under) = (inner.over, inner.under);
                set
            };
            let (open, close) = (parenthesis("("), parenthesis(")"));
            open.and(inner).and(close)
        }
        Formula::Root { of } => {
            let inner = part(of, size);
            let (high, low, start) = (-inner.over - 2.0, inner.under, 0.7 * size);
            let mut root =
                Set { width: start + inner.width + 2.0, over: inner.over + 3.0, under: inner.under, marks: vec![] };
            let corners = [
                [0.0, -0.3 * size],
                [0.2 * size, -0.4 * size],
                [0.4 * size, low],
                [0.6 * size, high],
                [start + inner.width + 1.0, high],
            ];
            for pair in corners.windows(2) {
                root.marks.push(Mark::Line { from: pair[0], to: pair[1], thick: 0.6, dashed: false });
            }
            root.put(inner, [start, 0.0]);
            root
        }
        Formula::Call { name, of } => {
            let mut call = words(name).and(words("("));
            for (place, each) in of.iter().enumerate() {
                if 0 < place {
                    call = call.and(words(", "));
                }
                call = call.and(part(each, size));
            }
            call.and(words(")")).space(1.0)
        }
    }
}

/// A formula as it is read out.
pub(super) fn read_out(formula: &Formula, voice: Voice) -> String {
    let read = |formula: &Formula| read_out(formula, voice);
    let all = |of: &[Formula], between: &str| of.iter().map(read).collect::<Vec<_>>().join(between);
    match formula {
        Formula::Figure { text } => text.clone(),
        Formula::Words { words } => voice.say(&words.clone().into()),
        Formula::Sign { text } => format!(" {text} "),
        Formula::Symbol { letter, below, after } => format!("{letter}{below}{after}"),
        Formula::Row { of } => all(of, ""),
        Formula::Fraction { over, under } => format!("({}) / ({})", read(over), read(under)),
        Formula::Power { base, exponent } => format!("{}^{}", read(base), read(exponent)),
        Formula::Group { of } => format!("({})", read(of)),
        Formula::Root { of } => format!("√({})", read(of)),
        Formula::Call { name, of } => format!("{name}({})", all(of, ", ")),
    }
}
