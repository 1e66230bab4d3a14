//! The working of what a house brings to an opening: strip by strip of each field over it, share by share, by the calculation itself.

use super::JobPlan;
use crate::job::OpeningId;
use crate::path::loaded::Carrier;
use crate::path::{Part, field_working};
use crate::say;
use crate::sizing::sheet::SheetPart;

/// What each field over an opening brings to its wall there; nothing for a wall without a place.
pub fn house_working(plan: &JobPlan, opening: OpeningId) -> Vec<SheetPart> {
    let Some(house) = plan.house() else { return Vec::new() };
    let found = house.named.storeys.iter().enumerate().find_map(|(storey, named)| {
        named.walls.iter().enumerate().find_map(|(wall, of)| {
            let place = of.openings.iter().position(|id| *id == opening)?;
            Some((storey, wall, place))
        })
    });
    let Some((storey, wall, place)) = found else { return Vec::new() };
    let standing = &house.structure.storeys[storey];
    let (line, hole) = (&standing.walls[wall].line, &standing.walls[wall].openings[place]);
    let middle = line.start + hole.left + (hole.right - hole.left).half();
    let over = house.path.storeys[storey].walls[wall]
        .top
        .stretches
        .iter()
        .filter(|stretch| stretch.low <= middle && middle <= stretch.high && stretch.from.storey == storey);
    let mut fields: Vec<usize> = over
        .filter_map(|stretch| if let Part::Field(field) = stretch.from.part { Some(field) } else { None })
        .collect();
    fields.dedup();
    let part = |field: usize| {
        let id = house.named.storeys[storey].fields.get(field)?;
        let name = plan.job().house.part(*id).map_or_else(String::new, |part| part.name().to_owned());
        let entries = field_working(standing, &standing.fields[field], Carrier::Wall(wall), middle)?;
        Some(SheetPart { title: say!("title-house-field", name), entries })
    };
    fields.into_iter().filter_map(part).collect()
}
