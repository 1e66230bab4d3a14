//! The cut list of a wall: equal lengths of the same wood together, the longest first, big enough to be read from the saw. What is not
//! to be cut yet stands at its head.

use sturvek_core::cutting::lists::{SectionList, Setting, cut_list as listed};
use sturvek_core::cutting::pieces::{CutPiece, is_decided, pieces_of_wall};
use sturvek_core::framing::WallPlan;
use sturvek_core::framing::member::Minded;
use sturvek_core::job::{Job, OpeningId, Wall};
use sturvek_core::measure::Length;
use sturvek_core::say;
use sturvek_core::speech::{Argument, Phrase, distance};
use sturvek_wire::paper::{Block, Lies, Paper, Row, Side, Table, Weight};

use super::{Printed, columns, commas, cut_to, paper, part, row, text};

/// The cut list of a wall.
pub fn cut_list(job: &Job, wall: &Wall, plan: &WallPlan, printed: &Printed) -> Paper {
    let waits = plan.openings.iter().filter(|opening| !is_decided(opening)).map(|opening| {
        say!("paper-not-in-the-list", letter = opening.letter.to_string(), why = opening.verdict_phrase())
    });
    let mut blocks: Vec<Block> = waits.map(|words| text(words, Weight::Plain)).collect();
    blocks.push(text(say!("paper-cut-list-runs"), Weight::Small));
    let pieces = pieces_of_wall(wall, plan);
    for list in listed(pieces.iter().enumerate()) {
        blocks.push(part(list.section.phrase()));
        blocks.push(lengths_of(&list, &pieces, plan));
    }
    if !plan.ground.landed.solid.is_empty() {
        blocks.push(part(say!("paper-solid-floors")));
        let solid = plan.ground.landed.solid.iter().map(|solid| text(solid.phrase(), Weight::Plain));
        blocks.extend(solid);
    }
    let title = say!("paper-cut-list-of", wall = &wall.frame.name);
    paper((job, printed), title, Lies::Upright, blocks)
}

fn lengths_of(list: &SectionList, pieces: &[CutPiece], plan: &WallPlan) -> Block {
    let columns = columns([
        (say!("paper-how-many"), Side::Right),
        (say!("paper-cut-to"), Side::Name),
        (say!("paper-what-for"), Side::Left),
        (say!("paper-openings"), Side::Left),
    ]);
    let rows = list.settings.iter().map(|setting| {
        let uses = uses_of(setting, pieces);
        let is_several = 1 < uses.len();
        let mut uses: Vec<Phrase> = uses
            .into_iter()
            .map(|(what, count)| if is_several { say!("paper-so-many-of", count, what = what) } else { what })
            .collect();
        if setting.minded == Minded::TopUp {
            uses.push(say!("way-up-top"));
        }
        row([
            say!("an-amount", amount = setting.pieces.len()),
            cut_to(said(setting.length), setting.bevel),
            commas(uses),
            openings_of(setting, pieces, plan),
        ])
    });
    Block::Table(Table { columns, rows: rows.collect::<Vec<Row>>(), big: true })
}

/// What the pieces of a setting are for, and how many for each.
fn uses_of(setting: &Setting, pieces: &[CutPiece]) -> Vec<(Phrase, usize)> {
    let mut uses: Vec<(Phrase, usize)> = Vec::new();
    for place in &setting.pieces {
        let what = pieces[*place].id.for_.phrase();
        match uses.iter_mut().find(|(known, _)| *known == what) {
            Some((_, count)) => *count += 1,
            None => uses.push((what, 1)),
        }
    }
    uses
}

/// What is cut at the saw is said in inches; what is longer than a sheet, in feet.
fn said(length: Length) -> Argument {
    if length <= Length::feet(10) { length.into() } else { distance(length) }
}

/// The letters of the openings that these pieces go to.
fn openings_of(setting: &Setting, pieces: &[CutPiece], plan: &WallPlan) -> Phrase {
    let goes_to = |id: OpeningId| setting.pieces.iter().any(|place| pieces[*place].id.of.opening() == Some(id));
    let letters = plan.openings.iter().filter(|opening| goes_to(opening.id));
    let letters: Vec<Phrase> = letters.map(|opening| Phrase::verbatim(opening.letter.to_string())).collect();
    if letters.is_empty() { say!("nothing-to-say") } else { commas(letters) }
}
