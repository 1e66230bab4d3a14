//! `cargo xtask`: check, test, generate, begin something new, serve while editing.

mod begin;

use std::path::{Path, PathBuf};
use std::process::{Command, ExitCode};

use clap::{Parser, Subcommand};

/// Why a task failed, in a sentence.
pub(crate) type Failure = String;

#[derive(Parser)]
#[command(about)]
struct Arguments {
    #[command(subcommand)]
    task: Task,
}

#[derive(Subcommand)]
enum Task {
    /// Form, types, the linters and the core's tests: under a minute when warm.
    Check,
    /// Everything, as CI does it; what follows goes to `cargo test`.
    Test {
        /// For `cargo test`.
        arguments: Vec<String>,
    },
    /// Writes again what is generated: the OpenAPI document and the page's types.
    Generate {
        /// Only says whether it is current.
        #[arg(long)]
        check: bool,
    },
    /// Begins something: its file with the headings, its registration, a test that fails until it is done.
    New {
        #[command(subcommand)]
        what: New,
    },
    /// Serves the page with reload, over a server that is built once.
    Dev,
}

#[derive(Subcommand)]
pub(crate) enum New {
    /// A kind of finding, by its code and the topic of `wall_plan/findings` that finds it.
    Finding {
        /// Its short name: `header-too-deep`.
        code: String,
        /// `places`, `counts`, `heights`, `loads`, `plate_breaks` or `sole_bolts`.
        topic: String,
    },
    /// A check of the header, one file in `sizing/header`.
    Check {
        /// Its file's name: `notches`.
        name: String,
    },
    /// An edit, by its name in the core: `MovePost`.
    Command {
        /// Its name.
        name: String,
    },
    /// A migration, by its subject: `posts_have_names`.
    Migration {
        /// Its subject.
        subject: String,
    },
}

/// The project's folder.
pub(crate) fn project() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("../..")
}

fn run(folder: &str, program: &str, arguments: &[&str]) -> Result<(), Failure> {
    let status = Command::new(program).args(arguments).current_dir(project().join(folder)).status();
    let status = status.map_err(|error| format!("{program} does not run: {error}"))?;
    if status.success() { Ok(()) } else { Err(format!("{program} {} failed.", arguments.join(" "))) }
}

fn check() -> Result<(), Failure> {
    run(".", "cargo", &["fmt", "--all", "--check"])?;
    run(".", "cargo", &["clippy", "--quiet", "--workspace", "--all-targets", "--", "-D", "warnings"])?;
    run("web", "npm", &["run", "--silent", "check"])?;
    // The solvers that the statics are held against are another program, and installed by `bin/test`.
    let tests = ["test", "--quiet", "-p", "sturvek-core", "-p", "sturvek-speech", "--lib", "--test", "conflicts"];
    run(".", "cargo", &[&tests[..], &["--test", "golden_walls", "--test", "floors", "--test", "catalogs"]].concat())
}

const GENERATED: [&str; 2] = ["openapi.json", "web/src/api/schema.d.ts"];

fn generate(only_check: bool) -> Result<(), Failure> {
    let read = || GENERATED.map(|file| std::fs::read(project().join(file)).ok());
    let before = read();
    run(".", "bin/generate", &[])?;
    if only_check && before != read() {
        return Err(format!("{} were not current; they are now.", GENERATED.join(", ")));
    }
    Ok(())
}

fn dev() -> Result<(), Failure> {
    run(".", "cargo", &["build", "--bin", "sturvek"])?;
    let folder = project();
    let server = Command::new(folder.join("bin/start")).current_dir(&folder).spawn();
    let mut server = server.map_err(|error| format!("bin/start does not run: {error}"))?;
    let page = run("web", "npm", &["run", "dev"]);
    // The page's server ends with Ctrl-C, which the other has had too.
    let _ = server.wait();
    page
}

fn main() -> ExitCode {
    let done = match Arguments::parse().task {
        Task::Check => check(),
        Task::Test { arguments } => {
            let arguments: Vec<&str> = arguments.iter().map(String::as_str).collect();
            run(".", "bin/test", &arguments)
        }
        Task::Generate { check } => generate(check),
        Task::New { what } => begin::begin(&what),
        Task::Dev => dev(),
    };
    match done {
        Ok(()) => ExitCode::SUCCESS,
        Err(failure) => {
            eprintln!("xtask: {failure}");
            ExitCode::FAILURE
        }
    }
}
