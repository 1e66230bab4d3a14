//! Findings: what is wrong or worth knowing about a framed wall. Each has its place, its numbers and ways out.

use crate::job::OpeningId;
use crate::measure::{End, Length, LengthStyle};

/// How much a finding matters.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Severity {
    /// Cannot be built or must not be.
    Trouble,
    /// Look at it before cutting.
    Caution,
    /// Worth knowing.
    Note,
}

/// A finding.
#[derive(Clone, Debug, PartialEq)]
pub enum Finding {
    /// The opening with its pack reaches past the wall's end.
    PastTheEnd {
        /// Which opening.
        opening: OpeningId,
        /// At which end of the wall.
        end: End,
        /// By how much.
        by: Length,
    },
    /// Two openings' packs share wood.
    PacksOverlap {
        /// The opening at the left.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// The header is deeper than its room.
    HeaderTooDeep {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// A cripple too short to nail.
    CrippleTooShort {
        /// Which opening.
        opening: OpeningId,
        /// Its length.
        length: Length,
    },
    /// The opening is taller than the wall.
    OpeningTooTall {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// Somebody decided on fewer studs than are needed.
    FewerThanNeeded {
        /// Which opening.
        opening: OpeningId,
        /// At which end.
        end: End,
        /// `jacks` or `kings`.
        what: &'static str,
        /// How many there are.
        decided: u8,
        /// How many are needed.
        needed: u8,
    },
    /// A rule asks for more than the arithmetic.
    RuleAsksForMore {
        /// Which opening.
        opening: OpeningId,
        /// At which end.
        end: End,
        /// By the rule.
        rule: u8,
        /// By arithmetic.
        arithmetic: u8,
    },
    /// The code's table, which governs, takes a header that calculation does not.
    CalculationDisagrees {
        /// Which opening.
        opening: OpeningId,
    },
    /// The lumber's grade was assumed.
    GradeAssumed {
        /// Which opening.
        opening: OpeningId,
    },
    /// A support of the header is lifted.
    Uplift {
        /// Which opening.
        opening: OpeningId,
        /// With so many pounds.
        pounds: u32,
    },
    /// The wall beside a big door is short, and has to brace the front.
    ShortReturn {
        /// Which opening.
        opening: OpeningId,
        /// At which end of it.
        end: End,
        /// How long the wall is there.
        length: Length,
    },
    /// Little is left of a notched jack.
    DeepNotch {
        /// Which opening.
        opening: OpeningId,
        /// What is left beside the header.
        left: Length,
    },
    /// A crossing wall meets this one in the opening or its pack.
    PartitionInTheWay {
        /// Which opening.
        opening: OpeningId,
        /// Where the crossing wall is.
        at: Length,
        /// How far to move the opening so that its pack is clear of it; away from it.
        by: Length,
    },
    /// The pack stands in the studs of a corner.
    PackInCorner {
        /// Which opening.
        opening: OpeningId,
        /// At which end of the wall.
        end: End,
        /// By how much.
        by: Length,
    },
    /// The code's king table ends below this width.
    NoKingCount {
        /// Which opening.
        opening: OpeningId,
    },
}

/// Finished with a nail: the least cripple.
pub const SHORTEST_CRIPPLE: Length = Length::inches_and(1, 1, 2);

impl Finding {
    /// Which opening it is about.
    pub const fn opening(&self) -> OpeningId {
        match self {
            Self::PastTheEnd { opening, .. }
            | Self::PacksOverlap { opening, .. }
            | Self::HeaderTooDeep { opening, .. }
            | Self::CrippleTooShort { opening, .. }
            | Self::OpeningTooTall { opening, .. }
            | Self::FewerThanNeeded { opening, .. }
            | Self::RuleAsksForMore { opening, .. }
            | Self::CalculationDisagrees { opening }
            | Self::GradeAssumed { opening }
            | Self::Uplift { opening, .. }
            | Self::ShortReturn { opening, .. }
            | Self::DeepNotch { opening, .. }
            | Self::PartitionInTheWay { opening, .. }
            | Self::PackInCorner { opening, .. }
            | Self::NoKingCount { opening } => *opening,
        }
    }

    /// How much it matters.
    pub const fn severity(&self) -> Severity {
        match self {
            Self::RuleAsksForMore { .. } | Self::GradeAssumed { .. } => Severity::Note,
            Self::NoKingCount { .. }
            | Self::CalculationDisagrees { .. }
            | Self::Uplift { .. }
            | Self::ShortReturn { .. }
            | Self::DeepNotch { .. } => Severity::Caution,
            _ => Severity::Trouble,
        }
    }

    /// What it is, in a sentence.
    pub fn sentence(&self) -> String {
        let inches = |length: &Length| length.written(LengthStyle::Inches);
        match self {
            Self::PastTheEnd { end, by, .. } => {
                format!("The pack reaches {} past the wall's {} end.", inches(by), end.word())
            }
            Self::PacksOverlap { by, .. } => {
                format!("Its pack and the next opening's overlap by {}.", inches(by))
            }
            Self::HeaderTooDeep { by, .. } => format!("The header is {} deeper than the room over the head.", inches(by)),
            Self::CrippleTooShort { length, .. } => {
                format!("The cripple over the header would be {}: too short to nail.", inches(length))
            }
            Self::OpeningTooTall { by, .. } => format!("The opening is {} taller than the wall allows.", inches(by)),
            Self::FewerThanNeeded { end, what, decided, needed, .. } => {
                format!("{decided} {what} at the {} end, {needed} needed.", end.word())
            }
            Self::RuleAsksForMore { end, rule, arithmetic, .. } => {
                format!("A rule asks for {rule} jacks at the {} end; arithmetic asks for {arithmetic}.", end.word())
            }
            Self::CalculationDisagrees { .. } => {
                "The code's table takes this header; by calculation it does not carry. Confirm in the adopted code.".into()
            }
            Self::GradeAssumed { .. } => "The grade is not known: No.2 Spruce-Pine-Fir is assumed.".into(),
            Self::Uplift { pounds, .. } => format!("A support of the header is lifted with up to {pounds} lb: tie it down."),
            Self::ShortReturn { end, length, .. } => format!(
                "The wall at its {} end is {} long and has to brace the front: the bracing plan decides.",
                end.word(),
                inches(length)
            ),
            Self::DeepNotch { left, .. } => format!("The notch leaves {} of the jack beside the header.", inches(left)),
            Self::PartitionInTheWay { at, by, .. } => format!(
                "A crossing wall at {} stands in the opening or its pack; {} would clear it.",
                at.written(LengthStyle::FeetInches),
                inches(by)
            ),
            Self::PackInCorner { end, by, .. } => {
                format!("The pack stands {} in the studs of the {} corner.", inches(by), end.word())
            }
            Self::NoKingCount { .. } => {
                "The code's table counts no kings for an opening this wide: the approved drawings or an engineer decide."
                    .into()
            }
        }
    }

    /// What can be done about it.
    pub const fn ways_out(&self) -> &'static [&'static str] {
        match self {
            Self::PastTheEnd { .. } => &["Move the opening away from the end.", "Make the opening narrower."],
            Self::PacksOverlap { .. } => &["Move one of the two.", "Frame both under one header."],
            Self::HeaderTooDeep { .. } => {
                &["Choose a shallower header.", "Lower the head.", "Leave out the flat nailer, if there is one."]
            }
            Self::CrippleTooShort { .. } => &[
                "Choose a deeper or a shallower header.",
                "Hang it tight to the plates and pack the head down.",
                "Change the head height.",
            ],
            Self::OpeningTooTall { .. } => &["Lower the sill.", "Use a shorter unit."],
            Self::FewerThanNeeded { .. } => &["Go back to the computed count."],
            Self::RuleAsksForMore { .. } => &[],
            Self::PartitionInTheWay { .. } => &["Move the opening clear of the wall.", "Move the crossing wall."],
            Self::PackInCorner { .. } => {
                &["Move the opening away from the corner.", "Build the corner with two studs."]
            }
            Self::CalculationDisagrees { .. } => &["Choose the header that calculation asks for."],
            Self::GradeAssumed { .. } => &["Look for a grade stamp, or have the lumber graded."],
            Self::Uplift { .. } => &["Shorten what runs past the pack.", "Show the tie-down to an engineer."],
            Self::ShortReturn { .. } => &[
                "Run the header over the return to the corner, with straps and the nailing grid that the code prints.",
                "Move the opening away from the corner.",
            ],
            Self::DeepNotch { .. } => &["Use a jack of its own under the header.", "Use a header as wide as the wall."],
            Self::NoKingCount { .. } => &["Decide a count with the reason, from the drawings."],
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn trouble_always_offers_a_way_out() {
        let opening = OpeningId(1);
        let by = Length::inches(1);
        for finding in [
            Finding::PastTheEnd { opening, end: End::Left, by },
            Finding::PacksOverlap { opening, by },
            Finding::HeaderTooDeep { opening, by },
            Finding::CrippleTooShort { opening, length: by },
            Finding::OpeningTooTall { opening, by },
            Finding::FewerThanNeeded { opening, end: End::Left, what: "jacks", decided: 1, needed: 2 },
        ] {
            assert_eq!(finding.severity(), Severity::Trouble);
            assert!(!finding.ways_out().is_empty() && finding.sentence().ends_with('.'));
        }
    }
}
