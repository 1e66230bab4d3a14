//! # Does the wall bear?
//!
//! **What it does.** Draws the conclusion from what was looked at: in the attic (which way joists run, where they lap), above
//! (a wall or beam standing on it) and below (a girder or wall under it). What was not looked at leaves the wall bearing.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Joists lap over it: it bears, whatever else. Nothing lands on it and nothing stands on it, but a
//! girder runs below it: treated as bearing until somebody knows why the girder is there.

use crate::say;
use crate::speech::Phrase;

/// What somebody saw.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Seen {
    /// It is so.
    Yes,
    /// It is not.
    No,
    /// Nobody looked.
    #[default]
    NotLooked,
}

/// The evidence.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct BearingEvidence {
    /// Floor or ceiling joists end or lap on it.
    pub joists_land: Seen,
    /// Rafters, trusses or a ridge post land on it.
    pub roof_lands: Seen,
    /// A wall, post or beam above stands on it.
    pub stands_above: Seen,
    /// A girder, wall or footing runs below it.
    pub support_below: Seen,
}

/// What follows.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum BearingConclusion {
    /// It bears.
    Bears,
    /// It carries nothing but itself.
    CarriesNothing,
    /// Not enough is known: it is treated as bearing.
    TreatAsBearing,
}

impl BearingConclusion {
    /// In words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Bears => say!("evidence-bears"),
            Self::CarriesNothing => say!("evidence-carries-nothing"),
            Self::TreatAsBearing => say!("evidence-treat-as-bearing"),
        }
    }
}

/// The conclusion and its reasons, one sentence each.
pub fn judge(evidence: &BearingEvidence) -> (BearingConclusion, Vec<Phrase>) {
    // What is looked for; that it was seen, and that nobody looked.
    let answers = [
        (evidence.joists_land, say!("evidence-joists-land"), say!("evidence-look-for-joists")),
        (evidence.roof_lands, say!("evidence-roof-lands"), say!("evidence-look-for-a-roof")),
        (evidence.stands_above, say!("evidence-stands-above"), say!("evidence-look-above")),
    ];
    let of = |wanted: Seen| answers.iter().filter(move |(seen, ..)| *seen == wanted);
    let landing: Vec<Phrase> = of(Seen::Yes).map(|(_, found, _)| found.clone()).collect();
    if !landing.is_empty() {
        return (BearingConclusion::Bears, landing);
    }
    let mut open: Vec<Phrase> = of(Seen::NotLooked).map(|(.., look)| look.clone()).collect();
    match evidence.support_below {
        Seen::Yes => open.push(say!("evidence-support-below")),
        Seen::NotLooked => open.push(say!("evidence-look-below")),
        Seen::No => {}
    }
    if open.is_empty() {
        return (BearingConclusion::CarriesNothing, vec![say!("evidence-nothing")]);
    }
    (BearingConclusion::TreatAsBearing, open)
}

#[cfg(test)]
mod tests {
    use super::*;

    const NO: BearingEvidence = BearingEvidence {
        joists_land: Seen::No,
        roof_lands: Seen::No,
        stands_above: Seen::No,
        support_below: Seen::No,
    };

    #[test]
    fn worked_example() {
        let lap = BearingEvidence { joists_land: Seen::Yes, ..BearingEvidence::default() };
        assert_eq!(judge(&lap).0, BearingConclusion::Bears);
        let girder = BearingEvidence { support_below: Seen::Yes, ..NO };
        assert_eq!(judge(&girder).0, BearingConclusion::TreatAsBearing);
    }

    #[test]
    fn what_was_not_looked_at_leaves_it_bearing() {
        let (conclusion, reasons) = judge(&BearingEvidence::default());
        assert_eq!((conclusion, reasons.len()), (BearingConclusion::TreatAsBearing, 4));
        assert_eq!(judge(&NO).0, BearingConclusion::CarriesNothing);
    }
}
