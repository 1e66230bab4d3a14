//! The code that a device is paired by: read off this machine, good for one device, and not to be found by trying.

use std::collections::HashMap;
use std::net::IpAddr;
use std::sync::{Mutex, MutexGuard, PoisonError};
use std::time::{Duration, Instant};

use rand::RngExt;

/// What codes are made of: nothing that is read as something else.
const SIGNS: &[u8; 32] = b"23456789ABCDEFGHJKLMNPQRSTUVWXYZ";
/// How many signs a code has: 40 bits.
const LENGTH: usize = 8;
/// How long somebody who gave a wrong code waits before the next.
const BETWEEN: Duration = Duration::from_secs(1);
/// So many who gave a wrong code are remembered; beyond them nobody is heard until one of them may try again.
const MOST_REMEMBERED: usize = 256;

/// The code that the next device is paired by.
#[derive(Debug)]
pub struct PairingCode(Mutex<State>);

#[derive(Debug)]
struct State {
    code: String,
    wrong: HashMap<IpAddr, Instant>,
}

/// What comes of a code that somebody gave.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Given {
    /// It is the one; the next device needs another.
    Right,
    /// It is not.
    Wrong,
    /// They gave a wrong one just now.
    TooSoon,
}

impl PairingCode {
    /// One that nobody can foresee.
    pub fn new() -> Self {
        Self(Mutex::new(State { code: drawn(), wrong: HashMap::new() }))
    }

    /// The code as it is read and typed, such as `7K2M-QX9D`.
    pub fn shown(&self) -> String {
        let code = self.lock().code.clone();
        let (first, second) = code.split_at(LENGTH / 2);
        format!("{first}-{second}")
    }

    /// Somebody gives a code.
    pub fn give(&self, code: &str, from: IpAddr, now: Instant) -> Given {
        let mut state = self.lock();
        state.wrong.retain(|_, at| now.duration_since(*at) < BETWEEN);
        if state.wrong.contains_key(&from) || MOST_REMEMBERED <= state.wrong.len() {
            return Given::TooSoon;
        }
        let plain: String = code.chars().filter(char::is_ascii_alphanumeric).collect();
        if plain.to_ascii_uppercase() != state.code {
            state.wrong.insert(from, now);
            return Given::Wrong;
        }
        state.code = drawn();
        Given::Right
    }

    /// A panic while it was held leaves a code like any other.
    fn lock(&self) -> MutexGuard<'_, State> {
        self.0.lock().unwrap_or_else(PoisonError::into_inner)
    }
}

fn drawn() -> String {
    let mut draw = rand::rng();
    (0..LENGTH).map(|_| char::from(SIGNS[draw.random_range(0..SIGNS.len())])).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    const PHONE: IpAddr = IpAddr::V4(std::net::Ipv4Addr::new(192, 168, 1, 30));
    const OTHER: IpAddr = IpAddr::V4(std::net::Ipv4Addr::new(192, 168, 1, 31));

    #[test]
    fn a_code_is_good_once_however_it_is_typed() {
        let (code, now) = (PairingCode::new(), Instant::now());
        let typed = code.shown().to_lowercase().replace('-', " ");
        assert_eq!(code.give(&typed, PHONE, now), Given::Right);
        assert_eq!(code.give(&typed, PHONE, now), Given::Wrong);
        assert_ne!(code.shown().to_lowercase().replace('-', " "), typed);
    }

    #[test]
    fn whoever_gave_a_wrong_one_waits_and_others_do_not() {
        let (code, now) = (PairingCode::new(), Instant::now());
        assert_eq!(code.give("", PHONE, now), Given::Wrong);
        assert_eq!(code.give(&code.shown(), PHONE, now), Given::TooSoon, "the right one too");
        assert_eq!(code.give("ABCD", OTHER, now), Given::Wrong);
        assert_eq!(code.give(&code.shown(), PHONE, now + BETWEEN), Given::Right);
    }

    #[test]
    fn nobody_tries_from_many_places_at_once() {
        let (code, now) = (PairingCode::new(), Instant::now());
        let tried =
            |last: u16| code.give("WRONG", IpAddr::from([10, 0, last.to_be_bytes()[0], last.to_be_bytes()[1]]), now);
        let wrong = (0..1000).filter(|last| tried(*last) == Given::Wrong).count();
        assert_eq!(wrong, MOST_REMEMBERED);
    }
}
