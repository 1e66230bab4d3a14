//! What was said of the order in which a wall is opened: events of devices.

use chrono::{DateTime, SubsecRound, Utc};
use sea_orm::{ColumnTrait, EntityTrait, QueryFilter, QueryOrder, QuerySelect, Set};
use sturvek_core::job::WallId;
use sturvek_core::remodel::order::Marked;
use sturvek_wire::order_mark::OrderMark;
use uuid::Uuid;

use crate::device_events::Kept;
use crate::entity::order_mark;
use crate::error::StoreError;
use crate::jobs::Jobs;

/// The most that are kept of one job.
pub const MOST_MARKS: u32 = 5_000;

/// A mark with the number that its device gave it.
#[derive(Clone, Debug, PartialEq)]
pub struct NumberedMark {
    /// The device.
    pub device: Uuid,
    /// Counted by the device.
    pub sequence: i64,
    /// Who made it.
    pub by: String,
    /// When, by the device's clock.
    pub at: DateTime<Utc>,
    /// What.
    pub mark: OrderMark,
}

impl Jobs {
    /// Keeps the marks of a device on a wall, each once. What a clock that is fast puts into the future is put down as now.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], [`StoreError::TooManyMarks`], or whatever the database says.
    pub async fn keep_order_marks(&self, of: Uuid, wall: WallId, marks: Vec<NumberedMark>) -> Result<(), StoreError> {
        let now = Utc::now().trunc_subsecs(6);
        let row = |each: NumberedMark| -> Result<order_mark::ActiveModel, StoreError> {
            Ok(order_mark::ActiveModel {
                job_id: Set(of),
                device: Set(each.device),
                sequence: Set(each.sequence),
                wall: Set(Uuid::from_u128(wall.0)),
                said_by: Set(each.by),
                said_at: Set(each.at.min(now)),
                mark: Set(serde_json::to_value(&each.mark)
                    .map_err(|_| StoreError::UnknownValue(format!("{:?}", each.mark)))?),
                at: Set(now),
                ..Default::default()
            })
        };
        let rows = marks.into_iter().map(row).collect::<Result<Vec<_>, _>>()?;
        let kept = Kept {
            names: [order_mark::Column::JobId, order_mark::Column::Device, order_mark::Column::Sequence],
            most: MOST_MARKS,
            too_many: StoreError::TooManyMarks,
        };
        self.keep_each_once(of, kept, rows).await
    }

    /// The marks on a wall in the order in which they arrived.
    ///
    /// # Errors
    /// [`StoreError::UnknownValue`], or whatever the database says.
    pub async fn order_marks(&self, of: Uuid, wall: WallId) -> Result<Vec<Marked>, StoreError> {
        let rows = order_mark::Entity::find()
            .filter(order_mark::Column::JobId.eq(of))
            .filter(order_mark::Column::Wall.eq(Uuid::from_u128(wall.0)))
            .order_by_asc(order_mark::Column::Number)
            .limit(u64::from(MOST_MARKS))
            .all(&self.database())
            .await?;
        rows.into_iter().map(marked).collect()
    }
}

fn marked(row: order_mark::Model) -> Result<Marked, StoreError> {
    let unknown = || StoreError::UnknownValue(row.mark.to_string());
    let mark: OrderMark = serde_json::from_value(row.mark.clone()).map_err(|_| unknown())?;
    let (of, mark) = (mark.says(), mark.read().map_err(|_| unknown())?);
    Ok(Marked { by: row.said_by, at: row.said_at.timestamp_millis(), of, mark })
}
