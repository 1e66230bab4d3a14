//! How walls are raised, on the wire.

use serde::Serialize;
use sturvek_core::framing::WallPlan;
use sturvek_core::framing::tip_up::swing;
use sturvek_core::house::plan::Line;
use sturvek_core::job::{Raising, Wall};
use sturvek_core::measure::Length;
use sturvek_core::plan::JobPlan;
use sturvek_core::raising::braces::before_it_is_let_go;
use sturvek_core::raising::crew::{Crew, hands};
use sturvek_core::raising::hoist::{Against, Hung, hung_words, steady_words};
use sturvek_core::raising::order_of_walls::{StoreyInOrder, storeys_in_order, why};
use sturvek_core::raising::panels::{NotSized, Panel, Raised, raised, too_heavy};
use sturvek_core::raising::square::square_of;
use sturvek_core::raising::strap_brace::braced_words;
use sturvek_core::raising::tilt::lift_at;
use sturvek_core::raising::weight::Mass;
use sturvek_core::say;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::speech::Phrase;

/// How the walls of a job are raised.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct RaiseView {
    /// Each wall, in the order in which they are raised.
    pub walls: Vec<RaisedWallView>,
    /// How the corners of each storey are found square.
    pub squares: Vec<SquareView>,
}

/// How the corners of a storey are found square.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SquareView {
    /// The storey.
    pub storey: String,
    /// In a sentence.
    pub words: Phrase,
}

/// A wall.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct RaisedWallView {
    /// Which.
    pub wall: Uuid,
    /// Its name.
    pub name: String,
    /// The storey that it stands on, where anybody said one.
    pub storey: Option<String>,
    /// Why it is its turn, in sentences.
    pub turn: Vec<Phrase>,
    /// Where a strap or a sheet braces it for good, in sentences.
    pub straps: Vec<Phrase>,
    /// How it swings in the room that it is framed in, where somebody measured that.
    pub tip_up: Option<Phrase>,
    /// Why it has no number; left out where it has.
    pub none: Option<Phrase>,
    /// All of it, lb.
    pub weight_lb: f64,
    /// Its members, with the studs that joints add, lb.
    pub frame_lb: f64,
    /// Its sheathing, lb.
    pub sheathing_lb: f64,
    /// What goes on when it stands, lb.
    pub later_lb: f64,
    /// What is lifted at once, from left to right.
    pub panels: Vec<PanelView>,
    /// Whether it is framed in these panels, as somebody decided; else they are what the crew lifts.
    pub is_framed_so: bool,
    /// What is there before it goes up, and before it is let go.
    pub before: Vec<Phrase>,
}

/// What is lifted at once.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PanelView {
    /// From the wall's left end, nanometers.
    pub from: i64,
    /// To here, nanometers.
    pub to: i64,
    /// What it weighs, lb.
    pub weight_lb: f64,
    /// Where its weight is along the wall, nanometers.
    pub center_along: i64,
    /// And how far up, nanometers.
    pub center_up: i64,
    /// What is held at its top plate at the start, lb.
    pub lift_lb: f64,
    /// The same a moment before it stands, lb.
    pub lift_at_last_lb: f64,
    /// How many of the crew hold it: no more than it has.
    pub people: u32,
    /// What each holds, lb.
    pub each_lb: f64,
    /// What that asks of a back, in a sentence.
    pub words: Phrase,
    /// Whether the crew lifts it.
    pub is_lifted: bool,
    /// Why not, and what can be done.
    pub too_heavy: Option<Phrase>,
    /// Its diagonals where it is square, from its lower left corner and from its lower right one, nanometers.
    pub diagonals: Vec<i64>,
}

/// What a machine takes of a wall.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HoistView {
    /// The first hook, or the only one, lb.
    pub hook_lb: f64,
    /// The second hook, lb.
    pub second_lb: Option<f64>,
    /// What whoever steadies the far end of one hook's wall does, in a sentence.
    pub steady: Option<Phrase>,
    /// `good`, `near` or `over` what it is rated for.
    pub against: AgainstView,
    /// The same in a sentence.
    pub words: Phrase,
}

/// How a load stands against a rating.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum AgainstView {
    /// Under four fifths of it.
    Good,
    /// Within it, but not by much.
    Near,
    /// Over it.
    Over,
}

/// How far from upright a wall is a moment before it stands, degrees from the deck.
const AT_LAST: f64 = 85.0;

impl RaiseView {
    /// Of a planned job.
    pub fn of(plan: &JobPlan) -> Self {
        let raising = plan.job().settings.raising;
        let storeys = storeys_in_order(plan);
        let mut walls = Vec::new();
        for storey in &storeys {
            for turn in &storey.turns {
                let (wall, planned) = plan.wall(storey.walls[turn.wall].id).unzip();
                let view = wall.zip(planned).map(|(wall, planned)| RaisedWallView::of(wall, planned, raising));
                walls.extend(view.map(|view| RaisedWallView {
                    storey: Some(storey.name.clone()),
                    turn: why(turn, &storey.walls).into_iter().map(Into::into).collect(),
                    ..view
                }));
            }
        }
        // What stands on no storey, the longest first.
        let is_placed = |wall: &Wall| storeys.iter().flat_map(|storey| &storey.walls).any(|here| here.id == wall.id);
        let mut others: Vec<(&Wall, &WallPlan)> = plan.walls().filter(|(wall, _)| !is_placed(wall)).collect();
        others.sort_by_key(|(wall, _)| std::cmp::Reverse(wall.frame.length));
        walls.extend(others.into_iter().map(|(wall, planned)| RaisedWallView::of(wall, planned, raising)));
        Self { walls, squares: storeys.iter().filter_map(square_view).collect() }
    }
}

fn square_view(storey: &StoreyInOrder) -> Option<SquareView> {
    let lines: Vec<Line> = storey.walls.iter().map(|wall| wall.line).collect();
    Some(SquareView { storey: storey.name.clone(), words: square_of(&lines)?.phrase().into() })
}

impl RaisedWallView {
    fn of(wall: &Wall, planned: &WallPlan, raising: Raising) -> Self {
        let (moisture, crew) = (raising.moisture(), Crew::from(raising));
        let name = wall.frame.name.clone();
        let id = Uuid::from_u128(wall.id.0);
        let tip_up = swing(&wall.frame).map(|swing| swing.phrase().into());
        let straps = braced_words(&wall.frame, planned).into_iter().map(Into::into).collect();
        let (storey, turn) = (None, Vec::new());
        match raised(wall, planned, moisture, crew) {
            Err(NotSized) => Self {
                wall: id,
                name,
                storey,
                turn,
                straps,
                tip_up,
                none: Some(say!("raise-not-sized").into()),
                weight_lb: 0.0,
                frame_lb: 0.0,
                sheathing_lb: 0.0,
                later_lb: 0.0,
                panels: Vec::new(),
                is_framed_so: false,
                before: Vec::new(),
            },
            Ok(Raised { whole, frame, sheathing, later, panels, .. }) => Self {
                wall: id,
                name,
                storey,
                turn,
                straps,
                tip_up,
                none: None,
                weight_lb: whole.pounds,
                frame_lb: frame,
                sheathing_lb: sheathing,
                later_lb: later,
                is_framed_so: !planned.panel_ends.is_empty(),
                panels: panels.iter().map(|panel| panel_view(wall, panel, crew)).collect(),
                before: before_it_is_let_go(wall.frame.length, wall.frame.framing.sheathing.is_some())
                    .into_iter()
                    .map(Into::into)
                    .collect(),
            },
        }
    }
}

fn center(mass: &Mass) -> (i64, i64) {
    let (x, y) = mass.center();
    (Length::from_decimal_inches(x).nanometers(), Length::from_decimal_inches(y).nanometers())
}

fn panel_view(wall: &Wall, panel: &Panel, crew: Crew) -> PanelView {
    let (center_along, center_up) = center(&panel.mass);
    let hands = hands(panel.lift, crew, panel.room);
    PanelView {
        from: panel.from.nanometers(),
        to: panel.to.nanometers(),
        weight_lb: panel.mass.pounds,
        center_along,
        center_up,
        lift_lb: panel.lift,
        lift_at_last_lb: lift_at(panel.lift, AT_LAST),
        people: hands.people,
        each_lb: hands.each,
        words: hands.words.into(),
        is_lifted: panel.is_lifted,
        too_heavy: (!panel.is_lifted).then(|| too_heavy(panel, crew).into()),
        diagonals: wall.frame.diagonals(panel.from, panel.to).map(|diagonal| diagonal.nanometers()).to_vec(),
    }
}

impl From<Hung> for HoistView {
    fn from(hung: Hung) -> Self {
        Self {
            hook_lb: hung.hook,
            second_lb: hung.second,
            steady: steady_words(&hung).map(Into::into),
            against: match hung.against {
                Against::Good => AgainstView::Good,
                Against::Near => AgainstView::Near,
                Against::Over => AgainstView::Over,
            },
            words: hung_words(&hung).into(),
        }
    }
}
