//! Figures are written here as the page writes them: both are held to the same file.

use serde::Deserialize;
use sturvek_core::say;
use sturvek_core::speech::Argument;
use sturvek_speech::{Units, Voice};
use sturvek_wire::speech::Argument as WireArgument;

#[derive(Deserialize)]
struct Case {
    argument: WireArgument,
    feet_and_inches: String,
    metric: String,
}

#[test]
fn figures_are_written_as_the_page_writes_them() {
    let cases: Vec<Case> = serde_json::from_str(include_str!("figures.json")).expect("cases");
    assert!(20 < cases.len());
    for Case { argument, feet_and_inches, metric } in cases {
        for (units, wanted) in [(Units::FeetAndInches, feet_and_inches), (Units::Metric, metric)] {
            let said = say!("an-amount", amount = Argument::from(argument.clone()));
            assert_eq!(Voice { units, ..Voice::default() }.say(&said), wanted, "{argument:?}");
        }
    }
}
