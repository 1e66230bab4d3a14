//! The wall sheet: the drawing with its tape and pole, what has to be looked at, and the ticket of every opening.

use sturvek_core::finding::Severity;
use sturvek_core::framing::WallPlan;
use sturvek_core::job::{Job, Wall};
use sturvek_core::say;
use sturvek_core::speech::distance;
use sturvek_wire::paper::{Block, Lies, Paper, Weight};

use super::loads_table::loads_table;
use super::ticket::ticket;
use super::wall_drawing::wall_drawings;
use super::{Printed, paper, part, text};

/// The wall sheet.
pub fn wall_sheet(job: &Job, wall: &Wall, plan: &WallPlan, printed: &Printed) -> Paper {
    let frame = &wall.frame;
    let mut blocks = vec![text(
        say!(
            "paper-wall-facts",
            length = distance(frame.length),
            height = distance(frame.height()),
            studs = frame.stud_stock(),
            spacing = frame.spacing,
        ),
        Weight::Plain,
    )];
    blocks.extend(wall_drawings(wall, plan).into_iter().map(Block::Drawing));
    blocks.extend(loads_table(wall, plan));
    let to_look_at: Vec<_> = plan.findings.iter().filter(|found| found.rule.severity != Severity::Note).collect();
    if !to_look_at.is_empty() {
        blocks.push(part(say!("paper-to-look-at")));
        blocks.extend(to_look_at.into_iter().map(|found| {
            let at = plan.openings.iter().find(|opening| Some(opening.id) == found.place.opening);
            let found = found.phrase.clone();
            text(
                at.map_or_else(
                    || found.clone(),
                    |at| say!("paper-found-at", letter = at.letter.to_string(), found = found.clone()),
                ),
                Weight::Plain,
            )
        }));
    }
    for opening in &plan.openings {
        blocks.extend(ticket(plan, opening));
    }
    let title = say!("paper-wall-sheet-of", wall = &frame.name);
    paper((job, printed), title, Lies::Across, blocks)
}
