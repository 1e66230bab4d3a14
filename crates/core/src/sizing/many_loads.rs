//! Many loads on one header from pack to pack: where they stand depends on the packs alone, so every header that is tried on the same jacks
//! shares them, and with them what each combination of them comes to.

use std::cell::RefCell;
use std::rc::Rc;

use smallvec::SmallVec;

use crate::codes::Combination;
use crate::loads::ByKind;
use crate::measure::Ends;
use crate::statics::swept_span::{Change, SweptSpan};

/// What changes at a station, by kind of load.
#[derive(Clone, Debug, Default)]
pub struct ChangeByKind {
    /// Station, in.
    pub at: f64,
    /// A point load, lb.
    pub pounds: ByKind<f64>,
    /// The jump of intensity, lb/in.
    pub intensity: ByKind<f64>,
    /// The change of its slope, lb/in. per in.
    pub grade: ByKind<f64>,
}

/// Spans that were swept, by the factors of their combination.
type Swept = SmallVec<[(ByKind<f64>, Rc<SweptSpan>); 16]>;

/// The loads of one opening on a header that spans from pack to pack on so many jacks.
#[derive(Debug)]
pub struct ManyLoads {
    span: f64,
    changes: Vec<ChangeByKind>,
    /// What they bring to each pack, with what stands on the packs themselves.
    pub reactions: Ends<ByKind<f64>>,
    swept: RefCell<Swept>,
}

impl ManyLoads {
    /// Loads that change what a span of so many inches carries.
    pub fn new(span: f64, mut changes: Vec<ChangeByKind>, reactions: Ends<ByKind<f64>>) -> Self {
        changes.sort_by(|a, b| a.at.total_cmp(&b.at));
        Self { span, changes, reactions, swept: RefCell::default() }
    }

    /// The span under a combination of them.
    pub fn under(&self, combination: &Combination) -> Rc<SweptSpan> {
        let mut swept = self.swept.borrow_mut();
        if let Some((_, span)) = swept.iter().find(|(factors, _)| *factors == combination.factors) {
            return span.clone();
        }
        let changes = self.changes.iter().map(|change| Change {
            at: change.at,
            pounds: combination.total(&change.pounds),
            intensity: combination.total(&change.intensity),
            grade: combination.total(&change.grade),
        });
        let span = Rc::new(SweptSpan::new(self.span, changes));
        swept.push((combination.factors, span.clone()));
        span
    }
}

/// Loads on jacks that were asked for before; none where nothing is shared.
#[derive(Debug)]
pub struct KnownLoads<T> {
    known: Vec<(Ends<u8>, Option<Rc<T>>)>,
}

impl<T> Default for KnownLoads<T> {
    fn default() -> Self {
        Self { known: Vec::new() }
    }
}

impl<T> KnownLoads<T> {
    /// The loads on a header on so many jacks.
    pub fn on(&mut self, jacks: Ends<u8>, make: impl FnOnce() -> Option<T>) -> Option<Rc<T>> {
        if let Some((_, loads)) = self.known.iter().find(|(known, _)| *known == jacks) {
            return loads.clone();
        }
        let loads = make().map(Rc::new);
        self.known.push((jacks, loads.clone()));
        loads
    }
}
