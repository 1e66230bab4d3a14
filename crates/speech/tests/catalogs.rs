//! The catalogs against the code and against each other: nothing is said that no catalog has, nothing stands in one that nobody
//! says, every language has what it has to have with the same arguments, and no figure stands in prose.

use std::collections::{BTreeMap, BTreeSet};
use std::fs;
use std::path::{Path, PathBuf};
use std::str::FromStr;

use fluent_syntax::ast;
use proc_macro2::{Delimiter, TokenStream, TokenTree};
use sturvek_core::job::Input;
use sturvek_speech::{Language, Vocabulary, files, text};

/// What a crew reads: whole in every language.
const CREW: [&str; 17] = [
    "assembly", "asked", "basics", "checks", "cut", "findings", "limits", "loads", "nailing", "paper", "order",
    "parts", "path", "raise", "return", "schools", "shore",
];
/// Read by a crew as well.
const MORE_OF_THE_CREW: [&str; 1] = ["verdict"];

/// A message or term: which variables and which terms it uses.
#[derive(Debug, Default, PartialEq, Eq)]
struct Uses {
    variables: BTreeSet<String>,
    terms: BTreeSet<String>,
    prose: String,
}

fn used_by(pattern: &ast::Pattern<String>, uses: &mut Uses) {
    for element in &pattern.elements {
        match element {
            ast::PatternElement::TextElement { value } => uses.prose.push_str(value),
            ast::PatternElement::Placeable { expression } => used_in(expression, uses),
        }
    }
}

fn used_in(expression: &ast::Expression<String>, uses: &mut Uses) {
    match expression {
        ast::Expression::Inline(inline) => used_inline(inline, uses),
        ast::Expression::Select { selector, variants } => {
            used_inline(selector, uses);
            variants.iter().for_each(|variant| used_by(&variant.value, uses));
        }
    }
}

fn used_inline(inline: &ast::InlineExpression<String>, uses: &mut Uses) {
    match inline {
        ast::InlineExpression::VariableReference { id } => {
            uses.variables.insert(id.name.clone());
        }
        ast::InlineExpression::TermReference { id, .. } => {
            uses.terms.insert(id.name.clone());
        }
        ast::InlineExpression::Placeable { expression } => used_in(expression, uses),
        _ => {}
    }
}

/// The messages and the terms of some files.
fn read(names: &[String]) -> (BTreeMap<String, Uses>, BTreeMap<String, Uses>) {
    let (mut messages, mut terms) = (BTreeMap::new(), BTreeMap::new());
    for name in names {
        let resource =
            fluent_syntax::parser::parse(text(name)).unwrap_or_else(|(_, errors)| panic!("{name}: {errors:?}"));
        for entry in resource.body {
            let (of, id, value) = match entry {
                ast::Entry::Message(message) => {
                    let value = message.value.unwrap_or_else(|| panic!("{name}: {} is empty", message.id.name));
                    (&mut messages, message.id.name, value)
                }
                ast::Entry::Term(term) => (&mut terms, term.id.name, term.value),
                _ => continue,
            };
            let mut uses = Uses::default();
            used_by(&value, &mut uses);
            assert!(of.insert(id.clone(), uses).is_none(), "{name}: {id} stands there twice");
        }
    }
    (messages, terms)
}

fn english() -> BTreeMap<String, Uses> {
    read(&files("en")).0
}

fn sources() -> Vec<PathBuf> {
    fn below(folder: &Path, files: &mut Vec<PathBuf>) {
        for entry in fs::read_dir(folder).expect("a folder") {
            let path = entry.expect("an entry").path();
            if path.is_dir() {
                below(&path, files);
            } else if path.extension().is_some_and(|ending| ending == "rs" || ending == "ts" || ending == "tsx") {
                files.push(path);
            }
        }
    }
    let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("../..");
    let mut files = Vec::new();
    for crate_ in ["core", "wire", "store", "server", "formats"] {
        below(&root.join("crates").join(crate_).join("src"), &mut files);
    }
    below(&root.join("web/src"), &mut files);
    files
}

/// Every `say!` of the code: where it is, the id, the names of its arguments. What only tests say counts too.
fn said() -> Vec<(PathBuf, String, BTreeSet<String>)> {
    fn walk(tokens: TokenStream, path: &Path, found: &mut Vec<(PathBuf, String, BTreeSet<String>)>) {
        let tokens: Vec<TokenTree> = tokens.into_iter().collect();
        for (at, token) in tokens.iter().enumerate() {
            let TokenTree::Group(group) = token else { continue };
            walk(group.stream(), path, found);
            let called = 2 <= at
                && matches!(&tokens[at - 2], TokenTree::Ident(name) if name == "say")
                && matches!(&tokens[at - 1], TokenTree::Punct(sign) if sign.as_char() == '!');
            if called && group.delimiter() == Delimiter::Parenthesis {
                found.extend(arguments(group.stream()).map(|(id, names)| (path.to_owned(), id, names)));
            }
        }
    }
    fn arguments(tokens: TokenStream) -> Option<(String, BTreeSet<String>)> {
        let tokens: Vec<TokenTree> = tokens.into_iter().collect();
        let TokenTree::Literal(id) = tokens.first()? else { return None };
        let after_comma = tokens.windows(2).filter_map(|pair| match pair {
            [TokenTree::Punct(comma), TokenTree::Ident(name)] if comma.as_char() == ',' => Some(name.to_string()),
            _ => None,
        });
        Some((id.to_string().trim_matches('"').to_owned(), after_comma.collect()))
    }
    let mut found = Vec::new();
    for path in sources().into_iter().filter(|path| path.extension().is_some_and(|ending| ending == "rs")) {
        let tokens = TokenStream::from_str(&fs::read_to_string(&path).expect("readable")).expect("Rust");
        walk(tokens, &path, &mut found);
    }
    found
}

#[test]
fn whatever_is_said_is_in_the_catalogs_with_its_arguments() {
    let messages = english();
    let said = said();
    assert!(300 < said.len(), "only {} found", said.len());
    let mut wrong = Vec::new();
    for (path, id, names) in said.iter().filter(|(_, id, _)| !matches!(id.as_str(), "verbatim" | "$id")) {
        match messages.get(id) {
            None => wrong.push(format!("{}: no message {id}", path.display())),
            Some(uses) if uses.variables != *names => {
                wrong.push(format!(
                    "{}: {id} is said with {names:?} and written with {:?}",
                    path.display(),
                    uses.variables
                ));
            }
            Some(_) => {}
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

/// Messages that the page names by a closed choice: `edit-` and the edit's name.
const NAMED_BY_A_CHOICE: [&str; 2] = ["edit-", "other-names-"];

fn page() -> Vec<PathBuf> {
    let of_the_page = |path: &PathBuf| path.extension().is_some_and(|ending| ending != "rs");
    sources().into_iter().filter(of_the_page).filter(|path| !path.to_string_lossy().contains(".test.")).collect()
}

#[test]
fn every_message_is_said_somewhere() {
    let code: String = sources().iter().map(|path| fs::read_to_string(path).expect("readable")).collect();
    let by_choice = |id: &String| NAMED_BY_A_CHOICE.iter().any(|start| id.starts_with(start));
    let said = |id: &String| code.contains(&format!("\"{id}\"")) || code.contains(&format!("⟨{id}⟩")) || by_choice(id);
    let unsaid: Vec<String> = english().into_keys().filter(|id| !said(id)).collect();
    assert!(unsaid.is_empty(), "{unsaid:?}");
}

#[test]
fn whatever_the_page_says_is_in_the_catalogs() {
    let messages = english();
    let is_id = |text: &str| {
        text.starts_with(|letter: char| letter.is_ascii_lowercase())
            && text.chars().all(|letter| letter.is_ascii_lowercase() || letter.is_ascii_digit() || letter == '-')
    };
    let mut said = 0;
    let mut missing = BTreeSet::new();
    for path in page() {
        let text = fs::read_to_string(&path).expect("readable");
        for start in ["say(\"", "{ id: \""] {
            for (at, _) in text.match_indices(start) {
                let id = text[at + start.len()..].split('"').next().unwrap_or_default();
                said += 1;
                if is_id(id) && !messages.contains_key(id) {
                    missing.insert(id.to_owned());
                }
            }
        }
    }
    assert!(500 < said, "only {said} found");
    assert!(missing.is_empty(), "{missing:?}");
}

#[test]
fn every_step_load_and_input_has_its_words() {
    let messages = english();
    for input in Input::ALL {
        assert!(messages.contains_key(&*input.phrase().id), "{input:?}");
    }
    let code: String = sources().iter().map(|path| fs::read_to_string(path).expect("readable")).collect();
    let quoted = code.split('"').skip(1).step_by(1);
    let ids = quoted.filter(|text| {
        ["step-", "load-", "finding-", "way-"].iter().any(|start| text.starts_with(start))
            && text.chars().all(|letter| letter.is_ascii_lowercase() || letter.is_ascii_digit() || letter == '-')
            && !text.ends_with('-')
    });
    let signs = code.split('⟨').skip(1).filter_map(|rest| rest.split_once('⟩')).map(|(sign, _)| sign);
    let signs = signs.filter(|sign| sign.starts_with("symbol-") && !sign.ends_with('-'));
    let missing: BTreeSet<&str> = ids.chain(signs).filter(|id| !messages.contains_key(*id)).collect();
    assert!(missing.is_empty(), "{missing:?}");
}

#[test]
fn what_a_crew_reads_is_whole_in_every_language_with_the_same_arguments() {
    let all = english();
    for language in Language::ALL {
        let (messages, terms) = read(&files(language.tag()));
        for (id, uses) in &messages {
            let english = all.get(id).unwrap_or_else(|| panic!("{}: nobody says {id}", language.tag()));
            assert!(uses.variables.is_subset(&english.variables), "{}: {id}: {uses:?}", language.tag());
        }
        assert!(language == Language::English || terms.is_empty(), "ways of speaking are English");
        for topic in CREW.iter().chain(&MORE_OF_THE_CREW) {
            let (of_topic, _) = read(&[format!("en/{topic}.ftl")]);
            assert!(!of_topic.is_empty(), "{topic}");
            let missing: Vec<&String> = of_topic.keys().filter(|id| !messages.contains_key(*id)).collect();
            assert!(missing.is_empty(), "{} lacks of {topic}: {missing:?}", language.tag());
            for (id, uses) in of_topic {
                assert_eq!(uses.variables, messages[&id].variables, "{}: {id}", language.tag());
            }
        }
    }
}

#[test]
fn every_way_of_speaking_has_every_word_and_none_calls_two_parts_alike() {
    let wanted: BTreeSet<String> = english().into_values().flat_map(|uses| uses.terms).collect();
    assert!(wanted.contains("jack"));
    for vocabulary in Vocabulary::ALL {
        let (_, terms) = read(&[format!("en/words/{}.ftl", vocabulary.tag())]);
        let missing: Vec<&String> = wanted.iter().filter(|word| !terms.contains_key(*word)).collect();
        assert!(missing.is_empty(), "{}: {missing:?}", vocabulary.tag());
        let parts =
            ["header", "jack", "king", "cripple", "sill", "sole-plate", "second-top-plate", "blocking", "channel"];
        let names: BTreeSet<&str> = parts.iter().map(|part| terms[*part].prose.as_str()).collect();
        assert_eq!(names.len(), parts.len(), "{}", vocabulary.tag());
    }
}

/// Figures keep their units: what is said of them is never written out, so that who measures in millimeters reads millimeters.
#[test]
fn no_figure_stands_in_prose() {
    /// Examples of how to write a length, and what standards and nails are called by.
    const EXAMPLES: [&str; 6] = ["page-exact-both-ways", "length-", "say-", "which-unit", "nails-", "king-table-"];
    for language in Language::ALL {
        for (id, uses) in read(&files(language.tag())).0 {
            if EXAMPLES.iter().any(|start| id.starts_with(start)) {
                continue;
            }
            let prose = uses.prose;
            for unit in ["\"", "'", " in.", " ft", " lb", " psf", " psi", " mm", " kN", " pies"] {
                for (at, _) in prose.match_indices(unit) {
                    let after = prose[at + unit.len()..].chars().next();
                    let word_goes_on = unit.starts_with(' ') && after.is_some_and(char::is_alphabetic);
                    let figure = prose[..at].ends_with(|letter: char| letter.is_ascii_digit());
                    assert!(!figure || word_goes_on, "{} {id}: {prose}", language.tag());
                }
            }
        }
    }
}

/// What was only begun, by `cargo xtask new`, is not said to anybody.
#[test]
fn no_message_waits_to_be_written() {
    for language in Language::ALL {
        for (id, uses) in read(&files(language.tag())).0 {
            assert!(!uses.prose.contains("TODO"), "{} {id}", language.tag());
        }
    }
}
