//! The service of places: asked, slow, away, talking nonsense; whatever it does, the job keeps what it had and says a sentence.

mod support;

use std::time::Duration;

use serde_json::{Value, json};
use sturvek_server::places::Places;
use sturvek_server::places::stand_in::{Behaves, app};
use sturvek_server::{ServedAs, app_over, state};

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
    /// A server that asks places there, with one job.
    async fn over(places: Option<&str>) -> Self {
        let jobs = support::fresh_jobs().await;
        let mut state = state(jobs);
        state.places = places.map(|address| Places::at(address).expect("on this machine"));
        let base = support::serving(|address| app_over(state, ServedAs::loopback(address))).await;
        let client = reqwest::Client::new();
        let made = client.post(format!("{base}/api/jobs")).json(&json!({ "name": "Tarn" })).send().await;
        let made: Value = made.expect("answered").json().await.expect("JSON");
        let job = made["id"].as_str().expect("its identity").to_owned();
        Self { base, client, job }
    }

    async fn get(&self, path: &str) -> Value {
        let answer =
            self.client.get(format!("{}/api/jobs/{}{path}", self.base, self.job)).send().await.expect("answered");
        assert_eq!(answer.status(), 200);
        answer.json().await.expect("JSON")
    }

    async fn place(&self, name: &str) -> Value {
        self.get(&format!("/place?name={}", name.replace(' ', "%20"))).await
    }
}

fn problem(told: &Value) -> &str {
    told["problem"]["id"].as_str().unwrap_or("none")
}

#[tokio::test]
async fn a_places_figures_are_taken_over_with_their_source() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let told = asked.place("tarn hollow").await;
    assert_eq!(told["told"]["id"], "places-told", "{told}");
    let body = json!({ "on_version": 0, "command": told["command"] });
    let kept = asked.client.post(format!("{}/api/jobs/{}/commands", asked.base, asked.job)).json(&body).send().await;
    assert_eq!(kept.expect("answered").status(), 200);
    let job = asked.get("").await;
    let settings = &job["job"]["settings"];
    assert_eq!((&settings["snow"], &settings["snow_edition"]), (&json!(70.0), &json!("asce7_from22")));
    assert_eq!(settings["place"]["name"], "Tarn Hollow");
    assert!(settings["place"]["source"].as_str().expect("a source").contains("made up"));
    assert_eq!(problem(&asked.place("Nowhere at all").await), "places-unknown");
}

#[tokio::test]
async fn slow_away_or_talking_nonsense_it_is_a_sentence() {
    let nonsense = Behaves { nonsense: true, ..Behaves::default() };
    let slow = Behaves { slow: Duration::from_secs(30), ..Behaves::default() };
    for (places, said) in [
        (Some(stand_in(nonsense).await), "places-nonsense"),
        (Some(stand_in(slow).await), "places-away"),
        // Nobody listens there.
        (Some(format!("http://127.0.0.1:{}", support::free_port().await)), "places-away"),
        (None, "places-no-service"),
    ] {
        let asked = Asked::over(places.as_deref()).await;
        assert_eq!(problem(&asked.place("Gorse End").await), said);
        assert_eq!(asked.get("").await["version"], 0, "nothing of the job changed");
    }
}
