//! Lines and points of load on a wall, and the pen that the framing above it writes them with.

use super::kind::{ByKind, LoadKind};
use super::snow::SiteSnow;
use crate::measure::{Force, Length, LineLoad, Pressure};
use crate::working::{Clause, Number, Pen, Unit};

/// From where to where along the wall; `None` is all along.
pub type Extent = Option<(Length, Length)>;

/// Loads of the place.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct SiteLoads {
    /// Snow.
    pub snow: SiteSnow,
    /// Roof live load.
    pub roof_live: Pressure,
}

/// One line of the take-down.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct LoadLine {
    /// What brings it.
    pub source: &'static str,
    /// Kind of load.
    pub kind: LoadKind,
    /// Pressure on the area, and the width of that area that leans on the wall; `None` where it is not a width.
    pub area: Option<(Pressure, Length)>,
    /// Load on the wall where it starts.
    pub at_start: LineLoad,
    /// Load on the wall where it ends: another than at the start under a gable.
    pub at_end: LineLoad,
    /// From where to where.
    pub extent: Extent,
    /// Distance between the trusses or rafters that bring it; `None` where it comes evenly.
    pub bay: Option<Length>,
}

/// A load at one place of the wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct LoadPoint {
    /// What brings it.
    pub source: &'static str,
    /// Where, from the wall's left end.
    pub at: Length,
    /// How much.
    pub amount: ByKind<Force>,
}

/// Everything that comes down on a wall.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct TakeDown {
    /// Line by line.
    pub lines: Vec<LoadLine>,
    /// Posts.
    pub points: Vec<LoadPoint>,
    /// Ends of joists that are lifted, and with how much.
    pub lifted: Vec<Lifted>,
}

/// An end of joists that is lifted, lb/ft.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Lifted {
    /// The far end of a floor with a tail.
    FarEnd(LineLoad),
    /// The end on this wall of joists that run through over the next support.
    ThisEnd(LineLoad),
}

impl TakeDown {
    /// The load at a place, by kind.
    pub fn at(&self, place: Length) -> ByKind<LineLoad> {
        let mut sum = ByKind::default();
        for line in &self.lines {
            let amount = line.at(place);
            let there = sum.get_mut(line.kind);
            *there = *there + amount;
        }
        sum
    }

    /// Stretches of the wall within which the same lines act, from left to right.
    pub fn stretches(&self, wall_length: Length) -> Vec<(Length, Length)> {
        let inside = |place: &Length| Length::ZERO < *place && *place < wall_length;
        let mut edges: Vec<Length> =
            self.lines.iter().filter_map(|line| line.extent).flat_map(|(a, b)| [a, b]).collect();
        edges.retain(inside);
        edges.extend([Length::ZERO, wall_length]);
        edges.sort_unstable();
        edges.dedup();
        edges.windows(2).map(|pair| (pair[0], pair[1])).collect()
    }
}

impl LoadLine {
    /// The load at a place.
    pub fn at(&self, place: Length) -> LineLoad {
        match self.extent {
            None => self.at_start,
            Some((from, to)) if from <= place && place < to => self.at_along(place, (from, to)),
            Some(_) => LineLoad::ZERO,
        }
    }

    /// Whether it is the same all along its stretch.
    pub fn is_even(&self) -> bool {
        (self.at_start.to_plf() - self.at_end.to_plf()).abs() < 1e-9
    }

    /// The load at a place of the stretch it runs along, both ends counted.
    pub(super) fn at_along(&self, place: Length, (from, to): (Length, Length)) -> LineLoad {
        let part = (place - from).to_inches() / (to - from).to_inches();
        self.at_start + (self.at_end - self.at_start) * part
    }
}

/// Writes the take-down with a pen.
pub(super) struct Writer<'a, P> {
    pub(super) pen: &'a mut P,
    pub(super) down: TakeDown,
    /// Distance between the trusses or rafters that are written; `None` for what comes evenly.
    pub(super) bay: Option<Length>,
    /// How many times what is written presses the wall, because it stands on a tail.
    pub(super) lever: Option<f64>,
}

impl<P: Pen> Writer<'_, P> {
    /// A pressure on a width of area that leans on the wall.
    pub(super) fn spread(
        &mut self,
        source: &'static str,
        kind: LoadKind,
        pressure: Pressure,
        tributary: Length,
        extent: Extent,
    ) {
        if pressure.to_psf() <= 0.0 || tributary <= Length::ZERO {
            return;
        }
        let amount = self.pen.given("⟨symbol-pressure⟩", pressure.to_psf())
            * self.pen.given("⟨symbol-width⟩", tributary.to_feet());
        let amount = self.pen.step(source, kind.symbol(), Unit::PoundsPerFoot, Clause::STATICS, amount);
        let amount = LineLoad::plf(amount.value());
        self.line(source, kind, Some((pressure, tributary)), amount, amount, extent);
    }

    /// A load along the wall that has been worked out.
    pub(super) fn line(
        &mut self,
        source: &'static str,
        kind: LoadKind,
        area: Option<(Pressure, Length)>,
        at_start: LineLoad,
        at_end: LineLoad,
        extent: Extent,
    ) {
        let (at_start, at_end) = match self.lever {
            Some(lever) => {
                let plf = self.pen.given(kind.symbol(), at_start.to_plf().max(at_end.to_plf()));
                let levered = plf * self.pen.given("⟨symbol-1-tail-span⟩", lever);
                let what = "step-standing-on-the-end-of-the-tail";
                self.pen.step(what, kind.symbol(), Unit::PoundsPerFoot, Clause::STATICS, levered);
                (at_start * lever, at_end * lever)
            }
            None => (at_start, at_end),
        };
        self.down.lines.push(LoadLine { source, kind, area, at_start, at_end, extent, bay: self.bay });
    }
}
