//! Figures in a user's units. The page's `speech/figures.ts` does the same; `tests/figures.json` holds both to it.

use sturvek_core::measure::{Length, LengthStyle, Unit, significant};

/// What a user reads figures in.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum Units {
    /// Feet, inches, pounds.
    #[default]
    FeetAndInches,
    /// Millimeters, kilonewtons, kilopascals, megapascals.
    Metric,
}

/// Significant figures of what was computed in pounds and is said in newtons.
const METRIC_FIGURES: i32 = 3;

/// A length as it is cut: `37 1/2"`; in millimeters to a tenth.
pub fn length(length: Length, units: Units) -> String {
    match units {
        Units::FeetAndInches => length.written(LengthStyle::Inches),
        Units::Metric => millimeters(length),
    }
}

/// A place or a long length: `7'-6 1/2"`; in millimeters to a tenth.
pub fn distance(length: Length, units: Units) -> String {
    match units {
        Units::FeetAndInches => length.written(LengthStyle::FeetInches),
        Units::Metric => millimeters(length),
    }
}

fn millimeters(length: Length) -> String {
    /// A tenth of a millimeter.
    const TENTH: i64 = 100_000;
    let nanometers = length.nanometers();
    let tenths = (nanometers.abs() + TENTH / 2) / TENTH;
    let sign = if nanometers < 0 && 0 < tenths { "-" } else { "" };
    match (tenths / 10, tenths % 10) {
        (whole, 0) => format!("{sign}{whole} mm"),
        (whole, tenth) => format!("{sign}{whole}.{tenth} mm"),
    }
}

/// A quantity to so many decimals in its own unit, or to three figures in the metric one.
pub fn quantity(value: f64, unit: Unit, decimals: u8, units: Units) -> String {
    match (metric(unit), units) {
        (Some((times, symbol)), Units::Metric) => format!("{} {symbol}", significant(value * times, METRIC_FIGURES)),
        _ => with_symbol(fixed(value, decimals), symbol(unit)),
    }
}

/// A result of the working in the code's unit; who measures in millimeters reads it in theirs beside it.
pub fn result(value: Option<f64>, unit: Unit, units: Units) -> String {
    /// Significant figures of the working.
    const FIGURES: i32 = 6;
    let Some(value) = value else { return "∞".into() };
    let own = with_symbol(significant(value, FIGURES), unit.symbol());
    match metric(unit).filter(|_| units == Units::Metric) {
        Some((times, symbol)) => format!("{own} ({} {symbol})", significant(value * times, METRIC_FIGURES)),
        None => own,
    }
}

fn fixed(value: f64, decimals: u8) -> String {
    // Halves go away from zero, as the page rounds them.
    let parts = 10_f64.powi(i32::from(decimals));
    let text = format!("{:.*}", usize::from(decimals), (value * parts).round() / parts);
    // Rust writes what rounds to nothing from below as -0.
    if text.trim_start_matches('-').chars().all(|digit| matches!(digit, '0' | '.')) {
        text.trim_start_matches('-').to_owned()
    } else {
        text
    }
}

fn with_symbol(figure: String, symbol: &str) -> String {
    if symbol.is_empty() { figure } else { format!("{figure} {symbol}") }
}

/// A ratio as a percentage.
pub fn percent(ratio: f64) -> String {
    if ratio.is_finite() { format!("{} %", fixed(100.0 * ratio, 0)) } else { "∞ %".into() }
}

/// As a carpenter writes the unit; the calculation sheet writes it as a fraction.
const fn symbol(unit: Unit) -> &'static str {
    match unit {
        Unit::PoundsPerSquareFoot => "psf",
        other => other.symbol(),
    }
}

/// What a figure is multiplied with, and the metric unit; `None` for what has no unit.
pub const fn metric(unit: Unit) -> Option<(f64, &'static str)> {
    /// Newtons in a pound.
    const POUND: f64 = 4.448_221_615_260_5;
    /// Millimeters in an inch.
    const INCH: f64 = 25.4;
    Some(match unit {
        Unit::None | Unit::Cents => return None,
        Unit::Inches => (INCH, "mm"),
        Unit::Feet => (12.0 * INCH / 1000.0, "m"),
        Unit::SquareInches => (INCH * INCH, "mm²"),
        Unit::SquareFeet => (144.0 * INCH * INCH / 1e6, "m²"),
        Unit::CubicInches => (INCH * INCH * INCH, "mm³"),
        Unit::InchesFourth => (INCH * INCH * INCH * INCH, "mm⁴"),
        Unit::Pounds => (POUND / 1000.0, "kN"),
        Unit::PoundsPerFoot => (POUND / (12.0 * INCH), "kN/m"),
        Unit::PoundsPerInch => (POUND / INCH, "kN/m"),
        Unit::PoundsPerSquareFoot => (POUND / (144.0 * INCH * INCH) * 1000.0, "kPa"),
        Unit::PoundsPerCubicFoot => (0.453_592_37 / (0.3048 * 0.3048 * 0.3048), "kg/m³"),
        Unit::MilesPerHour => (1.609_344, "km/h"),
        Unit::Psi => (POUND / (INCH * INCH), "MPa"),
        Unit::PoundInches => (POUND * INCH / 1e6, "kN·m"),
    })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_metric_user_reads_whole_millimeters_exactly() {
        let written: Length = "3600 mm".parse().expect("a length");
        assert_eq!(distance(written, Units::Metric), "3600 mm");
        assert_eq!(length(Length::inches_and(37, 1, 2), Units::Metric), "952.5 mm");
        assert_eq!(length(Length::inches_and(0, 1, 16), Units::Metric), "1.6 mm");
        assert_eq!(length(-Length::inches(1), Units::Metric), "-25.4 mm");
    }

    #[test]
    fn forces_and_loads_are_said_in_both_systems() {
        // 1000 lb are 4.448 kN; 100 psf are 4.788 kPa; 1000 lb/ft are 14.594 kN/m; 1000 psi are 6.895 MPa.
        let both = |value, unit| [Units::FeetAndInches, Units::Metric].map(|units| quantity(value, unit, 0, units));
        assert_eq!(both(1000.0, Unit::Pounds), ["1000 lb", "4.45 kN"]);
        assert_eq!(both(100.0, Unit::PoundsPerSquareFoot), ["100 psf", "4.79 kPa"]);
        assert_eq!(both(1000.0, Unit::PoundsPerFoot), ["1000 lb/ft", "14.6 kN/m"]);
        assert_eq!(both(1000.0, Unit::Psi), ["1000 psi", "6.89 MPa"]);
        assert_eq!(both(1.15, Unit::None), ["1", "1"]);
        assert_eq!((percent(0.925), percent(f64::INFINITY)), ("93 %".into(), "∞ %".into()));
    }
}
