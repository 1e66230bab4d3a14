//! A primary and its standby: whichever is killed, no acknowledged edit is lost and nobody waits for long.
//!
//! More: `STURVEK_FAILOVERS=10 cargo test --release -p sturvek-server --test failover -- --nocapture`, which prints how long editors waited.

mod support;

use std::path::PathBuf;
use std::time::{Duration, Instant};

use support::cluster::Cluster;
use support::editors::Site;
use support::{Server, rounds, start_with};
use tokio::process::Command;
use tokio::time::sleep;

/// What a series of the server's metrics is at.
async fn metric(server: &Server, name: &str) -> f64 {
    let address = server.metrics.as_ref().expect("it was asked for them");
    let text = reqwest::get(address).await.expect("an answer").text().await.expect("text");
    let line = text.lines().find_map(|line| line.strip_prefix(name)).unwrap_or_else(|| panic!("{name} in {text}"));
    line.trim().parse().expect("a number")
}

async fn until(what: &str, server: &Server, name: &str, at_least: f64) -> Duration {
    let begun = Instant::now();
    while metric(server, name).await < at_least {
        assert!(begun.elapsed() < Duration::from_secs(30), "{what}");
        sleep(Duration::from_millis(50)).await;
    }
    begun.elapsed()
}

fn port_of(address: &str) -> &str {
    address.rsplit_once(':').and_then(|(_, end)| end.split('/').next()).expect("a port")
}

/// Brings a cluster up without asking anybody: as somebody would who does not know that it was overtaken.
async fn bring_up_by_hand(cluster: &Cluster, address: &str) {
    let folder = PathBuf::from(cluster.run("where", &[]).await);
    let version = std::fs::read_to_string(folder.join("cluster/PG_VERSION")).expect("a cluster");
    let tool = format!("/usr/lib/postgresql/{}/bin/pg_ctl", version.trim());
    let port = port_of(address);
    let options = format!("-p {port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=");
    // Whoever owns the cluster runs it.
    let owner = Command::new("stat").args(["-c", "%U"]).arg(&folder).output().await.expect("it runs").stdout;
    let owner = String::from_utf8(owner).expect("text").trim().to_owned();
    let mut command = if owner == "postgres" { Command::new("runuser") } else { Command::new(&tool) };
    if owner == "postgres" {
        command.args(["-u", "postgres", "--"]).arg(&tool);
    }
    let cluster = folder.join("cluster");
    command.arg("-D").arg(&cluster).args(["-w", "-l", "/dev/null", "-o", &options, "start"]).current_dir(&folder);
    assert!(command.stdout(std::process::Stdio::null()).status().await.expect("it runs").success());
}

#[tokio::test(flavor = "multi_thread", worker_threads = 2)]
async fn a_killed_primary_takes_no_acknowledged_edit_with_it() {
    let folder = |name: &str| std::env::temp_dir().join(format!("sturvek-{name}-{}", std::process::id()));
    let (mut primary, mut standby) = (Cluster(folder("first")), Cluster(folder("second")));
    primary.start(55317).await;
    let both = primary.run("standby", &[standby.folder(), "--port", "55367"]).await;
    let addresses: Vec<String> = both.split(' ').map(str::to_owned).collect();
    let [mut at, mut other] = <[String; 2]>::try_from(addresses).expect("two addresses");
    let server = start_with(&both, &["--metrics", "0"]).await;
    let site = Site::of(&server, &at).await;
    let editors = site.begin();
    until("the standby holds everything", &server, "sturvek_standby_in_step", 1.0).await;

    // The standby is gone: an edit waits for it as long as is allowed, and those after it do not.
    standby.kill().await;
    let waited = site.until_next().await.max(site.until_next().await);
    until("it was dropped", &server, "sturvek_standby_dropped_total", 1.0).await;
    eprintln!("standby killed: an edit waited {waited:.1?} for it");
    assert!((metric(&server, "sturvek_standby_waited_for").await).abs() < 0.5);
    let promoted = standby.tried("promote", &[]).await;
    let said = String::from_utf8_lossy(&promoted.stderr).into_owned();
    assert!(!promoted.status.success() && said.contains("may lack edits"), "{said}");
    assert_eq!(primary.start(55317).await, both, "which brings the standby up again");
    until("it holds everything again", &server, "sturvek_standby_in_step", 1.0).await;

    for round in 1..=rounds("STURVEK_FAILOVERS", 1) {
        sleep(Duration::from_millis(500 + (round as u64 * 137) % 400)).await;
        let killed = Instant::now();
        primary.kill().await;
        assert_eq!(standby.run("promote", &[]).await, other);
        let promoted = killed.elapsed();
        site.until_next().await;
        eprintln!("primary killed: promoted after {promoted:.1?}, edits again after {:.1?}", killed.elapsed());
        let moved = metric(&server, "sturvek_database_moved_total").await;
        assert!((moved - round as f64).abs() < 0.5, "{moved}");

        // The old primary is not started again by those who know, and not used where somebody does it all the same.
        let refused = primary.tried("start", &[]).await;
        assert!(!refused.status.success(), "it was overtaken");
        bring_up_by_hand(&primary, &at).await;
        sleep(Duration::from_secs(1)).await;
        site.until_next().await;
        assert!((metric(&server, "sturvek_database_moved_total").await - moved).abs() < 0.5, "it stays where it is");

        // It becomes the standby of the new one.
        std::mem::swap(&mut primary, &mut standby);
        std::mem::swap(&mut at, &mut other);
        assert_eq!(
            primary.run("standby", &[standby.folder(), "--port", port_of(&other)]).await,
            format!("{at} {other}")
        );
        until("it holds everything", &server, "sturvek_standby_in_step", 1.0).await;
    }
    site.check(editors, &at).await;
}
