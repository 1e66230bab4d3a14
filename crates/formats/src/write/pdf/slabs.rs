//! The blocks of a paper as slabs, each as high as it is at a width.

use sturvek_speech::{Voice, result};
use sturvek_wire::paper::{Block, Drawing, Formula, Shape, Side, Stands, Table, Weight, WorkingLine};
use sturvek_wire::speech::Phrase;

use super::faces::{Heft, width};
use super::lines::lines;
use super::marks::{Belongs, Kind, Mark, Node, Slab};
use super::set_formula::{Set, read_out, set};

/// From one base line to the next, as a part of the size.
const LEADING: f32 = 1.3;
const TEXT: f32 = 10.0;
const SMALL: f32 = 8.5;
const ANSWER: f32 = 13.0;
const BIG: f32 = 13.0;

/// Slabs being made, with the structure they belong to.
pub(super) struct Slabs<'a> {
    pub(super) slabs: Vec<Slab>,
    /// Heads of tables that are repeated, by number.
    pub(super) heads: Vec<Slab>,
    pub(super) nodes: &'a mut Vec<Node>,
    pub(super) wide: f32,
    /// How high a page is, within head and foot.
    pub(super) high: f32,
    pub(super) voice: Voice,
}

impl Slabs<'_> {
    fn say(&self, phrase: &Phrase) -> String {
        self.voice.say(&phrase.clone().into())
    }

    fn node(&mut self, kind: Kind, parent: Option<usize>) -> usize {
        self.nodes.push(Node { kind, parent });
        self.nodes.len() - 1
    }

    fn gap(&mut self, height: f32) {
        self.slabs.push(Slab { height, ..Slab::default() });
    }

    pub(super) fn block(&mut self, block: &Block) {
        match block {
            Block::Heading { words } => self.heading(&self.say(words)),
            Block::Text { words, weight } => self.paragraph(&self.say(words), *weight),
            Block::Table(table) => self.table(table),
            Block::Working { lines } => lines.iter().for_each(|line| self.working(line)),
            Block::Drawing(drawing) => self.drawing(drawing),
            Block::Signatures { by } => self.signatures(by),
            Block::NewPage => self.slabs.push(Slab { starts_page: true, ..Slab::default() }),
        }
    }

    /// A heading; the gap before it goes with it.
    fn heading(&mut self, text: &str) {
        let size = 13.0;
        let text = capital(text);
        let node = self.node(Kind::Heading(2, text.clone()), None);
        let mut y = size;
        let mut marks = Vec::new();
        for line in lines(&text, size, Heft::Bold, self.wide) {
            marks.push(Mark::text([0.0, y], line, size, Heft::Bold));
            y += LEADING * size;
        }
        let rule = y - LEADING * size + 4.0;
        let line = Mark::Line { from: [0.0, rule], to: [self.wide, rule], thick: 0.8, dashed: false };
        self.gap(10.0);
        self.slabs.push(Slab {
            height: rule + 6.0,
            keeps_next: true,
            parts: vec![(Belongs::To(node), marks), (Belongs::Nothing, vec![line])],
            ..Slab::default()
        });
    }

    fn paragraph(&mut self, text: &str, weight: Weight) {
        let (size, heft) = match weight {
            Weight::Answer => (ANSWER, Heft::Bold),
            Weight::Plain => (TEXT, Heft::Plain),
            Weight::Small => (SMALL, Heft::Plain),
        };
        let node = self.node(Kind::Paragraph, None);
        for line in lines(text, size, heft, self.wide) {
            let mark = Mark::text([0.0, size], line, size, heft);
            let parts = vec![(Belongs::To(node), vec![mark])];
            self.slabs.push(Slab { height: LEADING * size, parts, ..Slab::default() });
        }
        self.gap(4.0);
    }

    fn table(&mut self, table: &Table) {
        let size = if table.big { BIG } else { TEXT };
        let said: Vec<Vec<String>> =
            table.rows.iter().map(|row| row.cells.iter().map(|cell| self.say(cell)).collect()).collect();
        let heads: Vec<Option<String>> =
            table.columns.iter().map(|column| column.words.as_ref().map(|words| self.say(words))).collect();
        let hefts: Vec<Heft> = table
            .columns
            .iter()
            .map(|column| if column.side == Side::Name { Heft::Bold } else { Heft::Plain })
            .collect();
        let natural = |column: usize| {
            let cells = said.iter().filter_map(|row| row.get(column));
            let widest = cells.map(|cell| width(cell, size, Heft::Bold)).fold(0.0, f32::max);
            heads[column].as_ref().map_or(widest, |head| widest.max(width(head, SMALL, Heft::Plain)))
        };
        let natural: Vec<f32> = (0..table.columns.len()).map(natural).collect();
        let wide = shared(&natural, self.wide);
        let table_node = self.node(Kind::Table, None);
        let head = heads.iter().any(Option::is_some).then(|| {
            let row = self.node(Kind::Row, Some(table_node));
            let cells: Vec<(String, Heft)> =
                heads.into_iter().map(|head| (head.unwrap_or_default(), Heft::Plain)).collect();
            let kinds = vec![Kind::HeadCell; cells.len()];
            let slab = self.row(row, &cells, &kinds, table, &wide, SMALL);
            let again = Slab {
                parts: slab.parts.iter().map(|(_, marks)| (Belongs::Nothing, marks.clone())).collect(),
                ..slab.clone()
            };
            self.heads.push(again);
            self.slabs.push(Slab { keeps_next: true, ..slab });
            self.heads.len() - 1
        });
        for (row, cells) in table.rows.iter().zip(said) {
            let node = self.node(Kind::Row, Some(table_node));
            let cells: Vec<(String, Heft)> = cells
                .into_iter()
                .zip(&hefts)
                .map(|(cell, heft)| (cell, if row.strong { Heft::Bold } else { *heft }))
                .collect();
            let kind = |side: Side| if side == Side::Name { Kind::NameCell } else { Kind::Cell };
            let kinds: Vec<Kind> = table.columns.iter().map(|column| kind(column.side)).collect();
            let slab = self.row(node, &cells, &kinds, table, &wide, size);
            self.slabs.push(Slab { head, ..slab });
        }
        self.gap(6.0);
    }

    /// A row of a table, as high as its highest cell, with a rule under it.
    fn row(
        &mut self,
        row: usize,
        cells: &[(String, Heft)],
        kinds: &[Kind],
        table: &Table,
        wide: &[f32],
        size: f32,
    ) -> Slab {
        let broken: Vec<Vec<String>> =
            cells.iter().zip(wide).map(|((text, heft), wide)| lines(text, size, *heft, *wide)).collect();
        let most = broken.iter().map(Vec::len).max().unwrap_or(1);
        let height = LEADING * size * most as f32 + 3.0;
        let mut parts = Vec::new();
        let mut x = 0.0;
        for ((((lines, (_, heft)), kind), column), wide) in
            broken.into_iter().zip(cells).zip(kinds).zip(&table.columns).zip(wide)
        {
            let node = self.node(kind.clone(), Some(row));
            let marks = lines.into_iter().enumerate().map(|(number, line)| {
                // A cell with nothing in it is a cell still: without it the row would be read out short.
                let line = if line.is_empty() { " ".to_owned() } else { line };
                let start = match column.side {
                    Side::Right => x + wide - width(&line, size, *heft),
                    Side::Left | Side::Name => x,
                };
                Mark::text([start, size + LEADING * size * number as f32], line, size, *heft)
            });
            parts.push((Belongs::To(node), marks.collect()));
            x += wide + BETWEEN;
        }
        let rule = Mark::Line { from: [0.0, height - 1.0], to: [x - BETWEEN, height - 1.0], thick: 0.3, dashed: false };
        parts.push((Belongs::Nothing, vec![rule]));
        Slab { height, parts, ..Slab::default() }
    }

    fn working(&mut self, line: &WorkingLine) {
        match line {
            WorkingLine::Note { words } => self.paragraph(&self.say(words), Weight::Plain),
            WorkingLine::Step { what, sides, value, unit, clause: source } => {
                let what = capital(&self.say(what));
                let source = self.say(source);
                let result = result(*value, (*unit).into(), self.voice.units);
                self.step(&what, sides, &result, &source);
            }
        }
    }

    /// What is computed and where the rule comes from in one line, under it the equation: broken before an equals sign where it is too
    /// wide, so that the result and its unit stay together.
    fn step(&mut self, what: &str, sides: &[Formula], result: &str, source: &str) {
        let node = self.node(Kind::Paragraph, None);
        let room = width(source, SMALL, Heft::Plain);
        let mut height = 0.0;
        let mut marks = Vec::new();
        for line in lines(what, SMALL, Heft::Plain, (self.wide - room - 12.0).max(self.wide / 3.0)) {
            height += LEADING * SMALL;
            marks.push(Mark::text([0.0, height], line, SMALL, Heft::Plain));
        }
        let source_at = [(self.wide - room).max(0.0), LEADING * SMALL];
        for (number, line) in lines(source, SMALL, Heft::Plain, self.wide / 2.0).into_iter().enumerate() {
            let at = [source_at[0].max(self.wide / 2.0), source_at[1] + LEADING * SMALL * number as f32];
            marks.push(Mark::text(at, line, SMALL, Heft::Plain));
            height = height.max(at[1]);
        }
        let heading = (Belongs::To(node), marks);
        let mut equation: Vec<Set> = Vec::new();
        let mut row = Set::default();
        for (place, side) in sides.iter().enumerate() {
            let heft = if place == 0 { Heft::Bold } else { Heft::Plain };
            let mut part = set(side, TEXT + 1.0, heft, self.voice);
            if 0 < place {
                part = Set::words(" = ", TEXT + 1.0, Heft::Plain).and(part);
            }
            append(&mut equation, &mut row, part, self.wide - INDENT);
        }
        let last = Set::words(" = ", TEXT + 1.0, Heft::Plain).and(Set::words(result, TEXT + 1.0, Heft::Bold));
        append(&mut equation, &mut row, last, self.wide - INDENT);
        equation.push(row);
        let said: Vec<String> = sides.iter().map(|side| read_out(side, self.voice)).collect();
        let formula = self.node(Kind::Formula(format!("{} = {result}", said.join(" = "))), Some(node));
        let mut formulas = Vec::new();
        for row in equation {
            // What is wider than the page by itself is set as small as it takes.
            let base = height + row.over + 4.0;
            height = base + row.under;
            let squeeze = ((self.wide - INDENT) / row.width.max(1.0)).min(1.0);
            formulas.extend(row.marks.into_iter().map(|mark| squeezed(mark, squeeze).moved([INDENT, base])));
        }
        let parts = vec![heading, (Belongs::To(formula), formulas)];
        self.slabs.push(Slab { height: height + 5.0, parts, ..Slab::default() });
    }

    fn drawing(&mut self, drawing: &Drawing) {
        let about = self.say(&drawing.about);
        let node = self.node(Kind::Figure(about), None);
        // Whole on one page, with a heading over it.
        let scale = (self.wide / drawing.width as f32).min((self.high - 40.0) / drawing.height as f32).min(1.0);
        let place = |[x, y]: [f64; 2]| [scale * x as f32, scale * y as f32];
        let mut marks = Vec::new();
        for shape in &drawing.shapes {
            marks.push(match shape {
                Shape::Line { from, to, thick, dashed } => {
                    Mark::Line { from: place(*from), to: place(*to), thick: *thick as f32, dashed: *dashed }
                }
                Shape::Area { corners, shade } => Mark::Area {
                    corners: corners.iter().copied().map(place).collect(),
                    shade: shade.map(|shade| shade as f32),
                },
                Shape::Text { at, stands, words, size, bold, turned } => {
                    let (text, size) = (self.say(words), scale * *size as f32);
                    let heft = if *bold { Heft::Bold } else { Heft::Plain };
                    let wide = width(&text, size, heft);
                    let back = match stands {
                        Stands::Start => 0.0,
                        Stands::Middle => wide / 2.0,
                        Stands::End => wide,
                    };
                    let [x, y] = place(*at);
                    if *turned {
                        Mark::Text { at: [x, y + back], text, size, heft, turned: true }
                    } else {
                        // Words at the edge are moved in rather than cut off.
                        let x = (x - back).min(self.wide - wide).max(0.0);
                        Mark::text([x, y], text, size, heft)
                    }
                }
            });
        }
        let height = scale * drawing.height as f32;
        self.slabs.push(Slab { height: height + 4.0, parts: vec![(Belongs::To(node), marks)], ..Slab::default() });
    }

    fn signatures(&mut self, by: &[Phrase]) {
        let each = self.wide / by.len().max(1) as f32;
        let mut parts = Vec::new();
        for (number, words) in by.iter().enumerate() {
            let (x, text) = (each * number as f32, self.say(words));
            let node = self.node(Kind::Paragraph, None);
            let line = Mark::Line { from: [x, 30.0], to: [x + each - 24.0, 30.0], thick: 0.8, dashed: false };
            parts.push((Belongs::Nothing, vec![line]));
            parts.push((Belongs::To(node), vec![Mark::text([x, 42.0], text, SMALL, Heft::Plain)]));
        }
        self.slabs.push(Slab { height: 48.0, parts, ..Slab::default() });
    }
}

/// From one column to the next.
const BETWEEN: f32 = 12.0;
/// How far an equation stands in.
const INDENT: f32 = 12.0;

/// The widths of columns: as wide as they are where there is room; else the wide ones give way, the narrow ones do not.
fn shared(natural: &[f32], whole: f32) -> Vec<f32> {
    let room = whole - BETWEEN * natural.len().saturating_sub(1) as f32;
    if natural.iter().sum::<f32>() <= room {
        return natural.to_vec();
    }
    // The most that a column may have, so that all have room: narrower ones leave what they do not take.
    let mut sorted = natural.to_vec();
    sorted.sort_by(f32::total_cmp);
    let mut left = room;
    let mut most = room;
    for (place, wide) in sorted.iter().enumerate() {
        most = left / (sorted.len() - place) as f32;
        if most < *wide {
            break;
        }
        left -= wide;
    }
    natural.iter().map(|wide| wide.min(most)).collect()
}

/// Adds a part to the row, or begins a new row with it where the row has no room.
fn append(rows: &mut Vec<Set>, row: &mut Set, part: Set, most: f32) {
    if 0.0 < row.width && most < row.width + part.width {
        rows.push(std::mem::take(row));
    }
    *row = std::mem::take(row).and(part);
}

fn squeezed(mark: Mark, by: f32) -> Mark {
    let near = |[x, y]: [f32; 2]| [x * by, y * by];
    match mark {
        Mark::Text { at, text, size, heft, turned } => Mark::Text { at: near(at), text, size: size * by, heft, turned },
        Mark::Line { from, to, thick, dashed } => Mark::Line { from: near(from), to: near(to), thick, dashed },
        Mark::Area { corners, shade } => Mark::Area { corners: corners.into_iter().map(near).collect(), shade },
    }
}

/// With a capital at its start, as a heading is written.
fn capital(text: &str) -> String {
    let mut letters = text.chars();
    letters.next().map_or_else(String::new, |first| first.to_uppercase().chain(letters).collect())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn wide_columns_give_way_to_narrow_ones() {
        let wide = shared(&[30.0, 500.0, 40.0], 324.0);
        assert_eq!((wide[0], wide[2]), (30.0, 40.0));
        assert!((wide.iter().sum::<f32>() - 300.0).abs() < 0.01, "{wide:?}");
        assert_eq!(shared(&[30.0, 50.0], 500.0), [30.0, 50.0]);
    }

    #[test]
    fn an_equation_is_broken_before_an_equals_sign() {
        let (mut rows, mut row) = (Vec::new(), Set::default());
        for _ in 0..3 {
            append(&mut rows, &mut row, Set { width: 60.0, ..Set::default() }, 130.0);
        }
        assert_eq!(rows.len(), 1);
        assert!((row.width - 60.0).abs() < 0.01);
        assert!((rows[0].width - 120.0).abs() < 0.01);
    }
}
