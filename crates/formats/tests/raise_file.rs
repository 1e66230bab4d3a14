//! What `sturvek raise` prints: of every wall numbers that add up, or a sentence and none.

use serde_json::Value;
use sturvek_core::job::Job;
use sturvek_core::plan::JobPlan;
use sturvek_formats::raise_file::raise_file;
use sturvek_wire::Resolve;

const DEMO: &str = include_str!("../../server/demo/gorse_end.json");
const WITH_A_LOOSE_END: &str = include_str!("../../server/demo/heron_slip.json");

fn printed(demo: &str, crew: u32) -> Value {
    let job: sturvek_wire::inputs::Job = serde_json::from_str(demo).expect("a job");
    let mut job: Job = job.with_new_identities().resolve().expect("its values are read");
    job.settings.raising.crew = crew;
    serde_json::to_value(raise_file(&JobPlan::of(job))).expect("JSON")
}

fn walls(file: &Value) -> &[Value] {
    file["walls"].as_array().expect("a list")
}

fn number(value: &Value) -> f64 {
    value.as_f64().expect("a number")
}

#[test]
fn every_wall_adds_up() {
    for crew in [1, 2, 4, 12] {
        let file = printed(DEMO, crew);
        assert_eq!((number(&file["settings"]["moisture_percent"]), &file["settings"]["crew"]), (19.0, &crew.into()));
        for wall in walls(&file) {
            let weight = number(&wall["weight_lb"]);
            assert!((number(&wall["frame_lb"]) + number(&wall["sheathing_lb"]) - weight).abs() < 1e-6, "{wall}");
            let panels = wall["panels"].as_array().expect("a list");
            let lifted: f64 = panels.iter().map(|panel| number(&panel["weight_lb"])).sum();
            assert!((lifted + number(&wall["later_lb"]) - weight).abs() < 1e-6, "{wall}");
            for panel in panels {
                assert!(number(&panel["lift_lb"]) / 95.0 <= number(&panel["people"]), "{panel}");
                let fits = number(&panel["people"]) <= f64::from(crew);
                assert!(fits || !wall["fails"].as_array().expect("a list").is_empty(), "{wall}");
            }
            assert!(number(&wall["people"]) <= number(&wall["easy"]));
        }
    }
    let pieces = |crew| -> usize {
        walls(&printed(DEMO, crew)).iter().map(|wall| wall["panels"].as_array().expect("a list").len()).sum()
    };
    assert!(pieces(12) < pieces(4) && pieces(4) < pieces(2));
}

#[test]
fn a_wall_without_a_header_is_a_sentence_and_no_number() {
    let file = printed(WITH_A_LOOSE_END, 4);
    let lane = walls(&file).iter().find(|wall| wall["wall"] == "Lane side").expect("it is there");
    assert_eq!(lane.as_object().expect("a wall").len(), 2, "{lane}");
    assert!(lane["fails"][0].as_str().expect("a sentence").contains("no header"));
}
