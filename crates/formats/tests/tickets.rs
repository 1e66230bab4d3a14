//! The tickets of a job file: one object an opening, in the order of walls and letters, whatever form the file has.

use serde_json::{Value, json};
use sturvek_formats::job_file::read_job;
use sturvek_formats::tickets::tickets;

fn two_by(depth: &str) -> Value {
    json!({ "made": "sawn", "species": "spruce_pine_fir", "grade": "number2", "thickness": "two", "nominal_depth": depth })
}

fn frame(name: &str, length: &str) -> Value {
    json!({ "name": name, "length": length, "height": "97 1/8", "stud_species": "spruce_pine_fir", "stud_grade": "stud",
            "stud_depth": "four", "spacing": "16", "plate_species": "spruce_pine_fir" })
}

fn design(kind: &str, width: &str, center: &str) -> Value {
    json!({ "kind": kind, "unit_width": width, "unit_height": "48 in", "center": center, "sill": "30",
            "place": "tight_to_plates", "underside": "bare" })
}

/// Rafters on a ridge beam over 24 ft, overhang 2 ft, roof dead 15, no ceiling, under ground snow of 50; beside it a partition and a
/// wall of which nothing is said.
fn file() -> Value {
    let mut chosen = design("window", "96", "10'");
    chosen["rough_width"] = json!("96 1/2");
    chosen["rough_height"] = json!("48");
    chosen["header"] = json!({ "plies": 2, "board": two_by("ten") });
    let rafters = json!({ "what": { "kind": "roof", "framing": "rafters_on_ridge_beam", "building_width": "24'",
        "overhang": "2'", "rise_in_twelve": 6, "roof_dead": 15, "ceiling_dead": 0, "attic_live": 0 } });
    json!({
        "format": "sturvek-job", "version": 2,
        "job": {
            "name": "invented",
            "settings": {
                "snow_basis": "ground", "snow": 50, "roof_live": 20, "live_deflection_limit": 360,
                "total_deflection_limit": 240, "unbalanced_snow": true, "creep": 1.5, "snow_said": "said",
                "wind_said": "said",
            },
            "stock": [{ "board": two_by("ten") }, { "board": two_by("twelve") }],
            "walls": [
                {
                    "frame": frame("Ridge side", "24'"), "letters_given": 4,
                    "carries": { "bearing": true, "items": [rafters] },
                    "openings": [
                        { "letter": 3, "design": design("window", "30", "3'") },
                        { "letter": 1, "design": chosen },
                    ],
                    "point_loads": [],
                },
                {
                    "frame": frame("Partition", "12'"), "carries": { "bearing": false, "items": [] },
                    "openings": [{ "design": design("window", "36", "6'") }], "point_loads": [],
                },
                {
                    "frame": frame("Unsaid", "12'"), "carries": { "bearing": true, "items": [] },
                    "openings": [{ "design": design("window", "36", "6'") }], "point_loads": [],
                },
            ],
        },
    })
}

fn answered(file: &Value) -> Vec<Value> {
    let job = read_job(file.to_string().as_bytes()).expect("a job file");
    let Value::Array(tickets) = serde_json::to_value(tickets(&job)).expect("JSON") else { panic!("an array") };
    tickets
}

#[track_caller]
fn near(got: &Value, wanted: f64) {
    let got = got.as_f64().expect("a number");
    assert!((got - wanted).abs() <= 0.005 * wanted.abs(), "got {got}, wanted {wanted}");
}

#[test]
fn one_object_an_opening_in_the_order_of_walls_and_letters() {
    let tickets = answered(&file());
    let names: Vec<(&str, &str)> = tickets
        .iter()
        .map(|each| (each["wall"].as_str().expect("a name"), each["opening"].as_str().expect("a letter")))
        .collect();
    assert_eq!(names, [("Ridge side", "B"), ("Ridge side", "D"), ("Partition", "A"), ("Unsaid", "A")]);
}

/// Worked independently, from memory of NDS 2018 and ASCE 7-16: share (12 + 2)²/24 = 8.167 ft; M 55,439 lb-in, fb 1,296 of 1,107 psi.
#[test]
fn a_ticket_has_the_figures_of_its_opening() {
    let ticket = &answered(&file())[0];
    assert_eq!((&ticket["verdict"], &ticket["header"]), (&json!("does_not_carry"), &json!("2-2x10 SPF No.2")));
    assert_eq!((&ticket["plies"], &ticket["span_in"]), (&json!(2), &json!(99.5)));
    for (kind, wanted) in [("D", 122.5), ("Lr", 163.3), ("S", 408.3)] {
        near(&ticket["loads_plf"][kind], wanted);
    }
    assert_eq!(ticket["loads_plf"]["L"], json!(0.0));
    near(&ticket["ratios"]["bending"], 1.171);
    near(&ticket["ratios"]["live_deflection"], 0.567);
    near(&ticket["ratios"]["total_deflection"], 0.558);
    near(&ticket["pack_load_lb"]["left"], 2229.0);
    // By kind: (122.5 + 6.7) · 99.5 / 24 and 408.3 · 99.5 / 24.
    near(&ticket["reactions_lb"]["left"]["D"], 535.6);
    near(&ticket["reactions_lb"]["right"]["S"], 1692.9);
    for name in ["jacks_left_header", "jacks_left_plate", "jacks_left_column", "jacks_right_plate"] {
        assert!(ticket["ratios"][name].as_f64().is_some_and(|ratio| 0.0 < ratio && ratio <= 1.0), "{name}");
    }
    // No post, no wind, no sag over a door: left out.
    for name in ["post_bearing", "post_column", "kings_left_bending", "sag_over_door"] {
        assert!(ticket["ratios"].get(name).is_none(), "{name}");
    }
    assert!(ticket["governing"].as_str().is_some_and(|words| words.starts_with("bending")), "{ticket}");
    assert_eq!((&ticket["jacks"]["left"], &ticket["kings"]["right"]), (&json!(2), &json!(2)));
}

#[test]
fn what_does_not_apply_is_left_out_and_what_has_no_number_is_null() {
    let tickets = answered(&file());
    let partition = &tickets[2];
    assert_eq!(partition["verdict"], json!("carries"));
    assert!(partition.get("header").is_none() && partition.get("span_in").is_none(), "{partition}");
    let unsaid = &tickets[3];
    assert_eq!((&unsaid["verdict"], &unsaid["findings"]), (&json!("ask"), &json!(["say-loads"])));
    for name in ["header", "plies", "span_in", "ratios", "governing", "reactions_lb", "pack_load_lb", "jacks", "kings"]
    {
        assert_eq!(unsaid.get(name), Some(&Value::Null), "{name}");
    }
}

#[test]
fn a_file_of_the_first_form_has_tickets() {
    let first: Value = serde_json::from_str(include_str!("../../wire/tests/saved/1/job.json")).expect("JSON");
    let tickets = answered(&first);
    assert!(!tickets.is_empty());
    let words = ["carries", "barely", "table_only", "does_not_carry", "ask"];
    for ticket in &tickets {
        assert!(words.iter().any(|word| ticket["verdict"] == *word), "{ticket}");
        assert!(ticket["findings"].is_array(), "{ticket}");
    }
}
