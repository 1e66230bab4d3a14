//! The faces that paper is set in. The text's own face has no fractions, Greek or arrows: such a sign is set in the second face, and
//! what that has not either is set as a box, so that nothing is left out unseen.

use std::collections::BTreeMap;
use std::sync::OnceLock;

use krilla::text::{Font, Tag};
use skrifa::instance::{Location, LocationRef, Size};
use skrifa::metrics::GlyphMetrics;
use skrifa::{FontRef, MetadataProvider};

const TEXT: &[u8] = include_bytes!("../../../faces/text.ttf");
const SIGNS: &[u8] = include_bytes!("../../../faces/signs.ttf");
/// What stands for a sign that no face has.
const UNKNOWN: char = '□';

/// How heavy letters are.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Heft {
    Plain,
    Bold,
}

impl Heft {
    const fn of_the_text(self) -> f32 {
        match self {
            Self::Plain => 400.0,
            Self::Bold => 700.0,
        }
    }
}

/// Letters that are set in one face.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(super) struct Run {
    pub(super) text: String,
    pub(super) is_signs: bool,
}

/// The faces, read once for a document.
pub(super) struct Faces {
    plain: Font,
    bold: Font,
    signs: Font,
}

/// Which signs the faces have, and how wide each is at a size of one. It never changes, and everything asks for it.
struct Measured {
    plain: BTreeMap<char, f32>,
    bold: BTreeMap<char, f32>,
    signs: BTreeMap<char, f32>,
}

fn measured() -> Option<&'static Measured> {
    static MEASURED: OnceLock<Option<Measured>> = OnceLock::new();
    MEASURED.get_or_init(measure).as_ref()
}

fn measure() -> Option<Measured> {
    let (text, signs) = (FontRef::new(TEXT).ok()?, FontRef::new(SIGNS).ok()?);
    let widths = |face: &FontRef<'_>, location: &Location| {
        let metrics = GlyphMetrics::new(face, Size::new(1.0), LocationRef::from(location));
        let mapped = face.charmap().mappings();
        let sign = |(code, glyph)| Some((char::from_u32(code)?, metrics.advance_width(glyph)?));
        mapped.filter_map(sign).collect::<BTreeMap<char, f32>>()
    };
    let at = |heft: Heft| text.axes().location([("wght", heft.of_the_text())]);
    Some(Measured {
        plain: widths(&text, &at(Heft::Plain)),
        bold: widths(&text, &at(Heft::Bold)),
        signs: widths(&signs, &Location::default()),
    })
}

impl Faces {
    /// `None` if the faces that are built in cannot be read.
    pub(super) fn read() -> Option<Self> {
        let text = |heft: Heft| Font::new_variable(TEXT.to_vec().into(), 0, &[(Tag::new(b"wght"), heft.of_the_text())]);
        let signs = Font::new(SIGNS.to_vec().into(), 0)?;
        measured()?;
        Some(Self { plain: text(Heft::Plain)?, bold: text(Heft::Bold)?, signs })
    }

    pub(super) fn of(&self, run: &Run, heft: Heft) -> Font {
        match (run.is_signs, heft) {
            (true, _) => self.signs.clone(),
            (false, Heft::Plain) => self.plain.clone(),
            (false, Heft::Bold) => self.bold.clone(),
        }
    }
}

/// Text in runs of one face each.
pub(super) fn runs(text: &str) -> Vec<Run> {
    let mut runs: Vec<Run> = Vec::new();
    let Some(faces) = measured() else { return runs };
    for sign in text.chars() {
        let (sign, is_signs) = match (faces.plain.contains_key(&sign), faces.signs.contains_key(&sign)) {
            (true, _) => (sign, false),
            (false, true) => (sign, true),
            (false, false) => (UNKNOWN, true),
        };
        match runs.last_mut().filter(|run| run.is_signs == is_signs) {
            Some(run) => run.text.push(sign),
            None => runs.push(Run { text: sign.to_string(), is_signs }),
        }
    }
    runs
}

/// How wide text is at a size.
pub(super) fn width(text: &str, size: f32, heft: Heft) -> f32 {
    runs(text).iter().map(|run| run_width(run, size, heft)).sum()
}

pub(super) fn run_width(run: &Run, size: f32, heft: Heft) -> f32 {
    let Some(faces) = measured() else { return 0.0 };
    let widths = match (run.is_signs, heft) {
        (true, _) => &faces.signs,
        (false, Heft::Plain) => &faces.plain,
        (false, Heft::Bold) => &faces.bold,
    };
    size * run.text.chars().filter_map(|sign| widths.get(&sign)).sum::<f32>()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_sign_of_the_trade_is_set_in_one_face_or_the_other() {
        let signs = "Aa0\"'½⅛×·−+≤≥√→≈ΔγραφÃéñłő⊥′″¹²³⁴";
        let set: String = runs(signs).into_iter().map(|run| run.text).collect();
        assert_eq!(set, signs);
        let unknown: String = runs("雪").into_iter().map(|run| run.text).collect();
        assert_eq!(unknown, UNKNOWN.to_string());
    }

    #[test]
    fn bold_is_wider_and_twice_the_size_is_twice_as_wide() {
        let plain = width("Water side", 10.0, Heft::Plain);
        assert!(plain < width("Water side", 10.0, Heft::Bold));
        assert!((width("Water side", 20.0, Heft::Plain) - 2.0 * plain).abs() < 0.01);
        assert!(0.0 < width("⅞", 10.0, Heft::Plain));
    }
}
