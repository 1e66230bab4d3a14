//! What is cut, and the yard: asked, slow, closed, away, talking nonsense; whatever it does, the cut list stands.

mod support;

use std::time::Duration;

use serde_json::{Value, json};
use sturvek_server::yard::Yard;
use sturvek_server::yard::stand_in::{Behaves, app};
use sturvek_server::{ServedAs, app_over, demo, state};

/// The stand-in on a free port.
async fn stand_in(behaves: Behaves) -> String {
    support::serving(|_| app(behaves)).await
}

struct Asked {
    base: String,
    client: reqwest::Client,
    job: String,
}

impl Asked {
    /// A server with the demo's jobs that asks a yard there; of them the one that is a house in plan.
    async fn over(yard: Option<&str>) -> Self {
        let jobs = support::fresh_jobs().await;
        demo::load_once(&jobs).await.expect("the demo");
        let mut state = state(jobs);
        state.yard = yard.map(|address| Yard::at(address).expect("on this machine"));
        let base = support::serving(|address| app_over(state, ServedAs::loopback(address))).await;
        let client = reqwest::Client::new();
        let all: Value =
            client.get(format!("{base}/api/jobs")).send().await.expect("answered").json().await.expect("JSON");
        let house = |job: &&Value| job["name"].as_str().is_some_and(|name| name.contains("cottage"));
        let jobs = all["jobs"].as_array().expect("a list");
        let job = jobs.iter().find(house).expect("the house")["id"].as_str().expect("its identity").to_owned();
        Self { base, client, job }
    }

    async fn get(&self, path: &str) -> Value {
        let answer =
            self.client.get(format!("{}/api/jobs/{}{path}", self.base, self.job)).send().await.expect("answered");
        assert_eq!(answer.status(), 200, "{path}");
        answer.json().await.expect("JSON")
    }
}

fn list(value: &Value) -> &[Value] {
    value.as_array().expect("a list")
}

fn nanometers(value: &Value) -> i64 {
    value.as_i64().expect("nanometers")
}

/// How many pieces of each section a cut list has.
fn pieces(cut: &Value) -> i64 {
    let settings = list(&cut["sections"]).iter().flat_map(|section| list(&section["settings"]));
    settings.map(|setting| setting["count"].as_i64().expect("a count")).sum()
}

#[tokio::test]
async fn sticks_add_up_to_what_is_cut_and_to_what_they_cost() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let (cut, sticks) = (asked.get("/cut").await, asked.get("/sticks").await);
    assert_eq!(sticks["yard"], "Wenfold Lumber (made up)");
    assert!(sticks["problem"].is_null());
    let mut cost = 0;
    for section in list(&sticks["sections"]) {
        let of = |each: &&Value| each["section"] == section["section"];
        let wanted = list(&cut["sections"]).iter().find(of).expect("on the list");
        let total: i64 = list(&wanted["settings"])
            .iter()
            .map(|setting| nanometers(&setting["length"]) * setting["count"].as_i64().expect("a count"))
            .sum();
        let mut planned = 0;
        for stick in list(&section["sticks"]) {
            let count = stick["count"].as_i64().expect("a count");
            let cuts: i64 = list(&stick["cuts"]).iter().map(nanometers).sum();
            planned += cuts * count;
            assert_eq!(
                cuts + nanometers(&stick["kerfs"]) + nanometers(&stick["offcut"]),
                nanometers(&stick["length"]),
                "{stick}"
            );
        }
        if section["none"].is_null() && list(&section["too_long"]).is_empty() {
            assert_eq!(planned, total, "{}", section["section"]);
        }
        let bought = list(&section["buy"])
            .iter()
            .map(|buy| buy["count"].as_i64().expect("a count") * buy["price_cents"].as_i64().expect("cents"));
        assert_eq!(bought.sum::<i64>(), section["cost_cents"].as_i64().expect("cents"));
        cost += section["cost_cents"].as_i64().expect("cents");
    }
    assert!(0 < cost && sticks["cost_cents"] == cost);
    assert!(sticks["bound_cents"].as_i64() <= Some(cost) && Some(cost) <= sticks["first_fit_cents"].as_i64());
}

#[tokio::test]
async fn a_cut_list_is_of_the_house_of_a_storey_or_of_a_wall() {
    let asked = Asked::over(None).await;
    let job = asked.get("").await;
    let all = pieces(&asked.get("/cut").await);
    let mut of_walls = 0;
    for wall in list(&job["job"]["walls"]) {
        of_walls += pieces(&asked.get(&format!("/cut?wall={}", wall["id"].as_str().expect("an id"))).await);
    }
    let mut of_storeys = 0;
    for level in list(&job["job"]["house"]["levels"]) {
        of_storeys += pieces(&asked.get(&format!("/cut?level={}", level["id"].as_str().expect("an id"))).await);
    }
    assert_eq!(of_storeys, all, "every wall, beam and post stands on a storey");
    assert!(0 < of_walls && of_walls < all, "posts and beams are of no wall");
}

#[tokio::test]
async fn slow_closed_away_or_talking_nonsense_it_is_a_sentence_and_the_list_stands() {
    let nonsense = Behaves { nonsense: true, ..Behaves::default() };
    let slow = Behaves { slow: Duration::from_secs(30), ..Behaves::default() };
    let closed = Behaves { closed: true, ..Behaves::default() };
    for (yard, said) in [
        (Some(stand_in(nonsense).await), "yard-nonsense"),
        (Some(stand_in(slow).await), "yard-away"),
        (Some(stand_in(closed).await), "yard-away"),
        (Some(format!("http://127.0.0.1:{}", support::free_port().await)), "yard-away"),
        (None, "yard-none"),
    ] {
        let asked = Asked::over(yard.as_deref()).await;
        let sticks = asked.get("/sticks").await;
        assert_eq!(sticks["problem"]["id"], said);
        assert_eq!((list(&sticks["sections"]).len(), &sticks["cost_cents"]), (0, &json!(0)));
        assert!(0 < pieces(&asked.get("/cut").await));
    }
}

#[tokio::test]
async fn lists_are_had_for_a_spreadsheet() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    for (path, kind) in [("cut", "text/csv"), ("sticks", "text/csv")] {
        let address = format!("{}/api/jobs/{}/{path}/csv?language=es&units=millimeters", asked.base, asked.job);
        let answer = asked.client.get(address).send().await.expect("answered");
        assert_eq!(answer.status(), 200);
        assert!(answer.headers()["content-type"].to_str().expect("text").starts_with(kind));
        let text = answer.text().await.expect("text");
        assert!(text.starts_with("sección y grado,tratada,piezas,\"largo, milímetros\""), "{text}");
        assert!(3 < text.lines().count());
        let address = format!("{}/api/jobs/{}/{path}/xlsx", asked.base, asked.job);
        let bytes = asked.client.get(address).send().await.expect("answered").bytes().await.expect("bytes");
        assert_eq!(&bytes[..2], b"PK");
    }
    let without = Asked::over(None).await;
    let address = format!("{}/api/jobs/{}/sticks/csv", without.base, without.job);
    let answer = without.client.get(address).send().await.expect("answered");
    assert_eq!(answer.status(), 424);
    let problem: Value = answer.json().await.expect("JSON");
    assert!(problem["detail"].as_str().expect("a sentence").contains("yard"));
}
