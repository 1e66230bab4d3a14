//! The house of a job as rows, and rows as the house of a job.

use sea_orm::entity::prelude::*;
use sturvek_core::house;
use sturvek_wire::inputs::{
    Beam, EngineersMark, Field, Foundation, Ground, House, HousePost, Level, Pad, Place, PlanLine,
};

use crate::entity::{beam, engineers_mark, field, foundation, house_post, level, pad, wall};
use crate::error::StoreError;
use crate::row_values::{Documents, choice, document, nanometers, needed, typed, word};

/// The rows of a house.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct HouseRows {
    pub levels: Vec<level::Model>,
    pub fields: Vec<field::Model>,
    pub beams: Vec<beam::Model>,
    pub posts: Vec<house_post::Model>,
    pub foundations: Vec<foundation::Model>,
    pub pads: Vec<pad::Model>,
    pub marks: Vec<engineers_mark::Model>,
}

/// The rows of a job's house.
pub fn house_rows(job_id: Uuid, house: &house::House) -> Result<HouseRows, StoreError> {
    let house = House::from(house);
    Ok(HouseRows {
        levels: rows(&house.levels, |position, part| level_row(job_id, position, part))?,
        fields: rows(&house.fields, |position, part| field_row(job_id, position, part))?,
        beams: rows(&house.beams, |position, part| beam_row(job_id, position, part))?,
        posts: rows(&house.posts, |position, part| post_row(job_id, position, part))?,
        foundations: rows(&house.foundations, |position, part| foundation_row(job_id, position, part))?,
        pads: rows(&house.pads, |position, part| pad_row(job_id, position, part))?,
        marks: rows(&house.marks, |position, part| mark_row(job_id, position, part))?,
    })
}

fn rows<T, M>(parts: &[T], row: impl Fn(i32, &T) -> Result<M, StoreError>) -> Result<Vec<M>, StoreError> {
    (0..).zip(parts).map(|(position, part)| row(position, part)).collect()
}

fn level_row(job_id: Uuid, position: i32, level: &Level) -> Result<level::Model, StoreError> {
    Ok(level::Model {
        job_id,
        id: needed("level id", level.id)?,
        position,
        name: level.name.clone(),
        height_nm: nanometers(&level.height)?,
    })
}

fn field_row(job_id: Uuid, position: i32, field: &Field) -> Result<field::Model, StoreError> {
    Ok(field::Model {
        job_id,
        id: needed("field id", field.id)?,
        level_id: field.level,
        position,
        name: field.name.clone(),
        left_nm: nanometers(&field.left)?,
        near_nm: nanometers(&field.near)?,
        right_nm: nanometers(&field.right)?,
        far_nm: nanometers(&field.far)?,
        span: word(field.span)?,
        what: document(&field.what)?,
    })
}

fn beam_row(job_id: Uuid, position: i32, beam: &Beam) -> Result<beam::Model, StoreError> {
    Ok(beam::Model {
        job_id,
        id: needed("beam id", beam.id)?,
        level_id: beam.level,
        position,
        name: beam.name.clone(),
        axis: word(beam.line.axis)?,
        offset_nm: nanometers(&beam.line.offset)?,
        start_nm: nanometers(&beam.line.start)?,
        length_nm: nanometers(&beam.line.length)?,
        thickness_nm: nanometers(&beam.line.thickness)?,
        weight_plf: beam.weight,
        joints: word(beam.joints)?,
        chosen: beam.chosen.as_ref().map(document).transpose()?,
    })
}

fn post_row(job_id: Uuid, position: i32, post: &HousePost) -> Result<house_post::Model, StoreError> {
    Ok(house_post::Model {
        job_id,
        id: needed("post id", post.id)?,
        level_id: post.level,
        position,
        name: post.name.clone(),
        x_nm: nanometers(&post.x)?,
        y_nm: nanometers(&post.y)?,
        weight_lb: post.weight,
        chosen: post.chosen.as_ref().map(document).transpose()?,
    })
}

fn foundation_row(job_id: Uuid, position: i32, part: &Foundation) -> Result<foundation::Model, StoreError> {
    Ok(foundation::Model {
        job_id,
        id: needed("foundation id", part.id)?,
        position,
        name: part.name.clone(),
        axis: word(part.line.axis)?,
        offset_nm: nanometers(&part.line.offset)?,
        start_nm: nanometers(&part.line.start)?,
        length_nm: nanometers(&part.line.length)?,
        thickness_nm: nanometers(&part.line.thickness)?,
    })
}

fn pad_row(job_id: Uuid, position: i32, pad: &Pad) -> Result<pad::Model, StoreError> {
    Ok(pad::Model {
        job_id,
        id: needed("pad id", pad.id)?,
        position,
        name: pad.name.clone(),
        x_nm: nanometers(&pad.x)?,
        y_nm: nanometers(&pad.y)?,
        size_nm: nanometers(&pad.size)?,
    })
}

fn mark_row(job_id: Uuid, position: i32, mark: &EngineersMark) -> Result<engineers_mark::Model, StoreError> {
    Ok(engineers_mark::Model {
        job_id,
        id: needed("mark id", mark.id)?,
        level_id: mark.level,
        position,
        name: mark.name.clone(),
        reason: mark.reason.clone(),
        x_nm: nanometers(&mark.x)?,
        y_nm: nanometers(&mark.y)?,
    })
}

/// The house that rows describe.
pub fn house_of(documents: Documents, rows: HouseRows, ground: Ground) -> Result<House, StoreError> {
    let HouseRows { mut levels, mut fields, mut beams, mut posts, mut foundations, mut pads, mut marks } = rows;
    levels.sort_by_key(|row| row.position);
    fields.sort_by_key(|row| row.position);
    beams.sort_by_key(|row| row.position);
    posts.sort_by_key(|row| row.position);
    foundations.sort_by_key(|row| row.position);
    pads.sort_by_key(|row| row.position);
    marks.sort_by_key(|row| row.position);
    let level = |row: level::Model| Level { id: Some(row.id), name: row.name, height: typed(row.height_nm) };
    let pad = |row: pad::Model| Pad {
        id: Some(row.id),
        name: row.name,
        x: typed(row.x_nm),
        y: typed(row.y_nm),
        size: typed(row.size_nm),
    };
    let mark = |row: engineers_mark::Model| EngineersMark {
        id: Some(row.id),
        level: row.level_id,
        name: row.name,
        reason: row.reason,
        x: typed(row.x_nm),
        y: typed(row.y_nm),
    };
    Ok(House {
        levels: levels.into_iter().map(level).collect(),
        fields: fields.into_iter().map(|row| field_of(documents, row)).collect::<Result<_, _>>()?,
        beams: beams.into_iter().map(|row| beam_of(documents, row)).collect::<Result<_, _>>()?,
        posts: posts.into_iter().map(|row| post_of(documents, row)).collect::<Result<_, _>>()?,
        foundations: foundations.into_iter().map(foundation_of).collect::<Result<_, _>>()?,
        pads: pads.into_iter().map(pad).collect(),
        marks: marks.into_iter().map(mark).collect(),
        ground,
    })
}

fn field_of(documents: Documents, row: field::Model) -> Result<Field, StoreError> {
    Ok(Field {
        id: Some(row.id),
        level: row.level_id,
        name: row.name,
        left: typed(row.left_nm),
        near: typed(row.near_nm),
        right: typed(row.right_nm),
        far: typed(row.far_nm),
        span: choice(&row.span)?,
        what: documents.read(row.what)?,
    })
}

fn post_of(documents: Documents, row: house_post::Model) -> Result<HousePost, StoreError> {
    Ok(HousePost {
        id: Some(row.id),
        level: row.level_id,
        name: row.name,
        x: typed(row.x_nm),
        y: typed(row.y_nm),
        weight: row.weight_lb,
        chosen: row.chosen.map(|chosen| documents.read(chosen)).transpose()?,
    })
}

fn beam_of(documents: Documents, row: beam::Model) -> Result<Beam, StoreError> {
    Ok(Beam {
        id: Some(row.id),
        level: row.level_id,
        name: row.name,
        line: PlanLine {
            axis: choice(&row.axis)?,
            offset: typed(row.offset_nm),
            start: typed(row.start_nm),
            length: typed(row.length_nm),
            thickness: typed(row.thickness_nm),
        },
        weight: row.weight_plf,
        joints: choice(&row.joints)?,
        chosen: row.chosen.map(|chosen| documents.read(chosen)).transpose()?,
    })
}

fn foundation_of(row: foundation::Model) -> Result<Foundation, StoreError> {
    Ok(Foundation {
        id: Some(row.id),
        name: row.name,
        line: PlanLine {
            axis: choice(&row.axis)?,
            offset: typed(row.offset_nm),
            start: typed(row.start_nm),
            length: typed(row.length_nm),
            thickness: typed(row.thickness_nm),
        },
    })
}

/// The columns that say where a wall stands.
#[derive(Default)]
pub struct PlaceColumns {
    pub level_id: Option<Uuid>,
    pub axis: Option<String>,
    pub offset_nm: Option<i64>,
    pub start_nm: Option<i64>,
    pub turned: Option<bool>,
}

impl PlaceColumns {
    /// Of a wall's place.
    pub fn of(place: Option<&Place>) -> Result<Self, StoreError> {
        let Some(place) = place else { return Ok(Self::default()) };
        Ok(Self {
            level_id: Some(place.level),
            axis: Some(word(place.axis)?),
            offset_nm: Some(nanometers(&place.offset)?),
            start_nm: Some(nanometers(&place.start)?),
            turned: Some(place.turned),
        })
    }
}

/// Where a wall stands; nowhere where its storey is empty.
pub fn place_of(row: &wall::Model) -> Result<Option<Place>, StoreError> {
    let Some(level) = row.level_id else { return Ok(None) };
    Ok(Some(Place {
        level,
        axis: choice(&needed("axis", row.axis.clone())?)?,
        offset: typed(needed("offset_nm", row.offset_nm)?),
        start: typed(needed("start_nm", row.start_nm)?),
        turned: needed("turned", row.turned)?,
    }))
}
