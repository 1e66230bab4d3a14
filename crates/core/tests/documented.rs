//! Every factor, check and reason says what it does and where it comes from: a rule without a source is no rule. A file is one by its
//! heading.

use std::fs;
use std::path::{Path, PathBuf};

/// Every source file with what its first comment says.
fn documents() -> Vec<(PathBuf, String)> {
    let mut files = Vec::new();
    below(&Path::new(env!("CARGO_MANIFEST_DIR")).join("src"), &mut files);
    let read = |path: PathBuf| {
        let text = fs::read_to_string(&path).expect("readable");
        let document: Vec<&str> = text.lines().take_while(|line| line.starts_with("//!")).collect();
        (path, document.join("\n"))
    };
    files.into_iter().map(read).collect()
}

fn below(folder: &Path, files: &mut Vec<PathBuf>) {
    for entry in fs::read_dir(folder).expect("a folder") {
        let path = entry.expect("an entry").path();
        if path.is_dir() {
            below(&path, files);
        } else if path.file_stem().is_some_and(|stem| stem != "mod" && stem != "tests") {
            files.push(path);
        }
    }
}

#[test]
fn every_rule_says_what_it_does_and_where_it_comes_from() {
    let rules: Vec<(PathBuf, String)> =
        documents().into_iter().filter(|(_, document)| document.starts_with("//! # ")).collect();
    assert!(60 <= rules.len(), "{} rules", rules.len());
    for (path, document) in rules {
        let place = path.display();
        assert!(
            document.contains("**What it does.**") || document.contains("**What it checks.**"),
            "{place} does not say what it does"
        );
        assert!(document.contains("**Source.**"), "{place} names no source");
        let marked = [
            "from memory",
            "From\n//! memory",
            "From memory",
            "no source",
            "Statics",
            "Elementary statics",
            "The same checks",
        ]
        .iter()
        .any(|mark| document.contains(mark));
        assert!(marked, "{place} does not say whether its source was read, recalled or is practice");
    }
}

/// In these folders every file is a rule.
#[test]
fn checks_and_reasons_have_a_heading() {
    for (path, document) in documents() {
        let folder = path.parent().expect("a folder");
        let of_rules = ["lumber/factors", "sizing/header", "sizing/jacks", "sizing/kings", "sizing/schools"];
        if of_rules.iter().any(|rules| folder.ends_with(rules)) {
            assert!(document.starts_with("//! # "), "{} has no heading", path.display());
        }
    }
}
