//! From a case to its answer.

use sturvek_core::codes::RepetitiveRule;
use sturvek_core::codes::Service;
use sturvek_core::codes::{CombinationIndex, PlateEnd};
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::lumber::JackLumber;
use sturvek_core::lumber::{EngineeredClass, HeaderBoard, HeaderSpec, MOST_PLIES};
use sturvek_core::measure::{End, Ends, Force, Length, LineLoad, Pressure, Stress};
use sturvek_core::sizing::evaluate::{Evaluation, evaluate};
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::jacks::{JackPack, JackReason};
use sturvek_core::sizing::kings::{KingTable, KingWind, kings_by_code, kings_by_wind};
use sturvek_core::sizing::{
    Conventions, HeaderRun, JackLength, OpeningLoad, OpeningProblem, PackPlate, SpanRule, TopEdge, TopEdgeWidth,
};

use sturvek_core::job::TWO_BY;
use sturvek_speech::english;

use super::answer::{Answer, Governing, JackReasons, Ratios, Section, Sides, Span};
use super::case::{Case, FixedJacks, HeaderInput, Input, LoadInput, Mode, Options};
use crate::woods::{grade_named, sawn_size, species_named};

/// Stud spacing by which kings are counted where the case names none.
const USUAL_SPACING: Length = Length::inches(16);

/// The most kings an end may have where the case names no other number.
const MOST_KINGS: u8 = 6;

/// The most jacks or kings a case may name.
const MOST_COUNT: u8 = 40;

/// No deflection limit: the whole height.
const NO_LIMIT: f64 = 1.0;

/// How far a jack's depth may be from its wall's.
const ONE_SIXTEENTH: Length = Length::inches_and(0, 1, 16);

/// Answers a case.
pub fn answer(case: &Case) -> Answer {
    match try_answer(case) {
        Ok(answer) => answer,
        Err(reason) => Answer { id: case.id.clone(), fails: vec![reason], ..Answer::default() },
    }
}

fn try_answer(case: &Case) -> Result<Answer, String> {
    let problem = problem(&case.input)?;
    let inputs = match case.mode {
        Mode::Fixed => vec![case.input.header.as_ref().ok_or("the case gives no header")?],
        Mode::Size => case.candidates.iter().collect(),
    };
    let kings = kings(case, &problem)?;
    let mut standing = Vec::new();
    let mut notes = Vec::new();
    if kings.is_none() && case.input.wind.is_none() {
        notes.push("kings: the code's table has no number here, and no wind is given to count them by".to_owned());
    }
    if kings.is_none() && case.input.wind.is_some() {
        standing.push(format!("more than {} kings needed at each end", most_kings(case)));
    }
    let mut refused = standing.clone();
    let mut last = None;
    for input in inputs {
        let header = header(input)?;
        let named = |reason: String| match case.mode {
            Mode::Fixed => reason,
            Mode::Size => format!("{}: {reason}", header.name()),
        };
        match evaluate(&problem, header) {
            Ok(evaluation) if evaluation.carries() => {
                return Ok(from_evaluation(case, &evaluation, kings, (standing, notes)));
            }
            Ok(evaluation) => {
                refused.extend(evaluation.failures().into_iter().map(|failure| named(english(&failure))));
                last = Some(evaluation);
            }
            // One candidate without a number does not end the search.
            Err(limit) => refused.push(named(english(&limit.phrase()))),
        }
    }
    match last {
        Some(evaluation) => Ok(from_evaluation(case, &evaluation, kings, (refused, notes))),
        None if refused.is_empty() => Err("the case names no candidates".into()),
        None => Ok(Answer { id: case.id.clone(), fails: refused, ..Answer::default() }),
    }
}

fn most_kings(case: &Case) -> u8 {
    case.input.options.max_kings.unwrap_or(MOST_KINGS)
}

/// Kings by wind where the case gives it, else by the code's count.
fn kings(case: &Case, problem: &OpeningProblem) -> Result<Option<u8>, String> {
    count("options.max_kings", most_kings(case))?;
    let Some(wind) = &case.input.wind else {
        return Ok(kings_by_code(KingTable::Irc2018LowWind, problem.clear, USUAL_SPACING));
    };
    let (species, grade, size) = &wind.stud;
    let stud =
        JackLumber { species: species_named(species)?, grade: grade_named(grade)?, depth: sawn_size(size)?.depth };
    let wind = KingWind {
        clear: problem.clear,
        height: inches("wind.height_in", wind.height_in, 12.0, 480.0)?,
        spacing: inches("wind.spacing_in", wind.spacing_in, 1.0, 96.0)?,
        pressure: Pressure::psf(between("wind.p_ult_psf", wind.pressure, 0.0, 1000.0)?),
        stud,
        thickness: TWO_BY,
        depth: stud.depth.actual(),
        deflection_limit: wind.limit.map_or(Ok(NO_LIMIT), |limit| between("wind.limit", limit, 1.0, 5000.0))?,
        axial: ByKind::default(),
    };
    Ok(kings_by_wind(&wind, most_kings(case)))
}

fn from_evaluation(
    case: &Case,
    evaluation: &Evaluation,
    kings: Option<u8>,
    (fails, notes): (Vec<String>, Vec<String>),
) -> Answer {
    let section = evaluation.header.section();
    let ratio = |kind| evaluation.check(kind).ratio();
    let governing = |kind| evaluation.check(kind).combination.map_or("", CombinationIndex::name);
    let packs = &evaluation.packs;
    Answer {
        id: case.id.clone(),
        ok: fails.is_empty(),
        fails,
        notes,
        header: Some(evaluation.header.name()),
        section: Some(Section {
            plies: evaluation.header.plies,
            b: section.width.to_inches(),
            d: section.depth.to_inches(),
        }),
        span: Some(Span { design: evaluation.design_span }),
        ratios: Some(Ratios {
            bending: ratio(CheckKind::Bending),
            shear: ratio(CheckKind::Shear),
            live_deflection: ratio(CheckKind::LiveDeflection),
            total_deflection: ratio(CheckKind::TotalDeflection),
        }),
        governing: Some(Governing { bending: governing(CheckKind::Bending), shear: governing(CheckKind::Shear) }),
        reactions: Some(sides(packs, |pack| pack.largest_load)),
        jacks: Some(Sides { left: evaluation.jacks.left, right: evaluation.jacks.right }),
        jack_reasons: Some(sides(packs, reasons)),
        kings,
    }
}

fn sides<T>(packs: &Ends<JackPack>, of: impl Fn(&JackPack) -> T) -> Sides<T> {
    Sides { left: of(packs.at(End::Left)), right: of(packs.at(End::Right)) }
}

fn reasons(pack: &JackPack) -> JackReasons {
    let count = |reason| pack.reason(reason).and_then(|count| count.count);
    JackReasons {
        bearing: count(JackReason::HeaderBearing),
        plate: count(JackReason::SolePlate),
        column: count(JackReason::Column),
    }
}

fn problem(input: &Input) -> Result<OpeningProblem, String> {
    let (species, grade, size) = &input.jack;
    let size = sawn_size(size)?;
    let wall_depth = inches("wall_depth_in", input.wall_depth_in, 1.0, 24.0)?;
    if ONE_SIXTEENTH < (size.actual_depth() - wall_depth).abs() {
        return Err(format!(
            "jack is a {}, wall_depth_in is {}: a jack is as deep as its wall.",
            size.name(),
            input.wall_depth_in
        ));
    }
    Ok(OpeningProblem {
        clear: inches("clear_in", input.clear_in, 1.0, 1200.0)?,
        wall_depth,
        stud_thickness: TWO_BY,
        jack_length: JackLength::Given(inches("jack_height_in", input.jack_height_in, 1.0, 480.0)?),
        loads: input.loads.iter().enumerate().map(load).collect::<Result<_, _>>()?,
        jack: JackLumber { species: species_named(species)?, grade: grade_named(grade)?, depth: size.depth },
        plate_bearing: Stress::psi(between("plate_Fcp", input.plate_bearing, 1.0, 20_000.0)?),
        plate: Ends::both(PackPlate {
            inward: if input.options.plate_continuous.unwrap_or(false) { PlateEnd::Continuous } else { PlateEnd::Cut },
            outward: None,
        }),
        kings: Ends::both(None),
        spaced: None,
        sideways: None,
        sheathed: true,
        run: HeaderRun::default(),
        conventions: conventions(&input.options)?,
    })
}

fn conventions(options: &Options) -> Result<Conventions, String> {
    let usual = Conventions::default();
    let width = match options.cl_width.as_deref() {
        None | Some("full") => TopEdgeWidth::AllPlies,
        Some("ply") => TopEdgeWidth::OnePly,
        Some(other) => return Err(format!("options.cl_width is \"{other}\"; it can be full or ply.")),
    };
    Ok(Conventions {
        top_edge: if options.braced.unwrap_or(true) { TopEdge::Braced } else { TopEdge::Free(width) },
        unbraced_length: options.lu_in.map(|length| inches("options.lu_in", length, 0.1, 2400.0)).transpose()?,
        service: if options.wet.unwrap_or(false) { Service::Wet } else { Service::Dry },
        repetitive: match options.cr_rule.as_deref() {
            None | Some("nds") => RepetitiveRule::Nds,
            Some("prescriptive") => RepetitiveRule::Prescriptive,
            Some(other) => return Err(format!("options.cr_rule is \"{other}\"; it can be nds or prescriptive.")),
        },
        shear_at_depth: options.shear_at_d.unwrap_or(usual.shear_at_depth),
        live_deflection_limit: between(
            "options.live_limit",
            options.live_limit.unwrap_or(usual.live_deflection_limit),
            1.0,
            5000.0,
        )?,
        total_deflection_limit: between(
            "options.total_limit",
            options.total_limit.unwrap_or(usual.total_deflection_limit),
            1.0,
            5000.0,
        )?,
        creep: between("options.Kcr", options.creep.unwrap_or(usual.creep), 0.1, 10.0)?,
        snow_level: between("options.snow_asd", options.snow_asd.unwrap_or(usual.snow_level), 0.01, 2.0)?,
        self_weight: options.self_weight.unwrap_or(usual.self_weight),
        most_jacks: count("options.max_jacks", options.max_jacks.unwrap_or(usual.most_jacks))?,
        deepest: options.max_depth.map(|depth| inches("options.max_depth", depth, 0.5, 120.0)).transpose()?,
        span: match options.span_rule.as_deref() {
            None | Some("cc") => SpanRule::BearingCenters,
            Some("clear") => SpanRule::ClearOpening,
            Some(other) => return Err(format!("options.span_rule is \"{other}\"; it can be cc or clear.")),
        },
        fixed_jacks: match options.fixed_jacks {
            None => usual.fixed_jacks,
            Some(FixedJacks::Both(both)) => Ends::both(Some(count("options.fixed_jacks", both)?)),
            Some(FixedJacks::Each(left, right)) => Ends {
                left: Some(count("options.fixed_jacks", left)?),
                right: Some(count("options.fixed_jacks", right)?),
            },
        },
        ..usual
    })
}

fn load((index, input): (usize, &LoadInput)) -> Result<OpeningLoad, String> {
    let field = |name: &str| format!("loads[{index}].{name}");
    match input {
        LoadInput::Line { w, a, b } => {
            let extent = match (a, b) {
                (None, None) => None,
                (Some(a), Some(b)) if b < a => {
                    return Err(format!("loads[{index}] ends before it starts: a is {a}, b is {b}."));
                }
                (Some(a), Some(b)) => Some((place(&field("a"), *a)?, place(&field("b"), *b)?)),
                _ => return Err(format!("loads[{index}] has a or b alone; a partial load has both.")),
            };
            Ok(OpeningLoad::Line { amount: by_kind(&field("w"), w)?.map(LineLoad::plf), extent })
        }
        LoadInput::Point { p, x } => {
            let amount = by_kind(&field("P"), p)?.map(Force::lbf);
            Ok(OpeningLoad::Point { amount, at: place(&field("x"), *x)? })
        }
    }
}

fn by_kind(field: &str, amounts: &std::collections::BTreeMap<String, f64>) -> Result<ByKind<f64>, String> {
    let mut sorted = ByKind::default();
    for (symbol, amount) in amounts {
        let kind = LoadKind::TYPED.into_iter().find(|kind| kind.symbol() == symbol);
        let kind =
            kind.ok_or_else(|| format!("{field}: \"{symbol}\" is not a kind of load; there are D, L, Lr and S."))?;
        if !(0.0..=1e7).contains(amount) {
            return Err(format!("{field}.{symbol} is {amount}; loads act downward, zero or more."));
        }
        *sorted.get_mut(kind) = *amount;
    }
    Ok(sorted)
}

fn header(input: &HeaderInput) -> Result<HeaderSpec, String> {
    let (board, plies) = match input {
        HeaderInput::Lumber { lumber: (species, grade, size), plies } => {
            let board = HeaderBoard::Sawn {
                species: species_named(species)?,
                grade: grade_named(grade)?,
                size: sawn_size(size)?,
            };
            (board, *plies)
        }
        HeaderInput::Engineered { engineered, b, d, plies } => {
            let class = class_named(engineered)?;
            (
                HeaderBoard::Engineered {
                    class,
                    ply_width: inches("header.b", *b, 0.5, 24.0)?,
                    depth: inches("header.d", *d, 1.0, 60.0)?,
                },
                *plies,
            )
        }
    };
    if !(1..=MOST_PLIES).contains(&plies) {
        return Err(format!("header.plies: a header of {plies} plies; it can have 1 to {MOST_PLIES}."));
    }
    if plies > 1 && board.is_one_piece() {
        return Err(format!("{} is used as one piece.", board.name()));
    }
    Ok(HeaderSpec { board, plies })
}

/// A stress class by its name, with or without what it is called in words: `LVL 1.9E-2600`, `LVL 1.9E`, `24F-1.8E`.
fn class_named(name: &str) -> Result<EngineeredClass, String> {
    let plain = |text: &str| text.chars().filter(char::is_ascii_alphanumeric).collect::<String>().to_ascii_uppercase();
    let wanted = plain(name).replace("GLUEDLAMINATED", "GLULAM").replace("GLB", "GLULAM");
    let named = |class: &EngineeredClass| {
        let full = plain(class.name());
        let without_strength = plain(class.name().rsplit_once('-').map_or("", |(start, _)| start));
        wanted == full || wanted == without_strength || format!("GLULAM{wanted}") == full
    };
    EngineeredClass::ALL.into_iter().find(named).ok_or_else(|| {
        let names: Vec<&str> = EngineeredClass::ALL.iter().map(|class| class.name()).collect();
        format!("Stress class \"{name}\" is not known; there are {}.", names.join(", "))
    })
}

fn inches(field: &str, value: f64, least: f64, most: f64) -> Result<Length, String> {
    between(field, value, least, most).map(Length::from_decimal_inches)
}

fn place(field: &str, value: f64) -> Result<Length, String> {
    if value.abs() < 10_000.0 {
        Ok(Length::from_decimal_inches(value))
    } else {
        Err(format!("{field} is {value}; places are inches from the left face."))
    }
}

/// How many studs an end can be given.
fn count(field: &str, count: u8) -> Result<u8, String> {
    if (1..=MOST_COUNT).contains(&count) {
        Ok(count)
    } else {
        Err(format!("{field} is {count}; it can be 1 to {MOST_COUNT}."))
    }
}

fn between(field: &str, value: f64, least: f64, most: f64) -> Result<f64, String> {
    if (least..=most).contains(&value) && 0.0 < value {
        Ok(value)
    } else {
        Err(format!("{field} is {value}; it can be {least} to {most}."))
    }
}
