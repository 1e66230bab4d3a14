//! A design code is one room: its clauses, its factors and its combinations are named there, and where a table of loads or a school
//! is itself the rule. Whoever sizes asks a code by plain arguments, so that another code changes nothing here.

use std::fs;
use std::path::{Path, PathBuf};

/// Where a code may be named.
const ROOMS: [&str; 6] =
    ["codes/", "loads/snow.rs", "loads/wind.rs", "sizing/kings/", "sizing/schools/", "working/mod.rs"];

/// What only a code knows: its standards, its folder, the symbols of its factors, the names of its combinations.
const OF_A_CODE: [&str; 14] = [
    "Clause::nds(",
    "Clause::asce7(",
    "asd::",
    "\"C_D\"",
    "\"C_F\"",
    "\"C_r\"",
    "\"C_L\"",
    "\"C_V\"",
    "\"C_P\"",
    "\"C_b\"",
    "\"C_M\"",
    "\"K_f\"",
    "\"D+",
    "AllowableStress",
];

/// The two that say which code is in force.
const IN_FORCE: [&str; 2] = ["job/mod.rs", "sizing/problem.rs"];

fn files_below(folder: &Path, files: &mut Vec<PathBuf>) {
    for entry in fs::read_dir(folder).expect("a folder") {
        let path = entry.expect("an entry").path();
        if path.is_dir() {
            files_below(&path, files);
        } else if path.extension().is_some_and(|ending| ending == "rs") {
            files.push(path);
        }
    }
}

/// The code of a file, without what only its tests use and without comments.
fn code_of(text: &str) -> String {
    let code = text.split("#[cfg(test)]").next().unwrap_or_default();
    let lines = code.lines().filter(|line| !line.trim_start().starts_with("//"));
    lines.collect::<Vec<_>>().join("\n")
}

#[test]
fn only_the_rooms_of_a_code_name_it() {
    let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("src");
    let mut files = Vec::new();
    files_below(&root, &mut files);
    let mut named = Vec::new();
    for file in files {
        let place = file.strip_prefix(&root).expect("below the root").to_string_lossy().into_owned();
        if ROOMS.iter().any(|room| place.starts_with(room)) {
            continue;
        }
        let code = code_of(&fs::read_to_string(&file).expect("readable"));
        for what in OF_A_CODE.iter().filter(|what| code.contains(**what)) {
            if *what != "AllowableStress" || !IN_FORCE.contains(&place.as_str()) {
                named.push(format!("{place} names {what}"));
            }
        }
    }
    assert!(named.is_empty(), "{}", named.join("\n"));
}

#[test]
fn comments_and_tests_do_not_count() {
    let code = code_of("let a = 1;\n// asd::\n#[cfg(test)]\nmod tests { use asd::values; }");
    assert!(code.contains("let a") && !code.contains("asd::"));
}
