//! The floors of the house: a folder uses only what stands below it, and no file uses one that uses it, by whatever way around.
//! Every `use` and every path in the code is read; what only its tests use does not count, nor a re-export, which is a door.

use std::collections::{BTreeMap, BTreeSet};
use std::fs;
use std::path::{Path, PathBuf};

use syn::visit::{self, Visit};

/// From the ground up.
const FLOORS: [&str; 20] = [
    "measure",
    "speech",
    "working",
    "loads",
    "statics",
    "lumber",
    "codes",
    "sizing",
    "shoring",
    "house",
    "job",
    "finding",
    "framing",
    "path",
    "house_said",
    "plan",
    "cutting",
    "raising",
    "remodel",
    "studies",
];

/// A module, by its path from the crate.
type Module = Vec<String>;

/// What a file names, and what it hands on.
#[derive(Default)]
struct Source {
    names: Vec<Module>,
    /// By the name it is handed on under.
    doors: BTreeMap<String, Module>,
}

/// Every source file of a crate by its module.
fn sources(of: &str) -> BTreeMap<Module, Source> {
    let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("..").join(of).join("src");
    let mut files = Vec::new();
    files_below(&root, &mut files);
    let modules: BTreeSet<Module> = files.iter().map(|file| module_of(&root, file)).collect();
    let read = |file: &PathBuf| {
        let text = fs::read_to_string(file).expect("readable");
        let module = module_of(&root, file);
        let mut reader = Reader { module: &module, modules: &modules, source: Source::default() };
        reader.visit_file(&syn::parse_file(&text).expect("Rust"));
        let source = reader.source;
        (module, source)
    };
    files.iter().map(read).collect()
}

fn files_below(folder: &Path, files: &mut Vec<PathBuf>) {
    for entry in fs::read_dir(folder).expect("a folder") {
        let path = entry.expect("an entry").path();
        if path.is_dir() {
            files_below(&path, files);
        } else if path.extension().is_some_and(|ending| ending == "rs")
            && path.file_stem().is_none_or(|stem| stem != "tests")
        {
            files.push(path);
        }
    }
}

fn module_of(root: &Path, file: &Path) -> Module {
    let inside = file.strip_prefix(root).expect("below the root").with_extension("");
    let mut parts: Module = inside.iter().map(|part| part.to_string_lossy().into_owned()).collect();
    if parts.last().is_some_and(|last| last == "mod" || last == "lib") {
        parts.pop();
    }
    parts
}

struct Reader<'a> {
    module: &'a Module,
    modules: &'a BTreeSet<Module>,
    source: Source,
}

impl Reader<'_> {
    /// The path from the crate; `None` for what is not of this crate.
    fn absolute(&self, path: &[String]) -> Option<Module> {
        let first = path.first()?;
        if first == "crate" {
            return Some(path[1..].to_vec());
        }
        let ups = path.iter().take_while(|part| *part == "super").count();
        let own = path.iter().take_while(|part| *part == "super" || *part == "self").count();
        if 0 < own {
            let base = self.module.len().saturating_sub(ups);
            return Some([&self.module[..base], &path[own..]].concat());
        }
        let child = [self.module.as_slice(), &path[..1]].concat();
        self.modules.contains(&child).then(|| [self.module.as_slice(), path].concat())
    }

    fn add_use(&mut self, tree: &syn::UseTree, before: &[String], is_door: bool) {
        let with = |ident: &syn::Ident| [before, &[ident.to_string()]].concat();
        match tree {
            syn::UseTree::Path(path) => self.add_use(&path.tree, &with(&path.ident), is_door),
            syn::UseTree::Group(group) => group.items.iter().for_each(|item| self.add_use(item, before, is_door)),
            syn::UseTree::Name(name) if name.ident == "self" => self.add_name(before.to_vec(), None),
            syn::UseTree::Name(name) => self.add_name(with(&name.ident), is_door.then(|| name.ident.to_string())),
            syn::UseTree::Rename(name) => self.add_name(with(&name.ident), is_door.then(|| name.rename.to_string())),
            syn::UseTree::Glob(_) => self.add_name(before.to_vec(), None),
        }
    }

    fn add_name(&mut self, path: Vec<String>, door: Option<String>) {
        let Some(path) = self.absolute(&path) else { return };
        let own_child = path.starts_with(self.module);
        if let Some(name) = &door {
            self.source.doors.insert(name.clone(), path.clone());
        }
        if door.is_none() || !own_child {
            self.source.names.push(path);
        }
    }
}

impl<'ast> Visit<'ast> for Reader<'_> {
    fn visit_item(&mut self, item: &'ast syn::Item) {
        let only_for_tests = match item {
            syn::Item::Mod(item) => is_for_tests(&item.attrs),
            syn::Item::Use(item) => is_for_tests(&item.attrs),
            syn::Item::Fn(item) => is_for_tests(&item.attrs),
            _ => false,
        };
        if !only_for_tests {
            visit::visit_item(self, item);
        }
    }

    fn visit_item_use(&mut self, item: &'ast syn::ItemUse) {
        self.add_use(&item.tree, &[], !matches!(item.vis, syn::Visibility::Inherited));
    }

    fn visit_visibility(&mut self, _: &'ast syn::Visibility) {}

    fn visit_path(&mut self, path: &'ast syn::Path) {
        let parts: Vec<String> = path.segments.iter().map(|segment| segment.ident.to_string()).collect();
        if 1 < parts.len() {
            self.add_name(parts, None);
        }
        visit::visit_path(self, path);
    }
}

fn is_for_tests(attributes: &[syn::Attribute]) -> bool {
    let of_tests = |attribute: &syn::Attribute| {
        attribute.path().is_ident("cfg") && attribute.parse_args::<syn::Ident>().is_ok_and(|what| what == "test")
    };
    attributes.iter().any(of_tests)
}

/// The file that a path leads to, through whatever doors.
fn file_of(sources: &BTreeMap<Module, Source>, path: &[String]) -> Module {
    let known = (0..=path.len()).rev().find(|length| sources.contains_key(&path[..*length])).unwrap_or(0);
    let (module, rest) = path.split_at(known);
    let door = rest.first().and_then(|name| sources.get(module)?.doors.get(name));
    match door {
        Some(beyond) if beyond.as_slice() != path => file_of(sources, &[beyond.as_slice(), &rest[1..]].concat()),
        _ => module.to_vec(),
    }
}

/// Which files each file uses.
fn arrows(of: &str) -> BTreeMap<Module, BTreeSet<Module>> {
    let sources = sources(of);
    let used = |module: &Module, source: &Source| {
        let targets = source.names.iter().map(|path| file_of(&sources, path));
        targets.filter(|target| target != module).collect::<BTreeSet<Module>>()
    };
    sources.iter().map(|(module, source)| (module.clone(), used(module, source))).collect()
}

fn floor_of(module: &Module) -> Option<usize> {
    let folder = module.first()?;
    Some(FLOORS.iter().position(|floor| floor == folder).unwrap_or_else(|| panic!("{folder} has no floor")))
}

/// A wall is framed from the rules, from itself and from what lands on it: whoever frames it does not know the job.
#[test]
fn framing_does_not_name_the_job() {
    let job: Module = ["job", "Job"].map(str::to_owned).to_vec();
    for (module, source) in sources("core") {
        let frames = module.first().is_some_and(|folder| folder == "framing");
        let tests = module.last().is_some_and(|file| file == "tests" || file == "fixture");
        assert!(!frames || tests || !source.names.contains(&job), "{} names the job", module.join("::"));
    }
}

#[test]
fn a_folder_uses_only_what_stands_below_it() {
    let mut upwards = Vec::new();
    for (from, targets) in arrows("core") {
        for to in targets {
            if floor_of(&from) < floor_of(&to) {
                upwards.push(format!("{} uses {}", from.join("::"), to.join("::")));
            }
        }
    }
    assert!(upwards.is_empty(), "{upwards:#?}");
}

#[test]
fn no_file_uses_one_that_uses_it() {
    for each in ["core", "wire", "formats", "store", "server", "test-support"] {
        let rings = rings(arrows(each));
        assert!(rings.is_empty(), "in {each}: {rings:#?}");
    }
}

#[test]
fn the_files_are_read() {
    let core = arrows("core");
    assert!(100 < core.len() && core.values().any(|targets| 5 < targets.len()));
    assert!(arrows("server").values().any(|targets| !targets.is_empty()));
}

/// Files that stand in a ring, or lead to one.
fn rings(mut arrows: BTreeMap<Module, BTreeSet<Module>>) -> Vec<String> {
    // What uses nothing that is left stands in no ring; what is left at the end does, or leads to one.
    loop {
        let ends: Vec<Module> =
            arrows.iter().filter(|(_, targets)| targets.is_empty()).map(|(from, _)| from.clone()).collect();
        if ends.is_empty() {
            break;
        }
        for end in ends {
            arrows.remove(&end);
            arrows.values_mut().for_each(|targets| {
                targets.remove(&end);
            });
        }
    }
    let left = arrows.iter().map(|(from, targets)| {
        let targets: Vec<String> = targets.iter().map(|target| target.join("::")).collect();
        format!("{} -> {}", from.join("::"), targets.join(", "))
    });
    left.collect()
}
