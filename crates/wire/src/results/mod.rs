//! Results on the wire: a planned wall, an opening's ticket, the calculation sheet. Lengths are whole nanometers; what is said are
//! phrases, which the page says in its user's language, words and units.

mod cut;
mod finding;
mod header;
mod loads;
mod pack;
mod path;
mod saw;
mod ticket;
mod wall;

pub use cut::{
    BuiltPackView, BuyView, CutSectionView, CutView, HeldBackView, OffcutView, PackPieceView, SectionSticksView,
    SettingView, StickView, SticksView,
};
pub use finding::{FindingView, WayOutView};
pub use header::{CandidateView, CheckView, HungView, SchoolView, SizedView, candidates};
pub use loads::{FieldLoadView, LoadLine, LoadPart, LoadPointView, LoadStretch, LoadTotal};
pub use pack::{KingReasonView, PackView, RatioView, ReasonView};
pub use path::{
    FlowView, LayoutView, MemberChoiceView, MemberChoicesView, PathView, PoundsOfKind, SpotView, StationView,
    WayOfBreakView,
};
pub use saw::{SawBevel, SawPiece, SawSetting, SawView};
pub use ticket::{AskedView, OpeningView, SnapView, StackLayer, Ticket, ticket};
pub use wall::{BearingView, ClearView, LegendLine, Unresolved, WallSettled, WallView, wall_view};

/// A ratio as JSON can say it: it knows no infinity.
pub(crate) fn finite(ratio: f64) -> Option<f64> {
    Some(ratio).filter(|ratio| ratio.is_finite())
}
