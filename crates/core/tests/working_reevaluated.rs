//! The working, worked again from its own printed figures by a second method: a small reader of arithmetic that shares no
//! code with the calculation. Every printed step has to come out at its printed result.

mod common;

use sturvek_core::codes::PlateEnd;
use sturvek_core::codes::Service;
use sturvek_core::framing::{opening_sheet, plan_wall_as_said};
use sturvek_core::job::{KingWindBasis, OpeningKind};
use sturvek_core::loads::{
    ByKind, FloorFraming, FloorOnWall, Framing, GableAbove, LoadKind, RoofFraming, RoofOnWall, SnowEdition, Tail,
    WindExposure, WindSpeed,
};
use sturvek_core::lumber::JackLumber;
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use sturvek_core::measure::{Ends, Force, Length, LineLoad, Pressure, Stress};
use sturvek_core::sizing::sheet::{SheetPart, calculation_sheet};
use sturvek_core::sizing::{
    Conventions, JackLength, OpeningLoad, OpeningProblem, PackPlate, Post, TopEdge, TopEdgeWidth, evaluate,
};
use sturvek_core::working::Entry;

/// Reads `8496.25 / 15.125`, `√(a − b)`, `min(a, b)`, `x^2` and so on.
struct Reader<'a> {
    rest: &'a str,
}

impl Reader<'_> {
    fn take(&mut self, token: &str) -> bool {
        let rest = self.rest.trim_start();
        match rest.strip_prefix(token) {
            Some(after) => {
                self.rest = after;
                true
            }
            None => false,
        }
    }

    fn sum(&mut self) -> f64 {
        let mut value = self.product();
        loop {
            if self.take("+") {
                value += self.product();
            } else if self.take("−") {
                value -= self.product();
            } else {
                return value;
            }
        }
    }

    fn product(&mut self) -> f64 {
        let mut value = self.power();
        loop {
            if self.take("·") {
                value *= self.power();
            } else if self.take("/") {
                value /= self.power();
            } else {
                return value;
            }
        }
    }

    fn power(&mut self) -> f64 {
        let base = self.atom();
        if self.take("^") { base.powf(self.atom()) } else { base }
    }

    fn atom(&mut self) -> f64 {
        if self.take("√(") {
            let value = self.sum().sqrt();
            assert!(self.take(")"));
            return value;
        }
        for (name, pick) in [("min(", f64::min as fn(f64, f64) -> f64), ("max(", f64::max)] {
            if self.take(name) {
                let first = self.sum();
                assert!(self.take(","));
                let value = pick(first, self.sum());
                assert!(self.take(")"));
                return value;
            }
        }
        if self.take("(") {
            let value = self.sum();
            assert!(self.take(")"));
            return value;
        }
        let rest = self.rest.trim_start();
        let end = rest.find(|c: char| !c.is_ascii_digit() && c != '.').unwrap_or(rest.len());
        self.rest = &rest[end..];
        rest[..end].parse().unwrap_or_else(|_| panic!("no number at \"{rest}\""))
    }
}

fn worked_again(figures: &str) -> f64 {
    let mut reader = Reader { rest: figures };
    let value = reader.sum();
    assert!(reader.rest.trim().is_empty(), "left unread in \"{figures}\": \"{}\"", reader.rest);
    value
}

fn problem(conventions: Conventions, with_point_load: bool, plate_end: PlateEnd) -> OpeningProblem {
    let amount = ByKind::of([
        (LoadKind::Dead, LineLoad::plf(354.0)),
        (LoadKind::FloorLive, LineLoad::plf(280.0)),
        (LoadKind::Snow, LineLoad::plf(252.0)),
        (LoadKind::RoofLive, LineLoad::plf(240.0)),
    ]);
    let mut loads = vec![OpeningLoad::Line { amount, extent: None }];
    if with_point_load {
        let amount = ByKind::of([(LoadKind::Dead, Force::lbf(900.0)), (LoadKind::Snow, Force::lbf(1450.0))]);
        loads.push(OpeningLoad::Point { amount, at: Length::inches(22) });
    }
    OpeningProblem {
        clear: Length::inches_and(66, 1, 2),
        wall_depth: Length::inches_and(5, 1, 2),
        stud_thickness: Length::inches_and(1, 1, 2),
        jack_length: JackLength::Given(Length::inches(81)),
        loads,
        jack: JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Six },
        plate_bearing: Stress::psi(425.0),
        plate: Ends::both(PackPlate { inward: plate_end, outward: None }),
        kings: Ends::both(None),
        spaced: None,
        sideways: None,
        sheathed: true,
        run: sturvek_core::sizing::HeaderRun::default(),
        conventions,
    }
}

fn check(problem: &OpeningProblem, board: HeaderBoard, plies: u8) -> usize {
    let evaluation = evaluate(problem, HeaderSpec { board, plies }).expect("within limits");
    worked(&calculation_sheet(problem, &evaluation).expect("within limits"))
}

/// Works every step of a sheet again; answers how many there were.
fn worked(sheet: &[SheetPart]) -> usize {
    let mut steps = 0;
    for part in sheet {
        for entry in &part.entries {
            let Entry::Step(step) = entry else { continue };
            let again = worked_again(&step.figures);
            let scale = step.value.abs().max(1e-6);
            // Six figures are printed; differences of large numbers lose a few of them.
            assert!(
                (again - step.value).abs() <= 2e-3 * scale,
                "{}: {} = {again}, not {}",
                part.title,
                step.figures,
                step.value
            );
            steps += 1;
        }
    }
    steps
}

#[test]
fn every_printed_step_comes_out_at_its_printed_result() {
    let sawn = HeaderBoard::Sawn {
        species: Species::DouglasFirLarch,
        grade: Grade::Number2,
        size: SawnSize::two_by(Depth::Ten),
    };
    let composite = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches_and(11, 7, 8),
    };
    let hung = Conventions { top_edge: TopEdge::Free(TopEdgeWidth::AllPlies), ..Conventions::default() };
    let wet = Conventions { service: Service::Wet, creep: 2.0, ..Conventions::default() };
    let mut steps = 0;
    for with_point_load in [false, true] {
        for plate_end in [PlateEnd::Cut, PlateEnd::Continuous] {
            for conventions in [Conventions::default(), hung] {
                steps += check(&problem(conventions, with_point_load, plate_end), sawn, 3);
                steps += check(&problem(conventions, with_point_load, plate_end), composite, 2);
            }
            steps += check(&problem(wet, with_point_load, plate_end), sawn, 2);
        }
    }
    assert!(steps > 400, "{steps}");
}

#[test]
fn over_several_supports_and_in_glulam_too() {
    let glulam = HeaderBoard::Engineered {
        class: EngineeredClass::Glulam24F18E,
        ply_width: Length::inches_and(3, 1, 2),
        depth: Length::inches(18),
    };
    let wet =
        Conventions { service: Service::Wet, top_edge: TopEdge::Free(TopEdgeWidth::OnePly), ..Conventions::default() };
    let mut long = problem(wet, true, PlateEnd::Cut);
    long.clear = Length::inches(180);
    assert!(check(&long, glulam, 1) > 30);
    long.run.posts.push(Post { at: Length::inches(80), studs: 3 });
    long.run.past.right = Some(Length::inches(30));
    assert!(check(&long, glulam, 1) > 30);
}

#[test]
fn the_whole_sheet_of_an_opening_from_roof_to_kings() {
    let gable = Framing::Gable(GableAbove { rise_in_twelve: 6.0, dead: Pressure::psf(12.0) });
    let rafters = Framing::Roof(RoofOnWall { framing: RoofFraming::RaftersWithClearCeilingJoists, ..common::roof() });
    let cantilever = |framing| match common::floor(12) {
        Framing::Floor(floor) => {
            Framing::Floor(FloorOnWall { framing, span_other_side: Length::feet(4), tail: Tail::Free, ..floor })
        }
        other => other,
    };
    let mut steps = 0;
    for framing in [
        FloorFraming::Simple,
        FloorFraming::ContinuousOverThisWall,
        FloorFraming::ContinuousEndingHere,
        FloorFraming::CantileveredPastThisWall,
    ] {
        for (edition, roof) in
            [(SnowEdition::Asce7To16, rafters), (SnowEdition::Asce7From22, Framing::Roof(common::roof()))]
        {
            let carries = common::carrying(&[roof, cantilever(framing), gable]);
            let mut job = common::job_of(OpeningKind::Window, Length::feet(3), carries);
            job.settings.site.snow.edition = edition;
            job.settings.wind = KingWindBasis::Speed(WindSpeed {
                miles_per_hour: 120.0,
                exposure: WindExposure::C,
                mean_roof_height: Length::feet(22),
            });
            let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
            let sheet =
                opening_sheet(&job.rules(), &job.walls[0], &plan.ground, &plan.openings[0]).expect("within limits");
            for title in ["title-given", "title-assumed", "title-schools", "title-ends"] {
                assert!(sheet.iter().any(|part| part.title.to_string() == title), "{title}");
            }
            steps += worked(&sheet);
        }
    }
    assert!(steps > 400, "{steps}");
}

#[test]
fn the_second_reader_reads_what_the_first_writes() {
    for (figures, value) in [
        ("2 · 3 + 4", 10.0),
        ("(2 + 3) · 4 / 10", 2.0),
        ("9^0.5 − 1", 2.0),
        ("√(16 − 7)", 3.0),
        ("max(20, min(40, 30))", 30.0),
    ] {
        assert!((worked_again(figures) - value).abs() < 1e-12, "{figures}");
    }
}
