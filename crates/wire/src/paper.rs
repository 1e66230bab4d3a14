//! One model of paper: headings, facts, tables, working, drawings. The page shows it, the PDF is written from it. It is in no
//! language yet: whoever shows it says its phrases.

use serde::Serialize;
use utoipa::ToSchema;

use crate::speech::{Phrase, QuantityUnit};

/// A sheet of paper, or as many as it takes.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
pub struct Paper {
    /// What it is.
    pub title: Phrase,
    /// What stands at the head of every page.
    pub head: Head,
    /// Which way the pages lie.
    pub lies: Lies,
    /// What has to be minded by whoever works by it; at the foot of every page.
    pub caution: Phrase,
    /// What stands on it, in order.
    pub blocks: Vec<Block>,
}

/// Which way a page lies.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Lies {
    /// Its short side is its width.
    Upright,
    /// Its long side is its width.
    Across,
}

/// What stands at the head of every page. What nobody said is empty.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize, ToSchema)]
pub struct Head {
    /// The job.
    pub job: String,
    /// Where it is built.
    pub address: String,
    /// The number of its permit.
    pub permit: String,
    /// The adopted code and its edition.
    pub code: String,
    /// Who answers for the work.
    pub answers_for_it: String,
    /// The version of the job; left out where it was read from a file.
    pub version: Option<i64>,
    /// The day: that version's, or the one on which it was printed; year, month, day.
    pub date: String,
}

/// Something that stands on paper.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
#[serde(tag = "block", rename_all = "snake_case")]
pub enum Block {
    /// A heading; what follows stands on the same page.
    Heading {
        /// Its words.
        words: Phrase,
    },
    /// A paragraph.
    Text {
        /// Its words.
        words: Phrase,
        /// How it stands out.
        weight: Weight,
    },
    /// A table, or facts with their names.
    Table(Table),
    /// Working.
    Working {
        /// Its lines.
        lines: Vec<WorkingLine>,
    },
    /// A drawing.
    Drawing(Drawing),
    /// Lines to sign on.
    Signatures {
        /// Who signs.
        by: Vec<Phrase>,
    },
    /// What follows begins on a new page.
    NewPage,
}

/// How words stand out.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Weight {
    /// As the answer that is looked for.
    Answer,
    /// As most.
    Plain,
    /// As a remark.
    Small,
}

/// A table; its rows stay whole where a page ends.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
pub struct Table {
    /// Its columns; the head is left out where no column has words.
    pub columns: Vec<Column>,
    /// Its rows: a cell for every column.
    pub rows: Vec<Row>,
    /// Whether it is read from where one cuts.
    pub big: bool,
}

/// A column of a table.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
pub struct Column {
    /// What stands in it.
    pub words: Option<Phrase>,
    /// Where its cells stand.
    pub side: Side,
}

/// Where a cell's words stand.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Side {
    /// At the left.
    Left,
    /// At the right: figures.
    Right,
    /// At the left, and bold: what names the row.
    Name,
}

/// A row of a table.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
pub struct Row {
    /// Its cells.
    pub cells: Vec<Phrase>,
    /// Whether it is the one that decides.
    pub strong: bool,
}

/// A line of working.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
#[serde(tag = "line", rename_all = "snake_case")]
pub enum WorkingLine {
    /// A computed step.
    Step {
        /// What is computed.
        what: Phrase,
        /// What is equal, one after another: symbol, formula, the formula in figures.
        sides: Vec<Formula>,
        /// The result; left out where it is beyond all bounds.
        value: Option<f64>,
        /// Its unit.
        unit: QuantityUnit,
        /// Where the rule comes from.
        clause: Phrase,
    },
    /// A remark.
    Note {
        /// The remark.
        words: Phrase,
    },
}

/// A formula as it is set.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
#[serde(tag = "is", rename_all = "snake_case")]
pub enum Formula {
    /// A figure.
    Figure {
        /// Its digits.
        text: String,
    },
    /// A letter with what stands below and after it: `F`, `b`, `'`.
    Symbol {
        /// The letter.
        letter: String,
        /// What stands below; empty where nothing does.
        below: String,
        /// Primes.
        after: String,
    },
    /// Words in place of a symbol.
    Words {
        /// The words.
        words: Phrase,
    },
    /// A sign between others: `+`, `·`.
    Sign {
        /// The sign.
        text: String,
    },
    /// One after another.
    Row {
        /// In order.
        #[schema(no_recursion)]
        of: Vec<Formula>,
    },
    /// A fraction.
    Fraction {
        /// Over the bar.
        #[schema(no_recursion)]
        over: Box<Formula>,
        /// Under it.
        #[schema(no_recursion)]
        under: Box<Formula>,
    },
    /// To a power.
    Power {
        /// What is raised.
        #[schema(no_recursion)]
        base: Box<Formula>,
        /// To what.
        #[schema(no_recursion)]
        exponent: Box<Formula>,
    },
    /// In parentheses.
    Group {
        /// What stands in them.
        #[schema(no_recursion)]
        of: Box<Formula>,
    },
    /// A root.
    Root {
        /// Of what.
        #[schema(no_recursion)]
        of: Box<Formula>,
    },
    /// The larger or smaller of several: `min(a, b)`.
    Call {
        /// Its name.
        name: String,
        /// Of what.
        #[schema(no_recursion)]
        of: Vec<Formula>,
    },
}

/// A drawing on paper. Places are points (1/72 in.) from its upper left corner.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
pub struct Drawing {
    /// What it shows, for who does not see it.
    pub about: Phrase,
    /// Its width.
    pub width: f64,
    /// Its height.
    pub height: f64,
    /// What is drawn, from the bottom up.
    pub shapes: Vec<Shape>,
}

/// Something that is drawn.
#[derive(Clone, Debug, PartialEq, Serialize, ToSchema)]
#[serde(tag = "shape", rename_all = "snake_case")]
pub enum Shape {
    /// A line.
    Line {
        /// From here.
        from: [f64; 2],
        /// To here.
        to: [f64; 2],
        /// How thick.
        thick: f64,
        /// Whether it is dashed.
        dashed: bool,
    },
    /// An area with an edge.
    Area {
        /// Its corners.
        corners: Vec<[f64; 2]>,
        /// How dark it is inside, 0 for paper, 1 for ink; left out where one sees through.
        shade: Option<f64>,
    },
    /// Words.
    Text {
        /// Where their base line starts, is in the middle, or ends.
        at: [f64; 2],
        /// Which of these.
        stands: Stands,
        /// The words.
        words: Phrase,
        /// Their size.
        size: f64,
        /// Whether they are bold.
        bold: bool,
        /// Whether they are read from below upward.
        turned: bool,
    },
}

/// Which end of words stands at a place.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Stands {
    /// Their start.
    Start,
    /// Their middle.
    Middle,
    /// Their end.
    End,
}
