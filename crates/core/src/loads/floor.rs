//! # A floor or deck on a wall
//!
//! **What it does.** Dead and live load that joists bring to a wall: simple, continuous over it or ending on it, cantilevered
//! past it, or parallel to it.
//!
//! **Source.** Statics of one and two spans (three-moment equation); live loads IRC 2021 Table R301.5; partial loading
//! ASCE 7-16 4.3.3; decks under the open sky carry live load or ground snow, IRC 2021 R301.6, R507. From memory.
//!
//! **Assumptions and limits.** Even joists; supports that do not sink. Where joists run on over another support, live load
//! is taken on the span that presses this wall the most, so an end takes 7/16 of live load and 3/8 of dead load.
//!
//! **Worked example.** Two spans of 12 ft, 10 D + 40 L, continuous: the middle wall gets 1.25 · 12 = 15 ft of floor, 150 D
//! and 600 L; the outer wall 3/8 · 12 = 4.5 ft of D and 7/16 · 12 = 5.25 ft of L.

use super::kind::{ByKind, LoadKind};
use super::lines::{Extent, Lifted, SiteLoads, Writer};
use crate::measure::{Length, LineLoad, Pressure};
use crate::working::{Clause, Number, Pen, Unit};

/// How the joists bear on the wall.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum FloorFraming {
    /// They end on it, from one side or both.
    #[default]
    Simple,
    /// They run through over it, a span on each side.
    ContinuousOverThisWall,
    /// They end on it and run through over the next support.
    ContinuousEndingHere,
    /// They run past it and end free.
    CantileveredPastThisWall,
    /// They run along it: half a joist bay leans on it.
    ParallelToWall,
}

/// What the floor is for. The live load is typed; this names it.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum FloorUse {
    /// Rooms other than sleeping rooms, 40 psf.
    #[default]
    Living,
    /// Sleeping rooms, 30 psf.
    Sleeping,
    /// Attic with storage, 20 psf.
    AtticWithStorage,
    /// Attic without storage, 10 psf.
    AtticWithoutStorage,
    /// Deck or balcony, 40 psf or what the user raises it to.
    Deck,
}

impl FloorUse {
    /// The model code's live load.
    pub const fn live_load(self) -> Pressure {
        match self {
            Self::Living | Self::Deck => Pressure::psf(40.0),
            Self::Sleeping => Pressure::psf(30.0),
            Self::AtticWithStorage => Pressure::psf(20.0),
            Self::AtticWithoutStorage => Pressure::psf(10.0),
        }
    }

    /// What it is called in the take-down.
    pub const fn name(self) -> &'static str {
        match self {
            Self::Living => "load-floor",
            Self::Sleeping => "load-floor-sleeping",
            Self::AtticWithStorage | Self::AtticWithoutStorage => "load-attic-floor",
            Self::Deck => "load-deck",
        }
    }
}

/// A floor on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct FloorOnWall {
    /// What it is for.
    pub use_: FloorUse,
    /// How its joists bear.
    pub framing: FloorFraming,
    /// Joist span on one side of the wall.
    pub span_one_side: Length,
    /// Joist span on the other side, or of the next span; zero for an outside wall. For a cantilever, the tail.
    pub span_other_side: Length,
    /// Distance between joists; counts where they are parallel to the wall.
    pub bay: Length,
    /// Floor dead load.
    pub dead: Pressure,
    /// Floor live load.
    pub live: Pressure,
    /// A deck with a roof over it, on which no snow lies.
    pub roofed: bool,
    /// Whether anything stands on its tail, where it runs past the wall.
    pub tail: Tail,
    /// Somebody said that no wall stands on it and the roof lands on this wall itself.
    pub no_wall_above: bool,
}

/// What stands on the tail of a floor that runs past the wall.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Tail {
    /// Nobody said.
    #[default]
    NotSaid,
    /// Nothing, assumed before anybody was asked.
    AssumedFree,
    /// Nothing.
    Free,
    /// A wall or a roof at its end: what of the wall's loads, each says itself.
    Loaded,
}

impl FloorOnWall {
    /// A floor of rooms whose joists end on the wall from one side, everything else as is usual: 16 in. apart, 10 and 40 psf.
    pub const fn usual(span: Length) -> Self {
        Self {
            use_: FloorUse::Living,
            framing: FloorFraming::Simple,
            span_one_side: span,
            span_other_side: Length::ZERO,
            bay: Length::inches(16),
            dead: Pressure::psf(10.0),
            live: Pressure::psf(40.0),
            roofed: false,
            tail: Tail::NotSaid,
            no_wall_above: false,
        }
    }

    /// Whether snow lies on it: a deck under the open sky.
    pub fn carries_snow(&self) -> bool {
        self.use_ == FloorUse::Deck && !self.roofed
    }

    /// How many times what stands on the end of its tail presses the wall; `None` where it has none.
    pub(super) fn lever(&self) -> Option<f64> {
        let cantilevered = self.framing == FloorFraming::CantileveredPastThisWall;
        cantilevered.then(|| 1.0 + self.span_other_side.to_feet() / self.span_one_side.to_feet())
    }
}

pub(super) fn floor_lines<P: Pen>(writer: &mut Writer<'_, P>, floor: &FloorOnWall, site: &SiteLoads, extent: Extent) {
    let live = if floor.carries_snow() { LoadKind::DeckLive } else { LoadKind::FloorLive };
    let snow = site.snow.ground_at_allowable_level().filter(|_| floor.carries_snow()).unwrap_or(Pressure::ZERO);
    for (kind, pressure) in [(LoadKind::Dead, floor.dead), (live, floor.live), (LoadKind::DeckSnow, snow)] {
        if pressure.to_psf() <= 0.0 {
            continue;
        }
        let width = width_on_wall(writer.pen, floor, kind);
        let source = if kind == LoadKind::DeckSnow { "load-snow-on-the-deck" } else { floor.use_.name() };
        writer.spread(source, kind, pressure, width, extent);
    }
    if floor.framing == FloorFraming::ContinuousEndingHere {
        lifted_end(writer, floor, snow);
    }
}

/// Feet of floor that lean on the wall.
fn width_on_wall<P: Pen>(pen: &mut P, floor: &FloorOnWall, kind: LoadKind) -> Length {
    let (first, second) = (floor.span_one_side, floor.span_other_side);
    let exact = match floor.framing {
        FloorFraming::Simple => return (first + second).half(),
        FloorFraming::ParallelToWall => return floor.bay.half(),
        FloorFraming::ContinuousOverThisWall => middle_of_two(pen, first, second),
        FloorFraming::ContinuousEndingHere => end_of_two(pen, first, second, kind),
        FloorFraming::CantileveredPastThisWall => {
            let span = pen.given("⟨symbol-span⟩", first.to_feet());
            let all = span.clone() + pen.given("⟨symbol-tail⟩", second.to_feet());
            all.power(2.0) / span.times(2.0)
        }
    };
    let exact = pen.step("step-width-that-leans-on-the-wall", "⟨symbol-width⟩", Unit::Feet, Clause::STATICS, exact);
    Length::from_decimal_inches(exact.value() * 12.0)
}

/// (L₁ + L₂)/2 + (L₁³ + L₂³)/(8·L₁·L₂): 1.25·L for equal spans.
pub(super) fn middle_of_two<P: Pen>(pen: &mut P, first: Length, second: Length) -> P::Number {
    let (first, second) = (pen.given("L1", first.to_feet()), pen.given("L2", second.to_feet()));
    let simple = (first.clone() + second.clone()) / P::Number::constant(2.0);
    let cubes = first.clone().power(3.0) + second.clone().power(3.0);
    simple + cubes / (first * second).times(8.0)
}

/// L₁/2 less what the moment over the next support takes off: 3/8 for equal spans with both loaded, 7/16 with this one.
fn end_of_two<P: Pen>(pen: &mut P, first: Length, second: Length, kind: LoadKind) -> P::Number {
    let (first, second) = (pen.given("L1", first.to_feet()), pen.given("L2", second.to_feet()));
    let cubes = if kind == LoadKind::Dead {
        first.clone().power(3.0) + second.clone().power(3.0)
    } else {
        first.clone().power(3.0)
    };
    let taken_off = cubes / ((first.clone() + second) * first.clone()).times(8.0);
    first / P::Number::constant(2.0) - taken_off
}

/// Part of dead load that is counted on to hold down (ASCE 7-16 2.4, 0.6 D).
const HOLDS_DOWN: f64 = 0.6;

/// The far end of a cantilevered joist, with people or snow on the tail alone and what stands on its end.
pub(super) fn far_end<P: Pen>(writer: &mut Writer<'_, P>, floor: &FloorOnWall, on_tail: &ByKind<f64>) {
    let pen = &mut *writer.pen;
    let (span, tail) = (
        pen.given("⟨symbol-span⟩", floor.span_one_side.to_feet()),
        pen.given("⟨symbol-tail⟩", floor.span_other_side.to_feet()),
    );
    let holds = pen.given("D", floor.dead.to_psf()).times(HOLDS_DOWN) * span.clone() / P::Number::constant(2.0);
    let on_area = tail.clone().power(2.0) / span.clone().times(2.0);
    let at_end = tail / span;
    let lifting = |pen: &mut P, symbol: &str, psf: f64, plf: f64| {
        pen.given(symbol, psf) * on_area.clone() + pen.given("⟨symbol-at-its-end⟩", plf) * at_end.clone()
    };
    let dead = lifting(pen, "D", floor.dead.to_psf(), on_tail[LoadKind::Dead]);
    let people = lifting(pen, "L", floor.live.to_psf(), on_tail[LoadKind::FloorLive]);
    let (live, roof) = (people.value(), at_end.value());
    let snow = roof * (on_tail[LoadKind::Snow] + on_tail[LoadKind::DeckSnow]);
    let roof_live = roof * on_tail[LoadKind::RoofLive];
    let most = [live, snow, roof_live, 0.75 * (live + snow), 0.75 * (live + roof_live)].into_iter().fold(0.0, f64::max);
    let what = "step-reaction-at-the-joists-far-end-what-comes-and-goes-on-the-tail-only-0-6-d-holding";
    let reaction = holds - dead - pen.given("⟨symbol-largest-of-l-s-lr-and-0-75-of-two⟩", most);
    let reaction = pen.step(what, "R_far", Unit::PoundsPerFoot, Clause::STATICS, reaction).value();
    if reaction < 0.0 {
        writer.down.lifted.push(Lifted::FarEnd(LineLoad::plf(-reaction)));
    }
}

/// The end on this wall of joists that run through over the next support: a long next span lifts it.
fn lifted_end<P: Pen>(writer: &mut Writer<'_, P>, floor: &FloorOnWall, snow: Pressure) {
    let pen = &mut *writer.pen;
    let (first, second) =
        (pen.given("L1", floor.span_one_side.to_feet()), pen.given("L2", floor.span_other_side.to_feet()));
    let below = (first.clone() * (first.clone() + second.clone())).times(8.0);
    let own = first.clone() / P::Number::constant(2.0) - first.power(3.0) / below.clone();
    let takes_off = second.power(3.0) / below;
    let live = floor.live.to_psf().max(snow.to_psf());
    let holds = pen.given("D", floor.dead.to_psf()) * own.times(HOLDS_DOWN);
    let lifts = (pen.given("D", floor.dead.to_psf()) + pen.given("L", live)) * takes_off;
    let what = "step-reaction-of-the-joists-end-what-comes-and-goes-on-the-next-span-only-0-6-d-holding";
    let reaction = pen.step(what, "R_end", Unit::PoundsPerFoot, Clause::STATICS, holds - lifts).value();
    if reaction < 0.0 {
        writer.down.lifted.push(Lifted::ThisEnd(LineLoad::plf(-reaction)));
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::statics::{BeamLoad, ContinuousBeam};
    use crate::working::Silent;

    fn floor(framing: FloorFraming, first: i64, second: i64) -> FloorOnWall {
        FloorOnWall {
            use_: FloorUse::Living,
            framing,
            span_one_side: Length::feet(first),
            span_other_side: Length::feet(second),
            bay: Length::inches(16),
            dead: Pressure::psf(10.0),
            live: Pressure::psf(40.0),
            roofed: false,
            tail: Tail::Free,
            no_wall_above: false,
        }
    }

    fn width(framing: FloorFraming, first: i64, second: i64, kind: LoadKind) -> f64 {
        width_on_wall(&mut Silent, &floor(framing, first, second), kind).to_feet()
    }

    #[test]
    fn worked_example() {
        use FloorFraming::{ContinuousEndingHere, ContinuousOverThisWall};
        assert!((width(ContinuousOverThisWall, 12, 12, LoadKind::Dead) - 15.0).abs() < 1e-6);
        assert!((width(ContinuousEndingHere, 12, 12, LoadKind::Dead) - 4.5).abs() < 1e-6);
        assert!((width(ContinuousEndingHere, 12, 12, LoadKind::FloorLive) - 5.25).abs() < 1e-6);
    }

    #[test]
    fn joists_parallel_to_the_wall_bring_half_a_bay() {
        assert!((width(FloorFraming::ParallelToWall, 12, 0, LoadKind::Dead) - 8.0 / 12.0).abs() < 1e-6);
        assert!((width(FloorFraming::Simple, 14, 10, LoadKind::Dead) - 12.0).abs() < 1e-6);
    }

    #[test]
    fn the_beam_solver_says_the_same() {
        // By a second method: 1 lb/ft on two spans of 14 and 9 ft, and on a span of 12 with a tail of 3.
        let solve = |supports: &[f64], length: f64| {
            let loads = [BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: length }];
            ContinuousBeam::solve(length, supports, &loads).expect("stable").reactions().to_vec()
        };
        let two = solve(&[0.0, 14.0, 23.0], 23.0);
        assert!((width(FloorFraming::ContinuousOverThisWall, 14, 9, LoadKind::FloorLive) - two[1]).abs() < 1e-6);
        assert!((width(FloorFraming::ContinuousEndingHere, 14, 9, LoadKind::Dead) - two[0]).abs() < 1e-6);
        let tail = solve(&[0.0, 12.0], 15.0);
        assert!((width(FloorFraming::CantileveredPastThisWall, 12, 3, LoadKind::Dead) - tail[1]).abs() < 1e-6);
    }
}
