//! From an opening in a wall to the problem its header has to solve: loads moved to its left face, jacks from the wall's
//! studs, plate from its species, conventions from the job; or the limit that leaves it without a number.

use super::rough_opening::Hole;
use super::stack::{hangs, room_for_header};
use crate::job::{
    HeaderPlace, Job, KingWindBasis, Opening, OpeningDesign, OpeningKind, RunDesign, SpecialCase, Underside, Wall,
    WallFace, WallFrame,
};
use crate::loads::{ByKind, CarriedLimit, SnowTrouble, TakeDown, WallCarries, limits_of, take_down};
use crate::lumber::factors::bearing_area::PlateEnd;
use crate::lumber::{Grade, SawnSize, design_values};
use crate::measure::{End, Ends, Force, Length, LineLoad, Stress};
use crate::sizing::jacks::shop_rule;
use crate::sizing::limits::{OutsideLimits, TALLEST_WALL};
use crate::sizing::problem::{Conventions, HeaderRun, JackLength, OpeningLoad, OpeningProblem, Post, TopEdge};

/// Half the width of a pack that a point load may stand on, taken four studs wide.
const PACK_REACH: Length = Length::inches(6);

/// Everything that stands on the wall, posts that the framing brings and point loads typed in.
pub fn points_on(wall: &Wall, down: &TakeDown) -> Vec<(Length, ByKind<Force>)> {
    let typed = wall.point_loads.iter().map(|load| (load.at, load.amount));
    typed.chain(down.points.iter().map(|point| (point.at, point.amount))).collect()
}

/// What comes down on a wall.
pub fn down_on(job: &Job, wall: &Wall) -> TakeDown {
    match &wall.carries {
        WallCarries::Nothing => TakeDown::default(),
        WallCarries::Framing(carried) => take_down(carried, &job.settings.site, wall.frame.length),
    }
}

/// Whether a point load stands on the opening's header or on one of its packs.
pub fn reaches(at: Length, design: &OpeningDesign, rough_width: Length) -> bool {
    let past = |end: End| design.run.past.at(end).map_or(Length::ZERO, |past| past.length);
    let (left, right) = (design.center - rough_width.half(), design.center + rough_width.half());
    left - PACK_REACH.max(past(End::Left)) <= at && at <= right + PACK_REACH.max(past(End::Right))
}

/// What of the opening, its wall or what the wall carries is outside the limits.
pub fn limit_of(job: &Job, wall: &Wall, design: &OpeningDesign) -> Option<OutsideLimits> {
    let special = match design.special {
        SpecialCase::Ordinary | SpecialCase::UnknownGrade => None,
        special => Some(OutsideLimits::Special { special }),
    };
    let carried = match &wall.carries {
        WallCarries::Nothing => None,
        WallCarries::Framing(carried) => limits_of(carried),
    };
    let carried = carried.map(|limit| match limit {
        CarriedLimit::Snow(SnowTrouble::Ice) => OutsideLimits::Snow { what: "Ice at the eave" },
        CarriedLimit::Snow(SnowTrouble::UnbalancedHipOrValley) => {
            OutsideLimits::Snow { what: "Snow blown to one side of a hip, valley or curved roof" }
        }
        CarriedLimit::Snow(_) => OutsideLimits::Snow { what: "Snow drifting or sliding from a higher roof" },
        CarriedLimit::TooManyStoreys => OutsideLimits::TooManyStoreys,
    });
    let windless = wall.frame.face == WallFace::Inside;
    let unchecked =
        TALLEST_WALL < wall.frame.height() && !windless && job.settings.wind == KingWindBasis::CodeTableOnly;
    let tall = unchecked.then_some(OutsideLimits::WallTooTall { height: wall.frame.height() });
    special.or(carried).or(tall)
}

/// The sizing problem of an opening.
///
/// # Errors
/// [`OutsideLimits`] where nothing is known of the loads.
pub fn opening_problem(
    job: &Job,
    wall: &Wall,
    down: &TakeDown,
    opening: &Opening,
    hole: Hole,
) -> Result<OpeningProblem, OutsideLimits> {
    let frame = &wall.frame;
    let design = &opening.design;
    let points = points_on(wall, down);
    let clear = hole.size.width;
    if down.lines.is_empty() && points.is_empty() {
        return Err(OutsideLimits::NothingKnown);
    }
    let plate = plate_bearing(frame)?;
    Ok(OpeningProblem {
        clear,
        wall_depth: frame.depth(),
        jack_length: jack_length(hangs(design, frame), hole.head(), frame),
        loads: loads_from_left_face(down, &points, design, clear),
        jack: frame.stud,
        plate_bearing: plate,
        plate_end: if design.sill == Length::ZERO { PlateEnd::Cut } else { PlateEnd::Continuous },
        run: run(&design.run, clear, frame.thickness()),
        conventions: conventions(job, opening, hole, frame, plate),
    })
}

fn plate_bearing(frame: &WallFrame) -> Result<Stress, OutsideLimits> {
    let values = design_values::sawn(frame.plate_species, Grade::Number2, SawnSize::two_by(frame.stud.depth));
    let values = values.ok_or_else(|| OutsideLimits::NoDesignValues { lumber: frame.plate_species.name().into() })?;
    Ok(values.bearing)
}

fn loads_from_left_face(
    down: &TakeDown,
    points: &[(Length, ByKind<Force>)],
    design: &OpeningDesign,
    rough_width: Length,
) -> Vec<OpeningLoad> {
    let left = design.center - rough_width.half();
    let mut all_along: ByKind<LineLoad> = ByKind::default();
    let mut loads = Vec::new();
    for line in &down.lines {
        let of = |amount: LineLoad| {
            let mut by_kind = ByKind::default();
            *by_kind.get_mut(line.kind) = amount;
            by_kind
        };
        match line.extent {
            None => all_along = all_along + of(line.at_start),
            Some((from, to)) => loads.push(OpeningLoad::Sloped {
                at_start: of(line.at_start),
                at_end: of(line.at_end),
                extent: (from - left, to - left),
            }),
        }
    }
    loads.insert(0, OpeningLoad::Line { amount: all_along, extent: None });
    let near = points.iter().filter(|(at, _)| reaches(*at, design, rough_width));
    loads.extend(near.map(|(at, amount)| OpeningLoad::Point { amount: *amount, at: *at - left }));
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

fn conventions(job: &Job, opening: &Opening, hole: Hole, frame: &WallFrame, plate: Stress) -> Conventions {
    let (settings, design) = (&job.settings, &opening.design);
    let top_edge = match hangs(design, frame) {
        HeaderPlace::TightToPlates => TopEdge::Braced,
        HeaderPlace::AtHeadHeight => TopEdge::Free(design.acting),
    };
    let shop = shop_rule::count(hole.size.width, settings.shop.doubles_jacks_from).and_then(|count| count.count);
    let decided = |end: End| opening.jacks.at(end).as_ref().map(|decided| decided.count);
    let least = |end: End| decided(end).unwrap_or_else(|| shop.unwrap_or(1));
    let binds = matches!(design.kind, OpeningKind::SlidingDoor | OpeningKind::OverheadDoor);
    Conventions {
        top_edge,
        service: design.service,
        live_deflection_limit: settings.live_deflection_limit,
        total_deflection_limit: settings.total_deflection_limit,
        creep: settings.creep,
        most_sag_over_door: settings.most_sag_over_door.filter(|_| binds),
        nailer_bearing: (design.underside == Underside::FlatNailer).then_some(plate),
        seat: design.seat,
        deepest: Some(room_for_header(design, hole, frame)),
        least_jacks: Ends { left: least(End::Left), right: least(End::Right) },
        fixed_jacks: Ends { left: decided(End::Left), right: decided(End::Right) },
        ..Conventions::default()
    }
}

/// To the head of the opening, or, under a header tight to the plates, to that header.
fn jack_length(place: HeaderPlace, head: Length, frame: &WallFrame) -> JackLength {
    match place {
        HeaderPlace::AtHeadHeight => JackLength::Given((head - frame.thickness()).max(Length::ZERO)),
        HeaderPlace::TightToPlates => JackLength::UpToHeaderTopAt(frame.stud_length()),
    }
}
