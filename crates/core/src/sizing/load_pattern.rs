//! Where loads that come and go stand on a header over several spans.

/// Which spans of a header over several carry the loads that come and go; dead load is everywhere.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct LoadPattern(pub u16);

impl LoadPattern {
    /// Every span.
    pub const ALL: Self = Self(u16::MAX);

    /// Whether they stand on a span.
    pub fn loads(self, span: usize) -> bool {
        self.0 >> span & 1 == 1
    }
}
