//! The worked header problems of the check material: written independently of this project from memory of the named
//! standards, their statics verified there against three general finite-element libraries.
//! Agreement wanted: 0.5 % on every number, equal counts and verdicts.

use serde_json::Value;
use sturvek_formats::header_cases::answer_all;

const CASES: &[u8] = include_bytes!("data/header_cases.json");

/// Cases that get no number, with the words that have to say why.
const NO_NUMBER: [(&str, &str); 1] = [("C48", "for dry service only")];

fn cases_and_answers() -> Vec<(Value, Value)> {
    let cases: Vec<Value> = serde_json::from_slice(CASES).expect("the check file is JSON");
    let answers = answer_all(CASES).expect("every case is read");
    assert_eq!(cases.len(), answers.len());
    cases.into_iter().zip(answers.iter().map(|answer| serde_json::to_value(answer).expect("JSON"))).collect()
}

fn close(id: &str, what: &str, got: &Value, wanted: &Value) {
    let (got, wanted) = (got.as_f64().expect(what), wanted.as_f64().expect(what));
    assert!((got - wanted).abs() <= 0.005 * wanted.abs(), "{id} {what}: got {got}, wanted {wanted}");
}

#[test]
fn every_built_case_agrees() {
    let mut agreed = 0;
    for (case, answer) in cases_and_answers() {
        let id = case["id"].as_str().expect("id");
        if NO_NUMBER.iter().any(|(name, _)| *name == id) {
            continue;
        }
        let wanted = &case["expect"];
        assert_eq!(answer["ok"], wanted["ok"], "{id}: {}", answer["fails"]);
        for ratio in ["bending", "shear", "live_deflection", "total_deflection"] {
            close(id, ratio, &answer["ratios"][ratio], &wanted["ratios"][ratio]);
        }
        close(id, "design span", &answer["span"]["design"], &wanted["span"]["design"]);
        assert_eq!(answer["section"]["plies"], wanted["section"]["plies"], "{id}");
        close(id, "depth", &answer["section"]["d"], &wanted["section"]["d"]);
        assert_eq!(answer["governing"]["bending"], wanted["governing_bending"], "{id}");
        assert_eq!(answer["governing"]["shear"], wanted["governing_shear"], "{id}");
        for side in ["left", "right"] {
            let wanted = &wanted["jacks"][side];
            close(id, "reaction", &answer["reactions"][side], &wanted["R"]);
            assert_eq!(answer["jacks"][side], wanted["n"], "{id} {side}");
            for (reason, name) in [("bearing", "n_bearing"), ("plate", "n_plate"), ("column", "n_column")] {
                assert_eq!(answer["jack_reasons"][side][reason], wanted[name], "{id} {side} {reason}");
            }
        }
        if !wanted["kings"].is_null() {
            assert_eq!(answer["kings"], wanted["kings"]["n"], "{id}");
        }
        agreed += 1;
    }
    assert_eq!(agreed, 23);
}

#[test]
fn what_gets_no_number_says_why() {
    for (case, answer) in cases_and_answers() {
        let Some((id, words)) = NO_NUMBER.iter().find(|(name, _)| case["id"] == *name) else { continue };
        assert_eq!(answer["ok"], false, "{id}");
        assert!(answer["fails"][0].as_str().is_some_and(|reason| reason.contains(words)), "{id}: {}", answer["fails"]);
        assert!(answer["ratios"].is_null() && answer["jacks"].is_null(), "{id}");
    }
}

#[test]
fn an_opening_that_nothing_carries_names_every_candidate() {
    let (_, answer) = cases_and_answers().into_iter().find(|(case, _)| case["id"] == "C42").expect("C42 is there");
    let fails: Vec<&str> = answer["fails"].as_array().expect("sentences").iter().filter_map(Value::as_str).collect();
    for header in ["2-2x8", "3-2x8", "2-2x10", "3-2x10", "2-2x12", "3-2x12"] {
        assert!(fails.iter().any(|sentence| sentence.starts_with(header)), "{header} is not named");
    }
}

#[test]
fn a_candidate_without_a_number_does_not_end_the_search() {
    let cases: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    let mut case = cases.into_iter().find(|case| case["id"] == "C14").expect("C14 is there");
    let composite = serde_json::json!({ "engineered": "LVL 2.0E-2600", "b": 1.75, "d": 11.875, "plies": 2 });
    case["candidates"].as_array_mut().expect("candidates").insert(0, composite);
    case["input"]["options"]["wet"] = true.into();
    let answers = answer_all(&serde_json::to_vec(&[case]).expect("JSON")).expect("read");
    assert!(answers[0].ok, "{:?}", answers[0].fails);
    assert!(answers[0].header.as_ref().is_some_and(|header| header.contains("SPF")), "{:?}", answers[0].header);
}

#[test]
fn bad_files_get_a_sentence() {
    for bytes in [&b"{}"[..], b"[{\"id\":\"x\"}]", b"", b"[1]", b"\xff\xfe"] {
        let error = answer_all(bytes).expect_err("not cases").to_string();
        assert!(error.starts_with("The file is not a list of header cases"), "{error}");
    }
}

#[test]
fn impossible_values_are_refused_not_guessed() {
    let mut cases: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    cases.truncate(1);
    for (pointer, value, words) in [
        ("/input/clear_in", Value::from(-3), "clear_in is -3"),
        ("/input/jack/0", Value::from("oak"), "\"oak\" is not known"),
        ("/input/header/plies", Value::from(9), "9 plies"),
        ("/input/header/lumber/2", Value::from("2x3"), "\"2x3\""),
        ("/input/loads/0/w/D", Value::from(-1), "zero or more"),
    ] {
        let mut changed = cases.clone();
        *changed[0].pointer_mut(pointer).expect(pointer) = value;
        let answers = answer_all(&serde_json::to_vec(&changed).expect("JSON")).expect("read");
        assert!(answers[0].fails[0].contains(words), "{pointer}: {:?}", answers[0].fails);
    }
}
