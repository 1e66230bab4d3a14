//! The post that tests start from.

use super::spec::{BeamOnPost, PostSpec};
use crate::codes::DesignCode;
use crate::loads::{ByKind, LoadKind};
use crate::lumber::Family;
use crate::measure::{Force, Length, Stress};

/// 96 in. under 1000 lb of D and so much L that a beam 3 in. wide brings, on concrete.
pub fn under(live: f64) -> PostSpec {
    let load = ByKind::of([(LoadKind::Dead, 1000.0), (LoadKind::FloorLive, live)]).map(Force::lbf);
    PostSpec {
        height: Length::inches(96),
        load,
        beams: vec![BeamOnPost {
            by_kind: load,
            width: Length::inches(3),
            reaches: (Length::inches(12), Length::inches(12)),
            bearing: Stress::psi(425.0),
            family: Family::Dimension,
        }],
        stands_on: None,
        code: DesignCode::default(),
        chosen: None,
    }
}
