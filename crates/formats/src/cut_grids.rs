//! The cut list and the order of a job as tables for a spreadsheet.

use sturvek_core::cutting::deliveries::PlannedDelivery;
use sturvek_core::cutting::job_sticks::Allowance;
use sturvek_core::cutting::lists::SectionList;
use sturvek_core::cutting::pieces::CutPiece;
use sturvek_core::framing::member::{Bevel, Minded};
use sturvek_core::job::Job;
use sturvek_core::measure::LengthStyle;
use sturvek_core::say;
use sturvek_core::speech::Phrase;
use sturvek_speech::{Units, Voice};

use crate::grid::{Cell, Grid};

/// Lengths to a thousandth of an inch, or to a tenth of a millimeter.
const DECIMALS: (u8, u8) = (4, 1);

fn said(voice: Voice, phrases: impl IntoIterator<Item = Phrase>) -> Vec<String> {
    phrases.into_iter().map(|phrase| voice.say(&phrase)).collect()
}

/// A length as a number, in the unit of the head.
fn number(voice: Voice, length: sturvek_core::measure::Length) -> Cell {
    match voice.units {
        Units::FeetAndInches => Cell::Number(length.to_inches(), DECIMALS.0),
        Units::Metric => Cell::Number(length.to_millimeters(), DECIMALS.1),
    }
}

fn unit(voice: Voice) -> Phrase {
    match voice.units {
        Units::FeetAndInches => say!("grid-inches"),
        Units::Metric => say!("grid-millimeters"),
    }
}

/// The cut list: a row for each setting of the stop.
pub fn cut_grid(job: &Job, pieces: &[CutPiece], lists: &[SectionList], voice: Voice) -> Grid {
    let heads = [
        say!("grid-section"),
        say!("grid-treated"),
        say!("grid-count"),
        say!("grid-length", unit = unit(voice)),
        say!("grid-as-read"),
        say!("grid-bevel"),
        say!("grid-top-up"),
        say!("grid-what-for"),
        say!("grid-goes-to"),
    ];
    let yes = |is: bool| Cell::Text(if is { voice.say(&say!("grid-yes")) } else { String::new() });
    let mut rows = Vec::new();
    for list in lists {
        for setting in &list.settings {
            let mine = || setting.pieces.iter().map(|place| &pieces[*place]);
            let style = match voice.units {
                Units::FeetAndInches => LengthStyle::Inches,
                Units::Metric => LengthStyle::Millimeters,
            };
            rows.push(vec![
                Cell::Text(list.section.wood.to_string()),
                yes(list.section.treated),
                Cell::Count(setting.pieces.len() as u64),
                number(voice, setting.length),
                Cell::Text(setting.length.written(style)),
                setting.bevel.map_or(Cell::Empty, |bevel: Bevel| Cell::Number(bevel.degrees(), 1)),
                yes(setting.minded == Minded::TopUp),
                Cell::Text(voice.say(&Phrase::each_once(mine().map(|piece| piece.id.for_.phrase())))),
                Cell::Text(voice.say(&Phrase::each_once(mine().map(|piece| piece.id.of.phrase(job))))),
            ]);
        }
    }
    Grid { name: voice.say(&say!("grid-cut-list")), heads: said(voice, heads), rows }
}

/// The order: a row for each length of stick to buy of each delivery, with those on top of the plan.
pub fn order_grid(job: &Job, deliveries: &[PlannedDelivery], allowance: Allowance, voice: Voice) -> Grid {
    let heads = [
        say!("grid-section"),
        say!("grid-treated"),
        say!("grid-count"),
        say!("grid-length", unit = unit(voice)),
        say!("grid-price"),
        say!("grid-cost"),
        say!("grid-spare"),
        say!("grid-delivery"),
        say!("grid-weight"),
    ];
    let mut rows = Vec::new();
    for delivery in deliveries {
        let called = voice.say(&delivery.delivery.phrase(job));
        for section in &delivery.sections {
            let a_foot = section.wood.pounds_a_foot(job.settings.raising.moisture());
            for line in section.lines(allowance) {
                rows.push(vec![
                    Cell::Text(section.section.wood.to_string()),
                    Cell::Text(if section.section.treated { voice.say(&say!("grid-yes")) } else { String::new() }),
                    Cell::Count(u64::from(line.sticks())),
                    number(voice, line.length),
                    Cell::Cents(line.price.0),
                    Cell::Cents(line.cost().0),
                    Cell::Count(u64::from(line.spare)),
                    Cell::Text(called.clone()),
                    Cell::Number(a_foot * line.length.to_feet() * f64::from(line.sticks()), 1),
                ]);
            }
        }
    }
    Grid { name: voice.say(&say!("grid-order")), heads: said(voice, heads), rows }
}
