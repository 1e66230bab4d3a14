//! Killed at any moment, nothing that was acknowledged is lost and nothing is kept twice; and the log, replayed, is the job.
//!
//! Editors go on while the server, then the database, is killed without a word again and again. Each sends an edit with its key until it is
//! answered. Longer: `STURVEK_KILL_SERVER=100 STURVEK_KILL_DATABASE=20 cargo test -p sturvek-server --test kill_rounds`.

mod support;

use std::collections::HashMap;
use std::path::{Path, PathBuf};
use std::sync::atomic::{AtomicBool, AtomicUsize, Ordering};
use std::sync::{Arc, Mutex};
use std::time::Duration;

use sea_orm::{ConnectionTrait, Database, DbBackend, Statement};
use serde_json::{Value, json};
use sturvek_core::job::command;
use sturvek_store::{Jobs, connect_with};
use sturvek_wire::{Command as WireCommand, Resolve, saved};
use support::{Server, start};
use tokio::process::Command;
use tokio::time::sleep;
use uuid::Uuid;

/// How many edit at once.
const EDITORS: usize = 4;

fn rounds(variable: &str, usual: usize) -> usize {
    std::env::var(variable).ok().and_then(|rounds| rounds.parse().ok()).unwrap_or(usual)
}

/// A cluster of its own, with all the care for a crash that the user's has.
struct Cluster(PathBuf);

impl Cluster {
    async fn start(&self) -> String {
        let output = self.run("start", &["--port", "55217"]).await;
        String::from_utf8(output).expect("text").trim().to_owned()
    }

    async fn run(&self, what: &str, more: &[&str]) -> Vec<u8> {
        let command = sturvek_test_support::project_folder().join("bin/database");
        let output = Command::new(command).arg(what).arg(&self.0).args(more).output().await.expect("it runs");
        assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
        output.stdout
    }

    /// Kills the database as a lack of memory would.
    async fn kill(&self) {
        let really = String::from_utf8(self.run("where", &[]).await).expect("text");
        let pid_file = Path::new(really.trim()).join("cluster/postmaster.pid");
        let pid = std::fs::read_to_string(pid_file).expect("it runs");
        let pid = pid.lines().next().expect("a pid");
        assert!(Command::new("kill").args(["-KILL", pid]).status().await.expect("kill runs").success());
    }
}

impl Drop for Cluster {
    fn drop(&mut self) {
        let command = sturvek_test_support::project_folder().join("bin/database");
        let _ = std::process::Command::new(command).arg("stop").arg(&self.0).output();
        let _ = std::fs::remove_dir_all(&self.0);
    }
}

/// What the editors share.
struct Site {
    address: Mutex<String>,
    job: String,
    opening: Value,
    stop: AtomicBool,
    acknowledged: Mutex<Vec<Uuid>>,
    answered_again: AtomicUsize,
}

impl Site {
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

#[tokio::test(flavor = "multi_thread", worker_threads = 2)]
async fn nothing_acknowledged_is_lost_and_nothing_is_kept_twice() {
    let cluster = Cluster(std::env::temp_dir().join(format!("sturvek-kill-{}", std::process::id())));
    let database = cluster.start().await;
    let mut server: Server = start(&database).await;
    let get =
        async |path: String| -> Value { reqwest::get(path).await.expect("an answer").json().await.expect("JSON") };
    let job = get(format!("{}/api/jobs", server.address)).await["jobs"][0]["id"].as_str().expect("an id").to_owned();
    let opening =
        get(format!("{}/api/jobs/{job}", server.address)).await["job"]["walls"][0]["openings"][0]["id"].clone();
    let id: Uuid = job.parse().expect("an id");
    let db = connect_with(&database, 1).await.expect("the database answers");
    let begun = Jobs::new(db.clone()).get(id).await.expect("the demo").job;
    db.close().await.expect("closed");

    let site = Arc::new(Site {
        address: Mutex::new(server.address.clone()),
        job,
        opening,
        stop: AtomicBool::new(false),
        acknowledged: Mutex::default(),
        answered_again: AtomicUsize::new(0),
    });
    let editors: Vec<_> = (0..EDITORS).map(|editor| tokio::spawn(edit(site.clone(), editor))).collect();
    // At other moments each time.
    let a_while = async |round: usize| sleep(Duration::from_millis(300 + (round as u64 * 137) % 400)).await;
    for round in 0..rounds("STURVEK_KILL_SERVER", 5) {
        a_while(round).await;
        server.child.kill().await.expect("killed");
        server = start(&database).await;
        site.address.lock().expect("held shortly").clone_from(&server.address);
    }
    for round in 0..rounds("STURVEK_KILL_DATABASE", 2) {
        a_while(round).await;
        cluster.kill().await;
        assert_eq!(cluster.start().await, database);
    }
    a_while(0).await;
    site.stop.store(true, Ordering::Relaxed);
    for editor in editors {
        tokio::time::timeout(Duration::from_secs(60), editor).await.expect("it ends").expect("it found nothing wrong");
    }

    let db = Database::connect(&database).await.expect("the database answers");
    let query = "select key, form::int4, command from log_entry where action = 'do' order by version";
    let rows = db.query_all_raw(Statement::from_string(DbBackend::Postgres, query)).await.expect("the log");
    let mut kept: HashMap<Uuid, usize> = HashMap::new();
    let mut replayed = begun;
    for row in &rows {
        *kept.entry(row.try_get_by_index(0).expect("a key")).or_default() += 1;
        let form = u16::try_from(row.try_get_by_index::<i32>(1).expect("a form")).expect("a form");
        let command: WireCommand = saved::read(form, row.try_get_by_index(2).expect("a command")).expect("read");
        let command = command.resolve().expect("it was applied");
        replayed = command::apply(&replayed, &command).expect("it was applied").job;
    }
    let acknowledged = site.acknowledged.lock().expect("nobody edits").clone();
    let lost = acknowledged.iter().filter(|key| !kept.contains_key(key)).count();
    let twice = kept.values().filter(|times| 1 < **times).count();
    eprintln!(
        "{} edits acknowledged, {} of them when sent again; {} kept; {lost} lost, {twice} kept twice",
        acknowledged.len(),
        site.answered_again.load(Ordering::Relaxed),
        rows.len()
    );
    assert_eq!((lost, twice, rows.len()), (0, 0, acknowledged.len()));
    let job = Jobs::new(db).get(id).await.expect("the job").job;
    assert_eq!(job, replayed, "the log, replayed, is the job");
}
