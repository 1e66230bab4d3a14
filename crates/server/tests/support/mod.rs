//! The real binary on a free port, for the tests that need one.

#[allow(dead_code, reason = "each test file uses a part")]
pub mod asked;
#[allow(dead_code, reason = "each test file uses a part")]
pub mod cluster;
#[allow(dead_code, reason = "each test file uses a part")]
pub mod editors;

use std::process::Stdio;

use tokio::io::{AsyncBufReadExt, BufReader};
use tokio::process::{Child, Command};

/// The binary under test.
pub const BINARY: &str = env!("CARGO_BIN_EXE_sturvek");

/// A running server; it is killed when dropped.
#[allow(dead_code, reason = "each test file uses a part")]
pub struct Server {
    /// Its process.
    pub child: Child,
    /// Where it serves.
    pub address: String,
    /// Where it says how it is, where it was asked to.
    pub metrics: Option<String>,
}

#[allow(dead_code, reason = "each test file uses a part")]
/// Starts a server on a database and waits until it says where it is.
pub async fn start(database: &str) -> Server {
    start_with(database, &[]).await
}

/// Starts a server with more options.
pub async fn start_with(database: &str, options: &[&str]) -> Server {
    // The client of the tests takes whatever encryption the process has; once is enough.
    let _ = rustls::crypto::ring::default_provider().install_default();
    let mut child = Command::new(BINARY)
        .args(["serve", "--port", "0", "--database", database])
        .args(options)
        .stdout(Stdio::piped())
        .stderr(Stdio::null())
        .kill_on_drop(true)
        .spawn()
        .expect("the server starts");
    let mut lines = BufReader::new(child.stdout.take().expect("piped")).lines();
    let mut metrics = None;
    loop {
        let line = lines.next_line().await.expect("a line").expect("the server says where it is");
        let address = line.rsplit(' ').next().expect("an address").to_owned();
        if line.starts_with("Sturvek is at") {
            return Server { child, address, metrics };
        }
        metrics = Some(address);
    }
}

/// Serves something on a free port of this machine, in this process, and says where.
#[allow(dead_code, reason = "each test file uses a part")]
pub async fn serving(app: impl FnOnce(std::net::SocketAddr) -> axum::Router) -> String {
    // The client of the tests takes whatever encryption the process has; once is enough.
    let _ = rustls::crypto::ring::default_provider().install_default();
    let listener = tokio::net::TcpListener::bind("127.0.0.1:0").await.expect("a port");
    let address = listener.local_addr().expect("an address");
    let app = app(address);
    tokio::spawn(async move { axum::serve(listener, app).await });
    format!("http://{address}")
}

/// Jobs in a database of their own.
#[allow(dead_code, reason = "each test file uses a part")]
pub async fn fresh_jobs() -> sturvek_store::Jobs {
    let database = sturvek_test_support::fresh_database().await;
    let jobs = sturvek_store::Jobs::new(sturvek_store::connect_with(&database, 4).await.expect("a database"));
    jobs.migrate().await.expect("migrated");
    jobs
}

/// A port that nobody uses.
#[allow(dead_code, reason = "each test file uses a part")]
pub async fn free_port() -> String {
    let free = tokio::net::TcpListener::bind("127.0.0.1:0").await.expect("a port");
    free.local_addr().expect("its address").port().to_string()
}

/// How many rounds a test goes: as many as the variable says, or as is usual.
#[allow(dead_code, reason = "each test file uses a part")]
pub fn rounds(variable: &str, usual: usize) -> usize {
    std::env::var(variable).ok().and_then(|rounds| rounds.parse().ok()).unwrap_or(usual)
}
