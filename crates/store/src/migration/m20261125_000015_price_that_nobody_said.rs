//! A board of which nobody said the price: it has none, and is never the cheapest.

super::sql::sql_migration! {
    "Boards without a price."
    up: "alter table stock_item alter column price_cents_per_foot drop not null",
    down: "update stock_item set price_cents_per_foot = 0 where price_cents_per_foot is null;
alter table stock_item alter column price_cents_per_foot set not null",
}
