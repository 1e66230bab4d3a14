//! `bin/database`: it keeps to its own folder, and starting is the same however often and by whomever it is done.

use std::path::{Path, PathBuf};
use std::process::{Command, Output, Stdio};

struct Folder(PathBuf);

impl Folder {
    /// A new folder, its name full of what a shell would make something of.
    fn new(name: &str) -> Self {
        let folder = std::env::temp_dir().join(format!("sturvek {name} $HOME `x` {}", std::process::id()));
        std::fs::create_dir_all(&folder).expect("a folder");
        Self(folder)
    }

    fn data(&self) -> PathBuf {
        self.0.join("data")
    }
}

impl Drop for Folder {
    fn drop(&mut self) {
        database(&["stop", text(&self.data())]);
        let _ = std::fs::remove_dir_all(&self.0);
    }
}

fn text(path: &Path) -> &str {
    path.to_str().expect("text")
}

fn command(arguments: &[&str]) -> Command {
    let mut command = Command::new(sturvek_test_support::project_folder().join("bin/database"));
    command.args(arguments).stdin(Stdio::null()).stdout(Stdio::piped()).stderr(Stdio::piped());
    command
}

fn database(arguments: &[&str]) -> Output {
    command(arguments).output().expect("it runs")
}

fn said(output: &Output) -> String {
    String::from_utf8_lossy(&output.stderr).into_owned()
}

fn address(output: &Output) -> String {
    assert!(output.status.success(), "{}", said(output));
    String::from_utf8_lossy(&output.stdout).trim().to_owned()
}

/// Everything about a folder that a careless command would change.
fn as_it_is(folder: &Path) -> (String, Vec<PathBuf>) {
    let listed = Command::new("stat").args(["-c", "%a %u %g %Y"]).arg(folder).output().expect("stat runs");
    let mut files: Vec<PathBuf> =
        std::fs::read_dir(folder).expect("readable").map(|file| file.expect("a file").path()).collect();
    files.sort();
    (String::from_utf8_lossy(&listed.stdout).into_owned(), files)
}

#[test]
fn no_folder_is_touched_that_is_not_its_own() {
    let folder = Folder::new("touched");
    let letters = folder.0.join("letters");
    std::fs::create_dir(&letters).expect("a folder");
    std::fs::write(letters.join("to my sister.txt"), "Dear").expect("written");
    let before = as_it_is(&letters);
    for asked in ["stop", "start", "leave", "owner"] {
        let refused = database(&[asked, text(&letters)]);
        assert!(!refused.status.success() && said(&refused).contains("sturvek: "), "{asked}: {}", said(&refused));
        assert_eq!(as_it_is(&letters), before, "{asked}");
    }
    let nowhere = folder.0.join("nowhere");
    assert!(!database(&["stop", text(&nowhere)]).status.success());
    assert!(!nowhere.exists(), "nothing is made in order to be stopped");
}

#[test]
fn two_first_starts_at_once_are_one_and_a_crash_is_mended() {
    let folder = Folder::new("started");
    let data = folder.data();
    let starts: Vec<_> =
        (0..3).map(|_| command(&["start", text(&data), "--port", "55017"]).spawn().expect("it runs")).collect();
    let mut addresses: Vec<String> =
        starts.into_iter().map(|start| address(&start.wait_with_output().expect("it ends"))).collect();
    addresses.dedup();
    let [first] = &addresses[..] else { panic!("{addresses:?}") };
    assert!(first.contains("sturvek_server:"), "not the one that owns all: {first}");

    // What a crash leaves: a pid file whose number belongs to something else by now.
    let really = address(&database(&["where", text(&data)]));
    let pid_file = Path::new(&really).join("cluster/postmaster.pid");
    let lines = std::fs::read_to_string(&pid_file).expect("it runs");
    let postmaster = lines.lines().next().expect("a pid").to_owned();
    assert!(Command::new("kill").args(["-KILL", &postmaster]).status().expect("kill runs").success());
    std::thread::sleep(std::time::Duration::from_secs(2));
    let mut other = Command::new("sleep").arg("60").spawn().expect("something else");
    std::fs::write(&pid_file, lines.replacen(&postmaster, &other.id().to_string(), 1)).expect("recycled");
    assert_eq!(&address(&database(&["start", text(&data), "--port", "55017"])), first);
    other.kill().expect("it goes");
    other.wait().expect("it is gone");

    // What a start leaves that is killed while it makes the cluster.
    assert!(database(&["stop", text(&data)]).status.success());
    let fresh = folder.0.join("fresh");
    let mut half = command(&["start", text(&fresh), "--port", "55117"]).spawn().expect("it runs");
    std::thread::sleep(std::time::Duration::from_millis(500));
    half.kill().expect("killed");
    half.wait().expect("it is gone");
    address(&database(&["start", text(&fresh), "--port", "55117"]));
    assert!(database(&["stop", text(&fresh)]).status.success());
}
