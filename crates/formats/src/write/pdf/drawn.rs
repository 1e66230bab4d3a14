//! Pages drawn into a document, with the structure that is read out.

use std::num::NonZeroU16;

use krilla::color::luma;
use krilla::configure::{Accessibility, Archival, ConfigurationBuilder};
use krilla::destination::XyzDestination;
use krilla::geom::{PathBuilder, Point, Transform};
use krilla::metadata::{DateTime, Metadata};
use krilla::num::NormalizedF32;
use krilla::outline::{Outline, OutlineNode};
use krilla::page::PageSettings;
use krilla::paint::{Fill, Stroke, StrokeDash};
use krilla::surface::Surface;
use krilla::tagging::{
    Artifact, ArtifactType, ContentTag, Identifier, SpanTag, TableHeaderScope, Tag, TagGroup, TagKind, TagTree,
};
use krilla::text::TextDirection;
use krilla::{Document as Pdf, SerializeSettings};
use sturvek_speech::Language;

use super::error::PdfError;
use super::faces::{Faces, run_width, runs};
use super::marks::{Belongs, Kind, Mark, Node};
use super::pages::Placed;

/// A page to be drawn.
pub(super) struct Page {
    pub(super) size: (f32, f32),
    /// The paper that begins on it: the node of its title, and the title.
    pub(super) begins: Option<(usize, String)>,
    /// The title, and what else stands at the head.
    pub(super) head: (Mark, Vec<Mark>),
    pub(super) placed: Vec<Placed>,
    /// Where what is placed begins.
    pub(super) at: [f32; 2],
    pub(super) foot: Vec<Mark>,
}

/// A document being drawn.
pub(super) struct Document {
    pdf: Pdf,
    faces: Faces,
    nodes: Vec<Node>,
    /// What was drawn of every node.
    drawn: Vec<Vec<Identifier>>,
    outline: Outline,
    pages: usize,
}

impl Document {
    pub(super) fn new(nodes: Vec<Node>) -> Result<Self, PdfError> {
        let configuration = ConfigurationBuilder::new()
            .with_accessibility_validator(Accessibility::UA1)
            .with_archival_validator(Archival::A2_A)
            .finish()
            .map_err(|error| PdfError::Document(format!("{error:?}")))?;
        let settings = SerializeSettings { configuration, enable_tagging: true, ..SerializeSettings::default() };
        let drawn = vec![Vec::new(); nodes.len()];
        let faces = Faces::read().ok_or(PdfError::Faces)?;
        Ok(Self { pdf: Pdf::new_with(settings), faces, nodes, drawn, outline: Outline::new(), pages: 0 })
    }

    pub(super) fn page(&mut self, page: Page) -> Result<(), PdfError> {
        let (wide, high) = page.size;
        let settings = PageSettings::from_wh(wide, high);
        let settings = settings.ok_or_else(|| PdfError::Document(format!("no page is {wide} by {high}")))?;
        let mut sheet = self.pdf.start_page_with(settings);
        let mut surface = sheet.surface();
        let (title, head) = page.head;
        let top = Point::from_xy(0.0, 0.0);
        match page.begins {
            Some((node, words)) => {
                self.outline.push_child(OutlineNode::new(words, XyzDestination::new(self.pages, top)));
                let id = surface.start_tagged(ContentTag::Span(SpanTag::empty()));
                draw(&mut surface, &self.faces, &title);
                surface.end_tagged();
                self.drawn[node].push(id);
            }
            None => drawn_aside(&mut surface, &self.faces, ArtifactType::Header, &[title]),
        }
        drawn_aside(&mut surface, &self.faces, ArtifactType::Header, &head);
        for Placed { y, slab } in page.placed {
            for (belongs, marks) in slab.parts {
                let marks: Vec<Mark> = marks.into_iter().map(|mark| mark.moved([page.at[0], page.at[1] + y])).collect();
                let Belongs::To(node) = belongs else {
                    drawn_aside(&mut surface, &self.faces, ArtifactType::Layout, &marks);
                    continue;
                };
                if marks.is_empty() {
                    continue;
                }
                let is_text = marks.iter().all(|mark| matches!(mark, Mark::Text { .. }));
                let tag = if is_text { ContentTag::Span(SpanTag::empty()) } else { ContentTag::Other };
                let id = surface.start_tagged(tag);
                marks.iter().for_each(|mark| draw(&mut surface, &self.faces, mark));
                surface.end_tagged();
                self.drawn[node].push(id);
            }
        }
        drawn_aside(&mut surface, &self.faces, ArtifactType::Footer, &page.foot);
        surface.finish();
        sheet.finish();
        self.pages += 1;
        Ok(())
    }

    pub(super) fn finish(mut self, title: String, language: Language, date: Option<&str>) -> Result<Vec<u8>, PdfError> {
        let mut tree = TagTree::new().with_lang(Some(language.tag().to_owned()));
        let mut children: Vec<Vec<usize>> = vec![Vec::new(); self.nodes.len()];
        for (number, node) in self.nodes.iter().enumerate() {
            if let Some(parent) = node.parent {
                children[parent].push(number);
            }
        }
        for (number, node) in self.nodes.iter().enumerate() {
            if node.parent.is_none() {
                tree.push(self.group(number, &children));
            }
        }
        self.pdf.set_tag_tree(tree);
        self.pdf.set_outline(self.outline);
        let mut metadata = Metadata::new().title(title).language(language.tag().to_owned()).creator("Sturvek".into());
        if let Some(day) = date.and_then(day) {
            metadata = metadata.creation_date(day);
        }
        self.pdf.set_metadata(metadata);
        self.pdf.finish().map_err(|error| PdfError::Document(format!("{error:?}")))
    }

    fn group(&self, number: usize, children: &[Vec<usize>]) -> TagGroup {
        let mut group = TagGroup::new(tag(&self.nodes[number].kind));
        self.drawn[number].iter().for_each(|id| group.push(*id));
        children[number].iter().for_each(|child| group.push(self.group(*child, children)));
        group
    }
}

fn tag(kind: &Kind) -> TagKind {
    match kind {
        Kind::Heading(level, title) => {
            Tag::Hn(NonZeroU16::new(u16::from(*level)).unwrap_or(NonZeroU16::MIN), Some(title.clone())).into()
        }
        Kind::Paragraph => Tag::P.into(),
        Kind::Table => Tag::Table.into(),
        Kind::Row => Tag::TR.into(),
        Kind::HeadCell => Tag::TH(TableHeaderScope::Column).into(),
        Kind::NameCell => Tag::TH(TableHeaderScope::Row).into(),
        Kind::Cell => Tag::TD.into(),
        Kind::Figure(about) => Tag::Figure(Some(about.clone())).into(),
        Kind::Formula(read) => Tag::Formula(Some(read.clone())).into(),
    }
}

/// `2026-11-26` as a day of the document.
fn day(text: &str) -> Option<DateTime> {
    let mut parts = text.split('-');
    let (year, month, day) = (parts.next()?.parse().ok()?, parts.next()?.parse().ok()?, parts.next()?.parse().ok()?);
    Some(DateTime::new(year).month(month).day(day).hour(0).minute(0).second(0).utc_offset_hour(0).utc_offset_minute(0))
}

fn drawn_aside(surface: &mut Surface<'_>, faces: &Faces, kind: ArtifactType, marks: &[Mark]) {
    if marks.is_empty() {
        return;
    }
    surface.start_tagged(ContentTag::Artifact(Artifact::with_kind(kind)));
    marks.iter().for_each(|mark| draw(surface, faces, mark));
    surface.end_tagged();
}

fn ink(shade: f32) -> Fill {
    // Ink is 0, paper 255.
    let light = (255.0 * (1.0 - shade.clamp(0.0, 1.0))).round() as u8;
    Fill { paint: luma::Color::new(light).into(), opacity: NormalizedF32::ONE, rule: Default::default() }
}

fn pen(thick: f32, dashed: bool) -> Stroke {
    Stroke {
        paint: luma::Color::black().into(),
        width: thick,
        dash: dashed.then(|| StrokeDash { array: vec![4.0, 3.0], offset: 0.0 }),
        ..Stroke::default()
    }
}

fn draw(surface: &mut Surface<'_>, faces: &Faces, mark: &Mark) {
    match mark {
        Mark::Text { at: [x, y], text, size, heft, turned } => {
            surface.set_fill(Some(ink(1.0)));
            surface.set_stroke(None);
            if *turned {
                surface.push_transform(&Transform::from_rotate_at(-90.0, *x, *y));
            }
            let mut start = *x;
            for run in runs(text) {
                let wide = run_width(&run, *size, *heft);
                let (place, face) = (Point::from_xy(start, *y), faces.of(&run, *heft));
                surface.draw_text(place, face, *size, &run.text, false, TextDirection::LeftToRight);
                start += wide;
            }
            if *turned {
                surface.pop();
            }
        }
        Mark::Line { from, to, thick, dashed } => {
            surface.set_fill(None);
            surface.set_stroke(Some(pen(*thick, *dashed)));
            let mut path = PathBuilder::new();
            path.move_to(from[0], from[1]);
            path.line_to(to[0], to[1]);
            path.finish().iter().for_each(|path| surface.draw_path(path));
        }
        Mark::Area { corners, shade } => {
            surface.set_fill(shade.map(ink));
            surface.set_stroke(Some(pen(0.5, false)));
            let mut path = PathBuilder::new();
            for (place, [x, y]) in corners.iter().enumerate() {
                if place == 0 { path.move_to(*x, *y) } else { path.line_to(*x, *y) }
            }
            path.close();
            path.finish().iter().for_each(|path| surface.draw_path(path));
        }
    }
}
