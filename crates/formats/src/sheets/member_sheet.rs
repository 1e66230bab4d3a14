//! The sheet of a beam or a post of the house: what goes in, what it bears on, how hard it works, what else was tried, the working.

use sturvek_core::house::PartId;
use sturvek_core::job::Job;
use sturvek_core::measure::Force;
use sturvek_core::plan::members::{BeamPlan, Member, PostPlan};
use sturvek_core::say;
use sturvek_core::sizing::beam::sheet::beam_sheet;
use sturvek_core::sizing::beam::{SizedBeam, TriedBeam, Under};
use sturvek_core::sizing::post::sheet::post_sheet;
use sturvek_core::sizing::post::{SizedPost, TriedPost};
use sturvek_core::sizing::sheet::SheetPart;
use sturvek_core::speech::{Joined, Phrase, distance, percent};
use sturvek_wire::paper::{Block, Lies, Paper, Row, Side, Table, Weight};

use super::calculation_sheet::{checks_table, line};
use super::{Printed, columns, facts, paper, part, row, text};

/// The sheet of a beam or a post.
pub fn member_sheet(job: &Job, part: PartId, member: Member<'_>, printed: &Printed) -> Paper {
    let name = job.house.part(part).map_or_else(String::new, |part| part.name().to_owned());
    let mut blocks = vec![text(member.answer(), Weight::Answer)];
    match member {
        Member::Beam(plan) => blocks.extend(of_beam(plan)),
        Member::Post(plan) => blocks.extend(of_post(plan)),
    }
    paper((job, printed), say!("paper-member", name), Lies::Upright, blocks)
}

fn of_beam(plan: &BeamPlan) -> Vec<Block> {
    let code = plan.spec.conventions.code;
    let Ok(sized) = &plan.outcome else { return Vec::new() };
    let goes_in = sized.goes_in();
    let mut blocks = vec![
        facts(beam_ticket(sized)),
        part(say!("paper-how-hard-it-works")),
        Block::Table(checks_table(
            goes_in.checks.iter().map(|check| &check.result),
            goes_in.hardest().map(|check| check.result.kind),
            code,
        )),
        part(say!("paper-what-else-was-tried")),
        tried(sized.candidates.iter().map(|each| beam_row(each, each == goes_in))),
    ];
    blocks.extend(beam_sheet(sized).into_iter().flatten().flat_map(worked));
    blocks
}

/// What to cut, and what it lies on.
fn beam_ticket(sized: &SizedBeam) -> Vec<[Phrase; 2]> {
    let beam = sized.goes_in().beam;
    let mut lines = vec![[say!("paper-goes-in"), Phrase::verbatim(beam.name())]];
    let cuts = sized.pieces.iter().map(|piece| say!("an-amount", amount = piece.to - piece.from)).collect();
    lines.push([say!("paper-member-cut"), Phrase::several(cuts, Joined::Commas)]);
    let on = sized.spec.supports.iter().zip(&sized.on_supports).map(|(support, on)| {
        let (at, force) = (distance(support.at), Force::lbf(on.largest));
        let what = match support.under {
            Under::Post => say!("paper-on-a-post", at, force),
            Under::Wall { .. } => say!("paper-on-a-wall", at, force),
            Under::Hanger => say!("paper-in-a-hanger", at, force),
        };
        [say!("paper-lies-on"), what]
    });
    lines.extend(on);
    if 0.0 < sized.uplift {
        lines.push([say!("paper-lifted"), say!("paper-lifted-with", force = Force::lbf(sized.uplift))]);
    }
    lines
}

fn beam_row(each: &TriedBeam, goes_in: bool) -> Row {
    let why = each.hardest().map_or_else(|| say!("nothing-to-say"), |check| check.result.kind.phrase());
    tried_row(goes_in, Phrase::verbatim(each.beam.name()), each.largest_ratio(), why)
}

fn of_post(plan: &PostPlan) -> Vec<Block> {
    let Ok(sized) = &plan.outcome else { return Vec::new() };
    let SizedPost { spec, candidates, .. } = sized;
    let goes_in = sized.goes_in();
    let ticket = vec![
        [say!("paper-goes-in"), goes_in.post.phrase()],
        [say!("paper-as-high-as"), say!("an-amount", amount = spec.height)],
        [
            say!("paper-stands-on"),
            if spec.stands_on.is_some() { say!("paper-stands-on-wood") } else { say!("paper-stands-on-concrete") },
        ],
    ];
    let mut blocks = vec![
        facts(ticket),
        part(say!("paper-how-hard-it-works")),
        Block::Table(checks_table(goes_in.checks.iter(), goes_in.hardest().map(|check| check.kind), spec.code)),
        part(say!("paper-what-else-was-tried")),
        tried(candidates.iter().map(|each| post_row(each, each == goes_in))),
    ];
    blocks.extend(post_sheet(sized).into_iter().flat_map(worked));
    blocks
}

fn post_row(each: &TriedPost, goes_in: bool) -> Row {
    let why = each.hardest().map_or_else(|| say!("nothing-to-say"), |check| check.kind.phrase());
    tried_row(goes_in, each.post.phrase(), each.largest_ratio(), why)
}

fn tried_row(strong: bool, what: Phrase, ratio: f64, why: Phrase) -> Row {
    Row { strong, ..row([what, say!("an-amount", amount = percent(ratio)), why]) }
}

fn tried(rows: impl Iterator<Item = Row>) -> Block {
    let columns = columns([
        (say!("paper-tried"), Side::Name),
        (say!("paper-how-hard"), Side::Right),
        (say!("paper-hardest-in"), Side::Left),
    ]);
    Block::Table(Table { columns, rows: rows.collect(), big: false })
}

fn worked(SheetPart { title, entries }: SheetPart) -> [Block; 2] {
    [part(title), Block::Working { lines: entries.iter().map(line).collect() }]
}
