//! An opening's ticket on paper: the answer, and every length to cut for it.

use sturvek_core::framing::opening_plan::SizedHeader;
use sturvek_core::framing::pieces::pieces_of;
use sturvek_core::framing::why_so_many::{jacks_because, king_reason_governs};
use sturvek_core::framing::{OpeningOutcome, OpeningPlan, WallPlan};
use sturvek_core::measure::{End, Length};
use sturvek_core::say;
use sturvek_core::speech::{Joined, Phrase, distance};
use sturvek_wire::paper::{Block, Row, Side, Table, Weight};

use super::plate_list::named;
use super::{columns, cut_to, facts, part, row, text};

/// The ticket of an opening.
pub(super) fn ticket(plan: &WallPlan, opening: &OpeningPlan) -> Vec<Block> {
    let mut blocks = vec![part(named(opening)), answer(opening), facts(answers(opening))];
    let pieces = pieces_of(opening.id, &plan.members);
    if !pieces.is_empty() {
        let columns = columns([
            (say!("paper-how-many"), Side::Right),
            (say!("paper-cut-to"), Side::Name),
            (say!("paper-what-for"), Side::Left),
            (say!("paper-cut-from"), Side::Left),
        ]);
        let rows = pieces.into_iter().map(|piece| {
            row([
                say!("an-amount", amount = piece.count),
                cut_to(piece.length, piece.bevel),
                piece.role.phrase(),
                piece.stock.phrase(),
            ])
        });
        blocks.push(Block::Table(Table { columns, rows: rows.collect::<Vec<Row>>(), big: true }));
    }
    blocks
}

/// Verdict and reason.
pub(super) fn answer(opening: &OpeningPlan) -> Block {
    let words = say!("paper-verdict", verdict = opening.verdict_phrase(), sentence = opening.sentence.clone());
    text(words, Weight::Answer)
}

/// The header that goes in.
pub(super) fn sized(opening: &OpeningPlan) -> Option<&SizedHeader> {
    match &opening.outcome {
        OpeningOutcome::Header(sized) => Some(sized),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
    }
}

/// Header, packs, place and size.
pub(super) fn answers(opening: &OpeningPlan) -> Vec<[Phrase; 2]> {
    let mut lines = Vec::new();
    if let Some(header) = opening.header() {
        let cut = opening.header_length();
        lines.push([say!("stack-header"), say!("paper-header-cut", header = header.name(), cut)]);
    }
    if opening.has_numbers() {
        lines.extend(End::BOTH.into_iter().map(|end| [say!("paper-pack-at", end), pack(opening, end)]));
    }
    lines.push([
        say!("paper-rough-opening"),
        say!("paper-rough", width = opening.rough.width, height = opening.rough.height),
    ]);
    lines.push([
        say!("paper-where-it-stands"),
        say!(
            "paper-from-the-left-end",
            left = distance(opening.left()),
            center = distance(opening.design.center),
            right = distance(opening.right()),
        ),
    ]);
    let head: Length = opening.stack.head();
    lines.push([say!("paper-heights"), say!("paper-sill-and-head", bottom = opening.bottom, head)]);
    lines
}

/// Jacks and kings of one end, with what sets them.
fn pack(opening: &OpeningPlan, end: End) -> Phrase {
    let (jacks, kings) = (*opening.jacks.at(end), opening.kings_framed(end));
    let counted = opening.kings.at(end);
    let mut because: Vec<Phrase> = Vec::new();
    // Every reason asks for one at least: only what asks for more is worth saying.
    if let Some(sized) = sized(opening).filter(|_| 1 < jacks) {
        because.extend(
            jacks_because(sized, end).iter().filter(|each| each.governs).map(|each| each.count.reason.phrase()),
        );
    }
    if 1 < kings {
        let governing = counted.reasons.iter().filter(|each| king_reason_governs(counted, each));
        because.extend(governing.map(|each| each.by.phrase()));
    }
    let decided = [opening.decided_jacks.at(end), &counted.decided];
    because.extend(decided.into_iter().flatten().map(|decided| Phrase::verbatim(&decided.reason)));
    let mut said: Vec<Phrase> = Vec::new();
    because.retain(|reason| {
        let is_new = !said.contains(reason);
        said.push(reason.clone());
        is_new
    });
    if because.is_empty() {
        say!("paper-pack", jacks, kings)
    } else {
        say!("paper-pack-because", jacks, kings, because = Phrase::several(because, Joined::Semicolons))
    }
}
