//! A phone on the network: it gets nothing but the page that pairs it, then everything but what is this machine's own, and nothing once
//! it is revoked.

mod support;

use std::time::Duration;

use reqwest::redirect::Policy;
use reqwest::{Certificate, Client, Method, Response, StatusCode};
use sea_orm::{ConnectionTrait, Database, DbBackend, Statement};
use serde_json::{Value, json};
use support::{free_port, start_with};
use tokio::io::{AsyncReadExt, AsyncWriteExt};
use tokio::net::TcpStream;

/// A phone's browser.
struct Phone {
    client: Client,
    site: String,
    cookie: Option<String>,
}

impl Phone {
    /// One that trusts whom a certificate names, and nobody else.
    fn trusting(certificate: &str, site: &str) -> Self {
        let root = Certificate::from_pem(certificate.as_bytes()).expect("a certificate");
        let client = Client::builder().tls_certs_only([root]).redirect(Policy::none()).build().expect("a client");
        Self { client, site: site.to_owned(), cookie: None }
    }

    async fn ask(&self, method: Method, path: &str, body: Option<Value>) -> Response {
        let mut request = self.client.request(method, format!("{}{path}", self.site));
        if let Some(cookie) = &self.cookie {
            request = request.header("cookie", cookie);
        }
        if let Some(body) = body {
            request = request.json(&body);
        }
        request.send().await.expect("an answer")
    }

    async fn get(&self, path: &str) -> Response {
        self.ask(Method::GET, path, None).await
    }

    async fn pair(&self, code: &str, name: &str) -> Response {
        self.ask(Method::POST, "/api/pairing", Some(json!({ "code": code, "name": name }))).await
    }
}

#[tokio::test(flavor = "multi_thread", worker_threads = 2)]
async fn one_pairing() {
    let database = sturvek_test_support::fresh_database().await;
    let folder = tempfile::tempdir().expect("a folder");
    let port = free_port().await;
    let folder_name = folder.path().to_str().expect("text");
    let server = start_with(&database, &["--on-site", folder_name, "--on-site-port", &port]).await;
    let here = |path: &str| format!("{}{path}", server.address);
    let json =
        async |path: &str| -> Value { reqwest::get(here(path)).await.expect("an answer").json().await.expect("JSON") };
    let certificate = reqwest::get(here("/api/site/certificate")).await.expect("an answer").text().await.expect("text");
    let code = async || json("/api/site").await["site"]["code"].as_str().expect("a code").to_owned();
    let site = format!("https://127.0.0.1:{port}");
    let mut phone = Phone::trusting(&certificate, &site);

    // Not paired.
    for path in ["/api/jobs", "/api/health", "/api/site", "/api/site/certificate", "/api/devices", "/assets/index.js"] {
        let answer = phone.get(path).await;
        assert_eq!(answer.status(), StatusCode::UNAUTHORIZED, "{path}");
        assert_eq!(answer.json::<Value>().await.expect("JSON")["type"], "sturvek:not-paired", "{path}");
    }
    let edit = json!({ "name": "Somebody's job" });
    assert_eq!(phone.ask(Method::POST, "/api/jobs", Some(edit.clone())).await.status(), StatusCode::UNAUTHORIZED);
    for path in ["/", "/jobs/1/walls/2"] {
        let answer = phone.get(path).await;
        assert_eq!(
            (answer.status().as_u16(), &answer.headers()["location"]),
            (303, &"/pairing".parse().expect("a header")),
            "{path}"
        );
    }
    let page = phone.get("/pairing").await.text().await.expect("text");
    assert!(page.contains("Pair this device"), "{page}");
    let rebound = phone.client.get(phone.site.clone()).header("host", format!("elsewhere.example:{port}")).send().await;
    assert_eq!(rebound.expect("an answer").status(), StatusCode::MISDIRECTED_REQUEST);
    let mut plain = TcpStream::connect(format!("127.0.0.1:{port}")).await.expect("a connection");
    plain.write_all(format!("GET /pairing HTTP/1.1\r\nhost: 127.0.0.1:{port}\r\n\r\n").as_bytes()).await.expect("sent");
    let mut said = Vec::new();
    let read = tokio::time::timeout(Duration::from_secs(5), plain.read_to_end(&mut said)).await;
    assert!(read.is_ok() && !String::from_utf8_lossy(&said).contains("HTTP/1.1 200"), "nothing without encryption");

    // A wrong code, the right one too soon, a name that is none, then the right one: once.
    let right = code().await;
    assert_eq!(phone.pair("AAAA-AAAA", "phone").await.status(), StatusCode::FORBIDDEN);
    let too_soon = phone.pair(&right, "phone").await;
    assert_eq!(too_soon.status(), StatusCode::TOO_MANY_REQUESTS);
    assert!(too_soon.headers().contains_key("retry-after"));
    tokio::time::sleep(Duration::from_millis(1100)).await;
    let nameless = phone.pair(&right, " ").await;
    assert_eq!(nameless.status(), StatusCode::UNPROCESSABLE_ENTITY);
    assert_eq!(nameless.json::<Value>().await.expect("JSON")["errors"][0]["pointer"], "/name");
    let paired = phone.pair(&right.to_lowercase(), "The cutter's phone").await;
    assert_eq!(paired.status(), StatusCode::NO_CONTENT);
    let cookie = paired.headers()["set-cookie"].to_str().expect("text").to_owned();
    for part in ["__Host-", "HttpOnly", "Secure", "SameSite=Lax", "Path=/"] {
        assert!(cookie.contains(part), "{cookie}");
    }
    assert_ne!(code().await, right, "it is good once");
    assert_eq!(phone.pair(&right, "another").await.status(), StatusCode::FORBIDDEN);

    // Paired: everything but what is this machine's own.
    phone.cookie = cookie.split(';').next().map(str::to_owned);
    assert_eq!(phone.get("/api/jobs").await.status(), StatusCode::OK);
    assert_eq!(phone.ask(Method::POST, "/api/jobs", Some(edit)).await.status(), StatusCode::CREATED);
    assert_eq!(phone.get("/api/site/certificate").await.text().await.expect("text"), certificate);
    let devices = json("/api/devices").await;
    assert_eq!(devices[0]["name"], "The cutter's phone");
    let device = format!("/api/devices/{}", devices[0]["id"].as_str().expect("an id"));
    for (method, path) in [(Method::GET, "/api/site"), (Method::GET, "/api/devices"), (Method::DELETE, &*device)] {
        assert_eq!(phone.ask(method, path, None).await.status(), StatusCode::FORBIDDEN, "{path}");
    }
    let token = phone.cookie.as_deref().and_then(|cookie| cookie.split_once('=')).expect("a token").1;
    let db = Database::connect(&database).await.expect("the database answers");
    let kept = Statement::from_string(DbBackend::Postgres, "select paired_device::text from paired_device");
    let kept: String = db.query_one_raw(kept).await.expect("a row").expect("a row").try_get_by_index(0).expect("text");
    assert!(!kept.contains(token), "only its hash is kept");

    // Revoked.
    let revoked = Client::new().delete(here(&device)).send().await.expect("an answer");
    assert_eq!(revoked.status(), StatusCode::NO_CONTENT);
    assert_eq!(phone.get("/api/jobs").await.status(), StatusCode::UNAUTHORIZED);
    assert_eq!(json("/api/devices").await, json!([]));
}

#[tokio::test]
async fn without_it_nothing_is_paired() {
    let server = support::start(&sturvek_test_support::fresh_database().await).await;
    let site = reqwest::get(format!("{}/api/site", server.address)).await.expect("an answer");
    assert_eq!(site.json::<Value>().await.expect("JSON"), json!({ "site": null }));
    let pair = Client::new().post(format!("{}/api/pairing", server.address));
    let answer = pair.json(&json!({ "code": "", "name": "phone" })).send().await.expect("an answer");
    assert_eq!(answer.status(), StatusCode::NOT_FOUND);
}
