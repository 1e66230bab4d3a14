//! What others may try on the served address: half-sent requests, another site's page, a name that points here, names that read as
//! something else.

mod support;

use std::time::{Duration, Instant};

use serde_json::{Value, json};
use support::{Server, start};
use tokio::io::{AsyncReadExt, AsyncWriteExt};
use tokio::net::TcpStream;
use tokio::process::Command;

/// More than the server has places for, where the system allows so many files.
const CONNECTIONS: u64 = 1_200;
/// Files that are left for all else.
const OTHER_FILES: u64 = 100;

async fn served() -> Server {
    start(&sturvek_test_support::fresh_database().await).await
}

impl Server {
    fn authority(&self) -> &str {
        self.address.trim_start_matches("http://")
    }

    /// Sends a request as it stands and reads the status of the answer.
    async fn status(&self, request: &str) -> u16 {
        let mut stream = TcpStream::connect(self.authority()).await.expect("connected");
        stream.write_all(request.as_bytes()).await.expect("sent");
        let mut answer = Vec::new();
        stream.read_to_end(&mut answer).await.expect("answered");
        let answer = String::from_utf8_lossy(&answer);
        answer.split(' ').nth(1).and_then(|status| status.parse().ok()).unwrap_or_else(|| panic!("{answer}"))
    }

    async fn connections(&self, sent: &str) -> Vec<TcpStream> {
        let files = rlimit::increase_nofile_limit(u64::MAX).expect("a number of files");
        let mut streams = Vec::new();
        for _ in 0..CONNECTIONS.min(files.saturating_sub(OTHER_FILES)) {
            let mut stream = TcpStream::connect(self.authority()).await.expect("connected");
            // Those that have no place any more are told so and closed.
            let _ = stream.write_all(sent.as_bytes()).await;
            streams.push(stream);
        }
        streams
    }
}

/// An edit takes a place from whoever holds one without asking for anything.
async fn is_answered(server: &Server) {
    let begin = Instant::now();
    let client = reqwest::Client::new();
    let name = json!({ "name": "While others hold their breath" });
    let mut answer = client.post(format!("{}/api/jobs", server.address)).json(&name).send().await;
    while answer.as_ref().map_or(true, |answer| answer.status() == 503) && begin.elapsed() < Duration::from_secs(3) {
        tokio::time::sleep(Duration::from_millis(100)).await;
        answer = client.post(format!("{}/api/jobs", server.address)).json(&name).send().await;
    }
    assert_eq!(answer.expect("an answer").status(), 201);
}

#[tokio::test]
async fn half_sent_requests_hold_nobody_up_nor_the_end() {
    let mut server = served().await;
    let heads = server.connections("GET /api/health HTTP/1.1\r\nhost: ").await;
    is_answered(&server).await;
    drop(heads);
    let host = server.authority().to_owned();
    let body = format!(
        "POST /api/jobs HTTP/1.1\r\nhost: {host}\r\ncontent-type: application/json\r\ncontent-length: 900000\r\n\r\n{{"
    );
    let bodies = server.connections(&body).await;
    is_answered(&server).await;

    let pid = server.child.id().expect("running").to_string();
    assert!(Command::new("kill").args(["-TERM", &pid]).status().await.expect("kill runs").success());
    let ended = tokio::time::timeout(Duration::from_secs(10), server.child.wait()).await.expect("it ends in time");
    assert!(ended.expect("a status").success());
    drop(bodies);
}

#[tokio::test]
async fn only_this_servers_page_under_its_own_name_is_answered() {
    let server = served().await;
    let host = server.authority().to_owned();
    let port = host.rsplit(':').next().expect("a port");
    let get = |host: &str| format!("GET /api/jobs HTTP/1.1\r\nhost: {host}\r\nconnection: close\r\n\r\n");
    assert_eq!(server.status(&get(&host)).await, 200);
    assert_eq!(server.status(&get(&format!("localhost:{port}"))).await, 200);
    for other in
        ["rebound.example", &format!("rebound.example:{port}"), &format!("{host}.rebound.example"), "127.0.0.1"]
    {
        assert_eq!(server.status(&get(other)).await, 421, "{other}");
    }
    assert_eq!(server.status("GET /api/jobs HTTP/1.0\r\nconnection: close\r\n\r\n").await, 421, "no name at all");
    let two = format!("GET /api/jobs HTTP/1.1\r\nhost: {host}\r\nhost: x\r\nconnection: close\r\n\r\n");
    assert_ne!(server.status(&two).await, 200);

    let body = r#"{"name":"x"}"#;
    let post = |more: &str| {
        format!(
            "POST /api/jobs HTTP/1.1\r\nhost: {host}\r\nconnection: close\r\ncontent-length: {}\r\n{more}\r\n{body}",
            body.len()
        )
    };
    let json = "content-type: application/json\r\n";
    assert_eq!(server.status(&post(json)).await, 201);
    assert_eq!(server.status(&post(&format!("{json}origin: http://{host}\r\n"))).await, 201);
    for origin in ["null", "http://elsewhere.example", "http://localhost", &format!("http://{host}.elsewhere.example")]
    {
        assert_eq!(server.status(&post(&format!("{json}origin: {origin}\r\n"))).await, 403, "{origin}");
    }
    assert_eq!(server.status(&post(&format!("{json}sec-fetch-site: same-site\r\n"))).await, 403);
    for kind in ["text/plain", "application/jsonp", "application/json, text/plain", "application/x-www-form-urlencoded"]
    {
        assert_eq!(server.status(&post(&format!("content-type: {kind}\r\n"))).await, 415, "{kind}");
    }
    // A form without anything in it is a form.
    let restore = format!(
        "POST /api/jobs/{}/restore HTTP/1.1\r\nhost: {host}\r\nconnection: close\r\ncontent-length: 0\r\n\r\n",
        "00000000-0000-4000-8000-000000000000"
    );
    assert_eq!(server.status(&restore).await, 415);
}

#[tokio::test]
async fn answers_keep_to_themselves() {
    let server = served().await;
    let header = |answer: &reqwest::Response, name: &str| {
        answer.headers().get(name).map(|value| value.to_str().expect("text").to_owned()).unwrap_or_default()
    };
    let page = reqwest::get(&server.address).await.expect("the page");
    let policy = header(&page, "content-security-policy");
    assert!(
        !policy.contains("unsafe") && policy.contains("base-uri 'none'") && policy.contains("form-action"),
        "{policy}"
    );
    for (name, value) in [
        ("cross-origin-opener-policy", "same-origin"),
        ("cross-origin-resource-policy", "same-origin"),
        ("x-content-type-options", "nosniff"),
        ("referrer-policy", "no-referrer"),
    ] {
        assert_eq!(header(&page, name), value, "{name}");
    }
    assert!(header(&page, "permissions-policy").contains("microphone=()"));
    let api = reqwest::get(format!("{}/api/jobs", server.address)).await.expect("the jobs");
    assert_eq!(header(&api, "cache-control"), "no-store");
    let nowhere = reqwest::get(format!("{}/api/nowhere", server.address)).await.expect("no address");
    assert_eq!(
        (header(&nowhere, "cache-control"), header(&nowhere, "content-type")),
        ("no-store".into(), "application/problem+json".into())
    );
}

#[tokio::test]
async fn a_name_that_turns_the_direction_of_writing_is_refused() {
    let server = served().await;
    let client = reqwest::Client::new();
    for name in ["house\u{202e}gnp.exe", "\u{2066}x", "a\u{200f}b", "line\u{2028}line"] {
        let answer = client.post(format!("{}/api/jobs", server.address)).json(&json!({ "name": name })).send().await;
        let answer = answer.expect("an answer");
        assert_eq!(answer.status(), 422, "{name:?}");
        let problem: Value = answer.json().await.expect("a problem");
        assert!(problem["detail"].as_str().is_some_and(|detail| detail.ends_with('.')), "{problem}");
    }
    let fine =
        client.post(format!("{}/api/jobs", server.address)).json(&json!({ "name": "Ñandú, 日本 ½" })).send().await;
    assert_eq!(fine.expect("an answer").status(), 201);
}
