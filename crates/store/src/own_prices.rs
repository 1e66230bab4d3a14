//! The user's own prices of sticks: one list, put in as a whole.

use chrono::{DateTime, SubsecRound, Utc};
use sea_orm::{EntityTrait, QueryOrder, Set, TransactionTrait};
use sturvek_core::cutting::pieces::Section;
use sturvek_core::cutting::sold::Sold;
use sturvek_core::cutting::sticks::StickStock;
use sturvek_core::measure::{Cents, Length};

use crate::entity::own_price;
use crate::error::StoreError;
use crate::jobs::Jobs;

/// The user's own prices.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct OwnPrices {
    /// When they were put in.
    pub at: DateTime<Utc>,
    /// What there is, in the order of the list.
    pub sold: Vec<Sold>,
}

impl Jobs {
    /// Puts a price list in the place of the one there was; an empty one puts it away.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn keep_prices(&self, sold: Vec<Sold>) -> Result<(), StoreError> {
        let now = Utc::now().trunc_subsecs(6);
        let rows = sold.into_iter().zip(0..).map(|(Sold { section, stick }, place)| own_price::ActiveModel {
            section: Set(section.wood.to_string()),
            treated: Set(section.treated),
            length: Set(stick.length.nanometers()),
            price_cents: Set(stick.price.0),
            available: Set(stick.available.and_then(|count| i32::try_from(count).ok())),
            place: Set(place),
            at: Set(now),
        });
        let change = self.database().begin().await?;
        own_price::Entity::delete_many().exec(&change).await?;
        let rows: Vec<_> = rows.collect();
        if !rows.is_empty() {
            own_price::Entity::insert_many(rows).exec_without_returning(&change).await?;
        }
        change.commit().await?;
        Ok(())
    }

    /// The user's own prices; `None` where there are none.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn own_prices(&self) -> Result<Option<OwnPrices>, StoreError> {
        let rows = own_price::Entity::find().order_by_asc(own_price::Column::Place).all(&self.database()).await?;
        let Some(at) = rows.first().map(|row| row.at) else { return Ok(None) };
        let sold = rows.into_iter().map(|row| Sold {
            section: Section { wood: row.section.into(), treated: row.treated },
            stick: StickStock {
                length: Length::from_nanometers(row.length),
                price: Cents(row.price_cents),
                available: row.available.and_then(|count| u32::try_from(count).ok()),
            },
        });
        Ok(Some(OwnPrices { at, sold: sold.collect() }))
    }
}
