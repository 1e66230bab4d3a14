#![no_main]
#[path = "../checks.rs"]
#[allow(dead_code)]
mod checks;

libfuzzer_sys::fuzz_target!(|bytes: &[u8]| checks::job_file(bytes));
