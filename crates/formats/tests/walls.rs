//! Golden walls as data: each job file of `walls/` stands beside the list of what is framed from it, in English and inches, and
//! beside the same in Spanish and millimeters. `UPDATE=1 cargo test -p sturvek-formats --test walls` writes the lists again; whoever
//! changes a figure reads the difference.

use std::fmt::Write as _;
use std::fs;
use std::path::{Path, PathBuf};

use sturvek_core::framing::assembly::assembly;
use sturvek_core::framing::below::below_packs;
use sturvek_core::framing::nailing::{opening_nailing, wall_nailing};
use sturvek_core::framing::pieces::pieces_of_wall;
use sturvek_core::framing::{Member, OpeningPlan, WallPlan, plan_wall_as_said};
use sturvek_core::job::{Job, Wall};
use sturvek_core::measure::Length;
use sturvek_core::say;
use sturvek_core::speech::{Phrase, distance};
use sturvek_formats::job_file::read_job;
use sturvek_speech::{Language, Units, Voice};

fn folder() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("tests/walls")
}

/// The voices that the lists are written in, by the ending of their files.
fn voices() -> [(&'static str, Voice); 2] {
    let spanish = Voice { language: Language::Spanish, units: Units::Metric, ..Voice::default() };
    [("txt", Voice::default()), ("es.txt", spanish)]
}

struct Lister {
    voice: Voice,
    text: String,
}

impl Lister {
    fn line(&mut self, parts: &[&str]) {
        let line: Vec<&str> = parts.iter().copied().filter(|part| !part.is_empty()).collect();
        let _ = writeln!(self.text, "{}", line.join("  "));
    }

    fn length(&self, length: Length) -> String {
        self.voice.say(&say!("an-amount", amount = length))
    }

    fn place(&self, length: Length) -> String {
        self.voice.say(&say!("an-amount", amount = distance(length)))
    }

    fn phrases<'a>(&mut self, phrases: impl IntoIterator<Item = &'a Phrase>) {
        for phrase in phrases {
            let said = self.voice.say(phrase);
            self.line(&["-", &said]);
        }
    }

    fn wall(&mut self, job: &Job, wall: &Wall) {
        let plan = plan_wall_as_said(&job.rules(), wall);
        self.line(&["#", &wall.frame.name]);
        self.members(&plan.members);
        for piece in pieces_of_wall(&plan.members) {
            let (what, length) = (self.voice.say(&piece.role.phrase()), self.length(piece.length));
            let (count, stock) = (format!("{} x", piece.count), self.voice.say(&piece.stock.phrase()));
            self.line(&["*", &count, &length, &what, &stock]);
        }
        for mark in &plan.marks {
            let at = self.place(mark.at);
            self.line(&["|", &mark.label(), &at]);
        }
        for opening in &plan.openings {
            self.opening(opening, &plan);
        }
        for finding in &plan.findings {
            let said = self.voice.say(&finding.phrase);
            self.line(&["!", finding.rule.code, &said]);
            self.phrases(finding.ways_out.iter().map(|way| &way.phrase));
        }
        self.nailing(&wall_nailing(wall, &plan.members));
    }

    fn members(&mut self, members: &[Member]) {
        for member in members {
            let what = self.voice.say(&member.role.phrase());
            let (cut, x, y) = (self.length(member.cut), self.place(member.rect.x), self.place(member.rect.y));
            self.line(&[&what, &cut, &format!("@ {x}, {y}")]);
        }
    }

    fn opening(&mut self, opening: &OpeningPlan, plan: &WallPlan) {
        let kind = self.voice.say(&opening.design.kind.phrase());
        let verdict = self.voice.say(&opening.verdict_phrase());
        let sentence = self.voice.say(&opening.sentence);
        self.line(&["##", &opening.letter.to_string(), &kind, &verdict]);
        self.line(&[&sentence]);
        self.phrases(&assembly(opening, &plan.members));
        self.phrases(&below_packs(opening).iter().map(|below| below.phrase()).collect::<Vec<_>>());
        self.nailing(&opening_nailing(opening, &plan.members));
    }

    fn nailing(&mut self, nailing: &[sturvek_core::framing::nailing::Nailing]) {
        for line in nailing {
            let said = [&line.joint, &line.nails, &line.source].map(|phrase| self.voice.say(phrase));
            self.line(&["+", &said[0], &said[1], &said[2]]);
        }
    }
}

#[test]
fn walls_are_framed_as_they_are_written_down() {
    let mut jobs: Vec<PathBuf> =
        fs::read_dir(folder()).expect("the walls").flatten().map(|entry| entry.path()).collect();
    jobs.retain(|path| path.extension().is_some_and(|ending| ending == "json"));
    jobs.sort();
    assert!(5 < jobs.len(), "{jobs:?}");
    let update = std::env::var_os("UPDATE").is_some();
    for path in jobs {
        let job = read_job(&fs::read(&path).expect("readable")).unwrap_or_else(|error| panic!("{path:?}: {error}"));
        for (ending, voice) in voices() {
            let mut lister = Lister { voice, text: String::new() };
            job.walls.iter().for_each(|wall| lister.wall(&job, wall));
            let list = path.with_extension(ending);
            if update {
                fs::write(&list, &lister.text).expect("written");
            }
            let wanted = fs::read_to_string(&list).unwrap_or_default();
            let differs = wanted.lines().zip(lister.text.lines()).position(|(wanted, framed)| wanted != framed);
            if let Some(at) = differs {
                let of = |text: &str| text.lines().nth(at).unwrap_or_default().to_owned();
                panic!("{list:?}, line {}: wanted\n{}\nframed\n{}", at + 1, of(&wanted), of(&lister.text));
            }
            assert_eq!(wanted.lines().count(), lister.text.lines().count(), "{list:?}");
        }
    }
}
