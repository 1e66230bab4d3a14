//! A catalog more is taken in as well: the program carries every file of the folder.

fn main() {
    println!("cargo::rerun-if-changed=../../catalogs");
}
