//! Sections with a wall that goes, as JSON, as `sturvek shore` reads them and answers what stands while it is gone.
//!
//! Each case is a section along the joists with temporary walls ([`case`]), read into what is reckoned ([`read`]); each answer ([`answer`])
//! has what comes on every wall, and how hard the studs of the temporary ones work. A case that cannot be read says so for itself.

pub mod answer;
pub mod case;
pub mod read;

use sturvek_core::codes::DesignCode;
use sturvek_core::loads::ByKind;
use sturvek_core::measure::{Length, LineLoad};
use sturvek_core::shoring::moment_between::{Falls, JoistSection};
use sturvek_core::shoring::temporary_wall::{MOST_SLENDER, NoColumn, WallWorks};

use crate::cases::{CasesError, ListOf, answer_each};
use crate::kinds::Kinds;

pub use answer::Answer;
use answer::{AtWall, Stands, StudAnswer};
pub use case::Case;

const LIST: ListOf = ListOf { of: "sections", most: 64 * 1024 * 1024 };

/// Answers every section. One that cannot be read answers for itself, with the fields' names; the others are answered.
///
/// # Errors
/// [`CasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, CasesError> {
    answer_each(bytes, LIST, answer_one, Answer::fails)
}

fn answer_one(case: &Case) -> Answer {
    let fails = |why| Answer::fails(case.id.clone(), why);
    let asked = match read::asked(case) {
        Ok(asked) => asked,
        Err(why) => return fails(why),
    };
    let takes = match asked.section.tributaries() {
        Ok(takes) => takes,
        Err(falling) => {
            return fails(falling.iter().map(|falls| cannot_stand(&asked.section, falls)).collect());
        }
    };
    let loads = |feet: f64| asked.loads.map(|psf| psf * feet);
    let at = |place: f64, feet: f64| AtWall { at: place, loads: Kinds::from(&loads(feet)) };
    let walls: Vec<ByKind<LineLoad>> = takes.temporary.iter().map(|feet| loads(*feet).map(LineLoad::plf)).collect();
    let (stud, unmet) = match asked.stud.works(DesignCode::AllowableStress, &walls) {
        Ok(works) => (Some(stud(&works)), Vec::new()),
        Err(none) => (None, vec![no_column(none)]),
    };
    let staying = case.supports.iter().filter(|support| (*support - case.remove).abs() >= 1e-6);
    let stands = Stands {
        temporary: case.temporary.iter().zip(&takes.temporary).map(|(place, feet)| at(*place, *feet)).collect(),
        supports: staying.zip(&takes.staying).map(|(place, (_, feet))| at(*place, *feet)).collect(),
        stud,
    };
    Answer { id: case.id.clone(), stands: Some(stands), fails: unmet }
}

fn stud(works: &WallWorks) -> StudAnswer {
    StudAnswer {
        column: works.column.0,
        plate: works.plate,
        governing: if works.is_by_column() { "column" } else { "plate" },
    }
}

fn no_column(none: NoColumn) -> String {
    match none {
        NoColumn::TooSlender(slenderness) => format!(
            "stud: le/d {slenderness:.1} is over {MOST_SLENDER:.0}; a row of blocking, another ply or a shorter stud."
        ),
        NoColumn::NoValues => "stud.grade: there are no values for this lumber.".to_owned(),
    }
}

fn cannot_stand(section: &JoistSection, falls: &Falls) -> String {
    let inches = |length: &Length| length.to_inches().to_string();
    let piece = section.pieces[falls.piece];
    let keeps = match falls.keeps.as_slice() {
        [] => "keeps no support".to_owned(),
        all => format!("keeps only the support at {} in.", all.iter().map(inches).collect::<Vec<_>>().join(" and ")),
    };
    let (from, to) = (inches(&piece.from), inches(&piece.to));
    format!("pieces[{}] ({from} to {to} in.) {keeps}: it needs two.", falls.piece)
}
