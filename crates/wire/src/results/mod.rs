//! Results on the wire: a planned wall, an opening's ticket, the calculation sheet. Lengths are whole nanometers; what is said are
//! phrases, which the page says in its user's language, words and units.

mod beam_in;
mod cut;
mod finding;
mod header;
mod loads;
mod order;
mod pack;
mod path;
mod portal_return;
mod raise;
mod saw;
mod shore;
mod sticks;
mod ticket;
mod wall;

pub use beam_in::BeamsInView;
pub use cut::{BuiltPackView, CutSectionView, CutView, HeldBackView, PackPieceView, SettingView};
pub use finding::{FindingView, WayOutView};
pub use header::{CandidateView, CheckView, HungView, SchoolView, SizedView, candidates};
pub use loads::{FieldLoadView, LoadLine, LoadPart, LoadPointView, LoadStretch, LoadTotal};
pub use order::{OpeningOrderView, SaidView, StepState, StepView, says};
pub use pack::{KingReasonView, PackView, RatioView, ReasonView};
pub use path::{
    FlowView, LayoutView, MemberChoiceView, MemberChoicesView, PathView, PoundsOfKind, SpotView, StationView,
    WayOfBreakView,
};
pub use portal_return::PortalReturnsView;
pub use raise::{HoistView, PanelView, RaiseView, RaisedWallView};
pub use saw::{SawBevel, SawPiece, SawSetting, SawView, changed_since_cut};
pub use shore::{ShoreView, ShoredFieldView, ShoredStoreyView, TemporaryWallView};
pub use sticks::{BuyView, DeliveryView, OffcutView, SectionSticksView, StickView, SticksView};
pub use ticket::{AskedView, OpeningView, SnapView, StackLayer, Ticket, ticket};
pub use wall::{BearingView, ClearView, LegendLine, Unresolved, WallSettled, WallView, wall_view};

/// A ratio as JSON can say it: it knows no infinity.
pub(crate) fn finite(ratio: f64) -> Option<f64> {
    Some(ratio).filter(|ratio| ratio.is_finite())
}
