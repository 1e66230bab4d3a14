//! Answers to questions beside the plan: how far headers reach, what an existing one can carry, one size for the whole job,
//! and the design values themselves.

use serde::Serialize;
use sturvek_core::codes::{DesignCode, DesignValues};
use sturvek_core::lumber::{EngineeredClass, Grade, HeaderBoard, SawnSize, Species};
use sturvek_core::measure::Money;
use sturvek_core::sizing::existing::{Capability, WhatGivesOut};
use sturvek_core::sizing::reach::{Reach, ReachPoint};
use sturvek_core::studies::one_size::OneSize;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::results::finite;
use crate::speech::Phrase as WirePhrase;
use sturvek_core::speech::Phrase;

use crate::inputs::Header;

/// How far the stock reaches under the loads at hand.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ReachView {
    /// This opening, nanometers.
    pub clear: i64,
    /// The widest opening that is looked at, nanometers.
    pub widest: i64,
    /// Every header of the stock, the farthest reaching first.
    pub headers: Vec<HeaderReach>,
}

/// How far one header reaches.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HeaderReach {
    /// The header, to choose it by.
    pub spec: Header,
    /// Short name.
    pub name: String,
    /// Material.
    pub material: String,
    /// The widest opening it carries; absent if not even the narrowest.
    pub farthest: Option<i64>,
    /// What gives out first.
    pub gives_out: WirePhrase,
    /// How hard it works along the span.
    pub points: Vec<ReachPointView>,
}

/// How hard a header works over one opening.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ReachPointView {
    /// The opening.
    pub clear: i64,
    /// Demand over capacity; left out where nothing is carried at all.
    pub ratio: Option<f64>,
    /// What governs there.
    pub governs: WirePhrase,
}

/// What an existing header can do.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CapabilityView {
    /// The header.
    pub name: String,
    /// Whether it carries what is there.
    pub carries: bool,
    /// How many times the load at hand it carries.
    pub times_the_load: f64,
    /// Room left: how much more load, as a part of what is there; negative where it is too much already.
    pub room_left: f64,
    /// What gives out first under more load.
    pub first_under_load: WirePhrase,
    /// How far it could span, nanometers; absent if not even over a foot.
    pub farthest: Option<i64>,
    /// What gives out first over more span.
    pub first_over_span: WirePhrase,
    /// Why it does not carry what is there.
    pub failures: Vec<WirePhrase>,
}

/// One size for the whole job.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OneSizeView {
    /// The different headers, and how many openings each goes over.
    pub headers: Vec<OneSizeHeader>,
    /// How many different jack lengths.
    pub jack_lengths: usize,
    /// What the headers cost, cents; left out where one of them has no price.
    pub cost_cents: Option<f64>,
    /// What the cheapest over each opening would cost, cents; left out where one has no price.
    pub cheapest_cents: Option<f64>,
    /// Openings that are left out: nothing in stock carries over them.
    pub left_out: usize,
}

/// One of the headers.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OneSizeHeader {
    /// The header, to choose it by.
    pub spec: Header,
    /// Its name.
    pub name: String,
    /// The openings it goes over.
    pub openings: Vec<Uuid>,
}

/// Design values of a material.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct MaterialView {
    /// Family: sawn or engineered.
    pub group: String,
    /// What it is: `Douglas Fir-Larch No.2`, `LVL 2.0E-2600`.
    pub name: String,
    /// Sizes these values hold for; none where they hold for every size.
    pub sizes: Vec<String>,
    /// Fb, psi.
    pub bending_psi: f64,
    /// Fv, psi.
    pub shear_psi: f64,
    /// Fc⊥, psi.
    pub bearing_psi: f64,
    /// Fc, psi.
    pub compression_psi: f64,
    /// E, psi.
    pub stiffness_psi: f64,
    /// Emin, psi.
    pub stability_stiffness_psi: f64,
    /// Table and edition.
    pub source: WirePhrase,
}

impl From<&Reach> for HeaderReach {
    fn from(reach: &Reach) -> Self {
        Self {
            spec: reach.header.into(),
            name: reach.header.short_name(),
            material: reach.header.board.material_name(),
            farthest: reach.farthest.map(|length| length.nanometers()),
            gives_out: reach.points.last().map_or(WhatGivesOut::Nothing, |point| point.governs).phrase().into(),
            points: reach.points.iter().map(reach_point).collect(),
        }
    }
}

fn reach_point(point: &ReachPoint) -> ReachPointView {
    ReachPointView {
        clear: point.clear.nanometers(),
        ratio: finite(point.ratio),
        governs: point.governs.phrase().into(),
    }
}

impl From<&Capability> for CapabilityView {
    fn from(capability: &Capability) -> Self {
        Self {
            name: capability.now.header.name(),
            carries: capability.now.carries(),
            times_the_load: capability.times_the_load,
            room_left: capability.room_left(),
            first_under_load: capability.first_under_load.phrase().into(),
            farthest: capability.farthest.map(|length| length.nanometers()),
            first_over_span: capability.first_over_span.phrase().into(),
            failures: capability.now.failures().iter().map(Into::into).collect(),
        }
    }
}

impl From<&OneSize> for OneSizeView {
    fn from(found: &OneSize) -> Self {
        let mut headers: Vec<OneSizeHeader> = Vec::new();
        for (opening, header) in &found.assigned {
            let (opening, name) = (Uuid::from_u128(opening.0), header.name());
            match headers.iter_mut().find(|known| known.name == name) {
                Some(known) => known.openings.push(opening),
                None => headers.push(OneSizeHeader { spec: (*header).into(), name, openings: vec![opening] }),
            }
        }
        Self {
            headers,
            jack_lengths: found.jack_lengths,
            cost_cents: found.cost.map(Money::to_cents),
            cheapest_cents: found.cheapest.map(Money::to_cents),
            left_out: found.left_out.len(),
        }
    }
}

/// Every material the tool knows, sizes with the same values together.
pub fn materials() -> Vec<MaterialView> {
    let code = DesignCode::default();
    let mut all: Vec<MaterialView> = Vec::new();
    for species in Species::ALL {
        for grade in Grade::ALL {
            for size in SawnSize::all() {
                let board = HeaderBoard::Sawn { species, grade, size };
                let Some(values) = code.values(board) else { continue };
                let name = format!("{} {}", species.name(), grade.name());
                let view = material("sawn", name, vec![size.name()], &values, code.values_source(board));
                match all.iter_mut().find(|known| same_values(known, &view)) {
                    Some(known) => known.sizes.extend(view.sizes),
                    None => all.push(view),
                }
            }
        }
    }
    all.extend(EngineeredClass::ALL.into_iter().map(|class| {
        let (values, source) = (code.engineered_values(class), code.engineered_source(class));
        material("engineered", class.name().to_owned(), Vec::new(), &values, source)
    }));
    all
}

fn same_values(a: &MaterialView, b: &MaterialView) -> bool {
    let key = |view: &MaterialView| {
        [view.bending_psi, view.compression_psi, view.shear_psi].map(|value| value.round() as i64)
    };
    a.name == b.name && a.source == b.source && key(a) == key(b)
}

fn material(group: &str, name: String, sizes: Vec<String>, values: &DesignValues, source: Phrase) -> MaterialView {
    MaterialView {
        group: group.to_owned(),
        name,
        sizes,
        bending_psi: values.bending.to_psi(),
        shear_psi: values.shear.to_psi(),
        bearing_psi: values.bearing.to_psi(),
        compression_psi: values.compression.to_psi(),
        stiffness_psi: values.stiffness.to_psi(),
        stability_stiffness_psi: values.stability_stiffness.to_psi(),
        source: source.into(),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_material_names_its_source_and_no_maker() {
        let all = materials();
        assert!(all.len() > 30);
        assert!(all.iter().all(|material| material.source.id.starts_with("source-")));
        let fir = all.iter().find(|material| material.name == "Douglas Fir-Larch No.2").expect("a usual wood");
        assert_eq!(fir.sizes, ["2x4", "2x6", "2x8", "2x10", "2x12", "4x4", "4x6", "4x8", "4x10", "4x12"]);
    }
}
