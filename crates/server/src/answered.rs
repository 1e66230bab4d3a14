//! What is sent and what is answered are two types, though they are written once: who sends a thing may leave some of it out and may write
//! lengths as they were typed; what is answered is whole, and its lengths are numbers. The document says so by a second schema,
//! `Answered…`, of everything that goes both ways.

use std::collections::BTreeSet;

use serde_json::{Map, Value, json};

const SCHEMAS: &str = "#/components/schemas/";
/// A length as it may be sent.
const TYPED: &str = "TypedLength";
/// An edit that is answered is there to be sent: it is what is sent.
const SENT_AS_IT_IS: &str = "Command";

type Schemas = Map<String, Value>;

/// The document with a schema of its own for whatever is answered otherwise than it may be sent.
pub fn with_answered(mut document: Value) -> Value {
    let schemas: Schemas = document["components"]["schemas"].as_object().cloned().unwrap_or_default();
    let answered = reached(&schemas, parts(&document, "responses"));
    let sent = reached(&schemas, parts(&document, "requestBody"));
    let otherwise: BTreeSet<&str> = answered
        .intersection(&sent)
        .map(String::as_str)
        .filter(|name| *name != TYPED && is_otherwise(&schemas, name, &mut BTreeSet::new()))
        .collect();
    for (name, schema) in &schemas {
        if otherwise.contains(name.as_str()) {
            let mut whole = schema.clone();
            turn(&mut whole, &otherwise, true);
            document["components"]["schemas"][format!("Answered{name}")] = whole;
        } else if answered.contains(name) && !sent.contains(name) {
            turn(&mut document["components"]["schemas"][name], &otherwise, false);
        }
    }
    let operations = document["paths"].as_object_mut().into_iter().flat_map(Map::values_mut);
    for operation in operations.filter_map(Value::as_object_mut).flat_map(Map::values_mut) {
        if let Some(responses) = operation.get_mut("responses") {
            turn(responses, &otherwise, false);
        }
    }
    document
}

/// A part of every operation.
fn parts<'a>(document: &'a Value, part: &str) -> Vec<&'a Value> {
    let operations = document["paths"].as_object().into_iter().flat_map(Map::values);
    operations.filter_map(Value::as_object).flat_map(Map::values).filter_map(|operation| operation.get(part)).collect()
}

/// Every schema that these lead to, by whatever way.
fn reached(schemas: &Schemas, from: Vec<&Value>) -> BTreeSet<String> {
    let mut found = BTreeSet::new();
    let mut open: Vec<String> = from.into_iter().flat_map(named).collect();
    while let Some(name) = open.pop() {
        if let Some(schema) = schemas.get(&name)
            && found.insert(name)
        {
            open.extend(named(schema));
        }
    }
    found
}

/// The schemas that one names itself.
fn named(value: &Value) -> Vec<String> {
    match value {
        Value::Object(fields) => {
            let own = fields.get("$ref").and_then(Value::as_str).and_then(|path| path.strip_prefix(SCHEMAS));
            own.map(str::to_owned).into_iter().chain(fields.values().flat_map(named)).collect()
        }
        Value::Array(items) => items.iter().flat_map(named).collect(),
        _ => Vec::new(),
    }
}

/// Whether it is answered otherwise than it may be sent, itself or in a part of it.
fn is_otherwise(schemas: &Schemas, name: &str, seen: &mut BTreeSet<String>) -> bool {
    if name == TYPED {
        return true;
    }
    if name == SENT_AS_IT_IS || !seen.insert(name.to_owned()) {
        return false;
    }
    let Some(schema) = schemas.get(name) else { return false };
    leaves_out(schema) || named(schema).iter().any(|part| is_otherwise(schemas, part, seen))
}

/// Whether some of it may be left out.
fn leaves_out(value: &Value) -> bool {
    match value {
        Value::Object(fields) => {
            let required = fields.get("required").and_then(Value::as_array).map_or(0, Vec::len);
            let all = fields.get("properties").and_then(Value::as_object).map_or(0, Map::len);
            required < all || fields.values().any(leaves_out)
        }
        Value::Array(items) => items.iter().any(leaves_out),
        _ => false,
    }
}

/// Turns what may be sent into what is answered: lengths are numbers, and if `whole` nothing is left out.
fn turn(value: &mut Value, otherwise: &BTreeSet<&str>, whole: bool) {
    match value {
        Value::Object(fields) => {
            let name = fields.get("$ref").and_then(Value::as_str).and_then(|path| path.strip_prefix(SCHEMAS));
            match name.map(str::to_owned) {
                Some(name) if name == TYPED => {
                    fields.remove("$ref");
                    fields.insert("type".into(), json!("integer"));
                    fields.insert("format".into(), json!("int64"));
                }
                Some(name) if otherwise.contains(name.as_str()) => {
                    fields.insert("$ref".into(), json!(format!("{SCHEMAS}Answered{name}")));
                }
                _ => {}
            }
            if whole && let Some(all) = fields.get("properties").and_then(Value::as_object) {
                let all: Vec<&String> = all.keys().collect();
                let all = json!(all);
                fields.insert("required".into(), all);
            }
            fields.values_mut().for_each(|part| turn(part, otherwise, whole));
        }
        Value::Array(items) => items.iter_mut().for_each(|item| turn(item, otherwise, whole)),
        _ => {}
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn reference(name: &str) -> Value {
        json!({ "$ref": format!("{SCHEMAS}{name}") })
    }

    #[test]
    fn what_goes_both_ways_is_answered_whole_and_in_numbers() {
        let wall = json!({ "properties": { "length": reference(TYPED), "kind": reference("Kind"), "bolts": { "type": "integer" } },
            "required": ["length", "kind"] });
        let view = json!({ "properties": { "walls": { "items": reference("Wall") }, "looked": reference("Kind") }, "required": ["walls"] });
        let document = json!({
            "paths": { "/walls": { "post": {
                "requestBody": reference("Wall"),
                "responses": { "200": reference("View"), "201": reference("Wall") } } } },
            "components": { "schemas": { "Wall": wall, "View": view, "Kind": { "enum": ["a"] }, "TypedLength": { "oneOf": [] } } }
        });
        let turned = with_answered(document.clone());
        let schemas = &turned["components"]["schemas"];
        assert_eq!(schemas["Wall"], document["components"]["schemas"]["Wall"], "it is sent as before");
        let answered = &schemas["AnsweredWall"];
        assert_eq!(answered["required"], json!(["bolts", "kind", "length"]));
        assert_eq!(answered["properties"]["length"], json!({ "type": "integer", "format": "int64" }));
        assert_eq!(answered["properties"]["kind"], reference("Kind"), "the same both ways");
        assert_eq!(schemas["View"]["properties"]["walls"]["items"], reference("AnsweredWall"));
        assert_eq!(
            schemas["View"]["required"],
            json!(["walls"]),
            "what is only answered says itself what it leaves out"
        );
        let operation = &turned["paths"]["/walls"]["post"];
        assert_eq!(operation["requestBody"], reference("Wall"));
        assert_eq!(operation["responses"]["201"], reference("AnsweredWall"));
    }
}
