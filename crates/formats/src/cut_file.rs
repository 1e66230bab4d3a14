//! What is cut of a job as JSON, as `sturvek cut JOB.json` prints it. Lengths are decimal inches; words are English.

use serde::Serialize;
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::packs::packs_of_job;
use sturvek_core::cutting::pieces::pieces_of_job;
use sturvek_core::framing::member::{Bevel, Minded};
use sturvek_core::plan::JobPlan;
use sturvek_core::speech::Phrase;
use sturvek_speech::english;
use sturvek_wire::piece_key;

/// What is cut of a job.
#[derive(Clone, Debug, Serialize)]
pub struct CutFile {
    /// What is not cut yet, each with why.
    pub held_back: Vec<HeldBackFile>,
    /// What is built apart from the walls.
    pub packs: Vec<PackFile>,
    /// What is cut, by what it is cut from.
    pub sections: Vec<SectionFile>,
}

/// Something that is not cut yet.
#[derive(Clone, Debug, Serialize)]
pub struct HeldBackFile {
    /// What.
    pub what: String,
    /// Why.
    pub why: String,
}

/// A pack with all that are alike.
#[derive(Clone, Debug, Serialize)]
pub struct PackFile {
    /// Where each of them goes.
    pub goes: Vec<String>,
    /// The pieces of one.
    pub pieces: Vec<PackPieceFile>,
    /// What fills it out to the wall's thickness.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub filler: Option<String>,
    /// How it is nailed, a joint each.
    pub nails: Vec<String>,
}

/// Pieces of a pack that are alike.
#[derive(Clone, Debug, Serialize)]
pub struct PackPieceFile {
    /// What they are for.
    pub what: String,
    /// How many.
    pub count: u32,
    /// Cut length, at its longest.
    pub length_in: f64,
    /// What they are cut from.
    pub section: String,
}

/// What is cut from one section and grade.
#[derive(Clone, Debug, Serialize)]
pub struct SectionFile {
    /// From what.
    pub section: String,
    /// Whether it is treated.
    pub treated: bool,
    /// One setting of the stop each, the longest first.
    pub settings: Vec<SettingFile>,
}

/// One setting of the saw's stop.
#[derive(Clone, Debug, Serialize)]
pub struct SettingFile {
    /// Cut length, at its longest.
    pub length_in: f64,
    /// How an end is cut where it is not square.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub bevel_degrees: Option<f64>,
    /// Whether they lie with their TOP stamp up.
    pub top_up: bool,
    /// The pieces.
    pub pieces: Vec<PieceFile>,
}

/// A piece.
#[derive(Clone, Debug, Serialize)]
pub struct PieceFile {
    /// Its name.
    pub piece: String,
    /// What it is for.
    pub what: String,
    /// Who gets it.
    pub goes: String,
}

/// What is cut of a planned job.
pub fn cut_file(plan: &JobPlan) -> CutFile {
    let job = plan.job();
    let say = |phrase: &Phrase| english(phrase);
    let all = pieces_of_job(plan);
    let held_back = all.held_back.iter().map(|held| HeldBackFile { what: say(&held.what(job)), why: say(held.why()) });
    let packs = packs_of_job(plan, &all.pieces).into_iter().map(|pack| PackFile {
        goes: pack.goes.iter().map(|goes| say(&goes.phrase(job))).collect(),
        pieces: pack
            .pieces
            .iter()
            .map(|piece| PackPieceFile {
                what: say(&piece.for_.phrase()),
                count: piece.count,
                length_in: piece.length.to_inches(),
                section: piece.wood.to_string(),
            })
            .collect(),
        filler: pack.filler.map(|filler| say(&filler.phrase())),
        nails: pack.nails.iter().map(|nail| format!("{}: {}", say(&nail.joint), say(&nail.nails))).collect(),
    });
    let sections = cut_list(all.pieces.iter().enumerate()).into_iter().map(|list| SectionFile {
        section: list.section.wood.to_string(),
        treated: list.section.treated,
        settings: list
            .settings
            .iter()
            .map(|setting| SettingFile {
                length_in: setting.length.to_inches(),
                bevel_degrees: setting.bevel.map(Bevel::degrees),
                top_up: setting.minded == Minded::TopUp,
                pieces: setting
                    .pieces
                    .iter()
                    .map(|place| &all.pieces[*place])
                    .map(|piece| PieceFile {
                        piece: piece_key::written(piece.id),
                        what: say(&piece.id.for_.phrase()),
                        goes: say(&piece.id.of.phrase(job)),
                    })
                    .collect(),
            })
            .collect(),
    });
    CutFile { held_back: held_back.collect(), packs: packs.collect(), sections: sections.collect() }
}
