//! The files of the catalogs, as they ship with the program.

use rust_embed::RustEmbed;

#[derive(RustEmbed)]
#[folder = "../../catalogs"]
struct Files;

/// The names of a folder's own files, such as `en/findings.ftl`, in order.
pub fn files(folder: &str) -> Vec<String> {
    let below = |name: &str| name.strip_prefix(folder)?.strip_prefix('/').map(|rest| !rest.contains('/'));
    let mut names: Vec<String> = Files::iter().map(String::from).filter(|name| below(name) == Some(true)).collect();
    names.sort_unstable();
    names
}

/// The text of a file; empty where there is none.
pub fn text(name: &str) -> String {
    Files::get(name).map_or_else(String::new, |file| String::from_utf8_lossy(&file.data).into_owned())
}
