//! Paper as PDF: tagged, its faces embedded, its drawings as vectors, black on white. It is held to PDF/UA-1 and PDF/A-2a by the
//! library that writes it. Every page has a head with what it belongs to and which page it is of how many, and a foot with what has to
//! be minded.

mod drawn;
mod error;
mod faces;
mod lines;
mod marks;
mod pages;
mod set_formula;
mod slabs;

use sturvek_core::say;
use sturvek_core::speech::Phrase;
use sturvek_speech::Voice;
use sturvek_wire::paper::{Head, Lies, Paper};

use drawn::{Document, Page};
pub use error::PdfError;
use faces::{Heft, width};
use lines::lines;
use marks::{Kind, Mark, Node};
use pages::{Placed, pages};
use slabs::Slabs;

/// A size of paper.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum Size {
    /// 8 1/2 by 11 in.
    #[default]
    Letter,
    /// 210 by 297 mm.
    A4,
}

const MARGIN: f32 = 36.0;
const FOOT: f32 = 30.0;
const TITLE: f32 = 14.0;
const SMALL: f32 = 8.5;
/// From the top of the page to the first line under the title, from one line to the next, and from the last one to what stands below.
const UNDER_TITLE: f32 = 27.0;
const LINE: f32 = 11.0;
const UNDER_HEAD: f32 = 14.0;

impl Size {
    /// Width and height of a page that lies so, points.
    pub const fn page(self, lies: Lies) -> (f32, f32) {
        let (short, long) = match self {
            Self::Letter => (612.0, 792.0),
            Self::A4 => (595.28, 841.89),
        };
        match lies {
            Lies::Upright => (short, long),
            Lies::Across => (long, short),
        }
    }
}

/// Writes papers as one document, each from a page of its own.
///
/// # Errors
/// [`PdfError`].
pub fn write_pdf(papers: &[Paper], size: Size, voice: Voice) -> Result<Vec<u8>, PdfError> {
    let (nodes, pages) = laid(papers, size, voice);
    let mut document = Document::new(nodes)?;
    pages.into_iter().try_for_each(|page| document.page(page))?;
    let title = papers.first().map_or_else(String::new, |paper| {
        let title = voice.say(&paper.title.clone().into());
        format!("{}: {title}", paper.head.job)
    });
    document.finish(title, voice.language, papers.first().map(|paper| paper.head.date.as_str()))
}

/// A page of a paper.
struct Laid<'a> {
    paper: &'a Paper,
    /// The node of the paper's title, on its first page.
    begins: Option<usize>,
    title: String,
    head: Vec<String>,
    placed: Vec<Placed>,
}

/// Every page with what stands on it, and the structure that it belongs to.
fn laid(papers: &[Paper], size: Size, voice: Voice) -> (Vec<Node>, Vec<Page>) {
    let mut nodes: Vec<Node> = Vec::new();
    let mut laid = Vec::new();
    for paper in papers {
        let (wide, high) = size.page(paper.lies);
        let title = voice.say(&paper.title.clone().into());
        // The title stands in the running head of every page; for who does not see it, it begins the paper.
        nodes.push(Node { kind: Kind::Heading(1, title.clone()), parent: None });
        let node = nodes.len() - 1;
        let (slabs, wide_inside) = (Vec::new(), wide - 2.0 * MARGIN);
        let head = head_lines(&paper.head, voice, wide_inside);
        let high = high - 2.0 * MARGIN - head_height(&head) - FOOT;
        let mut slabs = Slabs { slabs, heads: Vec::new(), nodes: &mut nodes, wide: wide_inside, high, voice };
        paper.blocks.iter().for_each(|block| slabs.block(block));
        let Slabs { slabs, heads, .. } = slabs;
        for (number, placed) in pages(slabs, &heads, high).into_iter().enumerate() {
            let (begins, title, head) = ((number == 0).then_some(node), title.clone(), head.clone());
            laid.push(Laid { paper, begins, title, head, placed });
        }
    }
    let of = laid.len();
    let page = |(number, Laid { paper, begins, title, head: lines, placed }): (usize, Laid<'_>)| {
        let size = size.page(paper.lies);
        let wide = size.0 - 2.0 * MARGIN;
        let page = voice.say(&say!("paper-page-of", page = number + 1, of));
        let at = [MARGIN, MARGIN + head_height(&lines)];
        let head = head(lines, wide, (&title, &page));
        let foot = foot(&voice.say(&paper.caution.clone().into()), [MARGIN, size.1 - MARGIN - FOOT + 12.0], wide);
        Page { size, begins: begins.map(|node| (node, title)), head, placed, at, foot }
    };
    let pages = laid.into_iter().enumerate().map(page).collect();
    (nodes, pages)
}

/// The running head under the title: job, address and permit, then who, when, which version, by which code; on as many lines as it takes.
fn head_lines(head: &Head, voice: Voice, wide: f32) -> Vec<String> {
    let said = |phrase: Phrase| voice.say(&phrase);
    let permit = (!head.permit.is_empty()).then(|| said(say!("paper-permit", permit = &head.permit)));
    let first = [Some(head.job.clone()), Some(head.address.clone()), permit];
    let answers =
        (!head.answers_for_it.is_empty()).then(|| said(say!("paper-answers-for-it", who = &head.answers_for_it)));
    let when = match head.version {
        Some(version) => said(say!("paper-version-of", version, date = &head.date)),
        None => said(say!("paper-printed-on", date = &head.date)),
    };
    let code = if head.code.is_empty() { say!("paper-no-code-said") } else { say!("paper-code", code = &head.code) };
    let second = [answers, Some(when), Some(said(code))];
    let joined = |parts: [Option<String>; 3]| {
        let parts: Vec<String> = parts.into_iter().flatten().filter(|part| !part.is_empty()).collect();
        lines(&parts.join("  ·  "), SMALL, Heft::Plain, wide)
    };
    joined(first).into_iter().chain(joined(second)).collect()
}

fn head_height(lines: &[String]) -> f32 {
    UNDER_TITLE + LINE * (lines.len() as f32 - 1.0) + UNDER_HEAD
}

/// The title, and what stands with it: the page at the right, the running head, a rule.
fn head(head: Vec<String>, wide: f32, (title, page): (&str, &str)) -> (Mark, Vec<Mark>) {
    let page_wide = width(page, SMALL + 1.0, Heft::Plain);
    let room = wide - page_wide - 16.0;
    let size = (TITLE * room / width(title, TITLE, Heft::Bold).max(1.0)).clamp(6.0, TITLE);
    let shown = lines(title, size, Heft::Bold, room).swap_remove(0);
    let title = Mark::text([MARGIN, MARGIN + TITLE], shown, size, Heft::Bold);
    let rule = MARGIN + head_height(&head) - UNDER_HEAD + 5.0;
    let mut marks = vec![
        Mark::text([MARGIN + wide - page_wide, MARGIN + TITLE], page, SMALL + 1.0, Heft::Plain),
        Mark::Line { from: [MARGIN, rule], to: [MARGIN + wide, rule], thick: 1.4, dashed: false },
    ];
    marks.extend(head.into_iter().enumerate().map(|(number, text)| {
        Mark::text([MARGIN, MARGIN + UNDER_TITLE + LINE * number as f32], text, SMALL, Heft::Plain)
    }));
    (title, marks)
}

/// What has to be minded, at the foot.
fn foot(caution: &str, [x, y]: [f32; 2], wide: f32) -> Vec<Mark> {
    let rule = Mark::Line { from: [x, y - 10.0], to: [x + wide, y - 10.0], thick: 0.4, dashed: false };
    let mut size = SMALL - 0.5;
    let mut broken = lines(caution, size, Heft::Plain, wide);
    while 2 < broken.len() && 5.0 < size {
        size -= 0.5;
        broken = lines(caution, size, Heft::Plain, wide);
    }
    let line =
        |(number, text): (usize, String)| Mark::text([x, y + 1.2 * size * number as f32], text, size, Heft::Plain);
    std::iter::once(rule).chain(broken.into_iter().enumerate().map(line)).collect()
}

#[cfg(test)]
mod tests {
    use std::path::Path;

    use super::*;
    use crate::job_file::read_job;
    use crate::sheets::{Printed, sheets_of};
    use sturvek_core::plan::JobPlan;
    use sturvek_speech::{Language, Units, Vocabulary};

    /// Every sheet of the walls that are kept for the tests.
    fn papers() -> Vec<Paper> {
        let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("tests/walls");
        let mut files: Vec<_> =
            std::fs::read_dir(folder).expect("the walls").map(|file| file.expect("a file").path()).collect();
        files.sort();
        let printed = Printed { version: Some(7), date: "2026-11-26".into() };
        let of = |file: std::path::PathBuf| {
            let job = read_job(&std::fs::read(file).expect("read")).expect("a job");
            sheets_of(&JobPlan::of(job), &printed)
        };
        files.into_iter().filter(|file| file.extension().is_some_and(|end| end == "json")).flat_map(of).collect()
    }

    fn voices() -> [Voice; 3] {
        let spanish = Voice { language: Language::Spanish, vocabulary: Vocabulary::Jack, units: Units::Metric };
        [Voice::default(), Voice { vocabulary: Vocabulary::Lintel, ..Voice::default() }, spanish]
    }

    #[test]
    fn nothing_reaches_over_the_edge_of_what_is_printed_nor_into_head_or_foot() {
        let papers = papers();
        assert!(20 < papers.len());
        for (size, voice) in [Size::Letter, Size::A4].into_iter().flat_map(|size| voices().map(|voice| (size, voice))) {
            for page in laid(&papers, size, voice).1 {
                let (wide, high) = page.size;
                let (left, right) = (MARGIN - 0.5, wide - MARGIN + 0.5);
                let held = |mark: &Mark, top: f32, bottom: f32| {
                    let [x, y, to_x, to_y] = mark.reach();
                    assert!(left <= x && to_x <= right && top <= y && to_y <= bottom, "{:?}: {mark:?}", page.head.0);
                };
                let under = page.at[1];
                held(&page.head.0, MARGIN, under);
                page.head.1.iter().for_each(|mark| held(mark, MARGIN, under));
                page.foot.iter().for_each(|mark| held(mark, high - MARGIN - FOOT, high - MARGIN + 8.0));
                for Placed { y, slab } in &page.placed {
                    for mark in slab.parts.iter().flat_map(|(_, marks)| marks) {
                        let mark = mark.clone().moved([page.at[0], page.at[1] + y]);
                        held(&mark, under - 6.0, high - MARGIN - FOOT + 2.0);
                    }
                }
            }
        }
    }

    #[test]
    fn the_same_papers_are_the_same_bytes() {
        let papers: Vec<Paper> = papers().into_iter().take(3).collect();
        let write = || write_pdf(&papers, Size::Letter, Voice::default()).expect("a document");
        let bytes = write();
        assert!(bytes.starts_with(b"%PDF-"));
        assert_eq!(bytes, write());
    }

    #[test]
    fn what_a_job_says_of_itself_may_be_as_long_as_it_may() {
        let mut paper = papers().remove(0);
        let long = |letters: usize| "W".repeat(letters);
        paper.head.job = long(80);
        paper.head.address = long(120);
        paper.head.permit = long(80);
        paper.head.code = long(162);
        paper.head.answers_for_it = long(80);
        for page in laid(&[paper], Size::A4, Voice::default()).1 {
            let right = page.size.0 - MARGIN + 0.5;
            for mark in &page.head.1 {
                assert!(mark.reach()[2] <= right && mark.reach()[3] <= page.at[1], "{mark:?}");
            }
            let bottom = page.size.1 - MARGIN - FOOT + 2.0;
            for Placed { y, slab } in &page.placed {
                assert!(page.at[1] + y + slab.height <= bottom + 10.0, "{slab:?}");
            }
        }
    }
}
