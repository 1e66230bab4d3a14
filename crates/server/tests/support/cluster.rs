//! A cluster of the test's own, started and stopped as users do.

use std::path::{Path, PathBuf};
use std::process::Output;

use tokio::process::Command;

/// A cluster of its own, with all the care for a crash that the user's has.
pub struct Cluster(pub PathBuf);

impl Cluster {
    /// Starts it.
    ///
    /// # Returns
    /// Where the server logs in.
    pub async fn start(&self, port: u16) -> String {
        self.run("start", &["--port", &port.to_string()]).await
    }

    /// Runs a command of `bin/database` on it, and gives what it prints.
    pub async fn run(&self, what: &str, more: &[&str]) -> String {
        let output = self.tried(what, more).await;
        assert!(output.status.success(), "{}", String::from_utf8_lossy(&output.stderr));
        String::from_utf8(output.stdout).expect("text").trim().to_owned()
    }

    /// The same, whether it is done or refused.
    pub async fn tried(&self, what: &str, more: &[&str]) -> Output {
        let command = sturvek_test_support::project_folder().join("bin/database");
        Command::new(command).arg(what).arg(&self.0).args(more).output().await.expect("it runs")
    }

    /// The name of its folder.
    pub fn folder(&self) -> &str {
        self.0.to_str().expect("text")
    }

    /// Kills the database as a lack of memory would.
    pub async fn kill(&self) {
        let pid_file = Path::new(&self.run("where", &[]).await).join("cluster/postmaster.pid");
        let pid = std::fs::read_to_string(pid_file).expect("it runs");
        let pid = pid.lines().next().expect("a pid");
        assert!(Command::new("kill").args(["-KILL", pid]).status().await.expect("kill runs").success());
    }
}

impl Drop for Cluster {
    fn drop(&mut self) {
        let command = sturvek_test_support::project_folder().join("bin/database");
        let _ = std::process::Command::new(command).arg("stop").arg(&self.0).output();
        let _ = std::fs::remove_dir_all(&self.0);
    }
}
