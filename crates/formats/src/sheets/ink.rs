//! What a drawing is put together from. Places are points from its upper left corner.

use sturvek_core::speech::Phrase;
use sturvek_wire::paper::{Drawing, Shape, Stands};

/// A drawing being made.
#[derive(Debug)]
pub(super) struct Ink {
    drawing: Drawing,
}

/// A hair line, a line, a thick line.
pub(super) const HAIR: f64 = 0.4;
pub(super) const LINE: f64 = 0.8;
pub(super) const THICK: f64 = 1.4;

/// Sizes of words on a drawing.
pub(super) const USUAL: f64 = 9.0;
pub(super) const LARGE: f64 = 15.0;

impl Ink {
    pub(super) fn new(about: Phrase, width: f64, height: f64) -> Self {
        Self { drawing: Drawing { about: about.into(), width, height, shapes: Vec::new() } }
    }

    pub(super) fn line(&mut self, from: [f64; 2], to: [f64; 2], thick: f64) {
        self.drawing.shapes.push(Shape::Line { from: near(from), to: near(to), thick, dashed: false });
    }

    pub(super) fn dashed(&mut self, from: [f64; 2], to: [f64; 2]) {
        self.drawing.shapes.push(Shape::Line { from: near(from), to: near(to), thick: HAIR, dashed: true });
    }

    pub(super) fn area(&mut self, corners: impl IntoIterator<Item = [f64; 2]>, shade: Option<f64>) {
        self.drawing.shapes.push(Shape::Area { corners: corners.into_iter().map(near).collect(), shade });
    }

    /// An arrow down to a place.
    pub(super) fn arrow(&mut self, [x, y]: [f64; 2], long: f64) {
        self.line([x, y - long], [x, y - 3.0], LINE);
        self.area([[x, y], [x - 2.2, y - 5.0], [x + 2.2, y - 5.0]], Some(1.0));
    }

    pub(super) fn text(&mut self, at: [f64; 2], stands: Stands, words: Phrase) {
        self.words(at, stands, words, USUAL, false, false);
    }

    pub(super) fn bold(&mut self, at: [f64; 2], stands: Stands, words: Phrase, size: f64) {
        self.words(at, stands, words, size, true, false);
    }

    /// Read from below upward.
    pub(super) fn turned(&mut self, at: [f64; 2], stands: Stands, words: Phrase) {
        self.words(at, stands, words, USUAL, false, true);
    }

    fn words(&mut self, at: [f64; 2], stands: Stands, words: Phrase, size: f64, bold: bool, turned: bool) {
        self.drawing.shapes.push(Shape::Text { at: near(at), stands, words: words.into(), size, bold, turned });
    }

    pub(super) fn done(self) -> Drawing {
        self.drawing
    }
}

/// To a hundredth of a point: the same drawing is the same bytes.
fn near([x, y]: [f64; 2]) -> [f64; 2] {
    [x, y].map(|value| (value * 100.0).round() / 100.0)
}

/// Places moved apart until each has so much room, as little as it takes, in the same order; none leaves the room from `least` to
/// `most` where all of them fit in it.
pub(super) fn apart(wanted: &[f64], room: f64, (least, most): (f64, f64)) -> Vec<f64> {
    let mut places = wanted.to_vec();
    let mut before = least - room;
    for place in &mut places {
        *place = place.max(before + room);
        before = *place;
    }
    let mut after = most + room;
    for place in places.iter_mut().rev() {
        *place = place.min(after - room);
        after = *place;
    }
    places
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_crowds_is_moved_apart_and_keeps_its_order() {
        assert_eq!(apart(&[10.0, 12.0, 50.0], 10.0, (0.0, 100.0)), [10.0, 20.0, 50.0]);
        assert_eq!(apart(&[95.0, 96.0, 97.0], 10.0, (0.0, 100.0)), [80.0, 90.0, 100.0]);
        assert_eq!(apart(&[], 10.0, (0.0, 100.0)), Vec::<f64>::new());
    }

    #[test]
    fn what_has_room_stays_where_it_is() {
        let places = [0.0, 10.0, 35.0, 100.0];
        assert_eq!(apart(&places, 10.0, (0.0, 100.0)), places);
    }
}
