//! Devices that may reach the server over the network. Whoever holds a device's token is that device: only its hash is kept, so that
//! nobody who reads the database or a backup of it can be one.

use chrono::{DateTime, SubsecRound, TimeDelta, Utc};
use sea_orm::{ActiveModelTrait, ColumnTrait, EntityTrait, PaginatorTrait, QueryFilter, QueryOrder, Set};
use uuid::Uuid;

use crate::entity::paired_device;
use crate::error::StoreError;
use crate::jobs::Jobs;

/// The most devices that are paired at once.
pub const MOST_DEVICES: u32 = 100;
/// How exactly it is known when a device was used last.
const USED_WITHIN: TimeDelta = TimeDelta::minutes(1);

/// A SHA-256 hash of a token.
pub type TokenHash = [u8; 32];

/// A paired device.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Device {
    /// Its identity.
    pub id: Uuid,
    /// What its owner calls it.
    pub name: String,
    /// When it was paired.
    pub paired_at: DateTime<Utc>,
    /// When it was used last, to the minute.
    pub last_used_at: DateTime<Utc>,
}

impl From<paired_device::Model> for Device {
    fn from(row: paired_device::Model) -> Self {
        Self { id: row.id, name: row.name, paired_at: row.paired_at, last_used_at: row.last_used_at }
    }
}

impl Jobs {
    /// Keeps a new device.
    ///
    /// # Errors
    /// [`StoreError::TooManyDevices`], or whatever the database says.
    pub async fn pair(&self, name: &str, token: TokenHash) -> Result<Device, StoreError> {
        let db = self.database();
        if u64::from(MOST_DEVICES) <= paired_device::Entity::find().count(&db).await? {
            return Err(StoreError::TooManyDevices);
        }
        let now = Utc::now().trunc_subsecs(6);
        let device = paired_device::ActiveModel {
            id: Set(Uuid::new_v4()),
            name: Set(name.to_owned()),
            token_hash: Set(token.to_vec()),
            paired_at: Set(now),
            last_used_at: Set(now),
        };
        Ok(device.insert(&db).await?.into())
    }

    /// The device that holds a token, if it is paired still. Being asked about is being used.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn device_with(&self, token: TokenHash) -> Result<Option<Device>, StoreError> {
        let db = self.database();
        let found =
            paired_device::Entity::find().filter(paired_device::Column::TokenHash.eq(token.to_vec())).one(&db).await?;
        let Some(row) = found else { return Ok(None) };
        let now = Utc::now().trunc_subsecs(6);
        if USED_WITHIN <= now - row.last_used_at {
            let used = paired_device::ActiveModel { last_used_at: Set(now), ..Default::default() };
            // Where it was revoked in between, nothing is changed.
            paired_device::Entity::update_many()
                .set(used)
                .filter(paired_device::Column::Id.eq(row.id))
                .exec(&db)
                .await?;
        }
        Ok(Some(row.into()))
    }

    /// Every paired device, the one paired last first.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn devices(&self) -> Result<Vec<Device>, StoreError> {
        let rows = paired_device::Entity::find()
            .order_by_desc(paired_device::Column::PairedAt)
            .order_by_desc(paired_device::Column::Id)
            .all(&self.database())
            .await?;
        Ok(rows.into_iter().map(Into::into).collect())
    }

    /// Revokes a device: its token opens nothing from here on. One that is not paired any more is no trouble.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn revoke(&self, device: Uuid) -> Result<(), StoreError> {
        paired_device::Entity::delete_by_id(device).exec(&self.database()).await?;
        Ok(())
    }
}
