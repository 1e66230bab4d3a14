//! Loads: what lifts, what was assumed, what stands in the field of the wall.

use super::super::super::field_studs::{FieldLoad, is_beyond_the_method};
use super::super::super::member::PlatesMarked;
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::command::Command;
use crate::job::{KingWindBasis, Settings, WallFace};
use crate::loads::{
    Carried, FloorFraming, Framing, Lifted, OpeningsAbove, RoofFraming, RoofOnWall, Standing, Tail, WallCarries,
    WindSpeed, roof_uplift,
};
use crate::measure::{End, Force, Length, LineLoad, Pressure};
use crate::say;
use crate::sizing::limits::LARGEST_POINT_LOAD;
use crate::speech::distance;

/// The far end of a floor with a tail is lifted.
pub(super) static FAR_END_LIFTED: Rule = Rule::caution("far-end-lifted");
/// The end of joists on this wall is lifted by the next span.
pub(super) static JOIST_END_LIFTED: Rule = Rule::caution("joist-end-lifted");
/// Snow was assumed before anybody was asked.
pub(super) static SNOW_ASSUMED: Rule = Rule::caution("snow-assumed");
/// Wind was assumed before anybody was asked.
pub(super) static WIND_ASSUMED: Rule = Rule::caution("wind-assumed");
/// That nothing stands on a floor's tail was assumed.
pub(super) static TAIL_ASSUMED: Rule = Rule::caution("tail-assumed");
/// That a wall above has no openings was assumed.
pub(super) static OPENINGS_ABOVE_ASSUMED: Rule = Rule::caution("openings-above-assumed");
/// Nobody is counted in the attic over a ceiling.
pub(super) static NOBODY_IN_ATTIC: Rule = Rule::caution("nobody-in-attic");
/// A load in the field of the wall has fewer studs under it than carry it.
pub(super) static POINT_LOAD_STUDS: Rule = Rule::trouble("point-load-studs");
/// A load in the field of the wall is larger than is calculated.
pub(super) static POINT_LOAD_TOO_LARGE: Rule = Rule::trouble("point-load-too-large");
/// Wind lifts the roof over a pack.
pub(super) static NET_UPLIFT: Rule = Rule::caution("net-uplift");

/// Wind from which the roof's uplift is told, mph.
const UPLIFT_FROM: f64 = 115.0;
/// The overhang from which it is told in any wind.
const LONG_OVERHANG: Length = Length::feet(2);

/// What is found about the wall's loads.
pub(super) fn of_wall(planned: &Planned<'_>) -> Vec<Finding> {
    let mut findings: Vec<Finding> = planned.ground.landed.down.lifted.iter().map(|lifted| lifts(*lifted)).collect();
    findings.extend(assumed(planned));
    findings.extend(planned.field_loads.iter().filter_map(|load| in_the_field(planned, load)));
    findings
}

fn lifts(lifted: Lifted) -> Finding {
    match lifted {
        Lifted::FarEnd(load) => FAR_END_LIFTED.on_the_wall(say!("finding-far-end-lifted", load = whole(load))),
        Lifted::ThisEnd(load) => JOIST_END_LIFTED.on_the_wall(say!("finding-joist-end-lifted", load = whole(load))),
    }
    .way(say!("way-tie-down-by-the-drawings"))
}

/// To the next whole pound.
fn whole(load: LineLoad) -> LineLoad {
    LineLoad::plf(load.to_plf().ceil())
}

/// Figures that nobody said and that were filled in before anybody was asked, as far as this wall uses them.
fn assumed(planned: &Planned<'_>) -> Vec<Finding> {
    let said = planned.rules.settings.said;
    let items: &[Carried] = match &planned.wall.carries {
        WallCarries::Nothing => &[],
        WallCarries::Framing(items) => items,
    };
    let any = |of: fn(&Framing) -> bool| items.iter().any(|item| of(&item.framing));
    let mut findings = Vec::new();
    let under_the_sky = any(|framing| match framing {
        Framing::Roof(_) | Framing::RidgePost(_) => true,
        Framing::Floor(floor) => floor.carries_snow(),
        Framing::WallAbove(_) | Framing::Gable(_) => false,
    });
    if said.snow == Standing::AssumedBefore && under_the_sky {
        let settings = confirmed(planned, |settings| settings.said.snow = Standing::Said);
        findings
            .push(SNOW_ASSUMED.on_the_wall(say!("finding-snow-assumed")).way_by(say!("way-confirm-snow"), settings));
    }
    if said.wind == Standing::AssumedBefore && planned.wall.frame.face == WallFace::Outside {
        let settings = confirmed(planned, |settings| settings.said.wind = Standing::Said);
        findings
            .push(WIND_ASSUMED.on_the_wall(say!("finding-wind-assumed")).way_by(say!("way-confirm-wind"), settings));
    }
    let past = FloorFraming::CantileveredPastThisWall;
    if any(
        |framing| matches!(framing, Framing::Floor(floor) if floor.tail == Tail::AssumedFree && floor.framing == FloorFraming::CantileveredPastThisWall),
    ) {
        let free = carrying(planned, |framing| {
            if let Framing::Floor(floor) = framing
                && floor.tail == Tail::AssumedFree
                && floor.framing == past
            {
                floor.tail = Tail::Free;
            }
        });
        findings
            .push(TAIL_ASSUMED.on_the_wall(say!("finding-tail-assumed")).way_by(say!("way-confirm-free-tail"), free));
    }
    if any(|framing| matches!(framing, Framing::WallAbove(wall) if wall.openings == OpeningsAbove::AssumedNone)) {
        let none = carrying(planned, |framing| {
            if let Framing::WallAbove(wall) = framing
                && wall.openings == OpeningsAbove::AssumedNone
            {
                wall.openings = OpeningsAbove::None;
            }
        });
        let found = OPENINGS_ABOVE_ASSUMED.on_the_wall(say!("finding-openings-above-assumed"));
        findings.push(found.way_by(say!("way-confirm-no-openings-above"), none));
    }
    let empty = |roof: &RoofOnWall| {
        let open = matches!(roof.framing, RoofFraming::RaftersFromLedger | RoofFraming::ParallelToWall);
        !open && roof.attic_live.to_psf() <= 0.0 && roof.ceiling_dead.to_psf() > 0.0
    };
    if items.iter().any(|item| matches!(&item.framing, Framing::Roof(roof) if empty(roof))) {
        let usual = carrying(planned, |framing| {
            if let Framing::Roof(roof) = framing
                && empty(roof)
            {
                roof.attic_live = ATTIC_WITHOUT_STORAGE;
            }
        });
        let found = NOBODY_IN_ATTIC.on_the_wall(say!("finding-nobody-in-attic", usual = ATTIC_WITHOUT_STORAGE));
        findings.push(found.way_by(say!("way-usual-attic-load", usual = ATTIC_WITHOUT_STORAGE), usual));
    }
    findings
}

/// People in an attic without storage. Source: IRC 2021 Table R301.5, from memory.
const ATTIC_WITHOUT_STORAGE: Pressure = Pressure::psf(10.0);

/// The edit that changes the rules.
fn confirmed(planned: &Planned<'_>, change: impl FnOnce(&mut Settings)) -> Command {
    let mut settings = Box::new(planned.rules.settings.clone());
    change(&mut settings);
    Command::ChangeSettings { settings }
}

/// The edit that changes what the wall carries, item by item.
fn carrying(planned: &Planned<'_>, change: impl Fn(&mut Framing)) -> Command {
    let mut carries = planned.wall.carries.clone();
    if let WallCarries::Framing(items) = &mut carries {
        items.iter_mut().for_each(|item| change(&mut item.framing));
    }
    Command::ChangeCarries { wall: planned.wall.id, carries }
}

/// A load in the field whose studs are too few, or that is beyond the method.
fn in_the_field(planned: &Planned<'_>, load: &FieldLoad) -> Option<Finding> {
    let (at, force) = (distance(load.at), Force::lbf(load.largest.ceil()));
    if is_beyond_the_method(load) {
        let most = Force::lbf(LARGEST_POINT_LOAD);
        let found = POINT_LOAD_TOO_LARGE.on_the_wall(say!("finding-point-load-too-large", at, force, most));
        return Some(found.along(load.at).way(say!("way-show-it-to-an-engineer")));
    }
    let stud = planned.wall.frame.thickness();
    let reach = stud * i64::from(load.studs());
    let there = planned
        .members
        .iter()
        .filter(|member| member.role.stands() && member.opening.is_none() && member.meets == Some(PlatesMarked::Both))
        .filter(|member| load.at - reach <= member.rect.x && member.rect.right() <= load.at + reach)
        .count();
    let there = u8::try_from(there).unwrap_or(u8::MAX);
    let short = load.needed.is_none_or(|needed| there < needed);
    short.then(|| {
        let phrase = match load.needed {
            Some(needed) => say!("finding-point-load-studs", at, force, needed, there),
            None => say!("finding-point-load-studs-none", at, force, there),
        };
        let found = POINT_LOAD_STUDS.on_the_wall(phrase).along(load.at);
        let found = found.way(say!("way-move-from-the-load")).way(say!("way-harder-plates"));
        found.way(say!("way-post-by-the-drawings"))
    })
}

/// Wind that lifts the roof over an opening's packs: a caution in strong wind and under long overhangs.
pub(super) fn uplift(planned: &Planned<'_>, plan: &OpeningPlan) -> Vec<Finding> {
    let OpeningOutcome::Header(sized) = &plan.outcome else { return Vec::new() };
    let (KingWindBasis::Speed(speed), WallCarries::Framing(items)) =
        (planned.rules.settings.wind, &planned.wall.carries)
    else {
        return Vec::new();
    };
    if planned.wall.frame.face == WallFace::Inside || planned.rules.settings.said.wind == Standing::NotSaid {
        return Vec::new();
    }
    let here = items.iter().filter(|item| item.reaches(plan.left(), plan.right()));
    let plf: f64 = here
        .filter_map(|item| match &item.framing {
            Framing::Roof(roof) => Some(net_uplift(planned, &speed, roof)),
            _ => None,
        })
        .sum();
    if plf <= 0.0 {
        return Vec::new();
    }
    let force = Force::lbf((plf * sized.evaluation.design_span / 24.0).ceil());
    let found = |end: End| NET_UPLIFT.at(plan.id, say!("finding-net-uplift", end, force));
    End::BOTH.map(|end| found(end).way(say!("way-tie-down-by-the-drawings"))).to_vec()
}

/// 0.6 W − 0.6 D of a roof, lb/ft of wall; nothing in little wind under short overhangs.
fn net_uplift(planned: &Planned<'_>, speed: &WindSpeed, roof: &RoofOnWall) -> f64 {
    let told = UPLIFT_FROM < speed.miles_per_hour || LONG_OVERHANG < roof.overhang;
    if !told || roof.framing == RoofFraming::MiddleWallUnderLappedCeilingJoists {
        return 0.0;
    }
    let reach = match roof.framing {
        RoofFraming::RaftersFromLedger => roof.building_width.half() + roof.overhang,
        RoofFraming::RaftersOnRidgeBeam => roof.building_width.half().half() + roof.overhang,
        RoofFraming::ParallelToWall => roof.bay.half() + roof.overhang,
        _ => roof.building_width.half() + roof.overhang,
    };
    let lifts = roof_uplift(speed, planned.rules.settings.enclosure(), reach, roof.overhang);
    0.6 * lifts - 0.6 * roof.roof_dead.to_psf() * reach.to_feet()
}
