//! # Take-down: from framing to pounds per foot of wall
//!
//! **What it does.** Turns what the user describes (roofs, floors, walls above, posts of a ridge beam), all along the wall
//! or along part of it, into lines of load by kind. Nothing is ever typed as a lumped total.
//!
//! **Source.** Statics; each kind of framing names its own source in its file.
//!
//! **Assumptions and limits.** Snow drifting from a higher roof, ice and hips have no number here, nor more than two floors
//! over the wall's own storey.
//!
//! **Worked example.** Wall above 8 ft at 12 psf: 96 lb/ft. Gable 24 ft wide, 6 in 12, 10 psf: from 0 at its foot to
//! 10 · 6 = 60 lb/ft under the peak.

use super::floor::{FloorOnWall, FloorUse, floor_lines};
use super::kind::{ByKind, LoadKind};
use super::roof::{RidgePost, RoofOnWall, SnowTrouble, ridge_post, roof_lines};
use super::snow::SiteSnow;
use crate::measure::{Force, Length, LineLoad, Pressure};
use crate::working::{Clause, Entry, Ink, Number, Pen, Silent, Unit};

/// What a wall carries.
#[derive(Clone, Debug, Default, PartialEq)]
pub enum WallCarries {
    /// A partition: nothing but itself.
    #[default]
    Nothing,
    /// Framing lands on it, each along the whole wall or part of it.
    Framing(Vec<Carried>),
}

/// Something that lands on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Carried {
    /// What.
    pub framing: Framing,
    /// From where to where along the wall; `None` is all along. A ridge post has its own place.
    pub extent: Extent,
}

/// From where to where along the wall; `None` is all along.
pub type Extent = Option<(Length, Length)>;

/// Framing that lands on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Framing {
    /// A roof.
    Roof(RoofOnWall),
    /// A post under a ridge beam.
    RidgePost(RidgePost),
    /// A floor or deck.
    Floor(FloorOnWall),
    /// A wall.
    WallAbove(WallAbove),
    /// The triangle of a gable wall.
    Gable(GableAbove),
}

/// A wall standing on this one.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WallAbove {
    /// Its height.
    pub height: Length,
    /// Its dead load per face.
    pub dead: Pressure,
}

/// A gable triangle standing on this wall, its peak in the middle of its extent.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct GableAbove {
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Its dead load per face.
    pub dead: Pressure,
}

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
    /// Uplift at the far end of cantilevered joists, where people on the tail alone lift it.
    pub uplift_at_far_end: Option<LineLoad>,
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
            Some((from, to)) if from <= place && place < to => {
                let part = (place - from).to_inches() / (to - from).to_inches();
                self.at_start + (self.at_end - self.at_start) * part
            }
            Some(_) => LineLoad::ZERO,
        }
    }
}

/// Why there is no number for what is carried.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum CarriedLimit {
    /// Snow that drifts, ice, or a hip's unbalanced snow.
    Snow(SnowTrouble),
    /// More floors over the wall than three storeys have.
    TooManyStoreys,
}

/// Floors that may stand over a wall: the wall of the lowest of three storeys carries two.
const MOST_FLOORS: usize = 2;

/// What of the carried framing is outside the limits.
pub fn limits_of(carried: &[Carried]) -> Option<CarriedLimit> {
    let snow = carried.iter().find_map(|item| match item.framing {
        Framing::Roof(roof) if roof.snow_trouble != SnowTrouble::None => Some(CarriedLimit::Snow(roof.snow_trouble)),
        _ => None,
    });
    // Floors beside one another along the wall are one storey.
    let floors = |place: Length| {
        let here = |item: &&Carried| item.extent.is_none_or(|(from, to)| from <= place && place < to);
        let storey = |item: &&Carried| matches!(item.framing, Framing::Floor(floor) if floor.use_ != FloorUse::Deck);
        carried.iter().filter(here).filter(storey).count()
    };
    let places = carried.iter().map(|item| item.extent.map_or(Length::ZERO, |(from, _)| from));
    let most = places.map(floors).max().unwrap_or(0);
    snow.or((MOST_FLOORS < most).then_some(CarriedLimit::TooManyStoreys))
}

/// Takes the framing down to a wall of some length.
pub fn take_down(carried: &[Carried], site: &SiteLoads, wall_length: Length) -> TakeDown {
    write_take_down(&mut Silent, carried, site, wall_length)
}

/// The same with its working.
pub fn take_down_working(carried: &[Carried], site: &SiteLoads, wall_length: Length) -> Vec<Entry> {
    let mut ink = Ink::default();
    write_take_down(&mut ink, carried, site, wall_length);
    ink.into_entries()
}

/// Writes the take-down with a pen.
pub(super) struct Writer<'a, P> {
    pub(super) pen: &'a mut P,
    pub(super) down: TakeDown,
}

fn write_take_down<P: Pen>(pen: &mut P, carried: &[Carried], site: &SiteLoads, wall_length: Length) -> TakeDown {
    let mut writer = Writer { pen, down: TakeDown::default() };
    for item in carried {
        match &item.framing {
            Framing::Roof(roof) => roof_lines(&mut writer, roof, site, item.extent),
            Framing::RidgePost(post) => ridge_post(&mut writer, post, site),
            Framing::Floor(floor) => floor_lines(&mut writer, floor, item.extent),
            Framing::WallAbove(wall) => {
                writer.spread("wall above", LoadKind::Dead, wall.dead, wall.height, item.extent);
            }
            Framing::Gable(gable) => gable_lines(&mut writer, gable, item.extent, wall_length),
        }
    }
    writer.down
}

/// Two triangles, with the peak in the middle.
fn gable_lines<P: Pen>(writer: &mut Writer<'_, P>, gable: &GableAbove, extent: Extent, wall_length: Length) {
    let (from, to) = extent.unwrap_or((Length::ZERO, wall_length));
    let peak = from + (to - from).half();
    let pen = &mut *writer.pen;
    let height = pen.given("half the gable", (peak - from).to_feet()) * pen.given("rise", gable.rise_in_twelve)
        / P::Number::constant(12.0);
    let height = pen.step("height of the gable", "h", Unit::Feet, Clause::STATICS, height);
    let most = pen.given("pressure", gable.dead.to_psf()) * height;
    let most = pen.step("gable under its peak", "D", Unit::PoundsPerFoot, Clause::STATICS, most);
    let most = LineLoad::plf(most.value());
    writer.line("gable", LoadKind::Dead, None, LineLoad::ZERO, most, Some((from, peak)));
    writer.line("gable", LoadKind::Dead, None, most, LineLoad::ZERO, Some((peak, to)));
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
        let amount = self.pen.given("pressure", pressure.to_psf()) * self.pen.given("width", tributary.to_feet());
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
        self.down.lines.push(LoadLine { source, kind, area, at_start, at_end, extent });
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::floor::FloorFraming;
    use crate::loads::roof::RoofFraming;

    const WALL: Length = Length::feet(24);

    fn roof(framing: RoofFraming) -> RoofOnWall {
        RoofOnWall {
            framing,
            building_width: Length::feet(24),
            overhang: Length::feet(2),
            rise_in_twelve: 6.0,
            bay: Length::feet(2),
            roof_dead: Pressure::psf(10.0),
            ceiling_dead: Pressure::psf(5.0),
            attic_live: Pressure::ZERO,
            snow_trouble: SnowTrouble::None,
        }
    }

    fn floor(use_: FloorUse) -> FloorOnWall {
        FloorOnWall {
            use_,
            framing: FloorFraming::Simple,
            span_one_side: Length::feet(14),
            span_other_side: Length::feet(10),
            bay: Length::inches(16),
            dead: Pressure::psf(10.0),
            live: use_.live_load(),
        }
    }

    fn site(ground: f64) -> SiteLoads {
        SiteLoads { snow: SiteSnow::even(Pressure::psf(ground)), roof_live: Pressure::psf(20.0) }
    }

    const fn all_along(framing: Framing) -> Carried {
        Carried { framing, extent: None }
    }

    fn total(framing: Framing, ground: f64) -> ByKind<f64> {
        take_down(&[all_along(framing)], &site(ground), WALL).at(Length::feet(3)).map(LineLoad::to_plf)
    }

    fn near(got: ByKind<f64>, dead: f64, floor_live: f64, roof_live: f64, snow: f64) {
        let wanted = ByKind { dead, floor_live, roof_live, snow };
        for kind in LoadKind::ALL {
            assert!((got.get(kind) - wanted.get(kind)).abs() < 1e-9, "{kind:?}: {got:?}");
        }
    }

    #[test]
    fn trusses_load_the_outside_wall() {
        near(total(Framing::Roof(roof(RoofFraming::Trusses)), 40.0), 200.0, 0.0, 280.0, 392.0);
    }

    #[test]
    fn lapped_ceiling_joists_move_half_the_ceiling_to_the_middle_wall() {
        let with_attic = |framing| Framing::Roof(RoofOnWall { attic_live: Pressure::psf(20.0), ..roof(framing) });
        near(total(with_attic(RoofFraming::RaftersWithLappedCeilingJoists), 40.0), 170.0, 120.0, 280.0, 392.0);
        near(total(with_attic(RoofFraming::MiddleWallUnderLappedCeilingJoists), 40.0), 60.0, 240.0, 0.0, 0.0);
    }

    #[test]
    fn a_ridge_beam_takes_half_the_roof_to_its_posts() {
        // A quarter of 24 ft and the overhang stay on the wall: 8 ft.
        near(total(Framing::Roof(roof(RoofFraming::RaftersOnRidgeBeam)), 40.0), 140.0, 0.0, 160.0, 224.0);
        let post = RidgePost {
            at: Length::feet(9),
            building_width: Length::feet(24),
            rise_in_twelve: 6.0,
            span_one_side: Length::feet(12),
            span_other_side: Length::feet(8),
            roof_dead: Pressure::psf(10.0),
        };
        let down = take_down(&[all_along(Framing::RidgePost(post))], &site(40.0), WALL);
        // Half the building, 12 ft, times 10 ft of ridge: 120 ft².
        near(down.points[0].amount.map(Force::to_lbf), 1200.0, 0.0, 2400.0, 3360.0);
        assert_eq!(down.points[0].at, Length::feet(9));
    }

    #[test]
    fn framing_parallel_to_the_wall_brings_half_a_bay() {
        // Half of 2 ft and the overhang: 3 ft of roof, 1 ft of ceiling.
        near(total(Framing::Roof(roof(RoofFraming::ParallelToWall)), 40.0), 35.0, 0.0, 60.0, 84.0);
    }

    #[test]
    fn blown_snow_counts_where_it_presses_more() {
        let mut site = site(40.0);
        site.snow.unbalanced = true;
        let rafters = all_along(Framing::Roof(roof(RoofFraming::RaftersWithClearCeilingJoists)));
        let snow = take_down(&[rafters], &site, WALL).at(Length::ZERO).snow.to_plf();
        assert!((snow - 40.0 * 14.0 * 19.0 / 24.0).abs() < 1e-9, "{snow}");
    }

    #[test]
    fn a_floor_brings_half_of_each_side_and_a_wall_its_face() {
        let above = Framing::WallAbove(WallAbove { height: Length::feet(8), dead: Pressure::psf(12.0) });
        let carried = [all_along(Framing::Floor(floor(FloorUse::Living))), all_along(above)];
        near(take_down(&carried, &site(0.0), WALL).at(Length::ZERO).map(LineLoad::to_plf), 216.0, 480.0, 0.0, 0.0);
        assert_eq!(take_down_working(&carried, &site(0.0), WALL).len(), 3);
    }

    #[test]
    fn a_gable_peaks_in_the_middle() {
        let gable = Framing::Gable(GableAbove { rise_in_twelve: 6.0, dead: Pressure::psf(10.0) });
        let down = take_down(&[all_along(gable)], &site(0.0), WALL);
        let at = |feet| down.at(Length::feet(feet)).dead.to_plf();
        assert!((at(0)).abs() < 1e-9 && (at(6) - 30.0).abs() < 1e-9 && (at(12) - 60.0).abs() < 1e-9);
        assert!((at(18) - 30.0).abs() < 1e-9);
    }

    #[test]
    fn loads_stand_only_where_they_are_said_to() {
        let deck = Carried {
            framing: Framing::Floor(floor(FloorUse::Deck)),
            extent: Some((Length::feet(4), Length::feet(10))),
        };
        let down = take_down(&[deck, all_along(Framing::Roof(roof(RoofFraming::Trusses)))], &site(40.0), WALL);
        let live = |feet| down.at(Length::feet(feet)).floor_live.to_plf();
        assert!(live(3).abs() < 1e-9 && (live(5) - 480.0).abs() < 1e-9 && live(11).abs() < 1e-9);
        let feet: Vec<f64> = down.stretches(WALL).iter().map(|(from, _)| from.to_feet()).collect();
        assert_eq!(feet, [0.0, 4.0, 10.0]);
    }

    #[test]
    fn people_on_a_long_tail_lift_the_far_end() {
        let tail = |feet| {
            let floor = FloorOnWall {
                framing: FloorFraming::CantileveredPastThisWall,
                span_one_side: Length::feet(12),
                span_other_side: Length::feet(feet),
                ..floor(FloorUse::Deck)
            };
            take_down(&[all_along(Framing::Floor(floor))], &site(0.0), WALL).uplift_at_far_end
        };
        assert_eq!(tail(2), None);
        // 10·(144 − 64)/24 − 40·64/24 = 33.3 − 106.7.
        assert!((tail(8).expect("lifted").to_plf() - 73.33).abs() < 0.01);
    }

    #[test]
    fn what_has_no_number_is_named() {
        let drift = RoofOnWall { snow_trouble: SnowTrouble::Drift, ..roof(RoofFraming::Trusses) };
        assert_eq!(limits_of(&[all_along(Framing::Roof(drift))]), Some(CarriedLimit::Snow(SnowTrouble::Drift)));
        let storey = all_along(Framing::Floor(floor(FloorUse::Living)));
        let deck = all_along(Framing::Floor(floor(FloorUse::Deck)));
        assert_eq!(limits_of(&[storey, storey, deck]), None);
        assert_eq!(limits_of(&[storey, storey, storey]), Some(CarriedLimit::TooManyStoreys));
    }
}
