//! Edits under strain: sent twice, made by many at once, on a job that a stranger holds, on a log that is full.

use std::time::{Duration, Instant};

use sea_orm::{ConnectionTrait, DatabaseConnection, TransactionTrait};
use sturvek_store::{
    Editor, Jobs, LOG_NEARLY_FULL, Listing, MOST_LOG_BYTES, Origin, StoreError, StoredJob, connect_with, migrate,
};
use sturvek_wire::inputs::Job;
use sturvek_wire::{Command, Resolve};
use uuid::Uuid;

async fn database() -> DatabaseConnection {
    let db = connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("the database answers");
    migrate(&db).await.expect("the migrations apply");
    db
}

fn sample() -> sturvek_core::job::Job {
    let json = include_str!("data/sample_job.json");
    serde_json::from_str::<Job>(json).expect("the sample is a job").resolve().expect("its lengths are good")
}

fn rename(name: &str) -> Command {
    serde_json::from_value(serde_json::json!({ "do": "rename_job", "name": name })).expect("a command")
}

fn with_key(key: u128) -> Editor<'static> {
    Editor { key: Some(Uuid::from_u128(key)), ..Editor::from("Ada") }
}

async fn kept(jobs: &Jobs) -> Uuid {
    jobs.create(&sample(), Origin::Begun, "Ada").await.expect("kept")
}

#[tokio::test]
async fn an_edit_sent_again_is_kept_once_and_answered_as_the_first_time() {
    let jobs = Jobs::new(database().await);
    let id = kept(&jobs).await;
    let first = jobs.execute(id, 0, rename("first"), with_key(1)).await.expect("kept");
    assert_eq!(jobs.execute(id, 0, rename("first"), with_key(1)).await.expect("answered"), first);
    // Others go on meanwhile, back and forth.
    let second = jobs.execute(id, 1, rename("second"), with_key(2)).await.expect("kept");
    let undone = jobs.undo(id, 2, with_key(3)).await.expect("taken back");
    let again = jobs.redo(id, 3, with_key(4)).await.expect("done again");
    jobs.execute(id, 4, rename("third"), "Ben").await.expect("kept");
    let same = |answer: &StoredJob, first: &StoredJob| {
        let plain = |job: &StoredJob| StoredJob { log_bytes: 0, ..job.clone() };
        assert_eq!(plain(answer), plain(first));
    };
    same(&jobs.execute(id, 0, rename("first"), with_key(1)).await.expect("answered"), &first);
    same(&jobs.execute(id, 1, rename("second"), with_key(2)).await.expect("answered"), &second);
    same(&jobs.undo(id, 2, with_key(3)).await.expect("answered"), &undone);
    same(&jobs.redo(id, 3, with_key(4)).await.expect("answered"), &again);
    assert_eq!(jobs.version(id).await.expect("there").number, 5, "nothing was kept twice");
    // A key tells an edit of one job only.
    let other = kept(&jobs).await;
    assert_eq!(jobs.execute(other, 0, rename("other"), with_key(1)).await.expect("kept").job.name, "other");
    // Without its key it is an edit of an old version.
    assert!(matches!(jobs.execute(id, 0, rename("first"), "Ada").await, Err(StoreError::Stale { .. })));
}

#[tokio::test]
async fn the_same_edit_many_times_at_once_is_kept_once() {
    let jobs = Jobs::new(database().await);
    let id = kept(&jobs).await;
    let sent: Vec<_> = (0..12)
        .map(|_| {
            let jobs = jobs.clone();
            tokio::spawn(async move { jobs.execute(id, 0, rename("once"), with_key(7)).await })
        })
        .collect();
    for answer in sent {
        assert_eq!(answer.await.expect("joined").expect("answered").version, 1);
    }
    assert_eq!(jobs.history(id, 10).await.expect("read").len(), 2);
}

#[tokio::test]
async fn a_row_that_a_stranger_holds_stops_one_job() {
    let db = database().await;
    let jobs = Jobs::new(db.clone());
    let (held, free) = (kept(&jobs).await, kept(&jobs).await);
    let stranger = db.begin().await.expect("a transaction");
    let hold = format!("select 1 from job where id = '{held}' for update");
    stranger.execute_unprepared(&hold).await.expect("held");
    // More than there are connections: they wait before the database, not in it.
    let waiting: Vec<_> = (0..40)
        .map(|_| {
            let jobs = jobs.clone();
            tokio::spawn(async move { jobs.execute(held, 0, rename("held"), "Ada").await })
        })
        .collect();
    tokio::time::sleep(Duration::from_millis(200)).await;
    let begin = Instant::now();
    jobs.execute(free, 0, rename("free"), "Ben").await.expect("another job");
    jobs.get(held).await.expect("it can be read");
    assert!(matches!(jobs.execute(held, 8, rename("old"), "Ben").await, Err(StoreError::Stale { .. })), "at once");
    assert!(begin.elapsed() < Duration::from_secs(2), "{:?}", begin.elapsed());
    for answer in waiting {
        assert!(matches!(answer.await.expect("joined"), Err(StoreError::Held)));
    }
    assert!(begin.elapsed() < Duration::from_secs(9), "{:?}", begin.elapsed());
    stranger.rollback().await.expect("let go");
    jobs.execute(held, 0, rename("mine"), "Ada").await.expect("free again");
}

#[tokio::test]
async fn a_log_says_that_it_will_be_full_before_it_is() {
    let db = database().await;
    let jobs = Jobs::new(db.clone());
    let id = kept(&jobs).await;
    let small = jobs.execute(id, 0, rename("small"), "Ada").await.expect("kept");
    assert!(0 < small.log_bytes && small.log_bytes < 1000, "{}", small.log_bytes);
    let fill = async |bytes: i64| {
        let fill = format!("update job set log_bytes = {bytes} where id = '{id}'");
        db.execute_unprepared(&fill).await.expect("filled");
    };
    fill(MOST_LOG_BYTES - 200).await;
    let last = jobs.execute(id, 1, rename("last"), "Ada").await.expect("there is room");
    assert!(LOG_NEARLY_FULL <= last.log_bytes);
    fill(MOST_LOG_BYTES - 20).await;
    assert!(matches!(jobs.execute(id, 2, rename("more"), "Ada").await, Err(StoreError::LogFull)));
    assert_eq!(jobs.get(id).await.expect("found").job.name, "last", "it is as it was");
    let copy = jobs.duplicate(id, "Ada").await.expect("copied");
    jobs.execute(copy, 0, rename("goes on"), "Ada").await.expect("there is room");
}

#[tokio::test]
async fn the_lives_of_a_job_stand_in_its_log() {
    let jobs = Jobs::new(database().await);
    let id = kept(&jobs).await;
    jobs.execute(id, 0, rename("named"), "Ada").await.expect("kept");
    jobs.delete(id, "Ben").await.expect("put away");
    jobs.delete(id, "Ben").await.expect("asked again, it is done already");
    jobs.restore(id, "Cleo").await.expect("brought back");
    let copy = jobs.duplicate(id, "Dora").await.expect("copied");
    let told = |entries: Vec<sturvek_store::LogEntry>| {
        let told = |entry: sturvek_store::LogEntry| {
            (entry.version, entry.author, sturvek_speech::english(&entry.summary.into()))
        };
        entries.into_iter().map(told).collect::<Vec<_>>()
    };
    let history = told(jobs.history(id, 10).await.expect("read"));
    let expected = [
        (3, "Cleo", "job named brought back".to_owned()),
        (2, "Ben", "job named put away".to_owned()),
        (1, "Ada", format!("job renamed {} → named", sample().name)),
        (0, "Ada", format!("job {} begun", sample().name)),
    ];
    assert_eq!(history, expected.map(|(version, author, what)| (version, author.to_owned(), what)));
    let copied = &told(jobs.history(copy, 10).await.expect("read"))[0];
    assert_eq!((copied.1.as_str(), copied.2.as_str()), ("Dora", "copied from named"));
    // Whoever knew it before it was put away is told; what they undo is still theirs.
    assert!(matches!(jobs.undo(id, 1, "Ada").await, Err(StoreError::Stale { .. })));
    assert_eq!(jobs.undo(id, 3, "Ada").await.expect("taken back").job.name, sample().name);
}

#[tokio::test]
async fn the_list_comes_page_by_page() {
    let jobs = Jobs::new(database().await);
    for number in 0..7 {
        let job = sturvek_core::job::Job::empty(&format!("Shed {number}, 100 % oak_wood"), vec![]);
        jobs.create(&job, Origin::Begun, "Ada").await.expect("kept");
    }
    jobs.create(&sample(), Origin::Begun, "Ada").await.expect("kept");
    let page = async |after, named: Option<&str>| {
        let asked = Listing { after, named: named.map(str::to_owned), put_away: false, most: 3 };
        jobs.list(&asked).await.expect("listed")
    };
    let (mut names, mut after) = (Vec::new(), None);
    loop {
        let page = page(after, None).await;
        assert!(page.jobs.len() <= 3);
        names.extend(page.jobs.into_iter().map(|job| job.name));
        after = page.next;
        if after.is_none() {
            break;
        }
    }
    let newest_first: Vec<String> = std::iter::once(sample().name)
        .chain((0..7).rev().map(|number| format!("Shed {number}, 100 % oak_wood")))
        .collect();
    assert_eq!(names, newest_first);
    let found = async |named| page(None, Some(named)).await.jobs.len();
    assert_eq!((found("SHED 4").await, found("0 % oak").await, found("%").await), (1, 3, 3));
    // What stands for anything in the database's patterns stands for itself here.
    assert_eq!((found("oak%wood").await, found("oak_wood").await, found("oakxwood").await), (0, 3, 0));
}
