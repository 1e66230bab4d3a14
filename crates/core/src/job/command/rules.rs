//! Edits of what holds for every wall: the name, the particulars, the settings, the stock, the jurisdiction's table.

use std::mem::replace;

use super::edit::Command;
use crate::job::{Job, Particulars, Settings, StockItem};
use crate::sizing::schools::JurisdictionTable;

pub(super) fn rename(job: &mut Job, name: &str) -> Command {
    Command::RenameJob { name: replace(&mut job.name, name.to_owned()) }
}

pub(super) fn particulars(job: &mut Job, particulars: &Particulars) -> Command {
    Command::ChangeParticulars { particulars: replace(&mut job.particulars, particulars.clone()) }
}

pub(super) fn settings(job: &mut Job, settings: &Settings) -> Command {
    Command::ChangeSettings { settings: replace(&mut job.settings, settings.clone()).into() }
}

pub(super) fn stock(job: &mut Job, stock: &[StockItem]) -> Command {
    Command::ChangeStock { stock: replace(&mut job.stock, stock.to_vec()) }
}

pub(super) fn code_table(job: &mut Job, table: Option<&JurisdictionTable>) -> Command {
    Command::LoadCodeTable { table: replace(&mut job.code_table, table.cloned()) }
}
