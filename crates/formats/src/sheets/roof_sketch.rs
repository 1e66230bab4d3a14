//! A roof in section, with the width of it that leans on the wall, as the take-down counts it.

use sturvek_core::loads::roof::{RoofFraming, RoofOnWall};
use sturvek_core::loads::{Carried, Framing, SiteLoads, take_down};
use sturvek_core::measure::{Length, Unit};
use sturvek_core::say;
use sturvek_core::speech::{decimal, distance};
use sturvek_wire::paper::{Drawing, Stands};

use super::ink::{HAIR, Ink, LINE, THICK};

const WIDTH: f64 = 520.0;
const SIDE: f64 = 40.0;
const WALLS: f64 = 34.0;
const BELOW: f64 = 46.0;

/// The section of a roof that a wall carries; `None` of anything else, and of a roof that runs along the wall.
pub(super) fn roof_sketch(item: &Carried, site: &SiteLoads, wall_length: Length) -> Option<Drawing> {
    let Framing::Roof(roof) = item.framing else { return None };
    if roof.framing == RoofFraming::ParallelToWall {
        return None;
    }
    let leans =
        take_down(&[*item], site, wall_length).lines.iter().filter_map(|line| line.area).map(|(_, width)| width).max();
    Some(sketch(&roof, leans?))
}

fn sketch(roof: &RoofOnWall, leans: Length) -> Drawing {
    let one_slope = roof.framing == RoofFraming::RaftersFromLedger;
    let over = roof.overhang;
    let whole = roof.building_width + over * if one_slope { 1 } else { 2 };
    let scale = (WIDTH - 2.0 * SIDE) / whole.to_inches();
    let run = if one_slope { roof.building_width } else { roof.building_width.half() };
    let rise = scale * run.to_inches() * roof.rise_in_twelve / 12.0;
    let drop = scale * over.to_inches() * roof.rise_in_twelve / 12.0;
    let plate = 22.0 + rise;
    let about = say!("paper-drawing-of-the-roof");
    let mut ink = Ink::new(about, WIDTH, plate + drop.max(WALLS) + BELOW);
    let x = |place: Length| SIDE + scale * (place + over).to_inches();
    let middle = roof.framing == RoofFraming::MiddleWallUnderLappedCeilingJoists;
    let (eave, ridge) = ([x(-over), plate + drop], [x(run), plate - rise]);
    // What leans on the wall, from the eave inward, or on both sides of a middle wall.
    let from = if middle { run - leans.half() } else { -over };
    let to = (from + leans).min(whole - over);
    ink.area([[x(from), 14.0], [x(to), 14.0], [x(to), plate], [x(from), plate]], Some(0.08));
    ink.line([x(from), 14.0], [x(to), 14.0], LINE);
    let words = say!("paper-leans-on-the-wall", width = distance(leans));
    ink.text([f64::midpoint(x(from), x(to)), 10.0], Stands::Middle, words);
    ink.line(eave, ridge, THICK);
    if !one_slope {
        ink.line(ridge, [x(whole - over), plate + drop], THICK);
    }
    ink.line([x(Length::ZERO), plate], [x(roof.building_width), plate], LINE);
    let walls = [(Length::ZERO, !middle), (run, middle), (roof.building_width, false)];
    for (place, is_this_one) in walls.into_iter().filter(|(place, this)| *place != run || *this || one_slope) {
        let half = if is_this_one { 3.5 } else { 2.0 };
        let corners =
            [[-half, 0.0], [half, 0.0], [half, WALLS], [-half, WALLS]].map(|[dx, dy]| [x(place) + dx, plate + dy]);
        ink.area(corners, Some(if is_this_one { 0.6 } else { 0.0 }));
    }
    let slope = say!("paper-rise-in-twelve", rise = decimal(roof.rise_in_twelve, Unit::None, 1));
    ink.text([f64::midpoint(x(run), x(run) + 60.0), plate - rise - 2.0], Stands::Start, slope);
    let y = plate + drop.max(WALLS) + 16.0;
    let sizes = [(-over, Length::ZERO), (Length::ZERO, roof.building_width)];
    for (from, to) in sizes.into_iter().filter(|(from, to)| from < to) {
        ink.line([x(from), y], [x(to), y], LINE);
        for end in [from, to] {
            ink.line([x(end), y - 4.0], [x(end), y + 4.0], HAIR);
        }
        let words = say!("an-amount", amount = distance(to - from));
        ink.text([f64::midpoint(x(from), x(to)), y + 12.0], Stands::Middle, words);
    }
    ink.text([x(Length::ZERO), y + 25.0], Stands::Start, say!("paper-this-wall-is-dark"));
    ink.done()
}
