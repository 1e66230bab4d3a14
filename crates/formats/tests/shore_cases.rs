//! The worked sections of the check material: loads on temporary walls and on supports that stay, studs as columns and on their plates; what
//! cannot be read or cannot stand, in words that name the field.

use serde_json::{Value, json};
use sturvek_formats::shore_cases::answer_all;

const CASES: &[u8] = include_bytes!("data/shore_cases.json");

fn answers(cases: &[&Value]) -> Vec<Value> {
    let answers = answer_all(&serde_json::to_vec(cases).expect("JSON")).expect("read");
    answers.iter().map(|answer| serde_json::to_value(answer).expect("JSON")).collect()
}

fn worked() -> Vec<Value> {
    serde_json::from_slice(CASES).expect("JSON")
}

/// As wanted: numbers to a thousandth of one percent, everything else exactly; sentences are told apart by the fields they name.
fn is_as_wanted(place: &str, wanted: &Value, got: &Value) {
    match (wanted, got) {
        (Value::Number(wanted), Value::Number(got)) => {
            let (wanted, got) = (wanted.as_f64().expect("a number"), got.as_f64().expect("a number"));
            assert!((wanted - got).abs() <= 1e-5 * wanted.abs().max(1e-3), "{place}: {got}, wanted {wanted}");
        }
        (Value::Array(wanted), Value::Array(got)) => {
            assert_eq!(wanted.len(), got.len(), "{place}: {got:?}");
            for (index, (wanted, got)) in wanted.iter().zip(got).enumerate() {
                is_as_wanted(&format!("{place}[{index}]"), wanted, got);
            }
        }
        (Value::Object(wanted), Value::Object(got)) => {
            assert_eq!(wanted.keys().collect::<Vec<_>>(), got.keys().collect::<Vec<_>>(), "{place}");
            for (key, wanted) in wanted.iter().filter(|(key, _)| *key != "fails") {
                is_as_wanted(&format!("{place}.{key}"), wanted, &got[key]);
            }
        }
        (wanted, got) => assert_eq!(wanted, got, "{place}"),
    }
}

#[test]
fn every_worked_section_is_answered() {
    let cases = worked();
    let asked: Vec<&Value> = cases.iter().map(|each| &each["case"]).collect();
    for (each, got) in cases.iter().zip(answers(&asked)) {
        let place = each["case"]["id"].as_str().expect("a name");
        is_as_wanted(place, &each["answer"], &got);
        let fails = got["fails"].as_array().expect("a list");
        assert_eq!(
            fails.is_empty(),
            each["answer"]["fails"].as_array().expect("a list").is_empty(),
            "{place}: {fails:?}"
        );
        let said = fails.iter().map(Value::to_string).collect::<String>();
        for name in each["names"].as_array().into_iter().flatten() {
            assert!(said.contains(name.as_str().expect("a field")), "{place}: {name} in {said}");
        }
    }
}

#[test]
fn what_cannot_be_read_names_the_field_and_spoils_no_other() {
    let good = worked()[1]["case"].clone();
    let wrong = |field: &str, value: Value| {
        let mut case = good.clone();
        *case.pointer_mut(&format!("/{}", field.replace('.', "/"))).expect("a field") = value;
        (field.to_owned(), case)
    };
    let hostile = [
        wrong("D", json!(-1)),
        wrong("L", json!(1e9)),
        wrong("remove", json!("middle")),
        wrong("pieces", json!([])),
        wrong("pieces.0", json!({"from": 144, "to": 0})),
        wrong("supports", json!([0, 1, 144, 288])),
        wrong("temporary.1", json!(1e300)),
        wrong("stud.plies", json!(6)),
        wrong("stud.rows", json!(-1)),
        wrong("stud.spacing_in", json!(0)),
        wrong("stud.length_in", json!(null)),
        wrong("stud.nominal", json!("4x4")),
        wrong("stud.species", json!("balsa")),
        wrong("plate_Fcp", json!(0)),
    ];
    let mut asked: Vec<&Value> = hostile.iter().map(|(_, case)| case).collect();
    asked.push(&good);
    let got = answers(&asked);
    for ((field, _), answer) in hostile.iter().zip(&got) {
        assert_eq!(answer.as_object().expect("an answer").len(), 2, "{field}: {answer}");
        let last = field.split('.').find(|part| part.parse::<usize>().is_err()).expect("a name");
        assert!(answer["fails"].to_string().contains(last), "{field}: {answer}");
    }
    assert!(got.last().expect("the good one")["stud"]["column"].is_number());
    assert!(answer_all(b"{}").is_err() && answer_all(b"[").is_err());
}
