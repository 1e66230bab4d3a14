//! Whatever was kept once is opened: `saved/<form>` holds one job file and the commands of a log for each form.

use std::collections::BTreeSet;
use std::path::{Path, PathBuf};

use serde_json::Value;
use sturvek_core::job;
use sturvek_core::loads::{Framing, OpeningsAbove, Standing, Tail, WallCarries};
use sturvek_wire::Command;
use sturvek_wire::Resolve;
use sturvek_wire::inputs::Job;
use sturvek_wire::saved::{self, FORM, SavedError};

fn file(form: u16, name: &str) -> Value {
    let path: PathBuf = Path::new(env!("CARGO_MANIFEST_DIR")).join("tests/saved").join(form.to_string()).join(name);
    let text = std::fs::read_to_string(&path).unwrap_or_else(|error| panic!("{}: {error}", path.display()));
    serde_json::from_str(&text).unwrap_or_else(|error| panic!("{}: {error}", path.display()))
}

fn job_of(form: u16) -> job::Job {
    let job: Job = saved::read(form, file(form, "job.json")["job"].take()).expect("a job");
    job.with_new_identities().resolve().expect("its values are read")
}

fn commands_of(form: u16) -> Vec<Value> {
    let Value::Array(commands) = file(form, "commands.json") else { panic!("a list of commands") };
    commands
}

fn command(form: u16, kept: Value) -> job::Command {
    let command: Command = saved::read(form, kept).expect("a command");
    command.resolve().expect("its values are read")
}

#[test]
fn every_form_is_opened_and_every_step_is_used() {
    let mut used = BTreeSet::new();
    for form in 1..=FORM {
        assert!(!job_of(form).walls.is_empty());
        used.extend(saved::steps_needed::<Job>(form, file(form, "job.json")["job"].take()).expect("a known form"));
        for kept in commands_of(form) {
            used.extend(saved::steps_needed::<Command>(form, kept.clone()).expect("a known form"));
            command(form, kept);
        }
    }
    assert_eq!(used, saved::steps().collect(), "a step that nothing kept here needs");
}

#[test]
fn what_is_of_todays_form_is_kept_as_it_is() {
    let kept = file(FORM, "job.json")["job"].take();
    let job: Job = saved::read(FORM, kept.clone()).expect("a job");
    assert_eq!(serde_json::to_value(Job::from(&job.resolve().expect("good"))).expect("JSON"), kept);
    for kept in commands_of(FORM) {
        let again = Command::from(&command(FORM, kept.clone()));
        assert_eq!(serde_json::to_value(again).expect("JSON"), kept);
    }
}

#[test]
fn what_was_not_said_in_form_1_was_assumed() {
    let job = job_of(1);
    assert_eq!((job.settings.said.snow, job.settings.said.wind), (Standing::AssumedBefore, Standing::AssumedBefore));
    let carried: Vec<_> = commands_of(1)
        .into_iter()
        .filter(|kept| kept["do"] == "change_carries")
        .map(|kept| command(1, kept))
        .filter_map(|command| match command {
            job::Command::ChangeCarries { carries: WallCarries::Framing(items), .. } => Some(items),
            _ => None,
        })
        .collect();
    let kinds: Vec<Vec<&str>> = carried
        .iter()
        .map(|items| {
            let kind = |framing: &Framing| match framing {
                Framing::Roof(_) => "roof",
                Framing::Floor(floor) if floor.tail == Tail::AssumedFree => "floor",
                Framing::WallAbove(wall) if wall.openings == OpeningsAbove::AssumedNone => "wall above",
                _ => "not as it was kept",
            };
            items.iter().map(|item| kind(&item.framing)).collect()
        })
        .collect();
    assert!(kinds.contains(&vec!["roof", "floor", "wall above"]), "{kinds:?}");
    assert!(kinds.contains(&vec!["floor", "wall above"]), "{kinds:?}");
}

#[test]
fn a_form_to_come_is_not_guessed_at() {
    for form in [0, FORM + 1] {
        let error = saved::read::<Job>(form, Value::Null).expect_err("unknown");
        assert_eq!(error, SavedError::UnknownForm { form });
    }
    let error = saved::read::<Job>(FORM, serde_json::json!({ "name": 7 })).expect_err("no job");
    assert!(error.to_string().contains("at name"), "{error}");
}
