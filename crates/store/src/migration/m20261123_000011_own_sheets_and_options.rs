//! Lumber with the user's own values, and what of an opening is out of the usual. Both are documents: a sheet is kept as it was
//! typed, and an opening's options are few, mostly left out, and of varying shape.

super::sql::sql_migration! {
    "Own sheets and openings' options."
    up: "alter table stock_item add column sheet jsonb;
alter table stock_item drop constraint stock_item_check;
alter table stock_item add check (made = 'sawn' and species is not null and grade is not null and thickness is not null
  and nominal_depth is not null or made = 'engineered' and class is not null and ply_width_nm > 0 and depth_nm > 0
  or made = 'sheet' and sheet is not null);
alter table opening add column header_sheet jsonb, add column options jsonb not null default '{}'",
    down: "delete from stock_item where made = 'sheet';
update opening set header_made = null, header_plies = null where header_made = 'sheet';
alter table stock_item drop constraint stock_item_check, drop column sheet;
alter table stock_item add check (made = 'sawn' and species is not null and grade is not null and thickness is not null
  and nominal_depth is not null or made = 'engineered' and class is not null and ply_width_nm > 0 and depth_nm > 0);
alter table opening drop column header_sheet, drop column options",
}
