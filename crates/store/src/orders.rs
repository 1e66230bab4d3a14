//! What was ordered. An order is kept before it is sent, under the key that it is sent with: whoever sends it again sends the same.

use chrono::{DateTime, SubsecRound, Utc};
use sea_orm::sea_query::{Expr, ExprTrait, OnConflict};
use sea_orm::{ColumnTrait, EntityTrait, PaginatorTrait, QueryFilter, QueryOrder, Set};
use sturvek_core::cutting::pieces::Section;
use sturvek_core::measure::{Cents, Length};
use uuid::Uuid;

use crate::entity::{job, yard_order};
use crate::error::StoreError;
use crate::jobs::Jobs;

/// The most that are kept of one job.
pub const MOST_ORDERS: u64 = 500;

/// A line of an order.
#[derive(Clone, Debug, PartialEq, Eq, serde::Serialize, serde::Deserialize)]
pub struct KeptLine {
    /// Size, species and grade.
    pub wood: String,
    /// Whether it is treated.
    pub treated: bool,
    /// How long, nanometers.
    pub length: i64,
    /// How many.
    pub count: u32,
    /// What one costs, cents.
    pub price_cents: i64,
}

/// What became of an order.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Became {
    /// It was sent, and no answer was heard that says anything.
    Sent,
    /// The yard took it.
    Taken {
        /// Under which number.
        number: String,
        /// How many it gives of each line.
        given: Vec<u32>,
        /// What that costs.
        cost: Cents,
    },
    /// The yard did not take it, as something costs otherwise by now.
    Refused,
}

/// An order.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct KeptOrder {
    /// Under which key it is sent.
    pub key: Uuid,
    /// Which delivery it is for.
    pub delivery: String,
    /// What is ordered.
    pub lines: Vec<KeptLine>,
    /// What became of it.
    pub became: Became,
    /// When it was first sent.
    pub at: DateTime<Utc>,
}

impl KeptLine {
    /// What it is of.
    pub fn section(&self) -> Section {
        Section { wood: self.wood.as_str().into(), treated: self.treated }
    }

    /// How long.
    pub const fn length(&self) -> Length {
        Length::from_nanometers(self.length)
    }
}

impl Jobs {
    /// Keeps an order that is about to be sent; what is known by its key already stays as it is. The order that is kept.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], [`StoreError::TooManyOrders`], [`StoreError::OtherOrder`] where the key was used for something else, or
    /// whatever the database says.
    pub async fn keep_order(
        &self,
        of: Uuid,
        key: Uuid,
        delivery: &str,
        lines: &[KeptLine],
    ) -> Result<KeptOrder, StoreError> {
        let db = self.database();
        if job::Entity::find_by_id(of).count(&db).await? == 0 {
            return Err(StoreError::NoSuchJob(of));
        }
        let of_job = yard_order::Entity::find().filter(yard_order::Column::JobId.eq(of));
        let others = of_job.filter(yard_order::Column::Key.ne(key)).count(&db).await?;
        if MOST_ORDERS <= others {
            return Err(StoreError::TooManyOrders);
        }
        let row = yard_order::ActiveModel {
            job_id: Set(of),
            key: Set(key),
            delivery: Set(delivery.to_owned()),
            lines: Set(json(lines)?),
            state: Set("sent".to_owned()),
            number: Set(None),
            given: Set(None),
            cost_cents: Set(None),
            at: Set(Utc::now().trunc_subsecs(6)),
        };
        let names = [yard_order::Column::JobId, yard_order::Column::Key];
        yard_order::Entity::insert(row)
            .on_conflict(OnConflict::columns(names).do_nothing().to_owned())
            .exec_without_returning(&db)
            .await?;
        let kept = yard_order::Entity::find_by_id((of, key)).one(&db).await?;
        let kept = order(kept.ok_or(StoreError::NoSuchJob(of))?)?;
        if kept.lines != lines || kept.delivery != delivery {
            return Err(StoreError::OtherOrder);
        }
        Ok(kept)
    }

    /// Writes down what became of an order that was sent; what was taken stays taken.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn settle_order(&self, of: Uuid, key: Uuid, became: &Became) -> Result<(), StoreError> {
        let (state, taken) = match became {
            Became::Sent => return Ok(()),
            Became::Refused => ("refused", None),
            Became::Taken { number, given, cost } => ("taken", Some((number.clone(), json(given)?, cost.0))),
        };
        let (number, given, cost) = match taken {
            Some((number, given, cost)) => (Some(number), Some(given), Some(cost)),
            None => (None, None, None),
        };
        yard_order::Entity::update_many()
            .col_expr(yard_order::Column::State, Expr::value(state))
            .col_expr(yard_order::Column::Number, Expr::value(number))
            .col_expr(yard_order::Column::Given, Expr::value(given))
            .col_expr(yard_order::Column::CostCents, Expr::value(cost))
            .filter(yard_order::Column::JobId.eq(of).and(yard_order::Column::Key.eq(key)))
            .filter(yard_order::Column::State.ne("taken"))
            .exec(&self.database())
            .await?;
        Ok(())
    }

    /// The orders of a job, the latest first.
    ///
    /// # Errors
    /// [`StoreError::UnknownValue`], or whatever the database says.
    pub async fn orders(&self, of: Uuid) -> Result<Vec<KeptOrder>, StoreError> {
        let rows = yard_order::Entity::find()
            .filter(yard_order::Column::JobId.eq(of))
            .order_by_desc(yard_order::Column::At)
            .all(&self.database())
            .await?;
        rows.into_iter().map(order).collect()
    }
}

fn json<T: serde::Serialize + ?Sized>(what: &T) -> Result<serde_json::Value, StoreError> {
    serde_json::to_value(what).map_err(|error| StoreError::UnknownValue(error.to_string()))
}

fn order(row: yard_order::Model) -> Result<KeptOrder, StoreError> {
    let unknown = |error: serde_json::Error| StoreError::UnknownValue(error.to_string());
    let became = match (row.state.as_str(), row.number, row.given, row.cost_cents) {
        ("sent", ..) => Became::Sent,
        ("refused", ..) => Became::Refused,
        ("taken", Some(number), Some(given), Some(cost)) => {
            Became::Taken { number, given: serde_json::from_value(given).map_err(unknown)?, cost: Cents(cost) }
        }
        (state, ..) => return Err(StoreError::UnknownValue(state.to_owned())),
    };
    let lines = serde_json::from_value(row.lines).map_err(unknown)?;
    Ok(KeptOrder { key: row.key, delivery: row.delivery, lines, became, at: row.at })
}
