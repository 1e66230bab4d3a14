//! What is printed: the wall sheet, the plate list with its pole, the cut list, the calculation sheet. Each is a [`Paper`], made from
//! the plan of the job; nothing here computes anything of the trade.

mod calculation_sheet;
mod cut_list;
mod formula;
mod ink;
mod load_sketch;
mod loads_table;
mod member_sheet;
mod plate_list;
mod roof_sketch;
mod ticket;
mod wall_drawing;
mod wall_sheet;

use sturvek_core::framing::member::Bevel;
use sturvek_core::job::Job;
use sturvek_core::measure::Unit;
use sturvek_core::plan::JobPlan;
use sturvek_core::plan::house_working::house_working;
use sturvek_core::say;
use sturvek_core::speech::{Argument, Joined, Phrase, decimal};
use sturvek_wire::paper::{Block, Column, Head, Lies, Row, Side, Table, Weight};

pub use calculation_sheet::{calculation_sheet, working_lines};
pub use cut_list::cut_list;
pub use member_sheet::member_sheet;
pub use plate_list::plate_list;
pub use sturvek_wire::paper::Paper;
pub use wall_sheet::wall_sheet;

/// What is printed of a job: which version, and of which day.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Printed {
    /// The version of the job; `None` where it was read from a file.
    pub version: Option<i64>,
    /// The day: year, month, day.
    pub date: String,
}

/// Every sheet of every wall of a job, in the order in which they are worked by.
pub fn sheets_of(plan: &JobPlan, printed: &Printed) -> Vec<Paper> {
    let job = plan.job();
    let mut papers = Vec::new();
    for (wall, planned) in plan.walls() {
        papers.push(wall_sheet(job, wall, planned, printed));
        papers.push(plate_list(job, wall, planned, printed));
        papers.push(cut_list(job, wall, planned, printed));
        let calculated = planned.openings.iter().map(|opening| {
            let house = house_working(plan, opening.id);
            calculation_sheet(job, wall, planned, opening, house, printed)
        });
        papers.extend(calculated);
    }
    papers.extend(plan.members().map(|(part, member)| member_sheet(job, part, member, printed)));
    papers
}

fn head(job: &Job, printed: &Printed) -> Head {
    let of = &job.particulars;
    let code = [&of.adopted_code, &of.edition].into_iter().filter(|text| !text.is_empty());
    Head {
        job: job.name.clone(),
        address: of.address.clone(),
        permit: of.permit.clone(),
        code: code.map(String::as_str).collect::<Vec<_>>().join(", "),
        answers_for_it: of.answers_for_it.clone(),
        version: printed.version,
        date: printed.date.clone(),
    }
}

/// A sheet with the job's head and the usual caution.
fn paper((job, printed): (&Job, &Printed), title: Phrase, lies: Lies, blocks: Vec<Block>) -> Paper {
    Paper { title: title.into(), head: head(job, printed), lies, caution: say!("paper-caution").into(), blocks }
}

fn commas(said: Vec<Phrase>) -> Phrase {
    Phrase::several(said, Joined::Commas)
}

/// A length to cut, with the saw's angle where its end is not square.
fn cut_to(length: impl Into<Argument>, bevel: Option<Bevel>) -> Phrase {
    let length = length.into();
    match bevel {
        Some(bevel) => {
            say!("paper-length-at-an-angle", length = length, degrees = decimal(bevel.degrees(), Unit::None, 1))
        }
        None => say!("an-amount", amount = length),
    }
}

fn part(words: Phrase) -> Block {
    Block::Heading { words: words.into() }
}

fn text(words: impl Into<sturvek_wire::speech::Phrase>, weight: Weight) -> Block {
    Block::Text { words: words.into(), weight }
}

fn row<const CELLS: usize>(cells: [Phrase; CELLS]) -> Row {
    Row { cells: cells.into_iter().map(Into::into).collect(), strong: false }
}

fn columns<const COLUMNS: usize>(columns: [(Phrase, Side); COLUMNS]) -> Vec<Column> {
    columns.into_iter().map(|(words, side)| Column { words: Some(words.into()), side }).collect()
}

/// Facts with their names.
fn facts(rows: Vec<[Phrase; 2]>) -> Block {
    let column = |side| Column { words: None, side };
    let columns = vec![column(Side::Name), column(Side::Left)];
    Block::Table(Table { columns, rows: rows.into_iter().map(row).collect(), big: false })
}
