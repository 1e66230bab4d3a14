//! What headers are made of.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{self, StockId};
use sturvek_core::lumber;
use sturvek_core::lumber::sheet::LONGEST_SHEET_NAME;
use sturvek_core::measure::Money;
use sturvek_core::say;
use sturvek_core::sizing::candidates::StockBoard;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{Depth, EngineeredClass, Grade, Species, Thickness};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

/// A board on the pile.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct StockItem {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// What it is.
    pub board: Board,
    /// Price per foot of one ply, in cents; left out where nobody said one.
    pub price_cents_per_foot: Option<f64>,
}

/// One board of a header.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "made", rename_all = "snake_case")]
pub enum Board {
    /// Sawn lumber.
    Sawn {
        /// Species group.
        species: Species,
        /// Grade.
        grade: Grade,
        /// Nominal thickness.
        thickness: Thickness,
        /// Nominal depth.
        nominal_depth: Depth,
    },
    /// Engineered lumber.
    Engineered {
        /// Stress class.
        class: EngineeredClass,
        /// Width of a ply.
        ply_width: TypedLength,
        /// Depth.
        depth: TypedLength,
    },
    /// Lumber with the user's own values, from the sheet that came with it. Stresses are whole psi.
    Sheet {
        /// What the user calls it.
        sheet_name: String,
        /// Fb.
        bending_psi: u32,
        /// Fv.
        shear_psi: u32,
        /// Fc⊥.
        bearing_psi: u32,
        /// E.
        stiffness_psi: u32,
        /// Emin.
        stability_stiffness_psi: u32,
        /// Weight, lb/ft³.
        density_pcf: u32,
        /// Width of a ply.
        ply_width: TypedLength,
        /// Depth.
        depth: TypedLength,
    },
}

/// A header: so many plies of one board.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Header {
    /// What each ply is.
    pub board: Board,
    /// How many plies.
    pub plies: u8,
}

impl Resolve for Board {
    type Core = lumber::HeaderBoard;
    fn read(&self, reader: &mut Reader) -> lumber::HeaderBoard {
        match self {
            Self::Sawn { species, grade, thickness, nominal_depth } => lumber::HeaderBoard::Sawn {
                species: (*species).into(),
                grade: (*grade).into(),
                size: lumber::SawnSize { thickness: (*thickness).into(), depth: (*nominal_depth).into() },
            },
            Self::Engineered { class, ply_width, depth } => lumber::HeaderBoard::Engineered {
                class: (*class).into(),
                ply_width: reader.length("ply_width", ply_width),
                depth: reader.length("depth", depth),
            },
            Self::Sheet {
                sheet_name,
                bending_psi,
                shear_psi,
                bearing_psi,
                stiffness_psi,
                stability_stiffness_psi,
                density_pcf,
                ply_width,
                depth,
            } => {
                let name = lumber::sheet::Name::from(sheet_name.trim()).unwrap_or_else(|_| {
                    let message = say!("sheet-name-too-long", most = LONGEST_SHEET_NAME);
                    reader.refuse("sheet_name", message);
                    lumber::sheet::Name::new()
                });
                lumber::HeaderBoard::Sheet {
                    values: lumber::SheetValues {
                        name,
                        bending_psi: *bending_psi,
                        shear_psi: *shear_psi,
                        bearing_psi: *bearing_psi,
                        stiffness_psi: *stiffness_psi,
                        stability_stiffness_psi: *stability_stiffness_psi,
                        density_pcf: *density_pcf,
                    },
                    ply_width: reader.length("ply_width", ply_width),
                    depth: reader.length("depth", depth),
                }
            }
        }
    }
}

impl From<lumber::HeaderBoard> for Board {
    fn from(board: lumber::HeaderBoard) -> Self {
        match board {
            lumber::HeaderBoard::Sawn { species, grade, size } => Self::Sawn {
                species: species.into(),
                grade: grade.into(),
                thickness: size.thickness.into(),
                nominal_depth: size.depth.into(),
            },
            lumber::HeaderBoard::Engineered { class, ply_width, depth } => {
                Self::Engineered { class: class.into(), ply_width: ply_width.into(), depth: depth.into() }
            }
            lumber::HeaderBoard::Sheet { values, ply_width, depth } => Self::Sheet {
                sheet_name: values.name.to_string(),
                bending_psi: values.bending_psi,
                shear_psi: values.shear_psi,
                bearing_psi: values.bearing_psi,
                stiffness_psi: values.stiffness_psi,
                stability_stiffness_psi: values.stability_stiffness_psi,
                density_pcf: values.density_pcf,
                ply_width: ply_width.into(),
                depth: depth.into(),
            },
        }
    }
}

impl Resolve for Header {
    type Core = lumber::HeaderSpec;
    fn read(&self, reader: &mut Reader) -> lumber::HeaderSpec {
        lumber::HeaderSpec { board: reader.part("board", &self.board), plies: self.plies }
    }
}

impl From<lumber::HeaderSpec> for Header {
    fn from(header: lumber::HeaderSpec) -> Self {
        Self { board: header.board.into(), plies: header.plies }
    }
}

impl Resolve for StockItem {
    type Core = job::StockItem;
    fn read(&self, reader: &mut Reader) -> job::StockItem {
        let price_per_foot = self.price_cents_per_foot.map(Money::cents);
        let board = StockBoard { board: reader.part("board", &self.board), price_per_foot };
        job::StockItem { id: StockId(reader.identity(self.id)), board }
    }
}

impl From<&job::StockItem> for StockItem {
    fn from(item: &job::StockItem) -> Self {
        let StockBoard { board, price_per_foot } = item.board;
        Self {
            id: Some(Uuid::from_u128(item.id.0)),
            board: board.into(),
            price_cents_per_foot: price_per_foot.map(Money::to_cents),
        }
    }
}
