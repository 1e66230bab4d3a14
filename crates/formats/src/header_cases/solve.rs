//! From a case to its answer.

use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::lumber::factors::bearing_area::PlateEnd;
use sturvek_core::lumber::factors::repetitive_member::RepetitiveRule;
use sturvek_core::lumber::factors::wet_service::Service;
use sturvek_core::lumber::{EngineeredClass, Grade, HeaderBoard, HeaderSpec, MOST_PLIES, SawnSize, Species};
use sturvek_core::measure::{End, Ends, Force, Length, LineLoad, Pressure, Stress};
use sturvek_core::sizing::evaluate::{Evaluation, evaluate};
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::jacks::{JackPack, JackReason};
use sturvek_core::sizing::kings::{KingTable, KingWind, kings_by_code, kings_by_wind};
use sturvek_core::sizing::{
    Conventions, HeaderRun, JackLength, JackLumber, OpeningLoad, OpeningProblem, SpanRule, TopEdge, TopEdgeWidth,
};

use super::answer::{Answer, Governing, JackReasons, Ratios, Section, Sides, Span};
use super::case::{Case, FixedJacks, HeaderInput, Input, LoadInput, Mode, Options};

/// Stud spacing by which kings are counted where the case names none.
const USUAL_SPACING: Length = Length::inches(16);

/// The most kings an end may have where the case names no other number.
const MOST_KINGS: u8 = 6;

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
            Ok(evaluation) if evaluation.carries() => return Ok(from_evaluation(case, &evaluation, kings, standing)),
            Ok(evaluation) => {
                refused.extend(evaluation.failures().into_iter().map(named));
                last = Some(evaluation);
            }
            // One candidate without a number does not end the search.
            Err(limit) => refused.push(named(limit.to_string())),
        }
    }
    match last {
        Some(evaluation) => Ok(from_evaluation(case, &evaluation, kings, refused)),
        None if refused.is_empty() => Err("the case names no candidates".into()),
        None => Ok(Answer { id: case.id.clone(), fails: refused, ..Answer::default() }),
    }
}

fn most_kings(case: &Case) -> u8 {
    case.input.options.max_kings.unwrap_or(MOST_KINGS)
}

/// Kings by wind where the case gives it, else by the code's count.
fn kings(case: &Case, problem: &OpeningProblem) -> Result<Option<u8>, String> {
    let Some(wind) = &case.input.wind else {
        return Ok(kings_by_code(KingTable::Irc2018LowWind, problem.clear, USUAL_SPACING));
    };
    let (species, grade, size) = &wind.stud;
    let stud =
        JackLumber { species: species_named(species)?, grade: grade_named(grade)?, depth: sawn_size(size)?.depth };
    let wind = KingWind {
        clear: problem.clear,
        height: inches("height_in", wind.height_in)?,
        spacing: inches("spacing_in", wind.spacing_in)?,
        pressure: Pressure::psf(positive("p_ult_psf", wind.pressure)?),
        stud,
        deflection_limit: positive("limit", wind.limit)?,
        axial: ByKind::default(),
    };
    Ok(kings_by_wind(&wind, most_kings(case)))
}

fn from_evaluation(case: &Case, evaluation: &Evaluation, kings: Option<u8>, fails: Vec<String>) -> Answer {
    let section = evaluation.header.section();
    let ratio = |kind| evaluation.check(kind).ratio();
    let packs = &evaluation.packs;
    Answer {
        id: case.id.clone(),
        ok: fails.is_empty(),
        fails,
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
        governing: Some(Governing {
            bending: evaluation.check(CheckKind::Bending).combination,
            shear: evaluation.check(CheckKind::Shear).combination,
        }),
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
    Ok(OpeningProblem {
        clear: inches("clear_in", input.clear_in)?,
        wall_depth: inches("wall_depth_in", input.wall_depth_in)?,
        jack_length: JackLength::Given(inches("jack_height_in", input.jack_height_in)?),
        loads: input.loads.iter().map(load).collect::<Result<_, _>>()?,
        jack: JackLumber { species: species_named(species)?, grade: grade_named(grade)?, depth: size.depth },
        plate_bearing: Stress::psi(positive("plate_Fcp", input.plate_bearing)?),
        plate_end: if input.options.plate_continuous.unwrap_or(false) { PlateEnd::Continuous } else { PlateEnd::Cut },
        run: HeaderRun::default(),
        conventions: conventions(&input.options)?,
    })
}

fn conventions(options: &Options) -> Result<Conventions, String> {
    let usual = Conventions::default();
    let width = match options.cl_width.as_deref() {
        None | Some("full") => TopEdgeWidth::AllPlies,
        Some("ply") => TopEdgeWidth::OnePly,
        Some(other) => return Err(format!("cl_width is \"{other}\"; it can be full or ply.")),
    };
    Ok(Conventions {
        top_edge: if options.braced.unwrap_or(true) { TopEdge::Braced } else { TopEdge::Free(width) },
        unbraced_length: options.lu_in.map(|length| inches("lu_in", length)).transpose()?,
        service: if options.wet.unwrap_or(false) { Service::Wet } else { Service::Dry },
        repetitive: match options.cr_rule.as_deref() {
            None | Some("nds") => RepetitiveRule::Nds,
            Some("prescriptive") => RepetitiveRule::Prescriptive,
            Some(other) => return Err(format!("cr_rule is \"{other}\"; it can be nds or prescriptive.")),
        },
        shear_at_depth: options.shear_at_d.unwrap_or(usual.shear_at_depth),
        live_deflection_limit: positive("live_limit", options.live_limit.unwrap_or(usual.live_deflection_limit))?,
        total_deflection_limit: positive("total_limit", options.total_limit.unwrap_or(usual.total_deflection_limit))?,
        creep: positive("Kcr", options.creep.unwrap_or(usual.creep))?,
        snow_level: positive("snow_asd", options.snow_asd.unwrap_or(usual.snow_level))?,
        self_weight: options.self_weight.unwrap_or(usual.self_weight),
        most_jacks: options.max_jacks.unwrap_or(usual.most_jacks),
        deepest: options.max_depth.map(|depth| inches("max_depth", depth)).transpose()?,
        span: match options.span_rule.as_deref() {
            None | Some("cc") => SpanRule::BearingCenters,
            Some("clear") => SpanRule::ClearOpening,
            Some(other) => return Err(format!("span_rule is \"{other}\"; it can be cc or clear.")),
        },
        fixed_jacks: match options.fixed_jacks {
            None => usual.fixed_jacks,
            Some(FixedJacks::Both(count)) => Ends::both(Some(count)),
            Some(FixedJacks::Each(left, right)) => Ends { left: Some(left), right: Some(right) },
        },
        ..usual
    })
}

fn load(input: &LoadInput) -> Result<OpeningLoad, String> {
    match input {
        LoadInput::Line { w, a, b } => {
            let extent = match (a, b) {
                (None, None) => None,
                (Some(a), Some(b)) => Some((place("a", *a)?, place("b", *b)?)),
                _ => return Err("A partial load has both a and b.".into()),
            };
            Ok(OpeningLoad::Line { amount: by_kind(w)?.map(LineLoad::plf), extent })
        }
        LoadInput::Point { p, x } => {
            Ok(OpeningLoad::Point { amount: by_kind(p)?.map(Force::lbf), at: place("x", *x)? })
        }
    }
}

fn by_kind(amounts: &std::collections::BTreeMap<String, f64>) -> Result<ByKind<f64>, String> {
    let mut sorted = ByKind::default();
    for (symbol, amount) in amounts {
        let kind = LoadKind::ALL.into_iter().find(|kind| kind.symbol() == symbol);
        let kind = kind.ok_or_else(|| format!("\"{symbol}\" is not a kind of load; there are D, L, Lr and S."))?;
        if !amount.is_finite() || *amount < 0.0 {
            return Err(format!("{symbol} is {amount}; loads act downward, zero or more."));
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
            (HeaderBoard::Engineered { class, ply_width: inches("b", *b)?, depth: inches("d", *d)? }, *plies)
        }
    };
    if !(1..=MOST_PLIES).contains(&plies) {
        return Err(format!("A header of {plies} plies; it can have 1 to {MOST_PLIES}."));
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

fn species_named(name: &str) -> Result<Species, String> {
    match name {
        "DFL" | "DF-L" => Ok(Species::DouglasFirLarch),
        "HF" => Ok(Species::HemFir),
        "SPF" => Ok(Species::SprucePineFir),
        "SP" => Ok(Species::SouthernPine),
        other => Err(format!("Species \"{other}\" is not known; there are DFL, HF, SPF and SP.")),
    }
}

fn grade_named(name: &str) -> Result<Grade, String> {
    match name {
        "SS" | "Sel. Str." | "Sel.Str." | "Select Structural" => Ok(Grade::SelectStructural),
        "No.1" | "No. 1" => Ok(Grade::Number1),
        "No.2" | "No. 2" | "No.1/No.2" => Ok(Grade::Number2),
        "Stud" => Ok(Grade::Stud),
        other => Err(format!("Grade \"{other}\" is not known; there are SS, No.1, No.2 and Stud.")),
    }
}

fn sawn_size(name: &str) -> Result<SawnSize, String> {
    SawnSize::from_name(name).ok_or_else(|| {
        let names: Vec<String> = SawnSize::all().map(SawnSize::name).collect();
        format!("Size \"{name}\" is not known; there are {}.", names.join(", "))
    })
}

fn inches(field: &str, value: f64) -> Result<Length, String> {
    positive(field, value).map(Length::from_decimal_inches)
}

fn place(field: &str, value: f64) -> Result<Length, String> {
    if value.abs() < 10_000.0 {
        Ok(Length::from_decimal_inches(value))
    } else {
        Err(format!("{field} is {value}; places are inches from the left face."))
    }
}

fn positive(field: &str, value: f64) -> Result<f64, String> {
    if 0.0 < value && value < 1e6 {
        Ok(value)
    } else {
        Err(format!("{field} is {value}; it has to be more than zero."))
    }
}
