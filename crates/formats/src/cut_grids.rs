//! The cut list and the order of a job as tables for a spreadsheet.

use sturvek_core::cutting::job_sticks::{SectionSticks, rest_of};
use sturvek_core::cutting::lists::SectionList;
use sturvek_core::cutting::pieces::CutPiece;
use sturvek_core::cutting::sticks::Saw;
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

/// The order: a row for each length of stick to buy, with what is cut from it and what is left.
pub fn order_grid(sticks: &[SectionSticks], saw: Saw, voice: Voice) -> Grid {
    let heads = [
        say!("grid-section"),
        say!("grid-treated"),
        say!("grid-count"),
        say!("grid-length", unit = unit(voice)),
        say!("grid-price"),
        say!("grid-cost"),
        say!("grid-offcuts", unit = unit(voice)),
    ];
    let mut rows = Vec::new();
    for section in sticks {
        let plan = section.plan.as_ref();
        let mut places: Vec<usize> = plan.iter().flat_map(|plan| plan.sticks.iter().map(|stick| stick.stock)).collect();
        places.sort_by_key(|place| std::cmp::Reverse(section.stock[*place].length));
        places.dedup();
        for place in places {
            let stock = section.stock[place];
            let mine = || plan.iter().flat_map(|plan| plan.sticks.iter()).filter(|stick| stick.stock == place);
            let count: u32 = mine().map(|stick| stick.count).sum();
            let offcuts = mine().map(|stick| rest_of(stick, stock.length, saw).offcut * i64::from(stick.count)).sum();
            rows.push(vec![
                Cell::Text(section.section.wood.to_string()),
                Cell::Text(if section.section.treated { voice.say(&say!("grid-yes")) } else { String::new() }),
                Cell::Count(u64::from(count)),
                number(voice, stock.length),
                Cell::Cents(stock.price.0),
                Cell::Cents((stock.price * count).0),
                number(voice, offcuts),
            ]);
        }
    }
    Grid { name: voice.say(&say!("grid-order")), heads: said(voice, heads), rows }
}
