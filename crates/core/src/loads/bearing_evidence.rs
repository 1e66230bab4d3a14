//! # Does the wall bear?
//!
//! **What it does.** Draws the conclusion from what was looked at: in the attic (which way joists run, where they lap), above
//! (a wall or beam standing on it) and below (a girder or wall under it). What was not looked at leaves the wall bearing.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Joists lap over it: it bears, whatever else. Nothing lands on it and nothing stands on it, but a
//! girder runs below it: treated as bearing until somebody knows why the girder is there.

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
    pub const fn words(self) -> &'static str {
        match self {
            Self::Bears => "It bears",
            Self::CarriesNothing => "It carries nothing",
            Self::TreatAsBearing => "Treat it as bearing",
        }
    }
}

/// One question: what is looked for, and where.
const QUESTIONS: [(&str, &str); 3] = [
    ("joists end or lap on it", "look in the attic or from below which way the joists run and where they lap"),
    ("rafters, trusses or a ridge post land on it", "look in the attic where the roof comes down"),
    ("a wall, post or beam above stands on it", "measure whether a wall or post of the storey above stands over it"),
];

/// The conclusion and its reasons, one sentence each.
pub fn judge(evidence: &BearingEvidence) -> (BearingConclusion, Vec<String>) {
    let seen = [evidence.joists_land, evidence.roof_lands, evidence.stands_above];
    let answers = || QUESTIONS.iter().zip(seen);
    let landing: Vec<String> =
        answers().filter(|(_, seen)| *seen == Seen::Yes).map(|((what, _), _)| format!("It bears: {what}.")).collect();
    if !landing.is_empty() {
        return (BearingConclusion::Bears, landing);
    }
    let mut open: Vec<String> = answers()
        .filter(|(_, seen)| *seen == Seen::NotLooked)
        .map(|((what, look), _)| format!("Nobody looked whether {what}: {look}."))
        .collect();
    match evidence.support_below {
        Seen::Yes => open.push("Something below holds it up: find out why before it is taken for a partition.".into()),
        Seen::NotLooked => open.push("Nobody looked for a girder or a wall below it: look in the basement.".into()),
        Seen::No => {}
    }
    if open.is_empty() {
        let why = "Nothing lands on it, nothing stands on it, and nothing holds it up from below.";
        return (BearingConclusion::CarriesNothing, vec![why.into()]);
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
