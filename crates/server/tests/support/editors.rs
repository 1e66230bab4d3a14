//! People who edit one job at once, whatever happens to the server and its database; and what is held against the log when they stop.

use std::collections::HashMap;
use std::sync::atomic::{AtomicBool, AtomicUsize, Ordering};
use std::sync::{Arc, Mutex};
use std::time::{Duration, Instant};

use sea_orm::{ConnectionTrait, Database, DbBackend, Statement};
use serde_json::{Value, json};
use sturvek_core::job::{Job, command};
use sturvek_store::{Jobs, connect_with};
use sturvek_wire::{Command as WireCommand, Resolve, saved};
use tokio::task::JoinHandle;
use tokio::time::sleep;
use uuid::Uuid;

use super::Server;

/// How many edit at once.
const EDITORS: usize = 4;

/// What the editors share.
pub struct Site {
    address: Mutex<String>,
    job: Uuid,
    opening: Value,
    begun: Job,
    stop: AtomicBool,
    acknowledged: Mutex<Vec<Uuid>>,
    answered_again: AtomicUsize,
}

/// The people at it.
pub struct Editors(Vec<JoinHandle<()>>);

impl Site {
    /// The demo's job, on a server and its database.
    pub async fn of(server: &Server, database: &str) -> Arc<Self> {
        let get =
            async |path: String| -> Value { reqwest::get(path).await.expect("an answer").json().await.expect("JSON") };
        let list = get(format!("{}/api/jobs", server.address)).await;
        let job: Uuid = list["jobs"][0]["id"].as_str().expect("an id").parse().expect("an id");
        let shown = get(format!("{}/api/jobs/{job}", server.address)).await;
        let db = connect_with(database, 1).await.expect("the database answers");
        let begun = Jobs::new(db.clone()).get(job).await.expect("the demo").job;
        db.close().await.expect("closed");
        Arc::new(Self {
            address: Mutex::new(server.address.clone()),
            job,
            opening: shown["job"]["walls"][0]["openings"][0]["id"].clone(),
            begun,
            stop: AtomicBool::new(false),
            acknowledged: Mutex::default(),
            answered_again: AtomicUsize::new(0),
        })
    }

    /// People begin to edit.
    pub fn begin(self: &Arc<Self>) -> Editors {
        Editors((0..EDITORS).map(|editor| tokio::spawn(edit(self.clone(), editor))).collect())
    }

    /// The server is another one from now on.
    pub fn move_to(&self, server: &Server) {
        self.address.lock().expect("held shortly").clone_from(&server.address);
    }

    /// How many edits are acknowledged by now.
    pub fn acknowledged(&self) -> usize {
        self.acknowledged.lock().expect("held shortly").len()
    }

    /// How long it takes until the next edit is acknowledged.
    pub async fn until_next(&self) -> Duration {
        let (begun, before) = (Instant::now(), self.acknowledged());
        while self.acknowledged() == before {
            assert!(begun.elapsed() < Duration::from_secs(60), "nobody's edit is acknowledged any more");
            sleep(Duration::from_millis(10)).await;
        }
        begun.elapsed()
    }

    /// Nobody edits any more; what was acknowledged is in the log of a database, once, and the log is the job.
    pub async fn check(&self, editors: Editors, database: &str) {
        self.stop.store(true, Ordering::Relaxed);
        for editor in editors.0 {
            let ended = tokio::time::timeout(Duration::from_secs(60), editor).await;
            ended.expect("it ends").expect("it found nothing wrong");
        }
        let db = Database::connect(database).await.expect("the database answers");
        let query = "select key, form::int4, command from log_entry where action = 'do' order by version";
        let rows = db.query_all_raw(Statement::from_string(DbBackend::Postgres, query)).await.expect("the log");
        let mut kept: HashMap<Uuid, usize> = HashMap::new();
        let mut replayed = self.begun.clone();
        for row in &rows {
            *kept.entry(row.try_get_by_index(0).expect("a key")).or_default() += 1;
            let form = u16::try_from(row.try_get_by_index::<i32>(1).expect("a form")).expect("a form");
            let command: WireCommand = saved::read(form, row.try_get_by_index(2).expect("a command")).expect("read");
            let command = command.resolve().expect("it was applied");
            replayed = command::apply(&replayed, &command).expect("it was applied").job;
        }
        let acknowledged = self.acknowledged.lock().expect("nobody edits").clone();
        let lost = acknowledged.iter().filter(|key| !kept.contains_key(key)).count();
        let twice = kept.values().filter(|times| 1 < **times).count();
        eprintln!(
            "{} edits acknowledged, {} of them when sent again; {} kept; {lost} lost, {twice} kept twice",
            acknowledged.len(),
            self.answered_again.load(Ordering::Relaxed),
            rows.len()
        );
        assert_eq!((lost, twice, rows.len()), (0, 0, acknowledged.len()));
        let job = Jobs::new(db).get(self.job).await.expect("the job").job;
        assert_eq!(job, replayed, "the log, replayed, is the job");
    }

    fn at(&self, path: &str) -> String {
        format!("{}/api/jobs/{}{path}", self.address.lock().expect("held shortly"), self.job)
    }
}

/// Edits until told to stop; each edit is sent with its key until it is answered.
async fn edit(site: Arc<Site>, editor: usize) {
    let client = reqwest::Client::builder().timeout(Duration::from_secs(20)).build().expect("a client");
    let mut number = 0;
    while !site.stop.load(Ordering::Relaxed) {
        let key = Uuid::new_v4();
        number += 1;
        let command = if number % 2 == 0 {
            json!({ "do": "rename_job", "name": format!("{editor}, edit {number}") })
        } else {
            let to = format!("5'-{}\"", (number * 7 + editor * 3) % 12);
            json!({ "do": "move_opening", "opening": site.opening, "to": to, "measured": "center" })
        };
        let mut version = None;
        let mut sent = 0;
        loop {
            let Some(on) = version else {
                let read = client.get(site.at("")).send().await;
                version = match read {
                    Ok(answer) if answer.status() == 200 => {
                        answer.json::<Value>().await.ok().and_then(|job| job["version"].as_i64())
                    }
                    _ => None,
                };
                if version.is_none() {
                    sleep(Duration::from_millis(50)).await;
                }
                continue;
            };
            let body = json!({ "on_version": on, "command": command, "key": key });
            sent += 1;
            match client.post(site.at("/commands")).json(&body).send().await {
                Ok(answer) if answer.status() == 200 => {
                    if 1 < sent {
                        site.answered_again.fetch_add(1, Ordering::Relaxed);
                    }
                    site.acknowledged.lock().expect("held shortly").push(key);
                    break;
                }
                Ok(answer) if answer.status() == 409 => version = None,
                Ok(answer) if answer.status() != 503 && answer.status() != 500 => {
                    panic!("{}", answer.text().await.expect("text"))
                }
                // No answer: it may be kept or not. The same key again, on the same version.
                _ => sleep(Duration::from_millis(50)).await,
            }
        }
    }
}
