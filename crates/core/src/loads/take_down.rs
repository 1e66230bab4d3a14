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

use super::carried::{Carried, Framing, GableAbove, OpeningsAbove, WallAbove};
use super::floor::{FloorUse, far_end, floor_lines};
use super::kind::{ByKind, LoadKind};
use super::lines::{Extent, LoadLine, LoadPoint, SiteLoads, TakeDown, Writer};
use super::roof::{ridge_post, roof_lines};
use crate::measure::{Force, Length, LineLoad};
use crate::say;
use crate::speech::distance;
use crate::working::{Clause, Entry, Ink, Number, Pen, Silent, Unit};

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

fn write_take_down<P: Pen>(pen: &mut P, carried: &[Carried], site: &SiteLoads, wall_length: Length) -> TakeDown {
    let mut writer = Writer { pen, down: TakeDown::default(), bay: None, lever: None };
    let mut on_tail: ByKind<f64> = ByKind::default();
    for (index, item) in carried.iter().enumerate() {
        writer.lever = if item.on_tail { lever_under(carried, item) } else { None };
        let first = writer.down.lines.len();
        match &item.framing {
            Framing::Roof(roof) => roof_lines(&mut writer, roof, site, item.extent),
            Framing::RidgePost(post) => ridge_post(&mut writer, post, site),
            Framing::Floor(floor) => floor_lines(&mut writer, floor, site, item.extent),
            Framing::WallAbove(wall) => {
                writer.spread("load-wall-above", LoadKind::Dead, wall.dead, wall.height, item.extent);
            }
            Framing::Gable(gable) => gable_lines(&mut writer, gable, item.extent, wall_length),
        }
        if let Some(lever) = writer.lever.take() {
            for line in &writer.down.lines[first..] {
                *on_tail.get_mut(line.kind) += line.at_start.to_plf().max(line.at_end.to_plf()) / lever;
            }
        }
        for (from, to) in openings_over(carried, index) {
            gather_beside(&mut writer, first, (from, to), wall_length);
        }
    }
    for item in carried {
        if let Framing::Floor(floor) = &item.framing
            && floor.lever().is_some()
        {
            far_end(&mut writer, floor, &on_tail);
        }
    }
    writer.down
}

/// The lever of the floor whose tail an item stands on.
fn lever_under(carried: &[Carried], item: &Carried) -> Option<f64> {
    let together = |other: &&Carried| match item.extent {
        Some((from, to)) => other.reaches(from, to),
        None => true,
    };
    let levers = carried.iter().filter(together).filter_map(|other| match other.framing {
        Framing::Floor(floor) => floor.lever(),
        _ => None,
    });
    levers.reduce(f64::max)
}

/// The openings of walls above that an item comes down beside: it stands on those walls. The first floor lands on this wall
/// itself; roofs, gables and further floors on the wall above.
fn openings_over(carried: &[Carried], index: usize) -> Vec<(Length, Length)> {
    let is_storey = |item: &Carried| matches!(item.framing, Framing::Floor(floor) if floor.use_ != FloorUse::Deck);
    let stands_above = match carried[index].framing {
        Framing::Roof(_) | Framing::Gable(_) | Framing::WallAbove(_) => true,
        Framing::Floor(_) => is_storey(&carried[index]) && carried[..index].iter().any(is_storey),
        Framing::RidgePost(_) => false,
    };
    if !stands_above {
        return Vec::new();
    }
    let openings = carried.iter().filter_map(|item| match item.framing {
        Framing::WallAbove(WallAbove { openings: OpeningsAbove::At(places), .. }) => Some(places),
        _ => None,
    });
    openings.flat_map(|places| places.into_iter().flatten()).collect()
}

/// Moves what the lines from `first` on bring over an opening above to the packs beside it, half to each.
fn gather_beside<P: Pen>(writer: &mut Writer<'_, P>, first: usize, (from, to): (Length, Length), wall_length: Length) {
    let lines = writer.down.lines.split_off(first);
    let mut gathered: [ByKind<Force>; 2] = Default::default();
    for line in lines {
        let (start, end) = line.extent.unwrap_or((Length::ZERO, wall_length));
        let (low, high) = (start.max(from), end.min(to));
        if high <= low {
            writer.down.lines.push(line);
            continue;
        }
        let at = |place: Length| line.at_along(place, (start, end));
        let over = (at(low).to_plf() + at(high).to_plf()) / 2.0 * (high - low).to_feet();
        // By moments about the two faces of the opening above.
        let middle = low + (high - low).half();
        let rightward = ((middle - from).to_inches() / (to - from).to_inches()).clamp(0.0, 1.0);
        for (amount, part) in gathered.iter_mut().zip([1.0 - rightward, rightward]) {
            let amount = amount.get_mut(line.kind);
            *amount = *amount + Force::lbf(over * part);
        }
        let parts = [(start, low), (high, end)].into_iter().filter(|(from, to)| from < to);
        let part = |(from, to): (Length, Length)| LoadLine {
            at_start: at(from),
            at_end: at(to),
            extent: Some((from, to)),
            ..line
        };
        writer.down.lines.extend(parts.map(part));
    }
    for (place, amount) in [from, to].into_iter().zip(gathered) {
        if LoadKind::ALL.into_iter().any(|kind| amount.get(kind).to_lbf() > 0.0) {
            writer.pen.note(|| say!("note-pack-above", at = distance(place)));
            writer.down.points.push(LoadPoint { source: "load-pack-beside-an-opening-above", at: place, amount });
        }
    }
}

/// Two triangles, with the peak in the middle.
fn gable_lines<P: Pen>(writer: &mut Writer<'_, P>, gable: &GableAbove, extent: Extent, wall_length: Length) {
    let (from, to) = extent.unwrap_or((Length::ZERO, wall_length));
    let peak = from + (to - from).half();
    let pen = &mut *writer.pen;
    let height = pen.given("⟨symbol-half-the-gable⟩", (peak - from).to_feet())
        * pen.given("⟨symbol-rise⟩", gable.rise_in_twelve)
        / P::Number::constant(12.0);
    let height = pen.step("step-height-of-the-gable", "h", Unit::Feet, Clause::STATICS, height);
    let most = pen.given("⟨symbol-pressure⟩", gable.dead.to_psf()) * height;
    let most = pen.step("step-gable-under-its-peak", "D", Unit::PoundsPerFoot, Clause::STATICS, most);
    let most = LineLoad::plf(most.value());
    writer.line("load-gable", LoadKind::Dead, None, LineLoad::ZERO, most, Some((from, peak)));
    writer.line("load-gable", LoadKind::Dead, None, most, LineLoad::ZERO, Some((peak, to)));
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::{
        Asked, CarriedLimit, FloorFraming, FloorOnWall, Lifted, RidgePost, RoofFraming, RoofOnWall, SiteSnow,
        SnowTrouble, Tail, asked_of, limits_of,
    };
    use crate::measure::Pressure;

    const WALL: Length = Length::feet(24);

    fn roof(framing: RoofFraming) -> RoofOnWall {
        RoofOnWall { framing, ..RoofOnWall::usual(Length::feet(24)) }
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
            roofed: false,
            tail: Tail::Free,
            no_wall_above: false,
        }
    }

    fn site(ground: f64) -> SiteLoads {
        SiteLoads { snow: SiteSnow::even(Pressure::psf(ground)), roof_live: Pressure::psf(20.0) }
    }

    const fn all_along(framing: Framing) -> Carried {
        Carried { framing, extent: None, on_tail: false }
    }

    fn total(framing: Framing, ground: f64) -> ByKind<f64> {
        take_down(&[all_along(framing)], &site(ground), WALL).at(Length::feet(3)).map(LineLoad::to_plf)
    }

    fn near(got: ByKind<f64>, dead: f64, floor_live: f64, roof_live: f64, snow: f64) {
        let wanted = ByKind::of([
            (LoadKind::Dead, dead),
            (LoadKind::FloorLive, floor_live),
            (LoadKind::RoofLive, roof_live),
            (LoadKind::Snow, snow),
        ]);
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
        // 14² / 24 = 8.167 ft of roof stay on the wall, and 12 ft of ceiling.
        let share = 14.0 * 14.0 / 24.0;
        let on_wall = total(Framing::Roof(roof(RoofFraming::RaftersOnRidgeBeam)), 40.0);
        assert!(
            (on_wall[LoadKind::Dead] - (10.0 * share + 60.0)).abs() < 1e-5
                && (on_wall[LoadKind::Snow] - 28.0 * share).abs() < 1e-5
        );
        let post = RidgePost {
            at: Length::feet(9),
            building_width: Length::feet(24),
            rise_in_twelve: 6.0,
            span_one_side: Length::feet(12),
            span_other_side: Length::feet(8),
            roof_dead: Pressure::psf(10.0),
            runs_over: false,
            beam_weight: LineLoad::ZERO,
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
        let snow = take_down(&[rafters], &site, WALL).at(Length::ZERO)[LoadKind::Snow].to_plf();
        assert!((snow - 40.0 * 14.0 * 19.0 / 24.0).abs() < 1e-9, "{snow}");
    }

    #[test]
    fn a_floor_brings_half_of_each_side_and_a_wall_its_face() {
        let above = Framing::WallAbove(WallAbove {
            height: Length::feet(8),
            dead: Pressure::psf(12.0),
            openings: OpeningsAbove::None,
            brick: false,
        });
        let carried = [all_along(Framing::Floor(floor(FloorUse::Living))), all_along(above)];
        near(take_down(&carried, &site(0.0), WALL).at(Length::ZERO).map(LineLoad::to_plf), 216.0, 480.0, 0.0, 0.0);
        assert_eq!(take_down_working(&carried, &site(0.0), WALL).len(), 3);
    }

    #[test]
    fn a_gable_peaks_in_the_middle() {
        let gable = Framing::Gable(GableAbove { rise_in_twelve: 6.0, dead: Pressure::psf(10.0) });
        let down = take_down(&[all_along(gable)], &site(0.0), WALL);
        let at = |feet| down.at(Length::feet(feet))[LoadKind::Dead].to_plf();
        assert!((at(0)).abs() < 1e-9 && (at(6) - 30.0).abs() < 1e-9 && (at(12) - 60.0).abs() < 1e-9);
        assert!((at(18) - 30.0).abs() < 1e-9);
    }

    #[test]
    fn loads_stand_only_where_they_are_said_to() {
        let deck = Carried {
            framing: Framing::Floor(floor(FloorUse::Deck)),
            extent: Some((Length::feet(4), Length::feet(10))),
            on_tail: false,
        };
        let down = take_down(&[deck, all_along(Framing::Roof(roof(RoofFraming::Trusses)))], &site(40.0), WALL);
        let live = |feet| down.at(Length::feet(feet))[LoadKind::DeckLive].to_plf();
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
            take_down(&[all_along(Framing::Floor(floor))], &site(0.0), WALL).lifted
        };
        assert_eq!(tail(2), []);
        // 0.6·10·12/2 − 10·64/24 − 40·64/24 = 36 − 26.7 − 106.7.
        let [Lifted::FarEnd(lifted)] = tail(8)[..] else { panic!("lifted") };
        assert!((lifted.to_plf() - 97.33).abs() < 0.01, "{lifted:?}");
    }

    #[test]
    fn a_wall_and_a_roof_on_a_tail_are_levered() {
        // Worked independently: joists 12 ft + 2 ft, 10 D 40 L; on the tail's end a wall of 8 ft at 12 and trusses 28 ft, roof 10,
        // ceiling 5, 30 psf, 6 in 12: D (230 + 96) · 1.167 + 81.7 = 462.0; S 344.3 · 1.167 = 401.7; L 326.7.
        let floor = FloorOnWall {
            framing: FloorFraming::CantileveredPastThisWall,
            span_one_side: Length::feet(12),
            span_other_side: Length::feet(2),
            tail: Tail::Loaded,
            ..floor(FloorUse::Living)
        };
        let wall = WallAbove {
            height: Length::feet(8),
            dead: Pressure::psf(12.0),
            openings: OpeningsAbove::None,
            brick: false,
        };
        let trusses = RoofOnWall { building_width: Length::feet(28), ..roof(RoofFraming::Trusses) };
        let on_tail = |framing| Carried { framing, extent: None, on_tail: true };
        let carried =
            [all_along(Framing::Floor(floor)), on_tail(Framing::WallAbove(wall)), on_tail(Framing::Roof(trusses))];
        let mut site = site(30.0);
        site.snow.unbalanced = true;
        let down = take_down(&carried, &site, WALL);
        let got = down.at(Length::feet(3)).map(LineLoad::to_plf);
        assert!((got[LoadKind::Dead] / 462.0 - 1.0).abs() < 0.001, "{got:?}");
        assert!(
            (got[LoadKind::Snow] / 401.7 - 1.0).abs() < 0.005 && (got[LoadKind::FloorLive] / 326.7 - 1.0).abs() < 0.001,
            "{got:?}"
        );
        // 36 − 1.67 − 326/6 − 344.3/6 …: the far end is lifted.
        assert!(matches!(down.lifted[..], [Lifted::FarEnd(lifted)] if lifted.to_plf() > 60.0), "{:?}", down.lifted);
        assert_eq!(asked_of(&carried, &site, true, (Length::ZERO, WALL)), []);
    }

    #[test]
    fn an_end_of_joists_that_a_long_next_span_lifts_is_reported() {
        let floor = FloorOnWall {
            framing: FloorFraming::ContinuousEndingHere,
            span_one_side: Length::feet(4),
            span_other_side: Length::feet(16),
            ..floor(FloorUse::Living)
        };
        let down = take_down(&[all_along(Framing::Floor(floor))], &site(0.0), WALL);
        // 4/2 − 4²/(8·20) = 1.9 ft hold with 0.6·10; 16³/(8·4·20) = 6.4 ft lift with 10 + 40.
        let [Lifted::ThisEnd(lifted)] = down.lifted[..] else { panic!("{:?}", down.lifted) };
        assert!((lifted.to_plf() - (6.4 * 50.0 - 1.9 * 6.0)).abs() < 1e-6, "{lifted:?}");
    }

    #[test]
    fn what_stands_over_an_opening_above_comes_down_beside_it() {
        // A window of 8 ft over the right half of a 6 ft header and past it: at the middle of the header 48·w in one place.
        let places = [Some((Length::feet(7), Length::feet(15))), None, None, None, None, None];
        let wall = WallAbove {
            height: Length::feet(8),
            dead: Pressure::psf(12.0),
            openings: OpeningsAbove::At(places),
            brick: false,
        };
        let carried = [all_along(Framing::WallAbove(wall)), all_along(Framing::Roof(roof(RoofFraming::Trusses)))];
        let down = take_down(&carried, &site(40.0), WALL);
        let at = |feet| down.at(Length::feet(feet))[LoadKind::Dead].to_plf();
        assert!((at(6) - 296.0).abs() < 1e-9 && at(8).abs() < 1e-9 && (at(16) - 296.0).abs() < 1e-9);
        let left: f64 = down
            .points
            .iter()
            .filter(|point| point.at == Length::feet(7))
            .map(|point| point.amount[LoadKind::Dead].to_lbf())
            .sum();
        assert!((left - 296.0 * 4.0).abs() < 1e-6, "{left}");
    }

    #[test]
    fn what_nobody_said_is_asked_for_where_it_is_used() {
        let asked =
            |carried: &[Carried], said| asked_of(carried, &site(30.0), said, (Length::feet(2), Length::feet(6)));
        let living = all_along(Framing::Floor(floor(FloorUse::Living)));
        assert_eq!(asked(&[living], false), [], "a floor uses no snow");
        let trusses = all_along(Framing::Roof(roof(RoofFraming::Trusses)));
        assert_eq!(asked(&[trusses], false), [Asked::Snow]);
        assert_eq!(asked(&[Carried { extent: Some((Length::feet(10), Length::feet(12))), ..trusses }], false), []);
        assert_eq!(asked(&[living, trusses], true), [Asked::WallBetween]);
        let tail = FloorOnWall {
            framing: FloorFraming::CantileveredPastThisWall,
            tail: Tail::NotSaid,
            ..floor(FloorUse::Living)
        };
        assert_eq!(asked(&[all_along(Framing::Floor(tail))], true), [Asked::Tail]);
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
