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
    for bytes in [&b"{}"[..], b"", b"[1,", b"\xff\xfe"] {
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

/// Header problems that must not pass, worked independently: what shear within a depth, partial loads at a face, a depth limit
/// taken for a brace, mixed loads on a slender header, a load that ends before it starts and a jack that is not as deep as its
/// wall once let through.
#[test]
fn nothing_unsafe_passes() {
    const UNSAFE: &[u8] = include_bytes!("data/unsafe_size_cases.json");
    let cases: Vec<Value> = serde_json::from_slice(UNSAFE).expect("JSON");
    let answers = answer_all(UNSAFE).expect("read");
    assert_eq!((cases.len(), answers.len()), (8, 8));
    for (case, answer) in cases.iter().zip(answers) {
        let id = case["id"].as_str().expect("id");
        let answer = serde_json::to_value(answer).expect("JSON");
        assert_eq!(answer["ok"], false, "{id}");
        let wanted = &case["expect"];
        if wanted["no_numbers"] == true {
            assert!(answer["ratios"].is_null() && answer["jacks"].is_null(), "{id}");
            let words = if id == "reversed" { "loads[0]" } else { "wall_depth_in" };
            assert!(
                answer["fails"][0].as_str().is_some_and(|reason| reason.contains(words)),
                "{id}: {}",
                answer["fails"]
            );
            continue;
        }
        for ratio in ["bending", "shear", "live_deflection", "total_deflection"] {
            close(id, ratio, &answer["ratios"][ratio], &wanted["ratios"][ratio]);
        }
        close(id, "design span", &answer["span"]["design"], &wanted["design_span_in"]);
    }
}

#[test]
fn a_case_that_cannot_be_read_answers_for_itself() {
    let cases: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    let good = cases[0].to_string();
    let nan = good.replacen("\"clear_in\":", "\"clear_in\":NaN,\"was\":", 1);
    let file = format!("[{nan}, {{\"id\":\"x\"}}, 1, {good}]");
    let answers = answer_all(file.as_bytes()).expect("a list");
    assert_eq!(answers.len(), 4);
    assert!(answers[0].fails[0].contains("clear_in"), "{:?}", answers[0].fails);
    assert!(!answers[1].ok && answers[1].id == "x" && !answers[2].ok);
    assert_eq!(answers[3].ok, cases[0]["expect"]["ok"] == true);
}

#[test]
fn counts_of_nothing_and_absurd_sizes_name_their_field() {
    let cases: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    for (path, value, words) in [
        ("/input/options/max_jacks", Value::from(0), "options.max_jacks"),
        ("/input/options/fixed_jacks", Value::from(0), "options.fixed_jacks"),
        ("/input/options/max_kings", Value::from(0), "options.max_kings"),
        ("/input/header/plies", Value::from(0), "header.plies"),
        ("/input/jack_height_in", Value::from(1e5), "jack_height_in"),
    ] {
        let mut case = cases[0].clone();
        let (parent, name) = path.rsplit_once('/').expect("a path");
        case.pointer_mut(parent).expect(parent)[name] = value;
        let answers = answer_all(&serde_json::to_vec(&[case]).expect("JSON")).expect("read");
        assert!(answers[0].fails[0].contains(words), "{path}: {:?}", answers[0].fails);
    }
}

#[test]
fn kings_need_no_deflection_limit_and_a_missing_count_says_so() {
    let cases: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    let mut windy = cases.iter().find(|case| !case["input"]["wind"].is_null()).expect("a case with wind").clone();
    windy["input"]["wind"]["limit"] = Value::Null;
    let mut wide = cases[0].clone();
    wide["input"]["clear_in"] = 230.into();
    let answers = answer_all(&serde_json::to_vec(&[windy, wide]).expect("JSON")).expect("read");
    assert!(answers[0].kings.is_some(), "{:?}", answers[0].fails);
    assert!(answers[1].kings.is_none() && answers[1].notes[0].starts_with("kings"), "{:?}", answers[1].notes);
}

#[test]
fn thousands_of_point_loads_take_no_long_time() {
    let cases: Vec<Value> = serde_json::from_slice(CASES).expect("JSON");
    let mut case = cases[0].clone();
    let clear = case["input"]["clear_in"].as_f64().expect("a width");
    let loads =
        (0..20_000).map(|index| serde_json::json!({ "P": { "D": 0.01 }, "x": clear * f64::from(index) / 20_000.0 }));
    case["input"]["loads"] = loads.collect();
    assert!(answer_all(&serde_json::to_vec(&[case]).expect("JSON")).expect("read")[0].ratios.is_some());
}
