//! The calculation sheet of a post: the same checks, run with ink.

use super::column;
use super::size::{SizedPost, crushed, on_wood};
use super::spec::BeamOnPost;
use crate::codes::CombinationIndex;
use crate::loads::ByKind;
use crate::measure::Force;
use crate::say;
use crate::sizing::header::{CheckKind, Comparison};
use crate::sizing::sheet::{check_under, ratio_step};
use crate::sizing::sheet_part::SheetPart;
use crate::speech::{Argument, Joined};
use crate::working::{Entry, Ink, Number, Silent};

/// Writes out everything behind a sized post.
pub fn post_sheet(sized: &SizedPost) -> Vec<SheetPart> {
    let (spec, chosen) = (&sized.spec, sized.goes_in());
    let loads = Argument::Phrases(spec.load.said(), Joined::Commas);
    let comes = say!("note-post-takes", loads, height = crate::speech::distance(spec.height));
    let mut parts =
        vec![SheetPart { title: say!("title-post", post = chosen.post.phrase()), entries: vec![Entry::Note(comes)] }];
    for check in &chosen.checks {
        let Some(index) = check.combination else { continue };
        let mut ink = Ink::default();
        let Some(comparison) = worked_out(&mut ink, sized, check.kind, index) else { continue };
        ratio_step(&mut ink, comparison, check.kind.clause(spec.code));
        parts.push(SheetPart { title: check_under(check.kind, index), entries: ink.into_entries() });
    }
    parts
}

fn worked_out(ink: &mut Ink, sized: &SizedPost, kind: CheckKind, index: CombinationIndex) -> Option<Comparison> {
    let (spec, post) = (&sized.spec, sized.goes_in().post);
    let combination = index.combination();
    let total = |load: &ByKind<Force>| combination.total(&load.map(|force| force.to_lbf()));
    match kind {
        CheckKind::PostColumn => {
            let capacity = column::carries(ink, spec, post, combination)?.value();
            Some(Comparison { demand: total(&spec.load), capacity })
        }
        CheckKind::PostBearing => {
            let pressed =
                |beam: &&BeamOnPost| crushed(&mut Silent, spec.code, post, beam, total(&beam.by_kind)).ratio();
            let beam = spec.beams.iter().max_by(|a, b| pressed(a).total_cmp(&pressed(b)))?;
            Some(crushed(ink, spec.code, post, beam, total(&beam.by_kind)))
        }
        CheckKind::PostPlate => Some(on_wood(ink, spec.code, post, spec.stands_on?, total(&spec.load))),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::super::{size_post, testing::under};
    use super::*;

    #[test]
    fn the_sheet_ends_in_the_same_ratios_as_the_checks() {
        let sized = size_post(under(3000.0)).expect("within limits");
        let ratios: Vec<f64> = post_sheet(&sized)
            .iter()
            .flat_map(|part| &part.entries)
            .filter_map(|entry| match entry {
                Entry::Step(step) if step.symbol == "⟨symbol-ratio⟩" => Some(step.value),
                _ => None,
            })
            .collect();
        let wanted: Vec<f64> = sized.goes_in().checks.iter().map(|check| check.ratio()).collect();
        assert_eq!(ratios.len(), wanted.len());
        assert!(ratios.iter().zip(wanted).all(|(got, wanted)| (got - wanted).abs() < 1e-12));
    }
}
