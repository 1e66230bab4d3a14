//! A job and everything in it.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};
use sturvek_core::job;
use utoipa::ToSchema;
use uuid::Uuid;

use super::house::House;
use super::particulars::Particulars;
use super::settings::{CodeTable, Settings};
use super::stock::StockItem;
use super::wall::Wall;
use crate::reading::{Reader, Resolve};

/// A job: everything that was described, nothing that is computed.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Job {
    /// Its name.
    pub name: String,
    /// What its papers are headed with.
    pub particulars: Particulars,
    /// Its settings.
    pub settings: Settings,
    /// What headers can be made of.
    pub stock: Vec<StockItem>,
    /// The jurisdiction's own header table, where one was loaded.
    #[serde(default)]
    pub code_table: Option<CodeTable>,
    /// Its walls.
    pub walls: Vec<Wall>,
    /// The rest of the house that they stand in.
    pub house: House,
}

impl Job {
    /// The same job with a new identity for every board, wall, opening, point load and part of the house.
    #[must_use]
    pub fn with_new_identities(mut self) -> Self {
        let anew = || Some(Uuid::new_v4());
        self.stock.iter_mut().for_each(|item| item.id = anew());
        let levels = self.house.with_new_identities();
        let mut walls = BTreeMap::new();
        for wall in &mut self.walls {
            let before = std::mem::replace(&mut wall.id, anew());
            walls.extend(before.zip(wall.id));
            if let Some(place) = &mut wall.place {
                place.level = levels.get(&place.level).copied().unwrap_or(place.level);
            }
            wall.openings.iter_mut().for_each(|opening| opening.id = anew());
            wall.point_loads.iter_mut().for_each(|load| load.id = anew());
        }
        let order = &mut self.settings.raising_order;
        order.retain(|wall| walls.contains_key(wall));
        order.iter_mut().for_each(|wall| *wall = walls[&*wall]);
        self
    }
}

impl Resolve for Job {
    type Core = job::Job;
    fn read(&self, reader: &mut Reader) -> job::Job {
        job::Job {
            name: self.name.trim().to_owned(),
            particulars: reader.part("particulars", &self.particulars),
            settings: reader.part("settings", &self.settings),
            stock: reader.parts("stock", &self.stock),
            code_table: reader.maybe_part("code_table", self.code_table.as_ref()),
            walls: reader.parts("walls", &self.walls),
            house: reader.part("house", &self.house),
        }
    }
}

impl From<&job::Job> for Job {
    fn from(job: &job::Job) -> Self {
        Self {
            name: job.name.clone(),
            particulars: (&job.particulars).into(),
            settings: (&job.settings).into(),
            stock: job.stock.iter().map(Into::into).collect(),
            code_table: job.code_table.as_ref().map(Into::into),
            walls: job.walls.iter().map(Into::into).collect(),
            house: (&job.house).into(),
        }
    }
}
