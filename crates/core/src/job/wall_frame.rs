//! The frame of a wall: how long and high it is, its studs, and how its plates, ends and crossing walls are framed.

use crate::lumber::JackLumber;
use crate::lumber::{Depth, Grade, Species};
use crate::measure::{End, Ends, Length};

/// Thickness of an inch-sawn plate, stud or sill.
pub const TWO_BY: Length = Length::inches_and(1, 1, 2);
/// Thickness of a metric plate, stud or sill.
const METRIC_THICKNESS: Length = Length::millimeters(45);

/// The frame of a wall.
#[derive(Clone, Debug, PartialEq)]
pub struct WallFrame {
    /// What it is called.
    pub name: String,
    /// Length along the plates.
    pub length: Length,
    /// How its height is given.
    pub height: WallHeight,
    /// The studs: species, grade, depth.
    pub stud: JackLumber,
    /// Whether studs and plates are sawn to inches or to millimeters.
    pub sawn: Sawn,
    /// Stud layout, center to center.
    pub spacing: Length,
    /// Species of the plates.
    pub plate_species: Species,
    /// Whether the wind stands on it.
    pub face: WallFace,
    /// How its plates, ends and crossing walls are framed.
    pub framing: FramingOptions,
}

/// How the height of a wall is given.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum WallHeight {
    /// Over all three plates.
    OverPlates(Length),
    /// By the length of its studs, precut or whole.
    Studs(Length),
    /// A room measured at both ends, into which the wall is framed.
    Room(MeasuredRoom),
    /// A rake: the top plates climb from an end, or to a peak.
    Rake(Rake),
}

/// A room as it was measured, from floor to ceiling.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct MeasuredRoom {
    /// At the wall's left end.
    pub left: Length,
    /// At its right end.
    pub right: Length,
    /// What is left over the wall, so that it can be tipped up.
    pub clearance: Length,
}

/// The line of the top plates of a rake wall, over both of them.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Rake {
    /// Height at the left end.
    pub left: Length,
    /// Height at the right end.
    pub right: Length,
    /// A gable's peak, from the left end and above the subfloor; none in a lean-to.
    pub peak: Option<(Length, Length)>,
}

/// How studs and plates are sawn.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Sawn {
    /// To inches: 1 1/2 thick; 3 1/2, 5 1/2, 7 1/4 deep.
    #[default]
    Inches,
    /// To millimeters: 45 thick; 90, 140, 190 deep.
    Millimeters,
}

/// Whether a wall stands in the wind.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum WallFace {
    /// An outside wall.
    #[default]
    Outside,
    /// An inside wall.
    Inside,
}

/// How a wall's plates, ends and crossing walls are framed.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct FramingOptions {
    /// From which end the stud layout is pulled.
    pub layout_from: End,
    /// Where that end's layout is hooked.
    pub layout_start: LayoutStart,
    /// How each end is built.
    pub ends: Ends<WallEnd>,
    /// How the second top plate meets the next wall's at each end.
    pub laps: Ends<PlateLap>,
    /// Crossing walls, from left to right.
    pub partitions: Vec<Partition>,
    /// The longest board that plates are cut from.
    pub plate_stock: Length,
    /// How far a break in one top plate stays from a break in the other.
    pub breaks_apart: Length,
    /// Breaks of the top plates that somebody decided on; `None` places them by the stock.
    pub own_breaks: Option<OwnBreaks>,
    /// Where panels end in which it is framed and raised, from its left end, each at the joint that is nearest; none where it is framed in one piece.
    pub panel_ends: Vec<Length>,
    /// Anchor bolts of a wall on concrete, at most so far apart; `None` on a wood floor. On concrete the sole plate is
    /// treated.
    pub bolts: Option<Length>,
    /// Bolts that stand in the concrete already, from the wall's left end. Where there are any, none are placed.
    pub cast_bolts: Vec<Length>,
    /// Rows of blocking between the studs, by the height of their middle above the subfloor.
    pub blocking: Vec<Length>,
    /// Whether the heads along the wall are meant to line up.
    pub heads: HeadLine,
    /// Stretches over which the top plates are let down, from left to right; a rake has none.
    pub let_downs: Vec<LetDown>,
    /// Boards and blocks between the studs that something is fastened to.
    pub boards: Vec<BackingBoard>,
    /// Stretches that studs keep clear of: pipes and ducts, and bays for fixtures.
    pub kept_clear: Vec<KeptClear>,
    /// What its top plate is held by.
    pub ceiling: CeilingOver,
    /// What it is sheathed with before it is raised; `None` where it is raised bare.
    pub sheathing: Option<Sheathing>,
}

/// What a wall is sheathed with.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Sheathing {
    /// What it is.
    pub kind: SheathingKind,
    /// How thick.
    pub thickness: Length,
}

/// What sheathing is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum SheathingKind {
    /// Oriented strand board.
    Osb,
    /// Plywood.
    Plywood,
    /// Rigid foam.
    Foam,
}

/// Where the stud layout is hooked.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum LayoutStart {
    /// On the wall's own end.
    #[default]
    WallEnd,
    /// On the far face of the wall it butts against, whose studs are so deep: sheets start there.
    NeighborFace(Depth),
}

/// How the second top plate ends.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum PlateLap {
    /// With the wall.
    #[default]
    Flush,
    /// Held back, so that the plate of the next wall, so deep, laps onto this one.
    HeldBack(Depth),
    /// Running on over the next wall, so deep.
    RunsOver(Depth),
}

/// Breaks of the top plates that somebody decided on, from the wall's left end.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct OwnBreaks {
    /// The lower plate's.
    pub lower: Vec<Length>,
    /// The upper plate's.
    pub upper: Vec<Length>,
}

/// Whether heads are meant to line up.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum HeadLine {
    /// They are.
    #[default]
    Aligned,
    /// They differ on purpose.
    OnPurpose,
}

/// How a wall ends.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum WallEnd {
    /// A single stud: it butts against another wall.
    #[default]
    Plain,
    /// A corner of three studs.
    ThreeStudCorner,
    /// A corner of two studs with a backer between.
    TwoStudCorner,
    /// A corner of two studs with flat blocks between, which leaves room for insulation.
    ThreePieceCorner,
}

/// A stretch over which the top plates are let down, under a duct or a beam: below them stand shorter studs.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct LetDown {
    /// Where it begins, from the wall's left end.
    pub from: Length,
    /// Where it ends.
    pub to: Length,
    /// How high the wall is there.
    pub height: LetDownTo,
    /// How many plates lie over its studs: two, or one flat.
    pub plates: u8,
}

/// How the height of a wall is known where its plates are let down.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum LetDownTo {
    /// Over the plates there.
    OverPlates(Length),
    /// Under what hangs there, so high above the floor, with so much left over the plates.
    Under {
        /// Its underside.
        measured: Length,
        /// What is left.
        clearance: Length,
    },
}

impl LetDown {
    /// How high the wall is there, over its plates.
    pub fn top(&self) -> Length {
        match self.height {
            LetDownTo::OverPlates(height) => height,
            LetDownTo::Under { measured, clearance } => measured - clearance,
        }
    }
}

/// What a partition's top plate is held by.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum CeilingOver {
    /// Not said, or joists that cross it.
    #[default]
    NotSaid,
    /// Joists that run along it, so far apart clear, with blocks between them at most so far from one another.
    JoistsAlong {
        /// From face to face of the two joists.
        clear: Length,
        /// From block to block.
        every: Length,
    },
    /// Nothing: it hangs free under a dropped ceiling.
    HangsFree,
}

/// A stretch that studs keep clear of.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct KeptClear {
    /// What it is kept for.
    pub name: String,
    /// Its center, from the wall's left end.
    pub at: Length,
    /// How wide it is.
    pub width: Length,
    /// What stands in it.
    pub for_: ClearFor,
}

/// What stands in a stretch that studs keep clear of.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum ClearFor {
    /// A pipe or a duct, through both plates.
    Pipe,
    /// A fixture, centered between two studs: the plates are whole.
    Fixture,
}

impl KeptClear {
    /// Its edges.
    pub fn edges(&self) -> (Length, Length) {
        (self.at - self.width.half(), self.at + self.width.half())
    }
}

/// A board, or blocks, between the studs over a stretch of a wall, flat to its face: cabinets, rails and tubs are fastened to it.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct BackingBoard {
    /// What it is for.
    pub name: String,
    /// Where it begins, from the wall's left end.
    pub from: Length,
    /// Where it ends.
    pub to: Length,
    /// Its middle, above the floor.
    pub height: Length,
    /// How wide the boards are.
    pub board: Depth,
}

/// A wall that meets this one from the inside.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Partition {
    /// Its center, from this wall's left end.
    pub at: Length,
    /// Depth of its studs.
    pub depth: Depth,
    /// What it is nailed to.
    pub backing: Backing,
    /// Whether its second top plate laps into this wall's, which is held open for it.
    pub laps_in: bool,
}

/// What a crossing wall is nailed to.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Backing {
    /// A channel: two studs and a flat one between.
    #[default]
    Channel,
    /// Flat blocks between the studs of the layout.
    LadderBlocks,
}

impl Default for FramingOptions {
    fn default() -> Self {
        Self {
            layout_from: End::Left,
            layout_start: LayoutStart::WallEnd,
            ends: Ends::both(WallEnd::Plain),
            laps: Ends::both(PlateLap::Flush),
            partitions: Vec::new(),
            plate_stock: Length::feet(16),
            breaks_apart: Length::feet(4),
            own_breaks: None,
            panel_ends: Vec::new(),
            bolts: None,
            cast_bolts: Vec::new(),
            blocking: Vec::new(),
            heads: HeadLine::Aligned,
            let_downs: Vec::new(),
            boards: Vec::new(),
            kept_clear: Vec::new(),
            ceiling: CeilingOver::NotSaid,
            sheathing: None,
        }
    }
}

impl Partition {
    /// A wall that meets this one, nailed to a channel.
    pub fn channel(at: Length, depth: Depth) -> Self {
        Self { at, depth, backing: Backing::Channel, laps_in: false }
    }
}

impl Sawn {
    /// Thickness of studs and plates.
    pub const fn thickness(self) -> Length {
        match self {
            Self::Inches => TWO_BY,
            Self::Millimeters => METRIC_THICKNESS,
        }
    }

    /// A length in inches to the nearest that can be marked: 1/64 in., or half a millimeter.
    fn as_marked(self, inches: f64) -> Length {
        let finest = match self {
            Self::Inches => Length::inches_and(0, 1, 64),
            Self::Millimeters => Length::millimeters(1).half(),
        };
        finest * (inches / finest.to_inches()).round() as i64
    }

    /// Depth of studs and plates of a nominal depth.
    pub fn depth(self, depth: Depth) -> Length {
        match (self, depth) {
            (Self::Inches, depth) => depth.actual(),
            (Self::Millimeters, Depth::Four) => Length::millimeters(90),
            (Self::Millimeters, Depth::Six) => Length::millimeters(140),
            (Self::Millimeters, Depth::Eight) => Length::millimeters(190),
            (Self::Millimeters, Depth::Ten) => Length::millimeters(240),
            (Self::Millimeters, Depth::Twelve) => Length::millimeters(290),
        }
    }
}

impl WallFrame {
    /// An outside 2x4 wall of 92 5/8 precuts at 16 in., 12 ft long.
    pub fn usual(name: &str) -> Self {
        Self {
            name: name.to_owned(),
            length: Length::feet(12),
            height: WallHeight::OverPlates(Length::inches_and(97, 1, 8)),
            stud: JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four },
            sawn: Sawn::Inches,
            spacing: Length::inches(16),
            plate_species: Species::SprucePineFir,
            face: WallFace::Outside,
            framing: FramingOptions::default(),
        }
    }

    /// Thickness of a stud, a plate, a sill.
    pub const fn thickness(&self) -> Length {
        self.sawn.thickness()
    }

    /// Depth of its studs and plates.
    pub fn depth(&self) -> Length {
        self.sawn.depth(self.stud.depth)
    }

    /// What studs and plates are cut from: `2x4 SPF Stud`, `90x45 SPF Stud`.
    pub fn stud_stock(&self) -> String {
        match self.sawn {
            Sawn::Inches => self.stud.name(),
            Sawn::Millimeters => {
                let millimeters = |length: Length| length.nanometers() / 1_000_000;
                let (depth, thickness) = (millimeters(self.depth()), millimeters(self.thickness()));
                format!("{depth}x{thickness} {} {}", self.stud.species.abbreviation(), self.stud.grade.name())
            }
        }
    }

    /// What boards as wide as a nominal depth are cut from, of the wall's wood.
    pub fn stud_stock_of(&self, depth: Depth) -> String {
        Self { stud: JackLumber { depth, ..self.stud }, ..self.clone() }.stud_stock()
    }

    /// Height over all plates; a rake wall's highest.
    pub fn height(&self) -> Length {
        match self.height {
            WallHeight::OverPlates(height) => height,
            WallHeight::Studs(stud) => stud + self.thickness() * 3,
            WallHeight::Room(room) => room.left.min(room.right) - room.clearance,
            WallHeight::Rake(rake) => {
                let ends = rake.left.max(rake.right);
                rake.peak.map_or(ends, |(_, height)| ends.max(height))
            }
        }
    }

    /// The rake, if its plates climb.
    pub const fn rake(&self) -> Option<Rake> {
        match self.height {
            WallHeight::Rake(rake) => Some(rake),
            _ => None,
        }
    }

    /// Length of the longest full stud: the height less three plates.
    pub fn stud_length(&self) -> Length {
        self.height() - self.thickness() * 3
    }

    /// The two diagonals of a stretch of the wall, from its lower left corner and from its lower right one, to a sixteenth: as the tape reads
    /// them where it is square. Under climbing plates they differ.
    pub fn diagonals(&self, from: Length, to: Length) -> [Length; 2] {
        let wide = (to - from).to_inches();
        [to, from].map(|corner| {
            let inches = wide.hypot(self.top_at(corner).to_inches());
            Length::from_decimal_inches((inches * 16.0).round() / 16.0)
        })
    }

    /// The straight runs of the top plates, each from (x, height) to (x, height), over both plates.
    pub fn top_lines(&self) -> Vec<[(Length, Length); 2]> {
        let Some(rake) = self.rake() else { return self.level_runs() };
        let (left, right) = ((Length::ZERO, rake.left), (self.length, rake.right));
        match rake.peak {
            Some(peak) if Length::ZERO < peak.0 && peak.0 < self.length => vec![[left, peak], [peak, right]],
            _ => vec![[left, right]],
        }
    }

    /// The runs of a level wall's plates: where they are let down, and between.
    fn level_runs(&self) -> Vec<[(Length, Length); 2]> {
        let run = |from: Length, to: Length, height: Length| [(from, height), (to, height)];
        let mut runs = Vec::new();
        let mut from = Length::ZERO;
        for let_down in &self.framing.let_downs {
            runs.push(run(from, let_down.from, self.height()));
            runs.push(run(let_down.from, let_down.to, let_down.top()));
            from = let_down.to;
        }
        runs.push(run(from, self.length, self.height()));
        runs.retain(|[(from, _), (to, _)]| from < to);
        runs
    }

    /// The stretch over a place of a level wall in which the plates are let down; at a step, the lower side.
    fn let_down_at(&self, x: Length) -> Option<&LetDown> {
        self.framing.let_downs.iter().filter(|_| self.rake().is_none()).find(|each| each.from <= x && x <= each.to)
    }

    /// How many top plates lie over a place.
    pub fn plates_at(&self, x: Length) -> i64 {
        self.let_down_at(x).map_or(2, |let_down| i64::from(let_down.plates))
    }

    /// The stretches that studs keep clear of, from left to right; two between which no stud can stand are one.
    pub fn clear_stretches(&self) -> Vec<(Length, Length)> {
        let mut edges: Vec<(Length, Length)> = self.framing.kept_clear.iter().map(KeptClear::edges).collect();
        edges.sort_unstable();
        let mut stretches: Vec<(Length, Length)> = Vec::with_capacity(edges.len());
        for (from, to) in edges {
            match stretches.last_mut() {
                Some(last) if from - last.1 < self.thickness() => last.1 = last.1.max(to),
                _ => stretches.push((from, to)),
            }
        }
        stretches
    }

    /// The steps of the top plates: where they are, and whether the lower side is to the right.
    pub fn steps(&self) -> Vec<(Length, bool)> {
        let ends = self.framing.let_downs.iter().flat_map(|each| [(each.from, true), (each.to, false)]);
        ends.filter(|(at, _)| self.rake().is_none() && Length::ZERO < *at && *at < self.length).collect()
    }

    /// The run of the top plates over a place.
    fn top_line_at(&self, x: Length) -> [(Length, Length); 2] {
        let lines = self.top_lines();
        lines.iter().copied().find(|[_, (to, _)]| x <= *to).unwrap_or(lines[lines.len() - 1])
    }

    /// The faces of a crossing wall.
    pub fn faces_of(&self, partition: &Partition) -> (Length, Length) {
        let half = self.sawn.depth(partition.depth).half();
        (partition.at - half, partition.at + half)
    }

    /// The stretch that the channel of a crossing wall takes: its faces and a stud at either side.
    pub fn channel_of(&self, partition: &Partition) -> (Length, Length) {
        let (left, right) = self.faces_of(partition);
        (left - self.thickness(), right + self.thickness())
    }

    /// Whether a gable's peak lies between two places.
    pub fn peak_between(&self, from: Length, to: Length) -> bool {
        self.top_lines().iter().skip(1).any(|[(peak, _), _]| from < *peak && *peak < to)
    }

    /// Top of the wall at a place.
    pub fn top_at(&self, x: Length) -> Length {
        if self.rake().is_none() {
            return self.let_down_at(x).map_or_else(|| self.height(), LetDown::top);
        }
        on_line(self.top_line_at(x), x, self.sawn)
    }

    /// Underside of the top plates at a place.
    pub fn under_plates_at(&self, x: Length) -> Length {
        self.top_at(x) - self.plate_rise_at(x) * self.plates_at(x)
    }

    /// Underside of the top plates where something begins that goes on to the right: at a peak it is that of the line which begins there.
    pub fn under_plates_from(&self, x: Length) -> Length {
        if self.rake().is_none() {
            return self.under_plates_at(x);
        }
        let lines = self.top_lines();
        let line = lines.iter().copied().find(|[_, (to, _)]| x < *to).unwrap_or(lines[lines.len() - 1]);
        on_line(line, x, self.sawn) - along(line, self.thickness(), self.sawn) * self.plates_at(x)
    }

    /// The lowest underside of the top plates between two places.
    pub fn lowest_under_plates(&self, from: Length, to: Length) -> Length {
        if self.rake().is_none() {
            let over = |each: &&LetDown| each.from < to && from < each.to;
            let lower = self.framing.let_downs.iter().filter(over).map(|each| self.under_plates_at(each.from));
            return lower.min().unwrap_or_else(|| self.height() - self.thickness() * 2);
        }
        // A line is lowest at an end, and a peak is no low point.
        self.under_plates_from(from).min(self.under_plates_at(to))
    }

    /// Thickness of a top plate measured upright at a place: more on a slope.
    pub fn plate_rise_at(&self, x: Length) -> Length {
        if self.rake().is_none() {
            return self.thickness();
        }
        along(self.top_line_at(x), self.thickness(), self.sawn)
    }
}

/// The height of a line at a place, as finely as it can be marked.
pub fn on_line([(x0, y0), (x1, y1)]: [(Length, Length); 2], x: Length, sawn: Sawn) -> Length {
    if y0 == y1 || x0 == x1 {
        return y0;
    }
    let rise = (y1 - y0).to_inches() * (x - x0).to_inches() / (x1 - x0).to_inches();
    y0 + sawn.as_marked(rise)
}

/// A level length laid along a line's slope: longer by the slope, as finely as it can be marked.
pub fn along([(x0, y0), (x1, y1)]: [(Length, Length); 2], level: Length, sawn: Sawn) -> Length {
    if y0 == y1 || x0 == x1 {
        return level;
    }
    let slope = (y1 - y0).to_inches() / (x1 - x0).to_inches();
    sawn.as_marked(level.to_inches() * slope.hypot(1.0))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn heights_by_plates_studs_and_rooms() {
        let of = |height| WallFrame { height, ..WallFrame::usual("any") }.height();
        // Common practice, no source: 92 5/8, 104 5/8 and 116 5/8 precuts under 97 1/8, 109 1/8 and 121 1/8.
        for (stud, over) in [(92, 97), (104, 109), (116, 121)] {
            let precut = WallHeight::Studs(Length::inches_and(stud, 5, 8));
            assert_eq!(of(precut), Length::inches_and(over, 1, 8));
        }
        // The lower end rules: 96 1/4 less 1 of clearance.
        let (left, right) = (Length::inches_and(96, 3, 4), Length::inches_and(96, 1, 4));
        let room = MeasuredRoom { left, right, clearance: Length::inches(1) };
        assert_eq!(of(WallHeight::Room(room)), Length::inches_and(95, 1, 4));
    }

    #[test]
    fn a_rake_climbs_as_it_is_drawn() {
        // 12 ft of lean-to from 96 to 168: 6 in 12. A plate of 1 1/2 measures 1.5 √(1 + 1/4) = 1.677 upright, 1 43/64.
        let rake = Rake { left: Length::inches(96), right: Length::inches(168), peak: None };
        let wall = WallFrame { height: WallHeight::Rake(rake), ..WallFrame::usual("shed") };
        assert_eq!(wall.top_at(Length::feet(4)), Length::inches(120));
        assert_eq!(wall.plate_rise_at(Length::feet(4)), Length::inches_and(1, 43, 64));
        assert_eq!(wall.height(), Length::inches(168));
        // A gable: up to the peak and down again.
        let gable = Rake { right: Length::inches(96), peak: Some((Length::feet(6), Length::inches(132))), ..rake };
        let wall = WallFrame { height: WallHeight::Rake(gable), ..wall };
        let at = |feet| wall.top_at(Length::feet(feet));
        assert_eq!([at(0), at(3), at(6), at(9), at(12)], [96, 114, 132, 114, 96].map(Length::inches));
        assert_eq!(wall.height(), Length::inches(132));
    }

    #[test]
    fn metric_studs_are_forty_five_thick() {
        let wall = WallFrame { sawn: Sawn::Millimeters, ..WallFrame::usual("any") };
        assert_eq!((wall.thickness(), wall.depth()), (Length::millimeters(45), Length::millimeters(90)));
        assert_eq!(wall.stud_stock(), "90x45 SPF Stud");
    }
}
