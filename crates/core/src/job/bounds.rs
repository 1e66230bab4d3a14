//! What values may be. Everything from outside passes here once; what is kept has passed.

use thiserror::Error;

use super::rough_opening::{RoughOpeningRules, rough_opening};
use super::usual_sizes;
use super::{
    CountOverride, FramingOptions, HeaderChoice, Job, KingWindBasis, LayoutStart, Letter, Opening, OpeningDesign,
    OpeningKind, PlateLap, PointLoad, RunDesign, Settings, SillStyle, Size, Wall, WallFrame, WallHeight,
};
use crate::loads::{Extent, FloorFraming, Framing, LoadKind, OpeningsAbove, SiteSnow, SnowBasis, WallCarries};
use crate::lumber::{Depth, HeaderBoard, HeaderSpec, MOST_PLIES, SheetValues};
use crate::measure::{End, Ends, Length, LengthStyle, Pressure};
use crate::sizing::schools::jurisdiction::MOST_ROWS;
use crate::sizing::schools::shop::MOST_HEADER_RULES;
use crate::sizing::schools::{JurisdictionTable, ShopRules};

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
/// The most walls that may cross a wall.
pub const MOST_PARTITIONS: usize = 40;
/// The most rows of blocking in a wall.
pub const MOST_BLOCKING_ROWS: usize = 6;
/// The most plate breaks and cast bolts that may be given for a wall.
pub const MOST_PLACES: usize = 100;
/// The steepest rake: 24 in 12.
const STEEPEST: i64 = 2;
/// The most things a wall may carry.
pub const MOST_CARRIED: usize = 20;
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
    site_snow(&settings.site.snow)?;
    pressure("roof_live", "Roof live load", settings.site.roof_live, 100.0)?;
    number("live_deflection_limit", "Live-load deflection limit", settings.live_deflection_limit, 120.0, 1200.0)?;
    number("total_deflection_limit", "Total deflection limit", settings.total_deflection_limit, 120.0, 1200.0)?;
    number("creep", "The creep factor", settings.creep, 1.0, 3.0)?;
    number("king_deflection_limit", "The kings' deflection limit", settings.king_deflection_limit, 120.0, 720.0)?;
    if let Some(most) = settings.most_sag_over_door {
        let (least, largest) = (Length::inches_and(0, 1, 16), Length::inches(2));
        let given = most.written(LengthStyle::Inches);
        ensure((least..=largest).contains(&most), "most_sag_over_door", "The most sag over a door", given, || {
            "1/16\" to 2\"".into()
        })?;
    }
    king_wind(&settings.wind)?;
    rough_rules(&settings.rough)?;
    length("finish_floor", "The finish floor", settings.finish_floor, 0, 4)?;
    length("counter", "The counter's height", settings.counter, 24, 48)?;
    length("backsplash", "The backsplash's height", settings.backsplash, 0, 24)?;
    shop(&settings.shop)
}

/// How much larger rough openings are than their units.
fn rough_rules(rules: &RoughOpeningRules) -> Checked {
    for kind in OpeningKind::ALL {
        let more = rules.of(kind);
        length("rough_wider", "How much wider the rough opening is", more.width, 0, 12)?;
        length("rough_higher", "How much higher the rough opening is", more.height, 0, 12)?;
    }
    Ok(())
}

fn site_snow(snow: &SiteSnow) -> Checked {
    let (SnowBasis::Ground(amount) | SnowBasis::Roof(amount)) = snow.basis;
    pressure("snow", "Snow", amount, 300.0)?;
    number("snow_exposure", "The snow exposure factor", snow.exposure, 0.7, 1.2)?;
    number("snow_thermal", "The snow thermal factor", snow.thermal, 0.85, 1.3)?;
    number("snow_importance", "The snow importance factor", snow.importance, 0.8, 1.2)?;
    number("winter_wind", "The winter wind parameter", snow.winter_wind, 0.25, 0.65)
}

fn king_wind(wind: &KingWindBasis) -> Checked {
    match wind {
        KingWindBasis::CodeTableOnly => Ok(()),
        KingWindBasis::Pressure(wind) => pressure("wind_pressure", "The wind pressure", *wind, 150.0),
        KingWindBasis::Speed(speed) => {
            number("wind_speed", "The wind speed", speed.miles_per_hour, 85.0, 200.0)?;
            length("mean_roof_height", "The mean roof height", speed.mean_roof_height, 8 * 12, 60 * 12)
        }
    }
}

fn shop(shop: &ShopRules) -> Checked {
    if let Some(width) = shop.doubles_jacks_from {
        length("shop_doubles_jacks_from", "Width from which the shop doubles jacks", width, 12, 240)?;
    }
    if let Some(width) = shop.doubles_kings_from {
        length("shop_doubles_kings_from", "Width from which the shop doubles kings", width, 12, 240)?;
    }
    at_most("shop_headers", "The number of the shop's header rules", shop.headers.len(), MOST_HEADER_RULES)?;
    for rule in &shop.headers {
        if let Some(width) = rule.up_to {
            length("up_to", "Width up to which the shop's rule holds", width, 12, 240)?;
        }
        if let Some(width) = rule.building_up_to {
            length("building_up_to", "Building width up to which the shop's rule holds", width, 48, 80 * 12)?;
        }
        header_spec(rule.header)?;
    }
    Ok(())
}

/// A jurisdiction's header table.
pub fn code_table(table: &JurisdictionTable) -> Checked {
    name("table_name", "The table's name", &table.name)?;
    at_most("rows", "The number of rows of the table", table.rows.len(), MOST_ROWS)?;
    for row in &table.rows {
        let fine = (1..=MOST_PLIES).contains(&row.plies);
        ensure(fine, "plies", "The number of plies", row.plies.to_string(), || format!("1 to {MOST_PLIES}"))?;
        length("span", "A span of the table", row.span, 6, 40 * 12)?;
        length("width", "A building's width in the table", row.width, 48, 120 * 12)?;
        pressure("snow", "A snow of the table", row.snow.unwrap_or_default(), 300.0)?;
        ensure((1..=MOST_STUDS).contains(&row.jacks), "jacks", "The number of jacks", row.jacks.to_string(), || {
            format!("1 to {MOST_STUDS}")
        })?;
    }
    Ok(())
}

/// A wall's frame.
pub fn wall_frame(frame: &WallFrame) -> Checked {
    name("name", "The wall's name", &frame.name)?;
    length("length", "The wall's length", frame.length, 24, 200 * 12)?;
    wall_height(frame)?;
    length("spacing", "The stud spacing", frame.spacing, 8, 24)?;
    let (studs, sizes) = (frame.stud.depth, [Depth::Four, Depth::Six, Depth::Eight]);
    ensure(sizes.contains(&studs), "stud_depth", "The studs", studs.nominal().to_string(), || {
        "2x4, 2x6 or 2x8".into()
    })?;
    framing_options(&frame.framing, frame)
}

fn wall_height(frame: &WallFrame) -> Checked {
    let each = |label, height| length("height", label, height, 24, 20 * 12);
    match frame.height {
        WallHeight::OverPlates(_) => {}
        WallHeight::Studs(stud) => length("height", "The studs' length", stud, 40, 236)?,
        WallHeight::Room(room) => {
            each("The room's height at the left end", room.left)?;
            each("The room's height at the right end", room.right)?;
            length("clearance", "The clearance over the wall", room.clearance, 0, 12)?;
        }
        WallHeight::Rake(rake) => {
            each("The rake's height at the left end", rake.left)?;
            each("The rake's height at the right end", rake.right)?;
            if let Some((at, height)) = rake.peak {
                on_wall("peak_at", "The peak's place", at, frame.length)?;
                each("The peak's height", height)?;
                let ends = rake.left.max(rake.right);
                let given = height.written(LengthStyle::FeetInches);
                ensure(ends <= height, "peak_height", "The peak's height", given, || {
                    "no lower than either end".into()
                })?;
            }
            for [(x0, y0), (x1, y1)] in frame.top_lines() {
                let rise = (y1 - y0).abs();
                let fine = rise <= (x1 - x0) * STEEPEST;
                let given = format!(
                    "{} in {}",
                    rise.written(LengthStyle::FeetInches),
                    (x1 - x0).written(LengthStyle::FeetInches)
                );
                ensure(fine, "height", "The rake's rise", given, || format!("{} in 12 at most", STEEPEST * 12))?;
            }
        }
    }
    length("height", "The wall's height", frame.height(), 48, 20 * 12)
}

fn framing_options(options: &FramingOptions, frame: &WallFrame) -> Checked {
    length("plate_stock", "The board that plates are cut from", options.plate_stock, 8 * 12, 40 * 12)?;
    length("breaks_apart", "The distance between plate breaks", options.breaks_apart, 0, 8 * 12)?;
    if let LayoutStart::NeighborFace(depth) = options.layout_start {
        adjoining("layout_start", depth)?;
    }
    for end in End::BOTH {
        if let PlateLap::HeldBack(depth) | PlateLap::RunsOver(depth) = *options.laps.at(end) {
            adjoining("laps", depth)?;
        }
    }
    if let Some(spacing) = options.bolts {
        length("bolts", "The distance between anchor bolts", spacing, 12, 72)?;
    }
    at_most("partitions", "The number of crossing walls", options.partitions.len(), MOST_PARTITIONS)?;
    at_most("blocking", "The number of rows of blocking", options.blocking.len(), MOST_BLOCKING_ROWS)?;
    at_most("cast_bolts", "The number of bolts", options.cast_bolts.len(), MOST_PLACES)?;
    for row in &options.blocking {
        let (least, most) = (frame.thickness() * 2, frame.height() - frame.thickness() * 3);
        let given = row.written(LengthStyle::FeetInches);
        ensure(least <= *row && *row <= most, "blocking", "The height of a row of blocking", given, || {
            format!("{} to {}", least.written(LengthStyle::FeetInches), most.written(LengthStyle::FeetInches))
        })?;
    }
    for bolt in &options.cast_bolts {
        on_wall("cast_bolts", "A bolt's place", *bolt, frame.length)?;
    }
    if let Some(own) = &options.own_breaks {
        at_most("own_breaks", "The number of plate breaks", own.lower.len().max(own.upper.len()), MOST_PLACES)?;
        for breaks in [&own.lower, &own.upper] {
            let mut from = Length::ZERO;
            for at in breaks {
                let given = at.written(LengthStyle::FeetInches);
                ensure(from < *at && *at < frame.length, "own_breaks", "A plate break's place", given, || {
                    "inside the wall, from left to right".into()
                })?;
                from = *at;
            }
        }
    }
    for partition in &options.partitions {
        adjoining("partition_depth", partition.depth)?;
        on_wall("partition_at", "The crossing wall's place", partition.at, frame.length)?;
    }
    Ok(())
}

/// The studs of a wall that meets this one.
fn adjoining(field: &'static str, depth: Depth) -> Checked {
    let fine = matches!(depth, Depth::Four | Depth::Six | Depth::Eight);
    ensure(fine, field, "The studs of the wall it meets", depth.nominal().to_string(), || "2x4, 2x6 or 2x8".into())
}

/// What a wall of this length carries.
pub fn carries(carries: &WallCarries, wall_length: Length) -> Checked {
    let WallCarries::Framing(items) = carries else { return Ok(()) };
    at_most("items", "The number of things a wall carries", items.len(), MOST_CARRIED)?;
    items.iter().try_for_each(|item| {
        extent_within(item.extent, wall_length)?;
        framing(&item.framing, wall_length)
    })
}

fn extent_within(extent: Extent, wall_length: Length) -> Checked {
    let Some((from, to)) = extent else { return Ok(()) };
    let text = |length: Length| length.written(LengthStyle::FeetInches);
    let fine = Length::ZERO <= from && from < to && to <= wall_length;
    ensure(fine, "from", "The stretch of wall", format!("{} to {}", text(from), text(to)), || {
        format!("from left to right within 0 to {}", text(wall_length))
    })
}

fn framing(framing: &Framing, wall_length: Length) -> Checked {
    match framing {
        Framing::Roof(roof) => {
            length("building_width", "The building's width", roof.building_width, 4 * 12, 80 * 12)?;
            length("overhang", "The overhang", roof.overhang, 0, 6 * 12)?;
            number("rise_in_twelve", "The roof's rise in 12", roof.rise_in_twelve, 0.0, 24.0)?;
            length("bay", "The distance between trusses or rafters", roof.bay, 8, 96)?;
            pressure("roof_dead", "Roof dead load", roof.roof_dead, 100.0)?;
            pressure("ceiling_dead", "Ceiling dead load", roof.ceiling_dead, 100.0)?;
            pressure("attic_live", "Attic live load", roof.attic_live, 125.0)
        }
        Framing::RidgePost(post) => {
            on_wall("at", "The ridge post's place", post.at, wall_length)?;
            length("building_width", "The building's width", post.building_width, 4 * 12, 80 * 12)?;
            number("rise_in_twelve", "The roof's rise in 12", post.rise_in_twelve, 0.0, 24.0)?;
            length("span_one_side", "The ridge's span on one side", post.span_one_side, 12, 40 * 12)?;
            length("span_other_side", "The ridge's span on the other side", post.span_other_side, 0, 40 * 12)?;
            number("beam_weight", "The ridge beam's weight", post.beam_weight.to_plf(), 0.0, 500.0)?;
            pressure("roof_dead", "Roof dead load", post.roof_dead, 100.0)
        }
        Framing::Floor(floor) => {
            length("span_one_side", "The joist span on one side", floor.span_one_side, 12, 40 * 12)?;
            let least = match floor.framing {
                FloorFraming::ContinuousOverThisWall | FloorFraming::ContinuousEndingHere => 12,
                _ => 0,
            };
            length("span_other_side", "The joist span on the other side", floor.span_other_side, least, 40 * 12)?;
            length("bay", "The distance between joists", floor.bay, 8, 96)?;
            pressure("floor_dead", "Floor dead load", floor.dead, 150.0)?;
            pressure("floor_live", "Floor live load", floor.live, 250.0)
        }
        Framing::WallAbove(wall) => {
            length("wall_above_height", "The height of the wall above", wall.height, 12, 20 * 12)?;
            pressure("wall_above_dead", "The weight of the wall above", wall.dead, 150.0)?;
            let OpeningsAbove::At(places) = wall.openings else { return Ok(()) };
            places.into_iter().flatten().try_for_each(|place| extent_within(Some(place), wall_length))
        }
        Framing::Gable(gable) => {
            number("rise_in_twelve", "The gable's rise in 12", gable.rise_in_twelve, 0.0, 24.0)?;
            pressure("gable_dead", "The weight of the gable", gable.dead, 150.0)
        }
    }
}

/// An opening's design, in a wall of this length, in a job with these rules.
pub fn opening_design(design: &OpeningDesign, wall_length: Length, rules: &RoughOpeningRules) -> Checked {
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
        HeaderChoice::BySchool => Ok(()),
        HeaderChoice::Chosen(header) => header_spec(header),
    }?;
    length("sheathing_return", "The sheathing returned into the jambs", design.sheathing_return, 0, 2)?;
    if let SillStyle::Sloped(drop) = design.sill_style {
        let (least, most) = (Length::inches_and(0, 1, 16), Length::inches(2));
        let given = drop.written(LengthStyle::Inches);
        ensure((least..=most).contains(&drop), "sill_slope", "The sill's fall", given, || "1/16\" to 2\"".into())?;
    }
    run(&design.run, rough_opening(design, rules).width)
}

/// Where a header runs past an opening this wide.
fn run(run: &RunDesign, clear: Length) -> Checked {
    for end in End::BOTH {
        let Some(past) = run.past.at(end) else { continue };
        length("run_past", "How far the header runs past its pack", past.length, 6, 16 * 12)?;
        let given = past.far_studs.to_string();
        ensure(past.far_studs <= MOST_STUDS, "far_studs", "The number of studs under its far end", given, || {
            format!("0 to {MOST_STUDS}")
        })?;
    }
    for post in run.posts.iter().flatten() {
        let inside = Length::inches(6) <= post.at && post.at <= clear - Length::inches(6);
        ensure(inside, "post_at", "The post's place", post.at.written(LengthStyle::FeetInches), || {
            "6 in. or more inside the opening, from its left face".into()
        })?;
        ensure(
            (1..=MOST_STUDS).contains(&post.studs),
            "post_studs",
            "The studs of a post",
            post.studs.to_string(),
            || format!("1 to {MOST_STUDS}"),
        )?;
    }
    if let [Some(first), Some(second)] = run.posts {
        let apart = Length::inches(12) <= (second.at - first.at).abs();
        ensure(
            apart,
            "post_at",
            "The posts' distance",
            (second.at - first.at).abs().written(LengthStyle::FeetInches),
            || "1 ft or more".into(),
        )?;
    }
    Ok(())
}

fn header_spec(header: HeaderSpec) -> Checked {
    let plies = header.plies;
    let fine = (1..=MOST_PLIES).contains(&plies);
    ensure(fine, "plies", "The number of plies", plies.to_string(), || format!("1 to {MOST_PLIES}"))?;
    header_board(header.board)
}

fn header_board(board: HeaderBoard) -> Checked {
    length("ply_width", "The width of a ply", board.ply_width(), 1, 12)?;
    length("depth", "The depth of a header", board.depth(), 3, 36)?;
    match board {
        HeaderBoard::Sheet { values, .. } => sheet(&values),
        HeaderBoard::Sawn { size, .. } => {
            ensure(size.is_made(), "thickness", "The size", size.name(), || "a size that is sawn, such as a 4x6".into())
        }
        HeaderBoard::Engineered { .. } => Ok(()),
    }
}

/// The user's own values.
fn sheet(values: &SheetValues) -> Checked {
    name("sheet_name", "The sheet's name", &values.name)?;
    let psi = |field, label, value: u32, least: u32, most: u32| {
        ensure((least..=most).contains(&value), field, label, format!("{value} psi"), || {
            format!("{least} to {most} psi")
        })
    };
    psi("bending_psi", "Fb of your sheet", values.bending_psi, 100, 10_000)?;
    psi("shear_psi", "Fv of your sheet", values.shear_psi, 20, 2_000)?;
    psi("bearing_psi", "Fc⊥ of your sheet", values.bearing_psi, 50, 5_000)?;
    psi("stiffness_psi", "E of your sheet", values.stiffness_psi, 200_000, 5_000_000)?;
    psi(
        "stability_stiffness_psi",
        "Emin of your sheet",
        values.stability_stiffness_psi,
        100_000,
        values.stiffness_psi,
    )?;
    let density = values.density_pcf;
    ensure((10..=100).contains(&density), "density_pcf", "The weight of your sheet", density.to_string(), || {
        "10 to 100 lb/ft³".into()
    })
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
    on_wall("at", "The point load's place", load.at, wall_length)?;
    for kind in LoadKind::TYPED {
        number("amount", "A point load's part", load.amount.get(kind).to_lbf(), 0.0, 100_000.0)?;
    }
    Ok(())
}

fn on_wall(field: &'static str, label: &'static str, at: Length, wall_length: Length) -> Checked {
    let to = wall_length.written(LengthStyle::FeetInches);
    let inside = Length::ZERO <= at && at <= wall_length;
    ensure(inside, field, label, at.written(LengthStyle::FeetInches), || {
        format!("on the wall, 0 to {to} from the left")
    })
}

/// Whether a unit is of a size that its kind comes in.
pub fn unit_size(design: &OpeningDesign) -> Checked {
    let (wide, high) = usual_sizes::of_kind(design.kind);
    let kind = design.kind.word();
    for (field, value, range, dimension) in
        [("unit_width", design.unit.width, wide, "wide"), ("unit_height", design.unit.height, high, "high")]
    {
        let given = value.written(LengthStyle::FeetInches);
        ensure(range.contains(value), field, "The unit", format!("a {kind} {given} {dimension}"), || range.words())?;
    }
    Ok(())
}

/// A whole wall, in a job with these rules.
pub fn wall(wall: &Wall, rules: &RoughOpeningRules) -> Checked {
    wall_frame(&wall.frame)?;
    carries(&wall.carries, wall.frame.length)?;
    at_most("openings", "The number of openings in a wall", wall.openings.len(), MOST_OPENINGS)?;
    at_most("point_loads", "The number of point loads on a wall", wall.point_loads.len(), MOST_POINT_LOADS)?;
    for each in &wall.openings {
        opening(each, wall.frame.length, rules)?;
    }
    wall.point_loads.iter().try_for_each(|load| point_load(load, wall.frame.length))
}

/// A whole opening, with what it was when it was framed.
fn opening(opening: &Opening, wall_length: Length, rules: &RoughOpeningRules) -> Checked {
    opening_design(&opening.design, wall_length, rules)?;
    if let Some(letter) = opening.letter {
        ensure(letter <= Letter::LAST, "letter", "The opening's letter", letter.0.to_string(), || {
            format!("0 to {}", Letter::LAST.0)
        })?;
    }
    counts(&opening.jacks, &opening.kings)?;
    let Some(framed) = &opening.framed_as else { return Ok(()) };
    // The wall or the rules may have changed since: its place then is history, not a mistake.
    size("unit_width", "unit_height", framed.design.unit)?;
    counts(&framed.jacks, &framed.kings)
}

fn counts(jacks: &Ends<Option<CountOverride>>, kings: &Ends<Option<CountOverride>>) -> Checked {
    for end in End::BOTH {
        for (field, decided) in [("jacks", jacks.at(end)), ("kings", kings.at(end))] {
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
    for item in job.boards() {
        header_board(item.board)?;
        if let Some(price) = item.price_per_foot {
            number("price_cents_per_foot", "The price per foot", price.to_cents(), 0.0, 1e7)?;
        }
    }
    job.code_table.as_ref().map_or(Ok(()), code_table)?;
    job.walls.iter().try_for_each(|each| wall(each, &job.settings.rough))
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
    use crate::job::{OwnBreaks, Rake};

    #[test]
    fn the_sentence_names_the_field_and_what_is_allowed() {
        let frame = WallFrame { height: WallHeight::OverPlates(Length::feet(40)), ..WallFrame::usual("north") };
        let error = wall_frame(&frame).expect_err("40 ft is no wall");
        assert_eq!(error.field, "height");
        assert_eq!(error.to_string(), "The wall's height is 40'-0\"; it can be 4'-0\" to 20'-0\".");
    }

    #[test]
    fn numbers_that_are_not_numbers_are_refused() {
        let settings = Settings { live_deflection_limit: f64::NAN, ..Settings::default() };
        assert_eq!(super::settings(&settings).map_err(|error| error.field), Err("live_deflection_limit"));
        let mut snow = Settings::default();
        snow.site.snow.basis = SnowBasis::Ground(Pressure::psf(f64::INFINITY));
        assert!(super::settings(&snow).is_err());
    }

    #[test]
    fn a_rake_climbs_no_steeper_than_two_to_one_and_its_peak_is_its_top() {
        let rake = |left, right, peak: Option<(i64, i64)>| {
            let feet = |feet| Length::feet(feet);
            let peak = peak.map(|(at, height)| (feet(at), feet(height)));
            let height = WallHeight::Rake(Rake { left: feet(left), right: feet(right), peak });
            wall_frame(&WallFrame { height, length: feet(8), ..WallFrame::usual("gable") }).map_err(|error| error.field)
        };
        assert_eq!(rake(2, 18, None), Ok(()));
        assert_eq!(rake(2, 19, None), Err("height"));
        assert_eq!(rake(4, 4, Some((4, 12))), Ok(()));
        assert_eq!(rake(4, 6, Some((4, 5))), Err("peak_height"));
        assert_eq!(rake(4, 4, Some((9, 12))), Err("peak_at"));
    }

    #[test]
    fn breaks_run_from_left_to_right_inside_the_wall() {
        let checked = |lower: &[i64]| {
            let lower = lower.iter().map(|feet| Length::feet(*feet)).collect();
            let own_breaks = Some(OwnBreaks { lower, upper: vec![] });
            let framing = FramingOptions { own_breaks, ..FramingOptions::default() };
            wall_frame(&WallFrame { framing, ..WallFrame::usual("north") })
        };
        assert!(checked(&[4, 8]).is_ok());
        assert!(checked(&[8, 4]).is_err() && checked(&[12]).is_err());
    }

    #[test]
    fn names_are_one_line() {
        assert!(name("name", "Name", "Back wall").is_ok());
        assert!(name("name", "Name", "  ").is_err());
        assert!(name("name", "Name", "a\nb").is_err());
        assert!(name("name", "Name", &"x".repeat(81)).is_err());
    }
}
