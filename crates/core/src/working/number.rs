//! A number that may remember how it was come by.
//!
//! A check is written once, over any [`Number`]. Run on `f64` it is plain arithmetic; run on [`Written`] the same
//! expression also builds its formula in symbols and in figures. So the working on the calculation sheet cannot say
//! something that the arithmetic did not do.

use std::ops::{Add, Div, Mul, Sub};

use crate::measure::significant;

/// Arithmetic as the checks need it.
pub trait Number:
    Clone + Add<Output = Self> + Sub<Output = Self> + Mul<Output = Self> + Div<Output = Self> + Sized
{
    /// A number that stands in the formula as itself, such as the 5 and the 384 of 5wL⁴/384EI.
    fn constant(value: f64) -> Self;
    /// The plain value.
    fn value(&self) -> f64;
    /// Square root.
    fn square_root(self) -> Self;
    /// To a power.
    fn power(self, exponent: f64) -> Self;
    /// The smaller of two.
    fn smaller(self, other: Self) -> Self;
    /// The larger of two.
    fn larger(self, other: Self) -> Self;

    /// Times a plain factor.
    fn times(self, factor: f64) -> Self {
        Self::constant(factor) * self
    }
}

impl Number for f64 {
    fn constant(value: f64) -> Self {
        value
    }

    fn value(&self) -> f64 {
        *self
    }

    fn square_root(self) -> Self {
        self.sqrt()
    }

    fn power(self, exponent: f64) -> Self {
        // Whole powers by multiplication: squares and cubes are most of them, and powf is many times slower.
        let whole = exponent as i32;
        if (f64::from(whole) - exponent).abs() < f64::EPSILON { self.powi(whole) } else { self.powf(exponent) }
    }

    fn smaller(self, other: Self) -> Self {
        self.min(other)
    }

    fn larger(self, other: Self) -> Self {
        self.max(other)
    }
}

/// How tightly the outermost operation of a formula binds, to place parentheses.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
enum Binding {
    Sum,
    Product,
    Power,
    Atom,
}

/// A value with the formula it came from, in symbols and in figures.
#[derive(Clone, Debug, PartialEq)]
pub struct Written {
    value: f64,
    symbols: String,
    figures: String,
    binding: Binding,
}

impl Written {
    /// A named value, such as `M` = 8496. A name that is a fraction itself, such as `le/d`, stands in parentheses where that matters.
    pub fn named(symbol: &str, value: f64) -> Self {
        let binding = if symbol.contains('/') { Binding::Product } else { Binding::Atom };
        Self { value, symbols: symbol.to_owned(), figures: figure(value), binding }
    }

    /// The formula in symbols: `M / S`.
    pub fn symbols(&self) -> &str {
        &self.symbols
    }

    /// The formula in figures: `8496 / 15.125`.
    pub fn figures(&self) -> &str {
        &self.figures
    }

    fn infix(self, sign: &str, other: Self, value: f64, binding: Binding, right_binding: Binding) -> Self {
        let join = |left: &str, right: &str| {
            let left = parenthesized(left, self.binding < binding);
            let right = parenthesized(right, other.binding < right_binding);
            format!("{left} {sign} {right}")
        };
        Self {
            value,
            symbols: join(&self.symbols, &other.symbols),
            figures: join(&self.figures, &other.figures),
            binding,
        }
    }

    fn call(name: &str, arguments: &[&Self], value: f64) -> Self {
        let join = |part: fn(&Self) -> &str| {
            let list: Vec<&str> = arguments.iter().map(|argument| part(argument)).collect();
            format!("{name}({})", list.join(", "))
        };
        Self { value, symbols: join(Self::symbols), figures: join(Self::figures), binding: Binding::Atom }
    }
}

fn parenthesized(text: &str, needed: bool) -> String {
    // One figure, or one letter, needs none.
    if needed && text.contains([' ', '/']) { format!("({text})") } else { text.to_owned() }
}

/// Prints a value to six significant figures, or as the whole number it is.
pub fn figure(value: f64) -> String {
    significant(value, 6)
}

impl Add for Written {
    type Output = Self;
    fn add(self, other: Self) -> Self {
        let value = self.value + other.value;
        self.infix("+", other, value, Binding::Sum, Binding::Sum)
    }
}

impl Sub for Written {
    type Output = Self;
    fn sub(self, other: Self) -> Self {
        let value = self.value - other.value;
        self.infix("−", other, value, Binding::Sum, Binding::Product)
    }
}

impl Mul for Written {
    type Output = Self;
    fn mul(self, other: Self) -> Self {
        let value = self.value * other.value;
        self.infix("·", other, value, Binding::Product, Binding::Product)
    }
}

impl Div for Written {
    type Output = Self;
    fn div(self, other: Self) -> Self {
        let value = self.value / other.value;
        self.infix("/", other, value, Binding::Product, Binding::Power)
    }
}

impl Number for Written {
    fn constant(value: f64) -> Self {
        let text = figure(value);
        Self { value, symbols: text.clone(), figures: text, binding: Binding::Atom }
    }

    fn value(&self) -> f64 {
        self.value
    }

    fn square_root(self) -> Self {
        Self::call("√", &[&self], self.value.sqrt())
    }

    fn power(self, exponent: f64) -> Self {
        let raise = |base: &str| format!("{}^{}", parenthesized(base, self.binding < Binding::Atom), figure(exponent));
        Self {
            value: self.value.power(exponent),
            symbols: raise(&self.symbols),
            figures: raise(&self.figures),
            binding: Binding::Power,
        }
    }

    fn smaller(self, other: Self) -> Self {
        Self::call("min", &[&self, &other], self.value.min(other.value))
    }

    fn larger(self, other: Self) -> Self {
        Self::call("max", &[&self, &other], self.value.max(other.value))
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn uniform_moment<N: Number>(load: N, span: N) -> N {
        load * span.power(2.0) / N::constant(8.0)
    }

    #[test]
    fn one_expression_serves_as_arithmetic_and_as_its_own_explanation() {
        let written = uniform_moment(Written::named("w", 48.0), Written::named("L", 37.5));
        assert_eq!(written.symbols(), "w · L^2 / 8");
        assert_eq!(written.figures(), "48 · 37.5^2 / 8");
        assert!((written.value() - uniform_moment(48.0, 37.5)).abs() < 1e-9);
    }

    #[test]
    fn parentheses_stand_where_they_are_needed() {
        let [a, b, c] = ["a", "b", "c"].map(|symbol| Written::named(symbol, 2.0));
        assert_eq!(((a.clone() + b.clone()) * c.clone()).symbols(), "(a + b) · c");
        assert_eq!((a.clone() - (b.clone() - c.clone())).symbols(), "a − (b − c)");
        assert_eq!((a.clone() / (b.clone() * c.clone())).symbols(), "a / (b · c)");
        assert_eq!((a / b).power(2.0).symbols(), "(a / b)^2");
        assert_eq!(c.square_root().symbols(), "√(c)");
        let squared = Written::named("b", 4.0) / Written::named("le/d", 2.0).power(2.0);
        assert_eq!((squared.symbols(), squared.figures()), ("b / (le/d)^2", "4 / 2^2"));
    }

    #[test]
    fn figures_keep_six_places() {
        assert_eq!(figure(1_400_000.0), "1400000");
        assert_eq!(figure(15.125), "15.125");
        assert_eq!(figure(0.008_992_34), "0.00899234");
        assert_eq!(figure(0.0), "0");
        assert_eq!(figure(1e-13), "0");
    }
}
