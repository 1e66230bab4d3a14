//! The real binary: what it says, and what survives its death.

mod support;

use std::time::Duration;

use serde_json::{Value, json};
use support::{BINARY, start};
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
