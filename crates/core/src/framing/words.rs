//! # Words
//!
//! **What it does.** The names of a wall's parts in three ways of speaking, and what else each part is called. The core speaks the
//! first way; the page says it in the way its user chose.
//!
//! **Source.** Common practice, no source: the words of regions and crews.
//!
//! **Assumptions and limits.** The letters on the plates stay X, K, J, C and P in every way of speaking: a mark that two people read
//! differently is worse than a foreign letter.

/// A part of a wall that is called differently in different places.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Part {
    /// What bridges an opening.
    Header,
    /// What stands under its ends.
    Jack,
    /// The full-height stud beside it.
    King,
    /// A short stud over or under an opening.
    Cripple,
    /// The flat piece under a window.
    Sill,
    /// The lowest plate.
    SolePlate,
    /// The upper of the top plates.
    SecondTopPlate,
    /// Pieces between studs.
    Blocking,
    /// What a crossing wall nails to.
    Channel,
    /// A stud of the layout.
    Stud,
}

/// A name, for one and for several.
pub type Name = (&'static str, &'static str);

/// A way of speaking.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Vocabulary {
    /// What it goes by, for machines.
    pub id: &'static str,
    /// What it goes by, for people.
    pub name: &'static str,
    /// What it calls each part, in the order of [`Part::ALL`].
    pub words: [Name; 10],
}

impl Part {
    /// Every part.
    pub const ALL: [Self; 10] = [
        Self::Header,
        Self::Jack,
        Self::King,
        Self::Cripple,
        Self::Sill,
        Self::SolePlate,
        Self::SecondTopPlate,
        Self::Blocking,
        Self::Channel,
        Self::Stud,
    ];

    /// What else it is called somewhere.
    pub const fn other_names(self) -> &'static [&'static str] {
        match self {
            Self::Header => &["header", "lintel", "beam"],
            Self::Jack => &["jack", "trimmer", "jamb stud", "secondary stud"],
            Self::King => &["king", "full-height stud"],
            Self::Cripple => &["cripple", "pony", "jack stud (in some countries)"],
            Self::Sill => &["sill", "sill trimmer"],
            Self::SolePlate => &["sole plate", "bottom plate"],
            Self::SecondTopPlate => &["second top plate", "cap plate", "crown plate"],
            Self::Blocking => &["blocking", "nogging", "dwang"],
            Self::Channel => &["channel", "backer", "ear"],
            Self::Stud => &["stud", "common stud"],
        }
    }
}

/// The ways of speaking; the first is the core's own.
pub const VOCABULARIES: [Vocabulary; 3] = [
    Vocabulary {
        id: "jack",
        name: "header, jack, king",
        words: [
            ("header", "headers"),
            ("jack", "jacks"),
            ("king", "kings"),
            ("cripple", "cripples"),
            ("sill", "sills"),
            ("sole plate", "sole plates"),
            ("second top plate", "second top plates"),
            ("blocking", "blocking"),
            ("channel", "channels"),
            ("stud", "studs"),
        ],
    },
    Vocabulary {
        id: "trimmer",
        name: "header, trimmer, king",
        words: [
            ("header", "headers"),
            ("trimmer", "trimmers"),
            ("king", "kings"),
            ("pony", "ponies"),
            ("sill", "sills"),
            ("bottom plate", "bottom plates"),
            ("cap plate", "cap plates"),
            ("blocking", "blocking"),
            ("backer", "backers"),
            ("stud", "studs"),
        ],
    },
    Vocabulary {
        id: "lintel",
        name: "lintel, jamb stud, full-height stud",
        words: [
            ("lintel", "lintels"),
            ("jamb stud", "jamb studs"),
            ("full-height stud", "full-height studs"),
            // In these regions a jack stud is what the others call a cripple.
            ("jack stud", "jack studs"),
            ("sill trimmer", "sill trimmers"),
            ("bottom plate", "bottom plates"),
            ("crown plate", "crown plates"),
            ("nogging", "noggings"),
            ("channel", "channels"),
            ("stud", "studs"),
        ],
    },
];

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn no_way_of_speaking_calls_two_parts_alike() {
        for vocabulary in VOCABULARIES {
            for (index, (one, _)) in vocabulary.words.iter().enumerate() {
                assert!(!vocabulary.words[index + 1..].iter().any(|(other, _)| other == one), "{one}");
            }
        }
    }

    #[test]
    fn every_word_in_use_is_among_the_parts_names() {
        for vocabulary in VOCABULARIES {
            for (part, (one, _)) in Part::ALL.into_iter().zip(vocabulary.words) {
                let known = part.other_names().iter().any(|name| name.starts_with(one));
                assert!(known, "{one}");
            }
        }
    }
}
