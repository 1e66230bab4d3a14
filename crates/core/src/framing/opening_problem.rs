//! From an opening in a wall to the problem its header has to solve: loads moved to its left face, jacks from the wall's
//! studs, plate from its species, conventions from the job; or the limit that leaves it without a number.

use super::hole::Hole;
use super::king_count::wind_on;
use super::landed::Landed;
use super::layout::stud_positions;
use super::plates::{Stretch, sole_breaks};
use super::stack::{hangs, room_for_header};
use crate::codes::{DesignCode, PlateEnd, Service};
use crate::job::rough_opening::rough_opening;
use crate::job::{
    HeaderPlace, KingWindBasis, Opening, OpeningDesign, OpeningKind, Rules, RunDesign, SpecialCase, Underside, Wall,
    WallFace, WallFrame, bounds,
};
use crate::loads::{Answer, Asked, ByKind, Extent, Standing, WallCarries, asked_of, limits_of};
use crate::lumber::{Grade, SawnSize};
use crate::measure::{End, Ends, Force, Length, LineLoad, Stress};
use crate::sizing::jacks::shop_rule;
use crate::sizing::limits::{OutsideLimits, TALLEST_WALL};
use crate::sizing::problem::{
    Conventions, HeaderRun, JackLength, OpeningLoad, OpeningProblem, PackPlate, Post, SidewaysWind, SpacedFraming,
    TopEdge, TopEdgeWidth,
};
use crate::working::Silent;

/// How many studs beside an opening a pack may take at most, so far as loads near it are looked at.
const WIDEST_PACK: i64 = 24;

/// The pieces of sole plate between doorways and joints.
pub fn sole_pieces(rules: &Rules<'_>, wall: &Wall) -> Vec<Stretch> {
    let frame = &wall.frame;
    let (length, stud) = (frame.length, frame.thickness());
    let doors = wall.openings.iter().filter(|opening| opening.design.sill < stud).map(|opening| {
        let half = rough_opening(&opening.design, &rules.settings.rough).width.half();
        ((opening.design.center - half).max(Length::ZERO), (opening.design.center + half).min(length))
    });
    let mut doors: Vec<Stretch> = doors.collect();
    doors.sort_unstable();
    let studs: Vec<Stretch> = stud_positions(frame).into_iter().map(|x| (x, x + stud)).collect();
    let joints = sole_breaks(length, frame.framing.plate_stock, &studs, &doors);
    let mut edges: Vec<Stretch> = Vec::new();
    let mut from = Length::ZERO;
    let ends = doors.into_iter().chain(joints.into_iter().map(|at| (at, at)));
    let mut ends: Vec<Stretch> = ends.chain([(length, length)]).collect();
    ends.sort_unstable();
    for (left, right) in ends {
        if from < left {
            edges.push((from, left));
        }
        from = from.max(right);
    }
    edges
}

/// What of the opening, its wall or what the wall carries is outside the limits, or has yet to be said.
pub fn limit_of(
    rules: &Rules<'_>,
    wall: &Wall,
    landed: &Landed,
    opening: &Opening,
    rough_width: Length,
) -> Option<OutsideLimits> {
    let design = &opening.design;
    let special = match design.special {
        SpecialCase::Ordinary | SpecialCase::UnknownGrade => None,
        special => Some(OutsideLimits::Special { special }),
    };
    let meant = bounds::unit_size(design).err().map(|error| OutsideLimits::NotMeant { said: Box::new(error.phrase()) });
    let carried = match &wall.carries {
        WallCarries::Nothing => None,
        WallCarries::Framing(carried) => limits_of(carried),
    };
    let carried = carried.or_else(|| landed.house.and_then(|house| house.limit));
    let carried = carried.map(OutsideLimits::from);
    let windless = wall.frame.face == WallFace::Inside;
    let by_speed = matches!(rules.settings.wind, KingWindBasis::Speed(_));
    let hill = (!windless && by_speed && rules.settings.on_a_hill == Answer::Yes).then_some(OutsideLimits::OnAHill);
    let asked = asked(rules, wall, landed, design, rough_width);
    let asked = (!asked.is_empty()).then_some(OutsideLimits::NotSaid { asked });
    let unchecked =
        TALLEST_WALL < wall.frame.height() && !windless && rules.settings.wind == KingWindBasis::CodeTableOnly;
    let tall = unchecked.then_some(OutsideLimits::WallTooTall { height: wall.frame.height() });
    special.or(meant).or(carried).or(asked).or(hill).or(tall)
}

/// What the opening uses and nobody said.
fn asked(rules: &Rules<'_>, wall: &Wall, landed: &Landed, design: &OpeningDesign, rough_width: Length) -> Vec<Asked> {
    let said = &rules.settings.said;
    let mut asked = Vec::new();
    if let WallCarries::Framing(carried) = &wall.carries {
        if carried.is_empty() && wall.point_loads.is_empty() && landed.house.is_none() {
            asked.push(Asked::Loads);
        }
        let beside = rough_width.half() + wall.frame.spacing + wall.frame.thickness() * 2;
        let stretch = (design.center - beside, design.center + beside);
        asked.extend(asked_of(carried, &rules.settings.site, said.snow != Standing::NotSaid, stretch));
    }
    if landed.house.is_some_and(|house| house.asks_snow) && !asked.contains(&Asked::Snow) {
        asked.push(Asked::Snow);
    }
    if wall.frame.face == WallFace::Outside && said.wind == Standing::NotSaid {
        asked.push(Asked::Wind);
    }
    asked
}

/// An opening in its wall, and what its sizing problem is made from.
#[derive(Clone, Copy, Debug)]
pub struct OpeningInWall<'a> {
    /// The job.
    pub rules: &'a Rules<'a>,
    /// The wall.
    pub wall: &'a Wall,
    /// What lands on the wall.
    pub landed: &'a Landed,
    /// The wall's pieces of sole plate.
    pub sole: &'a [Stretch],
    /// The opening.
    pub opening: &'a Opening,
    /// Its hole.
    pub hole: Hole,
    /// Kings at each end.
    pub kings: Ends<u8>,
}

/// The sizing problem of an opening.
///
/// # Errors
/// [`OutsideLimits`] where nothing is known of the loads.
pub fn opening_problem(at: &OpeningInWall<'_>) -> Result<OpeningProblem, OutsideLimits> {
    let OpeningInWall { rules, wall, landed, opening, hole, kings, .. } = *at;
    let frame = &wall.frame;
    let design = &opening.design;
    let clear = hole.size.width;
    if landed.down.lines.is_empty() && landed.points.is_empty() {
        return Err(OutsideLimits::NotSaid { asked: vec![Asked::Loads] });
    }
    let plate = plate_bearing(rules.code(), frame)?;
    let tight = hangs(design, frame) == HeaderPlace::TightToPlates;
    Ok(OpeningProblem {
        clear,
        wall_depth: frame.depth(),
        stud_thickness: frame.thickness(),
        jack_length: jack_length(hangs(design, frame), hole.head(), frame),
        loads: loads_from_left_face(at, &landed.points),
        jack: frame.stud,
        plate_bearing: plate,
        plate: plates_under_packs(at),
        kings: kings.map(Some),
        spaced: spaced_framing(at, tight),
        sideways: if tight { None } else { sideways_wind(at) },
        sheathed: frame.face == WallFace::Outside,
        run: run(&design.run, clear, frame.thickness()),
        conventions: conventions(rules, opening, hole, frame, plate),
    })
}

/// Whether a stretch of wall spans the opening with whatever bears beside it.
fn covers(at: &OpeningInWall<'_>, extent: Extent) -> bool {
    let half = at.hole.size.width.half();
    let (left, right) = (at.opening.design.center - half, at.opening.design.center + half);
    let simple = at.opening.design.run.past == Ends::default();
    extent.is_none_or(|(from, to)| simple && from <= left && right <= to)
}

/// Trusses and rafters that land over the opening: on a tight header the plates spread them, on a hung one a cripple brings them.
fn spaced_framing(at: &OpeningInWall<'_>, tight: bool) -> Option<SpacedFraming> {
    let frame = &at.wall.frame;
    let mut amount: ByKind<LineLoad> = ByKind::default();
    let mut apart = Length::ZERO;
    for line in at.landed.down.lines.iter().filter(|line| line.is_even() && covers(at, line.extent)) {
        let Some(bay) = line.bay else { continue };
        let there = amount.get_mut(line.kind);
        *there = *there + line.at_start;
        apart = apart.max(bay);
    }
    // The foot of a truss and the two plates under it, at 45° on both sides.
    let spread = if tight { frame.thickness() + frame.thickness() * 4 } else { Length::ZERO };
    let kings_take = frame.spacing.half() + frame.thickness();
    (Length::ZERO < apart).then_some(SpacedFraming { amount, apart, spread, kings_take })
}

/// The narrowest opening whose hung header is held against the wind.
const SIDEWAYS_FROM: Length = Length::feet(6);

fn sideways_wind(at: &OpeningInWall<'_>) -> Option<SidewaysWind> {
    let hole = at.hole;
    if hole.size.width <= SIDEWAYS_FROM {
        return None;
    }
    let above = at.wall.frame.under_plates_at(at.opening.design.center) - hole.head();
    let span = hole.size.width.to_feet();
    let high = (above.half() + hole.size.height.half()).to_feet();
    let pressure = wind_on(&mut Silent, at.rules, at.wall, span * high.max(span / 3.0))?;
    Some(SidewaysWind { pressure, above, opening: hole.size.height })
}

/// The sole plate under each pack.
fn plates_under_packs(at: &OpeningInWall<'_>) -> Ends<PackPlate> {
    let half = at.hole.size.width.half();
    let (left, right) = (at.opening.design.center - half, at.opening.design.center + half);
    let inward = if at.opening.design.sill == Length::ZERO { PlateEnd::Cut } else { PlateEnd::Continuous };
    let beyond = |end: End| {
        let under = |(from, to): &&Stretch| match end {
            End::Left => *from < left && left <= *to,
            End::Right => *from <= right && right < *to,
        };
        let piece = at.sole.iter().find(under);
        piece.map_or(Length::ZERO, |(from, to)| if end == End::Left { left - *from } else { *to - right })
    };
    Ends {
        left: PackPlate { inward, outward: Some(beyond(End::Left)) },
        right: PackPlate { inward, outward: Some(beyond(End::Right)) },
    }
}

/// Fc⊥ of the sole plate.
///
/// # Errors
/// [`OutsideLimits::NoDesignValues`] for a size without values.
pub fn plate_bearing(code: DesignCode, frame: &WallFrame) -> Result<Stress, OutsideLimits> {
    let values = code.sawn_values(frame.plate_species, Grade::Number2, SawnSize::two_by(frame.stud.depth));
    let values = values.ok_or_else(|| OutsideLimits::NoDesignValues { lumber: frame.plate_species.name().into() })?;
    Ok(values.bearing)
}

fn loads_from_left_face(at: &OpeningInWall<'_>, points: &[(Length, ByKind<Force>)]) -> Vec<OpeningLoad> {
    let left = at.opening.design.center - at.hole.size.width.half();
    let mut all_along: ByKind<LineLoad> = ByKind::default();
    let mut loads = Vec::new();
    for line in &at.landed.down.lines {
        let of = |amount: LineLoad| {
            let mut by_kind = ByKind::default();
            *by_kind.get_mut(line.kind) = amount;
            by_kind
        };
        match line.extent {
            Some(_) if line.is_even() && covers(at, line.extent) => all_along = all_along + of(line.at_start),
            None => all_along = all_along + of(line.at_start),
            Some((from, to)) => loads.push(OpeningLoad::Sloped {
                at_start: of(line.at_start),
                at_end: of(line.at_end),
                extent: (from - left, to - left),
            }),
        }
    }
    loads.insert(0, OpeningLoad::Line { amount: all_along, extent: None });
    // Which of these stand on the header or on a pack, the packs decide as they grow.
    let far = at.wall.frame.thickness() * WIDEST_PACK;
    let past = |end: End| at.opening.design.run.past.at(end).map_or(far, |past| past.length.max(far));
    let (low, high) = (left - past(End::Left), left + at.hole.size.width + past(End::Right));
    let near = points.iter().filter(|(place, _)| low <= *place && *place <= high);
    loads.extend(near.map(|(place, amount)| OpeningLoad::Point { amount: *amount, at: *place - left }));
    loads
}

fn run(design: &RunDesign, clear: Length, stud: Length) -> HeaderRun {
    let mut posts: Vec<Post> = design.posts.iter().flatten().copied().collect();
    for end in End::BOTH {
        let Some(past) = design.past.at(end).filter(|past| past.far_studs > 0) else { continue };
        // The far studs stand under the header's last inches.
        let center = past.length - stud.half() * i64::from(past.far_studs);
        let at = match end {
            End::Left => -center,
            End::Right => clear + center,
        };
        posts.push(Post { at, studs: past.far_studs });
    }
    posts.sort_by_key(|post| post.at);
    HeaderRun { posts: posts.into_iter().collect(), past: design.past.map(|past| past.map(|past| past.length)) }
}

fn conventions(rules: &Rules<'_>, opening: &Opening, hole: Hole, frame: &WallFrame, plate: Stress) -> Conventions {
    let (settings, design) = (&rules.settings, &opening.design);
    let width = if design.nailing_confirmed { TopEdgeWidth::AllPlies } else { TopEdgeWidth::OnePly };
    let room = room_for_header(design, hole, frame);
    let top_edge = match (hangs(design, frame), frame.rake()) {
        (HeaderPlace::TightToPlates, _) => TopEdge::Braced,
        // Under climbing plates a header touches them at one point only.
        (HeaderPlace::AtHeadHeight, Some(_)) => TopEdge::Free(width),
        (HeaderPlace::AtHeadHeight, None) => TopEdge::FreeBelow { width, fills: room },
    };
    let shop = shop_rule::count(hole.size.width, settings.shop.doubles_jacks_from).and_then(|count| count.count);
    let decided = |end: End| opening.jacks.at(end).as_ref().map(|decided| decided.count);
    let least = |end: End| decided(end).unwrap_or_else(|| shop.unwrap_or(1));
    let binds = matches!(design.kind, OpeningKind::SlidingDoor | OpeningKind::OverheadDoor);
    let creep = if design.service == Service::Wet { settings.creep.max(WET_CREEP) } else { settings.creep };
    Conventions {
        top_edge,
        lower_edge: Some(width),
        service: design.service,
        shear_at_depth: !design.side_loaded,
        live_deflection_limit: settings.live_deflection_limit,
        total_deflection_limit: settings.total_deflection_limit,
        creep,
        most_sag_over_door: settings.most_sag_over_door.filter(|_| binds),
        nailer_bearing: (design.underside == Underside::FlatNailer).then_some(plate),
        seat: design.seat,
        face: Some(design.face),
        deepest: Some(room),
        least_jacks: Ends { left: least(End::Left), right: least(End::Right) },
        fixed_jacks: Ends { left: decided(End::Left), right: decided(End::Right) },
        ..Conventions::default()
    }
}

/// Creep factor in wet service (NDS 2018 3.5.2, from memory).
const WET_CREEP: f64 = 2.0;

/// To the head of the opening, or, under a header tight to the plates, to that header.
fn jack_length(place: HeaderPlace, head: Length, frame: &WallFrame) -> JackLength {
    match place {
        HeaderPlace::AtHeadHeight => JackLength::Given((head - frame.thickness()).max(Length::ZERO)),
        HeaderPlace::TightToPlates => JackLength::UpToHeaderTopAt(frame.stud_length()),
    }
}
