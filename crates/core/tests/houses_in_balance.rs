//! Houses drawn at random: what is applied reaches the ground or stops at a break, as forces and as moments about both axes; mirrored
//! houses have mirrored answers; what is only written otherwise changes nothing.

use proptest::prelude::*;
use sturvek_core::house::{Axis, Line, Rectangle, Spot};
use sturvek_core::loads::{ByCase, ByKind, LoadCase, LoadKind, SnowLies};
use sturvek_core::measure::{Ends, Force, Length, LineLoad, Pressure};
use sturvek_core::path::{
    Field, FieldRun, GroundStructure, LoadPath, OnField, Pad, Part, PointAbove, StandingBeam, StandingPost,
    StandingWall, StoreyStructure, Structure, WallOpening, follow,
};
use sturvek_core::statics::Joints;

fn any_axis() -> impl Strategy<Value = Axis> {
    prop_oneof![Just(Axis::X), Just(Axis::Y)]
}

/// Quarter inches up to so many feet, often on a grid of 4 ft so that things stand on one another.
fn place() -> impl Strategy<Value = Length> {
    prop_oneof![3 => (0_i64..=9).prop_map(|grid| Length::feet(4 * grid)), 1 => (0_i64..1728).prop_map(|q| Length::inches_and(0, q, 4))]
}

fn any_line() -> impl Strategy<Value = Line> {
    (
        any_axis(),
        place(),
        place(),
        1_i64..=9,
        prop_oneof![Just(Length::inches_and(3, 1, 2)), Just(Length::inches_and(5, 1, 2))],
    )
        .prop_map(|(axis, offset, start, length, thickness)| Line {
            axis,
            offset,
            start,
            length: Length::feet(4 * length),
            thickness,
        })
}

fn any_wall() -> impl Strategy<Value = StandingWall> {
    let jacks = || 1_u8..3;
    let opening = (0_i64..30, 24_i64..72, jacks(), jacks());
    (any_line(), prop::option::of(opening), 0_u8..5, 0_i64..16).prop_map(|(line, opening, bears, face)| {
        let opening = opening.map(|(left, width, l, r)| {
            let left = Length::inches(6 + left);
            WallOpening {
                left,
                right: left + Length::inches(width),
                jacks: Ends { left: l, right: r },
                header: LineLoad::ZERO,
            }
        });
        let fits = |opening: &WallOpening| opening.pack_ends().1 <= line.length;
        StandingWall {
            line,
            height: Length::feet(8),
            face: Pressure::psf(face as f64),
            bears: bears != 0,
            openings: opening.filter(fits).into_iter().collect(),
        }
    })
}

fn any_amount(most: i64) -> impl Strategy<Value = ByCase> {
    prop::array::uniform4(0..=most).prop_map(|[dead, live, roof_live, snow]| {
        let kinds = ByKind::of([
            (LoadKind::Dead, dead as f64),
            (LoadKind::FloorLive, live as f64),
            (LoadKind::RoofLive, roof_live as f64),
            (LoadKind::Snow, snow as f64),
        ]);
        ByCase::even(&kinds).with(LoadCase::Snow(SnowLies::BlownLeft), 0.5 * snow as f64)
    })
}

fn any_field() -> impl Strategy<Value = Field> {
    let run = prop_oneof![Just(FieldRun::Clear), Just(FieldRun::Simple), Just(FieldRun::Continuous)];
    (place(), place(), 1_i64..=9, 1_i64..=9, any_axis(), run, any_amount(40), prop::option::of(any_amount(30)))
        .prop_map(|(x, y, wide, deep, span, run, psf, drift)| {
            let far = Spot { x: x + Length::feet(4 * wide), y: y + Length::feet(4 * deep) };
            let over = Rectangle { near: Spot { x, y }, far };
            let (low, high) = over.along(span);
            let part = Some((low + (high - low).half().half(), high));
            let drift = drift.map(|psf| OnField { part, psf });
            Field { over, span, run, loads: [OnField { part: None, psf }].into_iter().chain(drift).collect() }
        })
}

fn any_storey() -> impl Strategy<Value = StoreyStructure> {
    let joints = prop_oneof![Just(Joints::None), Just(Joints::AtEverySupport)];
    let beam = (any_line(), joints, 0_i64..20).prop_map(|(line, joints, plf)| StandingBeam {
        line,
        weight: LineLoad::plf(plf as f64),
        joints,
    });
    let spot = || (place(), place()).prop_map(|(x, y)| Spot { x, y });
    let post = (spot(), 0_i64..50).prop_map(|(at, lb)| StandingPost { at, weight: Force::lbf(lb as f64) });
    let point = (spot(), any_amount(3000)).prop_map(|(at, pounds)| PointAbove { at, pounds });
    (
        prop::collection::vec(any_wall(), 0..7),
        prop::collection::vec(beam, 0..5),
        prop::collection::vec(post, 0..6),
        prop::collection::vec(any_field(), 0..3),
        prop::collection::vec(point, 0..3),
    )
        .prop_map(|(walls, beams, posts, fields, points)| StoreyStructure {
            walls,
            beams,
            posts,
            fields,
            points,
            gables: Vec::new(),
        })
}

fn any_house() -> impl Strategy<Value = Structure> {
    let pad = (place(), place()).prop_map(|(x, y)| Pad { at: Spot { x, y }, size: Length::inches(24) });
    (
        prop::collection::vec(any_storey(), 1..4),
        any::<bool>(),
        prop::collection::vec(any_line(), 0..5),
        prop::collection::vec(pad, 0..5),
    )
        .prop_map(|(storeys, slab, lines, pads)| Structure { storeys, ground: GroundStructure { slab, lines, pads } })
}

/// Pounds, and pounds times feet from both axes.
#[derive(Clone, Copy, Debug, Default)]
struct Sum {
    pounds: f64,
    of_x: f64,
    of_y: f64,
    size: f64,
}

impl Sum {
    fn spot(&mut self, at: Spot, pounds: f64) {
        let (x, y) = (at.x.to_feet(), at.y.to_feet());
        self.pounds += pounds;
        self.of_x += pounds * x;
        self.of_y += pounds * y;
        self.size += pounds.abs() * (1.0 + x.abs() + y.abs());
    }

    fn line(&mut self, (low, high): (Spot, Spot), plf: f64) {
        let feet = (high.x - low.x).to_feet() + (high.y - low.y).to_feet();
        self.spot(Spot { x: (low.x + high.x).half(), y: (low.y + high.y).half() }, plf * feet);
    }

    /// A load that came down at one place and was moved to another.
    fn moved(&mut self, from: Spot, to: Spot, pounds: f64) {
        self.spot(to, pounds);
        self.spot(from, -pounds);
    }
}

/// What is applied, and what becomes of it, of one case. Partitions that stand on a floor and bring nothing are left out on both sides:
/// they are what is applied and never arrives.
fn applied(house: &Structure, case: LoadCase) -> Sum {
    let mut sum = Sum::default();
    for storey in &house.storeys {
        for wall in &storey.walls {
            let line = &wall.line;
            sum.line((line.spot(line.start), line.spot(line.end())), ByCase::dead(wall.weight().to_plf()).get(case));
        }
        for beam in &storey.beams {
            let line = &beam.line;
            sum.line((line.spot(line.start), line.spot(line.end())), ByCase::dead(beam.weight.to_plf()).get(case));
        }
        storey.posts.iter().for_each(|post| sum.spot(post.at, ByCase::dead(post.weight.to_lbf()).get(case)));
        storey.points.iter().for_each(|point| sum.spot(point.at, point.pounds.get(case)));
        for field in &storey.fields {
            let (from, to) = field.over.along(field.span.across());
            for load in &field.loads {
                let (low, high) = field.part(load);
                let half_way = (low + high).half();
                let ends = (Spot::on(field.span, half_way, from), Spot::on(field.span, half_way, to));
                sum.line(ends, load.psf.get(case) * (high - low).to_feet());
            }
        }
    }
    sum
}

fn arrived(house: &Structure, path: &LoadPath, case: LoadCase) -> Sum {
    let mut sum = Sum::default();
    path.ground_lines.iter().for_each(|each| sum.line(each.at, each.amount.get(case)));
    path.ground_points.iter().for_each(|each| sum.spot(each.at, each.amount.get(case)));
    for each in &path.breaks {
        match each.at {
            (low, Some(high)) => sum.line((low, high), each.amount.get(case)),
            (spot, None) => sum.spot(spot, each.amount.get(case)),
        }
    }
    // What came down beside a center line was carried by it: taken back where it was moved.
    for (stands, loaded) in house.storeys.iter().zip(&path.storeys) {
        let walls = stands.walls.iter().zip(&loaded.walls).map(|(wall, loaded)| (&wall.line, &loaded.top));
        let beams = stands.beams.iter().zip(&loaded.beams).map(|(beam, loaded)| (&beam.line, &loaded.top));
        for (line, top) in walls.chain(beams) {
            for each in &top.stretches {
                let feet = (each.high - each.low).to_feet() * each.plf.get(case);
                let half_way = (each.low + each.high).half();
                sum.moved(line.spot(half_way), Spot::on(line.axis, half_way, each.came_down), feet);
            }
            top.presses.iter().for_each(|each| sum.moved(line.spot(each.at), each.came_down, each.pounds.get(case)));
        }
        for (post, loaded) in stands.posts.iter().zip(&loaded.posts) {
            loaded.presses.iter().for_each(|each| sum.moved(post.at, each.came_down, each.pounds.get(case)));
        }
    }
    sum
}

/// Walls that bring nothing and stand on a floor are not passed on.
fn left_on_floors(house: &Structure, path: &LoadPath) -> bool {
    house.storeys.iter().zip(&path.storeys).skip(1).any(|(stands, loaded)| {
        stands
            .walls
            .iter()
            .zip(&loaded.walls)
            .any(|(wall, loaded)| loaded.top.is_empty() && 0.0 < wall.weight().to_plf())
    })
}

fn turned(
    house: &Structure,
    spot: impl Fn(Spot) -> Spot,
    line: impl Fn(Line) -> (Line, bool),
    axis: impl Fn(Axis) -> Axis,
) -> Structure {
    let rectangle = |over: Rectangle| {
        let (a, b) = (spot(over.near), spot(over.far));
        Rectangle { near: Spot { x: a.x.min(b.x), y: a.y.min(b.y) }, far: Spot { x: a.x.max(b.x), y: a.y.max(b.y) } }
    };
    let wall = |wall: &StandingWall| {
        let (turned, backwards) = line(wall.line);
        let opening = |opening: &WallOpening| match backwards {
            false => *opening,
            true => WallOpening {
                left: wall.line.length - opening.right,
                right: wall.line.length - opening.left,
                jacks: Ends { left: opening.jacks.right, right: opening.jacks.left },
                header: opening.header,
            },
        };
        StandingWall { line: turned, openings: wall.openings.iter().map(opening).collect(), ..wall.clone() }
    };
    let field = |field: &Field| {
        let part = |load: &OnField| {
            let ends = load.part.map(|(low, high)| {
                let along = |place| spot(Spot::on(field.span, place, Length::ZERO)).along(axis(field.span));
                let (a, b) = (along(low), along(high));
                (a.min(b), a.max(b))
            });
            OnField { part: ends, ..*load }
        };
        Field {
            over: rectangle(field.over),
            span: axis(field.span),
            run: field.run,
            loads: field.loads.iter().map(part).collect(),
        }
    };
    let storey = |storey: &StoreyStructure| StoreyStructure {
        walls: storey.walls.iter().map(wall).collect(),
        beams: storey.beams.iter().map(|beam| StandingBeam { line: line(beam.line).0, ..*beam }).collect(),
        posts: storey.posts.iter().map(|post| StandingPost { at: spot(post.at), ..*post }).collect(),
        fields: storey.fields.iter().map(field).collect(),
        points: storey.points.iter().map(|point| PointAbove { at: spot(point.at), ..*point }).collect(),
        gables: Vec::new(),
    };
    Structure {
        storeys: house.storeys.iter().map(storey).collect(),
        ground: GroundStructure {
            slab: house.ground.slab,
            lines: house.ground.lines.iter().map(|each| line(*each).0).collect(),
            pads: house.ground.pads.iter().map(|pad| Pad { at: spot(pad.at), ..*pad }).collect(),
        },
    }
}

fn mirrored_in_x(house: &Structure) -> Structure {
    let spot = |spot: Spot| Spot { x: -spot.x, ..spot };
    let line = |line: Line| match line.axis {
        Axis::X => (Line { start: -line.end(), ..line }, true),
        Axis::Y => (Line { offset: -line.offset, ..line }, false),
    };
    turned(house, spot, line, |axis| axis)
}

fn exchanged(house: &Structure) -> Structure {
    let spot = |spot: Spot| Spot { x: spot.y, y: spot.x };
    turned(house, spot, |line| (Line { axis: line.axis.across(), ..line }, false), Axis::across)
}

/// What comes to every opening, beam, post, the ground and the breaks in all: the same numbers in the same order for a house that was turned.
fn numbers(path: &LoadPath) -> Vec<f64> {
    let mut all = Vec::new();
    for storey in &path.storeys {
        for wall in &storey.walls {
            for ends in &wall.openings {
                let (a, b) = (ends.left.get(LoadCase::Dead), ends.right.get(LoadCase::Dead));
                all.extend([a + b, a.min(b), a.max(b)]);
            }
        }
        for beam in &storey.beams {
            all.push(beam.reactions.iter().map(|each| each.pounds.get(LoadCase::FloorLive)).sum());
            all.push(beam.reactions.iter().map(|each| each.pounds.get(LoadCase::Dead).powi(2)).sum::<f64>().sqrt());
        }
        all.extend(storey.posts.iter().map(|post| post.bottom.get(LoadCase::Snow(SnowLies::Evenly))));
    }
    let sum = |all: &mut dyn Iterator<Item = f64>| all.sum::<f64>();
    all.push(sum(&mut path.ground_points.iter().map(|each| each.amount.get(LoadCase::Dead))));
    let feet = |(low, high): (Spot, Option<Spot>)| high.map_or(1.0, |high| (high.x - low.x + high.y - low.y).to_feet());
    all.push(sum(&mut path.breaks.iter().map(|each| each.amount.get(LoadCase::Dead) * feet(each.at))));
    all
}

fn alike(ours: &LoadPath, turned: &LoadPath) -> Result<(), TestCaseError> {
    let (a, b) = (numbers(ours), numbers(turned));
    prop_assert_eq!(a.len(), b.len());
    for (a, b) in a.iter().zip(&b) {
        prop_assert!((a - b).abs() < 1e-7 * (1.0 + a.abs()), "{a} {b}");
    }
    Ok(())
}

proptest! {
    #![proptest_config(ProptestConfig { cases: 1500, ..ProptestConfig::default() })]

    #[test]
    fn nothing_is_lost_and_nothing_comes_from_nowhere(house in any_house()) {
        let path = follow(&house);
        for case in LoadCase::ALL {
            if case == LoadCase::Dead && left_on_floors(&house, &path) {
                continue;
            }
            let (applied, arrived) = (applied(&house, case), arrived(&house, &path, case));
            let close = |a: f64, b: f64| (a - b).abs() < 1e-9 * (1.0 + applied.size + arrived.size);
            prop_assert!(close(applied.pounds, arrived.pounds), "{case:?} {applied:?} {arrived:?}");
            prop_assert!(close(applied.of_x, arrived.of_x), "{case:?} {applied:?} {arrived:?}");
            prop_assert!(close(applied.of_y, arrived.of_y), "{case:?} {applied:?} {arrived:?}");
        }
    }

    #[test]
    fn mirrored_and_turned_houses_have_mirrored_and_turned_answers(house in any_house()) {
        let path = follow(&house);
        alike(&path, &follow(&mirrored_in_x(&house)))?;
        alike(&path, &follow(&exchanged(&house)))?;
        // Mirrored in y.
        alike(&path, &follow(&exchanged(&mirrored_in_x(&exchanged(&house)))))?;
    }

    /// Cut along its joists, a field is two fields that bring the same.
    #[test]
    fn a_field_cut_along_its_joists_changes_nothing(house in any_house()) {
        let mut cut = house.clone();
        for storey in &mut cut.storeys {
            let halves = storey.fields.iter().flat_map(|field| {
                let across = field.span.across();
                let (low, high) = field.over.along(across);
                let middle = low + (high - low).half();
                let part = |low, high| {
                    let (from, to) = field.over.along(field.span);
                    let over = Rectangle { near: Spot::on(field.span, from, low), far: Spot::on(field.span, to, high) };
                    Field { over, ..field.clone() }
                };
                [part(low, middle), part(middle, high)]
            });
            storey.fields = halves.collect();
        }
        alike(&follow(&house), &follow(&cut))?;
    }

    /// Without tails and without joists that run over their supports nothing lifts: more load presses everything more, or as much.
    #[test]
    fn more_load_never_presses_less(house in any_house(), field in 0_usize..3, storey in 0_usize..3) {
        let mut house = house;
        for storey in &mut house.storeys {
            storey.beams.clear();
            for field in &mut storey.fields {
                field.run = FieldRun::Simple;
                field.loads.truncate(1);
            }
            // A line at both ends of every field leaves it no tail.
            let edges: Vec<StandingWall> = storey.fields.iter().flat_map(|field| {
                let across = field.span.across();
                let (start, end) = field.over.along(across);
                let (low, high) = field.over.along(field.span);
                [low, high].map(|offset| StandingWall {
                    line: Line { axis: across, offset, start, length: end - start, thickness: Length::inches(6) },
                    height: Length::feet(8),
                    face: Pressure::psf(10.0),
                    bears: true,
                    openings: vec![],
                })
            }).collect();
            storey.walls = edges.into_iter().chain(std::mem::take(&mut storey.walls)).collect();
        }
        let before = follow(&house);
        let mut heavier = house.clone();
        let Some(storey) = heavier.storeys.get_mut(storey) else { return Ok(()) };
        let Some(field) = storey.fields.get_mut(field) else { return Ok(()) };
        field.loads[0].psf = field.loads[0].psf + ByCase::even(&ByKind::each([10.0; 6]));
        let after = follow(&heavier);
        for (before, after) in before.storeys.iter().zip(&after.storeys) {
            for (before, after) in before.walls.iter().zip(&after.walls) {
                for (before, after) in before.openings.iter().zip(&after.openings) {
                    for case in LoadCase::ALL {
                        prop_assert!(before.left.get(case) <= after.left.get(case) + 1e-6);
                        prop_assert!(before.right.get(case) <= after.right.get(case) + 1e-6);
                    }
                }
            }
            for (before, after) in before.posts.iter().zip(&after.posts) {
                prop_assert!(before.bottom.get(LoadCase::Dead) <= after.bottom.get(LoadCase::Dead) + 1e-6);
            }
        }
    }

    /// A wall taken out that carried something gives other supports or a break: what it brought down comes down elsewhere or stops.
    #[test]
    fn what_carried_is_missed(house in any_house(), storey in 0_usize..3, wall in 0_usize..7) {
        let path = follow(&house);
        let Some(loaded) = path.storeys.get(storey).and_then(|storey| storey.walls.get(wall)) else { return Ok(()) };
        let fields = |each: &sturvek_core::path::Stretch| matches!(each.from.part, Part::Field(_)) && !each.plf.is_nothing();
        if !loaded.top.stretches.iter().any(fields) {
            return Ok(());
        }
        let mut without = house.clone();
        without.storeys[storey].walls.remove(wall);
        let after = follow(&without);
        let on_others = |path: &LoadPath, skip: Option<usize>| -> f64 {
            let walls = path.storeys[storey].walls.iter().enumerate().filter(|(place, _)| Some(*place) != skip);
            let beams = path.storeys[storey].beams.iter().map(|beam| &beam.top);
            let tops = walls.map(|(_, wall)| &wall.top).chain(beams);
            tops.flat_map(|top| &top.stretches).map(|each| {
                let feet = (each.high - each.low).to_feet();
                LoadCase::ALL.into_iter().map(|case| (each.plf.get(case) * feet).abs()).sum::<f64>()
            }).sum()
        };
        let told = (on_others(&path, Some(wall)) - on_others(&after, None)).abs() > 1e-6 || path.breaks.len() != after.breaks.len()
            || path.breaks.iter().zip(&after.breaks).any(|(before, after)| (before.amount, before.at) != (after.amount, after.at));
        prop_assert!(told, "it carried, and nobody misses it");
    }
}
