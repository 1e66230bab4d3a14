//! The real binary on a free port, for the tests that need one.

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
}

/// Starts a server on a database and waits until it says where it is.
pub async fn start(database: &str) -> Server {
    let mut child = Command::new(BINARY)
        .args(["serve", "--port", "0", "--database", database])
        .stdout(Stdio::piped())
        .stderr(Stdio::null())
        .kill_on_drop(true)
        .spawn()
        .expect("the server starts");
    let mut lines = BufReader::new(child.stdout.take().expect("piped")).lines();
    let line = lines.next_line().await.expect("a line").expect("the server says where it is");
    let address = line.rsplit(' ').next().expect("an address").to_owned();
    Server { child, address }
}
