//! # The header of a temporary wall
//!
//! **What it checks.** Two boards on edge over studs that stand farther apart than the joists: bending and shear, and the boards' cut ends crushing on the studs.
//! The same boards go across under joists that run along the wall, from a leg on one side to a leg on the other.
//!
//! **Source.** NDS 2018, from memory: the checks of a header ([`crate::sizing::header`]) and 3.10.2.
//!
//! **Assumptions and limits.** Cut over every stud, one span long, from middle to middle; joists hold its edge. How far it sags is not checked: it
//! stands for days. Dry, No. 2, of the studs' species.
//!
//! **Worked example.** Two SPF 2x8 over studs 4 ft apart under 394 lb/ft: M = 394 · 4² / 8 = 788 lb·ft.

use crate::codes::question::{Bearing, BearingPlace};
use crate::codes::{PlateEnd, Service};
use crate::loads::ByKind;
use crate::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, JackLumber, SawnSize};
use crate::measure::{Force, Length, LineLoad};
use crate::say;
use crate::sizing::beam::sheet::beam_entries;
use crate::sizing::beam::{BeamSpec, BeamStock, BeamSupport, HeldEdges, SizedBeam, Under, size_beam};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::problem::{Conventions, OpeningLoad};
use crate::statics::Joints;
use crate::working::{Entry, Ink, Pen, Silent};

/// Boards of a temporary header.
const PLIES: u8 = 2;
/// Studs under a header stand no nearer than this.
pub const NEAREST_STUDS: Length = Length::inches(12);
/// And no farther apart.
pub const FARTHEST_STUDS: Length = Length::feet(8);

/// The header of a temporary wall.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct TemporaryHeader {
    /// Two boards of this depth.
    pub depth: Depth,
    /// How far apart the studs under it stand.
    pub apart: Length,
}

/// What of a header stands on a stud.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum MeetsAStud {
    /// The cut ends of two spans.
    TwoSpans,
    /// One end, as of a board across on its leg.
    OneEnd,
}

/// A header under its load, over studs that are built up of so many plies.
#[derive(Clone, Debug, PartialEq)]
pub struct HeaderOverStuds {
    sized: SizedBeam,
    studs: JackLumber,
    stud_plies: u8,
    meets: MeetsAStud,
}

impl TemporaryHeader {
    /// What it is made of.
    pub fn boards(self, studs: JackLumber) -> HeaderSpec {
        let (species, size) = (studs.species, SawnSize::two_by(self.depth));
        HeaderSpec { board: HeaderBoard::Sawn { species, grade: Grade::Number2, size }, plies: PLIES }
    }

    /// One span of it under a load.
    ///
    /// # Errors
    /// [`OutsideLimits`] where there is no number.
    pub fn under(
        self,
        (studs, stud_plies): (JackLumber, u8),
        (span, meets): (Length, MeetsAStud),
        amount: ByKind<LineLoad>,
        conventions: Conventions,
    ) -> Result<HeaderOverStuds, OutsideLimits> {
        let support = |at| BeamSupport { at, under: Under::Post };
        let spec = BeamSpec {
            length: span,
            joints: Joints::AtEverySupport,
            supports: vec![support(Length::ZERO), support(span)],
            loads: vec![OpeningLoad::Line { amount, extent: None }],
            held: HeldEdges::Upper,
            chosen: Some(self.boards(studs)),
            conventions,
        };
        Ok(HeaderOverStuds { sized: size_beam(spec, BeamStock::ONLY_WHAT_IS_CHOSEN)?, studs, stud_plies, meets })
    }
}

impl HeaderOverStuds {
    /// How hard it works, as a beam and on its studs.
    pub fn ratio(&self) -> f64 {
        self.sized.strength_ratio().max(self.on_a_stud(&mut Silent))
    }

    /// What it presses a leg under its end with, lb by kind, its own weight with it.
    pub fn on_a_leg(&self) -> ByKind<Force> {
        self.sized.on_supports[0].by_kind
    }

    /// Crushing on a stud: what is cut there has no wood beside it that helps.
    fn on_a_stud<P: Pen>(&self, pen: &mut P) -> f64 {
        let beam = self.sized.goes_in().beam;
        let code = self.sized.spec.conventions.code;
        let Some(values) = code.values(beam.board) else { return f64::INFINITY };
        let size = self.studs.size();
        let asked =
            Bearing { symbol: "Fc⊥", reference: values.bearing, family: beam.board.family(), service: Service::Dry };
        let place = BearingPlace {
            length: size.actual_thickness().to_inches() * f64::from(self.stud_plies),
            width: size.actual_depth().min(beam.section().width).to_inches(),
            end: PlateEnd::Cut,
        };
        let ends = match self.meets {
            MeetsAStud::TwoSpans => 2.0,
            MeetsAStud::OneEnd => 1.0,
        };
        code.bearing(pen, &asked, self.sized.on_supports[0].largest * ends, &place).ratio()
    }

    /// The working.
    pub fn working(&self) -> Vec<Entry> {
        // What was sized has a sheet.
        let mut entries = beam_entries(&self.sized).unwrap_or_default();
        let mut ink = Ink::default();
        ink.note(|| match self.meets {
            MeetsAStud::TwoSpans => say!("note-header-on-a-stud", studs = self.stud_plies),
            MeetsAStud::OneEnd => say!("note-board-on-a-leg", studs = self.stud_plies),
        });
        self.on_a_stud(&mut ink);
        entries.extend(ink.into_entries());
        entries
    }
}
