//! Writing a length the way it is read: `7'-6 1/2"`, `90 1/2"`, `2286 mm`.

use super::length::{Length, NANOMETERS_PER_MILLIMETER, NANOMETERS_PER_SIXTY_FOURTH};

/// How a person wants lengths written.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum LengthStyle {
    /// Feet, inches and a fraction: `7'-6 1/2"`.
    #[default]
    FeetInches,
    /// Inches and a fraction: `90 1/2"`.
    Inches,
    /// Millimeters: `2298.7 mm`.
    Millimeters,
}

impl Length {
    /// Writes the length. Feet and inches are to the nearest 1/64 in. with the fraction in lowest terms;
    /// millimeters are exact.
    pub fn written(self, style: LengthStyle) -> String {
        let sign = if self < Length::ZERO { "-" } else { "" };
        let positive = self.abs();
        match style {
            LengthStyle::Millimeters => format!("{sign}{} mm", millimeters(positive)),
            LengthStyle::Inches => {
                let (inches, fraction) = inches_and_fraction(positive);
                format!("{sign}{}\"", with_fraction(inches, &fraction))
            }
            LengthStyle::FeetInches => {
                let (inches, fraction) = inches_and_fraction(positive);
                format!("{sign}{}'-{}\"", inches / 12, with_inches(inches % 12, &fraction))
            }
        }
    }
}

fn inches_and_fraction(length: Length) -> (i64, String) {
    let sixty_fourths = (length.nanometers() + NANOMETERS_PER_SIXTY_FOURTH / 2) / NANOMETERS_PER_SIXTY_FOURTH;
    let (mut numerator, mut denominator) = (sixty_fourths % 64, 64);
    while numerator > 0 && numerator % 2 == 0 {
        numerator /= 2;
        denominator /= 2;
    }
    let fraction = if numerator == 0 { String::new() } else { format!("{numerator}/{denominator}") };
    (sixty_fourths / 64, fraction)
}

/// `6 1/2`, `6`, or `1/2` where there are no whole inches.
fn with_fraction(inches: i64, fraction: &str) -> String {
    match (inches, fraction) {
        (_, "") => inches.to_string(),
        (0, _) => fraction.to_string(),
        _ => format!("{inches} {fraction}"),
    }
}

/// After feet the inches are always written, so that `7'-0 1/2"` cannot be misread.
fn with_inches(inches: i64, fraction: &str) -> String {
    if fraction.is_empty() { inches.to_string() } else { format!("{inches} {fraction}") }
}

fn millimeters(length: Length) -> String {
    let whole = length.nanometers() / NANOMETERS_PER_MILLIMETER;
    let rest = length.nanometers() % NANOMETERS_PER_MILLIMETER;
    let decimals = format!("{rest:06}");
    match decimals.trim_end_matches('0') {
        "" => whole.to_string(),
        decimals => format!("{whole}.{decimals}"),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    #[test]
    fn writes_feet_inches_and_fractions() {
        assert_eq!(Length::inches_and(90, 1, 2).written(LengthStyle::FeetInches), "7'-6 1/2\"");
        assert_eq!(Length::inches_and(84, 1, 2).written(LengthStyle::FeetInches), "7'-0 1/2\"");
        assert_eq!(Length::inches(7).written(LengthStyle::FeetInches), "0'-7\"");
        assert_eq!(Length::inches_and(92, 10, 16).written(LengthStyle::Inches), "92 5/8\"");
        assert_eq!(Length::inches_and(0, 3, 4).written(LengthStyle::Inches), "3/4\"");
        assert_eq!((-Length::inches(2)).written(LengthStyle::Inches), "-2\"");
        assert_eq!(Length::inches_and(90, 1, 2).written(LengthStyle::Millimeters), "2298.7 mm");
        assert_eq!(Length::millimeters(90).written(LengthStyle::Millimeters), "90 mm");
    }

    proptest! {
        #[test]
        fn reading_back_what_was_written_gives_the_same(sixty_fourths in 0_i64..64 * 12_000) {
            let length = Length::inches_and(0, sixty_fourths, 64);
            for style in [LengthStyle::FeetInches, LengthStyle::Inches, LengthStyle::Millimeters] {
                prop_assert_eq!(length.written(style).parse::<Length>(), Ok(length));
            }
        }

        #[test]
        fn any_text_is_read_or_refused_without_a_panic(text in "\\PC{0,60}") {
            let _ = text.parse::<Length>();
        }

        #[test]
        fn any_text_of_tape_characters_is_read_or_refused(text in "[0-9'\"/ .\\-½mftin]{0,20}") {
            if let Ok(length) = text.parse::<Length>() {
                prop_assert!(Length::ZERO <= length && length <= Length::feet(1_000));
            }
        }
    }
}
