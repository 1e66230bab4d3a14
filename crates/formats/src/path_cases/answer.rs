//! The form of an answer. Places are decimal inches, on a line from its start, else in plan.

use serde::Serialize;
use sturvek_core::house::{Line, Spot};
use sturvek_core::loads::{ByCase, SnowLies};
use sturvek_core::measure::{End, Length};
use sturvek_core::path::{Break, Carrier, Footing, LoadPath, OnTop, Part, Source, Structure};
use sturvek_core::speech::Phrase;
use sturvek_speech::english;

use super::case::{Case, StoreyCase};
use crate::kinds::Kinds;

/// What became of one house.
#[derive(Clone, Debug, Serialize)]
pub struct Answer {
    /// Its name.
    pub id: String,
    /// Why it cannot be read.
    #[serde(skip_serializing_if = "Vec::is_empty")]
    pub fails: Vec<String>,
    /// Where its loads go.
    #[serde(flatten, skip_serializing_if = "Option::is_none")]
    pub goes: Option<Goes>,
}

/// Where the loads of a house go.
#[derive(Clone, Debug, Serialize)]
pub struct Goes {
    /// On the top of every wall and beam, without its own weight.
    pub lines: Vec<OnLine>,
    /// What every header presses its packs with.
    pub openings: Vec<OnPacks>,
    /// What every beam stands on.
    pub beams: Vec<OfBeam>,
    /// Every post, at its bottom.
    pub posts: Vec<OfPost>,
    /// What reaches the ground.
    pub ground: OnGround,
    /// What does not.
    pub breaks: Vec<Stops>,
}

/// On a line's top.
#[derive(Clone, Debug, Serialize)]
pub struct OnLine {
    /// Which.
    pub id: String,
    /// Along it.
    pub segments: Vec<Segment>,
    /// At places of it.
    pub points: Vec<AtPlace>,
}

/// A load along part of a line, lb/ft.
#[derive(Clone, Debug, Serialize)]
pub struct Segment {
    /// Where it begins.
    pub from: f64,
    /// Where it ends.
    pub to: f64,
    /// How much.
    #[serde(flatten)]
    pub plf: Kinds,
}

/// A load at one place of a line, lb.
#[derive(Clone, Debug, Serialize)]
pub struct AtPlace {
    /// Where.
    pub at: f64,
    /// How much.
    #[serde(flatten)]
    pub pounds: Kinds,
}

/// What a header presses its packs with, lb.
#[derive(Clone, Debug, Serialize)]
pub struct OnPacks {
    /// Which opening.
    pub id: String,
    /// At the left.
    pub left: Kinds,
    /// At the right.
    pub right: Kinds,
}

/// What a beam stands on.
#[derive(Clone, Debug, Serialize)]
pub struct OfBeam {
    /// Which.
    pub id: String,
    /// Support by support.
    pub reactions: Vec<AtSpot>,
}

/// A load on something at a spot, lb.
#[derive(Clone, Debug, Serialize)]
pub struct AtSpot {
    /// What it stands on.
    pub on: String,
    /// To the right.
    pub x: f64,
    /// Away from the viewer.
    pub y: f64,
    /// How much.
    #[serde(flatten)]
    pub pounds: Kinds,
}

/// A post at its bottom, lb.
#[derive(Clone, Debug, Serialize)]
pub struct OfPost {
    /// Which.
    pub id: String,
    /// How much.
    #[serde(flatten)]
    pub pounds: Kinds,
}

/// What reaches the ground, where it comes down.
#[derive(Clone, Debug, Serialize)]
pub struct OnGround {
    /// Along lines, lb/ft.
    pub lines: Vec<AlongGround>,
    /// At spots, lb.
    pub points: Vec<AtSpot>,
}

/// A load along the ground, lb/ft.
#[derive(Clone, Debug, Serialize)]
pub struct AlongGround {
    /// What takes it.
    pub on: String,
    /// Where it begins.
    pub from: [f64; 2],
    /// Where it ends.
    pub to: [f64; 2],
    /// How much.
    #[serde(flatten)]
    pub plf: Kinds,
}

/// A load that goes no further: lb/ft along a line, lb at a spot.
#[derive(Clone, Debug, Serialize)]
pub struct Stops {
    /// What brought it.
    pub from: String,
    /// To the right.
    pub x: f64,
    /// Away from the viewer.
    pub y: f64,
    /// Where it ends, along a line.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub to: Option<[f64; 2]>,
    /// How much.
    #[serde(flatten)]
    pub amount: Kinds,
    /// Why.
    pub why: String,
}

impl Answer {
    /// Of a case that cannot be read.
    pub const fn fails(id: String, fails: Vec<String>) -> Self {
        Self { id, fails, goes: None }
    }

    /// Of a house with its loads followed.
    pub fn of(case: &Case, structure: &Structure, path: &LoadPath) -> Self {
        let names = Names(case);
        let mut goes = Goes {
            lines: Vec::new(),
            openings: Vec::new(),
            beams: Vec::new(),
            posts: Vec::new(),
            ground: ground(&names, path),
            breaks: path.break_places().iter().map(|each| stops(&names, each)).collect(),
        };
        for (storey, (stands, loaded)) in structure.storeys.iter().zip(&path.storeys).enumerate() {
            let named = &case.storeys[storey];
            for (wall, (stands, loaded)) in stands.walls.iter().zip(&loaded.walls).enumerate() {
                goes.lines.push(on_line(&named.walls[wall].id, &stands.line, &loaded.top));
                for (opening, ends) in named.walls[wall].openings.iter().zip(&loaded.openings) {
                    let id = opening.id.clone();
                    goes.openings.push(OnPacks { id, left: by_kind(&ends.left), right: by_kind(&ends.right) });
                }
            }
            for (beam, (stands, loaded)) in stands.beams.iter().zip(&loaded.beams).enumerate() {
                let id = named.beams[beam].id.clone();
                goes.lines.push(on_line(&id, &stands.line, &loaded.top));
                let reactions = loaded
                    .reactions
                    .iter()
                    .map(|reaction| at_spot(carrier(named, reaction.on).to_owned(), reaction.at, &reaction.pounds));
                goes.beams.push(OfBeam { id, reactions: reactions.collect() });
            }
            for (post, loaded) in named.posts.iter().zip(&loaded.posts) {
                goes.posts.push(OfPost { id: post.id.clone(), pounds: by_kind(&loaded.bottom) });
            }
        }
        Self { id: case.id.clone(), fails: Vec::new(), goes: Some(goes) }
    }
}

fn ground(names: &Names<'_>, path: &LoadPath) -> OnGround {
    let on = |footing| match footing {
        Footing::Line(line) => names.0.ground.lines[line].id.clone(),
        Footing::Pad(pad) => names.0.ground.pads[pad].id.clone(),
        Footing::Slab => "slab".to_owned(),
    };
    let lines = path.ground_lines.iter().map(|each| AlongGround {
        on: on(each.on),
        from: place(each.at.0),
        to: place(each.at.1),
        plf: by_kind(&each.amount),
    });
    let points = path.ground_places();
    let points = points.iter().map(|each| at_spot(on(each.on), each.at, &each.amount));
    OnGround { lines: lines.collect(), points: points.collect() }
}

fn stops(names: &Names<'_>, each: &Break) -> Stops {
    let named = &names.0.storeys[each.from.storey];
    let [x, y] = place(each.at.0);
    let why =
        english(&each.why.phrase(Phrase::verbatim(names.part(each.from)), |on| Phrase::verbatim(carrier(named, on))));
    Stops { from: names.part(each.from).to_owned(), x, y, to: each.at.1.map(place), amount: by_kind(&each.amount), why }
}

fn on_line(id: &str, line: &Line, top: &OnTop) -> OnLine {
    let from_start = |place: Length| (place - line.start).to_inches();
    let segments = top.pieces(line).into_iter().map(|(low, high, plf)| Segment {
        from: from_start(low),
        to: from_start(high),
        plf: by_kind(&plf),
    });
    let points = top.places().into_iter().map(|(at, pounds)| AtPlace { at: from_start(at), pounds: by_kind(&pounds) });
    OnLine { id: id.to_owned(), segments: segments.collect(), points: points.collect() }
}

fn at_spot(on: String, spot: Spot, pounds: &ByCase) -> AtSpot {
    let [x, y] = place(spot);
    AtSpot { on, x, y, pounds: by_kind(pounds) }
}

fn place(spot: Spot) -> [f64; 2] {
    [spot.x.to_inches(), spot.y.to_inches()]
}

fn by_kind(amount: &ByCase) -> Kinds {
    (&amount.with_snow(SnowLies::Evenly)).into()
}

fn carrier(storey: &StoreyCase, on: Carrier) -> &str {
    match on {
        Carrier::Post(post) => &storey.posts[post].id,
        Carrier::Wall(wall) => &storey.walls[wall].id,
        Carrier::Beam(beam) => &storey.beams[beam].id,
    }
}

/// The names of a case.
struct Names<'a>(&'a Case);

impl Names<'_> {
    /// What brings a load: of a header it is its wall.
    fn part(&self, from: Source) -> &str {
        let storey = &self.0.storeys[from.storey];
        match from.part {
            Part::Field(field) | Part::Gable(field) => &storey.fields[field].id,
            Part::Point(point) => &storey.points[point].id,
            Part::Wall(wall) | Part::Opening(wall, _, End::Left | End::Right) => &storey.walls[wall].id,
            Part::Beam(beam) => &storey.beams[beam].id,
            Part::Post(post) => &storey.posts[post].id,
        }
    }
}
