//! How the walls of a job are raised, as `sturvek raise JOB.json` prints it: pounds, decimal inches from the wall's left end and from under its
//! sole plate; sentences are English.

use serde::Serialize;
use sturvek_core::job::Wall;
use sturvek_core::plan::JobPlan;
use sturvek_core::raising::crew::Crew;
use sturvek_core::raising::panels::{NotSized, Panel, Raised, raised, too_heavy};
use sturvek_core::raising::weight::Mass;
use sturvek_core::say;
use sturvek_speech::english;

/// How the walls of a job are raised.
#[derive(Clone, Debug, Serialize)]
pub struct RaiseFile {
    /// With what they were reckoned.
    pub settings: SettingsFile,
    /// Each wall.
    pub walls: Vec<WallFile>,
}

/// How wet the lumber is, and who lifts.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct SettingsFile {
    /// Moisture of sawn lumber.
    pub moisture_percent: f64,
    /// How many people.
    pub crew: u32,
    /// The most that each holds, lb.
    pub pounds_each: f64,
}

/// A wall.
#[derive(Clone, Debug, Serialize)]
pub struct WallFile {
    /// Its name.
    pub wall: String,
    /// What it weighs and how it goes up, where its headers are sized.
    #[serde(flatten)]
    pub raised: Option<RaisedFile>,
    /// What has no number, or is too heavy.
    pub fails: Vec<String>,
}

/// What a wall weighs, and how it goes up.
#[derive(Clone, Debug, Serialize)]
pub struct RaisedFile {
    /// All of it.
    pub weight_lb: f64,
    /// Its members, with the studs that joints add.
    pub frame_lb: f64,
    /// Its sheathing.
    pub sheathing_lb: f64,
    /// What goes on when it stands.
    pub later_lb: f64,
    /// Where its weight is.
    pub center_in: [f64; 2],
    /// What would be held at its top plate in one piece.
    pub lift_lb: f64,
    /// How many people that takes at the least.
    pub people: u32,
    /// How many do it easily.
    pub easy: u32,
    /// What is lifted at once.
    pub panels: Vec<PanelFile>,
}

/// What is lifted at once.
#[derive(Clone, Debug, Serialize)]
pub struct PanelFile {
    /// Where it begins.
    pub from_in: f64,
    /// Where it ends.
    pub to_in: f64,
    /// What it weighs.
    pub weight_lb: f64,
    /// Where its weight is.
    pub center_in: [f64; 2],
    /// What is held at its top plate at the start.
    pub lift_lb: f64,
    /// How many people that takes at the least.
    pub people: u32,
}

fn center(mass: &Mass) -> [f64; 2] {
    let (x, y) = mass.center();
    [x, y]
}

impl From<&Panel> for PanelFile {
    fn from(panel: &Panel) -> Self {
        Self {
            from_in: panel.from.to_inches(),
            to_in: panel.to.to_inches(),
            weight_lb: panel.mass.pounds,
            center_in: center(&panel.mass),
            lift_lb: panel.lift,
            people: panel.people,
        }
    }
}

impl From<&Raised> for RaisedFile {
    fn from(raised: &Raised) -> Self {
        Self {
            weight_lb: raised.whole.pounds,
            frame_lb: raised.frame,
            sheathing_lb: raised.sheathing,
            later_lb: raised.later,
            center_in: center(&raised.whole),
            lift_lb: raised.lift,
            people: raised.people,
            easy: raised.easy,
            panels: raised.panels.iter().map(Into::into).collect(),
        }
    }
}

/// How the walls of a planned job are raised.
pub fn raise_file(plan: &JobPlan) -> RaiseFile {
    let raising = plan.job().settings.raising;
    let moisture = raising.moisture();
    let crew = Crew::from(raising);
    let wall = |(wall, planned): (&Wall, _)| {
        let name = wall.frame.name.clone();
        match raised(wall, planned, moisture, crew) {
            Ok(raised) => {
                let heavy = raised.panels.iter().filter(|panel| !panel.is_lifted);
                let fails = heavy.map(|panel| english(&too_heavy(panel, crew))).collect();
                WallFile { wall: name, raised: Some((&raised).into()), fails }
            }
            Err(NotSized) => {
                let fails = vec![english(&say!("raise-not-sized"))];
                WallFile { wall: name, raised: None, fails }
            }
        }
    };
    let settings = SettingsFile {
        moisture_percent: raising.moisture_percent,
        crew: raising.crew,
        pounds_each: raising.pounds_each,
    };
    RaiseFile { settings, walls: plan.walls().map(wall).collect() }
}
