//! Figures are written here as the page writes them: both are held to the same file.

use serde::Deserialize;
use sturvek_core::say;
use sturvek_core::speech::Argument;
use sturvek_speech::{Units, Voice, result};
use sturvek_wire::speech::{Argument as WireArgument, QuantityUnit};

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

#[derive(Deserialize)]
struct ResultCase {
    value: Option<f64>,
    unit: QuantityUnit,
    feet_and_inches: String,
    metric: String,
}

#[test]
fn results_of_the_working_are_written_as_the_page_writes_them() {
    let cases: Vec<ResultCase> = serde_json::from_str(include_str!("results.json")).expect("cases");
    for ResultCase { value, unit, feet_and_inches, metric } in cases {
        assert_eq!(result(value, unit.into(), Units::FeetAndInches), feet_and_inches);
        assert_eq!(result(value, unit.into(), Units::Metric), metric);
    }
}
