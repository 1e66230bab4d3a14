//! The page and its files, carried in the binary.

use axum::http::{StatusCode, Uri, header};
use axum::response::{IntoResponse, Response};
use rust_embed::RustEmbed;

use crate::problem::{NoSuch, Problem};

#[derive(RustEmbed)]
#[folder = "../../web/dist"]
struct Page;

/// A file of the page, or the page itself for an address of one of its screens.
pub async fn serve(uri: Uri) -> Response {
    let path = uri.path().trim_start_matches('/');
    if let Some(file) = Page::get(path) {
        let kind = mime_guess::from_path(path).first_or_octet_stream();
        let cache = if path.starts_with("assets/") { "public, max-age=31536000, immutable" } else { "no-cache" };
        return ([(header::CONTENT_TYPE, kind.as_ref()), (header::CACHE_CONTROL, cache)], file.data).into_response();
    }
    // A missing file is missing; only a screen's address gets the page.
    if path.starts_with("assets/") || path.contains('.') {
        return Problem::not_found(NoSuch::Address).into_response();
    }
    match Page::get("index.html") {
        Some(page) => {
            let headers = [(header::CONTENT_TYPE, "text/html; charset=utf-8"), (header::CACHE_CONTROL, "no-cache")];
            (headers, page.data).into_response()
        }
        None => (StatusCode::NOT_FOUND, "The page has not been built: run bin/start.").into_response(),
    }
}
