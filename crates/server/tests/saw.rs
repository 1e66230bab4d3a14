//! The saw: ticks are kept once, outside the job's version; what is cut is not asked for again; what changed since is said.

mod support;

use serde_json::{Value, json};
use support::start;
use uuid::Uuid;

struct Saw {
    base: String,
    job: String,
    client: reqwest::Client,
}

impl Saw {
    async fn begin() -> (Self, support::Server) {
        let server = start(&sturvek_test_support::fresh_database().await).await;
        let client = reqwest::Client::new();
        let base = server.address.clone();
        let jobs: Value =
            client.get(format!("{base}/api/jobs")).send().await.expect("answered").json().await.expect("JSON");
        let ferry = |job: &&Value| job["name"].as_str().is_some_and(|name| name.contains("Ferry"));
        let all = jobs["jobs"].as_array().expect("a list");
        let job = all.iter().find(ferry).expect("the demo")["id"].as_str().expect("its identity").to_owned();
        (Self { base, job, client }, server)
    }

    async fn get(&self, path: &str) -> Value {
        let address = format!("{}/api/jobs/{}{path}", self.base, self.job);
        let answer = self.client.get(address).send().await.expect("answered");
        assert_eq!(answer.status(), 200, "{path}");
        answer.json().await.expect("JSON")
    }

    async fn post(&self, path: &str, body: Value) -> (u16, Value) {
        let address = format!("{}/api/jobs/{}{path}", self.base, self.job);
        let answer = self.client.post(address).json(&body).send().await.expect("answered");
        let status = answer.status().as_u16();
        (status, answer.json().await.unwrap_or(Value::Null))
    }

    async fn tick(&self, device: Uuid, ticks: Vec<Value>) -> u16 {
        self.post("/ticks", json!({ "device": device, "ticks": ticks })).await.0
    }
}

/// The first setting of at least two pieces.
fn setting(saw: &Value) -> Value {
    let settings = saw["settings"].as_array().expect("a list");
    let several = |setting: &&Value| 1 < setting["pieces"].as_array().map_or(0, Vec::len);
    settings.iter().find(several).expect("one").clone()
}

fn tick(setting: &Value, piece: usize, sequence: i64) -> Value {
    json!({
        "sequence": sequence,
        "piece": setting["pieces"][piece]["piece"],
        "wood": setting["wood"],
        "treated": setting["treated"],
        "length": setting["length"],
        "bevel": setting["bevel"],
        "taken_back": false,
    })
}

fn taken_back(tick: &Value, sequence: i64) -> Value {
    let mut back = tick.clone();
    back["sequence"] = json!(sequence);
    back["taken_back"] = json!(true);
    back
}

fn cut(saw: &Value) -> i64 {
    saw["cut"].as_i64().expect("a count")
}

#[tokio::test]
async fn ticks_are_kept_once_and_no_version_is_touched() {
    let (saw, _server) = Saw::begin().await;
    let before = saw.get("/saw").await;
    let setting = setting(&before);
    let version = saw.get("").await["version"].clone();
    let (mine, yours) = (Uuid::new_v4(), Uuid::new_v4());
    let first = tick(&setting, 0, 1);
    // Sent twice, and again with the next one: a phone that did not hear the answer.
    assert_eq!(saw.tick(mine, vec![first.clone()]).await, 204);
    assert_eq!(saw.tick(mine, vec![first.clone(), tick(&setting, 1, 2)]).await, 204);
    assert_eq!(cut(&saw.get("/saw").await), 2);
    // Another phone counts under its own numbers, and takes back what it saw cut.
    assert_eq!(saw.tick(yours, vec![taken_back(&first, 1)]).await, 204);
    let after = saw.get("/saw").await;
    assert_eq!(cut(&after), 1);
    assert_eq!(after["wanted"], before["wanted"]);
    assert_eq!(saw.get("").await["version"], version);
}

#[tokio::test]
async fn two_phones_at_one_setting_made_two_pieces() {
    let (saw, _server) = Saw::begin().await;
    let setting = setting(&saw.get("/saw").await);
    for device in [Uuid::new_v4(), Uuid::new_v4()] {
        assert_eq!(saw.tick(device, vec![tick(&setting, 0, 1)]).await, 204);
    }
    let after = saw.get("/saw").await;
    assert_eq!((cut(&after), after["changed"].as_array().map(Vec::len)), (2, Some(0)));
}

#[tokio::test]
async fn what_is_cut_is_not_bought_again_and_what_changed_since_is_said() {
    let (saw, _server) = Saw::begin().await;
    let before = saw.get("/saw").await;
    let job = saw.get("").await;
    // Every ply of a header, then the opening is made an inch narrower at the desk.
    let wall = job["job"]["walls"].as_array().expect("walls").iter().find(|wall| wall["frame"]["name"] == "Water side");
    let opening = wall.expect("the wall")["openings"][0].clone();
    let mine = format!(".{}.header.", opening["id"].as_str().expect("an id"));
    let settings = before["settings"].as_array().expect("a list");
    let plies: Vec<Value> = settings
        .iter()
        .flat_map(|setting| {
            let pieces = setting["pieces"].as_array().expect("pieces");
            let of = |(_, piece): &(usize, &Value)| piece["piece"].as_str().is_some_and(|name| name.contains(&mine));
            pieces.iter().enumerate().filter(of).map(|(place, _)| tick(setting, place, 0)).collect::<Vec<_>>()
        })
        .enumerate()
        .map(|(sequence, mut tick)| {
            tick["sequence"] = json!(sequence);
            tick
        })
        .collect();
    assert!(!plies.is_empty());
    let count = plies.len();
    assert_eq!(saw.tick(Uuid::new_v4(), plies).await, 204);
    assert_eq!(cut(&saw.get("/saw").await), i64::try_from(count).expect("few"));
    let mut design = opening["design"].clone();
    design["unit_width"] = json!(design["unit_width"].as_i64().expect("nanometers") - 25_400_000);
    let command = json!({ "do": "change_opening", "opening": opening["id"], "design": design });
    let body = json!({ "on_version": job["version"], "command": command });
    let (status, answer) = saw.post("/commands", body).await;
    assert_eq!(status, 200, "{answer}");
    let after = saw.get("/saw").await;
    let changed = after["changed"].as_array().expect("a list");
    assert_eq!(changed.len(), count, "{changed:?}");
    assert!(changed.iter().all(|words| words["id"] == "saw-recut" || words["id"] == "saw-too-many"));
    assert_eq!(cut(&after), 0);
}

#[tokio::test]
async fn what_says_of_no_piece_that_it_was_cut_is_refused_and_nothing_is_kept() {
    let (saw, _server) = Saw::begin().await;
    let good = tick(&setting(&saw.get("/saw").await), 0, 1);
    for (field, value) in [
        ("piece", json!("bay.1.stud")),
        ("sequence", json!(-1)),
        ("wood", json!(" ")),
        ("length", json!(0)),
        ("length", json!(i64::MAX)),
        ("bevel", json!({ "drop": i64::MAX, "over": 1 })),
    ] {
        let mut bad = good.clone();
        bad[field] = value;
        let (status, problem) = saw.post("/ticks", json!({ "device": Uuid::new_v4(), "ticks": [good, bad] })).await;
        assert_eq!(status, 422, "{field}: {problem}");
        assert_eq!(problem["errors"][0]["pointer"], format!("/ticks/1/{field}"));
    }
    let many = vec![good.clone(); 501];
    assert_eq!(saw.tick(Uuid::new_v4(), many).await, 422);
    assert_eq!(cut(&saw.get("/saw").await), 0);
    let nowhere = Saw { job: Uuid::new_v4().to_string(), base: saw.base.clone(), client: saw.client.clone() };
    assert_eq!(nowhere.tick(Uuid::new_v4(), vec![good]).await, 404);
}
