//! The calculation sheet: on its first page the answer with what an inspector looks for, then the working.

use sturvek_core::codes::{CombinationIndex, DesignCode};
use sturvek_core::framing::{OpeningPlan, WallPlan, opening_sheet};
use sturvek_core::job::{Job, Wall};
use sturvek_core::loads::WallCarries;
use sturvek_core::measure::{End, Unit};
use sturvek_core::say;
use sturvek_core::sizing::header::{CheckKind, CheckResult};
use sturvek_core::sizing::sheet::SheetPart;
use sturvek_core::speech::{Phrase, decimal, percent};
use sturvek_core::working::{Entry, Step};
use sturvek_wire::paper::{Block, Formula, Lies, Paper, Row, Side, Table, WorkingLine};

use super::formula::formula;
use super::load_sketch::load_sketch;
use super::loads_table::loads_table;
use super::plate_list::named;
use super::roof_sketch::roof_sketch;
use super::ticket::{answer, answers, sized};
use super::{Printed, columns, facts, paper, part, row};

/// The calculation sheet of an opening, with the working of what the house brings there.
pub fn calculation_sheet(
    job: &Job,
    wall: &Wall,
    plan: &WallPlan,
    opening: &OpeningPlan,
    house: Vec<SheetPart>,
    printed: &Printed,
) -> Paper {
    let mut blocks = vec![answer(opening), facts(answers(opening))];
    if let Some(drawing) = load_sketch(opening) {
        blocks.push(part(say!("paper-loads-on-the-header")));
        blocks.push(Block::Drawing(drawing));
    }
    blocks.extend(checks(opening));
    let signed = [say!("paper-worked-out-by"), say!("paper-looked-over-by")];
    blocks.push(Block::Signatures { by: signed.into_iter().map(Into::into).collect() });
    blocks.extend(working(job, wall, plan, opening, house));
    let title = say!("paper-calculation-of", opening = named(opening), wall = &wall.frame.name);
    paper((job, printed), title, Lies::Upright, blocks)
}

/// How hard everything works.
fn checks(opening: &OpeningPlan) -> Vec<Block> {
    let Some(sized) = sized(opening) else { return Vec::new() };
    let code = sized.problem.conventions.code;
    let hardest = sized.evaluation.hardest().map(|check| check.kind);
    let mut table = checks_table(sized.evaluation.checks.iter(), hardest, code);
    let packs = End::BOTH.into_iter().map(|end| {
        let pack = sized.evaluation.packs.at(end);
        let load = say!("an-amount", amount = decimal(pack.largest_load, Unit::Pounds, 0));
        let needed =
            pack.needed.map_or_else(|| say!("paper-no-number-is-enough"), |needed| say!("paper-needs-jacks", needed));
        let none = || say!("nothing-to-say");
        row([say!("paper-pack-at", end), load, needed, none(), none(), none()])
    });
    table.rows.extend(packs);
    vec![part(say!("paper-how-hard-it-works")), Block::Table(table)]
}

/// Checks with demand, capacity and clause, the one that works hardest standing out.
pub(super) fn checks_table<'a>(
    checks: impl Iterator<Item = &'a CheckResult>,
    hardest: Option<CheckKind>,
    code: DesignCode,
) -> Table {
    let columns = columns([
        (say!("paper-check"), Side::Name),
        (say!("paper-demand"), Side::Right),
        (say!("paper-capacity"), Side::Right),
        (say!("paper-how-hard"), Side::Right),
        (say!("paper-combination"), Side::Left),
        (say!("paper-clause"), Side::Left),
    ]);
    let rows = checks.map(|check| Row {
        strong: Some(check.kind) == hardest,
        ..row([
            check.kind.phrase(),
            amount(check, check.comparison.demand),
            amount(check, check.comparison.capacity),
            say!("an-amount", amount = percent(check.ratio())),
            CombinationIndex::said(check.combination),
            check.kind.clause(code).phrase(),
        ])
    });
    Table { columns, rows: rows.collect(), big: false }
}

fn amount(check: &CheckResult, value: f64) -> Phrase {
    let unit = check.kind.unit();
    let decimals = match check.kind {
        CheckKind::LiveDeflection | CheckKind::TotalDeflection | CheckKind::DoorSag => 3,
        CheckKind::Width | CheckKind::Depth | CheckKind::Sideways => 2,
        _ => 0,
    };
    // A king that buckles by itself is bent beyond all bounds: no number says that, as no percentage does.
    if !value.is_finite() {
        return say!("an-amount", amount = percent(value));
    }
    say!("an-amount", amount = decimal(value, unit, decimals))
}

/// The working: the roofs in section, where each load comes from, then part by part what was computed.
fn working(job: &Job, wall: &Wall, plan: &WallPlan, opening: &OpeningPlan, house: Vec<SheetPart>) -> Vec<Block> {
    let Ok(parts) = opening_sheet(&job.rules(), wall, &plan.ground, opening) else { return Vec::new() };
    let mut blocks = vec![Block::NewPage];
    if let WallCarries::Framing(carried) = &wall.carries {
        let roofs = carried.iter().filter_map(|item| roof_sketch(item, &job.settings.site, wall.frame.length));
        let roofs: Vec<Block> = roofs.map(Block::Drawing).collect();
        if !roofs.is_empty() {
            blocks.push(part(say!("paper-roofs-in-section")));
            blocks.extend(roofs);
        }
    }
    blocks.extend(loads_table(wall, plan));
    for SheetPart { title, entries } in house.into_iter().chain(parts) {
        blocks.push(part(title));
        blocks.push(Block::Working { lines: entries.iter().map(line).collect() });
    }
    blocks
}

/// Working as it is set.
pub fn working_lines(entries: &[Entry]) -> Vec<WorkingLine> {
    entries.iter().map(line).collect()
}

pub(super) fn line(entry: &Entry) -> WorkingLine {
    match entry {
        Entry::Note(words) => WorkingLine::Note { words: words.into() },
        Entry::Step(step) => {
            let Step { what, symbol, formula: symbols, figures, value, unit, clause } = step;
            let mut sides: Vec<Formula> = vec![formula(symbol), formula(symbols)];
            if figures != symbols {
                sides.push(formula(figures));
            }
            WorkingLine::Step {
                what: Phrase::plain(what).into(),
                sides,
                value: Some(*value).filter(|value| value.is_finite()),
                unit: (*unit).into(),
                clause: clause.phrase().into(),
            }
        }
    }
}
