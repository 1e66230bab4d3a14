//! Something new: where it goes, with what headings, and a test that fails until it is done.

use std::fs;

use crate::{Failure, New, project};

/// Texts of files after something was begun, by their paths.
type Written = Vec<(String, String)>;

pub(crate) fn begin(what: &New) -> Result<(), Failure> {
    let read = |file: &str| fs::read_to_string(project().join(file)).map_err(|error| format!("{file}: {error}"));
    let written = match what {
        New::Finding { code, topic } => finding(code, topic, &read)?,
        New::Check { name } => check(name, &read)?,
        New::Command { name } => command(name, &read)?,
        New::Migration { subject } => migration(subject, &chrono::Local::now().format("%Y%m%d").to_string(), &read)?,
    };
    for (file, text) in written {
        let path = project().join(&file);
        fs::write(&path, text).map_err(|error| format!("{file}: {error}"))?;
        println!("{file}");
    }
    Ok(())
}

fn is_name(name: &str, between: char) -> Result<(), Failure> {
    let letter = |letter: char| letter.is_ascii_lowercase() || letter.is_ascii_digit() || letter == between;
    if !name.is_empty() && name.starts_with(|first: char| first.is_ascii_lowercase()) && name.chars().all(letter) {
        Ok(())
    } else {
        Err(format!("\"{name}\" is no name here: small letters, {between} between words."))
    }
}

/// A text with a line put before the first that starts so.
fn before(text: &str, start: &str, line: &str) -> Result<String, Failure> {
    let at = text.find(start).ok_or_else(|| format!("there is no \"{}\" to stand before", start.trim()))?;
    Ok(format!("{}{line}{}", &text[..at], &text[at..]))
}

type Read<'a> = &'a dyn Fn(&str) -> Result<String, Failure>;

const FINDINGS: &str = "crates/core/src/framing/wall_plan/findings";

fn finding(code: &str, topic: &str, read: Read<'_>) -> Result<Written, Failure> {
    is_name(code, '-')?;
    let name = code.replace('-', "_").to_uppercase();
    let file = format!("{FINDINGS}/{topic}.rs");
    let rule = format!("/// TODO: what is found.\npub(super) static {name}: Rule = Rule::caution(\"{code}\");\n");
    let topic_text = before(&read(&file)?, "pub(super) static ", "@")?.replacen('@', &rule, 1);
    let list = format!("{FINDINGS}.rs");
    let listed = read(&list)?;
    let count = listed.split("[&Rule; ").nth(1).and_then(|rest| rest.split(']').next()?.parse::<usize>().ok());
    let count = count.ok_or("the catalog of findings has no length")?;
    let listed = listed.replacen(&format!("[&Rule; {count}]"), &format!("[&Rule; {}]", count + 1), 1);
    let listed = before(&listed, "];", &format!("    &{topic}::{name},\n"))?;
    let mut written = vec![(file, topic_text), (list, listed)];
    for language in ["en", "es"] {
        let file = format!("catalogs/{language}/findings.ftl");
        let text = read(&file)?;
        written.push((file, format!("{}\nfinding-{code} = TODO\n", text.trim_end())));
    }
    let tests = "crates/core/tests/conflicts.rs".to_owned();
    let text = read(&tests)?;
    let test = format!(
        "\n#[test]\nfn {}_is_found_and_gone_when_a_way_out_is_taken() {{\n    has(&roofed(36), \"{code}\", &[]);\n}}\n",
        code.replace('-', "_")
    );
    written.push((tests, format!("{}\n{test}", text.trim_end())));
    Ok(written)
}

fn check(name: &str, read: Read<'_>) -> Result<Written, Failure> {
    is_name(name, '_')?;
    let folder = "crates/core/src/sizing/header";
    let list = format!("{folder}/mod.rs");
    let text = read(&list)?;
    let after = text
        .lines()
        .filter(|line| line.starts_with("pub mod "))
        .find(|line| *line > format!("pub mod {name};").as_str());
    let place = after.unwrap_or("\nuse ");
    let listed = before(&text, place, &format!("pub mod {name};\n"))?;
    let title = name.replace('_', " ");
    let body = format!(
        "//! # {}\n//!\n//! **What it checks.** TODO.\n//!\n//! **Source.** TODO: clause and edition, or common practice, no \
         source.\n//!\n//! **Assumptions and limits.** TODO.\n//!\n//! **Worked example.** TODO.\n\n#[cfg(test)]\nmod tests \
         {{\n    #[test]\n    fn worked_example() {{\n        panic!(\"the worked example of {title}\");\n    }}\n}}\n",
        title[..1].to_uppercase() + &title[1..]
    );
    Ok(vec![(format!("{folder}/{name}.rs"), body), (list, listed)])
}

fn command(name: &str, read: Read<'_>) -> Result<Written, Failure> {
    let fine = name.starts_with(|first: char| first.is_ascii_uppercase()) && name.chars().all(char::is_alphanumeric);
    if !fine {
        return Err(format!("\"{name}\" is no name of an edit: MovePost."));
    }
    let file = "crates/core/src/job/command/edit.rs";
    let variant = format!("    /// TODO: what it does.\n    {name} {{}},\n");
    let text = before(&read(file)?, "    /// Several as one:", &variant)?;
    println!("The compiler names what is still to be done: the family that applies it, its summary, wire and places.");
    Ok(vec![(file.to_owned(), text)])
}

fn migration(subject: &str, today: &str, read: Read<'_>) -> Result<Written, Failure> {
    is_name(subject, '_')?;
    let folder = "crates/store/src/migration";
    let list = format!("{folder}/mod.rs");
    let text = read(&list)?;
    let number = |line: &str| line.trim().strip_prefix("mod m")?.split('_').nth(1)?.parse::<u32>().ok();
    let next = text.lines().filter_map(number).max().unwrap_or(0) + 1;
    let name = format!("m{today}_{next:06}_{subject}");
    let listed = before(&text, "\nstruct Migrator;", &format!("mod {name};\n"))?;
    let listed = before(&listed, "        ]\n", &format!("            Box::new({name}::Migration),\n"))?;
    let title = subject.replace('_', " ");
    let title = title[..1].to_uppercase() + &title[1..];
    let body = format!(
        "//! {title}.\n\nsuper::sql::sql_migration! {{\n    \"{title}.\"\n    up: \"select todo\",\n    down: \"select todo\",\n}}\n"
    );
    Ok(vec![(format!("{folder}/{name}.rs"), body), (list, listed)])
}

#[cfg(test)]
mod tests {
    use super::*;

    fn read(file: &str) -> Result<String, Failure> {
        fs::read_to_string(project().join(file)).map_err(|error| error.to_string())
    }

    fn text<'a>(written: &'a Written, file: &str) -> &'a str {
        &written.iter().find(|(name, _)| name.ends_with(file)).expect("written").1
    }

    #[test]
    fn a_migration_is_the_next_and_registered() {
        let written = migration("posts_have_names", "20270102", &read).expect("begun");
        let list = text(&written, "migration/mod.rs");
        let number = written[0].0.split('_').nth(1).expect("a number");
        assert!(22 < number.parse::<u32>().expect("a number"), "{number}");
        assert!(list.contains(&format!("mod m20270102_{number}_posts_have_names;\n")));
        assert!(
            list.contains(&format!("            Box::new(m20270102_{number}_posts_have_names::Migration),\n        ]"))
        );
        assert!(migration("Posts", "20270102", &read).is_err());
    }

    #[test]
    fn a_finding_is_listed_said_and_provoked() {
        let written = finding("post-on-nothing", "places", &read).expect("begun");
        assert!(
            text(&written, "places.rs").contains("static POST_ON_NOTHING: Rule = Rule::caution(\"post-on-nothing\");")
        );
        let before = read(&format!("{FINDINGS}.rs")).expect("readable").matches("\n    &").count();
        let list = text(&written, "findings.rs");
        assert_eq!(list.matches("\n    &").count(), before + 1);
        assert!(list.contains(&format!("[&Rule; {}]", before + 1)));
        assert!(text(&written, "es/findings.ftl").ends_with("finding-post-on-nothing = TODO\n"));
        assert!(text(&written, "conflicts.rs").contains("fn post_on_nothing_is_found"));
        assert!(finding("post-on-nothing", "no_such_topic", &|file| Err(file.to_owned())).is_err());
    }

    #[test]
    fn a_check_and_an_edit_stand_where_they_belong() {
        let written = check("notches", &read).expect("begun");
        assert!(text(&written, "notches.rs").starts_with("//! # Notches\n"));
        assert!(text(&written, "header/mod.rs").contains("pub mod moment;\npub mod notches;\npub mod post;\n"));
        let written = command("MovePost", &read).expect("begun");
        assert!(text(&written, "edit.rs").contains("    MovePost {},\n    /// Several as one"));
        assert!(command("move_post", &read).is_err());
    }
}
