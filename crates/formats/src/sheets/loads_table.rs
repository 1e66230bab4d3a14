//! What comes down on a wall: line by line with where its width comes from, and point by point.

use sturvek_core::framing::WallPlan;
use sturvek_core::job::Wall;
use sturvek_core::loads::ByKind;
use sturvek_core::measure::{Force, Length};
use sturvek_core::say;
use sturvek_core::speech::{Phrase, distance};
use sturvek_wire::paper::{Block, Side, Table};

use super::{columns, commas, part, row};

/// A load at one place of the top plates.
pub(super) struct PointOnTop {
    name: Phrase,
    pub(super) at: Length,
    amount: ByKind<Force>,
}

/// Every load at one place, from left to right.
pub(super) fn point_loads(wall: &Wall, plan: &WallPlan) -> Vec<PointOnTop> {
    let own = wall.point_loads.iter().map(|load| (Phrase::verbatim(&load.name), load.at, load.amount));
    let down = &plan.ground.landed.down;
    let brought = down.points.iter().map(|point| (Phrase::plain(point.source), point.at, point.amount));
    let mut points: Vec<PointOnTop> =
        own.chain(brought).map(|(name, at, amount)| PointOnTop { name, at, amount }).collect();
    points.sort_by_key(|point| point.at);
    points
}

/// Both, as tables; nothing where nothing comes down.
pub(super) fn loads_table(wall: &Wall, plan: &WallPlan) -> Vec<Block> {
    let mut blocks = lines(plan);
    let points = point_loads(wall, plan);
    if !points.is_empty() {
        let columns = columns([
            (say!("paper-arrow"), Side::Name),
            (say!("paper-what-brings-it"), Side::Name),
            (say!("paper-where-on-the-wall"), Side::Right),
            (say!("paper-how-much"), Side::Left),
        ]);
        let rows = points.into_iter().zip(1_usize..).map(|(PointOnTop { name, at, amount }, number)| {
            let amounts = commas(amount.said());
            row([say!("an-amount", amount = number), name, say!("an-amount", amount = distance(at)), amounts])
        });
        blocks.push(part(say!("paper-point-loads")));
        blocks.push(Block::Table(Table { columns, rows: rows.collect(), big: false }));
    }
    blocks
}

/// What brings each load, on which area, and how much of it comes to the wall.
fn lines(plan: &WallPlan) -> Vec<Block> {
    let down = &plan.ground.landed.down;
    if down.lines.is_empty() {
        return Vec::new();
    }
    let columns = columns([
        (say!("paper-what-brings-it"), Side::Name),
        (say!("paper-kind"), Side::Left),
        (say!("paper-pressure"), Side::Right),
        (say!("paper-width"), Side::Right),
        (say!("paper-on-the-wall"), Side::Right),
    ]);
    let rows = down.lines.iter().map(|line| {
        let (pressure, width) = match line.area {
            Some((pressure, width)) => {
                (say!("an-amount", amount = pressure), say!("an-amount", amount = distance(width)))
            }
            None => (say!("nothing-to-say"), say!("nothing-to-say")),
        };
        let (start, end) = (line.at_start, line.at_end);
        let load = if line.is_even() {
            say!("an-amount", amount = start)
        } else {
            say!("from-to", before = say!("an-amount", amount = start), after = say!("an-amount", amount = end))
        };
        row([Phrase::plain(line.source), line.kind.phrase(), pressure, width, load])
    });
    vec![part(say!("paper-where-loads-come-from")), Block::Table(Table { columns, rows: rows.collect(), big: false })]
}
