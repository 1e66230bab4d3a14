//! Rows written by difference: what two sets of rows have in common stays as it is.

use std::collections::{HashMap, HashSet};

use sea_orm::sea_query::OnConflict;
use sea_orm::{
    ActiveModelTrait, ColumnTrait, DatabaseTransaction, EntityTrait, IntoActiveModel, Iterable, ModelTrait,
    PrimaryKeyToColumn, QueryFilter,
};

use crate::entity::{
    beam, carried_item, engineers_mark, field, foundation, house_post, level, opening, pad, point_load, stock_item,
    wall,
};
use crate::error::StoreError;
use crate::rows::Rows;

/// Writes what differs between two sets of rows; parents before children.
pub async fn write_rows(transaction: &DatabaseTransaction, before: Rows, after: Rows) -> Result<(), StoreError> {
    sync::<level::Entity>(transaction, before.house.levels, after.house.levels).await?;
    sync::<field::Entity>(transaction, before.house.fields, after.house.fields).await?;
    sync::<beam::Entity>(transaction, before.house.beams, after.house.beams).await?;
    sync::<house_post::Entity>(transaction, before.house.posts, after.house.posts).await?;
    sync::<foundation::Entity>(transaction, before.house.foundations, after.house.foundations).await?;
    sync::<pad::Entity>(transaction, before.house.pads, after.house.pads).await?;
    sync::<engineers_mark::Entity>(transaction, before.house.marks, after.house.marks).await?;
    sync::<stock_item::Entity>(transaction, before.stock, after.stock).await?;
    sync::<wall::Entity>(transaction, before.walls, after.walls).await?;
    sync::<carried_item::Entity>(transaction, before.carried, after.carried).await?;
    sync::<opening::Entity>(transaction, before.openings, after.openings).await?;
    sync::<point_load::Entity>(transaction, before.point_loads, after.point_loads).await
}

/// Deletes the rows that are gone, and inserts or updates those that are new or changed.
async fn sync<E>(
    transaction: &DatabaseTransaction,
    before: Vec<E::Model>,
    after: Vec<E::Model>,
) -> Result<(), StoreError>
where
    E: EntityTrait,
    E::Model: PartialEq + IntoActiveModel<E::ActiveModel> + Sync,
    E::ActiveModel: Send,
{
    let keys: Vec<E::Column> = E::PrimaryKey::iter().map(PrimaryKeyToColumn::into_column).collect();
    // Values are not hashed; what they look like is.
    let key = |row: &E::Model| format!("{:?}", keys.iter().map(|column| row.get(*column)).collect::<Vec<_>>());
    let staying: HashSet<String> = after.iter().map(key).collect();
    for row in before.iter().filter(|row| !staying.contains(&key(row))) {
        let filter = keys.iter().fold(E::delete_many(), |delete, column| delete.filter(column.eq(row.get(*column))));
        filter.exec(transaction).await?;
    }
    let kept: HashMap<String, &E::Model> = before.iter().map(|row| (key(row), row)).collect();
    let changed = after.into_iter().filter(|row| kept.get(&key(row)).is_none_or(|kept| *kept != row));
    let changed: Vec<E::ActiveModel> = changed.map(|row| row.into_active_model().reset_all()).collect();
    let others = E::Column::iter().filter(|column| !keys.iter().any(|key| same_column(key, column)));
    let conflict = OnConflict::columns(keys.clone()).update_columns(others).to_owned();
    let mut changed = changed.into_iter();
    loop {
        let some: Vec<E::ActiveModel> = changed.by_ref().take(ROWS_AT_ONCE).collect();
        if some.is_empty() {
            return Ok(());
        }
        E::insert_many(some).on_conflict(conflict.clone()).exec_without_returning(transaction).await?;
    }
}

/// So many rows go in one statement: the database counts its values, all columns of all rows together, to 65 535.
const ROWS_AT_ONCE: usize = 1_000;

fn same_column<C: ColumnTrait>(a: &C, b: &C) -> bool {
    a.as_str() == b.as_str()
}
