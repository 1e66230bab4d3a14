//! What is answered is what the document says: jobs drawn with every field in play are planned, and each answer is held against its
//! schema. A page that is typed by the document never meets a figure that is not there, or a word that it does not know.

use jsonschema::Validator;
use proptest::strategy::{Strategy, ValueTree};
use proptest::test_runner::TestRunner;
use serde::Serialize;
use serde_json::{Value, json};
use sturvek_core::framing::{OpeningOutcome, opening_sheet};
use sturvek_core::job::Job;
use sturvek_core::measure::End;
use sturvek_core::plan::JobPlan;
use sturvek_core::plan::stations::{StationKind, stations as told_stations};
use sturvek_core::working::Entry;
use sturvek_formats::sheets::{Printed, sheets_of};
use sturvek_server::openapi_json;
use sturvek_test_support::drawn::{any_command, any_job};
use sturvek_wire::Command;
use sturvek_wire::ranges::input_ranges;
use sturvek_wire::results::{PathView, candidates, ticket, wall_view};
use sturvek_wire::studies::materials;

/// The schemas of the document.
struct Document(Value);

impl Document {
    fn read() -> Self {
        Self(serde_json::from_str(&openapi_json().expect("the document")).expect("JSON"))
    }

    fn schema(&self, name: &str) -> Validator {
        let schema = json!({ "$ref": format!("#/components/schemas/{name}"), "components": self.0["components"] });
        jsonschema::validator_for(&schema).unwrap_or_else(|error| panic!("{name}: {error}"))
    }
}

/// Fails with the place and what is wrong there.
fn holds(schema: &Validator, what: &str, answer: &impl Serialize) {
    let answer = serde_json::to_value(answer).expect("JSON");
    let wrong: Vec<String> =
        schema.iter_errors(&answer).take(3).map(|error| format!("{}: {error}", error.instance_path)).collect();
    assert!(wrong.is_empty(), "{what}: {}", wrong.join("; "));
}

fn drawn<T>(count: usize, strategy: &impl Strategy<Value = T>) -> impl Iterator<Item = T> {
    let mut runner = TestRunner::default();
    (0..count).map(move |_| strategy.new_tree(&mut runner).expect("drawn").current())
}

fn demo() -> Job {
    sturvek_server::demo::demo_job().expect("the demo")
}

#[test]
fn walls_and_tickets_are_answered_as_the_document_says() {
    let document = Document::read();
    let [wall_schema, ticket_schema, candidate_schema] =
        ["WallView", "Ticket", "CandidateView"].map(|name| document.schema(name));
    let mut openings = 0;
    for job in drawn(160, &any_job()).chain([demo()]) {
        let plan = JobPlan::of(job);
        for (wall, planned) in plan.walls() {
            holds(&wall_schema, &wall.frame.name, &wall_view(wall, planned));
            for opening in &planned.openings {
                openings += 1;
                let what = format!("{} {}", wall.frame.name, opening.letter);
                holds(&ticket_schema, &what, &ticket(opening, planned, &plan.job().rules(), wall));
                let tried = plan.opening_alone(opening.id).expect("it is there");
                candidates(&tried).iter().for_each(|each| holds(&candidate_schema, &what, each));
            }
        }
    }
    assert!(100 < openings, "{openings}");
}

#[test]
fn where_loads_go_is_answered_as_the_document_says() {
    let document = Document::read();
    let schema = document.schema("PathView");
    let (mut stations, mut breaks) = (0, 0);
    for job in drawn(160, &any_job()) {
        let mut next = 0;
        let told = told_stations(&JobPlan::of(job), &mut || {
            next += 1;
            next
        });
        stations += told.stations.len();
        breaks += told.stations.iter().filter(|station| station.kind == StationKind::Break).count();
        assert!(told.flows.iter().all(|flow| flow.from.max(flow.to) < told.stations.len()));
        holds(&schema, "the path", &PathView::from(&told));
    }
    assert!(200 < stations && 20 < breaks, "{stations} {breaks}");
}

#[test]
fn sheets_are_answered_as_the_document_says() {
    let document = Document::read();
    let schema = document.schema("Paper");
    let printed = Printed { version: Some(1), date: "2026-11-26".into() };
    let mut sheets = 0;
    for job in drawn(150, &any_job()).chain([demo()]) {
        for paper in sheets_of(&JobPlan::of(job), &printed) {
            sheets += 1;
            holds(&schema, &paper.title.id, &paper);
        }
    }
    assert!(200 < sheets, "{sheets}");
}

#[test]
fn what_is_described_is_answered_whole_and_may_be_sent() {
    let document = Document::read();
    let [answered, wall, sent, command] = ["Job", "AnsweredWall", "Wall", "Command"].map(|name| document.schema(name));
    for job in drawn(60, &any_job()) {
        let described = sturvek_wire::inputs::Job::from(&job);
        holds(&answered, "a job", &described);
        for each in &described.walls {
            holds(&wall, "a wall as it is answered", each);
            holds(&sent, "a wall as it is sent", each);
        }
    }
    for each in drawn(200, &any_command()) {
        holds(&command, "a command", &Command::from(&each));
    }
}

#[test]
fn what_is_left_out_or_typed_is_not_an_answer() {
    let document = Document::read();
    let (answered, sent) = (document.schema("AnsweredStretch"), document.schema("Stretch"));
    let typed = json!({ "from": "2'", "to": 7_620_000 });
    assert!(sent.is_valid(&typed) && !answered.is_valid(&typed));
    let without = json!({ "kind": "window" });
    assert!(!document.schema("AnsweredDesign").is_valid(&without));
}

#[test]
fn materials_and_ranges_are_answered_as_the_document_says() {
    let document = Document::read();
    let (material, range) = (document.schema("MaterialView"), document.schema("InputRange"));
    materials().iter().for_each(|each| holds(&material, &each.name, each));
    input_ranges().iter().for_each(|each| holds(&range, &each.input.as_text(), each));
}

/// The load on a pack that the sheet works out is the one that its jacks are counted for; where nothing presses on it, none is worked out.
#[test]
fn what_a_pack_carries_is_one_figure_on_its_sheet() {
    let mut packs = 0;
    for job in drawn(500, &any_job()).chain([demo()]) {
        let plan = JobPlan::of(job);
        for (wall, planned) in plan.walls() {
            for opening in &planned.openings {
                let OpeningOutcome::Header(sized) = &opening.outcome else { continue };
                let parts = opening_sheet(&plan.job().rules(), wall, &planned.ground, opening).expect("within limits");
                for (end, symbol) in [(End::Left, "P_left"), (End::Right, "P_right")] {
                    let counted = sized.evaluation.packs.at(end).largest_load;
                    let worked_out = parts.iter().flat_map(|part| &part.entries).find_map(|entry| match entry {
                        Entry::Step(step) if step.symbol == symbol => Some(step.value),
                        _ => None,
                    });
                    let apart = (worked_out.unwrap_or(0.0) - counted).abs();
                    assert!(apart <= 1e-6 * counted.max(1.0), "{}: {worked_out:?}, {counted}", wall.frame.name);
                    packs += 1;
                }
            }
        }
    }
    assert!(50 < packs, "{packs}");
}
