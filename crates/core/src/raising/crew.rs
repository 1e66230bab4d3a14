//! # Hands at the top plate
//!
//! **What it does.** How many people lift a load at the top plate, at the most that is asked of a back and with comfort, and how many have
//! room there.
//!
//! **Source.** Common practice, no source: 75 lb each is easy, 95 lb each the most; spaces of 2 ft between people at least.
//!
//! **Worked example.** 370 lb: four people hold 93 lb each, near the most; five hold 74, easily.

use crate::job::Raising;
use crate::measure::{Force, Length};
use crate::say;
use crate::speech::Phrase;

/// What each holds with comfort, lb.
pub const EASY: f64 = 75.0;
/// From one to the next, at least.
pub const SPACE: Length = Length::inches(24);

/// A crew: so many, each of whom is asked to hold so much.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Crew {
    /// How many.
    pub people: u32,
    /// The most that is asked of each, lb.
    pub pounds_each: f64,
}

impl From<Raising> for Crew {
    fn from(raising: Raising) -> Self {
        Self { people: raising.crew, pounds_each: raising.pounds_each }
    }
}

impl Crew {
    /// What all of them hold.
    pub fn holds(self) -> f64 {
        f64::from(self.people) * self.pounds_each
    }

    /// How many of them it takes at the least.
    pub fn least_for(self, pounds: f64) -> u32 {
        people_for(pounds, self.pounds_each)
    }
}

/// How many it takes with comfort.
pub fn easily(pounds: f64) -> u32 {
    people_for(pounds, EASY)
}

/// How many have room beside one another on so much plate.
pub fn have_room(length: Length) -> u32 {
    u32::try_from(length.nanometers().max(0) / SPACE.nanometers()).unwrap_or(u32::MAX).saturating_add(1)
}

/// Who of a crew holds a load, and what that asks of them.
#[derive(Clone, Debug, PartialEq)]
pub struct Hands {
    /// How many: as many as hold it easily, or all of the crew that have room.
    pub people: u32,
    /// What each of them holds, lb.
    pub each: f64,
    /// The same in a sentence.
    pub words: Phrase,
}

/// Who of a crew holds a load where so many have room.
pub fn hands(pounds: f64, crew: Crew, room: u32) -> Hands {
    let easy = easily(pounds);
    let people = easy.min(crew.people).min(room).max(1);
    let each = pounds / f64::from(people);
    let (load, count) = (Force::lbf(each), people);
    let words = if crew.pounds_each < each {
        say!("hands-too-much", count, load = load, most = Force::lbf(crew.pounds_each))
    } else if EASY < each {
        say!("hands-near", count, load = load, easy)
    } else {
        say!("hands-easy", count, load = load)
    };
    Hands { people, each, words }
}

fn people_for(pounds: f64, each: f64) -> u32 {
    // What a scale does not tell apart needs nobody more.
    ((pounds / each - 1e-9).ceil().max(1.0)) as u32
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let crew = Crew { people: 4, pounds_each: 95.0 };
        assert_eq!((crew.least_for(370.0), easily(370.0)), (4, 5));
        assert_eq!((crew.least_for(417.0), easily(417.0)), (5, 6));
        assert!((crew.holds() - 380.0).abs() < 1e-12);
        let said = |pounds, people, room| {
            let hands = hands(pounds, Crew { people, pounds_each: 95.0 }, room);
            (hands.people, hands.each.round() as i64, hands.words.id.into_owned())
        };
        assert_eq!(said(370.0, 4, 12), (4, 93, "hands-near".into()));
        assert_eq!(said(370.0, 9, 12), (5, 74, "hands-easy".into()));
        assert_eq!(said(370.0, 9, 3), (3, 123, "hands-too-much".into()));
        assert_eq!([4, 23, 24, 47, 48].map(|inches| have_room(Length::inches(inches))), [1, 1, 2, 2, 3]);
    }
}
