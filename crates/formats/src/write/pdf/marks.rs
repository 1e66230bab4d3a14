//! What is put on a page, and the pieces of a page that stay whole.

use super::faces::Heft;
#[cfg(test)]
use super::faces::width;

/// Something on the page; places are points from the upper left corner of its slab.
#[derive(Clone, Debug, PartialEq)]
pub(super) enum Mark {
    Text {
        at: [f32; 2],
        text: String,
        size: f32,
        heft: Heft,
        turned: bool,
    },
    Line {
        from: [f32; 2],
        to: [f32; 2],
        thick: f32,
        dashed: bool,
    },
    /// An area with an edge; `None` is seen through.
    Area {
        corners: Vec<[f32; 2]>,
        shade: Option<f32>,
    },
}

impl Mark {
    pub(super) fn text(at: [f32; 2], text: impl Into<String>, size: f32, heft: Heft) -> Self {
        Self::Text { at, text: text.into(), size, heft, turned: false }
    }

    pub(super) fn moved(self, by: [f32; 2]) -> Self {
        let to = |[x, y]: [f32; 2]| [x + by[0], y + by[1]];
        match self {
            Self::Text { at, text, size, heft, turned } => Self::Text { at: to(at), text, size, heft, turned },
            Self::Line { from, to: end, thick, dashed } => Self::Line { from: to(from), to: to(end), thick, dashed },
            Self::Area { corners, shade } => Self::Area { corners: corners.into_iter().map(to).collect(), shade },
        }
    }

    /// For tests: the box around it: left, top, right, bottom.
    #[cfg(test)]
    pub(super) fn reach(&self) -> [f32; 4] {
        let around = |points: &[[f32; 2]]| {
            let start = [f32::INFINITY, f32::INFINITY, f32::NEG_INFINITY, f32::NEG_INFINITY];
            points.iter().fold(start, |[left, top, right, bottom], [x, y]| {
                [left.min(*x), top.min(*y), right.max(*x), bottom.max(*y)]
            })
        };
        match self {
            Self::Text { at: [x, y], text, size, heft, turned: false } => {
                [*x, y - 0.76 * size, x + width(text, *size, *heft), y + 0.24 * size]
            }
            Self::Text { at: [x, y], text, size, heft, turned: true } => {
                [x - 0.76 * size, y - width(text, *size, *heft), x + 0.24 * size, *y]
            }
            Self::Line { from, to, .. } => around(&[*from, *to]),
            Self::Area { corners, .. } => around(corners),
        }
    }
}

/// Where in the document's structure something belongs.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Belongs {
    /// To a node of the tree.
    To(usize),
    /// To nothing that is read out: a rule, a head that is repeated.
    Nothing,
}

/// A piece of a page that stays whole.
#[derive(Clone, Debug, Default, PartialEq)]
pub(super) struct Slab {
    pub(super) height: f32,
    /// Whether what follows stands on the same page.
    pub(super) keeps_next: bool,
    /// Whether a new page begins with it.
    pub(super) starts_page: bool,
    pub(super) parts: Vec<(Belongs, Vec<Mark>)>,
    /// Set on the top of the page where a page begins with this slab: the head of its table.
    pub(super) head: Option<usize>,
}

/// What a node of the document's structure is.
#[derive(Clone, Debug, PartialEq)]
pub(super) enum Kind {
    Heading(u8, String),
    Paragraph,
    Table,
    Row,
    HeadCell,
    NameCell,
    Cell,
    Figure(String),
    Formula(String),
}

/// A node of the document's structure, with its parent.
#[derive(Clone, Debug, PartialEq)]
pub(super) struct Node {
    pub(super) kind: Kind,
    pub(super) parent: Option<usize>,
}
