//! The plate list: what is marked on the plates and on the story pole, and the pieces the plates are cut in.

use sturvek_core::framing::marks::legend;
use sturvek_core::framing::member::{Member, Role};
use sturvek_core::framing::nailing::wall_nailing;
use sturvek_core::framing::{Mark, OpeningPlan, WallPlan};
use sturvek_core::job::{Job, OpeningId, Wall};
use sturvek_core::measure::Length;
use sturvek_core::say;
use sturvek_core::speech::{Joined, Phrase, distance};
use sturvek_wire::paper::{Block, Lies, Paper, Side, Table, Weight};

use super::{Printed, columns, facts, paper, part, row, text};

/// The plate list of a wall.
pub fn plate_list(job: &Job, wall: &Wall, plan: &WallPlan, printed: &Printed) -> Paper {
    let frame = &wall.frame;
    let mut blocks = vec![
        text(
            say!("paper-wall-size", length = distance(frame.length), height = distance(frame.height())),
            Weight::Plain,
        ),
        text(say!("paper-marks-run-from-the-left"), Weight::Small),
    ];
    let meanings: Vec<[Phrase; 2]> = legend(&plan.members, &plan.marks)
        .into_iter()
        .map(|(mark, meaning)| [Phrase::verbatim(mark), meaning])
        .collect();
    if !meanings.is_empty() {
        blocks.push(facts(meanings));
    }
    blocks.push(part(say!("paper-marks")));
    if plan.marks.iter().any(|mark| mark.at != mark.at_on_top) {
        blocks.push(text(say!("paper-read-along-the-slope"), Weight::Small));
    }
    blocks.push(marks(plan));
    blocks.push(part(say!("paper-pieces-of-the-plates")));
    blocks.push(facts(pieces(wall, plan)));
    if plan.members.iter().any(|member| member.role == Role::SolePlateCutLast) {
        blocks.push(text(say!("paper-the-sole-plate-runs-through"), Weight::Small));
    }
    for opening in &plan.openings {
        blocks.push(part(say!("paper-pole-of", opening = named(opening))));
        blocks.push(pole(opening));
    }
    let nailing = wall_nailing(wall, &plan.members);
    if !nailing.is_empty() {
        blocks.push(part(say!("paper-nailing-of-the-wall")));
        let columns = columns([
            (say!("paper-joint"), Side::Name),
            (say!("paper-nails"), Side::Left),
            (say!("paper-source"), Side::Left),
        ]);
        let rows = nailing.into_iter().map(|line| row([line.joint, line.nails, line.source])).collect();
        blocks.push(Block::Table(Table { columns, rows, big: false }));
    }
    let title = say!("paper-plates-of", wall = &frame.name);
    paper((job, printed), title, Lies::Upright, blocks)
}

/// An opening by its letter and kind.
pub(super) fn named(opening: &OpeningPlan) -> Phrase {
    say!("paper-opening", letter = opening.letter.to_string(), kind = opening.design.kind.phrase())
}

/// The letter of an opening of the wall; nothing where there is none.
pub(super) fn letter_of(plan: &WallPlan, id: Option<OpeningId>) -> Phrase {
    let opening = plan.openings.iter().find(|opening| Some(opening.id) == id);
    opening.map_or_else(|| say!("nothing-to-say"), |opening| Phrase::verbatim(opening.letter.to_string()))
}

/// The marks of both plates, which are made lying together: where one plate does not carry a mark, its place is empty.
fn marks(plan: &WallPlan) -> Block {
    let columns = columns([
        (say!("paper-mark"), Side::Name),
        (say!("paper-on-the-sole-plate"), Side::Right),
        (say!("paper-on-the-top-plates"), Side::Right),
        (say!("paper-opening-column"), Side::Left),
    ]);
    let at = |place: Length, is_there: bool| {
        if is_there { say!("an-amount", amount = distance(place)) } else { say!("nothing-to-say") }
    };
    let row = |mark: &Mark| {
        let (sole, top) = (at(mark.at, mark.on.sole()), at(mark.at_on_top, mark.on.top()));
        row([Phrase::verbatim(mark.label()), sole, top, letter_of(plan, mark.opening)])
    };
    Block::Table(Table { columns, rows: plan.marks.iter().map(row).collect(), big: true })
}

/// The pieces every plate is cut in, and the anchor bolts.
fn pieces(wall: &Wall, plan: &WallPlan) -> Vec<[Phrase; 2]> {
    let roles = [Role::SolePlate, Role::TopPlate, Role::SecondTopPlate];
    let of = |role: Role| {
        let cut =
            |member: &Member| say!("paper-piece-from", cut = distance(member.cut), from = distance(member.rect.x));
        let pieces = plan.members.iter().filter(|member| member.role == role).map(cut).collect();
        [role.phrase(), Phrase::several(pieces, Joined::Semicolons)]
    };
    let mut lines: Vec<[Phrase; 2]> = roles.into_iter().map(of).collect();
    let frame = &wall.frame;
    lines.extend(frame.framing.let_downs.iter().map(|each| {
        let (from, to, top) = (distance(each.from), distance(each.to), each.top());
        let stud = frame.lowest_under_plates(each.from, each.to) - frame.thickness();
        [say!("paper-let-down"), say!("paper-let-down-is", from, to, top, stud)]
    }));
    lines.extend(frame.framing.boards.iter().map(|board| {
        let (from, to, height) = (distance(board.from), distance(board.to), board.height);
        let what =
            say!("paper-backing-is", name = &board.name, board = frame.stud_stock_of(board.board), from, to, height);
        [say!("role-backing-block"), what]
    }));
    if !plan.bolts.is_empty() {
        let bolts = plan.bolts.iter().map(|bolt| say!("an-amount", amount = distance(bolt))).collect();
        lines.push([say!("paper-anchor-bolts"), Phrase::several(bolts, Joined::Commas)]);
    }
    lines
}

/// The heights of an opening, the highest first as the pole stands.
pub(super) fn pole(opening: &OpeningPlan) -> Block {
    let columns = columns([
        (say!("paper-layer"), Side::Name),
        (say!("paper-from-the-subfloor"), Side::Right),
        (say!("paper-how-high"), Side::Right),
    ]);
    let rows = opening.stack.lines.iter().rev().map(|line| {
        row([line.what.phrase(), say!("an-amount", amount = line.from), say!("an-amount", amount = line.height)])
    });
    Block::Table(Table { columns, rows: rows.collect(), big: true })
}
