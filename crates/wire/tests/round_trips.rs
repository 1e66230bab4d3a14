//! From the core to JSON and back, for jobs and commands with every field in play.

use std::collections::{BTreeMap, BTreeSet};

use proptest::prelude::*;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use serde_json::{Map, Value};
use sturvek_core::job;
use sturvek_test_support::drawn::{any_command, any_job};
use sturvek_wire::Command;
use sturvek_wire::inputs::Job;
use sturvek_wire::{FieldErrors, Resolve};

fn as_json(job: &job::Job) -> Value {
    serde_json::to_value(Job::from(job)).expect("JSON")
}

fn from_json(json: Value) -> Option<job::Job> {
    serde_json::from_value::<Job>(json).ok()?.resolve().ok()
}

proptest! {
    #[test]
    fn a_job_comes_back_the_same(job in any_job()) {
        let text = as_json(&job).to_string();
        let again: Job = serde_json::from_str(&text).expect("our own JSON");
        prop_assert_eq!(again.resolve().expect("our own values"), job);
    }

    /// A copy has other identities and is the same house.
    #[test]
    fn a_copy_stands_on_its_own_storeys(job in any_job()) {
        let copy = Job::from(&job).with_new_identities().resolve().expect("our own values");
        prop_assert_eq!(job::bounds::job(&copy), Ok(()));
        prop_assert!(copy.house.ids().all(|id| job.house.part(id).is_none()));
        let storeys = |job: &job::Job| -> Vec<Option<usize>> {
            job.walls.iter().map(|wall| wall.place.and_then(|place| job.house.storey(place.level))).collect()
        };
        prop_assert_eq!(storeys(&copy), storeys(&job));
    }

    #[test]
    fn a_drawn_job_is_allowed(job in any_job()) {
        prop_assert_eq!(job::bounds::job(&job), Ok(()));
    }

    #[test]
    fn a_command_comes_back_the_same(command in any_command()) {
        let text = serde_json::to_string(&Command::from(&command)).expect("JSON");
        let again: Command = serde_json::from_str(&text).expect("our own JSON");
        prop_assert_eq!(again.resolve().expect("our own values"), command);
    }
}

/// Makes every number of a job far too large, one after another: what is refused is named by its own place.
#[test]
fn what_is_not_allowed_is_named_where_it_stands() {
    let mut runner = TestRunner::deterministic();
    let mut elsewhere = BTreeSet::new();
    let mut refused = 0;
    for _ in 0..8 {
        let json = as_json(&any_job().new_tree(&mut runner).expect("a job").current());
        for place in objects(&json) {
            let fields = json.pointer(&place).and_then(Value::as_object).expect("an object").clone();
            let numbers = fields.iter().flat_map(|(name, value)| match value {
                Value::Number(number) => vec![(name.clone(), number.is_f64())],
                Value::Array(items) => (0..items.len()).map(|at| (format!("{name}/{at}"), false)).collect(),
                _ => vec![],
            });
            for (field, is_decimal) in numbers {
                let leaf = format!("{place}/{field}");
                let mut far = json.clone();
                let Some(number @ Value::Number(_)) = far.pointer_mut(&leaf) else { continue };
                // 900 ft, which can still be read, or more than anything weighs; a count that fits its type.
                let small = number.as_i64().is_some_and(|count| (0..256).contains(&count));
                *number = if is_decimal {
                    1e9.into()
                } else if small {
                    200.into()
                } else {
                    274_320_000_000_i64.into()
                };
                let Some(job) = from_json(far) else { continue };
                let Err(errors) = job::bounds::job(&job) else { continue };
                refused += 1;
                let named = FieldErrors::from(errors).0;
                if !named.iter().any(|error| error.pointer == leaf) {
                    elsewhere.insert(without_places(&leaf));
                }
            }
        }
    }
    // Named by the field beside it: the end of a stretch by its start.
    let other: Vec<_> = elsewhere.iter().filter(|leaf| !leaf.ends_with("/to")).collect();
    assert!(other.is_empty(), "{other:?}");
    assert!(800 < refused, "{refused}");
}

/// Two fields of one object that hold the same type, by name and without the places in lists.
type Pair = (String, String, String);

/// Exchanges the values of each two fields that could be mistaken for one another. Either the exchange is no job any more, or it is
/// another one, and it comes back as it was sent: so no field stands in for another, on either way.
#[test]
fn no_two_fields_of_a_job_can_be_exchanged_unseen() {
    let mut runner = TestRunner::deterministic();
    let mut told_apart: BTreeMap<Pair, bool> = BTreeMap::new();
    for _ in 0..10 {
        let job = any_job().new_tree(&mut runner).expect("a job").current();
        let json = as_json(&job);
        for place in objects(&json) {
            let fields = json.pointer(&place).and_then(Value::as_object).expect("an object");
            for (one, other) in pairs(fields) {
                let told = told_apart.entry((without_places(&place), one.clone(), other.clone())).or_default();
                if fields[&one] == fields[&other] || [&one, &other].iter().any(|field| follows(fields, field)) {
                    continue;
                }
                // A beam is a foundation with something more, which is not read of one.
                if (&*one, &*other) == ("beams", "foundations") {
                    *told = true;
                    continue;
                }
                let mut exchanged = json.clone();
                let object = exchanged.pointer_mut(&place).expect("the same object");
                let kept = object[&one].take();
                object[&one] = object[&other].take();
                object[&other] = kept;
                if let Some(read) = from_json(exchanged.clone()) {
                    assert_ne!(read, job, "{place}: {one} and {other} were exchanged and nobody saw it");
                    assert_eq!(given(as_json(&read)), given(exchanged), "{place}: {one} and {other}");
                }
                *told = true;
            }
        }
    }
    let never: Vec<&Pair> = told_apart.iter().filter(|(_, told)| !**told).map(|(pair, _)| pair).collect();
    assert!(never.is_empty(), "fields that no drawn job tells apart: {never:?}");
    assert!(150 < told_apart.len(), "{} pairs", told_apart.len());
}

/// A height that is given otherwise than over the plates is not read: it follows.
fn follows(frame: &Map<String, Value>, field: &str) -> bool {
    let given = frame.get("framing").and_then(|framing| framing.pointer("/height_by/by"));
    field == "height" && given.is_some_and(|given| given != "over_plates")
}

/// A job without the heights that follow.
fn given(mut job: Value) -> Value {
    for wall in job["walls"].as_array_mut().expect("walls") {
        let frame = wall["frame"].as_object_mut().expect("a frame");
        if follows(frame, "height") {
            frame.remove("height");
        }
    }
    job
}

/// The places of all objects, as JSON pointers.
fn objects(json: &Value) -> Vec<String> {
    fn walk(value: &Value, place: &str, found: &mut Vec<String>) {
        match value {
            Value::Object(fields) => {
                found.push(place.to_owned());
                fields.iter().for_each(|(name, inner)| walk(inner, &format!("{place}/{name}"), found));
            }
            Value::Array(items) => {
                (0..).zip(items).for_each(|(index, inner): (usize, _)| walk(inner, &format!("{place}/{index}"), found));
            }
            _ => {}
        }
    }
    let mut found = Vec::new();
    walk(json, "", &mut found);
    found
}

/// Fields that hold values of one type.
fn pairs(fields: &Map<String, Value>) -> Vec<(String, String)> {
    let alike = |one: &Value, other: &Value| {
        std::mem::discriminant(one) == std::mem::discriminant(other) && one.is_i64() == other.is_i64() && !one.is_null()
    };
    let mut pairs = Vec::new();
    for (place, (one, value)) in fields.iter().enumerate() {
        let others = fields.iter().skip(place + 1).filter(|(_, other)| alike(value, other));
        pairs.extend(others.map(|(other, _)| (one.clone(), other.clone())));
    }
    pairs
}

fn without_places(place: &str) -> String {
    place.split('/').filter(|part| part.parse::<usize>().is_err()).collect::<Vec<_>>().join("/")
}
