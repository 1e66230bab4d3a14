//! What values may be. Everything from outside passes here once; what is kept has passed.

use thiserror::Error;

use super::{CountOverride, HeaderChoice, Job, Opening, OpeningDesign, PointLoad, Settings, Size, Wall, WallFrame};
use crate::loads::{CarriedFraming, LoadKind, SnowBasis, WallCarries};
use crate::lumber::{HeaderBoard, HeaderSpec, MOST_PLIES};
use crate::measure::{End, Length, LengthStyle, Pressure};

/// A value that is not allowed: which field, what was given, what is allowed.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[error("{label} is {given}; it can be {allowed}.")]
pub struct OutOfBounds {
    /// Machine name of the field, as the wire calls it.
    pub field: &'static str,
    /// The field's name as a carpenter knows it.
    pub label: &'static str,
    /// What was given.
    pub given: String,
    /// What is allowed.
    pub allowed: String,
}

/// The most walls a job may have.
pub const MOST_WALLS: usize = 200;
/// The most openings a wall may have.
pub const MOST_OPENINGS: usize = 60;
/// The most point loads a wall may have.
pub const MOST_POINT_LOADS: usize = 60;
/// The most boards a job's stock may have.
pub const MOST_STOCK: usize = 100;
/// The longest name, in characters.
pub const LONGEST_NAME: usize = 80;
/// The most studs of one kind an end may be given.
pub const MOST_STUDS: u8 = 8;

type Checked = Result<(), OutOfBounds>;

/// A name: not empty, not too long, no control characters.
pub fn name(field: &'static str, label: &'static str, text: &str) -> Checked {
    let length = text.chars().count();
    let fine = !text.trim().is_empty() && length <= LONGEST_NAME && !text.chars().any(char::is_control);
    let given = if length > LONGEST_NAME { format!("{length} characters long") } else { format!("\"{text}\"") };
    ensure(fine, field, label, given, || format!("1 to {LONGEST_NAME} characters on one line"))
}

/// A job's settings.
pub fn settings(settings: &Settings) -> Checked {
    let (SnowBasis::Ground(snow) | SnowBasis::Roof(snow)) = settings.site.snow;
    pressure("snow", "Snow", snow, 300.0)?;
    pressure("roof_live", "Roof live load", settings.site.roof_live, 100.0)?;
    number("live_deflection_limit", "Live-load deflection limit", settings.live_deflection_limit, 120.0, 1200.0)?;
    number("total_deflection_limit", "Total deflection limit", settings.total_deflection_limit, 120.0, 1200.0)?;
    match settings.shop_doubles_jacks_from {
        Some(width) => length("shop_doubles_jacks_from", "Width from which the shop doubles jacks", width, 12, 240),
        None => Ok(()),
    }
}

/// A wall's frame.
pub fn wall_frame(frame: &WallFrame) -> Checked {
    name("name", "The wall's name", &frame.name)?;
    length("length", "The wall's length", frame.length, 24, 200 * 12)?;
    length("height", "The wall's height", frame.height, 48, 20 * 12)?;
    length("spacing", "The stud spacing", frame.spacing, 8, 24)
}

/// What a wall carries.
pub fn carries(carries: &WallCarries) -> Checked {
    let WallCarries::Framing(CarriedFraming { roof, floor, wall_above }) = carries else { return Ok(()) };
    if let Some(roof) = roof {
        length("building_width", "The building's width", roof.building_width, 4 * 12, 80 * 12)?;
        length("overhang", "The overhang", roof.overhang, 0, 6 * 12)?;
        number("rise_in_twelve", "The roof's rise in 12", roof.rise_in_twelve, 0.0, 24.0)?;
        pressure("roof_dead", "Roof dead load", roof.roof_dead, 100.0)?;
        pressure("ceiling_dead", "Ceiling dead load", roof.ceiling_dead, 100.0)?;
        pressure("attic_live", "Attic live load", roof.attic_live, 125.0)?;
    }
    if let Some(floor) = floor {
        length("span_one_side", "The joist span on one side", floor.span_one_side, 12, 40 * 12)?;
        length("span_other_side", "The joist span on the other side", floor.span_other_side, 0, 40 * 12)?;
        pressure("floor_dead", "Floor dead load", floor.dead, 150.0)?;
        pressure("floor_live", "Floor live load", floor.live, 250.0)?;
    }
    if let Some(wall) = wall_above {
        length("wall_above_height", "The height of the wall above", wall.height, 12, 20 * 12)?;
        pressure("wall_above_dead", "The weight of the wall above", wall.dead, 150.0)?;
    }
    Ok(())
}

/// An opening's design, in a wall of this length.
pub fn opening_design(design: &OpeningDesign, wall_length: Length) -> Checked {
    size("unit_width", "unit_height", design.unit)?;
    if let Some(rough) = design.rough {
        size("rough_width", "rough_height", rough)?;
    }
    let to = wall_length.written(LengthStyle::FeetInches);
    let inside = Length::ZERO <= design.center && design.center <= wall_length;
    ensure(inside, "center", "The opening's center", design.center.written(LengthStyle::FeetInches), || {
        format!("between the wall's ends, 0 to {to} from the left")
    })?;
    length("sill", "The sill height", design.sill, 0, 15 * 12)?;
    match design.header {
        HeaderChoice::Leanest => Ok(()),
        HeaderChoice::Chosen(header) => header_spec(header),
    }
}

fn header_spec(header: HeaderSpec) -> Checked {
    let plies = header.plies;
    let fine = (1..=MOST_PLIES).contains(&plies);
    ensure(fine, "plies", "The number of plies", plies.to_string(), || format!("1 to {MOST_PLIES}"))?;
    header_board(header.board)
}

fn header_board(board: HeaderBoard) -> Checked {
    length("ply_width", "The width of a ply", board.ply_width(), 1, 12)?;
    length("depth", "The depth of a header", board.depth(), 3, 36)
}

fn size(width_field: &'static str, height_field: &'static str, size: Size) -> Checked {
    length(width_field, "The opening's width", size.width, 6, 60 * 12)?;
    length(height_field, "The opening's height", size.height, 6, 20 * 12)
}

/// A count somebody decided.
pub fn count_override(field: &'static str, decided: &CountOverride) -> Checked {
    let fine = (1..=MOST_STUDS).contains(&decided.count);
    ensure(fine, field, "The number of studs", decided.count.to_string(), || format!("1 to {MOST_STUDS}"))?;
    name("reason", "The reason", &decided.reason)
}

/// A point load, on a wall of this length.
pub fn point_load(load: &PointLoad, wall_length: Length) -> Checked {
    name("name", "The point load's name", &load.name)?;
    let inside = Length::ZERO <= load.at && load.at <= wall_length;
    let to = wall_length.written(LengthStyle::FeetInches);
    ensure(inside, "at", "The point load's place", load.at.written(LengthStyle::FeetInches), || {
        format!("on the wall, 0 to {to} from the left")
    })?;
    for kind in LoadKind::ALL {
        number("amount", "A point load's part", load.amount.get(kind).to_lbf(), 0.0, 100_000.0)?;
    }
    Ok(())
}

/// A whole wall.
pub fn wall(wall: &Wall) -> Checked {
    wall_frame(&wall.frame)?;
    carries(&wall.carries)?;
    at_most("openings", "The number of openings in a wall", wall.openings.len(), MOST_OPENINGS)?;
    at_most("point_loads", "The number of point loads on a wall", wall.point_loads.len(), MOST_POINT_LOADS)?;
    for each in &wall.openings {
        opening(each, wall.frame.length)?;
    }
    wall.point_loads.iter().try_for_each(|load| point_load(load, wall.frame.length))
}

/// A whole opening.
pub fn opening(opening: &Opening, wall_length: Length) -> Checked {
    opening_design(&opening.design, wall_length)?;
    for end in End::BOTH {
        for (field, decided) in [("jacks", opening.jacks.at(end)), ("kings", opening.kings.at(end))] {
            decided.as_ref().map_or(Ok(()), |decided| count_override(field, decided))?;
        }
    }
    Ok(())
}

/// A whole job.
pub fn job(job: &Job) -> Checked {
    name("name", "The job's name", &job.name)?;
    settings(&job.settings)?;
    at_most("walls", "The number of walls", job.walls.len(), MOST_WALLS)?;
    at_most("stock", "The number of boards in stock", job.stock.len(), MOST_STOCK)?;
    for item in &job.stock {
        header_board(item.board)?;
        number("price_cents_per_foot", "The price per foot", item.price_per_foot.to_cents(), 0.0, 1e7)?;
    }
    job.walls.iter().try_for_each(wall)
}

fn at_most(field: &'static str, label: &'static str, count: usize, most: usize) -> Checked {
    ensure(count <= most, field, label, count.to_string(), || format!("at most {most}"))
}

fn length(field: &'static str, label: &'static str, value: Length, least_inches: i64, most_inches: i64) -> Checked {
    let (least, most) = (Length::inches(least_inches), Length::inches(most_inches));
    let text = |length: Length| length.written(LengthStyle::FeetInches);
    ensure(least <= value && value <= most, field, label, text(value), || format!("{} to {}", text(least), text(most)))
}

fn pressure(field: &'static str, label: &'static str, value: Pressure, most: f64) -> Checked {
    let fine = 0.0 <= value.to_psf() && value.to_psf() <= most;
    ensure(fine, field, label, format!("{} psf", value.to_psf()), || format!("0 to {most} psf"))
}

fn number(field: &'static str, label: &'static str, value: f64, least: f64, most: f64) -> Checked {
    ensure(least <= value && value <= most, field, label, value.to_string(), || format!("{least} to {most}"))
}

fn ensure(
    fine: bool,
    field: &'static str,
    label: &'static str,
    given: String,
    allowed: impl FnOnce() -> String,
) -> Checked {
    if fine { Ok(()) } else { Err(OutOfBounds { field, label, given, allowed: allowed() }) }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_sentence_names_the_field_and_what_is_allowed() {
        let frame = WallFrame { height: Length::feet(40), ..WallFrame::usual("north") };
        let error = wall_frame(&frame).expect_err("40 ft is no wall");
        assert_eq!(error.field, "height");
        assert_eq!(error.to_string(), "The wall's height is 40'-0\"; it can be 4'-0\" to 20'-0\".");
    }

    #[test]
    fn numbers_that_are_not_numbers_are_refused() {
        let settings = Settings { live_deflection_limit: f64::NAN, ..Settings::default() };
        assert_eq!(super::settings(&settings).map_err(|error| error.field), Err("live_deflection_limit"));
        let mut snow = Settings::default();
        snow.site.snow = SnowBasis::Ground(Pressure::psf(f64::INFINITY));
        assert!(super::settings(&snow).is_err());
    }

    #[test]
    fn names_are_one_line() {
        assert!(name("name", "Name", "Back wall").is_ok());
        assert!(name("name", "Name", "  ").is_err());
        assert!(name("name", "Name", "a\nb").is_err());
        assert!(name("name", "Name", &"x".repeat(81)).is_err());
    }
}
