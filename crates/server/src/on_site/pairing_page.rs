//! The page that pairs a device: all that one gets which is not paired.

use axum::http::{HeaderMap, HeaderValue, header};
use axum::response::{IntoResponse, Response};
use sturvek_core::say;
use sturvek_speech::{Language, Voice};

const PAGE: &str = include_str!("pairing.html");
const STYLE: &str = include_str!("pairing.css");
const SCRIPT: &str = include_str!("pairing.js");

/// A file of the page, by its path; `None` where there is none.
pub fn file(path: &str, headers: &HeaderMap) -> Option<Response> {
    let (kind, text) = match path {
        "/pairing" => ("text/html; charset=utf-8", page(language(headers))),
        "/pairing/pairing.css" => ("text/css; charset=utf-8", STYLE.to_owned()),
        "/pairing/pairing.js" => ("text/javascript; charset=utf-8", SCRIPT.to_owned()),
        _ => return None,
    };
    let headers = [(header::CONTENT_TYPE, kind), (header::CACHE_CONTROL, "no-store")];
    Some((headers.map(|(name, value)| (name, HeaderValue::from_static(value))), text).into_response())
}

/// The language that a browser asks for first, of those that there are.
fn language(headers: &HeaderMap) -> Language {
    let asked = headers.get(header::ACCEPT_LANGUAGE).and_then(|asked| asked.to_str().ok()).unwrap_or("");
    let mut tags = asked.split(',').map(|asked| asked.split([';', '-']).next().unwrap_or("").trim());
    tags.find_map(|tag| Language::ALL.into_iter().find(|language| language.tag().eq_ignore_ascii_case(tag)))
        .unwrap_or_default()
}

/// The page in a language.
fn page(language: Language) -> String {
    let voice = Voice { language, ..Voice::default() };
    let texts = [
        ("pair", say!("pairing-pair-this-device")),
        ("why", say!("pairing-why")),
        ("code", say!("pairing-code")),
        ("name", say!("pairing-name")),
        ("named", say!("pairing-name-to-begin-with")),
        ("go", say!("pairing-go")),
        ("silent", say!("page-server-does-not-answer")),
    ];
    texts.into_iter().fold(PAGE.replace("{lang}", language.tag()), |page, (place, said)| {
        page.replace(&format!("{{{place}}}"), &escaped(&voice.say(&said)))
    })
}

/// Text as it stands in HTML.
fn escaped(text: &str) -> String {
    text.replace('&', "&amp;").replace('<', "&lt;").replace('>', "&gt;").replace('"', "&quot;")
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_page_speaks_what_the_browser_asks_for() {
        let in_language = |asked: &str| {
            let mut headers = HeaderMap::new();
            headers.insert(header::ACCEPT_LANGUAGE, asked.parse().expect("a header"));
            language(&headers)
        };
        assert_eq!(in_language("es-MX,es;q=0.9,en;q=0.8"), Language::Spanish);
        assert_eq!(in_language("fr, es;q=0.5"), Language::Spanish);
        assert_eq!((in_language("de"), language(&HeaderMap::new())), (Language::English, Language::English));
        for language in Language::ALL {
            let page = page(language);
            assert!(!page.contains('{') && !page.contains("pairing-"), "every place is filled: {page}");
        }
    }
}
