//! Every factor, check and reason says what it does and where it comes from: a rule without a source is no rule.

use std::fs;
use std::path::{Path, PathBuf};

fn rule_files() -> Vec<PathBuf> {
    let source = Path::new(env!("CARGO_MANIFEST_DIR")).join("src");
    let folders = ["lumber/factors", "sizing/header", "sizing/jacks", "sizing/kings", "sizing/schools"];
    let mut files: Vec<PathBuf> = folders
        .iter()
        .flat_map(|folder| fs::read_dir(source.join(folder)).expect(folder))
        .map(|entry| entry.expect("a file").path())
        .filter(|path| path.file_name().is_some_and(|name| name != "mod.rs"))
        .collect();
    files.push(source.join("loads/take_down.rs"));
    files.push(source.join("framing/rough_opening.rs"));
    files.push(source.join("framing/layout.rs"));
    files.push(source.join("framing/stack.rs"));
    files.sort();
    files
}

#[test]
fn every_rule_says_what_it_does_and_where_it_comes_from() {
    let files = rule_files();
    assert!(files.len() >= 20, "{files:?}");
    for path in files {
        let text = fs::read_to_string(&path).expect("readable");
        let doc: String = text.lines().take_while(|line| line.starts_with("//!")).collect::<Vec<_>>().join("\n");
        let place = path.display();
        assert!(doc.starts_with("//! # "), "{place} has no heading");
        assert!(
            doc.contains("**What it does.**") || doc.contains("**What it checks.**"),
            "{place} does not say what it does"
        );
        assert!(doc.contains("**Source.**"), "{place} names no source");
        let marked = ["from memory", "From\n//! memory", "From memory", "no source", "Statics"]
            .iter()
            .any(|mark| doc.contains(mark));
        assert!(marked, "{place} does not say whether its source was read, recalled or is practice");
    }
}
