//! Commands on the wire.

use serde::{Deserialize, Serialize};
use sturvek_core::house::PartId;
use sturvek_core::job::command::{AT_THE_END, Placement};
use sturvek_core::job::{self, CountOverride, HeaderChoice, OpeningId, PointLoadId, WallId};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{End, StudRole};
use crate::inputs::{
    Carries, CodeTable, Decided, Design, Evidence, FramedAs, Ground, Header, HousePart, Opening, Particulars, Place,
    PointLoad, Settings, StockItem, Wall, WallFrame,
};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

/// What of an opening is measured.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Measured {
    /// Its center, from the wall's left end.
    Center,
    /// The left face of its rough opening, from the wall's left end.
    LeftFace,
    /// The right face of its rough opening, from the wall's right end.
    RightFace,
}

/// An edit of a job.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "do", rename_all = "snake_case")]
pub enum Command {
    /// Gives the job another name.
    RenameJob {
        /// The name.
        name: String,
    },
    /// Changes what the job's papers are headed with.
    ChangeParticulars {
        /// The particulars.
        particulars: Particulars,
    },
    /// Changes the job's settings.
    ChangeSettings {
        /// The settings.
        settings: Box<Settings>,
    },
    /// Changes what headers can be made of.
    ChangeStock {
        /// The whole stock.
        stock: Vec<StockItem>,
    },
    /// Loads the jurisdiction's own header table, or puts it away.
    LoadCodeTable {
        /// The table; put away where it is left out.
        table: Option<CodeTable>,
    },
    /// Changes what was looked at to find out whether a wall bears.
    ChangeEvidence {
        /// Which wall.
        wall: Uuid,
        /// What was seen.
        evidence: Evidence,
    },
    /// Adds a wall.
    AddWall {
        /// The wall.
        wall: Box<Wall>,
        /// Its place in the list; the end where it is left out.
        at: Option<usize>,
    },
    /// Takes a wall out.
    RemoveWall {
        /// Which.
        wall: Uuid,
    },
    /// Turns a wall end for end.
    MirrorWall {
        /// Which.
        wall: Uuid,
    },
    /// Moves a wall to another place in the list.
    MoveWall {
        /// Which.
        wall: Uuid,
        /// Its place, from zero.
        to: usize,
    },
    /// Gives a wall its place in the house, or takes it out of it.
    PlaceWall {
        /// Which.
        wall: Uuid,
        /// Where; nowhere where it is left out.
        place: Option<Place>,
    },
    /// Adds a part to the house.
    AddPart {
        /// The part.
        part: Box<HousePart>,
        /// Its place in its list; the end where it is left out.
        at: Option<usize>,
    },
    /// Changes a part of the house.
    ChangePart {
        /// The part as it shall be, with its identity.
        part: Box<HousePart>,
    },
    /// Takes a part out of the house.
    RemovePart {
        /// Which.
        part: Uuid,
    },
    /// Changes what holds for the ground as a whole.
    ChangeGround {
        /// The ground.
        ground: Ground,
    },
    /// Changes a wall's frame.
    ChangeWall {
        /// Which.
        wall: Uuid,
        /// Its frame.
        frame: Box<WallFrame>,
    },
    /// Changes what a wall carries.
    ChangeCarries {
        /// Which.
        wall: Uuid,
        /// What it carries.
        carries: Carries,
    },
    /// Adds an opening.
    AddOpening {
        /// To which wall.
        wall: Uuid,
        /// The opening.
        opening: Box<Opening>,
        /// Its place in the list; the end where it is left out.
        at: Option<usize>,
    },
    /// Takes an opening out.
    RemoveOpening {
        /// Which.
        opening: Uuid,
        /// How many letters the wall had given before it was added, where this takes its adding back.
        #[serde(default, skip_serializing_if = "Option::is_none")]
        letters_given: Option<u16>,
    },
    /// Moves an opening along its wall.
    MoveOpening {
        /// Which.
        opening: Uuid,
        /// Where to.
        to: TypedLength,
        /// What is measured.
        measured: Measured,
    },
    /// Changes what an opening is.
    ChangeOpening {
        /// Which.
        opening: Uuid,
        /// Its design.
        design: Box<Design>,
    },
    /// Chooses a header, or leaves it to the job's school.
    ChooseHeader {
        /// For which opening.
        opening: Uuid,
        /// Which; the governing school's where it is left out.
        header: Option<Header>,
    },
    /// Decides a count with a reason, or goes back to the computed one.
    OverrideCount {
        /// For which opening.
        opening: Uuid,
        /// Jacks or kings.
        role: StudRole,
        /// At which end.
        end: End,
        /// The decision; the computed count where it is left out.
        decided: Option<Decided>,
    },
    /// Marks an opening as framed the way it was, or takes the mark back.
    MarkFramed {
        /// Which opening.
        opening: Uuid,
        /// What it was; not framed where it is left out.
        framed: Option<Box<FramedAs>>,
    },
    /// Adds a point load.
    AddPointLoad {
        /// On which wall.
        wall: Uuid,
        /// The load.
        load: PointLoad,
        /// Its place in the list; the end where it is left out.
        at: Option<usize>,
    },
    /// Changes a point load.
    ChangePointLoad {
        /// The load as it shall be, with its identity.
        load: PointLoad,
    },
    /// Takes a point load away.
    RemovePointLoad {
        /// Which.
        load: Uuid,
    },
    /// Several as one: one version, one undo.
    Together {
        /// In this order, at most 120; none of them several itself.
        #[schema(no_recursion)]
        commands: Vec<Command>,
    },
}

impl Command {
    /// Gives an identity to whatever it adds and has none.
    #[must_use]
    pub fn with_identities(mut self) -> Self {
        let name = |id: &mut Option<Uuid>| {
            id.get_or_insert_with(Uuid::new_v4);
        };
        match &mut self {
            Self::AddWall { wall, .. } => {
                name(&mut wall.id);
                wall.openings.iter_mut().for_each(|opening| name(&mut opening.id));
                wall.point_loads.iter_mut().for_each(|load| name(&mut load.id));
            }
            Self::ChangeStock { stock } => stock.iter_mut().for_each(|item| name(&mut item.id)),
            Self::AddOpening { opening, .. } => name(&mut opening.id),
            Self::AddPointLoad { load, .. } => name(&mut load.id),
            Self::AddPart { part, .. } => name(part.id_mut()),
            Self::Together { commands } => {
                *commands = std::mem::take(commands).into_iter().map(Self::with_identities).collect();
            }
            _ => {}
        }
        self
    }
}

impl Resolve for Command {
    type Core = job::Command;
    fn read(&self, reader: &mut Reader) -> job::Command {
        let wall_id = |id: &Uuid| WallId(id.as_u128());
        let opening_id = |id: &Uuid| OpeningId(id.as_u128());
        match self {
            Self::RenameJob { name } => job::Command::RenameJob { name: name.trim().to_owned() },
            Self::ChangeParticulars { particulars } => {
                job::Command::ChangeParticulars { particulars: reader.part("particulars", particulars) }
            }
            Self::ChangeSettings { settings } => {
                job::Command::ChangeSettings { settings: Box::new(reader.part("settings", &**settings)) }
            }
            Self::ChangeStock { stock } => job::Command::ChangeStock { stock: reader.parts("stock", stock) },
            Self::LoadCodeTable { table } => {
                job::Command::LoadCodeTable { table: reader.maybe_part("table", table.as_ref()) }
            }
            Self::ChangeEvidence { wall, evidence } => {
                job::Command::ChangeEvidence { wall: wall_id(wall), evidence: reader.part("evidence", evidence) }
            }
            Self::AddWall { wall, at } => {
                job::Command::AddWall { wall: Box::new(reader.part("wall", &**wall)), at: at.unwrap_or(AT_THE_END) }
            }
            Self::RemoveWall { wall } => job::Command::RemoveWall { wall: wall_id(wall) },
            Self::MirrorWall { wall } => job::Command::MirrorWall { wall: wall_id(wall) },
            Self::MoveWall { wall, to } => job::Command::MoveWall { wall: wall_id(wall), to: *to },
            Self::PlaceWall { wall, place } => {
                job::Command::PlaceWall { wall: wall_id(wall), place: reader.maybe_part("place", place.as_ref()) }
            }
            Self::AddPart { part, at } => {
                job::Command::AddPart { part: Box::new(reader.part("part", &**part)), at: at.unwrap_or(AT_THE_END) }
            }
            Self::ChangePart { part } => job::Command::ChangePart { part: Box::new(reader.part("part", &**part)) },
            Self::RemovePart { part } => job::Command::RemovePart { part: PartId(part.as_u128()) },
            Self::ChangeGround { ground } => job::Command::ChangeGround { ground: reader.part("ground", ground) },
            Self::ChangeWall { wall, frame } => {
                job::Command::ChangeWall { wall: wall_id(wall), frame: reader.part("frame", &**frame) }
            }
            Self::ChangeCarries { wall, carries } => {
                job::Command::ChangeCarries { wall: wall_id(wall), carries: reader.part("carries", carries) }
            }
            Self::AddOpening { wall, opening, at } => job::Command::AddOpening {
                wall: wall_id(wall),
                opening: Box::new(reader.part("opening", &**opening)),
                at: at.unwrap_or(AT_THE_END),
            },
            Self::RemoveOpening { opening, letters_given } => {
                job::Command::RemoveOpening { opening: opening_id(opening), letters_given: *letters_given }
            }
            Self::MoveOpening { opening, to, measured } => {
                let to = reader.length("to", to);
                let to = match measured {
                    Measured::Center => Placement::Center(to),
                    Measured::LeftFace => Placement::LeftFace(to),
                    Measured::RightFace => Placement::RightFace(to),
                };
                job::Command::MoveOpening { opening: opening_id(opening), to }
            }
            Self::ChangeOpening { opening, design } => {
                job::Command::ChangeOpening { opening: opening_id(opening), design: reader.part("design", &**design) }
            }
            Self::ChooseHeader { opening, header } => job::Command::ChooseHeader {
                opening: opening_id(opening),
                header: match header {
                    Some(header) => HeaderChoice::Chosen(reader.part("header", header)),
                    None => HeaderChoice::BySchool,
                },
            },
            Self::OverrideCount { opening, role, end, decided } => job::Command::OverrideCount {
                opening: opening_id(opening),
                role: (*role).into(),
                end: (*end).into(),
                decided: decided.as_ref().map(CountOverride::from),
            },
            Self::MarkFramed { opening, framed } => job::Command::MarkFramed {
                opening: opening_id(opening),
                framed: framed.as_ref().map(|framed| Box::new(reader.part("framed", &**framed))),
            },
            Self::AddPointLoad { wall, load, at } => job::Command::AddPointLoad {
                wall: wall_id(wall),
                load: reader.part("load", load),
                at: at.unwrap_or(AT_THE_END),
            },
            Self::ChangePointLoad { load } => job::Command::ChangePointLoad { load: reader.part("load", load) },
            Self::RemovePointLoad { load } => job::Command::RemovePointLoad { load: PointLoadId(load.as_u128()) },
            Self::Together { commands } => job::Command::Together { commands: reader.parts("commands", commands) },
        }
    }
}

/// A place in a list; left out where it is the end.
fn place(at: usize) -> Option<usize> {
    (at != AT_THE_END).then_some(at)
}

impl From<&job::Command> for Command {
    fn from(command: &job::Command) -> Self {
        let wall_uuid = |id: &WallId| Uuid::from_u128(id.0);
        let opening_uuid = |id: &OpeningId| Uuid::from_u128(id.0);
        match command {
            job::Command::RenameJob { name } => Self::RenameJob { name: name.clone() },
            job::Command::ChangeParticulars { particulars } => {
                Self::ChangeParticulars { particulars: particulars.into() }
            }
            job::Command::ChangeSettings { settings } => {
                Self::ChangeSettings { settings: Box::new((&**settings).into()) }
            }
            job::Command::ChangeStock { stock } => Self::ChangeStock { stock: stock.iter().map(Into::into).collect() },
            job::Command::LoadCodeTable { table } => Self::LoadCodeTable { table: table.as_ref().map(Into::into) },
            job::Command::ChangeEvidence { wall, evidence } => {
                Self::ChangeEvidence { wall: wall_uuid(wall), evidence: evidence.into() }
            }
            job::Command::AddWall { wall, at } => Self::AddWall { wall: Box::new((&**wall).into()), at: place(*at) },
            job::Command::RemoveWall { wall } => Self::RemoveWall { wall: wall_uuid(wall) },
            job::Command::MirrorWall { wall } => Self::MirrorWall { wall: wall_uuid(wall) },
            job::Command::MoveWall { wall, to } => Self::MoveWall { wall: wall_uuid(wall), to: *to },
            job::Command::PlaceWall { wall, place } => {
                Self::PlaceWall { wall: wall_uuid(wall), place: place.as_ref().map(Into::into) }
            }
            job::Command::AddPart { part, at } => Self::AddPart { part: Box::new((&**part).into()), at: place(*at) },
            job::Command::ChangePart { part } => Self::ChangePart { part: Box::new((&**part).into()) },
            job::Command::RemovePart { part } => Self::RemovePart { part: Uuid::from_u128(part.0) },
            job::Command::ChangeGround { ground } => Self::ChangeGround { ground: ground.into() },
            job::Command::ChangeWall { wall, frame } => {
                Self::ChangeWall { wall: wall_uuid(wall), frame: Box::new(frame.into()) }
            }
            job::Command::ChangeCarries { wall, carries } => {
                Self::ChangeCarries { wall: wall_uuid(wall), carries: carries.into() }
            }
            job::Command::AddOpening { wall, opening, at } => {
                Self::AddOpening { wall: wall_uuid(wall), opening: Box::new((&**opening).into()), at: place(*at) }
            }
            job::Command::RemoveOpening { opening, letters_given } => {
                Self::RemoveOpening { opening: opening_uuid(opening), letters_given: *letters_given }
            }
            job::Command::MoveOpening { opening, to } => {
                let (to, measured) = match to {
                    Placement::Center(to) => (*to, Measured::Center),
                    Placement::LeftFace(to) => (*to, Measured::LeftFace),
                    Placement::RightFace(to) => (*to, Measured::RightFace),
                };
                Self::MoveOpening { opening: opening_uuid(opening), to: to.into(), measured }
            }
            job::Command::ChangeOpening { opening, design } => {
                Self::ChangeOpening { opening: opening_uuid(opening), design: Box::new(design.into()) }
            }
            job::Command::ChooseHeader { opening, header } => Self::ChooseHeader {
                opening: opening_uuid(opening),
                header: match header {
                    HeaderChoice::BySchool => None,
                    HeaderChoice::Chosen(header) => Some((*header).into()),
                },
            },
            job::Command::OverrideCount { opening, role, end, decided } => Self::OverrideCount {
                opening: opening_uuid(opening),
                role: (*role).into(),
                end: (*end).into(),
                decided: decided.as_ref().map(Decided::from),
            },
            job::Command::MarkFramed { opening, framed } => Self::MarkFramed {
                opening: opening_uuid(opening),
                framed: framed.as_deref().map(|framed| Box::new(framed.into())),
            },
            job::Command::AddPointLoad { wall, load, at } => {
                Self::AddPointLoad { wall: wall_uuid(wall), load: load.into(), at: place(*at) }
            }
            job::Command::ChangePointLoad { load } => Self::ChangePointLoad { load: load.into() },
            job::Command::RemovePointLoad { load } => Self::RemovePointLoad { load: Uuid::from_u128(load.0) },
            job::Command::Together { commands } => {
                Self::Together { commands: commands.iter().map(Into::into).collect() }
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use serde_json::{Value, json};

    const OPENING: &str = "00000000-0000-0000-0000-000000000007";
    const WALL: &str = "00000000-0000-0000-0000-000000000001";

    fn command(value: Value) -> Command {
        serde_json::from_value(value).expect("a command")
    }

    fn frame() -> Value {
        json!({ "name": "north", "length": "12'", "height": "97 1/8", "stud_species": "spruce_pine_fir",
            "stud_grade": "stud", "stud_depth": "four", "spacing": "16", "plate_species": "hem_fir", "framing": { "layout_from": "right",
            "left_end": "three_stud_corner", "partitions": [{ "at": "5'", "depth": "four" },
                { "at": "8'", "depth": "six", "backing": "ladder_blocks", "laps_in": true }],
            "height_by": { "by": "rake", "left": "8'", "right": "9'",
                "peak": { "at": "6'", "height": "10'" } },
            "sawn": "millimeters", "face": "inside", "layout_from_face_of": "six",
            "left_lap": { "how": "held_back", "depth": "four" }, "right_lap": { "how": "runs_over", "depth": "six" },
            "own_breaks": { "lower": ["4'"], "upper": [] }, "cast_bolts": ["1'", "5'"], "blocking": ["1350 mm"],
            "heads": "on_purpose", "bolts": "6'" } })
    }

    fn design() -> Value {
        json!({ "kind": "window", "unit_width": "3-0", "unit_height": "4-0", "center": "6-0", "sill": "34",
            "place": "at_head_height", "underside": "flat_nailer", "header": header(), "options": {
                "nailing_confirmed": true, "face": "both_faces", "side_loaded": true, "service": "wet", "seat": "notched", "special": "unknown_grade",
                "past_left": { "length": "20", "far_studs": 2 }, "posts": [{ "at": "18", "studs": 2 }],
                "sill_style": { "built": "sloped", "slope": "1/2" }, "sheathing_return": "1/2", "room": "kitchen" } })
    }

    fn header() -> Value {
        json!({ "plies": 2, "board": { "made": "engineered", "class": "psl22_e", "ply_width": "1 3/4", "depth": "11 7/8" } })
    }

    fn load() -> Value {
        json!({ "id": OPENING, "name": "girder", "at": "4-0", "dead": 900.0, "floor_live": 0.0, "roof_live": 10.0, "snow": 5.5 })
    }

    fn every_command() -> Vec<Value> {
        let roof = json!({ "framing": "trusses", "building_width": "24'", "overhang": "2'", "rise_in_twelve": 6.0,
            "roof_dead": 10.0, "ceiling_dead": 5.0, "attic_live": 0.0 });
        let floor = json!({ "span_one_side": "12'", "span_other_side": "0", "dead": 12.0, "live": 40.0 });
        let above = json!({ "height": "8'", "dead": 12.0 });
        // The older form, as the log of older jobs holds it.
        let carries = json!({ "bearing": true, "roof": roof, "floor": floor, "wall_above": above });
        let items = json!({ "bearing": true, "items": [
            { "what": { "kind": "gable", "rise_in_twelve": 6.0, "dead": 12.0 } },
            { "from": "2'", "to": "9'", "what": { "kind": "floor", "use": "deck",
                "framing": "cantilevered_past_this_wall", "tail": "loaded", "roofed": true, "no_wall_above": true, "span_one_side": "9'", "span_other_side": "2'",
                "bay": "12", "dead": 10.0, "live": 60.0 } },
            { "what": { "kind": "ridge_post", "at": "7'", "building_width": "24'", "rise_in_twelve": 6.0,
                "span_one_side": "12'", "span_other_side": "0", "roof_dead": 10.0, "runs_over": true, "beam_weight": 21.5 } },
            { "on_tail": true, "what": { "kind": "wall_above", "height": "8'", "dead": 12.0, "brick": true,
                "openings_above": { "are": "at", "places": [{ "from": "3'", "to": "6'" }] } } },
            { "what": { "kind": "roof", "framing": "rafters_from_ledger", "building_width": "12'", "overhang": "18",
                "rise_in_twelve": 4.0, "roof_dead": 12.0, "dead_on": "slope", "warmth": "unheated", "ceiling_dead": 0.0,
                "attic_live": 0.0 } } ] });
        let sheet = json!({ "made": "sheet", "sheet_name": "Yard beam", "bending_psi": 2400, "shear_psi": 265,
            "bearing_psi": 560, "stiffness_psi": 1_700_000, "stability_stiffness_psi": 880_000, "density_pcf": 38,
            "ply_width": "3 1/2", "depth": "11 7/8" });
        let table = json!({ "name": "county", "rows": [{ "block": "roof_ceiling", "plies": 2, "nominal_depth": "ten",
            "snow": 30.0, "width": "24'", "span": "7-0", "jacks": 2 }] });
        let evidence = json!({ "joists_land": "yes", "roof_lands": "no", "stands_above": "not_looked",
            "support_below": "no" });
        let decided = json!({ "count": 2, "reason": "as drawn" });
        let opening = json!({ "id": OPENING, "letter": 4, "design": design(), "jacks_left": decided, "kings_right": decided,
            "framed_as": { "design": design(), "jacks_right": decided } });
        let wall =
            json!({ "id": WALL, "frame": frame(), "carries": carries, "openings": [opening], "point_loads": [load()] });
        let settings = json!({ "snow_basis": "roof", "snow": 28.0, "roof_live": 20.0, "live_deflection_limit": 360.0,
            "total_deflection_limit": 240.0, "king_table": "irc2015", "shop_doubles_jacks_from": "5'" });
        vec![
            json!({ "do": "rename_job", "name": "house" }),
            json!({ "do": "change_particulars", "particulars": { "address": "4 Kiln Row", "permit": "B-17",
                "adopted_code": "Residential code", "edition": "2021", "answers_for_it": "A. Marsh" } }),
            json!({ "do": "change_settings", "settings": settings }),
            json!({ "do": "change_settings", "settings": { "wind": { "by": "speed", "miles_per_hour": 120.0,
                "exposure": "c", "mean_roof_height": "22'" }, "school": "shop_rule", "aim": "lightest",
                "snow_said": "said", "wind_said": "not_said", "brittle_finish": "yes", "partially_enclosed": "no",
                "on_a_hill": "yes", "finish_floor": "3/4", "counter": "35", "backsplash": "6",
                "shop_headers": [{ "up_to": "4-6", "building_up_to": "20'", "header": header() }] } }),
            json!({ "do": "change_stock", "stock": [{ "board": sheet.clone(), "price_cents_per_foot": 900.0 }, { "board": sheet }] }),
            json!({ "do": "load_code_table", "table": table }),
            json!({ "do": "load_code_table", "table": null }),
            json!({ "do": "change_evidence", "wall": WALL, "evidence": evidence }),
            json!({ "do": "change_carries", "wall": WALL, "carries": items }),
            json!({ "do": "add_wall", "wall": wall, "at": 0 }),
            json!({ "do": "remove_wall", "wall": WALL }),
            json!({ "do": "mirror_wall", "wall": WALL }),
            json!({ "do": "move_wall", "wall": WALL, "to": 2 }),
            json!({ "do": "change_wall", "wall": WALL, "frame": frame() }),
            json!({ "do": "change_carries", "wall": WALL, "carries": carries }),
            json!({ "do": "add_opening", "wall": WALL, "opening": opening, "at": 1 }),
            json!({ "do": "remove_opening", "opening": OPENING }),
            json!({ "do": "remove_opening", "opening": OPENING, "letters_given": 3 }),
            json!({ "do": "move_opening", "opening": OPENING, "to": "7-6 1/2", "measured": "center" }),
            json!({ "do": "move_opening", "opening": OPENING, "to": "14", "measured": "left_face" }),
            json!({ "do": "move_opening", "opening": OPENING, "to": "2286 mm", "measured": "right_face" }),
            json!({ "do": "change_opening", "opening": OPENING, "design": design() }),
            json!({ "do": "choose_header", "opening": OPENING, "header": header() }),
            json!({ "do": "choose_header", "opening": OPENING, "header": null }),
            json!({ "do": "override_count", "opening": OPENING, "role": "king", "end": "right", "decided": decided }),
            json!({ "do": "mark_framed", "opening": OPENING, "framed": { "design": design(), "jacks_left": decided } }),
            json!({ "do": "mark_framed", "opening": OPENING, "framed": null }),
            json!({ "do": "add_point_load", "wall": WALL, "load": load(), "at": 0 }),
            json!({ "do": "change_point_load", "load": load() }),
            json!({ "do": "remove_point_load", "load": OPENING }),
            json!({ "do": "together", "commands": [
                { "do": "rename_job", "name": "house" }, { "do": "remove_wall", "wall": WALL }] }),
        ]
    }

    #[test]
    fn every_command_is_the_same_after_the_log_has_kept_it() {
        for value in every_command() {
            let named = command(value.clone()).with_identities();
            let core = named.resolve().unwrap_or_else(|error| panic!("{value}: {error}"));
            let kept = serde_json::to_value(Command::from(&core)).expect("JSON");
            assert_eq!(kept["do"], value["do"]);
            assert_eq!(command(kept).resolve(), Ok(core), "{value}");
        }
    }

    #[test]
    fn what_is_added_is_named_however_it_comes() {
        let wall = json!({ "frame": frame(), "carries": { "bearing": true, "items": [] }, "openings": [{ "design": design() }],
            "point_loads": [{ "name": "girder", "at": "4-0", "dead": 900.0, "floor_live": 0.0, "roof_live": 0.0, "snow": 0.0 }] });
        let together = command(json!({ "do": "together", "commands": [
            { "do": "rename_job", "name": "house" }, { "do": "add_wall", "wall": wall }] }));
        let job::Command::Together { commands } = together.with_identities().resolve().expect("every name is given")
        else {
            panic!("several")
        };
        let job::Command::AddWall { wall, .. } = &commands[1] else { panic!("a wall") };
        assert!(wall.id.0 != 0 && wall.openings[0].id.0 != 0 && wall.point_loads[0].id.0 != 0);
    }

    #[test]
    fn a_wall_above_has_so_many_openings_and_no_more() {
        let carrying = |openings: usize| {
            let places: Vec<Value> = (0..openings)
                .map(|at| json!({ "from": format!("{}'", at + 1), "to": format!("{}'-6", at + 1) }))
                .collect();
            let above = json!({ "kind": "wall_above", "height": "8'", "dead": 12.0, "openings_above": { "are": "at", "places": places } });
            command(json!({ "do": "change_carries", "wall": WALL, "carries": { "bearing": true, "items": [{ "what": above }] } })).resolve()
        };
        let most = sturvek_core::loads::MOST_OPENINGS_ABOVE;
        assert!(carrying(most).is_ok());
        let refused = carrying(most + 1).expect_err("too many");
        assert_eq!(refused.0[0].pointer, "/carries/items/0/what/openings_above/places");
    }

    #[test]
    fn typed_lengths_become_nanometers() {
        let moved = command(json!({ "do": "move_opening", "opening": OPENING, "to": "7-6 1/2", "measured": "center" }));
        let kept = serde_json::to_value(Command::from(&moved.resolve().expect("a good length"))).expect("JSON");
        assert_eq!(kept["to"], 2_298_700_000_i64);
    }

    #[test]
    fn an_unreadable_length_names_its_field() {
        let cases = [
            (json!({ "do": "move_opening", "opening": OPENING, "to": "7-1/2", "measured": "left_face" }), "/to"),
            (
                json!({ "do": "change_wall", "wall": WALL, "frame": { "name": "north", "length": "12'",
                "height": "tall", "stud_species": "hem_fir", "stud_grade": "stud", "stud_depth": "four", "spacing": "16",
                "plate_species": "hem_fir" } }),
                "/frame/height",
            ),
            (
                json!({ "do": "change_opening", "opening": OPENING, "design": changed(design(), "sill", "5 1/3") }),
                "/design/sill",
            ),
            (
                json!({ "do": "change_opening", "opening": OPENING, "design": changed(design(), "rough_width", "38") }),
                "/design/rough_height",
            ),
        ];
        for (value, field) in cases {
            let errors = command(value).resolve().expect_err("refused").0;
            assert_eq!(errors.iter().map(|error| error.pointer.as_str()).collect::<Vec<_>>(), [field]);
        }
    }

    fn changed(mut value: Value, field: &str, text: &str) -> Value {
        value[field] = json!(text);
        value
    }

    #[test]
    fn what_is_added_without_an_identity_gets_one() {
        let added = command(json!({ "do": "add_opening", "wall": WALL, "opening": { "design": design() } }));
        assert_eq!(added.resolve().expect_err("no id").0[0].pointer, "/opening/id");
        assert!(added.with_identities().resolve().is_ok());
    }
}
