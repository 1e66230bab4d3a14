//! Beams and posts against the check material: written independently of this project from memory of the named standards, its statics verified there
//! against three general finite-element libraries. Agreement wanted: 0.5 %.

use sturvek_core::codes::DesignCode;
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::lumber::{
    Depth, EngineeredClass, Family, Grade, HeaderBoard, HeaderSpec, JackLumber, SawnSize, Species,
};
use sturvek_core::measure::{Force, Length, LineLoad, Stress};
use sturvek_core::sizing::beam::{BeamSpec, BeamStock, BeamSupport, HeldEdges, SizedBeam, TriedBeam, Under, size_beam};
use sturvek_core::sizing::candidates::{Aim, Margin, StockBoard};
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::post::{BeamOnPost, PostSection, PostSpec, column, size_post};
use sturvek_core::sizing::{Conventions, OpeningLoad};
use sturvek_core::statics::Joints;
use sturvek_core::working::Silent;

fn close(what: &str, got: f64, wanted: f64) {
    assert!((got - wanted).abs() <= 0.005 * wanted, "{what}: {got}, wanted {wanted}");
}

/// A beam on posts at these places, in sixteenths of an inch, under D and S in lb/ft.
fn on_posts(sixteenths: &[i64], dead: f64, snow: f64, board: HeaderBoard) -> SizedBeam {
    let support = |at: &i64| BeamSupport { at: Length::inches_and(0, *at, 16), under: Under::Post };
    let amount = ByKind::of([(LoadKind::Dead, LineLoad::plf(dead)), (LoadKind::Snow, LineLoad::plf(snow))]);
    let spec = BeamSpec {
        length: Length::inches_and(0, *sixteenths.last().expect("supports"), 16),
        joints: Joints::None,
        supports: sixteenths.iter().map(support).collect(),
        loads: vec![OpeningLoad::Line { amount, extent: None }],
        held: HeldEdges::Upper,
        chosen: None,
        conventions: Conventions::default(),
    };
    let boards = [StockBoard { board, price_per_foot: None }];
    size_beam(spec, BeamStock { boards: &boards, aim: Aim::Leanest, margin: Margin::Lean }).expect("within limits")
}

fn ratio(tried: &TriedBeam, kind: CheckKind) -> f64 {
    tried.checks.iter().find(|check| check.result.kind == kind).expect("made").result.ratio()
}

/// Header problem C01: 2-2x6 SPF No.2 over 37 1/2 in. between centers of bearing, D 240 and S 336 lb/ft, its own weight besides.
#[test]
fn a_beam_over_one_span_is_the_header_that_it_is() {
    let size = SawnSize::two_by(Depth::Six);
    let board = HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size };
    let sized = on_posts(&[0, 600], 240.0, 336.0, board);
    let two = sized.candidates.iter().find(|tried| tried.beam == HeaderSpec { board, plies: 2 }).expect("tried");
    close("bending", ratio(two, CheckKind::Bending), 0.4294);
    close("shear", ratio(two, CheckKind::Shear), 0.375);
    close("live deflection", ratio(two, CheckKind::LiveDeflection), 0.1189);
    close("total deflection", ratio(two, CheckKind::TotalDeflection), 0.1368);
}

/// Worked opening 3: a glulam 3 1/2 x 12 over two spans of 120 1/2 in., 1000.5 lb/ft in all: M 151 328 lb·in. over the post, fb 1802 psi, 12 558 lb on it;
/// bearing on four studs 598 of 650 psi, the studs of 81 in. as a column 9775 lb, so 1.285 of what they carry.
#[test]
fn a_beam_in_one_piece_over_a_post_and_that_post() {
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Glulam24F18E,
        ply_width: Length::inches_and(3, 1, 2),
        depth: Length::inches(12),
    };
    let sized = on_posts(&[0, 1928, 3856], 290.0, 700.0, board);
    let goes_in = sized.goes_in();
    let bending = goes_in.checks.iter().find(|check| check.result.kind == CheckKind::Bending).expect("made");
    close("fb", bending.result.comparison.demand, 1802.0);
    let middle = sized.on_supports[1];
    close("on the post", middle.largest, 12_558.0);

    let lumber = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
    let spec = PostSpec {
        height: Length::inches(81),
        load: middle.by_kind,
        beams: vec![BeamOnPost {
            by_kind: middle.by_kind,
            width: Length::inches_and(3, 1, 2),
            reaches: (Length::feet(10), Length::feet(10)),
            bearing: Stress::psi(650.0),
            family: Family::Glulam,
        }],
        stands_on: None,
        code: DesignCode::default(),
        chosen: None,
    };
    let snow = spec.code.strength().iter().find(|each| each.name == "D+S").expect("a combination");
    let four = PostSection::Studs { lumber, count: 4 };
    let carries = column::carries(&mut Silent, &spec, four, snow).expect("a column");
    close("the studs as a column", carries, 9775.0);
    close("how hard they work", middle.largest / carries, 1.285);
    let tried = size_post(spec).expect("within limits");
    let four_of =
        |post: PostSection| matches!(post, PostSection::Studs { lumber, count: 4 } if lumber.depth == Depth::Four);
    let four = tried.candidates.iter().find(|tried| four_of(tried.post)).expect("tried");
    let bearing = four.checks.iter().find(|check| check.kind == CheckKind::PostBearing).expect("a beam lies on it");
    close("bearing", bearing.ratio(), 0.920);
}

/// The same worked opening's variant: two studs of 81 in. carry 2641 lb free across, and in the field of a wall two of 92 5/8 in. 2124 lb.
#[test]
fn two_nailed_studs_that_nothing_holds() {
    let lumber = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
    let carries = |height: Length| {
        let load = ByKind::of([(LoadKind::Snow, Force::lbf(1.0))]);
        let spec =
            PostSpec { height, load, beams: Vec::new(), stands_on: None, code: DesignCode::default(), chosen: None };
        let snow = spec.code.strength().iter().find(|each| each.name == "D+S").expect("a combination");
        column::carries(&mut Silent, &spec, PostSection::Studs { lumber, count: 2 }, snow).expect("a column")
    };
    close("81 in.", carries(Length::inches(81)), 2641.0);
    close("92 5/8 in.", carries(Length::inches_and(92, 5, 8)), 2124.0);
}
