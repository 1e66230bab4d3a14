//! The drill: a backup taken while the server serves, the jobs lost, the backup put back under the running server.

mod support;

use std::path::Path;
use std::process::Output;

use sea_orm::{ConnectionTrait, Database};
use serde_json::{Value, json};
use support::{BINARY, Server, start};
use tokio::process::Command;

async fn sturvek(what: &str, file: &Path, database: &str) -> Output {
    let run = Command::new(BINARY).arg(what).arg(file).env("STURVEK_DATABASE_URL", database).output();
    run.await.expect("it runs")
}

async fn jobs(server: &Server) -> Value {
    let answer = reqwest::get(format!("{}/api/jobs", server.address)).await.expect("an answer");
    answer.json::<Value>().await.expect("JSON")["jobs"].clone()
}

#[tokio::test]
async fn what_was_backed_up_comes_back_under_the_running_server() {
    let database = sturvek_test_support::fresh_database().await;
    let server = start(&database).await;
    let folder = tempfile::tempdir().expect("a folder");
    let file = folder.path().join("jobs of today $x.backup");

    // Edits go on while it is taken.
    let client = reqwest::Client::new();
    let job = jobs(&server).await[0]["id"].as_str().expect("an id").to_owned();
    let rename = async |version: i64| {
        let command = json!({ "do": "rename_job", "name": format!("Name {version}") });
        let edit = json!({ "on_version": version, "command": command });
        let path = format!("{}/api/jobs/{job}/commands", server.address);
        client.post(path).json(&edit).send().await.expect("an answer").status()
    };
    rename(0).await;
    let (taken, ()) = tokio::join!(sturvek("backup", &file, &database), async {
        for version in 1..20 {
            assert_eq!(rename(version).await, 200);
        }
    });
    assert!(taken.status.success(), "{}", String::from_utf8_lossy(&taken.stderr));
    let again = sturvek("backup", &file, &database).await;
    assert!(!again.status.success(), "never over another one");

    // All is lost.
    let db = Database::connect(&database).await.expect("the database answers");
    db.execute_unprepared("delete from job").await.expect("lost");
    db.close().await.expect("closed");
    assert_eq!(jobs(&server).await, json!([]));

    // A torn file leaves what is there.
    let whole = std::fs::read(&file).expect("the backup");
    let torn = folder.path().join("torn.backup");
    std::fs::write(&torn, &whole[..whole.len() * 2 / 3]).expect("written");
    assert!(!sturvek("restore", &torn, &database).await.status.success());
    assert_eq!(jobs(&server).await, json!([]));

    let back = sturvek("restore", &file, &database).await;
    assert!(back.status.success(), "{}", String::from_utf8_lossy(&back.stderr));
    assert!(String::from_utf8_lossy(&back.stdout).contains("2 jobs"), "{}", String::from_utf8_lossy(&back.stdout));
    let found = jobs(&server).await[0].clone();
    let version = found["version"].as_i64().expect("a version");
    assert!(1 <= version && found["name"] == format!("Name {}", version - 1), "as it was at one moment: {found}");
    assert_eq!(rename(version).await, 200, "and the server goes on with it");
}
