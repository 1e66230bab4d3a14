//! The store against a real PostgreSQL.

use proptest::strategy::{Strategy, ValueTree};
use proptest::test_runner::TestRunner;
use sea_orm::ConnectionTrait;
use sturvek_core::job::{Letter, Opening, OpeningId, Wall, WallId, bounds};
use sturvek_core::measure::Length;
use sturvek_core::plan::Settled;
use sturvek_store::{Editor, Jobs, Known, ListedJob, Listing, Origin, StoreError, Version, connect_with, migrate};
use sturvek_test_support::drawn::any_job;
use sturvek_wire::Command;
use sturvek_wire::Resolve;
use sturvek_wire::inputs::Job;
use uuid::Uuid;

async fn jobs() -> Jobs {
    let db = connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("the database answers");
    migrate(&db).await.expect("the migrations apply");
    Jobs::new(db)
}

/// Whoever makes an edit on a job that they know.
fn knowing(known: Known<'_>) -> Editor<'_> {
    Editor { known: Some(known), ..Editor::from("Ada") }
}

async fn listed(jobs: &Jobs) -> Vec<ListedJob> {
    jobs.list(&Listing { after: None, named: None, put_away: false, most: 100 }).await.expect("listed").jobs
}

fn sample() -> sturvek_core::job::Job {
    let json = include_str!("data/sample_job.json");
    serde_json::from_str::<Job>(json).expect("the sample is a job").resolve().expect("its lengths are good")
}

fn command(json: &serde_json::Value) -> Command {
    serde_json::from_value(json.clone()).expect("a command")
}

fn move_first(job: &sturvek_core::job::Job, to: &str) -> Command {
    let opening = Uuid::from_u128(job.walls[0].openings[0].id.0);
    command(&serde_json::json!({ "do": "move_opening", "opening": opening, "to": to, "measured": "center" }))
}

/// What an edit did, as most users read it.
fn told(summary: &sturvek_wire::speech::Phrase) -> String {
    sturvek_speech::english(&summary.clone().into())
}

#[tokio::test]
async fn what_is_kept_comes_back_the_same() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let stored = jobs.get(id).await.expect("found");
    assert_eq!(stored.job, sample);
    assert_eq!((stored.version, stored.can_undo, stored.can_redo), (0, None, None));
}

/// Jobs with every field in play, drawn anew each time.
#[tokio::test]
async fn every_job_comes_back_from_its_rows_the_same() {
    let jobs = jobs().await;
    let mut runner = TestRunner::default();
    for _ in 0..40 {
        let job = any_job().new_tree(&mut runner).expect("a job").current();
        let id = jobs.create(&job, Origin::Begun, "Ada").await.expect("kept");
        assert_eq!(jobs.get(id).await.expect("found").job, job);
        let renamed = command(&serde_json::json!({ "do": "rename_job", "name": "Other" }));
        let after = jobs.execute(id, 0, renamed, "somebody").await.expect("renamed");
        assert_eq!(after.job, sturvek_core::job::Job { name: "Other".into(), ..job });
        assert_eq!(jobs.get(id).await.expect("found").job, after.job);
    }
}

#[tokio::test]
async fn commands_are_kept_with_their_rows_and_taken_back_exactly() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let wall = Uuid::from_u128(sample.walls[0].id.0);
    let last = sample.walls.last().expect("a rake wall");
    let (last_wall, last_opening) = (Uuid::from_u128(last.id.0), Uuid::from_u128(last.openings[0].id.0));
    let edits = [
        serde_json::json!({ "do": "rename_job", "name": "Other name" }),
        serde_json::to_value(move_first(&sample, "6-3")).expect("JSON"),
        serde_json::json!({ "do": "change_carries", "wall": wall, "carries": { "bearing": false } }),
        serde_json::json!({ "do": "mark_framed", "opening": last_opening, "framed": null }),
        serde_json::json!({ "do": "mirror_wall", "wall": last_wall }),
        serde_json::json!({ "do": "remove_opening", "opening": Uuid::from_u128(sample.walls[0].openings[0].id.0) }),
        serde_json::json!({ "do": "remove_wall", "wall": wall }),
    ];
    let mut states = vec![sample.clone()];
    for (version, edit) in (0..).zip(&edits) {
        let after = jobs.execute(id, version, command(edit), "Ada").await.expect("applied");
        assert_eq!(jobs.get(id).await.expect("found").job, after.job, "what is read is what was answered");
        states.push(after.job);
    }
    for wanted in states.iter().rev().skip(1) {
        let version = jobs.get(id).await.expect("found").version;
        assert_eq!(&jobs.undo(id, version, "Ada").await.expect("undone").job, wanted);
    }
    let version = jobs.get(id).await.expect("found").version;
    assert!(matches!(jobs.undo(id, version, "Ada").await, Err(StoreError::NothingToUndo)));
    for wanted in &states[1..] {
        let version = jobs.get(id).await.expect("found").version;
        assert_eq!(&jobs.redo(id, version, "Ada").await.expect("done again").job, wanted);
    }
    let history = jobs.history(id, 100).await.expect("read");
    assert_eq!(history.len(), 3 * edits.len() + 1, "that it was begun is one");
    let first = &history[history.len() - 2];
    let renamed = format!("job renamed {} → Other name", sample.name);
    assert_eq!((told(&first.summary), first.author.as_str()), (renamed, "Ada"));
}

#[tokio::test]
async fn a_new_edit_ends_what_could_be_done_again() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    jobs.execute(id, 0, move_first(&sample, "6-0"), "Ada").await.expect("applied");
    let undone = jobs.undo(id, 1, "Ada").await.expect("undone");
    assert!(undone.can_redo.is_some());
    let after = jobs.execute(id, 2, move_first(&sample, "5-0"), "Ben").await.expect("applied");
    assert_eq!(after.can_redo, None);
    assert!(matches!(jobs.redo(id, 3, "Ada").await, Err(StoreError::NothingToRedo)));
}

#[tokio::test]
async fn a_stale_command_changes_nothing_and_says_what_changed() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    jobs.execute(id, 0, move_first(&sample, "6-0"), "Ada").await.expect("applied");
    let error = jobs.execute(id, 0, move_first(&sample, "5-0"), "Ben").await.expect_err("stale");
    let StoreError::Stale { on, current, since } = error else { panic!("{error}") };
    assert_eq!((on, current), (0, 1));
    assert_eq!(
        (since.len(), since[0].author.as_str(), told(&since[0].summary)),
        (1, "Ada", "Water side: window A moved 4'-6\" → 6'-0\"".to_owned())
    );
    let kept = jobs.get(id).await.expect("found").job;
    assert_eq!(kept.walls[0].openings[0].design.center, Length::feet(6));
}

#[tokio::test]
async fn of_many_who_edit_the_same_version_exactly_one_succeeds() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let mut tasks = Vec::new();
    for inches in 50..58 {
        let (jobs, command) = (jobs.clone(), move_first(&sample, &inches.to_string()));
        tasks.push(tokio::spawn(async move { jobs.execute(id, 0, command, "anyone").await.is_ok() }));
    }
    let mut succeeded = 0;
    for task in tasks {
        succeeded += i32::from(task.await.expect("no panic"));
    }
    assert_eq!(succeeded, 1);
    assert_eq!(jobs.get(id).await.expect("found").version, 1);
}

#[tokio::test]
async fn a_refused_command_leaves_no_trace() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let error = jobs.execute(id, 0, move_first(&sample, "400-0"), "Ada").await.expect_err("off the wall");
    assert!(matches!(error, StoreError::Fields(_)), "{error}");
    let stored = jobs.get(id).await.expect("found");
    assert_eq!((stored.version, stored.job), (0, sample));
    assert_eq!(jobs.history(id, 10).await.expect("read").len(), 1, "that it was begun");
}

/// A wall of one job sent to another, with all its identities, is another wall there: neither reaches the other's.
#[tokio::test]
async fn what_a_job_names_belongs_to_it() {
    let jobs = jobs().await;
    let sample = sample();
    let first = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let second =
        jobs.create(&sturvek_core::job::Job::empty("Other", vec![]), Origin::Begun, "Ada").await.expect("kept");
    let wall = sturvek_wire::inputs::Wall::from(&sample.walls[0]);
    let add = command(&serde_json::json!({ "do": "add_wall", "wall": wall, "at": 0 }));
    let added = jobs.execute(second, 0, add.clone(), "somebody").await.expect("it is new there");
    assert_eq!(added.job.walls[0], sample.walls[0]);
    let there = jobs.get(first).await.expect("found");
    assert_eq!((there.job, there.version), (sample.clone(), 0), "the first job is as it was");
    // Changed and taken back there, it changes there alone.
    let moved = jobs.execute(second, 1, move_first(&added.job, "6'"), "somebody").await.expect("moved");
    assert_ne!(moved.job.walls[0], sample.walls[0]);
    jobs.undo(second, 2, "somebody").await.expect("taken back");
    let without = jobs.undo(second, 3, "somebody").await.expect("taken out");
    assert!(without.job.walls.is_empty());
    assert_eq!(jobs.get(first).await.expect("found").job, sample, "and still is");
}

/// Some of these are read one bit off by a reader that is quick rather than exact.
#[tokio::test]
async fn numbers_come_back_bit_for_bit() {
    let jobs = jobs().await;
    let mut awkward = sample();
    for part in 1..150 {
        let ground = sturvek_core::measure::Pressure::psf(f64::from(part) * 4.0 / 3.0);
        awkward.settings.site.snow.basis = sturvek_core::loads::SnowBasis::Ground(ground);
        let id = jobs.create(&awkward, Origin::Begun, "Ada").await.expect("kept");
        assert_eq!(jobs.get(id).await.expect("found").job, awkward);
    }
}

#[tokio::test]
async fn an_identity_twice_in_one_command_is_refused() {
    let jobs = jobs().await;
    let id = jobs.create(&sturvek_core::job::Job::empty("Other", vec![]), Origin::Begun, "Ada").await.expect("kept");
    let mut twice = sample().walls[0].clone();
    let again = twice.openings[0].clone();
    twice.openings.push(again);
    let wall = sturvek_wire::inputs::Wall::from(&twice);
    let add = command(&serde_json::json!({ "do": "add_wall", "wall": wall, "at": 0 }));
    let refused = jobs.execute(id, 0, add, "somebody").await;
    assert!(matches!(refused, Err(StoreError::Refused(_))), "{refused:?}");
    assert_eq!(jobs.get(id).await.expect("found").version, 0);
}

#[tokio::test]
async fn deleting_is_undone_and_copies_stand_alone() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let copy = jobs.duplicate(id, "Ada").await.expect("copied");
    jobs.delete(id, "Ada").await.expect("put away");
    assert!(matches!(jobs.get(id).await, Err(StoreError::NoSuchJob(_))));
    assert_eq!(listed(&jobs).await.len(), 1);
    jobs.restore(id, "Ada").await.expect("brought back");
    assert_eq!(jobs.get(id).await.expect("found").job, sample);
    let copy = jobs.get(copy).await.expect("found").job;
    assert_eq!(copy.name, format!("{}, copy", sample.name));
    assert_ne!(copy.walls[0].openings[0].id, sample.walls[0].openings[0].id);
    assert!(matches!(jobs.delete(Uuid::from_u128(1), "Ada").await, Err(StoreError::NoSuchJob(_))));
}

/// What was counted holds for the version it was counted at, and for no other.
#[tokio::test]
async fn what_is_settled_is_kept_for_a_version() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let settled = async || listed(&jobs).await[0].settled;
    assert_eq!(settled().await, None);
    let counted = Settled { openings: 9, unresolved: 2 };
    jobs.keep_settled(id, 0, counted).await.expect("kept");
    assert_eq!(settled().await, Some(counted));
    let listed = &listed(&jobs).await[0];
    let names: Vec<String> = sample.walls.iter().map(|wall| wall.frame.name.clone()).collect();
    assert_eq!((&listed.walls, &listed.name), (&names, &sample.name));
    jobs.execute(id, 0, move_first(&sample, "6-0"), "Ada").await.expect("applied");
    assert_eq!(settled().await, None, "the job has changed");
    jobs.keep_settled(id, 0, counted).await.expect("a count that comes late");
    assert_eq!(settled().await, None);
}

/// Whoever knows the job at a version saves reading it: what is kept and answered is the same.
#[tokio::test]
async fn an_edit_on_a_known_job_is_the_same_edit() {
    let jobs = jobs().await;
    let mut runner = TestRunner::default();
    for _ in 0..12 {
        let job = any_job().new_tree(&mut runner).expect("a job").current();
        let (read, known) = (
            jobs.create(&job, Origin::Begun, "Ada").await.expect("kept"),
            jobs.create(&job, Origin::Begun, "Ada").await.expect("kept"),
        );
        let wall = Uuid::from_u128(job.walls[0].id.0);
        let remove = command(&serde_json::json!({ "do": "remove_wall", "wall": wall }));
        let by_reading = jobs.execute(read, 0, remove.clone(), "Ada").await.expect("removed");
        let at = jobs.version(known).await.expect("kept");
        let job_known = Known { version: at, job: &job };
        let by_knowing = jobs.execute(known, 0, remove, knowing(job_known)).await.expect("removed");
        assert_eq!(by_reading.job, by_knowing.job);
        assert_eq!(jobs.get(known).await.expect("found").job, by_reading.job);
        let after = Known { version: by_knowing.made(), job: &by_knowing.job };
        jobs.undo(known, 1, knowing(after)).await.expect("brought back");
        assert_eq!(jobs.get(known).await.expect("found").job, job);
    }
}

/// A database that was put back to an earlier day has the version's number, and another job under it.
/// Whoever knows the job leaves the rows of walls alone that an edit leaves alone, wherever walls come, go and change places.
#[tokio::test]
async fn walls_come_go_and_change_places_on_a_known_job() {
    let jobs = jobs().await;
    let job = sample();
    let id = jobs.create(&job, Origin::Begun, "Ada").await.expect("kept");
    let wall = |place: usize| Uuid::from_u128(job.walls[place].id.0);
    let (first, last) = (wall(0), wall(job.walls.len() - 1));
    let like = serde_json::to_value(sturvek_wire::inputs::Wall::from(&job.walls[0])).expect("JSON");
    let mut fresh = like.clone();
    fresh["id"] = serde_json::Value::Null;
    fresh["openings"] = serde_json::json!([]);
    fresh["point_loads"] = serde_json::json!([]);
    let mut frame = like["frame"].clone();
    frame["name"] = serde_json::json!("Renamed");
    let edits = [
        serde_json::json!({ "do": "move_wall", "wall": last, "to": 0 }),
        serde_json::json!({ "do": "add_wall", "wall": fresh, "at": 1 }),
        serde_json::json!({ "do": "change_wall", "wall": first, "frame": frame }),
        serde_json::json!({ "do": "mirror_wall", "wall": first }),
        serde_json::json!({ "do": "remove_wall", "wall": last }),
        serde_json::json!({ "do": "rename_job", "name": "Other" }),
    ];
    let mut stored = jobs.get(id).await.expect("found");
    let mut versions = vec![stored.job.clone()];
    for edit in &edits {
        let known = Known { version: stored.made(), job: &stored.job };
        stored = jobs.execute(id, stored.version, command(edit), knowing(known)).await.expect("done");
        assert_eq!(jobs.get(id).await.expect("found").job, stored.job, "{edit}");
        assert_eq!(stored.made_of.as_ref().map(|made| &made.job), versions.last());
        versions.push(stored.job.clone());
    }
    versions.pop();
    while let Some(before) = versions.pop() {
        let known = Known { version: stored.made(), job: &stored.job };
        stored = jobs.undo(id, stored.version, knowing(known)).await.expect("taken back");
        assert_eq!(stored.job, before);
        assert_eq!(jobs.get(id).await.expect("found").job, before);
    }
}

#[tokio::test]
async fn what_is_known_of_another_version_of_that_number_is_not_believed() {
    let jobs = jobs().await;
    let sample = sample();
    let id = jobs.create(&sample, Origin::Begun, "Ada").await.expect("kept");
    let other = sturvek_core::job::Job { name: "As it never was".into(), walls: vec![], ..sample.clone() };
    let made_at = chrono::DateTime::UNIX_EPOCH;
    let known = Known { version: Version { number: 0, made_at }, job: &other };
    let after = jobs.execute(id, 0, move_first(&sample, "6-0"), knowing(known)).await.expect("applied");
    assert_eq!((after.job.walls.len(), &after.job.name), (sample.walls.len(), &sample.name));
    assert_eq!(jobs.get(id).await.expect("found").job, after.job);
}

/// As large as a job may be: more rows than one statement holds are kept, copied, and changed one at a time.
#[tokio::test]
async fn the_largest_job_is_kept_and_copied() {
    let jobs = jobs().await;
    let mut job = sample();
    let like = job.walls[0].clone();
    let opening = like.openings[0].clone();
    job.walls = (0..bounds::MOST_WALLS as u128)
        .map(|wall| {
            let id = |item: usize| (wall + 1) * 1_000 + item as u128;
            let openings = (0..bounds::MOST_OPENINGS).map(|item| Opening {
                id: OpeningId(id(item)),
                letter: Some(Letter(item as u16)),
                ..opening.clone()
            });
            Wall {
                id: WallId(wall + 1),
                openings: openings.collect(),
                letters_given: bounds::MOST_OPENINGS as u16,
                point_loads: Vec::new(),
                place: None,
                ..like.clone()
            }
        })
        .collect();
    let kept = jobs.create(&job, Origin::Begun, "Ada").await.expect("kept");
    let copy = jobs.duplicate(kept, "Ada").await.expect("copied");
    let copied = jobs.get(copy).await.expect("found").job;
    assert_eq!(copied.walls.iter().map(|wall| wall.openings.len()).sum::<usize>(), 12_000);
    let removed = command(&serde_json::json!({ "do": "remove_wall", "wall": Uuid::from_u128(7) }));
    let after = jobs.execute(kept, 0, removed, "Ada").await.expect("removed");
    assert_eq!(jobs.get(kept).await.expect("found").job, after.job);
    jobs.undo(kept, 1, "Ada").await.expect("brought back");
    assert_eq!(jobs.get(kept).await.expect("found").job, job);
}

#[tokio::test]
async fn a_place_beyond_the_list_is_refused_where_it_stands() {
    let jobs = jobs().await;
    let job = sample();
    let id = jobs.create(&job, Origin::Begun, "Ada").await.expect("kept");
    let wall = Uuid::from_u128(job.walls[0].id.0);
    let to = |place: u64| command(&serde_json::json!({ "do": "move_wall", "wall": wall, "to": place }));
    for beyond in [job.walls.len() as u64, u64::MAX] {
        let StoreError::Fields(refused) = jobs.execute(id, 0, to(beyond), "Ada").await.expect_err("beyond") else {
            panic!("at its field")
        };
        assert_eq!(refused.0[0].pointer, "/to");
    }
    jobs.execute(id, 0, to(job.walls.len() as u64 - 1), "Ada").await.expect("the last place");
}

/// A newer server's form is not guessed at.
#[tokio::test]
async fn what_is_kept_in_a_form_to_come_is_not_read() {
    let db = connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("the database answers");
    migrate(&db).await.expect("the migrations apply");
    let jobs = Jobs::new(db.clone());
    let id = jobs.create(&sample(), Origin::Begun, "Ada").await.expect("kept");
    db.execute_unprepared("update job set form = 99").await.expect("as a newer server keeps it");
    let refused = jobs.get(id).await.expect_err("unknown");
    assert!(refused.to_string().contains("99"), "{refused}");
    let edit = command(&serde_json::json!({ "do": "rename_job", "name": "Other" }));
    jobs.execute(id, 0, edit, "Ada").await.expect_err("nor is it written over");
}

#[tokio::test]
async fn several_servers_may_migrate_at_once() {
    let address = sturvek_test_support::fresh_database().await;
    let mut tasks = Vec::new();
    for _ in 0..4 {
        let address = address.clone();
        tasks.push(tokio::spawn(async move {
            let db = connect_with(&address, 2).await.expect("the database answers");
            migrate(&db).await
        }));
    }
    for task in tasks {
        task.await.expect("no panic").expect("the migrations apply");
    }
}
