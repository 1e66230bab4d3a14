//! For tests only: a fresh database on a throw-away PostgreSQL cluster, and jobs drawn at random.
//!
//! The cluster is the one named by `STURVEK_TEST_DATABASE_URL` or, where that is not set, the one that `bin/database test`
//! starts. Every test gets a database of its own.

pub mod drawn;

use std::path::PathBuf;
use std::process::Command;
use std::sync::OnceLock;

use sea_orm::{ConnectionTrait, Database};
use uuid::Uuid;

/// The project's top folder.
pub fn project_folder() -> PathBuf {
    PathBuf::from(env!("CARGO_MANIFEST_DIR")).join("../..").canonicalize().expect("the project folder is there")
}

fn cluster_address() -> &'static str {
    static ADDRESS: OnceLock<String> = OnceLock::new();
    ADDRESS.get_or_init(|| {
        if let Ok(address) = std::env::var("STURVEK_TEST_DATABASE_URL") {
            return address;
        }
        let output =
            Command::new(project_folder().join("bin/database")).arg("test").output().expect("bin/database runs");
        assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
        String::from_utf8(output.stdout).expect("an address").trim().to_owned()
    })
}

/// Makes an empty database and gives its address.
///
/// # Panics
/// If the cluster cannot be started or reached.
pub async fn fresh_database() -> String {
    let address = cluster_address();
    let name = format!("test_{}", Uuid::new_v4().simple());
    let connection = Database::connect(address).await.expect("the test cluster answers");
    connection.execute_unprepared(&format!("create database {name}")).await.expect("a database can be made");
    connection.close().await.expect("the connection closes");
    let (server, _) = address.rsplit_once('/').expect("an address with a database");
    format!("{server}/{name}")
}
