//! The framed walls of a job as JSON, as `sturvek frame` prints them: members and marks, every length exact in sixteenths of
//! an inch, as `[whole sixteenths, remainder in nanometers]`, and in millimeters.

use serde::Serialize;
use sturvek_core::framing::member::Bevel;
use sturvek_core::framing::{Mark, Member, WallPlan};
use sturvek_core::job::Job;
use sturvek_core::measure::{Length, LengthStyle};
use sturvek_core::plan::JobPlan;
use sturvek_speech::english;

/// The framed walls of a job.
#[derive(Debug, Serialize)]
pub struct FrameFile {
    /// `sturvek-frame`.
    pub format: &'static str,
    /// 1.
    pub version: u32,
    /// The job's name.
    pub job: String,
    /// Its walls.
    pub walls: Vec<FramedWall>,
}

/// A framed wall.
#[derive(Debug, Serialize)]
pub struct FramedWall {
    /// Its name.
    pub name: String,
    /// Length along the plates.
    pub length: Exact,
    /// Height over all plates; a rake wall's highest.
    pub height: Exact,
    /// Its members.
    pub members: Vec<FramedMember>,
    /// The marks on its plates, from left to right.
    pub marks: Vec<PlateMark>,
    /// Anchor bolts in the sole plate, from the left end.
    pub bolts: Vec<Exact>,
    /// What is wrong or worth knowing, in sentences.
    pub findings: Vec<String>,
}

/// A length, exact.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Exact {
    /// Whole sixteenths of an inch, toward zero.
    pub sixteenths: i64,
    /// What is left over, nanometers; zero for what a tape reads.
    pub remainder_nm: i64,
    /// The same in millimeters.
    pub mm: f64,
}

/// A member: the box around it, from its lower left corner, and how far its edges climb within that.
#[derive(Debug, Serialize)]
pub struct FramedMember {
    /// What it does.
    pub role: String,
    /// What it is cut from.
    pub stock: String,
    /// Pieces behind one another.
    pub plies: u8,
    /// The length it is cut to.
    pub cut: Exact,
    /// The same as it is said: `7'-3 1/8"`.
    pub cut_text: String,
    /// Left edge, from the wall's left end.
    pub x: Exact,
    /// Lower edge, above the subfloor.
    pub y: Exact,
    /// Width.
    pub width: Exact,
    /// Height.
    pub height: Exact,
    /// Size through the wall, all plies together.
    pub through: Exact,
    /// How far its lower edge climbs from left to right; negative where it falls.
    pub climb_bottom: Exact,
    /// How far its upper edge climbs.
    pub climb_top: Exact,
    /// How its end is cut where it is not square: degrees off square.
    pub bevel_degrees: Option<f64>,
}

/// A mark on the plates.
#[derive(Debug, Serialize)]
pub struct PlateMark {
    /// What is written: `X`, `J2`.
    pub label: String,
    /// Left edge, as the tape reads from the left end along the sole plate.
    pub at: Exact,
    /// The same along the top plates, which are longer where they climb.
    pub at_on_top: Exact,
    /// The same as it is said.
    pub at_text: String,
    /// Whether the sole plate carries it.
    pub sole: bool,
    /// Whether the top plates carry it.
    pub top: bool,
}

impl From<Length> for Exact {
    fn from(length: Length) -> Self {
        let sixteenth = Length::inches_and(0, 1, 16).nanometers();
        let nanometers = length.nanometers();
        Self { sixteenths: nanometers / sixteenth, remainder_nm: nanometers % sixteenth, mm: nanometers as f64 / 1e6 }
    }
}

/// Frames every wall of a job.
pub fn framed(job: &Job) -> FrameFile {
    let planned = JobPlan::of(job.clone());
    let wall = |(wall, plan): (&sturvek_core::job::Wall, &WallPlan)| FramedWall {
        name: wall.frame.name.clone(),
        length: wall.frame.length.into(),
        height: wall.frame.height().into(),
        members: plan.members.iter().map(member).collect(),
        marks: plan.marks.iter().map(mark).collect(),
        bolts: plan.bolts.iter().copied().map(Into::into).collect(),
        findings: plan.findings.iter().map(|finding| english(&finding.phrase)).collect(),
    };
    FrameFile { format: "sturvek-frame", version: 1, job: job.name.clone(), walls: planned.walls().map(wall).collect() }
}

fn member(member: &Member) -> FramedMember {
    FramedMember {
        role: english(&member.role.phrase()),
        stock: english(&member.stock.phrase()),
        plies: member.plies,
        cut: member.cut.into(),
        cut_text: member.cut.written(LengthStyle::FeetInches),
        x: member.rect.x.into(),
        y: member.rect.y.into(),
        width: member.rect.width.into(),
        height: member.rect.height.into(),
        through: member.through().into(),
        climb_bottom: member.climb.bottom.into(),
        climb_top: member.climb.top.into(),
        bevel_degrees: member.bevel.map(Bevel::degrees),
    }
}

fn mark(mark: &Mark) -> PlateMark {
    PlateMark {
        label: mark.label(),
        at: mark.at.into(),
        at_on_top: mark.at_on_top.into(),
        at_text: mark.at.written(LengthStyle::FeetInches),
        sole: mark.on.sole(),
        top: mark.on.top(),
    }
}
