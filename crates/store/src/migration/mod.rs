//! The database's shape, one topic a migration, named by date and subject.

use sea_orm::{ConnectionTrait, DatabaseConnection, DbErr, TransactionTrait};
use sea_orm_migration::{MigrationTrait, MigratorTrait};

mod sql;

mod m20261123_000001_job;
mod m20261123_000002_stock_item;
mod m20261123_000003_wall;
mod m20261123_000004_roof_and_floor;
mod m20261123_000005_opening;
mod m20261123_000006_point_load;
mod m20261123_000007_log_entry;
mod m20261123_000008_settings;
mod m20261123_000009_carried_item;
mod m20261123_000010_evidence_of_bearing;
mod m20261123_000011_own_sheets_and_options;
mod m20261123_000012_wall_framing;
mod m20261123_000013_opening_as_framed;
mod m20261125_000014_opening_letter;
mod m20261125_000015_price_that_nobody_said;
mod m20261125_000016_carried_on_a_tail;
mod m20261125_000017_snow_and_wind_that_were_said;
mod m20261125_000018_ids_belong_to_their_job;
mod m20261125_000019_form_of_what_is_kept;
mod m20261125_000020_what_is_settled;
mod m20261125_000021_what_can_be_undone;
mod m20261126_000022_history_in_no_language;
mod m20261126_000023_keys_and_room_of_the_log;
mod m20261126_000024_paired_device;
mod m20261126_000025_told_of_changes;
mod m20261126_000026_particulars;
mod m20261126_000027_level;
mod m20261126_000028_where_walls_stand;
mod m20261126_000029_field;
mod m20261126_000030_beam;
mod m20261126_000031_house_post;
mod m20261126_000032_foundation;
mod m20261126_000033_pad;
mod m20261126_000034_ground;
mod m20261127_000035_engineers_mark;
mod m20261127_000036_members_chosen;
mod m20261127_000037_cut_tick;
mod m20261127_000038_yard_order;
mod m20261127_000039_price_list;
mod m20261127_000040_order_mark;

struct Migrator;

impl MigratorTrait for Migrator {
    fn migrations() -> Vec<Box<dyn MigrationTrait>> {
        vec![
            Box::new(m20261123_000001_job::Migration),
            Box::new(m20261123_000002_stock_item::Migration),
            Box::new(m20261123_000003_wall::Migration),
            Box::new(m20261123_000004_roof_and_floor::Migration),
            Box::new(m20261123_000005_opening::Migration),
            Box::new(m20261123_000006_point_load::Migration),
            Box::new(m20261123_000007_log_entry::Migration),
            Box::new(m20261123_000008_settings::Migration),
            Box::new(m20261123_000009_carried_item::Migration),
            Box::new(m20261123_000010_evidence_of_bearing::Migration),
            Box::new(m20261123_000011_own_sheets_and_options::Migration),
            Box::new(m20261123_000012_wall_framing::Migration),
            Box::new(m20261123_000013_opening_as_framed::Migration),
            Box::new(m20261125_000014_opening_letter::Migration),
            Box::new(m20261125_000015_price_that_nobody_said::Migration),
            Box::new(m20261125_000016_carried_on_a_tail::Migration),
            Box::new(m20261125_000017_snow_and_wind_that_were_said::Migration),
            Box::new(m20261125_000018_ids_belong_to_their_job::Migration),
            Box::new(m20261125_000019_form_of_what_is_kept::Migration),
            Box::new(m20261125_000020_what_is_settled::Migration),
            Box::new(m20261125_000021_what_can_be_undone::Migration),
            Box::new(m20261126_000022_history_in_no_language::Migration),
            Box::new(m20261126_000023_keys_and_room_of_the_log::Migration),
            Box::new(m20261126_000024_paired_device::Migration),
            Box::new(m20261126_000025_told_of_changes::Migration),
            Box::new(m20261126_000026_particulars::Migration),
            Box::new(m20261126_000027_level::Migration),
            Box::new(m20261126_000028_where_walls_stand::Migration),
            Box::new(m20261126_000029_field::Migration),
            Box::new(m20261126_000030_beam::Migration),
            Box::new(m20261126_000031_house_post::Migration),
            Box::new(m20261126_000032_foundation::Migration),
            Box::new(m20261126_000033_pad::Migration),
            Box::new(m20261126_000034_ground::Migration),
            Box::new(m20261127_000035_engineers_mark::Migration),
            Box::new(m20261127_000036_members_chosen::Migration),
            Box::new(m20261127_000037_cut_tick::Migration),
            Box::new(m20261127_000038_yard_order::Migration),
            Box::new(m20261127_000039_price_list::Migration),
            Box::new(m20261127_000040_order_mark::Migration),
        ]
    }
}

/// Any number: whoever migrates holds this lock, so that several servers may start at once.
const ADVISORY_LOCK: i64 = 7_305_511;

/// Brings the database to the newest shape.
///
/// # Errors
/// Whatever the database says.
pub async fn migrate(db: &DatabaseConnection) -> Result<(), DbErr> {
    let transaction = db.begin().await?;
    // A step up may take longer than any request, and another server that takes it is waited for.
    transaction.execute_unprepared("set local statement_timeout = 0; set local lock_timeout = 0").await?;
    transaction.execute_unprepared(&format!("select pg_advisory_xact_lock({ADVISORY_LOCK})")).await?;
    Migrator::up(&transaction, None).await?;
    transaction.commit().await
}

#[cfg(test)]
mod tests {
    use sea_orm::{DbBackend, Statement};
    use sturvek_core::job::Letter;
    use sturvek_core::loads::Standing;

    use super::*;
    use crate::jobs::{Jobs, StoredJob};

    /// What migration 13 kept is taken up: openings get their letters by place, in the order a tape meets them; snow and wind count
    /// as said where the log shows that somebody set them.
    #[tokio::test]
    async fn jobs_of_migration_13_are_taken_up() {
        let db = crate::connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("a database");
        Migrator::up(&db, Some(13)).await.expect("as it was");
        db.execute_unprepared(include_str!("../../tests/data/jobs_of_migration_13.sql")).await.expect("as it was kept");
        migrate(&db).await.expect("the step up");

        let jobs = Jobs::new(db.clone());
        let mut all = Vec::new();
        let every = crate::Listing { after: None, named: None, put_away: false, most: 100 };
        for listed in jobs.list(&every).await.expect("every job").jobs {
            assert_eq!(listed.settled, None, "it was never counted");
            all.push(jobs.get(listed.id).await.expect("found"));
        }
        let named = |name: &str| all.iter().find(|job| job.job.name == name).expect("it is still there");
        let (said, unsaid) = (named("Loft, snow and wind said"), named("Shed, nothing said"));
        let standing = |job: &StoredJob| (job.job.settings.said.snow, job.job.settings.said.wind);
        assert_eq!(standing(said), (Standing::Said, Standing::Said));
        assert_eq!(standing(unsaid), (Standing::AssumedBefore, Standing::AssumedBefore));
        assert!(
            (said.job.settings.site.snow.ground_at_allowable_level().expect("ground snow").to_psf() - 45.0).abs()
                < 1e-9
        );

        let wall = &said.job.walls[0];
        let lettered: Vec<_> =
            wall.openings.iter().map(|opening| (opening.design.center.to_inches(), opening.letter)).collect();
        assert_eq!(lettered, [(108.0, Some(Letter(1))), (36.0, Some(Letter(0)))]);
        assert_eq!(wall.letters_given, 2);
        assert!(
            said.job.stock.iter().all(|item| item.board.price_per_foot.is_some()),
            "prices that were kept are kept"
        );

        // An edit keeps what it touches, and with it all the job's documents, in today's form.
        let form = async |table: &str| {
            let all = format!("select form::int4 from {table} order by form desc limit 1");
            let row = db.query_one_raw(Statement::from_string(DbBackend::Postgres, all)).await.expect("it answers");
            row.expect("a row").try_get_by_index::<i32>(0).expect("a number")
        };
        assert_eq!((form("job").await, form("log_entry").await), (1, 1));
        let rename: sturvek_wire::Command =
            serde_json::from_value(serde_json::json!({ "do": "rename_job", "name": "Loft" })).expect("a command");
        let renamed = jobs.execute(said.id, said.version, rename, "somebody").await.expect("renamed");
        assert_eq!(renamed.job.walls, said.job.walls);
        let today = i32::from(sturvek_wire::saved::FORM);
        assert_eq!((form("job").await, form("log_entry").await), (today, today));
        assert_eq!(jobs.get(said.id).await.expect("found").job, renamed.job, "and it is read as such");

        // What the history said stays said.
        let told = &jobs.history(unsaid.id, 10).await.expect("its history")[0].summary;
        assert_eq!(told.id, "verbatim");
        assert!(sturvek_speech::english(&told.clone().into()).contains("settings"), "{told:?}");

        // The log from before can still be taken back.
        let before = unsaid.job.settings.creep;
        let undone = jobs.undo(unsaid.id, unsaid.version, "somebody").await.expect("the change of the settings");
        assert!(undone.job.settings.creep < before, "{before}");
    }
}
