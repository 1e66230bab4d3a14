//! The real binary: what it says, and what survives its death.

mod support;

use std::time::Duration;

use serde_json::{Value, json};
use support::{BINARY, start, start_with};
use tokio::process::Command;

async fn get(address: &str) -> Value {
    reqwest::get(address).await.expect("an answer").json().await.expect("JSON")
}

#[tokio::test]
async fn killed_right_after_an_acknowledged_edit_nothing_is_lost() {
    let database = sturvek_test_support::fresh_database().await;
    let mut name = String::new();
    for round in 0..5 {
        let mut server = start(&database).await;
        let job = get(&format!("{}/api/jobs", server.address)).await["jobs"][0].clone();
        if round > 0 {
            assert_eq!(job["name"], name, "round {round}");
            assert_eq!(job["version"], round);
        }
        name = format!("Round {round}");
        let edit = json!({ "on_version": round, "command": { "do": "rename_job", "name": name } });
        let path = format!("{}/api/jobs/{}/commands", server.address, job["id"].as_str().expect("id"));
        let answer = reqwest::Client::new().post(path).json(&edit).send().await.expect("acknowledged");
        assert!(answer.status().is_success());
        // Kill -9: no time to finish anything.
        server.child.kill().await.expect("killed");
    }
}

#[tokio::test]
async fn asked_to_stop_it_stops() {
    let mut server = start(&sturvek_test_support::fresh_database().await).await;
    let pid = server.child.id().expect("running").to_string();
    assert!(Command::new("kill").args(["-TERM", &pid]).status().await.expect("kill runs").success());
    let status = tokio::time::timeout(Duration::from_secs(10), server.child.wait()).await.expect("it stops in time");
    assert!(status.expect("a status").success());
}

#[tokio::test]
async fn a_change_is_told_as_it_is_committed_and_a_stop_ends_the_stream() {
    let database = sturvek_test_support::fresh_database().await;
    let (mut server, other) = (start(&database).await, start(&database).await);
    let get = async |path: &str| reqwest::get(format!("{}{path}", server.address)).await.expect("an answer");
    let jobs: Value = get("/api/jobs").await.json().await.expect("JSON");
    let job = jobs["jobs"][0].clone();
    let mut stream = get("/api/changes").await;
    assert_eq!(stream.headers()["content-type"], "text/event-stream");
    // The edit is made at another server on the same database.
    let edit = json!({
        "on_version": job["version"],
        "command": { "do": "rename_job", "name": "Heron Slip" },
        "author": "somebody",
        "key": uuid::Uuid::new_v4(),
    });
    let address = format!("{}/api/jobs/{}/commands", other.address, job["id"].as_str().expect("an id"));
    let edited = reqwest::Client::new().post(address).json(&edit).send().await.expect("an answer");
    assert!(edited.status().is_success(), "{:?}", edited.text().await);
    let told = async {
        let mut told = String::new();
        while let Some(piece) = stream.chunk().await.expect("a piece") {
            told += &String::from_utf8_lossy(&piece);
            if told.contains("event: changed") {
                break;
            }
        }
        told
    };
    let told = tokio::time::timeout(Duration::from_secs(20), told).await.expect("it is told");
    let version = job["version"].as_i64().expect("a version") + 1;
    assert!(
        told.contains(job["id"].as_str().expect("an id")) && told.contains(&format!("\"version\":{version}")),
        "{told}"
    );
    // Asked to stop, it does not wait for whoever listens.
    let pid = server.child.id().expect("running").to_string();
    assert!(Command::new("kill").args(["-TERM", &pid]).status().await.expect("kill runs").success());
    let ended = async { while stream.chunk().await.is_ok_and(|piece| piece.is_some()) {} };
    tokio::time::timeout(Duration::from_secs(5), ended).await.expect("the stream ends");
    let status = tokio::time::timeout(Duration::from_secs(5), server.child.wait()).await.expect("it stops in time");
    assert!(status.expect("a status").success());
}

async fn refusal(arguments: &[&str]) -> String {
    let output = Command::new(BINARY).args(arguments).output().await.expect("it runs");
    assert!(!output.status.success());
    String::from_utf8_lossy(&output.stderr).into_owned()
}

#[tokio::test]
async fn what_cannot_be_done_is_said_in_a_sentence() {
    let taken = std::net::TcpListener::bind("127.0.0.1:0").expect("a port");
    let port = taken.local_addr().expect("an address").port().to_string();
    let nowhere = "postgres://nobody:x@127.0.0.1:9/none";
    let said = refusal(&["serve", "--port", &port, "--database", nowhere]).await;
    assert!(said.contains(&format!("port {port} is taken. Choose another with --port.")), "{said}");
    let said = refusal(&["serve", "--port", "0", "--database", nowhere]).await;
    assert!(said.contains("the database does not answer"), "{said}");
    let said = refusal(&["size", "/no/such/file.json"]).await;
    assert!(said.contains("/no/such/file.json cannot be read"), "{said}");
}

#[tokio::test]
async fn size_answers_a_file_of_cases() {
    let cases = sturvek_test_support::project_folder().join("crates/formats/tests/data/header_cases.json");
    let output = Command::new(BINARY).arg("size").arg(cases).output().await.expect("it runs");
    let answers: Value = serde_json::from_slice(&output.stdout).expect("JSON");
    assert_eq!(answers.as_array().map(Vec::len), Some(24));
    assert_eq!(answers[0]["header"], "2-2x6 SPF No.2");
}

/// What an operator watches: alive and ready apart, numbers by route, requests that can be told apart, a log for machines.
#[tokio::test]
async fn it_says_how_it_is() {
    let database = sturvek_test_support::fresh_database().await;
    let server = start_with(&database, &["--metrics", "0", "--log", "json"]).await;
    let status = async |path: &str| {
        reqwest::get(format!("{}{path}", server.address)).await.expect("an answer").status().as_u16()
    };
    assert_eq!((status("/api/live").await, status("/api/ready").await), (204, 204));
    let jobs = reqwest::get(format!("{}/api/jobs", server.address)).await.expect("an answer");
    assert!(jobs.headers().contains_key("x-request-id"));
    let id = jobs.json::<Value>().await.expect("JSON")["jobs"][0]["id"].as_str().expect("an id").to_owned();
    let job = get(&format!("{}/api/jobs/{id}", server.address)).await;
    let wall = job["job"]["walls"][0]["id"].as_str().expect("an id").to_owned();
    assert_eq!(status(&format!("/api/jobs/{id}/walls/{wall}")).await, 200);
    let edit = json!({ "on_version": 7, "command": { "do": "rename_job", "name": "Too late" } });
    let path = format!("{}/api/jobs/{id}/commands", server.address);
    assert_eq!(reqwest::Client::new().post(path).json(&edit).send().await.expect("an answer").status(), 409);

    let counted = reqwest::get(server.metrics.as_deref().expect("it counts")).await.expect("an answer");
    let counted = counted.text().await.expect("text");
    for series in [
        r#"sturvek_requests_total{route="/api/jobs/{job}/walls/{wall}",method="GET",status="200"} 1"#,
        "sturvek_conflicts_total 1",
        "sturvek_work_seconds_count",
        "sturvek_work_waiting 0",
        "sturvek_pool_connections 16",
    ] {
        assert!(counted.contains(series), "{series} in\n{counted}");
    }
    assert!(!counted.contains(&id), "no series of its own for a job");
}
