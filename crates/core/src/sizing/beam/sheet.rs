//! The calculation sheet of a beam: the same checks, run with ink.

use super::bearing;
use super::size::{BeamCheck, SizedBeam};
use super::spec::{BeamPiece, HeldEdges, bridge};
use crate::codes::CombinationIndex;
use crate::measure::Force;
use crate::say;
use crate::sizing::bridge::{Bridge, KnownSpans};
use crate::sizing::header::CheckKind;
use crate::sizing::limits::OutsideLimits;
use crate::sizing::sheet::{check_part, check_under, ratio_step, section_steps};
use crate::sizing::sheet_loads::load_along;
use crate::sizing::sheet_part::SheetPart;
use crate::speech::{Argument, Joined, distance};
use crate::working::{Entry, Ink, Pen};

/// Writes out everything behind a sized beam.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn beam_sheet(sized: &SizedBeam) -> Result<Vec<SheetPart>, OutsideLimits> {
    let chosen = sized.goes_in();
    let mut parts = Vec::new();
    let mut section = Ink::default();
    section_steps(&mut section, chosen.beam);
    section.note(|| match sized.spec.held {
        HeldEdges::None => say!("note-beam-is-free"),
        HeldEdges::Upper => say!("note-beam-is-held"),
        HeldEdges::Both => say!("note-beam-is-held-at-both-edges"),
    });
    section.note(|| say!("note-beam-is-dry"));
    parts.push(SheetPart { title: say!("title-beam", beam = chosen.beam.name()), entries: section.into_entries() });
    for (place, piece) in sized.pieces.iter().enumerate() {
        let own: Vec<&BeamCheck> = chosen.checks.iter().filter(|check| check.piece == place).collect();
        if own.is_empty() {
            continue;
        }
        let bridge = bridge(piece, chosen.beam, &mut KnownSpans::default())?;
        parts.push(spans_part(sized, piece));
        let bending = own.iter().find(|check| check.result.kind == CheckKind::Bending);
        if let Some(index) = bending.and_then(|check| check.result.combination) {
            parts.push(load_along(&bridge, index.combination()));
        }
        parts.extend(own.iter().filter_map(|check| worked_out(sized, piece, &bridge, check)));
    }
    parts.push(supports_part(sized));
    Ok(parts)
}

/// The same as one list, each part under its title.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn beam_entries(sized: &SizedBeam) -> Result<Vec<Entry>, OutsideLimits> {
    let under_its_title = |part: SheetPart| std::iter::once(Entry::Note(part.title)).chain(part.entries);
    Ok(beam_sheet(sized)?.into_iter().flat_map(under_its_title).collect())
}

fn spans_part(sized: &SizedBeam, piece: &BeamPiece) -> SheetPart {
    let at =
        sized.spec.supports[piece.supports.clone()].iter().map(|support| say!("a-place", at = distance(support.at)));
    let supports = Argument::Phrases(at.collect(), Joined::Commas);
    let (from, to) = (distance(piece.from), distance(piece.to));
    SheetPart {
        title: say!("title-piece", from, to),
        entries: vec![Entry::Note(say!("note-piece-supports", supports))],
    }
}

fn worked_out(sized: &SizedBeam, piece: &BeamPiece, bridge: &Bridge<'_>, check: &BeamCheck) -> Option<SheetPart> {
    let result = &check.result;
    let index = result.combination?;
    if result.kind != CheckKind::BeamBearing {
        return check_part(bridge, result, index);
    }
    let places = piece.supports.clone().filter_map(|support| bearing::worst(&sized.spec, piece, bridge, support));
    let pressed =
        |place: &bearing::OnWall, load: f64| bearing::compare(&mut crate::working::Silent, bridge, place, load);
    let (place, load, _) = places.max_by(|a, b| pressed(&a.0, a.1).ratio().total_cmp(&pressed(&b.0, b.1).ratio()))?;
    let mut ink = Ink::default();
    ink.note(|| say!("note-beam-bears-at", at = distance(place.at)));
    let comparison = bearing::compare(&mut ink, bridge, &place, load);
    ratio_step(&mut ink, comparison, result.kind.clause(sized.spec.conventions.code));
    Some(SheetPart { title: check_under(result.kind, index), entries: ink.into_entries() })
}

/// What it presses its supports with.
fn supports_part(sized: &SizedBeam) -> SheetPart {
    let code = sized.spec.conventions.code;
    let said = sized.spec.supports.iter().zip(&sized.on_supports).map(|(support, on)| {
        let pounds = on.by_kind.map(|force| force.to_lbf());
        let most = code.strength().iter().max_by(|a, b| a.total(&pounds).total_cmp(&b.total(&pounds)));
        let combination = CombinationIndex::said(most.map(|most| most.index));
        let loads = Argument::Phrases(on.by_kind.said(), Joined::Commas);
        Entry::Note(say!(
            "note-beam-presses",
            at = distance(support.at),
            loads,
            force = Force::lbf(on.largest),
            combination
        ))
    });
    SheetPart { title: say!("title-on-its-supports"), entries: said.collect() }
}
