//! What was looked at to find out whether a wall bears. Nobody had looked at older walls.

super::sql::sql_migration! {
    "Evidence of bearing."
    up: "alter table wall add column joists_land text not null default 'not_looked',
  add column roof_lands text not null default 'not_looked', add column stands_above text not null default 'not_looked',
  add column support_below text not null default 'not_looked'",
    down: "alter table wall drop column joists_land, drop column roof_lands, drop column stands_above, drop column support_below",
}
