//! The best fill of a stick, when every piece is worth something.
//!
//! **What it does.** Finds, for every length of stick at once, the pieces that fit on it and are together worth the most, if that
//! is more than a given least. Pieces are taken up in order of their worth per length. What can be filled so far is a list of
//! fills, each longer and worth more than the one before it; a fill that could not reach the least on any stick, were the rest of
//! the stick worth as much per length as the next piece is, is dropped. Lengths are whole nanometers, so nothing is rounded.
//!
//! **Source.** Nemhauser and Ullmann's list of undominated fills, with the bound of the fractional knapsack; from memory.

/// A kind of piece that may lie on a stick.
#[derive(Clone, Copy, Debug)]
pub(super) struct Kind {
    /// What it takes up, with the kerf of one cut.
    pub takes: i64,
    /// How many are wanted.
    pub most: u32,
    /// What one is worth.
    pub worth: i64,
}

/// A fill of a stick: how many of which kind, by the kind's place in what was asked.
pub(super) type Fill = Vec<(u16, u32)>;

#[derive(Clone, Copy)]
struct State {
    takes: i64,
    worth: i64,
    trace: u32,
}

/// How a fill came about: `count` of `kind` on top of `before`.
#[derive(Clone, Copy)]
struct Trace {
    before: u32,
    kind: u16,
    count: u32,
}

const NOTHING: u32 = u32::MAX;

/// How many fills are kept in view: enough to find a good one; and enough to miss none, as lengths on a rule's marks never come near it.
pub(super) const A_FEW: usize = 150;
pub(super) const ALL: usize = 20_000;

/// The best fills, by room.
#[derive(Clone, Debug)]
pub(super) struct BestFills {
    /// The best fill that is worth more than its least.
    pub better: Vec<Option<(i64, Fill)>>,
    /// No fill is worth more than this: the best one's worth, or the least where none is better. More where fills had to be left
    /// out of view.
    pub at_most: Vec<i64>,
    /// How many fills were looked at.
    pub looked_at: i64,
}

/// For each room in `rooms` the best fill that is worth more than its least in `least`.
///
/// A room is a stick's length with the kerf that the last piece does not need.
pub(super) fn best_fills(kinds: &[Kind], rooms: &[i64], least: &[i64], in_view: usize) -> BestFills {
    let mut order: Vec<u16> = (0..kinds.len() as u16)
        .filter(|&kind| {
            let kind = &kinds[usize::from(kind)];
            0 < kind.worth && 0 < kind.most && rooms.iter().any(|room| kind.takes <= *room)
        })
        .collect();
    let density = |kind: u16| kinds[usize::from(kind)].worth as f64 / kinds[usize::from(kind)].takes as f64;
    order.sort_by(|a, b| density(*b).total_cmp(&density(*a)).then(a.cmp(b)));
    let mut best: Vec<(i64, Option<u32>)> = least.iter().map(|worth| (*worth, None)).collect();
    let mut traces: Vec<Trace> = Vec::new();
    let mut states = vec![State { takes: 0, worth: 0, trace: NOTHING }];
    let mut next = Vec::new();
    let mut looked_at = 0;
    let mut left_out: Vec<i64> = vec![i64::MIN; rooms.len()];
    let largest = rooms.iter().copied().max().unwrap_or(0);
    let wanting = |best: &mut Vec<(i64, Option<u32>)>, state: &State| {
        for (room, best) in rooms.iter().zip(best) {
            if state.takes <= *room && best.0 < state.worth {
                *best = (state.worth, Some(state.trace));
            }
        }
    };
    wanting(&mut best, &states[0]);
    for kind in order {
        let per_length = density(kind);
        let promises = |best: &[(i64, Option<u32>)], state: &State| {
            rooms.iter().zip(best).any(|(room, best)| {
                state.takes <= *room
                    && (best.0 as f64)
                        < state.worth as f64 + per_length * (room - state.takes) as f64 * (1.0 + 1e-12) + 1e-3
            })
        };
        states.retain(|state| promises(&best, state));
        while in_view < states.len() {
            let mut place = 0;
            states.retain(|state| {
                place += 1;
                let stays = place % 2 == 1;
                let gone = rooms.iter().zip(&mut left_out).filter(|(room, _)| !stays && state.takes <= **room);
                for (room, left_out) in gone {
                    let more = per_length * (room - state.takes) as f64 * (1.0 + 1e-12) + 1.0;
                    *left_out = (*left_out).max(state.worth + more.ceil() as i64);
                }
                stays
            });
        }
        let Kind { takes, most, worth } = kinds[usize::from(kind)];
        let mut left = i64::from(most).min(largest / takes);
        let mut chunk = 1;
        while 0 < left {
            let taken = chunk.min(left);
            left -= taken;
            chunk *= 2;
            next.clear();
            let (more_takes, more_worth) = (takes * taken, worth * taken);
            let (mut old, mut new) = (0, 0);
            let mut highest = -1;
            while old < states.len() || new < states.len() {
                let of_new = states.get(new).map(|state| (state.takes + more_takes, state.worth + more_worth));
                let take_old = match (states.get(old), of_new) {
                    (Some(state), Some((takes, worth))) => {
                        state.takes < takes || state.takes == takes && worth <= state.worth
                    }
                    (Some(_), None) => true,
                    (None, _) => false,
                };
                looked_at += 1;
                if take_old {
                    let state = states[old];
                    old += 1;
                    if highest < state.worth {
                        highest = state.worth;
                        next.push(state);
                    }
                    continue;
                }
                let before = states[new].trace;
                new += 1;
                let Some((takes, worth)) = of_new else { continue };
                if largest < takes {
                    new = states.len();
                    continue;
                }
                if worth <= highest {
                    continue;
                }
                let state = State { takes, worth, trace: traces.len() as u32 };
                if promises(&best, &state) {
                    highest = worth;
                    traces.push(Trace { before, kind, count: taken as u32 });
                    wanting(&mut best, &state);
                    next.push(state);
                }
            }
            std::mem::swap(&mut states, &mut next);
        }
    }
    let fill = |mut trace: u32| {
        let mut fill = Fill::new();
        while trace != NOTHING {
            let Trace { before, kind, count } = traces[trace as usize];
            match fill.last_mut() {
                Some((last, counted)) if *last == kind => *counted += count,
                _ => fill.push((kind, count)),
            }
            trace = before;
        }
        fill.sort_unstable();
        fill
    };
    let at_most = best.iter().zip(left_out).map(|((worth, _), left_out)| left_out.max(*worth)).collect();
    let better = best.into_iter().map(|(worth, trace)| trace.map(|trace| (worth, fill(trace)))).collect();
    BestFills { better, at_most, looked_at }
}
