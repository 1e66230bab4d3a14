//! Braced returns beside a big door, on the wire.

use serde::Serialize;
use sturvek_core::framing::WallPlan;
use sturvek_core::framing::opening_plan::OpeningPlan;
use sturvek_core::framing::portal_return::{Met, PortalReturn, portal_returns};
use sturvek_core::job::WallFrame;
use sturvek_core::measure::Length;
use utoipa::ToSchema;

use crate::choices::{End, MemberRole};
use crate::speech::Phrase;

/// The braced returns beside a door.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PortalReturnsView {
    /// The door's letter.
    pub letter: String,
    /// Its wall.
    pub wall: String,
    /// One at each end that is short; none where full panels stand.
    pub returns: Vec<PortalReturnView>,
}

/// A return, drawn and held against what is asked of it. Lengths in nanometers, along the wall and up from under the sole plate.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PortalReturnView {
    /// At which end of the door.
    pub end: End,
    /// From here.
    pub from: i64,
    /// To here.
    pub to: i64,
    /// How high the wall is there.
    pub high: i64,
    /// What is asked of it.
    pub asked: Vec<ReturnAskedView>,
    /// The wall's members there, and as far into the door as is drawn.
    pub members: Vec<DrawnMember>,
    /// Nails.
    pub nails: Vec<SpotOnWall>,
    /// Bolts in the sole plate.
    pub bolts: Vec<i64>,
    /// The strap's middle.
    pub strap: SpotOnWall,
}

/// A spot on a wall, nanometers.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
pub struct SpotOnWall {
    /// From the wall's left end.
    pub along: i64,
    /// Up from under the sole plate.
    pub up: i64,
}

/// Something that the detail asks for.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ReturnAskedView {
    /// What, with what is there.
    pub words: Phrase,
    /// Whether it is met; left out where it cannot be seen from here.
    pub met: Option<bool>,
}

/// A member as it is drawn.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct DrawnMember {
    /// What it is.
    pub role: MemberRole,
    /// Its left edge.
    pub x: i64,
    /// Its lower edge.
    pub y: i64,
    /// Its width.
    pub width: i64,
    /// Its height.
    pub height: i64,
}

/// How far into the door is drawn.
const INTO_THE_DOOR: Length = Length::inches(18);

impl PortalReturnsView {
    /// Of a planned door.
    pub fn of(frame: &WallFrame, plan: &WallPlan, door: &OpeningPlan) -> Self {
        let returns = portal_returns(frame, plan, door);
        Self {
            letter: door.letter.to_string(),
            wall: frame.name.clone(),
            returns: returns.into_iter().map(|each| return_view(frame, plan, each)).collect(),
        }
    }
}

fn return_view(frame: &WallFrame, plan: &WallPlan, each: PortalReturn) -> PortalReturnView {
    let (from, to) = (each.from - INTO_THE_DOOR, each.to + INTO_THE_DOOR);
    let here = plan.members.iter().filter(|member| from < member.rect.right() && member.rect.x < to);
    let drawn = here.map(|member| {
        let (left, right) = (member.rect.x.max(from), member.rect.right().min(to));
        DrawnMember {
            role: member.role.into(),
            x: left.nanometers(),
            y: member.rect.y.nanometers(),
            width: (right - left).nanometers(),
            height: member.rect.height.nanometers(),
        }
    });
    let spot = |(along, up): (Length, Length)| SpotOnWall { along: along.nanometers(), up: up.nanometers() };
    PortalReturnView {
        end: each.end.into(),
        from: each.from.nanometers(),
        to: each.to.nanometers(),
        high: frame.height().nanometers(),
        asked: each
            .asked
            .into_iter()
            .map(|asked| ReturnAskedView {
                words: asked.words.into(),
                met: match asked.met {
                    Met::Yes => Some(true),
                    Met::No => Some(false),
                    Met::Unseen => None,
                },
            })
            .collect(),
        members: drawn.collect(),
        nails: each.nails.into_iter().map(spot).collect(),
        bolts: each.bolts.iter().map(|at| at.nanometers()).collect(),
        strap: spot(each.strap),
    }
}
