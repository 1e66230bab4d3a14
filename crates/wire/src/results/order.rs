//! The order in which a wall is opened, on the wire.

use serde::Serialize;
use sturvek_core::remodel::order::{Order, OrderedStep, Said, SaysWhat, State};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::order_mark::{TemporaryPlan, step_name};
use crate::speech::Phrase;

/// The order in which a wall is opened.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OpeningOrderView {
    /// The wall.
    pub wall: String,
    /// As its temporary walls are planned.
    pub planned: TemporaryPlan,
    /// In the order of the work.
    pub steps: Vec<StepView>,
}

/// A step of it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct StepView {
    /// Its name.
    pub step: String,
    /// What is done.
    pub words: Phrase,
    /// What this job has to say to it.
    pub details: Vec<Phrase>,
    /// How it stands.
    pub state: StepState,
    /// Who said so.
    pub said: Option<SaidView>,
    /// Why it is void, in a sentence.
    pub void: Option<Phrase>,
    /// Why it was gone past, as it was written.
    pub why: Option<String>,
    /// Whether it can be gone past with a reason.
    pub can_be_forced: bool,
    /// Who marked it while it was shut: that did not count.
    pub did_not_count: Vec<SaidView>,
    /// Who did it or went past it before the design changed what it says.
    pub before_a_change: Option<SaidView>,
    /// What it says, as one identity: sent along when it is marked.
    pub says: Uuid,
}

/// How a step stands.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum StepState {
    /// Done.
    Done,
    /// Gone past with a reason.
    Forced,
    /// The design leaves it nothing to do.
    Void,
    /// To be done now.
    Open,
    /// Until the one before it is done.
    Shut,
}

/// Who said something, and when.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SaidView {
    /// Who.
    pub by: String,
    /// When, in milliseconds since 1970.
    pub at: i64,
}

/// What a step says, its details with it, as one number.
pub fn says(step: &OrderedStep) -> SaysWhat {
    let phrases = std::iter::once(&step.words).chain(&step.details).cloned().map(Phrase::from);
    // Phrases are names and figures in every language: they are always written.
    let text = serde_json::to_vec(&phrases.collect::<Vec<_>>()).unwrap_or_default();
    SaysWhat(Uuid::new_v5(&Uuid::NAMESPACE_OID, &text).as_u128())
}

impl OpeningOrderView {
    /// Of a wall by its name.
    pub fn of(wall: &str, order: Order) -> Self {
        let steps = order.steps.into_iter().map(Into::into).collect();
        Self { wall: wall.to_owned(), planned: order.planned.into(), steps }
    }
}

impl From<Said> for SaidView {
    fn from(Said { by, at, .. }: Said) -> Self {
        Self { by, at }
    }
}

impl From<OrderedStep> for StepView {
    fn from(step: OrderedStep) -> Self {
        let SaysWhat(says) = says(&step);
        let (state, said, void, why) = match step.state {
            State::Done(said) => (StepState::Done, Some(said), None, None),
            State::Forced(said, why) => (StepState::Forced, Some(said), None, Some(why)),
            State::Void(void) => (StepState::Void, None, Some(void), None),
            State::Open => (StepState::Open, None, None, None),
            State::Shut => (StepState::Shut, None, None, None),
        };
        Self {
            step: step_name(step.key),
            words: step.words.into(),
            details: step.details.into_iter().map(Into::into).collect(),
            state,
            said: said.map(Into::into),
            void: void.map(Into::into),
            why,
            can_be_forced: step.can_be_forced,
            did_not_count: step.did_not_count.into_iter().map(Into::into).collect(),
            before_a_change: step.before_a_change.map(Into::into),
            says: Uuid::from_u128(says),
        }
    }
}
