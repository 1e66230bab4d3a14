//! # Tipped up under a ceiling
//!
//! **What it does.** Says how high the corner of a wall swings that is framed on the floor of a room and tipped up there, against the room's lower end.
//!
//! **Source.** The diagonal of its height and its depth is geometry. Common practice, no source: the upper plate goes on afterwards in no room, so that the whole frame swings.
//!
//! **Worked example.** 96 in. high, 5 1/2 deep: 96 3/16 in., rounded up to a sixteenth.

use crate::job::{WallFrame, WallHeight};
use crate::measure::Length;
use crate::say;
use crate::speech::{Phrase, distance};

/// How high a wall swings, and what room there is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Swing {
    /// Its diagonal.
    pub diagonal: Length,
    /// The room's height at its lower end.
    pub room: Length,
}

impl Swing {
    /// Whether it swings clear.
    pub fn clears(self) -> bool {
        self.diagonal <= self.room
    }

    /// How it swings, in a sentence.
    pub fn phrase(self) -> Phrase {
        let (diagonal, room) = (distance(self.diagonal), distance(self.room));
        if self.clears() {
            say!("tip-up-clears", diagonal, room)
        } else {
            say!("tip-up-does-not-clear", diagonal, room)
        }
    }
}

/// How a wall that is framed in its room swings; `None` of one whose room nobody measured.
pub fn swing(frame: &WallFrame) -> Option<Swing> {
    let WallHeight::Room(room) = frame.height else { return None };
    Some(Swing { diagonal: swung(frame.height(), frame.depth()), room: room.left.min(room.right) })
}

fn swung(height: Length, depth: Length) -> Length {
    Length::from_decimal_inches((height.to_inches().hypot(depth.to_inches()) * 16.0).ceil() / 16.0)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let diagonal = swung(Length::inches(96), Length::inches_and(5, 1, 2));
        assert_eq!(diagonal, Length::inches_and(96, 3, 16));
        assert!(Swing { diagonal, room: Length::inches_and(96, 3, 16) }.clears());
        assert!(!Swing { diagonal, room: Length::inches_and(96, 1, 8) }.clears());
    }
}
