//! The cut list of a wall: equal lengths of the same stock together, the longest first, big enough to be read from the saw.

use sturvek_core::framing::member::{Bevel, Member, Role, Stock};
use sturvek_core::framing::pieces::{Piece, pieces_of_wall};
use sturvek_core::framing::{OpeningPlan, WallPlan};
use sturvek_core::job::{Job, Wall};
use sturvek_core::measure::Length;
use sturvek_core::say;
use sturvek_core::speech::{Argument, Phrase, distance};
use sturvek_wire::paper::{Block, Lies, Paper, Row, Side, Table, Weight};

use super::{Printed, columns, commas, cut_to, paper, part, row, text};

/// Pieces of one length from one stock.
struct Alike {
    stock: Stock,
    length: Length,
    bevel: Option<Bevel>,
    /// What they are for, and how many for each.
    uses: Vec<(Role, u32)>,
}

/// The cut list of a wall.
pub fn cut_list(job: &Job, wall: &Wall, plan: &WallPlan, printed: &Printed) -> Paper {
    let mut blocks = vec![text(say!("paper-cut-list-runs"), Weight::Small)];
    for (stock, lengths) in by_stock(&plan.members) {
        blocks.push(part(stock.phrase()));
        blocks.push(lengths_of(&lengths, plan));
    }
    if !plan.ground.landed.solid.is_empty() {
        blocks.push(part(say!("paper-solid-floors")));
        let solid = plan.ground.landed.solid.iter().map(|solid| text(solid.phrase(), Weight::Plain));
        blocks.extend(solid);
    }
    let waiting: Vec<Phrase> = plan
        .openings
        .iter()
        .filter(|opening| !opening.has_numbers())
        .map(|opening| {
            say!("paper-not-in-the-list", letter = opening.letter.to_string(), why = opening.verdict_phrase())
        })
        .collect();
    blocks.extend(waiting.into_iter().map(|words| text(words, Weight::Plain)));
    let title = say!("paper-cut-list-of", wall = &wall.frame.name);
    paper((job, printed), title, Lies::Upright, blocks)
}

/// The pieces by what they are cut from, in the order of the first of each; lengths of one stock longest first.
fn by_stock(members: &[Member]) -> Vec<(Stock, Vec<Alike>)> {
    let mut stocks: Vec<(Stock, Vec<Alike>)> = Vec::new();
    for piece in pieces_of_wall(members).into_iter().filter(|piece| piece.role != Role::SolePlateCutLast) {
        let place = stocks.iter().position(|(stock, _)| *stock == piece.stock).unwrap_or_else(|| {
            stocks.push((piece.stock.clone(), Vec::new()));
            stocks.len() - 1
        });
        add(&mut stocks[place].1, piece);
    }
    for (_, lengths) in &mut stocks {
        lengths.sort_by_key(|alike| std::cmp::Reverse(alike.length));
    }
    stocks
}

fn add(lengths: &mut Vec<Alike>, piece: Piece) {
    let Piece { role, count, length, bevel, stock } = piece;
    match lengths.iter_mut().find(|alike| (alike.length, alike.bevel) == (length, bevel)) {
        Some(alike) => alike.uses.push((role, count)),
        None => lengths.push(Alike { stock, length, bevel, uses: vec![(role, count)] }),
    }
}

fn lengths_of(lengths: &[Alike], plan: &WallPlan) -> Block {
    let columns = columns([
        (say!("paper-how-many"), Side::Right),
        (say!("paper-cut-to"), Side::Name),
        (say!("paper-what-for"), Side::Left),
        (say!("paper-openings"), Side::Left),
    ]);
    let rows = lengths.iter().map(|alike| {
        let count: u32 = alike.uses.iter().map(|(_, count)| count).sum();
        let is_several = 1 < alike.uses.len();
        let uses = alike.uses.iter().map(|(role, count)| match is_several {
            true => say!("paper-so-many-of", count = *count, what = role.phrase()),
            false => role.phrase(),
        });
        row([
            say!("an-amount", amount = count),
            cut_to(said(alike.length), alike.bevel),
            commas(uses.collect()),
            openings_of(alike, plan),
        ])
    });
    Block::Table(Table { columns, rows: rows.collect::<Vec<Row>>(), big: true })
}

/// What is cut at the saw is said in inches; what is longer than a sheet, in feet.
fn said(length: Length) -> Argument {
    if length <= Length::feet(10) { length.into() } else { distance(length) }
}

/// The letters of the openings that these pieces go to.
fn openings_of(alike: &Alike, plan: &WallPlan) -> Phrase {
    let is_one = |member: &&Member| {
        member.cut == alike.length
            && member.bevel == alike.bevel
            && member.stock == alike.stock
            && alike.uses.iter().any(|(role, _)| *role == member.role)
    };
    let goes_to =
        |opening: &&OpeningPlan| plan.members.iter().filter(is_one).any(|member| member.opening == Some(opening.id));
    let letters = plan.openings.iter().filter(goes_to).map(|opening| Phrase::verbatim(opening.letter.to_string()));
    let letters: Vec<Phrase> = letters.collect();
    if letters.is_empty() { say!("nothing-to-say") } else { commas(letters) }
}
