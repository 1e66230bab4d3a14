//! A job as rows, and rows as a job. The only place that knows both.

use std::collections::BTreeMap;

use sea_orm::entity::prelude::*;
use sturvek_core::job;
use sturvek_wire::Resolve;
use sturvek_wire::inputs::{
    Board, CarriedItem, Carries, Decided, Design, Evidence, Ground, Header, Job, Opening, Particulars, PointLoad,
    StockItem, Wall, WallFrame,
};

use crate::entity::{carried_item, opening, point_load, stock_item, wall};
use crate::error::StoreError;
use crate::house_rows::{HouseRows, PlaceColumns, house_of, house_rows, place_of};
use crate::row_values::{Documents, choice, document, form_of, maybe_nanometers, nanometers, needed, typed, word};

/// Everything of a job but its own row.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Rows {
    pub stock: Vec<stock_item::Model>,
    pub walls: Vec<wall::Model>,
    pub carried: Vec<carried_item::Model>,
    pub openings: Vec<opening::Model>,
    pub point_loads: Vec<point_load::Model>,
    pub house: HouseRows,
}

/// The columns that say what a board is.
#[derive(Default)]
struct BoardColumns {
    made: String,
    species: Option<String>,
    grade: Option<String>,
    thickness: Option<String>,
    nominal_depth: Option<String>,
    class: Option<String>,
    ply_width_nm: Option<i64>,
    depth_nm: Option<i64>,
    sheet: Option<Json>,
}

impl BoardColumns {
    fn of(board: &Board) -> Result<Self, StoreError> {
        Ok(match board {
            Board::Sawn { species, grade, thickness, nominal_depth } => Self {
                made: "sawn".into(),
                species: Some(word(species)?),
                grade: Some(word(grade)?),
                thickness: Some(word(thickness)?),
                nominal_depth: Some(word(nominal_depth)?),
                ..Self::default()
            },
            Board::Engineered { class, ply_width, depth } => Self {
                made: "engineered".into(),
                class: Some(word(class)?),
                ply_width_nm: Some(nanometers(ply_width)?),
                depth_nm: Some(nanometers(depth)?),
                ..Self::default()
            },
            Board::Sheet { .. } => Self { made: "sheet".into(), sheet: Some(document(board)?), ..Self::default() },
        })
    }

    fn board(self, documents: Documents) -> Result<Board, StoreError> {
        if self.made == "sheet" {
            return documents.read(needed("sheet", self.sheet)?);
        }
        if self.made == "engineered" {
            return Ok(Board::Engineered {
                class: choice(&needed("class", self.class)?)?,
                ply_width: typed(needed("ply_width_nm", self.ply_width_nm)?),
                depth: typed(needed("depth_nm", self.depth_nm)?),
            });
        }
        Ok(Board::Sawn {
            species: choice(&needed("species", self.species)?)?,
            grade: choice(&needed("grade", self.grade)?)?,
            thickness: choice(&needed("thickness", self.thickness)?)?,
            nominal_depth: choice(&needed("nominal_depth", self.nominal_depth)?)?,
        })
    }
}

/// The rows of a job.
pub fn rows_of(job_id: Uuid, job: &job::Job) -> Result<Rows, StoreError> {
    rows_but(job_id, job, |_, _| false)
}

/// The rows of both jobs without those of the walls that stand in both at the same place and are alike: their rows are alike as well.
pub fn rows_that_differ(job_id: Uuid, before: &job::Job, after: &job::Job) -> Result<(Rows, Rows), StoreError> {
    let same_in = |other: &job::Job, place: usize, wall: &job::Wall| other.walls.get(place) == Some(wall);
    Ok((
        rows_but(job_id, before, |place, wall| same_in(after, place, wall))?,
        rows_but(job_id, after, |place, wall| same_in(before, place, wall))?,
    ))
}

fn rows_but(job_id: Uuid, job: &job::Job, left_out: impl Fn(usize, &job::Wall) -> bool) -> Result<Rows, StoreError> {
    let mut rows = Rows { house: house_rows(job_id, &job.house)?, ..Rows::default() };
    for (position, item) in (0..).zip(&job.stock) {
        rows.stock.push(stock_row(job_id, position, &item.into())?);
    }
    for ((position, place), wall) in (0..).zip(0..).zip(&job.walls) {
        if left_out(place, wall) {
            continue;
        }
        let wall = &Wall::from(wall);
        let wall_id = needed("wall id", wall.id)?;
        rows.walls.push(wall_row(job_id, wall_id, position, wall)?);
        for (position, item) in (0..).zip(&wall.carries.items) {
            rows.carried.push(carried_row((job_id, wall_id), position, item)?);
        }
        for (position, opening) in (0..).zip(&wall.openings) {
            rows.openings.push(opening_row((job_id, wall_id), position, opening)?);
        }
        for (position, load) in (0..).zip(&wall.point_loads) {
            rows.point_loads.push(point_load_row((job_id, wall_id), position, load)?);
        }
    }
    Ok(rows)
}

fn stock_row(job_id: Uuid, position: i32, item: &StockItem) -> Result<stock_item::Model, StoreError> {
    let board = BoardColumns::of(&item.board)?;
    Ok(stock_item::Model {
        id: needed("stock id", item.id)?,
        job_id,
        position,
        made: board.made,
        species: board.species,
        grade: board.grade,
        thickness: board.thickness,
        nominal_depth: board.nominal_depth,
        class: board.class,
        ply_width_nm: board.ply_width_nm,
        depth_nm: board.depth_nm,
        sheet: board.sheet,
        price_cents_per_foot: item.price_cents_per_foot,
    })
}

fn wall_row(job_id: Uuid, id: Uuid, position: i32, wall: &Wall) -> Result<wall::Model, StoreError> {
    let evidence = &wall.evidence;
    let place = PlaceColumns::of(wall.place.as_ref())?;
    Ok(wall::Model {
        id,
        job_id,
        position,
        name: wall.frame.name.clone(),
        length_nm: nanometers(&wall.frame.length)?,
        height_nm: nanometers(&wall.frame.height)?,
        stud_species: word(wall.frame.stud_species)?,
        stud_grade: word(wall.frame.stud_grade)?,
        stud_depth: word(wall.frame.stud_depth)?,
        spacing_nm: nanometers(&wall.frame.spacing)?,
        plate_species: word(wall.frame.plate_species)?,
        bearing: wall.carries.bearing,
        joists_land: word(evidence.joists_land)?,
        roof_lands: word(evidence.roof_lands)?,
        stands_above: word(evidence.stands_above)?,
        support_below: word(evidence.support_below)?,
        framing: document(&wall.frame.framing)?,
        letters_given: wall.letters_given.into(),
        level_id: place.level_id,
        axis: place.axis,
        offset_nm: place.offset_nm,
        start_nm: place.start_nm,
        turned: place.turned,
    })
}

fn carried_row(
    (job_id, wall_id): (Uuid, Uuid),
    position: i32,
    item: &CarriedItem,
) -> Result<carried_item::Model, StoreError> {
    Ok(carried_item::Model {
        job_id,
        wall_id,
        position,
        from_nm: maybe_nanometers(item.from.as_ref())?,
        to_nm: maybe_nanometers(item.to.as_ref())?,
        on_tail: item.on_tail,
        what: document(&item.what)?,
    })
}

fn opening_row(
    (job_id, wall_id): (Uuid, Uuid),
    position: i32,
    opening: &Opening,
) -> Result<opening::Model, StoreError> {
    let design = &opening.design;
    let header = design.header.as_ref();
    let board = header.map(|header| BoardColumns::of(&header.board)).transpose()?;
    let made = board.as_ref().map(|board| board.made.clone());
    let board = board.unwrap_or_default();
    let count = |decided: &Option<Decided>| decided.as_ref().map(|decided| i16::from(decided.count));
    let reason = |decided: &Option<Decided>| decided.as_ref().map(|decided| decided.reason.clone());
    Ok(opening::Model {
        job_id,
        id: needed("opening id", opening.id)?,
        wall_id,
        position,
        letter: needed("letter", opening.letter)?.into(),
        kind: word(design.kind)?,
        unit_width_nm: nanometers(&design.unit_width)?,
        unit_height_nm: nanometers(&design.unit_height)?,
        rough_width_nm: maybe_nanometers(design.rough_width.as_ref())?,
        rough_height_nm: maybe_nanometers(design.rough_height.as_ref())?,
        center_nm: nanometers(&design.center)?,
        sill_nm: nanometers(&design.sill)?,
        place: word(design.place)?,
        underside: word(design.underside)?,
        header_made: made,
        header_species: board.species,
        header_grade: board.grade,
        header_thickness: board.thickness,
        header_nominal_depth: board.nominal_depth,
        header_class: board.class,
        header_ply_width_nm: board.ply_width_nm,
        header_depth_nm: board.depth_nm,
        header_plies: header.map(|header| i16::from(header.plies)),
        header_sheet: board.sheet,
        options: document(&design.options)?,
        jacks_left_count: count(&opening.jacks_left),
        jacks_left_reason: reason(&opening.jacks_left),
        jacks_right_count: count(&opening.jacks_right),
        jacks_right_reason: reason(&opening.jacks_right),
        kings_left_count: count(&opening.kings_left),
        kings_left_reason: reason(&opening.kings_left),
        kings_right_count: count(&opening.kings_right),
        kings_right_reason: reason(&opening.kings_right),
        framed_as: opening.framed_as.as_ref().map(document).transpose()?,
    })
}

fn point_load_row(
    (job_id, wall_id): (Uuid, Uuid),
    position: i32,
    load: &PointLoad,
) -> Result<point_load::Model, StoreError> {
    Ok(point_load::Model {
        job_id,
        id: needed("point load id", load.id)?,
        wall_id,
        position,
        name: load.name.clone(),
        at_nm: nanometers(&load.at)?,
        dead_lb: load.dead,
        floor_live_lb: load.floor_live,
        roof_live_lb: load.roof_live,
        snow_lb: load.snow,
    })
}

/// The job that a job row and its rows describe.
pub fn job_of(row: &crate::entity::job::Model, rows: Rows) -> Result<job::Job, StoreError> {
    let documents = Documents { form: form_of(row.form)? };
    let mut stock = rows.stock;
    stock.sort_by_key(|item| item.position);
    let mut walls = rows.walls;
    walls.sort_by_key(|wall| wall.position);
    let mut carried = by_wall(rows.carried, |row| (row.wall_id, row.position));
    let mut openings = by_wall(rows.openings, |row| (row.wall_id, row.position));
    let mut loads = by_wall(rows.point_loads, |row| (row.wall_id, row.position));
    let job = Job {
        name: row.name.clone(),
        particulars: Particulars {
            address: row.address.clone(),
            permit: row.permit.clone(),
            adopted_code: row.adopted_code.clone(),
            edition: row.code_edition.clone(),
            answers_for_it: row.answers_for_it.clone(),
        },
        settings: documents.read(row.settings.clone())?,
        code_table: row.code_table.clone().map(|table| documents.read(table)).transpose()?,
        stock: stock.into_iter().map(|item| stock_item_of(documents, item)).collect::<Result<_, _>>()?,
        walls: walls
            .into_iter()
            .map(|wall| {
                let id = wall.id;
                let parts = WallParts {
                    carried: carried.remove(&id).unwrap_or_default(),
                    openings: openings.remove(&id).unwrap_or_default(),
                    point_loads: loads.remove(&id).unwrap_or_default(),
                };
                wall_of(documents, wall, parts)
            })
            .collect::<Result<_, _>>()?,
        house: house_of(
            documents,
            rows.house,
            Ground { slab: row.slab, soil: row.soil_psf, thick_slab_over: row.thick_slab_over_lb },
        )?,
    };
    Ok(job.resolve()?)
}

fn by_wall<M>(rows: Vec<M>, key: impl Fn(&M) -> (Uuid, i32)) -> BTreeMap<Uuid, Vec<M>> {
    let mut rows = rows;
    rows.sort_by_key(|row| key(row).1);
    let mut sorted: BTreeMap<Uuid, Vec<M>> = BTreeMap::new();
    for row in rows {
        sorted.entry(key(&row).0).or_default().push(row);
    }
    sorted
}

fn stock_item_of(documents: Documents, row: stock_item::Model) -> Result<StockItem, StoreError> {
    let columns = BoardColumns {
        made: row.made,
        species: row.species,
        grade: row.grade,
        thickness: row.thickness,
        nominal_depth: row.nominal_depth,
        class: row.class,
        ply_width_nm: row.ply_width_nm,
        depth_nm: row.depth_nm,
        sheet: row.sheet,
    };
    Ok(StockItem { id: Some(row.id), board: columns.board(documents)?, price_cents_per_foot: row.price_cents_per_foot })
}

/// The rows of one wall.
struct WallParts {
    carried: Vec<carried_item::Model>,
    openings: Vec<opening::Model>,
    point_loads: Vec<point_load::Model>,
}

fn wall_of(documents: Documents, row: wall::Model, parts: WallParts) -> Result<Wall, StoreError> {
    let WallParts { carried, openings, point_loads } = parts;
    let place = place_of(&row)?;
    Ok(Wall {
        place,
        id: Some(row.id),
        frame: WallFrame {
            name: row.name,
            length: typed(row.length_nm),
            height: typed(row.height_nm),
            stud_species: choice(&row.stud_species)?,
            stud_grade: choice(&row.stud_grade)?,
            stud_depth: choice(&row.stud_depth)?,
            spacing: typed(row.spacing_nm),
            plate_species: choice(&row.plate_species)?,
            framing: documents.read(row.framing)?,
        },
        evidence: Evidence {
            joists_land: choice(&row.joists_land)?,
            roof_lands: choice(&row.roof_lands)?,
            stands_above: choice(&row.stands_above)?,
            support_below: choice(&row.support_below)?,
        },
        carries: Carries {
            bearing: row.bearing,
            items: carried.into_iter().map(|item| carried_of(documents, item)).collect::<Result<_, _>>()?,
        },
        openings: openings.into_iter().map(|opening| opening_of(documents, opening)).collect::<Result<_, _>>()?,
        letters_given: letters(row.letters_given)?,
        point_loads: point_loads.into_iter().map(point_load_of).collect(),
    })
}

fn carried_of(documents: Documents, row: carried_item::Model) -> Result<CarriedItem, StoreError> {
    Ok(CarriedItem {
        from: row.from_nm.map(typed),
        to: row.to_nm.map(typed),
        on_tail: row.on_tail,
        what: documents.read(row.what)?,
    })
}

fn opening_of(documents: Documents, row: opening::Model) -> Result<Opening, StoreError> {
    let header = match (row.header_made, row.header_plies) {
        (Some(made), Some(plies)) => {
            let columns = BoardColumns {
                made,
                species: row.header_species,
                grade: row.header_grade,
                thickness: row.header_thickness,
                nominal_depth: row.header_nominal_depth,
                class: row.header_class,
                ply_width_nm: row.header_ply_width_nm,
                depth_nm: row.header_depth_nm,
                sheet: row.header_sheet,
            };
            Some(Header { board: columns.board(documents)?, plies: small(plies)? })
        }
        _ => None,
    };
    Ok(Opening {
        id: Some(row.id),
        letter: Some(letters(row.letter)?),
        design: Design {
            kind: choice(&row.kind)?,
            unit_width: typed(row.unit_width_nm),
            unit_height: typed(row.unit_height_nm),
            rough_width: row.rough_width_nm.map(typed),
            rough_height: row.rough_height_nm.map(typed),
            center: typed(row.center_nm),
            sill: typed(row.sill_nm),
            place: choice(&row.place)?,
            underside: choice(&row.underside)?,
            header,
            options: documents.read(row.options)?,
        },
        jacks_left: decided(row.jacks_left_count, row.jacks_left_reason)?,
        jacks_right: decided(row.jacks_right_count, row.jacks_right_reason)?,
        kings_left: decided(row.kings_left_count, row.kings_left_reason)?,
        kings_right: decided(row.kings_right_count, row.kings_right_reason)?,
        framed_as: row.framed_as.map(|framed| documents.read(framed)).transpose()?,
    })
}

fn decided(count: Option<i16>, reason: Option<String>) -> Result<Option<Decided>, StoreError> {
    match (count, reason) {
        (Some(count), Some(reason)) => Ok(Some(Decided { count: small(count)?, reason })),
        _ => Ok(None),
    }
}

fn small(value: i16) -> Result<u8, StoreError> {
    u8::try_from(value).map_err(|_| StoreError::UnknownValue(value.to_string()))
}

fn letters(value: i32) -> Result<u16, StoreError> {
    u16::try_from(value).map_err(|_| StoreError::UnknownValue(value.to_string()))
}

fn point_load_of(row: point_load::Model) -> PointLoad {
    PointLoad {
        id: Some(row.id),
        name: row.name,
        at: typed(row.at_nm),
        dead: row.dead_lb,
        floor_live: row.floor_live_lb,
        roof_live: row.roof_live_lb,
        snow: row.snow_lb,
    }
}
