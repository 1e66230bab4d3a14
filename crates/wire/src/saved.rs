//! What is kept as JSON: job files, the commands of the log, documents in the database.
//!
//! Whatever was kept once is opened for good. Every change of what is kept raises [`FORM`] and adds a named step from the form
//! before; a file of that form stays in `tests/saved`.

use serde::de::DeserializeOwned;
use serde_json::{Map, Value, json};
use thiserror::Error;

use crate::command::Command;
use crate::inputs::{
    Board, CarriedFraming, CodeTable, DesignOptions, FieldOf, FramedAs, FramingOptions, Header, Job, PostSection,
    Settings,
};

/// The form that is written, and the newest that is read.
pub const FORM: u16 = 11;

/// Something that is kept as JSON.
pub trait Saved: DeserializeOwned {
    /// The name it has where it stands in something larger: steps find it by that.
    const NAME: &'static str;
}

macro_rules! saved {
    ($($what:ty = $name:literal),+ $(,)?) => {
        $(impl Saved for $what {
            const NAME: &'static str = $name;
        })+
    };
}
saved!(
    Job = "job",
    Command = "command",
    Settings = "settings",
    CodeTable = "code_table",
    CarriedFraming = "what",
    FieldOf = "what",
    FramingOptions = "framing",
    DesignOptions = "options",
    FramedAs = "framed_as",
    Board = "board",
    Header = "chosen",
    PostSection = "chosen",
);

/// Why something that was kept cannot be read.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
pub enum SavedError {
    /// It is of a form that this version does not know.
    #[error("It was kept in form {form}; forms 1 to {FORM} are read.")]
    UnknownForm {
        /// Its form.
        form: u16,
    },
    /// It is not of that form.
    #[error("{message} (at {place})")]
    Unreadable {
        /// Where in it.
        place: String,
        /// What is wrong there.
        message: String,
    },
}

/// A step from one form to the next.
struct Step {
    /// What changed.
    name: &'static str,
    /// The form it starts from.
    from: u16,
    /// The change; what has been changed already stays as it is.
    up: fn(&mut Value),
}

static STEPS: [Step; 14] = [
    Step { name: "a wall carries several things", from: 1, up: a_wall_carries_several_things },
    Step { name: "snow and wind were assumed before", from: 1, up: snow_and_wind_were_assumed_before },
    Step { name: "tails were assumed free", from: 1, up: tails_were_assumed_free },
    Step { name: "walls above were assumed without openings", from: 1, up: walls_above_were_assumed_without_openings },
    Step { name: "names without what they stand in", from: 2, up: names_without_what_they_stand_in },
    Step { name: "papers without a heading", from: 3, up: papers_without_a_heading },
    Step { name: "walls without a house", from: 4, up: walls_without_a_house },
    Step { name: "houses without engineer's marks", from: 5, up: houses_without_marks },
    Step { name: "gables weighed nothing", from: 6, up: gables_weighed_nothing },
    Step { name: "places without their figures", from: 6, up: places_without_their_figures },
    Step { name: "plates that go straight through", from: 7, up: plates_straight_through },
    Step { name: "walls raised bare", from: 8, up: walls_raised_bare },
    Step { name: "walls raised in the usual order", from: 9, up: walls_raised_in_the_usual_order },
    Step { name: "walls framed in one piece", from: 10, up: walls_framed_in_one_piece },
];

/// The names of all steps.
pub fn steps() -> impl Iterator<Item = &'static str> {
    STEPS.iter().map(|step| step.name)
}

/// Reads what was kept in an older form or in this one.
///
/// # Errors
/// [`SavedError`], which says where and what.
pub fn read<T: Saved>(form: u16, kept: Value) -> Result<T, SavedError> {
    let mut around = around::<T>(form, kept)?;
    steps_from(form).for_each(|step| (step.up)(&mut around));
    serde_path_to_error::deserialize(around[T::NAME].take()).map_err(|error| SavedError::Unreadable {
        place: error.path().to_string(),
        message: error.inner().to_string().chars().take(200).collect(),
    })
}

/// The names of the steps that what was kept needs.
///
/// # Errors
/// [`SavedError::UnknownForm`].
pub fn steps_needed<T: Saved>(form: u16, kept: Value) -> Result<Vec<&'static str>, SavedError> {
    let mut around = around::<T>(form, kept)?;
    let mut changes = |step: &&Step| {
        let before = around.clone();
        (step.up)(&mut around);
        around != before
    };
    Ok(steps_from(form).filter(|step| changes(step)).map(|step| step.name).collect())
}

/// What was kept, under its name as it stands in something larger.
fn around<T: Saved>(form: u16, kept: Value) -> Result<Value, SavedError> {
    if (1..=FORM).contains(&form) { Ok(json!({ T::NAME: kept })) } else { Err(SavedError::UnknownForm { form }) }
}

fn steps_from(form: u16) -> impl Iterator<Item = &'static Step> {
    STEPS.iter().filter(move |step| form <= step.from)
}

/// Before a wall could carry more than one of a kind, it named a roof, a floor and a wall above.
fn a_wall_carries_several_things(value: &mut Value) {
    each_named("carries", value, &mut |carries| {
        for kind in ["roof", "floor", "wall_above"] {
            let Some(Value::Object(mut what)) = carries.remove(kind) else { continue };
            what.insert("kind".into(), kind.into());
            if let Some(items) = carries.entry("items").or_insert_with(|| json!([])).as_array_mut() {
                items.push(json!({ "from": null, "to": null, "what": what }));
            }
        }
        carries.entry("items").or_insert_with(|| json!([]));
    });
}

/// Jobs began with figures of snow and wind that nobody was asked for.
fn snow_and_wind_were_assumed_before(value: &mut Value) {
    each_named("settings", value, &mut |settings| {
        for said in ["snow_said", "wind_said"] {
            settings.entry(said).or_insert_with(|| "assumed_before".into());
        }
    });
}

/// Nobody was asked what stands on the tail of a floor.
fn tails_were_assumed_free(value: &mut Value) {
    each_named("what", value, &mut |what| {
        if what.get("kind").is_some_and(|kind| kind == "floor") {
            what.entry("tail").or_insert_with(|| "assumed_free".into());
        }
    });
}

/// Nobody was asked for the openings of a wall above.
fn walls_above_were_assumed_without_openings(value: &mut Value) {
    each_named("what", value, &mut |what| {
        if what.get("kind").is_some_and(|kind| kind == "wall_above") {
            what.entry("openings_above").or_insert_with(|| json!({ "are": "assumed_none" }));
        }
    });
}

/// A field was called by what it stands in as well: `peak_at` of a peak.
fn names_without_what_they_stand_in(value: &mut Value) {
    let mut rename = |name: &str, fields: &[(&str, &str)]| {
        each_named(name, value, &mut |named| {
            for (before, now) in fields {
                if let Some(kept) = named.remove(*before) {
                    named.insert((*now).into(), kept);
                }
            }
        });
    };
    rename(
        "what",
        &[
            ("gable_dead", "dead"),
            ("floor_use", "use"),
            ("floor_framing", "framing"),
            ("floor_dead", "dead"),
            ("floor_live", "live"),
            ("wall_above_height", "height"),
            ("wall_above_dead", "dead"),
        ],
    );
    rename(
        "height_by",
        &[
            ("stud_length", "length"),
            ("room_left", "left"),
            ("room_right", "right"),
            ("rake_left", "left"),
            ("rake_right", "right"),
        ],
    );
    rename("peak", &[("peak_at", "at"), ("peak_height", "height")]);
    rename("partitions", &[("partition_at", "at"), ("partition_depth", "depth")]);
    for lap in ["left_lap", "right_lap"] {
        rename(lap, &[("lap_depth", "depth")]);
    }
    for past in ["past_left", "past_right"] {
        rename(past, &[("run_past", "length")]);
    }
    rename("posts", &[("post_at", "at"), ("post_studs", "studs")]);
    rename("sill_style", &[("sill_slope", "slope")]);
    each_named("rough_rules", value, &mut |rules| {
        for rule in rules.values_mut().filter_map(Value::as_object_mut) {
            for (before, now) in [("rough_wider", "wider"), ("rough_higher", "higher")] {
                if let Some(kept) = rule.remove(before) {
                    rule.insert(now.into(), kept);
                }
            }
        }
    });
}

/// Nobody was asked where a job stands, under which permit, by which code, or who answers for it.
fn papers_without_a_heading(value: &mut Value) {
    each_named("job", value, &mut |job| {
        job.entry("particulars").or_insert_with(|| json!({}));
    });
}

/// Walls were described one by one: where they stand nobody was asked.
fn walls_without_a_house(value: &mut Value) {
    each_named("job", value, &mut |job| {
        job.entry("house").or_insert_with(|| json!({}));
    });
}

/// No engineer could take over where a load stops.
fn houses_without_marks(value: &mut Value) {
    each_named("house", value, &mut |house| {
        house.entry("marks").or_insert_with(|| json!([]));
    });
}

/// Of a roof only what lies on its joists came down.
fn gables_weighed_nothing(value: &mut Value) {
    each_named("what", value, &mut |what| {
        if what.get("kind").and_then(Value::as_str) == Some("roof_field") {
            what.entry("gable_weight").or_insert_with(|| json!(0.0));
        }
    });
}

/// A place was forgotten as soon as one of its figures was typed over: while it is named, the figures are its own.
fn places_without_their_figures(value: &mut Value) {
    each_named("settings", value, &mut |settings| {
        let (snow, edition) = (settings.get("snow").cloned(), settings.get("snow_edition").cloned());
        let wind = settings.get("wind").cloned().unwrap_or_default();
        let by_speed = settings.get("snow_basis") == Some(&json!("ground")) && wind["by"] == "speed";
        let Some(Value::Object(place)) = settings.get_mut("place") else { return };
        if place.contains_key("ground_snow") {
            return;
        }
        if !by_speed {
            settings.insert("place".into(), Value::Null);
            return;
        }
        place.insert("ground_snow".into(), snow.unwrap_or_default());
        place.insert("edition".into(), edition.unwrap_or_default());
        place.insert("miles_per_hour".into(), wind["miles_per_hour"].clone());
        place.insert("exposure".into(), wind["exposure"].clone());
    });
}

/// No plates were let down, and nothing was fastened between studs.
fn plates_straight_through(value: &mut Value) {
    each_named("framing", value, &mut |framing| {
        framing.entry("let_downs").or_insert_with(|| json!([]));
        framing.entry("boards").or_insert_with(|| json!([]));
        framing.entry("kept_clear").or_insert_with(|| json!([]));
        framing.entry("ceiling").or_insert_with(|| json!({ "over": "not_said" }));
    });
}

/// Nobody said what a wall was sheathed with, how wet its lumber was, or who raised it.
fn walls_raised_bare(value: &mut Value) {
    each_named("framing", value, &mut |framing| {
        framing.entry("sheathing").or_insert(Value::Null);
    });
    each_named("settings", value, &mut |settings| {
        let usual = json!({ "moisture_percent": 19.0, "crew": 4, "pounds_each": 95.0 });
        settings.entry("raising").or_insert(usual);
    });
}

/// Nobody put walls in an order in which they are raised.
fn walls_raised_in_the_usual_order(value: &mut Value) {
    each_named("settings", value, &mut |settings| {
        settings.entry("raising_order").or_insert_with(|| json!([]));
    });
}

/// Nobody said where panels end.
fn walls_framed_in_one_piece(value: &mut Value) {
    each_named("framing", value, &mut |framing| {
        framing.entry("panel_ends").or_insert_with(|| json!([]));
    });
}

/// Hands every object of this name to a change, wherever it stands, and every object of a list of this name.
fn each_named(name: &str, value: &mut Value, change: &mut impl FnMut(&mut Map<String, Value>)) {
    match value {
        Value::Object(fields) => {
            for (key, inner) in fields {
                each_named(name, inner, change);
                if key == name {
                    let (one, list) = match inner {
                        Value::Array(items) => (None, Some(items)),
                        one => (Some(one), None),
                    };
                    one.into_iter()
                        .chain(list.into_iter().flatten())
                        .filter_map(Value::as_object_mut)
                        .for_each(&mut *change);
                }
            }
        }
        Value::Array(items) => items.iter_mut().for_each(|item| each_named(name, item, change)),
        _ => {}
    }
}
