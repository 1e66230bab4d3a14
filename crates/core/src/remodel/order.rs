//! # Order with holds
//!
//! **What it does.** Makes of a wall that is opened the list of its steps, in the order of the work. Every step is a hold: the next is shut until
//! it is done by a name, or gone past by a name and a reason. That the temporary walls stand, and that the load path below the new jacks is
//! checked, cannot be gone past. A step that the design makes void says why and holds nobody up. What was said of a step whose beam, places or path the
//! design has changed since is told, and the step is said anew.
//!
//! **Source.** Common practice, no source.
//!
//! **Assumptions and limits.** Marks count in the order in which they arrive. One that is made on a shut step does not open it; it is told. What is said
//! anew undoes nothing that was done after it, but shuts what comes next.
//!
//! **Worked example.** A wall of the lowest storey over a slab: nothing stands below the temporary walls, so that step is void; without a name
//! on *the temporary walls stand* nothing is taken down.

use crate::framing::OpeningPlan;
use crate::framing::member::Role;
use crate::house::plan::Line;
use crate::job::WallId;
use crate::loads::LoadKind;
use crate::lumber::SawnSize;
use crate::measure::{Force, Length};
use crate::plan::stations::{StationIs, stations};
use crate::plan::{JobPlan, Storey, WallOnStorey};
use crate::raising::crew::{Crew, easily, hands, have_room};
use crate::raising::weight::of_member;
use crate::say;
use crate::speech::{Phrase, distance};

use super::on_storey::OpenedField;
use super::opened_wall::{NotOpened, Opened, ShoredStorey, joists_phrase, opened, works_phrase};
use super::opening::Opening;

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
    /// What the step said when it was marked; nothing where the device did not tell.
    pub of: Option<SaysWhat>,
    /// What.
    pub mark: Mark,
}

/// What a step says, its details with it, as one number: another one where it says something else.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct SaysWhat(pub u128);

/// Who said something of a step, and when.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Said {
    /// Who.
    pub by: String,
    /// When, in milliseconds since 1970.
    pub at: i64,
    /// What the step said then.
    pub of: Option<SaysWhat>,
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
    /// Who did it or went past it when it still said something else: the design has changed since.
    pub before_a_change: Option<Said>,
}

impl OrderedStep {
    /// Takes back that it is done or gone past.
    fn reopen(&mut self) {
        if matches!(self.state, State::Done(_) | State::Forced(..)) {
            self.state = State::Open;
        }
    }

    /// Opens it again where it was said of something else than it says now.
    fn compare(&mut self, says: impl Fn(&Self) -> SaysWhat) {
        let (State::Done(said) | State::Forced(said, _)) = &self.state else { return };
        // What somebody added says the same for good.
        if matches!(self.key, StepKey::Work(_)) && said.of.is_some_and(|of| of != says(self)) {
            self.before_a_change = Some(said.clone());
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

/// The order of a wall of a planned job, with all that was said of it in the order in which it arrived. `says` makes one number of what a step says.
///
/// # Errors
/// [`NotOpened::InNoHouse`] where the wall stands in none.
pub fn order_of(
    plan: &JobPlan,
    wall: WallId,
    marks: &[Marked],
    says: impl Fn(&OrderedStep) -> SaysWhat,
) -> Result<Order, NotOpened> {
    let planned = marks.iter().rev().find_map(|marked| match marked.mark {
        Mark::Planned(opening) => Some(opening),
        _ => None,
    });
    let planned = planned.unwrap_or(Opening::USUAL);
    let facts = Facts::of(plan, wall, planned)?;
    let mut before = Opening::USUAL;
    let mut list: Vec<OrderedStep> = Step::ALL.into_iter().map(|step| facts.step(step, &before)).collect();
    for marked in marks {
        match marked.mark {
            // Planned otherwise, what was said of the temporary walls stands no longer.
            Mark::Planned(now) if now != before => {
                before = now;
                for step in list.iter_mut().filter(|step| step.key.is_of_the_temporary_walls()) {
                    let StepKey::Work(work) = step.key else { continue };
                    step.state = facts.state(work, &now);
                }
            }
            _ => take(&mut list, marked),
        }
    }
    list.iter_mut().for_each(|step| step.compare(&says));
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
    let said = || Said { by: marked.by.clone(), at: marked.at, of: marked.of };
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
                        before_a_change: None,
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
    /// What the storeys with temporary walls are called, from the top down.
    storeys: Vec<String>,
    crew: Crew,
}

/// The wall of a storey that runs along a line and is nearest to a place across it.
fn nearest_along<'a>(storey: &Storey<'a>, line: &Line, at: Length) -> Option<(&'a str, Length)> {
    let along = storey.walls().filter(|each| each.standing.line.axis == line.axis);
    let off = |each: &WallOnStorey<'_>| (each.standing.line.offset - at).abs();
    let nearest = along.min_by_key(off)?;
    Some((nearest.wall.frame.name.as_str(), off(&nearest)))
}

/// What runs beside a wall on the storey above or below, nearest to it.
fn on_the_next_storey(storey: &Storey<'_>, own: &Line, is_above: bool) -> Phrase {
    let beside = storey.walls().filter(|each| {
        let line = &each.standing.line;
        line.axis == own.axis && line.start < own.end() && own.start < line.end()
    });
    let nearest = beside
        .map(|each| ((each.standing.line.offset - own.offset).abs(), each.wall.frame.name.as_str()))
        .min_by_key(|(off, _)| *off)
        .filter(|(off, _)| *off <= BESIDE);
    match (nearest, is_above) {
        (None, true) => say!("order-nothing-above"),
        (None, false) => say!("order-nothing-below"),
        (Some((off, wall)), true) => say!("order-above", wall, off = distance(off)),
        (Some((off, wall)), false) => say!("order-below", wall, off = distance(off)),
    }
}

/// Where a temporary wall stands on a storey below: measured from the wall there that is nearest to it and runs along it.
fn on_storey_below(storey: &Storey<'_>, line: &Line, at: Length) -> Option<Phrase> {
    let (wall, off) = nearest_along(storey, line, at)?;
    Some(say!("order-below-at", storey = storey.name(), off = distance(off), wall))
}

impl<'a> Facts<'a> {
    fn of(plan: &'a JobPlan, id: WallId, planned: Opening) -> Result<Self, NotOpened> {
        let job = plan.job();
        let house = plan.house().ok_or(NotOpened::InNoHouse)?;
        let (storey, standing) = plan.storey_of(id).ok_or(NotOpened::InNoHouse)?;
        let (wall, of_wall) = plan.wall(id).ok_or(NotOpened::InNoHouse)?;
        let line = &standing.standing.line;
        let weight = |opening: &OpeningPlan| {
            let plies = of_wall
                .members
                .iter()
                .filter(|member| member.opening == Some(opening.id) && member.role == Role::Header);
            Force::lbf(plies.map(|member| of_member(member, job.settings.raising.moisture()).pounds).sum())
        };
        let new = of_wall.openings.iter().filter(|opening| !wall.is_framed(opening.id));
        let opened = opened(plan, id, &planned);
        let temporary = opened.as_ref().map_or(&[][..], |opened| &opened.temporary);
        let below = plan
            .storeys_below(storey.place)
            .flat_map(|below| temporary.iter().filter_map(move |at| on_storey_below(&below, line, *at)));
        let bears = stations(plan, &mut || 0).stations.into_iter().find(|station| station.is == StationIs::Wall(id));
        let over = plan.storey(storey.place + 1).map(|above| on_the_next_storey(&above, line, true));
        let under = storey.place.checked_sub(1).and_then(|place| plan.storey(place));
        let beside = over.into_iter().chain(under.map(|under| on_the_next_storey(&under, line, false)));
        let shored = opened.iter().flat_map(Opened::storeys).map(|shored| shored.storey);
        let name = |place| plan.storey(place).map_or_else(String::new, |storey| storey.name().to_owned());
        Ok(Self {
            storeys: shored.map(name).collect(),
            evidence: bears.and_then(|station| station.note).into_iter().chain(beside).collect(),
            below: below.collect(),
            opened,
            planned,
            new: new.map(|opening| (opening, weight(opening))).collect(),
            is_on_slab: storey.place == 0 && job.house.ground.slab,
            breaks: house.path.breaks.iter().filter(|each| each.from.storey <= storey.place).count(),
            crew: job.settings.raising.into(),
        })
    }

    fn step(&self, step: Step, planned: &Opening) -> OrderedStep {
        OrderedStep {
            key: StepKey::Work(step),
            words: step.words(),
            details: self.details(step),
            state: self.state(step, planned),
            can_be_forced: step.can_be_forced(),
            did_not_count: Vec::new(),
            before_a_change: None,
        }
    }

    /// How a step stands that nobody said anything of, as the temporary walls are planned then.
    fn state(&self, step: Step, planned: &Opening) -> State {
        self.void(step, planned).map_or(State::Open, State::Void)
    }

    /// Why the design leaves a step nothing to do.
    fn void(&self, step: Step, planned: &Opening) -> Option<Phrase> {
        match step {
            Step::FloorsCleared => {
                let opened = self.opened.as_ref().ok()?;
                let fields: Vec<_> = opened.storeys().flat_map(|storey| &storey.fields).collect();
                let live = |kind| fields.iter().any(|field| 0.0 < field.loads[kind]);
                let is_live = live(LoadKind::FloorLive) || live(LoadKind::DeckLive);
                let in_use = || (!planned.floors_cleared).then(|| say!("order-void-in-use"));
                match (fields.is_empty(), is_live) {
                    // Nothing is known of a floor, unless boards go across under one.
                    (true, _) => opened.here.works().and_then(|_| in_use()),
                    (false, true) => in_use(),
                    (false, false) => Some(say!("order-void-no-live")),
                }
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
            Step::TemporaryBelow => {
                let ground = self.opened.iter().flat_map(|opened| &opened.ground);
                self.places().into_iter().chain(self.below.iter().chain(ground).cloned()).collect()
            }
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
                let joists = opened.here.fields.iter().map(|field| {
                    let (pieces, lines) = (field.section.pieces.len(), field.section.supports.len());
                    say!("order-survey-joists", pieces, lines)
                });
                all.extend(joists.chain(opened.sides.iter().chain(&opened.findings).cloned()));
            }
        }
        all
    }

    /// Where the temporary walls stand, each measured from a wall that stays.
    fn places(&self) -> Vec<Phrase> {
        let Ok(opened) = &self.opened else { return Vec::new() };
        let Some(field) = opened.here.fields.first() else { return Vec::new() };
        let staying: Vec<Length> = field.section.staying().collect();
        let from_the_nearest = |at: &Length| {
            let nearest = staying.iter().min_by_key(|line| (**line - *at).abs())?;
            Some(say!("order-temporary-at", off = distance((*at - *nearest).abs()), line = distance(*nearest)))
        };
        opened.temporary.iter().filter_map(from_the_nearest).collect()
    }

    /// What the temporary walls of the storey are built of, and how hard that works there, above and below.
    fn works(&self) -> Vec<Phrase> {
        let Opening { plies, rows, header, .. } = self.planned;
        let mut all = vec![say!("order-studs", plies = i64::from(plies), rows = i64::from(rows))];
        all.extend(header.map(|header| {
            let size = SawnSize::two_by(header.depth);
            say!("order-header", size = size.name(), apart = distance(header.apart))
        }));
        let Some(opened) = self.opened.as_ref().ok().filter(|opened| opened.here.works().is_some()) else {
            all.push(say!("order-no-number"));
            return all;
        };
        let of_storey = |storey: &ShoredStorey| {
            let works = storey.works().map_or_else(|| say!("order-no-number"), works_phrase);
            [Some(works), storey.header_phrase()].into_iter().flatten()
        };
        all.extend(of_storey(&opened.here));
        let of_field = |field: &OpenedField| Some(joists_phrase(self.planned.joists?, field.joists.as_ref()?));
        all.extend(opened.here.fields.iter().filter_map(of_field));
        for (storey, name) in
            opened.storeys().zip(&self.storeys).filter(|(storey, _)| storey.storey != opened.here.storey)
        {
            all.extend(of_storey(storey).map(|words| say!("order-on-storey", storey = name.as_str(), words)));
        }
        all
    }
}
