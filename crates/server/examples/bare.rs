//! The least that could answer a wall: a handler of the same framework that holds the bytes and compresses them alike. The server's throughput is held
//! against it: `cargo run --release -p sturvek-server --example bare -- http://127.0.0.1:4860 4899`, then `node e2e/crowd.mjs` on both in turns.

use std::collections::HashMap;
use std::sync::Arc;

use axum::Router;
use axum::extract::State;
use axum::http::{StatusCode, Uri, header};
use axum::response::{IntoResponse, Response};
use bytes::Bytes;
use serde_json::Value;
use tokio::net::TcpListener;
use tower_http::CompressionLevel;
use tower_http::compression::CompressionLayer;

type Failure = Box<dyn std::error::Error>;

#[tokio::main]
async fn main() -> Result<(), Failure> {
    let _ = rustls::crypto::ring::default_provider().install_default();
    let mut arguments = std::env::args().skip(1);
    let (Some(server), Some(port)) = (arguments.next(), arguments.next()) else {
        return Err("which server, and on which port?".into());
    };
    let get = async |path: &str| -> Result<Bytes, Failure> {
        Ok(reqwest::get(format!("{server}{path}")).await?.error_for_status()?.bytes().await?)
    };
    let jobs = get("/api/jobs?named=Ferry").await?;
    let text = |value: &Value| value.as_str().map(str::to_owned).ok_or("an id is missing");
    let id = text(&serde_json::from_slice::<Value>(&jobs)?["jobs"][0]["id"])?;
    let job = get(&format!("/api/jobs/{id}")).await?;
    let wall = text(&serde_json::from_slice::<Value>(&job)?["job"]["walls"][0]["id"])?;
    let path = format!("/api/jobs/{id}/walls/{wall}");
    let answers = HashMap::from([
        ("/api/jobs".to_owned(), jobs),
        (format!("/api/jobs/{id}"), job),
        (path.clone(), get(&path).await?),
    ]);
    let app = Router::new()
        .fallback(held)
        .with_state(Arc::new(answers))
        .layer(CompressionLayer::new().quality(CompressionLevel::Fastest));
    let listener = TcpListener::bind(format!("127.0.0.1:{port}")).await?;
    println!("The answers are held at http://127.0.0.1:{port}");
    Ok(axum::serve(listener, app).await?)
}

async fn held(State(answers): State<Arc<HashMap<String, Bytes>>>, uri: Uri) -> Response {
    match answers.get(uri.path()) {
        Some(answer) => ([(header::CONTENT_TYPE, "application/json")], answer.clone()).into_response(),
        None => StatusCode::NOT_FOUND.into_response(),
    }
}
