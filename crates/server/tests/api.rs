//! The API in memory, over a real PostgreSQL.

use axum::Router;
use axum::body::{Body, to_bytes};
use axum::http::{Request, StatusCode, header};
use serde_json::{Value, json};
use sturvek_server::{LARGEST_REQUEST, ServedAs, app, demo, openapi_json};
use sturvek_store::{Jobs, connect_with, migrate};
use tower::ServiceExt;

struct Api(Router);

struct Answer {
    status: StatusCode,
    kind: String,
    body: Value,
}

impl Api {
    async fn with_demo() -> Self {
        let db = connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("the database answers");
        migrate(&db).await.expect("the migrations apply");
        let jobs = Jobs::new(db);
        assert!(demo::load_once(&jobs).await.expect("loaded"));
        assert!(!demo::load_once(&jobs).await.expect("asked"), "the demo is loaded once");
        Self(app(jobs, ServedAs::hosts(["localhost"], 80)))
    }

    async fn send(&self, method: &str, path: &str, body: impl Into<Body>) -> Answer {
        let request = Request::builder()
            .method(method)
            .uri(path)
            .header(header::HOST, "localhost")
            .header(header::CONTENT_TYPE, "application/json")
            .body(body.into())
            .expect("a request");
        let response = self.0.clone().oneshot(request).await.expect("an answer");
        let status = response.status();
        let kind = response.headers().get(header::CONTENT_TYPE).map_or("", |kind| kind.to_str().unwrap_or(""));
        let kind = kind.to_owned();
        let bytes = to_bytes(response.into_body(), usize::MAX).await.expect("a body");
        Answer { status, kind, body: serde_json::from_slice(&bytes).unwrap_or(Value::Null) }
    }

    async fn get(&self, path: &str) -> Answer {
        self.send("GET", path, Body::empty()).await
    }

    async fn post(&self, path: &str, body: Value) -> Answer {
        self.send("POST", path, body.to_string()).await
    }

    async fn demo_job(&self) -> Value {
        let jobs = &self.get("/api/jobs").await.body["jobs"];
        self.get(&format!("/api/jobs/{}", text(&jobs[0]["id"]))).await.body
    }
}

fn text(value: &Value) -> &str {
    value.as_str().expect("text")
}

fn is_problem(answer: &Answer, status: StatusCode, code: &str) {
    assert_eq!(answer.status, status, "{}", answer.body);
    assert_eq!(answer.kind, "application/problem+json");
    assert_eq!(answer.body["type"], format!("sturvek:{code}"), "{}", answer.body);
    assert!(answer.body["detail"].as_str().is_some_and(|detail| detail.ends_with('.')), "{}", answer.body);
}

/// A phrase as most users read it.
fn english(phrase: &Value) -> String {
    let phrase: sturvek_wire::speech::Phrase = serde_json::from_value(phrase.clone()).expect("a phrase");
    sturvek_speech::english(&phrase.into())
}

#[tokio::test]
async fn studies_answer_beside_the_plan() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let (id, wall) = (text(&job["id"]).to_owned(), &job["job"]["walls"][0]);
    let opening = text(&wall["openings"][1]["id"]).to_owned();
    let asked = |rest: &str| format!("/api/jobs/{id}/openings/{opening}/{rest}");

    let reach = api.get(&asked("reach")).await.body;
    let more = api.get(&asked("reach?snow=200")).await.body;
    let farthest = |view: &Value| view["headers"][0]["farthest"].as_i64().expect("something reaches");
    assert!(farthest(&more) < farthest(&reach));
    let too_much = api.get(&asked("reach?snow=900")).await;
    is_problem(&too_much, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    assert_eq!(pointers(&too_much), ["/snow"]);
    assert_eq!(api.get(&asked("reach?snow=soon")).await.status, StatusCode::UNPROCESSABLE_ENTITY);

    let capability = api.get(&asked("capability")).await.body;
    assert!(capability["times_the_load"].as_f64().is_some_and(|times| times >= 1.0), "{capability}");

    let sheet = api.get(&asked("sheet")).await.body;
    assert_eq!((&sheet["head"]["version"], &sheet["head"]["permit"]), (&job["version"], &json!("HS-2231")));
    let headings = sheet["blocks"].as_array().expect("blocks").iter().filter(|block| block["block"] == "heading");
    let titles: Vec<&str> = headings.map(|heading| text(&heading["words"]["id"])).collect();
    for title in ["title-given", "title-combinations", "title-assumed", "title-ends"] {
        assert!(titles.contains(&title), "{titles:?}");
    }

    let one_size = api.get(&format!("/api/jobs/{id}/one-size")).await.body;
    let cost = |field: &str| one_size[field].as_f64().expect("a cost");
    assert!(cost("cheapest_cents") <= cost("cost_cents"), "{one_size}");
    assert!(api.get("/api/materials").await.body.as_array().is_some_and(|rows| rows.len() > 30));
}

#[tokio::test]
async fn sheets_are_answered_for_the_page_and_for_the_printer() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let (id, wall) = (text(&job["id"]).to_owned(), &job["job"]["walls"][0]);
    let (opening, wall) = (text(&wall["openings"][1]["id"]), text(&wall["id"]));
    let mut sheets = vec![format!("/api/jobs/{id}/openings/{opening}/sheet")];
    for sheet in ["wall", "plates", "cuts"] {
        sheets.push(format!("/api/jobs/{id}/walls/{wall}/papers/{sheet}"));
    }
    for sheet in sheets {
        let paper = api.get(&sheet).await;
        assert_eq!((paper.status, &paper.body["head"]["permit"]), (StatusCode::OK, &json!("HS-2231")), "{sheet}");
        let pdf = if sheet.ends_with("/sheet") { format!("{sheet}.pdf") } else { format!("{sheet}/sheet.pdf") };
        for how in ["", "?paper=a4&language=es&vocabulary=lintel&units=millimeters"] {
            let printed = api.get(&format!("{pdf}{how}")).await;
            assert_eq!((printed.status, printed.kind.as_str()), (StatusCode::OK, "application/pdf"), "{pdf}{how}");
        }
        for wrong in ["?paper=a3", "?language=la", "?units=cubits"] {
            is_problem(&api.get(&format!("{pdf}{wrong}")).await, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
        }
    }
    let nobody = uuid::Uuid::new_v4();
    is_problem(
        &api.get(&format!("/api/jobs/{id}/walls/{nobody}/papers/wall/sheet.pdf")).await,
        StatusCode::NOT_FOUND,
        "not-found",
    );
    is_problem(
        &api.get(&format!("/api/jobs/{id}/openings/{nobody}/sheet.pdf")).await,
        StatusCode::NOT_FOUND,
        "not-found",
    );
}

#[tokio::test]
async fn what_papers_are_headed_with_is_said_bounded_found_and_taken_back() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let path = format!("/api/jobs/{}", text(&job["id"]));
    let say = |particulars: Value| json!({ "do": "change_particulars", "particulars": particulars });
    let long = json!({ "on_version": 0, "command": say(json!({ "address": "x".repeat(121), "permit": "a\nb" })) });
    let refused = api.post(&format!("{path}/commands"), long).await;
    is_problem(&refused, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    assert_eq!(pointers(&refused), ["/command/particulars/address", "/command/particulars/permit"]);
    let kiln = json!({ "on_version": 0, "command": say(json!({ "address": " 9 Kiln Row ", "permit": "K-4" })) });
    assert_eq!(api.post(&format!("{path}/commands"), kiln).await.status, StatusCode::OK);
    let now = api.demo_job().await;
    assert_eq!(now["job"]["particulars"]["address"], "9 Kiln Row");
    let told = english(&api.get(&format!("{path}/history")).await.body[0]["summary"]);
    assert!(told.contains("address 3 Ferry Lane, Heron Slip → 9 Kiln Row; permit HS-2231 → K-4"), "{told}");
    for (words, found) in [("kiln row", 1), ("K-4", 1), ("Ferry Lane", 0)] {
        let list = api.get(&format!("/api/jobs?named={}", words.replace(' ', "%20"))).await.body;
        assert_eq!(list["jobs"].as_array().map(Vec::len), Some(found), "{words}");
    }
    assert_eq!(api.get("/api/jobs").await.body["jobs"][0]["permit"], "K-4");
    api.post(&format!("{path}/undo"), json!({ "on_version": 1 })).await;
    assert_eq!(api.demo_job().await["job"]["particulars"], job["job"]["particulars"]);
}

#[tokio::test]
async fn a_job_goes_out_as_a_file_and_comes_back_whole() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let file = api.get(&format!("/api/jobs/{}/file", text(&job["id"]))).await.body;
    assert_eq!((&file["format"], &file["version"]), (&json!("sturvek-job"), &json!(sturvek_wire::saved::FORM)));
    let back = api.post("/api/jobs/file", json!({ "text": file.to_string() })).await;
    assert_eq!(back.status, StatusCode::CREATED, "{}", back.body);
    let frames = |job: &Value| -> Vec<Value> {
        job["job"]["walls"].as_array().expect("walls").iter().map(|wall| wall["frame"].clone()).collect()
    };
    assert_eq!(frames(&back.body), frames(&job));
    let jobs = api.get("/api/jobs").await.body["jobs"].as_array().expect("jobs").len();
    let refused = api.post("/api/jobs/file", json!({ "text": "{\"format\":\"other\"}" })).await;
    is_problem(&refused, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    assert_eq!(pointers(&refused), ["/text"]);
    assert_eq!(api.get("/api/jobs").await.body["jobs"].as_array().expect("jobs").len(), jobs, "nothing was kept");
}

#[tokio::test]
async fn a_table_is_read_whole_or_not_at_all() {
    let api = Api::with_demo().await;
    let read = async |csv: &str| api.post("/api/code-table", json!({ "name": "county", "csv": csv })).await.body;
    let good = read("block,header,snow,width,span,jacks\nroof_ceiling,2-2x8,30,24,5-9,1\n").await;
    assert_eq!(good["table"]["rows"][0]["span"], 1_752_600_000_i64);
    let bad = read("block,header,snow,width,span,jacks\nroof_ceiling,2-2x8,30,24,far,1\n").await;
    assert!(bad["table"].is_null());
    assert!(english(&bad["bad_rows"][0]).starts_with("Line 2, span"), "{bad}");
}

#[tokio::test]
async fn the_demo_shows_every_verdict_and_every_kind_of_opening() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let walls = job["job"]["walls"].as_array().expect("walls");
    assert_eq!(walls.iter().filter(|wall| wall["carries"]["bearing"] == true).count(), 4);
    let (mut verdicts, mut kinds) = (Vec::new(), Vec::new());
    for wall in walls {
        let path = format!("/api/jobs/{}/walls/{}", text(&job["id"]), text(&wall["id"]));
        for opening in api.get(&path).await.body["openings"].as_array().expect("openings") {
            verdicts.push(text(&opening["verdict"]).to_owned());
            kinds.push(text(&opening["kind"]).to_owned());
        }
    }
    assert!(kinds.len() >= 8, "{kinds:?}");
    for verdict in ["carries", "carries_barely", "does_not_carry", "ask_an_engineer"] {
        assert!(verdicts.iter().any(|each| each == verdict), "{verdict} is not shown: {verdicts:?}");
    }
    for kind in ["window", "door", "pair_of_doors", "overhead_door"] {
        assert!(kinds.iter().any(|each| each == kind), "{kind} is missing: {kinds:?}");
    }
}

#[tokio::test]
async fn an_opening_is_said_added_sized_and_taken_back() {
    let api = Api::with_demo().await;
    let job = api.post("/api/jobs", json!({ "name": "Test wall" })).await.body;
    let id = text(&job["id"]).to_owned();
    let wall = text(&job["job"]["walls"][0]["id"]).to_owned();
    let said = api.post(&format!("/api/jobs/{id}/walls/{wall}/say"), json!({ "text": "3068 door @ 7-6" })).await.body;
    assert!(english(&said["understood"]).starts_with("door 3'-0\" x 6'-8\""), "{said}");
    let add = json!({ "do": "add_opening", "wall": wall, "opening": { "design": said["designs"][0] } });
    let edit = json!({ "on_version": 0, "command": add, "author": "Ada" });
    let after = api.post(&format!("/api/jobs/{id}/commands"), edit).await;
    assert_eq!((after.status, &after.body["version"]), (StatusCode::OK, &json!(1)), "{}", after.body);
    let view = api.get(&format!("/api/jobs/{id}/walls/{wall}")).await.body;
    assert_eq!(view["openings"][0]["verdict"], "ask_an_engineer", "nothing is said yet about the loads");
    let ticket_path = format!("/api/jobs/{id}/openings/{}/ticket", text(&view["openings"][0]["id"]));
    let roof = json!({ "kind": "roof", "framing": "trusses", "building_width": "24'", "overhang": "2'", "rise_in_twelve": 6,
        "roof_dead": 10, "ceiling_dead": 5, "attic_live": 0 });
    let carries =
        json!({ "do": "change_carries", "wall": wall, "carries": { "bearing": true, "items": [{ "what": roof }] } });
    api.post(&format!("/api/jobs/{id}/commands"), json!({ "on_version": 1, "command": carries })).await;
    let ticket = api.get(&ticket_path).await.body;
    let asked = |ticket: &Value| -> Vec<String> {
        let asked = ticket["asked"].as_array().expect("questions").iter();
        asked.map(|asked| text(&asked["question"]).to_owned()).collect()
    };
    assert_eq!((&ticket["verdict"], asked(&ticket)), (&json!("ask_an_engineer"), vec!["snow".into(), "wind".into()]));
    assert_eq!((&ticket["pieces"], &ticket["assembly"]), (&json!([]), &json!([])), "no cut list without a number");
    assert!(ticket["left_pack"]["jacks"].is_null() && ticket["left_pack"]["kings"].is_null());
    let mut settings = api.get(&format!("/api/jobs/{id}")).await.body["job"]["settings"].clone();
    settings["snow_said"] = json!("said");
    settings["wind_said"] = json!("said");
    let say = json!({ "do": "change_settings", "settings": settings });
    api.post(&format!("/api/jobs/{id}/commands"), json!({ "on_version": 2, "command": say })).await;
    let ticket = api.get(&ticket_path).await.body;
    assert_eq!((&ticket["verdict"], asked(&ticket)), (&json!("carries"), vec![]), "{}", ticket["sentence"]);
    assert_eq!(ticket["rough_width"], 38 * 25_400_000_i64);
    let sheet = api.get(&format!("/api/jobs/{id}/openings/{}/sheet", text(&ticket["id"]))).await.body;
    assert!(sheet["blocks"].as_array().is_some_and(|blocks| blocks.len() >= 8), "{sheet}");
    for version in [3, 4, 5] {
        let undone = api.post(&format!("/api/jobs/{id}/undo"), json!({ "on_version": version })).await;
        assert_eq!(undone.status, StatusCode::OK);
    }
    assert_eq!(api.get(&format!("/api/jobs/{id}/walls/{wall}")).await.body["openings"], json!([]));
    let history = api.get(&format!("/api/jobs/{id}/history")).await.body;
    assert_eq!(history.as_array().map(Vec::len), Some(7));
    assert_eq!((&history[5]["author"], &history[4]["author"]), (&json!("Ada"), &json!("somebody")));
}

#[tokio::test]
async fn a_preview_keeps_nothing() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let wall = &job["job"]["walls"][0];
    let opening = &wall["openings"][0]["id"];
    let path = format!("/api/jobs/{}/walls/{}", text(&job["id"]), text(&wall["id"]));
    let command = json!({ "do": "move_opening", "opening": opening, "to": "6-0", "measured": "center" });
    let preview = api.post(&format!("{path}/preview"), json!({ "command": command, "opening": opening })).await.body;
    assert_eq!(preview["ticket"]["center"], json!(72 * 25_400_000_i64));
    let preview = &preview["wall"];
    let center = |view: &Value| {
        let openings = view["openings"].as_array().expect("openings");
        openings.iter().find(|each| &each["id"] == opening).map(|each| each["center"].clone())
    };
    assert_eq!(center(preview), Some(json!(72 * 25_400_000_i64)));
    assert_ne!(center(&api.get(&path).await.body), center(preview));
    assert_eq!(api.demo_job().await["version"], 0);
}

#[tokio::test]
async fn a_stale_edit_is_told_what_changed() {
    let api = Api::with_demo().await;
    let id = text(&api.demo_job().await["id"]).to_owned();
    let path = format!("/api/jobs/{id}/commands");
    let rename = |name: &str| json!({ "do": "rename_job", "name": name });
    api.post(&path, json!({ "on_version": 0, "command": rename("First"), "author": "Ada" })).await;
    let stale = api.post(&path, json!({ "on_version": 0, "command": rename("Second") })).await;
    is_problem(&stale, StatusCode::CONFLICT, "stale");
    assert_eq!(stale.body["current_version"], 1);
    assert_eq!(
        english(&stale.body["changed_since"][0]["summary"]),
        "job renamed Ferry keeper's house at Heron Slip → First"
    );
    assert_eq!(stale.body["changed_since"][0]["author"], "Ada");
    assert_eq!(english(&stale.body["yours"]), "job renamed First → Second", "and what it would do now");
    assert_eq!(api.demo_job().await["job"]["name"], "First");
}

/// The places that a problem names.
fn pointers(answer: &Answer) -> Vec<&str> {
    answer.body["errors"]
        .as_array()
        .map_or_else(Vec::new, |errors| errors.iter().map(|error| text(&error["pointer"])).collect())
}

#[tokio::test]
async fn everything_that_is_wrong_is_told_at_once() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let path = format!("/api/jobs/{}/commands", text(&job["id"]));
    let wall = &job["job"]["walls"][0];
    let mut frame = wall["frame"].clone();
    (frame["spacing"], frame["framing"]["plate_stock"]) = (json!("soon"), json!("never"));
    let change = |frame: &Value| json!({ "on_version": 0, "command": { "do": "change_wall", "wall": wall["id"], "frame": frame } });
    let unread = api.post(&path, change(&frame)).await;
    assert_eq!(pointers(&unread), ["/command/frame/spacing", "/command/frame/framing/plate_stock"], "{}", unread.body);
    // Read, but not allowed; the shorter wall leaves an opening outside, which no field of this command brought.
    (frame["spacing"], frame["framing"]["plate_stock"]) = (json!("40"), json!("2'"));
    frame["length"] = json!("24'");
    let refused = api.post(&path, change(&frame)).await;
    is_problem(&refused, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    assert_eq!(pointers(&refused), ["/command/frame/spacing", "/command/frame/framing/plate_stock", "/command"]);
    let last = text(&refused.body["errors"][2]["detail"]);
    assert!(last.starts_with("Water side, opening D: The opening's center is 28'-6\""), "{last}");
}

#[tokio::test]
async fn bad_input_names_the_field_and_changes_nothing() {
    let api = Api::with_demo().await;
    let job = api.demo_job().await;
    let path = format!("/api/jobs/{}/commands", text(&job["id"]));
    let opening = &job["job"]["walls"][0]["openings"][0];
    let mut design = opening["design"].clone();
    design["unit_width"] = json!("7-1/2");
    let frame = |part: &str, value: Value| {
        let mut frame = job["job"]["walls"][0]["frame"].clone();
        frame[part] = value;
        json!({ "do": "change_wall", "wall": job["job"]["walls"][0]["id"], "frame": frame })
    };
    let cases = [
        (json!({ "do": "change_opening", "opening": opening["id"], "design": design }), "/command/design/unit_width"),
        (frame("height", json!("40'")), "/command/frame/height"),
        (frame("name", json!("")), "/command/frame/name"),
        (frame("length", json!(9_000_000_000_000_000_000_i64)), "/command/frame/length"),
        (
            json!({ "do": "override_count", "opening": opening["id"], "role": "jack", "end": "left",
            "decided": { "count": 200, "reason": "why not" } }),
            "/command/decided/count",
        ),
        (json!({ "do": "rename_job", "name": "x".repeat(500) }), "/command/name"),
    ];
    for (command, field) in cases {
        let answer = api.post(&path, json!({ "on_version": 0, "command": command })).await;
        is_problem(&answer, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
        assert_eq!(pointers(&answer), [field], "{}", answer.body);
    }
    let unknown = api.post(&path, json!({ "on_version": 0, "command": { "do": "dance" } })).await;
    is_problem(&unknown, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    let nobody = json!({ "on_version": 0, "command": { "do": "rename_job", "name": "x" }, "author": "a\u{0}b" });
    is_problem(&api.post(&path, nobody).await, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    assert_eq!(api.demo_job().await["version"], 0);
}

#[tokio::test]
async fn every_error_is_a_problem() {
    let api = Api::with_demo().await;
    let nobody = "00000000-0000-0000-0000-000000000001";
    is_problem(&api.get("/api/nope").await, StatusCode::NOT_FOUND, "not-found");
    is_problem(&api.get("/api/jobs/not-an-id").await, StatusCode::NOT_FOUND, "not-found");
    is_problem(&api.get(&format!("/api/jobs/{nobody}")).await, StatusCode::NOT_FOUND, "not-found");
    is_problem(&api.get("/assets/nope.js").await, StatusCode::NOT_FOUND, "not-found");
    is_problem(&api.send("PUT", "/api/jobs", "{}").await, StatusCode::METHOD_NOT_ALLOWED, "not-possible");
    is_problem(&api.send("POST", "/api/jobs", "not json").await, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    is_problem(&api.send("POST", "/api/jobs", vec![0xff; 4]).await, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    let huge = vec![b' '; LARGEST_REQUEST + 1];
    is_problem(&api.send("POST", "/api/jobs", huge).await, StatusCode::PAYLOAD_TOO_LARGE, "too-large");
    let path = format!("/api/jobs/{}/undo", text(&api.demo_job().await["id"]));
    let nothing = api.post(&path, json!({ "on_version": 0 })).await;
    is_problem(&nothing, StatusCode::CONFLICT, "nothing-to-do");
}

#[tokio::test]
async fn another_sites_page_changes_nothing() {
    let api = Api::with_demo().await;
    let post = |kind: &str, site: &str| {
        let request = Request::post("/api/jobs").header(header::HOST, "localhost");
        let request = request.header(header::CONTENT_TYPE, kind).header("sec-fetch-site", site);
        api.0.clone().oneshot(request.body(Body::from(json!({ "name": "x" }).to_string())).expect("a request"))
    };
    let status = async |kind, site| post(kind, site).await.expect("an answer").status();
    assert_eq!(status("text/plain", "none").await, StatusCode::UNSUPPORTED_MEDIA_TYPE);
    assert_eq!(status("application/json", "cross-site").await, StatusCode::FORBIDDEN);
    assert_eq!(status("application/json", "same-origin").await, StatusCode::CREATED);
}

#[tokio::test]
async fn a_job_is_put_away_and_brought_back() {
    let api = Api::with_demo().await;
    let id = text(&api.demo_job().await["id"]).to_owned();
    assert_eq!(api.send("DELETE", &format!("/api/jobs/{id}"), Body::empty()).await.status, StatusCode::NO_CONTENT);
    let listed = api.get("/api/jobs").await.body;
    assert!(listed["jobs"].as_array().expect("a list").iter().all(|job| job["id"] != json!(id)));
    let away = api.get("/api/jobs?away=true").await.body;
    assert_eq!(away["jobs"].as_array().expect("a list").iter().map(|job| &job["id"]).collect::<Vec<_>>(), [&json!(id)]);
    let restored = api.send("POST", &format!("/api/jobs/{id}/restore"), Body::empty()).await;
    assert_eq!(restored.status, StatusCode::NO_CONTENT);
    let copy = api.send("POST", &format!("/api/jobs/{id}/duplicate"), Body::empty()).await;
    assert_eq!(copy.body["job"]["name"], "Ferry keeper's house at Heron Slip, copy");
}

#[tokio::test]
async fn health_says_whether_the_database_answers() {
    assert_eq!(Api::with_demo().await.get("/api/health").await.body, json!({ "database": true }));
}

#[test]
fn the_checked_in_openapi_document_is_current() {
    let kept =
        std::fs::read_to_string(sturvek_test_support::project_folder().join("openapi.json")).expect("openapi.json");
    let current = openapi_json().expect("JSON");
    assert!(kept == current, "openapi.json is out of date: run bin/generate");
}

fn wall_named<'a>(view: &'a Value, name: &str) -> &'a Value {
    let walls = view["job"]["walls"].as_array().expect("walls");
    walls.iter().find(|wall| wall["frame"]["name"] == name).expect("in the demo")
}

/// A length on the wire, in millimeters.
fn millimeters(value: &Value) -> f64 {
    value.as_i64().expect("nanometers") as f64 / 1e6
}

#[tokio::test]
async fn an_edit_is_answered_with_what_is_looked_at() {
    let api = Api::with_demo().await;
    let view = api.demo_job().await;
    let path = format!("/api/jobs/{}", text(&view["id"]));
    let wall = wall_named(&view, "Water side");
    let (wall_id, opening) = (&wall["id"], &wall["openings"][0]["id"]);
    let look = json!({ "wall": wall_id, "opening": opening });
    let chosen = json!({ "do": "move_opening", "opening": opening, "to": "5'", "measured": "center" });
    let edit = json!({ "on_version": view["version"], "command": chosen, "looking_at": look });
    let after = api.post(&format!("{path}/commands"), edit).await.body;
    let planned = api.get(&format!("{path}/walls/{}", text(wall_id))).await.body;
    assert_eq!(after["looked_at"]["wall"], planned, "the wall as it is asked for by itself");
    // Only the wall that changed comes with it, and nothing else of the job.
    let job = api.get(&path).await.body;
    assert_eq!((&after["made_of"], &after["made_at"]), (&view["made_at"], &job["made_at"]));
    assert_eq!(after["rest"], Value::Null);
    for (edited, wall) in
        after["walls"].as_array().expect("walls").iter().zip(job["job"]["walls"].as_array().expect("walls"))
    {
        let changed = edited["id"] == *wall_id;
        assert_eq!((&edited["id"], &edited["wall"]), (&wall["id"], if changed { wall } else { &Value::Null }));
    }
    let tried = api.get(&format!("{path}/openings/{}/candidates", text(opening))).await.body;
    assert_eq!(after["looked_at"]["candidates"], tried);
    assert!(3 < tried.as_array().expect("headers").len());
    let ticket = api.get(&format!("{path}/openings/{}/ticket", text(opening))).await.body;
    assert_eq!(after["looked_at"]["ticket"], ticket);
    assert!(
        ticket["snaps"].is_array() && planned["openings"][0]["snaps"].is_null(),
        "tickets are asked for one by one"
    );
    // Undo as well; and what was kept of the version before is what was planned for it.
    let back = json!({ "on_version": after["version"], "looking_at": { "wall": wall_id } });
    let back = api.post(&format!("{path}/undo"), back).await.body;
    assert_ne!(back["looked_at"]["wall"], planned);
    assert_eq!(back["looked_at"]["candidates"], Value::Null);
    // A wall that is gone is not looked at any more.
    let remove = json!({ "do": "remove_wall", "wall": wall_id });
    let gone = json!({ "on_version": back["version"], "command": remove, "looking_at": look });
    let gone = api.post(&format!("{path}/commands"), gone).await;
    assert_eq!((gone.status, &gone.body["looked_at"]), (StatusCode::OK, &Value::Null));
}

#[tokio::test]
async fn the_list_counts_again_what_has_changed() {
    let api = Api::with_demo().await;
    let listed = async || api.get("/api/jobs").await.body["jobs"][0].clone();
    let totals = async || {
        let id = listed().await["id"].clone();
        let counted = api.get(&format!("/api/jobs/{}/totals", text(&id))).await.body;
        assert_eq!(listed().await["totals"], counted, "and kept");
        counted
    };
    assert_eq!(listed().await["totals"], Value::Null, "nobody has counted");
    let before = totals().await;
    assert_eq!(before, totals().await, "counted once, then kept");
    let view = api.demo_job().await;
    let wall = wall_named(&view, "Water side");
    let remove = json!({ "do": "remove_wall", "wall": wall["id"] });
    let edit = json!({ "on_version": view["version"], "command": remove });
    api.post(&format!("/api/jobs/{}/commands", text(&view["id"])), edit).await;
    let openings = |totals: &Value| totals["openings"].as_u64().expect("a number");
    assert_eq!(openings(&before) - openings(&totals().await), 4);
}

#[tokio::test]
async fn a_wall_is_said_by_its_length_and_openings_in_millimeters() {
    let api = Api::with_demo().await;
    let view = api.demo_job().await;
    let wall = wall_named(&view, "Pantry partition");
    let say = format!("/api/jobs/{}/walls/{}/say", text(&view["id"]), text(&wall["id"]));
    let said = api.post(&say, json!({ "text": "wall 12-6" })).await.body;
    assert_eq!((said["wall"]["length"].as_i64(), &said["designs"]), (Some(3_810_000_000), &json!([])));
    let said = api.post(&say, json!({ "text": "710x2040 door @ 1500", "in_millimeters": true })).await.body;
    assert!((millimeters(&said["designs"][0]["center"]) - 1500.0).abs() < 1e-9);
    let nanometers = &said["understood"]["args"]["width"]["distance"];
    assert_eq!(nanometers, 710_000_000, "{said}");
    let said = api.post(&say, json!({ "text": "wall tell" })).await.body;
    assert!(english(&said["problem"]).contains("tell"), "{said}");
}

#[tokio::test]
async fn a_rake_wall_climbs_and_its_height_is_refused_by_name() {
    let api = Api::with_demo().await;
    let view = api.demo_job().await;
    let wall = wall_named(&view, "Net shed rake");
    let path = format!("/api/jobs/{}", text(&view["id"]));
    let planned = api.get(&format!("{path}/walls/{}", text(&wall["id"]))).await.body;
    let line: Vec<f64> = planned["top_line"].as_array().expect("points").iter().map(millimeters).collect();
    assert_eq!(line.iter().map(|at| at.round() as i64).collect::<Vec<_>>(), [0, 2400, 3600, 3000]);
    let climbs = |member: &&Value| member["climb_top"] != 0;
    assert!(planned["members"].as_array().expect("members").iter().filter(climbs).count() > 5);

    let mut frame = wall["frame"].clone();
    frame["framing"]["height_by"]["right"] = json!("40'");
    let command = json!({ "do": "change_wall", "wall": wall["id"], "frame": frame });
    let refused =
        api.post(&format!("{path}/commands"), json!({ "on_version": view["version"], "command": command })).await;
    is_problem(&refused, StatusCode::UNPROCESSABLE_ENTITY, "invalid");
    assert!(
        text(&refused.body["detail"]).contains("The rake's height at the right end is 40'-0\""),
        "{}",
        refused.body
    );
    frame["framing"]["height_by"]["right"] = json!("soon");
    let command = json!({ "do": "change_wall", "wall": wall["id"], "frame": frame });
    let refused =
        api.post(&format!("{path}/commands"), json!({ "on_version": view["version"], "command": command })).await;
    assert_eq!(pointers(&refused), ["/command/frame/framing/height_by/right"], "{}", refused.body);
    assert_eq!(api.get(&path).await.body["version"], view["version"], "nothing was kept");
}

#[tokio::test]
async fn what_changed_since_framing_is_told_until_the_mark_is_taken_back() {
    let api = Api::with_demo().await;
    let view = api.demo_job().await;
    let wall = wall_named(&view, "Pantry partition");
    let (path, opening) = (format!("/api/jobs/{}", text(&view["id"])), &wall["openings"][0]);
    let edit = async |command: Value| {
        let version = api.get(&path).await.body["version"].clone();
        let answer = api.post(&format!("{path}/commands"), json!({ "on_version": version, "command": command })).await;
        assert_eq!(answer.status, StatusCode::OK, "{}", answer.body);
    };
    let changes = async || {
        let ticket = api.get(&format!("{path}/openings/{}/ticket", text(&opening["id"]))).await.body;
        ticket["changes"].clone()
    };
    assert_eq!(changes().await, Value::Null);
    let framed = json!({ "design": opening["design"] });
    edit(json!({ "do": "mark_framed", "opening": opening["id"], "framed": framed })).await;
    assert_eq!(changes().await["out"], json!([]));
    let mut wider = opening["design"].clone();
    wider["unit_width"] = json!("32");
    edit(json!({ "do": "change_opening", "opening": opening["id"], "design": wider })).await;
    let told = changes().await;
    let length_of = |list: &str| {
        let pieces = told[list].as_array().expect("pieces");
        pieces.iter().find(|piece| piece["role"] == "flat_head").map(|piece| millimeters(&piece["length"]) / 25.4)
    };
    // Slabs of 28 and 32: rough openings of 30 and 34, with a jack at each side 33 and 37.
    assert_eq!(length_of("out").map(f64::round), Some(33.0));
    assert_eq!(length_of("new").map(f64::round), Some(37.0));
    edit(json!({ "do": "mark_framed", "opening": opening["id"], "framed": null })).await;
    assert_eq!(changes().await, Value::Null);
}
