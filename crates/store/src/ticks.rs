//! What was ticked off at the saw: events of devices.

use chrono::{SubsecRound, Utc};
use sea_orm::{ColumnTrait, EntityTrait, QueryFilter, QueryOrder, QuerySelect, Set};
use sturvek_core::cutting::pieces::Section;
use sturvek_core::cutting::progress::Tick;
use sturvek_core::framing::member::Bevel;
use sturvek_core::measure::Length;
use sturvek_wire::piece_key;
use uuid::Uuid;

use crate::device_events::Kept;
use crate::entity::cut_tick;
use crate::error::StoreError;
use crate::jobs::Jobs;

/// The most that are kept of one job.
pub const MOST_TICKS: u32 = 50_000;

/// A tick with the number that its device gave it.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct NumberedTick {
    /// Counted by the device.
    pub sequence: i64,
    /// What it says.
    pub tick: Tick,
}

impl Jobs {
    /// Keeps the ticks of a device, each once.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], [`StoreError::TooManyTicks`], or whatever the database says.
    pub async fn keep_ticks(&self, of: Uuid, ticks: Vec<NumberedTick>) -> Result<(), StoreError> {
        let now = Utc::now().trunc_subsecs(6);
        let rows = ticks.into_iter().map(|NumberedTick { sequence, tick }| cut_tick::ActiveModel {
            job_id: Set(of),
            device: Set(Uuid::from_u128(tick.device)),
            sequence: Set(sequence),
            piece: Set(piece_key::written(tick.piece)),
            wood: Set(tick.section.wood.to_string()),
            treated: Set(tick.section.treated),
            length: Set(tick.length.nanometers()),
            bevel_drop: Set(tick.bevel.map(|bevel| bevel.drop.nanometers())),
            bevel_over: Set(tick.bevel.map(|bevel| bevel.over.nanometers())),
            taken_back: Set(tick.taken_back),
            at: Set(now),
            ..Default::default()
        });
        let kept = Kept {
            names: [cut_tick::Column::JobId, cut_tick::Column::Device, cut_tick::Column::Sequence],
            most: MOST_TICKS,
            too_many: StoreError::TooManyTicks,
        };
        self.keep_each_once(of, kept, rows.collect()).await
    }

    /// The ticks of a job in the order in which they arrived.
    ///
    /// # Errors
    /// [`StoreError::UnknownValue`], or whatever the database says.
    pub async fn ticks(&self, of: Uuid) -> Result<Vec<Tick>, StoreError> {
        let rows = cut_tick::Entity::find()
            .filter(cut_tick::Column::JobId.eq(of))
            .order_by_asc(cut_tick::Column::Number)
            .limit(u64::from(MOST_TICKS))
            .all(&self.database())
            .await?;
        rows.into_iter().map(tick).collect()
    }
}

fn tick(row: cut_tick::Model) -> Result<Tick, StoreError> {
    let piece = piece_key::read(&row.piece).map_err(|_| StoreError::UnknownValue(row.piece.clone()))?;
    let length = Length::from_nanometers;
    let bevel = row.bevel_drop.zip(row.bevel_over);
    Ok(Tick {
        device: row.device.as_u128(),
        piece,
        section: Section { wood: row.wood.into(), treated: row.treated },
        length: length(row.length),
        bevel: bevel.map(|(drop, over)| Bevel { drop: length(drop), over: length(over) }),
        taken_back: row.taken_back,
    })
}
