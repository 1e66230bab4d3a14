//! The letter an opening goes by, A being 0, kept with it for good: a letter that moves to another opening names the wrong one on
//! a plate that is marked already. The wall remembers how many it gave, so that none is given twice.

super::sql::sql_migration! {
    "Letters of openings."
    up: "alter table opening add column letter integer;
update opening set letter = lettered.letter from (
  select id, row_number() over (partition by wall_id order by center_nm, id) - 1 as letter from opening
) as lettered where lettered.id = opening.id;
alter table opening alter column letter set not null, add constraint opening_letter_check check (letter >= 0);
alter table wall add column letters_given integer not null default 0;
update wall set letters_given = (select count(*) from opening where wall_id = wall.id)",
    down: "alter table opening drop column letter;
alter table wall drop column letters_given",
}
