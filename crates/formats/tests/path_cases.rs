//! The worked houses of the check material: independent statics, checked there against three solvers. Agreement wanted: 0.5 % on every
//! number, and the same places.

use std::collections::BTreeSet;

use serde_json::Value;
use sturvek_formats::path_cases::answer_all;

const CASES: &[u8] = include_bytes!("data/path_cases.json");
const KINDS: [&str; 4] = ["D", "L", "Lr", "S"];

fn answered() -> Vec<(Value, Value)> {
    let all: Vec<Value> = serde_json::from_slice(CASES).expect("the check file is JSON");
    let cases: Vec<&Value> = all.iter().map(|each| &each["case"]).collect();
    let answers = answer_all(&serde_json::to_vec(&cases).expect("JSON")).expect("read");
    assert_eq!(all.len(), answers.len());
    let answers = answers.iter().map(|answer| serde_json::to_value(answer).expect("JSON"));
    all.iter().map(|each| each["answer"].clone()).zip(answers).collect()
}

/// Everything an answer says, a line each: where, and how much of each kind.
fn told(answer: &Value) -> Vec<(String, [f64; 4])> {
    let number = |value: &Value| value.as_f64().expect("a number");
    let amount = |value: &Value| KINDS.map(|kind| number(&value[kind]));
    let place = |value: &Value| format!("{:.2}", number(value));
    let spot = |value: &Value| format!("{:.2},{:.2}", number(&value[0]), number(&value[1]));
    let list = |value: &Value| value.as_array().expect("a list").clone();
    let mut all = Vec::new();
    for line in list(&answer["lines"]) {
        let id = &line["id"];
        all.push((format!("line {id}"), [0.0; 4]));
        for each in list(&line["segments"]) {
            all.push((format!("line {id} {} to {}", place(&each["from"]), place(&each["to"])), amount(&each)));
        }
        for each in list(&line["points"]) {
            all.push((format!("line {id} at {}", place(&each["at"])), amount(&each)));
        }
    }
    for each in list(&answer["openings"]) {
        all.push((format!("opening {} left", each["id"]), amount(&each["left"])));
        all.push((format!("opening {} right", each["id"]), amount(&each["right"])));
    }
    for beam in list(&answer["beams"]) {
        all.push((format!("beam {}", beam["id"]), [0.0; 4]));
        for each in list(&beam["reactions"]) {
            let at = format!("{},{}", place(&each["x"]), place(&each["y"]));
            all.push((format!("beam {} on {} {at}", beam["id"], each["on"]), amount(&each)));
        }
    }
    for each in list(&answer["posts"]) {
        all.push((format!("post {}", each["id"]), amount(&each)));
    }
    for each in list(&answer["ground"]["lines"]) {
        all.push((format!("ground {} {} to {}", each["on"], spot(&each["from"]), spot(&each["to"])), amount(&each)));
    }
    for each in list(&answer["ground"]["points"]) {
        all.push((format!("ground {} {},{}", each["on"], place(&each["x"]), place(&each["y"])), amount(&each)));
    }
    for each in list(&answer["breaks"]) {
        let to = if each["to"].is_null() { String::new() } else { spot(&each["to"]) };
        let at = format!("{},{}", place(&each["x"]), place(&each["y"]));
        all.push((format!("break {} {at} {to}", each["from"]), amount(&each)));
    }
    all.sort_by(|a, b| a.0.cmp(&b.0).then(a.1[0].total_cmp(&b.1[0])));
    all
}

#[test]
fn every_house_agrees() {
    let mut differ = Vec::new();
    let mut numbers = 0;
    for (wanted, got) in answered() {
        let id = wanted["id"].as_str().expect("an id");
        if wanted["fails"].is_array() {
            let sentences = |answer: &Value| -> BTreeSet<String> {
                answer["fails"].as_array().into_iter().flatten().map(ToString::to_string).collect()
            };
            assert_eq!(sentences(&got), sentences(&wanted), "{id}");
            assert!(got["lines"].is_null(), "{id} has no numbers");
            continue;
        }
        let (wanted, got) = (told(&wanted), told(&got));
        let say = |each: &(String, [f64; 4])| format!("{} {:?}", each.0, each.1);
        for ours in &got {
            let close = |theirs: &(String, [f64; 4])| {
                theirs.0 == ours.0
                    && theirs.1.iter().zip(ours.1).all(|(want, got)| (want - got).abs() <= 0.005 * want.abs() + 1e-6)
            };
            numbers += 4;
            if !wanted.iter().any(close) {
                differ.push(format!("{id} too much: {}", say(ours)));
            }
        }
        for theirs in &wanted {
            if !got.iter().any(|ours| ours.0 == theirs.0) {
                differ.push(format!("{id} is wanted: {}", say(theirs)));
            }
        }
    }
    assert!(differ.is_empty(), "{}", differ.join("\n"));
    assert!(1500 < numbers, "{numbers}");
}

/// The first worked house with one thing changed.
fn changed(pointer: &str, value: Value) -> Vec<String> {
    let all: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    let mut case = all[0]["case"].clone();
    *case.pointer_mut(pointer).expect(pointer) = value;
    let answers = answer_all(&serde_json::to_vec(&[case]).expect("JSON")).expect("a list");
    assert!(answers[0].goes.is_none() || answers[0].fails.is_empty(), "numbers or sentences, not both");
    answers[0].fails.clone()
}

#[test]
fn what_cannot_be_meant_is_named() {
    let house = |pointer: &str, value: Value, said: &str| {
        let fails = changed(pointer, value);
        assert!(fails.iter().any(|each| each.contains(said)), "{pointer}: {fails:?}");
    };
    house("/storeys/0/walls/0/length", 0.into(), "storeys[0].walls[0].length (A) must be larger than 0");
    house("/storeys/0/walls/0/offset", 2e6.into(), "walls[0].offset (A) must lie between");
    house("/storeys/0/walls/1/id", "A".into(), "storeys[0].walls[1].id (A) stands twice");
    house("/storeys/0/walls/0/openings/0/right", 10.into(), "must lie to the right of left");
    house("/storeys/0/walls/0/openings/0/jacks_left", 1.5.into(), "storeys[0].walls[0].openings[0].jacks_left");
    house("/storeys/0/walls/0/openings/0/right", 290.into(), "its jacks stand outside the wall");
    house("/storeys/0/fields/0/run", "lapped".into(), "must be clear, simple or continuous");
    house("/storeys/0/fields/0/x1", (-5).into(), "x1 (R) must be larger than x0");
    house("/storeys/0/fields/0/S", (-1).into(), "fields[0].S (R) must lie between");
    house("/ground/lines/0/thickness", "NaN".into(), "ground.lines[0].thickness");
    house("/storeys/0/walls/0/bearing", "yes".into(), "storeys[0].walls[0].bearing");
    assert!(changed("/storeys/0/walls/0/height", 100.into()).is_empty());
}

#[test]
fn one_that_cannot_be_read_leaves_the_others_their_answers() {
    let answers = answer_all(br#"[{"id":"a"}, 3, {"id":"b","storeys":[],"ground":{}}]"#).expect("a list");
    assert_eq!(answers.iter().map(|answer| answer.fails.len()).collect::<Vec<_>>(), [1, 1, 0]);
    assert!(answer_all(b"{}").is_err());
}
