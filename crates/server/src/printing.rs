//! How sheets are asked for: which, on which paper, and how their user is spoken to.

use serde::Deserialize;
use sturvek_formats::write::pdf::Size;
use sturvek_speech::{Language, Units, Vocabulary, Voice};
use utoipa::{IntoParams, ToSchema};

/// A sheet of a wall.
#[derive(Clone, Copy, Debug, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum WallSheet {
    /// Drawing, tape, pole and tickets.
    Wall,
    /// Marks on the plates and on the pole.
    Plates,
    /// What to cut.
    Cuts,
}

impl WallSheet {
    /// What its file is called.
    pub const fn file_name(self) -> &'static str {
        match self {
            Self::Wall => "wall",
            Self::Plates => "plates",
            Self::Cuts => "cut-list",
        }
    }
}

/// How a sheet is printed.
#[derive(Clone, Copy, Debug, Default, Deserialize, IntoParams)]
#[serde(default)]
#[into_params(parameter_in = Query)]
pub struct PrintQuery {
    /// On which paper.
    #[param(inline, required = false)]
    paper: PaperSize,
    /// In which language.
    #[param(inline, required = false)]
    language: PrintLanguage,
    /// In which words, where the language is English.
    #[param(inline, required = false)]
    vocabulary: PrintVocabulary,
    /// In which units.
    #[param(inline, required = false)]
    units: PrintUnits,
}

/// A size of paper.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
enum PaperSize {
    /// 8 1/2 by 11 in.
    #[default]
    Letter,
    /// 210 by 297 mm.
    A4,
}

/// A language.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
enum PrintLanguage {
    /// English.
    #[default]
    En,
    /// Spanish.
    Es,
}

/// A way of speaking English.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
enum PrintVocabulary {
    /// Header, jack, king.
    #[default]
    Jack,
    /// Header, trimmer, king.
    Trimmer,
    /// Lintel, jamb stud, full-height stud.
    Lintel,
}

/// Units.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
enum PrintUnits {
    /// Feet and inches.
    #[default]
    FeetAndInches,
    /// Millimeters.
    Millimeters,
}

impl PrintQuery {
    /// The size of paper.
    pub const fn size(&self) -> Size {
        match self.paper {
            PaperSize::Letter => Size::Letter,
            PaperSize::A4 => Size::A4,
        }
    }

    /// How the user is spoken to.
    pub const fn voice(&self) -> Voice {
        Voice {
            language: match self.language {
                PrintLanguage::En => Language::English,
                PrintLanguage::Es => Language::Spanish,
            },
            vocabulary: match self.vocabulary {
                PrintVocabulary::Jack => Vocabulary::Jack,
                PrintVocabulary::Trimmer => Vocabulary::Trimmer,
                PrintVocabulary::Lintel => Vocabulary::Lintel,
            },
            units: match self.units {
                PrintUnits::FeetAndInches => Units::FeetAndInches,
                PrintUnits::Millimeters => Units::Metric,
            },
        }
    }
}
