//! # Beams and posts of a house
//!
//! **What it does.** Says of every beam and post of a followed house what it has to do, and sizes it. A beam comes before the posts under it: how wide
//! it is, and how hard it presses them where its loads come and go, they take over.
//!
//! **Source.** Common practice, no source: what a load brings up is left out of a member unless it is what the building weighs.
//!
//! **Assumptions and limits.** A post is as long as its storey's walls are high. Shear is taken at the support: whether joists lie on a beam or hang on
//! its side nobody said. A beam brings down what it is said to weigh, and is checked with what it weighs as it goes in.

use std::sync::Arc;

use crate::codes::{CombinationIndex, DesignCode};
use crate::framing::opening_problem::plate_bearing;
use crate::house::Line;
use crate::job::Job;
use crate::loads::{Asked, ByCase, ByKind, LoadCase, LoadKind, Standing};
use crate::lumber::{Depth, Family, Grade, SawnSize, Species};
use crate::measure::{Force, Length, LineLoad, Stress};
use crate::path::described::Named;
use crate::path::loaded::{Carrier, LoadedBeam, OnTop, Press};
use crate::path::{LoadPath, Part, Structure};
use crate::say;
use crate::sizing::beam::{BeamSpec, BeamStock, BeamSupport, HeldEdges, SizedBeam, Under, size_beam};
use crate::sizing::candidates::{StockBoard, Tried};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::post::{BeamOnPost, PostSpec, SizedPost, size_post};
use crate::sizing::{Conventions, OpeningLoad};
use crate::speech::{Phrase, percent};

/// A beam of the house, planned.
#[derive(Clone, Debug, PartialEq)]
pub struct BeamPlan {
    /// What it has to do.
    pub spec: BeamSpec,
    /// What goes in, or why there is no number.
    pub outcome: Result<SizedBeam, OutsideLimits>,
}

/// A post of the house, planned.
#[derive(Clone, Debug, PartialEq)]
pub struct PostPlan {
    /// What it has to do.
    pub spec: PostSpec,
    /// What goes in, or why there is no number.
    pub outcome: Result<SizedPost, OutsideLimits>,
}

/// The beams and posts of a house, storey by storey, in the order of the structure's.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Members {
    /// Beams.
    pub beams: Vec<Vec<Arc<BeamPlan>>>,
    /// Posts.
    pub posts: Vec<Vec<Arc<PostPlan>>>,
}

/// A beam or a post.
#[derive(Clone, Copy, Debug)]
pub enum Member<'a> {
    /// A beam.
    Beam(&'a BeamPlan),
    /// A post.
    Post(&'a PostPlan),
}

impl Member<'_> {
    /// What goes in and how hard it works, or why there is no number, in a sentence.
    pub fn answer(self) -> Phrase {
        let (what, check, carries) = match self {
            Self::Beam(BeamPlan { outcome: Err(limit), .. }) | Self::Post(PostPlan { outcome: Err(limit), .. }) => {
                return limit.phrase();
            }
            Self::Beam(BeamPlan { outcome: Ok(sized), .. }) => {
                let goes_in = sized.goes_in();
                let what = Phrase::verbatim(goes_in.beam.name());
                (what, goes_in.hardest().map(|check| check.result), goes_in.carries())
            }
            Self::Post(PostPlan { outcome: Ok(sized), .. }) => {
                let goes_in = sized.goes_in();
                (goes_in.post.phrase(), goes_in.hardest().copied(), goes_in.carries())
            }
        };
        let Some(check) = check else { return what };
        let at = percent(check.ratio());
        let combination = CombinationIndex::said(check.combination);
        let check = check.kind.phrase();
        if carries {
            say!("member-goes-in", what, at, check, combination)
        } else if self.by_hand() {
            say!("member-chosen-fails", what, at, check, combination)
        } else {
            say!("member-nothing-carries", what, at, check, combination)
        }
    }

    /// Whether somebody chose it.
    pub const fn by_hand(self) -> bool {
        match self {
            Self::Beam(plan) => plan.spec.chosen.is_some(),
            Self::Post(plan) => plan.spec.chosen.is_some(),
        }
    }

    /// How hard it works, and whether it carries; `None` where there is no number.
    pub fn works(self) -> Option<(f64, bool)> {
        match self {
            Self::Beam(plan) => {
                let goes_in = plan.outcome.as_ref().ok()?.goes_in();
                Some((goes_in.largest_ratio(), goes_in.carries()))
            }
            Self::Post(plan) => {
                let goes_in = plan.outcome.as_ref().ok()?.goes_in();
                Some((goes_in.largest_ratio(), goes_in.carries()))
            }
        }
    }
}

/// A followed house whose members are sized.
#[derive(Clone, Copy, Debug)]
pub(super) struct Sizing<'a> {
    /// The job.
    pub job: &'a Job,
    /// What stands in the house.
    pub structure: &'a Structure,
    /// By which identity each part goes.
    pub named: &'a Named,
    /// Where its loads go.
    pub path: &'a LoadPath,
    /// Why what carries a roof of a storey has no number, where it has none; storey by storey.
    pub limits: &'a [Option<OutsideLimits>],
    /// Members as they were before an edit of anything but the rules.
    pub before: Option<&'a Members>,
}

impl Sizing<'_> {
    /// Sizes every beam and every post.
    pub fn members(&self) -> Members {
        let boards: Vec<StockBoard> = self.job.boards().copied().collect();
        let mut members = Members::default();
        for storey in 0..self.structure.storeys.len() {
            let beams = self.beams(storey, &boards);
            let posts =
                (0..self.structure.storeys[storey].posts.len()).map(|post| self.post(storey, post, &beams)).collect();
            members.beams.push(beams);
            members.posts.push(posts);
        }
        members
    }

    /// The beams of a storey: what hangs on another beam before that one. None hangs on one that hangs on it: the path takes rings apart.
    fn beams(&self, storey: usize, boards: &[StockBoard]) -> Vec<Arc<BeamPlan>> {
        let loaded = &self.path.storeys[storey].beams;
        let hangs_on = |beam: &LoadedBeam, carrier: usize| {
            beam.reactions.iter().any(|reaction| reaction.on == Carrier::Beam(carrier))
        };
        let mut sized: Vec<Option<Arc<BeamPlan>>> = vec![None; loaded.len()];
        for _ in 0..loaded.len() {
            let is_next = |place: &usize| {
                let waits = |other: usize| sized[other].is_none() && hangs_on(&loaded[other], *place);
                sized[*place].is_none() && !(0..loaded.len()).any(waits)
            };
            let Some(place) = (0..loaded.len()).find(is_next) else { break };
            sized[place] = Some(self.beam(storey, place, boards, &sized));
        }
        let or_alone = |(place, plan): (usize, Option<Arc<BeamPlan>>)| {
            plan.unwrap_or_else(|| self.beam(storey, place, boards, &[]))
        };
        sized.into_iter().enumerate().map(or_alone).collect()
    }

    fn beam(
        &self,
        storey: usize,
        place: usize,
        boards: &[StockBoard],
        sized: &[Option<Arc<BeamPlan>>],
    ) -> Arc<BeamPlan> {
        let spec = self.beam_spec(storey, place, sized);
        let limit = self.limit(storey, &self.path.storeys[storey].beams[place].top);
        let kept = self.before.and_then(|before| {
            let alike = |plan: &&Arc<BeamPlan>| plan.spec == spec && limit.is_none() && plan.outcome.is_ok();
            before.beams.iter().flatten().find(alike).cloned()
        });
        kept.unwrap_or_else(|| {
            let settings = &self.job.settings;
            let stock = BeamStock { boards, aim: settings.aim, margin: settings.margin };
            let outcome = limit.map_or_else(|| size_beam(spec.clone(), stock), Err);
            Arc::new(BeamPlan { spec, outcome })
        })
    }

    fn beam_spec(&self, storey: usize, place: usize, sized: &[Option<Arc<BeamPlan>>]) -> BeamSpec {
        let standing = &self.structure.storeys[storey].beams[place];
        let loaded: &LoadedBeam = &self.path.storeys[storey].beams[place];
        let line = &standing.line;
        let supports = loaded.reactions.iter().map(|reaction| BeamSupport {
            at: reaction.at.along(line.axis) - line.start,
            under: self.under(storey, reaction.on),
        });
        let supports: Vec<BeamSupport> = supports.collect();
        let settings = &self.job.settings;
        let id = self.named.storeys[storey].beams.get(place);
        BeamSpec {
            length: line.length,
            joints: standing.joints,
            held: if is_held(&loaded.top, line, &supports) { HeldEdges::Upper } else { HeldEdges::None },
            chosen: id.and_then(|id| self.job.house.beams.iter().find(|beam| beam.id == *id)?.chosen),
            supports,
            loads: self.loads_on(storey, &loaded.top, line, sized),
            conventions: Conventions {
                code: self.code(),
                shear_at_depth: false,
                live_deflection_limit: settings.live_deflection_limit,
                total_deflection_limit: settings.total_deflection_limit,
                creep: settings.creep,
                ..Conventions::default()
            },
        }
    }

    fn under(&self, storey: usize, carrier: Carrier) -> Under {
        match carrier {
            Carrier::Post(_) => Under::Post,
            Carrier::Beam(_) => Under::Hanger,
            Carrier::Wall(wall) => {
                let in_job = self.named.storeys[storey].walls[wall].in_job;
                let plate = plate_bearing(self.code(), &self.job.walls[in_job].frame);
                let thickness = self.structure.storeys[storey].walls[wall].line.thickness;
                Under::Wall { thickness, plate: plate.unwrap_or_else(|_| self.usual_plate()) }
            }
        }
    }

    fn post(&self, storey: usize, place: usize, beams: &[Arc<BeamPlan>]) -> Arc<PostPlan> {
        let spec = self.post_spec(storey, place, beams);
        let bottom = &self.path.storeys[storey].posts[place].bottom;
        let limit = under_the_sky(bottom).then(|| self.limits[storey].clone()).flatten();
        let kept = self.before.and_then(|before| {
            let alike = |plan: &&Arc<PostPlan>| plan.spec == spec && limit.is_none() && plan.outcome.is_ok();
            before.posts.iter().flatten().find(alike).cloned()
        });
        kept.unwrap_or_else(|| {
            let outcome = limit.map_or_else(|| size_post(spec.clone()), Err);
            Arc::new(PostPlan { spec, outcome })
        })
    }

    fn post_spec(&self, storey: usize, place: usize, beams: &[Arc<BeamPlan>]) -> PostSpec {
        let loaded = &self.path.storeys[storey].posts[place];
        let mut load = loaded.bottom.without_lift().most();
        let mut lie_on_it = Vec::new();
        for press in &loaded.presses {
            let Part::Beam(beam) = press.from.part else { continue };
            let line = &self.structure.storeys[storey].beams[beam].line;
            let at = press.at - line.start;
            let plan = &beams[beam];
            let brought = press.pounds.without_lift().most();
            let pressed = plan.pressing(at).map_or(brought, |most| harder(&brought, &most));
            load = load + pressed + less(press);
            let (width, bearing, family) =
                plan.wood().unwrap_or((line.thickness, self.usual_plate(), Family::Dimension));
            lie_on_it.push(BeamOnPost {
                by_kind: pressed.map(Force::lbf),
                width,
                reaches: (at, line.length - at),
                bearing,
                family,
            });
        }
        let level = self.named.storeys[storey].level;
        let height = self.job.house.level(level).map_or(Length::ZERO, |each| each.height);
        let id = self.named.storeys[storey].posts.get(place);
        let chosen = id.and_then(|id| self.job.house.posts.iter().find(|post| post.id == *id)?.chosen);
        let stands_on = (0 < storey).then(|| self.usual_plate());
        PostSpec { height, load: load.map(Force::lbf), beams: lie_on_it, stands_on, code: self.code(), chosen }
    }

    /// Loads on a beam, from its start; what hangs on it presses with the most that it does.
    fn loads_on(&self, storey: usize, top: &OnTop, line: &Line, sized: &[Option<Arc<BeamPlan>>]) -> Vec<OpeningLoad> {
        let along = top.pieces_for_sizing(line).into_iter().map(|(low, high, plf)| {
            let all = low <= line.start && line.end() <= high;
            OpeningLoad::Line {
                amount: plf.without_lift().most().map(LineLoad::plf),
                extent: (!all).then_some((low - line.start, high - line.start)),
            }
        });
        let more = |press: &Press| {
            let Part::Beam(beam) = press.from.part else { return None };
            let of = &self.structure.storeys[storey].beams[beam].line;
            let at = press.came_down.along(of.axis) - of.start;
            let pressing = sized.get(beam)?.as_ref().filter(|_| press.from.storey == storey)?.pressing(at)?;
            Some(harder(&press.pounds.without_lift().most(), &pressing))
        };
        let places = top.places().into_iter().map(|(at, pounds)| {
            let here = top.presses.iter().filter(|press| press.at == at);
            let brought = pounds.without_lift().most();
            let amount =
                here.filter_map(|press| Some(more(press)? + less(press))).fold(brought, |sum, more| sum + more);
            OpeningLoad::Point { amount: amount.map(Force::lbf), at: at - line.start }
        });
        along.chain(places).collect()
    }

    /// Why what stands on a line has no number.
    fn limit(&self, storey: usize, top: &OnTop) -> Option<OutsideLimits> {
        let along = top.stretches.iter().map(|each| &each.plf);
        let any = along.chain(top.presses.iter().map(|each| &each.pounds)).any(under_the_sky);
        any.then(|| self.limits[storey].clone()).flatten()
    }

    fn usual_plate(&self) -> Stress {
        let size = SawnSize::two_by(Depth::Four);
        let values = self.code().sawn_values(Species::SprucePineFir, Grade::Number2, size);
        values.map_or(Stress::ZERO, |values| values.bearing)
    }

    fn code(&self) -> DesignCode {
        self.job.rules().code()
    }
}

/// Whether a roof, or a deck under the sky, is among what comes down.
fn under_the_sky(amount: &ByCase) -> bool {
    0.0 < amount.get(LoadCase::RoofLive) || 0.0 < amount.get(LoadCase::DeckLive)
}

/// What a storey's members that carry roofs wait for.
pub(super) fn snow_unsaid(job: &Job) -> Option<OutsideLimits> {
    (job.settings.said.snow == Standing::NotSaid).then(|| OutsideLimits::NotSaid { asked: vec![Asked::Snow] })
}

impl BeamPlan {
    /// How hard it presses what is under it at a place from its start, at most.
    pub fn pressing(&self, at: Length) -> Option<ByKind<Force>> {
        let sized = self.outcome.as_ref().ok()?;
        let support = self.spec.supports.iter().position(|support| support.at == at)?;
        sized.on_supports.get(support).map(|on| on.by_kind)
    }

    /// How wide it is, and its Fc⊥.
    fn wood(&self) -> Option<(Length, Stress, Family)> {
        let sized = self.outcome.as_ref().ok()?;
        let beam = sized.goes_in().beam;
        let values = self.spec.conventions.code.values(beam.board)?;
        Some((beam.section().width, values.bearing, beam.board.family()))
    }
}

/// What one part brings by the path, or the most that it presses with where that is more, kind by kind.
fn harder(brought: &ByKind<f64>, pressing: &ByKind<Force>) -> ByKind<f64> {
    LoadKind::ALL.into_iter().fold(*brought, |mut all, kind| {
        all[kind] = all[kind].max(pressing[kind].to_lbf());
        all
    })
}

/// The other way of what it brings by the path.
fn less(press: &Press) -> ByKind<f64> {
    press.pounds.without_lift().most().map(|pounds: f64| -pounds)
}

/// Whether fields lie on a beam all the way from its first to its last support.
fn is_held(top: &OnTop, line: &Line, supports: &[BeamSupport]) -> bool {
    let (Some(first), Some(last)) = (supports.first(), supports.last()) else { return false };
    let fields = top.stretches.iter().filter(|each| matches!(each.from.part, Part::Field(_)));
    let mut covered: Vec<(Length, Length)> = fields.map(|each| (each.low, each.high)).collect();
    covered.sort_unstable();
    let reached = covered
        .into_iter()
        .fold(line.start + first.at, |reached, (low, high)| if low <= reached { reached.max(high) } else { reached });
    line.start + last.at <= reached
}
