//! What an edit did, in a few words for the history: from the job before and the job after, so that what changed is told with both figures.

use super::edit::{Command, Placement};
use crate::job::{
    CountOverride, HeaderChoice, Job, KingWindBasis, OpeningDesign, OpeningId, Particulars, PointLoad, PointLoadId,
    Settings, StudRole, Wall, WallId,
};
use crate::loads::{SnowBasis, WallCarries};
use crate::measure;
use crate::say;
use crate::speech::{Argument, Joined, Phrase, distance, number};

/// Of many edits at once so many are told.
const MOST_TOLD: usize = 6;

/// In a few words: `North: window A moved 3'-0" → 4'-0"`.
pub fn summary(command: &Command, before: &Job, after: &Job) -> Phrase {
    match command {
        Command::RenameJob { name } => say!("did-rename-job", before = &before.name, after = name),
        Command::ChangeParticulars { .. } => particulars(&before.particulars, &after.particulars),
        Command::ChangeSettings { .. } => settings(&before.settings, &after.settings),
        Command::ChangeStock { .. } => say!("did-change-stock", before = before.stock.len(), after = after.stock.len()),
        Command::LoadCodeTable { table: Some(table) } => {
            say!("did-load-table", name = &table.name, rows = table.rows.len())
        }
        Command::LoadCodeTable { table: None } => say!("did-put-table-away"),
        Command::AddWall { wall, .. } => say!("did-add-wall", wall = &wall.frame.name),
        Command::RemoveWall { wall } => say!("did-remove-wall", wall = wall_name(before, *wall)),
        Command::MirrorWall { wall } => say!("did-mirror-wall", wall = wall_name(before, *wall)),
        Command::MoveWall { wall, to } => say!("did-move-wall", wall = wall_name(before, *wall), place = to + 1),
        Command::PlaceWall { wall, place: Some(_) } => say!("did-place-wall", wall = wall_name(before, *wall)),
        Command::PlaceWall { wall, place: None } => say!("did-take-wall-out", wall = wall_name(before, *wall)),
        Command::AddPart { part, .. } => say!("did-add-part", part = part.name()),
        Command::ChangePart { part } => say!("did-change-part", part = part.name()),
        Command::RemovePart { part } => {
            let name = before.house.part(*part).map(|part| part.name().to_owned());
            say!("did-remove-part", part = name.unwrap_or_default())
        }
        Command::ChangeGround { .. } => say!("did-change-ground"),
        Command::ChangeWall { wall, .. } => frame(before.wall(*wall), after.wall(*wall)),
        Command::ChangeEvidence { wall, .. } => say!("did-change-evidence", wall = wall_name(before, *wall)),
        Command::ChangeCarries { wall, carries } => match carries {
            WallCarries::Nothing => say!("did-carries-nothing", wall = wall_name(before, *wall)),
            WallCarries::Framing(_) => say!("did-change-loads", wall = wall_name(before, *wall)),
        },
        Command::AddOpening { opening, .. } => of_opening(after, opening.id, say!("did-add")),
        Command::RemoveOpening { opening, .. } => of_opening(before, *opening, say!("did-remove")),
        Command::MoveOpening { opening, to } => moved(before, after, *opening, *to),
        Command::ChangeOpening { opening, .. } => {
            let design = |job: &Job| job.opening(*opening).map(|(_, each)| each.design);
            of_opening(after, *opening, redesigned(design(before), design(after)))
        }
        Command::ChooseHeader { opening, header } => {
            let what = match header {
                HeaderChoice::BySchool => say!("did-leave-header"),
                HeaderChoice::Chosen(header) => say!("did-choose-header", header = header.name()),
            };
            of_opening(after, *opening, what)
        }
        Command::OverrideCount { opening, role, end, decided } => {
            let end = *end;
            let what = match (role, decided) {
                (StudRole::Jack, Some(CountOverride { count, reason })) => {
                    say!("did-decide-jacks", count = *count, end, reason)
                }
                (StudRole::King, Some(CountOverride { count, reason })) => {
                    say!("did-decide-kings", count = *count, end, reason)
                }
                (StudRole::Jack, None) => say!("did-leave-jacks", end),
                (StudRole::King, None) => say!("did-leave-kings", end),
            };
            of_opening(after, *opening, what)
        }
        Command::MarkFramed { opening, framed } => {
            let what = if framed.is_some() { say!("did-mark-framed") } else { say!("did-unmark-framed") };
            of_opening(after, *opening, what)
        }
        Command::AddPointLoad { wall, load, .. } => {
            say!("did-add-point-load", wall = wall_name(after, *wall), load = point_load(load))
        }
        Command::ChangePointLoad { load } => {
            let was = was(before, load.id);
            change(say!("did-change-point-load"), was.map(point_load), Some(point_load(load)))
        }
        Command::RemovePointLoad { load } => match was(before, *load) {
            Some(load) => say!("did-remove-point-load", load = point_load(load)),
            None => say!("did-remove-a-point-load"),
        },
        Command::Together { commands } => {
            let mut parts: Vec<Phrase> = commands.iter().map(|command| summary(command, before, after)).collect();
            parts.dedup();
            let more = parts.len().saturating_sub(MOST_TOLD);
            parts.truncate(MOST_TOLD);
            let told = Phrase::several(parts, Joined::Semicolons);
            if more == 0 { told } else { say!("did-and-more", told, more) }
        }
    }
}

/// Which of them changed, each with both wordings.
fn particulars(before: &Particulars, after: &Particulars) -> Phrase {
    let each = |what: Phrase, before: &str, after: &str| {
        let words = |text: &str| if text.is_empty() { say!("particulars-not-said") } else { Phrase::verbatim(text) };
        (before != after).then(|| change(what, Some(words(before)), Some(words(after))))
    };
    let told = [
        each(say!("particulars-address"), &before.address, &after.address),
        each(say!("particulars-permit"), &before.permit, &after.permit),
        each(say!("particulars-adopted-code"), &before.adopted_code, &after.adopted_code),
        each(say!("particulars-edition"), &before.edition, &after.edition),
        each(say!("particulars-answers-for-it"), &before.answers_for_it, &after.answers_for_it),
    ];
    let told: Vec<Phrase> = told.into_iter().flatten().collect();
    if told.is_empty() { say!("did-change-particulars") } else { Phrase::several(told, Joined::Semicolons) }
}

fn was(before: &Job, id: PointLoadId) -> Option<&PointLoad> {
    before.walls.iter().flat_map(|wall| &wall.point_loads).find(|each| each.id == id)
}

/// `what before → after`, or only the latter where nothing of it is told apart.
fn change(what: Phrase, before: Option<Phrase>, after: Option<Phrase>) -> Phrase {
    let after = after.unwrap_or_else(|| say!("nothing-to-say"));
    match before {
        Some(before) if before != after => say!("did-from-to", what, before, after),
        _ => say!("did-to", what, after),
    }
}

fn wall_name(job: &Job, wall: WallId) -> Argument {
    job.wall(wall).map_or_else(|| say!("a-wall").into(), |wall| Argument::from(&wall.frame.name))
}

fn frame(before: Option<&Wall>, after: Option<&Wall>) -> Phrase {
    let (Some(before), Some(after)) = (before, after) else { return say!("did-change-a-wall") };
    let size = |wall: &Wall| {
        say!("size-of-wall", length = distance(wall.frame.length), height = distance(wall.frame.height()))
    };
    let wall = if before.frame.name == after.frame.name {
        Argument::from(&after.frame.name)
    } else {
        say!("from-to", before = &before.frame.name, after = &after.frame.name).into()
    };
    if size(before) == size(after) {
        return say!("did-change-framing", wall);
    }
    say!("did-change-wall", wall, before = size(before), after = size(after))
}

/// What of an opening's design is another, with both; what has no figure is only named.
fn redesigned(before: Option<OpeningDesign>, after: Option<OpeningDesign>) -> Phrase {
    let (Some(before), Some(after)) = (before, after) else { return say!("did-change") };
    let unit = |design: &OpeningDesign| {
        let (width, height) = (distance(design.unit.width), distance(design.unit.height));
        say!("size-of-unit", kind = design.kind.phrase(), width, height)
    };
    let center = |design: &OpeningDesign| say!("a-distance", at = distance(design.center));
    let sill = |design: &OpeningDesign| say!("an-amount", amount = design.sill);
    let rough = |design: &OpeningDesign| match design.rough {
        Some(size) => say!("size-of-rough-opening", width = size.width, height = size.height),
        None => say!("by-the-rule"),
    };
    let changed: [(Phrase, Phrase, Phrase); 4] = [
        (say!("did-change"), unit(&before), unit(&after)),
        (say!("did-move"), center(&before), center(&after)),
        (say!("did-change-sill"), sill(&before), sill(&after)),
        (say!("did-change-rough"), rough(&before), rough(&after)),
    ];
    let differs = changed.into_iter().filter(|(_, before, after)| before != after);
    let mut told: Vec<Phrase> = differs.map(|(what, before, after)| say!("did-from-to", what, before, after)).collect();
    let OpeningDesign { kind, unit: size, center: at, sill: up, rough: asked, .. } = after;
    if (OpeningDesign { kind, unit: size, center: at, sill: up, rough: asked, ..before }) != after {
        told.push(say!("did-change-header-or-details"));
    }
    if told.is_empty() { say!("did-change") } else { Phrase::several(told, Joined::Commas) }
}

/// An opening by its wall and letter, and what was done.
fn of_opening(job: &Job, opening: OpeningId, what: Phrase) -> Phrase {
    let Some((wall, opening)) = job.opening(opening) else { return say!("did-to-an-opening", what) };
    let (wall, kind) = (&wall.frame.name, opening.design.kind.phrase());
    match opening.letter {
        Some(letter) => say!("did-to-opening", wall = wall, kind, letter = letter.to_string(), what),
        None => say!("did-to-opening-without-letter", wall = wall, kind, what),
    }
}

fn moved(before: &Job, after: &Job, opening: OpeningId, to: Placement) -> Phrase {
    let center =
        |job: &Job| job.opening(opening).map(|(_, each)| say!("a-distance", at = distance(each.design.center)));
    let moved = change(say!("did-move"), center(before), center(after));
    let what = match to {
        Placement::Center(_) => moved,
        Placement::LeftFace(gap) => say!("moved-from-left", moved, gap = distance(gap)),
        Placement::RightFace(gap) => say!("moved-from-right", moved, gap = distance(gap)),
    };
    of_opening(after, opening, what)
}

fn point_load(load: &PointLoad) -> Phrase {
    say!("point-load", name = &load.name, at = distance(load.at))
}

/// Every setting that has another figure, with both.
fn settings(before: &Settings, after: &Settings) -> Phrase {
    let snow = |settings: &Settings| match settings.site.snow.basis {
        SnowBasis::Ground(amount) => say!("ground-snow", amount),
        SnowBasis::Roof(amount) => say!("roof-snow", amount),
    };
    let wind = |settings: &Settings| match settings.wind {
        KingWindBasis::CodeTableOnly => say!("wind-by-table"),
        KingWindBasis::Pressure(pressure) => say!("an-amount", amount = pressure),
        KingWindBasis::Speed(speed) => {
            say!("an-amount", amount = number(speed.miles_per_hour, measure::Unit::MilesPerHour))
        }
    };
    let plain = |value: f64| say!("an-amount", amount = number(value, measure::Unit::None));
    let live = |settings: &Settings| plain(settings.live_deflection_limit);
    let total = |settings: &Settings| plain(settings.total_deflection_limit);
    let figures: [(Option<Phrase>, Phrase, Phrase); 7] = [
        (None, snow(before), snow(after)),
        (
            Some(say!("setting-roof-live")),
            say!("an-amount", amount = before.site.roof_live),
            say!("an-amount", amount = after.site.roof_live),
        ),
        (Some(say!("setting-wind")), wind(before), wind(after)),
        (Some(say!("setting-live-limit")), live(before), live(after)),
        (Some(say!("setting-total-limit")), total(before), total(after)),
        (Some(say!("setting-creep")), plain(before.creep), plain(after.creep)),
        (Some(say!("setting-school")), before.school.phrase(), after.school.phrase()),
    ];
    let changed = figures.into_iter().filter(|(_, before, after)| before != after);
    let changed: Vec<Phrase> = changed
        .map(|(what, before, after)| match what {
            Some(what) => say!("did-from-to", what, before, after),
            None => say!("from-to", before, after),
        })
        .collect();
    match (changed.is_empty(), before.said == after.said) {
        (true, true) => say!("did-change-settings"),
        (true, false) => say!("did-confirm-site"),
        (false, _) => Phrase::several(changed, Joined::Commas),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{Command, HeaderPlace, OpeningKind, Size, command};
    use crate::measure::{Length, Pressure};

    fn told(job: &Job, command: &Command) -> Phrase {
        let after = command::apply(job, command).expect("applied").job;
        summary(command, job, &after)
    }

    #[test]
    fn what_of_an_opening_is_another_is_told_with_both() {
        let size = Size { width: Length::inches(36), height: Length::inches(48) };
        let before = OpeningDesign { sill: Length::inches(34), ..OpeningDesign::usual(OpeningKind::Window, size) };
        let told = |after: OpeningDesign| redesigned(Some(before), Some(after)).to_string();
        let lower = told(OpeningDesign { sill: Length::inches(30), ..before });
        assert!(lower.starts_with("did-from-to (what: did-change-sill, before: an-amount (amount: 34\""), "{lower}");
        let hung = told(OpeningDesign { place: HeaderPlace::AtHeadHeight, ..before });
        assert_eq!(hung, "did-change-header-or-details");
        assert_eq!(told(before), "did-change");
    }

    #[test]
    fn what_changed_is_told_with_both_figures() {
        let mut job = Job::empty("Loft", vec![]);
        job.walls.push(Wall::new(WallId(1), "North"));
        let mut settings = job.settings.clone();
        settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(40.0));
        settings.creep = 2.0;
        let changed = Command::ChangeSettings { settings: Box::new(settings.clone()) };
        let told_of_settings = told(&job, &changed).to_string();
        assert!(told_of_settings.contains("before: ground-snow (amount: 30 lb/ft²)"), "{told_of_settings}");
        assert!(told_of_settings.contains("setting-creep, before: an-amount (amount: 1.5 )"), "{told_of_settings}");
        assert_eq!(told(&job, &Command::RemoveWall { wall: WallId(1) }), say!("did-remove-wall", wall = "North"));
        let frame = crate::job::WallFrame { length: Length::feet(14), ..crate::job::WallFrame::usual("North") };
        let longer = Command::ChangeWall { wall: WallId(1), frame };
        let size = |feet| {
            let height = distance(job.walls[0].frame.height());
            say!("size-of-wall", length = distance(Length::feet(feet)), height)
        };
        let said = say!("did-change-wall", wall = "North", before = size(12), after = size(14));
        assert_eq!(told(&job, &longer), said);
        let rename = Command::RenameJob { name: "Barn".into() };
        let both = Command::Together { commands: vec![rename, longer] };
        let first = say!("did-rename-job", before = "Loft", after = "Barn");
        assert_eq!(told(&job, &both), Phrase::several(vec![first, said], Joined::Semicolons));
    }
}
