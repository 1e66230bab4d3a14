//! # What is cut already
//!
//! **What it does.** Holds what was ticked off against what is wanted now. A piece that was cut under its own name and to its length is
//! done. One that is wanted no more, or to another length, does for any other piece of the same wood, length and bevel; else it is
//! said which shorter piece it still gives; else it is one too many. Nothing that is cut is asked for again; what stands in the wall
//! already is neither wanted nor left over.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Two jacks are cut to 81 in., then the head is lowered by an inch: both are left over, each still gives a
//! jack of 80 in.

use std::collections::{BTreeMap, BTreeSet};

use super::pieces::{CutPiece, JobPieces, PieceId, Section};
use crate::framing::member::Bevel;
use crate::measure::Length;

/// What somebody at the saw says of a piece.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Tick {
    /// On which device.
    pub device: u128,
    /// Of which piece.
    pub piece: PieceId,
    /// What it was cut from.
    pub section: Section,
    /// To which length.
    pub length: Length,
    /// With which bevel.
    pub bevel: Option<Bevel>,
    /// Whether an earlier tick is taken back.
    pub taken_back: bool,
}

/// What becomes of a piece that was cut and is not wanted as it was cut.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Left {
    /// It still gives another piece, by its place in the list, if it is cut again.
    Recut(usize),
    /// There is nothing that it gives.
    TooMany,
}

/// How far the cutting is.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Progress {
    /// Of every piece whether it is cut.
    pub cut: Vec<bool>,
    /// What was cut under another name and does for a piece of the list, by both their places.
    pub stands_in: Vec<(usize, usize)>,
    /// What was cut and does for none, by its place among what was made.
    pub left: Vec<(usize, Left)>,
}

/// What was really made, from all ticks in the order in which they arrived. Two devices that tick off the same piece made two.
pub fn made(ticks: &[Tick]) -> Vec<&Tick> {
    // By piece, the ticks that stand, by their places.
    let mut standing: BTreeMap<PieceId, Vec<usize>> = BTreeMap::new();
    for (place, tick) in ticks.iter().enumerate() {
        let of_piece = standing.entry(tick.piece).or_default();
        let mine = of_piece.iter().rposition(|known| ticks[*known].device == tick.device);
        match (tick.taken_back, mine) {
            // Whoever takes it back takes his own; failing that, what another one ticked off.
            (true, Some(mine)) => {
                of_piece.remove(mine);
            }
            (true, None) => {
                of_piece.pop();
            }
            (false, None) => of_piece.push(place),
            (false, Some(_)) => {}
        }
    }
    let mut places: Vec<usize> = standing.into_values().flatten().collect();
    places.sort_unstable();
    places.into_iter().map(|place| &ticks[place]).collect()
}

/// What is cut at one setting of one wood.
type Alike = (Section, Option<Bevel>, Length);

/// What of the wanted pieces is cut, and what was cut besides.
pub fn progress(wanted: &JobPieces, made: &[&Tick]) -> Progress {
    let pieces = &wanted.pieces;
    let of_piece = |piece: &CutPiece| -> Alike { (piece.section(), piece.bevel, piece.length) };
    let of_tick = |tick: &Tick| -> Alike { (tick.section.clone(), tick.bevel, tick.length) };
    let mut all = Progress { cut: vec![false; pieces.len()], ..Progress::default() };
    let places: BTreeMap<PieceId, usize> = pieces.iter().enumerate().map(|(place, piece)| (piece.id, place)).collect();
    let mut standing: BTreeMap<PieceId, Alike> =
        wanted.standing.iter().map(|piece| (piece.id, of_piece(piece))).collect();
    let mut others = Vec::new();
    for (number, tick) in made.iter().enumerate() {
        if standing.get(&tick.piece).is_some_and(|stands| *stands == of_tick(tick)) {
            standing.remove(&tick.piece);
            continue;
        }
        match places.get(&tick.piece) {
            Some(&place) if !all.cut[place] && of_piece(&pieces[place]) == of_tick(tick) => all.cut[place] = true,
            _ => others.push(number),
        }
    }
    let mut free: BTreeMap<Alike, BTreeSet<usize>> = BTreeMap::new();
    for (place, piece) in pieces.iter().enumerate().filter(|(place, _)| !all.cut[*place]) {
        free.entry(of_piece(piece)).or_default().insert(place);
    }
    let mut unmatched = Vec::new();
    for number in others {
        match free.get_mut(&of_tick(made[number])).and_then(BTreeSet::pop_first) {
            Some(place) => {
                all.cut[place] = true;
                all.stands_in.push((number, place));
            }
            None => unmatched.push(number),
        }
    }
    for number in unmatched {
        let tick = made[number];
        // Of the same wood, shorter, the longest of those: by length from below, whatever their bevels.
        let shorter = free
            .iter()
            .filter(|((section, _, length), places)| {
                *section == tick.section && *length < tick.length && !places.is_empty()
            })
            .max_by_key(|((_, bevel, length), _)| (*length, std::cmp::Reverse(*bevel)))
            .map(|(alike, _)| alike.clone());
        let place = shorter.and_then(|alike| free.get_mut(&alike)?.pop_first());
        all.left.push((number, place.map_or(Left::TooMany, Left::Recut)));
    }
    all
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::cutting::pieces::{For, Of};
    use crate::framing::member::{Role, Stock};
    use crate::job::WallId;
    use crate::lumber::{Depth, Grade, SawnLumber, SawnSize, Species};

    fn id(bay: u16) -> PieceId {
        PieceId { of: Of::Bay(WallId(1), bay), for_: For::Wall(Role::Stud), ordinal: 0 }
    }

    fn piece(bay: u16, inches: i64) -> CutPiece {
        let size = SawnSize::two_by(Depth::Four);
        let stock = Stock::from(SawnLumber { species: Species::SprucePineFir, grade: Grade::Stud, size });
        CutPiece { id: id(bay), length: Length::inches(inches), bevel: None, stock, members: Vec::new() }
    }

    fn wanted(pieces: impl IntoIterator<Item = CutPiece>) -> JobPieces {
        JobPieces { pieces: pieces.into_iter().collect(), ..JobPieces::default() }
    }

    fn tick(device: u128, bay: u16, inches: i64) -> Tick {
        let section = piece(bay, inches).section();
        Tick { device, piece: id(bay), section, length: Length::inches(inches), bevel: None, taken_back: false }
    }

    fn back(tick: Tick) -> Tick {
        Tick { taken_back: true, ..tick }
    }

    #[test]
    fn the_same_tick_twice_is_one_and_two_devices_made_two() {
        let ticks = [tick(1, 0, 90), tick(1, 0, 90), tick(2, 0, 90)];
        let made = made(&ticks);
        assert_eq!(made.len(), 2);
        // The second one does for another stud that is alike.
        let wanted = wanted([piece(0, 90), piece(1, 90), piece(2, 88)]);
        let now = progress(&wanted, &made);
        assert_eq!(now.cut, [true, true, false]);
        assert_eq!((now.stands_in, now.left), (vec![(1, 1)], vec![]));
    }

    #[test]
    fn whoever_takes_back_takes_his_own_first() {
        let mine = [tick(1, 0, 90), tick(2, 0, 90), back(tick(2, 0, 90))];
        assert_eq!(made(&mine).iter().map(|tick| tick.device).collect::<Vec<_>>(), [1]);
        let another = [tick(1, 0, 90), back(tick(2, 0, 90))];
        assert!(made(&another).is_empty());
        assert!(made(&[back(tick(1, 0, 90))]).is_empty(), "nothing was there to take back");
    }

    #[test]
    fn what_is_wanted_shorter_now_is_cut_again_from_what_is_there() {
        let ticks = [tick(1, 0, 81), tick(1, 1, 81), tick(1, 2, 40)];
        let now = progress(&wanted([piece(0, 80), piece(1, 80), piece(2, 60)]), &made(&ticks));
        assert_eq!(now.cut, [false; 3]);
        assert_eq!(now.left, [(0, Left::Recut(0)), (1, Left::Recut(1)), (2, Left::TooMany)]);
    }
    #[test]
    fn what_stands_was_cut_once_and_is_no_left_over() {
        let wanted = JobPieces { standing: vec![piece(0, 81)], ..wanted([piece(1, 80)]) };
        let once = progress(&wanted, &made(&[tick(1, 0, 81)]));
        assert_eq!((once.cut, once.left), (vec![false], vec![]));
        let twice = progress(&wanted, &made(&[tick(1, 0, 81), tick(2, 0, 81)]));
        assert_eq!(twice.left, [(1, Left::Recut(0))], "two devices made two, and one of them stands");
    }
}
