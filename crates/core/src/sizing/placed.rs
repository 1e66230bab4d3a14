//! A load where it stands on a header: what it brings by kind, as a load on a beam, as changes along it, and to the two ends of a span.

use smallvec::{SmallVec, smallvec};

use super::many_loads::ChangeByKind;
use super::over_supports::UnitLoad;
use crate::loads::{ByKind, LoadKind};
use crate::measure::{End, Ends};
use crate::statics::BeamLoad;

/// A load on the header, by kind.
pub enum Placed {
    Even {
        amounts: ByKind<f64>,
        from: f64,
        to: f64,
        throughout: bool,
    },
    Sloped {
        at_start: ByKind<f64>,
        at_end: ByKind<f64>,
        from: f64,
        to: f64,
    },
    Point {
        amounts: ByKind<f64>,
        at: f64,
    },
    OnPack {
        amounts: ByKind<f64>,
        end: End,
    },
    /// Past the packs, on studs of its own.
    Beyond,
}

impl Placed {
    /// The load of one combination or kind on the header; `None` where nothing of it presses the header.
    pub fn as_load(&self, total: impl Fn(&ByKind<f64>) -> f64) -> Option<BeamLoad> {
        match self {
            Self::Even { amounts, from, to, .. } => {
                let pounds_per_inch = total(amounts);
                (from < to && pounds_per_inch > 0.0).then_some(BeamLoad::Uniform {
                    pounds_per_inch,
                    from: *from,
                    to: *to,
                })
            }
            Self::Sloped { at_start, at_end, from, to } => {
                let (at_start, at_end) = (total(at_start), total(at_end));
                (from < to && at_start + at_end > 0.0).then_some(BeamLoad::Sloped {
                    at_start,
                    at_end,
                    from: *from,
                    to: *to,
                })
            }
            Self::Point { amounts, at } => {
                let pounds = total(amounts);
                (pounds > 0.0).then_some(BeamLoad::Point { pounds, at: *at })
            }
            Self::OnPack { .. } | Self::Beyond => None,
        }
    }

    /// It as so many times a load of 1 lb or 1 lb/in.; none where nothing of it presses the header.
    pub fn units(&self) -> SmallVec<[UnitLoad; 2]> {
        match *self {
            Self::Even { amounts, from, to, .. } if from < to => {
                smallvec![UnitLoad { unit: BeamLoad::Uniform { pounds_per_inch: 1.0, from, to }, amounts }]
            }
            Self::Sloped { at_start, at_end, from, to } if from < to => {
                // A trapezoid is a triangle from each end.
                let triangle = |at_start: f64, amounts: ByKind<f64>| UnitLoad {
                    unit: BeamLoad::Sloped { at_start, at_end: 1.0 - at_start, from, to },
                    amounts,
                };
                smallvec![triangle(1.0, at_start), triangle(0.0, at_end)]
            }
            Self::Point { amounts, at } => smallvec![UnitLoad { unit: BeamLoad::Point { pounds: 1.0, at }, amounts }],
            Self::Even { .. } | Self::Sloped { .. } | Self::OnPack { .. } | Self::Beyond => SmallVec::new(),
        }
    }

    /// What it changes along the header, by kind; `None` where it lifts.
    pub fn changes(&self) -> Option<SmallVec<[ChangeByKind; 2]>> {
        let presses = |amounts: &ByKind<f64>| LoadKind::ALL.iter().all(|kind| 0.0 <= amounts.get(*kind));
        let less = |amounts: &ByKind<f64>| amounts.map(|amount| -amount);
        let here = |at: f64| ChangeByKind { at, ..ChangeByKind::default() };
        match self {
            Self::Even { amounts, .. } | Self::Point { amounts, .. } if !presses(amounts) => None,
            Self::Sloped { at_start, at_end, .. } if !presses(at_start) || !presses(at_end) => None,
            Self::Even { amounts, from, to, .. } if from < to => Some(smallvec![
                ChangeByKind { intensity: *amounts, ..here(*from) },
                ChangeByKind { intensity: less(amounts), ..here(*to) },
            ]),
            Self::Sloped { at_start, at_end, from, to } if from < to => {
                let grade = (*at_end + less(at_start)).map(|rise| rise / (to - from));
                Some(smallvec![
                    ChangeByKind { intensity: *at_start, grade, ..here(*from) },
                    ChangeByKind { intensity: less(at_end), grade: less(&grade), ..here(*to) },
                ])
            }
            Self::Point { amounts, at } => Some(smallvec![ChangeByKind { pounds: *amounts, ..here(*at) }]),
            Self::Even { .. } | Self::Sloped { .. } | Self::OnPack { .. } | Self::Beyond => Some(SmallVec::new()),
        }
    }

    /// Adds the load to the two ends of a simple span.
    pub fn share(&self, ends: &mut Ends<ByKind<f64>>, span: f64) {
        match self {
            Self::Even { amounts, from, to, .. } => {
                share(ends, &amounts.map(|amount| amount * (to - from)), f64::midpoint(*from, *to) / span);
            }
            Self::Sloped { at_start, at_end, from, to } => {
                // A trapezoid is a triangle from each end.
                let triangle = |amount: &ByKind<f64>| amount.map(|amount| amount * (to - from) / 2.0);
                share(ends, &triangle(at_start), (from + (to - from) / 3.0) / span);
                share(ends, &triangle(at_end), (to - (to - from) / 3.0) / span);
            }
            Self::Point { amounts, at } => share(ends, amounts, at / span),
            Self::OnPack { amounts, end } => share(ends, amounts, if *end == End::Left { 0.0 } else { 1.0 }),
            Self::Beyond => {}
        }
    }
}

/// Adds amounts to both ends, the part `rightward` to the right one.
pub fn share(ends: &mut Ends<ByKind<f64>>, amounts: &ByKind<f64>, rightward: f64) {
    ends.left = ends.left + amounts.map(|amount| amount * (1.0 - rightward));
    ends.right = ends.right + amounts.map(|amount| amount * rightward);
}
