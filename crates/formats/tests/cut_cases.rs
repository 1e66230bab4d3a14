//! The worked cut plans of the check material: independent optima. Feasible, counts exact, optimum met.

use std::collections::BTreeMap;

use serde_json::{Value, json};
use sturvek_formats::cut_cases::answer_all;

const CASES: &[u8] = include_bytes!("data/cut_cases.json");

fn answers(cases: &[&Value]) -> Vec<Value> {
    let answers = answer_all(&serde_json::to_vec(cases).expect("JSON")).expect("read");
    answers.iter().map(|answer| serde_json::to_value(answer).expect("JSON")).collect()
}

fn list(value: &Value) -> &[Value] {
    value.as_array().expect("a list")
}

fn number(value: &Value) -> f64 {
    value.as_f64().expect("a number")
}

/// A length as a key: hundred-thousandths of an inch.
fn key(section: &Value, length: f64) -> (String, i64) {
    (section.to_string(), (length * 1e5).round() as i64)
}

/// Sticks within what there is and over no length, every piece once, money and waste as they add up.
fn is_feasible(case: &Value, answer: &Value) {
    let kerf = number(&case["kerf_in"]);
    let mut pieces: BTreeMap<(String, i64), i64> = BTreeMap::new();
    let mut sum = 0.0;
    for piece in list(&case["pieces"]) {
        let count = piece["count"].as_i64().expect("whole");
        *pieces.entry(key(&piece["section"], number(&piece["length_in"]))).or_default() += count;
        sum += number(&piece["length_in"]) * count as f64;
    }
    let mut sticks: BTreeMap<(String, i64), i64> = BTreeMap::new();
    let (mut cost, mut bought) = (0, 0.0);
    for stick in list(&answer["sticks"]) {
        let length = number(&stick["length_in"]);
        let cuts = list(&stick["cuts_in"]);
        let filled: f64 = cuts.iter().map(number).sum::<f64>() + kerf * (cuts.len() as f64 - 1.0);
        assert!(filled <= length + 1e-5, "{stick}");
        for cut in cuts {
            *pieces.entry(key(&stick["section"], number(cut))).or_default() -= 1;
        }
        *sticks.entry(key(&stick["section"], length)).or_default() += 1;
        cost += stick["price_cents"].as_i64().expect("whole");
        bought += length;
    }
    assert!(pieces.values().all(|left| *left == 0), "{pieces:?}");
    for stock in list(&case["stock"]) {
        let taken = sticks.get(&key(&stock["section"], number(&stock["length_in"]))).copied().unwrap_or(0);
        assert!(stock["available"].as_i64().is_none_or(|there| taken <= there), "{stock}");
    }
    assert_eq!(answer["cost_cents"], cost);
    assert!((number(&answer["waste_in"]) - (bought - sum)).abs() < 1e-3);
}

#[test]
fn every_worked_plan_is_met() {
    let all: Vec<Value> = serde_json::from_slice(CASES).expect("the check file is JSON");
    assert_eq!(all.len(), 15);
    let cases: Vec<&Value> = all.iter().map(|each| &each["case"]).collect();
    for (worked, answer) in all.iter().zip(answers(&cases)) {
        let id = &worked["case"]["id"];
        assert_eq!(&answer["id"], id);
        let Some(least) = worked["optimal_cost_cents"].as_i64() else {
            assert_eq!((list(&answer["sticks"]).len(), &answer["optimal"]), (0, &json!(false)), "{id}");
            assert_eq!(list(&answer["fails"]).len(), 1, "{id}");
            continue;
        };
        is_feasible(&worked["case"], &answer);
        assert_eq!(answer["cost_cents"], least, "{id}");
        assert!(answer["bound_cents"].as_i64() <= Some(least), "{id}");
        assert_eq!(answer["optimal"], answer["cost_cents"] == answer["bound_cents"], "{id}");
        assert_eq!(list(&answer["fails"]).len(), 0, "{id}");
    }
}

fn with(pieces: Value, stock: Value) -> Value {
    json!({"id": "x", "kerf_in": 0.125, "pieces": pieces, "stock": stock})
}

fn piece(length: f64, count: i64) -> Value {
    json!({"section": "2x4", "length_in": length, "count": count, "label": "stud"})
}

fn stick(length: f64, price: i64) -> Value {
    json!({"section": "2x4", "length_in": length, "price_cents": price, "available": null})
}

#[test]
fn what_cannot_be_meant_is_told_with_its_field_and_the_others_are_answered() {
    let good = with(json!([piece(90.0, 2)]), json!([stick(96.0, 400)]));
    let mut no_kerf = good.clone();
    no_kerf["kerf_in"] = json!(-0.1);
    let mut unknown = good.clone();
    unknown["saw"] = json!("big");
    let cases = [
        (no_kerf, "kerf_in must be from 0 to 1 in."),
        (unknown, "saw: unknown field"),
        (with(json!([piece(0.0, 2)]), json!([])), "pieces[0].length_in must be from 0.25 to 1200 in."),
        (with(json!([piece(90.0, -2)]), json!([])), "pieces[0].count: invalid value"),
        (with(json!([piece(90.0, 20_001)]), json!([])), "pieces[].count must not be more than 20000 together."),
        (with(json!([]), json!([stick(1e9, 4)])), "stock[0].length_in must be from 0.25 to 1200 in."),
        (with(json!([]), json!([stick(96.0, 10_000_001)])), "stock[0].price_cents must be from 0 to 10000000."),
        (with(json!([piece(90.0, 2)]), json!([])), "There is no stick of 2x4."),
    ];
    let asked: Vec<&Value> = cases.iter().map(|(case, _)| case).chain([&good]).collect();
    let answers = answers(&asked);
    for ((case, words), answer) in cases.iter().zip(&answers) {
        let said = answer["fails"][0].as_str().unwrap_or_default();
        assert!(said.starts_with(words), "{said} for {case}");
        assert_eq!((&answer["cost_cents"], list(&answer["sticks"]).len()), (&Value::Null, 0));
    }
    assert_eq!(answers.last().expect("the good one")["cost_cents"], 800);
}

#[test]
fn sticks_that_cost_nothing_are_used_first() {
    let mut offcut = stick(50.0, 0);
    offcut["available"] = json!(1);
    let answers = answers(&[&with(json!([piece(40.0, 2)]), json!([stick(96.0, 400), offcut]))]);
    assert_eq!((&answers[0]["cost_cents"], &answers[0]["optimal"]), (&json!(400), &json!(true)));
}

/// Lengths that no rule has, many of them, on sticks that hold hundreds: answered, and the bound stays true.
#[test]
fn a_heap_of_crumbs_is_planned_too() {
    let crumbs: Vec<Value> = (0..120).map(|each| piece(0.3 + f64::from(each) * 0.017_171_7, 60)).collect();
    let answers = answers(&[&with(json!(crumbs), json!([stick(240.0, 1200), stick(96.0, 500)]))]);
    is_feasible(&with(json!(crumbs), json!([stick(240.0, 1200), stick(96.0, 500)])), &answers[0]);
    assert!(answers[0]["bound_cents"].as_i64() <= answers[0]["cost_cents"].as_i64());
}
