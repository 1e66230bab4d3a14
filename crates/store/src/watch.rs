//! Watches a primary and its standby, moves to the standby once it was promoted, and lets nobody wait for one that is gone.

use std::time::{Duration, Instant};

use sea_orm::{
    ConnectOptions, ConnectionTrait, Database, DatabaseConnection, DbBackend, DbErr, FromQueryResult, Statement,
};
use thiserror::Error;
use tokio::time::MissedTickBehavior;

use crate::connect::connect;
use crate::current::{Current, Standing, WeakCurrent};
use crate::error::StoreError;
use crate::standby::{Act, Commits, Node, Primary, Watcher, newest};

/// Why no database was opened.
#[derive(Debug, Error)]
pub enum OpenError {
    /// Of two databases neither takes edits.
    #[error("Neither of the two databases takes edits: start one of them, or promote the standby")]
    NoPrimary,
    /// Two databases are not one and its standby.
    #[error("The two databases are not one and its standby")]
    Strangers,
    /// None was given, or more than two.
    #[error("One address is given, or two: of a database and of its standby")]
    Addresses,
    /// It does not answer.
    #[error(transparent)]
    Store(#[from] StoreError),
}

/// How often the databases are looked at.
const EVERY: Duration = Duration::from_millis(300);
/// How long a database may take to say how it is.
const LONGEST_LOOK: Duration = Duration::from_millis(400);
/// How long a start waits for one of the databases to take edits.
const LONGEST_BEGINNING: Duration = Duration::from_secs(20);

const LOOK: &str = "select recovering,
    case when not recovering then ('x' || substr(pg_walfile_name(pg_current_wal_lsn()), 1, 8))::bit(32)::int8 end as timeline,
    case when not recovering then (pg_current_wal_flush_lsn() - '0/0')::int8 end as written,
    current_setting('synchronous_standby_names') as names,
    (select system_identifier::text from pg_control_system()) as identity,
    (select max((flush_lsn - '0/0')::int8) from pg_stat_replication
        where application_name = 'sturvek_standby' and state = 'streaming') as standby
    from (select pg_is_in_recovery() as recovering) as now";

#[derive(FromQueryResult)]
struct Look {
    recovering: bool,
    timeline: Option<i64>,
    written: Option<i64>,
    names: String,
    identity: String,
    standby: Option<i64>,
}

/// A database that is watched, over a connection of its own.
#[derive(Clone, Debug)]
struct Watched {
    address: String,
    db: DatabaseConnection,
}

impl Watched {
    async fn new(address: &str) -> Result<Self, StoreError> {
        let mut options = ConnectOptions::new(address);
        options.max_connections(1).acquire_timeout(LONGEST_LOOK).connect_lazy(true).sqlx_logging(false);
        Ok(Self { address: address.to_owned(), db: Database::connect(options).await? })
    }

    async fn look(&self) -> Result<Look, DbErr> {
        let look = Look::find_by_statement(Statement::from_string(DbBackend::Postgres, LOOK)).one(&self.db);
        let looked = tokio::time::timeout(LONGEST_LOOK, look).await;
        looked
            .unwrap_or_else(|_| Err(DbErr::Custom("it says nothing".into())))?
            .ok_or(DbErr::RecordNotFound(LOOK.into()))
    }

    async fn node(&self) -> Node {
        match self.look().await {
            Ok(look) => look.node(),
            Err(error) => {
                tracing::debug!("a database says nothing: {error}");
                Node::Silent
            }
        }
    }

    /// Lets its commits wait for something else from now on.
    async fn let_commits_wait(&self, commits: Commits) -> Result<(), DbErr> {
        self.db
            .execute_unprepared(&format!("alter system set synchronous_standby_names = '{}'", commits.names()))
            .await?;
        self.db.execute_unprepared("select pg_reload_conf()").await?;
        Ok(())
    }
}

impl Look {
    fn node(&self) -> Node {
        let bytes = |at: i64| u64::try_from(at).unwrap_or(0);
        match (self.recovering, self.timeline.and_then(|timeline| u32::try_from(timeline).ok()), self.written) {
            (false, Some(timeline), Some(written)) => {
                let commits = Commits::named(&self.names);
                // Where somebody has named standbys of their own, all of it is left to them.
                let standby = commits.and(self.standby).map(bytes);
                let commits = commits.unwrap_or(Commits::Alone);
                Node::Primary(Primary { timeline, commits, written: bytes(written), standby })
            }
            _ => Node::Recovering,
        }
    }
}

/// The databases that addresses name, a space between.
enum Named<'a> {
    /// One by itself.
    Alone(&'a str),
    /// One and its standby.
    Pair(Box<[Watched; 2]>),
}

impl<'a> Named<'a> {
    async fn by(addresses: &'a str) -> Result<Self, OpenError> {
        let addresses: Vec<&str> = addresses.split_whitespace().collect();
        match addresses[..] {
            [address] => Ok(Self::Alone(address)),
            [first, second] => Ok(Self::Pair(Box::new([Watched::new(first).await?, Watched::new(second).await?]))),
            _ => Err(OpenError::Addresses),
        }
    }
}

/// Opens the database at one address, or whichever of two takes edits: then both are watched from there on.
///
/// # Errors
/// [`OpenError::NoPrimary`] if neither takes edits, [`OpenError::Strangers`] if they are not one database and its standby,
/// [`OpenError::Addresses`] if there are none or more.
pub async fn open(addresses: &str) -> Result<Current, OpenError> {
    let watched = match Named::by(addresses).await? {
        Named::Alone(address) => return Ok(Current::new(connect(address).await?)),
        Named::Pair(watched) => *watched,
    };
    let (place, primary) = in_use(&watched).await?;
    let current = Current::new(connect(&watched[place].address).await?);
    let standing = Standing { commits: primary.commits, dropped: 0, moved: 0 };
    current.set_standing(standing);
    tokio::spawn(watch(watched, Watcher::at(place, primary.timeline), standing, current.weak()));
    Ok(current)
}

/// Of one address or two, the one whose database takes edits.
///
/// # Errors
/// As [`open`].
pub async fn address_in_use(addresses: &str) -> Result<String, OpenError> {
    match Named::by(addresses).await? {
        Named::Alone(address) => Ok(address.to_owned()),
        Named::Pair(watched) => Ok(watched[in_use(&watched).await?.0].address.clone()),
    }
}

/// Which of two databases takes edits; waits a while for one that does.
async fn in_use(watched: &[Watched; 2]) -> Result<(usize, Primary), OpenError> {
    let begun = Instant::now();
    loop {
        let looks = tokio::join!(watched[0].look(), watched[1].look());
        if let (Ok(first), Ok(second)) = &looks
            && first.identity != second.identity
        {
            return Err(OpenError::Strangers);
        }
        let nodes = [looks.0, looks.1].map(|look| look.map_or(Node::Silent, |look| look.node()));
        if let Some(found) = newest(&nodes) {
            return Ok(found);
        }
        if LONGEST_BEGINNING < begun.elapsed() {
            return Err(OpenError::NoPrimary);
        }
        tokio::time::sleep(EVERY).await;
    }
}

/// Watches until nobody uses the database any more.
async fn watch(watched: [Watched; 2], mut watcher: Watcher, mut standing: Standing, current: WeakCurrent) {
    let mut next = tokio::time::interval(EVERY);
    next.set_missed_tick_behavior(MissedTickBehavior::Delay);
    let mut said = None;
    loop {
        next.tick().await;
        let (first, second) = tokio::join!(watched[0].node(), watched[1].node());
        let Some(current) = current.upgrade() else { return };
        let nodes = [first, second];
        if let Node::Primary(primary) = nodes[watcher.place()] {
            standing.commits = primary.commits;
        }
        let acted = match watcher.see(&nodes, Instant::now()) {
            None => Ok(()),
            Some(Act::Let(commits)) => {
                let done = watched[watcher.place()].let_commits_wait(commits).await;
                done.map(|()| say(commits, &mut standing)).map_err(StoreError::from)
            }
            Some(Act::Refuse(place)) => {
                tracing::error!(
                    "a database that was overtaken is back and takes edits; it is not used: {}",
                    named(&watched[place].address)
                );
                Ok(())
            }
            Some(Act::Move { to, timeline }) => move_to(&watched[to].address, &current).await.map(|()| {
                watcher = Watcher::at(to, timeline);
                standing.moved += 1;
            }),
        };
        // What goes on failing is said once.
        let failed = acted.err().map(|error| error.to_string());
        if let Some(error) = failed.as_ref().filter(|error| Some(*error) != said.as_ref()) {
            tracing::error!("the standby: {error}");
        }
        said = failed;
        current.set_standing(standing);
    }
}

/// Says loudly what commits wait for from now on.
fn say(commits: Commits, standing: &mut Standing) {
    standing.commits = commits;
    match commits {
        Commits::Alone => {
            standing.dropped += 1;
            tracing::error!(
                "the standby does not follow: from now on edits are kept on the primary alone, in one place"
            );
        }
        Commits::CatchingUp => tracing::warn!("the standby is back: edits wait for it again while it catches up"),
        Commits::InStep => tracing::warn!("the standby holds everything"),
    }
}

/// Uses another database. Whoever waits for the one before is told at once that it is gone.
async fn move_to(address: &str, current: &Current) -> Result<(), StoreError> {
    let before = current.replace(connect(address).await?);
    tracing::error!("the standby was promoted and is used from now on: {}", named(address));
    tokio::spawn(async move {
        if let Err(error) = before.close().await {
            tracing::warn!("the database before is not closed: {error}");
        }
    });
    Ok(())
}

/// A database as the log may name it, without its password.
fn named(address: &str) -> &str {
    address.rsplit_once('@').map_or("", |(_, place)| place)
}
