//! The page's folder has to exist for the server to be built; the page in it may come later.

fn main() {
    let dist = std::path::Path::new(env!("CARGO_MANIFEST_DIR")).join("../../web/dist");
    if let Err(error) = std::fs::create_dir_all(&dist) {
        println!("cargo::warning=web/dist cannot be made: {error}");
    }
    println!("cargo::rerun-if-changed={}", dist.display());
}
