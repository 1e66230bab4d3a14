//! What somebody says of the order in which a wall is opened: a step is done, gone past, taken back or added, or the temporary walls are planned.

use serde::de::IntoDeserializer;
use serde::{Deserialize, Serialize};
use sturvek_core::job::bounds::LONGEST_NAME;
use sturvek_core::measure::Length;
use sturvek_core::remodel::opening::Opening;
use sturvek_core::remodel::order::{Mark, SaysWhat, StepKey};
use sturvek_core::say;
use sturvek_core::shoring::header_over_studs;
use sturvek_core::shoring::joists_meanwhile::Joists;
use sturvek_core::speech::Phrase;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{Depth, Grade, OpeningStep, Species};

/// The longest reason, and the longest step that is added.
pub const LONGEST_TEXT: usize = 300;

/// What somebody says of the order.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "do", rename_all = "snake_case", deny_unknown_fields)]
pub enum OrderMark {
    /// A step is done.
    Done {
        /// Which.
        step: String,
        /// What it said when it was done, as the order tells it: done of something else it is told, and done anew.
        #[serde(default, skip_serializing_if = "Option::is_none")]
        of: Option<Uuid>,
    },
    /// A step is gone past though it is not done.
    Forced {
        /// Which.
        step: String,
        /// Why.
        why: String,
        /// What it said then.
        #[serde(default, skip_serializing_if = "Option::is_none")]
        of: Option<Uuid>,
    },
    /// What was said of a step is taken back.
    TakenBack {
        /// Which.
        step: String,
    },
    /// A step is added.
    Added {
        /// By which identity it goes: `added.` and this is its name.
        id: Uuid,
        /// After which.
        after: String,
        /// What is done.
        text: String,
    },
    /// The temporary walls are planned so.
    Planned {
        /// How.
        plan: TemporaryPlan,
    },
}

/// How temporary walls are planned, nanometers off the wall.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TemporaryPlan {
    /// At its lower side; none stands there where it is left out.
    #[serde(default)]
    pub lower: Option<i64>,
    /// At its upper side.
    #[serde(default)]
    pub upper: Option<i64>,
    /// Studs nailed to one another.
    pub plies: u8,
    /// Rows of blocking.
    pub rows: u8,
    /// A header over studs farther apart; left out where there is a plate only.
    #[serde(default)]
    pub header: Option<TemporaryHeader>,
    /// What the joists over it are; left out where nobody said.
    #[serde(default)]
    pub joists: Option<JoistsOver>,
    /// Whether the floors above are cleared.
    pub floors_cleared: bool,
    /// Whether snow is out of season.
    pub no_snow: bool,
}

/// Two boards on edge over studs that stand so far apart.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TemporaryHeader {
    /// How deep they are.
    pub depth: Depth,
    /// How far apart studs stand, nanometers.
    pub apart: i64,
}

/// What joists are.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct JoistsOver {
    /// Of which wood.
    pub species: Species,
    /// And grade.
    pub grade: Grade,
    /// How deep they are.
    pub depth: Depth,
    /// How far apart, nanometers.
    pub spacing: i64,
}

impl From<JoistsOver> for Joists {
    fn from(JoistsOver { species, grade, depth, spacing }: JoistsOver) -> Self {
        let spacing = Length::from_nanometers(spacing);
        Self { species: species.into(), grade: grade.into(), depth: depth.into(), spacing }
    }
}

impl From<Joists> for JoistsOver {
    fn from(Joists { species, grade, depth, spacing }: Joists) -> Self {
        let spacing = spacing.nanometers();
        Self { species: species.into(), grade: grade.into(), depth: depth.into(), spacing }
    }
}

/// What of a mark cannot be: its field, and why in a sentence.
pub type Refused = (&'static str, Phrase);

impl OrderMark {
    /// As the core has it.
    ///
    /// # Errors
    /// [`Refused`].
    pub fn read(&self) -> Result<Mark, Refused> {
        let text = |field, text: &str| {
            let length = text.trim().chars().count();
            let fits = (1..=LONGEST_TEXT).contains(&length);
            fits.then(|| text.trim().to_owned()).ok_or_else(|| (field, say!("order-text-bounds", most = LONGEST_TEXT)))
        };
        Ok(match self {
            Self::Done { step, .. } => Mark::Done(key("step", step)?),
            Self::Forced { step, why, .. } => {
                let step = key("step", step)?;
                if let StepKey::Work(step) = step
                    && !step.can_be_forced()
                {
                    return Err(("step", say!("order-never-forced")));
                }
                Mark::Forced(step, text("why", why)?)
            }
            Self::TakenBack { step } => Mark::TakenBack(key("step", step)?),
            Self::Added { id, after, text: added } => {
                Mark::Added { id: id.as_u128(), after: key("after", after)?, text: text("text", added)? }
            }
            Self::Planned { plan } => {
                let planned = Opening::from(*plan);
                planned.within_bounds()?;
                Mark::Planned(planned)
            }
        })
    }
}

impl OrderMark {
    /// What the step said when it was marked.
    pub fn says(&self) -> Option<SaysWhat> {
        match self {
            Self::Done { of, .. } | Self::Forced { of, .. } => of.map(|of| SaysWhat(of.as_u128())),
            Self::TakenBack { .. } | Self::Added { .. } | Self::Planned { .. } => None,
        }
    }
}

impl From<TemporaryPlan> for Opening {
    fn from(plan: TemporaryPlan) -> Self {
        let TemporaryPlan { lower, upper, plies, rows, header, joists, floors_cleared, no_snow } = plan;
        let joists = joists.map(Into::into);
        let off = |off: Option<i64>| off.map(Length::from_nanometers);
        let header = header.map(|TemporaryHeader { depth, apart }| header_over_studs::TemporaryHeader {
            depth: depth.into(),
            apart: Length::from_nanometers(apart),
        });
        Self { lower: off(lower), upper: off(upper), plies, rows, header, joists, floors_cleared, no_snow }
    }
}

impl From<Opening> for TemporaryPlan {
    fn from(opening: Opening) -> Self {
        let Opening { lower, upper, plies, rows, header, joists, floors_cleared, no_snow } = opening;
        let joists = joists.map(Into::into);
        let off = |off: Option<Length>| off.map(Length::nanometers);
        let header = header.map(|header_over_studs::TemporaryHeader { depth, apart }| TemporaryHeader {
            depth: depth.into(),
            apart: apart.nanometers(),
        });
        Self { lower: off(lower), upper: off(upper), plies, rows, header, joists, floors_cleared, no_snow }
    }
}

/// Whether it is a name of a person.
pub fn is_name(by: &str) -> bool {
    (1..=LONGEST_NAME).contains(&by.trim().chars().count())
}

/// The name of a step on the wire: `survey`, `added.UUID`.
pub fn step_name(key: StepKey) -> String {
    match key {
        StepKey::Work(step) => {
            let name = serde_json::to_value(OpeningStep::from(step)).ok();
            name.and_then(|name| name.as_str().map(str::to_owned)).unwrap_or_default()
        }
        StepKey::Added(id) => format!("added.{}", Uuid::from_u128(id)),
    }
}

fn key(field: &'static str, text: &str) -> Result<StepKey, Refused> {
    let none = || (field, say!("order-no-step"));
    if let Some(id) = text.strip_prefix("added.") {
        return Uuid::parse_str(id).map(|id| StepKey::Added(id.as_u128())).map_err(|_| none());
    }
    let name: serde::de::value::StrDeserializer<'_, serde::de::value::Error> = text.into_deserializer();
    OpeningStep::deserialize(name).map(|step| StepKey::Work(step.into())).map_err(|_| none())
}

#[cfg(test)]
mod tests {
    use super::*;

    /// As the order was kept before headers and before what a step said.
    #[test]
    fn what_was_kept_before_is_read() {
        let planned =
            r#"{"do":"planned","plan":{"lower":762000000,"plies":1,"rows":1,"floors_cleared":false,"no_snow":false}}"#;
        let done = r#"{"do":"done","step":"survey"}"#;
        let read = |text: &str| serde_json::from_str::<OrderMark>(text).expect("it is read");
        let off = Some(Length::inches(30));
        assert_eq!(read(planned).read(), Ok(Mark::Planned(Opening { lower: off, upper: None, ..Opening::USUAL })));
        assert_eq!(read(done).says(), None);
        assert_eq!(serde_json::to_string(&read(done)).expect("written"), done);
    }

    use sturvek_core::remodel::order::Step;

    #[test]
    fn every_step_is_read_as_it_is_written() {
        let added = [StepKey::Added(7)];
        for step in Step::ALL.into_iter().map(StepKey::Work).chain(added) {
            assert_eq!(key("step", &step_name(step)), Ok(step));
        }
        assert!(key("step", "dance").is_err());
    }

    #[test]
    fn what_holds_lives_is_never_forced() {
        let forced = |step: &str, why: &str| OrderMark::Forced { step: step.into(), why: why.into(), of: None }.read();
        assert!(forced("permit", "  verbal, the paper comes on Monday ").is_ok());
        assert_eq!(forced("permit", "  ").map_err(|(field, _)| field), Err("why"));
        for step in ["temporary_stand", "path_checked"] {
            assert_eq!(forced(step, "in a hurry").map_err(|(field, _)| field), Err("step"));
        }
    }
}
