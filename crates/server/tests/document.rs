//! The served API against its document, tried by a tool that draws requests from it: within a minute, every answer has a status, a
//! content type and a shape that stand there, and nothing is a fault.
//!
//! Source of the check: schemathesis, installed by `bin/test` under `target/schemathesis` (`tests/schemathesis/requirements.txt`).

mod support;

use std::process::Stdio;
use std::time::Duration;

use serde_json::Value;
use support::start;
use tokio::process::Command;

/// The demo's job, a wall and an opening of it, in place of ids that are drawn and name nothing.
async fn ids(address: &str) -> String {
    let get = async |path: String| -> Value {
        reqwest::get(format!("{address}{path}")).await.expect("an answer").json().await.expect("JSON")
    };
    let text = |value: &Value| value.as_str().expect("an id").to_owned();
    let job = text(&get("/api/jobs".into()).await["jobs"][0]["id"]);
    let wall = get(format!("/api/jobs/{job}")).await["job"]["walls"][0].clone();
    let (wall, opening) = (text(&wall["id"]), text(&wall["openings"][0]["id"]));
    format!("[parameters]\n\"path.job\" = \"{job}\"\n\"path.wall\" = \"{wall}\"\n\"path.opening\" = \"{opening}\"\n")
}

#[tokio::test]
async fn what_is_served_is_what_the_document_says() {
    let project = sturvek_test_support::project_folder();
    let tool = project.join("target/schemathesis/bin/st");
    assert!(tool.is_file(), "run bin/test, which installs it");
    let server = start(&sturvek_test_support::fresh_database().await).await;
    let folder = std::env::temp_dir().join(format!("document-{}", std::process::id()));
    std::fs::create_dir_all(&folder).expect("a folder");
    std::fs::write(folder.join("schemathesis.toml"), ids(&server.address).await).expect("written");
    let tried = Command::new(tool)
        .arg("run")
        .arg(project.join("openapi.json"))
        .args(["--url", &server.address, "--seed", "1", "--max-examples", "12", "--workers", "1"])
        // A stream of events has no end to wait for: it is told of in `tests/process.rs`.
        .args(["--exclude-path", "/api/changes"])
        .args(["--exclude-method", "DELETE", "--phases", "coverage,fuzzing", "--no-color", "--max-time", "55"])
        // A method that an address does not have is answered 405; what is refused that the schema allows is told at its field (422).
        .args([
            "--checks",
            "not_a_server_error,status_code_conformance,content_type_conformance,response_schema_conformance",
        ])
        .current_dir(&folder)
        .stdout(Stdio::piped())
        .stderr(Stdio::piped())
        .kill_on_drop(true)
        .output();
    let tried = tokio::time::timeout(Duration::from_secs(150), tried).await.expect("it ends").expect("it runs");
    let told = String::from_utf8_lossy(&tried.stdout);
    // Its report may be very long: the end of it, and what deviates, say enough.
    let told: Vec<&str> = told.lines().map(|line| line.get(..400).unwrap_or(line)).take(160).collect();
    assert!(tried.status.success(), "{}", told.join("\n"));
    std::fs::remove_dir_all(&folder).expect("the folder goes");
}
