//! The code tables' basis against cells of IRC 2018/2021 Tables R602.7(1) and R602.7(2), recalled from memory before the
//! basis was known. Agreement wanted: every span within an inch, jacks in all cells but one.

use serde_json::Value;
use sturvek_formats::header_table::table;

/// `8-5/2`: span in feet-inches, jacks.
fn cell(text: &str) -> (i64, u8) {
    let (span, jacks) = text.split_once('/').expect("span/jacks");
    let (feet, inches) = span.split_once('-').expect("feet-inches");
    (12 * feet.parse::<i64>().expect("feet") + inches.parse::<i64>().expect("inches"), jacks.parse().expect("jacks"))
}

#[test]
fn every_recalled_cell_is_within_an_inch() {
    let recalled: Value = serde_json::from_slice(include_bytes!("data/spans_recalled.json")).expect("JSON");
    let (mut cells, mut exact, mut other_jacks) = (0, 0, 0);
    for part in ["exterior", "interior"] {
        for (block, content) in recalled[part].as_object().expect("blocks") {
            let computed = table(block).expect("a known block");
            for (header, wanted) in content["cells"].as_object().expect("cells") {
                let rows: Vec<_> = computed.rows.iter().filter(|row| row.header == *header).collect();
                let wanted = wanted.as_array().expect("a row");
                assert_eq!(rows.len(), wanted.len(), "{block} {header}");
                for (row, text) in rows.iter().zip(wanted) {
                    let (span, jacks) = cell(text.as_str().expect("a cell"));
                    assert!((row.span_in - span).abs() <= 1, "{block} {header}: {row:?}, wanted {span}");
                    cells += 1;
                    exact += i32::from(row.span_in == span);
                    other_jacks += i32::from(row.jacks != jacks);
                }
            }
        }
    }
    assert!(cells > 400 && exact * 100 >= cells * 95, "{exact} of {cells} exact");
    assert!(other_jacks <= 1, "{other_jacks} cells differ in jacks");
}

#[test]
fn an_unknown_block_lists_the_known_ones() {
    let error = table("attic").expect_err("no such block").to_string();
    assert!(error.contains("\"attic\"") && error.contains("roof_ceiling") && error.contains("two_floors"), "{error}");
}
