//! Loads: what lifts, what was assumed, what stands in the field of the wall.

use super::super::super::field_studs::{FieldLoad, is_beyond_the_method};
use super::super::super::finding::Finding;
use super::super::super::member::PlatesMarked;
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::planned::Planned;
use crate::job::{KingWindBasis, WallFace};
use crate::loads::{
    Carried, Framing, Lifted, OpeningsAbove, RoofFraming, RoofOnWall, Standing, Tail, WallCarries, WindSpeed,
    roof_uplift,
};
use crate::measure::{End, Length};

/// Wind from which the roof's uplift is told, mph.
const UPLIFT_FROM: f64 = 115.0;
/// The overhang from which it is told in any wind.
const LONG_OVERHANG: Length = Length::feet(2);

/// What is found about the wall's loads.
pub(super) fn of_wall(planned: &Planned<'_>) -> Vec<Finding> {
    let mut findings: Vec<Finding> = planned.ground.down.lifted.iter().map(|lifted| lifts(*lifted)).collect();
    findings.extend(assumed(planned));
    findings.extend(planned.field_loads.iter().filter_map(|load| in_the_field(planned, load)));
    findings
}

fn lifts(lifted: Lifted) -> Finding {
    match lifted {
        Lifted::FarEnd(load) => Finding::FarEndLifted { plf: load.to_plf().ceil() as u32 },
        Lifted::ThisEnd(load) => Finding::JoistEndLifted { plf: load.to_plf().ceil() as u32 },
    }
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
        findings.push(Finding::SnowAssumed);
    }
    if said.wind == Standing::AssumedBefore && planned.wall.frame.face == WallFace::Outside {
        findings.push(Finding::WindAssumed);
    }
    if any(|framing| {
        matches!(framing, Framing::Floor(floor) if floor.tail == Tail::AssumedFree
        && floor.framing == crate::loads::FloorFraming::CantileveredPastThisWall)
    }) {
        findings.push(Finding::TailAssumed);
    }
    if any(|framing| matches!(framing, Framing::WallAbove(wall) if wall.openings == OpeningsAbove::AssumedNone)) {
        findings.push(Finding::OpeningsAboveAssumed);
    }
    let empty = |roof: &RoofOnWall| {
        let open = matches!(roof.framing, RoofFraming::RaftersFromLedger | RoofFraming::ParallelToWall);
        !open && roof.attic_live.to_psf() <= 0.0 && roof.ceiling_dead.to_psf() > 0.0
    };
    if items.iter().any(|item| matches!(&item.framing, Framing::Roof(roof) if empty(roof))) {
        findings.push(Finding::NobodyInAttic);
    }
    findings
}

/// A load in the field whose studs are too few, or that is beyond the method.
fn in_the_field(planned: &Planned<'_>, load: &FieldLoad) -> Option<Finding> {
    let pounds = load.largest.ceil() as u32;
    if is_beyond_the_method(load) {
        return Some(Finding::PointLoadTooLarge { at: load.at, pounds });
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
    short.then_some(Finding::PointLoadStuds { at: load.at, pounds, needed: load.needed, there })
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
    let pounds = (plf * sized.evaluation.design_span / 24.0).ceil() as u32;
    End::BOTH.map(|end| Finding::NetUplift { opening: plan.id, end, pounds }).to_vec()
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
