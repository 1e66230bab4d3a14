//! Killed at any moment, nothing that was acknowledged is lost and nothing is kept twice; and the log, replayed, is the job.
//!
//! Editors go on while the server, then the database, is killed without a word again and again. Each sends an edit with its key until it is
//! answered. Longer: `STURVEK_KILL_SERVER=100 STURVEK_KILL_DATABASE=20 cargo test -p sturvek-server --test kill_rounds`.

mod support;

use std::time::Duration;

use support::cluster::Cluster;
use support::editors::Site;
use support::{Server, rounds, start};
use tokio::time::sleep;

#[tokio::test(flavor = "multi_thread", worker_threads = 2)]
async fn nothing_acknowledged_is_lost_and_nothing_is_kept_twice() {
    let cluster = Cluster(std::env::temp_dir().join(format!("sturvek-kill-{}", std::process::id())));
    let database = cluster.start(55217).await;
    let mut server: Server = start(&database).await;
    let site = Site::of(&server, &database).await;
    let editors = site.begin();
    // At other moments each time.
    let a_while = async |round: usize| sleep(Duration::from_millis(300 + (round as u64 * 137) % 400)).await;
    for round in 0..rounds("STURVEK_KILL_SERVER", 5) {
        a_while(round).await;
        server.child.kill().await.expect("killed");
        server = start(&database).await;
        site.move_to(&server);
    }
    for round in 0..rounds("STURVEK_KILL_DATABASE", 2) {
        a_while(round).await;
        cluster.kill().await;
        assert_eq!(cluster.start(55217).await, database);
    }
    a_while(0).await;
    site.check(editors, &database).await;
}
