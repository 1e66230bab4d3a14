//! Where loads that come and go stand on a header over several spans.

use smallvec::{SmallVec, smallvec};

/// Which spans of a header over several carry the loads that come and go; dead load is everywhere.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct LoadPattern(pub(super) u16);

impl LoadPattern {
    /// Every span.
    pub const ALL: Self = Self(u16::MAX);

    /// The ways in which they stand worst on so many spans: everywhere, on every other span (sagging), and on two spans beside one support
    /// and every other one from there (hogging over it).
    pub fn worst(spans: usize) -> SmallVec<[Self; 8]> {
        let on = |spans: &mut dyn Iterator<Item = usize>| Self(spans.fold(0, |mask, span| mask | 1 << span));
        let mut patterns: SmallVec<[Self; 8]> = smallvec![Self::ALL];
        patterns.extend([0, 1].map(|from| on(&mut (from..spans).step_by(2))));
        for support in 1..spans {
            let (left, right) = ((0..support).rev().step_by(2), (support..spans).step_by(2));
            patterns.push(on(&mut left.chain(right)));
        }
        patterns
    }

    /// Whether they stand on a span.
    pub fn loads(self, span: usize) -> bool {
        self.0 >> span & 1 == 1
    }
}
