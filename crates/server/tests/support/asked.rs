//! A server over the demo, asked through its own API.

use serde_json::Value;
use sturvek_server::yard::Yard;
use sturvek_server::{ServedAs, app_over, demo, state};

/// A server with the demo's jobs, and the one of them that is a house in plan.
pub struct Asked {
    /// Where it serves.
    pub base: String,
    /// Who asks it.
    pub client: reqwest::Client,
    /// The job's identity.
    pub job: String,
}

impl Asked {
    /// A server with the demo's jobs that asks a yard there; of them the one that is a house in plan.
    pub async fn over(yard: Option<&str>) -> Self {
        let jobs = super::fresh_jobs().await;
        demo::load_once(&jobs).await.expect("the demo");
        let mut state = state(jobs);
        state.yard = yard.map(|address| Yard::at(address).expect("on this machine"));
        let base = super::serving(|address| app_over(state, ServedAs::loopback(address))).await;
        let client = reqwest::Client::new();
        let all: Value =
            client.get(format!("{base}/api/jobs")).send().await.expect("answered").json().await.expect("JSON");
        let house = |job: &&Value| job["name"].as_str().is_some_and(|name| name.contains("cottage"));
        let jobs = all["jobs"].as_array().expect("a list");
        let job = jobs.iter().find(house).expect("the house")["id"].as_str().expect("its identity").to_owned();
        Self { base, client, job }
    }

    /// What it answers under a path of the job.
    pub async fn get(&self, path: &str) -> Value {
        let answer =
            self.client.get(format!("{}/api/jobs/{}{path}", self.base, self.job)).send().await.expect("answered");
        assert_eq!(answer.status(), 200, "{path}");
        answer.json().await.expect("JSON")
    }

    /// What it answers under a path of the job, whatever that is.
    pub async fn try_get(&self, path: &str) -> (u16, Value) {
        let address = format!("{}/api/jobs/{}{path}", self.base, self.job);
        let answer = self.client.get(address).send().await.expect("answered");
        (answer.status().as_u16(), answer.json().await.unwrap_or_default())
    }

    /// What it answers to what it is sent under any path.
    pub async fn post(&self, path: &str, body: &Value) -> (u16, Value) {
        let answer = self.client.post(format!("{}{path}", self.base)).json(body).send().await.expect("answered");
        let status = answer.status().as_u16();
        (status, answer.json().await.unwrap_or_default())
    }
}

/// A list of an answer.
pub fn list(value: &Value) -> &[Value] {
    value.as_array().expect("a list")
}
