//! Jobs and commands drawn at random, with every field in play and within what is allowed.

use proptest::prelude::*;
use rand::rngs::StdRng;
use rand::{RngExt, SeedableRng};
use sturvek_core::codes::Service;
use sturvek_core::house::{
    Axis, Beam, CeilingField, EngineersMark, Field, FieldOf, FloorField, Foundation, Ground, House, HousePart, Level,
    Line, Pad, PartId, Place, Post as HousePost, Rectangle, RoofField, RoofFieldFraming, Spot,
};
use sturvek_core::job::command::Placement;
use sturvek_core::job::rough_opening::RoughOpeningRules;
use sturvek_core::job::{
    Backing, BackingBoard, CeilingOver, ClearFor, Command, CountOverride, FramedAs, FramingOptions, HeadLine,
    HeaderChoice, HeaderPlace, Job, KeptClear, KingWindBasis, LayoutStart, LetDown, LetDownTo, Letter, MeasuredRoom,
    Opening, OpeningDesign, OpeningId, OpeningKind, OwnBreaks, Particulars, Partition, PlaceFigures, PlateLap,
    PointLoad, PointLoadId, Raising, Rake, Room, RunDesign, RunPast, Sawn, Settings, Sheathing, SheathingKind,
    SillStyle, SiteSaid, Size, SpecialCase, StockId, StockItem, StudRole, Underside, Wall, WallEnd, WallFace,
    WallFrame, WallHeight, WallId,
};
use sturvek_core::loads::{
    Answer, BearingEvidence, ByKind, Carried, DeadLoadOn, FloorFraming, FloorOnWall, FloorUse, Framing, GableAbove,
    LoadKind, MOST_OPENINGS_ABOVE, OpeningsAbove, RidgePost, RoofFraming, RoofOnWall, RoofWarmth, Seen, SiteLoads,
    SiteSnow, SnowBasis, SnowEdition, SnowTrouble, Standing, Tail, WallAbove, WallCarries, WindExposure, WindSpeed,
};
use sturvek_core::lumber::JackLumber;
use sturvek_core::lumber::sheet::Name;
use sturvek_core::lumber::{
    Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnLumber, SawnSize, SheetValues, Species, Thickness,
};
use sturvek_core::measure::{End, Ends, Force, Length, LineLoad, Money, Pressure};
use sturvek_core::sizing::candidates::{Aim, Margin, StockBoard};
use sturvek_core::sizing::kings::KingTable;
use sturvek_core::sizing::post::PostSection;
use sturvek_core::sizing::schools::code_basis::TableBlock;
use sturvek_core::sizing::schools::{JurisdictionRow, JurisdictionTable, School, ShopHeader, ShopRules};
use sturvek_core::sizing::{HeaderFace, JackSeat, Post};
use sturvek_core::statics::Joints;

/// Any job: two or three walls, everything that can be said of them said somewhere.
pub fn any_job() -> impl Strategy<Value = Job> {
    any::<u64>().prop_map(|seed| Draw::new(seed).job())
}

/// Any command. What it names need not be in any job.
pub fn any_command() -> impl Strategy<Value = Command> {
    any::<u64>().prop_map(|seed| Draw::new(seed).command())
}

/// Draws one thing after another.
struct Draw {
    random: StdRng,
}

/// A wall that is drawn is so long.
const SHORTEST: i64 = 24 * 12;

impl Draw {
    fn new(seed: u64) -> Self {
        Self { random: StdRng::seed_from_u64(seed) }
    }

    fn one<T: Copy>(&mut self, of: &[T]) -> T {
        of[self.random.random_range(0..of.len())]
    }

    fn yes(&mut self) -> bool {
        self.random.random()
    }

    fn maybe<T>(&mut self, draw: impl FnOnce(&mut Self) -> T) -> Option<T> {
        self.yes().then(|| draw(self))
    }

    fn some<T>(&mut self, most: usize, mut draw: impl FnMut(&mut Self) -> T) -> Vec<T> {
        (0..self.random.random_range(0..=most)).map(|_| draw(self)).collect()
    }

    fn count(&mut self, least: u8, most: u8) -> u8 {
        self.random.random_range(least..=most)
    }

    /// Any nanometer between two numbers of inches.
    fn length(&mut self, least_inches: i64, most_inches: i64) -> Length {
        let (least, most) = (Length::inches(least_inches), Length::inches(most_inches));
        Length::from_nanometers(self.random.random_range(least.nanometers()..=most.nanometers()))
    }

    fn number(&mut self, least: f64, most: f64) -> f64 {
        self.random.random_range(least..=most)
    }

    fn pressure(&mut self, most: f64) -> Pressure {
        Pressure::psf(self.number(0.5, most))
    }

    fn id(&mut self) -> u128 {
        self.random.random()
    }

    fn text(&mut self) -> String {
        let word = self.one(&["Water side", "dormer girder", "Tür \"3\"", "as the yard's drawing says", "plan B'"]);
        format!("{word} {}", self.random.random_range(0..1_000_000))
    }

    fn end(&mut self) -> End {
        self.one(&End::BOTH)
    }

    fn ends<T>(&mut self, mut draw: impl FnMut(&mut Self) -> T) -> Ends<T> {
        Ends { left: draw(self), right: draw(self) }
    }

    fn depth_of_studs(&mut self) -> Depth {
        self.one(&[Depth::Four, Depth::Six, Depth::Eight])
    }

    fn species(&mut self) -> Species {
        self.one(&[Species::DouglasFirLarch, Species::HemFir, Species::SprucePineFir, Species::SouthernPine])
    }

    fn grade(&mut self) -> Grade {
        self.one(&[Grade::SelectStructural, Grade::Number1, Grade::Number2, Grade::Stud])
    }

    fn board(&mut self) -> HeaderBoard {
        match self.count(0, 2) {
            0 => HeaderBoard::Sawn {
                species: self.species(),
                grade: self.grade(),
                size: SawnSize {
                    thickness: self.one(&[Thickness::Two, Thickness::Four, Thickness::Six]),
                    depth: self.one(&[Depth::Six, Depth::Eight, Depth::Ten, Depth::Twelve]),
                },
            },
            1 => HeaderBoard::Engineered {
                class: self.one(&[
                    EngineeredClass::Lvl20E,
                    EngineeredClass::Lvl19E,
                    EngineeredClass::Psl20E,
                    EngineeredClass::Psl22E,
                    EngineeredClass::Lsl155E,
                    EngineeredClass::Glulam24F18E,
                ]),
                ply_width: self.length(1, 6),
                depth: self.length(5, 24),
            },
            _ => {
                let mut whole = |least: u32, most: u32| self.random.random_range(least..=most);
                let values = SheetValues {
                    name: Name::from("Yard beam").expect("short enough"),
                    bending_psi: whole(1_000, 3_000),
                    shear_psi: whole(200, 400),
                    bearing_psi: whole(410, 900),
                    stiffness_psi: whole(1_000_000, 2_200_000),
                    stability_stiffness_psi: whole(300_000, 990_000),
                    density_pcf: whole(20, 60),
                };
                HeaderBoard::Sheet { values, ply_width: self.length(1, 6), depth: self.length(5, 24) }
            }
        }
    }

    fn header(&mut self) -> HeaderSpec {
        HeaderSpec { board: self.board(), plies: self.count(1, 4) }
    }

    fn stock_item(&mut self) -> StockItem {
        let price_per_foot = self.maybe(|draw| Money::cents(draw.number(10.0, 3000.0)));
        StockItem { id: StockId(self.id()), board: StockBoard { board: self.board(), price_per_foot } }
    }

    fn settings(&mut self) -> Settings {
        let ground = self.pressure(120.0);
        let answers = [Answer::NotSaid, Answer::No, Answer::Yes];
        let standing = [Standing::NotSaid, Standing::AssumedBefore, Standing::Said];
        Settings {
            site: SiteLoads {
                snow: SiteSnow {
                    basis: if self.yes() { SnowBasis::Ground(ground) } else { SnowBasis::Roof(ground) },
                    edition: self.one(&[SnowEdition::Asce7To16, SnowEdition::Asce7From22]),
                    exposure: self.number(0.8, 1.1),
                    thermal: self.number(0.9, 1.2),
                    importance: self.number(0.85, 1.15),
                    unbalanced: self.yes(),
                    winter_wind: self.number(0.3, 0.6),
                },
                roof_live: self.pressure(60.0),
            },
            wind: match self.count(0, 2) {
                0 => KingWindBasis::CodeTableOnly,
                1 => KingWindBasis::Pressure(self.pressure(90.0)),
                _ => KingWindBasis::Speed(WindSpeed {
                    miles_per_hour: self.number(90.0, 180.0),
                    exposure: self.one(&[WindExposure::B, WindExposure::C, WindExposure::D]),
                    mean_roof_height: self.length(110, 600),
                }),
            },
            place: self.maybe(|draw| PlaceFigures {
                name: draw.text(),
                source: draw.text(),
                frost_depth: draw.length(0, 90),
                ground_snow: draw.pressure(120.0),
                edition: draw.one(&[SnowEdition::Asce7To16, SnowEdition::Asce7From22]),
                miles_per_hour: draw.number(90.0, 180.0),
                exposure: draw.one(&[WindExposure::B, WindExposure::C, WindExposure::D]),
            }),
            said: SiteSaid { snow: self.one(&standing), wind: self.one(&standing) },
            brittle_finish: self.one(&answers),
            partially_enclosed: self.one(&answers),
            on_a_hill: self.one(&answers),
            live_deflection_limit: self.number(180.0, 600.0),
            total_deflection_limit: self.number(180.0, 600.0),
            creep: self.number(1.0, 2.5),
            most_sag_over_door: self.maybe(|draw| draw.length(1, 2)),
            king_deflection_limit: self.number(180.0, 600.0),
            king_table: self.one(&[KingTable::Irc2015, KingTable::Irc2018HighWind, KingTable::Irc2018LowWind]),
            school: self.one(&[School::CodeTable, School::Calculation, School::ShopRule]),
            aim: self.one(&[Aim::Cheapest, Aim::Leanest, Aim::Shallowest, Aim::Lightest, Aim::FewestPlies]),
            margin: self.one(&[Margin::Lean, Margin::BeltAndBraces]),
            shop: ShopRules {
                doubles_jacks_from: self.maybe(|draw| draw.length(20, 200)),
                doubles_kings_from: self.maybe(|draw| draw.length(20, 200)),
                headers: self.some(3, |draw| ShopHeader {
                    up_to: draw.maybe(|draw| draw.length(20, 200)),
                    building_up_to: draw.maybe(|draw| draw.length(100, 900)),
                    header: draw.header(),
                }),
            },
            rough: self.rough_rules(),
            finish_floor: self.length(0, 3),
            counter: self.length(30, 42),
            backsplash: self.length(1, 20),
            raising: Raising {
                moisture_percent: self.number(0.0, 60.0),
                crew: u32::from(self.count(1, 40)),
                pounds_each: self.number(20.0, 300.0),
            },
            raising_order: Vec::new(),
        }
    }

    fn rough_rules(&mut self) -> RoughOpeningRules {
        let mut larger = || Size { width: self.length(0, 4), height: self.length(0, 4) };
        RoughOpeningRules {
            window: larger(),
            door: larger(),
            pair_of_doors: larger(),
            sliding_door: larger(),
            overhead_door: larger(),
            pocket_door: larger(),
            cased_opening: larger(),
        }
    }

    fn table(&mut self) -> JurisdictionTable {
        let blocks = [
            TableBlock::RoofCeiling,
            TableBlock::RoofOneCenterFloor,
            TableBlock::RoofOneClearFloor,
            TableBlock::RoofTwoCenterFloors,
            TableBlock::RoofTwoClearFloors,
            TableBlock::OneFloor,
            TableBlock::TwoFloors,
        ];
        let rows = self.some(4, |draw| JurisdictionRow {
            block: draw.one(&blocks),
            plies: draw.count(1, 4),
            depth: draw.one(&[Depth::Four, Depth::Six, Depth::Eight, Depth::Ten, Depth::Twelve]),
            snow: draw.maybe(|draw| draw.pressure(100.0)),
            width: draw.length(100, 600),
            span: draw.length(20, 240),
            jacks: draw.count(1, 6),
        });
        JurisdictionTable { name: self.text(), rows }
    }

    fn frame(&mut self) -> WallFrame {
        let length = self.length(SHORTEST, 60 * 12);
        let mut frame = WallFrame {
            name: self.text(),
            length,
            height: self.height(),
            stud: JackLumber { species: self.species(), grade: self.grade(), depth: self.depth_of_studs() },
            sawn: self.one(&[Sawn::Inches, Sawn::Millimeters]),
            spacing: self.length(10, 24),
            plate_species: self.species(),
            face: self.one(&[WallFace::Outside, WallFace::Inside]),
            framing: self.framing_options(),
        };
        if matches!(frame.height, WallHeight::Rake(_)) {
            frame.framing.let_downs.clear();
        }
        frame
    }

    fn height(&mut self) -> WallHeight {
        match self.count(0, 3) {
            0 => WallHeight::OverPlates(self.length(90, 140)),
            1 => WallHeight::Studs(self.length(88, 140)),
            2 => WallHeight::Room(MeasuredRoom {
                left: self.length(94, 120),
                right: self.length(94, 120),
                clearance: self.length(0, 2),
            }),
            _ => WallHeight::Rake(Rake {
                left: self.length(84, 120),
                right: self.length(84, 120),
                peak: self.maybe(|draw| (draw.length(100, 200), draw.length(121, 150))),
            }),
        }
    }

    fn framing_options(&mut self) -> FramingOptions {
        let ends = [WallEnd::Plain, WallEnd::ThreeStudCorner, WallEnd::TwoStudCorner, WallEnd::ThreePieceCorner];
        FramingOptions {
            layout_from: self.end(),
            layout_start: match self.maybe(Self::depth_of_studs) {
                Some(depth) => LayoutStart::NeighborFace(depth),
                None => LayoutStart::WallEnd,
            },
            ends: self.ends(|draw| draw.one(&ends)),
            laps: self.ends(|draw| match draw.count(0, 2) {
                0 => PlateLap::Flush,
                1 => PlateLap::HeldBack(draw.depth_of_studs()),
                _ => PlateLap::RunsOver(draw.depth_of_studs()),
            }),
            partitions: self.some(2, |draw| Partition {
                at: draw.length(20, SHORTEST - 20),
                depth: draw.depth_of_studs(),
                backing: draw.one(&[Backing::Channel, Backing::LadderBlocks]),
                laps_in: draw.yes(),
            }),
            plate_stock: self.length(100, 400),
            breaks_apart: self.length(10, 90),
            own_breaks: self.maybe(|draw| OwnBreaks {
                lower: vec![draw.length(20, 100), draw.length(101, 200)],
                upper: draw.some(1, |draw| draw.length(20, 200)),
            }),
            bolts: self.maybe(|draw| draw.length(20, 70)),
            panel_ends: self.some(2, |draw| draw.length(2, SHORTEST)),
            cast_bolts: self.some(3, |draw| draw.length(2, SHORTEST)),
            blocking: self.some(2, |draw| draw.length(10, 60)),
            heads: self.one(&[HeadLine::Aligned, HeadLine::OnPurpose]),
            let_downs: self.let_downs(),
            boards: self.some(2, Self::backing_board),
            kept_clear: self.some(2, Self::kept_clear),
            ceiling: match self.count(0, 2) {
                0 => CeilingOver::NotSaid,
                1 => CeilingOver::HangsFree,
                _ => CeilingOver::JoistsAlong { clear: self.length(10, 30), every: self.length(16, 40) },
            },
            sheathing: self.maybe(|draw| Sheathing {
                kind: draw.one(&[SheathingKind::Osb, SheathingKind::Plywood, SheathingKind::Foam]),
                thickness: draw.length(1, 6),
            }),
        }
    }

    /// One at the left end, or further in, or both.
    fn let_downs(&mut self) -> Vec<LetDown> {
        let at_the_end = self.maybe(|draw| (Length::ZERO, draw.length(20, 60)));
        let further_in = self.maybe(|draw| (draw.length(80, 120), draw.length(140, 200)));
        let all = at_the_end.into_iter().chain(further_in);
        all.map(|(from, to)| {
            let height = if self.yes() {
                LetDownTo::OverPlates(self.length(60, 84))
            } else {
                LetDownTo::Under { measured: self.length(60, 84), clearance: self.length(0, 2) }
            };
            LetDown { from, to, height, plates: self.count(1, 2) }
        })
        .collect()
    }

    fn kept_clear(&mut self) -> KeptClear {
        KeptClear {
            name: self.text(),
            at: self.length(40, 200),
            width: self.length(1, 30),
            for_: self.one(&[ClearFor::Pipe, ClearFor::Fixture]),
        }
    }

    fn backing_board(&mut self) -> BackingBoard {
        BackingBoard {
            name: self.text(),
            from: self.length(0, 40),
            to: self.length(48, 200),
            height: self.length(20, 60),
            board: self.one(&[Depth::Four, Depth::Six, Depth::Eight]),
        }
    }

    fn evidence(&mut self) -> BearingEvidence {
        let mut seen = || self.one(&[Seen::Yes, Seen::No, Seen::NotLooked]);
        BearingEvidence { joists_land: seen(), roof_lands: seen(), stands_above: seen(), support_below: seen() }
    }

    fn carries(&mut self) -> WallCarries {
        if self.count(0, 9) == 0 { WallCarries::Nothing } else { WallCarries::Framing(self.some(4, Self::carried)) }
    }

    fn carried(&mut self) -> Carried {
        Carried {
            framing: self.landing(),
            extent: self.maybe(|draw| (draw.length(1, 100), draw.length(101, SHORTEST))),
            on_tail: self.yes(),
        }
    }

    fn landing(&mut self) -> Framing {
        match self.count(0, 4) {
            0 => Framing::Roof(self.roof()),
            1 => Framing::RidgePost(RidgePost {
                at: self.length(1, SHORTEST),
                building_width: self.length(200, 800),
                rise_in_twelve: self.number(2.0, 14.0),
                span_one_side: self.length(40, 400),
                span_other_side: self.length(0, 400),
                roof_dead: self.pressure(60.0),
                runs_over: self.yes(),
                beam_weight: LineLoad::plf(self.number(1.0, 80.0)),
            }),
            2 => Framing::Floor(self.floor()),
            3 => Framing::WallAbove(WallAbove {
                height: self.length(20, 200),
                dead: self.pressure(90.0),
                openings: self.openings_above(),
                brick: self.yes(),
            }),
            _ => Framing::Gable(GableAbove { rise_in_twelve: self.number(2.0, 14.0), dead: self.pressure(90.0) }),
        }
    }

    fn roof(&mut self) -> RoofOnWall {
        RoofOnWall {
            framing: self.one(&[
                RoofFraming::Trusses,
                RoofFraming::RaftersWithClearCeilingJoists,
                RoofFraming::RaftersWithLappedCeilingJoists,
                RoofFraming::MiddleWallUnderLappedCeilingJoists,
                RoofFraming::RaftersOnRidgeBeam,
                RoofFraming::ParallelToWall,
                RoofFraming::RaftersFromLedger,
            ]),
            building_width: self.length(200, 800),
            overhang: self.length(0, 60),
            rise_in_twelve: self.number(2.0, 14.0),
            bay: self.length(10, 60),
            roof_dead: self.pressure(60.0),
            dead_on: self.one(&[DeadLoadOn::Level, DeadLoadOn::Slope]),
            warmth: self.one(&[
                RoofWarmth::AsTheJobSays,
                RoofWarmth::Heated,
                RoofWarmth::ColdAndVented,
                RoofWarmth::Unheated,
            ]),
            ceiling_dead: self.pressure(60.0),
            attic_live: self.pressure(60.0),
            snow_trouble: self.one(&[
                SnowTrouble::None,
                SnowTrouble::Drift,
                SnowTrouble::Ice,
                SnowTrouble::UnbalancedHipOrValley,
            ]),
        }
    }

    fn floor(&mut self) -> FloorOnWall {
        FloorOnWall {
            use_: self.one(&[
                FloorUse::Living,
                FloorUse::Sleeping,
                FloorUse::AtticWithStorage,
                FloorUse::AtticWithoutStorage,
                FloorUse::Deck,
            ]),
            framing: self.one(&[
                FloorFraming::Simple,
                FloorFraming::ContinuousOverThisWall,
                FloorFraming::ContinuousEndingHere,
                FloorFraming::CantileveredPastThisWall,
                FloorFraming::ParallelToWall,
            ]),
            span_one_side: self.length(40, 400),
            span_other_side: self.length(40, 400),
            bay: self.length(10, 60),
            dead: self.pressure(60.0),
            live: self.pressure(100.0),
            roofed: self.yes(),
            tail: self.one(&[Tail::NotSaid, Tail::AssumedFree, Tail::Free, Tail::Loaded]),
            no_wall_above: self.yes(),
        }
    }

    fn openings_above(&mut self) -> OpeningsAbove {
        match self.count(0, 3) {
            0 => OpeningsAbove::NotSaid,
            1 => OpeningsAbove::AssumedNone,
            2 => OpeningsAbove::None,
            _ => {
                let mut at = [None; MOST_OPENINGS_ABOVE];
                for place in at.iter_mut().take(2) {
                    *place = Some((self.length(1, 100), self.length(101, SHORTEST)));
                }
                OpeningsAbove::At(at)
            }
        }
    }

    fn decided(&mut self) -> Option<CountOverride> {
        self.maybe(|draw| CountOverride { count: draw.count(1, 6), reason: draw.text() })
    }

    fn design(&mut self) -> OpeningDesign {
        let kinds = OpeningKind::ALL;
        let size = |draw: &mut Self| Size { width: draw.length(60, 96), height: draw.length(30, 80) };
        OpeningDesign {
            kind: self.one(&kinds),
            unit: size(self),
            rough: self.maybe(size),
            center: self.length(60, SHORTEST - 60),
            sill: self.length(0, 40),
            place: self.one(&[HeaderPlace::TightToPlates, HeaderPlace::AtHeadHeight]),
            underside: self.one(&[Underside::Bare, Underside::FlatNailer]),
            header: self.maybe(Self::header).map_or(HeaderChoice::BySchool, HeaderChoice::Chosen),
            nailing_confirmed: self.yes(),
            face: self.one(&[HeaderFace::OneFace, HeaderFace::Centered, HeaderFace::BothFaces]),
            side_loaded: self.yes(),
            service: self.one(&[Service::Dry, Service::Wet]),
            seat: self.one(&[JackSeat::Full, JackSeat::Notched]),
            run: self.run(),
            special: self.one(&[
                SpecialCase::Ordinary,
                SpecialCase::Steel,
                SpecialCase::SlopedOrCurved,
                SpecialCase::NotchedOrDrilled,
                SpecialCase::FireRated,
                SpecialCase::PreservativeTreated,
                SpecialCase::BracedWallPanel,
                SpecialCase::UnknownGrade,
            ]),
            sill_style: match self.count(0, 2) {
                0 => SillStyle::Single,
                1 => SillStyle::Double,
                _ => SillStyle::Sloped(self.length(1, 2)),
            },
            sheathing_return: self.length(0, 2),
            cut_out_later: self.yes(),
            room: self.one(&[Room::Any, Room::Bedroom, Room::Kitchen, Room::Bathroom]),
        }
    }

    fn run(&mut self) -> RunDesign {
        let past =
            self.ends(|draw| draw.maybe(|draw| RunPast { length: draw.length(10, 100), far_studs: draw.count(0, 4) }));
        let first = self.maybe(|draw| Post { at: draw.length(8, 20), studs: draw.count(1, 4) });
        let second = first.and_then(|_| self.maybe(|draw| Post { at: draw.length(33, 50), studs: draw.count(1, 4) }));
        RunDesign { past, posts: [first, second] }
    }

    fn framed_as(&mut self) -> FramedAs {
        FramedAs { design: self.design(), jacks: self.ends(Self::decided), kings: self.ends(Self::decided) }
    }

    fn opening(&mut self, letter: Option<Letter>) -> Opening {
        Opening {
            id: OpeningId(self.id()),
            letter,
            design: self.design(),
            jacks: self.ends(Self::decided),
            kings: self.ends(Self::decided),
            framed_as: self.maybe(Self::framed_as),
        }
    }

    fn point_load(&mut self) -> PointLoad {
        let mut pounds = || Force::lbf(self.number(1.0, 9_000.0));
        let amount = ByKind::of([
            (LoadKind::Dead, pounds()),
            (LoadKind::FloorLive, pounds()),
            (LoadKind::RoofLive, pounds()),
            (LoadKind::Snow, pounds()),
        ]);
        PointLoad { id: PointLoadId(self.id()), name: self.text(), at: self.length(1, SHORTEST), amount }
    }

    fn wall(&mut self) -> Wall {
        let openings: Vec<Opening> =
            (0..self.count(1, 3)).map(|place| self.opening(Some(Letter(u16::from(place))))).collect();
        Wall {
            id: WallId(self.id()),
            frame: self.frame(),
            evidence: self.evidence(),
            carries: self.carries(),
            letters_given: openings.len() as u16 + u16::from(self.count(0, 5)),
            openings,
            point_loads: self.some(3, Self::point_load),
            place: None,
        }
    }

    fn job(&mut self) -> Job {
        let house = self.house();
        let levels: Vec<PartId> = house.levels.iter().map(|level| level.id).collect();
        let mut walls: Vec<Wall> = (0..self.count(2, 3)).map(|_| self.wall()).collect();
        for wall in &mut walls {
            let level = self.one(&levels);
            wall.place = self.maybe(|draw| draw.place(level));
        }
        Job {
            name: self.text(),
            particulars: self.particulars(),
            settings: self.settings(),
            stock: self.some(5, Self::stock_item),
            code_table: self.maybe(Self::table),
            walls,
            house,
        }
    }

    /// A place in plan, either way.
    fn in_plan(&mut self) -> Length {
        self.length(-600, 1200)
    }

    fn axis(&mut self) -> Axis {
        self.one(&[Axis::X, Axis::Y])
    }

    fn joints(&mut self) -> Joints {
        self.one(&[Joints::None, Joints::AtEverySupport])
    }

    fn place(&mut self, level: PartId) -> Place {
        Place { level, axis: self.axis(), offset: self.in_plan(), start: self.in_plan(), turned: self.yes() }
    }

    fn line(&mut self) -> Line {
        Line {
            axis: self.axis(),
            offset: self.in_plan(),
            start: self.in_plan(),
            length: self.length(12, 480),
            thickness: self.length(2, 12),
        }
    }

    fn spot(&mut self) -> Spot {
        Spot { x: self.in_plan(), y: self.in_plan() }
    }

    fn house(&mut self) -> House {
        let levels: Vec<Level> = (0..self.count(1, 3)).map(|_| self.level()).collect();
        let of: Vec<PartId> = levels.iter().map(|level| level.id).collect();
        House {
            levels,
            fields: self.some(4, |draw| {
                let level = draw.one(&of);
                draw.field(level)
            }),
            beams: self.some(3, |draw| {
                let level = draw.one(&of);
                draw.beam(level)
            }),
            posts: self.some(3, |draw| {
                let level = draw.one(&of);
                draw.house_post(level)
            }),
            foundations: self.some(3, Self::foundation),
            pads: self.some(3, Self::pad),
            marks: self.some(2, |draw| {
                let level = draw.one(&of);
                draw.mark(level)
            }),
            ground: self.ground(),
        }
    }

    fn level(&mut self) -> Level {
        Level { id: PartId(self.id()), name: self.text(), height: self.length(80, 200) }
    }

    fn field(&mut self, level: PartId) -> Field {
        let near = self.spot();
        let far = Spot { x: near.x + self.length(24, 480), y: near.y + self.length(24, 480) };
        let of = match self.count(0, 2) {
            0 => {
                let floor = self.floor();
                FieldOf::Floor(FloorField {
                    use_: floor.use_,
                    joints: self.joints(),
                    dead: floor.dead,
                    live: floor.live,
                    roofed: self.yes(),
                    joist_depth: self.maybe(|draw| draw.length(4, 24)),
                })
            }
            1 => {
                let (dead, attic_live) = (self.pressure(90.0), self.pressure(90.0));
                FieldOf::Ceiling(CeilingField { lapped: self.yes(), dead, attic_live })
            }
            _ => FieldOf::Roof(self.roof_field()),
        };
        Field { id: PartId(self.id()), level, name: self.text(), over: Rectangle { near, far }, span: self.axis(), of }
    }

    fn roof_field(&mut self) -> RoofField {
        use RoofFieldFraming::{OneWay, RaftersOnBeam, RaftersOnBoard, Trusses};
        let roof = self.roof();
        RoofField {
            framing: self.one(&[Trusses, RaftersOnBoard, RaftersOnBeam, OneWay]),
            rise_in_twelve: roof.rise_in_twelve,
            bay: roof.bay,
            overhang: roof.overhang,
            dead: roof.roof_dead,
            dead_on: roof.dead_on,
            warmth: roof.warmth,
            ceiling_dead: roof.ceiling_dead,
            attic_live: roof.attic_live,
            snow_trouble: roof.snow_trouble,
            gable_weight: self.pressure(50.0),
        }
    }

    fn beam(&mut self, level: PartId) -> Beam {
        let weight = LineLoad::plf(self.number(1.0, 90.0));
        let (line, joints, chosen) = (self.line(), self.joints(), self.maybe(Self::header));
        Beam { id: PartId(self.id()), level, name: self.text(), line, weight, joints, chosen }
    }

    fn house_post(&mut self, level: PartId) -> HousePost {
        let weight = Force::lbf(self.number(1.0, 90.0));
        let chosen = self.maybe(Self::post_section);
        HousePost { id: PartId(self.id()), level, name: self.text(), at: self.spot(), weight, chosen }
    }

    fn post_section(&mut self) -> PostSection {
        let (species, grade) = (self.species(), self.grade());
        if self.yes() {
            let depth = self.one(&[Depth::Four, Depth::Six]);
            return PostSection::Studs { lumber: JackLumber { species, grade, depth }, count: self.count(2, 5) };
        }
        let (thickness, depth) = (self.one(&[Thickness::Four, Thickness::Six]), self.one(&[Depth::Six, Depth::Eight]));
        PostSection::Solid(SawnLumber { species, grade, size: SawnSize { thickness, depth } })
    }

    fn foundation(&mut self) -> Foundation {
        Foundation { id: PartId(self.id()), name: self.text(), line: self.line() }
    }

    fn pad(&mut self) -> Pad {
        Pad { id: PartId(self.id()), name: self.text(), at: self.spot(), size: self.length(12, 60) }
    }

    fn mark(&mut self, level: PartId) -> EngineersMark {
        EngineersMark { id: PartId(self.id()), level, name: self.text(), reason: self.text(), at: self.spot() }
    }

    fn ground(&mut self) -> Ground {
        Ground {
            slab: self.yes(),
            soil: Pressure::psf(self.number(1_000.0, 4_000.0)),
            thick_slab_over: Force::lbf(self.number(1_000.0, 9_000.0)),
        }
    }

    fn part(&mut self) -> HousePart {
        let level = PartId(self.id());
        match self.count(0, 6) {
            0 => HousePart::Level(self.level()),
            1 => HousePart::Field(self.field(level)),
            2 => HousePart::Beam(self.beam(level)),
            3 => HousePart::Post(self.house_post(level)),
            4 => HousePart::Foundation(self.foundation()),
            5 => HousePart::Pad(self.pad()),
            _ => HousePart::Mark(self.mark(level)),
        }
    }

    fn of_the_house(&mut self, wall: WallId, at: usize) -> Command {
        match self.count(0, 4) {
            0 => {
                let level = PartId(self.id());
                Command::PlaceWall { wall, place: self.maybe(|draw| draw.place(level)) }
            }
            1 => Command::AddPart { part: Box::new(self.part()), at },
            2 => Command::ChangePart { part: Box::new(self.part()) },
            3 => Command::RemovePart { part: PartId(self.id()) },
            _ => Command::ChangeGround { ground: self.ground() },
        }
    }

    fn particulars(&mut self) -> Particulars {
        Particulars {
            address: self.text(),
            permit: self.text(),
            adopted_code: self.text(),
            edition: self.text(),
            answers_for_it: String::new(),
        }
    }

    fn command(&mut self) -> Command {
        if self.count(0, 19) == 0 {
            return Command::Together { commands: self.some(3, Self::one_command) };
        }
        self.one_command()
    }

    fn one_command(&mut self) -> Command {
        let (wall, opening) = (WallId(self.id()), OpeningId(self.id()));
        let at = usize::from(self.count(0, 9));
        match self.count(0, 24) {
            0 => Command::RenameJob { name: self.text() },
            1 => Command::ChangeSettings { settings: Box::new(self.settings()) },
            2 => Command::ChangeStock { stock: self.some(5, Self::stock_item) },
            3 => Command::LoadCodeTable { table: self.maybe(Self::table) },
            4 => Command::ChangeEvidence { wall, evidence: self.evidence() },
            5 => Command::AddWall { wall: Box::new(self.wall()), at },
            6 => Command::RemoveWall { wall },
            7 => Command::MirrorWall { wall },
            8 => Command::MoveWall { wall, to: at },
            9 => Command::ChangeWall { wall, frame: self.frame() },
            10 => Command::ChangeCarries { wall, carries: self.carries() },
            11 => Command::AddOpening { wall, opening: Box::new(self.opening(Some(Letter(3)))), at },
            12 => {
                let letters_given = self.maybe(|draw| u16::from(draw.count(0, 30)));
                Command::RemoveOpening { opening, letters_given }
            }
            13 => {
                let to = self.length(1, 200);
                let to = match self.count(0, 2) {
                    0 => Placement::Center(to),
                    1 => Placement::LeftFace(to),
                    _ => Placement::RightFace(to),
                };
                Command::MoveOpening { opening, to }
            }
            14 => Command::ChangeOpening { opening, design: self.design() },
            15 => {
                let header = self.maybe(Self::header).map_or(HeaderChoice::BySchool, HeaderChoice::Chosen);
                Command::ChooseHeader { opening, header }
            }
            16 => {
                let (role, end) = (self.one(&[StudRole::Jack, StudRole::King]), self.end());
                Command::OverrideCount { opening, role, end, decided: self.decided() }
            }
            18 => Command::ChangeParticulars { particulars: self.particulars() },
            17 => Command::MarkFramed { opening, framed: self.maybe(Self::framed_as).map(Box::new) },
            20..=24 => self.of_the_house(wall, at),
            _ => match self.count(0, 2) {
                0 => Command::AddPointLoad { wall, load: self.point_load(), at },
                1 => Command::ChangePointLoad { load: self.point_load() },
                _ => Command::RemovePointLoad { load: PointLoadId(self.id()) },
            },
        }
    }
}
