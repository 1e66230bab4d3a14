//! The loads on a header over several supports. Where they stand, and how the supports push back, depends on the jacks alone: every header that is
//! tried on the same jacks shares it, and only its own weight comes to it.

use std::cell::{OnceCell, RefCell};
use std::rc::Rc;

use smallvec::SmallVec;

use super::load_pattern::LoadPattern;
use crate::codes::Combination;
use crate::loads::{ByKind, LoadKind};
use crate::measure::Ends;
use crate::statics::swept_beam::{Frame, SweptBeam};
use crate::statics::swept_span::Change;
use crate::statics::{BeamError, BeamLoad, Held, RigidSupports};

/// The heaviest header that shares them, lb/in.: what is most in a case is known up to this weight.
pub const HEAVIEST: f64 = 6.0;

/// A load of 1 lb, or of 1 lb/in. where it is largest, and how many times that it is by kind.
#[derive(Clone, Debug)]
pub struct UnitLoad {
    /// The load.
    pub unit: BeamLoad,
    /// How many times, by kind.
    pub amounts: ByKind<f64>,
}

/// The part of a load in one span.
#[derive(Clone, Debug)]
struct Part {
    span: usize,
    unit: BeamLoad,
    amounts: ByKind<f64>,
    /// How the beam is held under the unit.
    held: Held,
}

/// The combinations that each check is tried for.
#[derive(Clone, Debug)]
pub struct Tried<T> {
    /// For strength.
    pub strength: T,
    /// For all of the sag, what lasts creeping.
    pub lasting: T,
    /// For the sag under what comes and goes.
    pub live: T,
}

/// The loads of one opening on a header over several supports.
#[derive(Debug)]
pub struct OverSupports {
    rigid: RigidSupports,
    length: f64,
    spans: SmallVec<[(f64, f64); 6]>,
    parts: Vec<Part>,
    /// How it is held under what stands on each span, by kind.
    held: Vec<[Held; LoadKind::ALL.len()]>,
    /// What stands on the packs themselves, lb by kind.
    pub on_packs: Ends<ByKind<f64>>,
    /// How it is held under 1 lb/in. of its own.
    own: Held,
    /// By support: its reaction with the loads that come and go where they press it the most, and where they lift it the most.
    reactions: Vec<[ByKind<f64>; 2]>,
    cases: OnceCell<Tried<Vec<Rc<Case>>>>,
    shears: RefCell<Vec<(f64, Rc<Shears>)>>,
}

/// One combination, the loads that come and go standing in one way.
#[derive(Debug)]
pub struct Case {
    /// The combination.
    pub combination: Combination,
    /// Where the loads that come and go stand.
    pub pattern: LoadPattern,
    /// Its place among the cases that it is tried with.
    place: usize,
    /// Its loads, swept.
    pub beam: SweptBeam,
    /// Largest sagging and hogging moment without weight of its own, and with the heaviest.
    moments: [[f64; 2]; 2],
    /// Largest part of a span's limit that its sag takes, times E·I; and largest sag times E·I.
    sags: [[f64; 2]; 2],
}

/// Shear beside a support, on one of its sides.
#[derive(Clone, Debug)]
struct SideShear {
    dead: f64,
    /// By span.
    live: SmallVec<[ByKind<f64>; 6]>,
    /// Under 1 lb/in. of its own.
    own: f64,
}

/// Shears beside all supports in every case for strength, of headers of one depth.
#[derive(Debug)]
struct Shears {
    /// By case, then by side: without weight of its own.
    cases: Vec<SmallVec<[f64; 12]>>,
    /// By side: under 1 lb/in. of its own.
    own: SmallVec<[f64; 12]>,
}

/// Where loads that come and go stand for a support.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Stand {
    /// Where they press it the most.
    Pressing,
    /// Where they lift it the most.
    Lifting,
}

impl Stand {
    /// What a span's part counts.
    pub const fn counted(self, part: f64) -> f64 {
        match self {
            Self::Pressing => part.max(0.0),
            Self::Lifting => part.min(0.0),
        }
    }
}

/// One side of a support, and how far it is from there to the next support or the end.
#[derive(Clone, Copy, Debug)]
struct Side {
    support: usize,
    leftward: bool,
    room: f64,
}

impl Case {
    /// No more than these are its largest sagging and hogging moment under a header of so many lb/in. As the weight grows they grow ever
    /// faster, or no slower, so they stay below the straight line from none to the heaviest.
    pub fn moments_at_most(&self, own: f64) -> [f64; 2] {
        [0, 1].map(|sign| between(self.moments[0][sign], self.moments[1][sign], own))
    }

    /// No more than these are the largest part of a span's limit that its sag takes, times E·I, and its largest sag, times E·I.
    pub fn sags_at_most(&self, own: f64) -> [f64; 2] {
        [0, 1].map(|which| between(self.sags[0][which], self.sags[1][which], own))
    }
}

/// The sag of every span, and that span, in.; an overhang counts twice its length.
pub fn sags_of_spans(
    spans: &[(f64, f64)],
    supports: &[f64],
    length: f64,
    sag: impl Fn(f64, f64) -> f64,
) -> SmallVec<[(f64, f64); 6]> {
    let is_support = |at: f64| supports.iter().any(|support| (support - at).abs() < 1e-6);
    let of_span = |(low, high): &(f64, f64)| {
        let (low, high) = (*low, high.min(length));
        let between_supports = is_support(low) && is_support(high);
        let counted = if between_supports { high - low } else { 2.0 * (high - low) };
        (sag(low, high), counted)
    };
    spans.iter().map(of_span).collect()
}

fn between(without: f64, with_heaviest: f64, own: f64) -> f64 {
    without + (with_heaviest - without) * own / HEAVIEST
}

impl OverSupports {
    /// Loads on a header of so many inches on its supports.
    ///
    /// # Errors
    /// [`BeamError::Unstable`] where two supports stand in one place.
    pub fn new(
        length: f64,
        supports: &[f64],
        spans: SmallVec<[(f64, f64); 6]>,
        loads: &[UnitLoad],
        on_packs: Ends<ByKind<f64>>,
    ) -> Result<Self, BeamError> {
        let rigid = RigidSupports::new(length, supports)?;
        let mut parts = Vec::with_capacity(loads.len() * spans.len());
        for load in loads {
            for (span, (low, high)) in spans.iter().enumerate() {
                let Some(unit) = load.unit.clipped(*low, *high) else { continue };
                parts.push(Part { span, unit, amounts: load.amounts, held: rigid.under(&[unit]) });
            }
        }
        let own = rigid.under(&[BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: length }]);
        let (reactions, cases, shears) = (Vec::new(), OnceCell::new(), RefCell::default());
        let nothing: [Held; LoadKind::ALL.len()] = std::array::from_fn(|_| rigid.under(&[]));
        let mut held = vec![nothing; spans.len()];
        for part in &parts {
            for (held, kind) in held[part.span].iter_mut().zip(LoadKind::ALL) {
                held.add(part.amounts.get(kind), &part.held);
            }
        }
        let mut over = Self { rigid, length, spans, parts, held, on_packs, own, reactions, cases, shears };
        let both = |support: usize| [Stand::Pressing, Stand::Lifting].map(|stand| over.reaction(support, stand));
        over.reactions = (0..supports.len()).map(both).collect();
        Ok(over)
    }

    /// Every support, in. from the left end.
    pub fn supports(&self) -> &[f64] {
        self.rigid.supports()
    }

    /// The reaction of a support by kind, lb, under a header of so many lb/in. Dead load is as it is; of the others, each span's part counts as
    /// it stands.
    pub fn support_by_kind(&self, support: usize, own: f64, stand: Stand) -> ByKind<f64> {
        let [pressing, lifting] = &self.reactions[support];
        let mut by_kind = match stand {
            Stand::Pressing => *pressing,
            Stand::Lifting => *lifting,
        };
        by_kind[LoadKind::Dead] += own * self.own.reactions[support];
        by_kind
    }

    fn reaction(&self, support: usize, stand: Stand) -> ByKind<f64> {
        let mut sum = ByKind::default();
        for kind in LoadKind::ALL {
            let spans = self.held.iter().map(|by_kind| by_kind[kind as usize].reactions[support]);
            *sum.get_mut(kind) =
                if kind == LoadKind::Dead { spans.sum() } else { spans.map(|part| stand.counted(part)).sum() };
        }
        sum
    }

    /// Every case of the combinations, in their order.
    pub fn cases<T: AsRef<[Combination]>>(&self, tried: &Tried<T>, patterns: &[LoadPattern]) -> &Tried<Vec<Rc<Case>>> {
        self.cases.get_or_init(|| {
            let stations = self.parts.iter().flat_map(|part| part.unit.stations());
            let frame = Rc::new(Frame::new(self.length, self.rigid.supports(), stations, &self.own));
            let mut changes: Vec<(usize, Change)> = Vec::with_capacity(2 * self.parts.len());
            for (place, part) in self.parts.iter().enumerate() {
                changes.extend(part.unit.changes().map(|change| (place, change)));
            }
            changes.sort_by(|(_, a), (_, b)| a.at.total_cmp(&b.at));
            let of = |combinations: &[Combination]| {
                let mut cases: Vec<Rc<Case>> = Vec::with_capacity(combinations.len() * patterns.len());
                for combination in combinations {
                    let patterns = if self.comes_and_goes(combination) { patterns } else { &[LoadPattern::ALL] };
                    for pattern in patterns {
                        let case = self.case(&frame, &changes, (*combination, *pattern), cases.len());
                        cases.push(Rc::new(case));
                    }
                }
                cases
            };
            let (strength, lasting, live) = (tried.strength.as_ref(), tried.lasting.as_ref(), tried.live.as_ref());
            let for_strength = of(strength);
            // Where nothing creeps they are the same.
            let for_lasting = if lasting == strength { for_strength.clone() } else { of(lasting) };
            Tried { strength: for_strength, lasting: for_lasting, live: of(live) }
        })
    }

    /// Whether a combination has any load that comes and goes.
    fn comes_and_goes(&self, combination: &Combination) -> bool {
        let coming = combination.with_dead_times(0.0);
        self.parts.iter().any(|part| coming.total(&part.amounts) != 0.0)
    }

    fn case(
        &self,
        frame: &Rc<Frame>,
        changes: &[(usize, Change)],
        (combination, pattern): (Combination, LoadPattern),
        place: usize,
    ) -> Case {
        let coming = combination.with_dead_times(0.0);
        let mut held = self.rigid.under(&[]);
        for (span, by_kind) in self.held.iter().enumerate() {
            for (of_kind, kind) in by_kind.iter().zip(LoadKind::ALL) {
                let factor = combination.factors[kind];
                if factor != 0.0 && (kind == LoadKind::Dead || pattern.loads(span)) {
                    held.add(factor, of_kind);
                }
            }
        }
        let mut amounts: Vec<f64> = Vec::with_capacity(self.parts.len());
        for part in &self.parts {
            let dead = combination.factors[LoadKind::Dead] * part.amounts[LoadKind::Dead];
            let amount = dead + if pattern.loads(part.span) { coming.total(&part.amounts) } else { 0.0 };
            amounts.push(amount);
        }
        let changes = changes.iter().map(|(part, change)| Change {
            at: change.at,
            pounds: amounts[*part] * change.pounds,
            intensity: amounts[*part] * change.intensity,
            grade: amounts[*part] * change.grade,
        });
        let beam = SweptBeam::new(frame.clone(), changes, &held);
        let weights = [0.0, HEAVIEST * combination.factors[LoadKind::Dead]];
        let sags = weights.map(|own| {
            let of_spans = self.sags_of_spans(&beam, own);
            let part = of_spans.iter().map(|(sag, counted)| sag / counted).fold(0.0, f64::max);
            [part, of_spans.iter().map(|(sag, _)| *sag).fold(0.0, f64::max)]
        });
        Case { combination, pattern, place, moments: weights.map(|own| beam.largest_by_sign(own)), sags, beam }
    }

    /// E·I times the largest sag of every span under an even load besides, and that span, in.; an overhang counts twice its length.
    pub fn sags_of_spans(&self, beam: &SweptBeam, even: f64) -> SmallVec<[(f64, f64); 6]> {
        let sag = |low: f64, high: f64| beam.largest_deflection_ei(even, low, high);
        sags_of_spans(&self.spans, self.supports(), self.length, sag)
    }

    /// The largest shear by amount beside any support, lb, in one case for strength under a header of so many lb/in.; with `depth` as the
    /// solved beam has it.
    pub fn largest_shear(&self, case: &Case, depth: Option<f64>, own: f64) -> f64 {
        let shears = self.shears(depth.unwrap_or(0.0));
        let own = own * case.combination.factors[LoadKind::Dead];
        let sides = shears.cases[case.place].iter().zip(&shears.own);
        sides.map(|(shear, of_own)| (shear + own * of_own).abs()).fold(0.0, f64::max)
    }

    fn shears(&self, depth: f64) -> Rc<Shears> {
        let mut known = self.shears.borrow_mut();
        if let Some((_, shears)) = known.iter().find(|(known, _)| known.to_bits() == depth.to_bits()) {
            return shears.clone();
        }
        let sides: SmallVec<[SideShear; 12]> =
            self.sides().into_iter().map(|side| self.side_shear(side, depth.min(side.room))).collect();
        let of_case = |case: &Rc<Case>| {
            let coming = case.combination.with_dead_times(0.0);
            let of_side = |side: &SideShear| {
                let dead = case.combination.factors[LoadKind::Dead] * side.dead;
                let spans = side.live.iter().enumerate().filter(|(span, _)| case.pattern.loads(*span));
                dead + spans.map(|(_, live)| coming.total(live)).sum::<f64>()
            };
            sides.iter().map(of_side).collect()
        };
        // Whoever asks about a case has had the cases worked out.
        let strength = self.cases.get().map_or(&[][..], |cases| &cases.strength);
        let cases = strength.iter().map(of_case).collect();
        let shears = Rc::new(Shears { cases, own: sides.iter().map(|side| side.own).collect() });
        known.push((depth, shears.clone()));
        shears
    }

    fn sides(&self) -> SmallVec<[Side; 12]> {
        let supports = self.rigid.supports();
        let both = (0..supports.len()).flat_map(|support| {
            let before = if support == 0 { 0.0 } else { supports[support - 1] };
            let after = supports.get(support + 1).copied().unwrap_or(self.length);
            [
                Side { support, leftward: true, room: supports[support] - before },
                Side { support, leftward: false, room: after - supports[support] },
            ]
        });
        both.filter(|side| 1e-9 * self.length < side.room).collect()
    }

    /// Spread load within `depth` of any support is left out, and a point load within it on this side counts in part (NDS 2018 3.4.3.1).
    fn side_shear(&self, side: Side, depth: f64) -> SideShear {
        let support = self.rigid.supports()[side.support];
        let nudge = 1e-9 * self.length;
        let pushing = if side.leftward { side.support } else { side.support + 1 };
        let beside = if side.leftward { support - nudge } else { support };
        let shear =
            |held: &Held, load: &BeamLoad| held.reactions[..pushing].iter().sum::<f64>() - load.integrated(1, beside);
        let spread = |unit: &BeamLoad, span: usize| {
            let clear = self.clear_of_supports(self.spans[span], depth);
            unit.clipped(clear.0, clear.1).map_or(0.0, |part| shear(&self.rigid.under(&[part]), &part))
        };
        let mut found =
            SideShear { dead: 0.0, live: SmallVec::from_elem(ByKind::default(), self.spans.len()), own: 0.0 };
        for part in &self.parts {
            let of_unit = match part.unit {
                BeamLoad::Point { at, .. } => {
                    let away = if side.leftward { support - at } else { at - support };
                    let counts = if (at - support).abs() < nudge {
                        // Straight over the support: it presses the support and shears nothing.
                        0.0
                    } else if 0.0 < away && away < depth {
                        away / depth
                    } else {
                        1.0
                    };
                    counts * shear(&part.held, &part.unit)
                }
                BeamLoad::Uniform { .. } | BeamLoad::Sloped { .. } => spread(&part.unit, part.span),
            };
            found.dead += part.amounts[LoadKind::Dead] * of_unit;
            found.live[part.span] = found.live[part.span] + part.amounts.map(|amount| amount * of_unit);
        }
        let whole = BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: self.length };
        found.own = (0..self.spans.len()).map(|span| spread(&whole, span)).sum();
        found
    }

    /// What of a span is farther than `depth` from every support.
    fn clear_of_supports(&self, (low, high): (f64, f64), depth: f64) -> (f64, f64) {
        let high = high.min(self.length);
        let is_support = |at: f64| self.rigid.supports().iter().any(|support| (support - at).abs() < 1e-9);
        (if is_support(low) { low + depth } else { low }, if is_support(high) { high - depth } else { high })
    }
}
