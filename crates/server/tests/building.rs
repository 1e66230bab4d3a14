//! Raising, opening a wall, labels: what is answered over the demo's house, and what is refused with the field's name.

mod support;

use serde_json::{Value, json};
use support::asked::{Asked, list};

/// The identity of a wall by its name.
async fn wall(asked: &Asked, name: &str) -> String {
    let job = asked.get("").await;
    let named = |wall: &&Value| wall["frame"]["name"] == name;
    let walls = list(&job["job"]["walls"]);
    walls.iter().find(named).expect("it is there")["id"].as_str().expect("an id").to_owned()
}

fn number(value: &Value) -> f64 {
    value.as_f64().expect("a number")
}

async fn refused(asked: &Asked, path: &str, field: &str) {
    let (status, problem) = asked.try_get(path).await;
    assert_eq!((status, &problem["errors"][0]["pointer"]), (422, &json!(field)), "{path}: {problem}");
    assert!(!problem["detail"].as_str().expect("a sentence").is_empty());
}

#[tokio::test]
async fn every_wall_of_the_house_is_raised() {
    let asked = Asked::over(None).await;
    let raise = asked.get("/raise").await;
    let walls = list(&raise["walls"]);
    assert_eq!(walls.len(), 10);
    for wall in walls {
        let panels = list(&wall["panels"]);
        let lifted: f64 = panels.iter().map(|panel| number(&panel["weight_lb"])).sum();
        assert!((lifted + number(&wall["later_lb"]) - number(&wall["weight_lb"])).abs() < 1e-6, "{wall}");
        for panel in panels {
            let (people, each) = (number(&panel["people"]), number(&panel["each_lb"]));
            assert!((people * each - number(&panel["lift_lb"])).abs() < 1e-6, "{panel}");
            assert!(number(&panel["lift_at_last_lb"]) < 0.1 * number(&panel["lift_lb"]));
        }
        assert!(3 <= list(&wall["before"]).len());
    }
    // Of a storey the longest first.
    let names: Vec<&str> = walls.iter().map(|wall| wall["name"].as_str().expect("a name")).collect();
    assert_eq!(names[..2], ["Front", "Back"]);
}

#[tokio::test]
async fn a_hook_is_held_against_what_it_is_rated_for() {
    let asked = Asked::over(None).await;
    let front = wall(&asked, "Front").await;
    let path = |query: &str| format!("/walls/{front}/hoist?{query}");
    let over = asked.get(&path("rated=100&hook=18'")).await;
    assert_eq!((&over["against"], &over["words"]["id"]), (&json!("over"), &json!("hoist-over")));
    let two = asked.get(&path("rated=5000&hook=9'&second=27'")).await;
    assert_eq!(two["against"], "good");
    // Held lower it is heavier.
    let lower = asked.get(&path("rated=5000&hook=9'&second=27'&height=4'")).await;
    assert!(number(&two["hook_lb"]) < number(&lower["hook_lb"]));
    for (query, field) in [
        ("rated=0&hook=1", "/rated"),
        ("rated=NaN&hook=1", "/rated"),
        ("rated=500&hook=37'", "/hook"),
        ("rated=500&hook=middle", "/hook"),
        ("rated=500&hook=1'&second=-2", "/second"),
        ("rated=500&hook=1'&height=20'", "/height"),
    ] {
        refused(&asked, &path(query), field).await;
    }
    assert_eq!(asked.try_get(&format!("/walls/{}/hoist?rated=5&hook=1", uuid::Uuid::new_v4())).await.0, 404);
}

#[tokio::test]
async fn a_wall_is_opened_between_temporary_ones() {
    let asked = Asked::over(None).await;
    let (upper, lower) = (wall(&asked, "Middle 2").await, wall(&asked, "Middle").await);
    let path = |query: &str| format!("/walls/{upper}/shore?{query}");
    let both = asked.get(&path("")).await;
    assert_eq!((list(&both["temporary"]).len(), &both["carries"]), (2, &json!(true)));
    // It stands on the upper storey: below its temporary walls stand others, down to the ground.
    let storeys = list(&both["storeys"]);
    assert_eq!(storeys.iter().map(|storey| list(&storey["walls"]).len()).collect::<Vec<_>>(), [2, 2]);
    assert_eq!((&storeys[0]["is_opened"], list(&both["ground"]).len()), (&json!(true), 2));
    let dead = |storey: &Value| number(&storey["walls"][0]["dead"]);
    assert!(dead(&storeys[0]) < dead(&storeys[1]), "it takes both floors");
    let header = asked.get(&path("header=eight&apart=32")).await;
    assert!(list(&header["storeys"]).iter().all(|storey| storey["header"]["id"] == "shore-header-carries"), "{header}");
    let joists = asked.get(&path("joist_depth=ten&joist_spacing=16")).await;
    assert_eq!(joists["storeys"][0]["fields"][0]["joists"]["id"], "shore-joists-carry");
    let working = asked.get(&format!("/walls/{upper}/shore/working?header=eight&apart=32")).await;
    assert!(20 < list(&working["lines"]).len());
    let one = asked.get(&path("upper=")).await;
    let opened = &one["storeys"][0];
    assert_eq!((list(&one["temporary"]).len(), list(&opened["walls"]).len(), &opened["studs"]), (1, 0, &Value::Null));
    assert_eq!(one["findings"][0]["id"], "shore-falls");
    // Under a wall that stands on its joists there is no number.
    let below = asked.get(&format!("/walls/{lower}/shore")).await;
    assert_eq!((list(&below["storeys"][0]["walls"]).len(), &below["carries"]), (0, &json!(false)));
    assert!(list(&below["findings"]).iter().any(|finding| finding["id"] == "shore-stands-on-joists"));
    for (query, field) in [
        ("lower=1", "/lower"),
        ("upper=9'", "/upper"),
        ("upper=far", "/upper"),
        ("plies=0", "/plies"),
        ("rows=6", "/rows"),
        ("header=eight", "/apart"),
        ("header=eight&apart=9'", "/apart"),
        ("joist_depth=ten", "/joist_spacing"),
        ("joist_depth=ten&joist_spacing=5", "/joist_spacing"),
    ] {
        refused(&asked, &path(query), field).await;
    }
}

#[tokio::test]
async fn every_piece_has_a_label_with_a_code_of_its_place() {
    let asked = Asked::over(None).await;
    let labels = asked.get("/labels").await;
    let cut = asked.get("/cut").await;
    assert_eq!(json!(list(&labels["labels"]).len()), cut["pieces"]);
    let places = list(&labels["places"]);
    assert!(list(&labels["labels"]).iter().all(|label| (number(&label["place"]) as usize) < places.len()));
    for place in places {
        assert!(place["address"].as_str().expect("an address").starts_with(&asked.base), "{place}");
    }
    // Packs weigh.
    assert!(list(&cut["packs"]).iter().all(|pack| 0.0 < number(&pack["pounds"])));
}

#[tokio::test]
async fn a_beam_comes_in_or_it_does_not() {
    let asked = Asked::over(None).await;
    // The longest of the front wall's headers.
    let front = wall(&asked, "Front").await;
    let path = |query: &str| format!("/walls/{front}/beam-in?{query}");
    let narrow = asked.get(&path("passage=36&door=32")).await;
    let wide = asked.get(&path("passage=20'&door=10'")).await;
    let straight = asked.get(&path("passage=12&door=12&straight=40'")).await;
    let all_in = |view: &Value| list(&view["beams"]).iter().all(|beam| beam["gets_in"] == true);
    assert!(!list(&narrow["beams"]).is_empty());
    assert!(all_in(&wide) && all_in(&straight) && !all_in(&asked.get(&path("passage=12&door=12")).await));
    for (query, field) in [
        ("passage=narrow&door=32", "/passage"),
        ("passage=36&door=2", "/door"),
        ("passage=36&door=32&straight=1000'", "/straight"),
    ] {
        refused(&asked, &path(query), field).await;
    }
}

/// A mark as a device sends it.
fn marks(device: uuid::Uuid, sequence: i64, mark: &Value) -> Value {
    json!({ "device": device, "marks": [{ "sequence": sequence, "by": "Ansel Ruud", "at": 1_795_000_000_000_i64, "mark": mark }] })
}

#[tokio::test]
async fn a_wall_is_opened_step_by_step() {
    let asked = Asked::over(None).await;
    let upper = wall(&asked, "Middle 2").await;
    let under = format!("/walls/{upper}/order");
    let order = asked.get(&under).await;
    assert_eq!((&order["wall"], list(&order["steps"]).len()), (&json!("Middle 2"), 17));
    assert_eq!(list(&order["steps"])[0]["state"], "open");
    let version = asked.get("").await["version"].clone();

    // Sent twice it is kept once; the version of the job stands.
    let path = format!("/api/jobs/{}{under}", asked.job);
    let (device, done) = (uuid::Uuid::new_v4(), json!({ "do": "done", "step": "permit" }));
    for _ in 0..2 {
        assert_eq!(asked.post(&path, &marks(device, 1, &done)).await.0, 204);
    }
    let past = json!({ "do": "forced", "step": "services", "why": "the main is off" });
    assert_eq!(asked.post(&path, &marks(device, 2, &past)).await.0, 204);
    let order = asked.get(&under).await;
    let steps = list(&order["steps"]);
    assert_eq!((&steps[0]["state"], &steps[0]["said"]["by"]), (&json!("done"), &json!("Ansel Ruud")));
    assert_eq!((&steps[1]["state"], &steps[1]["why"]), (&json!("forced"), &json!("the main is off")));
    assert_eq!(steps[2]["state"], "open");
    assert_eq!(asked.get("").await["version"], version);

    // What is planned is kept with it.
    let plan = json!({ "lower": 609_600_000, "upper": null, "plies": 2, "rows": 0, "header": { "depth": "eight", "apart": 1_219_200_000 },
            "joists": { "species": "hem_fir", "grade": "number1", "depth": "ten", "spacing": 406_400_000 },
            "floors_cleared": true, "no_snow": false });
    assert_eq!(asked.post(&path, &marks(device, 3, &json!({ "do": "planned", "plan": plan }))).await.0, 204);
    assert_eq!(asked.get(&under).await["planned"], plan);
}

#[tokio::test]
async fn what_is_no_mark_is_refused_by_its_field() {
    let asked = Asked::over(None).await;
    let path = format!("/api/jobs/{}/walls/{}/order", asked.job, wall(&asked, "Middle 2").await);
    let device = uuid::Uuid::new_v4();
    let refused = |body: Value, field: &'static str| {
        let (asked, path) = (&asked, &path);
        async move {
            let (status, problem) = asked.post(path, &body).await;
            assert_eq!((status, &problem["errors"][0]["pointer"]), (422, &json!(field)), "{problem}");
        }
    };
    let plan = json!({ "lower": 1, "upper": null, "plies": 1, "rows": 0, "floors_cleared": false, "no_snow": false });
    for (mark, field) in [
        (json!({ "do": "done", "step": "dance" }), "/marks/0/mark/step"),
        (json!({ "do": "forced", "step": "path_checked", "why": "late" }), "/marks/0/mark/step"),
        (json!({ "do": "forced", "step": "permit", "why": " " }), "/marks/0/mark/why"),
        (json!({ "do": "added", "id": device, "after": "permit", "text": "x".repeat(301) }), "/marks/0/mark/text"),
        (json!({ "do": "planned", "plan": plan }), "/marks/0/mark/lower"),
    ] {
        refused(marks(device, 1, &mark), field).await;
    }
    let mut nameless = marks(device, 1, &json!({ "do": "done", "step": "permit" }));
    nameless["marks"][0]["by"] = json!("  ");
    refused(nameless, "/marks/0/by").await;
    let mut never = marks(device, 1, &json!({ "do": "done", "step": "permit" }));
    never["marks"][0]["at"] = json!(i64::MAX);
    refused(never, "/marks/0/at").await;
    let path = format!("/api/jobs/{}/walls/{}/order", uuid::Uuid::new_v4(), uuid::Uuid::new_v4());
    assert_eq!(asked.post(&path, &marks(device, 1, &json!({ "do": "done", "step": "permit" }))).await.0, 404);
}

/// What is framed stands, and is on no list.
#[tokio::test]
async fn what_is_framed_is_not_cut_again() {
    let asked = Asked::over(None).await;
    let before = asked.get("/cut").await;
    let job = asked.get("").await;
    let opening =
        list(&job["job"]["walls"]).iter().flat_map(|wall| list(&wall["openings"])).next().expect("an opening");
    let command = json!({ "do": "mark_framed", "opening": opening["id"],
        "framed": { "design": opening["design"], "jacks_left": opening["jacks_left"], "jacks_right": opening["jacks_right"],
            "kings_left": opening["kings_left"], "kings_right": opening["kings_right"] } });
    let edit = json!({ "on_version": job["version"], "command": command });
    let (status, answer) = asked.post(&format!("/api/jobs/{}/commands", asked.job), &edit).await;
    assert_eq!(status, 200, "{answer}");
    let after = asked.get("/cut").await;
    assert_eq!((list(&before["standing"]).len(), list(&after["standing"]).len()), (0, 1));
    assert!(number(&after["pieces"]) < number(&before["pieces"]));
}

/// The demo's garage door stands 20 in. from its corner: what the detail asks there is told, met or not.
#[tokio::test]
async fn a_short_return_is_drawn_and_held_against_the_detail() {
    let asked = Asked::over(None).await;
    let all = asked.client.get(format!("{}/api/jobs", asked.base)).send().await.expect("answered");
    let all: Value = all.json().await.expect("JSON");
    let ferry = |job: &&Value| job["name"].as_str().is_some_and(|name| name.contains("Ferry"));
    let job = list(&all["jobs"]).iter().find(ferry).expect("in the demo")["id"].as_str().expect("an id").to_owned();
    let ferry = Asked { job, ..asked };
    let shown = ferry.get("").await;
    let openings = list(&shown["job"]["walls"]).iter().flat_map(|wall| list(&wall["openings"]));
    let door = openings.clone().find(|opening| opening["design"]["kind"] == "overhead_door").expect("a garage door");
    let returns = ferry.get(&format!("/openings/{}/returns", door["id"].as_str().expect("an id"))).await;
    let each = &list(&returns["returns"])[0];
    assert_eq!((list(&returns["returns"]).len(), list(&each["asked"]).len()), (1, 9));
    assert!(10 < list(&each["members"]).len() && 100 < list(&each["nails"]).len());
    let met = |id: &str| {
        list(&each["asked"]).iter().find(|asked| asked["words"]["id"] == id).map(|asked| asked["met"].clone())
    };
    assert_eq!(met("return-width"), Some(json!(true)));
    assert_eq!(met("return-run-short"), Some(json!(false)));
    let window = openings.into_iter().find(|opening| opening["design"]["kind"] == "window").expect("a window");
    let none = ferry.get(&format!("/openings/{}/returns", window["id"].as_str().expect("an id"))).await;
    assert!(list(&none["returns"]).is_empty());
}
