//! # Joists while a wall is gone
//!
//! **What it checks.** Where somebody said what the joists are, each piece over what it rests on meanwhile: bending and shear, its tails and a wall that
//! stands on it with it.
//!
//! **Source.** NDS 2018, from memory: the checks of a beam of the house ([`crate::sizing::beam`]). Repetitive members: 4.3.9, from memory: three or more, no
//! more than 24 in. apart.
//!
//! **Assumptions and limits.** Sound, dry, not notched or bored; the floor holds their upper edges, a ceiling or blocking the lower ones. How far they sag is not checked. What comes and goes
//! stands where it does most. Three of them that are near enough are reckoned as one beam of three plies under three times the load.
//!
//! **Worked example.** 2x10 SPF No. 2 at 16 in. over 9 1/2 ft with a tail of 2 1/2 ft under 50 psf: 66.7 lb/ft; in the span M = 66.7 · 9.5² / 8 · (1 − (2.5/9.5)²)² = 652 lb·ft.

use super::moment_between::{JoistPiece, JoistSection};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use crate::measure::{Force, Length, LineLoad};
use crate::say;
use crate::sizing::beam::sheet::beam_entries;
use crate::sizing::beam::{BeamSpec, BeamStock, BeamSupport, HeldEdges, SizedBeam, Under, size_beam};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::problem::{Conventions, OpeningLoad};
use crate::speech::{Phrase, distance};
use crate::statics::Joints;
use crate::working::Entry;

/// Joists stand no nearer than this.
pub const NEAREST_JOISTS: Length = Length::inches(6);
/// And no farther apart.
pub const FARTHEST_JOISTS: Length = Length::inches(48);
/// So near they are repetitive members.
const REPETITIVE: Length = Length::inches(24);
/// As many count as one.
const TOGETHER: u8 = 3;

/// What joists are.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Joists {
    /// Of which wood.
    pub species: Species,
    /// And grade.
    pub grade: Grade,
    /// How deep.
    pub depth: Depth,
    /// How far apart.
    pub spacing: Length,
}

/// A piece of joist as it works meanwhile.
#[derive(Clone, Debug, PartialEq)]
pub struct JoistWorks {
    sized: SizedBeam,
}

impl Joists {
    const fn board(self) -> HeaderBoard {
        HeaderBoard::Sawn { species: self.species, grade: self.grade, size: SawnSize::two_by(self.depth) }
    }

    /// What they are, in words.
    pub fn phrase(self) -> Phrase {
        say!("shore-joists", board = self.board().name(), spacing = distance(self.spacing))
    }

    /// How the piece works that works hardest: under so many psf, and a wall of so many lb/ft that stands on it at a place.
    ///
    /// # Errors
    /// [`OutsideLimits`] where there is no number.
    pub fn work(
        self,
        section: &JoistSection,
        psf: &ByKind<f64>,
        stands: Option<(Length, LineLoad)>,
        conventions: Conventions,
    ) -> Result<Option<JoistWorks>, OutsideLimits> {
        let rests = section.rests_meanwhile();
        let shared = |at: Length| rests.iter().filter(|(piece, _)| piece.from <= at && at <= piece.to).count().max(1);
        let mut hardest: Option<JoistWorks> = None;
        for (piece, on) in &rests {
            let wall = stands.filter(|(at, _)| piece.from <= *at && *at <= piece.to);
            let wall = wall.map(|(at, weight)| (at, weight * (1.0 / shared(at) as f64)));
            let works = JoistWorks {
                sized: size_beam(self.spec((piece, on), psf, wall, conventions), BeamStock::ONLY_WHAT_IS_CHOSEN)?,
            };
            hardest = hardest.into_iter().chain([works]).max_by(|a, b| a.ratio().total_cmp(&b.ratio()));
        }
        Ok(hardest)
    }

    fn spec(
        self,
        (piece, on): (&JoistPiece, &[Length]),
        psf: &ByKind<f64>,
        wall: Option<(Length, LineLoad)>,
        conventions: Conventions,
    ) -> BeamSpec {
        let plies = if self.spacing <= REPETITIVE { TOGETHER } else { 1 };
        let feet = self.spacing.to_feet() * f64::from(plies);
        let mut loads = vec![OpeningLoad::Line { amount: psf.map(|psf| LineLoad::plf(psf * feet)), extent: None }];
        loads.extend(wall.map(|(at, weight)| {
            let mut amount = ByKind::<Force>::default();
            amount[LoadKind::Dead] = Force::lbf(weight.to_plf() * feet);
            OpeningLoad::Point { amount, at: at - piece.from }
        }));
        BeamSpec {
            length: piece.to - piece.from,
            joints: Joints::None,
            supports: on.iter().map(|at| BeamSupport { at: *at - piece.from, under: Under::Post }).collect(),
            loads,
            held: HeldEdges::Both,
            chosen: Some(HeaderSpec { board: self.board(), plies }),
            // Their own weight is in the floor's.
            conventions: Conventions { self_weight: false, ..conventions },
        }
    }
}

impl JoistWorks {
    /// How hard it works, bent and sheared.
    pub fn ratio(&self) -> f64 {
        self.sized.strength_ratio()
    }

    /// The working.
    pub fn working(&self) -> Vec<Entry> {
        // What was sized has a sheet.
        beam_entries(&self.sized).unwrap_or_default()
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    /// Of a piece of 12 ft over 0 and 9.5 ft, its tail empty of what comes and goes where that is worse: the span's moment under dead load all along and live load
    /// in the span, M(x) = R·x − w·x²/2 with R = 53.33 · 9.5/2 + 13.33 · (9.5/2 − 2.5²/(2 · 9.5)).
    #[test]
    fn worked_example() {
        let joists = Joists {
            species: Species::SprucePineFir,
            grade: Grade::Number2,
            depth: Depth::Ten,
            spacing: Length::inches(16),
        };
        let inches = Length::inches;
        let section = JoistSection {
            pieces: vec![JoistPiece { from: inches(0), to: inches(144) }],
            supports: vec![inches(0), inches(144)],
            remove: Some(1),
            temporary: vec![inches(114)],
        };
        let psf = ByKind::of([(LoadKind::Dead, 10.0), (LoadKind::FloorLive, 40.0)]);
        let works = joists.work(&section, &psf, None, Conventions::default()).expect("a number").expect("a piece");
        let (dead, live) = (10.0 * 4.0 / 3.0, 40.0 * 4.0 / 3.0);
        let reaction = live * 9.5 / 2.0 + dead * (9.5 / 2.0 - 2.5 * 2.5 / (2.0 * 9.5));
        let moment: f64 = reaction * reaction / (2.0 * (dead + live));
        // SPF No. 2: 875 psi, C_F 1.1 for a 2x10, C_r 1.15; S = 21.39 in.³.
        let ratio = moment * 12.0 / 21.39 / (875.0 * 1.1 * 1.15);
        assert!((works.ratio() - ratio).abs() < 2e-3, "{} {ratio}", works.ratio());
        // Farther apart they are not repetitive, and each takes more.
        let apart = Joists { spacing: inches(32), ..joists };
        let alone = apart.work(&section, &psf, None, Conventions::default()).expect("a number").expect("a piece");
        assert!((alone.ratio() / works.ratio() - 2.0 * 1.15).abs() < 1e-2, "{}", alone.ratio());
        // A wall at the end of the tail bends it over the temporary wall.
        let wall = Some((inches(144), LineLoad::plf(400.0)));
        let under = joists.work(&section, &psf, wall, Conventions::default()).expect("a number").expect("a piece");
        assert!(works.ratio() < under.ratio());
    }
}
