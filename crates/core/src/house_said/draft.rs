//! A house being put together from clauses: the job as it would be, and the edits that make it so.

use super::clause::{Clause, HouseMisread, Side};
use super::layout::{Layout, PORCH_OVERHANG, ROOF_OVERHANG, outside_walls, usual_frame, usual_roof};
use crate::framing::say::{Wanted, say};
use crate::house::usual::{BEAM, FOUNDATION, GIRDER, POST_FROM_THE_END, POST_WEIGHT};
use crate::house::{
    Axis, Beam, CeilingField, Field, FieldOf, FloorField, Foundation, HousePart, Level, Line, Pad, PartId, Place, Post,
    Rectangle, RoofField, RoofFieldFraming, Spot,
};
use crate::job::command::{AT_THE_END, apply};
use crate::job::{Command, Job, Opening, OpeningId, Wall, WallFrame, WallHeight, WallId};
use crate::loads::FloorUse;
use crate::measure::{Length, LengthStyle, LineLoad, Pressure};
use crate::say;
use crate::speech::{Joined, Phrase, distance};
use crate::statics::Joints;

type Read<T> = Result<T, HouseMisread>;

/// A house being put together.
pub(super) struct Draft<'a> {
    job: Job,
    commands: Vec<Command>,
    style: LengthStyle,
    name: &'a mut dyn FnMut() -> u128,
}

/// Common practice, no source: what stands under a house where nobody says otherwise.
const GIRDER_PAD: Length = Length::inches(30);
const PORCH_PAD: Length = Length::inches(18);
/// How far apart the posts of a porch stand at most.
const PORCH_POSTS_APART: Length = Length::feet(10);

impl<'a> Draft<'a> {
    pub fn of(job: &Job, style: LengthStyle, name: &'a mut dyn FnMut() -> u128) -> Self {
        Self { job: job.clone(), commands: Vec::new(), style, name }
    }

    pub fn into_commands(self) -> Vec<Command> {
        self.commands
    }

    /// Carries a clause out; what was understood, said back.
    pub fn takes(&mut self, clause: &Clause) -> Read<Phrase> {
        match clause {
            Clause::House { wide, deep } => self.house(*wide, *deep),
            Clause::Storeys { count, heights } => self.storeys(*count, heights),
            Clause::Slab => {
                self.layout()?;
                let ground = crate::house::Ground { slab: true, ..self.job.house.ground };
                self.does(Command::ChangeGround { ground })?;
                Ok(say!("said-house-slab"))
            }
            Clause::MiddleWall { at } => self.middle_wall(*at),
            Clause::Joists { along, depth } => self.joists(*along, *depth),
            Clause::Trusses { rise } => {
                self.roof(RoofFieldFraming::Trusses, *rise, None)?;
                Ok(say!("said-house-trusses"))
            }
            Clause::Rafters { rise, lapped } => {
                self.roof(RoofFieldFraming::RaftersOnBoard, *rise, Some(*lapped))?;
                Ok(if *lapped { say!("said-house-rafters-lapped") } else { say!("said-house-rafters-through") })
            }
            Clause::Girder { at, posts } => self.girder(*at, *posts),
            Clause::Porch { deep, side } => self.porch(*deep, *side),
            Clause::Deck { deep, side } => self.deck(*deep, *side),
            Clause::RidgeBeam { rise, posts } => self.ridge_beam(*rise, *posts),
            Clause::Openings { wall, said } => self.openings(wall, said),
        }
    }

    fn does(&mut self, command: Command) -> Read<()> {
        self.job = apply(&self.job, &command).map_err(|error| HouseMisread::new(error.phrase()))?.job;
        self.commands.push(command);
        Ok(())
    }

    fn adds(&mut self, part: HousePart) -> Read<()> {
        self.does(Command::AddPart { part: Box::new(part), at: AT_THE_END })
    }

    fn id(&mut self) -> PartId {
        PartId((self.name)())
    }

    /// How the house that is there lies.
    fn layout(&self) -> Read<Layout> {
        Layout::of(&self.job).ok_or_else(|| HouseMisread::new(say!("house-first")))
    }

    fn house(&mut self, wide: Length, deep: Length) -> Read<Phrase> {
        if !self.job.house.levels.is_empty() {
            return Err(HouseMisread::new(say!("house-there-already")));
        }
        let level = self.storey(usual_frame().height())?;
        self.walls(level, wide, deep)?;
        let layout = self.layout()?;
        for wall in outside_walls(wide, deep) {
            self.foundation(Line { thickness: FOUNDATION, ..wall.under })?;
        }
        self.roof_on(level, &layout, usual_roof(RoofFieldFraming::Trusses, 6.0))?;
        Ok(say!("said-house", wide = distance(wide), deep = distance(deep)))
    }

    fn storey(&mut self, height: Length) -> Read<PartId> {
        let id = self.id();
        let name = format!("Storey {}", self.job.house.levels.len() + 1);
        self.adds(HousePart::Level(Level { id, name, height }))?;
        Ok(id)
    }

    fn walls(&mut self, level: PartId, wide: Length, deep: Length) -> Read<()> {
        for outside in outside_walls(wide, deep) {
            let place = Place {
                level,
                axis: outside.line.axis,
                offset: outside.line.offset,
                start: outside.line.start,
                turned: outside.turned,
            };
            self.wall(outside.name, place, outside.line.length)?;
        }
        Ok(())
    }

    fn wall(&mut self, called: &str, place: Place, length: Length) -> Read<()> {
        let storey = self.job.house.storey(place.level).unwrap_or(0);
        let height = self.job.house.levels[storey].height;
        let name = if storey == 0 { called.to_owned() } else { format!("{called} {}", storey + 1) };
        let mut wall = Wall::new(WallId((self.name)()), &name);
        wall.frame = WallFrame { name, length, height: WallHeight::OverPlates(height), ..usual_frame() };
        wall.place = Some(place);
        self.does(Command::AddWall { wall: Box::new(wall), at: AT_THE_END })
    }

    fn foundation(&mut self, line: Line) -> Read<()> {
        let id = self.id();
        let name = format!("Foundation {}", self.job.house.foundations.len() + 1);
        self.adds(HousePart::Foundation(Foundation { id, name, line }))
    }

    fn field(&mut self, level: PartId, called: &str, over: Rectangle, span: Axis, of: FieldOf) -> Read<()> {
        let id = self.id();
        self.adds(HousePart::Field(Field { id, level, name: called.to_owned(), over, span, of }))
    }

    /// Storeys of the house that is there: their heights, and as many more on top of it as are wanted.
    fn storeys(&mut self, count: usize, heights: &[Length]) -> Read<Phrase> {
        let layout = self.layout()?;
        let before = self.job.house.levels.len();
        if count < before {
            return Err(HouseMisread::new(say!("house-fewer-storeys", count = before)));
        }
        let height = |storey: usize| heights.get(storey).or(heights.last()).copied();
        for storey in 0..before {
            let Some(height) = height(storey) else { continue };
            let level = Level { height, ..self.job.house.levels[storey].clone() };
            let id = level.id;
            self.does(Command::ChangePart { part: Box::new(HousePart::Level(level)) })?;
            self.heighten(id, height)?;
        }
        for storey in before..count {
            let below = self.job.house.levels[storey - 1].id;
            let level = self.storey(height(storey).unwrap_or(usual_frame().height()))?;
            self.walls(level, layout.wide, layout.deep)?;
            self.lift_roof(below, level)?;
            self.field(below, "Floor", layout.whole(), layout.across(), FieldOf::Floor(usual_floor()))?;
        }
        Ok(say!("said-house-storeys", count))
    }

    fn heighten(&mut self, level: PartId, height: Length) -> Read<()> {
        let on_it = self.job.walls.iter().filter(|wall| wall.place.is_some_and(|place| place.level == level));
        let frames: Vec<(WallId, WallFrame)> = on_it
            .map(|wall| (wall.id, WallFrame { height: WallHeight::OverPlates(height), ..wall.frame.clone() }))
            .collect();
        for (wall, frame) in frames {
            self.does(Command::ChangeWall { wall, frame })?;
        }
        Ok(())
    }

    /// The roof goes on top of a storey that is added.
    fn lift_roof(&mut self, from: PartId, to: PartId) -> Read<()> {
        let fields: Vec<Field> = self.main_roof().filter(|field| field.level == from).cloned().collect();
        for field in fields {
            let part = HousePart::Field(Field { level: to, ..field });
            self.does(Command::ChangePart { part: Box::new(part) })?;
        }
        Ok(())
    }

    /// The roof over the house and the ceiling under it, without porches.
    fn main_roof(&self) -> impl Iterator<Item = &Field> {
        self.job.house.fields.iter().filter(|field| match field.of {
            FieldOf::Roof(roof) => roof.framing != RoofFieldFraming::OneWay,
            FieldOf::Ceiling(_) => true,
            FieldOf::Floor(_) => false,
        })
    }

    fn middle_wall(&mut self, at: Length) -> Read<Phrase> {
        let layout = self.layout()?;
        let line = layout.along_at(at)?;
        let levels: Vec<PartId> = self.job.house.levels.iter().map(|level| level.id).collect();
        for level in levels {
            let place = Place { level, axis: line.axis, offset: line.offset, start: line.start, turned: false };
            self.wall("Middle", place, line.length)?;
        }
        self.foundation(Line { thickness: FOUNDATION, ..line })?;
        Ok(say!("said-house-middle-wall", at = distance(at)))
    }

    fn joists(&mut self, along: Option<bool>, depth: Option<Length>) -> Read<Phrase> {
        let layout = self.layout()?;
        let turned = along.map(|along| if along { layout.along() } else { layout.across() });
        let floors: Vec<Field> =
            self.job.house.fields.iter().filter(|field| matches!(field.of, FieldOf::Floor(_))).cloned().collect();
        for field in floors {
            let mut changed = field.clone();
            changed.span = turned.unwrap_or(field.span);
            if let FieldOf::Floor(floor) = &mut changed.of {
                floor.joist_depth = depth.or(floor.joist_depth);
            }
            if changed != field {
                self.does(Command::ChangePart { part: Box::new(HousePart::Field(changed)) })?;
            }
        }
        let way =
            along.map(|along| if along { say!("said-house-joists-along") } else { say!("said-house-joists-across") });
        let deep = depth.map(|depth| say!("said-house-joists-deep", depth = distance(depth)));
        Ok(Phrase::several(way.into_iter().chain(deep).collect(), Joined::Sentences))
    }

    fn roof(&mut self, framing: RoofFieldFraming, rise: f64, lapped: Option<bool>) -> Read<()> {
        let layout = self.layout()?;
        let before: Vec<PartId> = self.main_roof().map(|field| field.id).collect();
        for part in before {
            self.does(Command::RemovePart { part })?;
        }
        let Some(top) = self.job.house.levels.last().map(|level| level.id) else { return Ok(()) };
        self.roof_on(top, &layout, usual_roof(framing, rise))?;
        if let Some(lapped) = lapped {
            let ceiling = CeilingField { lapped, dead: Pressure::psf(5.0), attic_live: Pressure::psf(10.0) };
            self.field(top, "Ceiling", layout.whole(), layout.across(), FieldOf::Ceiling(ceiling))?;
        }
        Ok(())
    }

    fn roof_on(&mut self, level: PartId, layout: &Layout, roof: RoofField) -> Read<()> {
        let over = layout.past(ROOF_OVERHANG);
        self.field(level, "Roof", over, layout.across(), FieldOf::Roof(roof))
    }

    fn girder(&mut self, at: Length, posts: usize) -> Read<Phrase> {
        let layout = self.layout()?;
        let line = layout.between_walls_at(at)?;
        let Some(level) = self.job.house.levels.first().map(|level| level.id) else {
            return Err(HouseMisread::new(say!("house-first")));
        };
        self.beam(level, "Girder", line, GIRDER, Joints::None)?;
        self.posts_under(level, line, posts, GIRDER_PAD)?;
        Ok(say!("said-house-girder", at = distance(at), posts))
    }

    /// A beam of a usual thickness and weight along a line.
    fn beam(
        &mut self,
        level: PartId,
        called: &str,
        line: Line,
        (thickness, weight): (Length, LineLoad),
        joints: Joints,
    ) -> Read<()> {
        let line = Line { thickness, ..line };
        let beam = Beam { id: self.id(), level, name: called.to_owned(), line, weight, joints, chosen: None };
        self.adds(HousePart::Beam(beam))
    }

    /// So many posts evenly under a line.
    fn posts_on(&mut self, level: PartId, line: Line, posts: usize) -> Read<Vec<Spot>> {
        let (first, last) = (line.start + POST_FROM_THE_END, line.end() - POST_FROM_THE_END);
        let spaces = i64::try_from(posts).unwrap_or(2) - 1;
        let spots: Vec<Spot> =
            (0..=spaces).map(|post| line.spot(first + (last - first) * post / spaces.max(1))).collect();
        for at in spots.iter().copied() {
            let (id, name) = (self.id(), format!("Post {}", self.job.house.posts.len() + 1));
            self.adds(HousePart::Post(Post { id, level, name, at, weight: POST_WEIGHT, chosen: None }))?;
        }
        Ok(spots)
    }

    /// So many posts evenly under a line, each on a pad.
    fn posts_under(&mut self, level: PartId, line: Line, posts: usize, size: Length) -> Read<()> {
        for at in self.posts_on(level, line, posts)? {
            let (id, name) = (self.id(), format!("Pad {}", self.job.house.pads.len() + 1));
            self.adds(HousePart::Pad(Pad { id, name, at, size }))?;
        }
        Ok(())
    }

    fn porch(&mut self, deep: Length, side: Side) -> Read<Phrase> {
        let layout = self.layout()?;
        let Some(level) = self.job.house.levels.first().map(|level| level.id) else {
            return Err(HouseMisread::new(say!("house-first")));
        };
        let (over, span, line) = layout.porch(deep, side);
        let roof = RoofField {
            overhang: PORCH_OVERHANG,
            ceiling_dead: Pressure::ZERO,
            warmth: crate::loads::RoofWarmth::Unheated,
            gable_weight: Pressure::ZERO,
            ..usual_roof(RoofFieldFraming::OneWay, 3.0)
        };
        self.field(level, "Porch roof", over, span, FieldOf::Roof(roof))?;
        self.beam(level, "Porch beam", line, BEAM, Joints::AtEverySupport)?;
        self.posts_under(level, line, posts_along(line), PORCH_PAD)?;
        Ok(say!("said-house-porch", deep = distance(deep), side = side_said(side)))
    }

    /// A deck as high as the floor over the lowest storey, from the house to a beam on posts.
    fn deck(&mut self, deep: Length, side: Side) -> Read<Phrase> {
        let layout = self.layout()?;
        let [level, _, ..] = self.job.house.levels.iter().map(|level| level.id).collect::<Vec<_>>()[..] else {
            return Err(HouseMisread::new(say!("house-deck-wants-two-storeys")));
        };
        let (over, span, line) = layout.deck(deep, side);
        let floor = FloorField { use_: FloorUse::Deck, ..usual_floor() };
        self.field(level, "Deck", over, span, FieldOf::Floor(floor))?;
        self.beam(level, "Deck beam", line, BEAM, Joints::AtEverySupport)?;
        self.posts_under(level, line, posts_along(line), PORCH_PAD)?;
        Ok(say!("said-house-deck", deep = distance(deep), side = side_said(side)))
    }

    /// Rafters on a ridge beam in the middle of the roof, on posts of the top storey.
    fn ridge_beam(&mut self, rise: f64, posts: usize) -> Read<Phrase> {
        self.roof(RoofFieldFraming::RaftersOnBeam, rise, None)?;
        let layout = self.layout()?;
        let (_, deep) = layout.whole().along(layout.across());
        let (start, end) = layout.whole().along(layout.along());
        // Out to the gables' outside, under the last rafters.
        let line = Line { start, length: end - start, ..layout.along_at(deep.half())? };
        let (Some(top), lowest) =
            (self.job.house.levels.last().map(|level| level.id), self.job.house.levels.len() == 1)
        else {
            return Err(HouseMisread::new(say!("house-first")));
        };
        self.beam(top, "Ridge beam", line, GIRDER, Joints::AtEverySupport)?;
        if lowest {
            self.posts_under(top, line, posts, GIRDER_PAD)?;
        } else {
            self.posts_on(top, line, posts)?;
        }
        Ok(say!("said-house-ridge-beam", posts))
    }

    /// Openings of one wall, called out as on the wall itself.
    fn openings(&mut self, called: &str, said: &str) -> Read<Phrase> {
        let named = self
            .job
            .walls
            .iter()
            .find(|wall| wall.place.is_some() && wall.frame.name.trim().eq_ignore_ascii_case(called));
        let Some(wall) = named else { return Err(HouseMisread::new(say!("house-no-such-wall", called))) };
        let (id, name) = (wall.id, wall.frame.name.clone());
        let read =
            say(said, wall, &self.job.settings, self.style).map_err(|error| HouseMisread::new(error.what.phrase()))?;
        let Wanted::Openings(designs) = read.what else {
            return Err(HouseMisread::new(say!("house-openings-only", called = name)));
        };
        for design in designs {
            let opening = Box::new(Opening::new(OpeningId((self.name)()), design));
            self.does(Command::AddOpening { wall: id, opening, at: AT_THE_END })?;
        }
        Ok(say!("said-house-openings", wall = name, said = read.understood))
    }
}

/// How many posts a porch or a deck stands on.
fn posts_along(line: Line) -> usize {
    let apart = PORCH_POSTS_APART.nanometers();
    usize::try_from((line.length.nanometers() + apart - 1) / apart).unwrap_or(1) + 1
}

fn side_said(side: Side) -> Phrase {
    match side {
        Side::Front => say!("side-front"),
        Side::Back => say!("side-back"),
        Side::Left => say!("side-left"),
        Side::Right => say!("side-right"),
    }
}

/// A floor of rooms, its joists cut or lapped at every wall: 10 and 40 psf (IRC 2021 R301.5, from memory; dead: common practice).
const fn usual_floor() -> FloorField {
    FloorField {
        use_: FloorUse::Living,
        joints: Joints::AtEverySupport,
        dead: Pressure::psf(10.0),
        live: Pressure::psf(40.0),
        roofed: false,
        joist_depth: None,
    }
}
