//! The jobs: reading, making, putting away. Edits are in [`crate::edits`], lists in [`crate::list`], histories in [`crate::history`].

use chrono::{DateTime, SubsecRound, Utc};
use sea_orm::{
    AccessMode, ActiveModelTrait, ColumnTrait, ConnectionTrait, DatabaseConnection, DatabaseTransaction, EntityTrait,
    IntoActiveModel, IsolationLevel, QueryFilter, QuerySelect, Set, TransactionTrait,
};
use sturvek_core::job::{Job, bounds};
use sturvek_core::say;
use sturvek_wire::inputs::{CodeTable, Job as WireJob, Settings};
use sturvek_wire::speech::Phrase;
use sturvek_wire::{FieldErrors, Resolve};
use uuid::Uuid;

use crate::current::{Current, Standing};
use crate::entity::{
    beam, carried_item, engineers_mark, field, foundation, house_post, job as job_table, level, opening, pad,
    point_load, stock_item, wall,
};
use crate::error::StoreError;
use crate::gate::Gates;
use crate::house_rows::HouseRows;
use crate::log::{Direction, next_summary, note};
use crate::migration::migrate;
use crate::row_values::{FORM, document};
use crate::rows::{Rows, job_of, rows_of};
use crate::sync::write_rows;
use crate::watch::{OpenError, open};

/// A job as it is kept.
#[derive(Clone, Debug, PartialEq)]
pub struct StoredJob {
    /// Its identity.
    pub id: Uuid,
    /// Its version: one more for every edit.
    pub version: i64,
    /// Its inputs.
    pub job: Job,
    /// When it was last changed.
    pub updated_at: DateTime<Utc>,
    /// What undo would take back.
    pub can_undo: Option<Phrase>,
    /// What redo would do again.
    pub can_redo: Option<Phrase>,
    /// What an edit made it of; `None` where it was only read.
    pub made_of: Option<MadeOf>,
    /// The room that its log takes, bytes.
    pub log_bytes: i64,
}

/// The job that an edit was made on.
#[derive(Clone, Debug, PartialEq)]
pub struct MadeOf {
    /// When that version was made.
    pub made_at: DateTime<Utc>,
    /// The job as it was.
    pub job: Job,
}

/// A version of a job. Its number alone does not tell it: a database that was put back to an earlier day counts on from there.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Version {
    /// One more for every edit.
    pub number: i64,
    /// When it was made.
    pub made_at: DateTime<Utc>,
}

/// A job as somebody knows it.
#[derive(Clone, Copy, Debug)]
pub struct Known<'a> {
    /// At which version.
    pub version: Version,
    /// The job.
    pub job: &'a Job,
}

/// The jobs in a database.
#[derive(Clone, Debug)]
pub struct Jobs {
    current: Current,
    gates: Gates,
}

/// What a new job was made from.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Origin {
    /// Nothing.
    Begun,
    /// A file.
    File,
    /// Another job, of this name.
    CopyOf(String),
}

impl StoredJob {
    /// Its version, and when that was made.
    pub const fn made(&self) -> Version {
        Version { number: self.version, made_at: self.updated_at }
    }
}

impl Jobs {
    /// The jobs in this database.
    pub fn new(db: DatabaseConnection) -> Self {
        Self::over(Current::new(db))
    }

    /// The jobs at one address, or at whichever of two takes edits: a database and its standby, a space between. Both are watched from
    /// then on; once the standby was promoted it is used.
    ///
    /// # Errors
    /// [`OpenError`].
    pub async fn open(addresses: &str) -> Result<Self, OpenError> {
        Ok(Self::over(open(addresses).await?))
    }

    fn over(current: Current) -> Self {
        Self { current, gates: Gates::default() }
    }

    /// Brings the database up to today's form.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn migrate(&self) -> Result<(), StoreError> {
        Ok(migrate(&self.database()).await?)
    }

    /// Ends when the database is another one than now: what is under way on this one comes to nothing, or was kept there and is on the
    /// other one too.
    pub async fn moved(&self) {
        self.current.replaced().await;
    }

    /// How the database stands with its standby; `None` where it has none.
    pub fn standing(&self) -> Option<Standing> {
        self.current.standing()
    }

    /// Whether the database answers.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn ping(&self) -> Result<(), StoreError> {
        Ok(self.database().ping().await?)
    }

    /// How many connections are open, and how many of them nobody uses.
    pub fn connections(&self) -> (u32, usize) {
        let db = self.database();
        let pool = db.get_postgres_connection_pool();
        (pool.size(), pool.num_idle())
    }

    /// Whether any job was ever kept here, put away ones counted.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn ever_held_a_job(&self) -> Result<bool, StoreError> {
        Ok(job_table::Entity::find().one(&self.database()).await?.is_some())
    }

    pub(crate) fn database(&self) -> DatabaseConnection {
        self.current.get()
    }

    pub(crate) const fn gates(&self) -> &Gates {
        &self.gates
    }

    /// A job's version, and when that was made.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn version(&self, id: Uuid) -> Result<Version, StoreError> {
        let version: Option<(i64, DateTime<Utc>)> = job_table::Entity::find_by_id(id)
            .filter(job_table::Column::DeletedAt.is_null())
            .select_only()
            .columns([job_table::Column::Version, job_table::Column::UpdatedAt])
            .into_tuple()
            .one(&self.database())
            .await?;
        let (number, made_at) = version.ok_or(StoreError::NoSuchJob(id))?;
        Ok(Version { number, made_at })
    }

    /// One job.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn get(&self, id: Uuid) -> Result<StoredJob, StoreError> {
        let transaction = self.snapshot().await?;
        let row = job_table::Entity::find_by_id(id)
            .filter(job_table::Column::DeletedAt.is_null())
            .one(&transaction)
            .await?
            .ok_or(StoreError::NoSuchJob(id))?;
        let job = read_job_of(&transaction, row.clone()).await?;
        let job = finish(&transaction, row, job).await?;
        transaction.commit().await?;
        Ok(job)
    }

    /// Keeps a new job.
    ///
    /// # Errors
    /// [`StoreError::Refused`] if a value in it is not allowed, or whatever the database says.
    pub async fn create(&self, job: &Job, origin: Origin, author: &str) -> Result<Uuid, StoreError> {
        bounds::job(job).map_err(FieldErrors::from)?;
        let (id, now) = (Uuid::new_v4(), Utc::now().trunc_subsecs(6));
        let transaction = self.database().begin().await?;
        insert_job_row(&transaction, id, job, now).await?;
        write_rows(&transaction, Rows::default(), rows_of(id, job)?).await?;
        let said = match &origin {
            Origin::Begun => say!("did-begin-job", job = job.name.clone()),
            Origin::File => say!("did-read-job-file", job = job.name.clone()),
            Origin::CopyOf(job) => say!("did-copy-job", job = job.clone()),
        };
        let action = if matches!(origin, Origin::CopyOf(_)) { "copy" } else { "create" };
        note(&transaction, id, 0, (action, said), author, now).await?;
        transaction.commit().await?;
        Ok(id)
    }

    /// Keeps a copy of a job under a new name; every wall, opening and load gets a new identity.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn duplicate(&self, id: Uuid, author: &str) -> Result<Uuid, StoreError> {
        let job = self.get(id).await?.job;
        let mut copy = WireJob::from(&job).with_new_identities();
        copy.name = copy_name(&copy.name);
        self.create(&copy.resolve()?, Origin::CopyOf(job.name), author).await
    }

    /// Puts a job away. [`Jobs::restore`] brings it back.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], [`StoreError::Held`], or whatever the database says.
    pub async fn delete(&self, id: Uuid, author: &str) -> Result<(), StoreError> {
        self.set_deleted(id, true, author).await
    }

    /// Brings a deleted job back.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], [`StoreError::Held`], or whatever the database says.
    pub async fn restore(&self, id: Uuid, author: &str) -> Result<(), StoreError> {
        self.set_deleted(id, false, author).await
    }

    /// Asked for again, as after an answer that was lost, it is done already.
    async fn set_deleted(&self, id: Uuid, deleted: bool, author: &str) -> Result<(), StoreError> {
        let _turn = self.gates.pass(id, None).await?;
        let transaction = self.database().begin().await?;
        let row = job_table::Entity::find_by_id(id).lock_exclusive().one(&transaction).await?;
        let row = row.ok_or(StoreError::NoSuchJob(id))?;
        if row.deleted_at.is_some() == deleted {
            return Ok(());
        }
        let (version, now) = (row.version + 1, Utc::now().trunc_subsecs(6));
        let name = row.name.clone();
        let mut change = row.into_active_model();
        change.version = Set(version);
        change.updated_at = Set(now);
        change.deleted_at = Set(deleted.then_some(now));
        change.update(&transaction).await?;
        let done = if deleted {
            ("delete", say!("did-put-job-away", job = name))
        } else {
            ("restore", say!("did-bring-job-back", job = name))
        };
        note(&transaction, id, version, done, author, now).await?;
        Ok(transaction.commit().await?)
    }

    /// One consistent picture of several tables.
    pub(crate) async fn snapshot(&self) -> Result<DatabaseTransaction, StoreError> {
        let level = Some(IsolationLevel::RepeatableRead);
        Ok(self.database().begin_with_config(level, Some(AccessMode::ReadOnly)).await?)
    }
}

/// A job from its rows. They may be many: put together beside the network's threads.
pub async fn job_in(row: job_table::Model, rows: Rows) -> Result<Job, StoreError> {
    let job = tokio::task::spawn_blocking(move || job_of(&row, rows)).await;
    job.map_err(|error| StoreError::UnknownValue(error.to_string()))?
}

/// A job as it is.
pub async fn read_job_of(db: &impl ConnectionTrait, row: job_table::Model) -> Result<Job, StoreError> {
    let rows = read_rows(db, row.id).await?;
    job_in(row, rows).await
}

/// A job with what the log says of it.
pub async fn finish(db: &impl ConnectionTrait, row: job_table::Model, job: Job) -> Result<StoredJob, StoreError> {
    Ok(StoredJob {
        id: row.id,
        version: row.version,
        job,
        updated_at: row.updated_at,
        can_undo: next_summary(db, row.id, Direction::Undo).await?,
        can_redo: next_summary(db, row.id, Direction::Redo).await?,
        made_of: None,
        log_bytes: row.log_bytes,
    })
}

/// Everything of a job but its own row.
pub async fn read_rows(db: &impl ConnectionTrait, id: Uuid) -> Result<Rows, StoreError> {
    Ok(Rows {
        stock: stock_item::Entity::find().filter(stock_item::Column::JobId.eq(id)).all(db).await?,
        carried: carried_item::Entity::find().filter(carried_item::Column::JobId.eq(id)).all(db).await?,
        openings: opening::Entity::find().filter(opening::Column::JobId.eq(id)).all(db).await?,
        point_loads: point_load::Entity::find().filter(point_load::Column::JobId.eq(id)).all(db).await?,
        walls: wall::Entity::find().filter(wall::Column::JobId.eq(id)).all(db).await?,
        house: HouseRows {
            levels: level::Entity::find().filter(level::Column::JobId.eq(id)).all(db).await?,
            fields: field::Entity::find().filter(field::Column::JobId.eq(id)).all(db).await?,
            beams: beam::Entity::find().filter(beam::Column::JobId.eq(id)).all(db).await?,
            posts: house_post::Entity::find().filter(house_post::Column::JobId.eq(id)).all(db).await?,
            foundations: foundation::Entity::find().filter(foundation::Column::JobId.eq(id)).all(db).await?,
            pads: pad::Entity::find().filter(pad::Column::JobId.eq(id)).all(db).await?,
            marks: engineers_mark::Entity::find().filter(engineers_mark::Column::JobId.eq(id)).all(db).await?,
        },
    })
}

/// The job's own row, but for its identity, version and times.
pub fn settings_columns(job: &Job) -> Result<job_table::ActiveModel, StoreError> {
    Ok(job_table::ActiveModel {
        name: Set(job.name.clone()),
        address: Set(job.particulars.address.clone()),
        permit: Set(job.particulars.permit.clone()),
        adopted_code: Set(job.particulars.adopted_code.clone()),
        code_edition: Set(job.particulars.edition.clone()),
        answers_for_it: Set(job.particulars.answers_for_it.clone()),
        slab: Set(job.house.ground.slab),
        soil_psf: Set(job.house.ground.soil.to_psf()),
        thick_slab_over_lb: Set(job.house.ground.thick_slab_over.to_lbf()),
        settings: Set(document(&Settings::from(&job.settings))?),
        code_table: Set(job.code_table.as_ref().map(|table| document(&CodeTable::from(table))).transpose()?),
        form: Set(FORM),
        ..Default::default()
    })
}

async fn insert_job_row(
    transaction: &DatabaseTransaction,
    id: Uuid,
    job: &Job,
    now: DateTime<Utc>,
) -> Result<(), StoreError> {
    let row = job_table::ActiveModel {
        id: Set(id),
        version: Set(0),
        created_at: Set(now),
        updated_at: Set(now),
        deleted_at: Set(None),
        ..settings_columns(job)?
    };
    job_table::Entity::insert(row).exec_without_returning(transaction).await?;
    Ok(())
}

/// The name of a copy, kept within the longest name.
fn copy_name(name: &str) -> String {
    const ENDING: &str = ", copy";
    let kept: String = name.chars().take(bounds::LONGEST_NAME - ENDING.len()).collect();
    kept + ENDING
}
