//! The served API against its document, tried by a tool that draws requests from it: within a minute, every answer has a status, a
//! content type and a shape that stand there, and nothing is a fault.
//!
//! Source of the check: schemathesis, installed by `bin/test` under `target/schemathesis` (`tests/schemathesis/requirements.txt`).

mod support;

use std::process::Stdio;
use std::time::Duration;

use support::start;
use tokio::process::Command;

#[tokio::test]
async fn what_is_served_is_what_the_document_says() {
    let project = sturvek_test_support::project_folder();
    let tool = project.join("target/schemathesis/bin/st");
    assert!(tool.is_file(), "run bin/test, which installs it");
    let server = start(&sturvek_test_support::fresh_database().await).await;
    let folder = std::env::temp_dir().join(format!("document-{}", std::process::id()));
    std::fs::create_dir_all(&folder).expect("a folder");
    let tried = Command::new(tool)
        .arg("run")
        .arg(project.join("openapi.json"))
        .args(["--url", &server.address, "--seed", "1", "--max-examples", "12", "--workers", "2"])
        .args(["--phases", "coverage,fuzzing", "--no-color", "--max-time", "55"])
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
    assert!(tried.status.success(), "{told}\n{}", String::from_utf8_lossy(&tried.stderr));
    std::fs::remove_dir_all(&folder).expect("the folder goes");
}
