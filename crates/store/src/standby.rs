//! A primary and its standby: which of the two is used, and whether an edit waits for the standby before it is acknowledged.
//!
//! While the standby follows, PostgreSQL acknowledges nothing before it has it: the primary may be lost at any moment. A standby that
//! stops is waited for a few seconds; then the primary goes on alone, and this is said, for what it keeps from there on is in one place.
//! When the standby comes back, commits wait for it again at once, but only when it holds all that was kept in between may it be promoted
//! without loss. Somebody promotes it, never the server: of two machines, neither can know that the other is gone and not merely silent.

use std::time::{Duration, Instant};

/// How long a standby that does not follow is waited for.
pub const LONGEST_MISSING: Duration = Duration::from_secs(3);
/// How far behind a standby may be when commits begin to wait for it, bytes of log.
const NEARLY: u64 = 1 << 20;

/// What a commit waits for.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Commits {
    /// Nothing: what is kept is on the primary alone.
    Alone,
    /// The standby, which still lacks some of what was kept before.
    CatchingUp,
    /// The standby, which holds all there is.
    InStep,
}

impl Commits {
    /// PostgreSQL's parameter `synchronous_standby_names` for it. Both ways of naming one standby are the same to it; they tell apart
    /// on disk, also after a crash, whether the standby held everything.
    pub const fn names(self) -> &'static str {
        match self {
            Self::Alone => "",
            Self::CatchingUp => "ANY 1 (sturvek_standby)",
            Self::InStep => "FIRST 1 (sturvek_standby)",
        }
    }

    /// What the parameter says; `None` where somebody else has set it.
    pub fn named(names: &str) -> Option<Self> {
        [Self::Alone, Self::CatchingUp, Self::InStep].into_iter().find(|commits| commits.names() == names)
    }
}

/// What a database said of itself.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Node {
    /// Nothing.
    Silent,
    /// It follows another one and takes no edits.
    Recovering,
    /// It takes edits.
    Primary(Primary),
}

/// A database that takes edits.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Primary {
    /// One more each time that a standby was promoted.
    pub timeline: u32,
    /// What its commits wait for.
    pub commits: Commits,
    /// How far its log is written, bytes.
    pub written: u64,
    /// How far its standby has it; `None` where none follows.
    pub standby: Option<u64>,
}

/// What is to be done.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Act {
    /// Use another of the databases.
    Move {
        /// Which.
        to: usize,
        /// Its timeline.
        timeline: u32,
    },
    /// Let the commits of the database that is used wait for something else.
    Let(Commits),
    /// Say that a database that takes edits was overtaken, and leave it alone.
    Refuse(usize),
}

/// What is remembered of the databases from one look to the next.
#[derive(Clone, Copy, Debug)]
pub struct Watcher {
    at: usize,
    timeline: u32,
    last: Option<Primary>,
    /// Since when the standby has lacked something and got nothing.
    stands_still_since: Option<Instant>,
    /// What the standby has to hold to hold everything.
    goal: Option<u64>,
    refused: bool,
}

/// The database to use: the one that takes edits, promoted last.
pub fn newest(nodes: &[Node]) -> Option<(usize, Primary)> {
    let primaries = nodes.iter().enumerate().filter_map(|(place, node)| match node {
        Node::Primary(primary) => Some((place, *primary)),
        Node::Silent | Node::Recovering => None,
    });
    primaries.max_by_key(|(_, primary)| primary.timeline)
}

impl Watcher {
    /// Uses one of the databases.
    pub const fn at(place: usize, timeline: u32) -> Self {
        Self { at: place, timeline, last: None, stands_still_since: None, goal: None, refused: false }
    }

    /// Which one is used.
    pub const fn place(&self) -> usize {
        self.at
    }

    /// What is to be done about what the databases say now.
    pub fn see(&mut self, nodes: &[Node], now: Instant) -> Option<Act> {
        let overtaken = nodes.iter().position(|node| matches!(node, Node::Primary(p) if p.timeline < self.timeline));
        let refused = std::mem::replace(&mut self.refused, overtaken.is_some());
        if let (Some(place), false) = (overtaken, refused) {
            return Some(Act::Refuse(place));
        }
        let (to, primary) = newest(nodes)?;
        if self.timeline < primary.timeline {
            return Some(Act::Move { to, timeline: primary.timeline });
        }
        let Node::Primary(primary) = nodes[self.at] else { return None };
        (primary.timeline == self.timeline).then(|| self.follow(primary, now)).flatten()
    }

    /// What is to be done about the standby of the primary that is used.
    fn follow(&mut self, primary: Primary, now: Instant) -> Option<Act> {
        let last = self.last.replace(primary);
        let holds_all = primary.standby.is_some_and(|flushed| primary.written <= flushed);
        let gains = primary.standby.is_some() && last.is_some_and(|last| last.standby < primary.standby);
        if holds_all || gains {
            self.stands_still_since = None;
        } else {
            self.stands_still_since.get_or_insert(now);
        }
        let missing = self.stands_still_since.is_some_and(|since| LONGEST_MISSING <= now - since);
        let next = match (primary.commits, primary.standby) {
            (Commits::CatchingUp | Commits::InStep, _) if missing => Commits::Alone,
            (Commits::Alone, Some(flushed)) if (holds_all || gains) && primary.written <= flushed + NEARLY => {
                self.goal = None;
                Commits::CatchingUp
            }
            (Commits::CatchingUp, flushed) => {
                // The goal is set one look after commits began to wait: by then none is under way that did not.
                let began = last.is_some_and(|last| last.commits == Commits::CatchingUp);
                let goal = began.then(|| *self.goal.get_or_insert(primary.written))?;
                (Some(goal) <= flushed).then_some(Commits::InStep)?
            }
            _ => return None,
        };
        Some(Act::Let(next))
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    const fn primary(commits: Commits, written: u64, standby: Option<u64>) -> Node {
        Node::Primary(Primary { timeline: 1, commits, written, standby })
    }

    struct Looks {
        watcher: Watcher,
        now: Instant,
    }

    impl Looks {
        fn begin() -> Self {
            Self { watcher: Watcher::at(0, 1), now: Instant::now() }
        }

        /// A look at both, half a second after the last.
        fn see(&mut self, first: Node, second: Node) -> Option<Act> {
            self.now += Duration::from_millis(500);
            self.watcher.see(&[first, second], self.now)
        }
    }

    #[test]
    fn a_standby_is_waited_for_at_once_and_trusted_when_it_holds_everything() {
        let mut looks = Looks::begin();
        let far = primary(Commits::Alone, 90 << 20, Some(10 << 20));
        assert_eq!(looks.see(far, Node::Recovering), None, "far behind");
        assert_eq!(looks.see(primary(Commits::Alone, 91 << 20, Some(50 << 20)), Node::Recovering), None);
        let near = primary(Commits::Alone, (91 << 20) + 5, Some(91 << 20));
        assert_eq!(looks.see(near, Node::Recovering), Some(Act::Let(Commits::CatchingUp)));
        let waits = |written, flushed| primary(Commits::CatchingUp, written, Some(flushed));
        assert_eq!(looks.see(waits(1000, 1000), Node::Recovering), None, "commits may still be under way");
        assert_eq!(looks.see(waits(2000, 1500), Node::Recovering), None);
        assert_eq!(looks.see(waits(3000, 1900), Node::Recovering), None);
        assert_eq!(looks.see(waits(4000, 2000), Node::Recovering), Some(Act::Let(Commits::InStep)));
    }

    #[test]
    fn a_standby_that_is_gone_or_stands_still_is_waited_for_three_seconds() {
        for standby in [None, Some(500)] {
            let mut looks = Looks::begin();
            assert_eq!(looks.see(primary(Commits::InStep, 500, Some(500)), Node::Recovering), None);
            let stopped = primary(Commits::InStep, 600, standby);
            for look in 0..6 {
                assert_eq!(looks.see(stopped, Node::Silent), None, "{look}");
            }
            assert_eq!(looks.see(stopped, Node::Silent), Some(Act::Let(Commits::Alone)));
            // It is not waited for again before it does something.
            let alone = primary(Commits::Alone, 700, standby);
            for look in 0..20 {
                assert_eq!(looks.see(alone, Node::Silent), None, "{look}");
            }
            let back = primary(Commits::Alone, 800, Some(700));
            assert_eq!(looks.see(back, Node::Recovering), Some(Act::Let(Commits::CatchingUp)));
        }
    }

    #[test]
    fn one_that_is_slow_and_goes_on_is_not_dropped() {
        let mut looks = Looks::begin();
        for look in 0..100 {
            assert_eq!(looks.see(primary(Commits::InStep, look + 50, Some(look)), Node::Recovering), None);
        }
    }

    #[test]
    fn the_one_that_was_promoted_last_is_used_and_the_one_before_refused() {
        let mut looks = Looks::begin();
        let old = primary(Commits::InStep, 500, None);
        let new = Node::Primary(Primary { timeline: 2, commits: Commits::Alone, written: 510, standby: None });
        assert_eq!(looks.see(Node::Silent, Node::Recovering), None, "nobody promotes it but its owner");
        assert_eq!(looks.see(Node::Silent, new), Some(Act::Move { to: 1, timeline: 2 }));
        looks.watcher = Watcher::at(1, 2);
        assert_eq!(looks.see(old, new), Some(Act::Refuse(0)));
        for _ in 0..20 {
            assert_eq!(looks.see(old, Node::Silent), None, "not used, and its commits go on waiting for nobody");
        }
        assert_eq!(newest(&[old, new]).map(|(place, _)| place), Some(1));
    }

    #[test]
    fn what_commits_wait_for_is_told_from_what_is_kept_on_disk() {
        for commits in [Commits::Alone, Commits::CatchingUp, Commits::InStep] {
            assert_eq!(Commits::named(commits.names()), Some(commits));
        }
        assert_eq!(Commits::named("another"), None);
    }
}
