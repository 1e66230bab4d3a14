//! What an edit did, in a few words for the history: from the job before and the job after, so that what changed is told with both figures.

use super::edit::{Command, Placement};
use crate::job::{
    CountOverride, HeaderChoice, Job, KingWindBasis, Opening, OpeningId, PointLoad, Settings, StudRole, Wall, WallId,
};
use crate::loads::{SnowBasis, WallCarries};
use crate::measure::{Length, LengthStyle, Pressure};

/// In a few words: `North: window A moved 3'-0" → 4'-0"`.
pub fn summary(command: &Command, before: &Job, after: &Job) -> String {
    match command {
        Command::RenameJob { name } => format!("job renamed {} → {name}", before.name),
        Command::ChangeSettings { .. } => settings(&before.settings, &after.settings),
        Command::ChangeStock { .. } => format!("stock changed: {} → {} boards", before.stock.len(), after.stock.len()),
        Command::LoadCodeTable { table: Some(table) } => {
            format!("header table {} loaded: {} rows", table.name, table.rows.len())
        }
        Command::LoadCodeTable { table: None } => "header table put away".into(),
        Command::AddWall { wall, .. } => format!("wall {} added", wall.frame.name),
        Command::RemoveWall { wall } => format!("wall {} removed", wall_name(before, *wall)),
        Command::MirrorWall { wall } => format!("wall {} turned end for end", wall_name(before, *wall)),
        Command::MoveWall { wall, to } => format!("wall {} moved to place {}", wall_name(before, *wall), to + 1),
        Command::ChangeWall { wall, .. } => frame(before.wall(*wall), after.wall(*wall)),
        Command::ChangeEvidence { wall, .. } => format!("{}: evidence of bearing changed", wall_name(before, *wall)),
        Command::ChangeCarries { wall, carries } => match carries {
            WallCarries::Nothing => format!("{}: carries nothing", wall_name(before, *wall)),
            WallCarries::Framing(_) => format!("{}: loads changed", wall_name(before, *wall)),
        },
        Command::AddOpening { opening, .. } => opening_line(after, opening.id, "added"),
        Command::RemoveOpening { opening, .. } => opening_line(before, *opening, "removed"),
        Command::MoveOpening { opening, to } => moved(before, after, *opening, *to),
        Command::ChangeOpening { opening, .. } => {
            let size = |job: &Job| job.opening(*opening).map_or_else(String::new, |(_, each)| unit(each));
            opening_line(after, *opening, &change("changed", size(before), size(after)))
        }
        Command::ChooseHeader { opening, header } => {
            let what = match header {
                HeaderChoice::BySchool => "header left to the governing school".into(),
                HeaderChoice::Chosen(header) => format!("header {} chosen", header.name()),
            };
            opening_line(after, *opening, &what)
        }
        Command::OverrideCount { opening, role, end, decided } => {
            let role = match role {
                StudRole::Jack => "jacks",
                StudRole::King => "kings",
            };
            let what = match decided {
                Some(CountOverride { count, reason }) => format!("{count} {role} at the {} end: {reason}", end.word()),
                None => format!("{role} at the {} end as computed", end.word()),
            };
            opening_line(after, *opening, &what)
        }
        Command::MarkFramed { opening, framed } => {
            let what = if framed.is_some() { "marked as framed" } else { "no longer marked as framed" };
            opening_line(after, *opening, what)
        }
        Command::AddPointLoad { wall, load, .. } => format!("{}: {} added", wall_name(after, *wall), point_load(load)),
        Command::ChangePointLoad { load } => {
            let was = before.walls.iter().flat_map(|wall| &wall.point_loads).find(|each| each.id == load.id);
            change("point load", was.map_or_else(String::new, point_load), point_load(load))
        }
        Command::RemovePointLoad { load } => {
            let was = before.walls.iter().flat_map(|wall| &wall.point_loads).find(|each| each.id == *load);
            format!("{} removed", was.map_or_else(|| "point load".into(), point_load))
        }
        Command::Together { commands } => {
            let mut parts: Vec<String> = commands.iter().map(|command| summary(command, before, after)).collect();
            parts.dedup();
            parts.join("; ")
        }
    }
}

fn feet(length: Length) -> String {
    length.written(LengthStyle::FeetInches)
}

/// `what before → after`, or only the latter where nothing of it is told apart.
fn change(what: &str, before: String, after: String) -> String {
    if before == after || before.is_empty() {
        format!("{what} {after}")
    } else {
        format!("{what} {before} → {after}")
    }
}

fn wall_name(job: &Job, wall: WallId) -> String {
    job.wall(wall).map_or_else(|| "wall".into(), |wall| wall.frame.name.clone())
}

fn frame(before: Option<&Wall>, after: Option<&Wall>) -> String {
    let (Some(before), Some(after)) = (before, after) else { return "wall changed".into() };
    let size = |wall: &Wall| format!("{} by {}", feet(wall.frame.length), feet(wall.frame.height()));
    let name = if before.frame.name == after.frame.name {
        after.frame.name.clone()
    } else {
        format!("{} → {}", before.frame.name, after.frame.name)
    };
    if size(before) == size(after) {
        return format!("wall {name}: framing changed");
    }
    format!("wall {name}: {} → {}", size(before), size(after))
}

fn unit(opening: &Opening) -> String {
    let size = opening.design.unit;
    format!("{} {} x {}", opening.design.kind.word(), feet(size.width), feet(size.height))
}

/// An opening by its wall and letter, and what was done.
fn opening_line(job: &Job, opening: OpeningId, what: &str) -> String {
    let Some((wall, opening)) = job.opening(opening) else { return format!("opening {what}") };
    let letter = opening.letter.map_or_else(String::new, |letter| format!(" {letter}"));
    format!("{}: {}{letter} {what}", wall.frame.name, opening.design.kind.word())
}

fn moved(before: &Job, after: &Job, opening: OpeningId, to: Placement) -> String {
    let center = |job: &Job| job.opening(opening).map_or_else(String::new, |(_, each)| feet(each.design.center));
    let measured = match to {
        Placement::Center(_) => String::new(),
        Placement::LeftFace(gap) => format!(", {} from the left end", feet(gap)),
        Placement::RightFace(gap) => format!(", {} from the right end", feet(gap)),
    };
    opening_line(after, opening, &format!("{}{measured}", change("moved", center(before), center(after))))
}

fn point_load(load: &PointLoad) -> String {
    format!("{} at {}", load.name, feet(load.at))
}

/// Every setting that has another figure, with both.
fn settings(before: &Settings, after: &Settings) -> String {
    let psf = |pressure: Pressure| format!("{} psf", pressure.to_psf());
    let snow = |settings: &Settings| match settings.site.snow.basis {
        SnowBasis::Ground(amount) => format!("ground snow {}", psf(amount)),
        SnowBasis::Roof(amount) => format!("roof snow {}", psf(amount)),
    };
    let wind = |settings: &Settings| match settings.wind {
        KingWindBasis::CodeTableOnly => "by the code's table".into(),
        KingWindBasis::Pressure(pressure) => psf(pressure),
        KingWindBasis::Speed(speed) => format!("{} mph", speed.miles_per_hour),
    };
    let figures: [(&str, String, String); 7] = [
        ("", snow(before), snow(after)),
        ("roof live load", psf(before.site.roof_live), psf(after.site.roof_live)),
        ("wind", wind(before), wind(after)),
        ("live-load limit L/", before.live_deflection_limit.to_string(), after.live_deflection_limit.to_string()),
        ("total limit L/", before.total_deflection_limit.to_string(), after.total_deflection_limit.to_string()),
        ("creep", before.creep.to_string(), after.creep.to_string()),
        ("school", before.school.name().into(), after.school.name().into()),
    ];
    let changed: Vec<String> = figures
        .into_iter()
        .filter(|(_, before, after)| before != after)
        .map(|(what, before, after)| format!("{what} {before} → {after}").trim().to_owned())
        .collect();
    match (&changed[..], before.said == after.said) {
        ([], true) => "job settings changed".into(),
        ([], false) => "snow or wind confirmed".into(),
        (changed, _) => changed.join(", "),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{Command, command};

    fn told(job: &Job, command: &Command) -> String {
        let after = command::apply(job, command).expect("applied").job;
        summary(command, job, &after)
    }

    #[test]
    fn what_changed_is_told_with_both_figures() {
        let mut job = Job::empty("Loft", vec![]);
        job.walls.push(Wall::new(WallId(1), "North"));
        let mut settings = job.settings.clone();
        settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(40.0));
        settings.creep = 2.0;
        let changed = Command::ChangeSettings { settings: Box::new(settings.clone()) };
        assert_eq!(told(&job, &changed), "ground snow 30 psf → ground snow 40 psf, creep 1.5 → 2");
        assert_eq!(told(&job, &Command::RemoveWall { wall: WallId(1) }), "wall North removed");
        let frame = crate::job::WallFrame { length: Length::feet(14), ..crate::job::WallFrame::usual("North") };
        let longer = Command::ChangeWall { wall: WallId(1), frame };
        assert_eq!(told(&job, &longer), "wall North: 12'-0\" by 8'-1 1/8\" → 14'-0\" by 8'-1 1/8\"");
        let rename = Command::RenameJob { name: "Barn".into() };
        let both = Command::Together { commands: vec![rename, longer] };
        assert!(told(&job, &both).starts_with("job renamed Loft → Barn; wall North: "));
    }
}
