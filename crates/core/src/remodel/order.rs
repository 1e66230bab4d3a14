//! # Order with holds
//!
//! **What it does.** Makes of a wall that is opened the list of its steps, in the order of the work. Every step is a hold: the next is shut until
//! it is done by a name, or gone past by a name and a reason. That the temporary walls stand, and that the load path below the new jacks is
//! checked, cannot be gone past. A step that the design makes void says why and holds nobody up.
//!
//! **Source.** Common practice, no source.
//!
//! **Assumptions and limits.** Marks count in the order in which they arrive. One that is made on a shut step does not open it; it is told.
//!
//! **Worked example.** A wall of the lowest storey over a slab: nothing stands below the temporary walls, so that step is void; without a name
//! on *the temporary walls stand* nothing is taken down.

use crate::framing::OpeningPlan;
use crate::framing::member::Role;
use crate::house::Axis;
use crate::house::plan::Line;
use crate::job::WallId;
use crate::loads::LoadKind;
use crate::measure::{Force, Length};
use crate::path::described::NamedWall;
use crate::plan::JobPlan;
use crate::plan::stations::{StationIs, stations};
use crate::raising::crew::{Crew, easily, hands, have_room};
use crate::raising::weight::of_member;
use crate::say;
use crate::speech::{Phrase, distance};

use super::opened_wall::{NotOpened, Opened, Opening, opened, works_phrase};

/// A wall that is farther off on the next storey is another line.
const BESIDE: Length = Length::feet(4);

/// A step of the work, in its order.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Step {
    /// The permit, and where it is wanted the drawing.
    Permit,
    /// Power, water and gas are found and off.
    Services,
    /// The survey is written.
    Survey,
    /// People and furniture are off the floors above.
    FloorsCleared,
    /// The beam is in the room.
    BeamIn,
    /// Under the temporary walls, down to the ground.
    TemporaryBelow,
    /// The temporary walls stand.
    TemporaryStand,
    /// Joists snug, not lifted.
    Snug,
    /// The wall is taken down.
    TakeDown,
    /// The packs and the load path below the new jacks are checked to the ground.
    PathChecked,
    /// Measured at the floor, and the beam cut.
    CutBeam,
    /// The beam is raised.
    RaiseBeam,
    /// Shims between beam and joists, and everything fastened.
    ShimAndFasten,
    /// The load comes onto the beam.
    LoadOnBeam,
    /// The temporary walls are taken away.
    TemporaryAway,
    /// The sag is watched.
    Sag,
    /// The sole plate is cut.
    SolePlate,
}

impl Step {
    /// All of them, in the order of the work.
    pub const ALL: [Self; 17] = [
        Self::Permit,
        Self::Services,
        Self::Survey,
        Self::FloorsCleared,
        Self::BeamIn,
        Self::TemporaryBelow,
        Self::TemporaryStand,
        Self::Snug,
        Self::TakeDown,
        Self::PathChecked,
        Self::CutBeam,
        Self::RaiseBeam,
        Self::ShimAndFasten,
        Self::LoadOnBeam,
        Self::TemporaryAway,
        Self::Sag,
        Self::SolePlate,
    ];

    /// Whether it can be gone past with a reason: never where people stand under what would come down.
    pub const fn can_be_forced(self) -> bool {
        !matches!(self, Self::TemporaryStand | Self::PathChecked)
    }

    fn words(self) -> Phrase {
        match self {
            Self::Permit => say!("order-permit"),
            Self::Services => say!("order-services"),
            Self::Survey => say!("order-survey"),
            Self::FloorsCleared => say!("order-floors-cleared"),
            Self::BeamIn => say!("order-beam-in"),
            Self::TemporaryBelow => say!("order-temporary-below"),
            Self::TemporaryStand => say!("order-temporary-stand"),
            Self::Snug => say!("order-snug"),
            Self::TakeDown => say!("order-take-down"),
            Self::PathChecked => say!("order-path-checked"),
            Self::CutBeam => say!("order-cut-beam"),
            Self::RaiseBeam => say!("order-raise-beam"),
            Self::ShimAndFasten => say!("order-shim-and-fasten"),
            Self::LoadOnBeam => say!("order-load-on-beam"),
            Self::TemporaryAway => say!("order-temporary-away"),
            Self::Sag => say!("order-sag"),
            Self::SolePlate => say!("order-sole-plate"),
        }
    }
}

/// Which step of a list: one of the work, or one that somebody added.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum StepKey {
    /// Of the work.
    Work(Step),
    /// Added, by the identity that it was given.
    Added(u128),
}

impl StepKey {
    /// Whether it says something of the temporary walls as they are planned: planned otherwise it is done anew.
    const fn is_of_the_temporary_walls(self) -> bool {
        use Step::{FloorsCleared, Snug, TemporaryBelow, TemporaryStand};
        matches!(self, Self::Work(FloorsCleared | TemporaryBelow | TemporaryStand | Snug))
    }
}

/// What somebody says of the order.
#[derive(Clone, Debug, PartialEq)]
pub enum Mark {
    /// A step is done.
    Done(StepKey),
    /// A step is gone past though it is not done, and why.
    Forced(StepKey, String),
    /// What was said of a step is taken back.
    TakenBack(StepKey),
    /// A step is added after another.
    Added {
        /// By which identity it goes.
        id: u128,
        /// After which.
        after: StepKey,
        /// What is done.
        text: String,
    },
    /// The wall is opened so.
    Planned(Opening),
}

/// A mark with who made it, and when.
#[derive(Clone, Debug, PartialEq)]
pub struct Marked {
    /// Who.
    pub by: String,
    /// When, in milliseconds since 1970.
    pub at: i64,
    /// What.
    pub mark: Mark,
}

/// Who said something of a step, and when.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Said {
    /// Who.
    pub by: String,
    /// When, in milliseconds since 1970.
    pub at: i64,
}

/// How a step stands.
#[derive(Clone, Debug, PartialEq)]
pub enum State {
    /// Done.
    Done(Said),
    /// Gone past, and why.
    Forced(Said, String),
    /// The design leaves it nothing to do.
    Void(Phrase),
    /// The one that is done now.
    Open,
    /// Until the one before it is done.
    Shut,
}

/// A step of a wall's order.
#[derive(Clone, Debug, PartialEq)]
pub struct OrderedStep {
    /// Which.
    pub key: StepKey,
    /// What is done.
    pub words: Phrase,
    /// What this job has to say to it.
    pub details: Vec<Phrase>,
    /// How it stands.
    pub state: State,
    /// Whether it can be gone past with a reason.
    pub can_be_forced: bool,
    /// Who marked it while it was shut, or went past what cannot be gone past: that did not count.
    pub did_not_count: Vec<Said>,
}

impl OrderedStep {
    /// Takes back that it is done or gone past.
    fn reopen(&mut self) {
        if matches!(self.state, State::Done(_) | State::Forced(..)) {
            self.state = State::Open;
        }
    }
}

/// The order of a wall that is opened.
#[derive(Clone, Debug, PartialEq)]
pub struct Order {
    /// As its temporary walls are planned.
    pub planned: Opening,
    /// In the order of the work.
    pub steps: Vec<OrderedStep>,
}

/// The order of a wall of a planned job, with all that was said of it in the order in which it arrived.
///
/// # Errors
/// [`NotOpened::InNoHouse`] where the wall stands in none.
pub fn order_of(plan: &JobPlan, wall: WallId, marks: &[Marked]) -> Result<Order, NotOpened> {
    let planned = marks.iter().rev().find_map(|marked| match marked.mark {
        Mark::Planned(opening) => Some(opening),
        _ => None,
    });
    let planned = planned.unwrap_or(Opening::USUAL);
    let facts = Facts::of(plan, wall, planned)?;
    let mut list: Vec<OrderedStep> = Step::ALL.into_iter().map(|step| facts.step(step)).collect();
    let mut before = Opening::USUAL;
    for marked in marks {
        match marked.mark {
            // Planned otherwise, what was said of the temporary walls stands no longer.
            Mark::Planned(now) if now != before => {
                before = now;
                list.iter_mut().filter(|step| step.key.is_of_the_temporary_walls()).for_each(OrderedStep::reopen);
            }
            _ => take(&mut list, marked),
        }
    }
    let mut shut = false;
    for step in &mut list {
        if step.state == State::Open {
            step.state = if shut { State::Shut } else { State::Open };
            shut = true;
        }
    }
    Ok(Order { planned, steps: list })
}

/// Takes one mark into a list whose undone steps are all called open.
fn take(list: &mut Vec<OrderedStep>, marked: &Marked) {
    let said = || Said { by: marked.by.clone(), at: marked.at };
    let place_of = |list: &[OrderedStep], key: StepKey| list.iter().position(|step| step.key == key);
    match &marked.mark {
        Mark::Done(key) | Mark::Forced(key, _) => {
            let Some(place) = place_of(list, *key) else { return };
            let shut = list[..place].iter().any(|step| step.state == State::Open);
            let step = &mut list[place];
            match &marked.mark {
                _ if step.state != State::Open => {}
                Mark::Done(_) if !shut => step.state = State::Done(said()),
                Mark::Forced(_, why) if !shut && step.can_be_forced => step.state = State::Forced(said(), why.clone()),
                _ => step.did_not_count.push(said()),
            }
        }
        Mark::TakenBack(key) => {
            list.iter_mut().filter(|step| step.key == *key).for_each(OrderedStep::reopen);
        }
        Mark::Added { id, after, text } => {
            let key = StepKey::Added(*id);
            if let (Some(place), None) = (place_of(list, *after), place_of(list, key)) {
                list.insert(
                    place + 1,
                    OrderedStep {
                        key,
                        words: Phrase::verbatim(text.clone()),
                        details: vec![say!("order-added-by", who = marked.by.as_str())],
                        state: State::Open,
                        can_be_forced: true,
                        did_not_count: Vec::new(),
                    },
                );
            }
        }
        Mark::Planned(_) => {}
    }
}

/// What the job has to say to the steps.
struct Facts<'a> {
    opened: Result<Opened, NotOpened>,
    planned: Opening,
    /// Whether it bears and why, and what stands over and under it.
    evidence: Vec<Phrase>,
    /// The wall's openings that are not framed yet, each with the weight of its header.
    new: Vec<(&'a OpeningPlan, Force)>,
    /// Whether a slab lies right under it.
    is_on_slab: bool,
    /// Where they stand on every storey below, from the next one down.
    below: Vec<Phrase>,
    /// In how many places what stands on it or under it has nothing to go on to.
    breaks: usize,
    crew: Crew,
}

/// What runs along a wall on the storey above or below, nearest to it; nothing where there is no such storey.
fn on_the_next_storey(plan: &JobPlan, storey: usize, id: WallId, is_above: bool) -> Option<Phrase> {
    let house = plan.house()?;
    let lines = |storey: usize| house.named.storeys[storey].walls.iter().zip(&house.structure.storeys[storey].walls);
    let own = (0..house.named.storeys.len()).flat_map(lines).find(|(named, _)| named.id == id)?.1.line;
    if house.named.storeys.len() <= storey {
        return None;
    }
    let beside = |line: &Line| line.axis == own.axis && line.start < own.end() && own.start < line.end();
    let nearest = lines(storey)
        .filter(|(_, wall)| beside(&wall.line))
        .min_by_key(|(_, wall)| (wall.line.offset - own.offset).abs())
        .filter(|(_, wall)| (wall.line.offset - own.offset).abs() <= BESIDE);
    let Some((named, wall)) = nearest else {
        return Some(if is_above { say!("order-nothing-above") } else { say!("order-nothing-below") });
    };
    let off = distance((wall.line.offset - own.offset).abs());
    let name = plan.job().wall(named.id).map_or("", |wall| wall.frame.name.as_str());
    Some(if is_above { say!("order-above", wall = name, off) } else { say!("order-below", wall = name, off) })
}

/// Where a temporary wall stands on a storey below: measured from the wall there that is nearest to it and runs along it.
fn on_storey_below(plan: &JobPlan, storey: usize, name: &str, axis: Axis, at: Length) -> Option<Phrase> {
    let house = plan.house()?;
    let walls = house.named.storeys[storey].walls.iter().zip(&house.structure.storeys[storey].walls);
    let along = walls.filter(|(_, wall)| wall.line.axis == axis);
    let (named, nearest) = along.min_by_key(|(_, wall)| (wall.line.offset - at).abs())?;
    let off = distance((nearest.line.offset - at).abs());
    let wall = plan.job().wall(named.id).map_or("", |wall| wall.frame.name.as_str());
    Some(say!("order-below-at", storey = name, off, wall))
}

impl<'a> Facts<'a> {
    fn of(plan: &'a JobPlan, id: WallId, planned: Opening) -> Result<Self, NotOpened> {
        let job = plan.job();
        let house = plan.house().ok_or(NotOpened::InNoHouse)?;
        let on = |walls: &[NamedWall]| walls.iter().any(|wall| wall.id == id);
        let storey = house.named.storeys.iter().position(|storey| on(&storey.walls)).ok_or(NotOpened::InNoHouse)?;
        let (wall, of_wall) = plan.wall(id).ok_or(NotOpened::InNoHouse)?;
        let is_framed =
            |opening: &OpeningPlan| wall.openings.iter().any(|each| each.id == opening.id && each.framed_as.is_some());
        let weight = |opening: &OpeningPlan| {
            let plies = of_wall
                .members
                .iter()
                .filter(|member| member.opening == Some(opening.id) && member.role == Role::Header);
            Force::lbf(plies.map(|member| of_member(member, job.settings.raising.moisture()).pounds).sum())
        };
        let new = of_wall.openings.iter().filter(|opening| !is_framed(opening));
        let opened = opened(plan, id, &planned);
        let temporary = opened.as_ref().map_or(&[][..], |opened| &opened.temporary);
        let axis = wall.place.map(|place| place.axis);
        let below = (0..storey).rev().flat_map(|below| {
            let level = job.house.levels.iter().find(|level| level.id == house.named.storeys[below].level);
            let name = level.map_or("", |level| level.name.as_str());
            temporary.iter().filter_map(move |at| on_storey_below(plan, below, name, axis?, *at))
        });
        let bears = stations(plan, &mut || 0).stations.into_iter().find(|station| station.is == StationIs::Wall(id));
        let over_and_under = [(storey.checked_add(1), true), (storey.checked_sub(1), false)];
        let beside =
            over_and_under.into_iter().filter_map(|(storey, is_above)| on_the_next_storey(plan, storey?, id, is_above));
        Ok(Self {
            evidence: bears.and_then(|station| station.note).into_iter().chain(beside).collect(),
            below: below.collect(),
            opened,
            planned,
            new: new.map(|opening| (opening, weight(opening))).collect(),
            is_on_slab: storey == 0 && job.house.ground.slab,
            breaks: house.path.breaks.iter().filter(|each| each.from.storey <= storey).count(),
            crew: job.settings.raising.into(),
        })
    }

    fn step(&self, step: Step) -> OrderedStep {
        OrderedStep {
            key: StepKey::Work(step),
            words: step.words(),
            details: self.details(step),
            state: self.void(step).map_or(State::Open, State::Void),
            can_be_forced: step.can_be_forced(),
            did_not_count: Vec::new(),
        }
    }

    /// Why the design leaves a step nothing to do.
    fn void(&self, step: Step) -> Option<Phrase> {
        match step {
            Step::FloorsCleared => {
                let fields = &self.opened.as_ref().ok()?.fields;
                let live = |kind| fields.iter().any(|field| 0.0 < field.loads[kind]);
                let is_live = live(LoadKind::FloorLive) || live(LoadKind::DeckLive);
                let in_use = is_live && !self.planned.floors_cleared;
                (!is_live).then(|| say!("order-void-no-live")).or_else(|| in_use.then(|| say!("order-void-in-use")))
            }
            Step::TemporaryBelow => self.is_on_slab.then(|| say!("order-void-slab")),
            Step::SolePlate => {
                let is_doorway = self.new.iter().any(|(opening, _)| opening.bottom <= Length::ZERO);
                (!self.new.is_empty() && !is_doorway).then(|| say!("order-void-no-doorway"))
            }
            _ => None,
        }
    }

    fn details(&self, step: Step) -> Vec<Phrase> {
        match step {
            Step::Survey => self.survey(),
            Step::TemporaryBelow => self.places().into_iter().chain(self.below.iter().cloned()).collect(),
            Step::TemporaryStand => self.places().into_iter().chain(self.works()).collect(),
            Step::BeamIn if self.new.is_empty() => vec![say!("order-no-opening")],
            Step::BeamIn => self.of_each_opening(|opening, pounds| match opening.header() {
                Some(header) => say!(
                    "order-beam",
                    letter = opening.letter.to_string(),
                    header = header.name(),
                    length = distance(opening.header_length()),
                    weight = pounds,
                    count = easily(pounds.to_lbf())
                ),
                None => say!("order-no-beam", letter = opening.letter.to_string(), why = opening.verdict_phrase()),
            }),
            Step::CutBeam => self.of_each_header(|opening, _| {
                say!("order-cut", letter = opening.letter.to_string(), length = distance(opening.header_length()))
            }),
            Step::RaiseBeam => self.of_each_header(|opening, pounds| {
                let hands = hands(pounds.to_lbf(), self.crew, have_room(opening.header_length()));
                say!("order-lift", letter = opening.letter.to_string(), weight = pounds, hands = hands.words)
            }),
            Step::PathChecked => {
                let jacks = self.of_each_header(|opening, _| {
                    say!(
                        "order-jacks",
                        letter = opening.letter.to_string(),
                        left = distance(opening.left()),
                        right = distance(opening.right())
                    )
                });
                let breaks = match self.breaks {
                    0 => say!("order-path-goes-on"),
                    count => say!("order-path-breaks", count),
                };
                jacks.into_iter().chain([breaks]).collect()
            }
            _ => Vec::new(),
        }
    }

    fn of_each_opening(&self, said: impl Fn(&OpeningPlan, Force) -> Phrase) -> Vec<Phrase> {
        self.new.iter().map(|(opening, weight)| said(opening, *weight)).collect()
    }

    fn of_each_header(&self, said: impl Fn(&OpeningPlan, Force) -> Phrase) -> Vec<Phrase> {
        let with_header = self.new.iter().filter(|(opening, _)| opening.header().is_some());
        with_header.map(|(opening, weight)| said(opening, *weight)).collect()
    }

    fn survey(&self) -> Vec<Phrase> {
        let mut all = self.evidence.clone();
        match &self.opened {
            Err(none) => all.push(none.phrase()),
            Ok(opened) => {
                let joists = opened.fields.iter().map(|field| {
                    let (pieces, lines) = (field.section.pieces.len(), field.section.supports.len());
                    say!("order-survey-joists", pieces, lines)
                });
                all.extend(joists.chain(opened.findings.iter().cloned()));
            }
        }
        all
    }

    /// Where the temporary walls stand, each measured from a wall that stays.
    fn places(&self) -> Vec<Phrase> {
        let Ok(opened) = &self.opened else { return Vec::new() };
        let Some(field) = opened.fields.first() else { return Vec::new() };
        let section = &field.section;
        let stays = |(place, at): (usize, &Length)| (place != section.remove).then_some(*at);
        let staying: Vec<Length> = section.supports.iter().enumerate().filter_map(stays).collect();
        let from_the_nearest = |at: &Length| {
            let nearest = staying.iter().min_by_key(|line| (**line - *at).abs())?;
            Some(say!("order-temporary-at", off = distance((*at - *nearest).abs()), line = distance(*nearest)))
        };
        opened.temporary.iter().filter_map(from_the_nearest).collect()
    }

    fn works(&self) -> Vec<Phrase> {
        let Opening { plies, rows, .. } = self.planned;
        let works = self.opened.as_ref().ok().and_then(|opened| opened.studs.as_ref()?.as_ref().ok());
        let carries = works.map_or_else(|| say!("order-no-number"), works_phrase);
        vec![say!("order-studs", plies = i64::from(plies), rows = i64::from(rows)), carries]
    }
}
