//! How long the request takes that sizes a wall: through the router, the database and the JSON.
//! Needs the test cluster. Run: `cargo bench -p sturvek-server --bench request`.

use axum::body::{Body, to_bytes};
use axum::http::Request;
use criterion::{Criterion, criterion_group, criterion_main};
use serde_json::{Value, json};
use sturvek_server::{ServedAs, app, demo};
use sturvek_store::{Jobs, connect_with, migrate};
use tower::ServiceExt;

fn request(criterion: &mut Criterion) {
    let runtime = tokio::runtime::Runtime::new().expect("a runtime");
    let router = runtime.block_on(async {
        let db = connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("the database answers");
        migrate(&db).await.expect("the migrations apply");
        let jobs = Jobs::new(db);
        demo::load_once(&jobs).await.expect("loaded");
        app(jobs, ServedAs::hosts(["localhost"], 80))
    });
    let send = async |method: &str, path: &str, body: Body| {
        let request = Request::builder()
            .method(method)
            .uri(path)
            .header("host", "localhost")
            .header("content-type", "application/json");
        let response = router.clone().oneshot(request.body(body).expect("a request")).await.expect("an answer");
        assert!(response.status().is_success());
        to_bytes(response.into_body(), usize::MAX).await.expect("a body")
    };
    let read = |bytes: &[u8]| serde_json::from_slice::<Value>(bytes).expect("JSON");
    let jobs = runtime.block_on(send("GET", "/api/jobs", Body::empty()));
    let id = read(&jobs)["jobs"][0]["id"].as_str().expect("id").to_owned();
    let job = read(&runtime.block_on(send("GET", &format!("/api/jobs/{id}"), Body::empty())));
    let wall = &job["job"]["walls"][0];
    let path = format!("/api/jobs/{id}/walls/{}", wall["id"].as_str().expect("id"));
    criterion.bench_function("GET a wall of four openings, sized", |bench| {
        bench.iter(|| runtime.block_on(send("GET", &path, Body::empty())));
    });
    let command =
        json!({ "do": "move_opening", "opening": wall["openings"][0]["id"], "to": "5-0", "measured": "center" });
    let body = json!({ "command": command }).to_string();
    let preview = format!("{path}/preview");
    criterion.bench_function("POST a preview of a move", |bench| {
        bench.iter(|| runtime.block_on(send("POST", &preview, Body::from(body.clone()))));
    });
}

criterion_group!(benches, request);
criterion_main!(benches);
