//! # The studs and plates of a temporary wall
//!
//! **What it checks.** One stud, or several nailed to one another, as a column both ways, and the plate that it stands on crushing. Nothing holds
//! its weak side but rows of blocking.
//!
//! **Source.** NDS 2018 3.7.1, 15.3.3 and 3.10.2, from memory. le/d up to 75 during construction: NDS 3.7.1.4, from memory.
//!
//! **Assumptions and limits.** Dry, K_e 1, without the wall's own weight; studs stand over one another's spacing and under the joists. A stud
//! takes its spacing of the wall that is loaded most. What lifts loads no stud. The column takes the combination with the largest ratio: slender
//! studs feel no load duration. The plate runs on, and is as wide as the stud is deep.
//!
//! **Worked example.** 91 lb/ft dead, 303 lb/ft live, bare 2x4 SPF Stud of 92 5/8 in. at 16 in.: 525 lb on a column with le/d 61.8 that
//! carries 485 lb: it fails at 1.08; on the plate 525 / 5.25 = 100 psi of 531.

use crate::codes::question::{Bearing, BearingPlace, BuiltUpColumn};
use crate::codes::{Combination, CombinationIndex, DesignCode, PlateEnd, Service, Topic};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{Family, JackLumber};
use crate::measure::{Length, LineLoad, Stress};
use crate::say;
use crate::working::{Clause, Pen, Silent, Unit};

/// How slender a column may be while it stands during construction.
pub const MOST_SLENDER: f64 = 75.0;
/// Pieces that are nailed to one another at the most.
pub const MOST_PLIES: u8 = 5;

/// The studs of temporary walls.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct TemporaryStud {
    /// What they are cut from.
    pub lumber: JackLumber,
    /// How many are nailed to one another.
    pub plies: u8,
    /// How long they are.
    pub length: Length,
    /// How far apart they stand.
    pub spacing: Length,
    /// Rows of blocking between them.
    pub rows: u8,
    /// Fc⊥ of their plates.
    pub plate: Stress,
}

/// How hard the studs of temporary walls work.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WallWorks {
    /// As a column, and in which combination the hardest.
    pub column: (f64, CombinationIndex),
    /// On the plate.
    pub plate: f64,
}

impl WallWorks {
    /// Whether the column works harder than the plate.
    pub fn is_by_column(&self) -> bool {
        self.plate <= self.column.0
    }

    /// Whether both are met.
    pub fn carries(&self) -> bool {
        self.column.0 <= 1.0 && self.plate <= 1.0
    }
}

/// Why studs have no number.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum NoColumn {
    /// le/d is over what stands even during construction.
    TooSlender(f64),
    /// The tables have no values for such lumber.
    NoValues,
}

impl TemporaryStud {
    /// le/d of the side that is the more slender.
    pub fn slenderness(&self) -> f64 {
        let size = self.lumber.size();
        let across = size.actual_thickness().to_inches() * f64::from(self.plies.clamp(1, MOST_PLIES));
        let strong = self.length.to_inches() / size.actual_depth().to_inches();
        strong.max(self.held_every() / across)
    }

    /// How far apart blocking holds the weak side, in.
    fn held_every(&self) -> f64 {
        self.length.to_inches() / f64::from(self.rows + 1)
    }

    /// What one of them carries as a column, lb.
    fn carries<P: Pen>(&self, pen: &mut P, code: DesignCode, duration: f64) -> Option<P::Number> {
        let size = self.lumber.size();
        let column = BuiltUpColumn {
            lumber: self.lumber,
            studs: self.plies,
            thickness: size.actual_thickness().to_inches(),
            depth: size.actual_depth().to_inches(),
            length: self.length.to_inches(),
            held_every: self.held_every(),
            most_slender: MOST_SLENDER,
            service: Service::Dry,
        };
        code.built_up_column(pen, &column, duration)
    }

    /// How hard they work under what temporary walls take.
    ///
    /// # Errors
    /// [`NoColumn`].
    pub fn works(&self, code: DesignCode, walls: &[ByKind<LineLoad>]) -> Result<WallWorks, NoColumn> {
        let slenderness = self.slenderness();
        if MOST_SLENDER < slenderness {
            return Err(NoColumn::TooSlender(slenderness));
        }
        let combinations = applying(code, walls);
        let column = combinations.iter().map(|combination| {
            let capacity = self.carries(&mut Silent, code, combination.duration).ok_or(NoColumn::NoValues)?;
            Ok((self.on_one(combination, walls) / capacity, combination.index))
        });
        let column = column.collect::<Result<Vec<_>, NoColumn>>()?;
        let hardest = column.into_iter().max_by(|a, b| a.0.total_cmp(&b.0)).ok_or(NoColumn::NoValues)?;
        let most = self.most_on_one(&combinations, walls);
        Ok(WallWorks { column: hardest, plate: self.plate_under(&mut Silent, code, most) })
    }

    /// The working of the combination in which it works hardest as a column, and of its plate under the most that comes on it.
    pub fn working<P: Pen>(&self, pen: &mut P, code: DesignCode, walls: &[ByKind<LineLoad>]) {
        let Ok(works) = self.works(code, walls) else { return };
        let combinations = applying(code, walls);
        let Some(hardest) = combinations.iter().find(|each| each.index == works.column.1) else { return };
        pen.note(|| say!("note-studs-under", studs = self.plies, combination = hardest.index.phrase()));
        let total = |wall: &ByKind<LineLoad>| hardest.total(&wall.map(|load| load.to_plf()));
        let line = walls.iter().map(total).fold(0.0, f64::max);
        let on_one = pen.given("w", line) * pen.given("s", self.spacing.to_feet());
        let on_one = pen.step("step-on-one-stud", "P", Unit::Pounds, Clause::STATICS, on_one);
        if let Some(carries) = self.carries(pen, code, hardest.duration) {
            let ratio = on_one / carries;
            pen.step("step-how-hard-they-work", "⟨symbol-ratio⟩", Unit::None, code.clause(Topic::BuiltUpColumn), ratio);
        }
        let most = self.most_on_one(&combinations, walls);
        self.plate_under(pen, code, most);
    }

    /// The most that comes on one of them, lb.
    fn most_on_one(&self, combinations: &[&Combination], walls: &[ByKind<LineLoad>]) -> f64 {
        combinations.iter().map(|combination| self.on_one(combination, walls)).fold(0.0, f64::max)
    }

    /// What comes on one of them in a combination, lb.
    fn on_one(&self, combination: &Combination, walls: &[ByKind<LineLoad>]) -> f64 {
        let total = |wall: &ByKind<LineLoad>| combination.total(&wall.map(|load| load.to_plf()));
        walls.iter().map(total).fold(0.0, f64::max) * self.spacing.to_feet()
    }

    fn plate_under<P: Pen>(&self, pen: &mut P, code: DesignCode, load: f64) -> f64 {
        let size = self.lumber.size();
        let asked = Bearing {
            symbol: "⟨symbol-fcperp-of-the-plate⟩",
            reference: self.plate,
            family: Family::Dimension,
            service: Service::Dry,
        };
        let length = size.actual_thickness().to_inches() * f64::from(self.plies);
        let place = BearingPlace { length, width: size.actual_depth().to_inches(), end: PlateEnd::Continuous };
        code.bearing(pen, &asked, load, &place).ratio()
    }
}

/// The combinations of what there is.
fn applying(code: DesignCode, walls: &[ByKind<LineLoad>]) -> Vec<&'static Combination> {
    let mut present = ByKind::<bool>::default();
    present[LoadKind::Dead] = true;
    for kind in LoadKind::ALL {
        present[kind] |= walls.iter().any(|wall| wall[kind] != LineLoad::ZERO);
    }
    code.strength().iter().filter(|combination| combination.applies_to(&present)).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, Species};

    fn stud(rows: u8, length: Length) -> TemporaryStud {
        let lumber = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
        TemporaryStud { lumber, plies: 1, length, spacing: Length::inches(16), rows, plate: Stress::psi(425.0) }
    }

    fn floor() -> [ByKind<LineLoad>; 1] {
        [ByKind::of([(LoadKind::Dead, LineLoad::plf(90.9474)), (LoadKind::FloorLive, LineLoad::plf(303.158))])]
    }

    #[test]
    fn worked_example() {
        let works = |rows| {
            stud(rows, Length::inches_and(92, 5, 8)).works(DesignCode::AllowableStress, &floor()).expect("a column")
        };
        assert!((works(0).column.0 - 1.084).abs() < 5e-4 && !works(0).carries(), "{:?}", works(0));
        assert!((works(0).plate - 0.1884).abs() < 5e-5);
        // A row of blocking halves the weak side.
        assert!((works(1).column.0 - 0.304).abs() < 5e-4 && works(1).carries(), "{:?}", works(1));
    }

    #[test]
    fn over_seventy_five_there_is_no_number() {
        let bare = |length| stud(0, length).works(DesignCode::AllowableStress, &floor());
        assert!(matches!(bare(Length::inches(118)), Err(NoColumn::TooSlender(slender)) if slender > 78.0));
        assert!(bare(Length::inches(112)).is_ok());
    }

    #[test]
    fn what_lifts_loads_no_stud() {
        let lifted = [ByKind::of([(LoadKind::Dead, LineLoad::plf(-100.0))])];
        let works = stud(1, Length::inches(93)).works(DesignCode::AllowableStress, &lifted).expect("a column");
        assert_eq!((works.column.0, works.plate), (0.0, 0.0));
    }
}
