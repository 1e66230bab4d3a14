//! A header as a beam: its supports, what comes down on it, and what its packs carry.

use sturvek_core::framing::opening_plan::SizedHeader;
use sturvek_core::framing::{OpeningOutcome, OpeningPlan};
use sturvek_core::loads::ByKind;
use sturvek_core::measure::{End, Force, Length, Unit};
use sturvek_core::say;
use sturvek_core::sizing::problem::OpeningLoad;
use sturvek_core::speech::{Phrase, decimal, distance};
use sturvek_wire::paper::{Drawing, Stands};

use super::commas;
use super::ink::{HAIR, Ink, LINE, THICK, apart};

const WIDTH: f64 = 520.0;
const SIDE: f64 = 60.0;
const LINES: f64 = 14.0;
const BELOW: f64 = 54.0;

/// The sketch of an opening's header; `None` where it has none.
pub(super) fn load_sketch(opening: &OpeningPlan) -> Option<Drawing> {
    let OpeningOutcome::Header(sized) = &opening.outcome else { return None };
    Some(sketch(opening, sized))
}

fn sketch(opening: &OpeningPlan, sized: &SizedHeader) -> Drawing {
    let (problem, evaluation) = (&sized.problem, &sized.evaluation);
    let left = opening.header_left() - opening.left();
    let right = left + opening.header_length();
    let scale = (WIDTH - 2.0 * SIDE) / (right - left).to_inches();
    let x = |place: Length| SIDE + scale * (place.clamp(left, right) - left).to_inches();
    let points: Vec<(Length, ByKind<Force>)> = problem
        .loads
        .iter()
        .filter_map(|load| if let OpeningLoad::Point { amount, at } = load { Some((*at, *amount)) } else { None })
        .filter(|(at, _)| left <= *at && *at <= right)
        .collect();
    let lines: Vec<_> = problem.loads.iter().filter_map(|load| line_of(load, (left, right))).collect();
    let for_points = if points.is_empty() { 6.0 } else { 34.0 };
    let beam = for_points + LINES * lines.len() as f64 + 12.0;
    let about = say!("paper-drawing-of-the-loads", letter = opening.letter.to_string());
    let mut ink = Ink::new(about, WIDTH, beam + 10.0 + BELOW);
    for (number, (from, to, words)) in lines.into_iter().enumerate() {
        let y = for_points + LINES * number as f64;
        let (from, to) = (x(from), x(to));
        ink.area([[from, y], [to, y], [to, y + LINES - 2.0], [from, y + LINES - 2.0]], Some(0.1));
        ink.text([f64::midpoint(from, to), y + 9.0], Stands::Middle, words);
    }
    let wanted: Vec<f64> = points.iter().map(|(at, _)| x(*at)).collect();
    let places = apart(&wanted, 96.0, (48.0, WIDTH - 48.0));
    for (((at, amount), x), place) in points.iter().zip(&wanted).zip(places) {
        ink.arrow([*x, beam], beam - 14.0);
        let words = say!("paper-point-at", loads = commas(amount.said()), at = distance(at));
        ink.text([place, 10.0], Stands::Middle, words);
    }
    ink.area([[x(left), beam], [x(right), beam], [x(right), beam + 10.0], [x(left), beam + 10.0]], Some(0.34));
    for end in End::BOTH {
        let face = match end {
            End::Left => Length::ZERO,
            End::Right => problem.clear,
        };
        let jacks = opening.stud * i64::from(*opening.jacks.at(end));
        let center = if end == End::Left { face - jacks.half() } else { face + jacks.half() };
        support(&mut ink, x(center), beam + 10.0);
        let carries =
            say!("paper-pack-carries", load = decimal(evaluation.packs.at(end).largest_load, Unit::Pounds, 0));
        let stands = if end == End::Left { Stands::Start } else { Stands::End };
        let edge = if end == End::Left { x(left) - 40.0 } else { x(right) + 40.0 };
        ink.text([edge, beam + 58.0], stands, carries);
    }
    for post in &problem.run.posts {
        support(&mut ink, x(post.at), beam + 10.0);
    }
    let y = beam + 30.0;
    for place in [x(Length::ZERO), x(problem.clear)] {
        ink.line([place, beam + 12.0], [place, y + 4.0], HAIR);
    }
    ink.line([x(Length::ZERO), y], [x(problem.clear), y], LINE);
    let middle = f64::midpoint(x(Length::ZERO), x(problem.clear));
    let span = say!(
        "paper-opening-and-span",
        opening = problem.clear,
        span = decimal(evaluation.design_span, Unit::Inches, 2)
    );
    ink.text([middle, y + 11.0], Stands::Middle, span);
    ink.done()
}

fn support(ink: &mut Ink, x: f64, y: f64) {
    ink.area([[x, y], [x - 5.0, y + 9.0], [x + 5.0, y + 9.0]], Some(0.0));
    ink.line([x - 8.0, y + 9.0], [x + 8.0, y + 9.0], THICK);
}

/// A load along the header, with its words.
fn line_of(load: &OpeningLoad, whole: (Length, Length)) -> Option<(Length, Length, Phrase)> {
    match load {
        OpeningLoad::Line { amount, extent } => {
            let said = amount.said();
            let (from, to) = extent.unwrap_or(whole);
            (!said.is_empty()).then(|| (from, to, commas(said)))
        }
        OpeningLoad::Sloped { extent: (from, to), .. } if *to <= whole.0 || whole.1 <= *from => None,
        OpeningLoad::Sloped { at_start, at_end, extent: (from, to) } if at_start == at_end => {
            Some((*from, *to, commas(at_start.said())))
        }
        OpeningLoad::Sloped { at_start, at_end, extent: (from, to) } => {
            let (start, end) = (commas(at_start.said()), commas(at_end.said()));
            Some((*from, *to, say!("paper-growing-load", start, end)))
        }
        OpeningLoad::Point { .. } => None,
    }
}
