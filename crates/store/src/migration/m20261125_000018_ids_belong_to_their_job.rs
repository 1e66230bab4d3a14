//! What a job names belongs to it: the same wall, opening or point load in another job is another one, and no command of one job
//! reaches the rows of another.

super::sql::sql_migration! {
    "Ids that belong to their job."
    up: "alter table opening add column job_id uuid;
update opening set job_id = wall.job_id from wall where wall.id = opening.wall_id;
alter table point_load add column job_id uuid;
update point_load set job_id = wall.job_id from wall where wall.id = point_load.wall_id;
alter table carried_item add column job_id uuid;
update carried_item set job_id = wall.job_id from wall where wall.id = carried_item.wall_id;
alter table opening drop constraint opening_wall_id_fkey, drop constraint opening_pkey;
alter table point_load drop constraint point_load_wall_id_fkey, drop constraint point_load_pkey;
alter table carried_item drop constraint carried_item_wall_id_fkey, drop constraint carried_item_pkey;
alter table wall drop constraint wall_pkey, add primary key (job_id, id);
alter table stock_item drop constraint stock_item_pkey, add primary key (job_id, id);
alter table opening add primary key (job_id, id),
  add foreign key (job_id, wall_id) references wall (job_id, id) on delete cascade;
alter table point_load add primary key (job_id, id),
  add foreign key (job_id, wall_id) references wall (job_id, id) on delete cascade;
alter table carried_item add primary key (job_id, wall_id, position),
  add foreign key (job_id, wall_id) references wall (job_id, id) on delete cascade;
drop index wall_job, stock_item_job, opening_wall, point_load_wall;
create index opening_wall on opening (job_id, wall_id);
create index point_load_wall on point_load (job_id, wall_id)",
    down: "drop index opening_wall, point_load_wall;
alter table opening drop column job_id;
alter table point_load drop column job_id;
alter table carried_item drop column job_id;
alter table wall drop constraint wall_pkey, add primary key (id);
alter table stock_item drop constraint stock_item_pkey, add primary key (id);
alter table opening add primary key (id), add foreign key (wall_id) references wall (id) on delete cascade;
alter table point_load add primary key (id), add foreign key (wall_id) references wall (id) on delete cascade;
alter table carried_item add primary key (wall_id, position),
  add foreign key (wall_id) references wall (id) on delete cascade;
create index wall_job on wall (job_id);
create index stock_item_job on stock_item (job_id);
create index opening_wall on opening (wall_id);
create index point_load_wall on point_load (wall_id)",
}
