//! The user's own prices of sticks.

super::sql::sql_migration! {
    "The user's own price list."
    up: "create table own_price (
  section text not null check (char_length(section) between 1 and 80),
  treated boolean not null,
  length bigint not null check (0 < length),
  price_cents bigint not null check (0 <= price_cents),
  available integer check (0 <= available),
  place integer not null,
  at timestamptz not null,
  primary key (section, treated, length)
)",
    down: "drop table own_price",
}
