//! One header over one opening on so many jacks, and the loads on it for one combination.

use std::rc::Rc;

use smallvec::{SmallVec, smallvec};

use super::header::spaced_framing::{KnownEffects, SpacedEffect};
use super::landing::{Landing, Reach};
use super::load_pattern::LoadPattern;
use super::many_loads::{KnownLoads, ManyLoads};
use super::over_supports::{Case, HEAVIEST, OverSupports, Stand, UnitLoad, sags_of_spans};
use super::placed::{Placed, share};
use super::problem::{OpeningLoad, OpeningProblem, SpanRule};
use crate::codes::{Combination, DesignValues, MOST_COMBINATIONS};
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{HeaderSpec, SectionProperties};
use crate::measure::{End, Ends, Length};
use crate::statics::swept_span::{MANY_LOADS, SweptSpan};
use crate::statics::{BeamLoad, ContinuousBeam, SimpleSpan};

/// What was found out about the spans of headers that were tried before over the same opening.
#[derive(Debug, Default)]
pub struct KnownSpans {
    effects: KnownEffects,
    loads: KnownLoads<ManyLoads>,
    over: KnownLoads<OverSupports>,
    present: Option<ByKind<bool>>,
}

/// A header on its jacks. Stations on it are inches from its left end: the left support, or where it runs past it.
#[derive(Clone, Debug)]
pub struct Bridge<'a> {
    /// The opening and its loads.
    pub problem: &'a OpeningProblem,
    /// The header.
    pub header: HeaderSpec,
    /// Its reference design values.
    pub values: DesignValues,
    /// Its section.
    pub section: SectionProperties,
    /// Its own weight, lb/in.; zero if it is not counted.
    own_weight: f64,
    /// Which kinds of load there are at all.
    pub present: ByKind<bool>,
    /// Jacks at each end.
    pub jacks: Ends<u8>,
    /// From center of bearing to center of bearing of the packs, in., or clear. Kept: nearly everything asks for it.
    between_packs: f64,
    /// What framing that comes at points does more than the same load evenly.
    pub spaced: Option<SpacedEffect>,
    /// The even load that comes at points, lb/in. by kind.
    spaced_load: ByKind<f64>,
    /// Which strength combinations apply, one bit each.
    applying: u8,
    /// Its loads, where they are many and it spans from pack to pack.
    many: Option<Rc<ManyLoads>>,
    /// Its loads, where it runs over several supports.
    over: Option<Rc<OverSupports>>,
}

const _: () = assert!(MOST_COMBINATIONS <= u8::BITS as usize);

/// A bridge under one combination of loads.
#[derive(Clone, Debug)]
pub struct CombinedCase<'a> {
    /// The header on its jacks.
    pub bridge: &'a Bridge<'a>,
    /// The combination.
    pub combination: Combination,
    /// Where the loads that come and go stand.
    pub pattern: LoadPattern,
    /// Its loads on the header.
    pub loads: SmallVec<[BeamLoad; 4]>,
    /// The uniform load, lb/in., if that is all there is on a simple span.
    pub only_uniform: Option<f64>,
    /// The part of the even load that comes at points, lb/in., and what that does; `None` where it does nothing more.
    pub spaced: Option<(f64, SpacedEffect)>,
    /// Many loads, and the header's own weight in lb/in., in place of `loads`.
    pub swept: Option<(Rc<SweptSpan>, f64)>,
    /// Its loads over several supports, in place of `loads`.
    pub over: Option<Rc<Case>>,
}

impl<'a> Bridge<'a> {
    /// A header on so many jacks.
    pub fn new(
        problem: &'a OpeningProblem,
        header: HeaderSpec,
        values: DesignValues,
        jacks: Ends<u8>,
        known: &mut KnownSpans,
    ) -> Self {
        let present = *known.present.get_or_insert_with(|| problem.kinds_present());
        let section = SectionProperties::from(header.section());
        let counted = if problem.conventions.self_weight { 1.0 / 12.0 } else { 0.0 };
        let own_weight = section.area / 144.0 * header.board.density_pcf() * counted;
        let applies = |(index, each): (usize, &Combination)| u8::from(each.applies_to(&present)) << index;
        let applying = problem.conventions.code.strength().iter().enumerate().map(applies).sum();
        let mut bridge = Self {
            problem,
            header,
            values,
            section,
            own_weight,
            present,
            jacks,
            between_packs: 0.0,
            spaced: None,
            spaced_load: ByKind::default(),
            applying,
            many: None,
            over: None,
        };
        if let Some(spaced) = problem.spaced {
            bridge.spaced_load = bridge.at_stress_level(spaced.amount.map(|line| line.to_pounds_per_inch()));
        }
        bridge.on_jacks(jacks, known)
    }

    /// The strength combinations that apply, each with its place among all of them.
    pub fn strength_combinations(&self) -> impl Iterator<Item = (usize, &'static Combination)> + use<> {
        let applying = self.applying;
        self.problem.conventions.code.strength().iter().enumerate().filter(move |(index, _)| applying >> index & 1 == 1)
    }

    /// The same header on other jacks.
    #[must_use]
    pub fn on_jacks(mut self, jacks: Ends<u8>, known: &mut KnownSpans) -> Self {
        self.jacks = jacks;
        self.over = None;
        self.between_packs =
            self.problem.clear.to_inches() + self.half_bearing(End::Left) + self.half_bearing(End::Right);
        self.spaced = self.problem.spaced.filter(|_| self.is_simple()).and_then(|spaced| {
            let shear_at = self.problem.conventions.shear_at_depth.then_some(self.section.depth);
            known.effects.over(&spaced, self.between_packs, shear_at)
        });
        if self.is_simple() && MANY_LOADS < self.problem.loads.len() {
            self.many = known.loads.on(jacks, || self.many_loads());
        }
        if !self.is_simple() && self.own_weight <= HEAVIEST {
            self.over = known.over.on(jacks, || self.loads_over_supports());
        }
        self
    }

    /// The loads as they are swept; `None` where one lifts.
    fn many_loads(&self) -> Option<ManyLoads> {
        let mut changes = Vec::with_capacity(2 * self.problem.loads.len());
        for placed in self.placed() {
            changes.extend(placed.changes()?);
        }
        Some(ManyLoads::new(self.between_packs, changes, self.shared_reactions()))
    }

    /// The loads over several supports; `None` where one lifts, or the supports hold nothing.
    fn loads_over_supports(&self) -> Option<OverSupports> {
        let length = self.length_inches();
        let whole = BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: length };
        let mut loads = vec![UnitLoad { unit: whole, amounts: ByKind::default() }];
        for placed in self.placed() {
            match placed {
                Placed::Even { amounts, throughout: true, .. } => loads[0].amounts = loads[0].amounts + amounts,
                placed => loads.extend(placed.units()),
            }
        }
        let lifts = |load: &UnitLoad| LoadKind::ALL.iter().any(|kind| load.amounts.get(*kind) < 0.0);
        if loads.iter().any(lifts) {
            return None;
        }
        OverSupports::new(length, &self.supports(), self.spans(), &loads, self.on_packs()).ok()
    }

    /// The same, sharing nothing with other headers: every case by itself.
    #[cfg(test)]
    #[must_use]
    pub fn alone(mut self) -> Self {
        self.over = None;
        self
    }

    /// Its loads over several supports, and its own weight in lb/in.
    pub fn over_supports(&self) -> Option<(&Rc<OverSupports>, f64)> {
        self.over.as_ref().map(|over| (over, self.own_weight))
    }

    /// The header in one case over several supports.
    pub fn over(&self, case: &Rc<Case>) -> CombinedCase<'_> {
        CombinedCase {
            bridge: self,
            combination: case.combination,
            pattern: case.pattern,
            loads: SmallVec::new(),
            only_uniform: None,
            spaced: None,
            swept: None,
            over: Some(case.clone()),
        }
    }

    /// Thickness of a stud, in.
    pub fn stud_thickness(&self) -> f64 {
        self.problem.stud_thickness.to_inches()
    }

    /// Whether the header spans from pack to pack and nothing else.
    pub fn is_simple(&self) -> bool {
        self.problem.run.is_simple()
    }

    /// Design span, in.: between centers of bearing, or clear. Of a header over several spans, the longest of them.
    pub fn design_span_inches(&self) -> f64 {
        if self.is_simple() {
            return self.between_packs;
        }
        let supports = self.supports();
        supports.windows(2).map(|pair| pair[1] - pair[0]).fold(0.0, f64::max)
    }

    /// Length of the header as a beam, in.: to its outermost supports, or past them.
    pub fn length_inches(&self) -> f64 {
        let past = |end| self.past(end).unwrap_or(0.0);
        self.between_packs + past(End::Left) + past(End::Right)
    }

    /// Every support, in. from the left end.
    pub fn supports(&self) -> SmallVec<[f64; 6]> {
        if let Some(over) = &self.over {
            return over.supports().into();
        }
        let left_pack = self.past(End::Left).unwrap_or(0.0);
        let mut supports: SmallVec<[f64; 6]> = smallvec![left_pack, left_pack + self.between_packs];
        let length = self.length_inches();
        supports
            .extend(self.problem.run.posts.iter().map(|post| (post.at.to_inches() + self.offset()).clamp(0.0, length)));
        supports.sort_by(f64::total_cmp);
        supports
    }

    /// Which support a pack is.
    pub fn pack_station(&self, end: End) -> f64 {
        let left_pack = self.past(End::Left).unwrap_or(0.0);
        match end {
            End::Left => left_pack,
            End::Right => left_pack + self.between_packs,
        }
    }

    /// How far the header runs past the center of a pack, in.
    fn past(&self, end: End) -> Option<f64> {
        self.problem.run.past.at(end).map(|past| (past.to_inches() - self.half_bearing(end)).max(0.0))
    }

    /// From the header's left end to the left face of the opening.
    fn offset(&self) -> f64 {
        self.past(End::Left).unwrap_or(0.0) + self.half_bearing(End::Left)
    }

    fn half_bearing(&self, end: End) -> f64 {
        match self.problem.conventions.span {
            SpanRule::BearingCenters => f64::from(*self.jacks.at(end)) * self.stud_thickness() / 2.0,
            SpanRule::ClearOpening => 0.0,
        }
    }

    /// The bridge under a combination.
    pub fn under(&self, combination: &Combination) -> CombinedCase<'_> {
        self.under_pattern(combination, LoadPattern::ALL)
    }

    /// The bridge under a combination as it is tried: many loads are swept once for all headers. What is explained is
    /// [`Bridge::under_pattern`].
    pub fn tried(&self, combination: &Combination, pattern: LoadPattern) -> CombinedCase<'_> {
        let Some(many) = &self.many else { return self.under_pattern(combination, pattern) };
        let own = self.own_weight * combination.factors[LoadKind::Dead];
        CombinedCase {
            bridge: self,
            combination: *combination,
            pattern,
            loads: SmallVec::new(),
            only_uniform: None,
            spaced: self.spaced_under(combination),
            swept: Some((many.under(combination), own)),
            over: None,
        }
    }

    /// The bridge under a combination, with the loads that come and go on some spans only.
    pub fn under_pattern(&self, combination: &Combination, pattern: LoadPattern) -> CombinedCase<'_> {
        let mut loads: SmallVec<[BeamLoad; 4]> = SmallVec::new();
        let length = self.length_inches();
        let mut throughout_load = self.own_weight * combination.factors[LoadKind::Dead];
        for placed in self.placed() {
            match placed {
                Placed::Even { amounts, throughout: true, .. } if pattern == LoadPattern::ALL => {
                    throughout_load += combination.total(&amounts);
                }
                Placed::OnPack { .. } | Placed::Beyond => {}
                placed => self.add(&mut loads, &placed, combination, pattern),
            }
        }
        if throughout_load > 0.0 {
            loads.push(BeamLoad::Uniform { pounds_per_inch: throughout_load, from: 0.0, to: length });
        }
        let alone = loads.len() == 1 && throughout_load > 0.0 && self.is_simple();
        let only_uniform = alone.then_some(throughout_load);
        let spaced = self.spaced_under(combination);
        let (combination, swept, over) = (*combination, None, None);
        CombinedCase { bridge: self, combination, pattern, loads, only_uniform, spaced, swept, over }
    }

    fn add(
        &self,
        loads: &mut SmallVec<[BeamLoad; 4]>,
        placed: &Placed,
        combination: &Combination,
        pattern: LoadPattern,
    ) {
        if pattern == LoadPattern::ALL {
            loads.extend(placed.as_load(|amounts| combination.total(amounts)));
            return;
        }
        let mut lasting = *combination;
        lasting.factors = ByKind::of([(LoadKind::Dead, combination.factors[LoadKind::Dead])]);
        loads.extend(placed.as_load(|amounts| lasting.total(amounts)));
        let coming = combination.with_dead_times(0.0);
        let Some(coming) = placed.as_load(|amounts| coming.total(amounts)) else { return };
        for (number, (low, high)) in self.spans().into_iter().enumerate() {
            if pattern.loads(number) {
                loads.extend(coming.clipped(low, high));
            }
        }
    }

    /// Spans and overhangs from left to right. The last one ends past the header, so that a load at its very end counts.
    pub fn spans(&self) -> SmallVec<[(f64, f64); 6]> {
        let supports = self.supports();
        let length = self.length_inches();
        let mut edges: SmallVec<[f64; 8]> = smallvec![0.0];
        edges.extend(supports.iter().copied().filter(|at| 1e-9 < *at && *at < length - 1e-9));
        edges.push(length + 1.0);
        edges.windows(2).map(|pair| (pair[0], pair[1])).collect()
    }

    /// The ways in which the loads that come and go stand worst; one for a header that is a single span.
    pub fn patterns(&self) -> SmallVec<[LoadPattern; 8]> {
        if self.is_simple() { smallvec![LoadPattern::ALL] } else { LoadPattern::worst(self.spans().len()) }
    }

    /// What each pack carries by kind of load, lb: the header's reaction and what stands on the pack. Reactions are
    /// linear in the loads, so any combination's follow from these. Where the header has several spans, loads that come
    /// and go stand where they press the pack the most.
    pub fn reactions_by_kind(&self) -> Ends<ByKind<f64>> {
        if !self.is_simple() {
            return self.pressing_by_kind();
        }
        let mut ends = match &self.many {
            Some(many) => many.reactions,
            None => self.shared_reactions(),
        };
        let dead = self.own_weight * self.between_packs;
        share(&mut ends, &ByKind::of([(LoadKind::Dead, dead)]), 0.5);
        ends
    }

    /// What the loads on a header from pack to pack bring to the packs, without its own weight.
    fn shared_reactions(&self) -> Ends<ByKind<f64>> {
        let mut ends: Ends<ByKind<f64>> = Ends::default();
        for placed in self.placed() {
            placed.share(&mut ends, self.between_packs);
        }
        ends
    }

    /// What stands on the packs themselves, lb by kind.
    fn on_packs(&self) -> Ends<ByKind<f64>> {
        let mut ends: Ends<ByKind<f64>> = Ends::default();
        for placed in self.placed() {
            if let Placed::OnPack { amounts, end } = placed {
                let there = ends.at_mut(end);
                *there = *there + amounts;
            }
        }
        ends
    }

    fn pressing_by_kind(&self) -> Ends<ByKind<f64>> {
        let mut ends = self.over.as_ref().map_or_else(|| self.on_packs(), |over| over.on_packs);
        for end in End::BOTH {
            let at = self.pack_station(end);
            let pressing = self.support_by_kind(at, Stand::Pressing);
            let there = ends.at_mut(end);
            *there = *there + pressing;
        }
        ends
    }

    /// The reaction of the support at a station by kind, lb. Dead load is as it is; of the others, each span's part
    /// counts as it stands.
    pub fn support_by_kind(&self, at: f64, stand: Stand) -> ByKind<f64> {
        let supports = self.supports();
        let Some(index) = supports.iter().position(|support| (support - at).abs() < 1e-6) else {
            return ByKind::default();
        };
        if let Some((over, own)) = self.over_supports() {
            return over.support_by_kind(index, own, stand);
        }
        let length = self.length_inches();
        let reaction = |loads: &[BeamLoad]| {
            ContinuousBeam::solve(length, &supports, loads).map_or(0.0, |beam| beam.reactions()[index])
        };
        let mut sum = ByKind::default();
        for kind in LoadKind::ALL {
            let mut loads: SmallVec<[BeamLoad; 8]> =
                self.placed().filter_map(|placed| placed.as_load(|amounts| amounts.get(kind))).collect();
            *sum.get_mut(kind) = if kind == LoadKind::Dead {
                loads.push(BeamLoad::Uniform { pounds_per_inch: self.own_weight, from: 0.0, to: length });
                reaction(&loads)
            } else {
                let spans = self.spans().into_iter();
                let parts = spans.map(|(low, high)| {
                    let part: SmallVec<[BeamLoad; 8]> =
                        loads.iter().filter_map(|load| load.clipped(low, high)).collect();
                    stand.counted(reaction(&part))
                });
                parts.sum()
            };
        }
        sum
    }

    /// The loads where they stand on the header.
    pub(super) fn placed(&self) -> impl Iterator<Item = Placed> {
        let length = self.length_inches();
        let offset = self.offset();
        self.problem.loads.iter().map(move |load| match load {
            OpeningLoad::Line { amount, extent } => {
                let amounts = self.at_stress_level(amount.map(|line| line.to_pounds_per_inch()));
                let (from, to) = extent.map_or((0.0, length), |extent| self.clipped(extent, offset, length));
                Placed::Even { amounts, from, to, throughout: extent.is_none() }
            }
            OpeningLoad::Sloped { at_start, at_end, extent } => {
                let at = |amount: &ByKind<crate::measure::LineLoad>| {
                    self.at_stress_level(amount.map(|line| line.to_pounds_per_inch()))
                };
                let (start, end) = (at(at_start), at(at_end));
                let (from, to) = self.clipped(*extent, offset, length);
                let whole = (extent.1 - extent.0).to_inches();
                let part = |x: f64| ((x - offset - extent.0.to_inches()) / whole).clamp(0.0, 1.0);
                let between =
                    |x: f64| start.map(|amount| amount * (1.0 - part(x))) + end.map(|amount| amount * part(x));
                Placed::Sloped { at_start: between(from), at_end: between(to), from, to }
            }
            OpeningLoad::Point { amount, at } => {
                let amounts = self.at_stress_level(amount.map(|force| force.to_lbf()));
                match self.landing(*at) {
                    Landing::Pack(end) => Placed::OnPack { amounts, end },
                    Landing::Header => Placed::Point { amounts, at: (at.to_inches() + offset).clamp(0.0, length) },
                    Landing::Beyond => Placed::Beyond,
                }
            }
        })
    }

    /// What a load at a place stands on, measured from the left face of the opening.
    fn landing(&self, at: Length) -> Landing {
        let OpeningProblem { clear, stud_thickness, kings, .. } = *self.problem;
        Reach { clear, stud: stud_thickness, jacks: self.jacks, kings, past: self.problem.run.past }.landing(at)
    }

    /// Where on the header a load acts that is given from the left face of the opening. One that reaches a face runs on to the
    /// center of the bearing there.
    fn clipped(&self, (from, to): (Length, Length), offset: f64, length: f64) -> (f64, f64) {
        let on_to = |end: End| self.problem.run.past.at(end).is_none();
        let place = |at: Length| (at.to_inches() + offset).clamp(0.0, length);
        let start = if from <= Length::ZERO && on_to(End::Left) { 0.0 } else { place(from) };
        let end = if self.problem.clear <= to && on_to(End::Right) { length } else { place(to) };
        // What lies beyond the opening altogether presses the pack's studs through the plates, not the header.
        if to <= Length::ZERO && on_to(End::Left) || self.problem.clear <= from && on_to(End::Right) {
            return (start, start);
        }
        (start, end.max(start))
    }

    /// The load by kind, lb/in., of a header from pack to pack on which all of it is even; `None` of any other.
    pub fn even_load(&self) -> Option<ByKind<f64>> {
        if !self.is_simple() || !self.problem.is_evenly_loaded() {
            return None;
        }
        let mut load = ByKind::of([(LoadKind::Dead, self.own_weight)]);
        for each in &self.problem.loads {
            if let OpeningLoad::Line { amount, .. } = each {
                load = load + self.at_stress_level(amount.map(|line| line.to_pounds_per_inch()));
            }
        }
        Some(load)
    }

    /// The part of the even load that comes at points in a combination, lb/in., and what it does more than evenly.
    pub fn spaced_under(&self, combination: &Combination) -> Option<(f64, SpacedEffect)> {
        self.spaced.map(|effect| (combination.total(&self.spaced_load), effect))
    }

    /// What framing that comes at points adds to a pack at its worst place, in a combination, lb.
    pub fn spaced_on_pack(&self, combination: &Combination) -> f64 {
        self.spaced_under(combination).map_or(0.0, |(load, effect)| load * effect.reaction)
    }

    fn at_stress_level(&self, mut amounts: ByKind<f64>) -> ByKind<f64> {
        amounts[LoadKind::Snow] *= self.problem.conventions.snow_level;
        amounts[LoadKind::DeckSnow] *= self.problem.conventions.snow_level;
        amounts
    }
}

impl CombinedCase<'_> {
    /// The span with its loads, of a header from pack to pack.
    pub fn span(&self) -> SimpleSpan<'_> {
        SimpleSpan::new(self.bridge.design_span_inches(), &self.loads)
    }

    /// The largest moment under swept loads, lb·in.
    pub fn swept_moment(&self) -> f64 {
        self.swept.as_ref().map_or(0.0, |(span, own)| span.largest_moment(*own).value)
    }

    /// The largest shear of a header from pack to pack, lb, so far from its supports.
    pub fn shear_from_pack_to_pack(&self, depth: Option<f64>) -> f64 {
        match &self.swept {
            Some((span, own)) => span.largest_shear(depth, *own),
            None => self.span().largest_shear(depth),
        }
    }

    /// The largest deflection times E·I of a header from pack to pack, lb·in.³.
    pub fn sag_from_pack_to_pack(&self) -> f64 {
        match &self.swept {
            Some((span, own)) => span.largest_deflection_ei(*own).value,
            None => self.span().largest_deflection_ei().value,
        }
    }

    /// The largest sagging and the largest hogging moment of a header over several supports; `None` of one from pack to pack.
    pub fn largest_by_sign(&self) -> Option<[f64; 2]> {
        match &self.over {
            Some(case) => Some(case.beam.largest_by_sign(self.own())),
            None => Some(self.beam()?.largest_by_sign().map(|extreme| extreme.value)),
        }
    }

    /// The largest shear of a header over several supports, lb, so far from them; `None` of one from pack to pack.
    pub fn shear_over_supports(&self, depth: Option<f64>) -> Option<f64> {
        match (&self.over, &self.bridge.over) {
            (Some(case), Some(over)) => Some(over.largest_shear(case, depth, self.bridge.own_weight)),
            _ => self.beam().map(|beam| beam.largest_shear(depth)),
        }
    }

    /// E·I times the largest sag of every span of a header over several supports, and that span, in.; an overhang counts twice its length.
    /// `None` of one from pack to pack.
    pub fn sags_of_spans(&self) -> Option<SmallVec<[(f64, f64); 6]>> {
        if let (Some(case), Some(over)) = (&self.over, &self.bridge.over) {
            return Some(over.sags_of_spans(&case.beam, self.own()));
        }
        let beam = self.beam()?;
        let (spans, supports) = (self.bridge.spans(), self.bridge.supports());
        let sag = |low: f64, high: f64| beam.largest_deflection_ei(low, high).value.abs();
        Some(sags_of_spans(&spans, &supports, self.bridge.length_inches(), sag))
    }

    /// The header's own weight in this combination, lb/in.
    fn own(&self) -> f64 {
        self.bridge.own_weight * self.combination.factors[LoadKind::Dead]
    }

    /// The solved beam, of a header over several spans; `None` of one from pack to pack.
    pub fn beam(&self) -> Option<ContinuousBeam<'_>> {
        if self.bridge.is_simple() {
            return None;
        }
        ContinuousBeam::solve(self.bridge.length_inches(), &self.bridge.supports(), &self.loads).ok()
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::measure::LineLoad;
    use crate::sizing::problem::Post;
    use crate::sizing::testing::{doubled_two_by_six, roof_window};
    use proptest::prelude::*;

    proptest! {
        #[test]
        fn no_other_way_to_stand_is_worse(
            posts in prop::collection::btree_set(1_i64..5, 0..3), past in prop::option::of(10_i64..60),
            live in 50.0..600.0_f64, at in 0_i64..180, pounds in 0.0..4000.0_f64,
        ) {
            let mut problem = roof_window();
            problem.clear = Length::inches(180);
            let line = ByKind::of([(LoadKind::Dead, LineLoad::plf(100.0)), (LoadKind::FloorLive, LineLoad::plf(live))]);
            let point = ByKind::of([(LoadKind::FloorLive, crate::measure::Force::lbf(pounds))]);
            problem.loads = vec![
                OpeningLoad::Line { amount: line, extent: None },
                OpeningLoad::Point { amount: point, at: Length::inches(at) },
            ];
            problem.run.posts = posts.iter().map(|place| Post { at: Length::inches(place * 36), studs: 2 }).collect();
            problem.run.past.right = past.map(Length::inches);
            let header = doubled_two_by_six();
            let values = problem.conventions.code.values(header.board).expect("a usual wood");
            let bridge = Bridge::new(&problem, header, values, Ends { left: 1, right: 1 }, &mut KnownSpans::default());
            if bridge.is_simple() {
                return Ok(());
            }
            let live = problem.conventions.code.strength()[1];
            let worst = |patterns: &[LoadPattern]| {
                let largest = |pattern: &LoadPattern| {
                    let case = bridge.under_pattern(&live, *pattern);
                    let beam = case.beam().expect("several supports");
                    (beam.largest_moment().value.abs(), beam.largest_shear(None))
                };
                patterns.iter().map(largest).fold((0.0, 0.0), |a: (f64, f64), b| (a.0.max(b.0), a.1.max(b.1)))
            };
            let every: Vec<LoadPattern> = (0..1_u16 << bridge.spans().len()).map(LoadPattern).collect();
            let (ours, all) = (worst(&bridge.patterns()), worst(&every));
            prop_assert!(ours.0 >= all.0 * (1.0 - 1e-9) && ours.1 >= all.1 * (1.0 - 1e-9), "{ours:?} {all:?}");
        }
    }
}
