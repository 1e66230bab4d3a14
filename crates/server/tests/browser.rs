//! The real page in a real browser, driven by Playwright from Node against the real server.

use std::process::Stdio;

use tokio::io::{AsyncBufReadExt, BufReader};
use tokio::process::{Child, Command};

const BINARY: &str = env!("CARGO_BIN_EXE_sturvek");

async fn start() -> (Child, String) {
    let database = sturvek_test_support::fresh_database().await;
    let mut child = Command::new(BINARY)
        .args(["serve", "--port", "0", "--database", &database])
        .stdout(Stdio::piped())
        .kill_on_drop(true)
        .spawn()
        .expect("the server starts");
    let mut lines = BufReader::new(child.stdout.take().expect("piped")).lines();
    let line = lines.next_line().await.expect("a line").expect("the server says where it is");
    (child, line.rsplit(' ').next().expect("an address").to_owned())
}

async fn drive(script: &str) {
    let e2e = sturvek_test_support::project_folder().join("e2e");
    let (_server, address) = start().await;
    let output = Command::new("node").arg(e2e.join(script)).arg(&address).output().await.expect("node runs");
    let said = String::from_utf8_lossy(&output.stdout);
    assert!(output.status.success(), "{script}:\n{said}\n{}", String::from_utf8_lossy(&output.stderr));
}

#[tokio::test]
async fn the_whole_story() {
    drive("story.mjs").await;
}

#[tokio::test]
async fn two_people_on_one_job() {
    drive("conflict.mjs").await;
}

#[tokio::test]
async fn the_jobs_screen() {
    drive("jobs.mjs").await;
}

#[tokio::test]
async fn every_screen_is_accessible_in_both_themes_and_sizes() {
    drive("accessible.mjs").await;
}
