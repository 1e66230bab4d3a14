//! The corpus that fuzzing left (`fuzz/run`), gone through again: what every reader of outside text holds to.

#[path = "../../../fuzz/src/checks.rs"]
mod checks;

use std::path::PathBuf;

fn each(corpus: &str, check: fn(&[u8])) {
    let folder = PathBuf::from(env!("CARGO_MANIFEST_DIR")).join("../../fuzz/corpus").join(corpus);
    let files = std::fs::read_dir(folder).expect("the corpus");
    let mut count = 0;
    for file in files {
        check(&std::fs::read(file.expect("a file").path()).expect("readable"));
        count += 1;
    }
    assert!(4 < count, "{count} in {corpus}");
}

#[test]
fn call_outs() {
    each("call_out", checks::call_out);
}

#[test]
fn lengths() {
    each("length", checks::length);
}

#[test]
fn tables() {
    each("table", checks::table);
}

#[test]
fn job_files() {
    each("job_file", checks::job_file);
}
