//! A house put together part by part: walls of 97 1/8 in. under 40 psf of ground snow lying evenly.

use sturvek_core::house::{
    Axis, Beam, Field, FieldOf, FloorField, Foundation, Level, Line, Pad, PartId, Place, Post, Rectangle, RoofField,
    RoofFieldFraming, Spot,
};
use sturvek_core::job::{
    Job, Opening, OpeningDesign, OpeningId, OpeningKind, SiteSaid, Size, StockItem, Wall, WallFrame, WallId,
};
use sturvek_core::loads::{DeadLoadOn, FloorUse, RoofWarmth, SiteLoads, SiteSnow, SnowTrouble};
use sturvek_core::lumber::{Depth, EngineeredClass, HeaderBoard};
use sturvek_core::measure::{Force, Length, LineLoad, Pressure};
use sturvek_core::plan::JobPlan;
use sturvek_core::sizing::candidates::StockBoard;
use sturvek_core::statics::Joints;

use super::spf;

pub struct Hand {
    pub job: Job,
    next: u128,
}

pub const fn feet(feet: i64) -> Length {
    Length::feet(feet)
}

/// A floor of joists cut at every support, 10 psf and what lives on it.
pub const fn floor(live: f64) -> FieldOf {
    FieldOf::Floor(FloorField {
        use_: FloorUse::Living,
        joints: Joints::AtEverySupport,
        dead: Pressure::psf(10.0),
        live: Pressure::psf(live),
        roofed: false,
        joist_depth: None,
    })
}

impl Hand {
    pub fn with_storeys(storeys: u128) -> Self {
        let sawn = Depth::ALL.map(|depth| spf(depth).board);
        let lvl = [14, 16, 18].map(|depth| HeaderBoard::Engineered {
            class: EngineeredClass::Lvl20E,
            ply_width: Length::inches_and(1, 3, 4),
            depth: Length::inches(depth),
        });
        let boards = sawn.into_iter().chain(lvl).map(|board| StockBoard { board, price_per_foot: None });
        let mut job = Job::empty("by hand", StockItem::counted(boards));
        job.settings.said = SiteSaid::SAID;
        job.settings.site = SiteLoads { snow: SiteSnow::even(Pressure::psf(40.0)), roof_live: Pressure::psf(20.0) };
        let level = |id| Level { id: PartId(id), name: format!("storey {id}"), height: Length::inches_and(97, 1, 8) };
        job.house.levels = (0..storeys).map(level).collect();
        Self { job, next: 1000 }
    }

    /// Two storeys of 24 by 24 ft, one over the other: walls along x at 0, 12 and 24 ft (1, 2 and 3, above 11, 12 and 13), joists across them.
    pub fn two_storeys_alike() -> Self {
        let mut hand = Self::with_storeys(2);
        for level in 0..2 {
            for (id, offset) in [(1, 0), (2, 12), (3, 24)] {
                if level == 0 {
                    hand.foundation(Axis::X, feet(offset), (feet(0), feet(24)));
                }
                hand.wall(10 * level + id, level, Axis::X, feet(offset), (feet(0), feet(24)));
            }
            hand.field(level, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor(40.0));
        }
        hand
    }

    pub fn plan(&self) -> JobPlan {
        sturvek_core::job::bounds::job(&self.job).expect("allowed");
        JobPlan::of(self.job.clone())
    }

    fn id(&mut self) -> u128 {
        self.next += 1;
        self.next
    }

    pub fn wall(&mut self, id: u128, level: u128, axis: Axis, offset: Length, (start, end): (Length, Length)) {
        let mut wall = Wall::new(WallId(id), &format!("wall {id}"));
        wall.frame = WallFrame { length: end - start, ..WallFrame::usual(&format!("wall {id}")) };
        wall.place = Some(Place { level: PartId(level), axis, offset, start, turned: false });
        self.job.walls.push(wall);
    }

    /// A window with so wide a unit, its center so far from the wall's left end.
    pub fn window(&mut self, wall: u128, center: Length, inches: i64) -> OpeningId {
        let id = OpeningId(self.id());
        let size = Size { width: Length::inches(inches), height: Length::inches(48) };
        let design =
            OpeningDesign { center, sill: Length::inches(24), ..OpeningDesign::usual(OpeningKind::Window, size) };
        let wall = self.job.walls.iter_mut().find(|each| each.id == WallId(wall)).expect("it is there");
        wall.openings.push(Opening::new(id, design));
        wall.give_letters();
        id
    }

    pub fn field(&mut self, level: u128, at: (Length, Length, Length, Length), span: Axis, of: FieldOf) {
        let (left, near, right, far) = at;
        let over = Rectangle { near: Spot { x: left, y: near }, far: Spot { x: right, y: far } };
        let id = PartId(self.id());
        self.job.house.fields.push(Field { id, level: PartId(level), name: "field".into(), over, span, of });
    }

    /// 6 in 12, 10 psf on the level and 5 of ceiling under trusses; its overhang 2 ft, of one that falls one way 1 ft.
    pub fn roof(&mut self, level: u128, at: (Length, Length, Length, Length), span: Axis, framing: RoofFieldFraming) {
        let roof = RoofField {
            framing,
            rise_in_twelve: 6.0,
            bay: feet(2),
            overhang: feet(if framing == RoofFieldFraming::OneWay { 1 } else { 2 }),
            dead: Pressure::psf(10.0),
            dead_on: DeadLoadOn::Level,
            warmth: RoofWarmth::Heated,
            ceiling_dead: Pressure::psf(5.0),
            attic_live: Pressure::ZERO,
            snow_trouble: SnowTrouble::None,
            gable_weight: Pressure::ZERO,
        };
        self.field(level, at, span, FieldOf::Roof(roof));
    }

    pub fn beam(&mut self, level: u128, axis: Axis, offset: Length, ends: (Length, Length), plf: f64) {
        self.cut_or_not(level, axis, offset, ends, plf, Joints::AtEverySupport);
    }

    /// In one piece over its supports.
    pub fn girder(&mut self, level: u128, axis: Axis, offset: Length, ends: (Length, Length), plf: f64) {
        self.cut_or_not(level, axis, offset, ends, plf, Joints::None);
    }

    fn cut_or_not(
        &mut self,
        level: u128,
        axis: Axis,
        offset: Length,
        (start, end): (Length, Length),
        plf: f64,
        joints: Joints,
    ) {
        let line = Line { axis, offset, start, length: end - start, thickness: Length::inches_and(5, 1, 4) };
        let (id, level, weight) = (PartId(self.id()), PartId(level), LineLoad::plf(plf));
        self.job.house.beams.push(Beam { id, level, name: "beam".into(), line, weight, joints, chosen: None });
    }

    pub fn post(&mut self, level: u128, x: Length, y: Length) {
        let (id, level) = (PartId(self.id()), PartId(level));
        self.job.house.posts.push(Post {
            id,
            level,
            name: "post".into(),
            at: Spot { x, y },
            weight: Force::ZERO,
            chosen: None,
        });
    }

    pub fn pad(&mut self, x: Length, y: Length, inches: i64) {
        let id = PartId(self.id());
        self.job.house.pads.push(Pad { id, name: "pad".into(), at: Spot { x, y }, size: Length::inches(inches) });
    }

    pub fn foundation(&mut self, axis: Axis, offset: Length, (start, end): (Length, Length)) {
        let line = Line { axis, offset, start, length: end - start, thickness: Length::inches(8) };
        let id = PartId(self.id());
        self.job.house.foundations.push(Foundation { id, name: "foundation".into(), line });
    }

    pub const fn slab(&mut self) {
        self.job.house.ground.slab = true;
    }
}
