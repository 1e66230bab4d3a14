//! The sticks of three jobs of the check material, of about 100, 400 and 1250 pieces; and the same by HiGHS over an arc-flow model, from
//! PyPI, which is given so many seconds a section: time and cost as ratios.

#[path = "../tests/solvers/cut_plans.rs"]
mod cut_plans;

use std::hint::black_box;
use std::time::Instant;

use criterion::{Criterion, criterion_group, criterion_main};
use serde_json::Value;
use sturvek_core::cutting::sticks::{Effort, Saw, SectionWanted, StickPlan, StickStock, Wanted, plan_sections};
use sturvek_core::measure::{Cents, Length};

const CASES: &str = include_str!("../../formats/tests/data/cut_cases.json");
/// How long the solver may take for one section.
const SECONDS: u32 = 20;

type Sections = Vec<(Vec<Wanted>, Vec<StickStock>)>;

fn sections(id: &str) -> Sections {
    let all: Vec<Value> = serde_json::from_str(CASES).expect("JSON");
    let case = &all.iter().find(|each| each["case"]["id"] == id).expect("there")["case"];
    let list = |name: &str| case[name].as_array().expect("a list").clone();
    let length = |value: &Value| Length::from_decimal_inches(value["length_in"].as_f64().expect("a number"));
    let count = |value: &Value| value.as_u64().and_then(|count| u32::try_from(count).ok());
    let section = |value: &Value| value["section"].as_str().expect("a name").to_owned();
    let mut names: Vec<String> = list("pieces").iter().map(section).collect();
    names.sort();
    names.dedup();
    let of = |name: &str, value: &&Value| value["section"] == name;
    names
        .iter()
        .map(|name| {
            let wanted = list("pieces");
            let wanted = wanted
                .iter()
                .filter(|value| of(name, value))
                .map(|piece| Wanted { length: length(piece), count: count(&piece["count"]).expect("a count") });
            let stock = list("stock");
            let stock = stock.iter().filter(|value| of(name, value)).map(|stick| StickStock {
                length: length(stick),
                price: Cents(stick["price_cents"].as_i64().expect("cents")),
                available: count(&stick["available"]),
            });
            (wanted.collect(), stock.collect())
        })
        .collect()
}

fn plan(sections: &Sections) -> Vec<StickPlan> {
    let asked: Vec<SectionWanted<'_>> =
        sections.iter().map(|(wanted, stock)| SectionWanted { wanted, stock }).collect();
    plan_sections(&asked, Saw::default(), Effort::default()).into_iter().map(|plan| plan.expect("planned")).collect()
}

fn jobs(criterion: &mut Criterion) {
    let mut group = criterion.benchmark_group("sticks");
    group.sample_size(10);
    for id in ["three-walls", "storey", "whole-job"] {
        let sections = sections(id);
        let pieces: u32 = sections.iter().flat_map(|(wanted, _)| wanted).map(|piece| piece.count).sum();
        group.bench_function(format!("{pieces} pieces"), |bencher| bencher.iter(|| plan(black_box(&sections))));
        let begun = Instant::now();
        let plans = plan(&sections);
        let ours = begun.elapsed().as_secs_f64();
        let cost: i64 = plans.iter().map(|plan| plan.cost.0).sum();
        let bound: i64 = plans.iter().map(|plan| plan.bound.0).sum();
        let theirs = cut_plans::solved_by_another(&sections, Saw::default(), SECONDS);
        let seconds: f64 = theirs.iter().filter_map(|their| their["seconds"].as_f64()).sum();
        let their_cost = theirs.iter().map(|their| their["cost"].as_i64()).sum::<Option<i64>>();
        let proven = theirs.iter().filter(|their| their["proven"] == true).count();
        println!(
            "{pieces} pieces: cost {cost}, bound {bound}; HiGHS {:.0} times as long, {proven} of {} sections proven, cost {}",
            seconds / ours,
            theirs.len(),
            their_cost.map_or_else(|| "none".to_owned(), |their| format!("{:.4} of ours", their as f64 / cost as f64)),
        );
    }
    group.finish();
}

criterion_group!(benches, jobs);
criterion_main!(benches);
